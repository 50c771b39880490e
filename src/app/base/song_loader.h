#pragma once

#include "app/base/worker.h"
#include "audio/listening/song_solver.h"
#include "audio/sound/audio_buffer.h"
#include "audio/sound/loudness.h"
#include "core/base/content_hash.h"
#include "core/base/result.h"
#include "core/song/song_map.h"

#include <QObject>
#include <QString>

#include <memory>
#include <optional>

namespace lc::app {

/// Where what was heard of songs is kept, by the content of their files.
[[nodiscard]] QString heardFolder();

/// What a song file gave.
struct LoadedSong {
    QString path;
    FileFingerprint print;
    QString title;
    QString artist;
    QString warning;
    std::shared_ptr<const SongSound> sound;
    std::shared_ptr<const LoudnessCurve> loudness;
    std::optional<Result<SongReading>> reading; ///< when it was asked for
    std::shared_ptr<const HeardSong> heard;     ///< with the reading; otherwise it follows by itself
};

/// Decodes and analyses a song in a thread of its own, with progress and cancel. One song at a time: a new one stops
/// the one before. What was heard is kept in the user's cache by the content of the file.
class SongLoader : public QObject {
    Q_OBJECT
public:
    explicit SongLoader(QObject* parent = nullptr);

    /// With `analyse`, loaded() brings a reading; otherwise the sound comes at once, and heard() follows.
    void load(const QString& path, bool analyse);
    void cancel(); ///< says failed()
    void drop();   ///< without a word: the song is wanted no more
    [[nodiscard]] bool busy() const { return m_busy; }

Q_SIGNALS:
    void progressed(double part, const QString& what);
    void loaded(const std::shared_ptr<lc::app::LoadedSong>& song, bool analysed);
    void heard(const QString& path, const std::shared_ptr<const lc::HeardSong>& song);
    void failed(const QString& sentence, bool cancelled);

private:
    Worker m_worker;
    bool m_busy = false; ///< until loaded() or failed(); what is heard later is nobody's wait
};

} // namespace lc::app
