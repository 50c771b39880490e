#include "core/song/tempo_ranges.h"

#include <algorithm>
#include <cctype>
#include <cmath>

namespace lc {

const std::vector<FamilyTempo>& tempoRanges() {
    static const std::vector<FamilyTempo> all = [] {
        const Sentence rules = Core::sentence("World DanceSport Federation rules; from memory"),
                       practice = Core::sentence("common practice, no source");
        const auto bars = [&](const Sentence& name, int beats, double from, double to) {
            return FamilyTempo{name.english(), name, beats, from * beats, to * beats, rules, true};
        };
        const auto usual = [&](const Sentence& name, int beats, double from, double to) {
            return FamilyTempo{name.english(), name, beats, from, to, practice};
        };
        return std::vector<FamilyTempo>{bars(Core::sentence("waltz"), 3, 28, 30),
                                        bars(Core::sentence("tango"), 4, 31, 33),
                                        bars(Core::sentence("viennese waltz"), 3, 58, 60),
                                        bars(Core::sentence("slow foxtrot"), 4, 28, 30),
                                        bars(Core::sentence("quickstep"), 4, 50, 52),
                                        bars(Core::sentence("samba"), 2, 50, 52),
                                        bars(Core::sentence("cha-cha"), 4, 30, 32),
                                        bars(Core::sentence("rumba"), 4, 25, 27),
                                        bars(Core::sentence("paso doble"), 2, 60, 62),
                                        bars(Core::sentence("jive"), 4, 42, 44),
                                        usual(Core::sentence("bachata"), 4, 110, 150),
                                        usual(Core::sentence("hustle"), 4, 105, 125),
                                        usual(Core::sentence("jig"), 2, 108, 124),
                                        usual(Core::sentence("lindy hop"), 4, 120, 200),
                                        usual(Core::sentence("line dance, easy"), 4, 90, 125),
                                        usual(Core::sentence("line dance, quick"), 4, 120, 180),
                                        usual(Core::sentence("ländler"), 3, 100, 140),
                                        usual(Core::sentence("mazurka"), 3, 120, 160),
                                        usual(Core::sentence("merengue"), 2, 120, 160),
                                        usual(Core::sentence("musette waltz"), 3, 160, 190),
                                        usual(Core::sentence("polka"), 2, 100, 126),
                                        usual(Core::sentence("reel"), 2, 104, 120),
                                        usual(Core::sentence("rotary hambo"), 3, 96, 126),
                                        usual(Core::sentence("salsa"), 4, 160, 220),
                                        usual(Core::sentence("schottische"), 4, 120, 160),
                                        usual(Core::sentence("square and contra"), 2, 112, 126),
                                        usual(Core::sentence("two-step"), 4, 160, 200)};
    }();
    return all;
}

const FamilyTempo* tempoRangeOf(std::string_view family) {
    const auto same = [&](const FamilyTempo& range) {
        return range.family.size() == family.size() &&
               std::equal(family.begin(), family.end(), range.family.begin(), [](char a, char b) {
                   return std::tolower(static_cast<unsigned char>(a)) == std::tolower(static_cast<unsigned char>(b));
               });
    };
    const auto found = std::find_if(tempoRanges().begin(), tempoRanges().end(), same);
    return found == tempoRanges().end() ? nullptr : &*found;
}

TempoFit fitTempo(Bpm bpm, const FamilyTempo& range) {
    TempoFit best;
    double least = -1;
    for (const double felt : {1.0, 0.5, 2.0}) {
        const double here = bpm * felt;
        double percent = here < range.from ? 100 * range.from / here : here > range.to ? 100 * range.to / here : 100;
        if (std::abs(percent - 100) < 0.1) percent = 100; // no tempo is known more exactly
        if (const double far = std::abs(std::log(percent / 100)); least < 0 || far < least - 1e-12) {
            least = far;
            best = {percent, felt};
        }
    }
    return best;
}

bool suitsMetre(const FamilyTempo& range, const Metre& metre) {
    const bool inThree = metre.beats % 3 == 0 && metre.unit != 8;
    return inThree == (range.beatsInBar % 3 == 0);
}

} // namespace lc
