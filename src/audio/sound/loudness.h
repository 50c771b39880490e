#pragma once

#include "audio/sound/song_sound.h"

#include <vector>

namespace lc {

/// Loudness over time, for the silhouette on the strips.
struct LoudnessCurve {
    double step = 0.02;        ///< seconds between two values
    std::vector<float> values; ///< root mean square of each step, scaled so that the loudest is 1

    /// Mean value between two times; 0 outside. O(length of the span).
    [[nodiscard]] float between(double from, double to) const;
};

[[nodiscard]] LoudnessCurve loudnessOf(const SongSound& sound, double step = 0.02);

} // namespace lc
