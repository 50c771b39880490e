#pragma once

#include "app/base/stage.h"

namespace lc::app {

/// The marks of a song: phrase, bar, beat, doubt, moment, what was stated, stop.
[[nodiscard]] std::vector<LegendLine> legendOfSong(const Theme& theme);

/// The marks of steps, and of how they lie on the song.
[[nodiscard]] std::vector<LegendLine> legendOfSteps(const Theme& theme);

} // namespace lc::app
