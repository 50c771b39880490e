#include "core/planning/routine_plan.h"

#include "core/landing/findings.h"
#include "core/planning/pass_manners.h"

#include <algorithm>
#include <map>
#include <set>

namespace lc {

namespace {

constexpr std::size_t mostRoutinePlaces = 2'000'000; // a bound of time and memory (bench/)
constexpr std::int64_t impossible = INT64_MAX / 4;
Sentence notPossible() {
    return Core::sentence(
        "Nothing is possible: a pinned start cannot be kept whatever is done. Take the pin away, or allow more.");
}
Sentence tooManyKinds() {
    return Core::sentence(
        "Exceptions could stand at more different places than can be told apart. Let places cost nothing, or allow fewer exceptions.");
}
Sentence tooMany() {
    return Core::sentence("There are too many places where a pass could begin. Allow fewer cuts and tags.");
}

class RoutinePlanner {
public:
    RoutinePlanner(const Document& document, const CountGrid& grid, const RoutinePlanWishes& wishes, PassId opener,
                   const Task& task)
        : m_task(task), m_routine(document.routine), m_grid(grid), m_wishes(wishes),
          m_facings(wishes.endFacing && wishes.costs.facing > 0), m_manners(document, grid, wishes, opener) {}

    Result<RoutinePlans> plans() {
        if (auto error = m_manners.lay()) return tl::unexpected(std::move(*error));
        const Standing opening = m_manners.opening();
        const Place first{opening.at,
                          0,
                          m_manners.feetIndex(opening.free),
                          m_facings ? facingIndex(opening.facing.front()) : 0,
                          false,
                          m_manners.feetIndex(opening.free)};
        m_kindsOfWays = m_manners.kindCosts().size();
        if (!layBounds(first.at)) return fail(ErrorCode::BadValue, tooMany());
        if (bound(first.at, 0) >= impossible) return fail(ErrorCode::BadValue, notPossible());
        const std::int64_t step = 2 * m_wishes.costs.kind + m_wishes.costs.restart + m_wishes.costs.tag + 1;
        std::int64_t within = bound(first.at, 0) + step;
        for (std::size_t listed = m_wishes.differ ? 4 * m_wishes.most + 1 : m_wishes.most + 1;; listed *= 4) {
            auto best = search(first, listed, within, step);
            if (!best) return tl::unexpected(best.error());
            std::vector<std::size_t> shown = chosen(best->paths);
            const bool enough = shown.size() > m_wishes.most || best->paths.size() < listed || listed > mostCompared;
            if (!enough) continue;
            RoutinePlans out;
            if (shown.size() > m_wishes.most)
                out.nextCost = best->paths[shown[m_wishes.most]].cost;
            else if (best->paths.size() >= listed)
                out.nextCost = best->paths.back().cost; // any other costs at least that
            shown.resize(std::min(shown.size(), m_wishes.most));
            for (const std::size_t path : shown) out.plans.push_back(planOf(best->paths[path]));
            return out;
        }
    }

private:
    struct Place { // where a pass begins
        Tick at;
        std::size_t stage;
        std::size_t feet;
        int facing;            ///< of the first role, where it is asked about
        bool moved;            ///< an exception before may have left the wrong foot free
        std::size_t unflipped; ///< feet, had no touch been made a change or the other way round: that has to be of use
        auto operator<=>(const Place&) const = default;
    };

    static constexpr std::size_t mostCompared = 256; ///< plans, where they must differ

    /// The best paths. Only what a plan within a cost can come to is looked at, and the cost raised until that is
    /// enough.
    Result<BestPaths> search(const Place& first, std::size_t listed, std::int64_t& within, std::int64_t more) {
        BestPaths best;
        for (;; within += more *= 2) {
            m_graph.nodes.clear();
            m_left = false;
            if (!build(first, within)) return fail(ErrorCode::BadValue, tooMany());
            if (m_manners.kindCosts().size() > mostKinds) return fail(ErrorCode::BadValue, tooManyKinds());
            m_graph.kindCosts = m_manners.kindCosts();
            best = bestPaths(m_graph, listed, m_task);
            if (!best.exact || !m_left) break;
            if (best.paths.size() < listed) continue;
            if (best.paths.back().cost <= within) break;
            within = best.paths.back().cost; // no plan that is wanted costs more
            more = 0;
        }
        if (!best.exact)
            return fail(ErrorCode::BadValue,
                        Core::sentence("There are too many ways to compare them all. Allow fewer exceptions."));
        if (best.paths.empty()) return fail(ErrorCode::BadValue, notPossible());
        return best;
    }

    /// The paths that are to be listed, best first.
    std::vector<std::size_t> chosen(const std::vector<PlanPath>& paths) const {
        std::vector<std::size_t> out;
        std::set<std::vector<int>> seen; // how often each kind is used, and how many passes miss
        for (std::size_t i = 0; i < paths.size(); ++i) {
            std::vector<int> uses(m_kindsOfWays + 2);
            for (const auto& [node, edge] : paths[i].edges) {
                const PlanEdge& e = m_graph.nodes[node].edges[edge];
                int kinds = 0;
                for (std::size_t k = 0; k < m_kindsOfWays; ++k)
                    if (e.kinds[k]) ++uses[k], ++kinds;
                uses[m_kindsOfWays] += e.exceptions - kinds; // misses
                uses[m_kindsOfWays + 1] += e.to == m_graph.end && m_endings.contains({node, edge});
            }
            if (!m_wishes.differ || seen.insert(uses).second) out.push_back(i);
        }
        return out;
    }

    /// What each manner's ways come to from each place, whatever the feet; and from there the least cost to the end
    /// from each stage and place, were it not for feet and kinds. The end of the music is the last place. False where
    /// there are too many places.
    bool layBounds(Tick first) {
        const auto& manners = m_manners.all();
        std::map<Tick, std::uint32_t> index{{first, 0}, {m_grid.end(), 0}};
        for (auto place = index.begin(); place->first < m_grid.end(); ++place) {
            for (std::size_t m = 0; m < manners.size(); ++m)
                for (std::uint32_t w = 0; const PassStep& step : m_manners.steps(m, place->first))
                    if (const bool ends = manners[m].ways[w++].ends; step.possible && step.end < m_grid.end() && !ends)
                        index.try_emplace(step.end, 0);
            if (index.size() > mostRoutinePlaces || m_task.stopped()) return false;
        }
        for (auto& [at, i] : index) i = static_cast<std::uint32_t>(m_places.size()), m_places.push_back(at);
        const std::size_t stages = m_manners.stages(), end = m_places.size() - 1;
        m_bound.assign(stages + 1,
                       std::vector<std::int64_t>(m_places.size(), 0)); // behind the last stage a routine is over
        using Ways =
            std::vector<std::vector<std::pair<std::uint32_t, std::int64_t>>>; // from each place: where to, for what
        std::vector<Ways> all(
            manners.size()); // laid when a stage asks for them, and given back behind the first that does
        std::vector<std::size_t> firstUse(manners.size(), 0);
        for (std::size_t stage = stages; stage-- > 0;) firstUse[m_manners.mannerOf(stage)] = stage;
        for (std::size_t stage = stages; stage-- > 0;) {
            const std::size_t m = m_manners.mannerOf(stage), next = m_manners.after(stage);
            if (all[m].empty()) {
                all[m].resize(m_places.size());
                for (std::size_t p = 0; p < end; ++p)
                    for (std::uint32_t w = 0; const PassStep& step : m_manners.steps(m, m_places[p]))
                        if (const bool ends = manners[m].ways[w++].ends; step.possible)
                            all[m][p].emplace_back(step.end < m_grid.end() && !ends ? index.at(step.end)
                                                                                    : static_cast<std::uint32_t>(end),
                                                   step.cost);
            }
            for (std::size_t p = end; p-- > 0;) {
                if (m_places[p] + waitOf(stage) >= m_grid.end())
                    continue; // the music ends while everyone waits: there is no such pass, and nothing to pay
                std::int64_t least = impossible;
                for (const auto& [to, cost] : all[m][p])
                    least = std::min(least, std::min(impossible, cost + m_bound[next][to]));
                m_bound[stage][p] = least;
            }
            if (firstUse[m] == stage) all[m] = {};
        }
        return true;
    }

    /// Counts that everyone waits before a pass in any case.
    [[nodiscard]] Tick waitOf(std::size_t stage) const {
        return stage > 0 && m_manners.danced(stage) ? m_manners.all()[m_manners.mannerOf(stage)].pass.wait : Tick{};
    }

    [[nodiscard]] std::int64_t bound(Tick at, std::size_t stage) const {
        if (at + waitOf(stage) >= m_grid.end() || !m_manners.danced(stage)) return 0;
        return m_bound[stage][static_cast<std::size_t>(std::lower_bound(m_places.begin(), m_places.end(), at) -
                                                       m_places.begin())];
    }

    /// All that plans within a cost can come to. `m_left` tells whether anything was left out.
    bool build(const Place& first, std::int64_t within) {
        struct Here {
            std::int64_t cost = 0;                                     ///< of the cheapest way here, without kinds
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
            const auto& steps = m_manners.steps(manner, from.at);
            for (std::uint32_t w = 0; w < ways.size(); ++w) {
                const PassStep& step = steps[w];
                const bool ends = step.end + waitOf(next) >= m_grid.end() || ways[w].ends || !m_manners.danced(next);
                if (ways[w].ends && m_manners.endless() && !canGo(from.stage + 1))
                    continue; // nothing may come behind it
                if (!step.possible || !m_manners.inTime(next, step.end) || !m_manners.mayStart(from.stage, step.start))
                    continue;
                const std::int64_t least = ends ? 0 : bound(step.end, next);
                if (least >= impossible) continue;
                if (here->second.cost + step.cost + least > within) {
                    m_left = true;
                    continue;
                }
                const bool wrong = from.moved && m_manners.entersWrong(manner, w, from.feet);
                if (wrong && !m_wishes.costs.wrongFoot) continue;
                if (from.unflipped != from.feet && !m_manners.entersWrong(manner, w, from.unflipped)) continue;
                const auto all =
                    m_manners.leftBy(manner, w, from.at, from.feet, ends ? std::nullopt : std::optional(next));
                for (const PassLeft& left : all) {
                    PlanEdge edge = ways[w].charged;
                    edge.choice += left.flipped;
                    edge.cost =
                        step.cost + charged(from, w, step, left, ends) + (wrong ? *m_wishes.costs.wrongFoot : 0);
                    edge.exceptions += step.miss;
                    if (ways[w].charged.exceptions > 0)
                        if (const auto kind = m_manners.placeKind(step.danceEnd); kind && *kind < mostKinds)
                            edge.kinds.set(*kind);
                    const std::optional<Place> to =
                        ends ? std::nullopt
                             : std::optional(Place{step.end, next, left.feet,
                                                   m_facings ? facingIndex({from.facing + left.turned.value}) : 0,
                                                   ways[w].movesFeet, all.front().feet});
                    here->second.on.emplace_back(to, edge);
                    if (!to) continue;
                    const auto [there, fresh] = places.try_emplace(*to);
                    if (const std::int64_t cost = here->second.cost + edge.cost; fresh || cost < there->second.cost)
                        there->second.cost = cost;
                }
            }
            if (places.size() > mostRoutinePlaces || m_task.stopped()) return false;
        }
        m_endings.clear();
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
                if (!to && m_manners.all()[m_manners.mannerOf(place.stage)].ways[edge.choice / 2].ends)
                    m_endings.emplace(here.node, static_cast<std::uint32_t>(node.edges.size() - 1));
            }
        }
        return true;
    }

    /// What a way costs besides, for those who come there so.
    std::int64_t charged(const Place& from, std::uint32_t w, const PassStep& step, const PassLeft& left, bool ends) {
        const std::size_t m = m_manners.mannerOf(from.stage);
        const PassManner& manner = m_manners.all()[m];
        const PassWay& way = manner.ways[w];
        std::int64_t cost = m_manners.accentsMissed(from.stage, w, from.at);
        cost *= m_wishes.costs.accent;
        if (left.flipped) cost += m_wishes.costs.touch;
        if (m_facings && ends) {
            Standing before = m_manners.opening();
            before.at = from.at;
            before.facing.front() = Eighths{from.facing};
            Standing after = before;
            const Pass pass = m_manners.asDanced(manner, way, from.at, way.what.lastChangeIsTouch);
            const PassPerformance done = m_manners.perform(pass, after);
            const Tick danced = std::max(Tick{}, std::min(done.counts, m_grid.end() - step.start));
            if (facingIndex(endingFacing(pass, before, danced, done)) != facingIndex(*m_wishes.endFacing))
                cost += m_wishes.costs.facing;
        }
        return cost;
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
            const std::uint32_t choice = m_graph.nodes[path.edges[i].first].edges[path.edges[i].second].choice;
            const std::uint32_t w = choice / 2;
            const std::size_t m = m_manners.mannerOf(stage);
            const PassManner& manner = m_manners.all()[m];
            const PassWay& way = manner.ways[w];
            const Standing before = standing;
            const Pass pass =
                m_manners.asDanced(manner, way, before.at, way.what.lastChangeIsTouch != (choice % 2 == 1));
            const PassPerformance done = m_manners.perform(pass, standing);
            const auto phrase = m_grid.phraseAt(done.start);
            plan.passes.push_back(
                {done.start, done.counts, done.tag, before.facing.front(),
                 phrase ? done.start - counts(m_grid.phrases()[static_cast<std::size_t>(*phrase)].firstCount) : Tick{},
                 !lands(m_grid, done), pass.restart && done.cut, pass.restart && pass.lastChangeIsTouch,
                 i < passes.size() ? passes[i]->id : PassId{}});
            plan.as.push_back(pass);
            plan.parts.push_back(pass.part);
            plan.misses += plan.passes.back().misses;
            plan.ending = std::max(Tick{}, std::min(done.counts, m_grid.end() - done.start));
            plan.endingFacing = endingFacing(pass, before, plan.ending, done);
            if (i >= passes.size())
                added.push_back(pass);
            else
                change(*passes[i], pass, plan.edits);
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
        PassExceptions plain = planned;
        plain.restart = is.restart;
        plain.tag = is.tag;
        plain.lastChangeIsTouch = is.lastChangeIsTouch;
        if (!(plain == static_cast<const PassExceptions&>(is))) {
            edits.emplace_back(SetExceptions{is.id, planned, Core::sentence("what makes the pass differ")});
            return;
        }
        if (is.restart != planned.restart) edits.emplace_back(SetRestart{is.id, planned.restart});
        if (is.tag != planned.tag) edits.emplace_back(SetTag{is.id, planned.tag});
        if (is.lastChangeIsTouch != planned.lastChangeIsTouch)
            edits.emplace_back(SetLastChangeIsTouch{is.id, planned.lastChangeIsTouch});
    }

    /// Whether nothing was said of a pass and those behind it but restarts and tags, so that they can go.
    [[nodiscard]] bool canGo(std::size_t from) const {
        const auto& passes = m_manners.passes();
        for (std::size_t i = from; i < passes.size(); ++i) {
            Pass plain;
            plain.id = passes[i]->id;
            plain.part = passes[i]->part;
            plain.restart = passes[i]->restart;
            plain.tag = passes[i]->tag;
            plain.lastChangeIsTouch = passes[i]->lastChangeIsTouch;
            if (*passes[i] != plain) return false;
        }
        return true;
    }

    /// Passes behind the end of the music.
    void removeRest(std::size_t danced, std::vector<Edit>& edits) const {
        const auto& passes = m_manners.passes();
        if (danced >= passes.size() || !canGo(danced)) return;
        std::vector<PassId> rest;
        for (std::size_t i = danced; i < passes.size(); ++i) rest.push_back(passes[i]->id);
        edits.emplace_back(RemovePasses{std::move(rest)});
    }

    const Task& m_task;
    const Routine& m_routine;
    const CountGrid& m_grid;
    const RoutinePlanWishes& m_wishes;
    bool m_facings; ///< matter
    PassManners m_manners;
    std::vector<Tick> m_places;
    std::vector<std::vector<std::int64_t>> m_bound; ///< by stage and place
    bool m_left = false;
    PlanGraph m_graph;
    std::size_t m_kindsOfWays = 0;                               ///< the kinds before those of places
    std::set<std::pair<std::uint32_t, std::uint32_t>> m_endings; ///< edges that dance the ending
};

/// The routine with its opening before all; what opens it is kept as it is.
struct Opened {
    Document document;
    RoutinePlanWishes wishes;
    PassId opener;
};

Result<Opened> openedBy(const Document& document, const RoutinePlanWishes& wishes) {
    auto opened = applyEdit(document, InsertPass{0, *wishes.opening});
    if (!opened) return tl::unexpected(opened.error());
    Opened out{std::move(*opened), wishes, {}};
    out.opener = out.document.routine.passes.front().id;
    out.wishes.kept.emplace_back(out.opener);
    return out;
}

} // namespace

Result<RoutinePlans> planRoutine(const Document& document, const CountGrid& grid, const RoutinePlanWishes& wishes,
                                 const Task& task) {
    auto plans = RoutinePlanner(document, grid, wishes, {}, task).plans();
    if (task.stopped()) return fail(ErrorCode::Cancelled, Core::sentence("Planning was stopped."));
    if (!wishes.opening || !findPart(document.routine, *wishes.opening)) return plans;
    const auto opened = openedBy(document, wishes);
    if (!opened) return plans;
    auto others = RoutinePlanner(opened->document, grid, opened->wishes, opened->opener, task).plans();
    if (task.stopped()) return fail(ErrorCode::Cancelled, Core::sentence("Planning was stopped."));
    if (!others) return plans;
    if (!plans) plans = RoutinePlans{};
    std::int64_t next = plans->nextCost;
    const auto unlisted = [&](std::int64_t cost) { next = next < 0 ? cost : std::min(next, cost); };
    if (others->nextCost >= 0) unlisted(others->nextCost + wishes.costs.opening);
    for (RoutinePlan& plan : others->plans) {
        plan.cost += wishes.costs.opening;
        plan.opened = true;
        plan.edits.insert(plan.edits.begin(), InsertPass{0, *wishes.opening});
        plans->plans.push_back(std::move(plan));
    }
    std::stable_sort(plans->plans.begin(), plans->plans.end(),
                     [](const RoutinePlan& a, const RoutinePlan& b) { return a.cost < b.cost; });
    for (std::size_t i = wishes.most; i < plans->plans.size(); ++i) unlisted(plans->plans[i].cost);
    if (plans->plans.size() > wishes.most) plans->plans.resize(wishes.most);
    plans->nextCost = next;
    return plans;
}

} // namespace lc
