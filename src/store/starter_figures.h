#pragma once

#include "core/figures/figure_card.h"

#include <vector>

namespace lc {

/// The figures that a new vocabulary begins with: common steps of several traditions, in our own words. Every one
/// passes the program's own checks. Names and what else is told of them are in `language`: they are the person's from
/// then on. Lines of counts are the same in every language.
[[nodiscard]] std::vector<FigureCard> starterFigures(const Language& language = Language());

} // namespace lc
