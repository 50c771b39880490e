#include "audio/sound/song_sound.h"

#include <algorithm>
#include <cmath>

namespace lc {

SongSound::SongSound(const AudioBuffer& sound) : SongSound(sound.sampleRate, sound.channels) {
    reserve(sound.samples.size());
    add(sound.samples);
}

void SongSound::add(std::span<const float> interleaved) {
    const std::size_t needed = m_samples.size() + interleaved.size();
    if (needed > m_samples.capacity()) m_samples.reserve(std::max(needed, m_samples.size() + m_samples.size() / 2));
    for (const float sample : interleaved)
        m_samples.push_back(static_cast<std::int16_t>(std::lround(std::clamp(sample * 32768.0F, -32768.0F, 32767.0F))));
}

std::vector<float> SongSound::part(std::size_t from, std::size_t to) const {
    std::vector<float> out;
    out.reserve(to - from);
    for (std::size_t i = from; i < to; ++i) out.push_back((*this)[i]);
    return out;
}

} // namespace lc
