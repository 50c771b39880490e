#pragma once

#include "core/base/tick.h"

#include <vector>

namespace lc {

/// How fast counts pass without a song's map: all alike, or as long as the groups of a bar are (3+2+2 counted long,
/// short, short).
struct CountTempo {
    double secondsPerCount = 60.0 / 112; ///< of a count of mean length; above 0
    std::vector<double> weights; ///< how long each count of the set lasts against the mean, from the figure's count 1
                                 ///< on; empty = all alike

    CountTempo() = default;
    CountTempo(double seconds, std::vector<double> weightsOfSet = {})
        : secondsPerCount(seconds), weights(std::move(weightsOfSet)) {}

    /// The same begun on another music count (1, 2, …): the weights turned.
    [[nodiscard]] CountTempo startingOn(Tick musicCount) const;
    /// Counts of mean length from the figure's count 1 to a moment; negative before it. O(counts in a set).
    [[nodiscard]] double meanCounts(Tick at) const;
    /// Seconds from the figure's count 1 to a moment.
    [[nodiscard]] double seconds(Tick at) const { return meanCounts(at) * secondsPerCount; }
};

} // namespace lc
