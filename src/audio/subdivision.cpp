#include "audio/subdivision.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace lc {

Subdivision subdivisionOf(const SongFeatures& song, const std::vector<double>& beats) {
    constexpr std::size_t places = 24; // of a beat: parts of two, three, four, six, eight and twelve
    constexpr double lateness = 0.006;  // of the onset functions after what begins
    Subdivision out;
    if (beats.size() < 4) return out;
    const OnsetFunctions& o = song.onsets;
    std::array<double, places> course{};
    for (std::size_t p = 0; p < places; ++p) {
        for (std::size_t b = 0; b + 1 < beats.size(); ++b) {
            const double at = beats[b] + static_cast<double>(p) / places * (beats[b + 1] - beats[b]) + lateness;
            const auto frame = static_cast<std::ptrdiff_t>(std::lround(at * o.rate));
            for (std::ptrdiff_t f = frame - 1; f <= frame + 1; ++f)
                if (f >= 0 && f < static_cast<std::ptrdiff_t>(o.size()))
                    course[p] += std::log1p(static_cast<double>(o.flux[static_cast<std::size_t>(f)]) + 0.7 * static_cast<double>(o.complexDomain[static_cast<std::size_t>(f)])) / 3;
        }
        course[p] /= static_cast<double>(beats.size() - 1);
    }
    double mean = 1e-9;
    for (double c : course) mean += c / places;
    std::array<double, 7> wave{};
    for (std::size_t h = 1; h < wave.size(); ++h) {
        double re = 0, im = 0;
        for (std::size_t p = 0; p < places; ++p) {
            const double angle = 2 * std::numbers::pi * static_cast<double>(h * p) / places;
            re += (course[p] - mean) * std::cos(angle);
            im += (course[p] - mean) * std::sin(angle);
        }
        wave[h] = std::log(std::sqrt(re * re + im * im) / places / mean + 0.003);
    }
    // Swing has the second of the thirds but not the first.
    const double lopsided = std::max(0.0, (course[16] - course[8]) / mean - 0.15);
    out.three = 2.85 * (wave[3] - wave[2]) + 0.26 * (wave[3] - wave[4]) + 2.09 * (wave[6] - wave[4]) - 1.14 - 2.5 * lopsided;
    std::size_t peak = 12;
    for (std::size_t p = 10; p <= 18; ++p)
        if (course[p] > course[peak]) peak = p;
    if (course[peak] > mean) {
        const double a = course[peak - 1], b = course[peak], c = course[peak + 1];
        const double curve = a - 2 * b + c;
        out.swing = (static_cast<double>(peak) + (curve < 0 ? std::clamp(0.5 * (a - c) / curve, -0.5, 0.5) : 0)) / places;
    }
    return out;
}

} // namespace lc
