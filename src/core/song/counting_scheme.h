#pragma once

#include "core/song/song_map.h"

#include <string>
#include <vector>

namespace lc {

/// What of the music one count stands for.
enum class CountUnit { Beat, HalfBeat, TwoBeats, Bar, BarGroup };

/// How dancers count a song: what a count is, and after how many bars they say 1 again.
struct CountingScheme {
    CountUnit unit = CountUnit::Beat;
    int barsPerSet = 2; ///< 1 to 16; an eight is two bars of four

    bool operator==(const CountingScheme&) const = default;
};

/// Where in a bar its counts begin, as beats from the bar's start in halves of a beat (so 3 is one beat and a half).
/// At least one count a bar. An odd beat left over by TwoBeats is a short last count.
[[nodiscard]] std::vector<int> countOnsetsInHalfBeats(const CountingScheme& scheme, const Bar& bar);

/// The groups of a bar that is as its metre says: those that are written; else threes in eighths that make threes (6/8,
/// 9/8, 12/8, common practice, no source); else none.
[[nodiscard]] std::vector<int> groupsOf(const Metre& metre);
/// A bar with its groups: those that are written, else those of a metre that it fills; an odd bar of a metre in groups
/// has threes where all of those are threes, else twos and at most one three, the last.
[[nodiscard]] Bar withGroups(Bar bar, const Metre& metre);

/// The scheme most people use for a metre: every beat a count, sets of about eight. Common practice, no source.
[[nodiscard]] CountingScheme usualScheme(const Metre& metre);
/// The same for a song, whose tempo says whether every beat can be counted: of very fast beats two are a count, of very
/// slow ones each is two.
[[nodiscard]] CountingScheme usualScheme(const SongMap& map);

/// Counts in the regular set of a metre: 8 for 4/4 in two bars. The running count cycles through it.
[[nodiscard]] int regularSet(const CountingScheme& scheme, const Metre& metre);

/// "eight", "six", "set of 10": what people call a set of n counts.
[[nodiscard]] Sentence setName(int counts);
/// Several of them: "eights", "sixes", "sets of 16".
[[nodiscard]] Sentence setNames(int counts);
/// "eight 2", "set 2".
[[nodiscard]] Sentence numberedSet(int counts, int number);

/// Stable names for files: "beat", "half-beat", "two-beats", "bar", "bar-group".
[[nodiscard]] std::string toString(CountUnit unit);
[[nodiscard]] Result<CountUnit> parseCountUnit(std::string_view text);

} // namespace lc
