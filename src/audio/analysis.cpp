#include "audio/analysis.h"

#include "audio/bar_inference.h"
#include "audio/onset_tracker.h"
#include "audio/phrase_inference.h"
#include "audio/resample.h"
#include "audio/spectral_features.h"

#include <algorithm>
#include <cmath>

namespace lc {

namespace {

constexpr float quiet = 0.03F;       // of the loud passages' level: where the song has begun and not yet ended
constexpr float stopLevel = 0.12F;   // of the median level: below it the band is silent, only its echo is heard
constexpr float echoLevel = 0.6F;     // of the median level: an echo, where the band stopped on the bar
constexpr float tailLevel = 0.3F;     // of the loud level: below it an unfinished last bar is only the song ringing out
constexpr double supportLevel = 0.3;   // of the median onset under a beat: below it nothing was struck
constexpr std::size_t fewestBeats = 8;
constexpr double steadyEnough = 0.25; // median relative change between neighbouring beats, beyond it there is no pulse

tl::unexpected<Error> noPulse() {
    return fail(ErrorCode::NoPulse, "No steady pulse was found in this recording. It can still be played.");
}

tl::unexpected<Error> cancelled() { return fail(ErrorCode::Cancelled, "The analysis was stopped."); }

/// Level that loud passages reach: the 90th hundredth of all frames.
float loudLevel(const SpectralFrames& frames) {
    std::vector<float> levels;
    for (const SpectralFrame& f : frames.frames) levels.push_back(f.level);
    if (levels.empty()) return 0;
    const auto at = levels.begin() + static_cast<std::ptrdiff_t>(levels.size() * 9 / 10);
    std::nth_element(levels.begin(), at, levels.end());
    return *at;
}

/// Beats in the silence before and after the song are dropped.
void trimToSound(TrackedBeats& beats, const SpectralFrames& frames, float loud) {
    std::size_t first = 0;
    while (first < frames.frames.size() && frames.frames[first].level < quiet * loud) ++first;
    std::size_t last = frames.frames.size();
    while (last > first && frames.frames[last - 1].level < quiet * loud) --last;
    const double from = static_cast<double>(first) * frames.step - 0.08;
    const double to = static_cast<double>(last) * frames.step;
    TrackedBeats kept;
    for (std::size_t i = 0; i < beats.seconds.size(); ++i)
        if (beats.seconds[i] >= from && beats.seconds[i] < to) {
            kept.seconds.push_back(beats.seconds[i]);
            kept.strength.push_back(beats.strength[i]);
        }
    beats = std::move(kept);
}

/// Where nothing is struck (a stop, a last chord ringing out) the tracker drifts; there the tempo around it goes on:
/// runs of unsupported beats between supported ones are laid out evenly, at the end the last tempo is kept.
void bridgeUnsupported(TrackedBeats& beats) {
    const auto n = static_cast<std::ptrdiff_t>(beats.seconds.size());
    if (n < 12) return;
    std::vector<double> sorted = beats.strength;
    std::nth_element(sorted.begin(), sorted.begin() + n / 2, sorted.end());
    const double needed = supportLevel * sorted[static_cast<std::size_t>(n / 2)];
    const auto weak = [&](std::ptrdiff_t i) { return beats.strength[static_cast<std::size_t>(i)] < needed; };
    const auto periodAround = [&](std::ptrdiff_t i, int way) { // median of eight gaps before (−1) or after (1)
        std::vector<double> gaps;
        for (std::ptrdiff_t k = 1; k <= 8; ++k) {
            const std::ptrdiff_t a = i + way * k, b = i + way * (k - 1);
            if (a >= 0 && a < n && b >= 0 && b < n)
                gaps.push_back(std::abs(beats.seconds[static_cast<std::size_t>(b)] - beats.seconds[static_cast<std::size_t>(a)]));
        }
        std::nth_element(gaps.begin(), gaps.begin() + static_cast<std::ptrdiff_t>(gaps.size() / 2), gaps.end());
        return gaps[gaps.size() / 2];
    };
    TrackedBeats out;
    for (std::ptrdiff_t i = 0; i < n;) {
        if (!weak(i) || i == 0 || (i + 1 < n && !weak(i + 1))) {
            out.seconds.push_back(beats.seconds[static_cast<std::size_t>(i)]);
            out.strength.push_back(beats.strength[static_cast<std::size_t>(i)]);
            ++i;
            continue;
        }
        std::ptrdiff_t end = i;
        while (end < n && weak(end)) ++end;
        const double before = beats.seconds[static_cast<std::size_t>(i - 1)];
        const double period = periodAround(i - 1, -1);
        const double gap = (end < n ? beats.seconds[static_cast<std::size_t>(end)] : beats.seconds.back() + 0.5 * period) - before;
        const auto steps = end < n ? std::max(1L, std::lround(gap / period)) : static_cast<long>(gap / period) + 1;
        const double step = end < n ? gap / static_cast<double>(steps) : period;
        for (long k = 1; k < steps; ++k) {
            out.seconds.push_back(before + step * static_cast<double>(k));
            out.strength.push_back(0.1);
        }
        i = end;
    }
    beats = std::move(out);
}

bool steady(const std::vector<double>& times) {
    std::vector<double> change;
    for (std::size_t i = 2; i < times.size(); ++i) {
        const double a = times[i - 1] - times[i - 2];
        const double b = times[i] - times[i - 1];
        change.push_back(std::abs(b - a) / std::max(a, b));
    }
    if (change.empty()) return false;
    const auto middle = change.begin() + static_cast<std::ptrdiff_t>(change.size() / 2);
    std::nth_element(change.begin(), middle, change.end());
    return *middle < steadyEnough;
}

double chromaChange(const std::array<float, 12>& a, const std::array<float, 12>& b) {
    double dot = 0, na = 0, nb = 0;
    for (std::size_t i = 0; i < 12; ++i) {
        dot += static_cast<double>(a[i] * b[i]);
        na += static_cast<double>(a[i] * a[i]);
        nb += static_cast<double>(b[i] * b[i]);
    }
    return na > 0 && nb > 0 ? 1 - dot / std::sqrt(na * nb) : 0;
}

BeatEvidence evidenceOf(const TrackedBeats& beats, const SpectralFrames& frames) {
    BeatEvidence evidence;
    const auto& t = beats.seconds;
    const std::size_t n = t.size();
    const auto time = [&](std::ptrdiff_t i) { // beyond the ends the tempo goes on
        const double gap = n > 1 ? t[1] - t[0] : 0.5;
        if (i < 0) return t[0] + gap * static_cast<double>(i);
        if (i >= static_cast<std::ptrdiff_t>(n)) return t[n - 1] + gap * static_cast<double>(i - static_cast<std::ptrdiff_t>(n) + 1);
        return t[static_cast<std::size_t>(i)];
    };
    for (std::size_t b = 0; b < n; ++b) {
        const auto i = static_cast<std::ptrdiff_t>(b);
        const SpectralFrame before = frames.mean(time(i - 2), time(i) - 0.02);
        const SpectralFrame after = frames.mean(time(i) + 0.04, time(i + 2));
        evidence.harmony.push_back(chromaChange(before.chroma, after.chroma));
        const SpectralFrame here = frames.mean(time(i) - 0.02, time(i) + 0.14);
        const SpectralFrame just = frames.mean(time(i) - 0.12, time(i) - 0.02);
        evidence.bass.push_back(std::log10(1e-3 + static_cast<double>(here.low)) - 0.5 * std::log10(1e-3 + static_cast<double>(just.low)));
        evidence.back.push_back(std::log10(1e-3 + static_cast<double>(here.high)));
        evidence.accent.push_back(std::log10(1e-3 + beats.strength[b]));
    }
    return evidence;
}

BarSound soundOf(const SpectralFrame& f) {
    BarSound sound;
    double sum = 1e-9;
    for (float c : f.chroma) sum += static_cast<double>(c);
    for (float c : f.chroma) sound.push_back(static_cast<double>(c) / sum);
    for (float b : f.bands) { // bands twice: who plays tells phrases apart better than which chord
        sound.push_back(static_cast<double>(b));
        sound.push_back(static_cast<double>(b));
    }
    sound.push_back(static_cast<double>(f.level));
    return sound;
}

/// An unfinished last bar in which nothing is struck any more is the song ringing out, not music to dance to.
void dropTail(SongMap& map, InferredBars& bars, const SpectralFrames& frames, float loud) {
    const int last = bars.lengths.back();
    if (bars.lengths.size() < 2 || last >= bars.beatsPerBar) return;
    const std::size_t from = map.beats.size() - static_cast<std::size_t>(last);
    if (frames.mean(map.beats[from].time, map.end).level > tailLevel * loud) return;
    map.end = map.beats[from].time;
    map.beats.resize(from);
    bars.lengths.pop_back();
}

/// Phrases in bars, by what each bar sounds like and how bright its head is (a crash, a fill just over).
std::vector<std::size_t> phrasesOf(const SongMap& map, const InferredBars& bars, const SpectralFrames& frames) {
    std::vector<BarSound> sounds;
    std::vector<double> freshness;
    std::size_t beat = bars.pickup;
    for (int length : bars.lengths) {
        const std::size_t next = beat + static_cast<std::size_t>(length);
        const double from = map.beats[beat].time;
        const double to = next < map.beats.size() ? map.beats[next].time : map.end;
        sounds.push_back(soundOf(frames.mean(from, to)));
        freshness.push_back(static_cast<double>(frames.mean(from + 0.05, from + 0.45).bands[5]));
        beat = next;
    }
    return inferPhrases(sounds, freshness, bars.lengths);
}

void addStops(SongMap& map, const SpectralFrames& frames) {
    std::vector<float> levels;
    const auto nextTime = [&](std::size_t b) { return b + 1 < map.beats.size() ? map.beats[b + 1].time : map.end; };
    for (std::size_t b = 0; b < map.beats.size(); ++b) {
        const double length = nextTime(b) - map.beats[b].time;
        levels.push_back(frames.mean(map.beats[b].time + 0.5 * length, map.beats[b].time + 0.95 * length).level);
    }
    if (levels.size() < fewestBeats) return;
    std::vector<float> sorted = levels;
    std::nth_element(sorted.begin(), sorted.begin() + static_cast<std::ptrdiff_t>(sorted.size() / 2), sorted.end());
    const float limit = stopLevel * sorted[sorted.size() / 2];
    for (std::size_t b = 1; b < levels.size();) {
        std::size_t e = b;
        while (e < levels.size() && levels[e] < limit) ++e;
        if (e - b >= 2 && e < levels.size()) {
            // The first beat of a stop still has the echo of what came before: if a bar begins there, the stop does too.
            const auto bar = barOfBeat(map, b - 1);
            const bool echo = bar && map.bars[*bar].firstBeat == b - 1 && levels[b - 1] < echoLevel * sorted[sorted.size() / 2];
            const std::size_t start = echo ? b - 1 : b;
            map.stops.push_back({map.beats[start].time, map.beats[e].time, static_cast<int>(e - start)});
        }
        b = std::max(e, b + 1);
    }
}

} // namespace

Result<SongMap> analyseSong(const AudioBuffer& sound, const Task& task) {
    if (sound.seconds() < 4) return noPulse();
    const AudioBuffer single = resampled(mono(sound), 44100);
    if (task.stopped()) return cancelled();
    TrackedBeats beats = trackBeats(single, task.part(0.05, 0.65));
    if (task.stopped()) return cancelled();
    const SpectralFrames frames = spectralFrames(single, task.part(0.65, 0.97));
    if (task.stopped()) return cancelled();
    const float loud = loudLevel(frames);
    if (loud < 1e-4F) return noPulse();
    trimToSound(beats, frames, loud);
    bridgeUnsupported(beats);
    if (beats.seconds.size() < fewestBeats || !steady(beats.seconds)) return noPulse();

    SongMap map;
    for (std::size_t i = 0; i < beats.seconds.size(); ++i)
        map.beats.push_back({beats.seconds[i], std::clamp(beats.strength[i] / (1 + beats.strength[i]), 0.05, 1.0), false});
    map.end = beats.seconds.back() + (beats.seconds.back() - beats.seconds[beats.seconds.size() - 2]);
    InferredBars bars = inferBars(evidenceOf(beats, frames));
    dropTail(map, bars, frames, loud);
    const std::vector<std::size_t> phrases = phrasesOf(map, bars, frames);
    settleOddBars(bars, phrases);
    map.metre = {bars.beatsPerBar, 4, {}};
    map.pickupBeats = bars.pickup;
    std::size_t beat = bars.pickup;
    for (int length : bars.lengths) {
        map.bars.push_back({beat, length, {}, false});
        beat += static_cast<std::size_t>(length);
    }
    std::size_t bar = 0;
    for (std::size_t length : phrases) {
        map.phrases.push_back({bar, length, "Phrase " + std::to_string(map.phrases.size() + 1), false});
        bar += length;
    }
    addStops(map, frames);
    task.report(1);
    if (auto valid = validate(map); !valid) return tl::unexpected(valid.error());
    return map;
}

} // namespace lc
