#pragma once

#include <algorithm>
#include <array>
#include <cmath>
#include <cstddef>

namespace lc {

/// A net with one hidden layer and a direct way past it, as bench/listen/train.py prints them.
template <std::size_t Cues, std::size_t Width>
struct SmallNet {
    float hidden[Width][Cues];
    float offset[Width];
    float out[Width];
    float direct[Cues];
    float constant;

    [[nodiscard]] float operator()(const std::array<float, Cues>& x) const {
        float sum = constant;
        for (std::size_t h = 0; h < Width; ++h) {
            float a = offset[h];
            for (std::size_t k = 0; k < Cues; ++k) a += hidden[h][k] * x[k];
            sum += out[h] * std::tanh(a);
        }
        for (std::size_t k = 0; k < Cues; ++k) sum += direct[k] * x[k];
        return sum;
    }
};

/// Several of them that were trained from different beginnings, on cues of mean 0 and deviation 1; they say their
/// average. A cue that is stranger than `furthest` deviations counts no more than that.
template <std::size_t Cues, std::size_t Width, std::size_t Count>
struct SmallNets {
    float mean[Cues];
    float scale[Cues];
    float furthest;
    SmallNet<Cues, Width> nets[Count];

    [[nodiscard]] double operator()(const std::array<double, Cues>& cues) const {
        std::array<float, Cues> x{};
        for (std::size_t k = 0; k < Cues; ++k)
            x[k] = std::clamp((static_cast<float>(cues[k]) - mean[k]) * scale[k], -furthest, furthest);
        float sum = 0;
        for (const auto& net : nets) sum += net(x);
        return static_cast<double>(sum) / static_cast<double>(Count);
    }
};

} // namespace lc
