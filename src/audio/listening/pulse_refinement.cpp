#include "audio/listening/pulse_refinement.h"

#include "audio/listening/beat_places.h"
#include "audio/listening/pulse_activation.h"
#include "audio/listening/pulse_tracker.h"
#include "core/base/quantile.h"

#include <algorithm>
#include <cmath>

namespace lc {

namespace {

constexpr double same = 0.030;         // seconds: a beat that stays
constexpr double heardBonus = 0.4;     // of the usual onset on a beat, for beats that were followed before
constexpr double holdPrice = 6.0;      // of the usual onset on a beat
constexpr double stays = 0.8;          // of the beats, or the pulse is left as it was
constexpr double swelling = 0.35;      // of the rise of a soft onset: where it begins, on the development half
constexpr double slowingWithin = 14.0; // seconds before the end

} // namespace

void swayPulse(const SongFeatures& song, std::vector<double>& beats) {
    if (song.onsets.size() == 0) return;
    constexpr double swaySpread = 0.12; // of a beat, from one to the next; tuned on the development half
    const std::vector<float> activation = softActivation(song.onsets, song.spectra);
    std::vector<double> frames;
    for (double b : beats) frames.push_back((b - song.onsets.secondsOf(0)) * song.onsets.rate);
    const std::vector<double> moved = swayedBeats(activation, frames, swaySpread);
    std::vector<double> shifts;
    for (std::size_t k = 0; k < moved.size(); ++k) shifts.push_back(moved[k] - frames[k]);
    const double usual = median(shifts);
    for (std::size_t k = 0; k < moved.size(); ++k) beats[k] += (shifts[k] - usual) / song.onsets.rate;
}

PulseCandidate refinedPulse(const SongFeatures& song, const PulseCandidate& pulse) {
    const OnsetFunctions& onsets = song.onsets;
    std::vector<float> activation = pulse.soft ? softActivation(onsets, song.spectra) : pulseActivation(onsets);
    const auto size = static_cast<std::ptrdiff_t>(activation.size());
    const auto frame = [&](double seconds) { return static_cast<std::ptrdiff_t>(std::lround(seconds * onsets.rate)); };
    constexpr std::ptrdiff_t around = 3; // frames: beats stand a little before the peaks that were followed
    double usual = 0;
    for (double at : pulse.beats) {
        float peak = 0;
        for (std::ptrdiff_t f = std::max<std::ptrdiff_t>(0, frame(at) - around);
             f < std::min(size, frame(at) + around + 1); ++f)
            peak = std::max(peak, activation[static_cast<std::size_t>(f)]);
        usual += static_cast<double>(peak) / static_cast<double>(pulse.beats.size());
    }
    for (float& a : activation) a /= static_cast<float>(usual + 1e-9);
    for (double at : pulse.beats)
        for (std::ptrdiff_t f = std::max<std::ptrdiff_t>(0, frame(at) - around);
             f < std::min(size, frame(at) + around + 1); ++f)
            activation[static_cast<std::size_t>(f)] += static_cast<float>(heardBonus);
    PulseFreedom freedom;
    freedom.changeSpread = pulse.loose ? 0.035 : pulse.soft ? 0.02 : 0.008;
    freedom.hold = holdPrice;
    freedom.slowingFrom = static_cast<double>(frame(pulse.beats.back() - slowingWithin));
    const PulseTrack track = trackPulse(activation, onsets.rate, pulse.period, freedom);
    PulseCandidate out = pulse;
    out.beats.clear();
    std::size_t staying = 0;
    const std::vector<double> aligned = alignedBeats(onsets, track.frames);
    std::size_t nextHeld = 0;
    std::vector<std::size_t> heldBeats;
    for (std::size_t b = 0; b < aligned.size(); ++b) {
        double at = onsets.secondsOf(aligned[b]);
        const auto after = std::lower_bound(pulse.beats.begin(), pulse.beats.end(), at);
        for (auto near : {after, after == pulse.beats.begin() ? after : after - 1})
            if (near != pulse.beats.end() && std::abs(*near - at) < same) {
                at = *near;
                ++staying;
                break;
            }
        const bool held = nextHeld < track.held.size() && track.held[nextHeld] == b;
        if (held) ++nextHeld;
        if (at < pulse.beats.front() - 0.25 * pulse.period || at > pulse.beats.back() + 1.2 * pulse.period) continue;
        if (held) heldBeats.push_back(out.beats.size());
        out.beats.push_back(at);
    }
    if (out.beats.size() < 8 || static_cast<double>(staying) < stays * static_cast<double>(pulse.beats.size())) {
        out = pulse;
        heldBeats.clear();
    }
    if (out.soft || out.loose) swayPulse(song, out.beats);
    if (out.soft) { // what swells begins before it is loud
        std::vector<double> frames;
        for (double at : out.beats) frames.push_back((at - onsets.secondsOf(0)) * onsets.rate);
        const double shift = riseAround(onsets, frames, swelling) / onsets.rate;
        if (shift < 0)
            for (double& at : out.beats) at += shift;
    }
    for (std::size_t b : heldBeats) out.held.push_back(out.beats[b]);
    return out;
}

} // namespace lc
