#include "core/planning/routine_plan.h"

#include "core/landing/findings.h"
#include "core/planning/plan_graph.h"
#include "core/routine/music_place.h"
#include "core/routine/pass_dancer.h"

#include <algorithm>
#include <map>
#include <tuple>

namespace lc {

namespace {

constexpr std::size_t mostPlaces = 2'000'000;
constexpr std::int64_t impossible = INT64_MAX / 4;
constexpr const char* notPossible = "Nothing is possible: a pinned start cannot be kept whatever is cut. Take the pin away, or allow more cuts.";
constexpr const char* tooMany = "There are too many places where a pass could begin. Allow fewer cuts and tags.";

/// A way to dance a pass. As it is where the pass is kept.
struct Way {
    std::optional<Tick> cut;
    Tick tag; ///< 0 where none
    PlanEdge charged;
};

/// Passes that are danced alike, with the ways there are to dance them.
struct Manner {
    Pass pass; ///< without identity, restart, tag and touch, unless it is kept
    bool kept = false;
    std::shared_ptr<const PartReading> reading;
    std::vector<Way> ways;
};

/// What came of dancing a pass, from its place on.
struct Danced {
    Tick length; ///< until the next may begin
    Tick lead;   ///< until its count 1
    Tick counts, whole, tag;
    std::size_t feet = 0; ///< afterwards, into RoutinePlanner::m_feet
    bool turnCut = false;
};

class RoutinePlanner {
public:
    RoutinePlanner(const Document& document, const CountGrid& grid, const RoutinePlanWishes& wishes)
        : m_document(document), m_routine(document.routine), m_grid(grid), m_wishes(wishes), m_dancer(document.routine, grid) {}

    Result<RoutinePlans> plans() {
        if (auto error = prepare()) return tl::unexpected(std::move(*error));
        const Place first = begin();
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
        std::size_t stage; ///< how many passes came before, as far as that matters
        std::size_t feet;
        auto operator<=>(const Place&) const = default;
    };

    std::optional<Error> prepare() {
        const auto bad = [](std::string text) { return Error{ErrorCode::BadValue, std::move(text), {}}; };
        if (auto cost = wrongCost(m_wishes.costs)) return cost;
        if (m_wishes.turnCut < 0) return bad("The cost of a cut inside a turn is below 0.");
        if (m_grid.phrases().empty()) return bad("The song has no phrases yet. Open a song or type its structure first.");
        for (const Tick tag : m_wishes.tags)
            if (tag <= Tick{}) return bad("A tag of " + countsInWords(tag) + " is none. Tags are above 0 counts.");
        if (m_wishes.cuts)
            for (const Tick cut : *m_wishes.cuts)
                if (cut <= Tick{}) return bad("A cut after " + countsInWords(cut) + " leaves nothing of a pass. Cuts are above 0 counts.");
        for (const Pass& pass : m_routine.passes)
            if (findPart(m_routine, pass.part)) m_passes.push_back(&pass);
        if (m_passes.empty()) return bad("The routine has no passes yet. Give the order of the parts first.");
        m_endless = std::all_of(m_passes.begin(), m_passes.end(), [&](const Pass* p) { return p->part == m_passes.front()->part; });
        for (const Pass* pass : m_passes) {
            Pass plain = *pass;
            plain.id = {};
            plain.mark.clear();
            const bool kept = std::find(m_wishes.kept.begin(), m_wishes.kept.end(), pass->id) != m_wishes.kept.end();
            if (!kept) {
                plain.restart.reset();
                plain.tag.reset();
                plain.lastChangeIsTouch = false;
            }
            m_mannerOf.push_back(mannerFor(plain, kept));
        }
        if (m_endless) {
            Pass more;
            more.part = m_passes.front()->part;
            const std::size_t manner = mannerFor(more, false);
            while (!m_mannerOf.empty() && m_mannerOf.back() == manner) m_mannerOf.pop_back(); // from there on they are all alike
            m_mannerOf.push_back(manner);
        }
        for (Manner& manner : m_manners)
            if (manner.reading->length <= Tick{}) return bad("Part " + findPart(m_routine, manner.pass.part)->name + " has no counts yet, so that passes of it cannot be planned.");
        return layWays();
    }

    std::size_t mannerFor(const Pass& pass, bool kept) {
        for (std::size_t m = 0; m < m_manners.size(); ++m)
            if (m_manners[m].pass == pass && m_manners[m].kept == kept) return m;
        m_manners.push_back({pass, kept, m_dancer.reading(pass), {}});
        return m_manners.size() - 1;
    }

    /// After each figure and each set, where nothing else is asked for.
    std::vector<Tick> cutsOf(const Manner& manner) const {
        std::vector<Tick> cuts;
        if (m_wishes.cuts) cuts = *m_wishes.cuts;
        else {
            for (const FigureSpan& figure : manner.reading->figures) cuts.push_back(figure.start + figure.length);
            for (Tick set = counts(m_grid.regularSet()); set < manner.reading->length; set += counts(m_grid.regularSet())) cuts.push_back(set);
        }
        std::sort(cuts.begin(), cuts.end());
        cuts.erase(std::unique(cuts.begin(), cuts.end()), cuts.end());
        std::erase_if(cuts, [&](Tick c) { return c <= Tick{} || c >= manner.reading->length; });
        return cuts;
    }

    std::optional<Error> layWays() {
        std::map<std::pair<bool, Tick>, std::size_t> kinds; // a tag, of a length
        const auto kindOf = [&](bool tag, Tick length) { return kinds.try_emplace({tag, length}, kinds.size()).first->second; };
        std::vector<Tick> tags = m_wishes.tags;
        std::sort(tags.begin(), tags.end());
        tags.erase(std::unique(tags.begin(), tags.end()), tags.end());
        for (Manner& manner : m_manners) {
            std::vector<std::optional<Tick>> bodies;
            std::vector<Tick> behind{Tick{}};
            if (manner.kept) {
                bodies = {manner.pass.restart && manner.pass.restart->after < wholeOf(manner) ? std::optional(manner.pass.restart->after) : std::nullopt};
                behind = {manner.pass.tag ? manner.pass.tag->counts : Tick{}};
            } else {
                for (const Tick cut : cutsOf(manner)) bodies.emplace_back(cut);
                bodies.emplace_back();
                behind.insert(behind.end(), tags.begin(), tags.end());
            }
            for (const auto& cut : bodies)
                for (const Tick tag : behind) {
                    Way way{cut, tag, {}};
                    std::vector<std::size_t> used;
                    if (cut) used.push_back(kindOf(false, *cut));
                    if (tag > Tick{}) used.push_back(kindOf(true, tag));
                    if (kinds.size() > mostKinds)
                        return Error{ErrorCode::BadValue, "More than " + std::to_string(mostKinds) + " different cuts and tags are possible: more than dancers can tell apart. Allow fewer.", {}};
                    for (const std::size_t kind : used) way.charged.kinds.set(kind);
                    way.charged.cost = (cut ? m_wishes.costs.restart : 0) + (tag > Tick{} ? m_wishes.costs.tag : 0);
                    way.charged.exceptions = static_cast<int>(used.size());
                    way.charged.choice = static_cast<std::uint32_t>(manner.ways.size());
                    manner.ways.push_back(way);
                }
        }
        m_graph.kindCosts.assign(kinds.size(), m_wishes.costs.kind);
        return std::nullopt;
    }

    std::size_t feetIndex(const std::vector<Foot>& feet) {
        const auto found = std::find(m_feet.begin(), m_feet.end(), feet);
        if (found != m_feet.end()) return static_cast<std::size_t>(found - m_feet.begin());
        m_feet.push_back(feet);
        return m_feet.size() - 1;
    }

    const Manner& mannerAt(std::size_t stage) const { return m_manners[m_mannerOf[stage]]; }
    bool danced(std::size_t stage) const { return stage < m_mannerOf.size(); }
    std::size_t after(std::size_t stage) const { return m_endless ? std::min(stage + 1, m_mannerOf.size() - 1) : stage + 1; }

    static Pass asDanced(const Manner& manner, const Way& way, bool touch) {
        Pass pass = manner.pass;
        if (manner.kept) return pass;
        if (way.cut) pass.restart = Restart{*way.cut};
        if (way.tag > Tick{}) pass.tag = Tag{way.tag};
        pass.lastChangeIsTouch = touch;
        return pass;
    }

    /// Danced from a place; kept, where neither the music nor a pin has a say in it.
    Danced dance(std::size_t m, Tick at, std::uint32_t way, bool touch, std::size_t feet) {
        const Manner& manner = m_manners[m];
        const Tick reach = manner.reading->length + manner.ways[way].tag + manner.pass.wait + canonTail(manner);
        const bool always = !manner.pass.pinned && !m_dancer.musicSpeaks(at, at + reach);
        const auto key = std::tuple(m, way, touch, feet);
        if (always)
            if (const auto known = m_known.find(key); known != m_known.end()) return known->second;
        Standing standing{at, m_feet[feet], std::vector<Eighths>(m_routine.roles.size())};
        const PassPerformance pass = m_dancer.dance(asDanced(manner, manner.ways[way], touch), standing, at == m_start);
        const Danced done{standing.at - at, pass.start - at, pass.counts, pass.whole, pass.tag, feetIndex(standing.free), !pass.cutTurns.empty()};
        if (always) m_known.emplace(key, done);
        return done;
    }

    Tick wholeOf(const Manner& manner) {
        Standing standing = m_dancer.opening();
        return m_dancer.dance(manner.pass, standing, false).whole;
    }

    Tick canonTail(const Manner& manner) const {
        return manner.pass.canon ? manner.pass.canon->apart * static_cast<std::int64_t>(m_routine.roles.size()) : Tick{};
    }

    /// Would a pass of the stage begin with the weight on a foot that it needs?
    bool wrongFoot(std::size_t stage, std::size_t feet) const {
        if (!danced(stage)) return false;
        const auto& roles = mannerAt(stage).reading->roles;
        for (std::size_t r = 0; r < roles.size(); ++r)
            if (roles[r].needs && m_feet[feet][r] != Foot::Both && m_feet[feet][r] != *roles[r].needs) return true;
        return false;
    }

    /// Whether the pinned start of a stage can be kept by who comes there at a place.
    bool inTime(std::size_t stage, Tick at) const {
        if (!danced(stage) || !mannerAt(stage).pass.pinned) return true;
        const auto pin = tickOf(*mannerAt(stage).pass.pinned, m_grid);
        return !pin || at + mannerAt(stage).pass.wait <= *pin;
    }

    bool misses(Tick start, Tick whole) const {
        PassPerformance pass;
        pass.start = start;
        pass.whole = whole;
        return !lands(m_grid, pass);
    }

    Place begin() {
        const Standing opening = m_dancer.opening();
        m_start = opening.at;
        if (const Pass& pass = mannerAt(0).pass; pass.pinned) m_start = tickOf(*pass.pinned, m_grid).value_or(m_start + pass.wait) - pass.wait;
        m_opening = feetIndex(opening.free);
        return {m_start, 0, m_opening};
    }

    /// What each manner's ways come to from each place, whatever the feet; and from there the least cost to the end from each stage and place, were it not for feet and kinds. The end of the
    /// music is the last place. False where there are too many places.
    bool layBounds(Tick first) {
        std::map<Tick, std::uint32_t> index{{first, 0}, {m_grid.end(), 0}};
        for (auto place = index.begin(); place->first < m_grid.end(); ++place) {
            for (std::size_t m = 0; m < m_manners.size(); ++m)
                for (std::uint32_t w = 0; w < m_manners[m].ways.size(); ++w)
                    if (const Step step = stepOf(m, w, place->first); step.possible && step.end < m_grid.end()) index.try_emplace(step.end, 0);
            if (index.size() > mostPlaces) return false;
        }
        for (auto& [at, i] : index) i = static_cast<std::uint32_t>(m_places.size()), m_places.push_back(at);
        const std::size_t stages = m_mannerOf.size(), end = m_places.size() - 1;
        m_bound.assign(stages + 1, std::vector<std::int64_t>(m_places.size(), 0)); // behind the last stage a routine is over
        using Ways = std::vector<std::vector<std::pair<std::uint32_t, std::int64_t>>>; // from each place: where to, for what
        std::vector<Ways> all(m_manners.size(), Ways(m_places.size()));
        for (std::size_t m = 0; m < m_manners.size(); ++m)
            for (std::size_t p = 0; p < end; ++p)
                for (std::uint32_t w = 0; w < m_manners[m].ways.size(); ++w)
                    if (const Step step = stepOf(m, w, m_places[p]); step.possible) all[m][p].emplace_back(step.end < m_grid.end() ? index.at(step.end) : static_cast<std::uint32_t>(end), step.cost);
        for (std::size_t stage = stages; stage-- > 0;) {
            const std::size_t next = m_endless && stage + 1 == stages ? stage : stage + 1;
            for (std::size_t p = end; p-- > 0;) {
                std::int64_t least = impossible;
                for (const auto& [to, cost] : all[m_mannerOf[stage]][p]) least = std::min(least, std::min(impossible, cost + m_bound[next][to]));
                m_bound[stage][p] = least;
            }
        }
        return true;
    }

    struct Step { // a way from a place, whatever the feet
        Tick end;
        std::int64_t cost = 0; ///< without kinds
        bool miss = false;
        bool possible = false;
    };

    /// Whether the way can be danced there, where it ends, what it costs.
    Step stepOf(std::size_t manner, std::uint32_t w, Tick at) {
        const Way& way = m_manners[manner].ways[w];
        const Danced done = dance(manner, at, w, false, m_opening);
        const Tick danceEnd = at + done.lead + done.counts;
        Step step{at + done.length, way.charged.cost, misses(at + done.lead, done.whole), false};
        if (step.end <= at) return step; // nothing is danced
        if (!m_manners[manner].kept) {
            if (way.cut && (done.whole <= *way.cut || danceEnd >= m_grid.end())) return step; // no cut, or one that ends the music
            if (way.tag > Tick{} && danceEnd >= m_grid.end()) return step;
            if ((way.cut && done.counts != *way.cut) || (way.tag > Tick{} && done.tag != way.tag)) return step; // the music has its own restart or tag there
        }
        if (way.cut && done.turnCut) step.cost += m_wishes.turnCut;
        if (step.miss) step.cost += m_wishes.costs.miss;
        step.possible = true;
        return step;
    }

    [[nodiscard]] std::int64_t bound(Tick at, std::size_t stage) const {
        if (at >= m_grid.end() || !danced(stage)) return 0;
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
            const std::size_t manner = m_mannerOf[from.stage];
            const bool kept = m_manners[manner].kept;
            const std::size_t next = after(from.stage);
            for (std::uint32_t w = 0; w < m_manners[manner].ways.size(); ++w) {
                const Step step = stepOf(manner, w, from.at);
                if (!step.possible || !inTime(next, step.end)) continue;
                const std::int64_t least = bound(step.end, next);
                if (least >= impossible) continue;
                if (here->second.cost + step.cost + least > within) {
                    m_left = true;
                    continue;
                }
                const Way& way = m_manners[manner].ways[w];
                const bool ends = step.end >= m_grid.end() || !danced(next);
                std::size_t feet = dance(manner, from.at, w, false, from.feet).feet;
                if (way.cut && !kept && !ends && wrongFoot(next, feet)) {
                    feet = dance(manner, from.at, w, true, from.feet).feet;
                    if (wrongFoot(next, feet)) continue;
                }
                PlanEdge edge = way.charged;
                edge.cost = step.cost;
                edge.exceptions += step.miss;
                const std::optional<Place> to = ends ? std::nullopt : std::optional(Place{step.end, next, feet});
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
        Standing standing = m_dancer.opening();
        standing.at = m_start;
        std::vector<Pass> added;
        std::size_t stage = 0;
        for (std::size_t i = 0; i < path.edges.size(); ++i, stage = after(stage)) {
            const auto& [node, edge] = path.edges[i];
            const Manner& manner = mannerAt(stage);
            const Way& way = manner.ways[m_graph.nodes[node].edges[edge].choice];
            const Standing before = standing;
            Pass pass = asDanced(manner, way, false);
            PassPerformance done = m_dancer.dance(pass, standing, i == 0);
            const std::size_t next = after(stage);
            if (way.cut && !manner.kept && i + 1 < path.edges.size() && wrongFoot(next, feetIndex(standing.free))) {
                standing = before;
                pass.lastChangeIsTouch = true;
                done = m_dancer.dance(pass, standing, i == 0);
            }
            const auto phrase = m_grid.phraseAt(done.start);
            plan.passes.push_back({done.start, done.counts, done.tag, before.facing.front(), phrase ? done.start - counts(m_grid.phrases()[static_cast<std::size_t>(*phrase)].firstCount) : Tick{},
                                   way.cut.has_value(), pass.lastChangeIsTouch && !manner.kept, i < m_passes.size() ? m_passes[i]->id : PassId{}});
            plan.misses += !lands(m_grid, done);
            plan.ending = std::max(Tick{}, std::min(done.counts, m_grid.end() - done.start));
            plan.endingFacing = endingFacing(pass, before, plan.ending, done);
            if (i >= m_passes.size()) added.push_back(pass);
            else if (!manner.kept) change(*m_passes[i], pass, plan.edits);
        }
        if (!added.empty()) plan.edits.emplace_back(InsertPasses{m_routine.passes.size(), std::move(added)});
        if (m_endless) removeRest(path.edges.size(), plan.edits);
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
        (void)m_dancer.dance(pass, standing, false);
        return standing.facing.front();
    }

    static void change(const Pass& is, const Pass& planned, std::vector<Edit>& edits) {
        if (is.restart != planned.restart) edits.emplace_back(SetRestart{is.id, planned.restart});
        if (is.tag != planned.tag) edits.emplace_back(SetTag{is.id, planned.tag});
        if (is.lastChangeIsTouch != planned.lastChangeIsTouch) edits.emplace_back(SetLastChangeIsTouch{is.id, planned.lastChangeIsTouch});
    }

    /// Passes behind the end of the music, where nothing was said of them.
    void removeRest(std::size_t danced, std::vector<Edit>& edits) const {
        std::vector<PassId> rest;
        for (std::size_t i = danced; i < m_passes.size(); ++i) {
            Pass plain;
            plain.id = m_passes[i]->id;
            plain.part = m_passes[i]->part;
            plain.restart = m_passes[i]->restart;
            plain.tag = m_passes[i]->tag;
            plain.lastChangeIsTouch = m_passes[i]->lastChangeIsTouch;
            if (*m_passes[i] != plain) return;
            rest.push_back(plain.id);
        }
        if (!rest.empty()) edits.emplace_back(RemovePasses{std::move(rest)});
    }

    const Document& m_document;
    const Routine& m_routine;
    const CountGrid& m_grid;
    const RoutinePlanWishes& m_wishes;
    PassDancer m_dancer;
    std::vector<const Pass*> m_passes;
    std::vector<Manner> m_manners;
    std::vector<std::size_t> m_mannerOf; ///< by stage; in an endless routine the last goes on for ever
    bool m_endless = false;
    std::vector<std::vector<Foot>> m_feet;
    std::map<std::tuple<std::size_t, std::uint32_t, bool, std::size_t>, Danced> m_known;
    Tick m_start;
    std::size_t m_opening = 0; ///< feet
    std::vector<Tick> m_places;
    std::vector<std::vector<std::int64_t>> m_bound; ///< by stage and place
    bool m_left = false;
    PlanGraph m_graph;
};

} // namespace

Result<RoutinePlans> planRoutine(const Document& document, const CountGrid& grid, const RoutinePlanWishes& wishes) { return RoutinePlanner(document, grid, wishes).plans(); }

} // namespace lc
