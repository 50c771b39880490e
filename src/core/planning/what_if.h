#pragma once

#include "core/document/document.h"
#include "core/planning/routine_plan.h"
#include "core/song/song_edit.h"

#include <string>
#include <vector>

namespace lc {

/// Another edit of the routine's song that may be asked about.
struct WhatIf {
    Sentence words; ///< "without Verse 2", "Chorus twice", "the intro 16 counts longer"
    EditedSong song;
};

/// Each section left out, each section twice, and a beginning that is 8, 16 or 32 counts longer (bars of the first
/// section again). None for a song without sections.
[[nodiscard]] std::vector<WhatIf> whatIfs(const SongMap& map, const CountingScheme& scheme);

/// The best plan of the routine as `then` has it, in a sentence: "Best plan there, for 5: One restart …"; what is wrong
/// where there is none.
[[nodiscard]] Text bestPlanInWords(const Document& then, const CountGrid& grid, RoutinePlanWishes wishes);

} // namespace lc
