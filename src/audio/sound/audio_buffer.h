#pragma once

#include <cstddef>
#include <vector>

namespace lc {

/// Decoded sound: interleaved samples, nominally −1 to 1.
struct AudioBuffer {
    int sampleRate = 44100;
    int channels = 2; ///< 1 or 2
    std::vector<float> samples;

    [[nodiscard]] std::size_t frames() const {
        return channels > 0 ? samples.size() / static_cast<std::size_t>(channels) : 0;
    }
    [[nodiscard]] double seconds() const { return static_cast<double>(frames()) / sampleRate; }
};

} // namespace lc
