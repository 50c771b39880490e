#include "audio/sound/song_splice.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace lc {

namespace {
constexpr double attack = 0.003; // before the beat: there the fade is over
}

AudioBuffer spliced(const SongSound& sound, const std::vector<SoundSpan>& spans, double fade) {
    const auto channels = static_cast<std::size_t>(sound.channels());
    const auto frames = static_cast<std::int64_t>(sound.frames());
    const auto frameOf = [&](double seconds) {
        return std::clamp<std::int64_t>(std::llround(seconds * sound.sampleRate()), 0, frames);
    };
    AudioBuffer out{sound.sampleRate(), sound.channels(), {}};
    for (std::size_t s = 0; s < spans.size(); ++s) {
        const std::int64_t from = frameOf(spans[s].from), to = std::max(from, frameOf(spans[s].to));
        const auto before = static_cast<std::int64_t>(out.frames());
        const bool joint = s > 0 && before > 0 && frameOf(spans[s - 1].to) != from;
        const std::int64_t over =
            joint ? std::min<std::int64_t>(
                        {static_cast<std::int64_t>(std::llround(fade * sound.sampleRate())), from, before})
                  : 0;
        const std::int64_t whole = over > 0
                                       ? std::min<std::int64_t>(std::llround(attack * sound.sampleRate()), over / 2)
                                       : 0; // frames before the beat that sound fully already
        for (std::int64_t i = 0; i < over; ++i) {
            const double part = std::min(1.0, (static_cast<double>(i) + 0.5) /
                                                  static_cast<double>(std::max<std::int64_t>(1, over - whole))) *
                                std::numbers::pi / 2;
            const auto in = static_cast<float>(std::sin(part)), gone = static_cast<float>(std::cos(part));
            for (std::size_t c = 0; c < channels; ++c) {
                float& there = out.samples[static_cast<std::size_t>(before - over + i) * channels + c];
                there = there * gone + sound[static_cast<std::size_t>(from - over + i) * channels + c] * in;
            }
        }
        const std::vector<float> span =
            sound.part(static_cast<std::size_t>(from) * channels, static_cast<std::size_t>(to) * channels);
        out.samples.insert(out.samples.end(), span.begin(), span.end());
    }
    return out;
}

AudioBuffer aroundJoint(const SongSound& sound, const EditedSong& song, std::size_t joint, double before,
                        double after) {
    AudioBuffer out{sound.sampleRate(), sound.channels(), {}};
    if (joint >= song.joints.size()) return out;
    const double from = song.joints[joint] - before, to = song.joints[joint] + after;
    std::vector<SoundSpan> near; // only what is heard
    double at = 0;
    for (const SoundSpan& span : song.sound) {
        const double end = at + span.to - span.from;
        const double head = std::max(from, at), tail = std::min(to, end);
        if (tail > head) near.push_back({span.from + head - at, span.from + tail - at});
        at = end;
    }
    return spliced(sound, near);
}

} // namespace lc
