#pragma once

#include "audio/audio_buffer.h"
#include "audio/task.h"

#include <vector>

namespace lc {

/// Beats found by following the onsets.
struct TrackedBeats {
    std::vector<double> seconds;  ///< ascending
    std::vector<double> strength; ///< onset strength at each beat, in units of its median
};

/// Tracks the beats of a mono recording at 44.1 kHz (asserted): complex-domain onset function (Bello, Duxbury, Davies,
/// Sandler, "On the use of phase and energy for musical onset detection in the complex domain", 2004) and tempo by
/// Viterbi decoding with beats by dynamic programming (Davies, Plumbley, "Context-dependent beat tracking of musical
/// audio", 2007; Ellis, "Beat tracking by dynamic programming", 2007), all from qm-dsp. Times are refined to the onset
/// peak and smoothed over neighbours. Empty when there is less than 2 s of sound or the task was stopped.
[[nodiscard]] TrackedBeats trackBeats(const AudioBuffer& mono, const Task& task = {});

} // namespace lc
