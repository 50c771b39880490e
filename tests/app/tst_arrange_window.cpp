#include "support/arrange_rig.h"
#include "support/core_support.h"

#include "app/base/figure_desk.h"
#include "app/steps/steps_stage.h"

#include "app/arrange/handout_panel.h"
#include "app/arrange/part_chain.h"
#include "app/arrange/pass_panel.h"
#include "app/arrange/song_trial_panel.h"
#include "app/arrange/step_edit.h"
#include "app/widgets/bounded_scroll.h"
#include "app/widgets/figure_list.h"
#include "app/widgets/plain_table.h"
#include "core/exchange/routine_text.h"

#include <QAbstractItemView>
#include <QAccessible>
#include <QClipboard>
#include <QCompleter>
#include <QDropEvent>
#include <QLineEdit>
#include <QMimeData>
#include <QScrollBar>

using namespace lc;

using test::ArrangeRig;

class ArrangeWindowTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { test::prepareProgram("lc-arrange-window"); }

    void s01PartsFromFiguresAndPassesThatDiffer() {
        ArrangeRig rig("song 120 | song 60");
        rig.figure("Three", {"1 2 3 4 wait"});
        for (int i = 0; i < 5; ++i) rig.figure("three"); // whatever the case
        rig.figure("Balance", {"1:2 side 3:2 side 5:2 side 7:2 side"});
        QCOMPARE(rig.routine().figures.size(), 2U); // the empty typed steps gave way, one figure is placed six times
        QCOMPARE(rig.routine().parts[0].figures.size(), 7U);
        QCOMPARE(rig.danced(), (QStringList{"32"})); // seen on the song at once
        rig.press("newPart");
        for (int i = 0; i < 6; ++i) rig.figure("Three");
        rig.order("A B A B A B");
        QCOMPARE(rig.danced(), (QStringList{"32", "24", "32", "24", "32", "24"}));
        rig.clickPass(5);
        rig.passLines({"add after figure 6: Three", "add after figure 6: Three"});
        QCOMPARE(rig.arrange().passPanel().lines()->toPlainText(),
                 "add after figure 6: Three\nadd after figure 6: Three");
        rig.clickPass(6);
        rig.passLines({"figure 1 in bars of 3 for 4", "figure 2 in bars of 3 for 4", "figure 3 in bars of 3 for 4",
                       "figure 4 in bars of 3 for 4"});
        QCOMPARE(rig.danced(), (QStringList{"32", "24", "32", "24", "40", "20"}));
        QCOMPARE(rig.performance().end, counts(172));
        QVERIFY(rig.findingsShown().contains("counts bars that the music does not have"));
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(rig.danced().back(), "24"); // what was typed into one pass is one step
    }
    void s10RowsInCanon() {
        ArrangeRig rig("song 64");
        for (int i = 0; i < 4; ++i) rig.press("addRole");
        QCOMPARE(rig.routine().roles.size(), 5U);
        for (std::size_t r = 0; r < 5; ++r) QTest::keyClicks(rig.arrange().editor().line(r), "1-16 walk");
        rig.order("A A");
        rig.clickPass(1);
        rig.passLines({"canon 2 apart, ripple"});
        QCOMPARE(rig.starts(), (QStringList{"1", "25"}));
        QCOMPARE(rig.performance().passes[0].roles[4].entersAfter, counts(8));
        rig.clickPass(1);
        rig.arrange().passPanel().lines()->selectAll();
        QTest::keyClicks(rig.arrange().passPanel().lines(), "canon 2 apart, together");
        QCOMPARE(rig.starts(), (QStringList{"1", "17"}));
        QVERIFY(rig.findingsShown().contains("8 from role 5"));
        rig.clickCount(0);
        QVERIFY(rig.arrange().strips().describeCount(9).contains("walk"));
    }
    void s13TurnedRoundAndPutRight() {
        ArrangeRig rig("verse 68 | chorus 64 | outro 60", 180);
        QTest::keyClicks(rig.arrange().editor().line(0),
                         "1 break L 2 place R 3 close L 4 wait 5 break R 6 place L 7 close R 8 wait");
        rig.order("A x24");
        QVERIFY(rig.findingsShown().contains("Turned round from count 1 of Chorus on"));
        QVERIFY(rig.findingsShown().contains("the dancers say 5 where the music says 1"));
        rig.clickCount(72);
        QVERIFY2(rig.panel().contains("the dancers who count on"), qPrintable(rig.panel()));
        const auto& remedies = rig.arrange().findings().remedies();
        int touch = -1;
        for (std::size_t i = 0; i < remedies.size(); ++i)
            if (test::q(remedies[i].title).contains("a touch")) touch = static_cast<int>(i);
        QVERIFY(touch >= 0);
        QTest::mouseClick(rig.window->findChild<QAbstractButton*>(QStringLiteral("remedy%1").arg(touch)),
                          Qt::LeftButton);
        rig.arrange().strips().setFocus();
        QVERIFY(rig.session->doc.previewLanding()); // what is chosen is tried on
        rig.shortcut(Qt::Key_P);
        QVERIFY(!rig.session->doc.previewLanding());
        rig.shortcut(Qt::Key_P);
        QVERIFY(rig.session->doc.previewLanding());
        QVERIFY(rig.session->doc.previewLanding()->turned.empty());
        rig.shortcut(Qt::Key_Return, Qt::ControlModifier);
        QVERIFY(rig.session->doc.landing().turned.empty());
        QCOMPARE(rig.performance().passes[9].start, counts(68));
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(rig.session->doc.landing().turned.size(), 1U);
    }
    void s19ARestartWithWalls() {
        ArrangeRig rig("song 48 | song 48 | song 24 | song 48");
        QTest::keyClicks(rig.arrange().editor().line(0), "1-11 walk 12 1/4 R 13-39 walk 40 1/2 L 41-48 walk");
        rig.order("A A A A");
        rig.clickCount(96 + 23);
        rig.shortcut(Qt::Key_R);
        QCOMPARE(rig.facings(), (QStringList{"12", "9", "6", "9"}));
        QCOMPARE(rig.starts(), (QStringList{"1", "49", "97", "121"}));
        QVERIFY2(rig.panel().contains("Pass 3, part A"), qPrintable(rig.panel()));
        QCOMPARE(rig.arrange().passPanel().lines()->toPlainText(), "restart after 24");
        // bound to the music it follows the song
        rig.press("bindToMusic");
        QVERIFY(!rig.routine().passes[2].restart);
        QCOMPARE(rig.routine().atMusic.size(), 1U);
        QCOMPARE(rig.starts(), (QStringList{"1", "49", "97", "121"}));
        QTRY_VERIFY(rig.panel().contains("restart"));
        rig.press("bindToPass");
        QCOMPARE(rig.routine().atMusic.size(), 0U);
        QCOMPARE(rig.routine().passes[2].restart->after, counts(24));
    }
    void s20PlacesExchangedAndHome() {
        ArrangeRig rig("song 72 | song 72");
        rig.press("addRole");
        rig.session->doc.edit(SetFormation{Formation::FacingPairs});
        rig.figure("Round", {"1-8 walk round full R", "1-8 walk round full R"});
        rig.figure("Round");
        rig.figure("Solo one", {"1-8 step", "1-8 wait"});
        rig.figure("Solo two", {"1-8 wait", "1-8 step"});
        rig.figure("Half round", {"1-4 walk round 1/2 R", "1-4 walk round 1/2 R"});
        rig.order("A A A");
        QCOMPARE(rig.danced().first(), "36");
        rig.clickPass(2);
        QVERIFY2(rig.panel().contains("places exchanged"), qPrintable(rig.panel()));
        rig.clickPass(3);
        QVERIFY2(!rig.panel().contains("places exchanged"), qPrintable(rig.panel()));
        // a missing count to walk to the new place is a finding
        rig.chain().choose(rig.routine().parts[0].figures.back().id);
        rig.arrange().editor().line(1)->selectAll();
        QTest::keyClicks(rig.arrange().editor().line(1), "1-3 walk 4 wait");
        QVERIFY(rig.findingsShown().contains("Partners do not come to their places"));
    }
    void figuresAreMovedRepeatedAndTakenOutByKeys() {
        ArrangeRig rig("song 64");
        rig.figure("One", {"1 2"});
        rig.figure("Two", {"1 2 3"});
        rig.figure("Three", {"1 2 3 4"});
        const auto names = [&] {
            QStringList all;
            for (const Placement& p : rig.routine().parts[0].figures)
                all << (p.mirrored ? "~" : "") + QString::fromStdString(findFigure(rig.routine(), p.figure)->name);
            return all.join(' ');
        };
        QCOMPARE(names(), "One Two Three");
        auto* first = rig.window->findChild<QPushButton*>("figure0");
        QTest::mouseClick(first, Qt::LeftButton);
        QTest::keyClick(rig.window->focusWidget(), Qt::Key_Right, Qt::ControlModifier);
        QCOMPARE(names(), "Two One Three");
        rig.shortcut(Qt::Key_D, Qt::ControlModifier);
        QCOMPARE(names(), "Two One One Three");
        rig.shortcut(Qt::Key_M, Qt::ControlModifier);
        QCOMPARE(names(), "Two ~One One Three");
        QTest::mouseClick(rig.window->findChild<QPushButton*>("figure1"), Qt::LeftButton);
        rig.shortcut(Qt::Key_Delete);
        QCOMPARE(names(), "Two One Three");
        // cut, copied and pasted with what is done to them
        QTest::mouseClick(rig.window->findChild<QPushButton*>("figure0"), Qt::LeftButton);
        rig.shortcut(Qt::Key_M, Qt::ControlModifier);
        rig.shortcut(Qt::Key_X, Qt::ControlModifier);
        QCOMPARE(names(), "One Three");
        QTest::mouseClick(rig.window->findChild<QPushButton*>("figure1"), Qt::LeftButton);
        rig.shortcut(Qt::Key_V, Qt::ControlModifier);
        QCOMPARE(names(), "One Three ~Two");
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(names(), "Two One Three");
        QTest::mouseClick(rig.window->findChild<QPushButton*>("figure0"), Qt::LeftButton);
        rig.shortcut(Qt::Key_A, Qt::ControlModifier);
        rig.shortcut(Qt::Key_C, Qt::ControlModifier);
        rig.shortcut(Qt::Key_V, Qt::ControlModifier);
        QCOMPARE(names(), "Two One Three Two One Three");
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
        rig.chain().choose(std::nullopt);
        rig.chain().reverseChosen();
        QCOMPARE(names(), "Three One Two");
        rig.chain().choose(rig.routine().parts[0].figures[0].id);
        rig.figure("Two"); // behind the chosen one
        QCOMPARE(names(), "Three Two One Two");
        for (int i = 0; i < 2; ++i) rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(names(), "Two One Three");
    }
    void theCaretChoosesTheFigureThatIsDancedThere() {
        ArrangeRig rig("song 64");
        rig.figure("One", {"1 2"});
        rig.figure("Two", {"1 2 3"});
        rig.clickCount(3);
        QCOMPARE(rig.chain().chosen()->id, rig.routine().parts[0].figures[1].id);
        QCOMPARE(rig.arrange().editor().line(0)->toPlainText(), "1 2 3");
        rig.clickCount(0);
        rig.shortcut(Qt::Key_I, Qt::ControlModifier);
        QTest::keyClicks(rig.window->focusWidget(), "Between");
        QTest::keyClick(rig.chain().field(), Qt::Key_Return);
        QCOMPARE(findFigure(rig.routine(), rig.routine().parts[0].figures[1].figure)->name, std::string("Between"));
    }
    void stepsAreReadAndChangedInEight() {
        ArrangeRig rig("song 64");
        rig.figure("Vine", {"1 side R 2 behind L 3 side R 4 touch"});
        rig.shortcut(Qt::Key_F4);
        QCOMPARE(rig.arrange().strips().magnification(), app::Magnification::Eight);
        QCOMPARE(rig.arrange().strips().layoutOfStrips().lines.size(), 8U);
        rig.clickCount(2);
        QTest::keyClick(&rig.arrange().strips(), Qt::Key_Return);
        auto* field = rig.window->findChild<app::StepEdit*>();
        QVERIFY(field->isVisible());
        QCOMPARE(field->text(), "3 side R");
        QTest::keyClicks(field, "3 forward R");
        QTest::keyClick(field, Qt::Key_Return);
        QCOMPARE(lineText(rig.routine().figures[0], rig.routine().roles[0].id),
                 std::string("1 side R 2 behind L 3 forward R 4 touch"));
        QVERIFY(rig.arrange().strips().describeCount(2).contains("forward"));
        rig.clickCount(1);
        QTest::keyClick(&rig.arrange().strips(), Qt::Key_Return);
        QTest::keyClick(field, Qt::Key_Escape);
        QVERIFY(!field->isVisible());
        rig.clickCount(40);
        QTest::keyClick(&rig.arrange().strips(), Qt::Key_Return);
        QVERIFY(rig.window->lastTold().contains("No step is danced there"));
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(lineText(rig.routine().figures[0], rig.routine().roles[0].id),
                 std::string("1 side R 2 behind L 3 side R 4 touch"));
    }
    void whatDiffersIsUnderstoodAsItIsTyped() {
        ArrangeRig rig("song 64");
        QTest::keyClicks(rig.arrange().editor().line(0), "1-16 walk");
        rig.order("A A A");
        rig.clickPass(2);
        rig.passLines({"restart after 8", "tag of 4", "wait 2"});
        QCOMPARE(rig.starts(), (QStringList{"1", "19", "31"}));
        rig.clickPass(2);
        rig.passLines({"jump"});
        QVERIFY2(rig.panel().contains("Line 4: “jump” is not an exception"), qPrintable(rig.panel()));
        QCOMPARE(rig.starts(), (QStringList{"1", "19", "31"})); // what was understood stays
        rig.shortcut(Qt::Key_F5);                               // the list reads and writes the same
        auto& list = rig.arrange().passes();
        QCOMPARE(list.passes().index(1, app::PassModel::Differs).data().toString(), "wait 2");
        QVERIFY(list.passes().setData(list.passes().index(1, app::PassModel::Differs), "mirrored; bridge of 2 after 4",
                                      Qt::EditRole));
        QVERIFY(rig.routine().passes[1].mirrored && rig.routine().passes[1].restart && rig.routine().passes[1].tag);
        QCOMPARE(rig.routine().passes[1].bridges.size(), 1U);
    }
    void theFirstPassHasAnOpeningStance() {
        ArrangeRig rig("song 32");
        QTest::keyClicks(rig.arrange().editor().line(0), "1 2 3 4 1/4 R");
        rig.order("A A");
        rig.clickPass(1);
        auto* opening = rig.window->findChild<QLineEdit*>("opening");
        QTest::mouseClick(opening, Qt::LeftButton);
        QTest::keyClicks(opening, "everyone: right free, facing 9");
        QTest::keyClick(opening, Qt::Key_Return);
        QCOMPARE(rig.facings(), (QStringList{"9", "12"}));
        QCOMPARE(rig.performance().passes[0].roles[0].freeIn, Foot::Right);
        rig.clickPass(2);
        QVERIFY(opening->isHidden());
    }
    void aRoutineIsCopiedAsTextAndPasted() {
        ArrangeRig rig("song 32 | song 32");
        rig.figure("Vine", {"1 side R 2 behind L 3 side R 4 touch"});
        rig.order("A A A");
        rig.clickPass(2);
        rig.passLines({"restart after 2"});
        rig.shortcut(Qt::Key_C, Qt::ControlModifier | Qt::ShiftModifier);
        const QString text = QGuiApplication::clipboard()->text();
        QVERIFY2(text.startsWith("Lift Count routine") && text.contains("restart after 2"), qPrintable(text));
        rig.session->doc.startNew();
        QGuiApplication::clipboard()->setText(text);
        rig.shortcut(Qt::Key_V, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(rig.starts(), (QStringList{"1", "5", "7"}));
        rig.arrange().passes().selectRow(1);
        rig.arrange().passes().setFocus();
        rig.shortcut(Qt::Key_C, Qt::ControlModifier);
        rig.shortcut(Qt::Key_V, Qt::ControlModifier);
        QCOMPARE(rig.starts().size(), 4);
        QVERIFY(rig.routine().passes[2].restart);
        rig.shortcut(Qt::Key_Delete); // the one chosen
        QCOMPARE(rig.starts().size(), 3);
        rig.shortcut(Qt::Key_A, Qt::ControlModifier);
        rig.shortcut(Qt::Key_X, Qt::ControlModifier);
        QCOMPARE(rig.starts().size(), 0);
        QVERIFY(rig.window->lastTold().contains("3 passes cut"));
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(rig.starts().size(), 4);
        QGuiApplication::clipboard()->setText("Lift Count routine\ncolour: red");
        rig.shortcut(Qt::Key_V, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(rig.window->lastTold().contains("Line 2"));
        QCOMPARE(rig.starts().size(), 4); // nothing is lost
    }
    /// A hand-out that was copied elsewhere: pasted, landed, and what waits to be settled is told.
    void aHandoutIsPasted() {
        ArrangeRig rig("song 32 | song 32");
        QFile file(QStringLiteral(LIFTCOUNT_SOURCE_DIR "/tests/data/handouts/lantern-row.txt"));
        QVERIFY(file.open(QIODevice::ReadOnly));
        rig.session->doc.startNew();
        QGuiApplication::clipboard()->setText(QString::fromUtf8(file.readAll()));
        rig.shortcut(Qt::Key_V, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(rig.routine().passes.size(), std::size_t{6});
        QCOMPARE(rig.arrange().handout().open(), 1);
        QCOMPARE(rig.arrange().handout().table().rowText(rig.arrange().handout().table().currentRow())[2],
                 "Have fun with it!");
        const auto& passes = rig.session->doc.landing().performance.passes;
        QCOMPARE(passes[5].start - passes[0].start, counts(132));
        QGuiApplication::clipboard()->setText("Dear all, bring shoes.");
        rig.shortcut(Qt::Key_V, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(rig.window->lastTold().contains("No line of this text"));
        QCOMPARE(rig.routine().passes.size(), std::size_t{6}); // nothing is lost
    }
    void aRoutineInATextFileIsOpened() {
        ArrangeRig rig("song 32 | song 32");
        QTemporaryDir folder;
        const auto file = [&](const char* name, const QByteArray& text) {
            QFile f(folder.filePath(name));
            if (!f.open(QIODevice::WriteOnly)) qFatal("cannot write");
            f.write(text);
            return f.fileName();
        };
        rig.session->doc.startNew();
        rig.window->openAny(file(
            "mail.txt",
            "Lift Count routine\nsong: verse 32 | verse 32\nfigure: Vine\n  everyone: 1 side R 2 behind L 3 side R 4 touch\npart: A\n  Vine\norder: A x3\n"));
        QCOMPARE(rig.starts(), (QStringList{"1", "5", "9"}));
        QVERIFY(rig.session->doc.path().isEmpty()); // it is saved under a name of its own
        rig.window->openAny(file("bad.txt", "Lift Count routine\ncolour: red\n"));
        QVERIFY2(rig.window->lastTold().startsWith("“bad.txt”: Line 2"), qPrintable(rig.window->lastTold()));
        QCOMPARE(rig.starts().size(), 3);
        QVERIFY(!rig.session->doc.isSaved()); // no file holds it yet
    }
    void anotherSongIsTriedBeforeItIsTaken() {
        ArrangeRig rig("verse 32 | chorus 36 | verse 32 | chorus 32");
        QTest::keyClicks(rig.arrange().editor().line(0), "1-32 walk");
        rig.order("A x4");
        rig.arrange().songTrial().begin();
        auto* typed = rig.window->findChild<QLineEdit*>("trialStructure");
        QTest::keyClicks(typed, "verse 32 | chorus 32 | verse 32 | chorus 32");
        QTest::keyClick(typed, Qt::Key_Return);
        QVERIFY(rig.arrange().songTrial().trial());
        QCOMPARE(rig.arrange().songTrial().trial()->landNow, 2);
        QCOMPARE(rig.arrange().songTrial().trial()->landThen, 4);
        QCOMPARE(rig.arrange().songTrial().table()->rowText(2).join(" / "),
                 "3 / A / count 33 of Chorus (0:16.0), 4 short / count 1 of Verse (0:32.0), lands");
        QCOMPARE(rig.starts(), (QStringList{"1", "33", "65", "97"}));
        QTRY_VERIFY(rig.button("takeSong")->isVisible());
        rig.press("takeSong");
        QVERIFY2(!rig.arrange().songTrial().trial(), qPrintable(rig.window->lastTold()));
        QTRY_VERIFY2(rig.findingsShown().contains("Everything lands"), qPrintable(rig.findingsShown()));
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(!rig.findingsShown().contains("Everything lands"));
    }
    void aTempoIsOnlyAskedAbout() {
        ArrangeRig rig("verse 32 | verse 32");
        QTest::keyClicks(rig.arrange().editor().line(0), "1-32 walk");
        rig.order("A A");
        rig.arrange().songTrial().begin();
        rig.arrange().songTrial().tryTempo(90);
        QVERIFY(rig.arrange().songTrial().trial());
        const auto map = rig.session->doc.document().map;
        rig.arrange().songTrial().apply();
        QCOMPARE(rig.session->doc.document().map, map); // the recording keeps its tempo, and so does its map
        rig.button("closeTrial")->click();
        QVERIFY(!rig.arrange().songTrial().trial());
    }
    void aTagKeepsItsFigureWhenItsCellIsOnlyLookedAt() {
        ArrangeRig rig("song 64");
        rig.figure("Sway", {"1 2 3 4"});
        rig.order("A A");
        rig.clickPass(1);
        rig.passLines({"tag of 4, Sway"});
        auto& passes = rig.arrange().passes().passes();
        QVERIFY(passes.setData(passes.index(0, app::PassModel::TagCounts), "4", Qt::EditRole));
        QVERIFY(rig.routine().passes[0].tag->figure.valid());
        QVERIFY(
            passes.setData(passes.index(0, app::PassModel::TagCounts), "2", Qt::EditRole)); // another length is a wait
        QVERIFY(!rig.routine().passes[0].tag->figure.valid());
    }
    void aNewNameIsSaidToBeNew() {
        ArrangeRig rig("song 64");
        rig.figure("Vane");
        QVERIFY2(rig.window->lastTold().contains("Vane is a new figure"), qPrintable(rig.window->lastTold()));
    }
    /// The dance of the demo from an empty routine, by keys alone, until every pass starts a phrase. An action is a
    /// shortcut, or something typed and finished with Enter.
    void aNewUserLandsTheDanceInFewActions() {
        test::WindowRig rig;
        rig.session->doc.startNew();
        TypedStructure typed;
        typed.text =
            "intro 32 | verse 32 | chorus 32 | verse 34 | chorus 32 | bridge 32 | verse 16 | chorus 32 | outro 16";
        typed.bpm = 100;
        QVERIFY(rig.session->song.setStructure(typed));
        int actions = 1; // the song
        const auto shortcut = [&](Qt::Key key, Qt::KeyboardModifiers with = Qt::NoModifier) {
            rig.shortcut(key, with);
            ++actions;
        };
        const auto type = [&](const QString& text) { // into whatever has the focus
            QTest::keyClicks(rig.window->focusWidget(), text);
            QTest::keyClick(rig.window->focusWidget(), Qt::Key_Return);
            ++actions;
        };
        shortcut(Qt::Key_3, Qt::AltModifier);
        shortcut(Qt::Key_I, Qt::ControlModifier);
        for (
            const auto& [name, line] :
            {std::pair{"Turning vine", "1 side R 2 behind L 3 side R 4 touch L 5 side L 6 behind R 7 side L 8 touch R"},
             {"Into the wind",
              "1 forward R & close L 2 forward R 3 rock L 4 replace R 5 back L & close R 6 back L 7 rock R 8 replace L"},
             {"Points and box",
              "1 across R 2 point L 3 across L 4 point R 5 across R 6 back L 7 side R 1/4 R 8 close L"},
             {"Low kicks",
              "1 kick low R & close R 2 step L 3 kick low R & close R 4 step L 5 stomp R 6 clap 7 stomp L 8 clap"}}) {
            type(name);
            type(line);
        }
        const auto& landing = [&]() -> const Landing& { return rig.session->doc.landing(); };
        QCOMPARE(landing().performance.passes.size(), 1U);
        QCOMPARE(landing().performance.passes[0].counts, counts(32));
        const auto missed = [&] {
            int n = 0;
            for (const PassPerformance& p : landing().performance.passes) n += !lands(landing().grid, p);
            return n;
        };
        shortcut(Qt::Key_R, Qt::ControlModifier);
        type("A x7");
        QVERIFY(missed() > 0);
        while (missed() > 0 && actions < 40)
            shortcut(Qt::Key_Return, Qt::ControlModifier); // the first remedy of the worst finding
        qInfo("%d actions", actions);
        QCOMPARE(missed(), 0);
        QVERIFY2(actions <= 14, qPrintable(QString::number(actions)));
    }
    void aLongChainLeavesTheStripsTheirRoom() {
        Document document = test::documentOn("verse 32 | chorus 32");
        for (int i = 1; i <= 60; ++i)
            test::placeFigure(document, "A",
                              test::addFigure(document, "Figure no. " + std::to_string(i), {test::walk(2)}));
        ArrangeRig rig("verse 32");
        rig.session->doc.startWith(document);
        rig.arrange().editor().choosePart(document.routine.parts[0].id);
        QCOMPARE(rig.routine().parts[0].figures.size(), std::size_t{60});
        const auto* rows = rig.window->findChild<app::BoundedScroll*>();
        QTRY_VERIFY(rows->verticalScrollBar()->maximum() > 0);
        QVERIFY2(rows->height() <= 100, qPrintable(QString::number(rows->height())));
        QVERIFY2(3 * rig.arrange().strips().height() >= 2 * rig.arrange().height() - 3 * rows->height(),
                 qPrintable(QString::number(rig.arrange().strips().height())));
        const auto inView = [&](const QWidget* link) {
            const QPoint at = link->mapTo(rows->viewport(), QPoint(0, 0));
            return at.y() >= 0 && at.y() + link->height() <= rows->viewport()->height();
        };
        rig.chain().choose(rig.routine().parts[0].figures.back().id);
        QTRY_VERIFY(inView(rig.chain().field()));
        rig.chain().choose(rig.routine().parts[0].figures.front().id);
        QTRY_VERIFY(inView(rig.chain().findChild<app::ChainLink*>("figure0")));
        auto* last = rig.chain().findChild<app::ChainLink*>("figure59");
        QVERIFY(!inView(last));
        last->setFocus();
        QTRY_VERIFY(inView(last)); // what has the keyboard is seen
    }
    void likePassesFoldAndUnfold() {
        QString structure = "verse 32";
        for (int i = 1; i < 60; ++i) structure += i == 20 ? " | bridge 36" : " | verse 32";
        ArrangeRig rig(structure.toStdString(), 128);
        QTest::keyClicks(rig.arrange().editor().line(0), "1-32 walk");
        rig.order("A x60");
        rig.clickPass(21);
        rig.passLines({"tag of 4"});
        auto& strips = rig.arrange().strips();
        strips.setFolding(true); // what was looked at folds again
        const auto lines = [&] { return strips.layoutOfStrips().lines.size(); };
        QCOMPARE(lines(), 5U); // 1, 2–20, 21 with its tag, 22, 23–60
        QAccessibleInterface* page = QAccessible::queryAccessibleInterface(&strips);
        QVERIFY2(page->child(1)->text(QAccessible::Name).startsWith("passes 2–20 alike, 32 counts each, in Verse"),
                 qPrintable(page->child(1)->text(QAccessible::Name)));
        PassExceptions tried; // what is tried on is seen
        tried.mirrored = true;
        rig.session->doc.preview({SetExceptions{rig.routine().passes[9].id, tried, {}}}, "tried");
        QCOMPARE(lines(), 8U); // 1, 2–9, 10, 11, 12–20, 21, 22, 23–60
        rig.session->doc.endPreview();
        QCOMPARE(lines(), 5U);
        rig.clickPass(40);
        QVERIFY(lines() > 30U); // the run with pass 40 is open
        QVERIFY(strips.layoutOfStrips().lines[1].folded);
        rig.shortcut(Qt::Key_L, Qt::ControlModifier | Qt::ShiftModifier); // folds anew
        QCOMPARE(lines(), 5U);
        rig.shortcut(Qt::Key_L, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(lines(), 60U);
    }
    void aFigureIsDroppedOntoTheStrips() {
        ArrangeRig rig("song 64");
        rig.figure("One", {"1 2"});
        rig.figure("Two", {"1 2 3 4"});
        rig.figure("Three", {"1 2"});
        auto& strips = rig.arrange().strips();
        QMimeData mime;
        mime.setData(QString::fromLatin1(app::figureMime),
                     QString("r%1").arg(rig.routine().figures.back().id.value).toUtf8());
        const QPoint onTwo = strips.pointOf(3), beside = strips.pointOf(40);
        const auto drop = [&](QPoint at) {
            QDragEnterEvent enter(at, Qt::CopyAction, &mime, Qt::LeftButton, Qt::NoModifier);
            QCoreApplication::sendEvent(strips.viewport(), &enter);
            QDropEvent event(at, Qt::CopyAction, &mime, Qt::LeftButton, Qt::NoModifier);
            QCoreApplication::sendEvent(strips.viewport(), &event);
        };
        drop(onTwo);
        QStringList names;
        for (const Placement& p : rig.routine().parts[0].figures)
            names << QString::fromStdString(findFigure(rig.routine(), p.figure)->name);
        QCOMPARE(names.join(' '), "One Two Three Three");
        drop(beside);
        QCOMPARE(rig.routine().parts[0].figures.size(), 4U);
        QVERIFY2(rig.window->lastTold().contains("no pass at the caret"), qPrintable(rig.window->lastTold()));
    }
    /// Of two figures with one name the one that is dragged is placed.
    void figuresOfOneNameAreToldApart() {
        ArrangeRig rig("song 64");
        auto& desk = rig.window->stage<app::StepsStage>().desk();
        desk.open();
        QTemporaryDir folder;
        QFile file(folder.filePath("twins.csv"));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("name,line of everyone\nLantern twin,1 2\nLantern twin,1 2 3 4 5\n");
        file.close();
        desk.importFile(file.fileName());
        QTRY_VERIFY(rig.window->lastTold().contains("came in"));
        rig.figure("Opening walk", {"1-8 walk"});
        QStringList longer;
        for (const app::ShownFigure& f : desk.figures())
            if (f.card.name == "Lantern twin" && f.digest.length == counts(5)) longer << f.key();
        QCOMPARE(longer.size(), 1);
        QMimeData mime;
        mime.setData(QString::fromLatin1(app::figureMime), longer[0].toUtf8());
        const QPoint at = rig.arrange().strips().pointOf(3);
        QDragEnterEvent enter(at, Qt::CopyAction, &mime, Qt::LeftButton, Qt::NoModifier);
        QCoreApplication::sendEvent(rig.arrange().strips().viewport(), &enter);
        QDropEvent event(at, Qt::CopyAction, &mime, Qt::LeftButton, Qt::NoModifier);
        QCoreApplication::sendEvent(rig.arrange().strips().viewport(), &event);
        QCOMPARE(rig.routine().parts[0].figures.size(), 2U);
        const Figure* placed = findFigure(rig.routine(), rig.routine().parts[0].figures.back().figure);
        QVERIFY(placed);
        QVERIFY2(placed->name == "Lantern twin",
                 qPrintable(QString::fromStdString(placed->name) + " " + rig.window->lastTold()));
        QCOMPARE(QString::fromStdString(placed->vocabularyId), longer[0]);
        QCOMPARE(rig.danced(), QStringList{"13"});
    }
    void everyRowCountAndFindingIsReadAloud() {
        ArrangeRig rig("verse 36 | verse 32 | outro 28");
        rig.press("addRole");
        QTest::keyClicks(rig.arrange().editor().line(0), "1-16 walk");
        QTest::keyClicks(rig.arrange().editor().line(1), "1-16 walk");
        rig.order("A x5");
        rig.clickPass(2);
        rig.passLines({"canon 2 apart, together", "tag of 2"});
        auto& strips = rig.arrange().strips();
        QVERIFY2(strips.describeCount(16).contains("canon") && strips.describeCount(16).contains("follower wait"),
                 qPrintable(strips.describeCount(16)));
        QVERIFY2(strips.describeCount(33).contains("tag"), qPrintable(strips.describeCount(33)));
        QVERIFY2(strips.describeCount(36).contains("the dancers say"), qPrintable(strips.describeCount(36)));
        QVERIFY2(strips.describeCount(36).contains("count 1 of Verse (0:18.0)"), qPrintable(strips.describeCount(36)));
        QAccessibleInterface* page = QAccessible::queryAccessibleInterface(&strips);
        int read = 0;
        for (int line = 0; line < page->childCount(); ++line)
            for (int c = 0; c < page->child(line)->childCount(); ++c, ++read) {
                const QString words = page->child(line)->child(c)->text(QAccessible::Name);
                QVERIFY2(words.contains(QString("music count")), qPrintable(words));
            }
        QCOMPARE(read, 96);
        rig.shortcut(Qt::Key_F5);
        QAccessibleInterface* table = QAccessible::queryAccessibleInterface(&rig.arrange().passes());
        QAccessibleTableInterface* cells = table->tableInterface();
        QVERIFY(cells);
        QCOMPARE(cells->rowCount(), 5);
        for (int row = 0; row < 5; ++row) {
            QCOMPARE(cells->cellAt(row, 0)->text(QAccessible::Name), QString("pass %1").arg(row + 1));
            QVERIFY(cells->cellAt(row, app::PassModel::Verdict)->text(QAccessible::Name).startsWith("landing "));
        }
        QVERIFY(!rig.session->doc.landing().findings.empty());
        const QString aloud = rig.spokenOf(&rig.arrange().findings());
        for (const Finding& f : rig.session->doc.landing().findings)
            QVERIFY2(aloud.contains(test::q(f.headline)), qPrintable(test::q(f.headline) + " is not in\n" + aloud));
    }
    void aRemedyThatIsNotSeenIsOfTheRoutineAsItIs() { // applied from another stage, after the song has changed there
        ArrangeRig rig("verse 32 | chorus 36 | verse 32");
        QTest::keyClicks(rig.arrange().editor().line(0), "1-32 walk");
        rig.order("A x3");
        QVERIFY(test::q(rig.arrange().findings().remedies().front().title).contains("tag of 4 counts after pass 2"));
        rig.window->showStage(app::stage_id::listen);
        TypedStructure typed;
        typed.text = "verse 34 | chorus 32 | verse 32";
        typed.bpm = 120;
        QVERIFY(rig.session->song.setStructure(typed));
        rig.shortcut(Qt::Key_Return, Qt::ControlModifier);
        QCOMPARE(rig.starts(), (QStringList{"1", "35", "67"}));
    }
    void everythingHasAName() { // through the accessibility interface, as a screen reader asks
        ArrangeRig rig("song 64");
        rig.figure("Vine", {"1 side R 2 behind L 3 side R 4 touch"});
        rig.order("A x3");
        QStringList nameless;
        const std::function<void(QAccessibleInterface*)> look = [&](QAccessibleInterface* face) {
            if (!face) return;
            const bool acts = face->state().focusable && !face->state().invisible;
            if (acts && face->text(QAccessible::Name).isEmpty() && face->text(QAccessible::Description).isEmpty() &&
                face->object() && !face->object()->objectName().startsWith("qt_"))
                nameless << QString::fromLatin1(face->object()->metaObject()->className()) + "/" +
                                face->object()->objectName();
            for (int i = 0; i < face->childCount(); ++i) look(face->child(i));
        };
        look(QAccessible::queryAccessibleInterface(&rig.arrange()));
        QVERIFY2(nameless.isEmpty(), qPrintable(nameless.join(", ")));
        auto* link = rig.window->findChild<QPushButton*>("figure0");
        QCOMPARE(QAccessible::queryAccessibleInterface(link)->text(QAccessible::Name),
                 "Vine, 4 counts, from count 1 of part A");
    }
};

LIFTCOUNT_TEST(ArrangeWindowTest)
#include "tst_arrange_window.moc"
