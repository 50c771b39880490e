// The commands of the window: each with its menu, its shortcut and its place in the command box.
#include "app/window/main_window.h"

#include "app/arrange/arrange_stage.h"
#include "app/base/settings.h"
#include "app/widgets/notation_edit.h"
#include "app/window/file_desk.h"
#include "app/widgets/findings_column.h"
#include "app/listen/listen_stage.h"
#include "app/arrange/part_editor.h"
#include "app/sheets/sheets_stage.h"
#include "app/steps/figure_column.h"
#include "app/base/figure_desk.h"
#include "app/steps/figure_editor.h"
#include "app/steps/steps_stage.h"
#include "app/strips/strips_view.h"
#include "app/base/wording.h"
#include "core/exchange/handout_write.h"
#include "core/base/clock_text.h"

#include <QAbstractItemView>
#include <QComboBox>
#include <QKeyEvent>
#include <QLineEdit>
#include <QMenuBar>
#include <QPlainTextEdit>

namespace lc::app {

namespace {
QString q(const std::string& text) { return QString::fromStdString(text); }
} // namespace

bool MainWindow::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::ShortcutOverride) {
        const auto* key = static_cast<QKeyEvent*>(event);
        const bool typed = !(key->modifiers() & ~Qt::ShiftModifier) && key->key() > Qt::Key_Space && key->key() < Qt::Key_Escape;
        const bool songSeen = m_stage == Stage::Listen || (m_stage == Stage::Arrange && m_arrange->strips().hasFocus());
        if (typed && (qobject_cast<QAbstractItemView*>(watched) || (!songSeen && m_songKeys.contains(QKeySequence(key->keyCombination()))))) {
            event->accept();
            return true;
        }
        const bool goes = key->modifiers() == Qt::ControlModifier && (key->key() == Qt::Key_E || key->key() == Qt::Key_K);
        if (goes && (qobject_cast<QLineEdit*>(watched) || qobject_cast<QPlainTextEdit*>(watched))) return true; // fields would take them for "end of line" and "delete to the end"
    }
    return QMainWindow::eventFilter(watched, event);
}

QAction* MainWindow::command(QMenu* menu, const QString& name, const QKeySequence& key, const QString& tip, std::function<void()> what) {
    auto* action = new QAction(name, this);
    action->setShortcut(key);
    action->setStatusTip(tip);
    action->setToolTip(key.isEmpty() ? tip : tip + QStringLiteral(" (") + key.toString(QKeySequence::NativeText) + QStringLiteral(")"));
    connect(action, &QAction::triggered, this, std::move(what));
    menu->addAction(action);
    m_commands.append(action);
    addAction(action);
    return action;
}

void MainWindow::buildMenus() {
    auto* file = menuBar()->addMenu(tr("&Routine"));
    command(file, tr("New"), QKeySequence::New, tr("An empty routine"), [this] {
        if (!m_files->mayDiscard()) return;
        m_session.doc.startNew();
        m_leftStart = true;
        showStartOrStage();
        goToArrange();
    });
    command(file, tr("Open a routine …"), QKeySequence::Open, tr("A saved routine"), [this] { m_files->chooseRoutine(); });
    command(file, tr("Open the demo"), {}, tr("A line dance of Quarry Bank hall on its own song"), [this] { openDemo(); });
    file->addSeparator();
    command(file, tr("Save"), QKeySequence::Save, tr("Write the routine to its file"), [this] { m_files->save(); });
    command(file, tr("Save as …"), QKeySequence::SaveAs, tr("Write the routine to another file"), [this] { m_files->saveAs(); });
    command(file, tr("Title …"), QKeySequence(Qt::CTRL | Qt::Key_T), tr("What the routine is called"), [this] {
        m_title->setFocus(Qt::ShortcutFocusReason);
        m_title->selectAll();
    });
    file->addSeparator();
    command(file, tr("Copy as text"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_C), tr("The whole routine as text, to be sent or kept"), [this] { copyRoutineAsText(); });
    command(file, tr("Paste a routine or a hand-out"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_V), tr("A routine or a hand-out that was copied as text, in the place of this one"), [this] { pasteRoutine(); });
    auto* handouts = file->addMenu(tr("Copy as a hand-out"));
    const std::pair<const char*, HandoutManner> manners[] = {{QT_TR_NOOP("With counts together: 1-4 side, behind, side, touch"), HandoutManner::Ranges},
                                                             {QT_TR_NOOP("In words: side, behind, side, touch"), HandoutManner::Words},
                                                             {QT_TR_NOOP("In the notation: 1 side 2 behind 3 side 4 touch"), HandoutManner::Notation}};
    for (const auto& [name, manner] : manners) command(handouts, tr(name), {}, tr("Title, sections, order, restarts and tags as text, for a mail or a page"), [this, manner = manner] { copyAsHandout(manner); });
    file->addSeparator();
    command(file, tr("Close"), QKeySequence::Quit, tr("Close the window"), [this] { close(); });

    auto* editMenu = menuBar()->addMenu(tr("&Edit"));
    m_undo = command(editMenu, tr("Undo"), QKeySequence::Undo, tr("Take the last change back"), [this] { if (undoesVocabulary()) m_steps->desk().undo(); else m_session.doc.undo(); });
    m_redo = command(editMenu, tr("Redo"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Z), tr("Make the change again"), [this] { if (undoesVocabulary()) m_steps->desk().redo(); else m_session.doc.redo(); });
    editMenu->addSeparator();
    command(editMenu, tr("Type the counts"), QKeySequence(Qt::CTRL | Qt::Key_E), tr("Go to the line of the first role: of the figure in Steps, else of the part"), [this] {
        if (m_stage == Stage::Steps) return m_steps->editor().editFirstLine();
        goToArrange();
        m_arrange->editor().editFirstLine();
    });
    command(editMenu, tr("Write the line as it was read"), QKeySequence(Qt::Key_F12), tr("A line that is said in words, in the notation"), [this] {
        if (auto* line = qobject_cast<NotationEdit*>(focusWidget())) line->writeNotation();
        else tell(tr("Go to a line of counts first (Ctrl+E)."));
    });
    command(editMenu, tr("Type the order of the parts"), QKeySequence(Qt::CTRL | Qt::Key_R), tr("Go to the order"), [this] {
        goToArrange();
        m_arrange->editor().editOrder();
    });
    editMenu->addSeparator();
    command(editMenu, tr("Restart after the count at the caret"), QKeySequence(Qt::CTRL | Qt::Key_X), tr("Cut the pass at the caret after that count"), [this] { m_arrange->cutAtCaret(); });
    command(editMenu, tr("Tag after the pass at the caret …"), QKeySequence(Qt::CTRL | Qt::Key_G), tr("Extra counts after the pass at the caret"), [this] { m_arrange->tagAtCaret(); });
    command(editMenu, tr("Remove the pass at the caret"), QKeySequence(Qt::CTRL | Qt::Key_Delete), tr("Take the pass out of the order"), [this] { m_arrange->removePassAtCaret(); });
    command(editMenu, tr("Do anything"), QKeySequence(Qt::CTRL | Qt::Key_K), tr("Find a command or a place"), [this] { m_commandBox->setFocus(Qt::ShortcutFocusReason); });

    buildSongMenu();
    buildFiguresMenu();
    buildArrangeMenu();

    auto* play = menuBar()->addMenu(tr("&Play"));
    command(play, tr("Play or pause"), QKeySequence(Qt::Key_Space), tr("From the caret"), [this] { m_session.transport.togglePlay(); });
    command(play, tr("Loop this pass"), QKeySequence(Qt::Key_O), tr("The pass at the caret, or the phrase where there is no pass; again to stop"), [this] { toggleLoop(); });
    command(play, tr("Slower"), QKeySequence(Qt::Key_Minus), tr("By 5 %"), [this] { m_session.transport.setTempoPercent(m_session.transport.tempoPercent() - 5); });
    command(play, tr("Faster"), QKeySequence(Qt::Key_Plus), tr("By 5 %"), [this] { m_session.transport.setTempoPercent(m_session.transport.tempoPercent() + 5); });
    command(play, tr("Song's own tempo"), QKeySequence(Qt::Key_0), tr("100 %"), [this] { m_session.transport.setTempoPercent(100); });
    command(play, tr("Clicks on the counts"), QKeySequence(Qt::Key_V), tr("On or off"), [this] { m_session.transport.setClicksHeard(!m_session.transport.clicksHeard()); });
    play->addSeparator();
    const auto step = [this](int way) {
        const auto& passes = m_session.doc.landing().performance.passes;
        const auto at = passAt(m_session.doc.landing().performance, m_session.transport.now());
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
        goToArrange();
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
    command(findings, tr("Apply the remedy"), QKeySequence(Qt::CTRL | Qt::Key_Return), tr("Do it"), [this] { if (m_stage == Stage::Steps) m_steps->column().apply(0, 0); else m_arrange->applyTriedOn(); });
    command(findings, tr("Leave the finding as it is"), QKeySequence(Qt::CTRL | Qt::Key_L), tr("Say why, and put it aside"), [this] {
        if (auto* reason = m_arrange->findings().findChild<QLineEdit*>(QStringLiteral("leaveReason"))) reason->setFocus(Qt::ShortcutFocusReason);
    });
    command(findings, tr("Fold the findings"), QKeySequence(Qt::Key_F6), tr("Or unfold them"), [this] {
        if (m_stage == Stage::Steps) m_steps->column().setFolded(!m_steps->column().folded());
        else m_arrange->setFindingsFolded(!m_arrange->findingsFolded());
    });

    auto* view = menuBar()->addMenu(tr("&View"));
    command(view, tr("Listen"), QKeySequence(Qt::ALT | Qt::Key_1), tr("The song"), [this] { setStage(Stage::Listen); });
    command(view, tr("Steps"), QKeySequence(Qt::ALT | Qt::Key_2), tr("Figures and their versions"), [this] { setStage(Stage::Steps); });
    command(view, tr("Arrange"), QKeySequence(Qt::ALT | Qt::Key_3), tr("The routine on the song"), [this] { goToArrange(); });
    command(view, tr("Sheets"), QKeySequence(Qt::ALT | Qt::Key_6), tr("What is printed"), [this] { setStage(Stage::Sheets); });
    view->addSeparator();
    command(view, tr("Page"), QKeySequence(Qt::Key_F2), tr("A phrase a line, parts only"), [this] { setMagnification(Magnification::Page); });
    command(view, tr("Strip"), QKeySequence(Qt::Key_F3), tr("Steps as marks"), [this] { setMagnification(Magnification::Strip); });
    command(view, tr("Eight"), QKeySequence(Qt::Key_F4), tr("A set a line, with the words of each step"), [this] { setMagnification(Magnification::Eight); });
    command(view, tr("List of passes"), QKeySequence(Qt::Key_F5), tr("Show it or not"), [this] { m_arrange->setPassesShown(!m_arrange->passesShown()); refresh(); });
    command(view, tr("Fold like passes"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_L), tr("In long routines those danced alike share a line; again to fold anew, once more to see all"), [this] { m_arrange->foldLikePasses(); });
    command(view, tr("Legend of the step marks"), QKeySequence(Qt::Key_Question), tr("Show it or not"), [this] { m_rail->setLegendShown(!m_rail->legendShown()); });
    view->addSeparator();
    command(view, tr("Print the sheet …"), QKeySequence::Print, tr("What the Sheets stage shows"), [this] { m_files->printSheet(m_sheets->kind()); });
    command(view, tr("Save the sheet as PDF …"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_E), tr("What the Sheets stage shows"), [this] { m_files->saveSheetAs(QStringLiteral("pdf"), m_sheets->kind()); });
    command(view, tr("Save the sheet as HTML …"), {}, tr("What the Sheets stage shows"), [this] { m_files->saveSheetAs(QStringLiteral("html"), m_sheets->kind()); });
    view->addSeparator();
    auto* sizes = view->addMenu(tr("Size of text"));
    for (int percent : {100, 115, 130, 160, 200})
        sizes->addAction(tr("%1 %").arg(percent), this, [this, percent] {
            settings::setTextPercent(percent);
            tell(tr("Text will have %1 % of its size when Lift Count is started next.").arg(percent));
        });
}

std::vector<Command> MainWindow::commandsFor(const QString& typed) {
    std::vector<Command> all;
    addPlaces(all, typed);
    for (QAction* action : m_commands) {
        if (!action->isEnabled()) continue;
        QString name = action->text();
        all.push_back({name.remove(QLatin1Char('&')), action->shortcut().toString(QKeySequence::NativeText), [action] { action->trigger(); }});
    }
    return all;
}

void MainWindow::addPlaces(std::vector<Command>& all, const QString& typed) {
    const Landing& landing = m_session.doc.landing();
    const auto go = [this](Tick at) {
        return [this, at] {
            if (m_stage == Stage::Sheets || m_stage == Stage::Steps) goToArrange();
            m_session.transport.setCaret(at);
            currentStrips()->showPlace(at);
            currentStrips()->setFocus();
        };
    };
    for (const PassPerformance& pass : landing.performance.passes)
        all.push_back({tr("pass %1").arg(pass.number), q(landing.grid.placeInWords(pass.start)), [this, id = pass.id] {
                           if (m_stage == Stage::Sheets || m_stage == Stage::Steps) goToArrange();
                           m_arrange->goToPass(id);
                           currentStrips()->setFocus();
                       }});
    for (const CountPhrase& phrase : landing.grid.phrases()) all.push_back({q(phrase.label), q(clockText(phrase.start)), go(counts(phrase.firstCount))});
    for (const Part& part : m_session.doc.document().routine.parts)
        all.push_back({tr("part %1").arg(q(part.name)), tr("type its counts"), [this, id = part.id] {
                           goToArrange();
                           m_arrange->editor().choosePart(id);
                           m_arrange->editor().editFirstLine();
                       }});
    for (const ShownFigure& figure : m_steps->desk().figures())
        all.push_back({tr("figure %1").arg(q(figure.card.name)), q(countsInWords(figure.digest.length)), [this, key = figure.key()] {
                           setStage(Stage::Steps);
                           m_steps->desk().choose(key);
                       }});
    const QStringList words = typed.split(QLatin1Char(' '), Qt::SkipEmptyParts);
    if (words.size() == 2 && words[0].compare(tr("count"), Qt::CaseInsensitive) == 0) {
        const int count = words[1].toInt();
        if (landing.grid.cell(count - 1)) all.push_back({tr("count %1").arg(count), q(landing.grid.placeInWords(counts(count - 1))), go(counts(count - 1))});
    }
}

void MainWindow::contextMenu(const QPoint& global, Tick) {
    QMenu menu(this);
    for (QAction* action : m_commands)
        if (action->text().contains(tr("caret")) || action->shortcut() == QKeySequence(Qt::Key_O) || action->shortcut() == QKeySequence(Qt::Key_Space)) menu.addAction(action);
    menu.exec(global);
}

} // namespace lc::app
