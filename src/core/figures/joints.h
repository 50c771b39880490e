#pragma once

#include "core/figures/figure_reading.h"

#include <string>
#include <vector>

namespace lc {

/// What of hold, position and foot relation differs between what holds here and what `name` begins with: a sentence
/// each.
[[nodiscard]] std::vector<Sentence> coupleBreaks(const CoupleState& here, const CoupleState& wanted,
                                                 const Sentence& name);

/// A role as it comes to a joint.
struct RoleAtJoint {
    std::string role;
    Foot free = Foot::Left;     ///< the foot that is free here
    std::optional<Foot> needed; ///< by the figure that begins here
    bool broken = false;        ///< the foot needed carries the weight
    Eighths facing;             ///< the sum of turns so far
};

/// Where a figure of a chain begins, or where the chain ends.
struct Joint {
    Tick at;         ///< from the chain's count 1 = 0
    Tick musicCount; ///< in eights, or the set asked for: 1 to 8
    std::vector<RoleAtJoint> roles;
    CoupleState couple;           ///< as the figures before leave it
    std::vector<Sentence> breaks; ///< what does not fit here, in words
};

/// Figures danced one after another.
struct Chain {
    std::vector<Joint> joints; ///< one where each figure begins, and one at the end
    Tick length;
    [[nodiscard]] bool whole() const; ///< nothing breaks at a joint
};

/// What chaining reads of each figure.
struct ChainLink {
    std::string name;
    const FigureReading* figure = nullptr; ///< not null
};

/// The real length, free foot, hold, position and facing at each joint, and where it breaks: a foot that is not free, a
/// hold, position or foot relation that differs from what the next figure begins with, roles that do not end together.
/// `set` is the music's set. O(links × actions).
[[nodiscard]] Chain chainFigures(const std::vector<ChainLink>& links, Tick set = counts(8));

} // namespace lc
