#include "core/routine/turned_round.h"

#include "core/notation/step_words.h"

#include <algorithm>

namespace lc {

namespace {

/// How far the running count is ahead at a whole count of a pass; nothing where the music has no count.
std::optional<Tick> aheadAt(const PassPerformance& pass, const CountGrid& grid, std::int64_t count) {
    const CountCell* cell = grid.cell(count);
    if (!cell || cell->set < 0) return std::nullopt;
    const std::int64_t cycle = counts(grid.regularSet()).value;
    const Tick by = runningCount(counts(count), pass.runningFrom, grid.regularSet()) -
                    counts(cell->number); // 9 and 1 in a long set: the same place of the dance
    return Tick{((by.value % cycle) + cycle) % cycle};
}

std::int64_t firstWholeCount(Tick at) { return wholeCounts(at + counts(1) - Tick{1}); }

} // namespace

std::vector<TurnedSpan> turnedSpans(const Performance& performance, const CountGrid& grid) {
    std::vector<TurnedSpan> spans;
    for (const PassPerformance& pass : performance.passes)
        for (std::int64_t c = firstWholeCount(pass.start); counts(c) < pass.end() && counts(c) < grid.end(); ++c) {
            const auto ahead = aheadAt(pass, grid, c);
            if (!ahead || *ahead == Tick{}) continue;
            if (!spans.empty() && spans.back().to == counts(c) && spans.back().ahead == *ahead)
                spans.back().to = counts(c + 1);
            else
                spans.push_back({counts(c), counts(c + 1), *ahead, counts(grid.cell(c)->number),
                                 runningCount(counts(c), pass.runningFrom, grid.regularSet())});
        }
    return spans;
}

std::optional<Tick> agreesAgain(const Performance& performance, const CountGrid& grid, Tick from) {
    for (const PassPerformance& pass : performance.passes)
        for (std::int64_t c = firstWholeCount(std::max(pass.start, from));
             counts(c) < pass.end() && counts(c) < grid.end(); ++c)
            if (const auto ahead = aheadAt(pass, grid, c))
                return *ahead == Tick{} ? std::optional(counts(c)) : std::nullopt;
    return std::nullopt;
}

std::size_t lastOfTrouble(const Performance& performance, const CountGrid& grid, const std::vector<TurnedSpan>& spans,
                          std::size_t first) {
    const Tick set = counts(grid.regularSet());
    std::size_t last = first;
    while (last + 1 < spans.size()) {
        const TurnedSpan& here = spans[last];
        const TurnedSpan& next = spans[last + 1];
        const bool flickers = here.to - here.from < set && next.to - next.from < set && next.from - here.to < set;
        const bool goesOn = next.ahead == here.ahead && !agreesAgain(performance, grid, here.to);
        if (!flickers && !goesOn) break;
        ++last;
    }
    return last;
}

std::vector<BreakStep> breakSteps(const Performance& performance, std::size_t role) {
    std::vector<BreakStep> out;
    for (const PerformedAction& a : performance.roles[role])
        if (a.action && a.action->words.find("break") != std::string::npos && meaningOf(a.action->words).breaks)
            out.push_back({a.at, a.foot.value_or(Foot::Both)});
    return out;
}

} // namespace lc
