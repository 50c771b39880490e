#pragma once

#include "core/figures/figure_reading.h"

#include <string>

namespace lc {

/// How far a role comes, in steps of normal size, seen from where it faces at the beginning: right and forward are
/// positive.
struct Travel {
    double right = 0;
    double forward = 0;
    bool known = true; ///< false where a run's steps are not written
};

/// The sum of the steps that say a direction: a small step counts half, a large one one and a half, a diagonal one as
/// much to the side as ahead; a side step goes to the side of its foot, across and behind to the other; @3 and the like
/// go that way in the room, whatever way the body faces. The body turns as the figure says. Only steps with weight
/// travel.
[[nodiscard]] Travel travelOf(const RoleReading& role);

/// "2 to the right, 1 forward", to half steps; "on the spot".
[[nodiscard]] Sentence travelInWords(const Travel& travel);

} // namespace lc
