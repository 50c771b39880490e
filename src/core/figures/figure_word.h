#pragma once

#include "core/figures/figure_card.h"

#include <optional>

namespace lc {

/// A figure that can be said by its name in a line: it is then danced as it is written. Nothing where its roles dance
/// otherwise, where it is danced in a feel of its own, where its line is more than counts, steps and turns, or where
/// its name has no word but those that steps are said with: such a name would change the meaning of lines.
[[nodiscard]] std::optional<OwnWord> figureAsWord(const FigureCard& card);

} // namespace lc
