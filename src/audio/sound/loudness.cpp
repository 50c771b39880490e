#include "audio/sound/loudness.h"

#include <algorithm>
#include <cmath>

namespace lc {

float LoudnessCurve::between(double from, double to) const {
    const auto size = static_cast<std::ptrdiff_t>(values.size());
    const auto first = std::clamp<std::ptrdiff_t>(static_cast<std::ptrdiff_t>(from / step), 0, size);
    const auto last = std::clamp<std::ptrdiff_t>(static_cast<std::ptrdiff_t>(std::ceil(to / step)), first, size);
    if (first == last) return 0;
    float sum = 0;
    for (auto i = first; i < last; ++i) sum += values[static_cast<std::size_t>(i)];
    return sum / static_cast<float>(last - first);
}

LoudnessCurve loudnessOf(const SongSound& sound, double step) {
    LoudnessCurve curve;
    curve.step = step;
    const auto perStep = static_cast<std::size_t>(std::max(1.0, std::round(step * sound.sampleRate()))) *
                         static_cast<std::size_t>(sound.channels());
    float loudest = 0;
    for (std::size_t at = 0; at < sound.samples(); at += perStep) {
        const std::size_t end = std::min(at + perStep, sound.samples());
        float sum = 0;
        for (std::size_t i = at; i < end; ++i) sum += sound[i] * sound[i];
        curve.values.push_back(std::sqrt(sum / static_cast<float>(end - at)));
        loudest = std::max(loudest, curve.values.back());
    }
    if (loudest > 0)
        for (float& value : curve.values) value /= loudest;
    return curve;
}

} // namespace lc
