#pragma once

#include "app/window/start_page.h"

#include <QObject>

class QWidget;

namespace lc::app {

class Session;

/// The routine and its file: the dialogs, the question about unsaved work, what is kept when the program ends on its
/// own, the list of files of late. It asks the session to do it and tells the person in a sentence what became of it.
class FileDesk : public QObject {
    Q_OBJECT
public:
    /// `window` is the parent of every dialog.
    FileDesk(Session& session, QWidget* window);

    /// Where the demo lies: beside the program's sources or installed data; empty when it is nowhere.
    [[nodiscard]] static QString demoPath();
    /// What the routine is called on the screen.
    [[nodiscard]] QString shownTitle() const;

    bool mayDiscard(); ///< asks about work that is not saved; false = go back
    bool save();
    bool saveAs();
    bool saveTo(const QString& path, bool evenIfChanged = false);
    void chooseRoutine(); ///< handed on by fileChosen()

    /// Writes what is not saved into a file of its own beside the routine's, or into the user's data where that cannot
    /// be; the routine's file stays as it is. For an end that nobody can be asked about. The name of the file; empty
    /// where there is nothing to save or no place.
    QString rescue();
    /// Files that rescue() wrote and nobody has opened since.
    [[nodiscard]] QStringList rescued() const;

    void remember(const QString& path); ///< puts the open routine on top of the files of late
    [[nodiscard]] QList<RecentFile> recent() const;

Q_SIGNALS:
    void fileChosen(const QString& path);
    void aboutToSave(); ///< what is still being typed should be taken now
    void saved();
    void recentChanged();

private:
    Session& m_session;
    QWidget* m_window;
    int m_rescuedRevision = -1; ///< of what rescue() wrote last
    QString m_rescued;
};

} // namespace lc::app
