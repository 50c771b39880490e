#pragma once

#include "core/edits/settlings.h"
#include "core/exchange/handout.h"

#include <optional>

namespace lc {

/// What is asked at a line of a hand-out.
struct HandoutQuestion {
    Text text;
    std::vector<Settling> answers;
    bool claim = false; ///< it may settle itself when the steps are: counts and walls
};

/// What is still open at each line, in the routine as it is now; nothing where it is settled. `lines` are those of the
/// hand-out from which the routine came. Each role's line of a figure is read once: O(hand-out).
[[nodiscard]] std::vector<std::optional<HandoutQuestion>> openQuestions(const Document& document,
                                                                        const std::vector<HandoutLine>& lines);

/// The lines of a routine whose hand-out is not at hand: those that are not settled.
[[nodiscard]] std::vector<HandoutLine> unsettledLines(const Routine& routine);

/// Edits that keep every line of no steps as a remark of its figure, or take it out where it stands in none.
[[nodiscard]] std::vector<Edit> restAsRemarks(const Routine& routine);

} // namespace lc
