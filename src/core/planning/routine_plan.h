#pragma once

#include "core/base/task.h"
#include "core/edits/edits.h"
#include "core/planning/phrase_plan.h"
#include "core/song/count_grid.h"

#include <optional>
#include <vector>

namespace lc {

/// A pass that a plan leaves alone.
struct KeptPass {
    KeptPass(PassId id) : pass(id) {} // NOLINT: a pass, as it is
    KeptPass(PassId id, PassExceptions exceptions) : pass(id), as(std::move(exceptions)) {}
    PassId pass;
    std::optional<PassExceptions> as; ///< it is made so; nothing = as it is
    bool operator==(const KeptPass&) const = default;
};

/// "This pass starts here."
struct WantedStart {
    PassId pass;
    Tick at; ///< its count 1, from the song's first 1
    bool operator==(const WantedStart&) const = default;
};

/// What a plan of a routine may do, what it must keep, and what it is charged for.
struct RoutinePlanWishes {
    RoutineCosts costs;
    // what it may do
    std::optional<std::vector<Tick>> cuts; ///< counts after which a pass may be cut, where they lie inside its part;
                                           ///< nothing = after each figure and each set
    std::vector<Tick> tags{counts(2), counts(4), counts(8)}; ///< waits behind a pass
    std::vector<FigureId> fills;                             ///< figures that may be danced after a pass
    std::vector<Tick> waits;                                 ///< before the dance begins
    std::vector<Tick>
        bridges; ///< waits behind a figure inside a whole pass; not where the figure ends the pass: that is a tag
    bool versions = false; ///< one figure of a whole pass in a version of it
    bool figures = false;  ///< one figure of a whole pass left out, or danced twice
    bool bars = false;     ///< the figures of a whole pass follow the music where its bars are shorter than usual
    std::optional<PartId> opening; ///< may be danced before the first pass
    std::optional<PartId> ending;  ///< may be danced at the end, behind any cut or a whole pass, where it ends within
                                   ///< the last set of the music
    // what it must keep
    std::vector<KeptPass> kept;
    std::vector<WantedStart> starts;
    std::optional<Eighths> endFacing; ///< of the first role, wanted when the music ends; see RoutineCosts::facing
    // what is listed
    bool differ = false; ///< only plans that truly differ: by the exceptions they use and how often, or the passes that
                         ///< miss; of those that do not, the best
    std::size_t most = 5;
};

/// `start` of its passes from the song's first 1, `counts` as danced but for the end of the music.
struct RoutinePlan : PhrasePlan {
    std::vector<Edit> edits;        ///< that make the routine so; none where it is so
    std::vector<PassExceptions> as; ///< for each pass, what then makes it differ
    std::vector<PartId> parts;      ///< of each pass
    bool opened = false;            ///< its first pass is the opening, which the routine does not have yet
};

struct RoutinePlans {
    std::vector<RoutinePlan> plans; ///< the best first
    std::int64_t nextCost =
        -1; ///< of the best plan that is not listed (of those that differ, where they must); −1 where there is none
};

/// The cheapest exceptions that make a routine land on its song, exactly. A pass is whole or cut, or whole with one
/// thing changed inside (a bridge, a figure in a version, left out or danced twice, bars as the music has them), with
/// nothing, a tag or a figure behind it; before the first there may be a wait or an opening, and an ending at the end.
/// All else that makes passes differ stays: what they dance, on which side, in canon, pinned starts, what the music
/// brings. Restarts and tags of passes that are not kept are planned anew; those that they have, a tag's figure and a
/// turn danced on among them, are among the choices where cuts and tags may be at all. A routine of one part is danced
/// until the music ends, by more or fewer passes; otherwise the order stays, and what comes after the music costs
/// nothing. Where feet change by an exception, it must leave the foot that the next pass's count 1 needs, if need be by
/// making the last change a touch, or pay for the wrong foot. What is promised is what land() says of the edited
/// routine. Order among equal costs: see bestPaths(). Errors: BadValue for a routine without passes, a song without
/// phrases, costs below 0, lengths that are not above 0, more exceptions than can be told apart, and where nothing is
/// possible.
[[nodiscard]] Result<RoutinePlans> planRoutine(const Document& document, const CountGrid& grid,
                                               const RoutinePlanWishes& wishes = {}, const Task& task = {});

} // namespace lc
