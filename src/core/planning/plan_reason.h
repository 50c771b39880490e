#pragma once

#include "core/base/sentence.h"
#include "core/planning/routine_plan.h"

#include <optional>

namespace lc {

/// Why the best plan leaves passes that do not land, and what would be needed: "All could land for 23: …" or "At least
/// 2 passes miss whatever is done: …", with a place where it fails. Empty where everything lands. The claim is proved:
/// the fewest misses are planned for. Costs two plans.
[[nodiscard]] Text whyNotAllLands(const Document& document, const CountGrid& grid, const RoutinePlanWishes& wishes,
                                  const RoutinePlans& plans);

/// What keeping passes and wanting starts costs: the best plan's cost less that of the best without them. Nothing where
/// neither is wished, or one of the two is not possible.
[[nodiscard]] std::optional<std::int64_t> priceOfKeeping(const Document& document, const CountGrid& grid,
                                                         const RoutinePlanWishes& wishes, const RoutinePlans& plans);

/// Among plans of equal cost those come first whose exceptions follow a rule: fewest without one, then the shortest
/// rules. See exceptionRules().
void rankByRule(const Document& document, const CountGrid& grid, RoutinePlans& plans);

} // namespace lc
