#pragma once

#include "core/document/document.h"

#include <array>
#include <string>

namespace lc {

/// How the steps of a hand-out are written.
enum class HandoutManner {
    Notation, ///< each count with its step: 1 side R 2 behind L 3&4 …
    Ranges,   ///< counts together, then their steps: 1-2 rock back L, recover R · 3&4 shuffle …
    Words,    ///< as they are said: side right, behind, side, touch
};

inline constexpr std::array<HandoutManner, 3> handoutManners{HandoutManner::Notation, HandoutManner::Ranges,
                                                             HandoutManner::Words};

/// The dance as a hand-out that readHandout() reads again: title, counts, walls, level, intro, a section for each
/// figure of each part, the order, restarts and tags. A section that would not be read as it is danced in the manner
/// that is asked is written in the one before it. Roles by other names than hand-outs have are written as "row 1", "row
/// 2", …; what else makes passes differ follows as "Also: …", which a reader asks about. O(length of what is written).
[[nodiscard]] std::string handoutText(const Document& document, HandoutManner manner);

} // namespace lc
