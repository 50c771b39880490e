#pragma once

#include "core/base/sentence.h"
#include "core/landing/findings.h"
#include "core/planning/routine_plan.h"
#include "core/routine/formation.h"

#include <vector>

namespace lc {

/// What a plan changes and what comes of it: "One restart, after 16 of pass 3 (the one in Verse 2); every pass then
/// lands." `now` is the routine as it is.
[[nodiscard]] Sentence planInWords(const Document& document, const Landing& now, const RoutinePlan& plan);

/// What was proved: "No plan costs less. The next best costs 9." For the plan of that rank.
[[nodiscard]] Text proofInWords(const RoutinePlans& plans, std::size_t rank);

/// How the last pass ends with the music, after `danced` of its `whole` counts: "whole, facing 12"; "after 16 of 32,
/// facing the line of dance".
[[nodiscard]] Sentence endingInWords(Formation formation, Tick danced, Tick whole, Eighths facing);

/// Costs and leave that suit a kind of dancers. Values are common practice, no source.
struct PlanPreset {
    Sentence name; ///< "a line of beginners"
    Sentence why;  ///< in a sentence
    RoutinePlanWishes wishes;
};
[[nodiscard]] const std::vector<PlanPreset>& planPresets();

} // namespace lc
