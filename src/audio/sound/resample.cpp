#include "audio/sound/resample.h"

#include <samplerate.h>

#include <cmath>

namespace lc {

struct StreamResampler::State {
    SRC_STATE* converter = nullptr;
    double ratio = 1;
    std::size_t channels = 1;
};

StreamResampler::StreamResampler(int fromRate, int toRate, int channels) : m_state(std::make_unique<State>()) {
    int error = 0;
    m_state->converter = src_new(SRC_SINC_FASTEST, channels, &error);
    m_state->ratio = static_cast<double>(toRate) / fromRate;
    m_state->channels = static_cast<std::size_t>(channels);
}

StreamResampler::~StreamResampler() {
    if (m_state->converter) src_delete(m_state->converter);
}

std::vector<float> StreamResampler::next(const std::vector<float>& samples, bool last) {
    std::vector<float> out;
    if (!m_state->converter) return out;
    const std::size_t channels = m_state->channels;
    std::vector<float> room(
        (static_cast<std::size_t>(std::ceil(static_cast<double>(samples.size() / channels) * m_state->ratio)) + 256) *
        channels);
    std::size_t used = 0;
    while (true) {
        SRC_DATA data{};
        data.data_in = samples.data() + used;
        data.input_frames = static_cast<long>((samples.size() - used) / channels);
        data.data_out = room.data();
        data.output_frames = static_cast<long>(room.size() / channels);
        data.src_ratio = m_state->ratio;
        data.end_of_input = last ? 1 : 0;
        if (src_process(m_state->converter, &data) != 0) return out;
        used += static_cast<std::size_t>(data.input_frames_used) * channels;
        out.insert(out.end(), room.begin(),
                   room.begin() +
                       static_cast<std::ptrdiff_t>(static_cast<std::size_t>(data.output_frames_gen) * channels));
        if (data.output_frames_gen == 0 && (used >= samples.size() || data.input_frames_used == 0)) return out;
    }
}

AudioBuffer resampled(AudioBuffer sound, int sampleRate) {
    if (sound.sampleRate == sampleRate || sound.samples.empty()) return sound;
    StreamResampler resampler(sound.sampleRate, sampleRate, sound.channels);
    return {sampleRate, sound.channels, resampler.next(sound.samples, true)};
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
