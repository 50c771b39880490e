#pragma once

#include "audio/listening/song_solver.h"
#include "audio/matching/recording_match.h"

#include <vector>

namespace lc {

/// A song map brought to another recording of the song.
struct CarriedMap {
    SongMap map;                 ///< of the other recording
    std::vector<SongFact> facts; ///< what was stated, at its new places
    std::vector<SongFact> lost;  ///< … about places that the other recording lacks
    std::vector<SongSpan>
        unmatched;                 ///< of the other recording: not in the first, or a joint where something was cut out
    std::vector<SongSpan> missing; ///< of the first recording: not in the other
    RecordingMatch match;
};

/// Carries a map with everything stated to another recording or another edit of the same song: matched stretches keep
/// their beats, bars, phrases and names at the places where the other recording has them; the rest is solved in it, at
/// the same metre and the tempo to be expected. Error BadValue: the recordings have too little in common (less than a
/// quarter).
[[nodiscard]] Result<CarriedMap> carryMap(const SongMap& map, const std::vector<SongFact>& facts,
                                          const SongFeatures& from, const HeardSong& to);

} // namespace lc
