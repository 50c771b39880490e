#include "core/planning/what_if.h"

#include "core/landing/findings.h"
#include "core/planning/plan_words.h"

namespace lc {

std::vector<WhatIf> whatIfs(const SongMap& map, const CountingScheme& scheme) {
    std::vector<WhatIf> out;
    const std::size_t bars = map.bars.size();
    const auto add = [&](Sentence words, const std::vector<BarSpan>& spans) {
        if (auto song = spans.empty() ? tl::unexpected(Error{}) : editSong(map, spans))
            out.push_back({std::move(words), std::move(*song)});
    };
    const CountGrid grid(map, scheme);
    for (const int longer : {8, 16, 32}) {
        if (map.phrases.empty()) break;
        const auto& first = map.phrases.front();
        std::size_t end = 0;
        for (std::int64_t c = 0; c < longer && grid.cell(c) && grid.cell(c)->bar >= 0; ++c)
            end = static_cast<std::size_t>(grid.cell(c)->bar) + 1;
        if (end > 0 && end <= first.firstBar + first.bars)
            add(Core::sentence("%1 %2 longer", first.label, inCounts(counts(longer))), withBarsTwice(bars, {0, end}));
    }
    for (std::size_t p = 0; p < map.phrases.size();) { // phrases of one name, one after another, are a section
        const std::size_t from = map.phrases[p].firstBar;
        std::size_t last = p;
        while (last + 1 < map.phrases.size() && map.phrases[last + 1].label == map.phrases[p].label) ++last;
        const BarSpan section{from, map.phrases[last].firstBar + map.phrases[last].bars};
        const std::string name = grid.phraseInWords(p);
        add(Core::sentence("without %1", name), withoutBars(bars, section));
        add(Core::sentence("%1 twice", name), withBarsTwice(bars, section));
        p = last + 1;
    }
    return out;
}

Text bestPlanInWords(const Document& then, const CountGrid& grid, RoutinePlanWishes wishes) {
    wishes.most = 1;
    wishes.differ = false;
    wishes.kept.clear();
    wishes.starts.clear();
    const auto plans = planRoutine(then, grid, wishes);
    if (!plans) return plans.error().message;
    return Core::sentence("Best plan there, for %1: %2", plans->plans.front().cost,
                          planInWords(then, land(then, grid), plans->plans.front()));
}

} // namespace lc
