#include "core/routine/performance.h"

#include "core/routine/music_place.h"
#include "core/routine/pass_dancer.h"

#include <algorithm>

namespace lc {

namespace {

struct RoleState {
    Foot free = Foot::Both;
    Eighths facing;
    Eighths orbit;
};

/// An exception of the music with the count it stands at in this song.
struct BoundException {
    Tick at;
    const MusicException* exception;
};

/// An action of a pass at its time in the pass; no action is a wait.
struct Timed {
    const Action* action;
    Tick at;
    Tick length;
    Tick limit{INT64_MAX}; ///< where a canon trims it: turns have to be done by then

    [[nodiscard]] bool leadsIn() const { return action && action->leadsTo.has_value(); }
    /// The count by which it is told whether a cut leaves it: that of the figure that it leads to.
    [[nodiscard]] Tick anchor() const { return action ? at + (action->anchor() - action->at) : at; }
};

/// When the roles of a pass begin, as its canon has it.
class CanonTimes {
public:
    CanonTimes(const Canon& canon, const Routine& routine, Tick length)
        : m_canon(canon), m_routine(routine), m_length(length) {
        m_from = std::clamp(canon.from, Tick{}, length);
        m_to = std::clamp(canon.to.value_or(length), m_from, length);
        const auto entering =
            static_cast<std::int64_t>(canon.entries.empty() ? routine.roles.size() : canon.entries.size());
        m_tail = canon.ripple ? Tick{canon.apart.value * std::max<std::int64_t>(0, entering - 1)} : Tick{};
    }
    [[nodiscard]] Tick from() const { return m_from; }
    [[nodiscard]] Tick to() const { return m_to; }
    [[nodiscard]] Tick tail() const { return m_tail; } ///< what the last to enter adds
    /// Counts that a role enters later; nothing for one that waits all through.
    [[nodiscard]] std::optional<Tick> entersAfter(std::size_t role) const {
        if (m_canon.entries.empty()) return Tick{m_canon.apart.value * static_cast<std::int64_t>(role)};
        const auto found = std::find(m_canon.entries.begin(), m_canon.entries.end(), m_routine.roles[role].id);
        if (found == m_canon.entries.end()) return std::nullopt;
        return Tick{m_canon.apart.value * (found - m_canon.entries.begin())};
    }
    [[nodiscard]] std::vector<Timed> timed(const std::vector<Action>& actions, std::size_t role) const {
        const auto offset = entersAfter(role);
        std::vector<Timed> out;
        const Tick end = m_to + m_tail; // of the canon
        for (const Action& action : actions) {
            if (action.anchor() < m_from) {
                out.push_back({&action, action.at, action.length});
                continue;
            }
            if (action.anchor() >= m_to) {
                out.push_back({&action, action.at + m_tail, action.length});
                continue;
            }
            if (!offset) continue;
            const Tick at = action.at + *offset;
            if (at + (action.anchor() - action.at) < end)
                out.push_back({&action, at, std::min(action.length, end - at), end});
        }
        std::stable_sort(out.begin(), out.end(), [](const Timed& a, const Timed& b) { return a.at < b.at; });
        std::vector<Timed> waits; // where nothing is danced: behind what was trimmed, and until the last has finished
        Tick here;
        const auto fill = [&](Tick until) {
            if (until > here) waits.push_back({nullptr, here, until - here});
        };
        for (const Timed& t : out) {
            if (t.leadsIn()) continue; // it lies in a count of its own or another's, and takes none
            if (t.at >= Tick{}) fill(t.at);
            here = std::max(here, t.at + t.length);
        }
        fill(m_length + m_tail);
        out.insert(out.end(), waits.begin(), waits.end());
        std::stable_sort(out.begin(), out.end(), [](const Timed& a, const Timed& b) { return a.at < b.at; });
        return out;
    }

private:
    const Canon& m_canon;
    const Routine& m_routine;
    Tick m_length;
    Tick m_from;
    Tick m_to;
    Tick m_tail;
};

class Unroller {
public:
    Unroller(const Routine& routine, const CountGrid& grid)
        : m_routine(routine), m_grid(grid), m_reader(routine), m_states(routine.roles.size()) {
        m_out.roles.resize(routine.roles.size());
        m_out.passes.reserve(routine.passes.size());
        for (const Part& part : routine.parts) m_out.parts.push_back(m_reader.part(part.id));
        for (std::size_t r = 0; r < m_states.size(); ++r) m_states[r].facing = facingAtFirst(routine.formation, r);
        for (const RoleStance& stance : routine.opening.roles)
            for (std::size_t r = 0; r < m_states.size(); ++r) {
                if (routine.roles[r].id != stance.role) continue;
                if (stance.free) m_states[r].free = *stance.free;
                if (stance.facing) m_states[r].facing = *stance.facing;
            }
        for (const MusicException& exception : routine.atMusic)
            if (const auto at = tickOf(exception.place, grid)) m_bound.push_back({*at, &exception});
        std::sort(m_bound.begin(), m_bound.end(), [](const BoundException& a, const BoundException& b) {
            return a.at != b.at ? a.at < b.at : a.exception->id < b.exception->id;
        });
    }

    Performance run() {
        std::vector<const Pass*> passes; // a pass of no part dances nothing
        for (const Pass& pass : m_routine.passes)
            if (findPart(m_routine, pass.part)) passes.push_back(&pass);
        m_at = startOf(m_routine, m_grid);
        m_runningFrom = m_at;
        for (std::size_t i = 0; i < passes.size(); ++i) {
            std::optional<Tick> limit; // where the next pass wants to begin
            if (i + 1 < passes.size() && passes[i + 1]->pinned)
                if (const auto pin = tickOf(*passes[i + 1]->pinned, m_grid)) limit = *pin - passes[i + 1]->wait;
            dance(*passes[i], limit, i == 0);
            m_out.passes.back().index = static_cast<std::size_t>(passes[i] - m_routine.passes.data());
        }
        m_out.start = m_out.passes.empty() ? m_at : m_out.passes.front().start;
        m_out.end = m_at;
        return std::move(m_out);
    }

    Standing standing() const {
        Standing out{m_at, {}, {}};
        for (const RoleState& state : m_states) {
            out.free.push_back(state.free);
            out.facing.push_back(state.facing);
        }
        return out;
    }

    PassPerformance danceFrom(const Pass& pass, Standing& from, bool first) {
        m_at = m_runningFrom = from.at;
        for (std::size_t r = 0; r < m_states.size(); ++r) m_states[r] = {from.free[r], from.facing[r], {}};
        m_out.passes.clear();
        m_out.readings.clear();
        for (auto& actions : m_out.roles) actions.clear();
        dance(pass, std::nullopt, first);
        from = standing();
        return std::move(m_out.passes.back());
    }

    bool musicSpeaks(Tick from, Tick to) const {
        return std::any_of(m_bound.begin(), m_bound.end(),
                           [&](const BoundException& b) { return b.at >= from && b.at <= to; });
    }

    std::shared_ptr<const PartReading> readingOf(PartId part, const PassExceptions& exceptions) {
        return exceptions.changesSteps() ? m_reader.pass(part, exceptions) : m_reader.part(part);
    }

private:
    void dance(const Pass& pass, std::optional<Tick> limit, bool first) {
        PassPerformance done;
        done.id = pass.id;
        done.part = pass.part;
        done.number = static_cast<int>(m_out.passes.size()) + 1;
        done.pinned = pass.pinned.has_value();
        done.wait = pass.wait;
        if (const auto pin = pass.pinned ? tickOf(*pass.pinned, m_grid) : std::nullopt) {
            if (first) m_at = *pin - pass.wait;
            done.wait = std::max(done.wait, *pin - m_at);
            done.lateBy = std::max(Tick{}, m_at + done.wait - *pin);
        }
        done.start = m_at + done.wait;
        if (first) m_runningFrom = done.start;
        done.runningFrom = m_runningFrom;
        done.exceptions = pass;
        std::shared_ptr<const PartReading> reading = readingOf(pass.part, done.exceptions);
        befall(pass.part, done, reading);
        done.plain = !done.exceptions.changesSteps() && !done.exceptions.canon;
        done.reading = keep(reading);

        std::optional<CanonTimes> canon;
        if (done.exceptions.canon) canon.emplace(*done.exceptions.canon, m_routine, reading->length);
        done.whole = reading->length + (canon ? canon->tail() : Tick{});
        done.counts = done.whole;
        if (done.exceptions.restart && done.exceptions.restart->after < done.whole) {
            done.cut = true;
            done.counts = done.exceptions.restart->after;
        }
        std::shared_ptr<const PartReading> tag;
        if (done.exceptions.tag) {
            done.tag = done.exceptions.tag->counts;
            if (done.exceptions.tag->figure.valid()) {
                tag = m_reader.figure(done.exceptions.tag->figure, done.exceptions.mirrored, done.exceptions.exchanged);
                done.tagReading = keep(tag);
            }
        }
        if (limit && *limit > done.start && done.end() > *limit) {
            done.cutByPin = true;
            if (done.counts > *limit - done.start) {
                done.counts = *limit - done.start;
                done.cut = true;
            }
            done.tag = *limit - done.danceEnd();
        }
        for (std::size_t r = 0; r < m_states.size(); ++r) danceRole(*reading, tag.get(), canon, r, done);
        if (!reading->cutTurns.empty())
            done.cutTurns.insert(done.cutTurns.end(), reading->cutTurns.begin(), reading->cutTurns.end());
        done.countsFromOneAfter = done.cut || (done.exceptions.tag && done.exceptions.tag->countFromOne);
        m_at = done.end();
        if (done.countsFromOneAfter) m_runningFrom = m_at;
        m_out.passes.push_back(std::move(done));
    }

    std::size_t keep(const std::shared_ptr<const PartReading>& reading) {
        if (!m_out.readings.empty() && m_out.readings.back() == reading) return m_out.readings.size() - 1;
        m_out.readings.push_back(reading);
        return m_out.readings.size() - 1;
    }

    /// Takes up the exceptions of the music that lie in this pass, in the order of the song.
    void befall(PartId part, PassPerformance& done, std::shared_ptr<const PartReading>& reading) {
        auto bound = std::lower_bound(m_bound.begin(), m_bound.end(), done.start,
                                      [](const BoundException& b, Tick t) { return b.at < t; });
        for (; bound != m_bound.end(); ++bound) {
            const Tick into = bound->at - done.start;
            Tick length = reading->length;
            if (done.exceptions.restart) length = std::min(length, done.exceptions.restart->after);
            if (done.exceptions.canon && done.exceptions.canon->ripple)
                length = std::max(length, CanonTimes(*done.exceptions.canon, m_routine, reading->length).tail() +
                                              reading->length);
            if (into > length) break;
            const PassExceptions& what = bound->exception->what;
            const bool atEnd = into == length;
            if ((atEnd || into == Tick{}) && what.restart) continue;
            if (atEnd && !what.tag) continue;
            if (into == Tick{} && what.tag) continue; // it belongs to the pass before
            takeUp(what, into, bound->exception->id, *reading, done.exceptions);
            done.fromMusic.push_back(bound->exception->id);
            reading = readingOf(part, done.exceptions);
        }
    }

    /// Dances a run of actions of one role from `origin`, up to `end` counts after it.
    template <typename Actions, typename Get>
    void perform(const Actions& actions, Get get, std::size_t r, Tick origin, Tick end,
                 const PassExceptions& exceptions, const Action* touch, std::vector<CutTurn>& cutTurns) {
        RoleState& state = m_states[r];
        auto& all = m_out.roles[r];
        for (const auto& entry : actions) {
            const Timed timed = get(entry);
            if (timed.at >= end) break;
            if (timed.anchor() >= end) continue; // it leads to a figure that is not danced
            const Tick length = std::min(timed.length, end - timed.at);
            if (!timed.action) {
                all.push_back({nullptr, origin + timed.at, length, ActionKind::Wait, std::nullopt, false, state.free,
                               state.facing, state.orbit});
                continue;
            }
            const Action& action = *timed.action;
            FootedAction footed;
            ActionKind kind = action.kind;
            if (&action == touch) {
                Action danced = action;
                danced.kind = kind = ActionKind::NoWeight;
                footed = danceAction(danced, state.free);
            } else
                footed = danceAction(action, state.free);
            state.free = footed.freeAfter;
            if (action.turn.value != 0) {
                const Tick turnEnd = timed.at + (action.turnEnd() - action.at);
                const bool done = turnEnd <= std::min(end, timed.limit);
                const bool on = !done && exceptions.restart && exceptions.restart->turnOn;
                if (done || on) state.facing += action.turn;
                if (!done) cutTurns.push_back({m_routine.roles[r].id, timed.at, turnEnd, action.turn, on});
            }
            if (action.orbit.value != 0 && timed.at + (action.orbitEnd() - action.at) <= std::min(end, timed.limit))
                state.orbit += action.orbit;
            all.push_back({&action, origin + timed.at, length, kind, footed.foot, footed.conflict, state.free,
                           state.facing, state.orbit});
        }
    }

    void danceRole(const PartReading& reading, const PartReading* tag, const std::optional<CanonTimes>& canon,
                   std::size_t r, PassPerformance& done) {
        const PartRoleReading& part = reading.roles[r];
        RoleState& state = m_states[r];
        auto& all = m_out.roles[r];
        RoleInPass role;
        role.role = m_routine.roles[r].id;
        role.needs = part.needs;
        if (done.wait > Tick{})
            all.push_back({nullptr, done.begin(), done.wait, ActionKind::Wait, std::nullopt, false, state.free,
                           state.facing, state.orbit});
        if (state.free == Foot::Both && part.needs) state.free = *part.needs;
        role.freeIn = state.free;
        role.facingIn = state.facing;
        role.orbitIn = state.orbit;
        role.firstAction = all.size();
        role.counts = done.counts;
        for (const auto& [from, to] : part.gaps) role.counts += std::min(from, done.counts) - std::min(to, done.counts);

        Tick end = done.counts;
        std::vector<Timed> timed;
        if (canon) {
            timed = canon->timed(part.actions, r);
            const Tick danced = canon->to() - canon->from();
            if (const auto enters = canon->entersAfter(r)) {
                if (canon->from() == Tick{}) role.entersAfter = *enters;
                const auto until = [&](Tick entered) {
                    return std::clamp(std::min(end, canon->to() + canon->tail()) - canon->from() - entered, Tick{},
                                      danced);
                };
                role.trimmed = until(Tick{}) -
                               until(*enters); // what those who entered first have danced of it and this role has not
            }
            role.counts = {};
            const auto inGap = [&](const Action& a) {
                return std::any_of(part.gaps.begin(), part.gaps.end(),
                                   [&](const auto& gap) { return a.at >= gap.first && a.at < gap.second; });
            };
            for (const Timed& t : timed)
                if (t.action && !t.leadsIn() && t.at < end && !inGap(*t.action))
                    role.counts += std::min(t.length, end - t.at);
        }
        const Action* touch = nullptr;
        if (done.exceptions.lastChangeIsTouch) {
            if (canon) {
                for (const Timed& t : timed)
                    if (t.anchor() < end && t.action && t.action->kind == ActionKind::Step) touch = t.action;
            } else
                for (const Action& action : part.actions)
                    if (action.anchor() < end && action.kind == ActionKind::Step) touch = &action;
        }
        if (canon)
            perform(
                timed, [](const Timed& t) { return t; }, r, done.start, end, done.exceptions, touch, done.cutTurns);
        else
            perform(
                part.actions,
                [](const Action& a) {
                    return Timed{&a, a.at, a.length};
                },
                r, done.start, end, done.exceptions, touch, done.cutTurns);
        if (done.tag > Tick{}) {
            const Tick danced = tag ? std::min(tag->length, done.tag) : Tick{};
            if (danced > Tick{})
                perform(
                    tag->roles[r].actions,
                    [](const Action& a) {
                        return Timed{&a, a.at, a.length};
                    },
                    r, done.danceEnd(), danced, PassExceptions{}, nullptr, done.cutTurns);
            if (danced < done.tag)
                all.push_back({nullptr, done.danceEnd() + danced, done.tag - danced, ActionKind::Wait, std::nullopt,
                               false, state.free, state.facing, state.orbit});
        }
        role.endAction = all.size();
        role.freeOut = state.free;
        role.facingOut = state.facing;
        role.orbitOut = state.orbit;
        done.roles.push_back(role);
    }

    const Routine& m_routine;
    const CountGrid& m_grid;
    PartReader m_reader;
    Performance m_out;
    std::vector<RoleState> m_states;
    std::vector<BoundException> m_bound;
    Tick m_at;
    Tick m_runningFrom;
};

} // namespace

struct PassDancer::Inside : Unroller {
    using Unroller::Unroller;
    Standing opening;
};

PassDancer::PassDancer(const Routine& routine, const CountGrid& grid)
    : m_inside(std::make_unique<Inside>(routine, grid)) {
    m_inside->opening = m_inside->standing();
    m_inside->opening.at = startOf(routine, grid);
}
PassDancer::~PassDancer() = default;

Standing PassDancer::opening() const { return m_inside->opening; }

PassPerformance PassDancer::dance(const Pass& pass, Standing& standing, bool first) {
    return m_inside->danceFrom(pass, standing, first);
}
bool PassDancer::musicSpeaks(Tick from, Tick to) const { return m_inside->musicSpeaks(from, to); }
std::shared_ptr<const PartReading> PassDancer::reading(const Pass& pass) {
    return m_inside->readingOf(pass.part, pass);
}

Tick startOf(const Routine& routine, const CountGrid& grid) {
    if (!routine.startAt || grid.empty()) return {};
    const Seconds last = grid.secondsAt(grid.end()).value_or(0);
    const auto at = grid.tickAt(std::clamp(*routine.startAt, grid.cell(-grid.pickupCounts())->start, last));
    if (!at) return {};
    const std::int64_t nearest = wholeCounts(*at + countFraction(1, 2));
    return counts(std::clamp<std::int64_t>(nearest, -grid.pickupCounts(), grid.countsInSong()));
}

void takeUp(const PassExceptions& what, Tick into, ExceptionId id, const PartReading& reading, PassExceptions& to) {
    Tick earlier; // a bridge is placed by the counts of the part before it
    for (const FigureSpan& span : reading.figures)
        if (span.bridge && span.start < into) earlier += span.length;
    const Tick inPart = std::max(Tick{}, into - earlier);
    if (what.restart) to.restart = Restart{into, what.restart->turnOn};
    if (what.tag) to.tag = what.tag;
    to.lastChangeIsTouch = to.lastChangeIsTouch || what.lastChangeIsTouch;
    for (Bridge bridge : what.bridges) {
        bridge.after = inPart;
        to.bridges.push_back(bridge);
    }
    if (what.wait > Tick{}) to.bridges.push_back({id, inPart, what.wait});
    std::stable_sort(to.bridges.begin(), to.bridges.end(),
                     [](const Bridge& a, const Bridge& b) { return a.after < b.after; });
    to.changes.insert(to.changes.end(), what.changes.begin(), what.changes.end());
    to.mirrored = to.mirrored != what.mirrored;
    to.exchanged = to.exchanged != what.exchanged;
    if (what.ending) {
        to.ending = what.ending;
        to.ending->after = into;
    }
    if (what.canon) to.canon = what.canon;
}

Performance unroll(const Routine& routine, const CountGrid& grid) { return Unroller(routine, grid).run(); }

Tick runningCount(Tick at, Tick from, int regularSet) {
    const std::int64_t cycle = counts(regularSet).value;
    const std::int64_t into = (((at - from).value % cycle) + cycle) % cycle;
    return counts(1) + Tick{into};
}

std::optional<std::size_t> passAt(const Performance& performance, Tick at) {
    const auto after = std::upper_bound(performance.passes.begin(), performance.passes.end(), at,
                                        [](Tick t, const PassPerformance& pass) { return t < pass.begin(); });
    if (after == performance.passes.begin()) return std::nullopt;
    const auto found = std::prev(after);
    if (at >= found->end()) return std::nullopt;
    return static_cast<std::size_t>(found - performance.passes.begin());
}

const FigureSpan* figureAt(const Performance& performance, const PassPerformance& pass, Tick at) {
    const Tick into = at - pass.start;
    if (into < Tick{} || into >= pass.counts) return nullptr;
    const auto& figures = performance.readingOf(pass).figures;
    const auto after = std::upper_bound(figures.begin(), figures.end(), into,
                                        [](Tick t, const FigureSpan& span) { return t < span.start; });
    if (after == figures.begin()) return nullptr;
    const FigureSpan& span = *std::prev(after);
    return into < span.start + span.length ? &span : nullptr;
}

std::optional<Tick> placeOf(const Performance& performance, const PassPerformance& pass, PlacementId placement,
                            Tick at) {
    for (const FigureSpan& span : performance.readingOf(pass).figures)
        if (std::find(span.path.begin(), span.path.end(), placement) != span.path.end() && at < span.length) {
            const Tick in = span.start + at;
            return in < pass.counts ? std::optional(pass.start + in) : std::nullopt;
        }
    return std::nullopt;
}

} // namespace lc
