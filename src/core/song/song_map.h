#pragma once

#include "core/base/result.h"

#include <cstddef>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace lc {

using Seconds = double; ///< from the start of the recording's first sample
using Bpm = double;     ///< beats per minute

/// How beats make a bar. 6/8 and 7/8 have eighths as their beats, so 7/8 is seven beats, often grouped 3+2+2.
struct Metre {
    int beats = 4;                  ///< beats in a bar, 1 to 24
    int unit = 4;                   ///< written note value of a beat: 2, 4, 8 or 16
    std::vector<int> grouping = {}; ///< beats of each group, summing to `beats`; empty = not grouped

    bool operator==(const Metre&) const = default;
};

/// Reads "4/4", "3/4", "6/8", "7/8:3+2+2". Error BadValue names what is wrong.
[[nodiscard]] Result<Metre> parseMetre(std::string_view text);
[[nodiscard]] std::string toString(const Metre& metre);

struct Beat {
    Seconds time = 0;
    double confidence = 1; ///< 0 to 1, how sure the analysis is; typed structure has 1
    bool confirmed = false;

    bool operator==(const Beat&) const = default;
};

/// A metre group of beats.
struct Bar {
    std::size_t firstBeat = 0; ///< index into SongMap::beats
    int beats = 4;
    std::vector<int> grouping; ///< as in Metre
    bool confirmedOne = false; ///< a person said "this is a 1": a set begins here

    bool operator==(const Bar&) const = default;
};

/// A run of bars that the music makes one thought.
struct Phrase {
    std::size_t firstBar = 0; ///< index into SongMap::bars
    std::size_t bars = 0;
    std::string label; ///< section name such as "Verse 1"
    bool confirmed = false;

    bool operator==(const Phrase&) const = default;
};

/// A place where the music is silent or the pulse withheld; counts go on at the map's tempo.
struct Stop {
    Seconds start = 0;
    Seconds end = 0;
    int beats = 0;

    bool operator==(const Stop&) const = default;
};

/// A beat held longer than the tempo says. Its onset is `start`; the next beat is at `end`. Sub-beats keep the tempo
/// back from the end, since they lead into the next count.
struct Fermata {
    Seconds start = 0;
    Seconds end = 0;
    Seconds beatLength = 0; ///< what the beat would have lasted

    bool operator==(const Fermata&) const = default;
};

/// Two times within this mean the same beat: the tolerance of the field's beat measures (Davies, Degara, Plumbley
/// 2009).
constexpr Seconds sameBeat = 0.070;

/// From here on an & is heard as swung; below it players are merely loose (common practice, no source).
constexpr double swungFrom = 0.55;

/// What a song is, for counting: beats, bars, phrases, stops. A value.
/// Invariants (see validate): beats ascend; bars follow one another from beat `pickupBeats` to the last beat; phrases
/// follow one another from bar 0 to the last bar.
struct SongMap {
    Metre metre;
    std::vector<Beat> beats;
    std::size_t pickupBeats = 0; ///< beats before the first 1
    std::vector<Bar> bars;
    std::vector<Phrase> phrases;
    std::vector<Stop> stops;
    std::vector<Fermata> fermatas;
    Seconds end = 0;    ///< where the last beat's span ends
    double swing = 0.5; ///< where the & is played in a beat: 0.5 straight, 2/3 swung by thirds; 0.4 to 0.8

    bool operator==(const SongMap&) const = default;
};

/// Checks the invariants of SongMap. Error BadValue says which bar, beat or phrase breaks them. O(n).
[[nodiscard]] Result<void> validate(const SongMap& map);

/// The beats' median tempo, or nothing with fewer than two beats. O(n).
[[nodiscard]] std::optional<Bpm> medianTempo(const SongMap& map);

/// Number in its bar of a beat of the pick-up, which ends on its bar's last beat; a pick-up of more than a bar has
/// whole bars before that.
[[nodiscard]] int pickupBeatInBar(const SongMap& map, std::size_t beat);

/// Beats in a phrase.
[[nodiscard]] int beatsIn(const SongMap& map, const Phrase& phrase);

/// Index of the first beat of a phrase.
[[nodiscard]] std::size_t firstBeatOf(const SongMap& map, const Phrase& phrase);

/// Index of the beat nearest to `time`. The map must have beats (asserted). O(log n).
[[nodiscard]] std::size_t nearestBeat(const SongMap& map, Seconds time);

/// The bar that contains a beat index at or after the pick-up, or nothing in the pick-up. O(log n).
[[nodiscard]] std::optional<std::size_t> barOfBeat(const SongMap& map, std::size_t beat);

/// The phrase that contains a bar. O(log n).
[[nodiscard]] std::optional<std::size_t> phraseOfBar(const SongMap& map, std::size_t bar);

/// Bars of one length that follow each other.
struct BarRun {
    std::size_t first = 0; ///< index into SongMap::bars
    std::size_t count = 0;
    int beats = 0; ///< of each
};

/// The runs of bars that have another length than the metre's, in order.
[[nodiscard]] std::vector<BarRun> oddRuns(const SongMap& map);

/// For each phrase the length in beats that returns most often among those of its kind (label without its number);
/// where none of them returns, that of the song; where none returns there either, the nearest of 16, 24, 32 and 48. A
/// first or last phrase that is the only one of its kind has its own: an intro and an ending are as long as they are.
/// The margin's "+4" is measured against it. O(bars + phrases · log phrases).
[[nodiscard]] std::vector<int> usualBeats(const SongMap& map);

/// "1 beat", "16 beats", and the same of bars and phrases.
[[nodiscard]] Sentence inBeats(std::size_t n);
[[nodiscard]] Sentence inBars(std::size_t n);
[[nodiscard]] Sentence inPhrases(std::size_t n);

} // namespace lc
