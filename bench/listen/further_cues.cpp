#include "further_cues.h"

#include "support/beat_measure.h"

#include <algorithm>
#include <cmath>

namespace lc::bench {

std::array<double, furtherCues> furtherCuesOf(const PulseCandidate& pulse,
                                              const std::array<std::vector<double>, witnesses>& heard) {
    std::vector<double> offBeats;
    for (std::size_t i = 0; i + 1 < pulse.beats.size(); ++i)
        offBeats.push_back(0.5 * (pulse.beats[i] + pulse.beats[i + 1]));
    std::array<double, witnesses> agreed{};
    double off = 0;
    for (std::size_t w = 0; w < witnesses; ++w) {
        agreed[w] = test::fMeasure(heard[w], pulse.beats);
        off += test::fMeasure(heard[w], offBeats) / static_cast<double>(witnesses);
    }
    std::array<double, witnesses> sorted = agreed;
    std::sort(sorted.begin(), sorted.end());
    return {agreed[0], agreed[1], agreed[2], agreed[3], sorted[3], sorted[2], sorted[0], off};
}

} // namespace lc::bench
