#include "core/document/document_json.h"

#include "core/document/figure_json.h"
#include "core/document/map_json.h"

#include <set>

namespace lc {

namespace {

Json linesToJson(const std::vector<RoleLine>& lines) {
    Json out = Json::array();
    for (const RoleLine& line : lines) out.push_back({{"role", line.role.value}, {"text", line.text}});
    return out;
}

Json routineToJson(const Routine& routine) {
    Json out = toJson(routine.choices);
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
        for (const Placement& p : part.figures) placements.push_back({{"id", p.id.value}, {"figure", p.figure.value}});
        out["parts"].push_back({{"id", part.id.value}, {"name", part.name}, {"figures", std::move(placements)}});
    }
    out["passes"] = Json::array();
    for (const Pass& pass : routine.passes) {
        Json j{{"id", pass.id.value}, {"part", pass.part.value}};
        if (pass.restart) j["restart_after"] = toCountString(pass.restart->after);
        if (pass.tag) {
            j["tag"] = toCountString(pass.tag->counts);
            if (pass.tag->countFromOne) j["tag_counts_from_one"] = true;
        }
        if (pass.lastChangeIsTouch) j["last_change_is_touch"] = true;
        out["passes"].push_back(std::move(j));
    }
    if (routine.startAt) out["start_at_s"] = *routine.startAt;
    out["muted"] = Json::array();
    for (const MutedFinding& m : routine.muted) {
        Json j{{"code", m.key.code}, {"reason", m.reason}};
        if (m.key.pass.valid()) j["pass"] = m.key.pass.value;
        if (m.key.part.valid()) j["part"] = m.key.part.value;
        if (m.key.role.valid()) j["role"] = m.key.role.value;
        out["muted"].push_back(std::move(j));
    }
    out["last_id"] = routine.lastId;
    return out;
}

// ---------------------------------------------------------------- reading

template <typename IdType>
class IdsSeen {
public:
    void add(const Field& field, IdType id, std::uint32_t last) {
        if (id.value > last) field.bad("is above last_id");
        if (!m_seen.insert(id).second) field.bad("is used twice");
    }
    void needs(const Field& field, IdType id) const {
        if (m_seen.count(id) == 0) field.bad("points to nothing in the file");
    }

private:
    std::set<IdType> m_seen;
};

Routine routineFrom(const Field& field) {
    field.onlyKeys({"feel", "slow", "quick", "own_and", "own_a", "stomp_takes_weight", "roles", "figures", "parts", "passes", "start_at_s", "muted", "last_id"});
    Routine routine;
    routine.choices = choicesFrom(field);
    routine.lastId = field["last_id"].whole<std::uint32_t>(0, UINT32_MAX - 100'000);
    IdsSeen<RoleId> roles;
    for (const Field& r : field["roles"].items()) {
        r.onlyKeys({"id", "name"});
        routine.roles.push_back({r["id"].id<RoleId>(), r["name"].text()});
        roles.add(r["id"], routine.roles.back().id, routine.lastId);
    }
    if (routine.roles.empty() || routine.roles.size() > 8) field["roles"].bad("should have 1 to 8 roles");
    IdsSeen<FigureId> figures;
    for (const Field& f : field["figures"].items()) {
        f.onlyKeys({"id", "name", "lines", "claimed", "vocabulary", "facts"});
        Figure figure{f["id"].id<FigureId>(), f["name"].text(), {}, std::nullopt, {}, {}};
        figures.add(f["id"], figure.id, routine.lastId);
        if (const auto claimed = f.maybe("claimed")) figure.claimed = claimed->count();
        if (const auto vocabulary = f.maybe("vocabulary")) figure.vocabularyId = vocabulary->text();
        if (const auto facts = f.maybe("facts")) figure.facts = figureFactsFrom(*facts);
        for (const Field& l : f["lines"].items()) {
            l.onlyKeys({"role", "text"});
            figure.lines.push_back({l["role"].id<RoleId>(), l["text"].text()});
            roles.needs(l["role"], figure.lines.back().role);
        }
        routine.figures.push_back(std::move(figure));
    }
    IdsSeen<PartId> parts;
    IdsSeen<PlacementId> placements;
    for (const Field& p : field["parts"].items()) {
        p.onlyKeys({"id", "name", "figures"});
        Part part{p["id"].id<PartId>(), p["name"].text(), {}};
        parts.add(p["id"], part.id, routine.lastId);
        for (const Field& u : p["figures"].items()) {
            u.onlyKeys({"id", "figure"});
            part.figures.push_back({u["id"].id<PlacementId>(), u["figure"].id<FigureId>()});
            placements.add(u["id"], part.figures.back().id, routine.lastId);
            figures.needs(u["figure"], part.figures.back().figure);
        }
        if (part.name.empty()) p["name"].bad("is empty");
        routine.parts.push_back(std::move(part));
    }
    if (routine.parts.empty()) field["parts"].bad("should have at least one part");
    IdsSeen<PassId> passes;
    for (const Field& p : field["passes"].items()) {
        p.onlyKeys({"id", "part", "restart_after", "tag", "tag_counts_from_one", "last_change_is_touch"});
        Pass pass{p["id"].id<PassId>(), p["part"].id<PartId>(), std::nullopt, std::nullopt, false};
        passes.add(p["id"], pass.id, routine.lastId);
        parts.needs(p["part"], pass.part);
        const auto length = [&](const char* key) {
            const Tick t = p[key].count();
            if (t <= Tick{} || t > counts(100'000)) p[key].bad("should be above 0");
            return t;
        };
        if (p.maybe("restart_after")) pass.restart = Restart{length("restart_after")};
        if (p.maybe("tag")) pass.tag = Tag{length("tag"), false};
        if (const auto from = p.maybe("tag_counts_from_one")) {
            if (!pass.tag) from->bad("stands without a tag");
            pass.tag->countFromOne = from->yes();
        }
        if (const auto touch = p.maybe("last_change_is_touch")) pass.lastChangeIsTouch = touch->yes();
        routine.passes.push_back(std::move(pass));
    }
    if (routine.passes.size() > 5000) field["passes"].bad("should have at most 5000 passes");
    if (const auto start = field.maybe("start_at_s")) routine.startAt = start->seconds();
    for (const Field& m : field["muted"].items()) {
        m.onlyKeys({"code", "reason", "pass", "part", "role"});
        MutedFinding muted;
        muted.key.code = m["code"].text();
        muted.reason = m["reason"].text();
        if (const auto pass = m.maybe("pass")) muted.key.pass = pass->id<PassId>();
        if (const auto part = m.maybe("part")) muted.key.part = part->id<PartId>();
        if (const auto role = m.maybe("role")) muted.key.role = role->id<RoleId>();
        routine.muted.push_back(std::move(muted));
    }
    return routine;
}

TypedStructure structureFrom(const Field& field) {
    field.onlyKeys({"text", "bpm", "metre", "offset_s"});
    TypedStructure typed{field["text"].text(), field["bpm"].number(), field["metre"].valueOf(parseMetre(field["metre"].text())), field["offset_s"].seconds()};
    if (!(typed.bpm >= 10 && typed.bpm <= 600)) field["bpm"].bad("should be 10 to 600");
    return typed;
}

std::vector<Moment> momentsFrom(const Field& field, std::uint32_t lastId) {
    std::vector<Moment> moments;
    IdsSeen<MomentId> ids;
    for (const Field& m : field.items()) {
        m.onlyKeys({"id", "at_s", "kind", "text"});
        moments.push_back({m["id"].id<MomentId>(), m["at_s"].seconds(), m["kind"].valueOf(parseMomentKind(m["kind"].text())), m["text"].text()});
        ids.add(m["id"], moments.back().id, lastId);
    }
    std::stable_sort(moments.begin(), moments.end(), [](const Moment& a, const Moment& b) { return a.at < b.at; });
    return moments;
}

Document documentFrom(const Field& field) {
    field.onlyKeys({"format", "version", "title", "song", "map", "map_origin", "structure", "unmatched", "moments", "facts", "counting", "routine"});
    Document document;
    document.title = field["title"].text();
    if (const auto song = field.maybe("song")) {
        song->onlyKeys({"path", "bytes", "hash", "duration_s", "title", "artist"});
        document.song = {(*song)["path"].text(), (*song)["bytes"].whole<std::uint64_t>(0, INT64_MAX), (*song)["hash"].text(),
                         (*song)["duration_s"].seconds(), (*song)["title"].text(), {}};
        if (const auto artist = song->maybe("artist")) document.song.artist = artist->text();
    }
    document.detected = std::make_shared<const SongMap>(mapFrom(field["map"]));
    std::vector<SongFact> facts;
    for (const Field& fact : field["facts"].items()) facts.push_back(factFrom(fact));
    const Field counting = field["counting"];
    counting.onlyKeys({"unit", "bars_per_set"});
    document.scheme = {counting["unit"].valueOf(parseCountUnit(counting["unit"].text())), counting["bars_per_set"].whole<int>(1, 16)};
    document.routine = routineFrom(field["routine"]);
    if (const auto origin = field.maybe("map_origin")) document.origin = origin->valueOf(parseMapOrigin(origin->text()));
    if (const auto typed = field.maybe("structure")) document.typed = structureFrom(*typed);
    if (const auto unmatched = field.maybe("unmatched"))
        for (const Field& span : unmatched->items()) {
            span.onlyKeys({"from_s", "to_s"});
            if (const auto part = partFrom(span)) document.unmatched.push_back(*part);
        }
    if (const auto moments = field.maybe("moments")) document.moments = momentsFrom(*moments, document.routine.lastId);
    auto settled = withFacts(std::move(document), std::move(facts));
    if (!settled) field["facts"].bad(settled.error().message);
    return std::move(*settled);
}

tl::unexpected<Error> damaged(const std::string& where, const std::string& why) {
    return fail(ErrorCode::Unreadable, "This routine file is damaged: " + where + " " + why +
                                           ". The file was left as it is; take a copy of it from before.", where);
}

} // namespace

std::string toJson(const Document& document) {
    Json out;
    out["format"] = "liftcount";
    out["version"] = documentVersion;
    out["title"] = document.title;
    if (!document.song.path.empty()) {
        out["song"] = {{"path", document.song.path}, {"bytes", document.song.bytes}, {"hash", document.song.hash},
                       {"duration_s", document.song.duration}, {"title", document.song.title}};
        if (!document.song.artist.empty()) out["song"]["artist"] = document.song.artist;
    }
    out["map"] = toJson(*document.detected);
    if (document.origin != MapOrigin::Heard) out["map_origin"] = toString(document.origin);
    if (document.typed)
        out["structure"] = {{"text", document.typed->text}, {"bpm", document.typed->bpm}, {"metre", toString(document.typed->metre)}, {"offset_s", document.typed->offset}};
    if (!document.unmatched.empty()) {
        out["unmatched"] = Json::array();
        for (const SongSpan& span : document.unmatched) out["unmatched"].push_back({{"from_s", span.from}, {"to_s", span.to}});
    }
    if (!document.moments.empty()) {
        out["moments"] = Json::array();
        for (const Moment& m : document.moments) out["moments"].push_back({{"id", m.id.value}, {"at_s", m.at}, {"kind", toString(m.kind)}, {"text", m.text}});
    }
    out["facts"] = Json::array();
    for (const SongFact& fact : document.facts) out["facts"].push_back(toJson(fact));
    out["counting"] = {{"unit", toString(document.scheme.unit)}, {"bars_per_set", document.scheme.barsPerSet}};
    out["routine"] = routineToJson(document.routine);
    return out.dump(1, ' ', false, Json::error_handler_t::replace) + "\n";
}

Result<Document> documentFromJson(std::string_view text) {
    const auto read = [](const Json& json) -> Result<Document> {
        const Field root(json, "");
        if (!json.is_object() || !json.contains("format") || json["format"] != "liftcount")
            return fail(ErrorCode::Unreadable, "This is not a Lift Count routine.");
        const int version = root["version"].whole<int>(1, 1'000'000);
        if (version > documentVersion)
            return fail(ErrorCode::NewerVersion, "This routine was written by a newer Lift Count (format " + std::to_string(version) +
                                                     "; this one reads up to " + std::to_string(documentVersion) + "). It was left as it is. Update Lift Count to open it.");
        return documentFrom(root);
    };
    return readJson<Document>(text, read, damaged);
}

} // namespace lc
