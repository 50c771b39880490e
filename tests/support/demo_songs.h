#pragma once

#include "support/core_support.h"

#include "audio/sound/audio_file.h"
#include "audio/sound/resample.h"
#include "core/exchange/map_import.h"

#include <QFile>

namespace lc::test {

/// The composer's map of a demo song: read by the program's own import, which tst_map_import checks.
inline SongMap demoTruth(const QString& name) {
    QFile file(QString(LIFTCOUNT_SOURCE_DIR "/demo/%1.truth.csv").arg(name));
    if (!file.open(QIODevice::ReadOnly)) qFatal("no truth of %s", qPrintable(name));
    return must(importMap(file.readAll().toStdString(), "truth.csv")).map;
}

inline AudioBuffer demoSound(const QString& name) {
    return resampled(mono(must(decodeSong(QString(LIFTCOUNT_SOURCE_DIR "/demo/%1.ogg").arg(name).toStdString())).sound),
                     44100);
}

/// The first demo song with one more bar of four after beat 64 of the dance: that bar is heard twice.
struct LongerSong {
    AudioBuffer sound{44100, 1, {}};
    Seconds danceStart = 0;   ///< beat 1 of the dance
    Seconds secondPhrase = 0; ///< beat 33
    Seconds beat69 = 0;       ///< where the music's phrase starts, four beats later than who counts on expects
};

inline LongerSong longerSong() {
    const AudioBuffer sound = demoSound("copper-weathervane");
    const SongMap exact = demoTruth("copper-weathervane");
    const std::size_t start = firstBeatOf(exact, exact.phrases[1]);
    const double from = exact.beats[start + 60].time, to = exact.beats[start + 64].time;
    const auto at = [&](double t) { return sound.samples.begin() + static_cast<std::ptrdiff_t>(t * 44100); };
    LongerSong out;
    out.sound.samples.assign(sound.samples.begin(), at(to));
    out.sound.samples.insert(out.sound.samples.end(), at(from), sound.samples.end());
    out.danceStart = exact.beats[start].time;
    out.secondPhrase = exact.beats[start + 32].time;
    out.beat69 = to + (to - from);
    return out;
}

} // namespace lc::test
