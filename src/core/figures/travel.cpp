#include "core/figures/travel.h"

#include "core/base/list_text.h"
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

AsCount halves(double value) {
    const long long rounded = std::llround(std::abs(value) * 2);
    return AsCount{Tick{rounded * ticksPerCount / 2}};
}

bool isAny(double value) { return std::llround(std::abs(value) * 2) != 0; }

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

Sentence travelInWords(const Travel& travel) {
    if (!travel.known) return Core::sentence("not known: a part is free");
    std::vector<Sentence> said;
    if (const AsCount steps = halves(travel.right); isAny(travel.right))
        said.push_back(travel.right > 0 ? Core::sentence("%1 to the right", steps)
                                        : Core::sentence("%1 to the left", steps));
    if (const AsCount steps = halves(travel.forward); isAny(travel.forward))
        said.push_back(travel.forward > 0 ? Core::sentence("%1 forward", steps) : Core::sentence("%1 back", steps));
    return said.empty() ? Core::sentence("on the spot") : Core::sentence("%1", listed(said, Joined::Commas));
}

} // namespace lc
