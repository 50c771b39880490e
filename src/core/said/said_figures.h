#pragma once

#include <span>
#include <string_view>

namespace lc::said {

/// A figure that is said by its name and has a rhythm of its own. In its lines a star stands where a direction that is
/// said goes; what follows the star is danced where none is said.
struct KnownFigure {
    std::string_view names;   ///< divided by |
    std::string_view line;    ///< in the notation, from count 1
    std::string_view shorter; ///< another way that is usual, of another length; may be empty
    int turnAt = 0;           ///< the action, from 0, on which a turn that is said is danced
};

/// Figures of several traditions; common practice, no source.
[[nodiscard]] std::span<const KnownFigure> knownFigures();

} // namespace lc::said
