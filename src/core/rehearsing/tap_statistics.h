#pragma once

#include "core/base/result.h"
#include "core/base/tick.h"
#include "core/song/song_map.h"

#include <optional>
#include <vector>

namespace lc {

/// A moment at which somebody was to tap: a count and when it sounds.
struct TapPlace {
    Tick at;          ///< from the song's first 1
    Seconds time = 0; ///< in the same clock as the taps
};

/// A tap and the place that it was meant for.
struct MatchedTap {
    std::size_t place = 0; ///< into the places
    Seconds time = 0;      ///< of the tap, the device's lateness taken off
    Seconds late = 0;      ///< negative: early

    bool operator==(const MatchedTap&) const = default;
};

/// How late taps are in the mean, and how they scatter. Angles go round once in the distance of two places, so that the
/// figures do not depend on which place a tap half-way between two is given to. (Mardia and Jupp, Directional
/// Statistics, Wiley 2000, sections 2.2 and 2.3: mean direction, mean resultant length, circular standard deviation.)
struct TapSpread {
    int taps = 0;
    Seconds mean = 0;      ///< circular mean; negative: early
    Seconds spread = 0;    ///< circular standard deviation √(−2 ln R), in seconds
    double steadiness = 0; ///< R, the mean resultant length: 1 all alike, 0 anywhere

    bool operator==(const TapSpread&) const = default;
};

/// The taps on one count of the set.
struct TapsOnCount {
    Tick musicCount; ///< with its fraction: the & of 3 is 7/2
    TapSpread spread;
    std::vector<std::size_t> taps; ///< into TapTest::taps

    bool operator==(const TapsOnCount&) const = default;
};

/// A place from which the taps run away from the music: they were steady before it.
struct TapSlide {
    std::size_t tap = 0;  ///< into TapTest::taps: the first that is part of it
    double perMinute = 0; ///< seconds later with each minute from there; negative: earlier
    bool operator==(const TapSlide&) const = default;
};

/// A place at which the taps jump: from there on they are this much later (negative: earlier) than before, half a
/// distance of two places and more.
struct TapSlip {
    std::size_t tap = 0;
    Seconds by = 0;
    bool operator==(const TapSlip&) const = default;
};

/// What a tap test shows.
struct TapTest {
    std::vector<MatchedTap> taps;    ///< in time; those that were meant for a place
    std::vector<Seconds> extra;      ///< taps that were meant for none: doubled, or before and after
    std::vector<std::size_t> missed; ///< places without a tap, between the first and the last tap
    TapSpread spread;
    Seconds period = 0;        ///< the usual distance of two places
    double driftPerMinute = 0; ///< seconds later with each minute, through all; least squares
    std::optional<TapSlide> slide;
    std::vector<TapSlip> slips;
};

/// Matches taps with places and measures them. Taps are followed: each is given to the place that is nearest once what
/// the last five were late by (their median; after a jump the last alone) is taken off, so that somebody who slides a
/// whole beat is not told to be on time again. `latency` (seconds) is what the device itself is late by, taken off
/// every tap. Places and taps are sorted here. Error BadValue: fewer than two places, or fewer than four taps that fit.
/// O((places + taps) log).
[[nodiscard]] Result<TapTest> measureTaps(std::vector<TapPlace> places, std::vector<Seconds> taps, Seconds latency = 0);

/// The spread of lateness values; `period` is the distance of two places. Of none: all zeros.
[[nodiscard]] TapSpread spreadOf(const std::vector<Seconds>& late, Seconds period);

/// The same for each count of the set, ascending; counts without a tap are left out. `musicCounts` has the music count
/// of each place.
[[nodiscard]] std::vector<TapsOnCount> tapsOnCounts(const TapTest& test, const std::vector<Tick>& musicCounts);

/// Which count was taken for the 1, when the 1s alone were tapped: how many counts after the 1 the taps fall, rounded
/// to halves, from 0 up to the set (4 = on the 5; 1/2 = half a beat off), and how sure that is (R of their places in
/// the set). `tapped` are places in counts from a 1 of the set.
struct TappedOne {
    Tick after;
    double steadiness = 0;
};
[[nodiscard]] TappedOne tappedOne(const std::vector<double>& tapped, int set);

} // namespace lc
