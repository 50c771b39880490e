#include "core/document/exceptions_json.h"

#include <array>
#include <utility>

namespace lc {

namespace {

using Kind = FigureChange::Kind;
constexpr std::array<std::pair<Kind, const char*>, 6> kinds{{{Kind::Add, "add"},
                                                             {Kind::Drop, "drop"},
                                                             {Kind::Version, "version"},
                                                             {Kind::Bars, "bars"},
                                                             {Kind::Mirror, "mirror"},
                                                             {Kind::Exchange, "exchange"}}};

Json barsToJson(const Rebar& bars) { return {{"written", bars.written}, {"danced", bars.danced}}; }

Rebar barsFrom(const Field& field) {
    field.onlyKeys({"written", "danced"});
    return {field["written"].whole<int>(1, 24), field["danced"].whole<int>(1, 24)};
}

/// A length of `least` or more counts.
Tick stretchFrom(const Field& field, Tick least) {
    const Tick length = field.count();
    if (length < least || length > counts(100'000))
        field.bad(least > Tick{} ? Core::sentence("should be above 0") : Core::sentence("should not be below 0"));
    return length;
}

bool yesFrom(const Field& field, const char* key) {
    const auto value = field.maybe(key);
    return value && value->yes();
}

} // namespace

Json toJson(const MusicPlace& place) {
    Json out{{"at_s", place.at}};
    if (!place.section.empty()) out["section"] = place.section;
    if (place.into != Tick{}) out["into"] = toCountString(place.into);
    return out;
}

MusicPlace placeFrom(const Field& field) {
    field.onlyKeys({"at_s", "section", "into"});
    MusicPlace place;
    place.at = field["at_s"].seconds();
    if (const auto section = field.maybe("section")) place.section = section->text();
    if (const auto into = field.maybe("into")) place.into = stretchFrom(*into, Tick{});
    return place;
}

void putInto(Json& out, const Placement& placement) {
    if (placement.id.valid()) out["id"] = placement.id.value;
    if (placement.figure.valid()) out["figure"] = placement.figure.value;
    if (placement.part.valid()) out["part"] = placement.part.value;
    if (!placement.version.empty()) out["version"] = placement.version;
    if (placement.mirrored) out["mirrored"] = true;
    if (placement.exchanged) out["exchanged"] = true;
    if (!placement.bars.none()) out["bars"] = barsToJson(placement.bars);
}

Placement placementFrom(const Field& field) {
    field.onlyKeys({"id", "figure", "part", "version", "mirrored", "exchanged", "bars"});
    Placement placement{field["id"].id<PlacementId>(), {}};
    if (const auto figure = field.maybe("figure")) placement.figure = figure->id<FigureId>();
    if (const auto part = field.maybe("part")) placement.part = part->id<PartId>();
    if (placement.figure.valid() == placement.part.valid())
        field.bad(Core::sentence("should have either a figure or a part"));
    if (const auto version = field.maybe("version")) placement.version = version->text();
    placement.mirrored = yesFrom(field, "mirrored");
    placement.exchanged = yesFrom(field, "exchanged");
    if (const auto bars = field.maybe("bars")) placement.bars = barsFrom(*bars);
    return placement;
}

void putInto(Json& out, const PassExceptions& e) {
    if (e.restart) {
        out["restart_after"] = toCountString(e.restart->after);
        if (e.restart->turnOn) out["turn_on"] = true;
    }
    if (e.tag) {
        out["tag"] = toCountString(e.tag->counts);
        if (e.tag->countFromOne) out["tag_counts_from_one"] = true;
        if (e.tag->figure.valid()) out["tag_figure"] = e.tag->figure.value;
    }
    if (e.lastChangeIsTouch) out["last_change_is_touch"] = true;
    for (const Bridge& bridge : e.bridges) {
        Json j{
            {"id", bridge.id.value}, {"after", toCountString(bridge.after)}, {"counts", toCountString(bridge.counts)}};
        if (bridge.figure.valid()) j["figure"] = bridge.figure.value;
        out["bridges"].push_back(std::move(j));
    }
    for (const FigureChange& change : e.changes) {
        Json j;
        for (const auto& [kind, name] : kinds)
            if (kind == change.kind) j["kind"] = name;
        if (change.at.valid()) j["at"] = change.at.value;
        if (change.kind == Kind::Add) {
            j["added"] = Json::object();
            putInto(j["added"], change.added);
        }
        if (change.kind == Kind::Version) j["version"] = change.version;
        if (change.kind == Kind::Bars) j["bars"] = barsToJson(change.bars);
        out["changes"].push_back(std::move(j));
    }
    if (e.mirrored) out["mirrored"] = true;
    if (e.exchanged) out["exchanged"] = true;
    if (e.wait != Tick{}) out["wait"] = toCountString(e.wait);
    if (e.ending) {
        out["ending"] = {{"after", toCountString(e.ending->after)}, {"part", e.ending->part.value}};
        if (!e.ending->danced) out["ending"]["danced"] = false;
    }
    if (e.canon) {
        Json j{{"apart", toCountString(e.canon->apart)}};
        if (e.canon->ripple) j["ripple"] = true;
        for (RoleId role : e.canon->entries) j["entries"].push_back(role.value);
        if (e.canon->from != Tick{}) j["from"] = toCountString(e.canon->from);
        if (e.canon->to) j["to"] = toCountString(*e.canon->to);
        out["canon"] = std::move(j);
    }
}

PassExceptions exceptionsFrom(const Field& field) {
    PassExceptions e;
    // of an exception bound to the music the place says after how many counts
    if (const auto after = field.maybe("restart_after")) e.restart = Restart{stretchFrom(*after, Tick{}), false};
    if (const auto on = field.maybe("turn_on")) {
        if (!e.restart) on->bad(Core::sentence("stands without a restart"));
        e.restart->turnOn = on->yes();
    }
    if (const auto tag = field.maybe("tag")) e.tag = Tag{stretchFrom(*tag, Tick{1}), false};
    if (const auto from = field.maybe("tag_counts_from_one")) {
        if (!e.tag) from->bad(Core::sentence("stands without a tag"));
        e.tag->countFromOne = from->yes();
    }
    if (const auto figure = field.maybe("tag_figure")) {
        if (!e.tag) figure->bad(Core::sentence("stands without a tag"));
        e.tag->figure = figure->id<FigureId>();
    }
    e.lastChangeIsTouch = yesFrom(field, "last_change_is_touch");
    if (const auto bridges = field.maybe("bridges"))
        for (const Field& b : bridges->items()) {
            b.onlyKeys({"id", "after", "counts", "figure"});
            Bridge bridge{b["id"].id<ExceptionId>(), stretchFrom(b["after"], Tick{}),
                          stretchFrom(b["counts"], Tick{1})};
            if (const auto figure = b.maybe("figure")) bridge.figure = figure->id<FigureId>();
            e.bridges.push_back(bridge);
        }
    if (const auto changes = field.maybe("changes"))
        for (const Field& c : changes->items()) {
            c.onlyKeys({"kind", "at", "added", "version", "bars"});
            FigureChange change;
            const std::string name = c["kind"].text();
            bool known = false;
            for (const auto& [kind, text] : kinds)
                if (name == text) {
                    change.kind = kind;
                    known = true;
                }
            if (!known) c["kind"].bad(Core::sentence("is no change of a figure"));
            if (const auto at = c.maybe("at"))
                change.at = at->id<PlacementId>();
            else if (change.kind != Kind::Add)
                c.bad(Core::sentence("has no field “at”"));
            if (change.kind == Kind::Add) change.added = placementFrom(c["added"]);
            if (change.kind == Kind::Version) change.version = c["version"].text();
            if (change.kind == Kind::Bars) change.bars = barsFrom(c["bars"]);
            e.changes.push_back(std::move(change));
        }
    e.mirrored = yesFrom(field, "mirrored");
    e.exchanged = yesFrom(field, "exchanged");
    if (const auto wait = field.maybe("wait")) e.wait = stretchFrom(*wait, Tick{});
    if (const auto ending = field.maybe("ending")) {
        ending->onlyKeys({"after", "part", "danced"});
        e.ending = Ending{stretchFrom((*ending)["after"], Tick{}), (*ending)["part"].id<PartId>()};
        if (const auto danced = ending->maybe("danced")) e.ending->danced = danced->yes();
    }
    if (const auto canon = field.maybe("canon")) {
        canon->onlyKeys({"apart", "ripple", "entries", "from", "to"});
        Canon c{stretchFrom((*canon)["apart"], Tick{1})};
        c.ripple = yesFrom(*canon, "ripple");
        if (const auto entries = canon->maybe("entries"))
            for (const Field& role : entries->items()) c.entries.push_back(role.id<RoleId>());
        if (const auto from = canon->maybe("from")) c.from = stretchFrom(*from, Tick{});
        if (const auto to = canon->maybe("to")) {
            c.to = to->count();
            if (*c.to <= c.from) to->bad(Core::sentence("should be after its beginning"));
        }
        e.canon = std::move(c);
    }
    return e;
}

} // namespace lc
