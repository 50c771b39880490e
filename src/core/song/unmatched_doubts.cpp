#include "core/song/unmatched_doubts.h"

#include <algorithm>

namespace lc {

std::vector<SongDoubt> unmatchedDoubts(const SongMap& map, const std::vector<SongSpan>& unmatched,
                                       const std::vector<SongFact>& facts) {
    std::vector<SongDoubt> doubts;
    if (map.bars.empty()) return doubts;
    for (const SongSpan& span : unmatched) {
        const auto bar = barOfBeat(map, std::max(map.pickupBeats, nearestBeat(map, span.from))).value_or(0);
        const auto phrase = phraseOfBar(map, bar).value_or(0);
        const Seconds start = map.beats[map.bars[bar].firstBeat].time;
        const bool settled = std::any_of(facts.begin(), facts.end(), [&](const SongFact& fact) {
            const auto* f = std::get_if<PhraseFact>(&fact);
            if (!f) return false;
            return (f->at >= start - sameBeat && f->at < span.to) ||
                   (f->beats && f->at < start &&
                    map.beats[std::min(map.beats.size() - 1,
                                       nearestBeat(map, f->at) + static_cast<std::size_t>(*f->beats))]
                            .time > start + sameBeat);
        });
        if (settled) continue;
        SongDoubt doubt{start,
                        std::max(span.to, start + 0.1),
                        Core::sentence("music that the other recording did not have, or a cut"),
                        0.3,
                        {}};
        doubt.readings.push_back(
            {Core::sentence("a phrase starts here, at bar %1", bar + 1), 0.6, {PhraseFact{start, std::nullopt}}});
        const Phrase& here = map.phrases[phrase];
        if (phrase > 0 || here.firstBar < bar) {
            const Phrase& before = here.firstBar < bar ? here : map.phrases[phrase - 1];
            const int beats = beatsIn(map, before) + (here.firstBar < bar ? 0 : beatsIn(map, here));
            doubt.readings.push_back({Core::sentence("it belongs to the phrase before"),
                                      0.4,
                                      {PhraseFact{map.beats[firstBeatOf(map, before)].time, beats}}});
        } else
            doubt.readings.push_back(
                {Core::sentence("every 1 is a beat later"),
                 0.4,
                 {OneFact{map.beats[std::min(map.beats.size() - 1, map.bars[bar].firstBeat + 1)].time}}});
        doubts.push_back(std::move(doubt));
    }
    return doubts;
}

} // namespace lc
