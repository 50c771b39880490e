#pragma once

#include "core/song/count_grid.h"
#include "core/routine/routine.h"

#include <memory>
#include <optional>
#include <vector>

namespace lc {

/// An action as it is danced in one pass.
struct PerformedAction {
    const Action* action = nullptr; ///< in Performance::parts; nullptr for the wait of a tag or of a role without steps
    Tick at;                        ///< from the song's first 1
    Tick length;                    ///< shortened where a restart cuts it
    ActionKind kind = ActionKind::Wait; ///< NoWeight where the last change became a touch
    std::optional<Foot> foot;
    bool conflict = false;          ///< the foot said carries the weight
    Eighths facingAfter;
};

/// A turn that a restart cuts before its end count.
struct CutTurn {
    RoleId role;
    Tick start; ///< counts from the pass's count 1
    Tick end;
    Eighths turn;
};

struct RoleInPass {
    RoleId role;
    Tick counts;     ///< danced by this role, without the tag
    Foot freeIn = Foot::Both;  ///< free at the start of the pass
    Foot freeOut = Foot::Both; ///< free at its end
    std::optional<Foot> needs; ///< foot that the part's count 1 needs
    Eighths facingIn;
    Eighths facingOut;
    std::size_t firstAction = 0; ///< range in Performance::roles[...], half-open
    std::size_t endAction = 0;
};

/// One pass, unrolled.
struct PassPerformance {
    PassId id;
    PartId part;
    int number = 1;        ///< ordinal among the passes, from 1; derived
    Tick start;            ///< from the song's first 1
    Tick counts;           ///< danced, without the tag
    Tick tag;              ///< 0 where none
    Tick whole;            ///< what the part would take without a cut
    bool cut = false;      ///< a restart shortens it
    Tick runningFrom;      ///< where the running count was 1 last, at or before `start`
    std::size_t partIndex = 0; ///< into Performance::parts
    std::vector<RoleInPass> roles;
    std::vector<CutTurn> cutTurns;

    [[nodiscard]] Tick end() const { return start + counts + tag; }
};

/// The routine danced on the song: every pass and every step with its count, foot and facing.
struct Performance {
    std::shared_ptr<const std::vector<PartReading>> parts;
    std::vector<PassPerformance> passes;
    std::vector<std::vector<PerformedAction>> roles; ///< in the order of Routine::roles
    Tick start;
    Tick end;
};

/// The count of the song on which the routine starts: its place, or the first phrase. 0 for an empty grid.
[[nodiscard]] Tick startOf(const Routine& routine, const CountGrid& grid);

/// Unrolls the passes one after another. Facing is the sum of the turns really danced; the free foot is followed
/// through every joint, restart and tag. O(passes × actions).
[[nodiscard]] Performance unroll(const Routine& routine, const CountGrid& grid);

/// The number that a dancer gets who counts on regardless: 1 at `from`, cycling through the regular set.
[[nodiscard]] Tick runningCount(Tick at, Tick from, int regularSet);

/// The pass danced at `at`, tag included; nothing before, after and between. O(log passes).
[[nodiscard]] std::optional<std::size_t> passAt(const Performance& performance, Tick at);

} // namespace lc
