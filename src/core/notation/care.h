#pragma once

#include "core/base/sentence.h"
#include "core/notation/action.h"

#include <string>
#include <string_view>
#include <vector>

namespace lc {

/// A calm word of caution. It claims no medical number; qualified teachers and the house rules of the hall come first.
struct CareMark {
    std::string_view code; ///< as written in a line after #: "clearance"
    Sentence sentence;
};

/// Every care mark there is.
[[nodiscard]] const std::vector<CareMark>& allCareMarks();

/// The mark with a code, or null.
[[nodiscard]] const CareMark* careMark(std::string_view code);

/// The marks that a line asks for: those written, and those that follow from its steps: kicks and sweeps (clearance),
/// turns of half and more within two counts (small-base), joined hands in a turn (no-pull), large steps in a turn
/// (balance), jumps, leaps and stomps (dry-floor, shoes). In the order of allCareMarks(), each once. `coupleBefore` is
/// the hold that the line begins with.
[[nodiscard]] std::vector<CareMark> careFor(const std::vector<Action>& actions, const CoupleState& coupleBefore = {});

} // namespace lc
