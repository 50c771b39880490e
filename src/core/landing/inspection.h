#pragma once

// Private to the files that find what does not land.

#include "core/landing/findings.h"

#include <string>
#include <vector>

namespace lc::inspect {

/// What a finding speaks of that has a place in a part; what a tag or bridge dances has none.
[[nodiscard]] inline FindingThing placedAt(PlacementId id) { return id.valid() ? FindingThing(id) : FindingThing(); }

/// What is inspected, and what was found so far.
struct Inspection {
    const Document& document;
    const Routine& routine;
    const CountGrid& grid;
    const Performance& performance;
    const std::vector<TurnedSpan>& turned;
    const std::vector<AccentFall>& accents;
    const BodyLimits& limits;
    std::vector<Finding> findings = {};

    Finding& add(const char* code, Severity severity, Tick at, Sentence headline, Text text);
    Finding& addFor(const PassPerformance& pass, const char* code, Severity severity, Tick at, Sentence headline,
                    Text text);

    [[nodiscard]] std::string roleName(RoleId id) const;
    /// With ", follower" behind it where there are several roles.
    [[nodiscard]] Sentence ofRole(Sentence headline, RoleId id) const;
    /// "Vane vine", or "part A" for typed steps without a name.
    [[nodiscard]] Sentence figureName(FigureId id, PartId part) const;
    /// Where a part is first danced, or the beginning of the dance.
    [[nodiscard]] Tick firstPlace(PartId part) const;
};

/// "Pass 3", "Passes 3 and 4", "Passes 3 to 5".
[[nodiscard]] Sentence passRange(int first, int last);
/// "pass 4", "passes 3, 5 to 8 and 10".
[[nodiscard]] Sentence passRanges(const std::vector<int>& ascending);

void parts(Inspection& in);   ///< notation, lengths, empty parts, what is said of each figure
void phrases(Inspection& in); ///< passes off their phrase, turned round, pins, ends of the song, bars and stops
void joints(Inspection& in);  ///< feet, holds, relation and places from pass to pass and figure to figure
void cuts(Inspection& in);    ///< restarts, turns cut, canons, exceptions that do nothing
void accents(Inspection& in); ///< counts that were to meet a moment
void body(Inspection& in);    ///< the person's own limits, demanding figures, words of caution

} // namespace lc::inspect
