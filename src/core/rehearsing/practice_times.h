#pragma once

#include "core/base/result.h"
#include "core/song/count_grid.h"

#include <string_view>
#include <vector>

namespace lc {

/// Counts that are said before a place, so that everybody begins together.
struct CountIn {
    Seconds silence = 0; ///< to be put in front of the song, where the counts need more time than it has there
    std::vector<Seconds>
        counted; ///< when each is said, ascending, in the time of the song; below 0 before its beginning

    bool operator==(const CountIn&) const = default;
};

/// `lead` counts (1 to 64) before `from`. Where the song has counts there, they are its own; before its first they go
/// on backwards at the tempo of the count at `from`. Error OutsideSong: `from` is not in the song; BadValue: `lead`.
[[nodiscard]] Result<CountIn> countIn(const CountGrid& grid, Tick from, int lead);

/// A rung of a ladder of tempi.
struct Rung {
    double percent = 100; ///< of the song's own tempo
    int times = 1;

    bool operator==(const Rung&) const = default;
};

/// "60:100:5" (from 60 % to 100 % in steps of 5, each once) or "60:100:5x2" (each twice); downwards too. The last rung
/// is the end, whether or not the steps meet it. Error BadNotation says what to write.
[[nodiscard]] Result<std::vector<Rung>> readLadder(std::string_view text);

/// How long it takes to dance from `from` to `to` at a share of the song's tempo, as often as `times`, with `lead`
/// counts before each, at the tempo of `from`. Error OutsideSong, BadValue.
[[nodiscard]] Result<Seconds> practiceSeconds(const CountGrid& grid, Tick from, Tick to, const Rung& rung,
                                              int lead = 0);

} // namespace lc
