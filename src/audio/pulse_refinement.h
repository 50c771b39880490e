#pragma once

#include "audio/metre_reading.h"

namespace lc {

/// A pulse followed once more, now that it is known to be the right one: it may hold single beats (fermatas) and slow down to the
/// song's end, where that explains what is struck better than going on steadily does. Beats that stay keep their places.
/// The pulse as it was when it cannot be followed better. One tracking of the song.
[[nodiscard]] PulseCandidate refinedPulse(const SongFeatures& song, const PulseCandidate& pulse);

} // namespace lc
