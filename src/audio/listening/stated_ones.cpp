#include "audio/listening/stated_ones.h"

#include <algorithm>
#include <cstdlib>
#include <initializer_list>

namespace lc {

namespace {

constexpr double barsThatDecide = 6.0; // evidence of single bars is not independent
constexpr double clearlyHeard = 6.0; // logarithm of odds, beyond which one statement does not shift what was heard; two
                                     // that say the same may shift twice that
constexpr double oddBarGone = 12.0;  // … more, where that makes an odd bar one like the others

} // namespace

std::vector<double> followedOnes(const std::vector<double>& one, int usual, const BarPrices& prices,
                                 const std::vector<BarConstraints::Length>& lengths, std::vector<std::size_t> stated) {
    std::vector<double> out = one;
    if (stated.empty()) return out;
    BarConstraints others; // what is known without the 1s
    others.lengths = lengths;
    const auto heard = solveBars(one, usual, prices, others);
    if (!heard) return out;
    std::vector<std::size_t> starts;
    std::size_t bar = heard->pickup;
    for (int length : heard->lengths) {
        starts.push_back(bar);
        bar += static_cast<std::size_t>(length);
    }
    std::sort(stated.begin(), stated.end());
    const auto size = static_cast<std::ptrdiff_t>(one.size());
    std::vector<std::ptrdiff_t> moves; // from the nearest heard 1, of two equally near the earlier
    for (std::size_t place : stated) {
        std::ptrdiff_t move = size;
        for (std::size_t start : starts)
            if (const std::ptrdiff_t away = static_cast<std::ptrdiff_t>(place) - static_cast<std::ptrdiff_t>(start);
                std::abs(away) < std::abs(move))
                move = away;
        moves.push_back(move);
    }
    const auto shift = [&](std::ptrdiff_t from, std::ptrdiff_t to, std::initializer_list<std::ptrdiff_t> ways) {
        for (std::ptrdiff_t b = from; b < to; ++b) out[static_cast<std::size_t>(b)] = -6.0;
        for (std::size_t start : starts)
            for (std::ptrdiff_t move : ways)
                if (const std::ptrdiff_t b = static_cast<std::ptrdiff_t>(start) + move; b >= from && b < to)
                    out[static_cast<std::size_t>(b)] = std::max(2.0, one[static_cast<std::size_t>(b)]);
    };
    /// How much more the sound speaks for the heard 1s than for the shifted ones, as bars' worth that decide.
    const auto heardBetter = [&](std::ptrdiff_t from, std::ptrdiff_t to, std::ptrdiff_t move) {
        double sum = 0;
        double bars = 0;
        for (std::size_t start : starts) {
            const auto b = static_cast<std::ptrdiff_t>(start);
            if (b < from || b >= to || b + move < 0 || b + move >= size) continue;
            sum += one[start] - one[static_cast<std::size_t>(b + move)];
            ++bars;
        }
        return bars > 0 ? sum / bars * std::min(bars, barsThatDecide) : 0.0;
    };
    const auto movedAlike = [&](std::ptrdiff_t from, std::ptrdiff_t to, std::ptrdiff_t move, double statements,
                                bool dissolves) {
        if (move == 0 || move == size) return;
        if (heardBetter(from, to, move) < clearlyHeard * statements + (dissolves ? oddBarGone : 0.0))
            shift(from, to, {move});
    };
    // A run of bars without an odd one: what was heard wrongly is wrong as far as that. The odd bar at its end may be
    // none.
    struct End {
        std::ptrdiff_t beat;
        int odd = 0; ///< length of the odd bar there
    };
    const auto runStart = [&](std::size_t at) {
        End end{0};
        for (std::size_t b = 1; b < starts.size() && starts[b] <= at; ++b)
            if (heard->lengths[b - 1] != usual) end = {static_cast<std::ptrdiff_t>(starts[b]), heard->lengths[b - 1]};
        return end;
    };
    const auto runEnd = [&](std::size_t at) {
        for (std::size_t b = 0; b + 1 < starts.size(); ++b)
            if (starts[b + 1] > at && heard->lengths[b] != usual)
                return End{static_cast<std::ptrdiff_t>(starts[b + 1]), heard->lengths[b]};
        return End{size};
    };
    const auto endGoes = [&](std::size_t k, const End& end) {
        return end.odd > 0 && (end.odd - moves[k]) % usual == 0;
    };
    const auto startGoes = [&](std::size_t k, const End& start) {
        return start.odd > 0 && (start.odd + moves[k]) % usual == 0;
    };
    // Two statements speak of runs of their own where an odd bar lies between them and they say different things; or
    // where two do, which both go by it, the run between them being right.
    const auto apart = [&](std::size_t k) {
        const End end = runEnd(stated[k]), start = runStart(stated[k + 1]);
        const bool oddBetween = end.beat <= static_cast<std::ptrdiff_t>(stated[k + 1]);
        return oddBetween &&
               (moves[k] != moves[k + 1] || (end.beat < start.beat && endGoes(k, end) && startGoes(k + 1, start)));
    };
    for (std::size_t k = 0; k < stated.size(); ++k) {
        const auto here = static_cast<std::ptrdiff_t>(stated[k]);
        const auto alike = static_cast<double>(std::count(moves.begin(), moves.end(), moves[k]));
        const End start = runStart(stated[k]), end = runEnd(stated[k]);
        if (k == 0 || apart(k - 1)) movedAlike(start.beat, here, moves[k], alike, startGoes(k, start));
        if (k + 1 == stated.size() || apart(k))
            movedAlike(here, end.beat, moves[k], alike, endGoes(k, end));
        else if ((moves[k] != 0 || moves[k + 1] != 0) && moves[k] != size && moves[k + 1] != size)
            shift(here, static_cast<std::ptrdiff_t>(stated[k + 1]), {moves[k], moves[k + 1]});
    }
    return out;
}

} // namespace lc
