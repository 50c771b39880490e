#include "core/planning/plan_costs.h"

#include "core/base/text_rows.h"

#include <string>

namespace lc {

std::optional<Error> wrongCost(const PlanCosts& costs) {
    constexpr std::int64_t dearest = 1'000'000'000;
    const std::pair<const char*, std::int64_t> all[] = {{"miss", costs.miss}, {"restart", costs.restart}, {"tag", costs.tag}, {"kind", costs.kind}};
    for (const auto& [name, cost] : all)
        if (cost < 0 || cost > dearest)
            return Error{ErrorCode::BadValue, "The cost of a " + std::string(name) + " is " + std::to_string(cost) + ". Costs are whole numbers from 0 to " + std::to_string(dearest) +
                                                  "; the higher, the more is done to avoid it.", {}};
    return std::nullopt;
}

Result<PlanCosts> parseCosts(std::string_view text) {
    PlanCosts costs;
    if (trimmed(text).empty()) return costs;
    for (std::string_view piece : pieces(text, ',')) {
        piece = trimmed(piece);
        const auto is = piece.find('=');
        const std::string_view name = trimmed(piece.substr(0, is));
        std::int64_t* cost = name == "miss" ? &costs.miss : name == "restart" ? &costs.restart : name == "tag" ? &costs.tag : name == "kind" ? &costs.kind : nullptr;
        if (!cost || is == std::string_view::npos)
            return fail(ErrorCode::BadValue, "“" + std::string(piece) + "” is no cost. Write for example miss=10,restart=3,tag=2,kind=2.");
        const auto value = wholeNumber<std::int64_t>(trimmed(piece.substr(is + 1)));
        if (!value) return fail(ErrorCode::BadValue, "The cost “" + std::string(piece) + "” is no whole number.");
        *cost = *value;
    }
    return costs;
}

Result<std::vector<Tick>> parseLengths(std::string_view text) {
    std::vector<Tick> out;
    if (trimmed(text).empty() || trimmed(text) == "none") return out;
    for (const std::string_view piece : pieces(text, ',')) {
        const auto length = parseCount(trimmed(piece));
        if (!length) return tl::unexpected(length.error());
        out.push_back(*length);
    }
    return out;
}

} // namespace lc
