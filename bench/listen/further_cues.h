#pragma once

#include "audio/metre_reading.h"
#include "pulse_witnesses.h"

namespace lc::bench {

constexpr std::size_t furtherCues = 15;

/// What the judge of readings is not asked about yet, put behind its cues in the training rows so that their worth can be measured: how far each witness agrees with the pulse, the
/// most, the second and the least of them, how far they agree with what lies half a beat later; the resonance and its logarithm, how far the pulse is below 60 and above
/// 200 a minute; how much more the harmony is like itself after 1, 2, 4 … bars than a beat beside, the same for two bars, and for the likeliest other bar.
[[nodiscard]] std::array<double, furtherCues> furtherCuesOf(const SongFeatures& song, const PulseCandidate& pulse, const MetreReading& reading, const std::array<std::vector<double>, witnesses>& heard);

} // namespace lc::bench
