#pragma once

#include "audio/onset_functions.h"
#include "audio/spectral_features.h"

#include <optional>
#include <vector>

namespace lc {

/// One reading of the pulse of a whole recording.
struct PulseTrack {
    double period = 0;              ///< seconds, median
    std::vector<double> frames;     ///< of the beats, ascending, in frames of the onset functions, with fractions
    std::vector<std::size_t> held;  ///< indices of beats that were held, ascending
    double score = 0;               ///< what the path gathered, a beat
};

/// What a pulse may do while it is followed.
struct PulseFreedom {
    double changeSpread = 0.008;       ///< standard deviation of ln(period) from one beat to the next: 0.008 a steady band, 0.035 rubato
    double periodSpread = 0.25;        ///< standard deviation of ln(period) from that of the whole song
    std::optional<double> hold = {};   ///< price of holding one beat for 1.4 to 3.2 of its length; nothing: none is held
    double strikesInHold = 1.0;        ///< what is struck while a beat is held counts this much against it
    std::optional<double> slowingFrom = {}; ///< frames: from there on the song may slow down to its end
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
[[nodiscard]] PulseTrack trackPulse(const std::vector<float>& activation, double rate, double period, const PulseFreedom& freedom);

/// Beats moved to what is struck near them, at most 0.16 of a beat away and little differently from beat to beat: rubato sways
/// faster than a pulse may be followed over a whole song. Frames in, frames out. Exact, by dynamic programming.
[[nodiscard]] std::vector<double> swayedBeats(const std::vector<float>& activation, const std::vector<double>& beats, double swaySpread);

/// Where the flux, on the mean around the beats (frames), has risen to `share` of its way from foot to peak: frames after the beats,
/// negative before them. What is struck rises within 60 ms; below a share of a half, what swells, within 160 ms.
[[nodiscard]] double riseAround(const OnsetFunctions& onsets, const std::vector<double>& beats, double share);

/// The same beats where they are heard to begin: one shift for all, by which the rise of the onset functions under them
/// begins on the beat; then each on the line through its neighbours, where they lie on one. Frames in, frames out.
[[nodiscard]] std::vector<double> alignedBeats(const OnsetFunctions& onsets, const std::vector<double>& beats);

} // namespace lc
