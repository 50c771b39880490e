#include "core/routine/music_place.h"

#include "core/base/clock_text.h"
#include "core/base/sentence.h"

#include <charconv>
#include <cmath>
#include <utility>

namespace lc {

namespace {

std::string lower(std::string text) {
    for (char& c : text)
        if (c >= 'A' && c <= 'Z') c = static_cast<char>(c - 'A' + 'a');
    return text;
}

} // namespace

std::pair<std::string, int> kindAndNumber(const std::string& label) {
    const auto last = label.find_last_not_of("0123456789");
    int number = 1;
    if (last != std::string::npos && last + 1 < label.size() && label[last] == ' ')
        std::from_chars(label.data() + last + 1, label.data() + label.size(), number);
    else
        return {lower(label), 1};
    return {lower(label.substr(0, label.find_last_not_of(' ', last) + 1)), number};
}

namespace {

/// The nth section of a kind, where no section has the very name. Phrases of one name behind each other are one
/// section.
const CountPhrase* nthOfKind(const CountGrid& grid, const std::string& label) {
    const auto [kind, number] = kindAndNumber(label);
    int n = 0;
    const std::string* before = nullptr;
    for (const CountPhrase& phrase : grid.phrases()) {
        if (kindAndNumber(phrase.label).first == kind && !(before && *before == phrase.label) && ++n == number)
            return &phrase;
        before = &phrase.label;
    }
    return nullptr;
}

} // namespace

std::optional<Tick> tickOf(const MusicPlace& place, const CountGrid& grid) {
    if (place.section.empty()) {
        const auto at = grid.tickAt(place.at);
        return at ? std::optional(counts(wholeCounts(*at + countFraction(1, 2)))) : std::nullopt;
    }
    const CountPhrase* nearest = nullptr;
    for (const CountPhrase& phrase : grid.phrases()) {
        if (lower(phrase.label) != lower(place.section)) continue;
        const auto distance = [&](const CountPhrase& p) {
            return std::abs(grid.secondsAt(counts(p.firstCount) + place.into).value_or(p.start) - place.at);
        };
        if (!nearest || distance(phrase) < distance(*nearest)) nearest = &phrase;
    }
    if (!nearest) nearest = nthOfKind(grid, place.section);
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

Sentence placeSaid(const MusicPlace& place) {
    if (place.section.empty()) return Core::sentence("at %1", AsClock{place.at});
    if (place.into == Tick{}) return Core::sentence("on the 1 of %1", place.section);
    return Core::sentence("in %1, after %2", place.section, AsCount{place.into});
}

std::string toWords(const MusicPlace& place) { return placeSaid(place).english(); }

} // namespace lc
