#pragma once

#include "core/base/result.h"

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace lc {

enum class Hand { Left, Right };

/// A hand of the first role holds a hand of the second.
struct HandPair {
    Hand first = Hand::Left;
    Hand second = Hand::Right;
    auto operator<=>(const HandPair&) const = default;
};

enum class HoldHeight { Unsaid, Low, Waist, Shoulder, High };

/// Which hands are joined and how high. No pair means that no hand is held.
struct Handhold {
    std::vector<HandPair> pairs; ///< ascending, no hand twice; at most two
    HoldHeight height = HoldHeight::Unsaid;
    bool operator==(const Handhold&) const = default;
};

enum class Position { Closed, Open, Promenade, CounterPromenade, Shadow, OutsidePartner, BackToBack };

/// How the feet of two partners answer each other.
enum class FootRelation {
    Opposite, ///< mirrored: left against right
    Same,     ///< both left, both right
};

/// What is said of a couple at a moment. What is not said stays as it was.
struct CoupleState {
    std::optional<Handhold> hold;
    std::optional<Position> position;
    std::optional<FootRelation> feet;

    [[nodiscard]] bool empty() const { return !hold && !position && !feet; }
    /// This state, changed by what `later` says.
    [[nodiscard]] CoupleState then(const CoupleState& later) const;
    bool operator==(const CoupleState&) const = default;
};

/// A sentence about the first thing in a couple's text that means nothing, with its bytes.
struct CoupleTextError {
    std::size_t begin = 0;
    std::size_t finish = 0;
    Sentence text;
};

/// Reads what stands in square brackets in a line: positions (closed, open, promenade, counter-promenade, shadow,
/// outside, back to back), holds (`L-R`, `R-R`, both hands, crossed hands, no hands), heights (low, waist, shoulder,
/// high), same foot or opposite feet, divided by commas or spaces. In `L-R` the first letter is the first role's hand.
[[nodiscard]] tl::expected<CoupleState, CoupleTextError> parseCouple(std::string_view text);

/// The state as parseCouple() reads it; empty for nothing said.
[[nodiscard]] std::string toString(const CoupleState& state);
[[nodiscard]] std::string toString(Position position);
[[nodiscard]] std::string toString(FootRelation feet);
/// "L-R low", "both hands", "no hands".
[[nodiscard]] std::string toString(const Handhold& hold);

} // namespace lc
