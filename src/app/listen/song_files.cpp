#include "app/listen/song_files.h"

#include "app/base/paths.h"
#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/widgets/file_asking.h"
#include "core/exchange/map_formats.h"

namespace lc::app {

namespace {

QString soundFilter() {
    return SongFiles::tr(
        "Sound and video (*.wav *.flac *.ogg *.oga *.opus *.mp3 *.aif *.aiff *.m4a *.aac *.wma *.mp4 *.m4v *.mov *.mkv *.mka *.webm *.avi *.ac3 *.wv);;All files (*)");
}

QString filterOf(const QString& what, bool lyrics) {
    QStringList patterns;
    for (const std::string_view ending : mapEndings(lyrics)) patterns << QStringLiteral("*.") + q(ending);
    return what + QStringLiteral(" (") + patterns.join(QLatin1Char(' ')) + QStringLiteral(");;") +
           SongFiles::tr("All files (*)");
}
} // namespace

SongFiles::SongFiles(Session& session, QWidget* window) : QObject(window), m_session(session), m_window(window) {}

void SongFiles::chooseSong() {
    const QString path = askWhatToRead(m_window, m_session, FolderFor::Songs, tr("Open a song"), soundFilter());
    if (!path.isEmpty()) Q_EMIT fileChosen(path);
}

void SongFiles::findSong() {
    const QString path =
        askWhatToRead(m_window, m_session, FolderFor::Songs,
                      tr("Where is “%1” now?").arg(q(m_session.doc.document().song.title)), soundFilter());
    if (path.isEmpty()) return;
    SongReference song = m_session.doc.document().song;
    song.path = fileName(path);
    if (songState(song) != SongState::There)
        return m_session.messages.tell(tr(
            "That is another recording: its content differs from the one this routine was made for. Use Open a song to count it anew."));
    m_session.doc.edit(MoveSongFile{song.path});
}

void SongFiles::carrySong() {
    if (!m_session.song.heardSong())
        return m_session.messages.tell(tr("First open the song whose map is to be carried over, and let it be heard."));
    const QString path =
        askWhatToRead(m_window, m_session, FolderFor::Songs,
                      tr("Another recording of “%1”").arg(q(m_session.doc.document().song.title)), soundFilter());
    if (!path.isEmpty()) m_session.song.carryTo(path);
}

void SongFiles::importMap() {
    const QString path =
        askWhatToRead(m_window, m_session, FolderFor::Songs, tr("Import a map"), filterOf(tr("Maps"), false));
    if (!path.isEmpty()) m_session.song.importMap(path);
}

void SongFiles::importLyrics() {
    const QString path = askWhatToRead(m_window, m_session, FolderFor::Songs, tr("Import lines of words"),
                                       filterOf(tr("Lines of words"), true));
    if (!path.isEmpty()) m_session.song.importLyrics(path);
}

void SongFiles::exportMap(const MapFormat& format) {
    const Document& document = m_session.doc.document();
    if (document.map->beats.empty())
        return m_session.messages.tell(tr("There are no beats to export yet. Open a song first."));
    const auto bytes = format.write({*document.map, m_session.song.doubts(), document.moments});
    if (!bytes) return m_session.messages.tell(bytes.error());
    const QString ending = q(format.ending);
    const QString path = askWhereToWrite(m_window, m_session, FolderFor::Songs, tr("Export the map"),
                                         titleAsFileName(document, tr("map")), {ending}, QStringLiteral("*.") + ending);
    if (path.isEmpty()) return;
    writeAndTell(m_session, path, *bytes);
}

} // namespace lc::app
