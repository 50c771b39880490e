#pragma once

#include "audio/listening/beat_evidence.h"

namespace lc {

/// Whether a recording has a pulse at all that could be followed: something begins now and then (its level is not that
/// of a drone or of steady noise), and what begins comes back after equal times (the autocorrelation of the onset
/// functions, in windows of twelve seconds, rises above chance). Speech, noise, a drone and silence have none.
/// O(length).
[[nodiscard]] bool hasPulse(const SongFeatures& song);

} // namespace lc
