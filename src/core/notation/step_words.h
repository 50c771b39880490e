#pragma once

#include "core/notation/action.h"
#include "core/notation/feel.h"

#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

namespace lc {

/// Where a step goes, seen from the dancer.
enum class BodyDirection { Forward, Back, Side, Across, Behind, Diagonal, Place, Together };

enum class StepSize { Small, Normal, Large };

/// Who decides an action of a couple.
enum class Lead {
    Unsaid,
    Led, ///< the partner leads it
    Own, ///< the dancer's own choice; it must not alter the partner's foot, time or meet point
};

/// What the words of an action say, beyond its kind.
struct StepMeaning {
    std::optional<BodyDirection> direction;
    StepSize size = StepSize::Normal;
    Lead lead = Lead::Unsaid;
    bool breaks = false; ///< the step that changes direction
    bool meets = false;  ///< the roles must be together here
    bool operator==(const StepMeaning&) const = default;
};

/// What dancers mean by the words of one moment. Any word that is not known names a step.
[[nodiscard]] ActionKind kindOf(std::span<const std::string> words, const NotationChoices& choices);

/// Direction, size, lead and marks in the words of an action, divided by spaces.
[[nodiscard]] StepMeaning meaningOf(std::string_view words);

/// Whether one of `words`, divided by spaces, is `word` in any case.
[[nodiscard]] bool saysWord(std::string_view words, std::string_view word);

/// Whether the words say a stomp or stamp, whose weight is a choice of school.
[[nodiscard]] bool isStomp(std::string_view words);

} // namespace lc
