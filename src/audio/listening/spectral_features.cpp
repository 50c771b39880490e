#include "audio/listening/spectral_features.h"

#include "audio/listening/fourier.h"
#include "audio/sound/audio_buffer.h"

#include <algorithm>
#include <cmath>

namespace lc {

namespace {
constexpr std::size_t longWindow = 4096; // 93 ms at 44.1 kHz: parts semitones from about 200 Hz up
} // namespace

void SpectralFrames::sumUp() {
    m_sums.assign(frames.size() + 1, {});
    for (std::size_t i = 0; i < frames.size(); ++i) {
        const SpectralFrame& f = frames[i];
        auto& sum = m_sums[i + 1];
        sum = m_sums[i];
        for (std::size_t k = 0; k < 12; ++k) {
            sum[k] += static_cast<double>(f.chroma[k]);
            sum[12 + k] += static_cast<double>(f.bass[k]);
        }
        for (std::size_t k = 0; k < 6; ++k) sum[24 + k] += static_cast<double>(f.bands[k]);
        sum[30] += static_cast<double>(f.low);
        sum[31] += static_cast<double>(f.high);
        sum[32] += static_cast<double>(f.level);
    }
}

SpectralFrame SpectralFrames::mean(double from, double to) const {
    SpectralFrame out;
    const auto size = static_cast<std::ptrdiff_t>(m_sums.size()) - 1;
    if (size <= 0) return out;
    const auto first = std::clamp<std::ptrdiff_t>(static_cast<std::ptrdiff_t>(from / step), 0, size);
    const auto last = std::clamp<std::ptrdiff_t>(static_cast<std::ptrdiff_t>(to / step), first, size);
    if (first == last) return out;
    const auto& a = m_sums[static_cast<std::size_t>(first)];
    const auto& b = m_sums[static_cast<std::size_t>(last)];
    const auto value = [&](std::size_t k) {
        return static_cast<float>((b[k] - a[k]) / static_cast<double>(last - first));
    };
    for (std::size_t k = 0; k < 12; ++k) {
        out.chroma[k] = value(k);
        out.bass[k] = value(12 + k);
    }
    for (std::size_t k = 0; k < 6; ++k) out.bands[k] = value(24 + k);
    out.low = value(30);
    out.high = value(31);
    out.level = value(32);
    return out;
}

double SpectralFrames::pitchRise(double seconds, double span) const {
    const auto before = mean(seconds - span, seconds).chroma;
    const auto after = mean(seconds, seconds + span).chroma;
    double a = 1e-9, b = 1e-9, rise = 0;
    for (std::size_t k = 0; k < 12; ++k) {
        a += static_cast<double>(before[k]);
        b += static_cast<double>(after[k]);
    }
    for (std::size_t k = 0; k < 12; ++k)
        rise += std::max(0.0, static_cast<double>(after[k]) / b - static_cast<double>(before[k]) / a);
    return rise;
}

struct SpectrumListener::State {
    static constexpr std::size_t hop = 882; // SpectralFrames::step at 44.1 kHz
    RealFourier fourier{longWindow};
    SlidingWindow windows{longWindow, hop};
    std::vector<int> pitchClass;
    std::vector<bool> bassRegister;
    std::vector<std::size_t> band;
    SpectralFrames out;

    State();
    void frame(const float* samples);
};

SpectrumListener::State::State() {
    const std::size_t bins = fourier.bins();
    pitchClass.assign(bins, -1);
    bassRegister.assign(bins, false);
    band.assign(bins, 0);
    for (std::size_t b = 1; b < bins; ++b) {
        const double hertz = static_cast<double>(b) * usualRate / longWindow;
        bassRegister[b] = hertz >= 35 && hertz < 260;
        if (hertz >= 35 && hertz <= 4000) // A4 = 440 Hz (ISO 16)
            pitchClass[b] = ((static_cast<int>(std::lround(12 * std::log2(hertz / 440))) + 9) % 12 + 12) % 12;
        band[b] = hertz < 150 ? 0 : hertz < 400 ? 1 : hertz < 1000 ? 2 : hertz < 2500 ? 3 : hertz < 6000 ? 4 : 5;
    }
}

void SpectrumListener::State::frame(const float* samples) {
    float energy = 0; // of the hop around the frame's middle
    for (const float* s = samples + longWindow / 2 - hop / 2; s < samples + longWindow / 2 - hop / 2 + hop; ++s)
        energy += *s * *s;
    fourier.transform(samples);
    const float* spectrum = fourier.spectrum();
    SpectralFrame frame;
    std::array<float, 6> bands{};
    for (std::size_t b = 1; b < band.size(); ++b) {
        const float re = spectrum[2 * b];
        const float im = spectrum[2 * b + 1];
        const float power = re * re + im * im;
        if (pitchClass[b] >= 0) {
            const float magnitude = std::sqrt(power);
            if (bassRegister[b])
                frame.bass[static_cast<std::size_t>(pitchClass[b])] += magnitude;
            else
                frame.chroma[static_cast<std::size_t>(pitchClass[b])] += magnitude;
        }
        bands[band[b]] += power;
    }
    for (std::size_t k = 0; k < 6; ++k) frame.bands[k] = std::log10(1e-4F + bands[k]);
    frame.low = std::sqrt(bands[0]);
    frame.high = std::sqrt(bands[5]);
    frame.level = std::sqrt(energy / static_cast<float>(hop));
    out.frames.push_back(frame);
}

SpectrumListener::SpectrumListener() : m_state(std::make_unique<State>()) {}
SpectrumListener::~SpectrumListener() = default;

void SpectrumListener::add(const float* samples, std::size_t count) {
    m_state->windows.add(samples, count, [this](const float* it) { m_state->frame(it); });
}

SpectralFrames SpectrumListener::finish() {
    State& s = *m_state;
    s.windows.finish((s.windows.size() + State::hop - 1) / State::hop, [&](const float* it) { s.frame(it); });
    return std::move(s.out);
}

} // namespace lc
