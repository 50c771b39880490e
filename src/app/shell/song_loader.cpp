#include "app/shell/song_loader.h"

#include "audio/audio_file.h"
#include "audio/heard_cache.h"

#include <QMetaObject>
#include <QStandardPaths>

namespace lc::app {

namespace {

/// Features of a sound, from the cache or listened to now; nothing when stopped.
std::shared_ptr<const HeardSong> hear(const AudioBuffer& sound, const std::string& hash, const Task& task) {
    auto heard = hearKept(sound, hash, heardFolder().toStdString(), task);
    return heard ? std::make_shared<const HeardSong>(std::move(*heard)) : nullptr;
}

} // namespace

QString heardFolder() { return QStandardPaths::writableLocation(QStandardPaths::CacheLocation) + QStringLiteral("/heard"); }

SongLoader::~SongLoader() { stopThread(); }

void SongLoader::stopThread() {
    if (!m_thread.joinable()) return;
    m_thread.request_stop();
    m_thread.join();
}

void SongLoader::cancel() {
    if (!m_busy) return;
    stopThread();
    ++m_job; // what the thread still sent is out of date
    m_busy = false;
    Q_EMIT failed(tr("Stopped. Nothing was changed."), true);
}

void SongLoader::load(const QString& path, bool analyse) {
    stopThread();
    m_busy = true;
    const int job = ++m_job;
    m_thread = std::jthread([this, job, path, analyse](const std::stop_token& stop) {
        const auto tell = [this, job](auto&& what) {
            QMetaObject::invokeMethod(this, [this, job, what] { if (job == m_job) what(); }, Qt::QueuedConnection);
        };
        int lastPercent = -1;
        const auto report = [&](double part, const QString& what) {
            const int percent = static_cast<int>(part * 100);
            if (percent == lastPercent) return;
            lastPercent = percent;
            tell([this, part, what] { Q_EMIT progressed(part, what); });
        };
        const auto give = [&](const Error& error) {
            const bool cancelled = error.code == ErrorCode::Cancelled;
            tell([this, cancelled, sentence = QString::fromStdString(error.message)] {
                m_busy = false;
                Q_EMIT failed(sentence, cancelled);
            });
        };
        const double readingPart = analyse ? 0.3 : 1.0;
        auto decoded = decodeSong(path.toStdString(), {[&](double p) { report(p * readingPart, tr("Reading the song")); }, stop});
        if (!decoded) return give(decoded.error());
        auto song = std::make_shared<LoadedSong>();
        song->path = path;
        song->title = QString::fromStdString(decoded->title);
        song->artist = QString::fromStdString(decoded->artist);
        song->warning = QString::fromStdString(decoded->warning);
        const auto print = fingerprintFile(path.toStdString());
        if (!print) return give(print.error());
        song->print = *print;
        song->loudness = std::make_shared<const LoudnessCurve>(loudnessOf(decoded->sound));
        auto sound = std::make_shared<const AudioBuffer>(std::move(decoded->sound));
        song->sound = sound;
        if (analyse) {
            song->heard = hear(*sound, song->print.hash, {[&](double p) { report(readingPart + p * (1 - readingPart), tr("Listening for beats, bars and phrases")); }, stop});
            if (!song->heard) return give({ErrorCode::Cancelled, "The analysis was stopped.", {}});
            song->reading = solveSong(*song->heard);
        }
        if (stop.stop_requested()) return;
        tell([this, song, analyse] {
            m_busy = false;
            Q_EMIT loaded(song, analyse);
        });
        if (analyse) return;
        if (const auto later = hear(*sound, song->print.hash, {{}, stop})) tell([this, path, later] { Q_EMIT heard(path, later); });
    });
}

} // namespace lc::app
