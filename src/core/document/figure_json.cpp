#include "core/document/figure_json.h"

#include "core/figures/figure_fields.h"

namespace lc {

namespace {

Json linesToJson(const std::vector<FigureLine>& lines) {
    Json out = Json::array();
    for (const FigureLine& line : lines) out.push_back({{"role", line.role}, {"text", line.text}});
    return out;
}

std::vector<FigureLine> linesFrom(const Field& field) {
    std::vector<FigureLine> lines;
    for (const Field& l : field.items()) {
        l.onlyKeys({"role", "text"});
        lines.push_back({l["role"].text(), l["text"].text()});
        if (lines.back().role.empty()) l["role"].bad(Core::sentence("is empty"));
        for (std::size_t i = 0; i + 1 < lines.size(); ++i)
            if (lines[i].role == lines.back().role) l["role"].bad(Core::sentence("stands twice in one figure"));
    }
    if (lines.size() > 8) field.bad(Core::sentence("should have 8 roles at most"));
    return lines;
}

/// A length above `least` and at most 4096 counts.
Tick lengthFrom(const Field& field, Tick least) {
    const Tick length = field.count();
    if (length < least || length > counts(4096))
        field.bad(Core::sentence("should lie between %1 and 4096 counts", toCountString(least)));
    return length;
}

} // namespace

Json toJson(const NotationChoices& choices) {
    const NotationChoices usual;
    Json out{{"feel", toString(choices.feel)},
             {"slow", toCountString(choices.slow)},
             {"quick", toCountString(choices.quick)}};
    if (choices.ownAnd != usual.ownAnd) out["own_and"] = toCountString(choices.ownAnd);
    if (choices.ownA != usual.ownA) out["own_a"] = toCountString(choices.ownA);
    if (choices.stompTakesWeight != usual.stompTakesWeight) out["stomp_takes_weight"] = choices.stompTakesWeight;
    return out;
}

NotationChoices choicesFrom(const Field& field) {
    NotationChoices choices;
    choices.feel = field["feel"].valueOf(parseFeel(field["feel"].text()));
    choices.slow = field["slow"].count();
    choices.quick = field["quick"].count();
    const auto sane = [](Tick length) { return length > Tick{} && length <= counts(64); };
    if (!sane(choices.slow)) field["slow"].bad(Core::sentence("should lie above 0 and at most at 64 counts"));
    if (!sane(choices.quick)) field["quick"].bad(Core::sentence("should lie above 0 and at most at 64 counts"));
    if (const auto ownAnd = field.maybe("own_and")) choices.ownAnd = ownAnd->count();
    if (const auto ownA = field.maybe("own_a")) choices.ownA = ownA->count();
    if (!(choices.ownAnd > Tick{} && choices.ownAnd < choices.ownA && choices.ownA < counts(1)))
        field.bad(Core::sentence("should have own_and before own_a, both inside the count"));
    if (const auto stomp = field.maybe("stomp_takes_weight")) choices.stompTakesWeight = stomp->yes();
    return choices;
}

Json toJson(const FigureFacts& facts) {
    Json out = Json::object();
    for (const FigureField& field : figureFields()) {
        const std::string key(field.key);
        if (field.text && !(facts.*field.text).empty()) out[key] = facts.*field.text;
        if (field.list && !(facts.*field.list).empty()) out[key] = facts.*field.list;
    }
    if (facts.choices) out["choices"] = toJson(*facts.choices);
    if (facts.entry != Tick{}) out["entry"] = toCountString(facts.entry);
    if (facts.close != Tick{}) out["close"] = toCountString(facts.close);
    if (!facts.versions.empty()) {
        out["versions"] = Json::array();
        for (const FigureVersion& version : facts.versions) {
            Json j{{"name", version.name}, {"lines", linesToJson(version.lines)}};
            if (!version.level.empty()) j["level"] = version.level;
            out["versions"].push_back(std::move(j));
        }
    }
    return out;
}

FigureFacts figureFactsFrom(const Field& field) {
    std::vector<std::string_view> keys{"choices", "entry", "close", "versions"};
    for (const FigureField& plain : figureFields()) keys.push_back(plain.key);
    field.onlyKeys(keys);
    FigureFacts facts;
    for (const FigureField& plain : figureFields()) {
        const auto value = field.maybe(std::string(plain.key).c_str());
        if (value && plain.text) facts.*plain.text = value->text();
        if (value && plain.list) facts.*plain.list = value->texts();
    }
    if (const auto choices = field.maybe("choices")) {
        choices->onlyKeys({"feel", "slow", "quick", "own_and", "own_a", "stomp_takes_weight"});
        facts.choices = choicesFrom(*choices);
    }
    if (const auto entry = field.maybe("entry")) facts.entry = lengthFrom(*entry, Tick{});
    if (const auto close = field.maybe("close")) facts.close = lengthFrom(*close, Tick{});
    if (const auto versions = field.maybe("versions"))
        for (const Field& v : versions->items()) {
            v.onlyKeys({"name", "level", "lines"});
            FigureVersion version{v["name"].text(), {}, linesFrom(v["lines"])};
            if (const auto level = v.maybe("level")) version.level = level->text();
            facts.versions.push_back(std::move(version));
        }
    return facts;
}

Json toJson(const FigureCard& card) {
    Json out{{"name", card.name}, {"lines", linesToJson(card.lines)}};
    if (card.claimed) out["claimed"] = toCountString(*card.claimed);
    if (card.facts != FigureFacts{}) out["facts"] = toJson(card.facts);
    return out;
}

FigureCard figureCardFrom(const Field& field) {
    field.onlyKeys({"name", "lines", "claimed", "facts"});
    FigureCard card{field["name"].text(), linesFrom(field["lines"]), std::nullopt, {}};
    if (const auto claimed = field.maybe("claimed")) card.claimed = lengthFrom(*claimed, Tick{1});
    if (const auto facts = field.maybe("facts")) card.facts = figureFactsFrom(*facts);
    return card;
}

} // namespace lc
