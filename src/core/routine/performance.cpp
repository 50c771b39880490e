#include "core/routine/performance.h"

#include <algorithm>

namespace lc {

namespace {

struct RoleState {
    Foot free = Foot::Both;
    Eighths facing;
};

/// The last weight change of a role before `end`, to be made a touch.
const Action* lastChange(const std::vector<Action>& actions, Tick end) {
    const Action* last = nullptr;
    for (const Action& action : actions)
        if (action.at < end && action.kind == ActionKind::Step) last = &action;
    return last;
}

class Unroller {
public:
    Unroller(const Routine& routine, Performance& out) : m_routine(routine), m_out(out), m_states(routine.roles.size()) {}

    void dance(const Pass& pass, std::size_t partIndex, Tick start, Tick runningFrom) {
        const PartReading& part = (*m_out.parts)[partIndex];
        PassPerformance done;
        done.id = pass.id;
        done.part = pass.part;
        done.partIndex = partIndex;
        done.number = static_cast<int>(m_out.passes.size()) + 1;
        done.start = start;
        done.whole = part.length;
        done.cut = pass.restart && pass.restart->after < part.length;
        done.counts = done.cut ? pass.restart->after : part.length;
        done.tag = pass.tag ? pass.tag->counts : Tick{};
        done.runningFrom = runningFrom;
        for (std::size_t r = 0; r < m_states.size(); ++r) danceRole(pass, part, r, done);
        m_out.passes.push_back(std::move(done));
    }

private:
    void danceRole(const Pass& pass, const PartReading& part, std::size_t r, PassPerformance& done) {
        const PartRoleReading& reading = part.roles[r];
        RoleState& state = m_states[r];
        auto& all = m_out.roles[r];
        RoleInPass role;
        role.role = m_routine.roles[r].id;
        role.counts = std::min(reading.length, done.counts);
        role.needs = reading.needs;
        if (state.free == Foot::Both && reading.needs) state.free = *reading.needs;
        role.freeIn = state.free;
        role.facingIn = state.facing;
        role.firstAction = all.size();
        const Action* touch = pass.lastChangeIsTouch ? lastChange(reading.actions, done.counts) : nullptr;
        for (const Action& action : reading.actions) {
            if (action.at >= done.counts) break;
            Action danced = action;
            if (&action == touch) danced.kind = ActionKind::NoWeight;
            const FootedAction footed = danceAction(danced, state.free);
            state.free = footed.freeAfter;
            const Tick length = std::min(action.length, done.counts - action.at);
            if (action.turn.value != 0) {
                if (action.turnEnd() <= done.counts) state.facing += action.turn;
                else done.cutTurns.push_back({role.role, action.at, action.turnEnd(), action.turn});
            }
            all.push_back({&action, done.start + action.at, length, danced.kind, footed.foot, footed.conflict, state.facing});
        }
        const Tick waits = done.counts - role.counts + done.tag; // a role that waits says so
        if (waits > Tick{})
            all.push_back({nullptr, done.start + role.counts, waits, ActionKind::Wait, std::nullopt, false, state.facing});
        role.endAction = all.size();
        role.freeOut = state.free;
        role.facingOut = state.facing;
        done.roles.push_back(role);
    }

    const Routine& m_routine;
    Performance& m_out;
    std::vector<RoleState> m_states;
};

} // namespace

Tick startOf(const Routine& routine, const CountGrid& grid) {
    if (!routine.startAt || grid.empty()) return {};
    const Seconds last = grid.secondsAt(grid.end()).value_or(0);
    const auto at = grid.tickAt(std::clamp(*routine.startAt, grid.cell(-grid.pickupCounts())->start, last));
    if (!at) return {};
    const std::int64_t nearest = wholeCounts(*at + countFraction(1, 2));
    return counts(std::clamp<std::int64_t>(nearest, -grid.pickupCounts(), grid.countsInSong()));
}

Performance unroll(const Routine& routine, const CountGrid& grid) {
    Performance out;
    auto parts = std::make_shared<std::vector<PartReading>>();
    parts->reserve(routine.parts.size());
    for (const Part& part : routine.parts) parts->push_back(readPart(routine, part));
    out.parts = std::move(parts);
    out.roles.resize(routine.roles.size());
    out.passes.reserve(routine.passes.size());
    out.start = startOf(routine, grid);
    Unroller unroller(routine, out);
    Tick at = out.start;
    Tick runningFrom = at;
    for (const Pass& pass : routine.passes) {
        const auto part = std::find_if(out.parts->begin(), out.parts->end(), [&](const PartReading& p) { return p.part == pass.part; });
        if (part == out.parts->end()) continue;
        unroller.dance(pass, static_cast<std::size_t>(part - out.parts->begin()), at, runningFrom);
        const PassPerformance& done = out.passes.back();
        at = done.end();
        if (done.cut || (pass.tag && pass.tag->countFromOne)) runningFrom = at;
    }
    out.end = at;
    return out;
}

Tick runningCount(Tick at, Tick from, int regularSet) {
    const std::int64_t cycle = counts(regularSet).value;
    const std::int64_t into = (((at - from).value % cycle) + cycle) % cycle;
    return counts(1) + Tick{into};
}

std::optional<std::size_t> passAt(const Performance& performance, Tick at) {
    const auto after = std::upper_bound(performance.passes.begin(), performance.passes.end(), at,
                                        [](Tick t, const PassPerformance& pass) { return t < pass.start; });
    if (after == performance.passes.begin()) return std::nullopt;
    const auto found = std::prev(after);
    if (at >= found->end()) return std::nullopt;
    return static_cast<std::size_t>(found - performance.passes.begin());
}

} // namespace lc
