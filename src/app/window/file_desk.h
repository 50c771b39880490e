#pragma once

#include "app/window/start_page.h"
#include "sheets/sheet_document.h"

#include <QObject>

class QWidget;

namespace lc::app {

class Session;

/// Everything that goes through a file: the dialogs, the question about unsaved work, the list of files of late, sheets
/// and exports. It asks the session to do it and tells the person in a sentence what became of it.
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
    /// The file dialogs; chosen files are handed on by fileChosen().
    void chooseSong();
    void chooseRoutine();
    void findSong(); ///< the same recording in another place
    void carrySong(); ///< another recording of the same song
    void importMap();
    void importLyrics();

    /// Writes what is not saved into a file of its own beside the routine's, or into the user's data where that cannot be; the routine's file stays as it is.
    /// For an end that nobody can be asked about. The name of the file; empty where there is nothing to save or no place.
    QString rescue();
    /// Files that rescue() wrote and nobody has opened since.
    [[nodiscard]] QStringList rescued() const;

    void remember(const QString& path); ///< puts the open routine on top of the files of late
    [[nodiscard]] QList<RecentFile> recent() const;

    void printSheet(SheetKind kind);
    bool writeSheet(const QString& path, const QString& format, SheetKind kind); ///< "pdf" or "html"
    void saveSheetAs(const QString& format, SheetKind kind);
    void exportMap(const QString& kind); ///< "csv", "json", "mid", "txt", "vtt" or "lrc"

Q_SIGNALS:
    void told(const QString& sentence);
    void fileChosen(const QString& path);
    void aboutToSave(); ///< what is still being typed should be taken now
    void saved();
    void recentChanged();

private:
    [[nodiscard]] QString nameOfFile(const QString& otherwise) const;

    Session& m_session;
    QWidget* m_window;
    int m_rescuedRevision = -1; ///< of what rescue() wrote last
    QString m_rescued;
};

} // namespace lc::app
