#pragma once

#include "audio/sound/audio_buffer.h"

#include <cstdint>
#include <span>
#include <vector>

namespace lc {

/// The sound of a whole song as it is kept while the song is open: interleaved samples of 16 bits, which is half the
/// room of an AudioBuffer (an hour in stereo is 635 MB) and what listeners are given anyhow. What was made of 16 bits
/// comes back as it was; what is louder than −1 to 1 is cut there.
class SongSound {
public:
    SongSound(int sampleRate, int channels) : m_sampleRate(sampleRate), m_channels(channels) {}
    explicit SongSound(const AudioBuffer& sound);

    void reserve(std::size_t samples) { m_samples.reserve(samples); }
    void add(std::span<const float> interleaved);

    [[nodiscard]] int sampleRate() const { return m_sampleRate; }
    [[nodiscard]] int channels() const { return m_channels; } ///< 1 or 2
    [[nodiscard]] std::size_t samples() const { return m_samples.size(); }
    [[nodiscard]] std::size_t frames() const { return m_samples.size() / static_cast<std::size_t>(m_channels); }
    [[nodiscard]] double seconds() const { return static_cast<double>(frames()) / m_sampleRate; }
    [[nodiscard]] float operator[](std::size_t sample) const {
        return static_cast<float>(m_samples[sample]) * (1.0F / 32768.0F);
    }
    /// A part of it, half-open, in samples.
    [[nodiscard]] std::vector<float> part(std::size_t from, std::size_t to) const;

private:
    int m_sampleRate;
    int m_channels;
    std::vector<std::int16_t> m_samples;
};

} // namespace lc
