#include "audio/onset_tracker.h"

// qm-dsp's headers say "using namespace std"; they stay in this file.
#include <dsp/onsets/DetectionFunction.h>
#include <dsp/tempotracking/TempoTrackV2.h>

#include <algorithm>
#include <cassert>
#include <cmath>

namespace lc {

namespace {

constexpr int rate = 44100;
constexpr int hop = 512;
constexpr int window = 1024;

double peakNear(const std::vector<double>& onsets, double frame) {
    const auto middle = static_cast<std::ptrdiff_t>(std::lround(frame));
    std::ptrdiff_t best = middle;
    const auto size = static_cast<std::ptrdiff_t>(onsets.size());
    for (std::ptrdiff_t i = std::max<std::ptrdiff_t>(0, middle - 2); i <= std::min(size - 1, middle + 2); ++i)
        if (best < 0 || best >= size || onsets[static_cast<std::size_t>(i)] > onsets[static_cast<std::size_t>(best)]) best = i;
    if (best <= 0 || best + 1 >= size) return frame;
    const double before = onsets[static_cast<std::size_t>(best - 1)];
    const double at = onsets[static_cast<std::size_t>(best)];
    const double after = onsets[static_cast<std::size_t>(best + 1)];
    const double curve = before - 2 * at + after;
    if (curve >= 0) return frame;
    return static_cast<double>(best) + 0.5 * (before - after) / curve;
}

/// Each time replaced by the line through its neighbours, where they lie on one: takes out the grain of the frames
/// without flattening a change of tempo.
std::vector<double> smoothed(const std::vector<double>& times) {
    constexpr int reach = 4;
    constexpr double straight = 0.020; // seconds; beyond this the neighbours do not share a tempo
    std::vector<double> out = times;
    const auto size = static_cast<int>(times.size());
    for (int i = 0; i < size; ++i) {
        const int from = std::max(0, i - reach);
        const int to = std::min(size - 1, i + reach);
        const double n = to - from + 1;
        if (n < 5) continue;
        double sx = 0, sy = 0, sxx = 0, sxy = 0;
        for (int k = from; k <= to; ++k) {
            const double y = times[static_cast<std::size_t>(k)];
            sx += k; sy += y; sxx += static_cast<double>(k) * k; sxy += k * y;
        }
        const double slope = (n * sxy - sx * sy) / (n * sxx - sx * sx);
        const double offset = (sy - slope * sx) / n;
        double worst = 0;
        for (int k = from; k <= to; ++k) worst = std::max(worst, std::abs(times[static_cast<std::size_t>(k)] - (offset + slope * k)));
        if (worst < straight) out[static_cast<std::size_t>(i)] = offset + slope * i;
    }
    for (std::size_t i = 1; i < out.size(); ++i)
        if (out[i] <= out[i - 1]) return times;
    return out;
}

/// The onset function answers late, by how much depends on the instruments. One shift for the whole song puts the beats
/// where the loudness really rises, seen at 1.5 ms: the lag at which the rises under all beats are greatest together.
double lagToRise(const std::vector<double>& times, const std::vector<float>& samples) {
    constexpr std::size_t step = 64;
    constexpr double reachSeconds = 0.060;
    std::vector<double> level;
    for (std::size_t at = 0; at + step <= samples.size(); at += step) {
        double energy = 0;
        for (std::size_t i = at; i < at + step; ++i) energy += static_cast<double>(samples[i] * samples[i]);
        level.push_back(std::log(1e-7 + energy));
    }
    std::vector<double> rise(level.size(), 0);
    for (std::size_t i = 3; i < level.size(); ++i) // over 4 ms, so that the waves of a low note do not count as rises
        rise[i] = std::max(0.0, level[i] - (level[i - 1] + level[i - 2] + level[i - 3]) / 3);
    const int reach = static_cast<int>(reachSeconds * rate / step);
    int best = 0;
    double bestSum = -1;
    for (int lag = -reach; lag <= reach; ++lag) {
        double sum = 0;
        for (double t : times) {
            const auto at = static_cast<std::ptrdiff_t>(std::lround(t * rate / step)) + lag;
            for (std::ptrdiff_t k = at - 1; k <= at + 1; ++k) // the middle counts twice
                if (k >= 0 && k < static_cast<std::ptrdiff_t>(rise.size())) sum += (k == at ? 2 : 1) * std::min(rise[static_cast<std::size_t>(k)], 4.0);
        }
        if (sum > bestSum) {
            bestSum = sum;
            best = lag;
        }
    }
    // The greatest rise is a little after the onset; 6 ms on both songs rendered from MIDI (docs/algorithms.md).
    constexpr double riseAfterOnset = 0.006;
    return best * static_cast<double>(step) / rate - riseAfterOnset;
}

} // namespace

TrackedBeats trackBeats(const AudioBuffer& sound, const Task& task) {
    assert(sound.channels == 1 && sound.sampleRate == rate);
    TrackedBeats beats;
    if (sound.seconds() < 2) return beats;
    DFConfig config{};
    config.stepSize = hop;
    config.frameLength = window;
    config.DFType = DF_COMPLEXSD;
    config.dbRise = 3;
    config.adaptiveWhitening = false;
    config.whiteningRelaxCoeff = -1;
    config.whiteningFloor = -1;
    DetectionFunction detector(config);
    std::vector<double> onsets;
    std::vector<double> frame(window);
    for (std::size_t at = 0; at + window <= sound.samples.size(); at += hop) {
        std::copy_n(sound.samples.begin() + static_cast<std::ptrdiff_t>(at), window, frame.begin());
        onsets.push_back(detector.processTimeDomain(frame.data()));
        if (onsets.size() % 512 == 0) {
            if (task.stopped()) return beats;
            task.report(0.8 * static_cast<double>(at) / static_cast<double>(sound.samples.size()));
        }
    }
    // The first frames hold the start of the sound itself; the tracker leaves them out, as its authors do.
    constexpr std::size_t skip = 2;
    if (onsets.size() < skip + 64) return beats;
    const std::vector<double> used(onsets.begin() + skip, onsets.end());
    std::vector<double> period(used.size(), 0);
    std::vector<double> tempi;
    std::vector<double> found;
    TempoTrackV2 tracker(static_cast<float>(rate), hop);
    tracker.calculateBeatPeriod(used, period, tempi);
    if (task.stopped()) return beats;
    tracker.calculateBeats(used, period, found);
    std::vector<double> level = onsets;
    std::nth_element(level.begin(), level.begin() + static_cast<std::ptrdiff_t>(level.size() / 2), level.end());
    const double median = std::max(1e-9, level[level.size() / 2]);
    std::vector<double> times;
    for (double at : found) {
        const double onset = peakNear(onsets, at + skip);
        const double seconds = onset * hop / rate;
        if (!times.empty() && seconds <= times.back() + 0.05) continue;
        times.push_back(seconds);
        const auto index = std::clamp<std::ptrdiff_t>(std::lround(onset), 0, static_cast<std::ptrdiff_t>(onsets.size()) - 1);
        beats.strength.push_back(onsets[static_cast<std::size_t>(index)] / median);
    }
    beats.seconds = smoothed(times);
    const double lag = lagToRise(beats.seconds, sound.samples);
    for (double& t : beats.seconds) t += lag;
    task.report(1);
    return beats;
}

} // namespace lc
