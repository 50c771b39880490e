// The whole slice through the real window, with mouse and keys.
#include "support/core_support.h"
#include "support/window_rig.h"

#include "app/strips/strips_accessible.h"
#include "app/window/command_box.h"
#include "app/window/command_table.h"
#include "core/document/document_file.h"

#include <QAccessible>
#include <QDropEvent>
#include <QLineEdit>
#include <QMessageBox>
#include <QMimeData>
#include <QProcess>
#include <QSettings>
#include <QTemporaryDir>
#include <QTimer>

using namespace lc;
using namespace lc::app;
using lc::test::prepareProgram;
using lc::test::WindowRig;

namespace {
const QString song = LIFTCOUNT_SOURCE_DIR "/demo/copper-weathervane.ogg";

QString cellOf(WindowRig& rig, int pass, PassModel::Column column) {
    PassModel& model = rig.window->stage<app::ArrangeStage>().passes().passes();
    return model.data(model.index(pass - 1, column), Qt::DisplayRole).toString();
}
} // namespace

class WindowTest : public QObject {
    Q_OBJECT
    QTemporaryDir m_folder;

private Q_SLOTS:
    void initTestCase() { prepareProgram("lift-count-test"); }

    void aSongBecomesALandedDanceAndAPrintedSheet() {
        WindowRig rig;
        MainWindow& window = *rig.window;
        QVERIFY(rig.button("startSong")->isVisible()); // the start page says what to do first

        // drop the song on the window and wait for its map
        QMimeData mime;
        mime.setUrls({QUrl::fromLocalFile(song)});
        QDragEnterEvent enter(QPoint(300, 300), Qt::CopyAction, &mime, Qt::LeftButton, Qt::NoModifier);
        QCoreApplication::sendEvent(&window, &enter);
        QVERIFY(enter.isAccepted());
        QDropEvent drop(QPointF(300, 300), Qt::CopyAction, &mime, Qt::LeftButton, Qt::NoModifier);
        QCoreApplication::sendEvent(&window, &drop);
        QTRY_VERIFY_WITH_TIMEOUT(!rig.session->doc.landing().grid.empty() && !rig.session->song.loading(), 60000);
        QVERIFY(window.stage().is(app::stage_id::listen));
        QCOMPARE(rig.session->doc.landing().grid.countsInSong(), 258);
        QVERIFY(rig.countBarShown().contains("eight 1 of 4"));

        // by hand: the bridge starts here, and it is called so
        window.stage<app::ListenStage>().strips().setFocus();
        const int bridge = rig.session->doc.landing().grid.phrases()[5].firstCount;
        rig.session->transport.setCaret(counts(bridge));
        rig.shortcut(Qt::Key_H);
        QCOMPARE(rig.session->doc.document().facts.size(), std::size_t{1});
        QVERIFY(rig.session->doc.landing().grid.phrases()[5].confirmed);
        auto* name = window.stage<app::ListenStage>().findChild<QLineEdit*>("phraseName");
        rig.shortcut(Qt::Key_N);
        QTRY_VERIFY(name->hasFocus());
        rig.keys(name, "Bridge");
        QTest::keyClick(name, Qt::Key_Return);
        QCOMPARE(test::q(rig.session->doc.landing().grid.phrases()[5].label), "Bridge");

        // type a part and the order of the passes
        rig.shortcut(Qt::Key_3, Qt::AltModifier);
        QVERIFY(window.stage().is(app::stage_id::arrange));
        NotationEdit* line = window.stage<app::ArrangeStage>().editor().line(0);
        rig.shortcut(Qt::Key_E, Qt::ControlModifier);
        QTRY_VERIFY(line->hasFocus());
        rig.keys(line, "1 side R 2 behind L 3 side R 4 tuch");
        QVERIFY(window.stage<app::ArrangeStage>().editor().summary(0).contains("4 counts, 4 weight changes"));
        for (int i = 0; i < 4; ++i) QTest::keyClick(line, Qt::Key_Backspace);
        rig.keys(line, "touch 3");
        QVERIFY2(window.stage<app::ArrangeStage>().editor().summary(0).contains("character 38: 3 comes after 4"),
                 qPrintable(window.stage<app::ArrangeStage>().editor().summary(0)));
        QTest::keyClick(line, Qt::Key_Backspace);
        rig.keys(line, "5-7 vine L 8 touch 1-8 walk 1-7 walk 8 1/4 R 1-8 walk");
        QVERIFY2(window.stage<app::ArrangeStage>().editor().summary(0).startsWith("32 counts"),
                 qPrintable(window.stage<app::ArrangeStage>().editor().summary(0)));
        QLineEdit* order = window.stage<app::ArrangeStage>().editor().order();
        rig.shortcut(Qt::Key_R, Qt::ControlModifier);
        QTRY_VERIFY(order->hasFocus());
        rig.keys(order, "A x6");
        QTest::keyClick(order, Qt::Key_Return);
        QCOMPARE(rig.session->doc.document().routine.passes.size(), std::size_t{6});

        // see it: strips and list tell the same; the half-bar makes pass 5 miss
        QCOMPARE(cellOf(rig, 1, PassModel::Time), "0:00.9");
        QCOMPARE(cellOf(rig, 5, PassModel::StartCount), "129");
        QCOMPARE(cellOf(rig, 5, PassModel::Verdict), "2 short");
        QCOMPARE(cellOf(rig, 2, PassModel::Facing), "3");
        QVERIFY2(rig.findingsShown().contains("Pass 5 starts 2 counts before Tune II 2"),
                 qPrintable(rig.findingsShown()));

        // preview and apply the tag; undo, redo
        QVERIFY2(rig.findingsShown().contains("Add a tag of 2 counts after pass 4."), qPrintable(rig.findingsShown()));
        QTest::mouseClick(rig.window->findChild<QAbstractButton*>("remedy0"),
                          Qt::LeftButton); // a remedy that is chosen is tried on
        QVERIFY(rig.session->doc.previewLanding());
        QCOMPARE(cellOf(rig, 5, PassModel::StartCount), "129"); // nothing changed yet
        rig.press("applyRemedy");
        QVERIFY(!rig.session->doc.previewLanding());
        QCOMPARE(cellOf(rig, 5, PassModel::StartCount), "131");
        QCOMPARE(cellOf(rig, 4, PassModel::TagCounts), "2");
        QVERIFY(!rig.findingsShown().contains("Pass 5 starts"));
        window.stage<app::ArrangeStage>().strips().setFocus();
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(cellOf(rig, 5, PassModel::StartCount), "129");
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(cellOf(rig, 5, PassModel::StartCount), "131");

        // a restart: typed in the list, seen on the strips
        PassModel& model = window.stage<app::ArrangeStage>().passes().passes();
        QVERIFY(model.setData(model.index(1, PassModel::RestartAfter), "16", Qt::EditRole));
        QCOMPARE(cellOf(rig, 3, PassModel::StartCount), "49");
        QVERIFY(rig.findingsShown().contains("Pass 3 starts"));
        bool whole = false;
        const auto choices = window.stage<app::ArrangeStage>().findings().findChildren<RemedyChoice*>();
        for (auto* choice : choices)
            if (choice->text() == "Dance pass 2 whole.") {
                QTest::mouseClick(choice, Qt::LeftButton);
                whole = true;
                break;
            }
        QVERIFY2(whole, qPrintable(rig.findingsShown()));
        window.stage<app::ArrangeStage>().strips().setFocus();
        rig.shortcut(Qt::Key_Return, Qt::ControlModifier);
        QCOMPARE(cellOf(rig, 3, PassModel::StartCount), "65");

        // play with the silent output: the count bar at known times of the clock
        const double first = rig.session->doc.landing().grid.cell(0)->start;
        rig.session->transport.setCaret(counts(0));
        window.stage<app::ArrangeStage>().strips().setFocus();
        rig.shortcut(Qt::Key_Space);
        QVERIFY(rig.session->transport.player().playing());
        for (int count : {3, 8, 12}) {
            const double at = *rig.session->doc.landing().grid.secondsAt(counts(count) + countFraction(1, 4));
            rig.pass(at - rig.session->transport.player().position());
            QVERIFY2(rig.countBarShown().startsWith(QString::number(count % 8 + 1) + ","),
                     qPrintable(rig.countBarShown()));
        }
        QVERIFY(rig.countBarShown().contains("eight 2 of 4"));
        QVERIFY(rig.countBarShown().contains("pass 1"));
        QVERIFY(qAbs(rig.session->transport.player().position() - first - 12.25 * 0.6) < 0.02);
        rig.shortcut(Qt::Key_O); // loop this pass
        QVERIFY(rig.session->transport.loop());
        QCOMPARE(rig.session->transport.loop()->second - rig.session->transport.loop()->first, counts(32));
        rig.shortcut(Qt::Key_O);
        QVERIFY(!rig.session->transport.loop());
        rig.shortcut(Qt::Key_Minus);
        QCOMPARE(rig.session->transport.tempoPercent(), 95);
        rig.shortcut(Qt::Key_Space);
        QVERIFY(!rig.session->transport.player().playing());

        // go to a pass by the box
        rig.shortcut(Qt::Key_K, Qt::ControlModifier);
        QTRY_VERIFY(window.commandBox().hasFocus());
        rig.keys(&window.commandBox(), "pass 4");
        QCOMPARE(window.commandBox().shown().value(0), "pass 4");
        QTest::keyClick(&window.commandBox(), Qt::Key_Return);
        QCOMPARE(rig.session->transport.now(), counts(96));
        QVERIFY(window.stage<app::ArrangeStage>().passes().currentIndex().row() == 3);

        // save, reopen in another window, find everything as it was
        const QString path = m_folder.filePath("dance.liftcount");
        QVERIFY(window.files().saveTo(path));
        QVERIFY(rig.session->doc.isSaved());
        const Document saved = rig.session->doc.document();
        WindowRig again;
        again.window->openAny(path);
        QVERIFY(again.session->doc.document() == saved);
        QTRY_VERIFY_WITH_TIMEOUT(again.session->song.loudness(), 30000);
        QVERIFY(again.window->stage().is(app::stage_id::arrange));
        QCOMPARE(again.session->transport.now(), counts(96));
        QCOMPARE(again.session->transport.tempoPercent(), 95);
        QCOMPARE(cellOf(again, 4, PassModel::TagCounts), "2");

        // the sheet
        again.shortcut(Qt::Key_6, Qt::AltModifier);
        QVERIFY(again.window->stage<app::SheetsStage>().isVisible());
        QCOMPARE(again.window->stage<app::SheetsStage>().pages(), 1);
        const QString pdf = m_folder.filePath("floor.pdf");
        QVERIFY(again.window->stage<app::SheetsStage>().write(pdf, "pdf"));
        QProcess text;
        text.start("pdftotext", {"-layout", pdf, "-"});
        if (text.waitForFinished() && text.error() != QProcess::FailedToStart)
            QVERIFY(text.readAllStandardOutput().contains("TAG of 2"));
        QVERIFY(again.window->stage<app::SheetsStage>().write(m_folder.filePath("floor.html"), "html"));
    }

    void aDoubtIsHeardAnsweredAndTakenBack() {
        WindowRig rig;
        rig.window->openDemo();
        QTRY_VERIFY_WITH_TIMEOUT(rig.session->song.heardSong(), 60000);
        rig.shortcut(Qt::Key_1, Qt::AltModifier);
        const auto doubts = rig.session->song.doubts();
        QVERIFY(!doubts.empty());
        const Document before = rig.session->doc.document();

        // the half-bar is doubted: hear the other reading, four bars of it, and let it be
        std::size_t half = doubts.size();
        for (std::size_t d = 0; d < doubts.size(); ++d)
            if (test::q(doubts[d].about).contains("bar 33")) half = d;
        QVERIFY(half < doubts.size());
        auto* other =
            rig.window->stage<app::ListenStage>().findChild<QAbstractButton*>(QStringLiteral("reading%1b").arg(half));
        QVERIFY(other);
        QVERIFY(other->text().contains("4 beats like the others"));
        QTest::mouseClick(other, Qt::LeftButton);
        QVERIFY(rig.session->transport.hearing());
        QVERIFY(rig.session->transport.player().playing());
        const double from = rig.session->transport.player().position();
        QVERIFY2(from > doubts[half].start - 3 && from < doubts[half].start + 0.1, qPrintable(QString::number(from)));
        rig.pass(30); // again and again
        QVERIFY(rig.session->transport.player().position() < doubts[half].start + 10);
        QVERIFY(rig.session->doc.document() == before); // nothing is changed by listening
        rig.shortcut(Qt::Key_Space);
        QVERIFY(!rig.session->transport.hearing());
        QVERIFY(!rig.session->transport.player().playing());

        // accept it: the song is solved again at once; undo brings all back, the doubt as well
        rig.press(qPrintable(QStringLiteral("accept%1").arg(half)));
        QCOMPARE(rig.session->doc.document().facts.size(), before.facts.size() + 1);
        QCOMPARE(rig.session->doc.document().map->bars[32].beats, 4);
        for (const SongDoubt& d : rig.session->song.doubts())
            QVERIFY(std::abs(d.start - doubts[half].start) > 0.2 || !test::q(d.about).startsWith("the length"));
        rig.window->stage<app::ListenStage>().strips().setFocus();
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(rig.session->doc.document() == before);
        QCOMPARE(rig.session->song.doubts().size(), doubts.size());

        // what is said by hand is solved around as well
        rig.session->transport.setCaret(counts(40));
        rig.shortcut(Qt::Key_H);
        QCOMPARE(rig.session->doc.document().facts.size(), before.facts.size() + 1);
        const CountCell* cell = rig.session->doc.landing().grid.cell(40);
        QVERIFY(cell && cell->phraseOffset == 0);
    }

    void theMouseMovesTheCaretAndChoosesThePass() {
        WindowRig rig;
        rig.window->openDemo();
        QTRY_VERIFY_WITH_TIMEOUT(rig.session->song.loudness(), 30000);
        StripsView& strips = rig.window->stage<app::ArrangeStage>().strips();
        rig.window->stage<app::ArrangeStage>().strips().setMagnification(Magnification::Strip);
        strips.showPlace(counts(70));
        QTest::mouseClick(strips.viewport(), Qt::LeftButton, {}, strips.pointOf(70));
        QCOMPARE(rig.session->transport.now(), counts(70));
        QCOMPARE(rig.window->stage<app::ArrangeStage>().passes().currentIndex().row(), 1);
        QTest::keyClick(&strips, Qt::Key_Right);
        QCOMPARE(rig.session->transport.now(), counts(71));
        QTest::keyClick(&strips, Qt::Key_Left, Qt::ControlModifier);
        QCOMPARE(rig.session->transport.now(), counts(64));
        QTest::keyClick(&strips, Qt::Key_Down);
        QCOMPARE(rig.session->transport.now(), counts(96));
        QTest::keyClick(&strips, Qt::Key_End);
        QCOMPARE(rig.session->transport.now(), counts(129));
        rig.shortcut(Qt::Key_F2);
        QVERIFY(strips.magnification() == Magnification::Page);
        rig.shortcut(Qt::Key_F3);
        rig.shortcut(Qt::Key_R); // the caret is on the 2nd count of pass 4
        QVERIFY(rig.session->doc.document().routine.passes[3].restart);
        QCOMPARE(rig.session->doc.document().routine.passes[3].restart->after, counts(2));
    }

    void rowsAndCountsAreReadAloud() {
        WindowRig rig;
        rig.window->openDemo();
        QTRY_VERIFY_WITH_TIMEOUT(rig.session->song.loudness(), 30000);
        QAccessibleInterface* page =
            QAccessible::queryAccessibleInterface(&rig.window->stage<app::ArrangeStage>().strips());
        QVERIFY(page);
        QCOMPARE(page->childCount(), 9);
        QAccessibleInterface* verse = page->child(1);
        QVERIFY(verse->text(QAccessible::Name).startsWith("Verse 1, at 0:20.1, 32 counts, lands"));
        QCOMPARE(verse->childCount(), 32);
        const QString first = verse->child(0)->text(QAccessible::Name);
        QVERIFY2(first.contains("count 1 of Verse 1, music count 1") && first.contains("pass 1 count 1") &&
                     first.contains("side right"),
                 qPrintable(first));
        QCOMPARE(verse->indexOfChild(verse->child(5)), 5);
        QVERIFY(page->child(99) == nullptr);
        QVERIFY(!rig.button("applyRemedy")->toolTip().isEmpty());
    }

    void everyCommandHasAMenuAndATip() {
        WindowRig rig;
        int shortcuts = 0;
        QSet<QString> seen;
        for (QAction* action : rig.window->commands().actions()) {
            QVERIFY2(!action->toolTip().isEmpty(), qPrintable(action->text()));
            if (action->shortcut().isEmpty()) continue;
            ++shortcuts;
            QVERIFY2(action->toolTip().contains(action->shortcut().toString(QKeySequence::NativeText)),
                     qPrintable(action->toolTip()));
            QVERIFY2(!seen.contains(action->shortcut().toString()), qPrintable(action->text()));
            seen.insert(action->shortcut().toString());
        }
        QVERIFY(shortcuts > 30);
        for (const char* kept : {"Alt+4", "Alt+5"}) QVERIFY(!seen.contains(kept)); // for the stages to come
    }

    void badFilesAreToldAndNothingIsLost() {
        WindowRig rig;
        rig.window->openDemo();
        QTRY_VERIFY_WITH_TIMEOUT(rig.session->song.loudness(), 30000);
        const Document before = rig.session->doc.document();
        QFile bad(m_folder.filePath("bad.liftcount"));
        QVERIFY(bad.open(QIODevice::WriteOnly));
        bad.write("{\"format\": \"liftcount\", \"version\": 1}");
        bad.close();
        rig.window->openAny(bad.fileName());
        QVERIFY(rig.window->lastTold().contains("damaged"));
        QVERIFY(rig.session->doc.document() == before);
        QFile text(m_folder.filePath("words.wav"));
        QVERIFY(text.open(QIODevice::WriteOnly));
        text.write("no sound in here");
        text.close();
        rig.window->openAny(text.fileName());
        QTRY_VERIFY(rig.window->lastTold().contains("not a sound file"));
        QVERIFY(rig.session->doc.document() == before);
        QVERIFY(!rig.window->files().saveTo("/no/such/folder/x.liftcount"));
        QVERIFY(rig.window->lastTold().contains("folder does not exist"));
    }

    void loadingCanBeStopped() {
        WindowRig rig;
        rig.window->openAny(song);
        QVERIFY(rig.session->song.loading());
        rig.session->song.cancelLoading();
        QVERIFY(!rig.session->song.loading());
        QVERIFY(rig.window->lastTold().contains("Nothing was changed"));
        QVERIFY(rig.session->doc.document() == newDocument());
    }

    void unsavedWorkIsAskedFor() {
        WindowRig rig;
        rig.window->openDemo();
        QTRY_VERIFY_WITH_TIMEOUT(rig.session->song.loudness(), 30000);
        rig.session->doc.edit(SetTitle{"Changed"});
        QVERIFY(rig.window->isWindowModified());
        bool asked = false;
        QTimer::singleShot(0, this, [&] {
            for (QWidget* w : QApplication::topLevelWidgets())
                if (auto* box = qobject_cast<QMessageBox*>(w)) {
                    asked = box->text().contains("not saved");
                    box->reject(); // "Go back"
                }
        });
        QVERIFY(!rig.window->close());
        QVERIFY(asked);
        QVERIFY(rig.window->isVisible());
        rig.session->doc.undo();
        QVERIFY(!rig.window->isWindowModified());
        QVERIFY(rig.window->close());
    }

    void leavingAFindingKeepsItsReason() {
        WindowRig rig;
        rig.window->openDemo();
        QTRY_VERIFY_WITH_TIMEOUT(rig.session->song.loudness(), 30000);
        const auto before = rig.session->doc.landing().findings.size();
        auto* reason = rig.window->stage<app::ArrangeStage>().findings().findChild<QLineEdit*>("leaveReason");
        QTest::mouseClick(reason, Qt::LeftButton);
        rig.keys(reason, "we like the surprise");
        QTest::keyClick(reason, Qt::Key_Return);
        QCOMPARE(rig.session->doc.landing().findings.size(), before - 1);
        QVERIFY(rig.findingsShown().contains("Pass 7"));
        QCOMPARE(test::q(rig.session->doc.document().routine.muted.at(0).reason), "we like the surprise");
    }

    void theWindowFitsSmallAndLargeScreens() {
        WindowRig rig;
        rig.window->openDemo();
        for (const QSize size : {QSize(1024, 700), QSize(1280, 800), QSize(2560, 1440)}) {
            rig.window->resize(size);
            QTest::qWait(20);
            QCOMPARE(rig.window->size(), size);
            const StripLayout& layout = rig.window->stage<app::ArrangeStage>().strips().layoutOfStrips();
            for (const StripLine& line : layout.lines)
                QVERIFY2(layout.lineRect(line).right() <=
                             rig.window->stage<app::ArrangeStage>().strips().viewport()->width(),
                         qPrintable(QString::number(size.width())));
            QCOMPARE(rig.window->stage<app::ArrangeStage>().findings().folded(), size.width() < 1150);
        }
    }
};

LIFTCOUNT_TEST(WindowTest)
#include "tst_window.moc"
