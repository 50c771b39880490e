#include "core/figures/body_limits.h"

#include "core/notation/notation_print.h"

#include <cassert>
#include <cstdlib>

namespace lc {

Pace paceOf(const RoleReading& role, const CountTempo& tempo) {
    assert(tempo.secondsPerCount > 0);
    Pace pace;
    const auto& actions = role.line.actions;
    int steps = 0;
    for (std::size_t i = 0; i < actions.size(); ++i) {
        const Action& action = actions[i];
        if (action.turn.value != 0 && action.turnEnd() > action.at) {
            const double speed =
                std::abs(action.turn.value) * 45.0 / (tempo.seconds(action.turnEnd()) - tempo.seconds(action.at));
            if (!pace.turnDegreesPerSecond || speed > *pace.turnDegreesPerSecond) {
                pace.turnDegreesPerSecond = speed;
                pace.fastestTurnAt = action.at;
            }
        }
        if (!action.usesFoot()) continue;
        ++steps;
        std::size_t next = i + 1; // a step has time until the next one with a foot
        while (next < actions.size() && !actions[next].usesFoot()) ++next;
        const Tick until = next < actions.size() ? actions[next].at : std::max(action.end(), role.line.length);
        const double seconds = tempo.seconds(until) - tempo.seconds(action.at);
        if (!pace.shortestStepSeconds || seconds < *pace.shortestStepSeconds - 1e-12) {
            pace.shortestStepSeconds = seconds;
            pace.shortestAt = action.at;
        }
    }
    if (role.line.length > Tick{}) pace.stepsPerMinute = steps * 60.0 / tempo.seconds(role.line.length);
    return pace;
}

std::vector<Ornament> ornamentsAt(const RoleReading& role, std::size_t step, const CountTempo& tempo,
                                  const BodyLimits& limits, const NotationChoices& choices, int most) {
    assert(step < role.line.actions.size() && role.line.actions[step].kind == ActionKind::Step);
    const Action plain = role.line.actions[step];
    std::vector<Ornament> out;
    for (int n = 2; n <= most; ++n) {
        if (plain.length.value % n != 0) continue;
        Ornament ornament;
        ornament.changes = n;
        ornament.secondsEach = (tempo.seconds(plain.end()) - tempo.seconds(plain.at)) / n;
        ornament.sameFoot = n % 2 == 1;
        ornament.withinLimit =
            !limits.shortestStepSeconds || ornament.secondsEach >= *limits.shortestStepSeconds - 1e-9;
        NotationReading line = role.line;
        line.actions.clear();
        for (std::size_t i = 0; i < role.line.actions.size(); ++i) {
            if (i != step) {
                line.actions.push_back(role.line.actions[i]);
                if (ornament.sameFoot || i < step) continue;
                line.actions.back().said.reset(); // the feet behind it follow
                continue;
            }
            for (int k = 0; k < n; ++k) {
                Action part = plain;
                part.at += Tick{plain.length.value / n * k};
                part.length = Tick{plain.length.value / n};
                if (k > 0) {
                    const Tick at = part.at, length = part.length;
                    part = Action{};
                    part.at = at;
                    part.length = length;
                }
                part.words = "own";
                line.actions.push_back(std::move(part));
            }
        }
        ornament.line = printNotation(line, choices);
        out.push_back(std::move(ornament));
    }
    return out;
}

} // namespace lc
