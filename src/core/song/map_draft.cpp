#include "core/song/map_draft.h"

#include <algorithm>

namespace lc {

void drawPhrases(MapDraft& draft) {
    for (std::size_t bar = 0; bar < draft.bars.size(); bar += barsOfADrawnPhrase)
        draft.phrases.push_back({draft.bars[bar], {}});
}

Result<SongMap> mapFromDraft(const MapDraft& draft) {
    SongMap map;
    map.metre = draft.metre;
    map.stops = draft.stops;
    map.fermatas = draft.fermatas;
    map.end = draft.end;
    for (Seconds time : draft.beats) map.beats.push_back({time, 1, false});
    map.pickupBeats = draft.bars.empty() ? map.beats.size() : draft.bars.front();
    for (std::size_t i = 0; i < draft.bars.size(); ++i) {
        const std::size_t next = i + 1 < draft.bars.size() ? draft.bars[i + 1] : map.beats.size();
        Bar bar{draft.bars[i], static_cast<int>(next) - static_cast<int>(draft.bars[i]), {}, false};
        if (bar.beats == map.metre.beats) bar.grouping = map.metre.grouping;
        map.bars.push_back(std::move(bar));
    }
    if (!map.bars.empty()) map.phrases.push_back({0, 0, {}, false});
    for (const auto& start : draft.phrases) {
        if (map.bars.empty()) break;
        auto bar = std::lower_bound(draft.bars.begin(), draft.bars.end(), start.beat);
        if (bar == draft.bars.end() ||
            (bar != draft.bars.begin() && *bar - start.beat >= start.beat - *std::prev(bar) && *bar != start.beat))
            --bar;
        const auto index = static_cast<std::size_t>(bar - draft.bars.begin());
        if (index == map.phrases.back().firstBar)
            map.phrases.back().label = start.label;
        else if (index > map.phrases.back().firstBar)
            map.phrases.push_back({index, 0, start.label, false});
    }
    for (std::size_t p = 0; p < map.phrases.size(); ++p) {
        Phrase& phrase = map.phrases[p];
        phrase.bars = (p + 1 < map.phrases.size() ? map.phrases[p + 1].firstBar : map.bars.size()) - phrase.firstBar;
        if (phrase.label.empty()) phrase.label = "Phrase " + std::to_string(p + 1);
    }
    if (auto valid = validate(map); !valid) return tl::unexpected(valid.error());
    return map;
}

} // namespace lc
