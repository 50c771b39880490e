#include "audio/listening/pulse_tracker.h"

#include "core/base/quantile.h"

#include <algorithm>
#include <cmath>
#include <cstdint>
#include <deque>
#include <limits>

namespace lc {

namespace {

constexpr double slowest = 1.45, fastest = 0.72; // of the period that is followed
constexpr double slowestEnd = 2.1;               // … where the song may slow down to its end
constexpr double slowingSpread = 0.09;           // of ln(period) from beat to beat there
constexpr std::size_t mostPeriods = 40;          // a bound of time and memory
constexpr double leastHeld = 1.4;                // of a beat's length
constexpr double leastLonger = 0.35;    // seconds: what is held for less than that is no hold but a slip by half a beat
constexpr double mostHeld = 3.2;        // of a beat's length, or …
constexpr double mostHeldSeconds = 3.0; // whichever is longer: chosen, no source

/// Periods on a grid of whole frames.
struct PeriodGrid {
    std::vector<std::ptrdiff_t> periods;
    std::ptrdiff_t step = 1;

    PeriodGrid(double centre, double slowestOf) {
        const auto shortest = std::max<std::ptrdiff_t>(3, std::lround(centre * fastest));
        const auto usualLongest = std::max<std::ptrdiff_t>(shortest + 2, std::lround(centre * slowest));
        step = std::max<std::ptrdiff_t>(1, (usualLongest - shortest + static_cast<std::ptrdiff_t>(mostPeriods) - 1) /
                                               static_cast<std::ptrdiff_t>(mostPeriods));
        const auto longest = std::max(usualLongest, static_cast<std::ptrdiff_t>(std::lround(centre * slowestOf)));
        for (std::ptrdiff_t p = shortest; p <= longest; p += step) periods.push_back(p);
    }
};

/// What it costs to go from one period of a grid to another, as diagonals: those from −reach to reach are considered,
/// because changes that cost 4 are never worth it.
class PeriodMoves {
public:
    PeriodMoves(const PeriodGrid& grid, double spreadFaster, double spreadSlower) : m_states(grid.periods.size()) {
        const auto cost = [&](std::size_t from, std::size_t to) {
            const double change =
                std::log(static_cast<double>(grid.periods[to]) / static_cast<double>(grid.periods[from]));
            const double grain = static_cast<double>(grid.step) /
                                 static_cast<double>(grid.periods[to]); // a step of the grid is not a change
            const double beyond =
                std::max(0.0, std::abs(change) - 0.5 * grain) / (change > 0 ? spreadSlower : spreadFaster);
            return static_cast<float>(0.5 * beyond * beyond);
        };
        for (std::size_t to = 0; to < m_states; ++to)
            for (std::size_t from = 0; from < m_states; ++from)
                if (cost(from, to) < dearest) m_reach = std::max(m_reach, from > to ? from - to : to - from);
        m_costs.assign((2 * m_reach + 1) * m_states, std::numeric_limits<float>::infinity());
        for (std::size_t to = 0; to < m_states; ++to)
            for (std::size_t from = 0; from < m_states; ++from)
                if (const float c = cost(from, to); c < dearest) m_costs[(from + m_reach - to) * m_states + to] = c;
    }

    [[nodiscard]] std::size_t reach() const { return m_reach; }

    /// For each state the best score to come from and the state that has it. `scores` has room of `margin` (at least
    /// reach()) on either side, filled with −infinity.
    void enter(const float* scores, std::size_t margin, float* best, std::int32_t* from) const {
        std::fill(best, best + m_states, -std::numeric_limits<float>::infinity());
        std::fill(from, from + m_states, 0);
        for (std::size_t d = 0; d <= 2 * m_reach; ++d) {
            const float* cost = &m_costs[d * m_states];
            const float* there = scores + margin + d - m_reach;
            const auto offset = static_cast<std::int32_t>(d) - static_cast<std::int32_t>(m_reach);
            for (std::size_t s = 0; s < m_states; ++s) { // without branches, so that the compiler makes vectors of it
                const float candidate = there[s] - cost[s], old = best[s];
                const std::int32_t was = from[s], mine = static_cast<std::int32_t>(s) + offset;
                const std::int32_t better = -static_cast<std::int32_t>(candidate > old); // all bits or none
                best[s] = candidate > old ? candidate : old;
                from[s] = was ^ ((was ^ mine) & better);
            }
        }
    }

private:
    static constexpr float dearest = 4.0F; // of a change of tempo: chosen, no source
    std::size_t m_states, m_reach = 0;
    std::vector<float> m_costs; // by diagonal, then by state reached
};

/// The best place to have begun a held beat of one state, when its end moves on frame by frame: the greatest of
/// best[begin] + mass(begin) over a window that moves along.
class HoldWindow {
public:
    HoldWindow(std::ptrdiff_t shortest, std::ptrdiff_t longest) : m_shortest(shortest), m_longest(longest) {}

    template <typename Value>
    void moveTo(std::ptrdiff_t end, const Value& value) {
        if (const std::ptrdiff_t begin = end - m_shortest; begin >= 0) {
            const float v = value(begin);
            while (!m_begins.empty() && m_begins.back().second <= v) m_begins.pop_back();
            m_begins.emplace_back(begin, v);
        }
        while (!m_begins.empty() && m_begins.front().first < end - m_longest) m_begins.pop_front();
    }
    [[nodiscard]] const std::pair<std::ptrdiff_t, float>* best() const {
        return m_begins.empty() ? nullptr : &m_begins.front();
    }

private:
    std::ptrdiff_t m_shortest, m_longest;
    std::deque<std::pair<std::ptrdiff_t, float>> m_begins;
};

/// The path through (frame, period). Only the last beats' scores are kept; of all others where their path came from.
class PulsePath {
public:
    PulsePath(const std::vector<float>& activation, double rate, double period, const PulseFreedom& freedom)
        : m_activation(activation), m_freedom(freedom), m_rate(rate), m_centre(period * rate),
          m_grid(m_centre, freedom.slowingFrom ? slowestEnd : slowest), m_states(m_grid.periods.size()),
          m_frames(static_cast<std::ptrdiff_t>(activation.size())) {}

    [[nodiscard]] bool longEnough() const { return m_frames >= 4 * m_grid.periods.back(); }

    void follow() {
        const PeriodMoves steady(m_grid, m_freedom.changeSpread, m_freedom.changeSpread);
        const PeriodMoves slowing =
            m_freedom.slowingFrom ? PeriodMoves(m_grid, m_freedom.changeSpread, slowingSpread) : steady;
        const auto slowingFrom = m_freedom.slowingFrom ? static_cast<std::ptrdiff_t>(*m_freedom.slowingFrom) : m_frames;
        const std::size_t margin = std::max(steady.reach(), slowing.reach());
        prepare();
        std::vector<float> here(m_states + 2 * margin, never);
        std::vector<std::int32_t> origins(m_states);
        for (std::ptrdiff_t t = 0; t < m_frames; ++t) {
            arrive(t, here.data() + margin);
            (t >= slowingFrom ? slowing : steady).enter(here.data(), margin, ringRow(m_entries, t), origins.data());
            std::uint8_t* from = &m_from[static_cast<std::size_t>(t) * m_states];
            for (std::size_t s = 0; s < m_states; ++s) from[s] = static_cast<std::uint8_t>(origins[s]);
        }
    }

    struct Beats {
        std::vector<std::ptrdiff_t> frames;
        std::vector<std::size_t> held; ///< which of them
        float score = 0;
    };

    [[nodiscard]] Beats beats() const {
        Beats out;
        out.score = m_endScore;
        std::vector<std::ptrdiff_t> held;
        std::size_t s = m_endState;
        for (std::ptrdiff_t t = m_endFrame;;) {
            out.frames.push_back(t);
            const std::ptrdiff_t hold = m_freedom.hold ? m_heldFor[static_cast<std::size_t>(t) * m_states + s] : 0;
            t -= hold > 0 ? hold : m_grid.periods[s];
            if (t < 0) break;
            if (hold > 0)
                held.push_back(t);
            else
                s = m_from[static_cast<std::size_t>(t) * m_states + s];
        }
        std::reverse(out.frames.begin(), out.frames.end());
        for (std::size_t b = 0; b < out.frames.size(); ++b)
            if (std::find(held.begin(), held.end(), out.frames[b]) != held.end()) out.held.push_back(b);
        return out;
    }

private:
    void prepare() {
        for (std::ptrdiff_t p : m_grid.periods) {
            const double away = std::log(static_cast<double>(p) / m_centre);
            m_away.push_back(static_cast<float>(0.5 * away * away / (m_freedom.periodSpread * m_freedom.periodSpread)));
            m_awaySlowing.push_back(away > 0 ? 0.2F * m_away.back() : m_away.back());
        }
        m_slowingFrom = m_freedom.slowingFrom ? static_cast<std::ptrdiff_t>(*m_freedom.slowingFrom) : m_frames;
        const std::ptrdiff_t longest = m_grid.periods.back();
        m_ring = static_cast<std::size_t>(m_freedom.hold ? shortestHold(longest) : longest) + 1;
        m_entries.assign(m_ring * m_states, never);
        m_from.assign(static_cast<std::size_t>(m_frames) * m_states, 0);
        if (!m_freedom.hold) return;
        m_scores.assign(m_ring * m_states, never);
        m_heldFor.assign(static_cast<std::size_t>(m_frames) * m_states, 0);
        for (std::ptrdiff_t p : m_grid.periods) m_holds.emplace_back(shortestHold(p), longestHold(p));
        m_struck.assign(static_cast<std::size_t>(m_frames) + 1, 0.0F);
        const auto weight = static_cast<float>(m_freedom.strikesInHold / (0.1 * m_centre));
        for (std::size_t t = 0; t < m_activation.size(); ++t)
            m_struck[t + 1] = m_struck[t] + weight * std::max(0.0F, m_activation[t]);
    }

    [[nodiscard]] std::ptrdiff_t shortestHold(std::ptrdiff_t period) const {
        return std::max(std::lround(leastHeld * static_cast<double>(period)),
                        period + std::lround(leastLonger * m_rate));
    }
    [[nodiscard]] std::ptrdiff_t longestHold(std::ptrdiff_t period) const {
        return std::max(std::lround(mostHeld * static_cast<double>(period)), std::lround(mostHeldSeconds * m_rate));
    }

    [[nodiscard]] float* ringRow(std::vector<float>& ring, std::ptrdiff_t t) const {
        return &ring[static_cast<std::size_t>(t) % m_ring * m_states];
    }

    /// The best scores of paths whose last beat is at `t`.
    void arrive(std::ptrdiff_t t, float* here) {
        const float gain = m_activation[static_cast<std::size_t>(t)];
        const std::vector<float>& away = t >= m_slowingFrom ? m_awaySlowing : m_away;
        for (std::size_t s = 0; s < m_states; ++s) {
            const std::ptrdiff_t before = t - m_grid.periods[s];
            // A path begins within its first period.
            here[s] = before < 0 ? gain : ringRow(m_entries, before)[s] + gain - away[s];
        }
        if (m_freedom.hold) {
            arriveHeld(t, here, away);
            std::copy(here, here + m_states, ringRow(m_scores, t));
        }
        if (t < m_frames - m_grid.periods.back()) return;
        for (std::size_t s = 0; s < m_states; ++s)
            if (here[s] > m_endScore) {
                m_endScore = here[s];
                m_endFrame = t;
                m_endState = s;
            }
    }

    void arriveHeld(std::ptrdiff_t t, float* here, const std::vector<float>& away) {
        const float gain = m_activation[static_cast<std::size_t>(t)];
        for (std::size_t s = 0; s < m_states; ++s) {
            m_holds[s].moveTo(t, [&](std::ptrdiff_t begin) {
                return ringRow(m_scores, begin)[s] + m_struck[static_cast<std::size_t>(begin) + 1];
            });
            const auto* held = m_holds[s].best();
            if (!held || t < m_grid.periods[s]) continue;
            const float score = held->second - m_struck[static_cast<std::size_t>(t)] -
                                static_cast<float>(*m_freedom.hold) + gain - away[s];
            if (score <= here[s]) continue;
            here[s] = score;
            m_heldFor[static_cast<std::size_t>(t) * m_states + s] = static_cast<std::int16_t>(t - held->first);
        }
    }

    static constexpr float never = -std::numeric_limits<float>::infinity();

    const std::vector<float>& m_activation;
    const PulseFreedom& m_freedom;
    double m_rate;
    double m_centre;
    PeriodGrid m_grid;
    std::size_t m_states;
    std::ptrdiff_t m_frames;
    std::ptrdiff_t m_slowingFrom = 0;
    std::size_t m_ring = 1;
    std::vector<float> m_away, m_awaySlowing; // what a state costs for being away from the centre
    std::vector<float>
        m_entries;               // ring: the best to come from, by the frame that is left and the state that is entered
    std::vector<float> m_scores; // ring: of paths that end at a frame, for beats held from there
    std::vector<std::uint8_t> m_from;    // the state that entry came from
    std::vector<std::int16_t> m_heldFor; // frames; 0: not held
    std::vector<HoldWindow> m_holds;
    std::vector<float> m_struck; // what is struck up to a frame
    float m_endScore = never;
    std::ptrdiff_t m_endFrame = 0;
    std::size_t m_endState = 0;
};

/// The top of the parabola through three values, as a part of a frame from the middle one.
double topBetween(double before, double here, double after) {
    const double curve = before - 2 * here + after;
    return curve < 0 ? std::clamp(0.5 * (before - after) / curve, -0.5, 0.5) : 0;
}

} // namespace

PulseTrack trackPulse(const std::vector<float>& activation, double rate, double period, const PulseFreedom& freedom) {
    PulseTrack track;
    PulsePath path(activation, rate, period, freedom);
    if (!path.longEnough()) return track;
    path.follow();
    const PulsePath::Beats beats = path.beats();
    track.held = beats.held;
    for (std::ptrdiff_t t : beats.frames) {
        const auto at = [&](std::ptrdiff_t frame) {
            return static_cast<double>(activation[static_cast<std::size_t>(frame)]);
        };
        const bool inside = t > 0 && t + 1 < static_cast<std::ptrdiff_t>(activation.size());
        track.frames.push_back(static_cast<double>(t) + (inside ? topBetween(at(t - 1), at(t), at(t + 1)) : 0));
    }
    track.score = static_cast<double>(beats.score) / static_cast<double>(std::max<std::size_t>(1, beats.frames.size()));
    std::vector<double> gaps;
    for (std::size_t i = 1; i < track.frames.size(); ++i) gaps.push_back(track.frames[i] - track.frames[i - 1]);
    if (!gaps.empty()) track.period = median(std::move(gaps)) / rate;
    return track;
}

} // namespace lc
