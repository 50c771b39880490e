#include "audio/listening/stated_pulse.h"

#include "audio/listening/beat_places.h"
#include "audio/listening/pulse_activation.h"
#include "audio/listening/pulse_refinement.h"
#include "audio/listening/pulse_tracker.h"
#include "core/base/quantile.h"

#include <algorithm>
#include <cmath>
#include <utility>

namespace lc {

namespace {

constexpr double leans = 0.3;          // of a beat: a beat that near to a stated place is the one that was meant
constexpr std::size_t swayOver = 4;    // beats over which the music comes back from a beat that leans
constexpr std::size_t slipAround = 24; // beats
constexpr double nearlyLeans = 0.1;    // of a beat

/// Over how many beats a pulse slips, and how well what is said must fit that, as part of a beat.
struct Slip {
    std::size_t within = 10;
    double least = leans, fits = 0.2;
};
constexpr Slip slowSlip{24, 0.25, 0.1}; // a swung pulse that slides onto its &, a third of a beat away
constexpr double agrees = 0.04;         // seconds between two ways to follow the pulse that are one
constexpr double heardBonus = 0.6;      // of the usual onset on a beat
constexpr float pinned = 4.0F; // of the strongest onset: what a stated beat counts when the pulse is followed again

/// A stated place near a beat is that beat, earlier or later than it was heard: the music leans there. The beats around
/// lean less and less, or from one stated place to the next; then they go to what is struck near them. The count of
/// beats stays.
void lean(const SongFeatures& song, const std::vector<double>& places, PulseCandidate& pulse) {
    struct Anchor {
        std::size_t beat;
        double move;
    };
    std::vector<Anchor> anchors;
    const std::vector<double> before = pulse.beats;
    for (double at : places) {
        const std::size_t beat = nearest(before, at);
        const double away = at - before[beat];
        if (std::abs(away) > leans * pulse.period || (!anchors.empty() && anchors.back().beat == beat)) continue;
        anchors.push_back({beat, std::abs(away) <= sameBeat ? 0.0 : away});
    }
    if (std::none_of(anchors.begin(), anchors.end(), [](const Anchor& a) { return a.move != 0; })) return;
    std::vector<double> moves(before.size(), 0);
    const auto tent = [&](const Anchor& a, std::ptrdiff_t way, std::size_t gap) {
        const std::size_t reach = std::min(swayOver, gap);
        for (std::size_t k = 1; k < reach; ++k) {
            const auto beat = static_cast<std::ptrdiff_t>(a.beat) + way * static_cast<std::ptrdiff_t>(k);
            if (beat < 0 || beat >= static_cast<std::ptrdiff_t>(moves.size())) return;
            moves[static_cast<std::size_t>(beat)] += a.move * (1 - static_cast<double>(k) / static_cast<double>(reach));
        }
    };
    for (std::size_t a = 0; a < anchors.size(); ++a) {
        moves[anchors[a].beat] = anchors[a].move;
        tent(anchors[a], -1, a > 0 ? anchors[a].beat - anchors[a - 1].beat : swayOver);
        tent(anchors[a], 1, a + 1 < anchors.size() ? anchors[a + 1].beat - anchors[a].beat : swayOver);
    }
    for (std::size_t b = 0; b < moves.size(); ++b) pulse.beats[b] += moves[b];
    const std::vector<double> leaning = pulse.beats;
    swayPulse(song, pulse.beats);
    for (std::size_t b = 0; b < moves.size(); ++b)
        if (moves[b] == 0 || std::any_of(anchors.begin(), anchors.end(), [b](const Anchor& a) { return a.beat == b; }))
            pulse.beats[b] = leaning[b];
    for (std::size_t b = 1; b < pulse.beats.size(); ++b)
        pulse.beats[b] = std::max(pulse.beats[b], pulse.beats[b - 1] + 0.02);
}

/// Median of the beats' lengths around one.
double lengthAround(const std::vector<double>& beats, std::size_t beat) {
    const std::size_t from = beat > slipAround ? beat - slipAround : 0,
                      to = std::min(beats.size() - 1, beat + slipAround);
    std::vector<double> lengths;
    for (std::size_t b = from; b < to; ++b) lengths.push_back(beats[b + 1] - beats[b]);
    return median(std::move(lengths));
}

/// By what part of a beat the pulse slips between beat `b` and the one `kind.within` later; 0 where it is steady.
double slipFrom(const std::vector<double>& beats, std::size_t b, const Slip& kind) {
    const double length = lengthAround(beats, b + kind.within / 2);
    const double away = (beats[b + kind.within] - beats[b]) / length - static_cast<double>(kind.within);
    return std::abs(away) > kind.least ? away : 0;
}

/// Where a pulse slipped by a part of a beat over a few beats, everything up to there stands beside the music, and a
/// stated place says so: the beats from one slip to the next (or to the song's end) move by what it says, and the slip
/// is closed. False, and nothing moved, where no slip near fits what was said. A beat that is held is none.
bool closeSlip(PulseCandidate& pulse, double at, const Slip& kind = {}) {
    std::vector<double>& beats = pulse.beats;
    if (beats.size() < 2 * kind.within + 2) return false;
    const std::size_t beat = nearest(beats, at);
    const double move = at - beats[beat], length = lengthAround(beats, beat);
    const auto closes = [&](std::size_t b, double part) {
        if (std::any_of(pulse.held.begin(), pulse.held.end(),
                        [&](double t) { return t > beats[b] - agrees && t < beats[b + kind.within] - agrees; }))
            return false;
        const double slip = slipFrom(beats, b, kind);
        return slip != 0 && std::abs(std::remainder(slip + part, 1.0)) < kind.fits;
    };
    std::size_t first = 0, last = beats.size() - 1; // of those that move
    bool before = false, after = false;
    for (std::size_t b = beat >= kind.within ? beat - kind.within + 1 : 0; b-- > 0 && !before;)
        if (closes(b, move / length)) {
            while (b > 0 && std::abs(slipFrom(beats, b - 1, kind)) > std::abs(slipFrom(beats, b, kind)))
                --b; // the whole slip
            before = true;
            first = b + kind.within;
        }
    for (std::size_t b = beat; b + kind.within < beats.size() && !after; ++b)
        if (closes(b, -move / length)) {
            while (b + 1 + kind.within < beats.size() &&
                   std::abs(slipFrom(beats, b + 1, kind)) > std::abs(slipFrom(beats, b, kind)))
                ++b;
            after = true;
            last = b;
        }
    if (!before && !after) return false;
    for (double& t : pulse.held)
        if (t > beats[first] - agrees && t < beats[last] + agrees) t += move;
    const std::vector<double> old = beats;
    beats.clear();
    const auto fill = [&](double from, double to) { // beats between two that stay
        const auto n = std::max<std::ptrdiff_t>(1, std::lround((to - from) / length));
        for (std::ptrdiff_t k = 1; k < n; ++k)
            beats.push_back(from + static_cast<double>(k) / static_cast<double>(n) * (to - from));
    };
    if (before) {
        beats.assign(old.begin(), old.begin() + static_cast<std::ptrdiff_t>(first - kind.within) + 1);
        fill(beats.back(), old[first] + move);
    }
    for (std::size_t b = first; b <= last; ++b) beats.push_back(old[b] + move);
    if (after) {
        fill(beats.back(), old[last + kind.within]);
        beats.insert(beats.end(), old.begin() + static_cast<std::ptrdiff_t>(last + kind.within), old.end());
    }
    return true;
}

/// The beats as they were, and the other ones around each of the places: from where the two ways part to where they
/// meet again.
std::vector<double> replacedAround(const std::vector<double>& places, const std::vector<double>& beats,
                                   const std::vector<double>& others) {
    std::vector<std::pair<double, double>> stretches;
    const auto shared = [&](double beat) { return std::abs(others[nearest(others, beat)] - beat) <= agrees; };
    for (double at : places) {
        double from = -1e9, to = 1e9;
        for (double beat : beats) {
            if (!shared(beat)) continue;
            if (beat < at - agrees) from = beat;
            if (beat > at + agrees) {
                to = beat;
                break;
            }
        }
        stretches.emplace_back(from, to);
    }
    const auto within = [&](double t, double edge) {
        return std::any_of(stretches.begin(), stretches.end(),
                           [&](const auto& s) { return t > s.first + edge && t < s.second - edge; });
    };
    std::vector<double> out;
    for (double beat : beats)
        if (!within(beat, 0)) out.push_back(beat);
    for (double beat : others)
        if (within(beat, agrees)) out.push_back(beat);
    std::sort(out.begin(), out.end());
    return out;
}

} // namespace

void followStatedPlaces(const SongFeatures& song, const Stated& stated, std::size_t parts, PulseCandidate& pulse) {
    const auto missed = [&](const std::vector<double>& beats, double at) {
        const double beat = beats[nearest(beats, at)];
        if (std::abs(beat - at) <= sameBeat) return false;
        if (at < pulse.beats.front() - 0.5 * pulse.period || at > pulse.beats.back() + 0.5 * pulse.period)
            return false; // the pulse goes on to there
        const double third = pulse.period / 3;
        return parts == 1 ||
               std::abs(std::remainder(beat - at, third)) > sameBeat; // on a third of a beat it is no beat of the pulse
    };
    const auto slides = [&](double at) {
        const double away = std::abs(pulse.beats[nearest(pulse.beats, at)] - at);
        return away > sameBeat && away > nearlyLeans * pulse.period;
    };
    if (parts == 1 && !pulse.soft &&
        !pulse.loose) // in beats of three parts a third beside is a part of the beat, not a slide
        for (double at : stated.places)
            if (slides(at)) closeSlip(pulse, at, slowSlip);
    if (parts == 1) lean(song, stated.places, pulse);
    if (!pulse.soft) // where notes swell, slips cannot be told from sway
        for (double at : stated.places)
            if (missed(pulse.beats, at)) closeSlip(pulse, at);
    std::vector<double> missedPlaces;
    for (double at : stated.places)
        if (missed(pulse.beats, at)) missedPlaces.push_back(at);
    if (missedPlaces.empty()) return;
    const OnsetFunctions& onsets = song.onsets;
    std::vector<float> activation = pulse.soft ? softActivation(onsets, song.spectra) : pulseActivation(onsets);
    const float most = *std::max_element(activation.begin(), activation.end());
    const auto frame = [&](double seconds) { return static_cast<std::ptrdiff_t>(std::lround(seconds * onsets.rate)); };
    const auto size = static_cast<std::ptrdiff_t>(activation.size());
    // Beats that were heard weigh more than others: the pulse leaves them only for what is heard better.
    constexpr std::ptrdiff_t around = 3; // frames: beats stand a little before the peaks that were tracked
    const auto peakNear = [&](double at) {
        float peak = 0;
        for (std::ptrdiff_t f = std::max<std::ptrdiff_t>(0, frame(at) - around);
             f < std::min(size, frame(at) + around + 1); ++f)
            peak = std::max(peak, activation[static_cast<std::size_t>(f)]);
        return peak;
    };
    double usual = 0;
    for (double at : pulse.beats) usual += static_cast<double>(peakNear(at)) / static_cast<double>(pulse.beats.size());
    for (double at : pulse.beats)
        for (std::ptrdiff_t f = std::max<std::ptrdiff_t>(0, frame(at) - around);
             f < std::min(size, frame(at) + around + 1); ++f)
            activation[static_cast<std::size_t>(f)] += static_cast<float>(heardBonus * usual);
    for (double at : stated.places) { // nothing near it counts, and it counts more than anything else
        const std::ptrdiff_t zone = frame(0.4 * pulse.period), here = frame(at);
        for (std::ptrdiff_t f = std::max<std::ptrdiff_t>(0, here - zone); f < std::min(size, here + zone); ++f)
            activation[static_cast<std::size_t>(f)] =
                std::abs(f - here) <= 2 ? pinned * most * static_cast<float>(3 - std::abs(f - here)) : 0.0F;
    }
    constexpr double givesWay = 0.02; // spread of the change from beat to beat
    const PulseTrack track = trackPulse(activation, onsets.rate, pulse.period, {.changeSpread = givesWay});
    std::vector<double> beats;
    for (double f : alignedBeats(onsets, track.frames))
        if (const double at = onsets.secondsOf(f);
            at > std::min(pulse.beats.front(), stated.places.front()) - 1.5 * pulse.period &&
            at < std::max(pulse.beats.back(), stated.places.back()) + 0.5 * pulse.period)
            beats.push_back(at);
    const auto misses = [&](const std::vector<double>& of) {
        return std::count_if(stated.places.begin(), stated.places.end(), [&](double at) { return missed(of, at); });
    };
    if (beats.size() < fewestBeats) return;
    beats = replacedAround(missedPlaces, pulse.beats, beats);
    if (misses(beats) < misses(pulse.beats)) pulse.beats = std::move(beats);
}

void placeBeats(const Stated& stated, std::size_t parts, PulseCandidate& pulse) {
    std::vector<double>& beats = pulse.beats;
    for (const FermataFact& held : stated.fermatas) {
        std::erase_if(beats, [&](double t) { return t > held.from + sameBeat && t < held.to - sameBeat; });
        beats[nearest(beats, held.from)] = held.from;
        beats[nearest(beats, held.to)] = held.to;
    }
    for (const StopFact& stop : stated.stops) {
        const int pulses =
            std::max(1, static_cast<int>(std::lround(static_cast<double>(stop.beats) / static_cast<double>(parts))));
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
