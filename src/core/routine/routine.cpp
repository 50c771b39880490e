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

bool containsPart(const Routine& routine, PartId outer, PartId inner) {
    if (outer == inner) return true;
    const Part* part = findPart(routine, outer);
    return part && std::any_of(part->figures.begin(), part->figures.end(), [&](const Placement& p) { return p.part.valid() && containsPart(routine, p.part, inner); });
}

} // namespace lc
