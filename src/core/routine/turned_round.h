#pragma once

#include "core/routine/performance.h"

#include <vector>

namespace lc {

/// A stretch in which the running count of the dancers differs from the count of the music by the same amount.
struct TurnedSpan {
    Tick from; ///< from the song's first 1, whole counts
    Tick to;
    Tick ahead;       ///< running count minus music count, within the regular set: 1 up to one less than the set
    Tick musicCount;  ///< at `from`
    Tick runningCount;
};

/// Where the dance is turned round, in order. Counts outside the song and between passes have none. O(counts danced).
[[nodiscard]] std::vector<TurnedSpan> turnedSpans(const Performance& performance, const CountGrid& grid);

/// Where the dance is not turned round any more: the first count that is danced to music from `from` on, if both counts agree there; nothing where they still
/// differ, though by another amount, or nothing more is danced.
[[nodiscard]] std::optional<Tick> agreesAgain(const Performance& performance, const CountGrid& grid, Tick from);

/// Where a role's steps that are marked as breaks fall, ascending; and the foot of each.
struct BreakStep {
    Tick at;
    Foot foot = Foot::Both;
};
[[nodiscard]] std::vector<BreakStep> breakSteps(const Performance& performance, std::size_t role);

} // namespace lc
