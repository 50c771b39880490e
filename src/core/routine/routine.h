#pragma once

#include "core/base/facing.h"
#include "core/base/feet.h"
#include "core/base/ids.h"
#include "core/base/tick.h"
#include "core/figures/figure_card.h"
#include "core/notation/notation.h"
#include "core/routine/exceptions.h"
#include "core/routine/formation.h"
#include "core/song/song_map.h"

#include <cmath>
#include <cstdint>
#include <optional>
#include <string>
#include <variant>
#include <vector>

namespace lc {

/// A track of actions: leader, follower, everyone, row 1.
struct Role {
    RoleId id;
    std::string name;
    bool operator==(const Role&) const = default;
};

/// One role's line of a figure, as it was typed. It may hold typing errors; nothing typed is lost.
struct RoleLine {
    RoleId role;
    std::string text;
    bool operator==(const RoleLine&) const = default;
};

/// A reusable run of actions.
struct Figure {
    FigureId id;
    std::string name; ///< empty for the one unnamed figure of a typed part
    std::vector<RoleLine> lines;
    std::optional<Tick> claimed; ///< the length it is said to have
    FigureFacts facts;           ///< all else that is known of it
    std::string vocabularyId; ///< of the figure in the vocabulary that it was taken from; empty = of this routine alone
    bool operator==(const Figure&) const = default;
};

/// A written block of figures: A, B, opening, ending.
struct Part {
    PartId id;
    std::string name;
    std::vector<Placement> figures;
    bool operator==(const Part&) const = default;
};

/// One dancing of a part. Its identity stays whatever is inserted before it; its number is derived.
struct Pass : PassExceptions {
    PassId id = {};
    PartId part = {};
    std::optional<MusicPlace> pinned = {}; ///< it starts there whatever comes before
    std::string mark = {};                 ///< what its exceptions are remembered by: "the one after the quiet verse"
    bool operator==(const Pass&) const = default;
};

/// How a role stands before the first pass.
struct RoleStance {
    RoleId role;
    std::optional<Foot> free;
    std::optional<Eighths> facing;
    bool operator==(const RoleStance&) const = default;
};

/// An opening stance of the first pass; later passes begin from the end of the one before.
struct OpeningStance {
    std::vector<RoleStance> roles;
    CoupleState couple;
    bool operator==(const OpeningStance&) const = default;
};

/// By how much the dancers' count is ahead of the music's: what tells one turn-round of a pass from another.
struct CountsAhead {
    Tick by;
    bool operator==(const CountsAhead&) const = default;
};

/// A place of the song that a finding speaks of, by time: bars renumber. Two times mean the same place when they lie
/// within 0.3 s, less than a count of any dance: listening again moves a place by milliseconds.
struct SongTime {
    Seconds at = 0;
    bool operator==(const SongTime& other) const { return std::abs(at - other.at) < 0.3; }
};

/// What a finding speaks of besides pass, part and role.
using FindingThing =
    std::variant<std::monostate, FigureId, PlacementId, ExceptionId, AccentId, CountsAhead, SongTime, LineId>;

/// What a finding speaks of, stable under edits elsewhere; the key by which it is muted.
struct FindingKey {
    std::string code;
    PassId pass;
    PartId part;
    RoleId role;
    FindingThing thing;
    bool operator==(const FindingKey&) const = default;
};

/// A finding that a person decided to leave as it is.
struct MutedFinding {
    FindingKey key;
    std::string reason;
    bool operator==(const MutedFinding&) const = default;
};

/// A line of the hand-out from which a routine came that was not understood, or says something else than the rest: it
/// waits to be settled by a person.
struct UnsettledLine {
    LineId id;
    std::uint32_t number = 0; ///< in the hand-out, from 1
    std::string text;         ///< as it stands there; of steps that were left out without the name of their role
    std::string why;          ///< what is open
    FigureId figure = {};     ///< in whose section it stands; none = elsewhere
    RoleId role = {};         ///< of a line of steps that was left out of the figure: whose; else none
    std::uint32_t at = 0;     ///< bytes into that role's line where it stood
    std::optional<std::int64_t>
        counts = {},
        walls = {}; ///< what it claims of the dance; it is open while that is not kept, see HandoutClaims
    bool operator==(const UnsettledLine&) const = default;
};

/// The dance: its roles, figures, parts, and the order of passes. A value.
struct Routine {
    std::vector<Role> roles;
    NotationChoices choices;
    std::vector<Figure> figures;
    std::vector<Part> parts;
    std::vector<Pass> passes;
    std::vector<MusicException> atMusic; ///< exceptions that stay with the music
    std::vector<BoundAccent> accents;
    OpeningStance opening;
    Formation formation = Formation::Rows;
    std::string level;              ///< "first steps", "improver": free words for the sheet
    std::optional<Seconds> startAt; ///< where the dance starts in the song; nothing = at the first phrase
    std::vector<MutedFinding> muted;
    std::vector<UnsettledLine> unsettled; ///< in the order of the hand-out
    std::uint32_t lastId = 0;             ///< highest identity given out so far, of any kind

    bool operator==(const Routine&) const = default;
};

/// A routine with one role, "everyone", one empty part A and no passes.
[[nodiscard]] Routine newRoutine();

[[nodiscard]] const Figure* findFigure(const Routine& routine, FigureId id);
[[nodiscard]] const Part* findPart(const Routine& routine, PartId id);
[[nodiscard]] const Part* findPartNamed(const Routine& routine, std::string_view name);
[[nodiscard]] const Role* findRole(const Routine& routine, RoleId id);
/// What the plain number of older files stands for in a muted finding: the identity that has it, the counts ahead of a
/// turn-round, the tenth of a second of a stop.
[[nodiscard]] FindingThing thingOfNumber(const Routine& routine, std::string_view code, std::uint32_t number);
/// Index of a pass, or nothing.
[[nodiscard]] std::optional<std::size_t> indexOfPass(const Routine& routine, PassId id);
/// Text of a role's line in a figure; empty when it has none.
[[nodiscard]] std::string lineText(const Figure& figure, RoleId role);

/// Does the part, or a part inside it, place `inner`? A part inside itself has no length.
[[nodiscard]] bool containsPart(const Routine& routine, PartId outer, PartId inner);

} // namespace lc
