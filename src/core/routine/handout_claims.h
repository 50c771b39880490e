#pragma once

#include "core/routine/routine.h"

#include <string>

namespace lc {

/// What a line of the hand-out says of counts and walls against what is written now: "32 counts are said, but 30 are written". Empty where it is kept, where it says nothing of them, and where it cannot be checked (several parts;
/// walls of several roles). O(length of the part).
[[nodiscard]] std::string brokenClaims(const Routine& routine, const UnsettledLine& line);

/// Whether a line still waits to be settled: it was not understood, or what it claims is not kept.
[[nodiscard]] bool isOpen(const Routine& routine, const UnsettledLine& line);

} // namespace lc
