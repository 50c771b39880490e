#include "further_cues.h"

#include "support/beat_measure.h"

#include <algorithm>
#include <cmath>

namespace lc::bench {

namespace {

constexpr std::size_t farthestReturn = 66; // beats
constexpr double slow = 60, fast = 200;    // a minute: beyond, hardly anybody counts

/// How alike the song is to itself `lag` beats later in what sounds: the mean of the cosines of pitch classes, beat by beat.
std::vector<double> harmonyLikeness(const SongFeatures& song, const std::vector<double>& beats) {
    std::vector<std::array<double, 24>> rows;
    for (std::size_t i = 0; i + 1 < beats.size(); ++i) {
        const SpectralFrame f = song.spectra.mean(beats[i], beats[i + 1]);
        std::array<double, 24> row{};
        const auto put = [&](const std::array<float, 12>& classes, std::size_t at) {
            double mean = 0, length = 1e-12;
            for (float c : classes) mean += static_cast<double>(c) / 12;
            for (float c : classes) length += (static_cast<double>(c) - mean) * (static_cast<double>(c) - mean);
            for (std::size_t k = 0; k < 12; ++k) row[at + k] = (static_cast<double>(classes[k]) - mean) / std::sqrt(2 * length);
        };
        put(f.chroma, 0);
        put(f.bass, 12);
        rows.push_back(row);
    }
    std::vector<double> out{1};
    for (std::size_t lag = 1; lag <= farthestReturn && 2 * lag < rows.size(); ++lag) {
        double sum = 0;
        for (std::size_t i = lag; i < rows.size(); ++i)
            for (std::size_t k = 0; k < 24; ++k) sum += rows[i][k] * rows[i - lag][k];
        out.push_back(sum / static_cast<double>(rows.size() - lag));
    }
    return out;
}

/// How much more the song is like itself at 1, 2, 4 … times `n` beats than a beat before and after.
double returnsAt(const std::vector<double>& likeness, std::size_t n) {
    double sum = 0;
    int count = 0;
    for (std::size_t lag = n; lag + 1 < likeness.size(); lag *= 2, ++count) sum += likeness[lag] - 0.5 * (likeness[lag - 1] + likeness[lag + 1]);
    return count ? sum / count : 0;
}

} // namespace

std::array<double, furtherCues> furtherCuesOf(const SongFeatures& song, const PulseCandidate& pulse, const MetreReading& reading, const std::array<std::vector<double>, witnesses>& heard) {
    std::vector<double> offBeats;
    for (std::size_t i = 0; i + 1 < pulse.beats.size(); ++i) offBeats.push_back(0.5 * (pulse.beats[i] + pulse.beats[i + 1]));
    std::array<double, witnesses> agreed{};
    double off = 0;
    for (std::size_t w = 0; w < witnesses; ++w) {
        agreed[w] = test::fMeasure(heard[w], pulse.beats);
        off += test::fMeasure(heard[w], offBeats) / static_cast<double>(witnesses);
    }
    std::array<double, witnesses> sorted = agreed;
    std::sort(sorted.begin(), sorted.end());
    const double perMinute = 60 / pulse.period, resonance = pulseResonance(perMinute);
    const std::vector<double> harmony = harmonyLikeness(song, pulse.beats);
    const auto bar = static_cast<std::size_t>(reading.beatsPerBar);
    double other = 0;
    for (std::size_t n : {2U, 3U, 4U, 5U, 7U})
        if (n != bar && n != 2 * bar && bar != 2 * n) other = std::max(other, returnsAt(harmony, n));
    return {agreed[0], agreed[1], agreed[2], agreed[3], sorted[3], sorted[2], sorted[0], off, resonance, std::log(resonance + 0.02), std::max(0.0, std::log2(slow / perMinute)),
            std::max(0.0, std::log2(perMinute / fast)), returnsAt(harmony, bar), returnsAt(harmony, 2 * bar), other};
}

} // namespace lc::bench
