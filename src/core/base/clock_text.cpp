#include "core/base/clock_text.h"

#include <array>
#include <charconv>
#include <cmath>

namespace lc {

std::string clockText(double seconds) {
    if (!(std::abs(seconds) < 1e9)) return "?"; // no recording is thirty years long
    const long long tenths = std::llround(std::abs(seconds) * 10.0);
    const long long wholeSeconds = tenths / 10;
    const long long rest = wholeSeconds % 60;
    std::string text = seconds < 0 && tenths > 0 ? "−" : "";
    text += std::to_string(wholeSeconds / 60) + (rest < 10 ? ":0" : ":") + std::to_string(rest);
    return text + "." + std::to_string(tenths % 10);
}

std::string numberText(double value) {
    std::array<char, 32> buffer{};
    const auto [end, error] = std::to_chars(buffer.data(), buffer.data() + buffer.size(), value);
    return error == std::errc{} ? std::string(buffer.data(), end) : "0";
}

std::string decimals(double value, int digits) {
    char text[64];
    const auto [end, error] = std::to_chars(text, text + sizeof text, value, std::chars_format::fixed, digits);
    return error == std::errc{} ? std::string(text, end) : std::string("0");
}

} // namespace lc
