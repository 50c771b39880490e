#include "core/planning/phrase_plan.h"

#include "core/base/ascending.h"
#include "core/base/text_rows.h"
#include "core/planning/plan_graph.h"

#include <algorithm>
#include <map>

namespace lc {

namespace {

constexpr std::int64_t longestSong = 100'000; // counts
constexpr std::size_t mostPlaces = 2'000'000; // a bound of time and memory (bench/)

std::optional<Error> wrong(const PhrasePlanAsked& asked) {
    const auto bad = [](Text text) { return Error{ErrorCode::BadValue, std::move(text), {}}; };
    if (asked.phrases.empty())
        return bad(Core::sentence("The song has no phrases. Give their lengths in counts, for example 32,32,16,32."));
    Tick end;
    for (const Tick phrase : asked.phrases) {
        if (phrase <= Tick{})
            return bad(Core::sentence("A phrase has %1. Every phrase needs a length above 0.", inCounts(phrase)));
        if (phrase > counts(longestSong) || end > counts(longestSong))
            return bad(Core::sentence("The song is longer than %1 counts. Plan it in pieces.", longestSong));
        end += phrase;
    }
    if (asked.dance <= Tick{})
        return bad(Core::sentence("The dance has %1. It needs a length above 0.", inCounts(asked.dance)));
    if (asked.dance > counts(longestSong))
        return bad(Core::sentence("The dance is longer than %1 counts.", longestSong));
    for (const Tick cut : asked.cuts)
        if (cut <= Tick{} || cut >= asked.dance)
            return bad(Core::sentence(
                "A cut after %1 does not lie inside the dance of %2. Cuts are above 0 and below the dance's length.",
                inCounts(cut), inCounts(asked.dance)));
    for (const Tick tag : asked.tags)
        if (tag <= Tick{})
            return bad(Core::sentence("A tag of %1 is none. Tags are above 0 counts.", inCounts(tag)));
        else if (tag > counts(longestSong))
            return bad(Core::sentence("A tag of %1 is longer than any song.", inCounts(tag)));
    if (asked.cuts.size() + asked.tags.size() > mostKinds)
        return bad(Core::sentence(
            "%1 different cuts and %2 different tags are allowed: more than dancers can tell apart. Allow at most %3 together.",
            asked.cuts.size(), asked.tags.size(), mostKinds));
    if (auto cost = wrongCost(asked.costs)) return cost;
    for (const TurnDone& turn : asked.turns)
        if (turn.at <= Tick{} || turn.at > asked.dance)
            return bad(Core::sentence("A turn done with count %1 does not lie in the dance of %2.", AsCount{turn.at},
                                      inCounts(asked.dance)));
    return std::nullopt;
}

class PhrasePlanner {
public:
    explicit PhrasePlanner(PhrasePlanAsked asked) : m_asked(std::move(asked)) {
        for (const Tick phrase : m_asked.phrases) {
            m_starts.push_back(m_end);
            m_end += phrase;
        }
        for (std::size_t b = 0; b <= m_asked.cuts.size(); ++b)
            for (std::size_t t = 0; t <= m_asked.tags.size(); ++t) m_ways.push_back(way(b, t));
        std::sort(m_ways.begin(), m_ways.end(), [](const Way& a, const Way& b) {
            return a.counts != b.counts ? a.counts < b.counts : a.tag < b.tag;
        });
    }

    Result<PhrasePlans> plans() {
        if (!build())
            return fail(
                ErrorCode::BadValue,
                Core::sentence(
                    "There are too many places where a pass could begin. Allow fewer cuts and tags, or such in whole counts."));
        const BestPaths best = bestPaths(m_graph, m_asked.most + 1);
        if (!best.exact)
            return fail(ErrorCode::BadValue,
                        Core::sentence("There are too many ways to compare them all. Allow fewer cuts and tags."));
        PhrasePlans out;
        for (std::size_t i = 0; i < std::min(m_asked.most, best.paths.size()); ++i)
            out.plans.push_back(planOf(best.paths[i]));
        if (best.paths.size() > m_asked.most) out.nextCost = best.paths[m_asked.most].cost;
        return out;
    }

private:
    struct Way { // to dance a pass: whole or cut, and the tag behind it
        Tick counts;
        Tick tag;
        bool cut = false;
        PlanEdge edge;
    };

    Way way(std::size_t body, std::size_t tag) {
        Way w{body == 0 ? m_asked.dance : m_asked.cuts[body - 1],
              tag == 0 ? Tick{} : m_asked.tags[tag - 1],
              body > 0,
              {}};
        if (body > 0) {
            w.edge.cost += m_asked.costs.restart;
            w.edge.kinds.set(body - 1);
            ++w.edge.exceptions;
        }
        if (tag > 0) {
            w.edge.cost += m_asked.costs.tag;
            w.edge.kinds.set(m_asked.cuts.size() + tag - 1);
            ++w.edge.exceptions;
        }
        return w;
    }

    bool startsPhrase(Tick at) const { return std::binary_search(m_starts.begin(), m_starts.end(), at); }

    /// Where the way leads; nothing where it cannot be danced from there. The end stands for everything at or behind
    /// it.
    std::optional<Tick> reached(Tick at, const Way& way) const {
        const Tick danced = at + way.counts;
        if (danced >= m_end) return way.cut || way.tag > Tick{} ? std::nullopt : std::optional(m_end);
        return std::min(danced + way.tag, m_end);
    }

    bool build() {
        std::map<Tick, std::uint32_t> index{{Tick{}, 0}, {m_end, 0}}; // every place that can be reached, ascending
        for (auto place = index.begin(); place->first != m_end; ++place) {
            for (const Way& way : m_ways)
                if (const auto to = reached(place->first, way)) index.try_emplace(*to, 0);
            if (index.size() > mostPlaces) return false;
        }
        std::uint32_t n = 0;
        for (auto& [at, i] : index) i = n++;
        m_graph.nodes.resize(index.size());
        m_graph.end = n - 1;
        m_graph.kindCosts.assign(m_asked.cuts.size() + m_asked.tags.size(), m_asked.costs.kind);
        for (const auto& [at, i] : index) {
            PlanNode& node = m_graph.nodes[i];
            node.at = at;
            if (at == m_end) break;
            const bool miss = !startsPhrase(at);
            for (std::uint32_t w = 0; w < m_ways.size(); ++w) {
                const auto to = reached(at, m_ways[w]);
                if (!to) continue;
                PlanEdge edge = m_ways[w].edge;
                edge.to = index.at(*to);
                edge.choice = w;
                if (miss) {
                    edge.cost += m_asked.costs.miss;
                    ++edge.exceptions;
                }
                node.edges.push_back(edge);
            }
        }
        return true;
    }

    PhrasePlan planOf(const PlanPath& path) const {
        PhrasePlan plan;
        plan.cost = path.cost;
        Eighths facing;
        for (const auto& [node, i] : path.edges) {
            const PlanNode& from = m_graph.nodes[node];
            const Way& way = m_ways[from.edges[i].choice];
            const auto phrase = std::prev(std::upper_bound(m_starts.begin(), m_starts.end(), from.at));
            plan.passes.push_back(
                {from.at, way.counts, way.tag, facing, from.at - *phrase, from.at != *phrase, way.cut, false, {}});
            plan.misses += from.at != *phrase;
            plan.ending = std::min(way.counts, m_end - from.at);
            for (const TurnDone& turn : m_asked.turns)
                if (turn.at <= plan.ending) facing += turn.turn;
        }
        plan.endingFacing = facing;
        return plan;
    }

    PhrasePlanAsked m_asked;
    std::vector<Tick> m_starts;
    Tick m_end;
    std::vector<Way> m_ways;
    PlanGraph m_graph;
};

} // namespace

Result<PhrasePlans> planPhrases(PhrasePlanAsked asked) {
    ascending(asked.cuts);
    ascending(asked.tags);
    if (auto error = wrong(asked)) return tl::unexpected(std::move(*error));
    return PhrasePlanner(std::move(asked)).plans();
}

Result<std::vector<TurnDone>> parseTurns(std::string_view text) {
    std::vector<TurnDone> out;
    if (trimmed(text).empty()) return out;
    for (std::string_view piece : pieces(text, ',')) {
        piece = trimmed(piece);
        const auto at = piece.find('@');
        const auto wrong = [&] {
            return fail(
                ErrorCode::BadValue,
                Core::sentence(
                    "“%1” is not a turn. Write the part of a turn, right positive, and the count it is done with: -1/4@28.",
                    std::string(piece)));
        };
        if (at == std::string_view::npos) return wrong();
        std::string_view part = trimmed(piece.substr(0, at));
        if (!part.empty() && part.front() == '+') part.remove_prefix(1);
        const auto turn = parseCount(part); // an exact fraction
        const auto count = parseCount(trimmed(piece.substr(at + 1)));
        if (!turn || !count) return wrong();
        if (turn->value * 8 % ticksPerCount != 0)
            return fail(ErrorCode::BadValue,
                        Core::sentence(
                            "A turn of %1 leaves the eighths of the clock. Use eighths of a turn, such as 1/4 or -3/8.",
                            std::string(part)));
        out.push_back({{static_cast<int>(turn->value * 8 / ticksPerCount)}, *count});
    }
    return out;
}

} // namespace lc
