#pragma once

#include "app/arrange/asked_for.h"
#include "app/arrange/rank_worker.h"
#include "app/base/theme.h"

#include <optional>
#include <vector>

class QComboBox;
class QLabel;
class QProgressBar;
class QPushButton;

namespace lc::app {

class PlainTable;
class PlansPanel;
class Session;

/// "Which song for this dance, which dance for this song": the files of a folder, the best fit first, as they are read.
class RankPanel : public AskedFor {
    Q_OBJECT
public:
    /// The plans say what may be done and how bad it is.
    RankPanel(Session& session, PlansPanel& plans, const Theme& theme, QWidget* parent = nullptr);
    void begin() override;
    void apply() override; ///< the chosen song is tried, or the chosen dance opened
    void rank(const QString& folder, Ranked what);
    void cancel() { m_worker.cancel(); }
    /// Writes the table. An empty path asks for one.
    void saveTable(QString path = {});
    [[nodiscard]] const std::vector<SongFit>& fits() const { return m_fits; }
    [[nodiscard]] bool busy() const { return m_worker.busy(); }
    [[nodiscard]] PlainTable& table() const { return *m_table; }
    [[nodiscard]] QString says() const;

Q_SIGNALS:
    void songWanted(const QString& path); ///< to be tried, or opened where it is a recording
    void routineWanted(const QString& path);

private:
    void choose(Ranked what);
    void showFits();
    void showNote();
    [[nodiscard]] FitWishes wishes() const;
    /// Whether what was ranked for has changed since: the dance, or the song.
    [[nodiscard]] bool stale() const;

    Session& m_session;
    PlansPanel& m_plans;
    QPushButton* m_songs = nullptr;
    RankWorker m_worker;
    Ranked m_what = Ranked::Songs;
    std::vector<SongFit> m_fits;
    QString m_folder;
    int m_of = 0;
    std::optional<Document> m_asked; ///< for which the folder was ranked
    QComboBox* m_family;
    QProgressBar* m_progress;
    QPushButton *m_cancel, *m_save, *m_take;
    QLabel* m_note = nullptr;
    QLabel* m_says;
    PlainTable* m_table;
};

} // namespace lc::app
