#include "core/planning/music_mend.h"

#include "core/planning/plan_graph.h"

#include <algorithm>
#include <map>
#include <optional>
#include <tuple>

namespace lc {

namespace {

constexpr std::size_t mostPlaces = 400'000; // a bound of time and memory (bench/)
Error bad(Text text) { return {ErrorCode::BadValue, std::move(text), {}}; }

/// The dance as a row of starts, whatever the music.
class DanceRow {
public:
    explicit DanceRow(const Landing& landing) {
        const auto& passes = landing.performance.passes;
        const Tick from = passes.front().start;
        for (const PassPerformance& pass : passes) {
            m_starts.push_back(pass.start - from);
            m_short.push_back(pass.whole <= counts(landing.grid.regularSet()));
        }
        m_end = passes.back().end() - from;
    }
    /// Counts of the dance behind a place of it.
    [[nodiscard]] Tick missing(Tick danced) const { return std::max(Tick{}, m_end - danced); }
    /// The first start at or after a place of the dance, and whether its pass is a set or shorter; nothing behind the
    /// last.
    [[nodiscard]] std::optional<std::pair<Tick, bool>> startFrom(Tick at) const {
        const auto found = std::lower_bound(m_starts.begin(), m_starts.end(), at);
        if (found == m_starts.end()) return std::nullopt;
        return std::pair{*found, m_short[static_cast<std::size_t>(found - m_starts.begin())]};
    }

private:
    std::vector<Tick> m_starts;
    std::vector<bool> m_short;
    Tick m_end;
};

class MusicMender {
public:
    MusicMender(const Document& document, const Landing& landing, const MusicMendWishes& wishes, const Task& task)
        : m_task(task), m_map(*document.map), m_grid(landing.grid), m_landing(landing), m_wishes(wishes) {}

    Result<MusicMends> mends() {
        if (auto error = lay()) return tl::unexpected(std::move(*error));
        MusicMends out;
        for (std::int64_t within = 0, more = m_wishes.joint + 4 * m_wishes.bar + 1;;
             within += more, more *= 2) { // only what comes to a mend within a cost is looked at
            bool left = false;
            if (!build(within,
                       left)) { // the places would be too many: what was found before is exact as far as it goes
                if (out.mends.empty())
                    return fail(
                        ErrorCode::BadValue,
                        Core::sentence(
                            "No cuts and repeats that cost less than %1 put it right, and there are too many dearer ones to compare. Plan the dance instead.",
                            within));
                out.nextCost = within - more / 2 + 1;
                return out;
            }
            const BestPaths best = bestPaths(m_graph, m_wishes.most + 1, m_task);
            if (!best.exact)
                return fail(ErrorCode::BadValue,
                            Core::sentence("There are too many cuts to compare them all. Allow shorter ones."));
            out = {};
            for (const PlanPath& path : best.paths) {
                if (left && path.cost > within) break; // another that was left out may be cheaper
                if (out.mends.size() < m_wishes.most)
                    out.mends.push_back(mendOf(path));
                else
                    out.nextCost = path.cost;
            }
            if (!left || out.nextCost >= 0) return out;
        }
    }

private:
    struct Place {
        Tick danced;
        std::size_t bar; ///< that comes next
        auto operator<=>(const Place&) const = default;
    };

    /// All that mends within a cost can come to; `left` tells whether anything was left out. False where there are too
    /// many places.
    bool build(std::int64_t within, bool& left) {
        struct Here {
            std::int64_t cost = 0; ///< of the cheapest way here
            std::uint32_t node = 0;
            std::vector<std::pair<Place, PlanEdge>> on;
        };
        const std::size_t bars = m_map.bars.size();
        std::map<Place, Here> places;
        places[{Tick{}, m_first}];
        Tick longest; // a mended song is at most twice as long
        for (std::size_t b = m_first; b < bars; ++b) longest += m_counts[b] + m_counts[b];
        for (auto here = places.begin(); here != places.end(); ++here) {
            const Place from = here->first;
            if (from.bar >= bars) { // the music ends
                const Tick set = counts(m_grid.regularSet());
                const PlanEdge last{0,
                                    m_wishes.unfinished *
                                        ((m_dance->missing(from.danced).value + set.value - 1) / set.value),
                                    {},
                                    0,
                                    0};
                if (here->second.cost + last.cost > within)
                    left = true;
                else
                    here->second.on.emplace_back(from, last);
                continue;
            }
            const std::size_t back = from.bar > m_wishes.longest + m_first ? from.bar - m_wishes.longest : m_first;
            for (std::size_t bar = back; bar < std::min(bars, from.bar + m_wishes.longest + 1); ++bar) {
                if (from.danced == Tick{} && bar != from.bar) continue; // the beginning stays
                PlanEdge edge;
                std::tie(edge.cost, edge.exceptions) = jump(from.bar, bar);
                if (here->second.cost + edge.cost > within) {
                    left = true;
                    continue;
                }
                const Place to{from.danced + m_counts[bar], bar + 1};
                if (to.danced > longest) continue;
                for (auto start = m_dance->startFrom(from.danced); start && start->first < to.danced;
                     start = m_dance->startFrom(start->first + Tick{1}))
                    if (!good(bar, start->first - from.danced, start->second)) {
                        edge.cost += m_wishes.miss;
                        ++edge.exceptions;
                    }
                if (here->second.cost + edge.cost > within) {
                    left = true;
                    continue;
                }
                edge.choice = static_cast<std::uint32_t>(bar);
                here->second.on.emplace_back(to, edge);
                const auto [there, fresh] = places.try_emplace(to);
                if (const std::int64_t cost = here->second.cost + edge.cost; fresh || cost < there->second.cost)
                    there->second.cost = cost;
            }
            if (places.size() > mostPlaces || m_task.stopped()) return false;
        }
        std::uint32_t n = 0;
        for (auto& [place, here] : places) here.node = n++;
        m_graph.nodes.assign(n + 1, {});
        m_graph.end = n;
        for (const auto& [place, here] : places) {
            PlanNode& node = m_graph.nodes[here.node];
            node.at = place.danced;
            for (const auto& [to, edge] : here.on) {
                node.edges.push_back(edge);
                node.edges.back().to = place.bar >= bars ? m_graph.end : places.find(to)->second.node;
            }
        }
        m_graph.nodes.back().at = longest + counts(1);
        return true;
    }

    std::optional<Error> lay() {
        for (const auto& [name, cost] : {std::pair{"joint", m_wishes.joint},
                                         {"bar", m_wishes.bar},
                                         {"rough joint", m_wishes.rough},
                                         {"seam", m_wishes.seam},
                                         {"miss", m_wishes.miss},
                                         {"dance left unfinished", m_wishes.unfinished}})
            if (cost < 0)
                return bad(Core::sentence("The cost of a %1 is %2. Costs are whole numbers from 0 on.",
                                          std::string(name), cost));
        if (m_map.bars.empty() || m_grid.phrases().empty())
            return bad(Core::sentence("The song has no bars yet. Open a song or type its structure first."));
        const auto& passes = m_landing.performance.passes;
        if (passes.empty())
            return bad(Core::sentence("The routine has no passes yet. Give the order of the parts first."));
        m_dance.emplace(m_landing);
        m_counts.assign(m_map.bars.size(), Tick{});
        m_setStart.assign(m_map.bars.size() + 1, true); // the end of the song is one too
        m_phraseStart.assign(m_map.bars.size() + 1, false);
        m_phraseStart.back() = true; // the end of the song is one too
        std::vector<std::int64_t> first(m_map.bars.size(), -1);
        for (std::int64_t c = 0; c < m_grid.countsInSong(); ++c) {
            const CountCell& cell = *m_grid.cell(c);
            if (cell.bar < 0) continue;
            const auto bar = static_cast<std::size_t>(cell.bar);
            m_counts[bar] += counts(1);
            if (first[bar] >= 0) continue;
            first[bar] = c;
            m_setStart[bar] = cell.number == 1;
            m_phraseStart[bar] = cell.phraseOffset == 0 && cell.barStart;
        }
        if (std::any_of(m_counts.begin(), m_counts.end(), [](Tick t) { return t == Tick{}; }))
            return bad(Core::sentence(
                "Counts of this song are longer than its bars, so that whole bars cannot be cut. Count it by beats for this."));
        m_first = m_map.bars.size();
        for (std::size_t b = 0; b < first.size(); ++b)
            if (counts(first[b]) == passes.front().start) m_first = b;
        if (m_first == m_map.bars.size())
            return bad(Core::sentence(
                "The dance does not begin with a bar of the music, so that whole bars cannot put it right. Change where it starts."));
        return std::nullopt;
    }

    /// From the end of the bar before `from` to bar `to`: what it costs, and whether it is a joint.
    std::pair<std::int64_t, int> jump(std::size_t from, std::size_t to) const {
        if (from == to) return {0, 0};
        const std::size_t bars = from < to ? to - from : from - to;
        const bool smooth = m_setStart[from] && m_setStart[to]; // the set before is whole, and one begins
        const bool whole = m_phraseStart[from] && m_phraseStart[to];
        return {m_wishes.joint + m_wishes.bar * static_cast<std::int64_t>(bars) + (smooth ? 0 : m_wishes.rough) +
                    (whole ? 0 : m_wishes.seam),
                1};
    }

    /// May a pass begin so many counts into a bar?
    bool good(std::size_t bar, Tick into, bool shortPass) const {
        return into == Tick{} && (m_phraseStart[bar] || (shortPass && m_setStart[bar]));
    }

    MusicMend mendOf(const PlanPath& path) const {
        MusicMend mend;
        mend.cost = path.cost;
        std::size_t next = m_first;
        mend.spans.push_back({0, m_first});
        for (const auto& [node, edge] : path.edges) {
            const PlanEdge& e = m_graph.nodes[node].edges[edge];
            if (e.to == m_graph.end) {
                mend.missing = m_dance->missing(m_graph.nodes[node].at);
                break;
            }
            const std::size_t bar = e.choice;
            if (bar != next) {
                ++mend.joints;
                mend.spans.push_back({bar, bar});
            }
            mend.misses += e.exceptions - (bar != next);
            mend.spans.back().end = next = bar + 1;
        }
        if (next < m_map.bars.size()) ++mend.joints; // it ends sooner
        if (mend.spans.front().first == mend.spans.front().end) mend.spans.erase(mend.spans.begin());
        return mend;
    }

    const Task& m_task;
    PlanGraph m_graph;
    const SongMap& m_map;
    const CountGrid& m_grid;
    const Landing& m_landing;
    const MusicMendWishes& m_wishes;
    std::optional<DanceRow> m_dance;
    std::vector<Tick> m_counts; ///< of each bar
    std::vector<bool> m_setStart, m_phraseStart;
    std::size_t m_first = 0; ///< bar with which the dance begins
};

} // namespace

Result<MusicMends> mendMusic(const Document& document, const Landing& landing, const MusicMendWishes& wishes,
                             const Task& task) {
    auto mends = MusicMender(document, landing, wishes, task).mends();
    if (task.stopped()) return fail(ErrorCode::Cancelled, Core::sentence("Comparing cuts was stopped."));
    return mends;
}

Text mendInWords(const SongMap& map, const MusicMend& mend) {
    const Sentence change = mend.joints == 0 ? Core::sentence("No cut and no repeat")
                                             : Core::plural("One change: %1|%n changes: %1", "%1: without bar 33",
                                                            mend.joints, spansInWords(map, mend.spans));
    Text out = mend.misses == 0 ? Core::sentence("%1; every pass then starts a phrase.", change)
                                : Core::plural("%1; %n pass does not.|%1; %n passes do not.",
                                               "do not start a phrase; %1: a change of the music", mend.misses, change);
    if (mend.missing > Tick{}) out += Core::sentence("The music ends %1 before the dance.", inCounts(mend.missing));
    return out;
}

} // namespace lc
