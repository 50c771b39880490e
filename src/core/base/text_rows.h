#pragma once

#include <charconv>
#include <cmath>
#include <optional>
#include <string_view>
#include <type_traits>
#include <vector>

namespace lc {

/// A whole word as a number, never through the locale; nothing when it is none, or not finite.
template <typename Number>
[[nodiscard]] std::optional<Number> wholeNumber(std::string_view word) {
    Number value{};
    const auto [end, error] = std::from_chars(word.data(), word.data() + word.size(), value);
    if (error != std::errc{} || end != word.data() + word.size()) return std::nullopt;
    if constexpr (std::is_floating_point_v<Number>)
        if (!std::isfinite(value)) return std::nullopt;
    return value;
}

/// The pieces of `text` between `separator`s; always at least one.
[[nodiscard]] inline std::vector<std::string_view> pieces(std::string_view text, char separator) {
    std::vector<std::string_view> out;
    while (true) {
        const auto at = text.find(separator);
        out.push_back(text.substr(0, at));
        if (at == std::string_view::npos) return out;
        text.remove_prefix(at + 1);
    }
}

/// The lines of a text file, without their ends and without a byte order mark; an empty last line is left out.
[[nodiscard]] inline std::vector<std::string_view> textLines(std::string_view text) {
    if (text.substr(0, 3) == "\xEF\xBB\xBF") text.remove_prefix(3);
    std::vector<std::string_view> lines = pieces(text, '\n');
    for (std::string_view& line : lines)
        if (!line.empty() && line.back() == '\r') line.remove_suffix(1);
    if (!lines.empty() && lines.back().empty()) lines.pop_back();
    return lines;
}

/// Without spaces and tabs around.
[[nodiscard]] inline std::string_view trimmed(std::string_view text) {
    const auto from = text.find_first_not_of(" \t\r");
    if (from == std::string_view::npos) return {};
    return text.substr(from, text.find_last_not_of(" \t\r") - from + 1);
}

} // namespace lc
