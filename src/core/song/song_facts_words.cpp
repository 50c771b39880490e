#include "core/base/overloaded.h"
#include "core/song/song_facts.h"

#include <cmath>
#include <utility>

namespace lc {

namespace {

/// What a fact says of the whole song or of a part of it.
Sentence ofPart(Sentence whole, const std::optional<SongSpan>& part) {
    return part ? Core::sentence("%1 from %2 to %3", whole, AsClock{part->from}, AsClock{part->to}) : std::move(whole);
}

} // namespace

Sentence describe(const SongFact& fact) {
    return std::visit(
        Overloaded{
            [](const PulseFact& f) {
                return f.factor == 2 ? Core::sentence("twice as many beats") : Core::sentence("half as many beats");
            },
            [](const MetreFact& f) { return ofPart(Core::sentence("the metre is %1", toString(f.metre)), f.within); },
            [](const OneFact& f) { return Core::sentence("a 1 at %1", AsClock{f.at}); },
            [](const BarFact& f) {
                return Core::plural("the bar at %1 has %n beat|the bar at %1 has %n beats", nullptr, f.beats,
                                    AsClock{f.at});
            },
            [](const PhraseFact& f) {
                const AsClock at{f.at};
                return f.beats ? Core::plural(
                                     "a phrase starts at %1 and has %n beat|a phrase starts at %1 and has %n beats",
                                     nullptr, static_cast<std::int64_t>(*f.beats), at)
                               : Core::sentence("a phrase starts at %1", at);
            },
            [](const NameFact& f) { return Core::sentence("the phrase at %1 is called “%2”", AsClock{f.at}, f.name); },
            [](const BeatFact& f) { return Core::sentence("a beat at %1", AsClock{f.at}); },
            [](const TempoFact& f) {
                return ofPart(Core::sentence("the tempo is %1 bpm", AsDecimals::tenths(f.bpm)), f.within);
            },
            [](const StopFact& f) {
                return Core::sentence("a stop of %1 from %2 to %3", f.beats, AsClock{f.from}, AsClock{f.to});
            },
            [](const NudgeFact& f) {
                const auto by = std::lround(std::abs(f.by) * 1000);
                return f.by < 0 ? Core::sentence("every beat %1 ms earlier", by)
                                : Core::sentence("every beat %1 ms later", by);
            },
            [](const FermataFact& f) {
                return Core::sentence("a beat held from %1 to %2", AsClock{f.from}, AsClock{f.to});
            }},
        fact);
}

} // namespace lc
