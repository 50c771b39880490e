#pragma once

#include "core/base/ids.h"
#include "core/figures/figure_card.h"
#include "core/notation/notation.h"
#include "core/song/song_map.h"
#include "core/base/tick.h"

#include <cstdint>
#include <optional>
#include <string>
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
    std::string vocabularyId;    ///< of the figure in the vocabulary that it was taken from; empty = of this routine alone
    bool operator==(const Figure&) const = default;
};

struct Placement {
    PlacementId id;
    FigureId figure;
    bool operator==(const Placement&) const = default;
};

/// A written block of figures: A, B, opening, ending.
struct Part {
    PartId id;
    std::string name;
    std::vector<Placement> figures;
    bool operator==(const Part&) const = default;
};

/// The pass is cut after a count and the next begins at its count 1.
struct Restart {
    Tick after; ///< counts danced, above 0 and below the part's length
    bool operator==(const Restart&) const = default;
};

/// Extra counts after a pass or restart. Everyone waits through them.
struct Tag {
    Tick counts;              ///< above 0
    bool countFromOne = false; ///< the running count begins anew after it
    bool operator==(const Tag&) const = default;
};

/// One dancing of a part. Its identity stays whatever is inserted before it; its number is derived.
struct Pass {
    PassId id;
    PartId part;
    std::optional<Restart> restart;
    std::optional<Tag> tag;
    bool lastChangeIsTouch = false; ///< the last weight change becomes a touch, so that the other foot stays free
    bool operator==(const Pass&) const = default;
};

/// What a finding speaks of, stable under edits elsewhere; the key by which it is muted.
struct FindingKey {
    std::string code;
    PassId pass;
    PartId part;
    RoleId role;
    bool operator==(const FindingKey&) const = default;
};

/// A finding that a person decided to leave as it is.
struct MutedFinding {
    FindingKey key;
    std::string reason;
    bool operator==(const MutedFinding&) const = default;
};

/// The dance: its roles, figures, parts, and the order of passes. A value.
struct Routine {
    std::vector<Role> roles;
    NotationChoices choices;
    std::vector<Figure> figures;
    std::vector<Part> parts;
    std::vector<Pass> passes;
    std::optional<Seconds> startAt; ///< where the dance starts in the song; nothing = at the first phrase
    std::vector<MutedFinding> muted;
    std::uint32_t lastId = 0; ///< highest identity given out so far, of any kind

    bool operator==(const Routine&) const = default;
};

/// A routine with one role, "everyone", one empty part A and no passes.
[[nodiscard]] Routine newRoutine();

[[nodiscard]] const Figure* findFigure(const Routine& routine, FigureId id);
[[nodiscard]] const Part* findPart(const Routine& routine, PartId id);
[[nodiscard]] const Part* findPartNamed(const Routine& routine, std::string_view name);
[[nodiscard]] const Role* findRole(const Routine& routine, RoleId id);
/// Index of a pass, or nothing.
[[nodiscard]] std::optional<std::size_t> indexOfPass(const Routine& routine, PassId id);
/// Text of a role's line in a figure; empty when it has none.
[[nodiscard]] std::string lineText(const Figure& figure, RoleId role);

/// A role's way through a whole part.
struct PartRoleReading {
    std::vector<Action> actions; ///< of all figures one after another, from the part's count 1
    Tick length;
    std::optional<Foot> needs; ///< the foot that must be free at the beginning
};

/// What is to be said about one role's line of a figure.
struct PartLineRemark {
    FigureId figure;
    RoleId role;
    NotationRemark remark;
};

/// A part, read: what each role of the routine does in it.
struct PartReading {
    PartId part;
    Tick length;                         ///< of the longest role
    std::vector<PartRoleReading> roles;  ///< in the order of Routine::roles
    std::vector<Tick> figureStarts;      ///< in the order of Part::figures
    std::vector<PartLineRemark> remarks;
};

/// Reads the notation of a part for every role. A role without a line waits.
[[nodiscard]] PartReading readPart(const Routine& routine, const Part& part);

} // namespace lc
