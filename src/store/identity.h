#pragma once

#include <string>

namespace lc {

/// 32 hexadecimal digits that nobody has had before: 128 random bits.
[[nodiscard]] std::string newIdentity();

} // namespace lc
