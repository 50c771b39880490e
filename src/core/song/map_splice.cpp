#include "core/song/map_splice.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <optional>

namespace lc {

namespace {

struct Item {
    Beat beat;
    std::optional<Bar> bar; ///< that starts here
};

std::vector<Item> itemsOf(const SongMap& map) {
    std::vector<Item> items;
    for (const Beat& beat : map.beats) items.push_back({beat, std::nullopt});
    for (const Bar& bar : map.bars) items[bar.firstBeat].bar = bar;
    return items;
}

template <typename Span>
void takeSpans(std::vector<Span>& kept, const std::vector<Span>& inside, Seconds from, Seconds to) {
    const auto within = [&](const Span& s) { return s.start >= from - sameBeat && s.start < to - sameBeat; };
    std::erase_if(kept, within);
    std::copy_if(inside.begin(), inside.end(), std::back_inserter(kept), within);
    std::sort(kept.begin(), kept.end(), [](const Span& a, const Span& b) { return a.start < b.start; });
}

} // namespace

SongMap withStretch(const SongMap& map, const SongMap& inside, Seconds from, Seconds to) {
    std::vector<Item> items;
    const std::vector<Item> outer = itemsOf(map);
    std::copy_if(outer.begin(), outer.end(), std::back_inserter(items),
                 [&](const Item& i) { return i.beat.time < from - sameBeat; });
    const std::size_t first = items.size();
    for (const Item& item : itemsOf(inside))
        if (item.beat.time >= from - sameBeat && item.beat.time < to - sameBeat) items.push_back(item);
    const std::size_t after = items.size();
    for (const Item& item : outer)
        if (item.beat.time >= to - sameBeat) items.push_back(item);
    for (std::size_t joint : {first, after})
        if (joint < items.size() && !items[joint].bar) items[joint].bar = Bar{joint, 0, {}, false};

    SongMap out;
    out.metre = map.metre;
    out.swing = map.swing;
    out.end = after == items.size() ? inside.end : map.end;
    out.stops = map.stops;
    out.fermatas = map.fermatas;
    takeSpans(out.stops, inside.stops, from, to);
    takeSpans(out.fermatas, inside.fermatas, from, to);
    out.pickupBeats = items.size();
    for (std::size_t i = 0; i < items.size(); ++i) {
        out.beats.push_back(items[i].beat);
        if (!items[i].bar) continue;
        if (out.bars.empty()) out.pickupBeats = i;
        out.bars.push_back(*items[i].bar);
        out.bars.back().firstBeat = i;
    }
    for (std::size_t b = 0; b < out.bars.size(); ++b) {
        Bar& bar = out.bars[b];
        bar.beats =
            static_cast<int>((b + 1 < out.bars.size() ? out.bars[b + 1].firstBeat : items.size()) - bar.firstBeat);
        if (std::accumulate(bar.grouping.begin(), bar.grouping.end(), 0) != bar.beats) bar.grouping.clear();
    }
    struct Start {
        Seconds at;
        std::string label;
        bool confirmed;
    };
    std::vector<Start> starts;
    const bool own = !inside.phrases.empty();
    for (const Phrase& phrase : map.phrases)
        if (const Seconds at = map.beats[firstBeatOf(map, phrase)].time;
            !own || at < from - sameBeat || at >= to - sameBeat)
            starts.push_back({at, phrase.label, phrase.confirmed});
    if (own) {
        for (const Phrase& phrase : inside.phrases)
            if (const Seconds at = inside.beats[firstBeatOf(inside, phrase)].time;
                at >= from - sameBeat && at < to - sameBeat)
                starts.push_back({at, phrase.label, phrase.confirmed});
        if (after < items.size()) starts.push_back({items[after].beat.time, {}, false});
        std::stable_sort(starts.begin(), starts.end(), [](const Start& a, const Start& b) { return a.at < b.at; });
    }
    for (const Start& phrase : starts) {
        if (out.bars.empty()) break;
        const Seconds at = phrase.at;
        std::size_t nearest = 0;
        for (std::size_t b = 1; b < out.bars.size(); ++b)
            if (std::abs(out.beats[out.bars[b].firstBeat].time - at) <
                std::abs(out.beats[out.bars[nearest].firstBeat].time - at))
                nearest = b;
        if (out.phrases.empty())
            nearest = 0; // phrases begin with the first bar
        else if (nearest <= out.phrases.back().firstBar)
            continue;
        out.phrases.push_back({nearest, 0, phrase.label, phrase.confirmed});
    }
    if (own && out.phrases.empty() && !out.bars.empty()) out.phrases.push_back({0, 0, {}, false});
    for (std::size_t p = 0; p < out.phrases.size(); ++p)
        out.phrases[p].bars =
            (p + 1 < out.phrases.size() ? out.phrases[p + 1].firstBar : out.bars.size()) - out.phrases[p].firstBar;
    return out;
}

} // namespace lc
