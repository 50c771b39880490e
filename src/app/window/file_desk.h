#pragma once

#include "app/window/start_page.h"
#include "core/base/result.h"
#include "core/document/document.h"
#include "store/versions.h"

#include <QObject>

class QWidget;

namespace lc::app {

class Session;

/// The routine and its file: the dialogs, the question about unsaved work, earlier versions, the list of files of late.
/// It asks the session to do it and tells the person in a sentence what became of it.
class FileDesk : public QObject {
    Q_OBJECT
public:
    /// `window` is the parent of every dialog.
    FileDesk(Session& session, QWidget* window);

    /// Where the demo lies: beside the program's sources or installed data; empty when it is nowhere.
    [[nodiscard]] static QString demoPath();
    [[nodiscard]] static QString dayAndTime(const QDateTime& when);  ///< "1 Dec, 11:13", never torn at a line's end
    [[nodiscard]] static QString passesOf(const Document& document); ///< "8 passes"
    /// What the routine is called on the screen.
    [[nodiscard]] QString shownTitle() const;

    bool mayDiscard(); ///< asks about work that is not saved; false = go back
    bool save();
    bool saveAs();
    bool saveTo(const QString& path, bool evenIfChanged = false);
    void chooseRoutine(); ///< handed on by fileChosen()

    /// How the open routine's file was at its last saves; empty while it was never saved.
    [[nodiscard]] std::vector<EarlierVersion> versions() const;

    void remember(const QString& path); ///< puts the open routine on top of the files of late
    [[nodiscard]] QList<RecentFile> recent() const;
    /// The routine of a file on its song; null where it cannot be read.
    [[nodiscard]] static std::shared_ptr<const Landing> pageOf(const QString& path);

Q_SIGNALS:
    void fileChosen(const QString& path);
    void aboutToSave(); ///< what is still being typed should be taken now
    void saved();
    void recentChanged();

private:
    Result<void> write(const QString& path, bool evenIfChanged);

    Session& m_session;
    QWidget* m_window;
};

} // namespace lc::app
