#pragma once

#include "core/base/result.h"

#include <compare>
#include <cstdint>
#include <string>
#include <string_view>

namespace lc {

/// Exact musical time: 1 count = 20160 ticks. Divisible by 1 to 10, 12, 14, 15, 16, 18, 20, 21, 24 and 32;
/// 21 × 960, the usual MIDI resolution. Integers only; seconds come from a CountGrid alone.
struct Tick {
    std::int64_t value = 0;

    constexpr auto operator<=>(const Tick&) const = default;
    constexpr Tick& operator+=(Tick o) {
        value += o.value;
        return *this;
    }
    constexpr Tick& operator-=(Tick o) {
        value -= o.value;
        return *this;
    }
    friend constexpr Tick operator+(Tick a, Tick b) { return {a.value + b.value}; }
    friend constexpr Tick operator-(Tick a, Tick b) { return {a.value - b.value}; }
    friend constexpr Tick operator-(Tick a) { return {-a.value}; }
    friend constexpr Tick operator*(Tick a, std::int64_t n) { return {a.value * n}; }
    friend constexpr Tick operator*(std::int64_t n, Tick a) { return a * n; }
};

inline constexpr std::int64_t ticksPerCount = 20160;

/// `n` whole counts.
[[nodiscard]] constexpr Tick counts(std::int64_t n) { return {n * ticksPerCount}; }

/// `numerator`/`denominator` of a count. The denominator must divide 20160 × numerator (asserted).
[[nodiscard]] Tick countFraction(std::int64_t numerator, std::int64_t denominator);

/// Whole counts at or below `t` (rounds towards minus infinity).
[[nodiscard]] constexpr std::int64_t wholeCounts(Tick t) {
    return t.value >= 0 ? t.value / ticksPerCount : -((-t.value + ticksPerCount - 1) / ticksPerCount);
}

/// True when `t` is a whole number of counts.
[[nodiscard]] constexpr bool isWhole(Tick t) { return t.value % ticksPerCount == 0; }

/// `t` as an exact count: "12", "3/4", "-1/2", "25/2". This is the form of every count in JSON.
[[nodiscard]] std::string toCountString(Tick t);

/// `t` for reading: "12", "12½", "¾", "2 ⅓"; the fraction falls back to "5/7" form.
[[nodiscard]] std::string toSpokenCount(Tick t);

/// Reads "12", "3/4", "-1/2", "25/2". Error: BadValue when it is no such number or not a whole number of ticks.
[[nodiscard]] Result<Tick> parseCount(std::string_view text);

/// "1 count", "16 counts", "2½ counts".
[[nodiscard]] std::string countsInWords(Tick t);

} // namespace lc
