#pragma once

#include "core/document/json_field.h"
#include "core/figures/figure_card.h"

namespace lc {

[[nodiscard]] Json toJson(const NotationChoices& choices);
[[nodiscard]] Json toJson(const FigureFacts& facts);
[[nodiscard]] Json toJson(const FigureCard& card);

/// These throw BadField for what is wrong; their callers catch it.
[[nodiscard]] NotationChoices choicesFrom(const Field& field);
[[nodiscard]] FigureFacts figureFactsFrom(const Field& field);
[[nodiscard]] FigureCard figureCardFrom(const Field& field);

} // namespace lc
