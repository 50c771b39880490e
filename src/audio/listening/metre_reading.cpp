#include "audio/listening/metre_reading.h"

#include "audio/listening/beat_places.h"
#include "audio/listening/in_parallel.h"
#include "audio/listening/pulse_activation.h"
#include "audio/listening/pulse_tracker.h"
#include "audio/listening/reading_cues.h"
#include "audio/listening/small_net.h"
#include "core/base/quantile.h"

#include <algorithm>
#include <cmath>
#include <iterator>

namespace lc {

namespace {

constexpr double fastestBeat = 0.255, slowestBeat = 1.15; // seconds of a beat that is danced
constexpr double fastestUneven = 0.13;                    // seconds of an eighth in an uneven bar
constexpr std::size_t fewestBeats = 8;                    // two bars of four: fewer repeat nothing
constexpr double looseCosts =
    0.3; // logarithm of odds: where a steady following of the same beats is as likely, its beats sway less by chance
constexpr std::size_t longestOnEachBeat = 5, likelyBegins = 2; // bars to so many beats are tried from each beat that
                                                               // they may begin on, longer ones from the likeliest

struct BarKind {
    int beats;
    std::vector<int> grouping;
    bool uneven;
};

const std::vector<BarKind>& barKinds() {
    static const std::vector<BarKind> kinds{{2, {}, false},       {3, {}, false},       {4, {}, false},
                                            {5, {}, false},       {7, {}, false},       {7, {3, 2, 2}, true},
                                            {7, {2, 2, 3}, true}, {7, {2, 3, 2}, true}, {9, {2, 2, 2, 3}, true},
                                            {5, {3, 2}, true},    {5, {2, 3}, true}};
    return kinds;
}

/// Beats that lie within the sounding part of the song.
std::vector<double> withinSound(const SongFeatures& song, const std::vector<double>& beats) {
    const auto& level = song.onsets.level;
    if (level.empty()) return {};
    const float quiet = 0.03F * quantile(level, 9, 10);
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
        if (i < a.size() && a[i] <= t + 0.05) {
            ++same;
            ++i;
        }
    }
    return 2.0 * static_cast<double>(same) / static_cast<double>(a.size() + b.size());
}

/// Bars that are all alike, the first on the beat `pickup`.
BarPath steadyBars(const std::vector<double>& one, int beats, std::size_t pickup) {
    BarPath path;
    path.pickup = pickup;
    for (std::size_t b = pickup; b < one.size(); b += static_cast<std::size_t>(beats)) {
        path.score += one[b];
        path.lengths.push_back(std::min(beats, static_cast<int>(one.size() - b)));
    }
    return path;
}

void addReadings(const PulseEvidence& e, const PulseCandidate& pulse, std::size_t index, const BarKind& kind,
                 std::vector<MetreReading>& out) {
    const std::vector<double> one = kind.uneven ? unevenOnes(e.unevenOne, e.unevenGroup, kind.grouping) : e.one;
    const std::size_t begins = std::min<std::size_t>(one.size(), static_cast<std::size_t>(kind.beats));
    std::vector<BarPath> paths;
    for (std::size_t pickup = 0; pickup < begins; ++pickup) paths.push_back(steadyBars(one, kind.beats, pickup));
    std::stable_sort(paths.begin(), paths.end(), [](const BarPath& a, const BarPath& b) { return a.score > b.score; });
    if (paths.size() > longestOnEachBeat) paths.resize(likelyBegins);
    const auto free = solveBars(one, kind.beats);
    const double best = std::max(free ? free->score : -1e9, paths.front().score);
    if (free && free->odd > 0 && 2 * free->odd <= static_cast<int>(free->lengths.size()))
        paths.push_back(*free); // where most bars have another length, that is another reading
    for (BarPath& bars : paths) {
        MetreReading r;
        r.pulse = index;
        r.beatsPerBar = kind.beats;
        r.grouping = kind.grouping;
        r.steady = bars.odd == 0;
        r.cues = cuesOf(e, pulse, bars, kind.beats, kind.uneven, best);
        r.bars = std::move(bars);
        out.push_back(std::move(r));
    }
}

// Small nets judge the cues, because the whole is more than the sum of its parts: a quiet & means one thing at 100
// beats a minute and another at 200.
#include "audio/listening/reading_net.inc"

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
    if (only)
        periods = {*only};
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
        const PulseTrack track = trackPulse(softly ? soft : activation, song.onsets.rate, period,
                                            {.changeSpread = spread, .periodSpread = spread < 0.01 ? 0.03 : 0.25});
        PulseCandidate& c = followed[w];
        for (double f : alignedBeats(song.onsets, track.frames)) c.beats.push_back(song.onsets.secondsOf(f));
        c.beats = withinSound(song, c.beats);
        c.period = track.period;
        c.trackScore = track.score;
        c.loose = spread > 0.01;
        c.soft = softly;
    };
    inParallel(ways.size(), follow,
               [&](std::size_t w) { task.report(static_cast<double>(w) / static_cast<double>(ways.size())); });
    if (task.stopped()) return {};
    for (const PulseCandidate& c : followed) {
        if (c.beats.size() < fewestBeats) continue;
        const bool twin = std::any_of(out.begin(), out.end(),
                                      [&](const PulseCandidate& other) { return alike(other.beats, c.beats) > 0.95; });
        if (twin) continue;
        out.push_back(c);
        if (c.period < fastestBeat) continue; // part of an eighth later is nowhere
        for (double part : {0.5, 1.0 / 3, 2.0 / 3, 0.25, 0.75}) {
            if (c.period < slowestUneven && (part != 0.5 || !only))
                continue; // a beat that fast has two parts, and is rare enough to be asked for
            PulseCandidate later = c;
            later.later = part;
            for (std::size_t k = 0; k + 1 < c.beats.size(); ++k)
                later.beats[k] = c.beats[k] + part * (c.beats[k + 1] - c.beats[k]);
            later.beats.back() += part * c.period;
            later.beats = withinSound(song, later.beats);
            if (later.beats.size() >= fewestBeats) out.push_back(std::move(later));
        }
    }
    return out;
}

std::vector<double> unevenOnes(const std::vector<double>& one, const std::vector<double>& group,
                               const std::vector<int>& grouping) {
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
            const bool fits = kind.uneven
                                  ? pulse.period >= fastestUneven && pulse.period <= slowestUneven && pulse.later == 0
                                  : only || pulse.period >= fastestBeat;
            if (fits) addReadings(e, pulse, i, kind, ofPulse[i]);
        }
        for (MetreReading& r : ofPulse[i]) r.score = readingNets(r.cues) - (pulse.loose ? looseCosts : 0);
    };
    inParallel(all.pulses.size(), read, [&](std::size_t i) {
        task.report(0.6 + 0.4 * static_cast<double>(i) / static_cast<double>(all.pulses.size()));
    });
    if (task.stopped()) return {};
    for (auto& readings : ofPulse) std::move(readings.begin(), readings.end(), std::back_inserter(all.readings));
    std::stable_sort(all.readings.begin(), all.readings.end(),
                     [](const MetreReading& a, const MetreReading& b) { return a.score > b.score; });
    return all;
}

} // namespace lc
