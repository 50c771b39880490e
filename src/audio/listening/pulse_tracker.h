#pragma once

#include <cstddef>
#include <optional>
#include <vector>

namespace lc {

/// One reading of the pulse of a whole recording.
struct PulseTrack {
    double period = 0;             ///< seconds, median
    std::vector<double> frames;    ///< of the beats, ascending, in frames of the onset functions, with fractions
    std::vector<std::size_t> held; ///< indices of beats that were held, ascending
    double score = 0;              ///< what the path gathered, a beat
};

/// What a pulse may do while it is followed.
struct PulseFreedom {
    double changeSpread =
        0.008; ///< standard deviation of ln(period) from one beat to the next: 0.008 a steady band, 0.035 rubato
    double periodSpread = 0.25;      ///< standard deviation of ln(period) from that of the whole song
    std::optional<double> hold = {}; ///< price of holding one beat for 1.4 to 3.2 of its length, or to 3 s, at least
                                     ///< 0.35 s longer; nothing: none is held
    double strikesInHold = 1.0;      ///< what is struck while a beat is held counts this much against it
    std::optional<double> slowingFrom = {}; ///< frames: from there on the song may slow down to its end
};

/// The best path of beats whose period stays near `period` and changes little from beat to beat: a semi-Markov model
/// over (frame, period), solved exactly. After Krebs, Böck, Widmer, "An efficient state-space model for joint tempo and
/// meter tracking", ISMIR 2015, and Ellis, "Beat tracking by dynamic programming", 2007. O(frames × periods).
[[nodiscard]] PulseTrack trackPulse(const std::vector<float>& activation, double rate, double period,
                                    const PulseFreedom& freedom);

} // namespace lc
