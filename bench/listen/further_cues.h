#pragma once

#include "audio/listening/metre_reading.h"
#include "pulse_witnesses.h"

namespace lc::bench {

constexpr std::size_t furtherCues = 8;

/// What the judge of readings is not asked about yet, put behind its cues in the training rows so that their worth can
/// be measured: how far each witness agrees with the pulse, the most, the second and the least of them, how far they
/// agree with what lies half a beat later.
[[nodiscard]] std::array<double, furtherCues> furtherCuesOf(const PulseCandidate& pulse,
                                                            const std::array<std::vector<double>, witnesses>& heard);

} // namespace lc::bench
