#pragma once

#include "core/routine/part_reading.h"
#include "core/routine/routine.h"
#include "core/song/count_grid.h"

#include <memory>
#include <optional>
#include <vector>

namespace lc {

/// An action as it is danced in one pass.
struct PerformedAction {
    const Action* action = nullptr;     ///< in Performance::readings; nullptr for a wait that no line says
    Tick at;                            ///< from the song's first 1
    Tick length;                        ///< shortened where a restart cuts it
    ActionKind kind = ActionKind::Wait; ///< NoWeight where the last change became a touch
    std::optional<Foot> foot;
    bool conflict = false; ///< the foot said carries the weight
    Foot freeAfter = Foot::Both;
    Eighths facingAfter;
    Eighths orbitAfter;
};

struct RoleInPass {
    RoleId role;
    Tick entersAfter;          ///< counts from the pass's count 1 that a canon lets it wait
    Tick counts;               ///< danced by this role, without the tag and what a canon lets it wait
    Foot freeIn = Foot::Both;  ///< free at the start of the pass
    Foot freeOut = Foot::Both; ///< free at its end
    std::optional<Foot> needs; ///< foot that the part's count 1 needs
    Eighths facingIn;
    Eighths facingOut;
    Eighths orbitIn; ///< walked round the partner or the middle so far; see placeInWords()
    Eighths orbitOut;
    Tick trimmed;                ///< counts that a canon together takes from its end
    std::size_t firstAction = 0; ///< range in Performance::roles[...], half-open
    std::size_t endAction = 0;
};

/// One pass, unrolled.
struct PassPerformance {
    PassId id;
    PartId part;
    int number = 1;                  ///< ordinal among the passes, from 1; derived
    std::size_t index = 0;           ///< of the pass in Routine::passes
    bool pinned = false;             ///< its start is pinned
    Tick wait;                       ///< counts before `start` in which everyone waits
    Tick start;                      ///< of count 1, from the song's first 1
    Tick counts;                     ///< danced, without the tag
    Tick tag;                        ///< 0 where none
    Tick whole;                      ///< what the pass would take without a cut
    bool cut = false;                ///< a restart shortens it
    bool cutByPin = false;           ///< the pinned start of the next pass shortens it
    Tick lateBy;                     ///< how much later than its pinned start it begins, since nothing could be cut
    Tick runningFrom;                ///< where the running count was 1 last, at or before `start`
    bool countsFromOneAfter = false; ///< the running count begins anew behind it
    bool plain = true;               ///< danced as its part is written (apart from cut and tag)
    std::size_t reading = 0;         ///< into Performance::readings
    std::optional<std::size_t> tagReading; ///< where a figure is danced in the tag
    std::vector<ExceptionId> fromMusic;    ///< exceptions bound to the music that befell it
    std::vector<RoleInPass> roles;
    std::vector<CutTurn> cutTurns;
    PassExceptions exceptions; ///< its own and those that the music brought

    [[nodiscard]] Tick begin() const { return start - wait; }
    [[nodiscard]] Tick danceEnd() const { return start + counts; }
    [[nodiscard]] Tick end() const { return start + counts + tag; }
};

/// The routine danced on the song: every pass and every step with its count, foot and facing.
struct Performance {
    std::vector<std::shared_ptr<const PartReading>>
        parts; ///< each part as it is written, in the order of Routine::parts
    std::vector<std::shared_ptr<const PartReading>> readings; ///< what is danced
    std::vector<PassPerformance> passes;
    std::vector<std::vector<PerformedAction>> roles; ///< in the order of Routine::roles
    Tick start;
    Tick end;

    [[nodiscard]] const PartReading& readingOf(const PassPerformance& pass) const { return *readings[pass.reading]; }
};

/// The count of the song on which the routine starts: its place, or the first phrase. 0 for an empty grid.
[[nodiscard]] Tick startOf(const Routine& routine, const CountGrid& grid);

/// Takes what the music brings, `into` counts after a pass's count 1, into what makes the pass differ. `reading` is the
/// pass as it is danced without it.
void takeUp(const PassExceptions& what, Tick into, ExceptionId id, const PartReading& reading, PassExceptions& to);

/// Unrolls the passes one after another. Facing is the sum of the turns really danced up to each cut; the free foot is
/// followed through every joint, restart and tag. Depends on the values alone, not on the order in which parts, figures
/// or bound exceptions are kept. O(passes × actions).
[[nodiscard]] Performance unroll(const Routine& routine, const CountGrid& grid);

/// The number that a dancer gets who counts on regardless: 1 at `from`, cycling through the regular set.
[[nodiscard]] Tick runningCount(Tick at, Tick from, int regularSet);

/// The pass danced at `at`, its waits and tag included; nothing before, after and between. O(log passes).
[[nodiscard]] std::optional<std::size_t> passAt(const Performance& performance, Tick at);

/// The figure danced at `at` in a pass; nullptr in its waits and beyond its reading.
[[nodiscard]] const FigureSpan* figureAt(const Performance& performance, const PassPerformance& pass, Tick at);

/// Where a count of a placed figure falls in a pass, from the song's first 1; nothing where it is left out or cut off.
[[nodiscard]] std::optional<Tick> placeOf(const Performance& performance, const PassPerformance& pass,
                                          PlacementId placement, Tick at);

} // namespace lc
