#include "app/base/song_loader.h"

#include "app/base/paths.h"
#include "app/base/qtext.h"
#include "audio/listening/heard_cache.h"
#include "audio/sound/audio_file.h"

#include <QStandardPaths>

namespace lc::app {

namespace {

/// Features of a sound, from the cache or listened to now; nothing when stopped.
std::shared_ptr<const HeardSong> hear(const SongSound& sound, const std::string& hash, const Task& task) {
    auto heard = hearKept(sound, hash, fileName(heardFolder()), task);
    return heard ? std::make_shared<const HeardSong>(std::move(*heard)) : nullptr;
}

Result<std::shared_ptr<LoadedSong>> loadSong(const QString& path, bool analyse, const Task& task) {
    const double readingPart = analyse ? 0.3 : 1.0;
    auto opened = openSong(fileName(path), task.part(0, readingPart));
    if (!opened) return tl::unexpected(opened.error());
    auto song = std::make_shared<LoadedSong>();
    song->path = path;
    song->title = q(opened->title);
    song->artist = q(opened->artist);
    song->warning = q(opened->warning);
    const auto print = fingerprintFile(fileName(path));
    if (!print) return tl::unexpected(print.error());
    song->print = *print;
    song->sound = std::make_shared<const SongSound>(std::move(opened->sound));
    song->loudness = std::make_shared<const LoudnessCurve>(loudnessOf(*song->sound));
    if (analyse) {
        song->heard = hear(*song->sound, song->print.hash, task.part(readingPart, 1));
        if (!song->heard) return fail(ErrorCode::Cancelled, Core::sentence("The analysis was stopped."));
        song->reading = solveSong(*song->heard);
    }
    return song;
}

} // namespace

QString heardFolder() {
    return QStandardPaths::writableLocation(QStandardPaths::CacheLocation) + QStringLiteral("/heard");
}

SongLoader::SongLoader(QObject* parent) : QObject(parent) {
    connect(&m_worker, &Worker::failed, this, [this](const QString& sentence) {
        m_busy = false;
        Q_EMIT failed(sentence, false);
    });
}

void SongLoader::drop() {
    m_worker.drop();
    m_busy = false;
}

void SongLoader::cancel() {
    if (!m_busy) return;
    drop();
    Q_EMIT failed(tr("Stopped. Nothing was changed."), true);
}

void SongLoader::load(const QString& path, bool analyse) {
    m_busy = true;
    disconnect(&m_worker, &Worker::progressed, this, nullptr);
    connect(&m_worker, &Worker::progressed, this, [this, analyse](double part) {
        if (m_busy)
            Q_EMIT progressed(part, analyse && part >= 0.3 ? tr("Listening for beats, bars and phrases")
                                                           : tr("Reading the song"));
    });
    m_worker.start([path, analyse](const Task& task) { return loadSong(path, analyse, task); },
                   [this, path, analyse](Result<std::shared_ptr<LoadedSong>> song) {
                       m_busy = false;
                       if (!song)
                           return Q_EMIT failed(q(song.error().message), song.error().code == ErrorCode::Cancelled);
                       if (!analyse) // the sound is there; what was heard of it follows
                           m_worker.start([sound = (*song)->sound, hash = (*song)->print.hash](
                                              const Task& task) { return hear(*sound, hash, task); },
                                          [this, path](const std::shared_ptr<const HeardSong>& later) {
                                              if (later) Q_EMIT heard(path, later);
                                          });
                       Q_EMIT loaded(*song, analyse);
                   });
}

} // namespace lc::app
