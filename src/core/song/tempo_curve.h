#pragma once

#include "core/song/count_grid.h"

#include <optional>
#include <vector>

namespace lc {

/// Tempo of one bar, in counts that are danced, a minute.
struct TempoPoint {
    std::size_t bar = 0;
    Seconds start = 0;
    Seconds end = 0;
    Bpm bpm = 0;
    bool held = false; ///< a held beat is in it: its tempo says nothing

    bool operator==(const TempoPoint&) const = default;
};

struct TempoRange {
    Bpm lowest = 0;
    Bpm highest = 0;

    bool operator==(const TempoRange&) const = default;
};

/// The tempo of a song as it goes on.
struct TempoCurve {
    std::vector<TempoPoint> points;   ///< one a bar, ascending
    Bpm usual = 0;                    ///< median of the bars
    std::optional<TempoRange> range;  ///< of the bars that are not held; nothing without one
    std::optional<TempoRange> danced; ///< of those between `from` and `to`
};

/// The curve of a song in counts of its scheme; `from` and `to` are the seconds between which the routine is danced.
[[nodiscard]] TempoCurve tempoCurve(const SongMap& map, const CountGrid& grid, Seconds from, Seconds to);

/// "steady within 0.4", "from 98 to 104": how much a tempo range differs, in words.
[[nodiscard]] Sentence tempoInWords(const TempoCurve& curve);

} // namespace lc
