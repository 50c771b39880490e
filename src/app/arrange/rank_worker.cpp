#include "app/arrange/rank_worker.h"

#include "app/base/paths.h"
#include "app/base/song_loader.h"
#include "audio/matching/song_file.h"

#include <QFileInfo>

#include <algorithm>
#include <filesystem>

namespace lc::app {

RankWorker::RankWorker(QObject* parent) : QObject(parent) {
    connect(&m_worker, &Worker::cancelled, this, [this] { Q_EMIT finished(true); });
    connect(&m_worker, &Worker::failed, this, [this] { Q_EMIT finished(true); });
}

QStringList RankWorker::filesIn(const QString& folder, Ranked what) {
    QStringList kinds{QStringLiteral("liftcount"), QStringLiteral("txt")};
    if (what == Ranked::Songs)
        for (const char* kind : {"wav", "flac", "ogg", "opus", "mp3", "m4a", "aiff", "aif", "wma", "mid", "midi"})
            kinds << QString::fromLatin1(kind);
    QStringList out;
    std::error_code trouble;
    for (std::filesystem::directory_iterator each(fileName(folder), trouble), end; !trouble && each != end;
         each.increment(trouble)) { // QDir leaves names out that are not UTF-8
        const QString file = pathOf(each->path().string());
        if (each->is_regular_file(trouble) && kinds.contains(QFileInfo(file).suffix().toLower()) &&
            !QFileInfo(file).fileName().startsWith(QLatin1Char('.')))
            out << file;
        trouble.clear();
    }
    std::sort(out.begin(), out.end(),
              [](const QString& a, const QString& b) { return a.compare(b, Qt::CaseInsensitive) < 0; });
    return out;
}

void RankWorker::cancel() { m_worker.cancel(); }

void RankWorker::start(const Document& document, const QStringList& files, Ranked what, const FitWishes& wishes) {
    cancel();
    m_worker.startTelling(
        [this, document, files, what, wishes, folder = fileName(heardFolder())](const Task& task,
                                                                                const Worker::Tell& tell) {
            int done = 0;
            for (const QString& file : files) {
                int percent = -1;
                const Task one{[&](double part) {
                                   if (const int now = static_cast<int>(part * 100); now != percent) {
                                       percent = now;
                                       tell([this, part, file] { Q_EMIT progressed(part, file); });
                                   }
                               },
                               task.stop};
                const SongFit fit = fitFile(document, fileName(file), what, wishes, folder, one);
                if (task.stopped()) return;
                ++done;
                tell([this, fit, done, of = static_cast<int>(files.size())] { Q_EMIT fitted(fit, done, of); });
            }
        },
        [this] { Q_EMIT finished(false); });
}

} // namespace lc::app
