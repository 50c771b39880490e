#pragma once

#include "core/said/said_writer.h"

#include <string>
#include <vector>

namespace lc::said {

/// What was said, in the notation.
struct SaidLine {
    bool spoken = false; ///< it says what the notation alone would not read, or not so
    std::string line;
    std::vector<Piece> pieces;         ///< ascending
    std::vector<WeightRemark> weights; ///< to be checked against the reading
};

/// Turns what a person said or wrote into a line of the notation. What can be meant in several ways is asked, what
/// cannot be read refused, both by `asker`.
[[nodiscard]] SaidLine notationOf(const std::vector<SaidToken>& tokens, const NotationChoices& choices, Asker& asker);

} // namespace lc::said
