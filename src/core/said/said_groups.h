#pragma once

// Private to the reader of said lines: how its words belong together.

#include "core/base/feet.h"
#include "core/said/said_tokens.h"

#include <cstddef>
#include <cstdint>
#include <optional>
#include <utility>
#include <vector>

namespace lc::said {

/// Whether a token says that something is danced more than once, or to the other side.
[[nodiscard]] bool saysAgain(const SaidToken& t);

/// What is said of a group such as "back, 2, 3, touch".
struct CountedGroup {
    std::size_t from, to;         ///< tokens of what is danced on its first counts
    std::int64_t counts = 0;      ///< that are said, with the first
    std::size_t lastFrom, lastTo; ///< of what ends it; none where they are one
    bool comma = false;           ///< stands before what ends it
};

/// The groups of a line, from a token on, in which a word stands in the place of 1 and the counts go on from 2: "back,
/// 2, 3, touch", "forward 2 3 kick". None where it is no such line.
[[nodiscard]] std::vector<CountedGroup> groupsFromTwoIn(const std::vector<SaidToken>& tokens, std::size_t from);

/// How something is danced again: which counts of it, and on which foot.
struct Again {
    bool other = false;
    std::optional<Foot> side;
    std::optional<std::pair<std::int64_t, std::int64_t>> counts;
    std::size_t next = 0; ///< the token behind it
};

/// "repeat 1-4 on the other foot", "repeat to the left" at a token. `base`: counts of the sets that are over; `before`:
/// the count up to which something was danced.
[[nodiscard]] Again againAt(const std::vector<SaidToken>& tokens, std::size_t i, std::int64_t base,
                            std::int64_t before);

} // namespace lc::said
