#include "audio/listening/onset_functions.h"

#include "audio/listening/fourier.h"
#include "audio/sound/audio_buffer.h"

#include <algorithm>
#include <cmath>

namespace lc {

namespace {

constexpr std::size_t hop = 256;          // samples: 5.8 ms at the usual rate
constexpr std::size_t shortWindow = 1024; // 23 ms: short enough for drums, long enough for a bass note's fundamental
constexpr int bandsPerOctave = 12;        // semitones
constexpr std::size_t riseLag = 2;        // frames between which a rise is measured, as in the source
constexpr double levelSeconds = 4;        // span over which a function is levelled
constexpr float spectrumGain = 100.0F;    // of magnitudes relative to the song's level, before the logarithm

/// First and last bin (half-open) of each band, about twelve an octave; low down single bins.
std::vector<std::pair<std::size_t, std::size_t>> bands(std::size_t bins) {
    std::vector<std::pair<std::size_t, std::size_t>> out;
    double edge = 1;
    const double step = std::pow(2.0, 1.0 / bandsPerOctave);
    for (std::size_t from = 1; from < bins && static_cast<double>(from) * usualRate / shortWindow < 17000;) {
        edge *= step;
        const std::size_t to = std::max(from + 1, std::min(bins, static_cast<std::size_t>(std::lround(edge))));
        if (static_cast<double>(to) < edge - 0.5) edge = static_cast<double>(to);
        out.emplace_back(from, to);
        from = to;
        edge = std::max(edge, static_cast<double>(from));
    }
    return out;
}

/// Divides by the local root mean square (plus a quarter of the song's, so that silence does not speak).
void levelled(std::vector<float>& values, double framesPerSecond) {
    const auto reach = static_cast<std::size_t>(levelSeconds / 2 * framesPerSecond);
    const std::size_t n = values.size();
    if (n == 0) return;
    std::vector<double> sum(n + 1, 0);
    for (std::size_t i = 0; i < n; ++i)
        sum[i + 1] = sum[i] + static_cast<double>(values[i]) * static_cast<double>(values[i]);
    const double whole = sum[n] / static_cast<double>(n);
    if (whole <= 0) return;
    for (std::size_t i = 0; i < n; ++i) {
        const std::size_t from = i >= reach ? i - reach : 0;
        const std::size_t to = std::min(n, i + reach + 1);
        const double local = (sum[to] - sum[from]) / static_cast<double>(to - from);
        values[i] = static_cast<float>(static_cast<double>(values[i]) / std::sqrt(0.75 * local + 0.25 * whole));
    }
}

} // namespace

struct OnsetListener::State {
    RealFourier fourier{shortWindow};
    SlidingWindow windows{shortWindow, hop};
    std::size_t bins = fourier.bins();
    std::vector<std::pair<std::size_t, std::size_t>> bandOf = bands(bins);
    std::vector<float> magnitude = std::vector<float>(bins, 0.0F), before = magnitude;
    std::vector<float> re1 = std::vector<float>(bins, 1.0F), im1 = std::vector<float>(bins, 0.0F), re2 = re1,
                       im2 = im1; // unit phasors, one and two frames ago
    std::vector<float>
        peaks; // of each band of each frame: how loud the song is, by which they are weighed, is known at its end
    double energy = 0;
    OnsetFunctions out;

    void frame(const float* samples);
};

void OnsetListener::State::frame(const float* samples) {
    fourier.transform(samples);
    const float* spectrum = fourier.spectrum();
    float complexSum = 0, sum = 0;
    for (std::size_t b = 1; b < bins; ++b) {
        const float re = spectrum[2 * b], im = spectrum[2 * b + 1];
        const float m = std::sqrt(re * re + im * im);
        magnitude[b] = m;
        // The phase goes on as it did: predicted phasor = u1² · conj(u2).
        const float sr = re1[b] * re1[b] - im1[b] * im1[b], si = 2 * re1[b] * im1[b];
        const float pr = sr * re2[b] + si * im2[b], pi = si * re2[b] - sr * im2[b];
        if (m > before[b]) {
            const float dr = re - before[b] * pr, di = im - before[b] * pi;
            complexSum += std::sqrt(dr * dr + di * di);
        }
        re2[b] = re1[b];
        im2[b] = im1[b];
        const float inverse = m > 1e-9F ? 1.0F / m : 0.0F;
        re1[b] = m > 1e-9F ? re * inverse : 1.0F;
        im1[b] = im * inverse;
        before[b] = m;
    }
    for (std::size_t b = 1; b < bins; ++b) sum += magnitude[b] * magnitude[b];
    for (const auto& [from, to] : bandOf)
        peaks.push_back(*std::max_element(magnitude.begin() + static_cast<std::ptrdiff_t>(from),
                                          magnitude.begin() + static_cast<std::ptrdiff_t>(to)));
    out.complexDomain.push_back(complexSum);
    out.level.push_back(std::sqrt(sum) * 4.0F / static_cast<float>(shortWindow));
}

OnsetListener::OnsetListener() : m_state(std::make_unique<State>()) {
    m_state->out.rate = static_cast<double>(usualRate) / hop;
}
OnsetListener::~OnsetListener() = default;

void OnsetListener::add(const float* samples, std::size_t count) {
    for (std::size_t i = 0; i < count; ++i)
        m_state->energy += static_cast<double>(samples[i]) * static_cast<double>(samples[i]);
    m_state->windows.add(samples, count, [this](const float* it) { m_state->frame(it); });
}

OnsetFunctions OnsetListener::finish() {
    State& s = *m_state;
    s.windows.finish(s.windows.size() / hop + 1, [&](const float* it) { s.frame(it); });
    const double rms = std::sqrt(s.energy / std::max<double>(1, static_cast<double>(s.windows.size())));
    const float gain =
        rms > 1e-9 ? static_cast<float>(static_cast<double>(spectrumGain) / (rms * shortWindow / 4)) : 0.0F;
    const auto lowEnd = static_cast<std::size_t>(180.0 * shortWindow / usualRate) + 1;
    const auto highStart = static_cast<std::size_t>(5000.0 * shortWindow / usualRate);
    const std::size_t width = s.bandOf.size();
    std::vector<std::vector<float>> history(riseLag + 1,
                                            std::vector<float>(width, 0.0F)); // log bands of the last frames
    for (std::size_t f = 0; f < s.out.level.size(); ++f) {
        std::vector<float>& now = history[f % (riseLag + 1)];
        const std::vector<float>& old = history[(f + 1) % (riseLag + 1)]; // lag frames ago
        for (std::size_t k = 0; k < width; ++k) now[k] = std::log1p(gain * s.peaks[f * width + k]);
        float flux = 0, low = 0, high = 0;
        for (std::size_t k = 0; k < width; ++k) {
            const float neighbours = std::max({k > 0 ? old[k - 1] : 0.0F, old[k], k + 1 < width ? old[k + 1] : 0.0F});
            flux += std::max(0.0F, now[k] - neighbours);
            if (s.bandOf[k].second <= lowEnd + 1) low += std::max(0.0F, now[k] - old[k]);
            if (s.bandOf[k].first >= highStart) high += std::max(0.0F, now[k] - old[k]);
        }
        s.out.flux.push_back(flux);
        s.out.low.push_back(low);
        s.out.high.push_back(high);
    }
    for (auto* function : {&s.out.flux, &s.out.complexDomain, &s.out.low, &s.out.high}) {
        for (std::size_t i = 0; i < std::min<std::size_t>(riseLag + 2, function->size()); ++i)
            (*function)[i] = 0; // the sound's own edge
        levelled(*function, s.out.rate);
    }
    return std::move(s.out);
}

} // namespace lc
