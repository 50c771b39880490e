#include "audio/spectral_features.h"

#include <fftw3.h>

#include <algorithm>
#include <cmath>
#include <memory>
#include <mutex>
#include <numbers>

namespace lc {

namespace {
constexpr std::size_t window = 4096; // 93 ms at 44.1 kHz: parts semitones from about 200 Hz up

std::mutex& plannerLock() { // FFTW's planner is the one part of it that is not safe to call from two threads
    static std::mutex lock;
    return lock;
}
} // namespace

SpectralFrame SpectralFrames::mean(double from, double to) const {
    SpectralFrame sum;
    const auto size = static_cast<std::ptrdiff_t>(frames.size());
    const auto first = std::clamp<std::ptrdiff_t>(static_cast<std::ptrdiff_t>(from / step), 0, size);
    const auto last = std::clamp<std::ptrdiff_t>(static_cast<std::ptrdiff_t>(to / step), first, size);
    if (first == last) return sum;
    for (auto i = first; i < last; ++i) {
        const SpectralFrame& f = frames[static_cast<std::size_t>(i)];
        for (std::size_t k = 0; k < 12; ++k) sum.chroma[k] += f.chroma[k];
        for (std::size_t k = 0; k < 6; ++k) sum.bands[k] += f.bands[k];
        sum.low += f.low;
        sum.high += f.high;
        sum.level += f.level;
    }
    const auto n = static_cast<float>(last - first);
    for (float& c : sum.chroma) c /= n;
    for (float& b : sum.bands) b /= n;
    sum.low /= n;
    sum.high /= n;
    sum.level /= n;
    return sum;
}

SpectralFrames spectralFrames(const AudioBuffer& sound, const Task& task) {
    SpectralFrames out;
    const std::size_t hop = static_cast<std::size_t>(std::lround(out.step * sound.sampleRate));
    constexpr std::size_t bins = window / 2 + 1;
    const std::unique_ptr<float, decltype(&fftwf_free)> in(fftwf_alloc_real(window), &fftwf_free);
    const std::unique_ptr<fftwf_complex, decltype(&fftwf_free)> spectrum(fftwf_alloc_complex(bins), &fftwf_free);
    fftwf_plan plan = nullptr;
    {
        const std::lock_guard lock(plannerLock());
        plan = fftwf_plan_dft_r2c_1d(static_cast<int>(window), in.get(), spectrum.get(), FFTW_ESTIMATE);
    }
    std::vector<float> shape(window);
    for (std::size_t i = 0; i < window; ++i)
        shape[i] = static_cast<float>(0.5 - 0.5 * std::cos(2 * std::numbers::pi * static_cast<double>(i) / window));
    std::vector<int> pitchClass(bins, -1);
    std::vector<std::size_t> band(bins, 0);
    for (std::size_t b = 1; b < bins; ++b) {
        const double hertz = static_cast<double>(b) * sound.sampleRate / window;
        if (hertz >= 100 && hertz <= 4000) // A4 = 440 Hz (ISO 16)
            pitchClass[b] = ((static_cast<int>(std::lround(12 * std::log2(hertz / 440))) + 9) % 12 + 12) % 12;
        band[b] = hertz < 150 ? 0 : hertz < 400 ? 1 : hertz < 1000 ? 2 : hertz < 2500 ? 3 : hertz < 6000 ? 4 : 5;
    }
    const auto size = static_cast<std::ptrdiff_t>(sound.samples.size());
    for (std::size_t at = 0; at < sound.samples.size(); at += hop) {
        float energy = 0;
        for (std::size_t i = 0; i < window; ++i) { // the frame is centred on its time
            const auto k = static_cast<std::ptrdiff_t>(at + i) - static_cast<std::ptrdiff_t>(window / 2);
            const float value = k >= 0 && k < size ? sound.samples[static_cast<std::size_t>(k)] : 0;
            in.get()[i] = value * shape[i];
            if (i >= window / 2 - hop / 2 && i < window / 2 + hop / 2) energy += value * value;
        }
        fftwf_execute(plan);
        SpectralFrame frame;
        std::array<float, 6> bands{};
        for (std::size_t b = 1; b < bins; ++b) {
            const float re = spectrum.get()[b][0];
            const float im = spectrum.get()[b][1];
            const float power = re * re + im * im;
            if (pitchClass[b] >= 0) frame.chroma[static_cast<std::size_t>(pitchClass[b])] += std::sqrt(power);
            bands[band[b]] += power;
        }
        for (std::size_t k = 0; k < 6; ++k) frame.bands[k] = std::log10(1e-4F + bands[k]);
        frame.low = std::sqrt(bands[0]);
        frame.high = std::sqrt(bands[5]);
        frame.level = std::sqrt(energy / static_cast<float>(hop));
        out.frames.push_back(frame);
        if (out.frames.size() % 256 == 0) {
            if (task.stopped()) break;
            task.report(static_cast<double>(at) / static_cast<double>(sound.samples.size()));
        }
    }
    {
        const std::lock_guard lock(plannerLock());
        fftwf_destroy_plan(plan);
    }
    return out;
}

} // namespace lc
