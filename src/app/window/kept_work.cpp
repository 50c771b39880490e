#include "app/window/kept_work.h"

#include "app/base/figure_desk.h"
#include "app/base/paths.h"
#include "app/base/wording.h"
#include "app/window/file_desk.h"
#include "core/document/document_file.h"
#include "core/landing/findings.h"

#include <QDateTime>
#include <QDialog>
#include <QFileInfo>
#include <QLocale>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

namespace lc::app {

KeptWork::KeptWork(Session& session, FigureDesk& desk, FileDesk& files, const Theme& theme,
                   std::function<void(JournalEntry&)> complete, QWidget* window)
    : QObject(window), m_session(session), m_desk(desk), m_files(files), m_theme(theme), m_window(window),
      m_keeper(session, JournalKeeper::usualFolder(), std::move(complete)) {
    lookAgain();
}

void KeptWork::lookAgain() {
    std::vector<Text> unreadable;
    m_left = leftBehind(fileName(JournalKeeper::usualFolder()), &unreadable);
    for (const Text& sentence : unreadable) m_session.messages.tell(q(sentence));
    m_unsaved.clear();
    for (const LeftBehind& left : m_left) m_unsaved.push_back(described(left));
    Q_EMIT unsavedChanged();
}

KeptRoutine KeptWork::described(const Document& document, std::int64_t at) const {
    KeptRoutine kept;
    kept.title = document.title.empty() ? tr("A routine without a title") : q(document.title);
    kept.about =
        tr("%1, %2").arg(FileDesk::dayAndTime(QDateTime::fromMSecsSinceEpoch(at)), FileDesk::passesOf(document));
    kept.landing = std::make_shared<const Landing>(land(document, m_desk.limits()));
    return kept;
}

KeptRoutine KeptWork::described(const LeftBehind& left) const {
    const JournalEntry& entry = left.entry;
    KeptRoutine kept;
    if (entry.document)
        kept = described(*entry.document, left.writtenAt);
    else if (entry.figure) {
        kept.title = tr("Figure “%1”").arg(q(entry.figure->card.name));
        kept.about = FileDesk::dayAndTime(QDateTime::fromMSecsSinceEpoch(left.writtenAt));
    }
    if (!entry.file.empty()) kept.about = tr("%1, changes to “%2”").arg(kept.about, readable(pathOf(entry.file)));
    return kept;
}

void KeptWork::remind() {
    if (m_unsaved.empty() || std::exchange(m_reminded, true)) return;
    m_session.messages.tell(tr("“%1” was not saved when Lift Count ended: Routine, Unsaved work brings it back.")
                                .arg(m_unsaved.front().title));
}

void KeptWork::bringBackUnsaved(int index) {
    const LeftBehind left = m_left.at(static_cast<std::size_t>(index));
    if (left.entry.document) {
        if (!m_files.mayDiscard()) return;
        const QString file = pathOf(left.entry.file);
        const bool overtaken = QFileInfo(file).lastModified().toMSecsSinceEpoch() > left.writtenAt;
        m_session.doc.bringBack(*left.entry.document, overtaken ? QString() : file);
        m_session.transport.setCaret(left.entry.caret);
        Q_EMIT broughtBack();
        if (overtaken && !file.isEmpty())
            m_session.messages.tell(
                tr("“%1” was saved again after this: save it under another name, to have both.").arg(readable(file)));
    }
    if (left.entry.figure && !m_desk.bringBack(*left.entry.figure)) return;
    if (m_keeper.writeNow()) forgetLeft(left.path); // it is in this window's journal before it leaves the other
    lookAgain();
}

void KeptWork::throwAwayUnsaved(int index) {
    forgetLeft(m_left.at(static_cast<std::size_t>(index)).path);
    lookAgain();
}

void KeptWork::showUnsaved() {
    lookAgain();
    showList(
        tr("Unsaved work"),
        m_left.empty() ? tr("Nothing was left unsaved.")
                       : tr("What was not saved when Lift Count ended. Saved files are as they were."),
        m_unsaved, [this](int index) { bringBackUnsaved(index); }, [this](int index) { throwAwayUnsaved(index); });
}

void KeptWork::showVersions() {
    const QString file = m_session.doc.path();
    std::vector<KeptRoutine> all;
    std::vector<Document> documents;
    for (const EarlierVersion& version : file.isEmpty() ? std::vector<EarlierVersion>{} : m_files.versions()) {
        const auto text = readFile(version.path, mostDocumentBytes);
        auto read = text ? documentOfFile(*text, fileName(file)) : tl::unexpected(text.error());
        if (!read || read->document == m_session.doc.document()) continue;
        KeptRoutine kept = described(read->document, version.at);
        kept.day = QLocale().toString(QDateTime::fromMSecsSinceEpoch(version.at).date(), QLocale::LongFormat);
        kept.mayGo = false;
        all.push_back(std::move(kept));
        documents.push_back(std::move(read->document));
    }
    const QString says =
        file.isEmpty() ? tr("The routine has not been saved yet.")
        : all.empty()  ? tr("No earlier version of “%1” is kept.").arg(QFileInfo(file).fileName())
                       : tr("Bringing one back leaves the file as it is until you save; Undo takes it away again.");
    showList(tr("Earlier versions"), says, all,
             [this, file, documents](int index) {
                 const Document& version = documents[static_cast<std::size_t>(index)];
                 if (m_session.doc.path() == file)
                     m_session.doc.takeVersion(version);
                 else if (m_files.mayDiscard()) // another routine has been opened meanwhile
                     m_session.doc.bringBack(version, file);
                 else
                     return;
                 Q_EMIT broughtBack();
             },
             {});
}

void KeptWork::showList(const QString& title, const QString& says, const std::vector<KeptRoutine>& routines,
                        std::function<void(int)> bringBack, std::function<void(int)> throwAway) {
    delete m_dialog;
    m_dialog = new QDialog(m_window);
    m_dialog->setAttribute(Qt::WA_DeleteOnClose);
    m_dialog->setObjectName(QStringLiteral("keptWork"));
    m_dialog->setWindowTitle(title);
    auto* column = new QVBoxLayout(m_dialog);
    column->setSpacing(m_theme.px(10));
    column->addWidget(paragraph(says, m_theme.words(13), Tone::Ink2, m_dialog));
    auto* scroll = new QScrollArea(m_dialog);
    scroll->setWidgetResizable(true);
    auto* page = new QWidget;
    auto* pageColumn = new QVBoxLayout(page);
    auto* list = new KeptList(m_theme, page);
    list->show(routines);
    pageColumn->addWidget(list);
    pageColumn->addStretch();
    scroll->setWidget(page);
    column->addWidget(scroll, 1);
    auto* close = new QPushButton(tr("Close"), m_dialog);
    connect(close, &QPushButton::clicked, m_dialog, &QDialog::close);
    column->addWidget(close, 0, Qt::AlignRight);
    // queued: the list that asks is deleted with the dialog
    connect(
        list, &KeptList::broughtBack, this,
        [this, bringBack = std::move(bringBack)](int index) {
            if (m_dialog) m_dialog->close();
            bringBack(index);
        },
        Qt::QueuedConnection);
    connect(
        list, &KeptList::thrownAway, this,
        [this, throwAway = std::move(throwAway)](int index) {
            throwAway(index);
            showUnsaved();
        },
        Qt::QueuedConnection);
    m_dialog->resize(m_theme.px(560), m_theme.px(520));
    m_dialog->show();
}

} // namespace lc::app
