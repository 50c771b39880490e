#pragma once

#include "core/figures/figure_card.h"
#include "core/notation/care.h"
#include "core/notation/notation.h"

#include <optional>
#include <string>
#include <vector>

namespace lc {

/// A role's way through a figure.
struct RoleReading {
    std::string role;
    std::string text; ///< the line
    NotationReading line;
    std::string notation;           ///< the line in the notation, where it is said otherwise; else empty
    std::vector<FootedAction> feet; ///< one for each action of the line
    std::optional<Foot> needs;      ///< the foot that must be free at the beginning; nothing = either
    Foot freeIn = Foot::Left;       ///< the foot that the feet are followed from
    Foot freeOut = Foot::Left;      ///< free at the end
    int changes = 0;                ///< weight changes that are written
    Eighths turn;                   ///< sum of all turns
    CoupleState coupleIn;           ///< what is said to hold at the beginning
    CoupleState coupleOut;          ///< what is said to hold at the end
};

/// A count at which the roles must be at the same count and foot relation.
struct MeetPoint {
    Tick at;
    bool met = false;
    Sentence why; ///< why not; empty when met
};

/// A figure, read for all its roles.
struct FigureReading {
    std::vector<RoleReading> roles;
    NotationChoices choices;           ///< the figure's own, or those it was read with
    Tick length;                       ///< of the longest role
    std::vector<MeetPoint> meetPoints; ///< ascending; the last is the end. None for a figure with one role
    std::vector<CareMark> care;
    bool untimed = false;    ///< a run in it has no times yet
    bool unfinished = false; ///< a line says that its tail is not written yet

    [[nodiscard]] bool readable() const; ///< no line has an error
};

/// Reads every line. `choices` are the routine's; a figure's own come first. `free` is the first role's free foot where
/// no line says one; partners then begin mirrored unless the figure says "same foot". O(length of the lines).
[[nodiscard]] FigureReading readFigure(const FigureCard& card, const NotationChoices& choices = {},
                                       Foot free = Foot::Left);

/// The same of other lines, such as those of a version.
[[nodiscard]] FigureReading readFigureLines(const std::vector<FigureLine>& lines, const NotationChoices& choices,
                                            Foot free = Foot::Left);

/// Where weight and feet are at a moment of a role: the foot free before the first action that begins at `at` or later.
[[nodiscard]] Foot freeFootAt(const RoleReading& role, Tick at);

/// The couple's state at a moment: all that is said before it.
[[nodiscard]] CoupleState coupleAt(const RoleReading& role, Tick at);

/// "left to right": the foot free at the beginning and at the end, "either" where it does not matter.
[[nodiscard]] std::string feetInWords(const RoleReading& role);

} // namespace lc
