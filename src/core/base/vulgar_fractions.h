#pragma once

#include <array>
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

} // namespace lc
