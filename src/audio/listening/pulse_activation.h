#pragma once

#include "audio/listening/onset_functions.h"
#include "audio/listening/spectral_features.h"

#include <vector>

namespace lc {

/// What is listened to when a pulse is followed: the onset functions added up, compressed, their local mean taken away.
[[nodiscard]] std::vector<float> pulseActivation(const OnsetFunctions& onsets);

/// The same for voices and strings, whose notes swell: smoothed over 40 ms, with the changes of harmony added.
[[nodiscard]] std::vector<float> softActivation(const OnsetFunctions& onsets, const SpectralFrames& spectra);

/// Periods in seconds at which the recording repeats itself, the strongest first: peaks of the autocorrelations of the
/// onset functions over windows of 12 s, from 0.12 to 1.6 s. At most `most`.
[[nodiscard]] std::vector<double> pulsePeriods(const OnsetFunctions& onsets, std::size_t most = 8);

} // namespace lc
