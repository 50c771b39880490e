#include "core/planning/phrase_fill.h"

#include "core/figures/joints.h"

#include <algorithm>
#include <array>
#include <limits>
#include <map>
#include <set>
#include <tuple>

namespace lc {

namespace {

constexpr std::uint64_t beyond = std::numeric_limits<std::uint64_t>::max();
constexpr std::uint64_t mostTried = 20'000; // ways that are looked at for the limits of variety
constexpr std::size_t mostStates = 400'000; // a bound of time and memory (bench/)

std::uint64_t sum(std::uint64_t a, std::uint64_t b) { return a > beyond - b ? beyond : a + b; }

/// How a figure leaves the feet of a role, by the foot that is free before it; nothing where it does not fit.
using FeetAfter = std::array<std::optional<Foot>, 3>;

struct Usable {
    std::size_t index;
    Tick length;
    Eighths turn;
    std::vector<FeetAfter> feet; ///< of each role
    CoupleState in, out;
};

class Filler {
public:
    Filler(const PhraseFillAsked& asked, const std::vector<PhraseFigure>& figures, const Task& task)
        : m_asked(asked), m_task(task) {
        for (std::size_t f = 0; f < figures.size(); ++f) {
            const PhraseFigure& figure = figures[f];
            const auto in = [](const auto& all, const auto& one) {
                return all.empty() || std::find(all.begin(), all.end(), one) != all.end();
            };
            if (!figure.reading || figure.reading->length <= Tick{} || !in(asked.lengths, figure.reading->length) ||
                !in(asked.levels, figure.level))
                continue;
            m_usable.push_back(usable(f, *figure.reading));
        }
    }

    Result<PhraseFills> fills() {
        if (m_usable.empty())
            return fail(ErrorCode::BadValue,
                        Core::sentence("No figure at hand may be used. Allow other lengths or levels."));
        const State first{m_asked.length, m_asked.free, 0, coupleIndex(m_asked.couple)};
        const std::vector<std::uint64_t> ways = waysFrom(first);
        if (m_known.size() > mostStates)
            return fail(
                ErrorCode::BadValue,
                Core::sentence("There are too many ways to compare. Ask for fewer counts, or allow fewer figures."));
        PhraseFills out;
        std::uint64_t all = 0;
        for (const std::uint64_t n : ways) all = sum(all, n);
        if (all != beyond) out.all = all;
        const bool limits = m_asked.mostTimes < 256 || !m_asked.twiceInARow;
        std::uint64_t tried = 0;
        for (const auto& [k, rank] : spread(ways, limits ? mostTried : m_asked.most)) {
            if (m_task.stopped()) break;
            ++tried;
            PhraseFill fill = ranked(first, k, rank);
            if (varied(fill)) out.fills.push_back(std::move(fill));
        }
        out.listedAll = tried == all;
        if (out.fills.size() > m_asked.most) { // evenly again
            std::vector<PhraseFill> some;
            for (std::size_t i = 0; i < m_asked.most; ++i)
                some.push_back(std::move(out.fills[i * out.fills.size() / m_asked.most]));
            out.fills = std::move(some);
            out.listedAll = false;
        }
        std::stable_sort(out.fills.begin(), out.fills.end(), [](const PhraseFill& a, const PhraseFill& b) {
            return a.figures.size() != b.figures.size() ? a.figures.size() < b.figures.size()
                                                        : a.different > b.different;
        });
        return out;
    }

private:
    struct State {
        Tick left;
        std::vector<Foot> free;
        int facing = 0;
        std::size_t couple = 0;
        auto operator<=>(const State&) const = default;
    };

    Usable usable(std::size_t index, const FigureReading& reading) const {
        Usable u{index, reading.length, reading.roles.empty() ? Eighths{} : reading.roles.front().turn, {}, {}, {}};
        for (auto role = reading.roles.rbegin(); role != reading.roles.rend();
             ++role) { // the first role has the last word
            u.in = u.in.then(role->coupleIn);
            u.out = u.out.then(role->coupleOut);
        }
        u.out = u.in.then(u.out);
        for (const std::string& name : m_asked.roles) {
            FeetAfter after;
            const auto found = std::find_if(reading.roles.begin(), reading.roles.end(),
                                            [&](const RoleReading& r) { return r.role == name; });
            const RoleReading* role = found != reading.roles.end() ? &*found
                                      : reading.roles.empty()      ? nullptr
                                                                   : &reading.roles.front();
            for (const Foot free : {Foot::Left, Foot::Right, Foot::Both}) {
                auto& to = after[static_cast<std::size_t>(free)];
                if (!role) {
                    to = free; // it waits
                    continue;
                }
                if (role->needs && *role->needs != Foot::Both && free != Foot::Both && *role->needs != free) continue;
                const auto feet =
                    followFeet(role->line.actions, free == Foot::Both ? role->needs.value_or(Foot::Both) : free);
                to = feet.empty() ? free : feet.back().freeAfter;
            }
            u.feet.push_back(after);
        }
        return u;
    }

    std::size_t coupleIndex(const CoupleState& state) {
        const auto found = std::find(m_couples.begin(), m_couples.end(), state);
        if (found != m_couples.end()) return static_cast<std::size_t>(found - m_couples.begin());
        m_couples.push_back(state);
        return m_couples.size() - 1;
    }

    std::optional<State> after(const State& from, const Usable& figure) {
        if (figure.length > from.left) return std::nullopt;
        const CoupleState here = m_couples[from.couple];
        if (!coupleBreaks(here, figure.in, {}).empty()) return std::nullopt;
        State to{from.left - figure.length, from.free, facingIndex({from.facing + figure.turn.value}),
                 coupleIndex(here.then(figure.out))};
        for (std::size_t r = 0; r < to.free.size() && r < figure.feet.size(); ++r) {
            const auto foot = figure.feet[r][static_cast<std::size_t>(from.free[r])];
            if (!foot) return std::nullopt;
            to.free[r] = *foot;
        }
        return to;
    }

    bool isEnd(const State& state) const {
        for (std::size_t r = 0; r < std::min(m_asked.leave.size(), state.free.size()); ++r)
            if (m_asked.leave[r] && state.free[r] != Foot::Both && state.free[r] != *m_asked.leave[r]) return false;
        if (m_asked.turn && state.facing != facingIndex(*m_asked.turn)) return false;
        return coupleBreaks(m_couples[state.couple], m_asked.coupleAfter, {}).empty();
    }

    /// How many ways lead from a state to the end, by their number of figures.
    const std::vector<std::uint64_t>& waysFrom(const State& state) {
        if (const auto known = m_known.find(state); known != m_known.end()) return known->second;
        std::vector<std::uint64_t> ways;
        if (state.left == Tick{}) {
            if (isEnd(state)) ways = {1};
        } else if (m_known.size() <= mostStates && !m_task.stopped())
            for (const Usable& figure : m_usable)
                if (const auto to = after(state, figure)) {
                    const auto& on = waysFrom(*to);
                    if (!on.empty() && ways.size() < on.size() + 1) ways.resize(on.size() + 1, 0);
                    for (std::size_t k = 0; k < on.size(); ++k) ways[k + 1] = sum(ways[k + 1], on[k]);
                }
        return m_known.emplace(state, std::move(ways)).first->second;
    }

    /// So many ways as pairs of a number of figures and a rank among those of that number: each number has the same
    /// share, what one cannot use goes to the next; evenly within it.
    static std::vector<std::pair<std::size_t, std::uint64_t>> spread(const std::vector<std::uint64_t>& ways,
                                                                     std::uint64_t most) {
        std::vector<std::pair<std::uint64_t, std::size_t>>
            numbers; // ways, figures: those with few ways first, so that what they leave is known
        for (std::size_t k = 0; k < ways.size(); ++k)
            if (ways[k] > 0) numbers.emplace_back(ways[k], k);
        std::sort(numbers.begin(), numbers.end());
        std::vector<std::pair<std::size_t, std::uint64_t>> out;
        std::uint64_t left = most;
        for (std::size_t i = 0; i < numbers.size(); ++i) {
            const auto [n, k] = numbers[i];
            const std::uint64_t share = std::min(n, std::max<std::uint64_t>(1, left / (numbers.size() - i)));
            for (std::uint64_t r = 0; r < share; ++r) out.emplace_back(k, n / share * r + std::min(n % share, r));
            left -= std::min(left, share);
        }
        std::sort(out.begin(), out.end());
        return out;
    }

    /// The way with this rank among those of k figures, in the order of the figures.
    PhraseFill ranked(const State& first, std::size_t k, std::uint64_t rank) {
        PhraseFill out;
        State state = first;
        for (; k > 0; --k)
            for (const Usable& figure : m_usable) {
                const auto to = after(state, figure);
                if (!to) continue;
                const auto& on = waysFrom(*to);
                const std::uint64_t here = k - 1 < on.size() ? on[k - 1] : 0;
                if (rank >= here) {
                    rank -= here;
                    continue;
                }
                out.figures.push_back(figure.index);
                state = *to;
                break;
            }
        out.different = std::set<std::size_t>(out.figures.begin(), out.figures.end()).size();
        return out;
    }

    bool varied(const PhraseFill& fill) const {
        std::map<std::size_t, std::size_t> times;
        for (std::size_t i = 0; i < fill.figures.size(); ++i) {
            if (++times[fill.figures[i]] > m_asked.mostTimes) return false;
            if (!m_asked.twiceInARow && i > 0 && fill.figures[i] == fill.figures[i - 1]) return false;
        }
        return true;
    }

    const PhraseFillAsked& m_asked;
    const Task& m_task;
    std::vector<Usable> m_usable;
    std::vector<CoupleState> m_couples;
    std::map<State, std::vector<std::uint64_t>> m_known;
};

} // namespace

PhraseFillAsked fillBehind(const Routine& routine, const PartReading& part) {
    PhraseFillAsked asked;
    asked.roles.clear();
    asked.free.clear();
    for (std::size_t r = 0; r < routine.roles.size(); ++r) {
        asked.roles.push_back(routine.roles[r].name);
        const PartRoleReading none;
        const PartRoleReading& role = r < part.roles.size() ? part.roles[r] : none;
        const auto feet = followFeet(role.actions, role.needs.value_or(Foot::Both));
        asked.free.push_back(feet.empty() ? Foot::Both : feet.back().freeAfter);
        asked.leave.push_back(role.needs);
    }
    for (auto role = part.roles.rbegin(); role != part.roles.rend(); ++role) { // the first role has the last word
        asked.couple = asked.couple.then(role->coupleIn);
        for (const Action& action : role->actions) asked.couple = asked.couple.then(action.couple);
    }
    return asked;
}

Result<PhraseFills> fillPhrase(const PhraseFillAsked& asked, const std::vector<PhraseFigure>& figures,
                               const Task& task) {
    if (asked.length <= Tick{} || asked.length > counts(256))
        return fail(ErrorCode::BadValue,
                    Core::sentence("Between one and 256 counts can be filled, not %1.", inCounts(asked.length)));
    if (asked.mostTimes == 0) return fail(ErrorCode::BadValue, Core::sentence("Each figure may come at least once."));
    auto fills = Filler(asked, figures, task).fills();
    if (task.stopped()) return fail(ErrorCode::Cancelled, Core::sentence("Filling was stopped."));
    return fills;
}

} // namespace lc
