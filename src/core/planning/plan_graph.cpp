#include "core/planning/plan_graph.h"

#include <algorithm>
#include <functional>
#include <limits>
#include <queue>
#include <unordered_map>

namespace lc {

namespace {

constexpr std::int64_t never = std::numeric_limits<std::int64_t>::max() / 4;
constexpr std::uint32_t none = std::numeric_limits<std::uint32_t>::max();

/// A place with what was used on the way. `clean` where there was no exception yet.
struct State {
    std::uint32_t node = 0;
    KindSet kinds;
    bool clean = false;
    std::int64_t cost = never; ///< of the cheapest way here
    bool closed = false;
};

struct StateKey {
    std::uint32_t node;
    bool clean;
    KindSet kinds;
    bool operator==(const StateKey&) const = default;
};

struct StateHash {
    std::size_t operator()(const StateKey& k) const {
        return std::hash<KindSet>()(k.kinds) * 0x9E3779B97F4A7C15ULL + k.node * 2 + (k.clean ? 1 : 0);
    }
};

/// The rest of a plan from a state on: an edge, and one of the ways on behind it.
struct WayOn {
    std::int64_t cost = 0;
    int exceptions = 0;
    Tick first;                 ///< where its first exception is
    std::uint32_t edge = none;  ///< none at the end
    std::uint32_t state = none; ///< behind the edge
    std::uint32_t rank = 0;     ///< of the way on from there
};

class Search {
public:
    Search(const PlanGraph& graph, const Task& task, std::size_t mostStates)
        : m_graph(graph), m_task(task), m_mostStates(mostStates) {
        boundFromEnd();
        if (m_bound[graph.start] >= never) return;
        m_open.push({m_bound[graph.start], stateOf({graph.start, true, {}}, 0)});
    }

    BestPaths best(std::size_t most) {
        BestPaths out;
        if (most == 0 || m_open.empty()) return {{}, m_open.empty(), true, 0};
        for (std::int64_t within = m_open.top().first;
             within < never;) { // the states within a cost, and the cost raised until there are enough plans
            if (!closeWithin(within)) return {{}, false, false, m_states.size()};
            within = waysOnWithin(within, most);
            if (m_ways[0].size() >= most) break;
        }
        for (std::uint32_t rank = 0; rank < m_ways.front().size(); ++rank) out.paths.push_back(pathOf(rank));
        out.all = out.paths.size() < most;
        out.states = m_states.size();
        return out;
    }

private:
    /// Cheapest cost to the end from each node if kinds cost nothing: nodes are in the order of the song.
    void boundFromEnd() {
        m_bound.assign(m_graph.nodes.size(), never);
        m_bound[m_graph.end] = 0;
        for (std::size_t n = m_graph.nodes.size(); n-- > 0;)
            for (const PlanEdge& e : m_graph.nodes[n].edges)
                if (m_bound[e.to] < never) m_bound[n] = std::min(m_bound[n], e.cost + m_bound[e.to]);
    }

    std::int64_t kindCost(const KindSet& fresh) const {
        std::int64_t cost = 0;
        if (fresh.any())
            for (std::size_t k = 0; k < m_graph.kindCosts.size(); ++k)
                if (fresh[k]) cost += m_graph.kindCosts[k];
        return cost;
    }

    std::uint32_t stateOf(const StateKey& key, std::int64_t cost) {
        const auto [found, fresh] = m_index.try_emplace(key, static_cast<std::uint32_t>(m_states.size()));
        if (fresh)
            m_states.push_back({key.node, key.kinds, key.clean, cost});
        else
            m_states[found->second].cost = std::min(m_states[found->second].cost, cost);
        return found->second;
    }

    static StateKey behind(const State& state, const PlanEdge& edge) {
        return {edge.to, state.clean && edge.exceptions == 0, state.kinds | edge.kinds};
    }

    /// Settles every state whose cheapest plan costs no more. False where there are too many.
    bool closeWithin(std::int64_t within) {
        while (!m_open.empty() && m_open.top().first <= within) {
            const std::uint32_t id = m_open.top().second;
            m_open.pop();
            if (m_states[id].closed) continue;
            m_states[id].closed = true;
            const State here = m_states[id];
            for (const PlanEdge& e : m_graph.nodes[here.node].edges) {
                if (m_bound[e.to] >= never) continue;
                const StateKey key = behind(here, e);
                const std::int64_t cost = here.cost + e.cost + kindCost(e.kinds & ~here.kinds);
                const auto known = m_index.find(key);
                if (known != m_index.end() && m_states[known->second].cost <= cost) continue;
                m_open.push({cost + m_bound[e.to], stateOf(key, cost)});
            }
            if (m_states.size() > m_mostStates || m_task.stopped()) return false;
        }
        return true;
    }

    /// The best ways on from each settled state, the last places of the song first. Gives the least cost at which there
    /// may be more of them, `never` where there are none.
    std::int64_t waysOnWithin(std::int64_t within, std::size_t most) {
        std::vector<std::uint32_t> order;
        for (std::uint32_t s = 0; s < m_states.size(); ++s)
            if (m_states[s].closed) order.push_back(s);
        std::sort(order.begin(), order.end(),
                  [&](std::uint32_t a, std::uint32_t b) { return m_states[a].node > m_states[b].node; });
        m_ways.assign(m_states.size(), {});
        std::int64_t dearer = m_open.empty() ? never : m_open.top().first;
        std::vector<WayOn> candidates;
        for (const std::uint32_t s : order) {
            const State& here = m_states[s];
            if (here.node == m_graph.end) {
                m_ways[s].push_back({0, 0, Tick{INT64_MAX}, none, none, 0});
                continue;
            }
            candidates.clear();
            const PlanNode& node = m_graph.nodes[here.node];
            for (std::uint32_t i = 0; i < node.edges.size(); ++i) {
                const PlanEdge& e = node.edges[i];
                const std::int64_t cost = e.cost + kindCost(e.kinds & ~here.kinds);
                if (m_bound[e.to] >= never) continue;
                if (const std::int64_t least = here.cost + cost + m_bound[e.to]; least > within) {
                    dearer = std::min(dearer, least);
                    continue;
                }
                const auto found = m_index.find(behind(here, e));
                if (found == m_index.end()) continue;
                const auto& on = m_ways[found->second];
                for (std::uint32_t rank = 0; rank < on.size(); ++rank) {
                    if (const std::int64_t total = here.cost + cost + on[rank].cost; total > within) {
                        dearer = std::min(dearer, total);
                        break;
                    }
                    candidates.push_back({cost + on[rank].cost, e.exceptions + on[rank].exceptions,
                                          e.exceptions > 0 ? node.at : on[rank].first, i, found->second, rank});
                }
            }
            const std::size_t kept = std::min(most, candidates.size());
            std::partial_sort(candidates.begin(), candidates.begin() + static_cast<std::ptrdiff_t>(kept),
                              candidates.end(), [&](const WayOn& a, const WayOn& b) { return better(here, a, b); });
            m_ways[s].assign(candidates.begin(), candidates.begin() + static_cast<std::ptrdiff_t>(kept));
        }
        return dearer;
    }

    bool better(const State& from, const WayOn& a, const WayOn& b) const {
        if (a.cost != b.cost) return a.cost < b.cost;
        if (from.clean && a.first != b.first) return a.first > b.first;
        if (a.exceptions != b.exceptions) return a.exceptions < b.exceptions;
        int choices = 0; // the first difference among the choices, for where all places are the same
        const State* state = &from;
        const State* other = &from;
        for (const WayOn *x = &a, *y = &b;;) {
            const bool endsX = x->edge == none, endsY = y->edge == none;
            if (endsX || endsY) return endsX != endsY ? endsX : choices < 0;
            const PlanEdge& ex = m_graph.nodes[state->node].edges[x->edge];
            const PlanEdge& ey = m_graph.nodes[other->node].edges[y->edge];
            if (choices == 0 && ex.choice != ey.choice) choices = ex.choice < ey.choice ? -1 : 1;
            state = &m_states[x->state];
            other = &m_states[y->state];
            const bool lastX = state->node == m_graph.end, lastY = other->node == m_graph.end;
            if (lastX != lastY) return lastX;
            const Tick atX = m_graph.nodes[state->node].at, atY = m_graph.nodes[other->node].at;
            if (!lastX && atX != atY) return atX < atY;
            x = &m_ways[x->state][x->rank];
            y = &m_ways[y->state][y->rank];
        }
    }

    PlanPath pathOf(std::uint32_t rank) const {
        PlanPath path;
        path.cost = m_ways[0][rank].cost;
        for (std::uint32_t state = 0; m_ways[state][rank].edge != none;) {
            const WayOn& way = m_ways[state][rank];
            path.edges.emplace_back(m_states[state].node, way.edge);
            state = way.state;
            rank = way.rank;
        }
        return path;
    }

    const PlanGraph& m_graph;
    const Task& m_task;
    std::size_t m_mostStates;
    std::vector<std::int64_t> m_bound;
    std::vector<State> m_states;
    std::unordered_map<StateKey, std::uint32_t, StateHash> m_index;
    using Open = std::pair<std::int64_t, std::uint32_t>;
    std::priority_queue<Open, std::vector<Open>, std::greater<>> m_open;
    std::vector<std::vector<WayOn>> m_ways;
};

} // namespace

BestPaths bestPaths(const PlanGraph& graph, std::size_t most, const Task& task, std::size_t mostStates) {
    return Search(graph, task, mostStates).best(most);
}

} // namespace lc
