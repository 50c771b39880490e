#pragma once

#include "core/notation/notation.h"
#include "core/routine/exceptions.h"

namespace lc {

/// A line in bars of another length.
struct RebarredLine {
    NotationReading line;
    int lostSteps = 0; ///< actions of the feet for which the shorter bar has no count
};

/// Dances a line in bars of another length, counted from its count 1: in shorter bars what falls on the counts left out
/// is not danced, in longer ones everyone waits for the counts that are more. O(n).
[[nodiscard]] RebarredLine rebarred(const NotationReading& line, const Rebar& bars);

} // namespace lc
