#include "support/test_program.h"

#include "core/document/history.h"

#include <QtTest>

using lc::History;

class HistoryTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void stepsGoBackAndForth() {
        History<int, std::string> h(0);
        h.push(1, "one");
        h.push(2, "two");
        QCOMPARE(h.undoName(), std::string("two"));
        h.undo();
        QCOMPARE(h.current(), 1);
        QCOMPARE(h.redoName(), std::string("two"));
        h.redo();
        QCOMPARE(h.current(), 2);
        h.undo();
        h.push(3, "three");
        QVERIFY(!h.canRedo());
        h.undo();
        h.undo();
        h.undo();
        QCOMPARE(h.current(), 0);
    }
    void typingIsOneStep() {
        History<int, std::string> h(0);
        h.push(1, "type", "k");
        h.push(2, "type", "k");
        h.push(3, "other", "");
        h.push(4, "type", "k");
        h.undo();
        QCOMPARE(h.current(), 3);
        h.undo();
        QCOMPARE(h.current(), 2);
        h.push(5, "type", "k"); // after an undo a new step begins
        h.undo();
        QCOMPARE(h.current(), 2);
        h.undo();
        QCOMPARE(h.current(), 0);
    }
    void theSavedStepIsKnown() {
        History<int, std::string> h(0);
        QVERIFY(h.isSaved());
        h.push(1, "a", "k");
        QVERIFY(!h.isSaved());
        h.markSaved();
        h.push(2, "a", "k"); // saving closes the step
        QVERIFY(!h.isSaved());
        h.undo();
        QVERIFY(h.isSaved());
        h.undo();
        h.push(7, "b");
        QVERIFY(!h.isSaved()); // the saved value is no longer reachable
        h.undo();
        QVERIFY(!h.isSaved());
    }
};

LIFTCOUNT_TEST(HistoryTest)
#include "tst_history.moc"
