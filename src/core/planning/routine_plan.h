#pragma once

#include "core/edits/edits.h"
#include "core/planning/phrase_plan.h"
#include "core/song/count_grid.h"

#include <vector>

namespace lc {

/// What a plan of a routine may do, and what it is charged for.
struct RoutinePlanWishes {
    PlanCosts costs;              ///< a miss is a pass that does not land, see lands()
    std::int64_t turnCut = 5;     ///< a cut inside a turn
    std::optional<std::vector<Tick>> cuts; ///< counts after which a pass may be cut, where they lie inside its part; nothing = after each figure and each set
    std::vector<Tick> tags{counts(2), counts(4), counts(8)};
    std::vector<PassId> kept;     ///< these passes stay as they are, with what that costs
    std::size_t most = 5;
};

/// `start` of its passes from the song's first 1, `counts` as danced but for the end of the music.
struct RoutinePlan : PhrasePlan {
    std::vector<Edit> edits; ///< that make the routine so; none where it is so
};

struct RoutinePlans {
    std::vector<RoutinePlan> plans; ///< the best first
    std::int64_t nextCost = -1;     ///< of the best plan that is not listed; −1 where there is none
};

/// The cheapest restarts and tags that make a routine land on its song, exactly. All else that makes passes differ stays: what they dance, on which side, in canon, pinned starts, what the music
/// brings. Restarts and tags of passes that are not kept are
/// planned anew; those that they have, a tag's figure and a turn danced on among them, are among the choices, whatever is wished. A routine of one part is danced until the music ends, by more or fewer passes; otherwise the order stays, and what
/// comes after the music costs nothing. A cut must leave the foot that the next pass's count 1 needs, if need be by making the last change a touch. What is promised is what land() says of the
/// edited routine. Order among equal costs: see bestPaths(). Errors: BadValue for a routine without passes, a song without phrases, costs below 0, cuts and tags that are not above 0, more
/// of them than can be told apart, and where nothing is possible.
[[nodiscard]] Result<RoutinePlans> planRoutine(const Document& document, const CountGrid& grid, const RoutinePlanWishes& wishes = {});

} // namespace lc
