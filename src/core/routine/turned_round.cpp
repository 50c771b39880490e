#include "core/routine/turned_round.h"

#include "core/notation/step_words.h"

namespace lc {

std::vector<TurnedSpan> turnedSpans(const Performance& performance, const CountGrid& grid) {
    std::vector<TurnedSpan> spans;
    const int set = grid.regularSet();
    for (const PassPerformance& pass : performance.passes) {
        std::int64_t c = wholeCounts(pass.start + counts(1) - Tick{1}); // the first whole count of the pass
        for (; counts(c) < pass.end() && counts(c) < grid.end(); ++c) {
            const CountCell* cell = grid.cell(c);
            if (!cell || cell->set < 0) continue;
            const Tick running = runningCount(counts(c), pass.runningFrom, set);
            const Tick music = counts(cell->number);
            if (running == music) continue;
            const std::int64_t cycle = counts(set).value;
            const Tick ahead{(((running - music).value % cycle) + cycle) % cycle};
            if (ahead == Tick{}) continue; // 9 and 1 in a long set: the same place of the dance
            if (!spans.empty() && spans.back().to == counts(c) && spans.back().ahead == ahead) spans.back().to = counts(c + 1);
            else spans.push_back({counts(c), counts(c + 1), ahead, music, running});
        }
    }
    return spans;
}

std::vector<BreakStep> breakSteps(const Performance& performance, std::size_t role) {
    std::vector<BreakStep> out;
    for (const PerformedAction& a : performance.roles[role])
        if (a.action && a.action->words.find("break") != std::string::npos && meaningOf(a.action->words).breaks) out.push_back({a.at, a.foot.value_or(Foot::Both)});
    return out;
}

} // namespace lc
