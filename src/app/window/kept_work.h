#pragma once

#include "app/base/journal_keeper.h"
#include "app/base/theme.h"
#include "app/widgets/kept_list.h"
#include "store/versions.h"

#include <QObject>
#include <QPointer>

class QDialog;

namespace lc::app {

class FigureDesk;
class FileDesk;

/// What is kept of routines without being asked for: the journal of this window, unsaved work of windows that are gone,
/// earlier versions of saved files; and the way back from each.
class KeptWork : public QObject {
    Q_OBJECT
public:
    KeptWork(Session& session, FigureDesk& desk, FileDesk& files, const Theme& theme,
             std::function<void(JournalEntry&)> complete, QWidget* window);

    [[nodiscard]] JournalKeeper& keeper() { return m_keeper; }

    /// Looks what is there now.
    void lookAgain();
    [[nodiscard]] const std::vector<KeptRoutine>& unsaved() const { return m_unsaved; } ///< the newest first
    void bringBackUnsaved(int index); ///< asks about the routine at hand first
    void throwAwayUnsaved(int index);

    void remind();       ///< once, that there is unsaved work, to those who do not see the start page
    void showUnsaved();  ///< in a dialog
    void showVersions(); ///< the same, of the file at hand

Q_SIGNALS:
    void unsavedChanged();
    void broughtBack(); ///< a routine stands in the window

private:
    [[nodiscard]] KeptRoutine described(const Document& document, std::int64_t at) const;
    [[nodiscard]] KeptRoutine described(const LeftBehind& left) const;
    void showList(const QString& title, const QString& says, const std::vector<KeptRoutine>& routines,
                  std::function<void(int)> bringBack, std::function<void(int)> throwAway);

    Session& m_session;
    FigureDesk& m_desk;
    FileDesk& m_files;
    const Theme& m_theme;
    QWidget* m_window;
    JournalKeeper m_keeper;
    std::vector<LeftBehind> m_left;
    std::vector<KeptRoutine> m_unsaved; ///< the same, to be shown
    bool m_reminded = false;
    QPointer<QDialog> m_dialog;
};

} // namespace lc::app
