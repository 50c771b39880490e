#include "core/routine/routine.h"

#include <algorithm>
#include <set>

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
    const auto found =
        std::find_if(routine.parts.begin(), routine.parts.end(), [&](const Part& p) { return p.name == name; });
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
    std::set<PartId> seen{outer}; // each part is looked into once, however often it lies there
    std::vector<PartId> open{outer};
    while (!open.empty()) {
        const PartId id = open.back();
        open.pop_back();
        if (id == inner) return true;
        if (const Part* part = findPart(routine, id))
            for (const Placement& p : part->figures)
                if (p.part.valid() && seen.insert(p.part).second) open.push_back(p.part);
    }
    return false;
}

FindingThing thingOfNumber(const Routine& routine, std::string_view code, std::uint32_t number) {
    if (code == "turned-round") return CountsAhead{counts(number)};
    if (code == "over-stop") return SongTime{(static_cast<double>(number) - 1) / 10};
    if (findFigure(routine, FigureId{number})) return FigureId{number};
    const auto has = [number](const auto& all) {
        return std::any_of(all.begin(), all.end(), [number](const auto& one) { return one.id.value == number; });
    };
    if (has(routine.atMusic)) return ExceptionId{number};
    if (has(routine.accents)) return AccentId{number};
    return PlacementId{number}; // in a part or added in a pass; or of something that is gone
}

} // namespace lc
