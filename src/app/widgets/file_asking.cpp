#include "app/widgets/file_asking.h"

#include "app/base/paths.h"
#include "app/base/qtext.h"
#include "app/base/session.h"

#include <QCoreApplication>
#include <QDir>
#include <QFileDialog>
#include <QMessageBox>
#include <QPushButton>
#include <QStandardPaths>

namespace lc::app {

namespace {

struct Files {
    Q_DECLARE_TR_FUNCTIONS(Files)
};

bool mayReplace(QWidget* parent, const QString& path) {
    QMessageBox box(parent);
    box.setObjectName(QStringLiteral("replace"));
    box.setText(Files::tr("“%1” is there already.").arg(readable(QFileInfo(path).fileName())));
    box.setInformativeText(Files::tr("Writing would put the new file in its place."));
    auto* replace = box.addButton(Files::tr("Replace it"), QMessageBox::DestructiveRole);
    auto* back = box.addButton(Files::tr("Go back"), QMessageBox::RejectRole);
    box.setDefaultButton(back);
    box.exec();
    return box.clickedButton() == replace;
}

} // namespace

QString startFolder(const Session& session, FolderFor what, Purpose purpose) {
    const bool songs = what == FolderFor::Songs;
    const QString song = pathOf(session.doc.document().song.path), routine = session.doc.path();
    const QString demo =
        QFileInfo(shippedFolder(QStringLiteral("demo"))).canonicalFilePath(); // a link where it was built
    QStringList places;
    for (const QString& file : songs ? QStringList{song, routine} : QStringList{routine, song})
        if (!file.isEmpty() && (demo.isEmpty() || QFileInfo(file).canonicalPath() != demo))
            places << QFileInfo(file).absolutePath();
    if (what == FolderFor::Figures) // exchanged between people, not between routines
        places.prepend(settings::folder(what));
    else
        places << settings::folder(what);
    places << QStandardPaths::writableLocation(songs ? QStandardPaths::MusicLocation
                                                     : QStandardPaths::DocumentsLocation)
           << QDir::homePath();
    for (const QString& place : places) {
        const QFileInfo folder(place);
        if (!place.isEmpty() && place != QStringLiteral("/") && folder.isDir() &&
            (purpose == Purpose::Read || folder.isWritable()))
            return place;
    }
    return QDir::tempPath(); // no home at all
}

QString askWhatToRead(QWidget* parent, const Session& session, FolderFor what, const QString& title,
                      const QString& filter) {
    const QString path = QFileDialog::getOpenFileName(parent, title, startFolder(session, what), filter);
    if (!path.isEmpty()) settings::setFolder(what, QFileInfo(path).absolutePath());
    return path;
}

QString askForFolder(QWidget* parent, const Session& session, FolderFor what, const QString& title) {
    const QString folder = QFileDialog::getExistingDirectory(parent, title, startFolder(session, what));
    if (!folder.isEmpty()) settings::setFolder(what, folder);
    return folder;
}

QString askWhereToWrite(QWidget* parent, const Session& session, FolderFor what, const QString& title,
                        const QString& name, const QStringList& endings, const QString& filter) {
    const auto ended = [&](const QString& path) {
        for (const QString& ending : endings)
            if (path.endsWith(QLatin1Char('.') + ending, Qt::CaseInsensitive)) return path;
        return path + QLatin1Char('.') + endings.first();
    };
    QString path = QDir(startFolder(session, what, Purpose::Write)).filePath(ended(name));
    while (true) {
        path = QFileDialog::getSaveFileName(parent, title, path, filter, nullptr, QFileDialog::DontConfirmOverwrite);
        if (path.isEmpty()) return {};
        path = ended(path);
        settings::setFolder(what, QFileInfo(path).absolutePath());
        if (!QFileInfo::exists(path) || mayReplace(parent, path)) return path;
    }
}

QString titleAsFileName(const Document& document, const QString& otherwise) {
    const QString title = q(document.title);
    return title.isEmpty() ? otherwise
                           : title.toLower().replace(QLatin1Char(' '), QLatin1Char('-')).remove(QLatin1Char('/'));
}

bool writeAndTell(Session& session, const QString& path, const std::string& bytes) {
    const auto written = writeFileAtomically(fileName(path), bytes);
    if (written)
        session.messages.tell(Files::tr("Written: %1").arg(readable(path)));
    else
        session.messages.tell(written.error());
    return written.has_value();
}

} // namespace lc::app
