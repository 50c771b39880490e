#include "app/arrange/rank_worker.h"

#include "app/shell/song_loader.h"
#include "audio/song_file.h"

#include <QDir>
#include <QFileInfo>
#include <QMetaObject>

namespace lc::app {

RankWorker::~RankWorker() { stopThread(); } // nobody is told any more

QStringList RankWorker::filesIn(const QString& folder, Ranked what) {
    QStringList kinds{QStringLiteral("*.liftcount"), QStringLiteral("*.txt")};
    if (what == Ranked::Songs)
        for (const char* kind : {"*.wav", "*.flac", "*.ogg", "*.opus", "*.mp3", "*.m4a", "*.aiff", "*.aif", "*.wma", "*.mid", "*.midi"}) kinds << QString::fromLatin1(kind);
    QStringList out;
    for (const QFileInfo& file : QDir(folder).entryInfoList(kinds, QDir::Files, QDir::Name)) out << file.absoluteFilePath();
    return out;
}

void RankWorker::stopThread() {
    if (!m_thread.joinable()) return;
    m_thread.request_stop();
    m_thread.join();
}

void RankWorker::cancel() {
    stopThread();
    ++m_job; // what the thread still sent is out of date
    if (m_busy) {
        m_busy = false;
        Q_EMIT finished(true);
    }
}

void RankWorker::start(const Document& document, const QStringList& files, Ranked what, const FitWishes& wishes) {
    cancel();
    m_busy = true;
    const int job = ++m_job;
    m_thread = std::jthread([this, job, document, files, what, wishes, folder = heardFolder().toStdString()](const std::stop_token& stop) {
        const auto tell = [this, job](auto&& signal) {
            QMetaObject::invokeMethod(this, [this, job, signal] { if (job == m_job) signal(); }, Qt::QueuedConnection);
        };
        int done = 0;
        for (const QString& file : files) {
            if (stop.stop_requested()) return;
            int percent = -1;
            const auto report = [&](double part) {
                if (const int now = static_cast<int>(part * 100); now != percent) {
                    percent = now;
                    tell([this, part, file] { Q_EMIT progressed(part, file); });
                }
            };
            const auto other = documentOfSong(file.toStdString(), folder, {report, stop});
            if (stop.stop_requested()) return;
            SongFit fit;
            if (!other) fit.problem = other.error().message;
            else if (what == Ranked::Songs) fit = fitSong(document, *other, wishes);
            else {
                fit = fitSong(*other, document, wishes);
                fit.name = other->title;
            }
            if (fit.name.empty()) fit.name = QFileInfo(file).completeBaseName().toStdString();
            fit.file = file.toStdString();
            ++done;
            tell([this, fit, done, of = static_cast<int>(files.size())] { Q_EMIT fitted(fit, done, of); });
        }
        tell([this] {
            m_busy = false;
            Q_EMIT finished(false);
        });
    });
}

} // namespace lc::app
