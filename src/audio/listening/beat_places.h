#pragma once

#include "audio/listening/onset_functions.h"

#include <vector>

namespace lc {

/// Beats moved to what is struck near them, at most 0.16 of a beat away and little differently from beat to beat:
/// rubato sways faster than a pulse may be followed over a whole song. Frames in, frames out. Exact, by dynamic
/// programming.
[[nodiscard]] std::vector<double> swayedBeats(const std::vector<float>& activation, const std::vector<double>& beats,
                                              double swaySpread);

/// Where the flux, on the mean around the beats (frames), has risen to `share` of its way from foot to peak: frames
/// after the beats, negative before them. What is struck rises within 60 ms; below a share of a half, what swells,
/// within 160 ms.
[[nodiscard]] double riseAround(const OnsetFunctions& onsets, const std::vector<double>& beats, double share);

/// The same beats where they are heard to begin: one shift for all, by which the rise of the onset functions under them
/// begins on the beat; then each on the line through its neighbours, where they lie on one. Frames in, frames out.
[[nodiscard]] std::vector<double> alignedBeats(const OnsetFunctions& onsets, const std::vector<double>& beats);

} // namespace lc
