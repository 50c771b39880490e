#include "audio/listening/stated_facts.h"

#include <algorithm>
#include <cmath>

namespace lc {

std::size_t nearest(const std::vector<double>& beats, double at) {
    const auto after = std::lower_bound(beats.begin(), beats.end(), at);
    if (after == beats.begin()) return 0;
    if (after == beats.end()) return beats.size() - 1;
    return static_cast<std::size_t>(after - beats.begin()) - (at - *std::prev(after) <= *after - at ? 1 : 0);
}

std::vector<OwnPart> ownParts(const std::vector<SongFact>& facts) {
    std::vector<OwnPart> parts;
    const auto at = [&](const SongSpan& span) -> OwnPart& {
        for (OwnPart& part : parts)
            if (std::abs(part.span.from - span.from) < sameBeat && std::abs(part.span.to - span.to) < sameBeat)
                return part;
        return parts.emplace_back(OwnPart{span, {}, {}});
    };
    for (const SongFact& fact : facts) {
        if (const auto* f = std::get_if<MetreFact>(&fact); f && f->within) at(*f->within).metre = f->metre;
        if (const auto* f = std::get_if<TempoFact>(&fact); f && f->within) at(*f->within).bpm = f->bpm;
    }
    std::stable_sort(parts.begin(), parts.end(),
                     [](const OwnPart& a, const OwnPart& b) { return a.span.from < b.span.from; });
    return parts;
}

std::optional<Seconds> placeOf(const SongFact& fact) {
    if (const auto* f = std::get_if<OneFact>(&fact)) return f->at;
    if (const auto* f = std::get_if<BarFact>(&fact)) return f->at;
    if (const auto* f = std::get_if<BeatFact>(&fact)) return f->at;
    if (const auto* f = std::get_if<PhraseFact>(&fact)) return f->at;
    if (const auto* f = std::get_if<StopFact>(&fact)) return f->from;
    if (const auto* f = std::get_if<FermataFact>(&fact)) return f->from;
    return std::nullopt;
}

bool inside(const OwnPart& part, Seconds at) { return at >= part.span.from - sameBeat && at < part.span.to - sameBeat; }

std::vector<SongFact> factsOutside(const std::vector<OwnPart>& parts, std::vector<SongFact> facts) {
    std::erase_if(facts, [&](const SongFact& fact) {
        const auto at = placeOf(fact);
        return at && !std::holds_alternative<PhraseFact>(fact) &&
               std::any_of(parts.begin(), parts.end(), [&](const OwnPart& p) { return inside(p, *at); });
    });
    return facts;
}

Stated::Stated(const std::vector<SongFact>& facts) {
    for (const SongFact& fact : facts) {
        if (const auto* f = std::get_if<OneFact>(&fact)) {
            ones.push_back(*f);
            places.push_back(f->at);
        }
        if (const auto* f = std::get_if<BarFact>(&fact)) {
            bars.push_back(*f);
            places.push_back(f->at);
        }
        if (const auto* f = std::get_if<BeatFact>(&fact)) {
            beats.push_back(f->at);
            places.push_back(f->at);
        }
        if (const auto* f = std::get_if<PhraseFact>(&fact)) {
            phrases.push_back(*f);
            places.push_back(f->at);
        }
        if (const auto* f = std::get_if<StopFact>(&fact)) stops.push_back(*f);
        if (const auto* f = std::get_if<FermataFact>(&fact)) fermatas.push_back(*f);
        if (const auto* f = std::get_if<TempoFact>(&fact); f && !f->within) tempo = *f;
        if (const auto* f = std::get_if<MetreFact>(&fact); f && !f->within) metre = *f;
    }
    std::sort(places.begin(), places.end());
}

} // namespace lc
