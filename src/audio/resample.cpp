#include "audio/resample.h"

#include <samplerate.h>

#include <cmath>

namespace lc {

AudioBuffer resampled(AudioBuffer sound, int sampleRate) {
    if (sound.sampleRate == sampleRate || sound.samples.empty()) return sound;
    const double ratio = static_cast<double>(sampleRate) / sound.sampleRate;
    AudioBuffer out{sampleRate, sound.channels, {}};
    const auto frames = static_cast<std::size_t>(std::ceil(static_cast<double>(sound.frames()) * ratio)) + 16;
    out.samples.resize(frames * static_cast<std::size_t>(sound.channels));
    SRC_DATA data{};
    data.data_in = sound.samples.data();
    data.input_frames = static_cast<long>(sound.frames());
    data.data_out = out.samples.data();
    data.output_frames = static_cast<long>(frames);
    data.src_ratio = ratio;
    if (src_simple(&data, SRC_SINC_FASTEST, sound.channels) != 0) return {sampleRate, sound.channels, {}};
    out.samples.resize(static_cast<std::size_t>(data.output_frames_gen) * static_cast<std::size_t>(sound.channels));
    return out;
}

AudioBuffer mono(const AudioBuffer& sound) {
    if (sound.channels == 1) return sound;
    AudioBuffer out{sound.sampleRate, 1, std::vector<float>(sound.frames())};
    const auto channels = static_cast<std::size_t>(sound.channels);
    for (std::size_t i = 0; i < out.samples.size(); ++i) {
        float sum = 0;
        for (std::size_t c = 0; c < channels; ++c) sum += sound.samples[i * channels + c];
        out.samples[i] = sum / static_cast<float>(sound.channels);
    }
    return out;
}

} // namespace lc
