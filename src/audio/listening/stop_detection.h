#pragma once

#include "audio/listening/beat_evidence.h"
#include "core/song/song_map.h"

#include <vector>

namespace lc {

/// Places where the band stops for two beats or more while the counts go on: what sounds in the second half of each
/// beat lies far below what is usual around it. Music that is sparse all along has no stops. The first beat of a stop
/// may still be struck: if a bar begins there, the stop does too. `map` needs beats and bars. O(beats).
[[nodiscard]] std::vector<Stop> findStops(const SongMap& map, const SongFeatures& song);

} // namespace lc
