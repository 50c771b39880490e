#include "app/window/main_window.h"

#include "app/widgets/panel_parts.h"
#include "app/window/desktop_link.h"

#include "app/base/paths.h"
#include "app/base/qtext.h"
#include "app/base/settings.h"
#include "app/base/wording.h"
#include "app/strips/strips_view.h"
#include "app/window/announcements.h"
#include "app/window/command_table.h"
#include "app/window/count_bar.h"
#include "app/window/file_desk.h"
#include "app/window/focus_keeper.h"
#include "app/window/heading.h"
#include "app/window/help.h"
#include "app/window/kept_work.h"
#include "app/window/message_line.h"
#include "app/window/preferences.h"
#include "app/window/rail.h"
#include "app/window/routine_clipboard.h"
#include "app/window/start_page.h"
#include "app/window/typing_undo.h"
#include "core/exchange/map_formats.h"
#include "core/exchange/routine_file.h"

#include <QAbstractButton>
#include <QAbstractItemView>
#include <QAction>
#include <QApplication>
#include <QClipboard>
#include <QCloseEvent>
#include <QComboBox>
#include <QCoreApplication>
#include <QFileInfo>
#include <QItemSelectionModel>
#include <QLineEdit>
#include <QMenu>
#include <QMimeData>
#include <QPlainTextEdit>
#include <QScreen>
#include <QScrollArea>
#include <QStackedWidget>
#include <QStandardPaths>
#include <QTimer>
#include <QUrl>
#include <QVBoxLayout>

#include <array>

namespace lc::app {

namespace {
QString usualVocabulary() {
    return QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + QStringLiteral("/vocabulary.sqlite");
}
} // namespace

MainWindow::MainWindow(Session& session, const Theme& theme, const QString& vocabularyPath,
                       const std::vector<StageMaker>& stages)
    : m_session(session), m_theme(theme),
      m_desk(session, vocabularyPath.isEmpty() ? usualVocabulary() : vocabularyPath),
      m_files(new FileDesk(session, this)),
      m_kept(new KeptWork(
          session, m_desk, *m_files, theme, [this](JournalEntry& entry) { complete(entry); }, this)),
      m_clipboard(new RoutineClipboard(session, m_desk, *m_files, this)),
      m_commands(new CommandTable(*this, [this](Stage& stage) { bring(stage); })) {
    setAcceptDrops(true);
    QCoreApplication::instance()->installEventFilter(this);
    setMinimumSize(640, 480);
    const QSize screen = this->screen()->availableSize();
    resize(std::min(theme.px(1280), screen.width()), std::min(theme.px(800), screen.height()));
    auto* scroll = new QScrollArea(this); // of a window that is smaller than what stands in it, as with large text
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setFocusPolicy(Qt::NoFocus);
    auto* frame = new QWidget;
    scroll->setWidget(frame);
    setCentralWidget(scroll);
    m_stack = new QStackedWidget(frame);
    m_stack->setMinimumSize(theme.px(640), theme.px(340)); // less is not read
    buildStages(stages);
    m_rail = new Rail(m_stages, theme, frame);
    m_heading = new Heading(
        session, *m_commands, [this](const QString& typed) { return placesFor(typed); }, theme, frame);
    m_message = new MessageLine(session, theme, frame);
    announceTo(*this, session);
    new FocusKeeper(*this);
    m_typing = new TypingUndo(m_session.doc, this);
    m_countBar = new CountBar(session, theme, frame);
    auto* row = new QHBoxLayout(frame);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    row->addWidget(m_rail);
    auto* column = new QVBoxLayout;
    column->setSpacing(0);
    row->addLayout(column, 1);
    column->addWidget(m_heading);
    column->addWidget(divider(frame));
    column->addWidget(m_message);
    column->addWidget(m_stack, 1);
    column->addWidget(m_countBar);
    buildCommands();
    session.doc.setLimits(m_desk.limits()); // before anybody listens to what that changes: no stage is shown yet
    listen();
    m_session.transport.setVolume(settings::volume() / 100.0);
    m_start->setRecent(m_files->recent());
    m_start->setUnsaved(m_kept->unsaved());
    showStage(*m_stages.front());
}

MainWindow::~MainWindow() {
    if (QWidget* focused = focusWidget())
        focused->clearFocus(); // what is still typed is taken while everything is there to take it
    m_desk.keepNow();
    m_desk.disconnect(); // fields that lose the focus speak to nobody
}

void MainWindow::buildStages(const std::vector<StageMaker>& makers) {
    m_start = new StartPage(
        m_theme, [this](const QString& path) { return m_files->pageOf(path); }, m_stack);
    m_stack->addWidget(m_start);
    for (const StageMaker& make : makers) {
        Stage* stage = m_stages.emplace_back(make({m_session, m_desk, m_theme}, m_stack));
        m_stack->addWidget(stage);
        connect(stage, &Stage::fileWanted, this, &MainWindow::openAny);
        connect(stage, &Stage::stateChanged, this, [this, stage] {
            if (m_heading && m_stage == stage) m_heading->refresh(); // its buttons say what is shown
        });
        connect(stage, &Stage::menuWanted, this, [this](const QByteArray& id, const QPoint& global) {
            if (QMenu* menu = m_commands->menu(id)) menu->popup(global);
        });
    }
}

void MainWindow::listen() {
    connect(m_rail, &Rail::stageChosen, this, [this](Stage* stage) { showStage(*stage); });
    connect(m_heading, &Heading::titleDone, this, [this] {
        if (QWidget* home = m_stage->home()) home->setFocus();
    });
    connect(m_commands, &CommandTable::ran, this, &MainWindow::refreshUndo);
    connect(&m_desk, &FigureDesk::told, &m_session.messages, &Messages::told);
    connect(&m_desk, &FigureDesk::cardChanged, this, &MainWindow::refreshUndo);
    connect(&m_desk, &FigureDesk::cardChanged, this, [this] { m_session.doc.setLimits(m_desk.limits()); });
    Transport& transport = m_session.transport;
    connect(m_countBar, &CountBar::playClicked, &transport, &Transport::togglePlay);
    connect(m_countBar, &CountBar::loopClicked, this, &MainWindow::toggleLoop);
    connect(m_countBar, &CountBar::tempoClicked, this,
            [&transport](int step) { transport.setTempoPercent(transport.tempoPercent() + 5 * step); });
    connect(m_countBar, &CountBar::clicksClicked, this,
            [&transport] { transport.setClicksHeard(!transport.clicksHeard()); });
    connect(m_start, &StartPage::songWanted, this, [this] { m_commands->run("song.open"); });
    connect(m_start, &StartPage::routineWanted, m_files, &FileDesk::chooseRoutine);
    connect(m_start, &StartPage::demoWanted, this, &MainWindow::openDemo);
    connect(m_start, &StartPage::structureWanted, this, [this] { m_commands->run("song.structure"); });
    connect(m_start, &StartPage::fileChosen, this, &MainWindow::openAny);
    connect(m_start->unsaved(), &KeptList::broughtBack, m_kept, &KeptWork::bringBackUnsaved, Qt::QueuedConnection);
    connect(m_start->unsaved(), &KeptList::thrownAway, m_kept, &KeptWork::throwAwayUnsaved, Qt::QueuedConnection);
    connect(m_kept, &KeptWork::unsavedChanged, this, [this] { m_start->setUnsaved(m_kept->unsaved()); });
    connect(m_kept, &KeptWork::broughtBack, this, [this] { showStage(stage_id::arrange); });
    connect(m_heading, &Heading::titleTyped, &m_kept->keeper(), &JournalKeeper::changed);
    connect(&m_desk, &FigureDesk::cardChanged, &m_kept->keeper(), &JournalKeeper::changed);
    connect(
        qApp, &QGuiApplication::commitDataRequest, this, [this] { saveForTheWorst({}); }, Qt::DirectConnection);
    connect(m_files, &FileDesk::aboutToSave, m_heading, &Heading::takeTitle);
    connect(m_files, &FileDesk::fileChosen, this, &MainWindow::openAny);
    connect(m_files, &FileDesk::saved, this, &MainWindow::keepView);
    connect(m_files, &FileDesk::recentChanged, this, [this] { m_start->setRecent(m_files->recent()); });
    connect(&m_session.doc, &DocumentSession::documentChanged, this, [this] {
        refreshUndo();
        showStartOrStage();
        refreshTitle();
    });
    connect(&m_session.doc, &DocumentSession::opened, this, &MainWindow::showOpened);
    connect(&m_session.doc, &DocumentSession::fileChanged, this, &MainWindow::refreshTitle);
    connect(&m_session.song, &SongSession::songReady, this, &MainWindow::showStartOrStage);
    connect(&m_session.song, &SongSession::loadingEnded, this, &MainWindow::openNext, Qt::QueuedConnection);
    m_clock = new QTimer(this);
    m_clock->setTimerType(Qt::PreciseTimer);
    m_clock->setInterval(15);
    connect(m_clock, &QTimer::timeout, &transport, &Transport::followClock);
    connect(&transport, &Transport::playingChanged, this, [this, &transport] {
        if (transport.player().playing())
            m_clock->start();
        else
            m_clock->stop();
    });
}

CommandBox& MainWindow::commandBox() { return m_heading->box(); }

QString MainWindow::lastTold() const { return m_message->lastTold(); }

void MainWindow::showStage(Stage& stage) {
    if (m_stage && m_stage != &stage) m_stage->leave();
    m_stage = &stage;
    if (stage.about().whenBlank == Stage::WhenBlank::Leaves) m_leftStart = true;
    m_rail->setStage(stage);
    m_commands->setStage(stage);
    stage.enter();
    showStartOrStage();
    m_heading->setStage(stage);
    refreshUndo();
    refreshTitle();
}

void MainWindow::showStage(const QByteArray& id) {
    for (Stage* stage : m_stages)
        if (stage->is(id)) return showStage(*stage);
}

void MainWindow::bring(Stage& stage) {
    if (stage.about().whenBlank != Stage::WhenBlank::Itself) m_leftStart = true;
    showStage(stage);
}

void MainWindow::showStartOrStage() {
    const bool blank = !m_leftStart && !m_session.song.hasSong() && m_session.doc.document() == newDocument();
    QWidget* page =
        blank && m_stage->about().whenBlank != Stage::WhenBlank::Itself ? static_cast<QWidget*>(m_start) : m_stage;
    if (m_stack->currentWidget() == page) return;
    if (QWidget* focus = focusWidget(); focus && m_stack->currentWidget()->isAncestorOf(focus))
        focus->clearFocus(); // it would wander through the window as the stage goes
    m_stack->setCurrentWidget(page);
    if (page != m_stage) return;
    if (QWidget* home = m_stage->home()) home->setFocus();
}

void MainWindow::goTo(Tick at) {
    if (!m_stage->hasPlaces()) showStage(stage_id::arrange);
    m_session.transport.setCaret(at);
    m_stage->showPlace(at);
    if (QWidget* home = m_stage->home()) home->setFocus();
}

void MainWindow::refreshUndo() {
    const DocumentSession& doc = m_session.doc;
    const auto own = m_stage->ownUndo();
    const auto show = [&](const QByteArray& id, bool can, const QString& text) {
        m_commands->action(id)->setEnabled(can);
        m_commands->action(id)->setText(text);
    };
    if (own) {
        show("edit.undo", own->canUndo, own->undoName);
        show("edit.redo", own->canRedo, own->redoName);
    } else {
        show("edit.undo", doc.canUndo(), doc.canUndo() ? tr("Undo: %1").arg(doc.undoName()) : tr("Undo"));
        show("edit.redo", doc.canRedo(), doc.canRedo() ? tr("Redo: %1").arg(doc.redoName()) : tr("Redo"));
    }
}

void MainWindow::undoOrRedo(bool redo) {
    if (const auto own = m_stage->ownUndo()) return redo ? own->redo() : own->undo();
    if (redo)
        m_session.doc.redo();
    else
        m_session.doc.undo();
}

namespace {

/// What is chosen in a table or list, as text: a line for each row, cells with tabs between them.
void copyCells(const QAbstractItemView& table) {
    QModelIndexList chosen = table.selectionModel()->selectedIndexes();
    std::sort(chosen.begin(), chosen.end());
    QString text;
    for (qsizetype i = 0; i < chosen.size(); ++i) {
        if (i > 0) text += chosen[i].row() == chosen[i - 1].row() ? QLatin1Char('\t') : QLatin1Char('\n');
        text += chosen[i].data().toString();
    }
    QApplication::clipboard()->setText(text);
}

} // namespace

void MainWindow::editWhatHasTheKeyboard(Editing what) {
    QWidget* focus = focusWidget();
    const auto onText = [what](auto* field) {
        switch (what) {
        case Editing::Cut: return field->cut();
        case Editing::Copy: return field->copy();
        case Editing::Paste: return field->paste();
        case Editing::SelectAll: return field->selectAll();
        case Editing::Delete: break;
        }
        if constexpr (requires { field->textCursor(); })
            field->textCursor().removeSelectedText();
        else
            field->del();
    };
    if (auto* line = qobject_cast<QLineEdit*>(focus)) return onText(line);
    if (auto* text = qobject_cast<QPlainTextEdit*>(focus)) return onText(text);
    if (m_stage->edit(what, focus)) return;
    if (auto* table = qobject_cast<QAbstractItemView*>(focus);
        table && what == Editing::Copy && table->selectionModel() && table->selectionModel()->hasSelection())
        copyCells(*table);
    else
        tell(tr("Nothing here can be cut, copied or pasted. Choose passes, figures or text first."));
}

void MainWindow::refreshTitle() {
    const QString name =
        m_session.doc.path().isEmpty() ? tr("not saved yet") : QFileInfo(m_session.doc.path()).fileName();
    setWindowTitle(QStringLiteral("[*]%1 (%2), Lift Count").arg(m_files->shownTitle(), name));
    setWindowModified(!m_session.doc.isSaved());
}

namespace {

/// A key that types something: only on the strips does it do more.
bool types(const QKeyEvent& key) {
    if (key.modifiers() & ~(Qt::ShiftModifier | Qt::KeypadModifier)) return false;
    return key.key() > Qt::Key_Space && key.key() < Qt::Key_Escape;
}

/// Space presses what has the keyboard where that can be pressed; elsewhere it plays.
bool isPressed(const QObject* watched) {
    const auto* button = qobject_cast<const QAbstractButton*>(watched);
    return (button && button->focusPolicy() != Qt::NoFocus) || qobject_cast<const QComboBox*>(watched);
}

} // namespace

bool MainWindow::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::Show)
        if (auto* box = qobject_cast<QComboBox*>(watched)) labelForReaders(*box);
    if (event->type() == QEvent::ShortcutOverride &&
        watched->isWidgetType()) { // the window's own surface hears it first
        const auto* key = static_cast<QKeyEvent*>(event);
        const bool space = key->key() == Qt::Key_Space && key->modifiers() == Qt::NoModifier;
        const QWidget* focus = QApplication::focusWidget();
        if ((types(*key) && !dynamic_cast<const StripsView*>(focus)) || (space && isPressed(focus))) {
            event->accept();
            return true;
        }
        if (!qobject_cast<QLineEdit*>(watched) && !qobject_cast<QPlainTextEdit*>(watched)) return false;
        // fields would take them for "end of line" and "delete to the end"
        if (key->modifiers() == Qt::ControlModifier && (key->key() == Qt::Key_E || key->key() == Qt::Key_K))
            return true;
        const auto* field = static_cast<QWidget*>(watched);
        if (key->matches(QKeySequence::Undo)) return !m_typing->isOfField(field, false);
        if (key->key() == Qt::Key_Z && key->modifiers() == (Qt::ControlModifier | Qt::ShiftModifier))
            return !m_typing->isOfField(field, true);
        return false;
    }
    return QMainWindow::eventFilter(watched, event);
}

void MainWindow::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape) {
        if (m_stage->goBack()) return;
        if (m_message->isVisible() && !m_session.song.loading()) return m_message->hide();
        if (QWidget* home = m_stage->home()) home->setFocus();
        return;
    }
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter)
        if (auto* button = qobject_cast<QAbstractButton*>(focusWidget())) return button->click();
    QMainWindow::keyPressEvent(event);
}

void MainWindow::changeEvent(QEvent* event) {
    QMainWindow::changeEvent(event);
    if (event->type() == QEvent::ActivationChange && isActiveWindow() && m_stage) m_stage->windowActivated();
}

void MainWindow::toggleLoop() {
    if (m_session.transport.loop()) return m_session.transport.setLoop(std::nullopt);
    const Landing& landing = m_session.doc.landing();
    if (const auto index = passAt(landing.performance, m_session.transport.now())) {
        const PassPerformance& pass = landing.performance.passes[*index];
        return m_session.transport.setLoop(std::pair{pass.start, pass.end()});
    }
    if (const auto phrase = landing.grid.phraseAt(m_session.transport.now())) {
        const CountPhrase& p = landing.grid.phrases()[static_cast<std::size_t>(*phrase)];
        m_session.transport.setLoop(std::pair{counts(p.firstCount), counts(p.firstCount + p.counts)});
    }
}

void MainWindow::openDemo() {
    const QString path = FileDesk::demoPath();
    if (path.isEmpty()) return tell(tr("The demo is not here. It lies in the folder demo of the program's sources."));
    openAny(path);
}

void MainWindow::openAny(const QString& path) {
    const std::string file = fileName(path);
    if (isRoutineFile(file) || isPaper(file)) {
        if (showWhereOpen(path))
            return tell(tr("“%1” is open in another window, which has come to the front.")
                            .arg(readable(QFileInfo(path).fileName())));
        m_desk.open(); // the person's words
        return m_session.doc.open(path, [this] {
            if (!m_files->mayDiscard()) {
                m_toOpen.clear(); // what was dropped with it belongs to it
                return false;
            }
            keepView();
            return true;
        });
    }
    m_leftStart = true;
    showStage(stage_id::listen);
    if (endsLikeMap(file, true))
        m_session.song.importLyrics(path);
    else if (endsLikeMap(file, false))
        m_session.song.importMap(path);
    else
        m_session.song.openSong(path);
}

/// A file has taken the place of the routine.
void MainWindow::showOpened(const QString& path) {
    if (QFileInfo(path).absoluteFilePath() != m_session.doc.path()) { // a routine as plain text, or a hand-out
        showStage(stage_id::arrange);
        return m_stage->cameIn();
    }
    m_files->remember(m_session.doc.path());
    m_kept->remind();
    showStage(m_session.doc.document().routine.passes.empty() ? stage_id::listen : stage_id::arrange);
    showView(settings::viewOf(m_session.doc.path()));
}

void MainWindow::keepView() {
    if (!m_session.doc.path().isEmpty()) settings::setViewOf(m_session.doc.path(), viewNow());
}

QVariantMap MainWindow::viewNow() const {
    QVariantMap view{{QStringLiteral("stage"), m_stage->about().id},
                     {QStringLiteral("magnification"), static_cast<int>(m_session.view.magnification())},
                     {QStringLiteral("caret"), static_cast<qlonglong>(m_session.transport.now().value)},
                     {QStringLiteral("tempo"), m_session.transport.tempoPercent()},
                     {QStringLiteral("clicks"), m_session.transport.clicksHeard()}};
    for (const Stage* stage : m_stages)
        if (const QVariantMap own = stage->view(); !own.isEmpty())
            view.insert(QString::fromLatin1(stage->about().id), own);
    return view;
}

MainWindow::Standing MainWindow::standing() {
    if (QWidget* focused = focusWidget()) focused->clearFocus(); // what is being typed is taken
    m_desk.keepNow();
    const Standing now{saveGeometry(), viewNow(), m_leftStart, m_preferences ? "preferences" : QByteArray()};
    m_kept->keeper().forget();
    return now;
}

void MainWindow::stand(const Standing& standing) {
    restoreGeometry(standing.place);
    show();
    m_leftStart = standing.leftStart;
    showView(standing.view);
    if (!m_session.doc.isSaved()) m_kept->keeper().changed();
    if (m_session.transport.player().playing()) m_clock->start(); // it plays on, and the place is followed
    activateWindow();
    if (!standing.open.isEmpty()) (void)m_commands->run(standing.open);
}

void MainWindow::showView(const QVariantMap& view) {
    if (view.isEmpty()) return;
    const auto of = [&](const char* name, const QVariant& usual) {
        return view.value(QString::fromLatin1(name), usual);
    };
    showStage(of("stage", {}).toByteArray());
    m_session.view.setMagnification(static_cast<Magnification>(std::clamp(of("magnification", 1).toInt(), 0, 2)));
    for (Stage* stage : m_stages) stage->setView(of(stage->about().id, {}).toMap());
    m_session.transport.setTempoPercent(of("tempo", 100).toInt());
    m_session.transport.setClicksHeard(of("clicks", true).toBool());
    m_session.transport.setCaret(Tick{of("caret", 0).toLongLong()});
    for (Stage* stage : m_stages) stage->showPlace(m_session.transport.now());
    m_heading->refresh();
}

void MainWindow::closeEvent(QCloseEvent* event) {
    m_desk.keepNow();
    if (m_desk.hasUnkept() && !m_closeAnyway) { // the reason stands in the message line
        m_closeAnyway = true;
        showStage(stage_id::steps);
        tell(
            tr("“%1” could not be kept in the vocabulary. Make room, or copy its line; close once more to leave without it.")
                .arg(q(m_desk.card().name)));
        return event->ignore();
    }
    // when the desktop ends, what is not saved is offered at the next start
    if (!(qApp->isSavingSession() && m_kept->keeper().writeNow())) {
        if (!m_files->mayDiscard()) return event->ignore();
        m_kept->keeper().forget();
    }
    keepView();
    settings::setWindowPlace(saveGeometry());
    if (m_session.transport.player().playing()) m_session.transport.togglePlay();
    event->accept();
}

void MainWindow::saveForTheWorst(const QString& why) {
    m_desk.keepNow();
    const bool kept = m_kept->keeper().writeNow();
    if (why.isEmpty()) return keepView();
    tell(
        (kept
             ? tr("Something went wrong that should not: %1. What is not saved is kept, and offered when you start Lift Count again.")
             : tr("Something went wrong that should not: %1. Save your work under another name and start Lift Count again."))
            .arg(why));
}

void MainWindow::complete(JournalEntry& entry) const {
    if (!m_heading) return; // while the window is being built
    const std::string title = m_heading->typedTitle().toStdString();
    if (title != m_session.doc.document().title) {
        if (!entry.document) entry.document = m_session.doc.document();
        entry.document->title = title;
    }
    entry.figure = m_desk.typed();
}

namespace {

QStringList filesIn(const QMimeData& data) {
    QStringList paths;
    for (const QUrl& url : data.urls())
        if (url.isLocalFile()) paths << url.toLocalFile();
    return paths;
}

} // namespace

/// One of a kind is opened, in the order in which they need each other: a routine, a song, its map, its words.
void MainWindow::openDropped(const QStringList& paths) {
    std::array<QString, 4> one;
    QStringList left;
    for (const QString& path : paths) {
        const std::string file = fileName(path);
        const std::size_t kind = isRoutineFile(file) || isPaper(file) ? 0
                                 : endsLikeMap(file, true)            ? 3
                                 : endsLikeMap(file, false)           ? 2
                                                                      : 1;
        if (one.at(kind).isEmpty())
            one.at(kind) = path;
        else
            left << readable(QFileInfo(path).fileName());
    }
    m_toOpen = QStringList(one.begin(), one.end());
    m_toOpen.removeAll(QString());
    openNext();
    if (!left.isEmpty())
        tell(tr("One file of a kind is opened at a time. Not opened: %1.").arg(left.join(QStringLiteral(", "))));
}

/// The next one, when the one before is there.
void MainWindow::openNext() {
    if (!m_toOpen.isEmpty() && !m_session.song.loading()) openAny(m_toOpen.takeFirst());
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    if (!filesIn(*event->mimeData()).isEmpty()) event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
    event->acceptProposedAction();
    QTimer::singleShot(0, this, [this, paths = filesIn(*event->mimeData())] { openDropped(paths); });
}

} // namespace lc::app
