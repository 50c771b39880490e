#include "audio/stated_pulse.h"

#include "audio/pulse_tracker.h"

#include <algorithm>
#include <cmath>

namespace lc {

namespace {

constexpr std::size_t fewestBeats = 8;
constexpr double heardBonus = 0.6; // of the usual onset on a beat
constexpr float pinned = 4.0F;     // of the strongest onset: what a stated beat counts when the pulse is followed again

} // namespace

void followStatedPlaces(const SongFeatures& song, const Stated& stated, std::size_t parts, PulseCandidate& pulse) {
    const auto missed = [&](const std::vector<double>& beats, double at) {
        const double beat = beats[nearest(beats, at)];
        if (std::abs(beat - at) <= sameBeat) return false;
        if (at < pulse.beats.front() - 0.5 * pulse.period || at > pulse.beats.back() + 0.5 * pulse.period) return false; // the pulse goes on to there
        const double third = pulse.period / 3;
        return parts == 1 || std::abs(std::remainder(beat - at, third)) > sameBeat; // on a third of a beat it is no beat of the pulse
    };
    if (std::none_of(stated.places.begin(), stated.places.end(), [&](double at) { return missed(pulse.beats, at); })) return;
    const OnsetFunctions& onsets = song.onsets;
    std::vector<float> activation = pulse.soft ? softActivation(onsets, song.spectra) : pulseActivation(onsets);
    const float most = *std::max_element(activation.begin(), activation.end());
    const auto frame = [&](double seconds) { return static_cast<std::ptrdiff_t>(std::lround(seconds * onsets.rate)); };
    const auto size = static_cast<std::ptrdiff_t>(activation.size());
    // Beats that were heard weigh more than others: the pulse leaves them only for what is heard better.
    constexpr std::ptrdiff_t around = 3; // frames: beats stand a little before the peaks that were tracked
    const auto peakNear = [&](double at) {
        float peak = 0;
        for (std::ptrdiff_t f = std::max<std::ptrdiff_t>(0, frame(at) - around); f < std::min(size, frame(at) + around + 1); ++f) peak = std::max(peak, activation[static_cast<std::size_t>(f)]);
        return peak;
    };
    double usual = 0;
    for (double at : pulse.beats) usual += static_cast<double>(peakNear(at)) / static_cast<double>(pulse.beats.size());
    for (double at : pulse.beats)
        for (std::ptrdiff_t f = std::max<std::ptrdiff_t>(0, frame(at) - around); f < std::min(size, frame(at) + around + 1); ++f)
            activation[static_cast<std::size_t>(f)] += static_cast<float>(heardBonus * usual);
    for (double at : stated.places) { // nothing near it counts, and it counts more than anything else
        const std::ptrdiff_t zone = frame(0.4 * pulse.period), here = frame(at);
        for (std::ptrdiff_t f = std::max<std::ptrdiff_t>(0, here - zone); f < std::min(size, here + zone); ++f)
            activation[static_cast<std::size_t>(f)] = std::abs(f - here) <= 2 ? pinned * most * static_cast<float>(3 - std::abs(f - here)) : 0.0F;
    }
    constexpr double givesWay = 0.02; // spread of the change from beat to beat
    const PulseTrack track = trackPulse(activation, onsets.rate, pulse.period, {.changeSpread = givesWay});
    std::vector<double> beats;
    for (double f : alignedBeats(onsets, track.frames))
        if (const double at = onsets.secondsOf(f); at > std::min(pulse.beats.front(), stated.places.front()) - 1.5 * pulse.period &&
                                                   at < std::max(pulse.beats.back(), stated.places.back()) + 0.5 * pulse.period) beats.push_back(at);
    const auto misses = [&](const std::vector<double>& of) { return std::count_if(stated.places.begin(), stated.places.end(), [&](double at) { return missed(of, at); }); };
    if (beats.size() >= fewestBeats && misses(beats) < misses(pulse.beats)) pulse.beats = std::move(beats);
}

void placeBeats(const Stated& stated, std::size_t parts, PulseCandidate& pulse) {
    std::vector<double>& beats = pulse.beats;
    for (const FermataFact& held : stated.fermatas) {
        std::erase_if(beats, [&](double t) { return t > held.from + sameBeat && t < held.to - sameBeat; });
        beats[nearest(beats, held.from)] = held.from;
        beats[nearest(beats, held.to)] = held.to;
    }
    for (const StopFact& stop : stated.stops) {
        const int pulses = std::max(1, static_cast<int>(std::lround(static_cast<double>(stop.beats) / static_cast<double>(parts))));
        const double step = (stop.to - stop.from) / pulses;
        std::erase_if(beats, [&](double t) { return t > stop.from - 0.5 * step && t < stop.to + 0.5 * step; });
        for (int k = 0; k <= pulses; ++k) beats.push_back(stop.from + k * step);
        std::sort(beats.begin(), beats.end());
    }
    for (double at : stated.places) { // beyond the pulse that was heard it goes on as it was
        const double step = pulse.period;
        while (at > beats.back() + 0.5 * step) beats.push_back(beats.back() + step);
        while (at < beats.front() - 0.5 * step) beats.insert(beats.begin(), beats.front() - step);
    }
    if (parts == 1)
        for (double at : stated.places) {
            double& beat = beats[nearest(beats, at)];
            if (std::abs(beat - at) > sameBeat) beat = at;
        }
    beats.erase(std::unique(beats.begin(), beats.end(), [](double a, double b) { return b - a < 0.02; }), beats.end());
    std::sort(beats.begin(), beats.end());
}

} // namespace lc
