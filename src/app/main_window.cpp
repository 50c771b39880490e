#include "app/main_window.h"

#include "app/arrange_stage.h"
#include "app/count_bar.h"
#include "app/findings_column.h"
#include "app/listen_stage.h"
#include "app/part_editor.h"
#include "app/pass_list.h"
#include "app/sheets_stage.h"
#include "app/strips_view.h"
#include "app/wording.h"
#include "core/clock_text.h"
#include "core/document_file.h"
#include "core/map_export.h"

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
#include <QSettings>
#include <QStackedWidget>
#include <QStyle>
#include <QTimer>
#include <QVBoxLayout>

#include <cmath>

namespace lc::app {

namespace {
QString q(const std::string& text) { return QString::fromStdString(text); }
constexpr int mostRecent = 8;
} // namespace

MainWindow::MainWindow(Session& session, const Theme& theme, QWidget* parent) : QMainWindow(parent), m_session(session), m_theme(theme) {
    setAcceptDrops(true);
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
        if (m_session.loading()) m_session.cancelLoading();
        else m_message->hide();
    });
    messageRow->addWidget(m_stopLoading);
    m_message->hide();
    column->addWidget(m_message);

    m_stack = new QStackedWidget(shell);
    m_start = new StartPage(theme, m_stack);
    m_listen = new ListenStage(session, theme, m_stack);
    m_arrange = new ArrangeStage(session, theme, m_stack);
    m_sheets = new SheetsStage(session, theme, m_stack);
    for (QWidget* page : std::initializer_list<QWidget*>{m_start, m_listen, m_arrange, m_sheets}) m_stack->addWidget(page);
    column->addWidget(m_stack, 1);
    m_countBar = new CountBar(session, theme, shell);
    column->addWidget(m_countBar);

    buildMenus();

    connect(m_rail, &Rail::stageChosen, this, &MainWindow::setStage);
    connect(m_countBar, &CountBar::playClicked, &session, &Session::togglePlay);
    connect(m_countBar, &CountBar::loopClicked, this, &MainWindow::toggleLoop);
    connect(m_countBar, &CountBar::tempoClicked, this, [this](int step) { m_session.setTempoPercent(m_session.tempoPercent() + 5 * step); });
    connect(m_countBar, &CountBar::clicksClicked, this, [this] { m_session.setClicksHeard(!m_session.clicksHeard()); });
    connect(m_start, &StartPage::songWanted, this, &MainWindow::chooseSong);
    connect(m_start, &StartPage::routineWanted, this, &MainWindow::chooseRoutine);
    connect(m_start, &StartPage::demoWanted, this, &MainWindow::openDemo);
    connect(m_start, &StartPage::fileChosen, this, &MainWindow::openAny);
    connect(m_sheets, &SheetsStage::saveWanted, this, &MainWindow::saveSheetAs);
    connect(m_sheets, &SheetsStage::printWanted, this, &MainWindow::printSheet);
    connect(m_arrange, &ArrangeStage::contextMenuWanted, this, &MainWindow::contextMenu);
    connect(&session, &Session::documentChanged, this, &MainWindow::refresh);
    connect(&session, &Session::fileChanged, this, &MainWindow::refreshTitle);
    connect(&session, &Session::told, this, &MainWindow::tell);
    connect(&session, &Session::loadingProgressed, this, [this](double part, const QString& what) {
        m_messageText->setText(what + QStringLiteral(" …"));
        m_progress->setValue(static_cast<int>(part * 100));
        m_progress->show();
        m_stopLoading->setText(tr("Stop"));
        m_message->show();
    });
    connect(&session, &Session::loadingEnded, this, [this] {
        if (m_progress->isVisible()) m_message->hide();
        m_progress->hide();
    });
    connect(&session, &Session::songReady, this, &MainWindow::showStartOrStage);
    m_clock = new QTimer(this);
    m_clock->setTimerType(Qt::PreciseTimer);
    m_clock->setInterval(15);
    connect(m_clock, &QTimer::timeout, &session, &Session::followClock);
    connect(&session, &Session::playingChanged, this, [this] {
        if (m_session.player().playing()) m_clock->start();
        else m_clock->stop();
    });
    m_start->setRecent(recent());
    setStage(Stage::Listen);
    refresh();
}

MainWindow::~MainWindow() = default;

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
    connect(m_title, &QLineEdit::editingFinished, this, [this] { m_session.edit(SetTitle{m_title->text().trimmed().toStdString()}); });
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
    m_passesButton = add(tr("Passes"), tr("The list of passes under the strips (F5)"), [this] { m_arrange->setPassesShown(!m_arrange->passesShown()); refresh(); });
    m_commandBox = new CommandBox(m_theme, [this](const QString& typed) { return commandsFor(typed); }, m_heading);
    m_commandBox->setFixedWidth(m_theme.px(228));
    row->addWidget(m_commandBox);
}

QAction* MainWindow::command(QMenu* menu, const QString& name, const QKeySequence& key, const QString& tip, std::function<void()> what) {
    auto* action = new QAction(name, this);
    action->setShortcut(key);
    action->setStatusTip(tip);
    action->setToolTip(key.isEmpty() ? tip : tip + QStringLiteral(" (") + key.toString(QKeySequence::NativeText) + QStringLiteral(")"));
    connect(action, &QAction::triggered, this, std::move(what));
    menu->addAction(action);
    addAction(action);
    return action;
}

void MainWindow::buildMenus() {
    auto* file = menuBar()->addMenu(tr("&Routine"));
    command(file, tr("New"), QKeySequence::New, tr("An empty routine"), [this] {
        if (!mayDiscard()) return;
        m_session.startNew();
        m_leftStart = true;
        showStartOrStage();
        setStage(Stage::Arrange);
    });
    command(file, tr("Open a routine …"), QKeySequence::Open, tr("A saved routine"), [this] { chooseRoutine(); });
    command(file, tr("Open the demo"), {}, tr("A line dance of Quarry Bank hall on its own song"), [this] { openDemo(); });
    file->addSeparator();
    command(file, tr("Save"), QKeySequence::Save, tr("Write the routine to its file"), [this] { save(); });
    command(file, tr("Save as …"), QKeySequence::SaveAs, tr("Write the routine to another file"), [this] { saveAs(); });
    command(file, tr("Title …"), QKeySequence(Qt::CTRL | Qt::Key_T), tr("What the routine is called"), [this] {
        m_title->setFocus(Qt::ShortcutFocusReason);
        m_title->selectAll();
    });
    file->addSeparator();
    command(file, tr("Close"), QKeySequence::Quit, tr("Close the window"), [this] { close(); });

    auto* editMenu = menuBar()->addMenu(tr("&Edit"));
    m_undo = command(editMenu, tr("Undo"), QKeySequence::Undo, tr("Take the last change back"), [this] { m_session.undo(); });
    m_redo = command(editMenu, tr("Redo"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Z), tr("Make the change again"), [this] { m_session.redo(); });
    editMenu->addSeparator();
    command(editMenu, tr("Type the counts of the part"), QKeySequence(Qt::CTRL | Qt::Key_E), tr("Go to the line of the first role"), [this] {
        setStage(Stage::Arrange);
        m_arrange->editor().editFirstLine();
    });
    command(editMenu, tr("Type the order of the parts"), QKeySequence(Qt::CTRL | Qt::Key_R), tr("Go to the order"), [this] {
        setStage(Stage::Arrange);
        m_arrange->editor().editOrder();
    });
    editMenu->addSeparator();
    command(editMenu, tr("Restart after the count at the caret"), QKeySequence(Qt::CTRL | Qt::Key_X), tr("Cut the pass at the caret after that count"), [this] { m_arrange->cutAtCaret(); });
    command(editMenu, tr("Tag after the pass at the caret …"), QKeySequence(Qt::CTRL | Qt::Key_G), tr("Extra counts after the pass at the caret"), [this] { m_arrange->tagAtCaret(); });
    command(editMenu, tr("Remove the pass at the caret"), QKeySequence(Qt::CTRL | Qt::Key_Delete), tr("Take the pass out of the order"), [this] { m_arrange->removePassAtCaret(); });
    command(editMenu, tr("Do anything"), QKeySequence(Qt::CTRL | Qt::Key_K), tr("Find a command or a place"), [this] { m_commandBox->setFocus(Qt::ShortcutFocusReason); });

    auto* song = menuBar()->addMenu(tr("&Song"));
    command(song, tr("Open a song …"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_O), tr("Choose a sound file and count it"), [this] { chooseSong(); });
    command(song, tr("Find the song file …"), {}, tr("The same recording in another place"), [this] { findSong(); });
    song->addSeparator();
    const auto hand = [this, song](const QString& name, const QKeySequence& key, const QString& tip, std::function<void()> what) {
        command(song, name, key, tip, [this, what = std::move(what)] {
            setStage(Stage::Listen);
            what();
        });
    };
    hand(tr("This is a 1"), QKeySequence(Qt::Key_1), tr("A bar and a set start at the caret"), [this] { m_listen->thisIsAOne(); });
    hand(tr("Every 1 a beat earlier"), {}, tr("Shift the 1 of the whole song"), [this] { m_listen->shiftOne(-1); });
    hand(tr("Every 1 a beat later"), {}, tr("Shift the 1 of the whole song"), [this] { m_listen->shiftOne(1); });
    hand(tr("This bar has … beats"), QKeySequence(Qt::Key_B), tr("Beats of the bar at the caret"), [this] {
        if (auto* choice = m_listen->findChild<QComboBox*>(QStringLiteral("barBeats"))) choice->showPopup();
    });
    hand(tr("A phrase starts here"), QKeySequence(Qt::Key_H), tr("At the caret"), [this] { m_listen->phraseStartsHere(); });
    hand(tr("No phrase starts here"), QKeySequence(Qt::SHIFT | Qt::Key_H), tr("It belongs to the phrase before"), [this] { m_listen->noPhraseStartsHere(); });
    hand(tr("Name this phrase"), QKeySequence(Qt::Key_N), tr("Type its name"), [this] {
        if (auto* field = m_listen->findChild<QLineEdit*>(QStringLiteral("phraseName"))) field->setFocus(Qt::ShortcutFocusReason);
    });
    hand(tr("Half as many beats"), {}, tr("The pulse is half as fast"), [this] { m_listen->halfAsFast(); });
    hand(tr("Twice as many beats"), {}, tr("The pulse is twice as fast"), [this] { m_listen->twiceAsFast(); });
    song->addSeparator();
    for (const auto& [name, kind] : {std::pair{tr("Export the map as CSV …"), QStringLiteral("csv")}, std::pair{tr("Export the map as JSON …"), QStringLiteral("json")},
                                     std::pair{tr("Export the map as MIDI …"), QStringLiteral("mid")}, std::pair{tr("Export the map as labels …"), QStringLiteral("txt")}})
        command(song, name, {}, tr("Beats, bars and phrases for other programs"), [this, kind = kind] { exportMap(kind); });

    auto* play = menuBar()->addMenu(tr("&Play"));
    command(play, tr("Play or pause"), QKeySequence(Qt::Key_Space), tr("From the caret"), [this] { m_session.togglePlay(); });
    command(play, tr("Loop this pass"), QKeySequence(Qt::Key_O), tr("The pass at the caret, or the phrase where there is no pass; again to stop"), [this] { toggleLoop(); });
    command(play, tr("Slower"), QKeySequence(Qt::Key_Minus), tr("By 5 %"), [this] { m_session.setTempoPercent(m_session.tempoPercent() - 5); });
    command(play, tr("Faster"), QKeySequence(Qt::Key_Plus), tr("By 5 %"), [this] { m_session.setTempoPercent(m_session.tempoPercent() + 5); });
    command(play, tr("Song's own tempo"), QKeySequence(Qt::Key_0), tr("100 %"), [this] { m_session.setTempoPercent(100); });
    command(play, tr("Clicks on the counts"), QKeySequence(Qt::Key_V), tr("On or off"), [this] { m_session.setClicksHeard(!m_session.clicksHeard()); });
    play->addSeparator();
    const auto step = [this](int way) {
        const auto& passes = m_session.landing().performance.passes;
        const auto at = passAt(m_session.landing().performance, m_session.now());
        int index = at ? static_cast<int>(*at) + way : way > 0 ? 0 : static_cast<int>(passes.size()) - 1;
        if (index >= 0 && static_cast<std::size_t>(index) < passes.size()) m_arrange->goToPass(passes[static_cast<std::size_t>(index)].id);
    };
    command(play, tr("Next pass"), QKeySequence(Qt::CTRL | Qt::Key_PageDown), tr("Go to its count 1"), [step] { step(1); });
    command(play, tr("Pass before"), QKeySequence(Qt::CTRL | Qt::Key_PageUp), tr("Go to its count 1"), [step] { step(-1); });
    command(play, tr("Go to …"), QKeySequence(Qt::Key_G), tr("A pass, a phrase or a count"), [this] {
        m_commandBox->setFocus(Qt::ShortcutFocusReason);
        m_commandBox->setText(QStringLiteral("pass "));
        Q_EMIT m_commandBox->textEdited(m_commandBox->text());
    });

    auto* findings = menuBar()->addMenu(tr("F&indings"));
    command(findings, tr("Next finding"), QKeySequence(Qt::Key_F8), tr("Open it and go to its place"), [this] {
        setStage(Stage::Arrange);
        m_arrange->findings().nextFinding();
    });
    command(findings, tr("Next remedy"), QKeySequence(Qt::SHIFT | Qt::Key_F8), tr("Choose the next remedy of the open finding"), [this] {
        auto& column = m_arrange->findings();
        int chosen = 0;
        for (auto* choice : column.findChildren<RemedyChoice*>())
            if (choice->hasFocus()) chosen = choice->objectName().mid(6).toInt() + 1;
        if (!column.remedies().empty()) {
            chosen %= static_cast<int>(column.remedies().size());
            column.chooseRemedy(chosen);
            if (auto* choice = column.findChild<RemedyChoice*>(QStringLiteral("remedy%1").arg(chosen))) choice->setFocus(Qt::ShortcutFocusReason);
        }
    });
    command(findings, tr("Preview the remedy"), QKeySequence(Qt::Key_P), tr("Try it on the strips, again to take it off"), [this] { m_arrange->findings().previewChosen(); });
    command(findings, tr("Apply the remedy"), QKeySequence(Qt::CTRL | Qt::Key_Return), tr("Do it"), [this] { m_arrange->findings().applyChosen(); });
    command(findings, tr("Leave the finding as it is"), QKeySequence(Qt::CTRL | Qt::Key_L), tr("Say why, and put it aside"), [this] {
        if (auto* reason = m_arrange->findings().findChild<QLineEdit*>(QStringLiteral("leaveReason"))) reason->setFocus(Qt::ShortcutFocusReason);
    });
    command(findings, tr("Fold the findings"), QKeySequence(Qt::Key_F6), tr("Or unfold them"), [this] { m_arrange->findings().setFolded(!m_arrange->findings().folded()); });

    auto* view = menuBar()->addMenu(tr("&View"));
    command(view, tr("Listen"), QKeySequence(Qt::ALT | Qt::Key_1), tr("The song"), [this] { setStage(Stage::Listen); });
    command(view, tr("Arrange"), QKeySequence(Qt::ALT | Qt::Key_3), tr("The routine on the song"), [this] { setStage(Stage::Arrange); });
    command(view, tr("Sheets"), QKeySequence(Qt::ALT | Qt::Key_6), tr("What is printed"), [this] { setStage(Stage::Sheets); });
    view->addSeparator();
    command(view, tr("Page"), QKeySequence(Qt::Key_F2), tr("A phrase a line, parts only"), [this] { setMagnification(Magnification::Page); });
    command(view, tr("Strip"), QKeySequence(Qt::Key_F3), tr("Steps as marks"), [this] { setMagnification(Magnification::Strip); });
    command(view, tr("List of passes"), QKeySequence(Qt::Key_F5), tr("Show it or not"), [this] { m_arrange->setPassesShown(!m_arrange->passesShown()); refresh(); });
    command(view, tr("Legend of the step marks"), QKeySequence(Qt::Key_Question), tr("Show it or not"), [this] { m_rail->setLegendShown(!m_rail->legendShown()); });
    view->addSeparator();
    command(view, tr("Print the sheet …"), QKeySequence::Print, tr("What the Sheets stage shows"), [this] { printSheet(); });
    command(view, tr("Save the sheet as PDF …"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_E), tr("What the Sheets stage shows"), [this] { saveSheetAs(QStringLiteral("pdf")); });
    command(view, tr("Save the sheet as HTML …"), {}, tr("What the Sheets stage shows"), [this] { saveSheetAs(QStringLiteral("html")); });
    view->addSeparator();
    auto* sizes = view->addMenu(tr("Size of text"));
    for (int percent : {100, 115, 130, 160, 200})
        sizes->addAction(tr("%1 %").arg(percent), this, [this, percent] {
            QSettings().setValue(QStringLiteral("textPercent"), percent);
            tell(tr("Text will have %1 % of its size when Lift Count is started next.").arg(percent));
        });
}

StripsView* MainWindow::currentStrips() { return m_stage == Stage::Listen ? &m_listen->strips() : &m_arrange->strips(); }

void MainWindow::setMagnification(Magnification magnification) {
    m_listen->strips().setMagnification(magnification);
    m_arrange->strips().setMagnification(magnification);
    refresh();
}

void MainWindow::setStage(Stage stage) {
    m_stage = stage;
    m_rail->setStage(stage);
    if (stage != Stage::Arrange) m_session.endPreview();
    showStartOrStage();
    refresh();
}

void MainWindow::showStartOrStage() {
    const bool blank = !m_leftStart && !m_session.hasSong() && m_session.document() == newDocument();
    QWidget* page = blank ? static_cast<QWidget*>(m_start) : m_stage == Stage::Listen ? static_cast<QWidget*>(m_listen) : m_stage == Stage::Arrange ? static_cast<QWidget*>(m_arrange) : m_sheets;
    if (m_stack->currentWidget() != page) {
        m_stack->setCurrentWidget(page);
        if (page == m_listen || page == m_arrange) currentStrips()->setFocus();
    }
}

void MainWindow::refresh() {
    m_undo->setEnabled(m_session.canUndo());
    m_undo->setText(m_session.canUndo() ? tr("Undo: %1").arg(m_session.undoName()) : tr("Undo"));
    m_redo->setEnabled(m_session.canRedo());
    m_redo->setText(m_session.canRedo() ? tr("Redo: %1").arg(m_session.redoName()) : tr("Redo"));
    const Document& document = m_session.document();
    if (!m_title->hasFocus() || document.title != m_title->text().toStdString()) m_title->setText(q(document.title));
    QStringList about;
    if (!document.song.title.empty()) about << tr("to “%1”").arg(q(document.song.title));
    if (const auto tempo = medianTempo(*document.map)) about << tr("%1 bpm").arg(std::lround(*tempo)) << q(toString(document.map->metre)) << tr("counted in %1s").arg(q(setName(m_session.landing().grid.regularSet())));
    m_about->setText(width() < m_theme.px(1150) ? QString() : about.join(QStringLiteral(", ")));
    const auto choose = [](QPushButton* button, bool chosen) {
        if (button->property("chosen").toBool() == chosen) return;
        button->setProperty("chosen", chosen);
        button->style()->unpolish(button);
        button->style()->polish(button);
    };
    const bool page = m_arrange->strips().magnification() == Magnification::Page;
    choose(m_page, page);
    choose(m_strip, !page);
    choose(m_passesButton, m_arrange->passesShown());
    m_passesButton->setVisible(m_stage == Stage::Arrange);
    m_page->setVisible(m_stage != Stage::Sheets);
    m_strip->setVisible(m_stage != Stage::Sheets);
    showStartOrStage();
    refreshTitle();
}

QString MainWindow::shownTitle() const {
    const QString title = q(m_session.document().title);
    return title.isEmpty() ? tr("New routine") : title;
}

void MainWindow::refreshTitle() {
    const QString name = m_session.path().isEmpty() ? tr("not saved yet") : QFileInfo(m_session.path()).fileName();
    setWindowTitle(QStringLiteral("[*]%1 (%2), Lift Count").arg(shownTitle(), name));
    setWindowModified(!m_session.isSaved());
}

void MainWindow::resizeEvent(QResizeEvent* event) {
    QMainWindow::resizeEvent(event);
    const bool narrow = event->size().width() < m_theme.px(1150);
    if (narrow != m_narrow) m_arrange->findings().setFolded(narrow); // a person may unfold them all the same
    m_narrow = narrow;
    refresh();
}

void MainWindow::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape) {
        if (m_session.previewLanding()) return m_session.endPreview();
        if (m_message->isVisible() && !m_session.loading()) return m_message->hide();
        return currentStrips()->setFocus();
    }
    QMainWindow::keyPressEvent(event);
}

void MainWindow::tell(const QString& sentence) {
    m_lastTold = sentence;
    m_messageText->setText(sentence);
    m_progress->hide();
    m_stopLoading->setText(tr("OK"));
    m_message->show();
}

// ---------------------------------------------------------------- commands and places

std::vector<Command> MainWindow::commandsFor(const QString& typed) {
    std::vector<Command> all;
    addPlaces(all, typed);
    for (QAction* action : actions()) {
        if (!action->isEnabled()) continue;
        QString name = action->text();
        all.push_back({name.remove(QLatin1Char('&')), action->shortcut().toString(QKeySequence::NativeText), [action] { action->trigger(); }});
    }
    return all;
}

void MainWindow::addPlaces(std::vector<Command>& all, const QString& typed) {
    const Landing& landing = m_session.landing();
    const auto go = [this](Tick at) {
        return [this, at] {
            if (m_stage == Stage::Sheets) setStage(Stage::Arrange);
            m_session.setCaret(at);
            currentStrips()->showPlace(at);
            currentStrips()->setFocus();
        };
    };
    for (const PassPerformance& pass : landing.performance.passes)
        all.push_back({tr("pass %1").arg(pass.number), q(landing.grid.placeInWords(pass.start)), [this, id = pass.id] {
                           if (m_stage == Stage::Sheets) setStage(Stage::Arrange);
                           m_arrange->goToPass(id);
                           currentStrips()->setFocus();
                       }});
    for (const CountPhrase& phrase : landing.grid.phrases()) all.push_back({q(phrase.label), q(clockText(phrase.start)), go(counts(phrase.firstCount))});
    for (const Part& part : m_session.document().routine.parts)
        all.push_back({tr("part %1").arg(q(part.name)), tr("type its counts"), [this, id = part.id] {
                           setStage(Stage::Arrange);
                           m_arrange->editor().choosePart(id);
                           m_arrange->editor().editFirstLine();
                       }});
    const QStringList words = typed.split(QLatin1Char(' '), Qt::SkipEmptyParts);
    if (words.size() == 2 && words[0].compare(tr("count"), Qt::CaseInsensitive) == 0) {
        const int count = words[1].toInt();
        if (landing.grid.cell(count - 1)) all.push_back({tr("count %1").arg(count), q(landing.grid.placeInWords(counts(count - 1))), go(counts(count - 1))});
    }
}

void MainWindow::toggleLoop() {
    if (m_session.loop()) return m_session.setLoop(std::nullopt);
    const Landing& landing = m_session.landing();
    if (const auto index = passAt(landing.performance, m_session.now())) {
        const PassPerformance& pass = landing.performance.passes[*index];
        return m_session.setLoop(std::pair{pass.start, pass.end()});
    }
    if (const auto phrase = landing.grid.phraseAt(m_session.now())) {
        const CountPhrase& p = landing.grid.phrases()[static_cast<std::size_t>(*phrase)];
        m_session.setLoop(std::pair{counts(p.firstCount), counts(p.firstCount + p.counts)});
    }
}

void MainWindow::contextMenu(const QPoint& global, Tick) {
    QMenu menu(this);
    for (QAction* action : actions())
        if (action->text().contains(tr("caret")) || action->shortcut() == QKeySequence(Qt::Key_O) || action->shortcut() == QKeySequence(Qt::Key_Space)) menu.addAction(action);
    menu.exec(global);
}

// ---------------------------------------------------------------- files

QString MainWindow::demoPath() {
    const QString folder = QCoreApplication::applicationDirPath();
    for (const QString& place : {qEnvironmentVariable("LIFTCOUNT_DATA"), folder + QStringLiteral("/demo"), folder + QStringLiteral("/../share/lift-count/demo"), QStringLiteral(LIFTCOUNT_DEMO_FOLDER)}) {
        const QString path = place + QStringLiteral("/copper-weathervane.liftcount");
        if (!place.isEmpty() && QFileInfo::exists(path)) return QFileInfo(path).canonicalFilePath();
    }
    return {};
}

void MainWindow::openDemo() {
    const QString path = demoPath();
    if (path.isEmpty()) return tell(tr("The demo is not here. It lies in the folder demo of the program's sources."));
    openAny(path);
}

void MainWindow::openAny(const QString& path) {
    if (path.endsWith(QStringLiteral(".liftcount"), Qt::CaseInsensitive)) {
        if (mayDiscard()) openRoutine(path);
        return;
    }
    m_leftStart = true;
    setStage(Stage::Listen);
    m_session.openSong(path);
}

void MainWindow::openRoutine(const QString& path) {
    keepView();
    const auto opened = m_session.open(path);
    if (!opened) {
        tell(q(opened.error().message));
        return;
    }
    remember(m_session.path());
    setStage(m_session.document().routine.passes.empty() ? Stage::Listen : Stage::Arrange);
    restoreView(m_session.path());
}

void MainWindow::chooseSong() {
    const QString path = QFileDialog::getOpenFileName(this, tr("Open a song"), QSettings().value(QStringLiteral("songFolder")).toString(),
                                                      tr("Sound (*.wav *.flac *.ogg *.oga *.opus *.mp3 *.aif *.aiff);;All files (*)"));
    if (path.isEmpty()) return;
    QSettings().setValue(QStringLiteral("songFolder"), QFileInfo(path).absolutePath());
    openAny(path);
}

void MainWindow::findSong() {
    const QString path = QFileDialog::getOpenFileName(this, tr("Where is “%1” now?").arg(q(m_session.document().song.title)), {}, tr("Sound (*.wav *.flac *.ogg *.oga *.opus *.mp3 *.aif *.aiff);;All files (*)"));
    if (path.isEmpty()) return;
    SongReference song = m_session.document().song;
    song.path = path.toStdString();
    if (songState(song) != SongState::There) return tell(tr("That is another recording: its content differs from the one this routine was made for. Use Open a song to count it anew."));
    m_session.edit(MoveSongFile{song.path});
}

void MainWindow::chooseRoutine() {
    const QString path = QFileDialog::getOpenFileName(this, tr("Open a routine"), QSettings().value(QStringLiteral("routineFolder")).toString(), tr("Routines (*.liftcount)"));
    if (!path.isEmpty()) openAny(path);
}

bool MainWindow::mayDiscard() {
    if (m_session.isSaved() || m_session.document() == newDocument()) return true;
    QMessageBox box(this);
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

bool MainWindow::saveTo(const QString& path, bool evenIfChanged) {
    const auto written = m_session.save(path, evenIfChanged);
    if (!written) {
        tell(q(written.error().message));
        return false;
    }
    remember(m_session.path());
    keepView();
    return true;
}

bool MainWindow::save() {
    if (m_session.path().isEmpty()) return saveAs();
    const auto written = m_session.save(m_session.path());
    if (written) {
        keepView();
        return true;
    }
    if (written.error().code != ErrorCode::ChangedOnDisk) {
        tell(q(written.error().message));
        return false;
    }
    QMessageBox box(this);
    box.setText(tr("The file was changed by another window or program since it was opened here."));
    box.setInformativeText(tr("Saving here would put this version over the other."));
    auto* other = box.addButton(tr("Save under another name"), QMessageBox::AcceptRole);
    auto* overwrite = box.addButton(tr("Overwrite"), QMessageBox::DestructiveRole);
    box.addButton(tr("Go back"), QMessageBox::RejectRole);
    box.exec();
    if (box.clickedButton() == other) return saveAs();
    return box.clickedButton() == overwrite && saveTo(m_session.path(), true);
}

bool MainWindow::saveAs() {
    QString name = m_session.document().title.empty() ? tr("routine") : q(m_session.document().title).toLower().replace(QLatin1Char(' '), QLatin1Char('-')).remove(QLatin1Char('/'));
    QString path = QFileDialog::getSaveFileName(this, tr("Save the routine"), QSettings().value(QStringLiteral("routineFolder")).toString() + QLatin1Char('/') + name + QStringLiteral(".liftcount"), tr("Routines (*.liftcount)"));
    if (path.isEmpty()) return false;
    if (!path.endsWith(QStringLiteral(".liftcount"))) path += QStringLiteral(".liftcount");
    QSettings().setValue(QStringLiteral("routineFolder"), QFileInfo(path).absolutePath());
    return saveTo(path, true);
}

void MainWindow::remember(const QString& path) {
    QSettings settings;
    QStringList files = settings.value(QStringLiteral("recent")).toStringList();
    files.removeAll(path);
    files.prepend(path);
    while (files.size() > mostRecent) files.removeLast();
    settings.setValue(QStringLiteral("recent"), files);
    const Document& d = m_session.document();
    QString about = d.song.title.empty() ? tr("no song yet") : tr("to “%1”").arg(q(d.song.title));
    about += tr(", %1 passes").arg(d.routine.passes.size());
    settings.setValue(QStringLiteral("about/") + QString::fromLatin1(path.toUtf8().toHex()), QStringList{shownTitle(), about});
    m_start->setRecent(recent());
}

QList<RecentFile> MainWindow::recent() const {
    QSettings settings;
    QList<RecentFile> files;
    for (const QString& path : settings.value(QStringLiteral("recent")).toStringList()) {
        if (!QFileInfo::exists(path)) continue;
        const QStringList words = settings.value(QStringLiteral("about/") + QString::fromLatin1(path.toUtf8().toHex())).toStringList();
        files.append({path, words.value(0, QFileInfo(path).completeBaseName()), words.value(1) + QStringLiteral(", ") + QFileInfo(path).lastModified().toString(QStringLiteral("d MMM, hh:mm"))});
    }
    return files;
}

void MainWindow::keepView() {
    if (m_session.path().isEmpty()) return;
    QSettings settings;
    settings.setValue(QStringLiteral("view/") + QString::fromLatin1(m_session.path().toUtf8().toHex()),
                      QVariantList{static_cast<int>(m_stage), static_cast<int>(m_arrange->strips().magnification()), static_cast<qlonglong>(m_session.now().value), m_arrange->passesShown(),
                                   m_session.tempoPercent(), m_session.clicksHeard()});
}

void MainWindow::restoreView(const QString& path) {
    const QVariantList view = QSettings().value(QStringLiteral("view/") + QString::fromLatin1(path.toUtf8().toHex())).toList();
    if (view.size() < 6) return;
    const int stage = view[0].toInt();
    if (stage == 1 || stage == 3 || stage == 6) setStage(static_cast<Stage>(stage));
    setMagnification(view[1].toInt() == 0 ? Magnification::Page : Magnification::Strip);
    m_arrange->setPassesShown(view[3].toBool());
    m_session.setTempoPercent(view[4].toInt());
    m_session.setClicksHeard(view[5].toBool());
    m_session.setCaret(Tick{view[2].toLongLong()});
    currentStrips()->showPlace(m_session.now());
    refresh();
}

void MainWindow::closeEvent(QCloseEvent* event) {
    if (!mayDiscard()) return event->ignore();
    keepView();
    if (m_session.player().playing()) m_session.togglePlay();
    event->accept();
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasUrls() && event->mimeData()->urls().first().isLocalFile()) event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
    const QString path = event->mimeData()->urls().first().toLocalFile();
    event->acceptProposedAction();
    QTimer::singleShot(0, this, [this, path] { openAny(path); });
}

// ---------------------------------------------------------------- sheets and exports

void MainWindow::printSheet() {
    QPrinter printer(QPrinter::HighResolution);
    printer.setPageSize(QPageSize(QPageSize::A4));
    printer.setFullPage(true);
    QPrintDialog dialog(&printer, this);
    if (dialog.exec() != QDialog::Accepted) return;
    const auto sheet = sheetDocument(m_session.document(), m_session.landing(), m_sheets->kind());
    lc::printSheet(printer, *sheet);
}

bool MainWindow::writeSheet(const QString& path, const QString& format) {
    const QByteArray bytes = format == QStringLiteral("pdf") ? sheetPdf(m_session.document(), m_session.landing(), m_sheets->kind())
                                                             : sheetHtml(m_session.document(), m_session.landing(), m_sheets->kind()).toUtf8();
    const auto written = writeFileAtomically(path.toStdString(), bytes.toStdString());
    tell(written ? tr("Written: %1").arg(path) : q(written.error().message));
    return written.has_value();
}

void MainWindow::saveSheetAs(const QString& format) {
    const QString name = (m_session.document().title.empty() ? tr("sheet") : q(m_session.document().title).toLower().replace(QLatin1Char(' '), QLatin1Char('-')).remove(QLatin1Char('/'))) +
                         (m_sheets->kind() == SheetKind::Floor ? tr("-floor") : tr("-steps")) + QLatin1Char('.') + format;
    const QString path = QFileDialog::getSaveFileName(this, tr("Save the sheet"), QSettings().value(QStringLiteral("sheetFolder")).toString() + QLatin1Char('/') + name, QStringLiteral("*.") + format);
    if (path.isEmpty()) return;
    QSettings().setValue(QStringLiteral("sheetFolder"), QFileInfo(path).absolutePath());
    writeSheet(path, format);
}

void MainWindow::exportMap(const QString& kind) {
    const SongMap& map = *m_session.document().map;
    if (map.beats.empty()) return tell(tr("There are no beats to export yet. Open a song first."));
    const QString path = QFileDialog::getSaveFileName(this, tr("Export the map"), QStringLiteral("map.") + kind, QStringLiteral("*.") + kind);
    if (path.isEmpty()) return;
    std::string bytes;
    if (kind == QStringLiteral("csv")) bytes = mapToCsv(map);
    else if (kind == QStringLiteral("json")) bytes = mapToJson(map);
    else if (kind == QStringLiteral("txt")) bytes = mapToLabels(map);
    else {
        const auto midi = mapToMidi(map);
        if (!midi) return tell(q(midi.error().message));
        bytes.assign(midi->begin(), midi->end());
    }
    const auto written = writeFileAtomically(path.toStdString(), bytes);
    tell(written ? tr("Written: %1").arg(path) : q(written.error().message));
}

} // namespace lc::app
