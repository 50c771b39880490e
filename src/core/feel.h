#pragma once

#include "core/result.h"
#include "core/tick.h"

#include <optional>
#include <string>
#include <string_view>

namespace lc {

/// What "&" and "a" are worth inside a count; the fractions are in docs/manual/notation.md and docs/algorithms.md.
enum class Feel { Straight, Swing, RollingThirds, RollingQuarters };

[[nodiscard]] std::string toString(Feel feel);
[[nodiscard]] Result<Feel> parseFeel(std::string_view text);

/// The fraction of a count at which a letter ("&", "a", "e") falls in a feel; nothing where it has no place in it.
[[nodiscard]] std::optional<Tick> letterPlace(char letter, Feel feel);

} // namespace lc
