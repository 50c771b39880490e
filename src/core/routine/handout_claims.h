#pragma once

#include "core/routine/part_reading.h"

#include <memory>
#include <string>

namespace lc {

/// What the lines of a hand-out claim of counts and walls against what is written now. The part that is danced is read
/// once, when the first claim is checked.
class HandoutClaims {
public:
    /// `read`: the parts as they are read already, in any order (those of a Performance); without them the part is read
    /// here. Keeps a reference to the routine.
    explicit HandoutClaims(const Routine& routine, const std::vector<std::shared_ptr<const PartReading>>& read = {});

    /// "32 counts are said, but 30 are written". Empty where the claim is kept, where nothing is claimed, and where it
    /// cannot be checked (several parts are danced; walls of several roles). O(length of the part).
    [[nodiscard]] Sentence broken(const UnsettledLine& line);

    /// Whether a line still waits to be settled: it was not understood, or what it claims is not kept.
    [[nodiscard]] bool isOpen(const UnsettledLine& line) {
        return (!line.counts && !line.walls) || !broken(line).empty();
    }

private:
    const PartReading* danced();

    const Routine& m_routine;
    std::shared_ptr<const PartReading> m_danced;
    bool m_looked = false;
};

} // namespace lc
