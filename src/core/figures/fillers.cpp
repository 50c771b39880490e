#include "core/figures/fillers.h"

#include <algorithm>
#include <array>
#include <limits>

namespace lc {

namespace {

constexpr std::int64_t mostCounts = 64;

/// The cheapest ways from a state to the end, as chains of (piece, rank of the rest), cheapest first.
struct Way {
    int pieces = 0;
    int changes = 0;
    std::size_t piece = 0;
    std::size_t rest = 0; ///< rank among the ways of the state after the piece
};

struct State {
    std::vector<Way> ways;
    std::uint64_t all = 0;
    bool countless = false; ///< more than 2^64
};

/// The rests of a piece stand in order already, so (cost, piece, rank of the rest) is the order of the pieces.
bool cheaper(const Way& a, const Way& b) {
    if (a.pieces != b.pieces) return a.pieces < b.pieces;
    if (a.changes != b.changes) return a.changes < b.changes;
    return a.piece != b.piece ? a.piece < b.piece : a.rest < b.rest;
}

/// Keeps the `most` cheapest in a heap with the dearest on top; false when `way` is not among them.
bool keepIfCheap(std::vector<Way>& heap, const Way& way, std::size_t most) {
    if (heap.size() < most) {
        heap.push_back(way);
        std::push_heap(heap.begin(), heap.end(), cheaper);
        return true;
    }
    if (heap.empty() || !cheaper(way, heap.front())) return false;
    std::pop_heap(heap.begin(), heap.end(), cheaper);
    heap.back() = way;
    std::push_heap(heap.begin(), heap.end(), cheaper);
    return true;
}

std::size_t footIndex(Foot foot) { return foot == Foot::Right ? 1 : 0; }

} // namespace

std::vector<FillerPiece> barePieces() {
    const auto piece = [](const char* name, int length, int changes, const char* line) {
        return FillerPiece{name, counts(length), changes, changes % 2 == 1, std::nullopt, line, true};
    };
    return {piece("wait", 1, 0, "1 wait"), piece("touch", 1, 0, "1 touch"), piece("step", 1, 1, "1 step"),
            piece("slow step", 2, 1, "1:2 step"), piece("triple", 2, 3, "1 step & step 2 step")};
}

Result<Fillers> fillersFor(const FillersAsked& asked, const std::vector<FillerPiece>& pieces) {
    if (!isWhole(asked.counts) || asked.counts < counts(1) || asked.counts > counts(mostCounts))
        return fail(ErrorCode::BadValue, Core::sentence("Fillers are made for 1 to 64 whole counts."));
    const auto total = static_cast<std::size_t>(wholeCounts(asked.counts));
    // From the end backwards: state (counts left, foot free).
    std::vector<std::array<State, 2>> states(total + 1);
    for (Foot foot : {Foot::Left, Foot::Right})
        if (!asked.leave || *asked.leave == Foot::Both || *asked.leave == foot) {
            State& end = states[0][footIndex(foot)];
            end.ways.push_back({});
            end.all = 1;
        }
    for (std::size_t left = 1; left <= total; ++left)
        for (Foot foot : {Foot::Left, Foot::Right}) {
            State& here = states[left][footIndex(foot)];
            for (std::size_t p = 0; p < pieces.size(); ++p) {
                const FillerPiece& piece = pieces[p];
                const auto length = static_cast<std::size_t>(wholeCounts(piece.length));
                if (!isWhole(piece.length) || length < 1 || length > left) continue;
                if (piece.needs && *piece.needs != Foot::Both && *piece.needs != foot) continue;
                const State& after = states[left - length][footIndex(piece.changesFoot ? otherFoot(foot) : foot)];
                here.countless = here.countless || after.countless ||
                                 here.all > std::numeric_limits<std::uint64_t>::max() - after.all;
                here.all += after.all;
                for (std::size_t r = 0; r < after.ways.size(); ++r)
                    if (!keepIfCheap(here.ways, {after.ways[r].pieces + 1, after.ways[r].changes + piece.changes, p, r},
                                     asked.most))
                        break; // the next rests cost no less
            }
            std::sort_heap(here.ways.begin(), here.ways.end(), cheaper);
        }
    const Foot start = asked.free == Foot::Right ? Foot::Right : Foot::Left;
    const State& begin = states[total][footIndex(start)];
    Fillers out;
    if (!begin.countless) out.all = begin.all;
    for (const Way& first : begin.ways) {
        Filler filler;
        Foot foot = start;
        std::size_t left = total;
        Way way = first;
        while (left > 0) {
            const FillerPiece& piece = pieces[way.piece];
            filler.pieces.push_back(way.piece);
            filler.changes += piece.changes;
            if (piece.changesFoot) foot = otherFoot(foot);
            left -= static_cast<std::size_t>(wholeCounts(piece.length));
            way = states[left][footIndex(foot)].ways[way.rest];
        }
        filler.leaves = foot;
        out.cheapest.push_back(std::move(filler));
    }
    return out;
}

std::string fillerName(const Filler& filler, const std::vector<FillerPiece>& pieces) {
    std::string out;
    for (const std::size_t p : filler.pieces) out += (out.empty() ? "" : ", ") + pieces[p].name;
    return out;
}

} // namespace lc
