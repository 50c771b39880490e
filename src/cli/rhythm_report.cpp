#include "cli/rhythm_report.h"

#include "core/base/feet.h"
#include "core/base/json_text.h"

namespace lc::cli {

namespace {

constexpr std::uint64_t exactInJson = std::uint64_t{1} << 53; // beyond it readers of JSON round

Json orderCount(const std::optional<std::uint64_t>& orders) {
    if (!orders) return "more than 2^64";
    return *orders <= exactInJson ? Json(*orders) : Json(std::to_string(*orders));
}

} // namespace

std::string versionsAsJson(const std::vector<RhythmVersion>& versions) {
    Json out;
    out["versions"] = Json::array();
    for (const RhythmVersion& v : versions) {
        Json j;
        j["notation"] = v.notation;
        j["name"] = v.name.english();
        j["length"] = toCountString(v.length);
        j["changed_steps"] = v.changedSteps;
        j["feet"] = Json::array();
        for (Foot foot : v.feet) j["feet"].push_back(footLetter(foot));
        j["remainder"] = toCountString(v.remainder);
        j["ends_on_count"] = toCountString(v.lastStepAt + counts(1));
        out["versions"].push_back(std::move(j));
    }
    return jsonText(out);
}

std::string versionsAsText(const std::vector<RhythmVersion>& versions) {
    std::string out = std::to_string(versions.size()) + (versions.size() == 1 ? " version\n" : " versions\n");
    for (const RhythmVersion& v : versions) {
        out += v.name.english() + ": " + v.notation + "   ";
        for (Foot foot : v.feet) out += footLetter(foot);
        out += ", last step on " + toSpokenCount(v.lastStepAt + counts(1)) + "\n";
    }
    return out;
}

std::string fillingAsJson(const Filling& filling) {
    Json out;
    out["combinations"] = Json::array();
    for (const FillCombination& combination : filling.combinations) {
        Json j;
        j["lengths"] = Json::object();
        for (std::size_t i = 0; i < filling.lengths.size(); ++i)
            if (combination.times[i] > 0) j["lengths"][toCountString(filling.lengths[i])] = combination.times[i];
        j["orders"] = orderCount(combination.orders);
        out["combinations"].push_back(std::move(j));
    }
    out["orders"] = Json::array();
    for (const FillOrder& order : filling.orders) {
        Json j;
        for (Tick length : order.lengths) j["lengths"].push_back(toCountString(length));
        for (Tick start : order.starts) j["starts"].push_back(toCountString(musicCountIn(start)));
        j["ones"] = Json::array();
        for (const OneMet& one : onesMet(order.lengths))
            j["ones"].push_back(
                {{"count", toCountString(one.count)}, {"figure", one.figure + 1}, {"on", toCountString(one.inFigure)}});
        out["orders"].push_back(std::move(j));
    }
    if (filling.below) out["nearest_below"] = toCountString(*filling.below);
    if (filling.above) out["nearest_above"] = toCountString(*filling.above);
    return jsonText(out);
}

std::string fillingAsText(const Filling& filling) {
    std::string out;
    for (const FillCombination& combination : filling.combinations) {
        std::string line;
        for (std::size_t i = 0; i < filling.lengths.size(); ++i)
            if (combination.times[i] > 0)
                line += (line.empty() ? "" : " + ") + std::to_string(combination.times[i]) + " × " +
                        toSpokenCount(filling.lengths[i]);
        out += line +
               (combination.orders
                    ? *combination.orders == 1 ? ", one order" : ", " + std::to_string(*combination.orders) + " orders"
                    : ", more than 2^64 orders") +
               "\n";
    }
    for (const FillOrder& order : filling.orders) {
        std::string lengths, starts;
        for (Tick length : order.lengths) lengths += toSpokenCount(length) + " ";
        for (Tick start : order.starts) starts += " " + toSpokenCount(musicCountIn(start));
        out += lengths + " starting on" + starts + "\n";
    }
    return out;
}

std::string nothingFills(const Filling& filling) {
    if (!filling.combinations.empty()) return {};
    std::string out = "These lengths do not fill the counts exactly.";
    if (filling.below && filling.above)
        out += " They fill " + toSpokenCount(*filling.below) + " and " + countsInWords(*filling.above) + ".";
    else if (filling.above)
        out += " They fill " + countsInWords(*filling.above) + ".";
    return out + "\n";
}

} // namespace lc::cli
