#include "core/notation/mirror.h"

#include <algorithm>
#include <array>
#include <utility>

namespace lc {

namespace {

Hand other(Hand hand) { return hand == Hand::Left ? Hand::Right : Hand::Left; }

CoupleState mirroredCouple(CoupleState state) {
    if (state.hold) {
        for (HandPair& pair : state.hold->pairs) pair = {other(pair.first), other(pair.second)};
        std::sort(state.hold->pairs.begin(), state.hold->pairs.end());
    }
    return state;
}

std::string mirroredRoom(const std::string& toward) {
    static constexpr std::array<std::pair<std::string_view, std::string_view>, 3> sides{
        {{"3", "9"}, {"1:30", "10:30"}, {"4:30", "7:30"}}};
    for (const auto& [a, b] : sides) {
        if (toward == a) return std::string(b);
        if (toward == b) return std::string(a);
    }
    return toward;
}

/// Whole words "left" and "right", in the case they are written.
std::string mirroredWords(const std::string& text) {
    static constexpr std::array<std::pair<std::string_view, std::string_view>, 6> words{{{"left", "right"},
                                                                                         {"right", "left"},
                                                                                         {"Left", "Right"},
                                                                                         {"Right", "Left"},
                                                                                         {"LEFT", "RIGHT"},
                                                                                         {"RIGHT", "LEFT"}}};
    const auto isLetter = [](char c) {
        return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z') || static_cast<unsigned char>(c) >= 0x80;
    };
    std::string out;
    std::size_t at = 0;
    while (at < text.size()) {
        std::size_t end = at;
        while (end < text.size() && isLetter(text[end])) ++end;
        if (end == at) {
            out += text[at++];
            continue;
        }
        std::string_view word = std::string_view(text).substr(at, end - at);
        for (const auto& [from, to] : words)
            if (word == from) {
                word = to;
                break;
            }
        out += word;
        at = end;
    }
    return out;
}

} // namespace

NotationReading mirrored(const NotationReading& reading) {
    NotationReading out = withOtherFeet(reading);
    out.couple = mirroredCouple(out.couple);
    for (Action& action : out.actions) {
        action.turn = {-action.turn.value};
        action.orbit = {-action.orbit.value};
        action.couple = mirroredCouple(action.couple);
        action.toward = mirroredRoom(action.toward);
        action.cue = mirroredWords(action.cue);
    }
    return out;
}

NotationReading withOtherFeet(const NotationReading& reading) {
    NotationReading out = reading;
    for (Action& action : out.actions)
        if (action.said) action.said = otherFoot(*action.said);
    return out;
}

} // namespace lc
