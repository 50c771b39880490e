#pragma once

#include "core/base/result.h"

#include <compare>
#include <string>
#include <string_view>

namespace lc {

/// Rotation or facing in eighths of a turn, right (clockwise seen from above) positive. As a facing 0 is 12 o'clock,
/// 2 is 3 o'clock; as a rotation it may be any whole number.
struct Eighths {
    int value = 0;
    constexpr auto operator<=>(const Eighths&) const = default;
    friend constexpr Eighths operator+(Eighths a, Eighths b) { return {a.value + b.value}; }
    constexpr Eighths& operator+=(Eighths o) {
        value += o.value;
        return *this;
    }
};

/// The facing within one turn, 0 to 7.
[[nodiscard]] constexpr int facingIndex(Eighths facing) { return ((facing.value % 8) + 8) % 8; }

/// Clock string of a facing: "12", "1:30", "3", … "10:30".
[[nodiscard]] std::string toClock(Eighths facing);
/// Reads a clock string. Error BadValue.
[[nodiscard]] Result<Eighths> parseClock(std::string_view text);

/// A rotation in words: "¼ R", "½ L", "1¼ R", "none".
[[nodiscard]] Sentence turnSaid(Eighths rotation);
[[nodiscard]] std::string turnInWords(Eighths rotation); ///< the same in English

} // namespace lc
