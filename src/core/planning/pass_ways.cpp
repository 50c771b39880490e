// Which ways there are to dance a pass, and what each is charged.
#include "core/planning/pass_manners.h"

#include "core/base/ascending.h"
#include "core/routine/part_reading.h"

#include <algorithm>

namespace lc {

namespace {

std::string key(const char* kind, std::int64_t a, std::int64_t b = 0, const std::string& more = {}) {
    return std::string(kind) + " " + std::to_string(a) + " " + std::to_string(b) + " " + more;
}

} // namespace

/// After each figure and each set, where nothing else is asked for.
std::vector<Tick> PassManners::cutsOf(const PassManner& manner) const {
    std::vector<Tick> cuts;
    if (m_wishes.cuts)
        cuts = *m_wishes.cuts;
    else {
        for (const FigureSpan& figure : manner.reading->figures) cuts.push_back(figure.start + figure.length);
        for (Tick set = counts(m_grid.regularSet()); set < manner.reading->length; set += counts(m_grid.regularSet()))
            cuts.push_back(set);
    }
    ascending(cuts);
    std::erase_if(cuts, [&](Tick c) { return c <= Tick{} || c >= manner.reading->length; });
    return cuts;
}

/// Bodies with one thing changed inside.
void PassManners::addInside(const PassManner& manner, std::vector<PassWay>& bodies) {
    PassExceptions whole = manner.pass;
    whole.restart.reset();
    whole.tag.reset();
    const auto& figures = manner.reading->figures;
    Pass plain;
    plain.part = manner.pass.part;
    std::vector<PlacementId> changeable; // those written in the part, each once
    const std::shared_ptr<const PartReading> asWritten = m_dancer.reading(plain);
    for (const FigureSpan& span : asWritten->figures) changeable.push_back(span.placement);
    Tick ofPart; // a bridge is placed by the counts of the part
    for (std::size_t i = 0; i < figures.size(); ++i) {
        const FigureSpan& span = figures[i];
        if (!span.bridge) ofPart += span.length;
        if (!span.placement.valid()) continue;
        if (i + 1 < figures.size())
            for (const Tick bridge : m_wishes.bridges) {
                PassWay way{whole, {}, false, false, false};
                way.what.bridges.push_back({{}, ofPart, bridge, {}});
                std::stable_sort(way.what.bridges.begin(), way.what.bridges.end(),
                                 [](const Bridge& a, const Bridge& b) { return a.after < b.after; });
                bodies.push_back(std::move(way));
            }
        const auto written = std::find(changeable.begin(), changeable.end(), span.placement);
        const bool changed = std::any_of(whole.changes.begin(), whole.changes.end(),
                                         [&](const FigureChange& c) { return c.at == span.placement; });
        if (changed || written == changeable.end()) continue;
        *written = {};
        const auto change = [&](FigureChange what) {
            PassWay way{whole, {}, false, false, true};
            way.what.changes.push_back(std::move(what));
            bodies.push_back(std::move(way));
        };
        if (const Figure* figure = findFigure(m_routine, span.figure); figure && m_wishes.versions)
            for (const FigureVersion& version : figure->facts.versions)
                if (version.name != span.version)
                    change({FigureChange::Kind::Version, span.placement, {}, version.name, {}});
        if (m_wishes.figures && figures.size() > 1) {
            change({FigureChange::Kind::Drop, span.placement, {}, {}, {}});
            Placement again;
            again.figure = span.figure;
            again.version = span.version;
            change({FigureChange::Kind::Add, span.placement, again, {}, {}});
        }
    }
    if (m_wishes.bars) bodies.push_back({whole, {}, true, false, true});
}

/// Also what it needs.
std::optional<Error> PassManners::charge(const PassManner& manner, PassWay& way) {
    const PassExceptions& what = way.what;
    const PassExceptions& is = manner.written;
    const RoutineCosts& costs = m_wishes.costs;
    std::vector<std::size_t> kinds;
    const auto add = [&](const std::string& kind, std::int64_t cost) {
        way.charged.cost += cost;
        kinds.push_back(kindOf(kind, costs.kind));
    };
    if (what.restart) add(key("cut", what.restart->after.value), costs.restart);
    if (what.tag && what.tag->figure.valid())
        add(key("fill", what.tag->figure.value), costs.fill);
    else if (what.tag)
        add(key("tag", way.tagLength.value), costs.tag);
    if (what.wait > is.wait) add(key("wait", what.wait.value), costs.wait);
    for (const Bridge& bridge : what.bridges)
        if (std::find(is.bridges.begin(), is.bridges.end(), bridge) == is.bridges.end())
            add(key("bridge", bridge.after.value, bridge.counts.value, std::to_string(manner.pass.part.value)),
                costs.bridge);
    for (const FigureChange& change : what.changes)
        if (std::find(is.changes.begin(), is.changes.end(), change) == is.changes.end() &&
            change.kind != FigureChange::Kind::Bars)
            add(key("change", static_cast<int>(change.kind), change.at.value, change.version), costs.change);
    if (way.inBars) add("bars", costs.bars);
    if (what.ending && what.ending->danced && !(is.ending == what.ending)) way.charged.cost += costs.ending;
    if (m_kindCosts.size() > mostKinds)
        return Error{
            ErrorCode::BadValue,
            Core::sentence(
                "More than %1 different exceptions are possible: more than dancers can tell apart. Allow fewer cuts, tags or changes.",
                mostKinds),
            {}};
    for (const std::size_t kind : kinds) way.charged.kinds.set(kind);
    way.charged.exceptions = static_cast<int>(kinds.size());
    way.charged.choice = 2 * static_cast<std::uint32_t>(manner.ways.size());
    Pass danced = manner.pass;
    static_cast<PassExceptions&>(danced) = what;
    const std::shared_ptr<const PartReading> reading =
        danced.changesSteps() ? m_dancer.reading(danced) : manner.reading; // held while it is read
    for (const PartRoleReading& role : reading->roles) way.needs.push_back(role.needs);
    return std::nullopt;
}

std::optional<Error> PassManners::layWays(PassManner& manner) {
    const auto lengths = [&](const PassExceptions& exceptions) { // of the whole, and of its tag
        Pass pass = manner.pass;
        static_cast<PassExceptions&>(pass) = exceptions;
        Standing standing = m_dancer.opening();
        return m_dancer.dance(pass, standing, false);
    };
    const PassPerformance written = lengths(manner.pass);
    const auto& own = manner.pass.tag;
    const Tick ownLength = own ? own->counts : Tick{};
    if (manner.kept) {
        PassWay way{manner.pass, ownLength, false, false, false};
        PassWay charged = way;
        if (charged.what.restart && charged.what.restart->after >= written.whole)
            charged.what.restart.reset(); // it cuts nothing
        if (auto error = charge(manner, charged)) return error;
        way.charged = charged.charged;
        way.needs = charged.needs;
        manner.ways.push_back(std::move(way));
        return std::nullopt;
    }
    PassExceptions plain = manner.pass;
    plain.restart.reset();
    plain.tag.reset();
    std::map<Tick, std::optional<Restart>> cut; // by what is danced; the whole last
    cut[written.whole];
    for (const Tick after : cutsOf(manner)) cut[after] = Restart{after};
    const bool mayCut = !m_wishes.cuts || !m_wishes.cuts->empty(),
               mayTag = !m_wishes.tags.empty() || !m_wishes.fills.empty();
    if (const auto& restart = manner.pass.restart; restart && mayCut && restart->after < written.whole)
        cut[restart->after] = restart;
    std::vector<PassWay> bodies;
    for (const auto& [after, restart] : cut) {
        PassWay way{plain, {}, false, false, restart.has_value()};
        way.what.restart = restart;
        way.what.lastChangeIsTouch =
            plain.lastChangeIsTouch &&
            (!restart || restart == manner.pass.restart); // a touch of its own belongs to the end it was written for
        bodies.push_back(std::move(way));
    }
    addInside(manner, bodies);
    std::map<Tick, std::optional<Tag>> waits;
    waits[Tick{}];
    for (const Tick tag : m_wishes.tags) waits[tag] = Tag{tag};
    if (own && mayTag) waits[ownLength] = own;
    std::vector<std::pair<Tick, std::optional<Tag>>> behind(waits.begin(), waits.end());
    for (const FigureId fill : m_wishes.fills) {
        if (manner.pass.tag && manner.pass.tag->figure == fill) continue;
        const Tick length = PartReader(m_routine).figure(fill, false, false)->length;
        if (length <= Tick{}) continue;
        PassExceptions filled = plain;
        filled.tag = Tag{length, false, fill};
        const PassPerformance danced = lengths(filled);
        if (!findFigure(m_routine, fill) || !danced.fromMusic.empty()) continue;
        behind.emplace_back(danced.tag, Tag{danced.tag, false, fill});
    }
    std::vector<Tick> before{manner.pass.wait};
    if (manner.first && !manner.pass.pinned)
        for (const Tick wait : m_wishes.waits) before.push_back(wait);
    ascending(before);
    const auto take = [&](PassWay way, Tick wait) {
        way.what.wait = wait;
        if (auto error = charge(manner, way)) return error;
        manner.ways.push_back(std::move(way));
        return std::optional<Error>{};
    };
    for (const Tick wait : before) {
        for (const PassWay& body : bodies)
            for (const auto& [length, tag] : behind) {
                PassWay way = body;
                way.what.tag = tag;
                way.tagLength = length;
                way.movesFeet = way.movesFeet || (tag && tag->figure.valid());
                if (auto error = take(std::move(way), wait)) return error;
            }
        if (!m_wishes.ending || !manner.last || plain.ending) continue;
        std::vector<Tick> afters = cutsOf(manner);
        afters.push_back(manner.reading->length);
        for (const Tick after : afters) {
            PassWay way{plain, {}, false, true, true};
            way.what.ending = Ending{after, *m_wishes.ending, true};
            way.what.lastChangeIsTouch = false;
            if (auto error = take(std::move(way), wait)) return error;
        }
    }
    return std::nullopt;
}

/// The changes with which the figures of a pass follow the music, one after another: a figure whose every bar falls on
/// a bar that is shorter than usual is danced in such bars.
std::vector<FigureChange> PassManners::inBarsOfMusic(const PassManner& manner, Tick start) const {
    const auto barAt = [&](Tick at) { // its counts; 0 where none begins
        const CountCell* first = m_grid.cellAt(at);
        if (!first || !first->barStart || first->bar < 0 || at != counts(wholeCounts(at))) return 0;
        int length = 0;
        for (std::int64_t n = wholeCounts(at); m_grid.cell(n) && m_grid.cell(n)->bar == first->bar; ++n) ++length;
        return length;
    };
    int usual = 0; // counts of a bar that is as the metre says
    const SongMap& map = *m_document.map;
    for (std::int64_t n = 0; n < m_grid.countsInSong() && usual == 0; ++n)
        if (const CountCell* cell = m_grid.cell(n);
            cell->barStart && cell->bar >= 0 && map.bars[static_cast<std::size_t>(cell->bar)].beats == map.metre.beats)
            usual = barAt(counts(n));
    const Part* part = findPart(m_routine, manner.pass.part);
    const auto inPart = [&](PlacementId id) {
        return id.valid() &&
               std::any_of(part->figures.begin(), part->figures.end(), [&](const Placement& p) { return p.id == id; });
    };
    std::vector<FigureChange> changes;
    Tick at = start;
    for (const FigureSpan& span : manner.reading->figures) {
        const int bar = barAt(at);
        bool follows = !span.bridge && span.path.size() == 1 && inPart(span.placement) && span.bars.none() && bar > 0 &&
                       bar < usual && span.length.value % counts(usual).value == 0;
        const std::int64_t bars = span.length.value / counts(std::max(1, usual)).value;
        for (std::int64_t b = 0; follows && b < bars; ++b) follows = barAt(at + counts(b * bar)) == bar;
        if (follows) changes.push_back({FigureChange::Kind::Bars, span.placement, {}, {}, {usual, bar}});
        at += follows ? counts(bars * bar) : span.length;
    }
    return changes;
}

} // namespace lc
