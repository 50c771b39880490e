#pragma once

#include "core/song/song_map.h"

namespace lc {

/// `map` with its beats and bars from `from` to `to` (half-open) taken from `inside`, a map of the same recording. A
/// bar starts at `from`, where `inside` has beats there, and at the first beat of `map` from `to` on; a bar that is cut
/// keeps the beats before. Phrases stay where they were: each start moves to the nearest bar start; where `inside` has
/// phrases of its own, those stand in the stretch, and what follows it begins a phrase. Stops and held beats of `map`
/// outside the stretch and of `inside` in it remain. O(n).
[[nodiscard]] SongMap withStretch(const SongMap& map, const SongMap& inside, Seconds from, Seconds to);

} // namespace lc
