#pragma once

#include "core/landing/findings.h"
#include "core/planning/routine_plan.h"
#include "core/routine/formation.h"

#include <string>
#include <vector>

namespace lc {

/// What a plan changes and what comes of it: "One restart, after 16 counts of pass 3 (in Verse 2); every pass then
/// lands." `now` is the routine as it is.
[[nodiscard]] std::string planInWords(const Document& document, const Landing& now, const RoutinePlan& plan);

/// What was proved: "No plan costs less. The next best costs 9." For the plan of that rank.
[[nodiscard]] std::string proofInWords(const RoutinePlans& plans, std::size_t rank);

/// How the last pass ends with the music, after `danced` of its `whole` counts: "whole, facing 12"; "after 16 of 32,
/// facing the line of dance".
[[nodiscard]] std::string endingInWords(Formation formation, Tick danced, Tick whole, Eighths facing);

/// Costs and leave that suit a kind of dancers. Values are common practice, no source.
struct PlanPreset {
    std::string name; ///< "a line of beginners"
    std::string why;  ///< in a sentence
    RoutinePlanWishes wishes;
};
[[nodiscard]] const std::vector<PlanPreset>& planPresets();

} // namespace lc
