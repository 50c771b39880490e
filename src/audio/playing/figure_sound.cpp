#include "audio/playing/figure_sound.h"

#include "audio/playing/clicks.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <numbers>

namespace lc {

namespace {

void mix(AudioBuffer& into, double seconds, const std::vector<float>& mono, float gain) {
    const auto from = static_cast<std::int64_t>(std::llround(seconds * usualRate));
    for (std::size_t i = 0; i < mono.size(); ++i) {
        const std::int64_t frame = from + static_cast<std::int64_t>(i);
        if (frame < 0 || static_cast<std::size_t>(frame) >= into.frames()) continue;
        const auto at = static_cast<std::size_t>(frame) * 2;
        into.samples[at] += mono[i] * gain;
        into.samples[at + 1] += mono[i] * gain;
    }
}

/// A shoe on a wooden floor: a low, short knock. Made here, so it needs no file or licence.
std::vector<float> stepSound() {
    std::vector<float> sound(static_cast<std::size_t>(0.06 * usualRate));
    for (std::size_t i = 0; i < sound.size(); ++i) {
        const double t = static_cast<double>(i) / usualRate;
        sound[i] = static_cast<float>(0.5 * std::min(1.0, t / 0.001) * std::exp(-t / 0.012) *
                                      std::sin(2 * std::numbers::pi * 190 * t));
    }
    return sound;
}

} // namespace

FigureSound soundOfFigure(const FigureSoundAsked& asked, Voice& voice) {
    assert(asked.tempo.secondsPerCount > 0 && asked.times > 0 && asked.set > 0);
    FigureSound out;
    const std::int64_t countIn = asked.countIn ? asked.set : 1;
    out.startSeconds = -asked.tempo.seconds(counts(-countIn)); // what falls before count 1 has room in any case
    const auto place = [&](Tick at) { return out.startSeconds + asked.tempo.seconds(at); };
    const double total = place(asked.length * asked.times);
    out.sound = {usualRate, 2, std::vector<float>(static_cast<std::size_t>(std::ceil(total * usualRate)) * 2)};
    if (asked.clicks) {
        const std::vector<float> one = clickSound(ClickKind::Set, usualRate),
                                 other = clickSound(ClickKind::Count, usualRate);
        for (std::int64_t c = asked.countIn ? -asked.set : 0; counts(c) < asked.length * asked.times; ++c) {
            const std::int64_t music = wholeCounts(asked.musicStart) - 1 + c;
            mix(out.sound, place(counts(c)), ((music % asked.set) + asked.set) % asked.set == 0 ? one : other, 0.7F);
        }
    }
    const std::vector<float> step = stepSound();
    for (int time = 0; time < asked.times; ++time) {
        const Tick from = asked.length * time;
        for (const Tick at : asked.steps) mix(out.sound, place(from + at), step, 0.8F);
        for (const SaidCount& said : asked.said) {
            const auto word = voice.say(said.text);
            if (word)
                mix(out.sound, place(from + said.at), (*word)->samples, 0.8F);
            else
                out.problem = word.error().message;
        }
    }
    for (float& s : out.sound.samples) s = std::clamp(s, -1.0F, 1.0F);
    return out;
}

} // namespace lc
