#pragma once

#include "audio/listening/metre_reading.h"

namespace lc {

/// A pulse followed once more, now that it is known to be the right one: it may hold single beats (fermatas) and slow
/// down to the song's end, where that explains what is struck better than going on steadily does. Beats that stay keep
/// their places. The pulse as it was when it cannot be followed better. One tracking of the song.
[[nodiscard]] PulseCandidate refinedPulse(const SongFeatures& song, const PulseCandidate& pulse);

/// Beats (seconds, ascending) of a pulse that gives way, moved to where they are struck, by swayedBeats. Soft onsets
/// begin before their peak, so that only the differences between the moves count.
void swayPulse(const SongFeatures& song, std::vector<double>& beats);

} // namespace lc
