#pragma once

#include "app/base/worker.h"
#include "core/planning/song_ranking.h"

#include <QObject>
#include <QStringList>

namespace lc::app {

/// Reads the files of a folder one after another in a thread of its own and fits each: songs to the routine, or
/// routines to its song. What was heard of recordings is kept, so that the second time is quick.
class RankWorker : public QObject {
    Q_OBJECT
public:
    explicit RankWorker(QObject* parent = nullptr);
    /// The files in a folder that can be ranked, by name.
    [[nodiscard]] static QStringList filesIn(const QString& folder, Ranked what);
    void start(const Document& document, const QStringList& files, Ranked what, const FitWishes& wishes);
    void cancel();
    [[nodiscard]] bool busy() const { return m_worker.busy(); }

Q_SIGNALS:
    void fitted(const lc::SongFit& fit, int done, int of);
    void progressed(double part, const QString& file); ///< of the file that is read
    void finished(bool cancelled);

private:
    Worker m_worker;
};

} // namespace lc::app
