#pragma once

#include "audio/song_doubts.h"

#include <string>
#include <vector>

namespace lc {

/// Another way to hear a place, or the whole song.
struct OtherReading {
    std::string text;            ///< what it says, to one who knows the chosen reading
    double score = 0;            ///< against the chosen one's 0: a logarithm of odds, mostly negative
    std::vector<SongFact> facts; ///< what states it
};

/// "bars of 4, 4/4"
[[nodiscard]] std::string barsOf(const Metre& metre);

/// The other pulses that the judge of readings weighed, each once by what one who counts ours calls it: by its tempo, or by the part of a beat that it lies later.
/// The readings of one pulse, with whatever bars, speak for it together. In no order. O(readings + candidates × beats).
[[nodiscard]] std::vector<OtherReading> otherPulses(const Decision& decision);

/// The other bars on our pulse, by their length and the place of their first 1: those that the judge of readings weighed, and of our length those that it was not asked
/// about. What is stated of either is not doubted. In no order.
[[nodiscard]] std::vector<OtherReading> otherBars(const Decision& decision);

} // namespace lc
