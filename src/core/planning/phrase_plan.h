#pragma once

#include "core/base/facing.h"
#include "core/base/ids.h"
#include "core/base/result.h"
#include "core/base/tick.h"
#include "core/planning/plan_costs.h"

#include <cstdint>
#include <string>
#include <string_view>
#include <vector>

namespace lc {

/// A turn of the dance, done with a count.
struct TurnDone {
    Eighths turn; ///< right is positive
    Tick at;      ///< counts from the pass's count 1 after which it is done: ¼ R "at 28" is done in a cut after 28
};

/// One dance repeated over the phrases of a song, with cuts and tags so that passes start phrases.
struct PhrasePlanAsked {
    std::vector<Tick> phrases; ///< lengths, each above 0
    Tick dance;                ///< length, above 0
    std::vector<Tick> cuts;    ///< counts after which a pass may be cut, inside the dance
    std::vector<Tick> tags;    ///< lengths of tags, above 0
    std::vector<TurnDone> turns;
    PlanCosts costs;
    std::size_t most = 5; ///< plans listed
};

struct PlannedPass {
    Tick start;          ///< from the first phrase start
    Tick counts;         ///< the dance's length, or the cut
    Tick tag;            ///< 0 where none
    Eighths facing;      ///< it starts with
    Tick phraseOffset;   ///< since the start of the phrase it lies in
    bool misses = false; ///< it does not start a phrase; in plans of a routine: it does not land
    bool cut = false;
    bool touch = false; ///< its last change becomes a touch, so that the cut leaves the foot that the next pass needs;
                        ///< in plans of a routine only
    PassId pass;        ///< of the routine; none in other plans, and for a pass that the plan adds
};

struct PhrasePlan {
    std::int64_t cost = 0;
    int misses = 0;
    std::vector<PlannedPass> passes;
    Tick ending; ///< counts of the last pass that are danced before the music ends
    Eighths endingFacing;
};

struct PhrasePlans {
    std::vector<PhrasePlan> plans; ///< the best first; the first is the cheapest there is
    std::int64_t nextCost = -1;    ///< of the best plan that is not listed; −1 where there is none
};

/// The cheapest plans, exactly: passes one after another from the first phrase start, each the whole dance or one of
/// the cuts, with no tag or one behind it. What reaches or passes the end of the last phrase ends the plan; a cut never
/// does. Order among equal costs: see bestPaths(). Errors: BadValue for a song without phrases, lengths that are not
/// above 0, cuts outside the dance, costs below 0, more cuts or tags than can be told apart, a song too long.
[[nodiscard]] Result<PhrasePlans> planPhrases(PhrasePlanAsked asked);

/// "-1/4@28, 1/2@40": parts of a turn, right positive, with the count that each is done with. Error BadValue, with what
/// is wrong.
[[nodiscard]] Result<std::vector<TurnDone>> parseTurns(std::string_view text);

} // namespace lc
