#include "core/document/map_json.h"

#include "core/base/overloaded.h"

namespace lc {

namespace {} // namespace

Json toJson(const SongMap& map) {
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
    Json out{{"metre", toString(map.metre)},
             {"pickup_beats", map.pickupBeats},
             {"end_s", map.end},
             {"beats_s", std::move(beats)}};
    if (!sure) out["confidence"] = std::move(confidence);
    Json confirmed = Json::array();
    for (std::size_t i = 0; i < map.beats.size(); ++i)
        if (map.beats[i].confirmed) confirmed.push_back(i);
    if (!confirmed.empty()) out["confirmed_beats"] = std::move(confirmed);
    out["bars"] = std::move(bars);
    out["phrases"] = std::move(phrases);
    out["stops"] = Json::array();
    for (const Stop& stop : map.stops)
        out["stops"].push_back({{"start_s", stop.start}, {"end_s", stop.end}, {"beats", stop.beats}});
    if (map.swing != 0.5) out["swing"] = map.swing;
    if (!map.fermatas.empty()) {
        out["fermatas"] = Json::array();
        for (const Fermata& f : map.fermatas)
            out["fermatas"].push_back({{"start_s", f.start}, {"end_s", f.end}, {"beat_s", f.beatLength}});
    }
    return out;
}

namespace {

Json withPart(Json fact, const std::optional<SongSpan>& part) {
    if (part) {
        fact["from_s"] = part->from;
        fact["to_s"] = part->to;
    }
    return fact;
}

} // namespace

Json toJson(const SongFact& fact) {
    return std::visit(
        Overloaded{[](const PulseFact& f) {
                       return Json{{"fact", "pulse"}, {"factor", f.factor}};
                   },
                   [](const MetreFact& f) {
                       return withPart({{"fact", "metre"}, {"metre", toString(f.metre)}}, f.within);
                   },
                   [](const OneFact& f) {
                       return Json{{"fact", "one"}, {"at_s", f.at}};
                   },
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
                   [](const NameFact& f) {
                       return Json{{"fact", "name"}, {"at_s", f.at}, {"name", f.name}};
                   },
                   [](const BeatFact& f) {
                       return Json{{"fact", "beat"}, {"at_s", f.at}};
                   },
                   [](const TempoFact& f) {
                       return withPart({{"fact", "tempo"}, {"bpm", f.bpm}}, f.within);
                   },
                   [](const StopFact& f) {
                       return Json{{"fact", "stop"}, {"at_s", f.from}, {"end_s", f.to}, {"beats", f.beats}};
                   },
                   [](const NudgeFact& f) {
                       return Json{{"fact", "nudge"}, {"by_s", f.by}};
                   },
                   [](const FermataFact& f) {
                       return Json{{"fact", "fermata"}, {"at_s", f.from}, {"end_s", f.to}};
                   }},
        fact);
}

namespace {

std::vector<int> groupingFrom(const Field& field) {
    std::vector<int> grouping;
    for (const Field& group : field.items()) grouping.push_back(group.whole<int>(1, 64));
    return grouping;
}

} // namespace

SongMap mapFrom(const Field& field) {
    field.onlyKeys({"metre", "pickup_beats", "end_s", "beats_s", "confidence", "confirmed_beats", "bars", "phrases",
                    "stops", "fermatas", "swing"});
    SongMap map;
    map.metre = field["metre"].valueOf(parseMetre(field["metre"].text()));
    map.pickupBeats = field["pickup_beats"].whole<std::size_t>(0, 1'000'000);
    map.end = field["end_s"].seconds();
    for (const Field& beat : field["beats_s"].items()) map.beats.push_back({beat.seconds(), 1.0, false});
    if (const auto confidence = field.maybe("confidence")) {
        const auto all = confidence->items();
        if (all.size() != map.beats.size()) confidence->bad(Core::sentence("should have one entry for each beat"));
        for (std::size_t i = 0; i < all.size(); ++i) {
            map.beats[i].confidence = all[i].number();
            if (map.beats[i].confidence < 0 || map.beats[i].confidence > 1)
                all[i].bad(Core::sentence("should lie between 0 and 1"));
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
        if (map.swing < 0.4 || map.swing > 0.8) swing->bad(Core::sentence("should lie between 0.4 and 0.8"));
    }
    if (auto valid = validate(map); !valid)
        field.bad(Core::sentence("does not hold together: %1", valid.error().message));
    return map;
}

std::optional<SongSpan> partFrom(const Field& field) {
    const auto from = field.maybe("from_s");
    if (!from) return std::nullopt;
    const SongSpan part{from->seconds(), field["to_s"].seconds()};
    if (part.to <= part.from) field["to_s"].bad(Core::sentence("should be after from_s"));
    return part;
}

SongFact factFrom(const Field& field) {
    const std::string kind = field["fact"].text();
    const auto at = [&] { return field["at_s"].seconds(); };
    if (kind == "pulse") {
        field.onlyKeys({"fact", "factor"});
        const int factor = field["factor"].whole<int>(-2, 2);
        if (factor != 2 && factor != -2) field["factor"].bad(Core::sentence("should be 2 or -2"));
        return PulseFact{factor};
    }
    if (kind == "nudge") {
        field.onlyKeys({"fact", "by_s"});
        const double by = field["by_s"].number();
        if (!(std::abs(by) <= 0.1)) field["by_s"].bad(Core::sentence("should be at most a tenth of a second"));
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
        if (!(bpm >= 10 && bpm <= 600)) field["bpm"].bad(Core::sentence("should be 10 to 600"));
        return TempoFact{bpm, partFrom(field)};
    }
    if (kind == "stop" || kind == "fermata") {
        if (kind == "stop")
            field.onlyKeys({"fact", "at_s", "end_s", "beats"});
        else
            field.onlyKeys({"fact", "at_s", "end_s"});
        const Seconds end = field["end_s"].seconds();
        if (!(end > at())) field["end_s"].bad(Core::sentence("should be later than at_s"));
        if (kind == "fermata") return FermataFact{at(), end};
        return StopFact{at(), end, field["beats"].whole<int>(1, 4096)};
    }
    field["fact"].bad(Core::sentence("is no kind of fact that this version knows"));
}

} // namespace lc
