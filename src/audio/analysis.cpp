#include "audio/analysis.h"

#include "audio/phrase_path.h"
#include "audio/resample.h"
#include "audio/stop_detection.h"
#include "audio/subdivision.h"

#include <algorithm>
#include <cmath>

namespace lc {

namespace {

constexpr std::size_t fewestBeats = 8;
constexpr double steadyEnough = 0.25;  // median relative change between neighbouring beats, beyond it there is no pulse
constexpr double fastestWithSix = 0.62; // seconds of a beat of three parts; bars of four of them are then said as two of 6/8

tl::unexpected<Error> noPulse() {
    return fail(ErrorCode::NoPulse, "No steady pulse was found in this recording. It can still be played.");
}
tl::unexpected<Error> cancelled() { return fail(ErrorCode::Cancelled, "The analysis was stopped."); }

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

/// Beats and bars of a reading as a map.
struct Draft {
    SongMap map;
    std::size_t parts = 1; ///< beats of the map in a beat of the reading: 3 where every beat has three parts
};

Draft draftOf(const SongFeatures& song, const PulseCandidate& pulse, const MetreReading& reading) {
    Draft draft;
    SongMap& map = draft.map;
    const double last = pulse.beats.size() > 1 ? pulse.beats.back() - pulse.beats[pulse.beats.size() - 2] : pulse.period;
    const bool uneven = !reading.grouping.empty();
    const bool three = !uneven && subdivisionOf(song, pulse.beats).three > 0;
    std::vector<int> lengths = reading.bars.lengths;
    int usual = reading.beatsPerBar;
    if (three && usual == 4 && pulse.period < fastestWithSix) { // 12/8 at a jig's tempo is said in two
        std::vector<int> halves;
        for (int length : lengths) {
            if (length > 2) halves.push_back(2);
            halves.push_back(length > 2 ? length - 2 : length);
        }
        lengths = std::move(halves);
        usual = 2;
    }
    const int parts = three ? 3 : 1;
    draft.parts = static_cast<std::size_t>(parts);
    for (std::size_t i = 0; i < pulse.beats.size(); ++i) {
        const double next = i + 1 < pulse.beats.size() ? pulse.beats[i + 1] : pulse.beats[i] + last;
        const double strength = song.at(song.flux, pulse.beats[i]);
        const double confidence = std::clamp(strength / (1 + strength), 0.05, 1.0);
        for (int k = 0; k < parts; ++k) map.beats.push_back({pulse.beats[i] + k * (next - pulse.beats[i]) / parts, confidence, false});
    }
    map.end = pulse.beats.back() + last;
    map.metre.beats = usual * parts;
    map.metre.unit = three || uneven ? 8 : 4;
    if (three) map.metre.grouping.assign(static_cast<std::size_t>(usual), 3);
    else map.metre.grouping = reading.grouping;
    map.pickupBeats = reading.bars.pickup * static_cast<std::size_t>(parts);
    std::size_t beat = map.pickupBeats;
    for (int length : lengths) {
        Bar bar{beat, length * parts, {}, false};
        if (length == usual) bar.grouping = map.metre.grouping;
        map.bars.push_back(std::move(bar));
        beat += static_cast<std::size_t>(length * parts);
    }
    return draft;
}

/// An unfinished last bar in which nothing is struck any more is the song ringing out, not music to dance to.
void dropTail(SongMap& map, const SongFeatures& song) {
    constexpr double struck = 0.35; // of the median onset on beats
    const Bar& last = map.bars.back();
    if (map.bars.size() < 2 || last.beats >= map.metre.beats) return;
    std::vector<double> strengths;
    for (const Beat& beat : map.beats) strengths.push_back(song.at(song.flux, beat.time));
    std::nth_element(strengths.begin(), strengths.begin() + static_cast<std::ptrdiff_t>(strengths.size() / 2), strengths.end());
    const double needed = struck * strengths[strengths.size() / 2];
    for (std::size_t b = last.firstBeat; b < map.beats.size(); ++b)
        if (song.at(song.flux, map.beats[b].time) > needed) return;
    map.end = map.beats[last.firstBeat].time;
    map.beats.resize(last.firstBeat);
    map.bars.pop_back();
}

/// An odd bar just before a phrase's last bar is moved to the phrase's end where the evidence hardly minds: music adds or
/// drops beats at the end of a thought far more often (common practice, no source). `one` is the evidence at every
/// `parts`-th beat.
void settleOddBars(SongMap& map, const std::vector<double>& one, std::size_t parts) {
    constexpr double hardlyMinds = 2.5; // logarithm of odds; tuned on the development half
    for (const Phrase& phrase : map.phrases) {
        if (phrase.bars < 2) continue;
        Bar& odd = map.bars[phrase.firstBar + phrase.bars - 2];
        Bar& last = map.bars[phrase.firstBar + phrase.bars - 1];
        if (odd.beats == map.metre.beats || last.beats != map.metre.beats) continue;
        const std::size_t now = last.firstBeat / parts;
        const std::size_t then = (odd.firstBeat + static_cast<std::size_t>(last.beats)) / parts;
        if (now >= one.size() || then >= one.size() || one[now] - one[then] > hardlyMinds) continue;
        std::swap(odd.beats, last.beats);
        std::swap(odd.grouping, last.grouping);
        last.firstBeat = odd.firstBeat + static_cast<std::size_t>(odd.beats);
    }
}

void addPhrases(SongMap& map, const SongFeatures& song) {
    std::vector<double> times;
    std::vector<int> beats;
    for (const Bar& bar : map.bars) {
        times.push_back(map.beats[bar.firstBeat].time);
        beats.push_back(bar.beats);
    }
    times.push_back(map.end);
    const auto lengths = solvePhrases(phraseStarts(phraseCues(song, times, beats)));
    const auto names = phraseNames(lengths, barLikeness(song, times));
    std::size_t bar = 0;
    for (std::size_t p = 0; p < lengths.size(); ++p) {
        map.phrases.push_back({bar, lengths[p], names[p], false});
        bar += lengths[p];
    }
}

} // namespace

Result<SongMap> solveSong(const SongFeatures& song, const Task& task) {
    if (song.seconds < 4) return noPulse();
    const MetreReadings all = readMetre(song, task.part(0, 0.8));
    if (task.stopped()) return cancelled();
    if (all.readings.empty()) return noPulse();
    const MetreReading& best = all.readings.front();
    const PulseCandidate& pulse = all.pulses[best.pulse];
    if (pulse.beats.size() < fewestBeats || !steady(pulse.beats)) return noPulse();
    Draft draft = draftOf(song, pulse, best);
    SongMap& map = draft.map;
    dropTail(map, song);
    addPhrases(map, song);
    settleOddBars(map, strongPlaces(beatCues(song, pulse.beats), StrongPlace::One), draft.parts);
    map.stops = findStops(map, song);
    task.report(1);
    if (auto valid = validate(map); !valid) return tl::unexpected(valid.error());
    return std::move(draft.map);
}

Result<SongMap> analyseSong(const AudioBuffer& sound, const Task& task) {
    if (sound.seconds() < 4) return noPulse();
    const SongFeatures song = songFeatures(resampled(mono(sound), 44100), task.part(0.02, 0.6));
    if (task.stopped()) return cancelled();
    return solveSong(song, task.part(0.6, 1));
}

} // namespace lc
