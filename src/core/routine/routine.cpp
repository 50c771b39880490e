#include "core/routine/routine.h"

#include <algorithm>

namespace lc {

namespace {
template <typename Container, typename IdType>
auto findById(const Container& items, IdType id) -> decltype(items.data()) {
    const auto found = std::find_if(items.begin(), items.end(), [&](const auto& item) { return item.id == id; });
    return found == items.end() ? nullptr : &*found;
}
} // namespace

Routine newRoutine() {
    Routine routine;
    routine.roles = {{RoleId{1}, "everyone"}};
    routine.figures = {{FigureId{2}, "", {{RoleId{1}, ""}}, std::nullopt, {}, {}}};
    routine.parts = {{PartId{3}, "A", {{PlacementId{4}, FigureId{2}}}}};
    routine.lastId = 4;
    return routine;
}

const Figure* findFigure(const Routine& routine, FigureId id) { return findById(routine.figures, id); }
const Part* findPart(const Routine& routine, PartId id) { return findById(routine.parts, id); }
const Role* findRole(const Routine& routine, RoleId id) { return findById(routine.roles, id); }

const Part* findPartNamed(const Routine& routine, std::string_view name) {
    const auto found = std::find_if(routine.parts.begin(), routine.parts.end(), [&](const Part& p) { return p.name == name; });
    return found == routine.parts.end() ? nullptr : &*found;
}

std::optional<std::size_t> indexOfPass(const Routine& routine, PassId id) {
    const Pass* found = findById(routine.passes, id);
    if (!found) return std::nullopt;
    return static_cast<std::size_t>(found - routine.passes.data());
}

std::string lineText(const Figure& figure, RoleId role) {
    for (const RoleLine& line : figure.lines)
        if (line.role == role) return line.text;
    return {};
}

PartReading readPart(const Routine& routine, const Part& part) {
    PartReading reading;
    reading.part = part.id;
    reading.roles.resize(routine.roles.size());
    for (const Placement& placement : part.figures) {
        const Tick start = reading.length;
        reading.figureStarts.push_back(start);
        const Figure* figure = findFigure(routine, placement.figure);
        if (!figure) continue;
        for (std::size_t r = 0; r < routine.roles.size(); ++r) {
            const std::string text = lineText(*figure, routine.roles[r].id);
            NotationReading line = readNotation(text, figure->facts.choices.value_or(routine.choices));
            for (const NotationRemark& note : line.notes)
                reading.remarks.push_back({figure->id, routine.roles[r].id, note});
            if (line.error) reading.remarks.push_back({figure->id, routine.roles[r].id, *line.error});
            for (Action& action : line.actions) {
                action.at += start;
                reading.roles[r].actions.push_back(std::move(action));
            }
            reading.roles[r].length = start + line.length;
        }
        for (const PartRoleReading& role : reading.roles) reading.length = std::max(reading.length, role.length);
    }
    for (PartRoleReading& role : reading.roles) role.needs = footNeeded(role.actions);
    return reading;
}

} // namespace lc
