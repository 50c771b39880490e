#pragma once

// Private to the reader of hand-outs: a section that repeats sections before it.

#include "core/exchange/handout_draft.h"

#include <string_view>

namespace lc::handout {

/// "9-16 repeat 1-8 on the other foot", "repeat section 2".
struct Again {
    using Range = std::pair<std::int64_t, std::int64_t>; ///< counts, both included
    std::optional<Range> on;                             ///< the counts on which it is danced
    std::optional<Range> of;                             ///< the counts that are repeated
    std::optional<std::int64_t> section;                 ///< from 1
    bool mirrored = false;
};

/// Reads a line that says that and nothing else.
[[nodiscard]] std::optional<Again> againOf(std::string_view line);

/// The figures of a part that are meant, by their places in the draft: sections as a whole. Empty where none are, or
/// where they take other counts than those on which they are to be danced.
[[nodiscard]] std::vector<std::size_t> figuresMeant(const Draft& draft, const std::string& part, const Again& again);

/// Places the figures once more that a text means, in a part; what that comes to in words, or nothing where it says no
/// such thing.
std::optional<Sentence> placeAgain(Draft& draft, std::string_view text, const std::string& part);

} // namespace lc::handout
