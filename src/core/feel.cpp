#include "core/feel.h"

namespace lc {

std::string toString(Feel feel) {
    switch (feel) {
    case Feel::Straight: return "straight";
    case Feel::Swing: return "swing";
    case Feel::RollingThirds: return "rolling-thirds";
    case Feel::RollingQuarters: return "rolling-quarters";
    }
    return "straight";
}

Result<Feel> parseFeel(std::string_view text) {
    for (Feel feel : {Feel::Straight, Feel::Swing, Feel::RollingThirds, Feel::RollingQuarters})
        if (toString(feel) == text) return feel;
    return fail(ErrorCode::BadValue, "“" + std::string(text) + "” is no feel. Known are straight, swing, rolling-thirds and rolling-quarters.");
}

std::optional<Tick> letterPlace(char letter, Feel feel) {
    switch (feel) {
    case Feel::Straight:
    case Feel::RollingQuarters: return letter == 'e' ? countFraction(1, 4) : letter == '&' ? countFraction(1, 2) : countFraction(3, 4);
    case Feel::Swing:
        if (letter == 'e') return std::nullopt;
        return countFraction(2, 3);
    case Feel::RollingThirds:
        if (letter == 'e') return std::nullopt;
        return letter == '&' ? countFraction(1, 3) : countFraction(2, 3);
    }
    return std::nullopt;
}

} // namespace lc
