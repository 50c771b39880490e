#pragma once

#include "core/base/severity.h"
#include "core/figures/body_limits.h"
#include "core/figures/figure_reading.h"

#include <string>
#include <vector>

namespace lc {

/// Codes of what is found in a figure; they stand in docs/findings.md.
namespace figure_finding {
inline constexpr const char* notation = "figure-notation";          ///< a line cannot be read to its end
inline constexpr const char* ambiguous = "figure-ambiguous";        ///< a place can be meant in several ways
inline constexpr const char* footNotFree = "figure-foot";           ///< a foot is said that carries the weight
inline constexpr const char* claimed = "figure-claimed";            ///< claimed and built length differ
inline constexpr const char* unequalRoles = "figure-unequal-roles"; ///< the roles have different lengths
inline constexpr const char* meet = "figure-meet";                  ///< the roles miss each other at a meet point
inline constexpr const char* hold = "figure-hold"; ///< the lines of two roles say different holds or positions
inline constexpr const char* versionSlot =
    "figure-version-slot";                                     ///< a version has another length or leaves another foot
inline constexpr const char* frame = "figure-frame";           ///< entry and close do not fit the length
inline constexpr const char* untimed = "figure-untimed";       ///< a run has no times yet
inline constexpr const char* unfinished = "figure-unfinished"; ///< the tail is not written yet
inline constexpr const char* halfBar = "figure-half-bar";      ///< the length is no whole number of bars
inline constexpr const char* quickStep = "figure-quick-step";  ///< a step is quicker than the person's own limit
inline constexpr const char* turnSpeed = "figure-turn-speed";  ///< a turn is faster than the person's own limit
} // namespace figure_finding

/// An edit that puts a finding right.
struct FigureRemedy {
    Sentence text;  ///< what to do: "Let step 3 last two counts"
    Sentence gives; ///< what comes of it; may be empty
    FigureCard after;
    std::optional<OwnWord> word =
        std::nullopt; ///< keeping this meaning settles it, too, and for every line that says the word
};

/// Something in a figure that does not fit, and why. It warns; it never blocks.
struct FigureFinding {
    std::string code;
    Severity severity = Severity::Note;
    Sentence headline;
    Text text;
    std::string role;      ///< whose line it speaks of; empty = the figure
    std::size_t begin = 0; ///< bytes of that line, half-open
    std::size_t finish = 0;
    std::vector<FigureRemedy> remedies; ///< the nearest first
};

/// What a figure is looked at with.
struct FigureSurroundings {
    NotationChoices choices; ///< the routine's
    Tick bar = counts(4);    ///< counts in a regular bar
    CountTempo tempo;        ///< at hand
    BodyLimits limits;
};

/// Everything to be said about a figure, the worst first. `read` is readFigure() of the card with the same choices.
[[nodiscard]] std::vector<FigureFinding> inspectFigure(const FigureCard& card, const FigureReading& read,
                                                       const FigureSurroundings& around = {});

} // namespace lc
