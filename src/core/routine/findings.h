#pragma once

#include "core/base/severity.h"
#include "core/document/document.h"
#include "core/routine/performance.h"

#include <string>
#include <vector>

namespace lc {

/// Codes of findings; the strings stand in the file (for muting) and in docs/findings.md.
namespace finding {
inline constexpr const char* offPhrase = "off-phrase";             ///< a pass does not start a phrase
inline constexpr const char* wrongFoot = "wrong-foot";             ///< a pass needs the foot that carries the weight
inline constexpr const char* footInPart = "foot-in-part";          ///< inside a part a foot is said that carries the weight
inline constexpr const char* turnCut = "turn-cut";                 ///< a restart inside a turn
inline constexpr const char* unequalRoles = "unequal-roles";       ///< the roles of a part have different lengths
inline constexpr const char* notation = "notation";                ///< a line cannot be read
inline constexpr const char* emptyPart = "empty-part";             ///< a part in the order has no counts
inline constexpr const char* restartPastEnd = "restart-past-end";  ///< a restart at or after the end of its part
inline constexpr const char* pastSong = "past-song";               ///< the dance goes on after the song
inline constexpr const char* leftOver = "left-over";               ///< the song goes on after the dance
} // namespace finding

/// Something that does not land, and why. Findings warn; they never block.
struct Finding {
    FindingKey key;
    Severity severity = Severity::Note;
    int passNumber = 0;   ///< 0 when it speaks of no pass
    Tick at;              ///< the place in the song it speaks of
    std::string headline; ///< what, in a few words
    std::string text;     ///< why, and what follows from it
};

/// Everything derived from one document: computed once per revision, dropped when stale. Values only; any thread.
struct Landing {
    CountGrid grid;
    Performance performance;
    std::vector<Finding> findings; ///< the worst first; muted ones are not among them
    std::vector<Finding> muted;
};

/// Grid, performance and findings of a document. O(beats + passes × actions).
[[nodiscard]] Landing land(const Document& document);

/// The same with a grid at hand, for edits that leave the song alone.
[[nodiscard]] Landing land(const Document& document, CountGrid grid);

/// Whether a role begins a pass with the weight on the foot that its count 1 needs.
[[nodiscard]] bool entersOnWrongFoot(const RoleInPass& role);

/// Where a pass starts against the phrases: signed distance to the nearest phrase start (of two equally near the
/// earlier). Nothing in a song without phrases.
[[nodiscard]] std::optional<Tick> phraseMiss(const CountGrid& grid, Tick start);

/// Whether a pass lands: it starts a phrase, or it starts on a 1 inside a phrase that passes of its part fill from the
/// phrase's start, and ends within it (the second of two 16s in a phrase of 32).
[[nodiscard]] bool lands(const CountGrid& grid, const PassPerformance& pass);

} // namespace lc
