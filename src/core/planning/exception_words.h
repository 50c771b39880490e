#pragma once

#include "core/routine/routine.h"

#include <string>
#include <vector>

namespace lc {

/// What makes a pass differ beside its restart and a plain tag, each in a few words without the pass: "bridge of 2
/// after 8", "Sway left out", "Sway danced twice", "Sway as “long”", "shorter bars as the music has them", "Sway as a
/// tag". What `than` has too is left out.
[[nodiscard]] std::vector<std::string> otherExceptionsInWords(const Routine& routine, const PassExceptions& what,
                                                              const PassExceptions& than = {});

/// What makes a pass of the routine differ as it is; nothing for one that it does not have.
[[nodiscard]] const PassExceptions& writtenExceptions(const Routine& routine, PassId pass);

} // namespace lc
