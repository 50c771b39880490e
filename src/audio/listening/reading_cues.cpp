#include "audio/listening/reading_cues.h"

#include "core/base/quantile.h"

#include <algorithm>
#include <cmath>

namespace lc {

namespace {

/// Mean strength of a derived function at the beats moved by `part` of a beat.
double strengthAt(const SongFeatures& song, const std::vector<float>& function, const std::vector<double>& beats,
                  double part) {
    double sum = 0;
    for (std::size_t i = 0; i + 1 < beats.size(); ++i)
        sum += song.at(function, beats[i] + part * (beats[i + 1] - beats[i]));
    return beats.size() > 1 ? sum / static_cast<double>(beats.size() - 1) : 0;
}

/// Mean change of harmony at the beats moved by `part` of a beat.
double harmonyAt(const SongFeatures& song, const std::vector<double>& beats, double part) {
    double sum = 0;
    for (std::size_t i = 0; i + 1 < beats.size(); ++i)
        sum += song.harmonyAt(beats[i] + part * (beats[i + 1] - beats[i]));
    return beats.size() > 1 ? sum / static_cast<double>(beats.size() - 1) : 0;
}

/// Mean of what `value` says of the beats moved by `part` of a beat.
template <typename Value>
double meanAt(const std::vector<double>& beats, double part, const Value& value) {
    double sum = 0;
    for (std::size_t i = 0; i + 1 < beats.size(); ++i) sum += value(beats[i] + part * (beats[i + 1] - beats[i]));
    return beats.size() > 1 ? sum / static_cast<double>(beats.size() - 1) : 0;
}

/// 1 where a moment is on a beat, −1 half-way between two, 0 far from both or outside.
double onBeat(const std::vector<double>& beats, double at) {
    const auto after = std::upper_bound(beats.begin(), beats.end(), at + 0.04);
    if (after == beats.begin()) return 0;
    const double step = after == beats.end() ? *(after - 1) - *(after - 2) : *after - *(after - 1);
    if (after == beats.end() && at > beats.back() + 1.5 * step) return 0;
    const double part = (at - *(after - 1)) / step;
    const double near = std::min(std::abs(part), std::abs(part - 1));
    return near < 0.15 ? 1 : std::abs(part - 0.5) < 0.15 ? -1 : 0;
}

/// How alike the song is to itself `lag` beats later, beat by beat, in what begins and what sounds.
std::vector<double> selfLikeness(const SongFeatures& song, const std::vector<double>& beats, std::size_t mostLag) {
    constexpr std::size_t parts = 4; // of a beat
    std::vector<std::vector<double>> rows;
    for (std::size_t i = 0; i + 1 < beats.size(); ++i) {
        std::vector<double> row;
        for (std::size_t p = 0; p < parts; ++p) {
            const double at = beats[i] + static_cast<double>(p) / parts * (beats[i + 1] - beats[i]);
            row.push_back(song.at(song.low, at));
            row.push_back(song.at(song.high, at));
            row.push_back(song.at(song.flux, at));
        }
        rows.push_back(std::move(row));
    }
    std::vector<double> out(mostLag + 1, 0);
    if (rows.empty()) return out;
    const std::size_t width = rows.front().size();
    std::vector<double> mean(width, 0), deviation(width, 0);
    for (const auto& r : rows)
        for (std::size_t k = 0; k < width; ++k) mean[k] += r[k] / static_cast<double>(rows.size());
    for (const auto& r : rows)
        for (std::size_t k = 0; k < width; ++k)
            deviation[k] += (r[k] - mean[k]) * (r[k] - mean[k]) / static_cast<double>(rows.size());
    double energy = 1e-9;
    for (auto& r : rows)
        for (std::size_t k = 0; k < width; ++k) {
            r[k] -= mean[k];
            energy += r[k] * r[k];
        }
    for (std::size_t lag = 1; lag <= mostLag && lag < rows.size(); ++lag) {
        double dot = 0;
        for (std::size_t i = lag; i < rows.size(); ++i)
            for (std::size_t k = 0; k < width; ++k) dot += rows[i][k] * rows[i - lag][k];
        out[lag] = dot / energy * static_cast<double>(rows.size()) / static_cast<double>(rows.size() - lag);
    }
    return out;
}

constexpr std::size_t farthestReturn = 66; // beats
constexpr double slow = 60, fast = 200;    // a minute: beyond, hardly anybody counts (common practice, no source)

/// How alike the song is to itself `lag` beats later in what sounds: the mean of the cosines of pitch classes, beat by
/// beat.
std::vector<double> harmonyLikeness(const SongFeatures& song, const std::vector<double>& beats) {
    std::vector<std::array<float, 24>> rows;
    for (std::size_t i = 0; i + 1 < beats.size(); ++i) {
        const SpectralFrame f = song.spectra.mean(beats[i], beats[i + 1]);
        std::array<float, 24> row{};
        const auto put = [&](const std::array<float, 12>& classes, std::size_t at) {
            double mean = 0, length = 1e-12;
            for (float c : classes) mean += static_cast<double>(c) / 12;
            for (float c : classes) length += (static_cast<double>(c) - mean) * (static_cast<double>(c) - mean);
            for (std::size_t k = 0; k < 12; ++k)
                row[at + k] = static_cast<float>((static_cast<double>(classes[k]) - mean) / std::sqrt(2 * length));
        };
        put(f.chroma, 0);
        put(f.bass, 12);
        rows.push_back(row);
    }
    std::vector<double> out{1};
    for (std::size_t lag = 1; lag <= farthestReturn && 2 * lag < rows.size(); ++lag) {
        float sum = 0;
        for (std::size_t i = lag; i < rows.size(); ++i)
            for (std::size_t k = 0; k < 24; ++k) sum += rows[i][k] * rows[i - lag][k];
        out.push_back(static_cast<double>(sum) / static_cast<double>(rows.size() - lag));
    }
    return out;
}

/// How much more the song is like itself at 1, 2, 4 … times `n` beats than a beat before and after.
double returnsAt(const std::vector<double>& likeness, std::size_t n) {
    double sum = 0;
    int count = 0;
    for (std::size_t lag = n; lag + 1 < likeness.size(); lag *= 2, ++count)
        sum += likeness[lag] - 0.5 * (likeness[lag - 1] + likeness[lag + 1]);
    return count ? sum / count : 0;
}

/// What the listening net says of a pulse: gathered a second; at the beats, and against their halves and thirds; at
/// those; how many of its beats are between these, and of these not its.
std::array<double, 8> heardOf(const SongFeatures& song, const std::vector<double>& beats) {
    const HeardPlaces& heard = song.heard;
    const auto said = [&](double t) { return heard.at(heard.beat, t); };
    const double on = meanAt(beats, 0, said), half = meanAt(beats, 0.5, said),
                 third = std::max(meanAt(beats, 1.0 / 3, said), meanAt(beats, 2.0 / 3, said));
    constexpr float surely = 0; // logarithm of odds: as likely as not
    constexpr double hardly =
        -2.5; // logarithm of odds: one to twelve, chosen; the judge is trained on what comes of it
    double between = 0, peaks = 0, silent = 0, sum = 0;
    for (std::size_t k = 1; k + 1 < heard.beat.size(); ++k) {
        if (heard.beat[k] < surely || heard.beat[k] < heard.beat[k - 1] || heard.beat[k] <= heard.beat[k + 1]) continue;
        const double at = static_cast<double>(k) * heard.step;
        const auto after = std::lower_bound(beats.begin(), beats.end(), at);
        const double away =
            std::min(after == beats.end() ? 1e9 : *after - at, after == beats.begin() ? 1e9 : at - *std::prev(after));
        ++peaks;
        between += away > 0.05;
    }
    for (double t : beats) {
        sum += said(t);
        silent += said(t) < hardly;
    }
    return {sum / std::max(1.0, beats.back() - beats.front()),
            on,
            on - half,
            on - third,
            half,
            third,
            peaks > 0 ? between / peaks : 0.5,
            silent / static_cast<double>(beats.size())};
}

/// How alike the net's word for a 1 is to itself `lag` beats later: a correlation.
double onesAgain(const std::vector<double>& ones, std::size_t lag) {
    if (ones.size() < 2 * lag) return 0;
    double mean = 0, square = 1e-9, dot = 0;
    for (double o : ones) mean += o / static_cast<double>(ones.size());
    for (double o : ones) square += (o - mean) * (o - mean) / static_cast<double>(ones.size());
    for (std::size_t i = lag; i < ones.size(); ++i) dot += (ones[i] - mean) * (ones[i - lag] - mean);
    return dot / square / static_cast<double>(ones.size() - lag);
}

} // namespace

double pulseResonance(double bpm) {
    constexpr double peak = 2.0, damping = 1.0; // a second; as fitted there to tapping
    const double f = bpm / 60;
    const auto at = [&](double x) {
        return 1 / std::sqrt(std::pow(peak * peak - x * x, 2) + damping * x * x) -
               1 / std::sqrt(std::pow(peak, 4) + std::pow(x, 4));
    };
    return std::max(0.0, at(f) / at(peak));
}

TellingMoments tellingMoments(const SongFeatures& song) {
    TellingMoments out;
    const OnsetFunctions& o = song.onsets;
    if (o.flux.size() < 100) return out;
    const float clear = quantile(o.flux, 97, 100);
    const auto peakFrom = [&](std::size_t i) { // the flux's top within 60 ms
        std::size_t peak = i;
        for (std::size_t k = i; k < std::min(o.size(), i + static_cast<std::size_t>(0.06 * o.rate)); ++k)
            if (o.flux[k] > o.flux[peak]) peak = k;
        return o.secondsOf(static_cast<double>(peak));
    };
    constexpr float audible = 0.25F; // of what is clear
    const auto firstOver = [&](float least) {
        const auto found = std::find_if(o.flux.begin(), o.flux.end(), [&](float flux) { return flux > least; });
        return found == o.flux.end() ? 0.0 : peakFrom(static_cast<std::size_t>(found - o.flux.begin()));
    };
    out.begins = firstOver(audible * clear);
    out.first = firstOver(clear);
    for (std::size_t i = o.size(); i-- > 0;)
        if (o.flux[i] > clear) {
            out.last = o.secondsOf(static_cast<double>(i));
            break;
        }
    // The bands' mean over 1.5 s before and after, at clear onsets; the greatest differences at least 3 s apart.
    std::vector<std::pair<double, double>> steps;
    for (std::size_t i = 0; i < o.size(); ++i) {
        if (o.flux[i] <= clear || (i > 0 && o.flux[i - 1] > clear)) continue;
        const double t = peakFrom(i);
        const SpectralFrame before = song.spectra.mean(t - 1.55, t - 0.05), after = song.spectra.mean(t, t + 1.5);
        double step = 0;
        for (std::size_t b = 0; b < before.bands.size(); ++b)
            step += std::abs(static_cast<double>(after.bands[b]) - static_cast<double>(before.bands[b]));
        steps.emplace_back(step, t);
    }
    std::sort(steps.begin(), steps.end(), [](const auto& a, const auto& b) {
        return a.first != b.first ? a.first > b.first : a.second < b.second;
    });
    for (const auto& [step, t] : steps)
        if (out.changes.size() < 12 && std::none_of(out.changes.begin(), out.changes.end(),
                                                    [t = t](double other) { return std::abs(other - t) < 3; }))
            out.changes.push_back(t);
    return out;
}

PulseEvidence evidenceOf(const SongFeatures& song, const PulseCandidate& pulse, const TellingMoments& telling) {
    PulseEvidence e;
    const auto cues = beatCues(song, pulse.beats);
    e.one = strongPlaces(cues, StrongPlace::One);
    e.unevenOne = strongPlaces(cues, StrongPlace::UnevenOne);
    e.unevenGroup = strongPlaces(cues, StrongPlace::UnevenGroup);
    e.likeness = selfLikeness(song, pulse.beats, 12);
    const auto at = [&](const std::vector<float>& f, double part) { return strengthAt(song, f, pulse.beats, part); };
    const double fluxOn = at(song.flux, 0), fluxHalf = at(song.flux, 0.5);
    const double thirdA = at(song.flux, 1.0 / 3), thirdB = at(song.flux, 2.0 / 3);
    const double quarterA = at(song.flux, 0.25), quarterB = at(song.flux, 0.75);
    const double lowOn = at(song.low, 0), lowHalf = at(song.low, 0.5);
    const double lowOther =
        std::max({at(song.low, 0.25), at(song.low, 0.75), at(song.low, 1.0 / 3), at(song.low, 2.0 / 3)});
    const double highOn = at(song.high, 0), highHalf = at(song.high, 0.5);
    const double harmonyOn = harmonyAt(song, pulse.beats, 0), harmonyHalf = harmonyAt(song, pulse.beats, 0.5);
    const double harmonyQuarter = 0.5 * (harmonyAt(song, pulse.beats, 0.25) + harmonyAt(song, pulse.beats, 0.75));
    // Even against odd beats: a pulse that is twice too fast limps.
    double even = 0, odd = 0, alternate = 0;
    std::size_t n = 0;
    for (std::size_t i = 0; i + 1 < pulse.beats.size(); i += 2, ++n) {
        alternate += song.at(song.low, pulse.beats[i]) - song.at(song.low, pulse.beats[i + 1]) -
                     song.at(song.high, pulse.beats[i]) + song.at(song.high, pulse.beats[i + 1]);
        even += song.at(song.flux, pulse.beats[i]) + song.at(song.low, pulse.beats[i]);
        odd += song.at(song.flux, pulse.beats[i + 1]) + song.at(song.low, pulse.beats[i + 1]);
    }
    e.alternation = n ? std::abs(alternate) / static_cast<double>(n) : 0;
    const double bpm = std::log2(60 / pulse.period / 112);
    e.cues = {fluxOn,
              fluxOn - fluxHalf,
              fluxOn - std::max(thirdA, thirdB),
              fluxOn - std::max(quarterA, quarterB),
              lowOn - lowHalf,
              highOn - highHalf,
              10 * (harmonyOn - harmonyHalf),
              10 * (harmonyOn - harmonyQuarter),
              pulse.trackScore,
              n ? std::abs(even - odd) / static_cast<double>(n) : 0,
              bpm,
              bpm * bpm,
              std::max(thirdA, thirdB) - fluxHalf,
              thirdA - thirdB,
              lowOn - lowOther,
              pulse.later > 0 ? 1.0 : 0.0,
              bpm > 0 ? bpm * bpm : 0,
              fluxHalf - quarterA,
              quarterB - quarterA,
              pulse.loose ? 1.0 : 0.0,
              pulse.soft ? 1.0 : 0.0,
              std::min(thirdA, thirdB) - fluxHalf};
    const auto onAgainstHalf = [&](const auto& value) {
        return meanAt(pulse.beats, 0, value) - meanAt(pulse.beats, 0.5, value);
    };
    double changes = 0;
    for (double t : telling.changes) changes += onBeat(pulse.beats, t) / static_cast<double>(telling.changes.size());
    e.moments = {onAgainstHalf([&](double t) {
                     return std::sqrt(std::max(0.0, song.at(song.low, t) * song.at(song.high, t)));
                 }), // a drum has both, a bass has not
                 onAgainstHalf([&](double t) {
                     const double f = song.at(song.flux, t);
                     return std::min(9.0, f * f);
                 }),
                 100 * onAgainstHalf([&](double t) {
                     const double h = song.harmonyAt(t);
                     return h * h;
                 }),
                 onBeat(pulse.beats, telling.first),
                 onBeat(pulse.beats, telling.last),
                 changes,
                 onBeat(pulse.beats, telling.begins)};
    e.heard = heardOf(song, pulse.beats);
    for (double t : pulse.beats) {
        e.heardOnes.push_back(song.heard.at(song.heard.one, t));
        e.phraseStarts.push_back(1 / (1 + std::exp(-song.heard.at(song.heard.phrase, t))));
    }
    for (std::size_t lag = 1; lag < e.onesAgain.size(); ++lag) e.onesAgain[lag] = onesAgain(e.heardOnes, lag);
    const auto beatAt = [&](double t) {
        const auto after = std::lower_bound(pulse.beats.begin(), pulse.beats.end(), t);
        const auto near =
            after == pulse.beats.end() || (after != pulse.beats.begin() && t - *std::prev(after) < *after - t)
                ? std::prev(after)
                : after;
        return std::abs(*near - t) < 0.15 * pulse.period + 0.02 ? static_cast<int>(near - pulse.beats.begin()) : -1;
    };
    for (double t : telling.changes)
        if (const int beat = beatAt(t); beat >= 0) e.telling.push_back(beat);
    e.begins = beatAt(telling.begins);
    e.first = beatAt(telling.first);
    e.last = beatAt(telling.last);
    e.beats = cues;
    e.returns = harmonyLikeness(song, pulse.beats);
    const double perMinute = 60 / pulse.period, resonance = pulseResonance(perMinute);
    e.counted = {resonance, std::log(resonance + 0.02), std::max(0.0, std::log2(slow / perMinute)),
                 std::max(0.0, std::log2(perMinute / fast))};
    return e;
}

std::array<double, readingCues> cuesOf(const PulseEvidence& e, const PulseCandidate& pulse, const BarPath& bars,
                                       int beatsPerBar, bool uneven, double best) {
    std::array<double, readingCues> cues{};
    const double seconds = pulse.beats.back() - pulse.beats.front();
    const auto nBars = static_cast<double>(bars.lengths.size());
    const auto n = static_cast<std::size_t>(beatsPerBar);
    std::copy(e.cues.begin(), e.cues.end(), cues.begin());
    std::size_t c = e.cues.size();
    const double barSeconds = std::log2(pulse.period * beatsPerBar / 2.0);
    double others = 0;
    int count = 0;
    for (std::size_t lag = 2; lag <= 8; ++lag)
        if (lag % n != 0 && n % lag != 0) {
            others += e.likeness[lag];
            ++count;
        }
    cues[c++] = bars.score / nBars;
    cues[c++] = bars.score / seconds;
    cues[c++] = bars.odd / nBars;
    cues[c++] = barSeconds;
    cues[c++] = barSeconds * barSeconds;
    cues[c++] = e.likeness[std::min<std::size_t>(12, n)];
    cues[c++] = e.likeness[std::min<std::size_t>(12, n)] - (count ? others / count : 0);
    for (int beats : {2, 3, 4, 5, 7}) cues[c++] = !uneven && beatsPerBar == beats ? 1.0 : 0.0;
    const double bpm = std::log2(60 / pulse.period / 112);
    const double triple = e.cues[21];
    for (int beats : {2, 3, 4}) {
        const bool mine = !uneven && beatsPerBar == beats;
        cues[c++] = mine ? bpm : 0;
        cues[c++] = mine ? e.likeness[1] : 0;
        cues[c++] = mine ? e.likeness[2] - e.likeness[4] : 0;
        cues[c++] = mine ? triple : 0;
    }
    cues[c++] = (e.cues[4]) * bpm;
    cues[c++] = (e.cues[5]) * bpm;
    cues[c++] = (e.cues[1]) * bpm;
    cues[c++] = (e.cues[9]) * bpm;
    cues[c++] = e.alternation;
    cues[c++] = e.alternation * bpm;
    cues[c++] = uneven && beatsPerBar == 7 ? 1.0 : 0.0;
    cues[c++] = uneven && beatsPerBar == 9 ? 1.0 : 0.0;
    cues[c++] = uneven && beatsPerBar == 5 ? 1.0 : 0.0;
    for (double cue : e.moments) cues[c++] = cue;
    for (double cue : e.heard) cues[c++] = cue;
    for (double cue : e.counted) cues[c++] = cue;
    double again = -1, returned = 0;
    for (std::size_t m : {2U, 3U, 4U, 5U, 7U})
        if (m != n && m != 2 * n && n != 2 * m) {
            again = std::max(again, e.onesAgain[m]);
            returned = std::max(returned, returnsAt(e.returns, m));
        }
    std::vector<char> is(pulse.beats.size(), 0); // a 1, or the middle of a bar of an even number of beats
    constexpr char one = 1, middle = 2;
    std::size_t b = bars.pickup;
    for (int length : bars.lengths) {
        is[b] = one;
        if (length == beatsPerBar && length % 2 == 0) is[b + static_cast<std::size_t>(length) / 2] = middle;
        b += static_cast<std::size_t>(length);
    }
    const auto rest1 = std::max(1.0, static_cast<double>(is.size()) - nBars);
    const auto meanOf = [&](char which, const auto& value) {
        double sum = 0, found = 0;
        for (std::size_t k = 0; k < is.size(); ++k)
            if (is[k] == which) {
                sum += value(k);
                ++found;
            }
        return found > 0 ? sum / found : 0;
    };
    const auto onOnes = [&](const auto& value) { // against all others
        double sum = 0, rest = 0;
        for (std::size_t k = 0; k < is.size(); ++k) (is[k] == one ? sum : rest) += value(k);
        return sum / nBars - rest / rest1;
    };
    const auto heardOne = [&](std::size_t k) { return e.heardOnes[k]; };
    cues[c++] = meanOf(one, heardOne);
    cues[c++] = onOnes(heardOne);
    cues[c++] = meanOf(one, heardOne) * nBars / seconds;
    cues[c++] = e.onesAgain[std::min<std::size_t>(8, n)];
    cues[c++] = e.onesAgain[std::min<std::size_t>(8, n)] - again;
    cues[c++] = returnsAt(e.returns, n);
    cues[c++] = returnsAt(e.returns, 2 * n);
    cues[c++] = returnsAt(e.returns, n) - returned;
    cues[c++] = (best - bars.score) / nBars;
    cues[c++] = (best - bars.score) / seconds;
    for (std::size_t k = 0; k <= LevelRise; ++k) cues[c++] = onOnes([&](std::size_t beat) { return e.beats[beat][k]; });
    for (const BeatCue k : {HarmonyWide, BassChange, LowOnset, HighOnset})
        cues[c++] = meanOf(middle, [&](std::size_t beat) { return e.beats[beat][k]; });
    cues[c++] = onOnes([&](std::size_t beat) { return e.phraseStarts[beat]; });
    double changes = 0;
    for (int beat : e.telling) changes += is[static_cast<std::size_t>(beat)] == one;
    cues[c++] = e.telling.empty() ? 0 : changes / static_cast<double>(e.telling.size()) - 1.0 / static_cast<double>(n);
    for (int beat : {e.first, e.begins, e.last})
        cues[c++] = beat < 0 ? 0 : is[static_cast<std::size_t>(beat)] == one ? 1 : -1.0 / static_cast<double>(n);
    return cues;
}

} // namespace lc
