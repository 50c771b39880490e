#include "core/routine/rebar.h"

#include <algorithm>

namespace lc {

RebarredLine rebarred(const NotationReading& line, const Rebar& bars) {
    RebarredLine out{line, 0};
    if (bars.none() || bars.written == bars.danced || line.error) return out;
    const Tick written = counts(bars.written);
    const Tick danced = counts(bars.danced);
    const auto split = [&](Tick at) { // the bar that `at` lies in, and where in it
        const std::int64_t bar =
            at.value >= 0 ? at.value / written.value : -((-at.value + written.value - 1) / written.value);
        return std::pair{bar, Tick{at.value - bar * written.value}};
    };
    const auto begins = [&](Tick at) {
        if (at < Tick{}) return at;
        const auto [bar, inside] = split(at);
        return Tick{bar * danced.value} + std::min(inside, danced);
    };
    const auto ends = [&](Tick at) { // the end of a bar belongs to that bar
        if (at <= Tick{}) return at;
        const auto [bar, inside] = split(at - Tick{1});
        return Tick{bar * danced.value} + std::min(inside + Tick{1}, danced);
    };
    out.line.actions.clear();
    for (const Action& action : line.actions) {
        if (action.at >= Tick{} && split(action.at).second >= danced) {
            if (action.usesFoot() || action.isRun()) ++out.lostSteps;
            continue;
        }
        Action moved = action;
        moved.at = begins(action.at);
        moved.length = ends(action.end()) - moved.at;
        if (action.turnLength > Tick{}) moved.turnLength = ends(action.turnEnd()) - moved.at;
        if (action.orbitLength > Tick{}) moved.orbitLength = ends(action.orbitEnd()) - moved.at;
        out.line.actions.push_back(std::move(moved));
    }
    const auto [whole, rest] = split(line.length);
    out.line.length = Tick{whole * danced.value} + std::min(rest, danced);
    std::vector<Action> waits; // counts that are more, and what is left of actions that are not danced
    Tick here;
    const auto waitUntil = [&](Tick until) {
        if (until <= here) return;
        Action wait;
        wait.at = here;
        wait.length = until - here;
        wait.kind = ActionKind::Wait;
        waits.push_back(std::move(wait));
    };
    for (const Action& action : out.line.actions) {
        waitUntil(action.at);
        here = std::max(here, action.end());
    }
    waitUntil(out.line.length);
    out.line.actions.insert(out.line.actions.end(), waits.begin(), waits.end());
    std::stable_sort(out.line.actions.begin(), out.line.actions.end(),
                     [](const Action& x, const Action& y) { return x.at < y.at; });
    return out;
}

} // namespace lc
