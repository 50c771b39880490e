#include "app/window/file_desk.h"

#include "app/base/paths.h"
#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/base/settings.h"
#include "app/widgets/file_asking.h"
#include "core/document/document_file.h"

#include <QCoreApplication>
#include <QDateTime>
#include <QFileInfo>
#include <QMessageBox>
#include <QPushButton>
#include <QStandardPaths>

namespace lc::app {

namespace {
constexpr int mostRecent = 8;
} // namespace

FileDesk::FileDesk(Session& session, QWidget* window) : QObject(window), m_session(session), m_window(window) {}

QString FileDesk::passesOf(const Document& document) {
    const std::size_t passes = document.routine.passes.size();
    return passes == 1 ? tr("one pass") : tr("%1 passes").arg(QLocale().toString(passes));
}

QString FileDesk::shownTitle() const {
    const QString title = q(m_session.doc.document().title);
    return title.isEmpty() ? tr("New routine") : title;
}

QString FileDesk::demoPath() {
    const QFileInfo demo(shippedFolder(QStringLiteral("demo")) + QStringLiteral("/copper-weathervane.liftcount"));
    return demo.exists() ? demo.canonicalFilePath() : QString();
}

void FileDesk::chooseRoutine() {
    const QString path =
        askWhatToRead(m_window, m_session, FolderFor::Routines, tr("Open a routine"),
                      tr("Routines and hand-outs (*.liftcount *.txt *.md *.html *.htm *.odt *.docx *.pdf)"));
    if (!path.isEmpty()) Q_EMIT fileChosen(path);
}

bool FileDesk::mayDiscard() {
    Q_EMIT aboutToSave();
    if (m_session.doc.isSaved() || m_session.doc.document() == newDocument()) return true;
    QMessageBox box(m_window);
    box.setObjectName(QStringLiteral("unsaved"));
    box.setText(tr("“%1” has changes that are not saved.").arg(shownTitle()));
    box.setInformativeText(tr("Save them before going on?"));
    auto* saveButton = box.addButton(tr("Save"), QMessageBox::AcceptRole);
    auto* discard = box.addButton(tr("Throw them away"), QMessageBox::DestructiveRole);
    box.addButton(tr("Go back"), QMessageBox::RejectRole);
    box.setDefaultButton(saveButton);
    box.exec();
    if (box.clickedButton() == saveButton) return save();
    return box.clickedButton() == discard;
}

namespace {
QString versionsFolder() {
    return QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + QStringLiteral("/versions");
}
} // namespace

std::vector<EarlierVersion> FileDesk::versions() const {
    if (m_session.doc.path().isEmpty()) return {};
    return versionsOf(fileName(versionsFolder()), fileName(m_session.doc.path()));
}

/// Saves, and keeps what was in the file before and what is in it now. A version that cannot be kept hinders nothing.
Result<void> FileDesk::write(const QString& path, bool evenIfChanged) {
    const std::string file = fileName(QFileInfo(path).absoluteFilePath());
    const auto before = readFile(file, mostDocumentBytes);
    const qint64 beforeAt = QFileInfo(path).lastModified().toMSecsSinceEpoch();
    auto written = m_session.doc.save(path, evenIfChanged);
    if (!written) return written;
    const std::string folder = fileName(versionsFolder());
    if (before) (void)keepVersion(folder, file, *before, beforeAt);
    if (const auto now = readFile(file, mostDocumentBytes))
        (void)keepVersion(folder, file, *now, QDateTime::currentMSecsSinceEpoch());
    return written;
}

bool FileDesk::saveTo(const QString& path, bool evenIfChanged) {
    const auto written = write(path, evenIfChanged);
    if (!written) {
        m_session.messages.tell(written.error());
        return false;
    }
    remember(m_session.doc.path());
    Q_EMIT saved();
    return true;
}

bool FileDesk::save() {
    Q_EMIT aboutToSave();
    if (m_session.doc.path().isEmpty()) return saveAs();
    const auto written = write(m_session.doc.path(), false);
    if (written) {
        Q_EMIT saved();
        return true;
    }
    if (written.error().code != ErrorCode::ChangedOnDisk) {
        m_session.messages.tell(written.error());
        return false;
    }
    QMessageBox box(m_window);
    box.setText(tr("The file was changed by another window or program since it was opened here."));
    box.setInformativeText(tr("Saving here would put this version over the other."));
    auto* other = box.addButton(tr("Save under another name"), QMessageBox::AcceptRole);
    auto* overwrite = box.addButton(tr("Overwrite"), QMessageBox::DestructiveRole);
    box.addButton(tr("Go back"), QMessageBox::RejectRole);
    box.exec();
    if (box.clickedButton() == other) return saveAs();
    return box.clickedButton() == overwrite && saveTo(m_session.doc.path(), true);
}

bool FileDesk::saveAs() {
    Q_EMIT aboutToSave();
    const QString path = askWhereToWrite(m_window, m_session, FolderFor::Routines, tr("Save the routine"),
                                         titleAsFileName(m_session.doc.document(), tr("routine")),
                                         {QStringLiteral("liftcount")}, tr("Routines (*.liftcount)"));
    return !path.isEmpty() && saveTo(path, true);
}

void FileDesk::remember(const QString& path) {
    QStringList files = settings::recentFiles();
    files.removeAll(path);
    files.prepend(path);
    while (files.size() > mostRecent) files.removeLast();
    settings::setRecentFiles(files);
    const Document& d = m_session.doc.document();
    QString about = d.song.title.empty() ? tr("no song yet") : tr("to “%1”").arg(q(d.song.title));
    about = tr("%1, %2").arg(about, passesOf(d));
    settings::setWordsOf(path, {shownTitle(), about});
    Q_EMIT recentChanged();
}

std::shared_ptr<const Landing> FileDesk::pageOf(const QString& path) {
    const auto file = loadDocument(fileName(path));
    return file ? std::make_shared<const Landing>(land(file->document)) : nullptr;
}

QString FileDesk::dayAndTime(const QDateTime& when) {
    return QLocale().toString(when, tr("d MMM, hh:mm", "day and time")).replace(QLatin1Char(' '), QChar(QChar::Nbsp));
}

QList<RecentFile> FileDesk::recent() const {
    QList<RecentFile> files;
    for (const QString& path : settings::recentFiles()) {
        if (!QFileInfo::exists(path)) continue;
        const settings::FileWords words = settings::wordsOf(path);
        files.append({path, words.title.isEmpty() ? QFileInfo(path).completeBaseName() : words.title,
                      tr("%1, %2").arg(words.about, dayAndTime(QFileInfo(path).lastModified()))});
    }
    return files;
}

} // namespace lc::app
