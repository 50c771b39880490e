#include "core/base/facing.h"

#include <array>
#include <cstdlib>

namespace lc {

std::string toClock(Eighths facing) {
    static constexpr std::array<const char*, 8> names{"12", "1:30", "3", "4:30", "6", "7:30", "9", "10:30"};
    return names[static_cast<std::size_t>(facingIndex(facing))];
}

Result<Eighths> parseClock(std::string_view text) {
    for (int i = 0; i < 8; ++i)
        if (text == toClock({i})) return Eighths{i};
    return fail(
        ErrorCode::BadValue,
        Core::sentence("“%1” is not a facing. Say 12, 1:30, 3, 4:30, 6, 7:30, 9 or 10:30 o'clock.", std::string(text)));
}

Sentence turnSaid(Eighths rotation) {
    if (rotation.value == 0) return Core::sentence("none");
    static constexpr std::array<const char*, 8> parts{"", "⅛", "¼", "⅜", "½", "⅝", "¾", "⅞"};
    const int magnitude = std::abs(rotation.value);
    std::string text = magnitude >= 8 ? std::to_string(magnitude / 8) : "";
    text += parts[static_cast<std::size_t>(magnitude % 8)];
    return rotation.value > 0 ? Core::sentence("%1 R", text) : Core::sentence("%1 L", text);
}

std::string turnInWords(Eighths rotation) { return turnSaid(rotation).english(); }

} // namespace lc
