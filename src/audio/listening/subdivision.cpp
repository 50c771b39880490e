#include "audio/listening/subdivision.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace lc {

namespace {

constexpr std::size_t places = 24;                  // of a beat: parts of two, three, four, six, eight and twelve
constexpr double lateness = 0.004;                  // seconds of the onset functions after the beats
constexpr double fastestThrees = 135, tooFast = 20; // beats a minute; faster jigs are hardly danced (common practice,
                                                    // no source): what speaks against threes for each octave beyond

/// The mean course of something through a beat, and its waves.
struct Course {
    std::array<double, places> values{};
    double mean = 1e-9;
    std::array<double, 7> wave{}; ///< logarithm of the size of its h-th wave against its mean

    template <typename Value>
    Course(const std::vector<double>& beats, Value value) {
        for (std::size_t p = 0; p < places; ++p) {
            for (std::size_t b = 0; b + 1 < beats.size(); ++b)
                values[p] += value(beats[b] + static_cast<double>(p) / places * (beats[b + 1] - beats[b]));
            values[p] /= static_cast<double>(beats.size() - 1);
            mean += values[p] / places;
        }
        for (std::size_t h = 1; h < wave.size(); ++h) {
            double re = 0, im = 0;
            for (std::size_t p = 0; p < places; ++p) {
                const double angle = 2 * std::numbers::pi * static_cast<double>(h * p) / places;
                re += (values[p] - mean) * std::cos(angle);
                im += (values[p] - mean) * std::sin(angle);
            }
            wave[h] = std::log(std::sqrt(re * re + im * im) / places / mean + 0.003);
        }
    }
};

} // namespace

Subdivision subdivisionOf(const SongFeatures& song, const std::vector<double>& beats) {
    Subdivision out;
    if (beats.size() < 4) return out;
    const OnsetFunctions& o = song.onsets;
    const Course onset(beats, [&](double at) {
        const auto frame = static_cast<std::ptrdiff_t>(std::lround((at + lateness) * o.rate));
        double sum = 0;
        for (std::ptrdiff_t f = frame - 1; f <= frame + 1; ++f)
            if (f >= 0 && f < static_cast<std::ptrdiff_t>(o.size()))
                sum += std::log1p(static_cast<double>(o.flux[static_cast<std::size_t>(f)]) +
                                  0.7 * static_cast<double>(o.complexDomain[static_cast<std::size_t>(f)])) /
                       3;
        return sum;
    });
    const Course pitch(beats,
                       [&](double at) { // tells threes where nothing is struck: a fiddle or a flute runs through them
                           const auto i = static_cast<std::ptrdiff_t>(std::lround(at / song.spectra.step));
                           return i >= 0 && i < static_cast<std::ptrdiff_t>(song.pitch.size())
                                      ? static_cast<double>(song.pitch[static_cast<std::size_t>(i)])
                                      : 0.0;
                       });
    const double lopsided =
        (onset.values[16] - onset.values[8]) / onset.mean; // swing has the second of the thirds, not the first
    const auto& a = onset.wave;
    const auto& c = pitch.wave;
    // A logistic model, trained on the development half (182 pieces; 2 mistakes of 59 when two of six seeds are left
    // out).
    out.three = 1.441 * (a[3] - a[2]) + 0.693 * (a[3] - a[4]) + 2.234 * (a[6] - a[4]) + 0.495 * (a[6] - a[3]) -
                4.180 * std::max(0.0, lopsided - 0.15) - 2.417 * std::max(0.0, -lopsided - 0.1) +
                3.852 * (c[3] - c[2]) - 0.298 * (c[3] - c[4]) - 0.400 * (c[6] - c[4]) + 0.409 -
                tooFast * std::max(0.0, std::log2(60 * static_cast<double>(beats.size() - 1) /
                                                  (beats.back() - beats.front()) / fastestThrees));
    std::size_t peak = 12;
    for (std::size_t p = 10; p <= 16; ++p) // from a little early to two thirds; later places are sixteenths
        if (onset.values[p] > onset.values[peak]) peak = p;
    if (onset.values[peak] > onset.mean) {
        const double before = onset.values[peak - 1], here = onset.values[peak], after = onset.values[peak + 1];
        const double curve = before - 2 * here + after;
        out.swing =
            (static_cast<double>(peak) + (curve < 0 ? std::clamp(0.5 * (before - after) / curve, -0.5, 0.5) : 0)) /
            places;
    }
    return out;
}

} // namespace lc
