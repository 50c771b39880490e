#pragma once

#include "support/test_program.h"

#include "audio/sound/audio_buffer.h"

#include <cmath>
#include <numbers>
#include <random>

namespace lc::test {

/// Noise and silence, tones and ticks made in code with fixed seeds.
inline AudioBuffer silence(double seconds, int rate = 44100, int channels = 1) {
    return {rate, channels,
            std::vector<float>(static_cast<std::size_t>(seconds * rate) * static_cast<std::size_t>(channels), 0.0F)};
}

inline AudioBuffer tone(double seconds, double hertz, int rate = 44100, int channels = 2) {
    AudioBuffer out = silence(seconds, rate, channels);
    for (std::size_t i = 0; i < out.frames(); ++i)
        for (int c = 0; c < channels; ++c)
            out.samples[i * static_cast<std::size_t>(channels) + static_cast<std::size_t>(c)] =
                0.3F * static_cast<float>(std::sin(2 * std::numbers::pi * hertz * static_cast<double>(i) / rate));
    return out;
}

inline AudioBuffer noise(double seconds, unsigned seed = 1) {
    AudioBuffer out = silence(seconds);
    std::mt19937 random(seed);
    for (float& s : out.samples) s = (static_cast<float>(random() % 2001) - 1000.0F) / 4000.0F;
    return out;
}

/// A short struck noise at each time.
inline AudioBuffer ticks(const std::vector<double>& times, double seconds, int rate = 44100) {
    AudioBuffer out = silence(seconds, rate);
    std::mt19937 random(7);
    for (double t : times)
        for (std::size_t i = 0; i < static_cast<std::size_t>(0.05 * rate); ++i) {
            const std::size_t at = static_cast<std::size_t>(t * rate) + i;
            if (at < out.samples.size())
                out.samples[at] += (static_cast<float>(random() % 2001) - 1000.0F) / 1500.0F *
                                   std::exp(-static_cast<float>(i) / (0.01F * static_cast<float>(rate)));
        }
    return out;
}

} // namespace lc::test
