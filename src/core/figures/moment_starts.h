#pragma once

#include "core/notation/notation.h"

#include <optional>
#include <vector>

namespace lc {

/// Which step is wanted on a moment of the music.
enum class WantedStep {
    Slow,     ///< longer than a count, or as long as the dance's slow
    Quick,    ///< shorter than a count, or as long as the dance's quick where that is shorter
    Accented, ///< marked with !
    Breaks,   ///< the break step
};

/// One way to put a step on a moment: a line begun at a count.
struct MomentStart {
    std::size_t line = 0; ///< index into the lines that were given
    std::size_t step = 0; ///< ordinal among its steps, from 1
    Tick startsAt;        ///< where its count 1 falls, from the same zero as the moment
    Tick musicCount;      ///< of its count 1 in sets of `set`
};

/// Every line and start that puts such a step on `moment`, not earlier than 0. In the order of the lines, then of the
/// steps. `set` in counts, above 0.
[[nodiscard]] std::vector<MomentStart> startsThatMeet(const std::vector<NotationReading>& lines, Tick moment,
                                                      WantedStep wanted, const NotationChoices& choices = {},
                                                      Tick set = counts(8));

/// The break steps of a line, from its count 1.
[[nodiscard]] std::vector<Tick> breakSteps(const NotationReading& reading);

/// The music count of a line's count 1 so that its first break step falls on `breakOn` (1, 2, 3, …); nothing without a
/// break step.
[[nodiscard]] std::optional<Tick> musicStartForBreak(const NotationReading& reading, Tick breakOn,
                                                     Tick set = counts(8));

} // namespace lc
