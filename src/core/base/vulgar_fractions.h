#pragma once

#include <array>
#include <cstddef>
#include <cstdint>
#include <string_view>

namespace lc {

/// A fraction that has a sign of its own.
struct VulgarFraction {
    std::string_view sign; ///< UTF-8
    std::int64_t value, over;
};

/// Those with signs that dancers write, of Unicode's Latin-1 Supplement and Number Forms.
inline constexpr std::array<VulgarFraction, 9> vulgarFractions{{{"½", 1, 2},
                                                                {"¼", 1, 4},
                                                                {"¾", 3, 4},
                                                                {"⅛", 1, 8},
                                                                {"⅜", 3, 8},
                                                                {"⅝", 5, 8},
                                                                {"⅞", 7, 8},
                                                                {"⅓", 1, 3},
                                                                {"⅔", 2, 3}}};

/// The fraction whose sign the text has at byte `at`; null for none. Asked at every byte of a line: most are ASCII.
[[nodiscard]] inline const VulgarFraction* vulgarFractionAt(std::string_view text, std::size_t at) {
    if (at >= text.size() || static_cast<unsigned char>(text[at]) < 0x80) return nullptr;
    for (const VulgarFraction& fraction : vulgarFractions)
        if (text.substr(at, fraction.sign.size()) == fraction.sign) return &fraction;
    return nullptr;
}

} // namespace lc
