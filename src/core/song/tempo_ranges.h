#pragma once

#include "core/song/song_map.h"

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace lc {

/// How fast a family of dances is usually danced, in beats a minute.
struct FamilyTempo {
    std::string family; ///< by which it is asked for: "waltz", "cha-cha"
    Sentence name;      ///< the same as it is told
    int beatsInBar = 4;
    Bpm from = 0;
    Bpm to = 0;
    Sentence source;        ///< a published source, or "common practice, no source"
    bool published = false; ///< by that source
};

/// The ranges at hand, by family. Those of a published source are given there in bars a minute; here they are times the
/// beats of a bar. All values are from memory and were not held against the text.
[[nodiscard]] const std::vector<FamilyTempo>& tempoRanges();
/// By family, in any case; nullptr for one that is not there.
[[nodiscard]] const FamilyTempo* tempoRangeOf(std::string_view family);

/// A tempo against a range.
struct TempoFit {
    double percent = 100; ///< of its tempo at which it just comes into the range; 100 where it is in it
    double felt = 1;      ///< how its beats are felt for that: 1, or 0.5 (every other beat) or 2 (twice as many)
    [[nodiscard]] bool fits() const { return percent == 100; }
};

/// The least change of tempo that brings it into the range, whether the beats are felt as they are, half or twice as
/// fast; of equal changes as they are. `bpm` above 0.
[[nodiscard]] TempoFit fitTempo(Bpm bpm, const FamilyTempo& range);

/// Whether bars of the metre go with the dance's: in three with three, all else with two and four (6/8 is felt in two).
[[nodiscard]] bool suitsMetre(const FamilyTempo& range, const Metre& metre);

} // namespace lc
