#pragma once

#include "core/landing/findings.h"

#include <optional>

namespace lc {

/// How fast a routine is danced on its song.
struct RoutinePace {
    double stepsPerMinute = 0;                 ///< of the role that steps most, over the counts it dances
    std::optional<double> shortestStepSeconds; ///< from one step to the role's next
    Tick shortestAt;
    std::optional<double> turnDegreesPerSecond; ///< of the fastest turn
    Tick fastestTurnAt;
};

/// At `percent` of the song's tempo, above 0. O(actions).
[[nodiscard]] RoutinePace routinePace(const Landing& landing, double percent = 100);

/// "96 steps a minute".
[[nodiscard]] Sentence stepsAMinute(double steps);

/// "78 steps a minute, the quickest 0.26 s (count 3 of Verse 1), the fastest turn 180° a second": and what is beyond
/// the person's own limits.
[[nodiscard]] Sentence paceInWords(const Landing& landing, double percent = 100);

} // namespace lc
