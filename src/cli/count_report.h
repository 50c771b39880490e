#pragma once

#include "core/notation/notation.h"

#include <optional>
#include <string>

namespace lc::cli {

/// What a line of notation means, as the verb `count` prints it.
[[nodiscard]] std::string countAsJson(const NotationReading& reading, std::optional<Foot> freeFoot);
[[nodiscard]] std::string countAsText(const NotationReading& reading, std::optional<Foot> freeFoot);

} // namespace lc::cli
