#pragma once

#include "core/edits/edits.h"

#include <vector>

namespace lc {

/// A way to settle what is open at a line of a hand-out.
struct Settling {
    Sentence text;
    std::vector<Edit> edits;
};

/// What can be done with a line that was not understood, the nearest first.
[[nodiscard]] std::vector<Settling> settlingsOf(const Routine& routine, const UnsettledLine& line);

} // namespace lc
