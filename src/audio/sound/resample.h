#pragma once

#include "audio/sound/audio_buffer.h"

#include <memory>
#include <vector>

namespace lc {

/// Another sample rate (libsamplerate, band-limited). Channels stay. O(frames).
[[nodiscard]] AudioBuffer resampled(AudioBuffer sound, int sampleRate);

/// The same for sound that comes in parts, such as a recording that is read. For one thread.
class StreamResampler {
public:
    StreamResampler(int fromRate, int toRate, int channels);
    ~StreamResampler();
    StreamResampler(const StreamResampler&) = delete;
    StreamResampler& operator=(const StreamResampler&) = delete;

    /// What is ready after these interleaved samples; with `last`, everything that is left.
    [[nodiscard]] std::vector<float> next(const std::vector<float>& samples, bool last);

private:
    struct State;
    std::unique_ptr<State> m_state;
};

/// All channels averaged into one.
[[nodiscard]] AudioBuffer mono(const AudioBuffer& sound);

} // namespace lc
