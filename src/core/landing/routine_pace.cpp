#include "core/landing/routine_pace.h"

#include "core/base/clock_text.h"
#include "core/base/number_words.h"

#include <algorithm>
#include <cmath>

namespace lc {

RoutinePace routinePace(const Landing& landing, double percent) {
    RoutinePace pace;
    const double slower = 100 / percent;
    const CountGrid& grid = landing.grid;
    for (const auto& role : landing.performance.roles) {
        int steps = 0;
        std::optional<Seconds> from, to, last;
        Tick lastAt;
        for (const PerformedAction& a : role) {
            const auto at = grid.secondsAt(a.at), end = grid.secondsAt(std::min(a.at + a.length, grid.end()));
            if (!at || !end) continue;
            if (!from) from = *at;
            to = std::max(to.value_or(*end), *end);
            if (a.kind == ActionKind::Step) {
                ++steps;
                if (last && *at > *last)
                    if (const double seconds = (*at - *last) * slower;
                        !pace.shortestStepSeconds || seconds < *pace.shortestStepSeconds) {
                        pace.shortestStepSeconds = seconds;
                        pace.shortestAt = lastAt;
                    }
                last = *at;
                lastAt = a.at;
            }
            if (!a.action || a.action->turn.value == 0) continue;
            const auto turned = grid.secondsAt(std::min(a.at + (a.action->turnEnd() - a.action->at), grid.end()));
            if (!turned || *turned <= *at) continue;
            if (const double speed = std::abs(a.action->turn.value) * 45.0 / ((*turned - *at) * slower);
                !pace.turnDegreesPerSecond || speed > *pace.turnDegreesPerSecond) {
                pace.turnDegreesPerSecond = speed;
                pace.fastestTurnAt = a.at;
            }
        }
        if (from && to && *to > *from)
            pace.stepsPerMinute = std::max(pace.stepsPerMinute, 60 * steps / ((*to - *from) * slower));
    }
    return pace;
}

std::string paceInWords(const Landing& landing, double percent) {
    const RoutinePace pace = routinePace(landing, percent);
    if (!pace.shortestStepSeconds) return "Nothing is stepped yet.";
    std::string out = numbered(std::lround(pace.stepsPerMinute), "step", "steps") + " a minute, the quickest " +
                      decimals(*pace.shortestStepSeconds, 2) + " s (" + landing.grid.placeInWords(pace.shortestAt) +
                      ")";
    if (pace.turnDegreesPerSecond)
        out += ", the fastest turn " + std::to_string(std::lround(*pace.turnDegreesPerSecond)) + "° a second (" +
               landing.grid.placeInWords(pace.fastestTurnAt) + ")";
    const bool step =
        landing.limits.shortestStepSeconds && *pace.shortestStepSeconds < *landing.limits.shortestStepSeconds;
    const bool turn = landing.limits.turnDegreesPerSecond && pace.turnDegreesPerSecond &&
                      *pace.turnDegreesPerSecond > *landing.limits.turnDegreesPerSecond;
    if (step || turn)
        out += std::string("; beyond your own limit for ") + (step && turn ? "steps and turns"
                                                              : step       ? "steps"
                                                                           : "turns");
    return out + ".";
}

} // namespace lc
