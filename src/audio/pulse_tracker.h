#pragma once

#include "audio/onset_functions.h"
#include "audio/spectral_features.h"

#include <vector>

namespace lc {

/// One reading of the pulse of a whole recording.
struct PulseTrack {
    double period = 0;              ///< seconds, median
    std::vector<double> frames;     ///< of the beats, ascending, in frames of the onset functions, with fractions
    double score = 0;               ///< what the path gathered, a beat
};

/// What is listened to when a pulse is followed: the onset functions added up, compressed, their local mean taken away.
[[nodiscard]] std::vector<float> pulseActivation(const OnsetFunctions& onsets);

/// The same for voices and strings, whose notes swell: smoothed over 40 ms, with the changes of harmony added.
[[nodiscard]] std::vector<float> softActivation(const OnsetFunctions& onsets, const SpectralFrames& spectra);

/// Periods in seconds at which the recording repeats itself, the strongest first: peaks of the autocorrelations of the
/// onset functions over windows of 12 s, from 0.12 to 1.6 s. At most `most`.
[[nodiscard]] std::vector<double> pulsePeriods(const OnsetFunctions& onsets, std::size_t most = 8);

/// The best path of beats whose period stays near `period` and changes little from beat to beat: a semi-Markov model over
/// (frame, period), solved exactly. After Krebs, Böck, Widmer, "An efficient state-space model for joint tempo and meter
/// tracking", ISMIR 2015, and Ellis, "Beat tracking by dynamic programming", 2007. O(frames × periods).
/// `changeSpread` is the standard deviation of ln(period) from one beat to the next: 0.008 for a steady band, 0.035 for
/// rubato.
[[nodiscard]] PulseTrack trackPulse(const std::vector<float>& activation, double rate, double period, double changeSpread);

/// The same beats where they are heard to begin: one shift for all, by which the rise of the onset functions under them
/// begins on the beat; then each on the line through its neighbours, where they lie on one. Frames in, frames out.
[[nodiscard]] std::vector<double> alignedBeats(const OnsetFunctions& onsets, const std::vector<double>& beats);

} // namespace lc
