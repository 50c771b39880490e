#pragma once

#include "app/shell/theme.h"
#include "core/landing/song_trial.h"

#include <QWidget>

#include <optional>

class QLabel;
class QLineEdit;
class QPushButton;
class QSpinBox;

namespace lc::app {

class PlainTable;
class Session;

/// The routine tried on another song: which passes land here and which there, side by side, before anything is changed.
class SongTrialPanel : public QWidget {
    Q_OBJECT
public:
    SongTrialPanel(Session& session, const Theme& theme, QWidget* parent = nullptr);
    void begin();
    /// The song of another routine file.
    void tryFile(const QString& path);
    void tryTyped();
    void tryTempo(int percent);
    void take(); ///< the song that was tried; one undo step
    [[nodiscard]] const SongTrial* trial() const { return m_trial ? &*m_trial : nullptr; }
    [[nodiscard]] PlainTable* table() const { return m_table; }

private:
    /// `takeable`: a tempo is only asked about, since the recording keeps its own.
    void show(Result<std::vector<Edit>> edits, const QString& title, bool takeable = true);
    void refresh();

    Session& m_session;
    const Theme& m_theme;
    std::optional<SongTrial> m_trial;
    QString m_title;
    bool m_takeable = true;
    QLineEdit* m_typed;
    QSpinBox* m_tempo;
    QLabel* m_says;
    PlainTable* m_table;
    QPushButton* m_take;
};

} // namespace lc::app
