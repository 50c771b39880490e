#include "core/landing/routine_pace.h"

#include "core/base/list_text.h"

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

Sentence stepsAMinute(double steps) {
    return Core::plural("%n step a minute|%n steps a minute", nullptr, std::lround(steps));
}

Sentence paceInWords(const Landing& landing, double percent) {
    const RoutinePace pace = routinePace(landing, percent);
    if (!pace.shortestStepSeconds) return Core::sentence("Nothing is stepped yet.");
    std::vector<Sentence> said{stepsAMinute(pace.stepsPerMinute),
                               Core::sentence("the quickest %1 s (%2)", AsDecimals{*pace.shortestStepSeconds, 2},
                                              landing.grid.place(pace.shortestAt))};
    if (pace.turnDegreesPerSecond)
        said.push_back(Core::sentence("the fastest turn %1° a second (%2)", std::lround(*pace.turnDegreesPerSecond),
                                      landing.grid.place(pace.fastestTurnAt)));
    const bool step =
        landing.limits.shortestStepSeconds && *pace.shortestStepSeconds < *landing.limits.shortestStepSeconds;
    const bool turn = landing.limits.turnDegreesPerSecond && pace.turnDegreesPerSecond &&
                      *pace.turnDegreesPerSecond > *landing.limits.turnDegreesPerSecond;
    const Argument all = listed(said, Joined::Commas);
    if (step && turn) return Core::sentence("%1; beyond your own limit for steps and turns.", all);
    if (step) return Core::sentence("%1; beyond your own limit for steps.", all);
    if (turn) return Core::sentence("%1; beyond your own limit for turns.", all);
    return Core::sentence("%1.", all);
}

} // namespace lc
