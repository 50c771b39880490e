#pragma once

#include "core/said/asker.h"
#include "core/said/said_chunks.h"

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace lc::said {

/// Bytes of the line in the notation and the bytes of what was said there.
struct Piece {
    std::size_t outBegin = 0, outFinish = 0;
    std::size_t begin = 0, finish = 0;
};

/// What was said, in the notation.
struct SaidLine {
    bool spoken = false;               ///< it says what the notation alone would not read, or not so
    std::string line;
    std::vector<Piece> pieces;         ///< ascending
    std::vector<WeightRemark> weights; ///< to be checked against the reading
};

/// Turns what a person said or wrote into a line of the notation. What can be meant in several ways is asked, what cannot be read refused, both by `asker`.
[[nodiscard]] SaidLine notationOf(const std::vector<SaidToken>& tokens, const NotationChoices& choices, Asker& asker);

} // namespace lc::said
