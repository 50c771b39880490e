#pragma once

#include "core/base/sentence.h"

#include <cstdint>
#include <string>

namespace lc {

/// "1 pass", "3 passes": for the command line, which speaks English.
template <typename Number>
[[nodiscard]] std::string numbered(Number n, const std::string& one, const std::string& many) {
    return std::to_string(n) + " " + (n == Number{1} ? one : many);
}

/// "no", "one" … "eight", then digits.
template <typename Number>
[[nodiscard]] Sentence numberSaid(Number n) {
    switch (n) {
    case 0: return Core::sentence("no");
    case 1: return Core::sentence("one");
    case 2: return Core::sentence("two");
    case 3: return Core::sentence("three");
    case 4: return Core::sentence("four");
    case 5: return Core::sentence("five");
    case 6: return Core::sentence("six");
    case 7: return Core::sentence("seven");
    case 8: return Core::sentence("eight");
    default: return Core::sentence("%1", n);
    }
}

} // namespace lc
