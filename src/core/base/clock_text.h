#pragma once

#include <string>

namespace lc {

/// Seconds as people read them: "1:05.3". Rounds to tenths. Negative times have a true minus sign.
[[nodiscard]] std::string clockText(double seconds);

/// A finite number in the shortest form that reads back to the same double, never through the locale.
[[nodiscard]] std::string numberText(double value);

/// A number with so many decimals and a point, never through the locale; not negative.
[[nodiscard]] std::string decimals(double value, int digits);

} // namespace lc
