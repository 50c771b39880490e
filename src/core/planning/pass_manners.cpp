#include "core/planning/pass_manners.h"

#include "core/landing/findings.h"
#include "core/routine/accents.h"
#include "core/routine/music_place.h"

#include <algorithm>
#include <cstdlib>

namespace lc {

namespace {
Error bad(Text text) { return {ErrorCode::BadValue, std::move(text), {}}; }
} // namespace

PassManners::PassManners(const Document& document, const CountGrid& grid, const RoutinePlanWishes& wishes,
                         PassId opener)
    : m_document(document), m_routine(document.routine), m_grid(grid), m_wishes(wishes), m_opener(opener),
      m_dancer(m_routine, grid) {}

std::optional<Error> PassManners::wrongWishes() const {
    if (auto cost = wrongCost(m_wishes.costs)) return cost;
    if (m_grid.phrases().empty())
        return bad(Core::sentence("The song has no phrases yet. Open a song or type its structure first."));
    for (const auto& [name, lengths] :
         {std::pair{"tag", &m_wishes.tags}, {"bridge", &m_wishes.bridges}, {"wait", &m_wishes.waits}})
        for (const Tick length : *lengths)
            if (length <= Tick{})
                return bad(Core::sentence("A %1 of %2 is none. It has to be above 0 counts.", std::string(name),
                                          inCounts(length)));
    if (m_wishes.cuts)
        for (const Tick cut : *m_wishes.cuts)
            if (cut <= Tick{})
                return bad(
                    Core::sentence("A cut after %1 leaves nothing of a pass. Cuts are above 0 counts.", inCounts(cut)));
    for (const auto& part : {m_wishes.opening, m_wishes.ending})
        if (part && !findPart(m_routine, *part))
            return bad(Core::sentence("The part for the opening or the ending is not in the routine any more."));
    return std::nullopt;
}

std::optional<Error> PassManners::lay() {
    if (auto error = wrongWishes()) return error;
    for (const Pass& pass : m_routine.passes)
        if (findPart(m_routine, pass.part)) m_passes.push_back(&pass);
    if (m_passes.empty() || m_passes.back()->id == m_opener)
        return bad(Core::sentence("The routine has no passes yet. Give the order of the parts first."));
    const PartId part = m_passes.back()->part;
    m_endless = std::all_of(m_passes.begin(), m_passes.end(),
                            [&](const Pass* p) { return p->part == part || p->id == m_opener; });
    std::size_t apart = 0; // stages up to here are told apart, for what is said of their passes
    for (std::size_t i = 0; i < m_passes.size(); ++i) {
        const PassId id = m_passes[i]->id;
        PassManner manner;
        manner.pass = *m_passes[i];
        manner.written = manner.pass;
        manner.pass.id = {};
        manner.pass.mark.clear();
        manner.first = i == 0 && !m_wishes.waits.empty();
        manner.last = m_wishes.ending && id != m_opener && (m_endless || i + 1 == m_passes.size());
        const auto kept =
            std::find_if(m_wishes.kept.begin(), m_wishes.kept.end(), [&](const KeptPass& k) { return k.pass == id; });
        if (kept != m_wishes.kept.end()) {
            manner.kept = true;
            if (kept->as) static_cast<PassExceptions&>(manner.pass) = *kept->as;
        }
        if (std::any_of(m_wishes.starts.begin(), m_wishes.starts.end(),
                        [&](const WantedStart& w) { return w.pass == id; }) ||
            std::any_of(m_routine.accents.begin(), m_routine.accents.end(),
                        [&](const BoundAccent& a) { return a.pass == id; }))
            apart = i + 1;
        m_mannerOf.push_back(mannerFor(std::move(manner)));
    }
    if (m_endless) {
        PassManner more;
        more.pass.part = part;
        more.last = m_wishes.ending.has_value();
        const std::size_t manner = mannerFor(std::move(more));
        while (m_mannerOf.size() > apart && m_mannerOf.back() == manner)
            m_mannerOf.pop_back(); // from there on they are all alike
        m_mannerOf.push_back(manner);
    }
    const Standing opening = m_dancer.opening();
    m_start = opening.at;
    m_opening = feetIndex(opening.free);
    if (const Pass& first = m_manners[m_mannerOf.front()].pass; first.pinned)
        m_start = tickOf(*first.pinned, m_grid).value_or(m_start + first.wait) - first.wait;
    for (PassManner& manner : m_manners) {
        if (manner.reading->length <= Tick{})
            return bad(Core::sentence("Part %1 has no counts yet, so that passes of it cannot be planned.",
                                      findPart(m_routine, manner.pass.part)->name));
        if (auto error = layWays(manner)) return error;
    }
    return std::nullopt;
}

std::size_t PassManners::mannerFor(PassManner manner) {
    for (std::size_t m = 0; m < m_manners.size(); ++m) {
        const PassManner& known = m_manners[m];
        if (known.pass == manner.pass && known.written == manner.written && known.kept == manner.kept &&
            known.first == manner.first && known.last == manner.last)
            return m;
    }
    manner.reading = m_dancer.reading(manner.pass);
    m_manners.push_back(std::move(manner));
    return m_manners.size() - 1;
}

std::size_t PassManners::kindOf(const std::string& what, std::int64_t cost) {
    const auto [kind, fresh] = m_kinds.try_emplace(what, m_kindCosts.size());
    if (fresh) m_kindCosts.push_back(cost);
    return kind->second;
}

std::optional<std::size_t> PassManners::placeKind(Tick at) {
    const auto phrase = m_grid.phraseAt(at);
    if (m_wishes.costs.place == 0 || !phrase) return std::nullopt;
    auto section = static_cast<std::size_t>(*phrase); // its first phrase
    const auto& phrases = m_grid.phrases();
    while (section > 0 && phrases[section - 1].label == phrases[section].label) --section;
    return kindOf("place " + std::to_string((at - counts(phrases[section].firstCount)).value) + " " +
                      kindAndNumber(phrases[section].label).first,
                  m_wishes.costs.place);
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

Pass PassManners::asDanced(const PassManner& manner, const PassWay& way, Tick at, bool touch) const {
    Pass pass = manner.pass;
    if (manner.kept) return pass;
    static_cast<PassExceptions&>(pass) = way.what;
    pass.lastChangeIsTouch = touch;
    if (way.inBars)
        for (FigureChange& change : inBarsOfMusic(manner, at + way.what.wait))
            pass.changes.push_back(std::move(change));
    return pass;
}

/// Danced from a place; remembered, where neither the music nor a pin has a say in it.
const PassDanced& PassManners::dance(std::size_t m, Tick at, std::uint32_t w, bool touch, std::size_t feet) {
    const PassManner& manner = m_manners[m];
    const PassWay& way = manner.ways[w];
    const auto key = std::tuple(m, w, touch, feet);
    const auto known = m_known.find(key);
    const auto silent = [&](Tick length) {
        return !manner.pass.pinned && !way.inBars && !m_dancer.musicSpeaks(at, at + length);
    };
    Tick longest = manner.reading->length + way.tagLength + way.what.wait;
    for (const Bridge& bridge : way.what.bridges) longest += bridge.counts;
    if (!way.what.changes.empty() || way.what.ending)
        longest += longest + counts(64); // a figure in another version, or twice, or an ending
    if (manner.pass.canon) longest += manner.pass.canon->apart * static_cast<std::int64_t>(m_routine.roles.size());
    if (known != m_known.end() && silent(std::max(longest, known->second.length))) return known->second;
    Standing standing{at, m_feet[feet], std::vector<Eighths>(m_routine.roles.size())};
    const PassPerformance pass = perform(asDanced(manner, way, at, touch), standing);
    m_once = {standing.at - at,
              pass.start - at,
              pass.counts,
              pass.whole,
              pass.tag,
              feetIndex(standing.free),
              standing.facing.empty() ? Eighths{} : standing.facing.front(),
              !pass.cutTurns.empty(),
              false};
    if (way.what.restart && m_wishes.costs.figureCut > 0) {
        Pass danced = manner.pass;
        static_cast<PassExceptions&>(danced) = pass.exceptions; // those of the music among them
        const auto reading = m_dancer.reading(danced);
        m_once.figureCut = std::any_of(reading->figures.begin(), reading->figures.end(), [&](const FigureSpan& f) {
            return f.start < pass.counts && pass.counts < f.start + f.length;
        });
    }
    if (!silent(std::max(longest, m_once.length))) return m_once;
    return m_known.insert_or_assign(key, m_once).first->second;
}

std::int64_t PassManners::ofQuarter(Tick at) const {
    const Tick music = m_grid.end() - m_start;
    if (at < m_start + Tick{music.value / 4}) return m_wishes.costs.early;
    return at >= m_grid.end() - Tick{music.value / 4} ? m_wishes.costs.late : 0;
}

const std::vector<PassStep>& PassManners::steps(std::size_t m, Tick at) {
    m_steps.resize(m_manners.size());
    const auto [known, fresh] = m_steps[m].try_emplace(at.value);
    if (fresh) {
        std::vector<PassStep> all;
        for (std::uint32_t w = 0; w < m_manners[m].ways.size(); ++w) all.push_back(step(m, w, at));
        known->second = std::move(all);
    }
    return known->second;
}

PassStep PassManners::step(std::size_t m, std::uint32_t w, Tick at) {
    const PassManner& manner = m_manners[m];
    const PassWay& way = manner.ways[w];
    const auto& restart = way.what.restart;
    if (way.inBars && !manner.kept && inBarsOfMusic(manner, at + way.what.wait).empty())
        return {}; // that is the pass as it is
    const PassDanced& done = dance(m, at, w, way.what.lastChangeIsTouch, m_opening);
    const Tick start = at + done.lead, danceEnd = start + done.counts;
    PassPerformance pass; // as far as landing asks
    pass.start = start;
    pass.whole = done.whole;
    PassStep step{start, danceEnd, at + done.length, way.charged.cost, !lands(m_grid, pass), false};
    if (step.end <= at) return step; // nothing is danced
    if (!manner.kept) {
        if (restart && (done.whole <= restart->after || danceEnd >= m_grid.end()))
            return step; // no cut, or one that ends the music
        if (way.what.tag && danceEnd >= m_grid.end()) return step;
        if ((restart && done.counts != restart->after) || (way.what.tag && done.tag != way.tagLength))
            return step; // the music has its own restart or tag there
        if (way.what.wait > manner.pass.wait && start >= m_grid.end()) return step;
        if (way.inBars && inBarsOfMusic(manner, start).empty()) return step; // that is the pass as it is
        if (way.ends && (step.end > m_grid.end() || step.end <= m_grid.end() - counts(m_grid.regularSet())))
            return step;
        const bool inside = way.inBars || way.what.bridges.size() > manner.pass.bridges.size() ||
                            way.what.changes.size() > manner.pass.changes.size();
        if (inside && danceEnd > m_grid.end()) return step; // a change that the music may cut off is none
    }
    if (done.turnCut && restart) step.cost += m_wishes.costs.turnCut;
    if (done.figureCut) step.cost += m_wishes.costs.figureCut;
    if (step.miss) {
        step.cost += m_wishes.costs.miss;
        if (const auto miss = phraseMiss(m_grid, start); miss && m_wishes.costs.missCount > 0)
            step.cost += m_wishes.costs.missCount * wholeCounts(Tick{std::abs(miss->value)});
    }
    if (way.charged.exceptions > 0) step.cost += ofQuarter(start);
    if (danceEnd > m_grid.end()) step.cost += m_wishes.costs.cutOff;
    step.possible = true;
    return step;
}

std::vector<PassLeft> PassManners::leftBy(std::size_t m, std::uint32_t w, Tick at, std::size_t feet,
                                          std::optional<std::size_t> next) {
    const PassWay& way = m_manners[m].ways[w];
    const bool touch = way.what.lastChangeIsTouch;
    std::vector<PassLeft> out;
    const auto add = [&](bool flipped) {
        const PassDanced& done = dance(m, at, w, touch != flipped, feet);
        out.push_back({done.feet, done.turned, flipped});
    };
    add(false);
    if (!way.movesFeet || !next) return out;
    const std::size_t to = m_mannerOf[*next];
    for (std::uint32_t v = 0; v < m_manners[to].ways.size(); ++v)
        if (entersWrong(to, v, out.front().feet)) {
            add(true);
            if (out.back().feet == out.front().feet) out.pop_back(); // there is nothing to change
            break;
        }
    return out;
}

bool PassManners::entersWrong(std::size_t m, std::uint32_t w, std::size_t feet) const {
    const auto& needs = m_manners[m].ways[w].needs;
    for (std::size_t r = 0; r < needs.size(); ++r)
        if (needs[r] && m_feet[feet][r] != Foot::Both && m_feet[feet][r] != *needs[r]) return true;
    return false;
}

bool PassManners::inTime(std::size_t stage, Tick at) const {
    if (!danced(stage)) return true;
    const Pass& pass = m_manners[m_mannerOf[stage]].pass;
    const auto pin = pass.pinned ? tickOf(*pass.pinned, m_grid) : std::nullopt;
    return !pin || at + pass.wait <= *pin;
}

bool PassManners::mayStart(std::size_t stage, Tick at) const {
    if (stage >= m_passes.size()) return true;
    return std::all_of(m_wishes.starts.begin(), m_wishes.starts.end(),
                       [&](const WantedStart& w) { return w.pass != m_passes[stage]->id || w.at == at; });
}

std::int64_t PassManners::accentsMissed(std::size_t stage, std::uint32_t w, Tick at) {
    if (m_wishes.costs.accent == 0 || stage >= m_passes.size() || m_routine.accents.empty()) return 0;
    std::int64_t missed = 0;
    const PassManner& manner = m_manners[m_mannerOf[stage]];
    std::shared_ptr<const PartReading> reading; // with what the music brings
    PassPerformance done;
    for (const BoundAccent& accent : m_routine.accents) {
        if (accent.pass != m_passes[stage]->id) continue;
        const auto moment = std::find_if(m_document.moments.begin(), m_document.moments.end(),
                                         [&](const Moment& x) { return x.id == accent.moment; });
        const auto wanted = moment == m_document.moments.end() ? tl::unexpected(Error{}) : m_grid.tickAt(moment->at);
        if (!wanted) continue; // no plan could meet it
        if (!reading) {
            Standing standing{at, m_feet[m_opening], std::vector<Eighths>(m_routine.roles.size())};
            Pass pass = asDanced(manner, manner.ways[w], at, false);
            done = perform(pass, standing);
            static_cast<PassExceptions&>(pass) = done.exceptions;
            reading = m_dancer.reading(pass);
        }
        AccentFall fall;
        fall.moment = *wanted;
        for (const FigureSpan& span : reading->figures)
            if (std::find(span.path.begin(), span.path.end(), accent.placement) != span.path.end() &&
                accent.at < span.length) {
                if (span.start + accent.at < done.counts) {
                    fall.at = done.start + span.start + accent.at;
                    fall.off = *fall.at - *wanted;
                }
                break;
            }
        missed += !fall.met();
    }
    return missed;
}

} // namespace lc
