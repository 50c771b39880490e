// What a screen reader is told as it happens, what it reads of painted widgets, and where the keyboard goes when what
// had it vanishes.
#include "support/core_support.h"
#include "support/window_rig.h"

#include "app/steps/versions_page.h"
#include "app/widgets/mini_page.h"
#include "app/widgets/readable.h"
#include "app/window/command_table.h"

#include <QAccessible>
#include <QTextDocument>

using namespace lc;
using namespace lc::app;

namespace {

/// What the screen reader was told last, of its own accord.
QString lastSaid(const test::WindowRig& rig) { return rig.window->findChild<Announcer*>()->lastSaid(); }

/// What it reads where the keyboard is.
QString readHere(QWidget& widget) {
    QAccessibleInterface* here = QAccessible::queryAccessibleInterface(&widget)->focusChild();
    return here && here->state().focused ? here->text(QAccessible::Name) : QString();
}

/// A dance of four passes on 136 counts: the third and fourth do not land.
Document lateDance() {
    Document d = test::documentOn("verse 32 | chorus 36 | verse 32 | chorus 36");
    return test::withOrder(test::withLine(d, "A", "1 side R 2 behind L 3 side R 1/4 R 4 touch L 5-32 walk"), "A x4");
}

/// The strips of the routine, seen.
StripsView& strips(const test::WindowRig& rig) {
    rig.window->showStage(rig.window->stage<ArrangeStage>());
    return rig.window->stage<ArrangeStage>().strips();
}

} // namespace

class SaidAndKeptTest : public QObject {
    Q_OBJECT

private Q_SLOTS:
    void initTestCase() { test::prepareProgram("lift-count-said-test"); }

    /// Each count says what it is as the caret comes to it, and only while the strips have the keyboard.
    void theCaretSaysItsCount() {
        test::WindowRig rig;
        rig.session->doc.startWith(lateDance());
        rig.window->activateWindow();
        StripsView& seen = strips(rig);
        seen.setFocus(Qt::TabFocusReason);
        QCOMPARE(readHere(seen), seen.describeCount(0));
        QTest::keyClick(&seen, Qt::Key_Right);
        QCOMPARE(readHere(seen), seen.describeCount(1));
        QVERIFY2(readHere(seen).contains("music count 2"), qPrintable(readHere(seen)));
        rig.window->findChild<QLineEdit*>("title")->setFocus();
        QCOMPARE(readHere(seen), QString());
    }

    /// Messages, and how the routine lands after a change of it.
    /// The keyboard goes straight to where it belongs: what goes away does not hand it round.
    void theKeyboardDoesNotWander() {
        test::WindowRig rig;
        rig.session->doc.startWith(lateDance());
        rig.window->activateWindow();
        strips(rig).setFocus();
        QStringList visited;
        const auto watch = connect(qApp, &QApplication::focusChanged, this, [&](QWidget*, QWidget* now) {
            if (now) visited << (now->objectName().isEmpty() ? now->accessibleName() : now->objectName());
        });
        for (const auto& id : {stage_id::listen, stage_id::arrange, stage_id::sheets, stage_id::steps}) {
            visited.clear();
            rig.window->showStage(id);
            QCoreApplication::processEvents();
            QVERIFY2(visited.size() == 1, qPrintable(QString(id) + ": " + visited.join(", ")));
        }
        rig.window->showStage(stage_id::arrange);
        rig.window->stage<ArrangeStage>().showPlans();
        QTRY_VERIFY(visited.contains("plan0"));
        QTest::keyClick(rig.window->focusWidget(), Qt::Key_Down);
        QTRY_COMPARE(visited.back(), "plan1");
        visited.clear();
        rig.shortcut(Qt::Key_Return, Qt::ControlModifier); // the plans are others now
        QTRY_VERIFY(!visited.isEmpty());
        QCoreApplication::processEvents();
        visited.removeDuplicates();
        QCOMPARE(visited.join(", "), "plan0");
        disconnect(watch);
    }
    void messagesAndLandingsAreSaid() {
        test::WindowRig rig;
        rig.session->doc.startWith(lateDance());
        const QString late = lastSaid(rig);
        QVERIFY2(late.startsWith("Findings: "), qPrintable(late));
        rig.session->messages.tell(QStringLiteral("The table is written."));
        QCOMPARE(lastSaid(rig), "The table is written.");
        rig.session->doc.edit(SetTitle{"Another name"}); // changes no landing
        QCOMPARE(lastSaid(rig), "The table is written.");
        rig.session->doc.startWith(test::withOrder(lateDance(), "A"));
        QVERIFY2(lastSaid(rig) != late && lastSaid(rig) != "The table is written.", qPrintable(lastSaid(rig)));
        QAccessibleInterface* told = QAccessible::queryAccessibleInterface(rig.window->findChild<Announcer*>());
        QCOMPARE(told->role(), QAccessible::Notification);
        QCOMPARE(told->text(QAccessible::Name), lastSaid(rig));
    }

    /// The sheet is read as it is printed: headings, paragraphs, a row of a table at a time.
    void theSheetIsRead() {
        test::WindowRig rig;
        rig.session->doc.startWith(lateDance());
        rig.session->doc.edit(SetTitle{"Late evening"});
        rig.window->showStage(rig.window->stage<SheetsStage>());
        auto* scroll = rig.window->findChild<QPushButton*>("floorCard")->parentWidget()->findChild<QScrollArea*>();
        QAccessibleInterface* sheet = QAccessible::queryAccessibleInterface(scroll->widget());
        QVERIFY(sheet->childCount() > 4);
        QStringList all;
        int headings = 0;
        for (int i = 0; i < sheet->childCount(); ++i) {
            QAccessibleInterface* piece = sheet->child(i);
            QCOMPARE(piece->parent(), sheet);
            QCOMPARE(sheet->indexOfChild(piece), i);
            QVERIFY(!piece->text(QAccessible::Name).isEmpty());
            QVERIFY(piece->rect().height() > 0);
            headings += piece->role() == QAccessible::Heading;
            all << piece->text(QAccessible::Name);
        }
        QVERIFY(headings >= 1);
        QVERIFY2(all.contains("Late evening"), qPrintable(all.join("\n")));
        QAccessibleInterface* first = sheet->child(0);
        QCOMPARE(sheet->childAt(first->rect().center().x(), first->rect().center().y()), first);
    }

    /// Versions of a figure and pages in miniature say what is painted, the chosen one as the keys choose it.
    void paintedTilesAreRead() {
        const Theme theme;
        VersionCells cells(theme);
        Bench bench;
        bench.versions.resize(2);
        for (BenchVersion& version : bench.versions) version.reading.roles.resize(1), version.lines.resize(1);
        bench.versions[0].title = Sentence::verbatim("hook step");
        bench.versions[1].title = Sentence::verbatim("stretched");
        cells.resize(400, 300);
        cells.show(bench, 8);
        cells.QWidget::show();
        cells.activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(&cells));
        cells.setFocus();
        QAccessibleInterface* list = QAccessible::queryAccessibleInterface(&cells);
        QCOMPARE(list->childCount(), 2);
        QVERIFY(list->child(0)->text(QAccessible::Name).startsWith("hook step, "));
        QVERIFY(list->child(0)->state().selected);
        QTest::keyClick(&cells, Qt::Key_Right);
        QVERIFY(list->child(1)->state().selected && !list->child(0)->state().selected);
        QVERIFY(readHere(cells).startsWith("stretched, "));
        bench.versions.pop_back();
        cells.show(bench, 8);
        QCOMPARE(list->childCount(), 1);
        QCOMPARE(list->child(1), nullptr);

        const Document d = lateDance();
        MiniPages pages(land(d), land(test::withOrder(d, "A")), theme);
        QAccessibleInterface* mini = QAccessible::queryAccessibleInterface(&pages);
        QCOMPARE(mini->childCount(), 2);
        QCOMPARE(mini->child(0)->text(QAccessible::Name), "now: 128 counts");
        QCOMPARE(mini->child(1)->text(QAccessible::Name), "then: 32 counts");
    }

    /// A button that is taken away leaves the keyboard to the one that follows it there.
    void theKeyboardStaysWhereItWas() {
        test::WindowRig rig;
        rig.session->doc.startWith(lateDance());
        rig.window->activateWindow();
        (void)strips(rig);
        auto* box = new QWidget(rig.window.get());
        auto* row = new QVBoxLayout(box);
        QList<QPushButton*> buttons;
        for (int i = 0; i < 4; ++i) {
            buttons << new QPushButton(QString::number(i), box);
            row->addWidget(buttons.back());
        }
        box->show();
        for (int i = 0; i < 3; ++i) QCoreApplication::processEvents();
        buttons[1]->setFocus();
        QPushButton* gone = buttons[1];
        gone->hide();
        gone->setParent(nullptr);
        gone->deleteLater();
        QTRY_COMPARE(QApplication::focusWidget(), buttons[2]);
        delete buttons[2]; // without being hidden first
        QTRY_COMPARE(QApplication::focusWidget(), buttons[3]);
        buttons[3]->setEnabled(false);
        QTRY_COMPARE(QApplication::focusWidget(), buttons[0]);
        buttons[0]->clearFocus(); // it is still there, and nothing else is meant
        QCoreApplication::processEvents();
        QCOMPARE(QApplication::focusWidget(), nullptr);
        buttons[0]->setFocus();
        buttons[0]->hide();
        rig.window->stage<ArrangeStage>().strips().setFocus(); // who hides it may know better
        QCoreApplication::processEvents();
        QCOMPARE(QApplication::focusWidget(), &rig.window->stage<ArrangeStage>().strips());
    }

    /// The same at the proposals: applying one leaves the keyboard in their column.
    void applyingLeavesTheKeyboardInTheColumn() {
        test::WindowRig rig;
        rig.session->doc.startWith(lateDance());
        rig.window->activateWindow();
        rig.window->showStage(rig.window->stage<ArrangeStage>());
        auto* column = rig.window->findChild<FindingsColumn*>();
        QVERIFY(column->remedies().size() > 0);
        for (int i = 0; i < 3; ++i) QCoreApplication::processEvents();
        QPushButton* apply = nullptr;
        for (auto* button : column->findChildren<QPushButton*>())
            if (button->text() == "Apply" && button->isVisible()) apply = button;
        QVERIFY(apply);
        apply->setFocus(Qt::TabFocusReason);
        QTest::keyClick(apply, Qt::Key_Space);
        for (int i = 0; i < 3; ++i) QCoreApplication::processEvents();
        QWidget* now = QApplication::focusWidget();
        QVERIFY2(now && column->isAncestorOf(now), now ? now->metaObject()->className() : "nothing");
    }
};

LIFTCOUNT_TEST(SaidAndKeptTest)
#include "tst_said_and_kept.moc"
