#pragma once

#include <QObject>

class QWidget;

namespace lc {
struct MapFormat;
}

namespace lc::app {

class Session;

/// Files of the song: which one is opened, where it is now, another recording of it, its map and its words read and
/// written. It asks for the file, asks the session to do it, and tells what became of it.
class SongFiles : public QObject {
    Q_OBJECT
public:
    /// `window` is the parent of every dialog.
    SongFiles(Session& session, QWidget* window);

    void chooseSong();
    void findSong();  ///< the same recording in another place
    void carrySong(); ///< another recording of the same song
    void importMap();
    void importLyrics();
    void exportMap(const MapFormat& format);

Q_SIGNALS:
    void fileChosen(const QString& path); ///< to be opened

private:
    Session& m_session;
    QWidget* m_window;
};

} // namespace lc::app
