#include "app/window/main_window.h"

#include "app/arrange/arrange_stage.h"
#include "app/base/settings.h"
#include "app/window/count_bar.h"
#include "app/base/paths.h"
#include "app/window/file_desk.h"
#include "app/widgets/findings_column.h"
#include "app/listen/listen_stage.h"
#include "app/arrange/part_editor.h"
#include "app/arrange/pass_list.h"
#include "app/sheets/sheets_stage.h"
#include "app/base/figure_desk.h"
#include "app/widgets/figure_list.h"
#include "app/steps/steps_stage.h"
#include "app/strips/strips_view.h"
#include "app/base/wording.h"
#include "core/base/clock_text.h"
#include "core/document/document_file.h"
#include "core/exchange/map_export.h"
#include "core/exchange/routine_file.h"

#include <QAbstractButton>
#include <QCloseEvent>
#include <QCoreApplication>
#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QComboBox>
#include <QLineEdit>
#include <QMenuBar>
#include <QMessageBox>
#include <QMimeData>
#include <QPainter>
#include <QPrintDialog>
#include <QPrinter>
#include <QProgressBar>
#include <QPushButton>
#include <QScreen>
#include <QListView>
#include <QStackedWidget>
#include <QStandardPaths>
#include <QStyle>
#include <QTimer>
#include <QVBoxLayout>

#include <cmath>

namespace lc::app {

namespace {
QString q(const std::string& text) { return QString::fromStdString(text); }
} // namespace

MainWindow::MainWindow(Session& session, const Theme& theme, const QString& vocabularyPath, QWidget* parent) : QMainWindow(parent), m_session(session), m_theme(theme) {
    m_files = new FileDesk(session, this);
    setAcceptDrops(true);
    QCoreApplication::instance()->installEventFilter(this);
    setMinimumSize(theme.px(1024), theme.px(640));
    resize(theme.px(1280), theme.px(800));
    auto* shell = new QWidget(this);
    setCentralWidget(shell);
    auto* row = new QHBoxLayout(shell);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    m_rail = new Rail(session, theme, shell);
    row->addWidget(m_rail);
    auto* column = new QVBoxLayout;
    column->setSpacing(0);
    row->addLayout(column, 1);
    buildHeading(shell);
    column->addWidget(m_heading);
    column->addWidget(divider(theme, shell));

    m_message = new QWidget(shell);
    m_message->setObjectName(QStringLiteral("message"));
    auto* messageRow = new QHBoxLayout(m_message);
    messageRow->setContentsMargins(theme.px(16), theme.px(6), theme.px(12), theme.px(6));
    m_messageText = paragraph({}, theme.words(13, Weight::Medium), theme.colours().ink, m_message);
    m_messageText->setObjectName(QStringLiteral("messageText"));
    messageRow->addWidget(m_messageText, 1);
    m_progress = new QProgressBar(m_message);
    m_progress->setTextVisible(false);
    m_progress->setFixedSize(theme.px(200), theme.px(6));
    messageRow->addWidget(m_progress);
    m_stopLoading = new QPushButton(tr("Stop"), m_message);
    m_stopLoading->setObjectName(QStringLiteral("stopLoading"));
    connect(m_stopLoading, &QPushButton::clicked, this, [this] {
        if (m_session.song.loading()) m_session.song.cancelLoading();
        else m_message->hide();
    });
    messageRow->addWidget(m_stopLoading);
    m_message->hide();
    column->addWidget(m_message);

    m_stack = new QStackedWidget(shell);
    m_start = new StartPage(theme, m_stack);
    m_listen = new ListenStage(session, theme, m_stack);
    m_steps = new StepsStage(session, theme, vocabularyPath.isEmpty() ? QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + QStringLiteral("/vocabulary.sqlite") : vocabularyPath, m_stack);
    m_arrange = new ArrangeStage(session, m_steps->desk(), theme, m_stack);
    m_sheets = new SheetsStage(session, theme, m_stack);
    for (QWidget* page : std::initializer_list<QWidget*>{m_start, m_listen, m_steps, m_arrange, m_sheets}) m_stack->addWidget(page);
    column->addWidget(m_stack, 1);
    m_countBar = new CountBar(session, theme, shell);
    column->addWidget(m_countBar);

    buildMenus();

    connect(m_rail, &Rail::stageChosen, this, &MainWindow::setStage);
    connect(&m_steps->desk(), &FigureDesk::cardChanged, this, &MainWindow::refresh);
    connect(&m_steps->desk(), &FigureDesk::cardChanged, this, [this] { m_session.doc.setLimits(m_steps->desk().limits()); });
    session.doc.setLimits(m_steps->desk().limits());
    connect(m_countBar, &CountBar::playClicked, &session.transport, &Transport::togglePlay);
    connect(m_countBar, &CountBar::loopClicked, this, &MainWindow::toggleLoop);
    connect(m_countBar, &CountBar::tempoClicked, this, [this](int step) { m_session.transport.setTempoPercent(m_session.transport.tempoPercent() + 5 * step); });
    connect(m_countBar, &CountBar::clicksClicked, this, [this] { m_session.transport.setClicksHeard(!m_session.transport.clicksHeard()); });
    connect(m_start, &StartPage::songWanted, m_files, &FileDesk::chooseSong);
    connect(m_listen, &ListenStage::songWanted, m_files, &FileDesk::chooseSong);
    connect(m_start, &StartPage::routineWanted, m_files, &FileDesk::chooseRoutine);
    connect(m_start, &StartPage::demoWanted, this, &MainWindow::openDemo);
    connect(m_start, &StartPage::structureWanted, this, &MainWindow::typeStructure);
    connect(m_start, &StartPage::fileChosen, this, &MainWindow::openAny);
    connect(m_sheets, &SheetsStage::saveWanted, this, [this](const QString& format) { m_files->saveSheetAs(format, m_sheets->kind()); });
    connect(m_sheets, &SheetsStage::printWanted, this, [this] { m_files->printSheet(m_sheets->kind()); });
    connect(m_files, &FileDesk::told, this, &MainWindow::tell);
    connect(m_files, &FileDesk::fileChosen, this, &MainWindow::openAny);
    connect(m_files, &FileDesk::saved, this, &MainWindow::keepView);
    connect(m_files, &FileDesk::recentChanged, this, [this] { m_start->setRecent(m_files->recent()); });
    connect(m_arrange, &ArrangeStage::contextMenuWanted, this, &MainWindow::contextMenu);
    connect(&session.doc, &DocumentSession::documentChanged, this, &MainWindow::refresh);
    connect(&session.doc, &DocumentSession::opened, this, &MainWindow::showOpened);
    connect(&session.doc, &DocumentSession::fileChanged, this, &MainWindow::refreshTitle);
    connect(&session.messages, &Messages::told, this, &MainWindow::tell);
    connect(&session.song, &SongSession::loadingProgressed, this, [this](double part, const QString& what) {
        m_messageText->setText(what + QStringLiteral(" …"));
        m_progress->setValue(static_cast<int>(part * 100));
        m_progress->show();
        m_stopLoading->setText(tr("Stop"));
        m_message->show();
    });
    connect(&session.song, &SongSession::loadingEnded, this, [this] {
        if (m_progress->isVisible()) m_message->hide();
        m_progress->hide();
    });
    connect(&session.song, &SongSession::songReady, this, &MainWindow::showStartOrStage);
    m_solvingShown = new QTimer(this); // what is done in a moment needs no word
    m_solvingShown->setSingleShot(true);
    m_solvingShown->setInterval(400);
    connect(m_solvingShown, &QTimer::timeout, this, [this] {
        m_messageText->setText(tr("Working the song out again around what you said …"));
        m_stopLoading->setText(tr("OK"));
        m_progress->hide();
        m_message->show();
        m_saysSolving = true;
    });
    connect(&session.song, &SongSession::solvingChanged, this, [this] {
        if (m_session.song.solving() && !m_solvingShown->isActive() && !m_saysSolving) m_solvingShown->start();
        if (m_session.song.solving()) return;
        m_solvingShown->stop();
        if (std::exchange(m_saysSolving, false)) m_message->hide();
    });
    m_clock = new QTimer(this);
    m_clock->setTimerType(Qt::PreciseTimer);
    m_clock->setInterval(15);
    connect(m_clock, &QTimer::timeout, &session.transport, &Transport::followClock);
    connect(&session.transport, &Transport::playingChanged, this, [this] {
        if (m_session.transport.player().playing()) m_clock->start();
        else m_clock->stop();
    });
    m_start->setRecent(m_files->recent());
    setStage(Stage::Listen);
    refresh();
    if (const QStringList rescued = m_files->rescued(); !rescued.isEmpty())
        tell(rescued.size() == 1 ? tr("Work that was not saved when Lift Count ended is in “%1”. Open it to go on.").arg(readable(rescued.front()))
                                 : tr("Work that was not saved when Lift Count ended is in %1 files, the newest “%2”. Open it to go on.").arg(rescued.size()).arg(readable(rescued.back())));
}

MainWindow::~MainWindow() {
    if (QWidget* focused = focusWidget()) focused->clearFocus(); // what is still typed is taken while everything is there to take it
    m_steps->letGo();
}

void MainWindow::buildHeading(QWidget* parent) {
    m_heading = new QWidget(parent);
    m_heading->setFixedHeight(m_theme.heading());
    auto* row = new QHBoxLayout(m_heading);
    row->setContentsMargins(m_theme.px(16), 0, m_theme.px(16), 0);
    row->setSpacing(m_theme.px(10));
    m_title = new QLineEdit(m_heading);
    m_title->setObjectName(QStringLiteral("title"));
    m_title->setPlaceholderText(tr("New routine"));
    m_title->setAccessibleName(tr("Title of the routine"));
    m_title->setToolTip(tr("What the routine is called; click to change it (Ctrl+T)"));
    m_title->setFocusPolicy(Qt::ClickFocus);
    m_title->setFont(m_theme.words(18, Weight::Heavy));
    m_title->setStyleSheet(QStringLiteral("QLineEdit{border:none;background:transparent;padding:0;font-size:%1px;font-weight:800;}QLineEdit:focus{background:%2;}")
                               .arg(m_theme.px(18)).arg(m_theme.colours().sheet.name()));
    const auto fit = [this] {
        const QString shown = m_title->text().isEmpty() ? m_title->placeholderText() : m_title->text();
        m_title->setFixedWidth(std::min(m_theme.px(420), QFontMetrics(m_title->font()).horizontalAdvance(shown) + m_theme.px(24)));
    };
    connect(m_title, &QLineEdit::textChanged, this, fit);
    fit();
    connect(m_title, &QLineEdit::editingFinished, this, &MainWindow::takeTitle);
    connect(m_files, &FileDesk::aboutToSave, this, &MainWindow::takeTitle); // also a title that is still being typed
    connect(m_title, &QLineEdit::returnPressed, this, [this] { currentStrips()->setFocus(); });
    row->addWidget(m_title);
    m_about = paragraph({}, m_theme.words(13), m_theme.colours().ink2, m_heading);
    m_about->setWordWrap(false);
    row->addWidget(m_about);
    row->addStretch();
    const auto add = [&](const QString& text, const QString& tip, auto&& what) {
        auto* button = new QPushButton(text, m_heading);
        button->setProperty("flat", true);
        button->setToolTip(tip);
        button->setFocusPolicy(Qt::TabFocus);
        connect(button, &QPushButton::clicked, this, what);
        row->addWidget(button);
        return button;
    };
    m_page = add(tr("Page"), tr("A phrase a line, parts only (F2)"), [this] { setMagnification(Magnification::Page); });
    m_strip = add(tr("Strip"), tr("Steps as marks (F3)"), [this] { setMagnification(Magnification::Strip); });
    m_eight = add(tr("Eight"), tr("A set a line, with the words of each step (F4)"), [this] { setMagnification(Magnification::Eight); });
    m_passesButton = add(tr("Passes"), tr("The list of passes under the strips (F5)"), [this] { m_arrange->setPassesShown(!m_arrange->passesShown()); refresh(); });
    m_commandBox = new CommandBox(m_theme, [this](const QString& typed) { return commandsFor(typed); }, m_heading);
    m_commandBox->setFixedWidth(m_theme.px(228));
    row->addWidget(m_commandBox);
}

void MainWindow::takeTitle() { m_session.doc.edit(SetTitle{m_title->text().trimmed().toStdString()}); }

StripsView* MainWindow::currentStrips() { return m_stage == Stage::Listen ? &m_listen->strips() : &m_arrange->strips(); }

void MainWindow::setMagnification(Magnification magnification) {
    if (magnification == Magnification::Eight) setStage(Stage::Arrange);
    m_listen->strips().setMagnification(magnification == Magnification::Eight ? Magnification::Strip : magnification); // a song by itself has no words of steps
    m_arrange->strips().setMagnification(magnification);
    refresh();
}

void MainWindow::setStage(Stage stage) {
    m_stage = stage;
    m_rail->setStage(stage);
    if (stage != Stage::Arrange) m_session.doc.endPreview();
    if (stage != Stage::Steps) {
        m_steps->desk().keepNow();
        m_session.transport.endHearingFigure();
    } else m_steps->begin();
    showStartOrStage();
    refresh();
}

void MainWindow::goToArrange() {
    m_leftStart = true;
    setStage(Stage::Arrange);
}

void MainWindow::showStartOrStage() {
    const bool blank = !m_leftStart && !m_session.song.hasSong() && m_session.doc.document() == newDocument();
    QWidget* page = m_stage == Stage::Steps ? static_cast<QWidget*>(m_steps) : blank ? static_cast<QWidget*>(m_start) : m_stage == Stage::Listen ? static_cast<QWidget*>(m_listen) : m_stage == Stage::Arrange ? static_cast<QWidget*>(m_arrange) : m_sheets;
    if (m_stack->currentWidget() != page) {
        m_stack->setCurrentWidget(page);
        if (page == m_listen || page == m_arrange) currentStrips()->setFocus();
        if (page == m_steps) m_steps->list().list()->setFocus();
    }
}

void MainWindow::refresh() {
    if (undoesVocabulary()) {
        m_undo->setEnabled(m_steps->desk().canUndo());
        m_undo->setText(tr("Undo in the vocabulary"));
        m_redo->setEnabled(m_steps->desk().canRedo());
        m_redo->setText(tr("Redo in the vocabulary"));
    } else {
        m_undo->setEnabled(m_session.doc.canUndo());
        m_undo->setText(m_session.doc.canUndo() ? tr("Undo: %1").arg(m_session.doc.undoName()) : tr("Undo"));
        m_redo->setEnabled(m_session.doc.canRedo());
        m_redo->setText(m_session.doc.canRedo() ? tr("Redo: %1").arg(m_session.doc.redoName()) : tr("Redo"));
    }
    const Document& document = m_session.doc.document();
    if (!m_title->hasFocus() || document.title != m_title->text().toStdString()) m_title->setText(q(document.title));
    QStringList about;
    if (!document.song.title.empty()) about << tr("to “%1”").arg(q(document.song.title));
    if (const auto tempo = medianTempo(*document.map)) about << tr("%1 bpm").arg(std::lround(*tempo)) << q(toString(document.map->metre)) << tr("counted in %1").arg(q(setNames(m_session.doc.landing().grid.regularSet())));
    m_about->setText(width() < m_theme.px(1150) ? QString() : about.join(QStringLiteral(", ")));
    const auto choose = [](QPushButton* button, bool chosen) {
        if (button->property("chosen").toBool() == chosen) return;
        button->setProperty("chosen", chosen);
        button->style()->unpolish(button);
        button->style()->polish(button);
    };
    const bool page = m_arrange->strips().magnification() == Magnification::Page;
    const bool eight = m_arrange->strips().magnification() == Magnification::Eight && m_stage == Stage::Arrange;
    choose(m_page, page);
    choose(m_strip, !page && !eight);
    choose(m_eight, eight);
    m_eight->setVisible(m_stage == Stage::Arrange);
    choose(m_passesButton, m_arrange->passesShown());
    m_passesButton->setVisible(m_stage == Stage::Arrange);
    const bool strips = m_stage == Stage::Listen || m_stage == Stage::Arrange;
    m_page->setVisible(strips);
    m_strip->setVisible(strips);
    showStartOrStage();
    refreshTitle();
}

void MainWindow::refreshTitle() {
    const QString name = m_session.doc.path().isEmpty() ? tr("not saved yet") : QFileInfo(m_session.doc.path()).fileName();
    setWindowTitle(QStringLiteral("[*]%1 (%2), Lift Count").arg(m_files->shownTitle(), name));
    setWindowModified(!m_session.doc.isSaved());
}

void MainWindow::resizeEvent(QResizeEvent* event) {
    QMainWindow::resizeEvent(event);
    const bool narrow = event->size().width() < m_theme.px(1150);
    if (narrow != m_narrow) m_arrange->setFindingsFolded(narrow); // a person may unfold them all the same
    m_narrow = narrow;
    refresh();
}

void MainWindow::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape) {
        if (m_session.doc.previewLanding()) return m_session.doc.endPreview();
        if (m_message->isVisible() && !m_session.song.loading()) return m_message->hide();
        if (m_stage == Stage::Steps) return m_steps->list().list()->setFocus();
        return currentStrips()->setFocus();
    }
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) // Space plays, so Enter presses the button that has the focus
        if (auto* button = qobject_cast<QAbstractButton*>(focusWidget())) return button->click();
    QMainWindow::keyPressEvent(event);
}

void MainWindow::changeEvent(QEvent* event) {
    QMainWindow::changeEvent(event);
    if (event->type() == QEvent::ActivationChange && isActiveWindow() && m_stage == Stage::Steps) m_steps->desk().lookAgain();
}

void MainWindow::tell(const QString& sentence) {
    m_saysSolving = false;
    m_lastTold = sentence;
    m_messageText->setText(sentence);
    m_progress->hide();
    m_stopLoading->setText(tr("OK"));
    m_message->show();
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

void MainWindow::typeStructure() {
    m_leftStart = true;
    setStage(Stage::Listen);
    m_listen->typeStructure();
}

void MainWindow::openAny(const QString& path) {
    if (isRoutineFile(fileName(path)) || isPaper(fileName(path))) {
        m_steps->desk().open(); // the person's words
        return m_session.doc.open(path, [this] {
            if (!m_files->mayDiscard()) return false;
            keepView();
            return true;
        });
    }
    m_leftStart = true;
    setStage(Stage::Listen);
    const QString ending = QFileInfo(path).suffix().toLower();
    if (ending == QStringLiteral("lrc")) m_session.song.importLyrics(path);
    else if (ending == QStringLiteral("mid") || ending == QStringLiteral("midi") || ending == QStringLiteral("csv") || ending == QStringLiteral("txt")) m_session.song.importMap(path);
    else m_session.song.openSong(path);
}

/// A file has taken the place of the routine.
void MainWindow::showOpened(const QString& path) {
    if (QFileInfo(path).absoluteFilePath() != m_session.doc.path()) { // a routine as plain text, or a hand-out
        m_leftStart = true;
        setStage(Stage::Arrange);
        return showHandoutIfOpen();
    }
    m_files->remember(m_session.doc.path());
    setStage(m_session.doc.document().routine.passes.empty() ? Stage::Listen : Stage::Arrange);
    restoreView(m_session.doc.path());
}

void MainWindow::keepView() {
    if (m_session.doc.path().isEmpty()) return;
    settings::setViewOf(m_session.doc.path(), {static_cast<int>(m_stage), static_cast<int>(m_arrange->strips().magnification()), static_cast<qlonglong>(m_session.transport.now().value), m_arrange->passesShown(),
                                           m_session.transport.tempoPercent(), m_session.transport.clicksHeard()});
}

void MainWindow::restoreView(const QString& path) {
    const QVariantList view = settings::viewOf(path);
    if (view.size() < 6) return;
    const int stage = view[0].toInt();
    if (stage == 1 || stage == 2 || stage == 3 || stage == 6) setStage(static_cast<Stage>(stage));
    setMagnification(static_cast<Magnification>(std::clamp(view[1].toInt(), 0, 2)));
    m_arrange->setPassesShown(view[3].toBool());
    m_session.transport.setTempoPercent(view[4].toInt());
    m_session.transport.setClicksHeard(view[5].toBool());
    m_session.transport.setCaret(Tick{view[2].toLongLong()});
    currentStrips()->showPlace(m_session.transport.now());
    refresh();
}

bool MainWindow::undoesVocabulary() const {
    const ShownFigure* figure = m_steps->desk().chosen();
    return m_stage == Stage::Steps && (!figure || !figure->inRoutine()) && (m_steps->desk().canUndo() || m_steps->desk().canRedo());
}

void MainWindow::closeEvent(QCloseEvent* event) {
    m_steps->desk().keepNow();
    if (m_steps->desk().hasUnkept() && !m_closeAnyway) { // the reason stands in the message line
        m_closeAnyway = true;
        setStage(Stage::Steps);
        tell(tr("“%1” could not be kept in the vocabulary. Make room, or copy its line; close once more to leave without it.").arg(q(m_steps->desk().card().name)));
        return event->ignore();
    }
    if (!m_files->mayDiscard()) return event->ignore();
    keepView();
    if (m_session.transport.player().playing()) m_session.transport.togglePlay();
    event->accept();
}

void MainWindow::saveForTheWorst(const QString& why) {
    m_steps->desk().keepNow();
    const QString path = m_files->rescue();
    if (why.isEmpty()) return keepView();
    tell(path.isEmpty() ? tr("Something went wrong that should not: %1. Save your work under another name and start Lift Count again.").arg(why)
                        : tr("Something went wrong that should not: %1. Your work was saved in “%2”; start Lift Count again and open it.").arg(why, readable(path)));
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasUrls() && event->mimeData()->urls().first().isLocalFile()) event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
    const QString path = event->mimeData()->urls().first().toLocalFile();
    event->acceptProposedAction();
    QTimer::singleShot(0, this, [this, path] { openAny(path); });
}

} // namespace lc::app
