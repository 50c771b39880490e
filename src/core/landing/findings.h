#pragma once

#include "core/base/sentence.h"
#include "core/base/severity.h"
#include "core/document/document.h"
#include "core/figures/body_limits.h"
#include "core/routine/accents.h"
#include "core/routine/performance.h"
#include "core/routine/turned_round.h"

#include <vector>

namespace lc {

/// Codes of findings; the strings stand in the file (for muting) and in docs/findings.md.
namespace finding {
// passes on the music
inline constexpr const char* offPhrase = "off-phrase";     ///< a pass does not start a phrase
inline constexpr const char* turnedRound = "turned-round"; ///< the dancers' count and the music's differ
inline constexpr const char* pinLate = "pin-late";         ///< a pinned start cannot be kept
inline constexpr const char* pastSong = "past-song";       ///< the dance goes on after the song
inline constexpr const char* leftOver = "left-over";       ///< the song goes on after the dance
inline constexpr const char* barsElsewhere =
    "bars-elsewhere";                                ///< figures are danced in bars that the music does not have there
inline constexpr const char* overStop = "over-stop"; ///< steps go on while the music stands still
inline constexpr const char* accent = "accent";      ///< an accent misses its moment
// joints and cuts
inline constexpr const char* wrongFoot = "wrong-foot"; ///< a pass needs the foot that carries the weight
inline constexpr const char* wrongFootAtJoint =
    "wrong-foot-at-joint";                            ///< a figure needs the foot that carries the weight
inline constexpr const char* couple = "couple-joint"; ///< hold, position or foot relation do not fit at a joint
inline constexpr const char* relation =
    "foot-relation";                               ///< partners end a figure on feet that are not in the relation said
inline constexpr const char* places = "places";    ///< partners have walked different ways round each other
inline constexpr const char* turnCut = "turn-cut"; ///< a restart inside a turn
inline constexpr const char* canonTrim = "canon-trim"; ///< a canon together takes counts from those who enter later
inline constexpr const char* extraLength =
    "extra-length"; ///< a tag or bridge is longer or shorter than the figure danced in it
inline constexpr const char* restartPastEnd = "restart-past-end"; ///< a restart at or after the end of its part
inline constexpr const char* exceptionUnmet = "exception-unmet";  ///< an exception of the music befalls no pass
// parts and figures
inline constexpr const char* handoutLine = "handout-line";   ///< a line of the hand-out waits to be settled
inline constexpr const char* notation = "notation";          ///< a line cannot be read
inline constexpr const char* footInPart = "foot-in-part";    ///< inside a figure a foot is said that carries the weight
inline constexpr const char* unequalRoles = "unequal-roles"; ///< the roles of a figure have different lengths
inline constexpr const char* emptyPart = "empty-part";       ///< a part in the order has no counts
inline constexpr const char* ofFigure =
    "figure"; ///< what the inspection of a figure says: claimed, meet, hold, unfinished, …
inline constexpr const char* lostSteps = "lost-steps"; ///< bars of another length leave no count for steps
// the body
inline constexpr const char* quickStep = "quick-step"; ///< a step is quicker than the person's own limit
inline constexpr const char* turnSpeed = "turn-speed"; ///< a turn is faster than the person's own limit
inline constexpr const char* largeStep = "large-step"; ///< a large step in a fast turn
inline constexpr const char* noBalance = "no-balance"; ///< nothing calm follows a demanding figure
inline constexpr const char* care = "care";            ///< a word of caution
inline constexpr const char* corner = "corner";        ///< a figure that needs a corner of the room
} // namespace finding

/// Something that does not land, and why. Findings warn; they never block.
struct Finding {
    FindingKey key;
    Severity severity = Severity::Note;
    int passNumber = 0; ///< 0 when it speaks of no pass
    Tick at;            ///< the place in the song it speaks of
    Sentence headline;  ///< what, in a few words
    Text text;          ///< why, and what follows from it
};

/// Everything derived from one document: computed once per revision, dropped when stale. Values only; any thread.
struct Landing {
    CountGrid grid;
    Performance performance;
    std::vector<Finding> findings; ///< the worst first; muted ones are not among them
    std::vector<Finding> muted;
    BodyLimits limits;               ///< it was worked out with
    std::vector<AccentFall> accents; ///< in the order of Routine::accents
    std::vector<TurnedSpan> turned;  ///< where the running count and the music's differ
};

/// Grid, performance and findings of a document. `limits` are the person's own; without them nothing is said of speed.
/// O(beats + passes × actions).
[[nodiscard]] Landing land(const Document& document, const BodyLimits& limits = {});

/// The same with a grid at hand, for edits that leave the song alone.
[[nodiscard]] Landing land(const Document& document, CountGrid grid, const BodyLimits& limits = {});

/// Whether a role begins a pass with the weight on the foot that its count 1 needs.
[[nodiscard]] bool entersOnWrongFoot(const RoleInPass& role);

/// Where a pass starts against the phrases: signed distance to the nearest phrase start (of two equally near the
/// earlier). Nothing in a song without phrases.
[[nodiscard]] std::optional<Tick> phraseMiss(const CountGrid& grid, Tick start);

/// Whether a pass lands: it starts a phrase; or it starts on a 1 inside a phrase that passes of its part fill from the
/// phrase's start, and ends within it (the second of two 16s in a phrase of 32); or its part is no longer than one set
/// and it starts on a 1 of the music.
[[nodiscard]] bool lands(const CountGrid& grid, const PassPerformance& pass);

} // namespace lc
