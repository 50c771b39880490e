#include "audio/playing/clicks.h"

#include <cmath>
#include <numbers>

namespace lc {

std::vector<Click> clicksFor(const CountGrid& grid) {
    std::vector<Click> clicks;
    for (int c = -grid.pickupCounts(); c < grid.countsInSong(); ++c) {
        const CountCell& cell = *grid.cell(c);
        const ClickKind kind = cell.number == 1 && cell.bar >= 0 ? ClickKind::Set
                               : cell.barStart                   ? ClickKind::Bar
                                                                 : ClickKind::Count;
        clicks.push_back({cell.start, kind});
    }
    return clicks;
}

std::vector<float> clickSound(ClickKind kind, int sampleRate) {
    const double hertz = kind == ClickKind::Set ? 2100 : kind == ClickKind::Bar ? 1575 : 1260;
    const double loud = kind == ClickKind::Set ? 0.55 : kind == ClickKind::Bar ? 0.42 : 0.32;
    const auto length = static_cast<std::size_t>(0.045 * sampleRate);
    const double attack = 0.001 * sampleRate;
    std::vector<float> sound(length);
    for (std::size_t i = 0; i < length; ++i) {
        const double t = static_cast<double>(i) / sampleRate;
        const double rise = std::min(1.0, static_cast<double>(i) / attack);
        const double fall = std::exp(-t / 0.009);
        sound[i] = static_cast<float>(loud * rise * fall * std::sin(2 * std::numbers::pi * hertz * t));
    }
    return sound;
}

} // namespace lc
