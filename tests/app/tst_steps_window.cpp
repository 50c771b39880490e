// The Steps stage through the real window, by the keyboard alone where a scenario says so.
#include "support/core_support.h"
#include "support/window_rig.h"

#include "app/base/figure_desk.h"
#include "app/steps/card_page.h"
#include "app/steps/chain_page.h"
#include "app/steps/drill_page.h"
#include "app/steps/figure_column.h"
#include "app/steps/figure_editor.h"
#include "app/steps/fillers_page.h"
#include "app/steps/frame_page.h"
#include "app/steps/ruler_view.h"
#include "app/steps/steps_stage.h"
#include "app/steps/versions_page.h"
#include "app/widgets/figure_list.h"
#include "app/widgets/plain_table.h"
#include "app/window/rail.h"
#include "store/starter_figures.h"

#include <QComboBox>
#include <QLineEdit>
#include <QListView>
#include <QSpinBox>
#include <QTemporaryDir>

#include <csignal>
#include <sys/resource.h>

using namespace lc;
using namespace lc::app;

namespace {

/// The window with a vocabulary of its own, on the Steps stage.
struct StepsRig : test::WindowRig {
    StepsRig() {
        QFile::remove(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + "/vocabulary.sqlite");
        shortcut(Qt::Key_2, Qt::AltModifier);
    }
    [[nodiscard]] StepsStage& steps() const { return window->stage<app::StepsStage>(); }
    [[nodiscard]] FigureDesk& desk() const { return window->stage<app::StepsStage>().desk(); }
    /// Types into whatever has the focus.
    void type(const QString& text) const { QTest::keyClicks(window->focusWidget(), text); }
    void press(Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier) const {
        QTest::keyClick(window->focusWidget() ? window->focusWidget() : window.get(), key, modifiers);
    }
    /// A new figure with a name and the line of the first role, typed.
    void write(const QString& name, const QString& line) const {
        shortcut(Qt::Key_N, Qt::ControlModifier | Qt::ShiftModifier);
        type(name);
        press(Qt::Key_Return);
        type(line);
    }
    [[nodiscard]] QString about() const { return steps().column().shown(); }
};

} // namespace

class StepsWindowTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// The partner's line is the same on the other foot, by one key, and then changed where it differs.
    void aLineIsCopiedToThePartner() {
        StepsRig rig;
        rig.write("Both", "step left, close right, triple step");
        rig.shortcut(Qt::Key_M, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(rig.desk().card().lines.size(), std::size_t{2});
        QCOMPARE(test::q(rig.desk().card().lines[1].text), "1 step R 2 close L 3 step & close 4 step");
        QCOMPARE(rig.desk().reading().roles[0].freeOut, Foot::Right);
        QCOMPARE(rig.desk().reading().roles[1].freeOut, Foot::Left);
        QVERIFY(rig.steps().editor().line(1)->hasFocus());
    }
    /// A line as it is said, read at once; F12 writes it in the notation. A question is answered with keys alone.
    void aSaidLineIsReadAskedAboutAndWritten() {
        StepsRig rig;
        rig.write("Said", "rock back, recover, triple step");
        const FigureEditor& editor = rig.steps().editor();
        QCOMPARE(rig.desk().reading().length, counts(4));
        QCOMPARE(rig.desk().reading().roles[0].changes, 5);
        QVERIFY2(editor.remark(0).contains("1 rock back 2 recover 3 step & close 4 step"),
                 qPrintable(editor.remark(0)));
        rig.press(Qt::Key_F12);
        QCOMPARE(editor.line(0)->toPlainText(), "1 rock back 2 recover 3 step & close 4 step");
        QVERIFY(!editor.remark(0).contains("Read as"));
        QCOMPARE(rig.desk().reading().length, counts(4));

        editor.line(0)->selectAll();
        rig.type("walk, florble, walk ");
        QTRY_VERIFY2(editor.remark(0).contains("florble"), qPrintable(editor.remark(0)));
        const auto answers = editor.findChildren<QPushButton*>("answer");
        QVERIFY(answers.size() >= 3);
        QTRY_VERIFY(answers[2]->isVisible());
        for (int k = 0; k < 12 && !answers[1]->hasFocus(); ++k)
            rig.press(Qt::Key_Tab); // the second answer: without weight
        QVERIFY(answers[1]->hasFocus());
        rig.press(Qt::Key_Return);
        QCOMPARE(editor.line(0)->toPlainText(),
                 "walk, florble, walk "); // the word is kept with its meaning, the line stays as it is said
        QVERIFY(rig.desk().reading().roles[0].line.questions.empty());
        QCOMPARE(rig.desk().reading().roles[0].changes, 2);
        QCOMPARE(rig.desk().words().shown().size(), std::size_t{1});
        QVERIFY(rig.desk().words().shown()[0].inVocabulary);
    }
    void initTestCase() { test::prepareProgram("lift-count-steps-test"); }

    void aNewVocabularyBeginsWithTheStarterFigures() {
        const StepsRig rig;
        QCOMPARE(rig.desk().figures().size(), starterFigures().size());
        QVERIFY(rig.desk().chosen());
        QVERIFY(rig.steps().list().list()->hasFocus());
    }
    void theSearchFindsAsOneTypes() {
        const StepsRig rig;
        rig.shortcut(Qt::Key_F, Qt::ControlModifier);
        rig.type("6 counts, ends open");
        for (const std::size_t i : rig.desk().found()) QCOMPARE(rig.desk().figures()[i].digest.length, counts(6));
        QVERIFY(!rig.desk().found().empty());
        QVERIFY(rig.desk().understood().contains("ends open"));
        rig.press(Qt::Key_Return); // into the list
        QVERIFY(rig.steps().list().list()->hasFocus());
        rig.steps().list().search()->setText("no such thing");
        QVERIFY(rig.desk().found().empty());
    }
    void aFigureIsUnderstoodAsItIsTyped() {
        const StepsRig rig;
        rig.write("Kerb", "1 side L 2 behind R 3 side L 4 across R 5 side L");
        QCOMPARE(rig.desk().reading().length, counts(5));
        QCOMPARE(test::q(rig.desk().card().name), "Kerb");
        QCOMPARE(rig.steps().editor().ruler().shown().marks.size(), std::size_t{5});
        rig.type(" 6 side L");
        QVERIFY(rig.steps().editor().remark(0).contains("left foot carries the weight"));
        rig.type(" 6");
        QVERIFY2(rig.steps().editor().remark(0).contains("At character 59: 6 is there already"),
                 qPrintable(rig.steps().editor().remark(0)));
        rig.desk().keepNow();
        const auto again = test::must(Vocabulary::open(
            (QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + "/vocabulary.sqlite").toStdString()));
        const auto all = test::must(again->all());
        QVERIFY(std::any_of(all.begin(), all.end(), [](const VocabularyFigure& f) {
            return f.card.name == "Kerb" && f.card.lines[0].text.ends_with("6 side L 6");
        }));
    }
    void anAmbiguousLetterIsAnswered() {
        const StepsRig rig;
        rig.write("Gate", "1 side L 2 close 3 side & 5 rock");
        const QString asked = rig.steps().editor().remark(0);
        QVERIFY2(asked.contains("the end of a silent 4: 5 counts, then right free") &&
                     asked.contains("a filler word, no step: 5 counts, then left free"),
                 qPrintable(asked));
        const auto answers = rig.steps().editor().findChildren<QPushButton*>("answer");
        QCOMPARE(answers.size(), 3);
        QTRY_VERIFY(answers[2]->isVisible());
        for (int i = 0; i < 3; ++i) rig.press(Qt::Key_Tab); // from the line through its answers
        QVERIFY(answers[2]->hasFocus());
        rig.press(Qt::Key_Return); // Space plays
        QCOMPARE(test::q(rig.desk().card().lines[0].text), "1 side L 2 close 3 side \"&\" 5 rock");
        QVERIFY(rig.desk().reading().roles[0].line.questions.empty());
    }
    /// S08: a five-step figure; one step stretched or doubled; fillers that bring it back. By the keyboard alone.
    void s08VersionsAndFillersByTheKeyboard() {
        const StepsRig rig;
        rig.write("Five", "1 side L 2 behind R 3 side L 4 across R 5 side L");
        rig.shortcut(Qt::Key_1, Qt::AltModifier | Qt::ShiftModifier);
        VersionCells& cells = rig.steps().versions().cells();
        QVERIFY2(rig.steps().versions().heading().contains(
                     "5 versions of 6 counts, right foot free, 2 counts left to the 1"),
                 qPrintable(rig.steps().versions().heading()));
        QVERIFY2(rig.steps().versions().heading().contains(
                     "4 versions of 4 counts, right foot free, 4 counts left to the 1; 3 end with a step on 4"),
                 qPrintable(rig.steps().versions().heading()));
        QCOMPARE(cells.bench().versions.size(), std::size_t{9});
        for (int i = 0; rig.window->focusWidget() != &cells && i < 40; ++i) rig.press(Qt::Key_Tab);
        QVERIFY(cells.hasFocus());
        rig.press(Qt::Key_Home);
        rig.press(Qt::Key_Right);
        rig.press(Qt::Key_Right);
        QCOMPARE(test::q(cells.bench().versions[static_cast<std::size_t>(cells.chosen())].title), "step 3 stretched");
        rig.shortcut(Qt::Key_K, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(rig.desk().card().facts.versions.size(), std::size_t{1});
        QCOMPARE(test::q(rig.desk().card().facts.versions[0].name), "6 + 2, step 3");
        rig.press(Qt::Key_Return); // the figure is danced so
        QCOMPARE(rig.desk().reading().length, counts(6));
        QCOMPARE(test::q(rig.desk().card().lines[0].text), "1 side L 2 behind R 3:2 side L 5 across R 6 side L");
        rig.shortcut(Qt::Key_2, Qt::AltModifier | Qt::ShiftModifier);
        PlainTable& fillers = rig.steps().fillers().table();
        QVERIFY(fillers.rowCount() >= 6);
        for (int row = 0; row < fillers.rowCount(); ++row) {
            QCOMPARE(fillers.rowText(row)[2].toInt() % 2,
                     1); // five changes leave the other foot: an odd number brings it back
            QCOMPARE(fillers.rowText(row)[3], "left");
        }
        fillers.setFocus();
        for (int row = 0; fillers.rowText(fillers.currentRow())[0] != "step, touch" && row < fillers.rowCount(); ++row)
            rig.press(Qt::Key_Down);
        QCOMPARE(fillers.rowText(fillers.currentRow())[0], "step, touch");
        rig.steps().fillers().addChosen();
        QCOMPARE(test::q(rig.desk().card().lines[0].text),
                 "1 side L 2 behind R 3:2 side L 5 across R 6 side L 7 step 8 touch");
        QCOMPARE(rig.desk().reading().length, counts(8));
        QVERIFY(rig.desk().reading().roles[0].freeOut == Foot::Left);
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(rig.desk().reading().length, counts(6));
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(rig.desk().reading().length, counts(8));
    }
    /// S05: "1 a 2" against "1 & 2" in one routine: two roles with different versions that meet. By the keyboard alone.
    void s05TwoRhythmsThatMeetByTheKeyboard() {
        const StepsRig rig;
        rig.session->song.setStructure({"song 32", 96, {}, 0});
        rig.write("Meet", "1 step L a step R 2 step L");
        rig.shortcut(Qt::Key_R, Qt::ControlModifier | Qt::ShiftModifier); // another role
        rig.type("1 step R & step L 2 step R");
        const FigureReading& read = rig.desk().reading();
        QCOMPARE(read.roles.size(), std::size_t{2});
        QVERIFY(read.meetPoints.back().met);
        QVERIFY(read.roles[0].line.actions[1].at == countFraction(3, 4) &&
                read.roles[1].line.actions[1].at == countFraction(1, 2));
        QStringList fractions;
        for (const RulerNumber& number : rig.steps().editor().ruler().shown().numbers)
            if (!number.fraction.isEmpty())
                fractions << number.text + " " + number.fraction + " " + number.milliseconds;
        fractions.sort();
        QCOMPARE(fractions, (QStringList{"& ½ 313 ms", "a ¾ 469 ms"}));
        auto* feel = rig.steps().editor().findChild<QComboBox*>("feel");
        rig.press(Qt::Key_Tab); // the next count
        QCOMPARE(rig.steps().editor().line(1)->toPlainText(), "1 step R & step L 2 step R 3 ");
        rig.press(Qt::Key_Tab); // nothing is said of it: it goes, and the line is left
        QCOMPARE(rig.steps().editor().line(1)->toPlainText(), "1 step R & step L 2 step R");
        QVERIFY(feel->hasFocus());
        rig.press(Qt::Key_R); // rolling by thirds
        for (int i = 0; !feel->currentText().startsWith("rolling by thirds") && i < 6; ++i) rig.press(Qt::Key_Down);
        Q_EMIT feel->activated(feel->currentIndex());
        QVERIFY(rig.desk().reading().roles[0].line.actions[1].at == countFraction(2, 3));
        QVERIFY(rig.steps().editor().ruler().inWords().contains("0.42 s") ||
                rig.steps().editor().ruler().inWords().contains("0.21 s"));
    }
    /// S14: the follower's S S S S S against the leader's S S S Q Q. By the keyboard alone.
    void s14RolesThatDoNotEndTogetherByTheKeyboard() {
        const StepsRig rig;
        rig.session->song.setStructure({"song 32", 112, {}, 0});
        rig.write("Long", "S S S Q Q");
        rig.shortcut(Qt::Key_R, Qt::ControlModifier | Qt::ShiftModifier);
        rig.type("S S S S S");
        QVERIFY2(rig.about().contains("+2, follower misses the meet point at 8"), qPrintable(rig.about()));
        QVERIFY(rig.about().contains("Both make 5 weight changes"));
        QVERIFY2(rig.about().contains("half a bar is left over"), qPrintable(rig.about()));
        rig.shortcut(Qt::Key_Return, Qt::ControlModifier); // the first remedy of the worst finding
        QVERIFY2(!rig.about().contains("misses the meet point"), qPrintable(rig.about()));
        QCOMPARE(rig.desk().reading().roles[0].line.length, counts(10));
    }
    void aFigureGoesIntoTheRoutineAndBothWays() {
        const StepsRig rig;
        rig.write("Lamp", "1 side R 2 close L 3 side R 4 touch L");
        rig.shortcut(Qt::Key_T, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(rig.desk().chosen()->inRoutine());
        QCOMPARE(rig.session->doc.document().routine.figures.size(), std::size_t{2});
        QVERIFY(rig.desk().chosen()->differs.isEmpty());
        rig.steps().editor().editFirstLine();
        rig.press(Qt::Key_End);
        rig.type(" 5 side L");
        QCOMPARE(rig.desk().chosen()->differs, QStringList{"line of everyone"});
        QVERIFY(rig.about().contains("Not as in the vocabulary: line of everyone"));
        rig.window->findChild<QPushButton*>("giveToVocabulary")->click();
        QVERIFY(rig.desk().chosen()->differs.isEmpty());
        rig.press(Qt::Key_Backspace);
        QVERIFY(!rig.desk().chosen()->differs.isEmpty());
        rig.window->findChild<QPushButton*>("takeFromVocabulary")->click();
        QVERIFY(rig.desk().chosen()->differs.isEmpty());
        rig.window->findChild<QPushButton*>("placeFigure")->click();
        const auto placed = [&] {
            return findFigure(rig.session->doc.document().routine,
                              rig.session->doc.document().routine.parts[0].figures.at(0).figure)
                ->name;
        };
        QVERIFY(!placed().empty());                   // the empty typed steps gave way
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier); // the routine's undo, for its own figure
        QVERIFY(placed().empty());
    }
    void removingAndMergingCanBeUndone() {
        const StepsRig rig;
        const auto before = rig.desk().figures().size();
        rig.write("Vine and touch", "1 side R 2 behind L 3 side R 4 touch L"); // there is one already
        QVERIFY(rig.about().contains("Twice in the vocabulary"));
        rig.window->findChild<QPushButton*>("mergeFigures")->click();
        QCOMPARE(rig.desk().figures().size(), before);
        QVERIFY(rig.desk().card().facts.description.size() > 3); // of the one that went
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier);            // one step takes them apart
        QCOMPARE(rig.desk().figures().size(), before + 1);
        rig.shortcut(Qt::Key_Delete, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(rig.desk().figures().size(), before);
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(rig.desk().figures().size(), before + 1);
    }
    void jointsFramesAndDrillsFollowTheFigure() {
        const StepsRig rig;
        rig.write("Gate", "1 forward L 2 forward R 3 side L 4 close R 5 back L 6 close R");
        rig.steps().chain().names()->setText("this / Vine and touch / nonsense");
        QVERIFY(rig.steps().chain().says().contains("no figure “nonsense”"));
        rig.steps().chain().names()->setText("this / Vine and touch");
        QVERIFY2(rig.steps().chain().says().contains("10 counts in all, 6 counts to the next 1; one joint breaks"),
                 qPrintable(rig.steps().chain().says()));
        QCOMPARE(rig.steps().chain().table().rowText(1)[2], "7");
        rig.steps().setPage(StepsStage::Page::Frame);
        rig.steps().frame().entry()->setValue(2);
        rig.steps().frame().close()->setValue(2);
        QCOMPARE(rig.desk().card().facts.entry, counts(2));
        QCOMPARE(rig.steps().frame().table().rowText(0)[2], "fits");
        const auto before = rig.desk().figures().size();
        rig.steps().frame().danceChosen();
        QCOMPARE(rig.desk().figures().size(), before + 1);
        QCOMPARE(rig.desk().reading().length, counts(6));
        QVERIFY2(rig.steps().drill().says().contains("four times as written"), qPrintable(rig.steps().drill().says()));
        QVERIFY(rig.steps().drill().says().contains("the right is less used"));
        rig.window->findChild<QPushButton*>("balanceDrill")->click();
        QVERIFY(!rig.steps().drill().says().contains("less used"));
    }
    void onesOwnLimitWarns() {
        const StepsRig rig;
        rig.write("Quick", "1 step L & step R 2 step L");
        auto* limit = rig.window->findChild<QLineEdit*>("limitStep");
        limit->setText("0.4");
        Q_EMIT limit->editingFinished();
        QVERIFY(rig.about().contains("A step is quicker than your limit"));
        limit = rig.window->findChild<QLineEdit*>("limitStep");
        limit->setText("much");
        Q_EMIT limit->editingFinished();
        QVERIFY(rig.window->lastTold().contains("is not a limit"));
        rig.desk().setLimits({});
        QVERIFY(!rig.about().contains("quicker than your limit"));
    }
    void figuresAreHeardAndTheSongWaits() {
        StepsRig rig;
        rig.session->song.setStructure({"song 32", 120, {}, 0});
        rig.session->transport.setCaret(counts(5));
        rig.write("Heard", "1 step L 2 step R \"turn\"");
        rig.steps().list().list()->setFocus();
        rig.shortcut(Qt::Key_H, Qt::ControlModifier);
        QVERIFY(rig.session->transport.hearingFigure());
        QVERIFY(rig.session->transport.player().playing());
        rig.pass(1.0);
        QCOMPARE(rig.session->transport.now(), counts(5));
        rig.shortcut(Qt::Key_H, Qt::ControlModifier);
        QVERIFY(!rig.session->transport.hearingFigure());
        QVERIFY(!rig.session->transport.player().playing());
        QVERIFY(qAbs(rig.session->transport.player().position() - 2.5) < 0.01);
        rig.shortcut(Qt::Key_H, Qt::ControlModifier);
        rig.pass(20); // four times two counts and a count-in of eight: over by then
        QVERIFY(!rig.session->transport.hearingFigure());
    }
    void figuresGoOutAndComeIn() {
        const StepsRig rig;
        QTemporaryDir folder;
        const auto all = rig.desk().figures().size();
        rig.desk().search("waltz");
        const auto waltzes = rig.desk().found().size();
        QVERIFY(waltzes > 2);
        for (const char* name : {"f.json", "f.csv"}) {
            rig.desk().search("waltz");
            rig.desk().exportFile(folder.filePath(name));
            QVERIFY(rig.window->lastTold().contains(QString::number(waltzes)));
        }
        rig.desk().importFile(folder.filePath("f.csv"));
        QTRY_COMPARE(rig.desk().figures().size(), all + waltzes);
        rig.desk().importFile(folder.filePath("nothing.json"));
        QTRY_VERIFY(rig.window->lastTold().contains("There is no file"));
    }
    void anotherWindowsChangesAreSeenAndNotOverwritten() {
        const StepsRig rig;
        rig.write("Shared", "1 step L");
        rig.desk().keepNow();
        const auto other = test::must(Vocabulary::open(
            (QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + "/vocabulary.sqlite").toStdString()));
        const VocabularyFigure there = test::must(other->find(rig.desk().chosen()->kept.id));
        FigureCard changed = there.card;
        changed.lines[0].text = "1 step L 2 step R";
        QVERIFY(other->change(there, changed).has_value());
        rig.steps().editor().editFirstLine();
        rig.press(Qt::Key_End);
        rig.type(" 2 hop");
        rig.desk().keepNow(); // too late: the other was first
        QVERIFY2(rig.window->lastTold().contains("another window"), qPrintable(rig.window->lastTold()));
        QCOMPARE(test::q(test::must(other->find(there.id)).card.lines[0].text), "1 step L 2 step R"); // not overwritten
        QCOMPARE(test::q(rig.desk().card().lines[0].text), "1 step L 2 hop"); // and nothing typed is lost
        QCOMPARE(test::q(rig.desk().card().name), "Shared, as typed here");
        QVERIFY(other->add(FigureCard{"Brought", {{"everyone", "1 step"}}, std::nullopt, {}}).has_value());
        const auto before = rig.desk().figures().size();
        rig.desk().lookAgain();
        QCOMPARE(rig.desk().figures().size(), before + 1);
    }
    /// The system refuses bytes beyond a limit, as a full disk does.
    void whatIsTypedStaysWhenTheDiskIsFull() {
        const StepsRig rig;
        rig.write("Full", "1 step L");
        rig.desk().keepNow();
        const QString mine = rig.desk().chosen()->key();
        rlimit old{};
        QCOMPARE(getrlimit(RLIMIT_FSIZE, &old), 0);
        const auto oldSignal = std::signal(SIGXFSZ, SIG_IGN);
        rlimit small = old;
        small.rlim_cur = 1;
        QCOMPARE(setrlimit(RLIMIT_FSIZE, &small), 0);
        rig.type(" 2 step R");
        rig.desk().keepNow();
        rig.desk().choose(rig.desk().figures().front().key());
        setrlimit(RLIMIT_FSIZE, &old);
        std::signal(SIGXFSZ, oldSignal);
        QVERIFY2(rig.window->lastTold().contains("disk is full"), qPrintable(rig.window->lastTold()));
        QVERIFY(rig.desk().hasUnkept());
        QCOMPARE(rig.desk().chosen()->key(), mine); // it stays before one's eyes
        QCOMPARE(test::q(rig.desk().card().lines[0].text), "1 step L 2 step R");
        rig.desk().keepNow(); // there is room again
        QVERIFY(!rig.desk().hasUnkept());
        QCOMPARE(test::q(rig.desk().chosen()->kept.card.lines[0].text), "1 step L 2 step R");
    }
    /// S16: a line in slow and quick, its extension to eight, and its wording for the other viewing side.
    void s16ExtensionAndTheOtherViewingSide() {
        const StepsRig rig;
        rig.write("Harbour", "S side L 1/4 R Q side R Q close L S back R");
        QCOMPARE(rig.desk().reading().length, counts(6));
        rig.steps().setPage(StepsStage::Page::Fillers);
        QCOMPARE(rig.steps().findChild<QSpinBox*>("fillCounts")->value(), 2);
        rig.steps().fillers().addChosen();
        QCOMPARE(rig.desk().reading().length, counts(8));
        FigureCard couple = rig.desk().card();
        couple.lines = {{"leader", "1 side L 2 close R 3 side L 4 side R 5 side L 6 close R"},
                        {"follower", "1 side R 2 close L 3 side R 4 side L 5 side R 6 close L"}};
        rig.desk().change(couple, "a couple");
        rig.steps().fillers().addChosen(); // both roles, each on its own foot
        QCOMPARE(rig.desk().reading().roles[0].line.length, counts(8));
        QCOMPARE(rig.desk().reading().roles[1].line.length, counts(8));
        QVERIFY(rig.desk().reading().meetPoints.back().met && rig.desk().reading().roles[1].freeOut == Foot::Right);
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
        rig.window->findChild<QPushButton*>("mirror")->click();
        QVERIFY2(rig.steps().editor().remark(0).contains("From the front: S side R 1/4 L Q side L Q close R S back L"),
                 qPrintable(rig.steps().editor().remark(0)));
        rig.window->findChild<QPushButton*>("mirror")->click();
        QVERIFY(!rig.steps().editor().remark(0).contains("From the front"));
    }
    void howTheRoutineIsCountedIsChosenHere() {
        const StepsRig rig;
        rig.session->song.setStructure({"song 56", 300, test::must(parseMetre("7/8:3+2+2")), 0});
        auto* unit = rig.window->findChild<QComboBox*>("countUnit");
        unit->setCurrentIndex(unit->findText("each group of a bar"));
        Q_EMIT unit->activated(unit->currentIndex());
        QVERIFY(rig.session->doc.document().scheme.unit == CountUnit::BarGroup);
        QCOMPARE(rig.desk().countWeights().size(), static_cast<std::size_t>(rig.desk().set()));
        QVERIFY(rig.desk().countWeights()[0] > rig.desk().countWeights()[1]);
        rig.write("Stamps", "1 stomp R 2 step R");
        QVERIFY(rig.steps().editor().remark(0).contains("write stomp-up there"));
        rig.window->findChild<QPushButton*>("stompWeight")->click();
        QVERIFY(!rig.session->doc.document().routine.choices.stompTakesWeight);
        QVERIFY(!rig.steps().editor().remark(0).contains("stomp-up"));
        auto* slow = rig.window->findChild<QLineEdit*>("slowCounts");
        slow->setText("3/2");
        Q_EMIT slow->editingFinished();
        QCOMPARE(rig.session->doc.document().routine.choices.slow, countFraction(3, 2));
        slow = rig.window->findChild<QLineEdit*>("slowCounts");
        slow->setText("none");
        Q_EMIT slow->editingFinished();
        QVERIFY(rig.window->lastTold().contains("not a length of a step"));
        QCOMPARE(rig.session->doc.document().routine.choices.slow, countFraction(3, 2));
    }
    void theCardKeepsWhatIsWrittenOnIt() {
        const StepsRig rig;
        rig.write("Carded", "1 step L 2 step R");
        rig.steps().setPage(StepsStage::Page::Card);
        const auto write = [&](const char* field, const char* text) {
            auto* edit = rig.steps().card().field(field);
            edit->setText(text);
            Q_EMIT edit->editingFinished();
        };
        write("card.tags", "hall, spring , ");
        write("card.family", "walks");
        write("card.cautions", "mind the step of the stage");
        QCOMPARE(rig.desk().card().facts.tags, (std::vector<std::string>{"hall", "spring"}));
        QVERIFY(rig.about().contains("mind the step of the stage"));
        rig.steps().versions().show(BenchKind::OtherSide);
        rig.steps().versions().keepChosen();
        QCOMPARE(rig.desk().card().facts.versions.size(), std::size_t{1});
        rig.window->findChild<QPushButton*>("versionOut0")->click();
        QVERIFY(rig.desk().card().facts.versions.empty());
        rig.desk().search("#spring walks");
        QCOMPARE(rig.desk().found().size(), std::size_t{1});
    }
    void aDamagedVocabularyIsSaidAndTheStageStaysUsable() {
        test::WindowRig rig;
        const QString path = QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + "/vocabulary.sqlite";
        QDir().mkpath(QFileInfo(path).path());
        QFile file(path);
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("no database");
        file.close();
        rig.shortcut(Qt::Key_2, Qt::AltModifier);
        QVERIFY2(rig.window->lastTold().contains("damaged"), qPrintable(rig.window->lastTold()));
        QVERIFY(rig.window->stage<app::StepsStage>().desk().figures().empty());
        rig.shortcut(Qt::Key_N, Qt::ControlModifier | Qt::ShiftModifier); // into the routine then
        QCOMPARE(rig.session->doc.document().routine.figures.size(), std::size_t{2});
        QVERIFY(rig.window->stage<app::StepsStage>().desk().chosen()->inRoutine());
        QVERIFY2(rig.window->lastTold().contains("in the routine alone"), qPrintable(rig.window->lastTold()));
        QFile::remove(path);
    }

    /// The figure takes the room that it needs, from the first look on; the bench has the rest.
    void aFigureLeavesNoHole() {
        test::WindowRig rig;
        rig.window->showStage(stage_id::steps);
        const auto* editor = rig.window->findChild<FigureEditor*>();
        QVERIFY(editor);
        const auto needs = [&] {
            return editor->layout()->hasHeightForWidth() ? editor->layout()->totalHeightForWidth(editor->width())
                                                         : editor->minimumSizeHint().height();
        };
        QTRY_VERIFY2(editor->parentWidget()->height() <= needs() + 16,
                     qPrintable(QString("%1 for %2").arg(editor->parentWidget()->height()).arg(needs())));
    }
};

LIFTCOUNT_TEST(StepsWindowTest)
#include "tst_steps_window.moc"
