#pragma once

#include <cstddef>
#include <vector>

namespace lc {

/// Frames a second of what is listened to and of what the program makes itself: that of most recordings.
constexpr int usualRate = 44100;

/// Decoded sound: interleaved samples, nominally −1 to 1.
struct AudioBuffer {
    int sampleRate = usualRate;
    int channels = 2; ///< 1 or 2
    std::vector<float> samples;

    [[nodiscard]] std::size_t frames() const {
        return channels > 0 ? samples.size() / static_cast<std::size_t>(channels) : 0;
    }
    [[nodiscard]] double seconds() const { return static_cast<double>(frames()) / sampleRate; }
};

} // namespace lc
