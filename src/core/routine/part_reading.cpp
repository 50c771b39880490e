#include "core/routine/part_reading.h"

#include "core/notation/mirror.h"
#include "core/routine/rebar.h"
#include "core/routine/routine_figures.h"
#include "core/said/steps_reader.h"
#include "core/said/word_meaning.h"

#include <algorithm>

namespace lc {

namespace {

constexpr int deepest = 32; // parts inside parts; more is a part inside itself in a damaged file

Action waitAt(Tick at, Tick length) {
    Action wait;
    wait.at = at;
    wait.length = length;
    wait.kind = ActionKind::Wait;
    return wait;
}

void sortByTime(std::vector<Action>& actions) {
    std::stable_sort(actions.begin(), actions.end(), [](const Action& a, const Action& b) { return a.at < b.at; });
}

/// Makes what a bridge dances exactly n counts long: what is longer is cut, behind what is shorter there is a wait.
void fitInto(PartReading& inside, Tick n) {
    for (PartRoleReading& role : inside.roles) {
        std::erase_if(role.actions, [&](const Action& a) { return a.anchor() >= n; });
        for (Action& action : role.actions) {
            if (action.turnEnd() > n) action.turn = {};
            if (action.orbitEnd() > n) action.orbit = {};
            if (action.end() > n) action.length = n - action.at;
        }
        if (inside.length < n) role.actions.push_back(waitAt(inside.length, n - inside.length));
    }
}

} // namespace

struct PartReader::Item {
    FigureId figure;
    std::vector<PlacementId> path;
    std::string version;
    bool mirrored = false;
    bool exchanged = false;
    Rebar bars;
    bool bridge = false;
    std::optional<PlacementId> addedBehind; ///< of one that a pass adds; no identity = at the head

    [[nodiscard]] bool liesIn(PlacementId id) const { return std::find(path.begin(), path.end(), id) != path.end(); }
};

const std::vector<NotationReading>& PartReader::lines(const Figure& figure, const std::string& version) {
    const auto [entry, isNew] = m_lines.try_emplace({figure.id.value, version});
    if (!isNew) return entry->second;
    const NotationChoices choices = choicesFor(figure.facts.choices, m_routine.choices);
    const auto named = std::find_if(figure.facts.versions.begin(), figure.facts.versions.end(),
                                    [&](const FigureVersion& v) { return v.name == version; });
    std::vector<RoleLine> changed;
    if (!version.empty() && named != figure.facts.versions.end())
        changed = linesForRoles({figure.name, named->lines, std::nullopt, {}}, m_routine.roles);
    for (const Role& role : m_routine.roles) {
        const auto other =
            std::find_if(changed.begin(), changed.end(), [&](const RoleLine& l) { return l.role == role.id; });
        entry->second.push_back(
            readSteps(other != changed.end() ? other->text : lineText(figure, role.id), choices).reading);
    }
    return entry->second;
}

void PartReader::flatten(const std::vector<Placement>& placements, const Item& around, std::vector<Item>& items,
                         int depth) const {
    if (depth > deepest) return;
    for (const Placement& placed : placements) {
        Item item = around;
        item.path.push_back(placed.id);
        item.mirrored = around.mirrored != placed.mirrored;
        item.exchanged = around.exchanged != placed.exchanged;
        if (!placed.bars.none()) item.bars = placed.bars;
        if (!placed.version.empty()) item.version = placed.version;
        if (placed.part.valid()) {
            if (const Part* inner = findPart(m_routine, placed.part)) flatten(inner->figures, item, items, depth + 1);
            continue;
        }
        item.figure = placed.figure;
        items.push_back(std::move(item));
    }
}

void PartReader::change(std::vector<Item>& items, const FigureChange& change, const Item& around) const {
    using Kind = FigureChange::Kind;
    if (change.kind == Kind::Drop) {
        std::erase_if(items, [&](const Item& item) { return item.liesIn(change.at); });
        return;
    }
    if (change.kind == Kind::Add) {
        std::vector<Item> added;
        flatten({change.added}, around, added, 0);
        auto behind = items.begin();
        if (change.at.valid()) {
            const auto last =
                std::find_if(items.rbegin(), items.rend(), [&](const Item& item) { return item.liesIn(change.at); });
            if (last == items.rend()) return;
            behind = last.base();
        }
        while (behind != items.end() && behind->addedBehind == std::optional(change.at))
            ++behind; // what was added there before comes first
        for (Item& item : added) item.addedBehind = change.at;
        items.insert(behind, added.begin(), added.end());
        return;
    }
    for (Item& item : items) {
        if (!item.liesIn(change.at)) continue;
        if (change.kind == Kind::Version) item.version = change.version;
        if (change.kind == Kind::Bars) item.bars = change.bars;
        if (change.kind == Kind::Mirror) item.mirrored = !item.mirrored;
        if (change.kind == Kind::Exchange) item.exchanged = !item.exchanged;
    }
}

void PartReader::append(PartReading& reading, const Item& item) {
    const Figure* figure = findFigure(m_routine, item.figure);
    if (!figure) return;
    const std::size_t roles = m_routine.roles.size();
    reading.roles.resize(roles);
    const std::vector<NotationReading>& written = lines(*figure, item.version);
    const Tick start = reading.length;
    std::vector<Tick> lengths(roles);
    FigureSpan span;
    span.needs.resize(roles);
    for (std::size_t r = 0; r < roles; ++r) {
        const std::size_t partner = r % 2 == 0 ? r + 1 : r - 1;
        const NotationReading& line = written[item.exchanged && partner < roles ? partner : r];
        const RoleId id = m_routine.roles[r].id;
        const bool told = std::any_of(reading.remarks.begin(), reading.remarks.end(),
                                      [&](const PartLineRemark& m) { return m.figure == figure->id && m.role == id; });
        if (!told) {
            for (const NotationRemark& note : line.notes) reading.remarks.push_back({figure->id, id, note});
            if (line.error) reading.remarks.push_back({figure->id, id, *line.error});
        }
        reading.unfinished = reading.unfinished || line.unfinished;
        const auto put = [&](const NotationReading& danced) {
            for (Action action : danced.actions) {
                if (action.at < Tick{}) action.leadsTo = start;
                action.at += start;
                reading.roles[r].actions.push_back(std::move(action));
            }
            lengths[r] = danced.length;
            span.needs[r] = footNeeded(danced.actions);
            span.wants = danced.couple.then(span.wants); // the first role has the last word
            if (start == Tick{})
                reading.roles[r].coupleIn = danced.couple;
            else if (!danced.actions.empty() &&
                     !danced.couple.empty()) { // said before the figure's count 1: holds from there on
                Action& first = reading.roles[r].actions[reading.roles[r].actions.size() - danced.actions.size()];
                first.couple = danced.couple.then(first.couple);
            }
        };
        if (!item.mirrored && item.bars.none())
            put(line);
        else {
            RebarredLine other = rebarred(item.mirrored ? mirrored(line) : line, item.bars);
            if (other.lostSteps > 0)
                reading.lost.push_back(
                    {item.path.empty() ? PlacementId{} : item.path.back(), figure->id, id, other.lostSteps});
            put(other.line);
        }
        reading.roles[r].length += lengths[r];
    }
    const auto longest = std::max_element(lengths.begin(), lengths.end());
    for (std::size_t r = 0; r < roles; ++r) {
        const Tick missing = *longest - lengths[r];
        if (missing <= Tick{}) continue;
        reading.roles[r].actions.push_back(waitAt(start + lengths[r], missing)); // a role that waits says so
        reading.roles[r].gaps.emplace_back(start + lengths[r], start + *longest);
        const bool told = std::any_of(reading.shorts.begin(), reading.shorts.end(), [&](const ShortLine& s) {
            return s.figure == figure->id && s.role == m_routine.roles[r].id && s.version == item.version;
        });
        if (!told)
            reading.shorts.push_back({figure->id, item.version, m_routine.roles[r].id, missing,
                                      m_routine.roles[static_cast<std::size_t>(longest - lengths.begin())].id,
                                      *longest});
    }
    span.placement = item.path.empty() ? PlacementId{} : item.path.back();
    span.path = item.path;
    span.figure = figure->id;
    span.start = start;
    span.length = *longest;
    span.version = item.version;
    span.mirrored = item.mirrored;
    span.exchanged = item.exchanged;
    span.bars = item.bars;
    span.bridge = item.bridge;
    reading.figures.push_back(std::move(span));
    reading.length = start + *longest;
}

void PartReader::putBridge(PartReading& reading, const Bridge& bridge, Tick shift, const Item& around) {
    const Tick at = std::clamp(bridge.after, Tick{}, reading.length - shift) + shift;
    PartReading inside;
    if (bridge.figure.valid()) {
        Item item = around;
        item.figure = bridge.figure;
        item.bridge = true;
        append(inside, item);
    }
    if (inside.length <= Tick{}) inside.roles.clear(); // a figure without steps yet: its counts are waited through
    const Tick n = bridge.counts;
    if (!inside.roles.empty()) fitInto(inside, n);
    reading.roles.resize(m_routine.roles.size());
    for (std::size_t r = 0; r < reading.roles.size(); ++r) {
        PartRoleReading& role = reading.roles[r];
        Tick rest;
        for (Action& action : role.actions) {
            if (action.anchor() >= at) {
                action.at += n;
                if (action.leadsTo) *action.leadsTo += n;
                continue;
            }
            if (action.turnEnd() > at && action.turn.value != 0)
                action.turnLength = action.turnEnd() + n - action.at; // goes on behind the bridge
            if (action.orbitEnd() > at && action.orbit.value != 0)
                action.orbitLength = action.orbitEnd() + n - action.at;
            if (action.end() <= at) continue;
            if (r < inside.roles
                        .size()) { // it is over for what the bridge dances; what is left of it is a wait behind that
                rest = std::max(rest, action.end() - at);
                action.length = at - action.at;
            } else
                action.length = action.end() + n - action.at; // held through the bridge
        }
        const bool held = std::any_of(role.actions.begin(), role.actions.end(),
                                      [&](const Action& a) { return a.at < at && a.end() > at; });
        if (rest > Tick{}) role.actions.push_back(waitAt(at + n, rest));
        if (r < inside.roles.size())
            for (Action action : inside.roles[r].actions) {
                action.at += at;
                if (action.leadsTo) *action.leadsTo += at;
                role.actions.push_back(std::move(action));
            }
        else if (!held)
            role.actions.push_back(waitAt(at, n));
        for (auto& [from, to] : role.gaps) {
            if (from >= at) from += n;
            if (to > at) to += n;
        }
        role.length += n;
        sortByTime(role.actions);
    }
    for (FigureSpan& span : reading.figures) {
        if (span.start >= at)
            span.start += n;
        else if (span.start + span.length > at)
            span.length += n;
    }
    for (const PartLineRemark& remark : inside.remarks) reading.remarks.push_back(remark);
    FigureSpan span;
    if (!inside.figures.empty()) span = inside.figures.front();
    span.start = at;
    span.length = n;
    span.bridge = true;
    const auto behind =
        std::find_if(reading.figures.begin(), reading.figures.end(), [&](const FigureSpan& s) { return s.start > at; });
    reading.figures.insert(behind, std::move(span));
    reading.length += n;
}

void PartReader::putEnding(PartReading& reading, const Ending& ending, const Item& around) {
    const Tick cut = std::min(ending.after, reading.length);
    for (std::size_t r = 0; r < reading.roles.size(); ++r) {
        PartRoleReading& role = reading.roles[r];
        std::erase_if(role.actions, [&](const Action& action) { return action.anchor() >= cut; });
        for (Action& action : role.actions) {
            if (action.turn.value != 0 && action.turnEnd() > cut) {
                reading.cutTurns.push_back({m_routine.roles[r].id, action.at, action.turnEnd(), action.turn});
                action.turn = {};
            }
            if (action.orbitEnd() > cut) action.orbit = {};
            if (action.end() > cut) action.length = cut - action.at;
        }
        Tick gaps;
        std::erase_if(role.gaps, [&](const auto& gap) { return gap.first >= cut; });
        for (auto& [from, to] : role.gaps) {
            to = std::min(to, cut);
            gaps += to - from;
        }
        role.length = cut - gaps;
    }
    std::erase_if(reading.figures, [&](const FigureSpan& span) { return span.start >= cut; });
    for (FigureSpan& span : reading.figures) span.length = std::min(span.length, cut - span.start);
    reading.length = cut;
    const Part* part = findPart(m_routine, ending.part);
    std::vector<Item> items;
    if (part) flatten(part->figures, around, items, 0);
    for (const Item& item : items) append(reading, item);
}

std::shared_ptr<const PartReading> PartReader::part(PartId id) {
    auto& shared = m_parts[id.value];
    if (!shared) shared = pass(id, {});
    return shared;
}

std::shared_ptr<const PartReading> PartReader::pass(PartId id, const PassExceptions& exceptions) {
    auto reading = std::make_shared<PartReading>();
    reading->part = id;
    reading->roles.resize(m_routine.roles.size());
    Item around;
    around.mirrored = exceptions.mirrored;
    around.exchanged = exceptions.exchanged;
    std::vector<Item> items;
    if (const Part* part = findPart(m_routine, id)) flatten(part->figures, around, items, 0);
    for (const bool drops :
         {false, true}) // left out last: what is added behind a figure that is left out takes its place
        for (const FigureChange& one : exceptions.changes)
            if ((one.kind == FigureChange::Kind::Drop) == drops) change(items, one, around);
    for (const Item& item : items) append(*reading, item);
    const Tick written = reading->length;
    for (const Bridge& one : exceptions.bridges) putBridge(*reading, one, reading->length - written, around);
    if (exceptions.ending && exceptions.ending->danced) putEnding(*reading, *exceptions.ending, around);
    for (PartRoleReading& role : reading->roles) role.needs = footNeeded(role.actions);
    return reading;
}

std::shared_ptr<const PartReading> PartReader::figure(FigureId id, bool mirrored, bool exchanged) {
    auto reading = std::make_shared<PartReading>();
    reading->roles.resize(m_routine.roles.size());
    Item item;
    item.figure = id;
    item.mirrored = mirrored;
    item.exchanged = exchanged;
    append(*reading, item);
    for (PartRoleReading& role : reading->roles) role.needs = footNeeded(role.actions);
    return reading;
}

PartReading readPart(const Routine& routine, const Part& part) { return *PartReader(routine).part(part.id); }

} // namespace lc
