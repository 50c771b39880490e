#pragma once

#include "core/routine/performance.h"
#include "core/song/moment.h"

#include <optional>
#include <vector>

namespace lc {

/// Where an accent falls, against the moment it wants to meet.
struct AccentFall {
    AccentId accent;
    std::optional<Tick> at;     ///< of the count; nothing where it is left out or cut off
    std::optional<Tick> moment; ///< of the moment; nothing where the song has no such moment
    Tick off;                   ///< count minus moment: positive = too late
    Seconds offSeconds = 0;
    /// Within a sixteenth of a count of its moment (moments are marked by ear, at best to some hundredths of a second).
    [[nodiscard]] bool met() const;
};

/// All accents of a routine, in the order they are kept. O(accents × figures of their pass).
[[nodiscard]] std::vector<AccentFall> accentFalls(const Routine& routine, const std::vector<Moment>& moments,
                                                  const Performance& performance, const CountGrid& grid);

} // namespace lc
