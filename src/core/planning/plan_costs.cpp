#include "core/planning/plan_costs.h"

#include "core/base/text_rows.h"

#include <algorithm>

namespace lc {

namespace {

constexpr std::int64_t dearest = 1'000'000'000;
constexpr std::size_t ofPhrases = 4; // of costNames() belong to PlanCosts

std::optional<Error> wrong(const std::string& words, std::int64_t cost) {
    if (cost >= 0 && cost <= dearest) return std::nullopt;
    return Error{ErrorCode::BadValue,
                 "The cost of " + words + " is " + std::to_string(cost) + ". Costs are whole numbers from 0 to " +
                     std::to_string(dearest) + "; the higher, the more is done to avoid it.",
                 {}};
}

Result<RoutineCosts> parse(std::string_view text, std::size_t known) {
    RoutineCosts costs;
    if (trimmed(text).empty()) return costs;
    const auto& names = costNames();
    for (std::string_view piece : pieces(text, ',')) {
        piece = trimmed(piece);
        const auto is = piece.find('=');
        const std::string_view key = trimmed(piece.substr(0, is));
        const auto name = std::find_if(names.begin(), names.begin() + static_cast<std::ptrdiff_t>(known),
                                       [&](const CostName& n) { return n.key == key; });
        const bool foot = known > ofPhrases && key == "wrong_foot";
        if (is == std::string_view::npos || (!foot && name == names.begin() + static_cast<std::ptrdiff_t>(known))) {
            std::string all;
            for (std::size_t i = 0; i < known; ++i) all += (i == 0 ? "" : ", ") + std::string(names[i].key);
            return fail(ErrorCode::BadValue, "“" + std::string(piece) +
                                                 "” is no cost. Write for example miss=10,restart=3; the costs are " +
                                                 all + (known > ofPhrases ? ", wrong_foot." : "."));
        }
        const std::string_view number = trimmed(piece.substr(is + 1));
        if (foot && number == "never") {
            costs.wrongFoot.reset();
            continue;
        }
        const auto value = wholeNumber<std::int64_t>(number);
        if (!value) return fail(ErrorCode::BadValue, "The cost “" + std::string(piece) + "” is no whole number.");
        if (foot)
            costs.wrongFoot = *value;
        else
            costs.*(name->cost) = *value;
    }
    return costs;
}

} // namespace

const std::vector<CostName>& costNames() {
    using C = RoutineCosts;
    static const std::vector<CostName> all{{"miss", "a pass that misses", &C::miss},
                                           {"restart", "a restart", &C::restart},
                                           {"tag", "a tag", &C::tag},
                                           {"kind", "each different kind", &C::kind},
                                           {"miss_count", "each count it misses by", &C::missCount},
                                           {"wait", "a wait at the start", &C::wait},
                                           {"bridge", "a bridge", &C::bridge},
                                           {"fill", "a figure as a tag", &C::fill},
                                           {"change", "a figure changed", &C::change},
                                           {"bars", "a pass in shorter bars", &C::bars},
                                           {"opening", "an opening", &C::opening},
                                           {"ending", "an ending", &C::ending},
                                           {"early", "a change in the first quarter", &C::early},
                                           {"late", "a change in the last quarter", &C::late},
                                           {"place", "each different place of a change", &C::place},
                                           {"figure_cut", "a cut inside a figure", &C::figureCut},
                                           {"turn_cut", "a cut inside a turn", &C::turnCut},
                                           {"touch", "a step made a touch", &C::touch},
                                           {"accent", "an accent that misses", &C::accent},
                                           {"facing", "the wrong facing at the end", &C::facing},
                                           {"cut_off", "the music ends inside a pass", &C::cutOff}};
    return all;
}

std::optional<Error> wrongCost(const PlanCosts& costs) {
    RoutineCosts all;
    static_cast<PlanCosts&>(all) = costs;
    return wrongCost(all);
}

std::optional<Error> wrongCost(const RoutineCosts& costs) {
    for (const CostName& name : costNames())
        if (auto error = wrong(name.words, costs.*(name.cost))) return error;
    return costs.wrongFoot ? wrong("the wrong foot", *costs.wrongFoot) : std::nullopt;
}

Result<PlanCosts> parseCosts(std::string_view text) {
    auto costs = parse(text, ofPhrases);
    if (!costs) return tl::unexpected(costs.error());
    return static_cast<PlanCosts>(*costs);
}

Result<RoutineCosts> parseRoutineCosts(std::string_view text) { return parse(text, costNames().size()); }

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
