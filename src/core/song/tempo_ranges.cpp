#include "core/song/tempo_ranges.h"

#include <algorithm>
#include <cctype>
#include <cmath>

namespace lc {

const std::vector<FamilyTempo>& tempoRanges() {
    static const std::vector<FamilyTempo> all = [] {
        const std::string rules = "World DanceSport Federation rules; from memory",
                          practice = "common practice, no source";
        const auto bars = [&](const char* family, int beats, double from, double to) {
            return FamilyTempo{family, beats, from * beats, to * beats, rules};
        };
        const auto usual = [&](const char* family, int beats, double from, double to) {
            return FamilyTempo{family, beats, from, to, practice};
        };
        return std::vector<FamilyTempo>{bars("waltz", 3, 28, 30),
                                        bars("tango", 4, 31, 33),
                                        bars("viennese waltz", 3, 58, 60),
                                        bars("slow foxtrot", 4, 28, 30),
                                        bars("quickstep", 4, 50, 52),
                                        bars("samba", 2, 50, 52),
                                        bars("cha-cha", 4, 30, 32),
                                        bars("rumba", 4, 25, 27),
                                        bars("paso doble", 2, 60, 62),
                                        bars("jive", 4, 42, 44),
                                        usual("bachata", 4, 110, 150),
                                        usual("hustle", 4, 105, 125),
                                        usual("jig", 2, 108, 124),
                                        usual("lindy hop", 4, 120, 200),
                                        usual("line dance, easy", 4, 90, 125),
                                        usual("line dance, quick", 4, 120, 180),
                                        usual("ländler", 3, 100, 140),
                                        usual("mazurka", 3, 120, 160),
                                        usual("merengue", 2, 120, 160),
                                        usual("musette waltz", 3, 160, 190),
                                        usual("polka", 2, 100, 126),
                                        usual("reel", 2, 104, 120),
                                        usual("rotary hambo", 3, 96, 126),
                                        usual("salsa", 4, 160, 220),
                                        usual("schottische", 4, 120, 160),
                                        usual("square and contra", 2, 112, 126),
                                        usual("two-step", 4, 160, 200)};
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
