#include "core/notation/feel.h"

namespace lc {

std::string toString(Feel feel) {
    switch (feel) {
    case Feel::Straight: return "straight";
    case Feel::Swing: return "swing";
    case Feel::RollingThirds: return "rolling-thirds";
    case Feel::RollingQuarters: return "rolling-quarters";
    case Feel::Own: return "own";
    }
    return "straight";
}

Result<Feel> parseFeel(std::string_view text) {
    for (Feel feel : {Feel::Straight, Feel::Swing, Feel::RollingThirds, Feel::RollingQuarters, Feel::Own})
        if (toString(feel) == text) return feel;
    return fail(
        ErrorCode::BadValue,
        Core::sentence("“%1” is not a feel. Known are straight, swing, rolling-thirds, rolling-quarters and own.",
                       std::string(text)));
}

std::optional<Tick> letterPlace(char letter, const NotationChoices& choices) {
    switch (choices.feel) {
    case Feel::Straight:
    case Feel::RollingQuarters:
        return letter == 'e' ? countFraction(1, 4) : letter == '&' ? countFraction(1, 2) : countFraction(3, 4);
    case Feel::Swing:
        if (letter == 'e') return std::nullopt;
        return countFraction(2, 3);
    case Feel::RollingThirds:
        if (letter == 'e') return std::nullopt;
        return letter == '&' ? countFraction(1, 3) : countFraction(2, 3);
    case Feel::Own:
        if (letter == 'e') return std::nullopt;
        return letter == '&' ? choices.ownAnd : choices.ownA;
    }
    return std::nullopt;
}

Sentence feelName(Feel feel) {
    switch (feel) {
    case Feel::Straight: return Core::sentence("straight");
    case Feel::Swing: return Core::sentence("swung");
    case Feel::RollingThirds: return Core::sentence("rolling by thirds");
    case Feel::RollingQuarters: return Core::sentence("rolling by quarters");
    case Feel::Own: return Core::sentence("in fractions of its own");
    }
    return {};
}

Sentence feelInWords(const NotationChoices& choices) {
    const AsCount a{*letterPlace('a', choices)};
    if (choices.feel == Feel::Swing) return Core::sentence("%1: & and a are %2", feelName(choices.feel), a);
    return Core::sentence("%1: & is %2, a is %3", feelName(choices.feel), AsCount{*letterPlace('&', choices)}, a);
}

} // namespace lc
