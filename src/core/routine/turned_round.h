#pragma once

#include "core/routine/performance.h"

#include <vector>

namespace lc {

/// A stretch in which the running count of the dancers differs from the count of the music by the same amount.
struct TurnedSpan {
    Tick from; ///< from the song's first 1, whole counts
    Tick to;
    Tick ahead;      ///< running count minus music count, within the regular set: 1 up to one less than the set
    Tick musicCount; ///< at `from`
    Tick runningCount;
};

/// Where the dance is turned round, in order. Counts outside the song and between passes have none. O(counts danced).
[[nodiscard]] std::vector<TurnedSpan> turnedSpans(const Performance& performance, const CountGrid& grid);

/// Where the dance is not turned round any more: the first count that is danced to music from `from` on, if both counts
/// agree there; nothing where they still differ, though by another amount, or nothing more is danced.
[[nodiscard]] std::optional<Tick> agreesAgain(const Performance& performance, const CountGrid& grid, Tick from);

/// The last of the spans that are one trouble with `spans[first]`: they go on by the same amount and do not agree in
/// between, or they come and go within less than a regular set each, which nobody hears one by one.
[[nodiscard]] std::size_t lastOfTrouble(const Performance& performance, const CountGrid& grid,
                                        const std::vector<TurnedSpan>& spans, std::size_t first);

/// Where a role's steps that are marked as breaks fall, ascending; and the foot of each.
struct BreakStep {
    Tick at;
    Foot foot = Foot::Both;
};
[[nodiscard]] std::vector<BreakStep> breakSteps(const Performance& performance, std::size_t role);

} // namespace lc
