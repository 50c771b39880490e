#pragma once

#include "core/base/result.h"
#include "core/base/tick.h"
#include "core/notation/own_words.h"

#include <optional>
#include <string>
#include <string_view>

namespace lc {

/// What "&" and "a" are worth inside a count; the fractions are in docs/manual/notation.md and docs/algorithms.md.
enum class Feel { Straight, Swing, RollingThirds, RollingQuarters, Own };

[[nodiscard]] std::string toString(Feel feel);
[[nodiscard]] Result<Feel> parseFeel(std::string_view text);

/// Named choices of a school, stored in the routine, or with a figure that is always danced its own way (which has the
/// words of its routine).
struct NotationChoices {
    Feel feel = Feel::Straight;
    Tick slow = counts(2);
    Tick quick = counts(1);
    Tick ownAnd = countFraction(3, 5); ///< of "&" where the feel is Own; inside the count, before `ownA`
    Tick ownA = countFraction(4, 5);   ///< of "a" where the feel is Own
    bool stompTakesWeight = true;      ///< stomp and stamp without more words; "stomp-up" never does
    OwnWords words = {};               ///< that were given a meaning

    bool operator==(const NotationChoices&) const = default;
};

/// The fraction of a count at which a letter ("&", "a", "e") falls; nothing where it has no place in the feel.
[[nodiscard]] std::optional<Tick> letterPlace(char letter, const NotationChoices& choices);

/// As dancers say it: "straight", "swung", "rolling by thirds", "rolling by quarters", "in fractions of its own".
[[nodiscard]] Sentence feelName(Feel feel);

/// The feel with the values of its letters: "straight: & is ½, a is ¾".
[[nodiscard]] Sentence feelInWords(const NotationChoices& choices);

} // namespace lc
