#include "core/planning/plan_costs.h"

#include "core/base/text_rows.h"

#include <algorithm>

namespace lc {

namespace {

constexpr std::int64_t dearest = 1'000'000'000;
constexpr std::size_t ofPhrases = 4; // of costNames() belong to PlanCosts

std::optional<Error> wrong(const Sentence& words, std::int64_t cost) {
    if (cost >= 0 && cost <= dearest) return std::nullopt;
    return Error{
        ErrorCode::BadValue,
        Core::sentence(
            "The cost of %1 is %2. Costs are whole numbers from 0 to %3; the higher, the more is done to avoid it.",
            words, cost, dearest),
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
            if (known > ofPhrases) all += ", wrong_foot";
            return fail(ErrorCode::BadValue,
                        Core::sentence("“%1” is not a cost. Write for example miss=10,restart=3; the costs are %2.",
                                       piece, all));
        }
        const std::string_view number = trimmed(piece.substr(is + 1));
        if (foot && number == "never") {
            costs.wrongFoot.reset();
            continue;
        }
        const auto value = wholeNumber<std::int64_t>(number);
        if (!value)
            return fail(ErrorCode::BadValue,
                        Core::sentence("The cost “%1” is not a whole number.", std::string(piece)));
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
    static const std::vector<CostName> all{{"miss", Core::sentence("a pass that misses"), &C::miss},
                                           {"restart", Core::sentence("a restart"), &C::restart},
                                           {"tag", Core::sentence("a tag"), &C::tag},
                                           {"kind", Core::sentence("each different kind"), &C::kind},
                                           {"miss_count", Core::sentence("each count it misses by"), &C::missCount},
                                           {"wait", Core::sentence("a wait at the start"), &C::wait},
                                           {"bridge", Core::sentence("a bridge"), &C::bridge},
                                           {"fill", Core::sentence("a figure as a tag"), &C::fill},
                                           {"change", Core::sentence("a figure changed"), &C::change},
                                           {"bars", Core::sentence("a pass in shorter bars"), &C::bars},
                                           {"opening", Core::sentence("an opening"), &C::opening},
                                           {"ending", Core::sentence("an ending"), &C::ending},
                                           {"early", Core::sentence("a change in the first quarter"), &C::early},
                                           {"late", Core::sentence("a change in the last quarter"), &C::late},
                                           {"place", Core::sentence("each different place of a change"), &C::place},
                                           {"figure_cut", Core::sentence("a cut inside a figure"), &C::figureCut},
                                           {"turn_cut", Core::sentence("a cut inside a turn"), &C::turnCut},
                                           {"touch", Core::sentence("a step made a touch"), &C::touch},
                                           {"accent", Core::sentence("an accent that misses"), &C::accent},
                                           {"facing", Core::sentence("the wrong facing at the end"), &C::facing},
                                           {"cut_off", Core::sentence("the music ends inside a pass"), &C::cutOff}};
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
    return costs.wrongFoot ? wrong(Core::sentence("the wrong foot"), *costs.wrongFoot) : std::nullopt;
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
