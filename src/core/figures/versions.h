#pragma once

#include "core/base/result.h"
#include "core/notation/notation.h"

#include <string>
#include <vector>

namespace lc {

/// How the rhythm of a line is changed.
enum class RhythmChange {
    Stretch, ///< steps of one count last longer
    Double,  ///< two neighbouring steps of one count share one
};

struct VersionsAsked {
    RhythmChange change = RhythmChange::Stretch;
    int times = 1;                 ///< counts added, or pairs that share a count; at least 1
    int longest = 2;               ///< counts that a stretched step may last; at least 2
    Tick to = counts(8);           ///< the remainder is what is left to the next multiple of it; above 0
    std::optional<Foot> free = {}; ///< the foot that is free before; nothing = the one the line needs, else the left
};

/// One version of a rhythm: the same steps, other lengths.
struct RhythmVersion {
    std::vector<Action> actions;
    Tick length;
    std::vector<std::size_t>
        changedSteps; ///< ordinals among the steps, from 1, ascending; a step stretched to three counts stands once
    std::vector<Foot> feet; ///< of each step
    Tick remainder;         ///< counts left to the next multiple of `to`
    Tick lastStepAt;        ///< from count 1 = 0
    std::string notation;   ///< a line that reads as this version
    Sentence name;          ///< by length, remainder and changed steps: "6 + 2, step 3"
};

/// "step 3", "steps 2, 3 and 5".
[[nodiscard]] Sentence stepsSaid(const std::vector<std::size_t>& ordinals);

/// All versions of a line, in the order of the changed steps. Steps are actions with a foot, with or without weight;
/// only those that last exactly one count change. Neighbours follow each other without a wait between. Doubled, the
/// second falls on the "&" of the feel. Errors: BadNotation for a line that cannot be read; BadValue where fewer steps
/// can change than are asked for, where nothing sensible is asked, or where there are more than 20,000 versions (how
/// many is said). O(versions × steps).
[[nodiscard]] Result<std::vector<RhythmVersion>> rhythmVersions(std::string_view line, const VersionsAsked& asked,
                                                                const NotationChoices& choices = {});

} // namespace lc
