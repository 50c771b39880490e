#pragma once

#include "audio/playing/audio_output.h"

#include <QByteArray>
#include <QString>

#include <memory>
#include <vector>

namespace lc::app {

/// Sound through Qt Multimedia, in a thread of its own. If the system has no output device, problem() says so.
[[nodiscard]] std::unique_ptr<AudioOutput> makeQtAudioOutput();

struct SoundDevice {
    QByteArray id;
    QString name;
};
/// Those that the system has.
[[nodiscard]] std::vector<SoundDevice> soundDevices();

/// Whether the system has a device to play through.
[[nodiscard]] bool hasAudioDevice();

} // namespace lc::app
