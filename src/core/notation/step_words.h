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

/// A word of one action, and all that the program knows of it: the one list that reading, findings, cautions and
/// remedies look into.
struct StepWord {
    std::string_view word;
    std::optional<ActionKind> kind; ///< nothing where it says how or where a step goes, and no kind
    std::optional<BodyDirection> direction = {};
    StepSize size = StepSize::Normal;
    std::string_view care = {};  ///< codes of the care marks it asks for, divided by spaces
    bool weightBySchool = false; ///< with weight or without, as the choices say
    bool canStep = false;        ///< a remedy may say "step" in its place to take the weight
    bool lifts = false;  ///< the foot leaves the floor or comes back to it: a direction behind it is a step of its own
    bool swings = false; ///< where to is said of it as often as not
    std::string_view brief = {}; ///< what a hand-written sheet says in its place where there is little room
};

/// Every step word with a meaning, in no order that means anything. Common step words of several traditions; common
/// practice, no source.
[[nodiscard]] std::span<const StepWord> stepWords();
/// The entry of a word in any case; null where it only names a step.
[[nodiscard]] const StepWord* stepWord(std::string_view word);

/// What dancers mean by the words of one moment. Any word that is not known names a step.
[[nodiscard]] ActionKind kindOf(std::span<const std::string> words, const NotationChoices& choices);

/// Direction, size, lead and marks in the words of an action, divided by spaces.
[[nodiscard]] StepMeaning meaningOf(std::string_view words);

/// Whether one of `words`, divided by spaces, is `word` in any case.
[[nodiscard]] bool saysWord(std::string_view words, std::string_view word);

/// Words, divided by spaces, as a hand-written sheet says them where there is little room: "fwd" for "forward". A word
/// that has no shorter form stays.
[[nodiscard]] std::string briefWords(std::string_view words);

/// Codes of the care marks that words ask for, as often as they do.
[[nodiscard]] std::vector<std::string_view> careOfWords(std::string_view words);

/// Whether the words say a stomp or stamp, whose weight is a choice of school.
[[nodiscard]] bool isStomp(std::string_view words);

} // namespace lc
