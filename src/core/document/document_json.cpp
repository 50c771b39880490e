#include "core/document/document_json.h"

#include <nlohmann/json.hpp>

#include <cmath>
#include <set>

namespace lc {

namespace {

using Json = nlohmann::ordered_json;

template <typename... F>
struct Overloaded : F... { using F::operator()...; };
template <typename... F>
Overloaded(F...) -> Overloaded<F...>;

// ---------------------------------------------------------------- writing

Json mapToJson(const SongMap& map) {
    Json beats = Json::array();
    Json confidence = Json::array();
    bool sure = true;
    for (const Beat& beat : map.beats) {
        beats.push_back(beat.time);
        confidence.push_back(beat.confidence);
        sure = sure && beat.confidence == 1.0;
    }
    Json bars = Json::array();
    for (const Bar& bar : map.bars) {
        Json j{{"beats", bar.beats}};
        if (!bar.grouping.empty()) j["grouping"] = bar.grouping;
        if (bar.confirmedOne) j["one"] = true;
        bars.push_back(std::move(j));
    }
    Json phrases = Json::array();
    for (const Phrase& phrase : map.phrases) {
        Json j{{"bars", phrase.bars}, {"label", phrase.label}};
        if (phrase.confirmed) j["confirmed"] = true;
        phrases.push_back(std::move(j));
    }
    Json out{{"metre", toString(map.metre)}, {"pickup_beats", map.pickupBeats}, {"end_s", map.end}, {"beats_s", std::move(beats)}};
    if (!sure) out["confidence"] = std::move(confidence);
    Json confirmed = Json::array();
    for (std::size_t i = 0; i < map.beats.size(); ++i)
        if (map.beats[i].confirmed) confirmed.push_back(i);
    if (!confirmed.empty()) out["confirmed_beats"] = std::move(confirmed);
    out["bars"] = std::move(bars);
    out["phrases"] = std::move(phrases);
    out["stops"] = Json::array();
    for (const Stop& stop : map.stops) out["stops"].push_back({{"start_s", stop.start}, {"end_s", stop.end}, {"beats", stop.beats}});
    if (map.swing != 0.5) out["swing"] = map.swing;
    if (!map.fermatas.empty()) {
        out["fermatas"] = Json::array();
        for (const Fermata& f : map.fermatas) out["fermatas"].push_back({{"start_s", f.start}, {"end_s", f.end}, {"beat_s", f.beatLength}});
    }
    return out;
}

Json withPart(Json fact, const std::optional<SongSpan>& part) {
    if (part) {
        fact["from_s"] = part->from;
        fact["to_s"] = part->to;
    }
    return fact;
}

Json factToJson(const SongFact& fact) {
    return std::visit(Overloaded{[](const PulseFact& f) { return Json{{"fact", "pulse"}, {"factor", f.factor}}; },
                                 [](const MetreFact& f) { return withPart({{"fact", "metre"}, {"metre", toString(f.metre)}}, f.within); },
                                 [](const OneFact& f) { return Json{{"fact", "one"}, {"at_s", f.at}}; },
                                 [](const BarFact& f) {
                                     Json j{{"fact", "bar"}, {"at_s", f.at}, {"beats", f.beats}};
                                     if (!f.grouping.empty()) j["grouping"] = f.grouping;
                                     return j;
                                 },
                                 [](const PhraseFact& f) {
                                     Json j{{"fact", "phrase"}, {"at_s", f.at}};
                                     if (f.beats) j["beats"] = *f.beats;
                                     return j;
                                 },
                                 [](const NameFact& f) { return Json{{"fact", "name"}, {"at_s", f.at}, {"name", f.name}}; },
                                 [](const BeatFact& f) { return Json{{"fact", "beat"}, {"at_s", f.at}}; },
                                 [](const TempoFact& f) { return withPart({{"fact", "tempo"}, {"bpm", f.bpm}}, f.within); },
                                 [](const StopFact& f) { return Json{{"fact", "stop"}, {"at_s", f.from}, {"end_s", f.to}, {"beats", f.beats}}; },
                                 [](const NudgeFact& f) { return Json{{"fact", "nudge"}, {"by_s", f.by}}; },
                                 [](const FermataFact& f) { return Json{{"fact", "fermata"}, {"at_s", f.from}, {"end_s", f.to}}; }},
                      fact);
}

Json linesToJson(const std::vector<RoleLine>& lines) {
    Json out = Json::array();
    for (const RoleLine& line : lines) out.push_back({{"role", line.role.value}, {"text", line.text}});
    return out;
}

Json routineToJson(const Routine& routine) {
    Json out;
    out["feel"] = toString(routine.choices.feel);
    out["slow"] = toCountString(routine.choices.slow);
    out["quick"] = toCountString(routine.choices.quick);
    out["roles"] = Json::array();
    for (const Role& role : routine.roles) out["roles"].push_back({{"id", role.id.value}, {"name", role.name}});
    out["figures"] = Json::array();
    for (const Figure& figure : routine.figures) {
        Json j{{"id", figure.id.value}, {"name", figure.name}, {"lines", linesToJson(figure.lines)}};
        if (figure.claimed) j["claimed"] = toCountString(*figure.claimed);
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

struct BadField {
    std::string path;
    std::string why;
};

/// A JSON value with the path that leads to it, so that each mistake is named by its place.
class Field {
public:
    Field(const Json& json, std::string path) : m_json(json), m_path(std::move(path)) {}

    [[noreturn]] void bad(std::string why) const { throw BadField{m_path.empty() ? "the file" : m_path, std::move(why)}; }

    /// Refuses keys outside `known`: a misspelt key would otherwise be lost at the next save.
    void onlyKeys(std::initializer_list<const char*> known) const {
        if (!m_json.is_object()) bad("should be an object");
        for (const auto& [key, value] : m_json.items()) {
            bool found = false;
            for (const char* k : known) found = found || key == k;
            if (!found) bad("has an unknown field “" + key + "”");
        }
    }
    [[nodiscard]] Field operator[](const char* key) const {
        if (!m_json.is_object()) bad("should be an object");
        const auto found = m_json.find(key);
        if (found == m_json.end()) bad(std::string("has no field “") + key + "”");
        return {*found, m_path.empty() ? key : m_path + "." + key};
    }
    [[nodiscard]] std::optional<Field> maybe(const char* key) const {
        if (!m_json.is_object() || m_json.find(key) == m_json.end()) return std::nullopt;
        return (*this)[key];
    }
    [[nodiscard]] std::vector<Field> items() const {
        if (!m_json.is_array()) bad("should be a list");
        std::vector<Field> all;
        for (std::size_t i = 0; i < m_json.size(); ++i) all.emplace_back(m_json[i], m_path + "[" + std::to_string(i) + "]");
        return all;
    }
    [[nodiscard]] std::string text() const {
        if (!m_json.is_string()) bad("should be a text");
        return m_json.get<std::string>();
    }
    [[nodiscard]] double number() const {
        if (!m_json.is_number()) bad("should be a number");
        const double value = m_json.get<double>();
        if (!std::isfinite(value)) bad("should be a finite number");
        return value;
    }
    [[nodiscard]] Seconds seconds() const {
        const double value = number();
        if (std::abs(value) > 1e6) bad("should lie within a million seconds");
        return value;
    }
    template <typename Int>
    [[nodiscard]] Int whole(std::int64_t least, std::int64_t most) const {
        if (!m_json.is_number_integer()) bad("should be a whole number");
        if (m_json.is_number_unsigned() && m_json.get<std::uint64_t>() > static_cast<std::uint64_t>(INT64_MAX)) bad("is too large");
        const auto value = m_json.get<std::int64_t>();
        if (value < least || value > most) bad("should lie between " + std::to_string(least) + " and " + std::to_string(most));
        return static_cast<Int>(value);
    }
    [[nodiscard]] bool yes() const {
        if (!m_json.is_boolean()) bad("should be true or false");
        return m_json.get<bool>();
    }
    [[nodiscard]] Tick count() const { return valueOf(parseCount(text())); }
    template <typename T>
    [[nodiscard]] T valueOf(Result<T> result) const {
        if (!result) bad(result.error().message);
        return *result;
    }
    template <typename IdType>
    [[nodiscard]] IdType id() const { return IdType{whole<std::uint32_t>(1, UINT32_MAX)}; }

private:
    const Json& m_json;
    std::string m_path;
};

std::vector<int> groupingFrom(const Field& field) {
    std::vector<int> grouping;
    for (const Field& group : field.items()) grouping.push_back(group.whole<int>(1, 64));
    return grouping;
}

SongMap mapFrom(const Field& field) {
    field.onlyKeys({"metre", "pickup_beats", "end_s", "beats_s", "confidence", "confirmed_beats", "bars", "phrases", "stops", "fermatas", "swing"});
    SongMap map;
    map.metre = field["metre"].valueOf(parseMetre(field["metre"].text()));
    map.pickupBeats = field["pickup_beats"].whole<std::size_t>(0, 1'000'000);
    map.end = field["end_s"].seconds();
    for (const Field& beat : field["beats_s"].items()) map.beats.push_back({beat.seconds(), 1.0, false});
    if (const auto confidence = field.maybe("confidence")) {
        const auto all = confidence->items();
        if (all.size() != map.beats.size()) confidence->bad("should have one entry for each beat");
        for (std::size_t i = 0; i < all.size(); ++i) {
            map.beats[i].confidence = all[i].number();
            if (map.beats[i].confidence < 0 || map.beats[i].confidence > 1) all[i].bad("should lie between 0 and 1");
        }
    }
    if (const auto confirmed = field.maybe("confirmed_beats"))
        for (const Field& beat : confirmed->items())
            map.beats[beat.whole<std::size_t>(0, static_cast<std::int64_t>(map.beats.size()) - 1)].confirmed = true;
    std::size_t beat = map.pickupBeats;
    for (const Field& b : field["bars"].items()) {
        b.onlyKeys({"beats", "grouping", "one"});
        Bar bar{beat, b["beats"].whole<int>(1, 10000), {}, false};
        if (const auto grouping = b.maybe("grouping")) bar.grouping = groupingFrom(*grouping);
        if (const auto one = b.maybe("one")) bar.confirmedOne = one->yes();
        beat += static_cast<std::size_t>(bar.beats);
        map.bars.push_back(std::move(bar));
    }
    std::size_t firstBar = 0;
    for (const Field& p : field["phrases"].items()) {
        p.onlyKeys({"bars", "label", "confirmed"});
        Phrase phrase{firstBar, p["bars"].whole<std::size_t>(1, 1'000'000), p["label"].text(), false};
        if (const auto confirmed = p.maybe("confirmed")) phrase.confirmed = confirmed->yes();
        firstBar += phrase.bars;
        map.phrases.push_back(std::move(phrase));
    }
    for (const Field& s : field["stops"].items()) {
        s.onlyKeys({"start_s", "end_s", "beats"});
        map.stops.push_back({s["start_s"].seconds(), s["end_s"].seconds(), s["beats"].whole<int>(0, 10000)});
    }
    if (const auto fermatas = field.maybe("fermatas"))
        for (const Field& f : fermatas->items()) {
            f.onlyKeys({"start_s", "end_s", "beat_s"});
            map.fermatas.push_back({f["start_s"].seconds(), f["end_s"].seconds(), f["beat_s"].seconds()});
        }
    if (const auto swing = field.maybe("swing")) {
        map.swing = swing->number();
        if (map.swing < 0.4 || map.swing > 0.8) swing->bad("should lie between 0.4 and 0.8");
    }
    if (auto valid = validate(map); !valid) field.bad("does not hold together: " + valid.error().message);
    return map;
}

std::optional<SongSpan> partFrom(const Field& field) {
    const auto from = field.maybe("from_s");
    if (!from) return std::nullopt;
    const SongSpan part{from->seconds(), field["to_s"].seconds()};
    if (part.to <= part.from) field["to_s"].bad("should be after from_s");
    return part;
}

SongFact factFrom(const Field& field) {
    const std::string kind = field["fact"].text();
    const auto at = [&] { return field["at_s"].seconds(); };
    if (kind == "pulse") {
        field.onlyKeys({"fact", "factor"});
        const int factor = field["factor"].whole<int>(-2, 2);
        if (factor != 2 && factor != -2) field["factor"].bad("should be 2 or -2");
        return PulseFact{factor};
    }
    if (kind == "nudge") {
        field.onlyKeys({"fact", "by_s"});
        const double by = field["by_s"].number();
        if (!(std::abs(by) <= 0.1)) field["by_s"].bad("should be at most a tenth of a second");
        return NudgeFact{by};
    }
    if (kind == "metre") {
        field.onlyKeys({"fact", "metre", "from_s", "to_s"});
        return MetreFact{field["metre"].valueOf(parseMetre(field["metre"].text())), partFrom(field)};
    }
    if (kind == "one") {
        field.onlyKeys({"fact", "at_s"});
        return OneFact{at()};
    }
    if (kind == "bar") {
        field.onlyKeys({"fact", "at_s", "beats", "grouping"});
        BarFact fact{at(), field["beats"].whole<int>(1, 24), {}};
        if (const auto grouping = field.maybe("grouping")) fact.grouping = groupingFrom(*grouping);
        return fact;
    }
    if (kind == "phrase") {
        field.onlyKeys({"fact", "at_s", "beats"});
        PhraseFact fact{at(), std::nullopt};
        if (const auto beats = field.maybe("beats")) fact.beats = beats->whole<int>(1, 10000);
        return fact;
    }
    if (kind == "name") {
        field.onlyKeys({"fact", "at_s", "name"});
        return NameFact{at(), field["name"].text()};
    }
    if (kind == "beat") {
        field.onlyKeys({"fact", "at_s"});
        return BeatFact{at()};
    }
    if (kind == "tempo") {
        field.onlyKeys({"fact", "bpm", "from_s", "to_s"});
        const double bpm = field["bpm"].number();
        if (!(bpm >= 10 && bpm <= 600)) field["bpm"].bad("should be 10 to 600");
        return TempoFact{bpm, partFrom(field)};
    }
    if (kind == "stop" || kind == "fermata") {
        if (kind == "stop") field.onlyKeys({"fact", "at_s", "end_s", "beats"});
        else field.onlyKeys({"fact", "at_s", "end_s"});
        const Seconds end = field["end_s"].seconds();
        if (!(end > at())) field["end_s"].bad("should be later than at_s");
        if (kind == "fermata") return FermataFact{at(), end};
        return StopFact{at(), end, field["beats"].whole<int>(1, 4096)};
    }
    field["fact"].bad("is no kind of fact that this version knows");
}

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
    field.onlyKeys({"feel", "slow", "quick", "roles", "figures", "parts", "passes", "start_at_s", "muted", "last_id"});
    Routine routine;
    routine.choices.feel = field["feel"].valueOf(parseFeel(field["feel"].text()));
    routine.choices.slow = field["slow"].count();
    routine.choices.quick = field["quick"].count();
    const auto sane = [](Tick length) { return length > Tick{} && length <= counts(64); };
    if (!sane(routine.choices.slow)) field["slow"].bad("should lie above 0 and at most at 64 counts");
    if (!sane(routine.choices.quick)) field["quick"].bad("should lie above 0 and at most at 64 counts");
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
        f.onlyKeys({"id", "name", "lines", "claimed"});
        Figure figure{f["id"].id<FigureId>(), f["name"].text(), {}, std::nullopt};
        figures.add(f["id"], figure.id, routine.lastId);
        if (const auto claimed = f.maybe("claimed")) figure.claimed = claimed->count();
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
    out["map"] = mapToJson(*document.detected);
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
    for (const SongFact& fact : document.facts) out["facts"].push_back(factToJson(fact));
    out["counting"] = {{"unit", toString(document.scheme.unit)}, {"bars_per_set", document.scheme.barsPerSet}};
    out["routine"] = routineToJson(document.routine);
    return out.dump(1, ' ', false, Json::error_handler_t::replace) + "\n";
}

Result<Document> documentFromJson(std::string_view text) {
    try {
        const Json json = Json::parse(text);
        const Field root(json, "");
        if (!json.is_object() || !json.contains("format") || json["format"] != "liftcount")
            return fail(ErrorCode::Unreadable, "This is not a Lift Count routine.");
        const int version = root["version"].whole<int>(1, 1'000'000);
        if (version > documentVersion)
            return fail(ErrorCode::NewerVersion, "This routine was written by a newer Lift Count (format " + std::to_string(version) +
                                                     "; this one reads up to " + std::to_string(documentVersion) + "). It was left as it is. Update Lift Count to open it.");
        return documentFrom(root);
    } catch (const Json::parse_error& e) {
        return damaged("at byte " + std::to_string(e.byte), "the text breaks off or is not JSON");
    } catch (const Json::exception&) {
        return damaged("one of its fields", "has a value of the wrong kind");
    } catch (const BadField& bad) {
        return damaged(bad.path, bad.why);
    }
}

} // namespace lc
