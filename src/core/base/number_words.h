#pragma once

#include <cstdint>
#include <string>

namespace lc {

/// "1 pass", "3 passes".
template <typename Number>
[[nodiscard]] std::string numbered(Number n, const std::string& one, const std::string& many) {
    return std::to_string(n) + " " + (n == Number{1} ? one : many);
}

/// "every pass lands", "the one pass lands", "one of 6 passes lands", "3 of 6 passes land", "none of 6 passes lands",
/// "not even the one pass lands". With `total` 0: "no pass lands". Begins with a small letter.
[[nodiscard]] inline std::string someOf(std::int64_t n, std::int64_t total, const std::string& one,
                                        const std::string& many, const std::string& does, const std::string& doMany) {
    if (total == 0) return "no " + one + " " + does;
    if (total == 1 && n == 1) return "the one " + one + " " + does;
    if (total == 1) return "not even the one " + one + " " + does;
    if (n == total) return "every " + one + " " + does;
    return (n == 0   ? "none"
            : n == 1 ? "one"
                     : std::to_string(n)) +
           " of " + std::to_string(total) + " " + many + " " + (n <= 1 ? does : doMany);
}

/// With its first letter large (ASCII).
[[nodiscard]] inline std::string asSentence(std::string words) {
    if (!words.empty() && words.front() >= 'a' && words.front() <= 'z')
        words.front() = static_cast<char>(words.front() - 'a' + 'A');
    return words;
}

} // namespace lc
