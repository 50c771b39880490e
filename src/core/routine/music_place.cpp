#include "core/routine/music_place.h"

#include "core/base/clock_text.h"

#include <cmath>

namespace lc {

std::optional<Tick> tickOf(const MusicPlace& place, const CountGrid& grid) {
    if (place.section.empty()) {
        const auto at = grid.tickAt(place.at);
        return at ? std::optional(counts(wholeCounts(*at + countFraction(1, 2)))) : std::nullopt;
    }
    const CountPhrase* nearest = nullptr;
    for (const CountPhrase& phrase : grid.phrases()) {
        if (phrase.label != place.section) continue;
        const Seconds length = place.into > Tick{} && phrase.counts > 0 ? grid.secondsAt(counts(phrase.firstCount) + place.into).value_or(phrase.start) - phrase.start : 0;
        const auto distance = [&](const CountPhrase& p) { return std::abs(p.start + length - place.at); };
        if (!nearest || distance(phrase) < distance(*nearest)) nearest = &phrase;
    }
    if (!nearest) return std::nullopt;
    return counts(nearest->firstCount) + place.into;
}

std::optional<MusicPlace> musicPlaceAt(const CountGrid& grid, Tick at) {
    const auto seconds = grid.secondsAt(at);
    if (!seconds) return std::nullopt;
    const auto index = grid.phraseAt(at);
    if (!index) return MusicPlace{{}, {}, *seconds};
    const CountPhrase& phrase = grid.phrases()[static_cast<std::size_t>(*index)];
    return MusicPlace{phrase.label, at - counts(phrase.firstCount), *seconds};
}

std::string toWords(const MusicPlace& place) {
    if (place.section.empty()) return "at " + clockText(place.at);
    if (place.into == Tick{}) return "on the 1 of " + place.section;
    return "in " + place.section + ", after " + toSpokenCount(place.into);
}

} // namespace lc
