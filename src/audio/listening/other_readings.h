#pragma once

#include "audio/listening/song_doubts.h"

#include <vector>

namespace lc {

/// Another way to hear a place, or the whole song.
struct OtherReading {
    Sentence text;               ///< what it says, to one who knows the chosen reading
    double score = 0;            ///< against the chosen one's 0: a logarithm of odds, mostly negative
    std::vector<SongFact> facts; ///< what states it
};

/// "bars of 4, 4/4", "bars of 2 in threes, 6/8", "bars of 2+2+3, 7/8"
[[nodiscard]] Sentence barsOf(const Metre& metre);

/// The other ways to hear the whole song, in no order.
struct OtherReadings {
    std::vector<OtherReading> pulses; ///< each once by what one who counts ours calls it: by its tempo, or by the part
                                      ///< of a beat that it lies later; the readings of one pulse speak for it together
    std::vector<OtherReading>
        bars; ///< on our pulse, by their length and the place of their first 1; what is stated of either is not doubted
};

/// Those that the judge of readings weighed, and bars of our length that it was not asked about. O(readings +
/// candidates × beats).
[[nodiscard]] OtherReadings otherReadings(const Decision& decision);

} // namespace lc
