#pragma once

#include "core/figures/figure_card.h"

#include <vector>

namespace lc {

/// The figures that a new vocabulary begins with: common steps of several traditions, in our own words. Every one
/// passes the program's own checks.
[[nodiscard]] std::vector<FigureCard> starterFigures();

} // namespace lc
