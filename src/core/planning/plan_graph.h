#pragma once

#include "core/base/task.h"
#include "core/base/tick.h"

#include <bitset>
#include <cstdint>
#include <optional>
#include <vector>

namespace lc {

/// How many different kinds of exceptions (lengths of cuts, lengths of tags, …) a plan can choose from.
inline constexpr std::size_t mostKinds = 128;
using KindSet = std::bitset<mostKinds>;

/// One way to dance a pass from a place on.
struct PlanEdge {
    std::uint32_t to = 0;     ///< node
    std::int64_t cost = 0;    ///< without the kinds; at least 0
    KindSet kinds;            ///< each costs once in a plan
    int exceptions = 0;       ///< restarts, tags, misses and the like in it
    std::uint32_t choice = 0; ///< what it stands for; of two edges with one end the smaller comes first
};

/// A place that a plan can reach: a pass begins here.
struct PlanNode {
    Tick at; ///< of the song; edges lead to later places, or to a node without edges
    std::vector<PlanEdge> edges;
};

/// Places and the ways between them, without a way back.
struct PlanGraph {
    std::vector<PlanNode> nodes;         ///< an edge leads to a node of a higher index
    std::vector<std::int64_t> kindCosts; ///< at least 0; at most mostKinds
    std::uint32_t start = 0;
    std::uint32_t end = 0; ///< where plans end; a node without edges
};

/// A plan: edges from the start to the end.
struct PlanPath {
    std::int64_t cost = 0;
    std::vector<std::pair<std::uint32_t, std::uint32_t>> edges; ///< node, index among its edges
};

struct BestPaths {
    std::vector<PlanPath> paths; ///< the best first
    bool all = false;            ///< there are no others
    bool exact = true;           ///< false where the search was ended by `mostStates` or stopped; `paths` is then empty
    std::size_t states = 0;      ///< places with the kinds used on the way, looked at
};

/// States that are compared at most: some 150 MB and a few seconds.
inline constexpr std::size_t mostPlanStates = 1'000'000;

/// The `most` best paths, exactly. Better is: the smaller cost; then the later first exception, taken at the place its
/// edge begins (none = the latest); then the fewer exceptions; then the smaller places in order, a plan that ends
/// sooner first; then the smaller choices in order. A shortest path over (place, kinds used), A* with the cost without
/// kinds as a bound that never says too much; then the `most` best ways on from each state, backwards, among the states
/// that lie within the cost of the worst path listed. Sources: Hart, Nilsson, Raphael, "A formal basis for the
/// heuristic determination of minimum cost paths", IEEE Trans. SSC 4 (1968); Bellman and Kalaba, "On kth best
/// policies", J. SIAM 8 (1960).
[[nodiscard]] BestPaths bestPaths(const PlanGraph& graph, std::size_t most, const Task& task = {},
                                  std::size_t mostStates = mostPlanStates);

} // namespace lc
