#pragma once

#include "core/routine/routine.h"

#include <string>
#include <vector>

namespace lc {

/// The figure of a routine as a card, its lines by the names of their roles.
[[nodiscard]] FigureCard cardOf(const Routine& routine, const Figure& figure);

/// Lines of a card for the roles of a routine: a role of the same name takes its line; a figure for everyone gives its
/// line to every role; else the first role takes the first line, the second the second. Roles beyond get an empty line:
/// they wait, and that is a finding.
[[nodiscard]] std::vector<RoleLine> linesForRoles(const FigureCard& card, const std::vector<Role>& roles);

/// How often each figure is danced: its placements in parts, times the passes of the part.
[[nodiscard]] int timesDanced(const Routine& routine, FigureId figure);

} // namespace lc
