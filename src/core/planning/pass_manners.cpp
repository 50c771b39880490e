#include "core/planning/pass_manners.h"

#include "core/landing/findings.h"
#include "core/routine/music_place.h"

#include <algorithm>

namespace lc {

namespace {

void ascending(std::vector<Tick>& all) {
    std::sort(all.begin(), all.end());
    all.erase(std::unique(all.begin(), all.end()), all.end());
}

Error bad(std::string text) { return {ErrorCode::BadValue, std::move(text), {}}; }

} // namespace

PassManners::PassManners(const Routine& routine, const CountGrid& grid, const RoutinePlanWishes& wishes)
    : m_routine(routine), m_grid(grid), m_wishes(wishes), m_dancer(routine, grid) {}

std::optional<Error> PassManners::lay() {
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
        Pass alike = *pass;
        alike.id = {};
        alike.mark.clear();
        m_mannerOf.push_back(mannerFor(alike, std::find(m_wishes.kept.begin(), m_wishes.kept.end(), pass->id) != m_wishes.kept.end()));
    }
    if (m_endless) {
        Pass more;
        more.part = m_passes.front()->part;
        const std::size_t manner = mannerFor(more, false);
        while (!m_mannerOf.empty() && m_mannerOf.back() == manner) m_mannerOf.pop_back(); // from there on they are all alike
        m_mannerOf.push_back(manner);
    }
    const Standing opening = m_dancer.opening();
    m_start = opening.at;
    m_opening = feetIndex(opening.free);
    if (const Pass& first = m_manners[m_mannerOf.front()].pass; first.pinned) m_start = tickOf(*first.pinned, m_grid).value_or(m_start + first.wait) - first.wait;
    for (PassManner& manner : m_manners) {
        if (manner.reading->length <= Tick{}) return bad("Part " + findPart(m_routine, manner.pass.part)->name + " has no counts yet, so that passes of it cannot be planned.");
        if (auto error = layWays(manner)) return error;
    }
    return std::nullopt;
}

std::size_t PassManners::mannerFor(const Pass& pass, bool kept) {
    for (std::size_t m = 0; m < m_manners.size(); ++m)
        if (m_manners[m].pass == pass && m_manners[m].kept == kept) return m;
    m_manners.push_back({pass, kept, m_dancer.reading(pass), {}});
    return m_manners.size() - 1;
}

/// After each figure and each set, where nothing else is asked for.
std::vector<Tick> PassManners::cutsOf(const PassManner& manner) const {
    std::vector<Tick> cuts;
    if (m_wishes.cuts) cuts = *m_wishes.cuts;
    else {
        for (const FigureSpan& figure : manner.reading->figures) cuts.push_back(figure.start + figure.length);
        for (Tick set = counts(m_grid.regularSet()); set < manner.reading->length; set += counts(m_grid.regularSet())) cuts.push_back(set);
    }
    ascending(cuts);
    std::erase_if(cuts, [&](Tick c) { return c <= Tick{} || c >= manner.reading->length; });
    return cuts;
}

std::optional<Error> PassManners::layWays(PassManner& manner) {
    Standing standing = m_dancer.opening();
    const PassPerformance written = m_dancer.dance(manner.pass, standing, false); // for lengths: of its own tag, and whether its own restart cuts anything
    std::map<Tick, std::optional<Restart>> bodies; // by what is danced; the whole last
    std::map<Tick, std::optional<Tag>> behind;
    if (!manner.kept) {
        bodies[written.whole];
        for (const Tick cut : cutsOf(manner)) bodies[cut] = Restart{cut};
        behind[Tick{}];
        for (const Tick tag : m_wishes.tags) behind[tag] = Tag{tag};
    }
    if (const auto& own = manner.pass.restart; own && own->after < written.whole) bodies[own->after] = own;
    else if (manner.kept) bodies[written.whole];
    if (const auto& own = manner.pass.tag) behind[own->figure.valid() && written.tag > Tick{} && written.fromMusic.empty() ? written.tag : own->counts] = own;
    else if (manner.kept) behind[Tick{}];
    const auto kindOf = [&](bool tag, Tick length) { return m_kinds.try_emplace({tag, length}, m_kinds.size()).first->second; };
    for (const auto& [length, restart] : bodies)
        for (const auto& [tagLength, tag] : behind) {
            PassWay way{restart, tag, tagLength, manner.pass.lastChangeIsTouch && (!restart || restart == manner.pass.restart), {}}; // a touch of its own belongs to the end it was written for
            std::vector<std::size_t> used;
            if (restart) used.push_back(kindOf(false, restart->after));
            if (tag) used.push_back(kindOf(true, tagLength));
            if (kinds() > mostKinds) return bad("More than " + std::to_string(mostKinds) + " different cuts and tags are possible: more than dancers can tell apart. Allow fewer.");
            for (const std::size_t kind : used) way.charged.kinds.set(kind);
            way.charged.cost = (restart ? m_wishes.costs.restart : 0) + (tag ? m_wishes.costs.tag : 0);
            way.charged.exceptions = static_cast<int>(used.size());
            way.charged.choice = static_cast<std::uint32_t>(manner.ways.size());
            manner.ways.push_back(std::move(way));
        }
    return std::nullopt;
}

Standing PassManners::opening() const {
    Standing standing = m_dancer.opening();
    standing.at = m_start;
    return standing;
}

std::size_t PassManners::feetIndex(const std::vector<Foot>& feet) {
    const auto found = std::find(m_feet.begin(), m_feet.end(), feet);
    if (found != m_feet.end()) return static_cast<std::size_t>(found - m_feet.begin());
    m_feet.push_back(feet);
    return m_feet.size() - 1;
}

Pass PassManners::asDanced(const PassManner& manner, const PassWay& way, bool touch) {
    Pass pass = manner.pass;
    if (manner.kept) return pass;
    pass.restart = way.restart;
    pass.tag = way.tag;
    pass.lastChangeIsTouch = touch;
    return pass;
}

/// Danced from a place; remembered, where neither the music nor a pin has a say in it.
const PassDanced& PassManners::dance(std::size_t m, Tick at, std::uint32_t w, bool touch, std::size_t feet) {
    const PassManner& manner = m_manners[m];
    const Tick tail = manner.pass.canon ? manner.pass.canon->apart * static_cast<std::int64_t>(m_routine.roles.size()) : Tick{};
    const bool always = !manner.pass.pinned && !m_dancer.musicSpeaks(at, at + manner.reading->length + manner.ways[w].tagLength + manner.pass.wait + tail);
    const auto key = std::tuple(m, w, touch, feet);
    if (always)
        if (const auto known = m_known.find(key); known != m_known.end()) return known->second;
    Standing standing{at, m_feet[feet], std::vector<Eighths>(m_routine.roles.size())};
    const PassPerformance pass = perform(asDanced(manner, manner.ways[w], touch), standing);
    m_once = {standing.at - at, pass.start - at, pass.counts, pass.whole, pass.tag, feetIndex(standing.free), !pass.cutTurns.empty()};
    return always ? m_known.emplace(key, m_once).first->second : m_once;
}

PassStep PassManners::step(std::size_t m, std::uint32_t w, Tick at) {
    const PassManner& manner = m_manners[m];
    const PassWay& way = manner.ways[w];
    const PassDanced& done = dance(m, at, w, way.touch, m_opening);
    const Tick start = at + done.lead, danceEnd = start + done.counts;
    PassPerformance pass; // as far as landing asks
    pass.start = start;
    pass.whole = done.whole;
    PassStep step{at + done.length, way.charged.cost, !lands(m_grid, pass), false};
    if (step.end <= at) return step; // nothing is danced
    if (!manner.kept) {
        if (way.restart && (done.whole <= way.restart->after || danceEnd >= m_grid.end())) return step; // no cut, or one that ends the music
        if (way.tag && danceEnd >= m_grid.end()) return step;
        if ((way.restart && done.counts != way.restart->after) || (way.tag && done.tag != way.tagLength)) return step; // the music has its own restart or tag there
    }
    if (way.restart && done.turnCut) step.cost += m_wishes.turnCut;
    if (step.miss) step.cost += m_wishes.costs.miss;
    step.possible = true;
    return step;
}

std::optional<std::pair<std::size_t, bool>> PassManners::feetAfter(std::size_t m, std::uint32_t w, Tick at, std::size_t feet, std::optional<std::size_t> next) {
    const PassWay& way = m_manners[m].ways[w];
    const std::size_t plain = dance(m, at, w, way.touch, feet).feet;
    if (m_manners[m].kept || !way.restart || !next || !wrongFoot(*next, plain)) return std::pair{plain, way.touch};
    const std::size_t other = dance(m, at, w, !way.touch, feet).feet;
    if (wrongFoot(*next, other)) return std::nullopt;
    return std::pair{other, !way.touch};
}

/// Would a pass of the stage begin with the weight on a foot that it needs?
bool PassManners::wrongFoot(std::size_t stage, std::size_t feet) const {
    const auto& roles = m_manners[m_mannerOf[stage]].reading->roles;
    for (std::size_t r = 0; r < roles.size(); ++r)
        if (roles[r].needs && m_feet[feet][r] != Foot::Both && m_feet[feet][r] != *roles[r].needs) return true;
    return false;
}

bool PassManners::inTime(std::size_t stage, Tick at) const {
    if (!danced(stage)) return true;
    const Pass& pass = m_manners[m_mannerOf[stage]].pass;
    const auto pin = pass.pinned ? tickOf(*pass.pinned, m_grid) : std::nullopt;
    return !pin || at + pass.wait <= *pin;
}

} // namespace lc
