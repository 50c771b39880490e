#include "core/document/document_json.h"

#include "core/document/map_json.h"
#include "core/document/routine_json.h"
#include "core/routine/part_reading.h"

#include <algorithm>

namespace lc {

namespace {

TypedStructure structureFrom(const Field& field) {
    field.onlyKeys({"text", "bpm", "metre", "offset_s"});
    TypedStructure typed{field["text"].text(), field["bpm"].number(),
                         field["metre"].valueOf(parseMetre(field["metre"].text())), field["offset_s"].seconds()};
    if (!(typed.bpm >= 10 && typed.bpm <= 600)) field["bpm"].bad(Core::sentence("should be 10 to 600"));
    return typed;
}

std::vector<Moment> momentsFrom(const Field& field, std::uint32_t lastId) {
    std::vector<Moment> moments;
    IdsSeen<MomentId> ids;
    for (const Field& m : field.items()) {
        m.onlyKeys({"id", "at_s", "kind", "text"});
        moments.push_back({m["id"].id<MomentId>(), m["at_s"].seconds(),
                           m["kind"].valueOf(parseMomentKind(m["kind"].text())), m["text"].text()});
        ids.add(m["id"], moments.back().id, lastId);
    }
    std::stable_sort(moments.begin(), moments.end(), [](const Moment& a, const Moment& b) { return a.at < b.at; });
    return moments;
}

/// Up to format 2 a figure said how long the tag or bridge is in which it is danced, whatever was written there.
void lengthsOfFigures(Routine& routine) {
    PartReader reader(routine);
    const auto fit = [&](Tick& length, FigureId figure) {
        if (!findFigure(routine, figure)) return;
        if (const Tick danced = reader.figure(figure, false, false)->length; danced > Tick{}) length = danced;
    };
    const auto all = [&](PassExceptions& e) {
        if (e.tag) fit(e.tag->counts, e.tag->figure);
        for (Bridge& bridge : e.bridges) fit(bridge.counts, bridge.figure);
    };
    for (Pass& pass : routine.passes) all(pass);
    for (MusicException& exception : routine.atMusic) all(exception.what);
}

Document documentFrom(const Field& field) {
    field.onlyKeys({"format", "version", "title", "song", "map", "map_origin", "structure", "unmatched", "moments",
                    "facts", "counting", "routine"});
    Document document;
    document.title = field["title"].text();
    if (const auto song = field.maybe("song")) {
        song->onlyKeys({"path", "bytes", "hash", "duration_s", "title", "artist"});
        document.song = {(*song)["path"].text(),  (*song)["bytes"].whole<std::uint64_t>(0, INT64_MAX),
                         (*song)["hash"].text(),  (*song)["duration_s"].seconds(),
                         (*song)["title"].text(), {}};
        if (const auto artist = song->maybe("artist")) document.song.artist = artist->text();
    }
    document.detected = std::make_shared<const SongMap>(mapFrom(field["map"]));
    std::vector<SongFact> facts;
    for (const Field& fact : field["facts"].items()) facts.push_back(factFrom(fact));
    const Field counting = field["counting"];
    counting.onlyKeys({"unit", "bars_per_set"});
    document.scheme = {counting["unit"].valueOf(parseCountUnit(counting["unit"].text())),
                       counting["bars_per_set"].whole<int>(1, 16)};
    document.routine = routineFrom(field["routine"]);
    if (field["version"].whole<int>(1, documentVersion) < 3) lengthsOfFigures(document.routine);
    if (const auto origin = field.maybe("map_origin"))
        document.origin = origin->valueOf(parseMapOrigin(origin->text()));
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

tl::unexpected<Error> damaged(const Sentence& where, const Text& why) {
    return fail(ErrorCode::Unreadable,
                Core::sentence(
                    "This routine file is damaged: %1 %2. The file was left as it is; take a copy of it from before.",
                    where, why),
                where.english());
}

} // namespace

std::string toJson(const Document& document) {
    Json out;
    out["format"] = "liftcount";
    out["version"] = documentVersion;
    out["title"] = document.title;
    if (!document.song.path.empty()) {
        out["song"] = {{"path", document.song.path},
                       {"bytes", document.song.bytes},
                       {"hash", document.song.hash},
                       {"duration_s", document.song.duration},
                       {"title", document.song.title}};
        if (!document.song.artist.empty()) out["song"]["artist"] = document.song.artist;
    }
    out["map"] = toJson(*document.detected);
    if (document.origin != MapOrigin::Heard) out["map_origin"] = toString(document.origin);
    if (document.typed)
        out["structure"] = {{"text", document.typed->text},
                            {"bpm", document.typed->bpm},
                            {"metre", toString(document.typed->metre)},
                            {"offset_s", document.typed->offset}};
    if (!document.unmatched.empty()) {
        out["unmatched"] = Json::array();
        for (const SongSpan& span : document.unmatched)
            out["unmatched"].push_back({{"from_s", span.from}, {"to_s", span.to}});
    }
    if (!document.moments.empty()) {
        out["moments"] = Json::array();
        for (const Moment& m : document.moments)
            out["moments"].push_back(
                {{"id", m.id.value}, {"at_s", m.at}, {"kind", toString(m.kind)}, {"text", m.text}});
    }
    out["facts"] = Json::array();
    for (const SongFact& fact : document.facts) out["facts"].push_back(toJson(fact));
    out["counting"] = {{"unit", toString(document.scheme.unit)}, {"bars_per_set", document.scheme.barsPerSet}};
    out["routine"] = toJson(document.routine);
    return jsonText(out);
}

Result<Document> documentFromJson(std::string_view text) {
    const auto read = [](const Json& json) -> Result<Document> {
        const Field root(json, "");
        if (!json.is_object() || !json.contains("format") || json["format"] != "liftcount")
            return fail(ErrorCode::Unreadable, Core::sentence("This is not a Lift Count routine."));
        const int version = root["version"].whole<int>(1, 1'000'000);
        if (version > documentVersion)
            return fail(
                ErrorCode::NewerVersion,
                Core::sentence(
                    "This routine was written by a newer Lift Count (format %1; this one reads up to %2). It was left as it is. Update Lift Count to open it.",
                    version, documentVersion));
        return documentFrom(root);
    };
    return readJson<Document>(text, read, damaged);
}

} // namespace lc
