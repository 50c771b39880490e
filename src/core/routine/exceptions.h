#pragma once

#include "core/base/ids.h"
#include "core/base/tick.h"
#include "core/song/song_map.h"

#include <optional>
#include <string>
#include <vector>

namespace lc {

/// A place in the song that stays with the music: so many counts into a section. It follows the song when another map
/// or another song is taken.
struct MusicPlace {
    std::string section; ///< label of the section it is counted from; empty = only the time is known
    Tick into;           ///< counts from that section's 1, at least 0
    Seconds at = 0;      ///< where it was when it was said: chooses between sections of one name
    bool operator==(const MusicPlace&) const = default;
};

/// Bars of one length danced in another: bars of four in threes leave the last count of each bar out.
struct Rebar {
    int written = 0; ///< counts of a bar as the figure is written; 0 = danced as written
    int danced = 0;  ///< counts of a bar as it is danced
    [[nodiscard]] bool none() const { return written == 0; }
    bool operator==(const Rebar&) const = default;
};

/// One use of a figure in a part, or of a whole part in a part, with what is done to it there.
struct Placement {
    PlacementId id;
    FigureId figure;          ///< none where a part is placed
    PartId part = {};         ///< a part inside the part
    std::string version = {}; ///< a version of the figure; empty = the figure itself
    bool mirrored = false;    ///< danced to the other side: left and right change places
    bool exchanged = false;   ///< partners change lines: the first role dances the second's, the third the fourth's
    Rebar bars = {};
    bool operator==(const Placement&) const = default;
};

/// The pass is cut after a count and the next begins at its count 1.
struct Restart {
    Tick after;          ///< counts danced, above 0 and below the pass's length
    bool turnOn = false; ///< a turn that the cut falls into is danced to its end all the same, into the next pass
    bool operator==(const Restart&) const = default;
};

/// Extra counts after a pass or restart: a wait, or a figure.
struct Tag {
    Tick counts; ///< above 0. A figure danced in it that is longer is cut; behind a shorter one everyone waits
    bool countFromOne = false; ///< the running count begins anew after it
    FigureId figure = {};      ///< danced in it; none = everyone waits
    bool operator==(const Tag&) const = default;
};

/// Extra counts inside a pass, which then goes on.
struct Bridge {
    ExceptionId id;
    Tick after;           ///< counts of the part before it, 0 to the part's length
    Tick counts;          ///< above 0. A figure danced in it that is longer is cut; behind a shorter one everyone waits
    FigureId figure = {}; ///< danced in it; none = everyone waits
    bool operator==(const Bridge&) const = default;
};

/// A change of one figure in one pass.
struct FigureChange {
    enum class Kind {
        Add,      ///< `added` is danced behind `at`, at the head of the pass where `at` is none
        Drop,     ///< `at` is left out
        Version,  ///< `at` is danced in `version`
        Bars,     ///< `at` is danced in bars of another length
        Mirror,   ///< `at` is danced to the other side
        Exchange, ///< partners change lines in `at`
    };
    Kind kind = Kind::Drop;
    PlacementId at; ///< in the part of the pass or in a part inside it
    Placement added = {};
    std::string version = {};
    Rebar bars = {};
    bool operator==(const FigureChange&) const = default;
};

/// After a count the pass goes on with another part, its ending.
struct Ending {
    Tick after; ///< counts danced before it, at least 0
    PartId part;
    bool danced = true; ///< an optional ending that is not danced this time is kept and told
    bool operator==(const Ending&) const = default;
};

/// Roles enter one after another, `apart` counts between them. The offsets last this pass.
struct Canon {
    Tick apart; ///< above 0
    bool ripple =
        false; ///< every role finishes and the others wait for the last; else all are trimmed at the first role's end
    std::vector<RoleId> entries =
        {};         ///< in the order of entering; empty = all in the routine's order. A role that is not named waits
    Tick from = {}; ///< where in the pass it begins; before it all dance together
    std::optional<Tick> to = {}; ///< where in the pass it ends; nothing = at the end of the pass
    bool operator==(const Canon&) const = default;
};

/// What makes a pass differ from its part.
struct PassExceptions {
    std::optional<Restart> restart = {};
    std::optional<Tag> tag = {};
    bool lastChangeIsTouch = false;   ///< the last weight change becomes a touch, so that the other foot stays free
    std::vector<Bridge> bridges = {}; ///< ascending by `after`
    std::vector<FigureChange> changes = {};
    bool mirrored = false;  ///< the whole pass to the other side
    bool exchanged = false; ///< partners change lines for the whole pass
    Tick wait = {};         ///< counts that everyone waits before count 1
    std::optional<Ending> ending = {};
    std::optional<Canon> canon = {};
    bool operator==(const PassExceptions&) const = default;

    [[nodiscard]] bool none() const { return *this == PassExceptions{}; }
    /// Does it change what is danced, so that the part must be read anew?
    [[nodiscard]] bool changesSteps() const {
        return !bridges.empty() || !changes.empty() || mirrored || exchanged || (ending && ending->danced);
    }
};

/// An exception that stays with the music instead of a pass: it befalls whatever pass is danced there. A restart cuts
/// at the place, a bridge stands at it; a tag follows the pass that the place lies in; all else holds for that whole
/// pass.
struct MusicException {
    ExceptionId id;
    MusicPlace place;
    PassExceptions what;   ///< `after` of a restart, bridge or ending follows from the place
    std::string mark = {}; ///< what it is remembered by
    bool operator==(const MusicException&) const = default;
};

/// A count of a figure that wants to coincide with a marked moment of the song.
struct BoundAccent {
    AccentId id;
    PassId pass;
    PlacementId placement;
    Tick at; ///< from the figure's count 1
    MomentId moment;
    bool operator==(const BoundAccent&) const = default;
};

} // namespace lc
