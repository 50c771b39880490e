#pragma once

#include "core/notation/notation.h"

#include <string>
#include <vector>

namespace lc {

/// Do two readings mean the same: the same actions at the same times with the same lengths, words, feet and turns, and
/// the same length? How a wait is said, labels and places in the text do not matter.
[[nodiscard]] bool sameDance(const NotationReading& a, const NotationReading& b);

/// A line that reads as these actions again, in counts where every moment has a letter in the feel, else in slow and
/// quick with lengths. `actions` in the order of time, as readNotation() gives them; `length` that of the line. What
/// falls before count 1 at a place that has no letter cannot be written; it is left out. O(n).
[[nodiscard]] std::string printNotation(const std::vector<Action>& actions, Tick length,
                                        const NotationChoices& choices = {});

/// The same of a whole reading, with what it says before the first count and whether its tail is written.
[[nodiscard]] std::string printNotation(const NotationReading& reading, const NotationChoices& choices = {});

/// A turn as a line says it: "3/4 R".
[[nodiscard]] std::string turnInNotation(Eighths turn);

} // namespace lc
