#pragma once

#include "core/song/song_facts.h"

#include <vector>

namespace lc {

/// One way to read a doubtful place.
struct DoubtReading {
    Sentence text;               ///< "half as fast", "the 1 is 2 beats later"
    double share = 0;            ///< 0 to 1; the shares of a doubt's readings add up to 1
    std::vector<SongFact> facts; ///< what states it: adding them to the song's facts settles the doubt

    bool operator==(const DoubtReading&) const = default;
};

/// A place where the analysis was unsure, with the readings it considered; the likeliest, which the map
/// follows, comes first.
struct SongDoubt {
    Seconds start = 0;
    Seconds end = 0;
    Sentence about;    ///< "how fast the beat is, and where it falls"
    double weight = 0; ///< how much depends on it times how unsure it is; the worst doubt has the greatest
    std::vector<DoubtReading> readings;
    bool ofAll = false; ///< the whole song hangs on it, the answers to other doubts too; such doubts come first

    bool operator==(const SongDoubt&) const = default;
};

} // namespace lc
