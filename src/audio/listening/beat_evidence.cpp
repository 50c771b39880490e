#include "audio/listening/beat_evidence.h"

#include "audio/listening/small_net.h"

#include <algorithm>
#include <cmath>
#include <thread>

namespace lc {

namespace {

template <std::size_t N>
double difference(const std::array<float, N>& a, const std::array<float, N>& b) { // 1 − cosine
    double dot = 0, na = 0, nb = 0;
    for (std::size_t i = 0; i < N; ++i) {
        dot += static_cast<double>(a[i] * b[i]);
        na += static_cast<double>(a[i] * a[i]);
        nb += static_cast<double>(b[i] * b[i]);
    }
    return na > 0 && nb > 0 ? 1 - dot / std::sqrt(na * nb) : 0;
}

constexpr std::size_t placeCues = HeardBeat; // those before it: the net's word is not asked here

/// Weights for the cues of the beats from two before to two after, and a constant.
struct PlaceModel {
    double weights[5][placeCues];
    double constant;
};

// Trained on the development half by bench/listen/train.py; the constants are not to be edited by hand.
constexpr PlaceModel unevenOneModel{{{-0.369, 0.130, -0.110, -0.215, -0.390, -0.290, 0.110},
                                     {-0.092, 0.217, 0.046, -0.714, -0.133, 0.253, 0.455},
                                     {0.541, 0.122, 0.427, 1.188, 0.438, 0.196, 0.868},
                                     {0.320, -0.286, -0.274, 0.067, -0.126, -0.381, -0.054},
                                     {-0.129, 0.121, -0.283, -0.331, 0.110, -0.024, -0.779}},
                                    -4.058};
constexpr PlaceModel unevenGroupModel{{{0.040, -0.035, -0.024, 0.327, 0.228, 0.044, -0.002},
                                       {-0.130, 0.040, -0.208, -0.736, -0.425, -0.251, -0.100},
                                       {0.063, -0.020, 0.268, 1.288, 0.921, 0.470, 0.104},
                                       {-0.123, -0.153, -0.293, -0.845, -0.667, -0.363, -0.105},
                                       {-0.026, 0.114, 0.124, 0.074, 0.093, 0.094, -0.101}},
                                      -1.103};
constexpr double unevenOneOdds = -1.95, unevenGroupOdds = -0.29; // of any beat, as logarithms

constexpr std::ptrdiff_t oneReach = 8; // beats before and after whose cues speak for a 1 too
#include "audio/listening/one_net.inc"

/// What a net says of each beat, less what is true of any.
std::vector<double> onesHeard(const std::vector<BeatCues>& cues) {
    const auto n = static_cast<std::ptrdiff_t>(cues.size());
    std::vector<double> out(cues.size(), 0);
    for (std::ptrdiff_t i = 0; i < n; ++i) {
        std::array<double, (2 * oneReach + 1) * cueCount> around{};
        for (std::ptrdiff_t s = std::max(-oneReach, -i); s <= std::min(oneReach, n - 1 - i); ++s)
            std::copy(cues[static_cast<std::size_t>(i + s)].begin(), cues[static_cast<std::size_t>(i + s)].end(),
                      around.begin() + (s + oneReach) * static_cast<std::ptrdiff_t>(cueCount));
        out[static_cast<std::size_t>(i)] = std::clamp(oneNets(around) - oneNetsOdds, -6.0, 6.0);
    }
    return out;
}

constexpr double reachSeconds =
    0.030; // beyond which an onset belongs to another moment; half the shortest sixteenth danced
constexpr double harmonySpan = 0.5; // seconds on either side: about a beat of danced music (chosen, no source)

double harmonyChange(const SpectralFrames& spectra, double seconds, double span) {
    return difference(spectra.mean(seconds - span, seconds - 0.02).chroma,
                      spectra.mean(seconds + 0.03, seconds + span).chroma);
}

std::vector<float> peaksAround(const std::vector<float>& function, double rate) {
    const auto reach = static_cast<std::ptrdiff_t>(std::lround(reachSeconds * rate));
    const auto n = static_cast<std::ptrdiff_t>(function.size());
    std::vector<float> out(function.size());
    for (std::ptrdiff_t i = 0; i < n; ++i) {
        float best = 0;
        for (std::ptrdiff_t k = std::max<std::ptrdiff_t>(0, i - reach); k <= std::min(n - 1, i + reach); ++k)
            best = std::max(best, function[static_cast<std::size_t>(k)]);
        out[static_cast<std::size_t>(i)] = std::log1p(best);
    }
    return out;
}

} // namespace

SongListener::SongListener(int sampleRate, int channels)
    : m_channels(static_cast<std::size_t>(channels)), m_sampleRate(sampleRate) {
    if (sampleRate != usualRate) m_resampler = std::make_unique<StreamResampler>(sampleRate, usualRate, 1);
}

void SongListener::add(const float* interleaved, std::size_t samples) {
    const std::size_t frames = samples / m_channels;
    m_frames += frames;
    m_mono.resize(frames);
    for (std::size_t i = 0; i < frames; ++i) {
        float sum = 0;
        for (std::size_t c = 0; c < m_channels; ++c) sum += interleaved[i * m_channels + c];
        m_mono[i] = m_channels == 1 ? sum : sum / static_cast<float>(m_channels);
    }
    if (m_resampler) m_mono = m_resampler->next(m_mono, false);
    listen(m_mono.data(), m_mono.size());
}

void SongListener::listen(const float* mono, std::size_t count) {
    const std::jthread onsets([&] { m_onsets.add(mono, count); });
    m_spectra.add(mono, count);
}

SongFeatures SongListener::finish() {
    if (m_resampler) {
        const auto rest = m_resampler->next({}, true);
        listen(rest.data(), rest.size());
    }
    SongFeatures song;
    song.seconds = static_cast<double>(m_frames) / m_sampleRate;
    song.onsets = m_onsets.finish();
    song.spectra = m_spectra.finish();
    song.prepare();
    return song;
}

namespace {

/// Listens to `samples` samples in pieces of six seconds; `add` hands a half-open span of them on.
template <typename Add>
SongFeatures inPieces(SongListener& listener, std::size_t samples, int channels, const Task& task, Add add) {
    const std::size_t piece = static_cast<std::size_t>(channels) << 18;
    for (std::size_t at = 0; at < samples; at += piece) {
        if (task.stopped()) return {};
        add(at, std::min(at + piece, samples));
        task.report(static_cast<double>(at) / static_cast<double>(samples));
    }
    return listener.finish();
}

} // namespace

SongFeatures songFeatures(const AudioBuffer& sound, const Task& task) {
    SongListener listener(sound.sampleRate, sound.channels);
    return inPieces(listener, sound.samples.size(), sound.channels, task,
                    [&](std::size_t from, std::size_t to) { listener.add(sound.samples.data() + from, to - from); });
}

SongFeatures songFeatures(const SongSound& sound, const Task& task) {
    SongListener listener(sound.sampleRate(), sound.channels());
    return inPieces(listener, sound.samples(), sound.channels(), task, [&](std::size_t from, std::size_t to) {
        const std::vector<float> piece = sound.part(from, to);
        listener.add(piece.data(), piece.size());
    });
}

void SongFeatures::prepare() {
    spectra.sumUp();
    flux = peaksAround(onsets.flux, onsets.rate);
    low = peaksAround(onsets.low, onsets.rate);
    high = peaksAround(onsets.high, onsets.rate);
    complexDomain = peaksAround(onsets.complexDomain, onsets.rate);
    pitch.resize(spectra.frames.size());
    for (std::size_t i = 0; i < pitch.size(); ++i)
        pitch[i] = static_cast<float>(spectra.pitchRise(static_cast<double>(i) * spectra.step, 0.08));
    harmony.resize(spectra.frames.size());
    for (std::size_t i = 0; i < harmony.size(); ++i)
        harmony[i] = static_cast<float>(harmonyChange(spectra, static_cast<double>(i) * spectra.step, harmonySpan));
    heard = hearPlaces(netFrames(*this));
    heard.step = spectra.step;
}

double SongFeatures::at(const std::vector<float>& function, double time) const {
    const auto i = static_cast<std::ptrdiff_t>(std::lround(time * onsets.rate));
    return i >= 0 && i < static_cast<std::ptrdiff_t>(function.size())
               ? static_cast<double>(function[static_cast<std::size_t>(i)])
               : 0;
}

double SongFeatures::harmonyAt(double time) const {
    const auto i = static_cast<std::ptrdiff_t>(std::lround(time / spectra.step));
    return i >= 0 && i < static_cast<std::ptrdiff_t>(harmony.size())
               ? static_cast<double>(harmony[static_cast<std::size_t>(i)])
               : 0;
}

std::vector<BeatCues> beatCues(const SongFeatures& song, const std::vector<double>& beats) {
    const auto n = static_cast<std::ptrdiff_t>(beats.size());
    std::vector<BeatCues> cues(beats.size());
    if (n < 2) return cues;
    const double period = (beats.back() - beats.front()) / static_cast<double>(n - 1);
    const auto time = [&](std::ptrdiff_t i) { // beyond the ends the tempo goes on
        if (i < 0) return beats.front() + period * static_cast<double>(i);
        if (i >= n) return beats.back() + period * static_cast<double>(i - n + 1);
        return beats[static_cast<std::size_t>(i)];
    };
    // For fast pulses "two beats" is not enough to hear a harmony: at least half a second on either side.
    const auto wide = std::max<std::ptrdiff_t>(2, static_cast<std::ptrdiff_t>(std::ceil(0.55 / period)));
    for (std::ptrdiff_t i = 0; i < n; ++i) {
        const auto b = static_cast<std::size_t>(i);
        BeatCues& c = cues[b];
        const SpectralFrame before = song.spectra.mean(time(i - 1), time(i) - 0.02);
        const SpectralFrame after = song.spectra.mean(time(i) + 0.03, time(i + 1));
        const SpectralFrame wideBefore = song.spectra.mean(time(i - wide), time(i) - 0.02);
        const SpectralFrame wideAfter = song.spectra.mean(time(i) + 0.03, time(i + wide));
        c[HarmonyNear] = difference(before.chroma, after.chroma);
        c[HarmonyWide] = difference(wideBefore.chroma, wideAfter.chroma);
        c[BassChange] = difference(wideBefore.bass, wideAfter.bass);
        c[LowOnset] = song.at(song.low, beats[b]);
        c[Accent] = song.at(song.flux, beats[b]) + song.at(song.complexDomain, beats[b]);
        c[HighOnset] = song.at(song.high, beats[b]);
        c[HeardBeat] = song.heard.at(song.heard.beat, beats[b]);
        c[HeardOne] = song.heard.at(song.heard.one, beats[b]);
        c[LevelRise] =
            std::log((1e-4 + static_cast<double>(wideAfter.level)) / (1e-4 + static_cast<double>(wideBefore.level)));
    }
    for (std::size_t k = 0; k <= LevelRise; ++k) { // in standard deviations, cut off at three
        double mean = 0, square = 0;
        for (const BeatCues& c : cues) {
            mean += c[k];
            square += c[k] * c[k];
        }
        mean /= static_cast<double>(n);
        const double deviation = std::sqrt(std::max(0.0, square / static_cast<double>(n) - mean * mean));
        for (BeatCues& c : cues) c[k] = deviation > 1e-9 ? std::clamp((c[k] - mean) / deviation, -3.0, 3.0) : 0;
    }
    return cues;
}

std::vector<double> strongPlaces(const std::vector<BeatCues>& cues, StrongPlace place) {
    if (place == StrongPlace::One) return onesHeard(cues);
    const PlaceModel& model = place == StrongPlace::UnevenOne ? unevenOneModel : unevenGroupModel;
    const double odds = place == StrongPlace::UnevenOne ? unevenOneOdds : unevenGroupOdds;
    const auto n = static_cast<std::ptrdiff_t>(cues.size());
    std::vector<double> out(cues.size(), 0);
    for (std::ptrdiff_t i = 0; i < n; ++i) {
        double sum = model.constant - odds;
        for (std::ptrdiff_t s = -2; s <= 2; ++s) {
            if (i + s < 0 || i + s >= n) continue;
            const BeatCues& c = cues[static_cast<std::size_t>(i + s)];
            const double* w = model.weights[s + 2];
            for (std::size_t k = 0; k < placeCues; ++k) sum += w[k] * c[k];
        }
        out[static_cast<std::size_t>(i)] = std::clamp(sum, -6.0, 6.0);
    }
    return out;
}

} // namespace lc
