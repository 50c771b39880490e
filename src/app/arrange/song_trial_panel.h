#pragma once

#include "app/arrange/asked_for.h"
#include "app/base/theme.h"
#include "app/base/worker.h"
#include "core/planning/what_if.h"
#include "core/reports/song_trial.h"

#include <optional>
#include <vector>

class QComboBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QSpinBox;

namespace lc::app {

class PlainTable;
class PlansPanel;
class Session;
class WhenShown;

/// The routine tried on another song: which passes land here and which there, side by side, before anything is changed.
class SongTrialPanel : public AskedFor {
    Q_OBJECT
public:
    /// The plans say what may be done there.
    SongTrialPanel(Session& session, PlansPanel& plans, const Theme& theme, QWidget* parent = nullptr);
    void begin() override;
    void apply() override; ///< takes the song that was tried; one undo step
    /// The song of another routine file.
    void tryFile(const QString& path);
    void tryTyped();
    void tryTempo(int percent);
    void tryWhatIf(int index); ///< another edit of this song, of those offered
    [[nodiscard]] QString says() const;
    [[nodiscard]] const SongTrial* trial() const { return m_trial ? &*m_trial : nullptr; }
    [[nodiscard]] PlainTable* table() const { return m_table; }

private:
    struct Tried {
        SongTrial trial;
        Text words;
    };
    /// `takeable`: a tempo is only asked about, since the recording keeps its own.
    void show(Result<std::vector<Edit>> edits, const QString& title, bool takeable = true);
    void refresh();
    void showTried(Result<Tried> tried);
    void offerWhatIfs();

    Session& m_session;
    const Theme& m_theme;
    Worker m_worker; ///< tries, and reads a song that is to be tried
    WhenShown* m_upToDate;
    std::optional<std::vector<Edit>> m_asked;
    std::optional<SongTrial> m_trial;
    QString m_title;
    bool m_takeable = true;
    PlansPanel& m_plans;
    std::vector<WhatIf> m_whatIfs;
    QLineEdit* m_typed;
    QComboBox* m_edits;
    QSpinBox* m_tempo;
    QLabel* m_says;
    PlainTable* m_table;
    QPushButton* m_take;
};

} // namespace lc::app
