#pragma once

#include "core/notation/notation.h"

#include <string>

namespace lc {

/// A line as people say and write it, and its reading.
struct StepsReading {
    NotationReading reading; ///< places are those of what was written
    std::string line;        ///< the same in the notation; empty where it is written in the notation already
};

/// Reads one role's line as it is said in a hall or written on a hand-out: `one two three and four`, `quick quick
/// slow`, `rock, recover, triple step`, `1-2 rock back L, recover R 3&4 shuffle forward L R L`, `5 6 7 8 1 2 3`, in
/// English, German, French or Spanish, besides all that readNotation() reads, which it reads as that does. What can be
/// meant in several ways is a question of the reading, with each way as a line in the notation; a word that is not
/// known is asked about. The grammar is in docs/manual/notation.md. `claimed` as in readNotation(). O(n) without
/// questions; a line that is asked about is read once for each answer, and the last of those are remembered in each
/// thread.
[[nodiscard]] StepsReading readSteps(std::string_view text, const NotationChoices& choices = {},
                                     std::optional<Tick> claimed = std::nullopt);

} // namespace lc
