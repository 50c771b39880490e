#include "core/figures/travel.h"

#include "core/notation/step_words.h"

#include <array>
#include <cmath>
#include <numbers>
#include <optional>

namespace lc {

namespace {

struct Going {
    double right = 0;
    double forward = 0;
};

Going turned(Going way, int eighths) {
    const double angle = eighths * std::numbers::pi / 4; // clockwise seen from above
    return {way.right * std::cos(angle) + way.forward * std::sin(angle),
            way.forward * std::cos(angle) - way.right * std::sin(angle)};
}

/// A direction in the room, against the front of the beginning.
std::optional<Going> roomWay(const std::string& toward) {
    static constexpr std::array<std::string_view, 8> clock{"12", "1:30", "3", "4:30", "6", "7:30", "9", "10:30"};
    for (std::size_t i = 0; i < clock.size(); ++i)
        if (toward == clock[i]) return turned({0, 1}, static_cast<int>(i));
    return std::nullopt;
}

Going bodyWay(BodyDirection direction, Foot foot) {
    const double side = foot == Foot::Left ? -1 : 1;
    switch (direction) {
    case BodyDirection::Forward: return {0, 1};
    case BodyDirection::Back: return {0, -1};
    case BodyDirection::Side: return {side, 0};
    case BodyDirection::Across:
    case BodyDirection::Behind: return {-side, 0};
    case BodyDirection::Diagonal: return {side * std::numbers::sqrt2 / 2, std::numbers::sqrt2 / 2};
    case BodyDirection::Place:
    case BodyDirection::Together: return {};
    }
    return {};
}

std::string halves(double value) {
    const long long rounded = std::llround(std::abs(value) * 2);
    return toSpokenCount(Tick{rounded * ticksPerCount / 2});
}

} // namespace

Travel travelOf(const RoleReading& role) {
    Travel travel;
    int facing = 0;
    for (std::size_t i = 0; i < role.line.actions.size(); ++i) {
        const Action& action = role.line.actions[i];
        if (action.isRun()) travel.known = false;
        if (action.kind == ActionKind::Step && role.feet[i].foot) {
            const StepMeaning meaning = meaningOf(action.words);
            const auto room = roomWay(action.toward);
            const double size = meaning.size == StepSize::Small ? 0.5 : meaning.size == StepSize::Large ? 1.5 : 1;
            const Going way = room                ? *room
                              : meaning.direction ? turned(bodyWay(*meaning.direction, *role.feet[i].foot), facing)
                                                  : Going{};
            // A rock puts the weight there and the replace takes it home: neither travels.
            if (!saysWord(action.words, "rock") && !saysWord(action.words, "replace")) {
                travel.right += way.right * size;
                travel.forward += way.forward * size;
            }
        }
        facing += action.turn.value;
    }
    return travel;
}

std::string travelInWords(const Travel& travel) {
    if (!travel.known) return "not known: a part is free";
    std::string out;
    const auto add = [&](double value, const char* positive, const char* negative) {
        if (std::llround(std::abs(value) * 2) == 0) return;
        out += (out.empty() ? "" : ", ") + halves(value) + " " + (value > 0 ? positive : negative);
    };
    add(travel.right, "to the right", "to the left");
    add(travel.forward, "forward", "back");
    return out.empty() ? "on the spot" : out;
}

} // namespace lc
