#include "audio/listening/stop_detection.h"

#include "core/base/quantile.h"

#include <algorithm>

namespace lc {

namespace {

constexpr float silent = 0.12F;         // of the level around: below it the band has stopped; only its echo is heard
constexpr float echo = 0.6F;            // of the level around: an echo, where the band stopped on the bar
constexpr std::size_t around = 16;      // beats on either side
constexpr float mostlySounding = 0.75F; // share of the beats around that must sound, or the music is sparse

} // namespace

std::vector<Stop> findStops(const SongMap& map, const SongFeatures& song) {
    const std::size_t n = map.beats.size();
    std::vector<float> levels;
    for (std::size_t b = 0; b < n; ++b) {
        const double next = b + 1 < n ? map.beats[b + 1].time : map.end;
        const double length = next - map.beats[b].time;
        levels.push_back(song.spectra.mean(map.beats[b].time + 0.5 * length, map.beats[b].time + 0.95 * length).level);
    }
    std::vector<Stop> stops;
    const int parts =
        map.metre.unit == 8 && !map.metre.grouping.empty() &&
                std::all_of(map.metre.grouping.begin(), map.metre.grouping.end(), [](int g) { return g == 3; })
            ? 3
            : 1;
    const std::size_t shortest = 2 * static_cast<std::size_t>(parts);
    for (std::size_t b = 1; b < n;) {
        const std::size_t from = b >= around ? b - around : 0;
        const std::size_t to = std::min(n, b + around);
        const std::vector<float> near(levels.begin() + static_cast<std::ptrdiff_t>(from),
                                      levels.begin() + static_cast<std::ptrdiff_t>(to));
        const float usual = median(near);
        std::size_t e = b;
        while (e < n && levels[e] < silent * usual) ++e;
        if (e - b >= shortest && e < n) {
            std::size_t sounding = 0, others = 0;
            for (std::size_t k = from; k < std::min(n, e + around); ++k) {
                if (k >= b && k < e) continue;
                ++others;
                sounding += levels[k] >= silent * usual;
            }
            if (static_cast<float>(sounding) >= mostlySounding * static_cast<float>(others)) {
                const auto bar = barOfBeat(map, b - 1);
                const bool onBar = bar && map.bars[*bar].firstBeat == b - 1 && levels[b - 1] < echo * usual;
                const std::size_t start = onBar ? b - 1 : b;
                stops.push_back({map.beats[start].time, map.beats[e].time, static_cast<int>(e - start)});
            }
        }
        b = std::max(e, b + 1);
    }
    return stops;
}

} // namespace lc
