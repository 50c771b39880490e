#pragma once

#include "audio/audio_buffer.h"

namespace lc {

/// Another sample rate (libsamplerate, band-limited). Channels stay. O(frames).
[[nodiscard]] AudioBuffer resampled(AudioBuffer sound, int sampleRate);

/// All channels averaged into one.
[[nodiscard]] AudioBuffer mono(const AudioBuffer& sound);

} // namespace lc
