#include "core/document/routine_json.h"

#include "core/document/exceptions_json.h"
#include "core/document/figure_json.h"
#include "core/routine/routine_size.h"
#include "core/said/word_meaning.h"

#include <algorithm>

namespace lc {

namespace {

Json linesToJson(const std::vector<RoleLine>& lines) {
    Json out = Json::array();
    for (const RoleLine& line : lines) out.push_back({{"role", line.role.value}, {"text", line.text}});
    return out;
}

Json openingToJson(const OpeningStance& opening) {
    Json out = Json::object();
    out["roles"] = Json::array();
    for (const RoleStance& stance : opening.roles) {
        Json j{{"role", stance.role.value}};
        if (stance.free) j["free_foot"] = footLetter(*stance.free);
        if (stance.facing) j["facing"] = toClock(*stance.facing);
        out["roles"].push_back(std::move(j));
    }
    if (!opening.couple.empty()) out["couple"] = toString(opening.couple);
    return out;
}

Json mutedToJson(const MutedFinding& m) {
    Json j{{"code", m.key.code}, {"reason", m.reason}};
    if (m.key.pass.valid()) j["pass"] = m.key.pass.value;
    if (m.key.part.valid()) j["part"] = m.key.part.value;
    if (m.key.role.valid()) j["role"] = m.key.role.value;
    if (const auto* figure = std::get_if<FigureId>(&m.key.thing))
        j["figure"] = figure->value;
    else if (const auto* placement = std::get_if<PlacementId>(&m.key.thing))
        j["placement"] = placement->value;
    else if (const auto* exception = std::get_if<ExceptionId>(&m.key.thing))
        j["exception"] = exception->value;
    else if (const auto* accent = std::get_if<AccentId>(&m.key.thing))
        j["accent"] = accent->value;
    else if (const auto* ahead = std::get_if<CountsAhead>(&m.key.thing))
        j["ahead"] = toCountString(ahead->by);
    else if (const auto* time = std::get_if<SongTime>(&m.key.thing))
        j["at_s"] = time->at;
    else if (const auto* line = std::get_if<LineId>(&m.key.thing))
        j["line"] = line->value;
    return j;
}

// ---------------------------------------------------------------- reading

class RoutineReader {
public:
    explicit RoutineReader(const Field& field) : m_field(field) {}

    Routine read() {
        m_field.onlyKeys({"feel",      "slow",    "quick",     "own_and", "own_a",      "stomp_takes_weight",
                          "words",     "roles",   "figures",   "parts",   "passes",     "at_music",
                          "accents",   "opening", "formation", "level",   "start_at_s", "muted",
                          "unsettled", "last_id"});
        m_routine.choices = choicesFrom(m_field);
        words();
        m_routine.lastId = m_field["last_id"].whole<std::uint32_t>(0, UINT32_MAX - 100'000);
        roles();
        figures();
        parts();
        passes();
        atMusic();
        accents();
        if (const auto opening = m_field.maybe("opening")) m_routine.opening = openingFrom(*opening);
        if (const auto formation = m_field.maybe("formation"))
            m_routine.formation = formation->valueOf(parseFormation(formation->text()));
        if (const auto level = m_field.maybe("level")) m_routine.level = level->text();
        if (const auto start = m_field.maybe("start_at_s")) m_routine.startAt = start->seconds();
        muted();
        unsettled();
        if (const auto size = checkSize(m_routine); !size) m_field.bad(size.error().message);
        return std::move(m_routine);
    }

private:
    void words() {
        const auto field = m_field.maybe("words");
        if (!field) return;
        for (const Field& w : field->items()) {
            w.onlyKeys({"name", "school", "line"});
            OwnWord word{w["name"].text(), {}, w["line"].text()};
            if (const auto school = w.maybe("school")) word.school = school->text();
            auto checked = w.valueOf(checkedWord(word));
            for (const OwnWord& other : m_routine.choices.words.meanings(checked.name))
                if (other.school == checked.school) w["name"].bad(Core::sentence("stands twice with one school"));
            m_routine.choices.words.keep(std::move(checked));
        }
    }

    void roles() {
        for (const Field& r : m_field["roles"].items()) {
            r.onlyKeys({"id", "name"});
            m_routine.roles.push_back({r["id"].id<RoleId>(), r["name"].text()});
            m_roles.add(r["id"], m_routine.roles.back().id, m_routine.lastId);
        }
        if (m_routine.roles.empty() || m_routine.roles.size() > 8)
            m_field["roles"].bad(Core::sentence("should have 1 to 8 roles"));
    }

    void figures() {
        for (const Field& f : m_field["figures"].items()) {
            f.onlyKeys({"id", "name", "lines", "claimed", "vocabulary", "facts"});
            Figure figure{f["id"].id<FigureId>(), f["name"].text(), {}, std::nullopt, {}, {}};
            m_figures.add(f["id"], figure.id, m_routine.lastId);
            if (const auto claimed = f.maybe("claimed")) figure.claimed = claimed->count();
            if (const auto vocabulary = f.maybe("vocabulary")) figure.vocabularyId = vocabulary->text();
            if (const auto facts = f.maybe("facts")) figure.facts = figureFactsFrom(*facts);
            for (const Field& l : f["lines"].items()) {
                l.onlyKeys({"role", "text"});
                figure.lines.push_back({l["role"].id<RoleId>(), l["text"].text()});
                m_roles.needs(l["role"], figure.lines.back().role);
            }
            m_routine.figures.push_back(std::move(figure));
        }
    }

    void check(const Field& field, const Placement& placement) {
        m_placements.add(field["id"], placement.id, m_routine.lastId);
        if (placement.figure.valid()) m_figures.needs(field["figure"], placement.figure);
        if (placement.part.valid()) m_parts.needs(field["part"], placement.part);
    }

    void parts() {
        for (const Field& p : m_field["parts"].items()) {
            p.onlyKeys({"id", "name", "figures"});
            m_routine.parts.push_back({p["id"].id<PartId>(), p["name"].text(), {}});
            m_parts.add(p["id"], m_routine.parts.back().id, m_routine.lastId);
            if (m_routine.parts.back().name.empty()) p["name"].bad(Core::sentence("is empty"));
        }
        if (m_routine.parts.empty()) m_field["parts"].bad(Core::sentence("should have at least one part"));
        std::size_t i = 0;
        for (const Field& p : m_field["parts"].items()) { // after all are known: a part may lie in one before it
            for (const Field& u : p["figures"].items()) {
                m_routine.parts[i].figures.push_back(placementFrom(u));
                check(u, m_routine.parts[i].figures.back());
            }
            ++i;
        }
        if (const auto circle = putsPartInItself(m_routine))
            m_field["parts"].items()[circle->part]["figures"].bad(Core::sentence("puts the part inside itself"));
    }

    /// Everything that exceptions point to must be there.
    void check(const Field& field, const PassExceptions& e) {
        if (e.tag && e.tag->figure.valid()) m_figures.needs(field["tag_figure"], e.tag->figure);
        if (!e.bridges.empty())
            for (const Field& b : field["bridges"].items()) {
                m_exceptions.add(b["id"], b["id"].id<ExceptionId>(), m_routine.lastId);
                if (const auto figure = b.maybe("figure")) m_figures.needs(*figure, figure->id<FigureId>());
            }
        if (!e.changes.empty()) {
            std::size_t i = 0;
            for (const Field& c : field["changes"].items()) {
                const FigureChange& change = e.changes[i++];
                if (change.at.valid()) m_placements.needs(c["at"], change.at);
                if (change.kind == FigureChange::Kind::Add) check(c["added"], change.added);
            }
        }
        if (e.ending) m_parts.needs(field["ending"]["part"], e.ending->part);
        if (e.canon && !e.canon->entries.empty())
            for (const Field& role : field["canon"]["entries"].items()) m_roles.needs(role, role.id<RoleId>());
    }

    static void onlyKeysAnd(const Field& field, std::initializer_list<const char*> more) {
        std::vector<std::string_view> known(more.begin(), more.end());
        known.insert(known.end(), std::begin(exceptionKeys), std::end(exceptionKeys));
        field.onlyKeys(known);
    }

    void passes() {
        for (const Field& p : m_field["passes"].items()) {
            onlyKeysAnd(p, {"id", "part", "pinned", "mark"});
            Pass pass{exceptionsFrom(p), p["id"].id<PassId>(), p["part"].id<PartId>()};
            m_passes.add(p["id"], pass.id, m_routine.lastId);
            m_parts.needs(p["part"], pass.part);
            if (pass.restart && pass.restart->after <= Tick{})
                p["restart_after"].bad(Core::sentence("should be above 0"));
            check(p, pass);
            if (const auto pinned = p.maybe("pinned")) pass.pinned = placeFrom(*pinned);
            if (const auto mark = p.maybe("mark")) pass.mark = mark->text();
            m_routine.passes.push_back(std::move(pass));
        }
        if (m_routine.passes.size() > 5000) m_field["passes"].bad(Core::sentence("should have at most 5000 passes"));
    }

    void atMusic() {
        const auto all = m_field.maybe("at_music");
        if (!all) return;
        for (const Field& m : all->items()) {
            onlyKeysAnd(m, {"id", "place", "mark"});
            MusicException exception{m["id"].id<ExceptionId>(), placeFrom(m["place"]), exceptionsFrom(m)};
            m_exceptions.add(m["id"], exception.id, m_routine.lastId);
            check(m, exception.what);
            if (const auto mark = m.maybe("mark")) exception.mark = mark->text();
            m_routine.atMusic.push_back(std::move(exception));
        }
    }

    void accents() {
        const auto all = m_field.maybe("accents");
        if (!all) return;
        IdsSeen<AccentId> seen;
        for (const Field& a : all->items()) {
            a.onlyKeys({"id", "pass", "placement", "at", "moment"});
            m_routine.accents.push_back({a["id"].id<AccentId>(), a["pass"].id<PassId>(),
                                         a["placement"].id<PlacementId>(), a["at"].count(),
                                         a["moment"].id<MomentId>()});
            seen.add(a["id"], m_routine.accents.back().id, m_routine.lastId);
            m_passes.needs(a["pass"], m_routine.accents.back().pass);
            m_placements.needs(a["placement"], m_routine.accents.back().placement);
        }
    }

    OpeningStance openingFrom(const Field& field) const {
        field.onlyKeys({"roles", "couple"});
        OpeningStance opening;
        for (const Field& r : field["roles"].items()) {
            r.onlyKeys({"role", "free_foot", "facing"});
            RoleStance stance{r["role"].id<RoleId>(), std::nullopt, std::nullopt};
            m_roles.needs(r["role"], stance.role);
            if (const auto free = r.maybe("free_foot")) {
                const std::string letter = free->text();
                if (letter != "L" && letter != "R" && letter != "B") free->bad(Core::sentence("should be L, R or B"));
                stance.free = letter == "L" ? Foot::Left : letter == "R" ? Foot::Right : Foot::Both;
            }
            if (const auto facing = r.maybe("facing")) stance.facing = facing->valueOf(parseClock(facing->text()));
            opening.roles.push_back(stance);
        }
        if (const auto couple = field.maybe("couple")) {
            auto state = parseCouple(couple->text());
            if (!state) couple->bad(state.error().text);
            opening.couple = *state;
        }
        return opening;
    }

    void unsettled() {
        const auto field = m_field.maybe("unsettled");
        if (!field) return;
        IdsSeen<LineId> seen;
        for (const Field& u : field->items()) {
            u.onlyKeys({"id", "number", "text", "why", "figure", "role", "at", "counts", "walls"});
            UnsettledLine line{u["id"].id<LineId>(),
                               u["number"].whole<std::uint32_t>(1, 1'000'000),
                               u["text"].text(),
                               u["why"].text(),
                               {},
                               {},
                               0};
            seen.add(u["id"], line.id, m_routine.lastId);
            if (const auto figure = u.maybe("figure")) {
                line.figure = figure->id<FigureId>();
                if (!findFigure(m_routine, line.figure)) figure->bad(Core::sentence("is no figure of this routine"));
            }
            if (const auto role = u.maybe("role")) {
                line.role = role->id<RoleId>();
                if (!findRole(m_routine, line.role)) role->bad(Core::sentence("is no role of this routine"));
                line.at = u["at"].whole<std::uint32_t>(0, 10'000'000);
            }
            if (const auto claimed = u.maybe("counts")) line.counts = claimed->whole<std::int64_t>(1, 4096);
            if (const auto claimed = u.maybe("walls")) line.walls = claimed->whole<std::int64_t>(1, 4096);
            m_routine.unsettled.push_back(std::move(line));
        }
    }

    void muted() {
        for (const Field& m : m_field["muted"].items()) {
            m.onlyKeys({"code", "reason", "pass", "part", "role", "figure", "placement", "exception", "accent", "ahead",
                        "at_s", "line", "thing"});
            MutedFinding muted;
            muted.key.code = m["code"].text();
            muted.reason = m["reason"].text();
            if (const auto pass = m.maybe("pass")) muted.key.pass = pass->id<PassId>();
            if (const auto part = m.maybe("part")) muted.key.part = part->id<PartId>();
            if (const auto role = m.maybe("role")) muted.key.role = role->id<RoleId>();
            if (const auto figure = m.maybe("figure")) muted.key.thing = figure->id<FigureId>();
            if (const auto placement = m.maybe("placement")) muted.key.thing = placement->id<PlacementId>();
            if (const auto exception = m.maybe("exception")) muted.key.thing = exception->id<ExceptionId>();
            if (const auto accent = m.maybe("accent")) muted.key.thing = accent->id<AccentId>();
            if (const auto ahead = m.maybe("ahead")) muted.key.thing = CountsAhead{ahead->count()};
            if (const auto time = m.maybe("at_s")) muted.key.thing = SongTime{time->seconds()};
            if (const auto handout = m.maybe("line")) muted.key.thing = handout->id<LineId>();
            if (const auto thing = m.maybe("thing"))
                muted.key.thing =
                    thingOfNumber(m_routine, muted.key.code, thing->whole<std::uint32_t>(1, UINT32_MAX)); // of format 2
            m_routine.muted.push_back(std::move(muted));
        }
    }

    const Field& m_field;
    Routine m_routine;
    IdsSeen<RoleId> m_roles;
    IdsSeen<FigureId> m_figures;
    IdsSeen<PartId> m_parts;
    IdsSeen<PlacementId> m_placements;
    IdsSeen<PassId> m_passes;
    IdsSeen<ExceptionId> m_exceptions;
};

} // namespace

Json toJson(const Routine& routine) {
    Json out = toJson(routine.choices);
    for (const OwnWord& word : routine.choices.words.all()) {
        Json j{{"name", word.name}, {"line", word.line}};
        if (!word.school.empty()) j["school"] = word.school;
        out["words"].push_back(std::move(j));
    }
    out["roles"] = Json::array();
    for (const Role& role : routine.roles) out["roles"].push_back({{"id", role.id.value}, {"name", role.name}});
    out["figures"] = Json::array();
    for (const Figure& figure : routine.figures) {
        Json j{{"id", figure.id.value}, {"name", figure.name}, {"lines", linesToJson(figure.lines)}};
        if (figure.claimed) j["claimed"] = toCountString(*figure.claimed);
        if (!figure.vocabularyId.empty()) j["vocabulary"] = figure.vocabularyId;
        if (figure.facts != FigureFacts{}) j["facts"] = toJson(figure.facts);
        out["figures"].push_back(std::move(j));
    }
    out["parts"] = Json::array();
    for (const Part& part : routine.parts) {
        Json placements = Json::array();
        for (const Placement& p : part.figures) {
            placements.push_back(Json::object());
            putInto(placements.back(), p);
        }
        out["parts"].push_back({{"id", part.id.value}, {"name", part.name}, {"figures", std::move(placements)}});
    }
    out["passes"] = Json::array();
    for (const Pass& pass : routine.passes) {
        Json j{{"id", pass.id.value}, {"part", pass.part.value}};
        putInto(j, pass);
        if (pass.pinned) j["pinned"] = toJson(*pass.pinned);
        if (!pass.mark.empty()) j["mark"] = pass.mark;
        out["passes"].push_back(std::move(j));
    }
    for (const MusicException& exception : routine.atMusic) {
        Json j{{"id", exception.id.value}, {"place", toJson(exception.place)}};
        putInto(j, exception.what);
        if (!exception.mark.empty()) j["mark"] = exception.mark;
        out["at_music"].push_back(std::move(j));
    }
    for (const BoundAccent& a : routine.accents)
        out["accents"].push_back({{"id", a.id.value},
                                  {"pass", a.pass.value},
                                  {"placement", a.placement.value},
                                  {"at", toCountString(a.at)},
                                  {"moment", a.moment.value}});
    if (routine.opening != OpeningStance{}) out["opening"] = openingToJson(routine.opening);
    if (routine.formation != Formation::Rows) out["formation"] = toString(routine.formation);
    if (!routine.level.empty()) out["level"] = routine.level;
    if (routine.startAt) out["start_at_s"] = *routine.startAt;
    out["muted"] = Json::array();
    for (const MutedFinding& m : routine.muted) out["muted"].push_back(mutedToJson(m));
    for (const UnsettledLine& line : routine.unsettled) {
        Json j{{"id", line.id.value}, {"number", line.number}, {"text", line.text}, {"why", line.why}};
        if (line.figure.valid()) j["figure"] = line.figure.value;
        if (line.role.valid()) {
            j["role"] = line.role.value;
            j["at"] = line.at;
        }
        if (line.counts) j["counts"] = *line.counts;
        if (line.walls) j["walls"] = *line.walls;
        out["unsettled"].push_back(std::move(j));
    }
    out["last_id"] = routine.lastId;
    return out;
}

Routine routineFrom(const Field& field) { return RoutineReader(field).read(); }

} // namespace lc
