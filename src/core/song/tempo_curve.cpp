#include "core/song/tempo_curve.h"

#include "core/base/clock_text.h"
#include "core/base/quantile.h"

#include <algorithm>
#include <cmath>

namespace lc {

namespace {

std::optional<TempoRange> rangeOf(const std::vector<TempoPoint>& points, Seconds from, Seconds to) {
    std::optional<TempoRange> range;
    for (const TempoPoint& point : points) {
        if (point.held || point.start < from - 0.05 || point.start >= to - 0.05) continue;
        if (!range) range = TempoRange{point.bpm, point.bpm};
        range->lowest = std::min(range->lowest, point.bpm);
        range->highest = std::max(range->highest, point.bpm);
    }
    return range;
}

} // namespace

TempoCurve tempoCurve(const SongMap& map, const CountGrid& grid, Seconds from, Seconds to) {
    TempoCurve curve;
    struct Cell {
        Seconds start, end;
    };
    std::vector<Cell> cells;
    for (int k = -grid.pickupCounts(); k < grid.countsInSong(); ++k) {
        const CountCell* next = k + 1 < grid.countsInSong() ? grid.cell(k + 1) : nullptr;
        cells.push_back({grid.cell(k)->start, next ? next->start : map.end});
    }
    std::size_t c = 0;
    for (std::size_t b = 0; b < map.bars.size(); ++b) {
        const Seconds start = map.beats[map.bars[b].firstBeat].time;
        const Seconds end = b + 1 < map.bars.size() ? map.beats[map.bars[b + 1].firstBeat].time : map.end;
        double counts = 0; // a count that reaches over bars belongs to each by its share
        while (c < cells.size() && cells[c].end <= start + 1e-6) ++c;
        for (std::size_t k = c; k < cells.size() && cells[k].start < end - 1e-6; ++k)
            counts += (std::min(cells[k].end, end) - std::max(cells[k].start, start)) / (cells[k].end - cells[k].start);
        const auto touches = [&](const auto& span) { return span.start < end - 0.01 && span.end > start + 0.01; };
        const bool held = std::any_of(map.fermatas.begin(), map.fermatas.end(), touches);
        if (counts > 0 && end > start) curve.points.push_back({b, start, end, 60 * counts / (end - start), held});
    }
    std::vector<Bpm> all;
    for (const TempoPoint& point : curve.points)
        if (!point.held) all.push_back(point.bpm);
    if (!all.empty()) curve.usual = median(std::move(all));
    curve.range = rangeOf(curve.points, -1e9, 1e9);
    if (to > from) curve.danced = rangeOf(curve.points, from, to);
    return curve;
}

Sentence tempoInWords(const TempoCurve& curve) {
    if (!curve.range) return {};
    const double spread = curve.range->highest - curve.range->lowest;
    if (spread < 0.02 * curve.usual) return Core::sentence("steady within %1", AsDecimals::tenths(spread / 2));
    return Core::sentence("from %1 to %2", AsDecimals::tenths(curve.range->lowest),
                          AsDecimals::tenths(curve.range->highest));
}

} // namespace lc
