#include "core/routine/edits.h"

#include "core/routine/routine_figures.h"

#include <algorithm>

namespace lc {

namespace {

constexpr std::size_t mostRoles = 8;
constexpr std::size_t mostPasses = 5000;
constexpr std::size_t mostMoments = 2000;
constexpr std::size_t mostFigures = 2000; // in a routine, and placements in a part

template <typename Tag>
Id<Tag> newId(Routine& routine) { return Id<Tag>{++routine.lastId}; }

tl::unexpected<Error> gone(const char* what) {
    return fail(ErrorCode::NotFound, std::string("That ") + what + " is no longer there; nothing was changed.");
}

template <typename Container, typename IdType>
auto* byId(Container& items, IdType id) {
    const auto found = std::find_if(items.begin(), items.end(), [&](const auto& item) { return item.id == id; });
    return found == items.end() ? nullptr : &*found;
}

std::string freeLetter(const Routine& routine) {
    for (char c = 'A'; c <= 'Z'; ++c)
        if (!findPartNamed(routine, std::string(1, c))) return std::string(1, c);
    int n = 1;
    while (findPartNamed(routine, "P" + std::to_string(n))) ++n;
    return "P" + std::to_string(n);
}

Result<std::string> partName(const Routine& routine, const std::string& name, PartId except) {
    if (name.empty() || name.find_first_of(" \t\n,*") != std::string::npos)
        return fail(ErrorCode::BadValue, "A part is named by one word, such as A or Ending.");
    for (const Part& part : routine.parts)
        if (part.name == name && part.id != except)
            return fail(ErrorCode::BadValue, "There is a part “" + name + "” already. Take another name.");
    return name;
}

/// Passes of `order`, taking those of `old` along the longest common subsequence of their parts.
std::vector<Pass> reorder(Routine& routine, const std::vector<PartId>& order) {
    const std::vector<Pass>& old = routine.passes;
    const std::size_t n = old.size();
    const std::size_t m = order.size();
    std::size_t head = 0; // equal ends first, so that the table stays small when one pass is typed or deleted
    while (head < n && head < m && old[head].part == order[head]) ++head;
    std::size_t tail = 0;
    while (tail < n - head && tail < m - head && old[n - 1 - tail].part == order[m - 1 - tail]) ++tail;
    const std::size_t rows = n - head - tail;
    const std::size_t columns = m - head - tail;
    std::vector<std::uint16_t> common((rows + 1) * (columns + 1), 0); // mostPasses fits
    const auto cell = [&](std::size_t i, std::size_t j) -> std::uint16_t& { return common[i * (columns + 1) + j]; };
    for (std::size_t i = rows; i-- > 0;)
        for (std::size_t j = columns; j-- > 0;)
            cell(i, j) = old[head + i].part == order[head + j] ? static_cast<std::uint16_t>(cell(i + 1, j + 1) + 1)
                                                                      : std::max(cell(i + 1, j), cell(i, j + 1));
    std::vector<Pass> passes(old.begin(), old.begin() + static_cast<std::ptrdiff_t>(head));
    std::size_t i = 0;
    for (std::size_t j = 0; j < columns;) {
        if (i < rows && old[head + i].part == order[head + j]) { passes.push_back(old[head + i++]); ++j; }
        else if (i < rows && cell(i + 1, j) >= cell(i, j + 1)) ++i;
        else passes.push_back({newId<PassTag>(routine), order[head + j++], std::nullopt, std::nullopt, false});
    }
    passes.insert(passes.end(), old.end() - static_cast<std::ptrdiff_t>(tail), old.end());
    return passes;
}

struct Applier {
    Document document;

    using Done = Result<void>;

    Done operator()(const SetTitle& e) { document.title = e.title; return {}; }
    Done operator()(const SetSong& e) {
        if (auto valid = validate(*e.detected); !valid) return tl::unexpected(valid.error());
        document.song = e.song;
        document.detected = e.detected;
        document.map = e.detected;
        document.facts.clear();
        document.scheme = usualScheme(e.detected->metre);
        document.routine.startAt.reset();
        document.origin = MapOrigin::Heard;
        document.typed.reset();
        document.moments.clear();
        document.unmatched.clear();
        return {};
    }
    Done operator()(const SetCarried& e) {
        const CountingScheme scheme = document.scheme;
        if (auto done = (*this)(SetSong{e.song, e.map}); !done) return done;
        document.origin = MapOrigin::Carried;
        document.unmatched = e.unmatched;
        document.moments = e.moments;
        document.scheme = scheme;
        document.routine.startAt = e.startAt;
        return settle(e.facts, e.map->metre);
    }
    Done operator()(const SetMap& e) {
        if (auto valid = validate(*e.map); !valid) return tl::unexpected(valid.error());
        const Metre before = document.map->metre;
        document.detected = e.map;
        document.map = e.map;
        document.facts.clear();
        if (before != e.map->metre) document.scheme = usualScheme(e.map->metre);
        document.routine.startAt.reset();
        document.origin = e.origin;
        document.typed = e.typed;
        document.unmatched.clear();
        return {};
    }
    Done putMoment(Moment moment) {
        if (moment.text.empty()) return fail(ErrorCode::BadValue, "A moment needs a name in your own words, such as “the big stop”.");
        if (document.moments.size() >= mostMoments) return fail(ErrorCode::BadValue, "A song has at most 2000 moments.");
        if (!(moment.at >= 0 && moment.at < 1e6)) return fail(ErrorCode::BadValue, "A moment lies in the song.");
        const auto after = std::upper_bound(document.moments.begin(), document.moments.end(), moment.at, [](Seconds at, const Moment& m) { return at < m.at; });
        document.moments.insert(after, std::move(moment));
        return {};
    }
    Done operator()(const AddMoment& e) { return putMoment({newId<MomentTag>(document.routine), e.at, e.kind, e.text}); }
    Done operator()(const ChangeMoment& e) {
        if (!byId(document.moments, e.moment)) return gone("moment");
        std::erase_if(document.moments, [&](const Moment& m) { return m.id == e.moment; });
        return putMoment({e.moment, e.at, e.kind, e.text});
    }
    Done operator()(const RemoveMoment& e) { return std::erase_if(document.moments, [&](const Moment& m) { return m.id == e.moment; }) == 0 ? gone("moment") : Done{}; }
    Done operator()(const SetLyrics& e) {
        std::erase_if(document.moments, [](const Moment& m) { return m.kind == MomentKind::Lyric; });
        for (const LyricLine& line : e.lines)
            if (auto done = putMoment({newId<MomentTag>(document.routine), line.at, MomentKind::Lyric, line.text}); !done) return done;
        return {};
    }
    Done operator()(const MoveSongFile& e) { document.song.path = e.path; return {}; }
    Done operator()(const StateFact& e) {
        const Metre before = document.map->metre;
        return settle(addFact(document.facts, e.fact), before);
    }
    Done operator()(const ForgetFact& e) {
        if (e.index >= document.facts.size()) return gone("fact");
        auto facts = document.facts;
        facts.erase(facts.begin() + static_cast<std::ptrdiff_t>(e.index));
        return settle(std::move(facts), document.map->metre);
    }
    Done settle(std::vector<SongFact> facts, const Metre& before) {
        auto next = withFacts(std::move(document), std::move(facts));
        if (!next) return tl::unexpected(next.error());
        document = std::move(*next);
        if (document.map->metre != before) document.scheme = usualScheme(document.map->metre);
        return {};
    }
    Done operator()(const SolveAround& e) {
        const Metre before = document.map->metre;
        document.detected = e.solved ? e.solved : std::make_shared<const SongMap>();
        return settle(e.facts, before);
    }
    Done operator()(const SetScheme& e) {
        if (e.scheme.barsPerSet < 1 || e.scheme.barsPerSet > 16)
            return fail(ErrorCode::BadValue, "A set has 1 to 16 bars.");
        document.scheme = e.scheme;
        return {};
    }
    Done operator()(const SetChoices& e) {
        if (e.choices.slow <= Tick{} || e.choices.quick <= Tick{})
            return fail(ErrorCode::BadValue, "Slow and quick last longer than nothing.");
        document.routine.choices = e.choices;
        return {};
    }
    Done operator()(const RenameRole& e) {
        Role* role = byId(document.routine.roles, e.role);
        if (!role) return gone("role");
        if (e.name.empty()) return fail(ErrorCode::BadValue, "A role needs a name, such as leader or row 1.");
        role->name = e.name;
        return {};
    }
    Done operator()(const AddRole& e) {
        Routine& r = document.routine;
        if (r.roles.size() >= mostRoles) return fail(ErrorCode::BadValue, "A routine has at most 8 roles.");
        if (e.name.empty()) return fail(ErrorCode::BadValue, "A role needs a name, such as follower or row 2.");
        const RoleId id = newId<RoleTag>(r);
        r.roles.push_back({id, e.name});
        for (Figure& figure : r.figures) figure.lines.push_back({id, ""});
        return {};
    }
    Done operator()(const RemoveRole& e) {
        Routine& r = document.routine;
        if (r.roles.size() < 2) return fail(ErrorCode::BadValue, "A routine needs at least one role.");
        if (!byId(r.roles, e.role)) return gone("role");
        std::erase_if(r.roles, [&](const Role& role) { return role.id == e.role; });
        for (Figure& figure : r.figures) std::erase_if(figure.lines, [&](const RoleLine& line) { return line.role == e.role; });
        return {};
    }
    Done operator()(const AddPart& e) {
        Routine& r = document.routine;
        const auto name = partName(r, e.name.empty() ? freeLetter(r) : e.name, {});
        if (!name) return tl::unexpected(name.error());
        Figure figure{newId<FigureTag>(r), "", {}, std::nullopt, {}, {}};
        for (const Role& role : r.roles) figure.lines.push_back({role.id, ""});
        r.parts.push_back({newId<PartTag>(r), *name, {{newId<PlacementTag>(r), figure.id}}});
        r.figures.push_back(std::move(figure));
        return {};
    }
    Done operator()(const RenamePart& e) {
        Part* part = byId(document.routine.parts, e.part);
        if (!part) return gone("part");
        const auto name = partName(document.routine, e.name, e.part);
        if (!name) return tl::unexpected(name.error());
        part->name = *name;
        return {};
    }
    Done operator()(const RemovePart& e) {
        Routine& r = document.routine;
        const Part* part = byId(r.parts, e.part);
        if (!part) return gone("part");
        if (r.parts.size() < 2) return fail(ErrorCode::BadValue, "A routine needs at least one part.");
        const std::vector<Placement> placements = part->figures;
        std::erase_if(r.parts, [&](const Part& p) { return p.id == e.part; });
        std::erase_if(r.passes, [&](const Pass& p) { return p.part == e.part; });
        std::erase_if(r.figures, [&](const Figure& f) {
            const auto uses = [&](const std::vector<Placement>& all) {
                return std::any_of(all.begin(), all.end(), [&](const Placement& p) { return p.figure == f.id; });
            };
            return uses(placements) && std::none_of(r.parts.begin(), r.parts.end(), [&](const Part& p) { return uses(p.figures); });
        });
        return {};
    }
    Done operator()(const AddFigure& e) {
        Routine& r = document.routine;
        if (e.card.name.empty()) return fail(ErrorCode::BadValue, "A figure needs a name.");
        if (r.figures.size() >= mostFigures) return fail(ErrorCode::BadValue, "A routine has at most 2000 figures.");
        r.figures.push_back({newId<FigureTag>(r), e.card.name, linesForRoles(e.card, r.roles), e.card.claimed, e.card.facts, e.vocabularyId});
        return {};
    }
    Done operator()(const ChangeFigure& e) {
        Figure* figure = byId(document.routine.figures, e.figure);
        if (!figure) return gone("figure");
        if (e.card.name.empty() && !figure->name.empty()) return fail(ErrorCode::BadValue, "A figure needs a name.");
        *figure = {figure->id, e.card.name, linesForRoles(e.card, document.routine.roles), e.card.claimed, e.card.facts, figure->vocabularyId};
        return {};
    }
    Done operator()(const RemoveFigure& e) {
        Routine& r = document.routine;
        if (!byId(r.figures, e.figure)) return gone("figure");
        std::erase_if(r.figures, [&](const Figure& f) { return f.id == e.figure; });
        for (Part& part : r.parts) std::erase_if(part.figures, [&](const Placement& p) { return p.figure == e.figure; });
        return {};
    }
    Done operator()(const PlaceFigure& e) {
        Part* part = byId(document.routine.parts, e.part);
        if (!part) return gone("part");
        if (!byId(document.routine.figures, e.figure)) return gone("figure");
        if (part->figures.size() >= mostFigures) return fail(ErrorCode::BadValue, "A part has at most 2000 figures.");
        part->figures.push_back({newId<PlacementTag>(document.routine), e.figure});
        return {};
    }
    Done operator()(const SetLine& e) {
        Part* part = byId(document.routine.parts, e.part);
        if (!part || part->figures.empty()) return gone("part");
        Figure* figure = byId(document.routine.figures, part->figures.front().figure);
        if (!figure) return gone("figure");
        for (RoleLine& line : figure->lines)
            if (line.role == e.role) { line.text = e.text; return {}; }
        if (!byId(document.routine.roles, e.role)) return gone("role");
        figure->lines.push_back({e.role, e.text});
        return {};
    }
    Done operator()(const SetOrder& e) {
        Routine& r = document.routine;
        if (e.order.size() > mostPasses) return tooMany();
        for (PartId part : e.order)
            if (!byId(r.parts, part)) return gone("part");
        r.passes = reorder(r, e.order);
        return {};
    }
    Done operator()(const InsertPass& e) {
        Routine& r = document.routine;
        if (!byId(r.parts, e.part)) return gone("part");
        if (r.passes.size() >= mostPasses) return tooMany();
        const auto at = static_cast<std::ptrdiff_t>(std::min(e.at, r.passes.size()));
        r.passes.insert(r.passes.begin() + at, Pass{newId<PassTag>(r), e.part, std::nullopt, std::nullopt, false});
        return {};
    }
    static tl::unexpected<Error> tooMany() {
        return fail(ErrorCode::BadValue, "A routine has at most " + std::to_string(mostPasses) + " passes.");
    }
    Done operator()(const RemovePasses& e) {
        std::erase_if(document.routine.passes, [&](const Pass& pass) {
            return std::find(e.passes.begin(), e.passes.end(), pass.id) != e.passes.end();
        });
        return {};
    }
    Done operator()(const SetRestart& e) {
        Pass* pass = byId(document.routine.passes, e.pass);
        if (!pass) return gone("pass");
        if (e.restart && e.restart->after <= Tick{})
            return fail(ErrorCode::BadValue, "A restart comes after at least a part of a count.");
        pass->restart = e.restart;
        return {};
    }
    Done operator()(const SetTag& e) {
        Pass* pass = byId(document.routine.passes, e.pass);
        if (!pass) return gone("pass");
        if (e.tag && e.tag->counts <= Tick{}) return fail(ErrorCode::BadValue, "A tag is longer than nothing.");
        pass->tag = e.tag;
        return {};
    }
    Done operator()(const SetLastChangeIsTouch& e) {
        Pass* pass = byId(document.routine.passes, e.pass);
        if (!pass) return gone("pass");
        pass->lastChangeIsTouch = e.touch;
        return {};
    }
    Done operator()(const SetStart& e) { document.routine.startAt = e.at; return {}; }
    Done operator()(const MuteFinding& e) {
        auto& muted = document.routine.muted;
        std::erase_if(muted, [&](const MutedFinding& m) { return m.key == e.key; });
        muted.push_back({e.key, e.reason});
        return {};
    }
    Done operator()(const UnmuteFinding& e) {
        std::erase_if(document.routine.muted, [&](const MutedFinding& m) { return m.key == e.key; });
        return {};
    }
};

struct Describer {
    std::string operator()(const SetTitle&) const { return "title"; }
    std::string operator()(const SetSong&) const { return "song"; }
    std::string operator()(const SetMap& e) const { return "song map, " + toString(e.origin); }
    std::string operator()(const SetCarried&) const { return "another recording of the song"; }
    std::string operator()(const AddMoment& e) const { return "moment “" + e.text + "”"; }
    std::string operator()(const ChangeMoment& e) const { return "change the moment “" + e.text + "”"; }
    std::string operator()(const RemoveMoment&) const { return "remove a moment"; }
    std::string operator()(const SetLyrics&) const { return "lines of words"; }
    std::string operator()(const MoveSongFile&) const { return "place of the song file"; }
    std::string operator()(const StateFact& e) const { return describe(e.fact); }
    std::string operator()(const ForgetFact&) const { return "forget a fact"; }
    std::string operator()(const SolveAround& e) const { return e.facts.empty() ? "forget all facts" : describe(e.facts.back()); }
    std::string operator()(const SetScheme&) const { return "way of counting"; }
    std::string operator()(const SetChoices&) const { return "feel"; }
    std::string operator()(const RenameRole&) const { return "name of a role"; }
    std::string operator()(const AddRole& e) const { return "role " + e.name; }
    std::string operator()(const RemoveRole&) const { return "remove a role"; }
    std::string operator()(const AddPart&) const { return "new part"; }
    std::string operator()(const RenamePart&) const { return "name of a part"; }
    std::string operator()(const RemovePart&) const { return "remove a part"; }
    std::string operator()(const AddFigure& e) const { return "figure " + e.card.name; }
    std::string operator()(const ChangeFigure& e) const { return "change " + e.card.name; }
    std::string operator()(const RemoveFigure&) const { return "take a figure out"; }
    std::string operator()(const PlaceFigure&) const { return "place a figure"; }
    std::string operator()(const SetLine&) const { return "steps"; }
    std::string operator()(const SetOrder&) const { return "order of passes"; }
    std::string operator()(const InsertPass&) const { return "insert a pass"; }
    std::string operator()(const RemovePasses& e) const { return e.passes.size() == 1 ? "remove a pass" : "remove passes"; }
    std::string operator()(const SetRestart& e) const {
        return e.restart ? "restart after " + toSpokenCount(e.restart->after) : "take the restart out";
    }
    std::string operator()(const SetTag& e) const {
        return e.tag ? "tag of " + toSpokenCount(e.tag->counts) : "take the tag out";
    }
    std::string operator()(const SetLastChangeIsTouch& e) const { return e.touch ? "touch in place of a step" : "step in place of a touch"; }
    std::string operator()(const SetStart&) const { return "where the dance starts"; }
    std::string operator()(const MuteFinding&) const { return "leave a finding as it is"; }
    std::string operator()(const UnmuteFinding&) const { return "look at a finding again"; }
};

} // namespace

Result<Document> applyEdit(const Document& document, const Edit& edit) {
    Applier applier{document};
    if (auto done = std::visit(applier, edit); !done) return tl::unexpected(done.error());
    return std::move(applier.document);
}

Result<Document> applyEdits(const Document& document, const std::vector<Edit>& edits) {
    Document current = document;
    for (const Edit& edit : edits) {
        auto next = applyEdit(current, edit);
        if (!next) return next;
        current = std::move(*next);
    }
    return current;
}

std::string describe(const Edit& edit) { return std::visit(Describer{}, edit); }

std::string mergeKey(const Edit& edit) {
    if (const auto* line = std::get_if<SetLine>(&edit))
        return "line " + std::to_string(line->part.value) + " " + std::to_string(line->role.value);
    if (const auto* figure = std::get_if<ChangeFigure>(&edit)) return "figure " + std::to_string(figure->figure.value);
    if (std::holds_alternative<SetTitle>(edit)) return "title";
    if (std::holds_alternative<SetOrder>(edit)) return "order";
    return {};
}

} // namespace lc
