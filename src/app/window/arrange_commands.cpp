// The commands of Arrange: parts as chains of figures, what makes a pass differ, formation, text.
#include "app/window/main_window.h"

#include "app/arrange/arrange_stage.h"
#include "app/arrange/handout_panel.h"
#include "app/arrange/part_chain.h"
#include "app/arrange/part_editor.h"
#include "app/arrange/pass_panel.h"
#include "app/arrange/rank_panel.h"
#include "app/arrange/song_trial_panel.h"
#include "app/window/file_desk.h"
#include "app/base/figure_desk.h"
#include "app/steps/steps_stage.h"
#include "core/base/clock_text.h"
#include "core/edits/dance_on_song.h"
#include "core/exchange/handout.h"
#include "core/exchange/handout_write.h"
#include "core/exchange/routine_text.h"

#include <QClipboard>
#include <QFileInfo>
#include <QGuiApplication>
#include <QMenuBar>

namespace lc::app {

namespace {
QString q(const std::string& text) { return QString::fromStdString(text); }
} // namespace

void MainWindow::buildArrangeMenu() {
    auto* menu = menuBar()->addMenu(tr("&Arrange"));
    const auto chain = [this]() -> PartChain& {
        if (m_stage != Stage::Arrange) goToArrange();
        return m_arrange->editor().chain();
    };
    command(menu, tr("Type a figure at the caret"), QKeySequence(Qt::CTRL | Qt::Key_I), tr("Its name puts it into the part, behind the figure at the caret"), [this] {
        goToArrange();
        m_arrange->typeFigureAtCaret();
    });
    command(menu, tr("Figures at hand"), QKeySequence(Qt::Key_F9), tr("The vocabulary beside the strips, to drag from; again to put it away"), [this] {
        goToArrange();
        m_arrange->setVocabularyShown(!m_arrange->vocabularyShown());
    });
    menu->addSeparator();
    command(menu, tr("Repeat the chosen figures"), {}, tr("A copy behind them (Ctrl+D)"), [chain] { chain().repeatChosen(); });
    command(menu, tr("Dance the chosen figures to the other side"), QKeySequence(Qt::CTRL | Qt::Key_M), tr("Left and right change places; again to undo it"), [chain] { chain().toggleMirrored(); });
    command(menu, tr("Partners exchange lines in the chosen figures"), {}, tr("The first role dances the second's line"), [chain] { chain().toggleExchanged(); });
    command(menu, tr("Reverse the order of the figures"), {}, tr("Of those chosen, or of the whole part"), [chain] { chain().reverseChosen(); });
    command(menu, tr("Dance the chosen figures in threes"), {}, tr("Bars of three: what falls on the fourth count of each bar is left out"), [chain] { chain().danceInBars(3); });
    command(menu, tr("Take the chosen figures out"), {}, tr("Out of the part; they stay in the routine"), [chain] { chain().removeChosen(); });
    menu->addSeparator();
    command(menu, tr("What makes this pass differ"), QKeySequence(Qt::CTRL | Qt::Key_J), tr("Type it: restart after 16, tag of 4, mirrored …"), [this] {
        goToArrange();
        m_arrange->editPassAtCaret();
    });
    command(menu, tr("This pass to the other side"), {}, tr("Left and right change places in the whole pass"), [this] {
        m_arrange->changePassAtCaret(tr("pass to the other side"), [](PassExceptions& e) { e.mirrored = !e.mirrored; });
    });
    command(menu, tr("Places exchanged in this pass"), {}, tr("Partners dance each other's lines"), [this] {
        m_arrange->changePassAtCaret(tr("places exchanged"), [](PassExceptions& e) { e.exchanged = !e.exchanged; });
    });
    command(menu, tr("Last change of this pass a touch"), {}, tr("So that the other foot stays free"), [this] {
        m_arrange->changePassAtCaret(tr("touch in place of the last step"), [](PassExceptions& e) { e.lastChangeIsTouch = !e.lastChangeIsTouch; });
    });
    command(menu, tr("Pin the start of this pass"), {}, tr("It starts there whatever comes before; again to unpin"), [this] { m_arrange->pinPassHere(); });
    command(menu, tr("Bind what differs to the music"), {}, tr("The line at the cursor of the pass panel then stays with its place in the song"), [this] { m_arrange->passPanel().bindLineToMusic(); });
    auto* canon = menu->addMenu(tr("Canon in this pass"));
    for (int apart : {1, 2, 4, 8})
        for (bool ripple : {false, true})
            canon->addAction(ripple ? tr("%1 apart, every role finishes").arg(apart) : tr("%1 apart, all end together").arg(apart), this, [this, apart, ripple] {
                m_arrange->changePassAtCaret(tr("canon"), [&](PassExceptions& e) { e.canon = Canon{counts(apart), ripple}; });
            });
    canon->addAction(tr("None"), this, [this] { m_arrange->changePassAtCaret(tr("no canon"), [](PassExceptions& e) { e.canon.reset(); }); });
    auto* accents = menu->addMenu(tr("The count at the caret meets"));
    connect(accents, &QMenu::aboutToShow, this, [this, accents] {
        accents->clear();
        for (const Moment& moment : m_session.doc.document().moments)
            accents->addAction(tr("%1, %2").arg(q(moment.text), q(clockText(moment.at))), this, [this, id = moment.id] { m_arrange->bindAccentAtCaret(id); });
        if (m_session.doc.document().moments.empty()) accents->addAction(tr("No moments yet: mark them in Listen"))->setEnabled(false);
    });
    menu->addSeparator();
    command(menu, tr("Copy passes"), {}, tr("Those chosen in the list, or the one at the caret, as text"), [this] { m_arrange->copyPasses(); });
    command(menu, tr("Paste passes"), {}, tr("Behind the pass at the caret"), [this] { m_arrange->pastePasses(); });
    menu->addSeparator();
    command(menu, tr("Make it land …"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_P), tr("Plans: the fewest changes that make every pass land, with what they cost"), [this] {
        goToArrange();
        m_arrange->showPlans();
    });
    command(menu, tr("Mend the music instead …"), {}, tr("The fewest cuts and repeats of whole bars on which the unchanged dance lands"), [this] {
        goToArrange();
        m_arrange->showMends();
    });
    command(menu, tr("Put a turned-round dance right …"), {}, tr("At once, within some sets, or left until the music undoes it"), [this] {
        goToArrange();
        m_arrange->showTurns();
    });
    command(menu, tr("Settle the hand-out …"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_H), tr("Its lines, what each was read as, and what is open"), [this] {
        goToArrange();
        m_arrange->showHandout();
    });
    command(menu, tr("Fill the phrase …"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_F), tr("Every way to go on with figures at hand so that the phrase is full and the feet fit"), [this] {
        goToArrange();
        m_arrange->showFill();
    });
    command(menu, tr("Plans keep this pass as it is"), {}, tr("Its restart and tag stay; again to free it"), [this] { m_arrange->keepPassInPlans(); });
    command(menu, tr("Try the routine on another song"), {}, tr("Or another edit of this one, or another tempo: which passes land here and which there, before anything is changed"), [this] {
        goToArrange();
        m_arrange->showSongTrial();
    });
    command(menu, tr("Which song for this dance, which dance for this song …"), {}, tr("The files of a folder, the best fit first"), [this] {
        goToArrange();
        m_arrange->showRanking();
    });
    connect(&m_arrange->ranking(), &RankPanel::songWanted, this, [this](const QString& path) {
        static const QStringList maps{QStringLiteral("liftcount"), QStringLiteral("txt"), QStringLiteral("mid"), QStringLiteral("midi")};
        if (!maps.contains(QFileInfo(path).suffix().toLower())) return openAny(path); // a recording
        m_arrange->showSongTrial();
        m_arrange->songTrial().tryFile(path);
    });
    connect(&m_arrange->ranking(), &RankPanel::routineWanted, this, &MainWindow::openAny);
    command(menu, tr("Tempi of dances …"), {}, tr("What is usual, with its source; at what per cent this song would fit, and how fast the routine is there"), [this] {
        goToArrange();
        m_arrange->showTempi();
    });
    auto* formation = menu->addMenu(tr("Formation"));
    connect(formation, &QMenu::aboutToShow, this, [this, formation] {
        formation->clear();
        for (Formation f : allFormations) {
            auto* action = formation->addAction(q(formationInWords(f)), this, [this, f] { m_session.doc.edit(SetFormation{f}); });
            action->setCheckable(true);
            action->setChecked(f == m_session.doc.document().routine.formation);
        }
    });
}

void MainWindow::copyRoutineAsText() {
    QGuiApplication::clipboard()->setText(q(routineToText(m_session.doc.document())));
    tell(tr("The routine is copied as text. Paste it into a mail, or here with Ctrl+Shift+V."));
}

void MainWindow::pasteRoutine() {
    const std::string text = QGuiApplication::clipboard()->text().toStdString();
    m_steps->desk().open(); // the person's words
    std::vector<HandoutLine> lines;
    Result<Document> read = fail(ErrorCode::BadNotation, {});
    if (looksLikeRoutineText(text)) read = routineFromText(text);
    else if (auto handout = readHandout(text, m_session.doc.words())) {
        lines = std::move(handout->lines);
        read = std::move(handout->document);
    } else
        read = tl::unexpected(handout.error());
    if (!read) return tell(q(read.error().message));
    if (!lines.empty() && awaitsDance(m_session.doc.document())) m_session.doc.takeDance(std::move(*read), std::move(lines));
    else {
        if (!m_files->mayDiscard()) return;
        m_session.doc.startWith(std::move(*read), std::move(lines));
    }
    goToArrange();
    showHandoutIfOpen();
}

void MainWindow::copyAsHandout(HandoutManner manner) {
    if (m_session.doc.document().routine.passes.empty()) return tell(tr("There is no dance yet: a hand-out needs parts with steps and their order."));
    QGuiApplication::clipboard()->setText(q(handoutText(m_session.doc.document(), manner)));
    tell(tr("The dance is copied as a hand-out. Paste it into a mail or a page."));
}

/// A routine that came from a hand-out is shown with what is still to be settled.
void MainWindow::showHandoutIfOpen() {
    const auto lines = m_session.doc.handout();
    if (lines.empty()) return;
    m_arrange->showHandout();
    if (!m_arrange->handout().hasOpen()) tell(tr("Every line of the hand-out was understood."));
}

} // namespace lc::app
