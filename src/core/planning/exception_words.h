#pragma once

#include "core/base/sentence.h"
#include "core/routine/routine.h"

#include <vector>

namespace lc {

/// One thing that makes a pass differ, beside its restart and a plain tag.
struct OtherException {
    /// Without the pass: "bridge of 2 after 8", "Sway left out", "Sway danced twice", "Sway as “long”", "shorter bars
    /// as the music has them", "Sway as a tag".
    Sentence words;
    bool ofPlace = false; ///< it belongs to where the dance begins or ends: a wait, an ending
};

/// All of them. What `than` has too is left out.
[[nodiscard]] std::vector<OtherException> otherExceptions(const Routine& routine, const PassExceptions& what,
                                                          const PassExceptions& than = {});

/// What makes a pass of the routine differ as it is; nothing for one that it does not have.
[[nodiscard]] const PassExceptions& writtenExceptions(const Routine& routine, PassId pass);

} // namespace lc
