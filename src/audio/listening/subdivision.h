#pragma once

#include "audio/listening/beat_evidence.h"

#include <vector>

namespace lc {

/// How beats are divided in the music.
struct Subdivision {
    double three = 0; ///< logarithm of the odds that every beat has three parts (6/8, 9/8, 12/8) and not two
    double swing =
        0.5; ///< where the & falls: 1/2 straight, 2/3 swung, in between as it is played; 1/2 where none is heard
};

/// Listens between the beats: the mean course of the onsets through a beat and its third, second and fourth waves.
/// Trained on the development half (bench/listen). O(beats).
[[nodiscard]] Subdivision subdivisionOf(const SongFeatures& song, const std::vector<double>& beats);

} // namespace lc
