#pragma once

#include "core/notation/notation_moments.h"

#include <cstdint>
#include <optional>
#include <string>

namespace lc::notation {

/// What a number that is said means in a line.
struct SetNumber {
    std::int64_t base = 0;    ///< counts of the sets that are over
    std::int64_t inSet = 0;   ///< its place in its set
    bool silentEight = false; ///< a silent 8 was put before it, since 7 was said last

    [[nodiscard]] std::int64_t count() const { return base + inSet; } ///< from the line's count 1
};

/// A number after `last` (0 = none yet) in the set that begins behind `base` counts: it goes on, begins again at 1, or
/// says the number of the eight on its 1 ("2 2 3 4 …"). Nothing where it goes down otherwise.
[[nodiscard]] inline std::optional<SetNumber> setNumber(std::int64_t n, std::int64_t base, std::int64_t last) {
    if (last == 0 || n > last) return SetNumber{base, n, false};
    const bool endOfSet = last == 7 || last == 8;
    if (endOfSet && n != 1 && base % 8 == 0 && n == (base + 8) / 8 + 1) return SetNumber{base + 8, 1, false};
    if (n == 1) return SetNumber{base + (last == 7 ? 8 : last), 1, last == 7};
    return std::nullopt;
}

/// Why a number cannot follow `last`.
[[nodiscard]] inline Sentence outOfOrder(const std::string& said, std::int64_t n, std::int64_t last) {
    return n == last ? Core::sentence("%1 is there already. Use & for the half, or go on to %2.", said, n + 1)
                     : Core::sentence("%1 comes after %2. Counts go up, or begin again at 1.", said, last);
}

[[nodiscard]] inline Sentence noCount() { return Core::sentence("A count is a number from 1 to %1.", mostCounts); }

} // namespace lc::notation
