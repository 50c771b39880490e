#include "audio/metre_reading.h"

#include "audio/beat_places.h"
#include "audio/in_parallel.h"
#include "audio/pulse_activation.h"
#include "audio/pulse_tracker.h"
#include "audio/small_net.h"

#include <algorithm>
#include <cmath>
#include <iterator>

namespace lc {

namespace {

constexpr double fastestBeat = 0.255, slowestBeat = 1.15;     // seconds of a beat that is danced
constexpr double fastestUneven = 0.13;                        // seconds of an eighth in an uneven bar
constexpr std::size_t fewestBeats = 8;

struct BarKind {
    int beats;
    std::vector<int> grouping;
    bool uneven;
};

const std::vector<BarKind>& barKinds() {
    static const std::vector<BarKind> kinds{{2, {}, false}, {3, {}, false}, {4, {}, false}, {5, {}, false}, {7, {}, false},
                                            {7, {3, 2, 2}, true}, {7, {2, 2, 3}, true}, {7, {2, 3, 2}, true}, {9, {2, 2, 2, 3}, true}, {5, {3, 2}, true}, {5, {2, 3}, true}};
    return kinds;
}

/// Mean strength of a derived function at the beats moved by `part` of a beat.
double strengthAt(const SongFeatures& song, const std::vector<float>& function, const std::vector<double>& beats, double part) {
    double sum = 0;
    for (std::size_t i = 0; i + 1 < beats.size(); ++i) sum += song.at(function, beats[i] + part * (beats[i + 1] - beats[i]));
    return beats.size() > 1 ? sum / static_cast<double>(beats.size() - 1) : 0;
}

/// Mean change of harmony at the beats moved by `part` of a beat.
double harmonyAt(const SongFeatures& song, const std::vector<double>& beats, double part) {
    double sum = 0;
    for (std::size_t i = 0; i + 1 < beats.size(); ++i) sum += song.harmonyAt(beats[i] + part * (beats[i + 1] - beats[i]));
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

/// Moments that tell where the beat is by themselves: the first and the last clear onset, and where the song changes most.
struct TellingMoments {
    double first = 0, last = 0;
    std::vector<double> changes;
};

TellingMoments tellingMoments(const SongFeatures& song) {
    TellingMoments out;
    const OnsetFunctions& o = song.onsets;
    std::vector<float> sorted = o.flux;
    if (sorted.size() < 100) return out;
    const auto at = sorted.begin() + static_cast<std::ptrdiff_t>(sorted.size() * 97 / 100);
    std::nth_element(sorted.begin(), at, sorted.end());
    const float clear = *at;
    const auto peakFrom = [&](std::size_t i) { // the flux's top within 60 ms
        std::size_t peak = i;
        for (std::size_t k = i; k < std::min(o.size(), i + static_cast<std::size_t>(0.06 * o.rate)); ++k)
            if (o.flux[k] > o.flux[peak]) peak = k;
        return o.secondsOf(static_cast<double>(peak));
    };
    for (std::size_t i = 0; i < o.size(); ++i)
        if (o.flux[i] > clear) { out.first = peakFrom(i); break; }
    for (std::size_t i = o.size(); i-- > 0;)
        if (o.flux[i] > clear) { out.last = o.secondsOf(static_cast<double>(i)); break; }
    // The bands' mean over 1.5 s before and after, at clear onsets; the greatest differences at least 3 s apart.
    std::vector<std::pair<double, double>> steps;
    for (std::size_t i = 0; i < o.size(); ++i) {
        if (o.flux[i] <= clear || (i > 0 && o.flux[i - 1] > clear)) continue;
        const double t = peakFrom(i);
        const SpectralFrame before = song.spectra.mean(t - 1.55, t - 0.05), after = song.spectra.mean(t, t + 1.5);
        double step = 0;
        for (std::size_t b = 0; b < before.bands.size(); ++b) step += std::abs(static_cast<double>(after.bands[b]) - static_cast<double>(before.bands[b]));
        steps.emplace_back(step, t);
    }
    std::sort(steps.begin(), steps.end(), [](const auto& a, const auto& b) { return a.first != b.first ? a.first > b.first : a.second < b.second; });
    for (const auto& [step, t] : steps)
        if (out.changes.size() < 12 && std::none_of(out.changes.begin(), out.changes.end(), [t = t](double other) { return std::abs(other - t) < 3; })) out.changes.push_back(t);
    return out;
}

/// Beats that lie within the sounding part of the song.
std::vector<double> withinSound(const SongFeatures& song, const std::vector<double>& beats) {
    const auto& level = song.onsets.level;
    if (level.empty()) return {};
    std::vector<float> sorted = level;
    const auto at = sorted.begin() + static_cast<std::ptrdiff_t>(sorted.size() * 9 / 10);
    std::nth_element(sorted.begin(), at, sorted.end());
    const float quiet = 0.03F * *at;
    std::size_t first = 0;
    while (first < level.size() && level[first] < quiet) ++first;
    std::size_t last = level.size();
    while (last > first && level[last - 1] < quiet) --last;
    const double from = song.onsets.secondsOf(static_cast<double>(first)) - 0.10;
    const double to = song.onsets.secondsOf(static_cast<double>(last)) - 0.05;
    std::vector<double> kept;
    for (double t : beats)
        if (t >= from && t < to) kept.push_back(t);
    return kept;
}

/// Share of beats that two readings have in common, within 50 ms.
double alike(const std::vector<double>& a, const std::vector<double>& b) {
    std::size_t i = 0, same = 0;
    for (double t : b) {
        while (i < a.size() && a[i] < t - 0.05) ++i;
        if (i < a.size() && a[i] <= t + 0.05) { ++same; ++i; }
    }
    return 2.0 * static_cast<double>(same) / static_cast<double>(a.size() + b.size());
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
        for (std::size_t k = 0; k < width; ++k) deviation[k] += (r[k] - mean[k]) * (r[k] - mean[k]) / static_cast<double>(rows.size());
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

struct PulseEvidence {
    std::vector<double> one, unevenOne, unevenGroup;
    std::vector<double> likeness;
    std::array<double, 22> cues{};
    std::array<double, 6> moments{};
    double alternation = 0; ///< low on every second beat, high on the others
};

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
    const double lowOther = std::max({at(song.low, 0.25), at(song.low, 0.75), at(song.low, 1.0 / 3), at(song.low, 2.0 / 3)});
    const double highOn = at(song.high, 0), highHalf = at(song.high, 0.5);
    const double harmonyOn = harmonyAt(song, pulse.beats, 0), harmonyHalf = harmonyAt(song, pulse.beats, 0.5);
    const double harmonyQuarter = 0.5 * (harmonyAt(song, pulse.beats, 0.25) + harmonyAt(song, pulse.beats, 0.75));
    // Even against odd beats: a pulse that is twice too fast limps.
    double even = 0, odd = 0, alternate = 0;
    std::size_t n = 0;
    for (std::size_t i = 0; i + 1 < pulse.beats.size(); i += 2, ++n) {
        alternate += song.at(song.low, pulse.beats[i]) - song.at(song.low, pulse.beats[i + 1]) - song.at(song.high, pulse.beats[i]) + song.at(song.high, pulse.beats[i + 1]);
        even += song.at(song.flux, pulse.beats[i]) + song.at(song.low, pulse.beats[i]);
        odd += song.at(song.flux, pulse.beats[i + 1]) + song.at(song.low, pulse.beats[i + 1]);
    }
    e.alternation = n ? std::abs(alternate) / static_cast<double>(n) : 0;
    const double bpm = std::log2(60 / pulse.period / 112);
    e.cues = {fluxOn, fluxOn - fluxHalf, fluxOn - std::max(thirdA, thirdB), fluxOn - std::max(quarterA, quarterB), lowOn - lowHalf, highOn - highHalf,
              10 * (harmonyOn - harmonyHalf), 10 * (harmonyOn - harmonyQuarter), pulse.trackScore, n ? std::abs(even - odd) / static_cast<double>(n) : 0,
              bpm, bpm * bpm, std::max(thirdA, thirdB) - fluxHalf, thirdA - thirdB, lowOn - lowOther, pulse.later > 0 ? 1.0 : 0.0,
              bpm > 0 ? bpm * bpm : 0, fluxHalf - quarterA, quarterB - quarterA, pulse.loose ? 1.0 : 0.0, pulse.soft ? 1.0 : 0.0,
              std::min(thirdA, thirdB) - fluxHalf};
    const auto onAgainstHalf = [&](const auto& value) { return meanAt(pulse.beats, 0, value) - meanAt(pulse.beats, 0.5, value); };
    double changes = 0;
    for (double t : telling.changes) changes += onBeat(pulse.beats, t) / static_cast<double>(telling.changes.size());
    e.moments = {onAgainstHalf([&](double t) { return std::sqrt(std::max(0.0, song.at(song.low, t) * song.at(song.high, t))); }), // a drum has both, a bass has not
                 onAgainstHalf([&](double t) { const double f = song.at(song.flux, t); return std::min(9.0, f * f); }),
                 100 * onAgainstHalf([&](double t) { const double h = song.harmonyAt(t); return h * h; }),
                 onBeat(pulse.beats, telling.first), onBeat(pulse.beats, telling.last), changes};
    return e;
}

void addReading(const PulseEvidence& e, const PulseCandidate& pulse, std::size_t index, const BarKind& kind, std::vector<MetreReading>& out) {
    const std::vector<double> one = kind.uneven ? unevenOnes(e.unevenOne, e.unevenGroup, kind.grouping) : e.one;
    const auto bars = solveBars(one, kind.beats);
    if (!bars || 2 * bars->odd > static_cast<int>(bars->lengths.size())) return; // most bars have another length: that reading is another one
    MetreReading r;
    r.pulse = index;
    r.beatsPerBar = kind.beats;
    r.grouping = kind.grouping;
    r.bars = *bars;
    const double seconds = pulse.beats.back() - pulse.beats.front();
    const auto nBars = static_cast<double>(bars->lengths.size());
    const auto n = static_cast<std::size_t>(kind.beats);
    std::copy(e.cues.begin(), e.cues.end(), r.cues.begin());
    std::size_t c = e.cues.size();
    const double barSeconds = std::log2(pulse.period * kind.beats / 2.0);
    double others = 0;
    int count = 0;
    for (std::size_t lag = 2; lag <= 8; ++lag)
        if (lag % n != 0 && n % lag != 0) { others += e.likeness[lag]; ++count; }
    r.cues[c++] = bars->score / nBars;
    r.cues[c++] = bars->score / seconds;
    r.cues[c++] = bars->odd / nBars;
    r.cues[c++] = barSeconds;
    r.cues[c++] = barSeconds * barSeconds;
    r.cues[c++] = e.likeness[std::min<std::size_t>(12, n)];
    r.cues[c++] = e.likeness[std::min<std::size_t>(12, n)] - (count ? others / count : 0);
    for (int beats : {2, 3, 4, 5, 7}) r.cues[c++] = !kind.uneven && kind.beats == beats ? 1.0 : 0.0;
    const double bpm = std::log2(60 / pulse.period / 112);
    const double triple = e.cues[21];
    for (int beats : {2, 3, 4}) {
        const bool mine = !kind.uneven && kind.beats == beats;
        r.cues[c++] = mine ? bpm : 0;
        r.cues[c++] = mine ? e.likeness[1] : 0;
        r.cues[c++] = mine ? e.likeness[2] - e.likeness[4] : 0;
        r.cues[c++] = mine ? triple : 0;
    }
    r.cues[c++] = (e.cues[4]) * bpm;
    r.cues[c++] = (e.cues[5]) * bpm;
    r.cues[c++] = (e.cues[1]) * bpm;
    r.cues[c++] = (e.cues[9]) * bpm;
    r.cues[c++] = e.alternation;
    r.cues[c++] = e.alternation * bpm;
    r.cues[c++] = kind.uneven && kind.beats == 7 ? 1.0 : 0.0;
    r.cues[c++] = kind.uneven && kind.beats == 9 ? 1.0 : 0.0;
    r.cues[c++] = kind.uneven && kind.beats == 5 ? 1.0 : 0.0;
    for (double cue : e.moments) r.cues[c++] = cue;
    out.push_back(std::move(r));
}

// Small nets judge the cues, because the whole is more than the sum of its parts: a quiet & means one thing at 100 beats a
// minute and another at 200.
#include "audio/reading_net.inc"

} // namespace

std::vector<PulseCandidate> pulseCandidates(const SongFeatures& song, const Task& task, std::optional<double> only) {
    const std::vector<float> activation = pulseActivation(song.onsets);
    const std::vector<double> found = pulsePeriods(song.onsets);
    std::vector<double> periods;
    const auto add = [&](double period) {
        if (period < fastestUneven || period > slowestBeat) return;
        for (double other : periods)
            if (std::abs(std::log(period / other)) < 0.05) return;
        periods.push_back(period);
    };
    if (only) periods = {*only};
    else
        for (double p : found) add(p);
    for (std::size_t i = 0; !only && i < std::min<std::size_t>(3, found.size()); ++i)
        for (double factor : {0.5, 2.0, 1.0 / 3, 3.0, 2.0 / 3, 1.5, 0.25}) add(found[i] * factor);
    std::vector<PulseCandidate> out;
    const std::vector<float> soft = softActivation(song.onsets, song.spectra);
    struct Way {
        double period;
        bool softly;
        double spread;
    };
    std::vector<Way> ways;
    for (double period : periods)
        for (const auto& [softly, spread] : {std::pair{false, 0.008}, {false, 0.035}, {true, 0.02}})
            if (!softly || period >= fastestBeat) ways.push_back({period, softly, spread});
    std::vector<PulseCandidate> followed(ways.size());
    const auto follow = [&](std::size_t w) {
        if (task.stopped()) return;
        const auto& [period, softly, spread] = ways[w];
        const PulseTrack track = trackPulse(softly ? soft : activation, song.onsets.rate, period, {.changeSpread = spread, .periodSpread = spread < 0.01 ? 0.03 : 0.25});
        PulseCandidate& c = followed[w];
        for (double f : alignedBeats(song.onsets, track.frames)) c.beats.push_back(song.onsets.secondsOf(f));
        c.beats = withinSound(song, c.beats);
        c.period = track.period;
        c.trackScore = track.score;
        c.loose = spread > 0.01;
        c.soft = softly;
    };
    inParallel(ways.size(), follow, [&](std::size_t w) { task.report(static_cast<double>(w) / static_cast<double>(ways.size())); });
    if (task.stopped()) return {};
    for (const PulseCandidate& c : followed) {
        if (c.beats.size() < fewestBeats) continue;
        const bool twin = std::any_of(out.begin(), out.end(), [&](const PulseCandidate& other) { return alike(other.beats, c.beats) > 0.95; });
        if (twin) continue;
        out.push_back(c);
        if (c.period < fastestBeat) continue; // part of an eighth later is nowhere
        for (double part : {0.5, 1.0 / 3, 2.0 / 3, 0.25, 0.75}) {
            if (c.period < slowestUneven && (part != 0.5 || !only)) continue; // a beat that fast has two parts, and is rare enough to be asked for
            PulseCandidate later = c;
            later.later = part;
            for (std::size_t k = 0; k + 1 < c.beats.size(); ++k) later.beats[k] = c.beats[k] + part * (c.beats[k + 1] - c.beats[k]);
            later.beats.back() += part * c.period;
            later.beats = withinSound(song, later.beats);
            if (later.beats.size() >= fewestBeats) out.push_back(std::move(later));
        }
    }
    return out;
}

std::vector<double> unevenOnes(const std::vector<double>& one, const std::vector<double>& group, const std::vector<int>& grouping) {
    std::vector<double> out = one;
    const std::size_t n = out.size();
    for (std::size_t b = 0; b < n; ++b) {
        std::size_t at = b;
        for (int size : grouping) {
            if (at < n) out[b] += 0.6 * group[at];
            for (int k = 1; k < size; ++k)
                if (at + static_cast<std::size_t>(k) < n) out[b] -= 0.3 * group[at + static_cast<std::size_t>(k)];
            at += static_cast<std::size_t>(size);
        }
    }
    return out;
}

MetreReadings readMetre(const SongFeatures& song, const Task& task, std::optional<double> only) {
    MetreReadings all;
    all.pulses = pulseCandidates(song, task.part(0, 0.6), only);
    const TellingMoments telling = tellingMoments(song);
    std::vector<std::vector<MetreReading>> ofPulse(all.pulses.size());
    const auto read = [&](std::size_t i) {
        if (task.stopped()) return;
        const PulseCandidate& pulse = all.pulses[i];
        const PulseEvidence e = evidenceOf(song, pulse, telling);
        for (const BarKind& kind : barKinds()) {
            const bool fits = kind.uneven ? pulse.period >= fastestUneven && pulse.period <= slowestUneven && pulse.later == 0 : only || pulse.period >= fastestBeat;
            if (fits) addReading(e, pulse, i, kind, ofPulse[i]);
        }
        for (MetreReading& r : ofPulse[i]) r.score = readingNets(r.cues);
    };
    inParallel(all.pulses.size(), read, [&](std::size_t i) { task.report(0.6 + 0.4 * static_cast<double>(i) / static_cast<double>(all.pulses.size())); });
    if (task.stopped()) return {};
    for (auto& readings : ofPulse) std::move(readings.begin(), readings.end(), std::back_inserter(all.readings));
    std::stable_sort(all.readings.begin(), all.readings.end(), [](const MetreReading& a, const MetreReading& b) { return a.score > b.score; });
    return all;
}

} // namespace lc
