#pragma once

#include "core/base/result.h"
#include "core/base/tick.h"

#include <cstdint>
#include <optional>
#include <string_view>
#include <vector>

namespace lc {

/// What a plan is charged for. Whole numbers, at least 0.
struct PlanCosts {
    std::int64_t miss = 10;   ///< a pass that does not land
    std::int64_t restart = 3; ///< a pass cut short
    std::int64_t tag = 2;     ///< a tag
    std::int64_t kind = 2;    ///< each different length of a cut, and each different length of a tag
};

/// A sentence about a cost that is none, if there is one.
[[nodiscard]] std::optional<Error> wrongCost(const PlanCosts& costs);

/// "miss=10,restart=3": those not named keep their value. Error BadValue.
[[nodiscard]] Result<PlanCosts> parseCosts(std::string_view text);

/// "2, 4, 8": lengths as they are typed; nothing and "none" are none. Error BadValue, as parseCount().
[[nodiscard]] Result<std::vector<Tick>> parseLengths(std::string_view text);

} // namespace lc
