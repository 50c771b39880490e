#pragma once

#include "core/base/result.h"
#include "core/base/tick.h"

#include <cstdint>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace lc {

/// What a plan is charged for. Whole numbers, at least 0.
struct PlanCosts {
    std::int64_t miss = 10;   ///< a pass that does not land
    std::int64_t restart = 3; ///< a pass cut short
    std::int64_t tag = 2;     ///< a tag
    std::int64_t kind =
        2; ///< each different exception: length of a cut, length of a tag, bridge at a place, figure changed
    bool operator==(const PlanCosts&) const = default;
};

/// What a plan of a routine is charged for besides. Whole numbers, at least 0.
struct RoutineCosts : PlanCosts {
    std::int64_t missCount = 0; ///< each whole count that a pass that does not land lies from the nearest phrase start
    std::int64_t wait = 1;      ///< waiting before the dance begins
    std::int64_t bridge = 3;    ///< a bridge
    std::int64_t fill = 2;      ///< a figure danced after a pass
    std::int64_t change = 3;    ///< a figure danced in another version, left out or danced twice
    std::int64_t bars = 1;      ///< a pass whose figures follow the music into shorter bars
    std::int64_t opening = 2;   ///< an opening before the first pass
    std::int64_t ending = 2;    ///< an ending at the end of the music
    std::int64_t early = 0;     ///< an exception in a pass that begins in the first quarter of the dance's music
    std::int64_t late = 0;      ///< one in the last quarter
    std::int64_t place = 0;     ///< each different place at which exceptions stand: counts into a kind of section
    std::int64_t figureCut = 0; ///< a cut inside a figure
    std::int64_t turnCut = 5;   ///< a cut inside a turn
    std::int64_t touch = 0;     ///< the last change of a pass made a touch, or a touch a change
    std::optional<std::int64_t> wrongFoot; ///< a pass that begins with the weight on the foot it needs, where an
                                           ///< exception brought that; nothing = never
    std::int64_t accent = 0;               ///< a bound accent that does not meet its moment
    std::int64_t facing = 6;               ///< another facing than wanted when the music ends, where one is wanted
    std::int64_t cutOff = 0;               ///< the music ends inside a pass
    bool operator==(const RoutineCosts&) const = default;
};

/// One cost with its names.
struct CostName {
    const char* key; ///< in text: "miss_count"
    Sentence words;  ///< "each count that it misses by": what it charges
    std::int64_t RoutineCosts::*cost;
};
/// All costs but wrongFoot in the order in which they are shown; the four of PlanCosts first.
[[nodiscard]] const std::vector<CostName>& costNames();

/// A sentence about a cost that is none, if there is one.
[[nodiscard]] std::optional<Error> wrongCost(const PlanCosts& costs);
[[nodiscard]] std::optional<Error> wrongCost(const RoutineCosts& costs);

/// "miss=10,restart=3": those not named keep their value. Error BadValue.
[[nodiscard]] Result<PlanCosts> parseCosts(std::string_view text);
/// The same with every key of costNames(), and "wrong_foot=4" or "wrong_foot=never".
[[nodiscard]] Result<RoutineCosts> parseRoutineCosts(std::string_view text);

/// "2, 4, 8": lengths as they are typed; nothing and "none" are none. Error BadValue, as parseCount().
[[nodiscard]] Result<std::vector<Tick>> parseLengths(std::string_view text);

} // namespace lc
