#pragma once

#include "audio/playing/audio_output.h"

#include <memory>

namespace lc::app {

/// Sound through Qt Multimedia, in a thread of its own. If the system has no output device, problem() says so.
[[nodiscard]] std::unique_ptr<AudioOutput> makeQtAudioOutput();

/// Whether the system has a device to play through.
[[nodiscard]] bool hasAudioDevice();

} // namespace lc::app
