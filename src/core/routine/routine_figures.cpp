#include "core/routine/routine_figures.h"

#include <algorithm>

namespace lc {

FigureCard cardOf(const Routine& routine, const Figure& figure) {
    FigureCard card{figure.name, {}, figure.claimed, figure.facts};
    for (const Role& role : routine.roles) card.lines.push_back({role.name, lineText(figure, role.id)});
    return card;
}

std::vector<RoleLine> linesForRoles(const FigureCard& card, const std::vector<Role>& roles) {
    const bool named = std::any_of(roles.begin(), roles.end(), [&](const Role& role) {
        return std::any_of(card.lines.begin(), card.lines.end(),
                           [&](const FigureLine& line) { return line.role == role.name; });
    });
    std::vector<RoleLine> lines;
    for (std::size_t i = 0; i < roles.size(); ++i) {
        const bool byPlace = !named && card.lines.size() > 1;
        lines.push_back({roles[i].id, byPlace ? (i < card.lines.size() ? card.lines[i].text : std::string())
                                              : lineFor(card.lines, roles[i].name)});
    }
    return lines;
}

int timesDanced(const Routine& routine, FigureId figure) {
    int times = 0;
    for (const Pass& pass : routine.passes)
        if (const Part* part = findPart(routine, pass.part))
            times += static_cast<int>(std::count_if(part->figures.begin(), part->figures.end(),
                                                    [&](const Placement& p) { return p.figure == figure; }));
    return times;
}

} // namespace lc
