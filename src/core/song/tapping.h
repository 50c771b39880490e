#pragma once

#include "core/song/song_map.h"

#include <cstdint>
#include <vector>

namespace lc {

/// What a person's taps say.
struct TapFit {
    std::vector<Seconds>
        places;          ///< ascending, one for each beat (or 1) from the first tap to the last, missed ones filled in
    Seconds period = 0;  ///< median distance of the places
    Seconds scatter = 0; ///< how far the taps lie around the places, root mean square of those that counted
    int outvoted = 0;    ///< taps that fit nowhere
    int doubled = 0;     ///< taps that came twice
    int missed = 0;      ///< places without a tap

    bool operator==(const TapFit&) const = default;
};

/// Fits ragged taps: doubles are merged, taps that fit no even grid are outvoted, gaps of up to four are filled in.
/// Eight taps or more are smoothed: by one line where the tempo holds, by a line through the neighbours where it
/// drifts; fewer are taken as they are. `latency`: how much later than meant the taps arrive (seconds), taken off.
/// Error BadValue: fewer than four taps that agree. Exact dynamic programming over taps and gaps, O(taps).
[[nodiscard]] Result<TapFit> fitTaps(std::vector<Seconds> taps, Seconds latency = 0);

/// A song counted by taps alone. `beatsInTap` is 1 where beats were tapped, the metre's beats where 1s were. The beats
/// between are laid evenly; before the first tap and after the last they go on at the tempo there, from 0 to `end`. A
/// bar starts on the first tap.
[[nodiscard]] Result<SongMap> mapFromTaps(const TapFit& fit, int beatsInTap, const Metre& metre, Seconds end);

/// How somebody taps.
struct TapHabits {
    Seconds scatter = 0.025; ///< standard deviation around the beat
    Seconds late = 0.0;      ///< on average
    double missed = 0.05;    ///< share of beats without a tap
    double doubled = 0.03;   ///< share that are tapped twice
    double wrong = 0.02;     ///< share of taps added anywhere
};

/// The stand-in for a person at the keys: taps on `beats`, the same for the same seed.
[[nodiscard]] std::vector<Seconds> simulatedTaps(const std::vector<Seconds>& beats, const TapHabits& habits,
                                                 std::uint32_t seed);

} // namespace lc
