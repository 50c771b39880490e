#include "core/planning/routine_plan.h"

#include "core/landing/findings.h"
#include "core/planning/pass_manners.h"

#include <algorithm>
#include <map>

namespace lc {

namespace {

constexpr std::size_t mostPlaces = 2'000'000;
constexpr std::int64_t impossible = INT64_MAX / 4;
constexpr const char* notPossible = "Nothing is possible: a pinned start cannot be kept whatever is cut. Take the pin away, or allow more cuts.";
constexpr const char* tooMany = "There are too many places where a pass could begin. Allow fewer cuts and tags.";

class RoutinePlanner {
public:
    RoutinePlanner(const Routine& routine, const CountGrid& grid, const RoutinePlanWishes& wishes) : m_routine(routine), m_grid(grid), m_wishes(wishes), m_manners(routine, grid, wishes) {}

    Result<RoutinePlans> plans() {
        if (auto error = m_manners.lay()) return tl::unexpected(std::move(*error));
        const Standing opening = m_manners.opening();
        const Place first{opening.at, 0, m_manners.feetIndex(opening.free)};
        m_graph.kindCosts.assign(m_manners.kinds(), m_wishes.costs.kind);
        if (!layBounds(first.at)) return fail(ErrorCode::BadValue, tooMany);
        if (bound(first.at, 0) >= impossible) return fail(ErrorCode::BadValue, notPossible);
        BestPaths best;
        const std::int64_t step = 2 * m_wishes.costs.kind + m_wishes.costs.restart + m_wishes.costs.tag + 1;
        for (std::int64_t within = bound(first.at, 0) + step, more = step;; within += more *= 2) { // only what a plan within a cost can come to is looked at, and the cost raised until that is enough
            m_graph.nodes.clear();
            m_left = false;
            if (!build(first, within)) return fail(ErrorCode::BadValue, tooMany);
            best = bestPaths(m_graph, m_wishes.most + 1);
            if (!best.exact || !m_left) break;
            if (best.paths.size() <= m_wishes.most) continue;
            if (best.paths.back().cost <= within) break;
            within = best.paths.back().cost; // no plan that is wanted costs more
            more = 0;
        }
        if (!best.exact) return fail(ErrorCode::BadValue, "There are too many ways to compare them all. Allow fewer cuts and tags.");
        if (best.paths.empty()) return fail(ErrorCode::BadValue, notPossible);
        RoutinePlans out;
        for (std::size_t i = 0; i < std::min(m_wishes.most, best.paths.size()); ++i) out.plans.push_back(planOf(best.paths[i]));
        if (best.paths.size() > m_wishes.most) out.nextCost = best.paths[m_wishes.most].cost;
        return out;
    }

private:
    struct Place { // where a pass begins
        Tick at;
        std::size_t stage;
        std::size_t feet;
        auto operator<=>(const Place&) const = default;
    };

    /// What each manner's ways come to from each place, whatever the feet; and from there the least cost to the end from each stage and place, were it not for feet and kinds. The end of the
    /// music is the last place. False where there are too many places.
    bool layBounds(Tick first) {
        const auto& manners = m_manners.all();
        std::map<Tick, std::uint32_t> index{{first, 0}, {m_grid.end(), 0}};
        for (auto place = index.begin(); place->first < m_grid.end(); ++place) {
            for (std::size_t m = 0; m < manners.size(); ++m)
                for (std::uint32_t w = 0; w < manners[m].ways.size(); ++w)
                    if (const PassStep step = m_manners.step(m, w, place->first); step.possible && step.end < m_grid.end()) index.try_emplace(step.end, 0);
            if (index.size() > mostPlaces) return false;
        }
        for (auto& [at, i] : index) i = static_cast<std::uint32_t>(m_places.size()), m_places.push_back(at);
        const std::size_t stages = m_manners.stages(), end = m_places.size() - 1;
        m_bound.assign(stages + 1, std::vector<std::int64_t>(m_places.size(), 0)); // behind the last stage a routine is over
        using Ways = std::vector<std::vector<std::pair<std::uint32_t, std::int64_t>>>; // from each place: where to, for what
        std::vector<Ways> all(manners.size()); // laid when a stage asks for them, and given back behind the first that does
        std::vector<std::size_t> firstUse(manners.size(), 0);
        for (std::size_t stage = stages; stage-- > 0;) firstUse[m_manners.mannerOf(stage)] = stage;
        for (std::size_t stage = stages; stage-- > 0;) {
            const std::size_t m = m_manners.mannerOf(stage), next = m_manners.after(stage);
            if (all[m].empty()) {
                all[m].resize(m_places.size());
                for (std::size_t p = 0; p < end; ++p)
                    for (std::uint32_t w = 0; w < manners[m].ways.size(); ++w)
                        if (const PassStep step = m_manners.step(m, w, m_places[p]); step.possible) all[m][p].emplace_back(step.end < m_grid.end() ? index.at(step.end) : static_cast<std::uint32_t>(end), step.cost);
            }
            for (std::size_t p = end; p-- > 0;) {
                std::int64_t least = impossible;
                for (const auto& [to, cost] : all[m][p]) least = std::min(least, std::min(impossible, cost + m_bound[next][to]));
                m_bound[stage][p] = least;
            }
            if (firstUse[m] == stage) all[m] = {};
        }
        return true;
    }

    [[nodiscard]] std::int64_t bound(Tick at, std::size_t stage) const {
        if (at >= m_grid.end() || !m_manners.danced(stage)) return 0;
        return m_bound[stage][static_cast<std::size_t>(std::lower_bound(m_places.begin(), m_places.end(), at) - m_places.begin())];
    }

    /// All that plans within a cost can come to. `m_left` tells whether anything was left out.
    bool build(const Place& first, std::int64_t within) {
        struct Here {
            std::int64_t cost = 0; ///< of the cheapest way here, without kinds
            std::vector<std::pair<std::optional<Place>, PlanEdge>> on; ///< no place is the end
            std::uint32_t node = 0;
        };
        std::map<Place, Here> places;
        places[first];
        for (auto here = places.begin(); here != places.end(); ++here) {
            const Place from = here->first;
            const std::size_t manner = m_manners.mannerOf(from.stage);
            const std::size_t next = m_manners.after(from.stage);
            const auto& ways = m_manners.all()[manner].ways;
            for (std::uint32_t w = 0; w < ways.size(); ++w) {
                const PassStep step = m_manners.step(manner, w, from.at);
                if (!step.possible || !m_manners.inTime(next, step.end)) continue;
                const std::int64_t least = bound(step.end, next);
                if (least >= impossible) continue;
                if (here->second.cost + step.cost + least > within) {
                    m_left = true;
                    continue;
                }
                const bool ends = step.end >= m_grid.end() || !m_manners.danced(next);
                const auto feet = m_manners.feetAfter(manner, w, from.at, from.feet, ends ? std::nullopt : std::optional(next));
                if (!feet) continue;
                PlanEdge edge = ways[w].charged;
                edge.cost = step.cost;
                edge.exceptions += step.miss;
                const std::optional<Place> to = ends ? std::nullopt : std::optional(Place{step.end, next, feet->first});
                here->second.on.emplace_back(to, edge);
                if (!to) continue;
                const auto [there, fresh] = places.try_emplace(*to);
                if (const std::int64_t cost = here->second.cost + edge.cost; fresh || cost < there->second.cost) there->second.cost = cost;
            }
            if (places.size() > mostPlaces) return false;
        }
        std::uint32_t n = 0;
        for (auto& [place, here] : places) here.node = n++;
        m_graph.nodes.resize(n + 1);
        m_graph.end = n;
        m_graph.nodes.back().at = m_grid.end();
        for (const auto& [place, here] : places) {
            PlanNode& node = m_graph.nodes[here.node];
            node.at = place.at;
            for (const auto& [to, edge] : here.on) {
                node.edges.push_back(edge);
                node.edges.back().to = to ? places.find(*to)->second.node : m_graph.end;
            }
        }
        return true;
    }

    /// Danced once more from the beginning, with facings, and written as edits.
    RoutinePlan planOf(const PlanPath& path) {
        RoutinePlan plan;
        plan.cost = path.cost;
        const auto& passes = m_manners.passes();
        Standing standing = m_manners.opening();
        std::vector<Pass> added;
        std::size_t stage = 0;
        for (std::size_t i = 0; i < path.edges.size(); ++i, stage = m_manners.after(stage)) {
            const std::uint32_t w = m_graph.nodes[path.edges[i].first].edges[path.edges[i].second].choice;
            const std::size_t m = m_manners.mannerOf(stage);
            const PassManner& manner = m_manners.all()[m];
            const PassWay& way = manner.ways[w];
            const Standing before = standing;
            const bool last = i + 1 == path.edges.size();
            const auto feet = m_manners.feetAfter(m, w, standing.at, m_manners.feetIndex(standing.free), last ? std::nullopt : std::optional(m_manners.after(stage)));
            const Pass pass = PassManners::asDanced(manner, way, feet->second);
            const PassPerformance done = m_manners.perform(pass, standing);
            const auto phrase = m_grid.phraseAt(done.start);
            plan.passes.push_back({done.start, done.counts, done.tag, before.facing.front(), phrase ? done.start - counts(m_grid.phrases()[static_cast<std::size_t>(*phrase)].firstCount) : Tick{},
                                   !lands(m_grid, done), way.restart.has_value(), way.restart && pass.lastChangeIsTouch, i < passes.size() ? passes[i]->id : PassId{}});
            plan.misses += plan.passes.back().misses;
            plan.ending = std::max(Tick{}, std::min(done.counts, m_grid.end() - done.start));
            plan.endingFacing = endingFacing(pass, before, plan.ending, done);
            if (i >= passes.size()) added.push_back(pass);
            else if (!manner.kept) change(*passes[i], pass, plan.edits);
        }
        if (!added.empty()) plan.edits.emplace_back(InsertPasses{m_routine.passes.size(), std::move(added)});
        if (m_manners.endless()) removeRest(path.edges.size(), plan.edits);
        return plan;
    }

    /// Facing when the music ends, perhaps inside the pass.
    Eighths endingFacing(Pass pass, Standing standing, Tick danced, const PassPerformance& done) {
        if (danced >= done.counts || danced <= Tick{}) {
            if (danced <= Tick{}) return standing.facing.front();
            return done.roles.front().facingOut;
        }
        pass.restart = Restart{danced};
        pass.tag.reset();
        (void)m_manners.perform(pass, standing);
        return standing.facing.front();
    }

    static void change(const Pass& is, const Pass& planned, std::vector<Edit>& edits) {
        if (is.restart != planned.restart) edits.emplace_back(SetRestart{is.id, planned.restart});
        if (is.tag != planned.tag) edits.emplace_back(SetTag{is.id, planned.tag});
        if (is.lastChangeIsTouch != planned.lastChangeIsTouch) edits.emplace_back(SetLastChangeIsTouch{is.id, planned.lastChangeIsTouch});
    }

    /// Passes behind the end of the music, where nothing was said of them.
    void removeRest(std::size_t danced, std::vector<Edit>& edits) const {
        const auto& passes = m_manners.passes();
        std::vector<PassId> rest;
        for (std::size_t i = danced; i < passes.size(); ++i) {
            Pass plain;
            plain.id = passes[i]->id;
            plain.part = passes[i]->part;
            plain.restart = passes[i]->restart;
            plain.tag = passes[i]->tag;
            plain.lastChangeIsTouch = passes[i]->lastChangeIsTouch;
            if (*passes[i] != plain) return;
            rest.push_back(plain.id);
        }
        if (!rest.empty()) edits.emplace_back(RemovePasses{std::move(rest)});
    }

    const Routine& m_routine;
    const CountGrid& m_grid;
    const RoutinePlanWishes& m_wishes;
    PassManners m_manners;
    std::vector<Tick> m_places;
    std::vector<std::vector<std::int64_t>> m_bound; ///< by stage and place
    bool m_left = false;
    PlanGraph m_graph;
};

} // namespace

Result<RoutinePlans> planRoutine(const Document& document, const CountGrid& grid, const RoutinePlanWishes& wishes) { return RoutinePlanner(document.routine, grid, wishes).plans(); }

} // namespace lc
