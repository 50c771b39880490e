#pragma once

#include <cstddef>
#include <vector>

namespace lc {

/// What a bar sounds like: pitch classes, bands, level; any length, the same for all bars.
using BarSound = std::vector<double>;

/// Phrases of a song in bars. A boundary is where the bars before and after sound different (novelty of the
/// self-similarity matrix: Foote, "Automatic audio segmentation using a measure of audio novelty", 2000) and where
/// `freshness` is high (a crash, a fill just over); lengths of 8 and 4 bars are preferred, others possible. A bar that
/// is shorter than its neighbours likes to end a phrase. Solved by dynamic programming. O(bars × 16).
[[nodiscard]] std::vector<std::size_t> inferPhrases(const std::vector<BarSound>& bars, const std::vector<double>& freshness,
                                                    const std::vector<int>& beats);

} // namespace lc
