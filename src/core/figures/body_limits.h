#pragma once

#include "core/figures/count_tempo.h"
#include "core/figures/figure_reading.h"

#include <optional>
#include <string>
#include <vector>

namespace lc {

/// A person's own limits. The program knows none of its own: a qualified teacher and the house rules come first.
struct BodyLimits {
    std::optional<double> shortestStepSeconds;
    std::optional<double> turnDegreesPerSecond;
    bool operator==(const BodyLimits&) const = default;
};

/// The quickest step and the fastest turn of a role at a constant tempo.
struct Pace {
    std::optional<double> shortestStepSeconds;  ///< nothing without steps
    Tick shortestAt;                            ///< where it begins
    std::optional<double> turnDegreesPerSecond; ///< nothing without turns
    Tick fastestTurnAt;
    double stepsPerMinute = 0; ///< steps written, over the whole length
};

[[nodiscard]] Pace paceOf(const RoleReading& role, const CountTempo& tempo);

/// Several weight changes in the time of one step, a dancer's own.
struct Ornament {
    int changes = 0;
    double secondsEach = 0;
    bool sameFoot = false;   ///< leaves the foot that the plain step leaves: an odd number of changes
    bool withinLimit = true; ///< each has as long as the person's own limit asks; true without a limit
    std::string line;        ///< the whole line with the ornament in it
};

/// Ornaments of two to `most` changes in place of a step, which keep its beginning and end and so do not delay the
/// partner. `step` is the index of an action of the role that is a Step; only numbers that divide its length evenly are
/// given.
[[nodiscard]] std::vector<Ornament> ornamentsAt(const RoleReading& role, std::size_t step, const CountTempo& tempo,
                                                const BodyLimits& limits, const NotationChoices& choices, int most = 6);

} // namespace lc
