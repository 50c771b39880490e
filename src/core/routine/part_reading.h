#pragma once

#include "core/notation/notation.h"
#include "core/routine/routine.h"

#include <map>
#include <memory>
#include <optional>
#include <string>
#include <utility>
#include <vector>

namespace lc {

/// A figure where it lies in a part or a pass.
struct FigureSpan {
    PlacementId placement;         ///< none for what a tag or bridge dances
    std::vector<PlacementId> path; ///< the placements of the parts it lies in, outermost first, itself last
    FigureId figure;               ///< none for the wait of a bridge
    Tick start;                    ///< from the pass's count 1
    Tick length;
    std::string version;
    bool mirrored = false;
    bool exchanged = false;
    Rebar bars;
    bool bridge = false;
    CoupleState wants;                      ///< hold, position and foot relation that it says before its count 1
    std::vector<std::optional<Foot>> needs; ///< foot that each role needs free where it begins
};

/// A role's way through a whole part.
struct PartRoleReading {
    std::vector<Action> actions; ///< of all figures one after another, from the part's count 1, without gaps: what is
                                 ///< not written is a wait
    Tick length;                 ///< of what is written for it; shorter than the part's where it has less
    std::vector<std::pair<Tick, Tick>> gaps; ///< [from, to) where nothing is written for it, ascending
    std::optional<Foot> needs;               ///< the foot that must be free at the beginning
    CoupleState coupleIn;                    ///< said before the first count
};

/// What is to be said about one role's line of a figure.
struct PartLineRemark {
    FigureId figure;
    RoleId role;
    NotationRemark remark;
};

/// A role whose line of a figure is shorter than another's.
struct ShortLine {
    FigureId figure;
    std::string version;
    RoleId role;
    Tick missing;
    RoleId longest;
    Tick length; ///< of the longest
};

/// Steps that bars of another length leave no count for.
struct LostSteps {
    PlacementId placement;
    FigureId figure;
    RoleId role;
    int steps = 0;
};

/// A turn that a cut leaves unfinished.
struct CutTurn {
    RoleId role;
    Tick start; ///< counts from the pass's count 1
    Tick end;
    Eighths turn;
    bool turnedOn = false; ///< it is danced to its end all the same
};

/// A part, or a pass with its changes, read: what each role of the routine does in it.
struct PartReading {
    PartId part;
    Tick length;                         ///< of the longest role
    std::vector<PartRoleReading> roles;  ///< in the order of Routine::roles
    std::vector<FigureSpan> figures;     ///< in the order they are danced
    std::vector<PartLineRemark> remarks; ///< once for each figure and role
    std::vector<ShortLine> shorts;
    std::vector<LostSteps> lost;
    std::vector<CutTurn> cutTurns; ///< by an ending
    bool unfinished = false;       ///< the tail of a figure is not written yet
};

/// Reads parts and passes of one routine; a line of notation is read once. Not for several threads at once.
class PartReader {
public:
    explicit PartReader(const Routine& routine) : m_routine(routine) {}

    /// The part as it is written. Shared: later calls give the same.
    [[nodiscard]] std::shared_ptr<const PartReading> part(PartId id);
    /// The part as a pass with these exceptions dances it: figures added, left out, in another version or other bars,
    /// mirrored, exchanged, bridges put in, its ending. Restart, tag, wait and canon are the unroller's.
    [[nodiscard]] std::shared_ptr<const PartReading> pass(PartId id, const PassExceptions& exceptions);
    /// One figure alone, as a tag dances it.
    [[nodiscard]] std::shared_ptr<const PartReading> figure(FigureId id, bool mirrored, bool exchanged);

private:
    struct Item; // a placed figure with all that is done to it
    [[nodiscard]] const std::vector<NotationReading>& lines(const Figure& figure, const std::string& version);
    void flatten(const std::vector<Placement>& placements, const Item& around, std::vector<Item>& items,
                 int depth) const;
    void change(std::vector<Item>& items, const FigureChange& change, const Item& around) const;
    void append(PartReading& reading, const Item& item);
    void putBridge(PartReading& reading, const Bridge& bridge, Tick shift, const Item& around);
    void putEnding(PartReading& reading, const Ending& ending, const Item& around);

    const Routine& m_routine;
    std::map<std::pair<std::uint32_t, std::string>, std::vector<NotationReading>> m_lines;
    std::map<std::uint32_t, std::shared_ptr<const PartReading>> m_parts;
};

/// Reads a part as it is written. A role without a line waits.
[[nodiscard]] PartReading readPart(const Routine& routine, const Part& part);

} // namespace lc
