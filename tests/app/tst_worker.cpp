#include "support/test_program.h"

#include "app/base/worker.h"

#include <QSignalSpy>
#include <QtTest>

#include <atomic>
#include <new>
#include <semaphore>
#include <stdexcept>

using namespace lc;
using app::Worker;

class WorkerTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void workIsDoneElsewhereAndTakenHere() {
        Worker worker;
        QSignalSpy ended(&worker, &Worker::ended);
        const auto here = std::this_thread::get_id();
        std::thread::id there;
        int taken = 0;
        worker.start(
            [&](const Task&) {
                there = std::this_thread::get_id();
                return 42;
            },
            [&](int value) { taken = std::this_thread::get_id() == here ? value : -1; });
        QVERIFY(worker.busy());
        QTRY_COMPARE(taken, 42);
        QVERIFY(there != here);
        QVERIFY(!worker.busy());
        QCOMPARE(ended.count(), 1);
    }
    /// Whatever is asked last is what is taken; what came before is asked to stop, and its value dropped.
    void onlyTheNewestIsTaken() {
        Worker worker;
        std::binary_semaphore begun{0}, goOn{0};
        std::atomic<bool> stopped{false};
        QList<int> taken;
        worker.start(
            [&](const Task& task) {
                begun.release();
                goOn.acquire();
                stopped = task.stopped();
                return 1;
            },
            [&](int v) { taken << v; });
        begun.acquire();
        for (int i = 2; i <= 5; ++i) worker.start([i](const Task&) { return i; }, [&](int v) { taken << v; });
        goOn.release();
        QTRY_COMPARE(taken, QList<int>{5});
        QVERIFY(stopped);
        QTest::qWait(20);
        QCOMPARE(taken, QList<int>{5});
    }
    void dropAndCancel() {
        Worker worker;
        QSignalSpy cancelled(&worker, &Worker::cancelled);
        std::binary_semaphore goOn{0};
        bool taken = false;
        worker.start(
            [&](const Task&) {
                goOn.acquire();
                return 0;
            },
            [&](int) { taken = true; });
        worker.drop();
        QVERIFY(!worker.busy());
        QCOMPARE(cancelled.count(), 0);
        worker.cancel(); // nothing at hand: no word
        QCOMPARE(cancelled.count(), 0);
        worker.start([&](const Task&) { return 0; }, [&](int) { taken = true; });
        worker.cancel();
        QCOMPARE(cancelled.count(), 1);
        goOn.release();
        QTest::qWait(30);
        QVERIFY(!taken);
    }
    /// A value that is already on its way when the work is dropped is not taken either.
    void whatIsOnItsWayIsDroppedToo() {
        Worker worker;
        std::binary_semaphore done{0};
        bool taken = false;
        worker.start(
            [&](const Task&) {
                done.release();
                return 0;
            },
            [&](int) { taken = true; });
        done.acquire();
        QTest::qSleep(20); // it is in the queue of events now, which nobody has looked at
        worker.drop();
        QTest::qWait(20);
        QVERIFY(!taken);
    }
    void progressAndValuesOnTheWay() {
        Worker worker;
        QList<double> parts;
        QObject::connect(&worker, &Worker::progressed, &worker, [&](double part) { parts << part; });
        QStringList told;
        worker.startTelling(
            [&](const Task& task, const Worker::Tell& tell) {
                for (int i = 0; i < 1000; ++i) task.report(i / 1000.0);
                tell([&] { told << "one"; });
                tell([&] { told << "two"; });
            },
            [&] { told << "end"; });
        QTRY_COMPARE(told, QStringList({"one", "two", "end"}));
        QCOMPARE(parts.size(), 100); // a word for each per cent, not for each report
    }
    void exceptionsBecomeSentences() {
        for (const auto mode : {Worker::Mode::InThread, Worker::Mode::AtOnce}) {
            Worker worker(mode);
            QSignalSpy failed(&worker, &Worker::failed), ended(&worker, &Worker::ended);
            worker.start([](const Task&) -> int { throw std::bad_alloc(); }, [](int) { QFAIL("taken"); });
            QTRY_COMPARE(ended.count(), 1);
            QVERIFY(failed.takeFirst()[0].toString().contains("memory"));
            worker.start([](const Task&) -> int { throw std::runtime_error("odd thing"); },
                         [](int) { QFAIL("taken"); });
            QTRY_COMPARE(ended.count(), 2);
            QVERIFY(failed.takeFirst()[0].toString().contains("odd thing"));
            int good = 0;
            worker.start([](const Task&) { return 7; }, [&](int v) { good = v; });
            QTRY_COMPARE(good, 7);
        }
    }
    void theNextPieceMayBeBegunWhereOneIsTaken() {
        Worker worker;
        QSignalSpy ended(&worker, &Worker::ended);
        int second = 0;
        worker.start([](const Task&) { return 1; },
                     [&](int v) { worker.start([v](const Task&) { return v + 1; }, [&](int w) { second = w; }); });
        QTRY_COMPARE(second, 2);
        QCOMPARE(ended.count(), 1);
    }
    void atOnceNeedsNoEvents() {
        Worker worker(Worker::Mode::AtOnce);
        int taken = 0;
        worker.start([](const Task&) { return 3; }, [&](int v) { taken = v; });
        QCOMPARE(taken, 3);
        QVERIFY(!worker.busy());
    }
    void aWorkerThatGoesStopsItsWork() {
        std::atomic<bool> stopped{false};
        {
            Worker worker;
            std::binary_semaphore begun{0};
            worker.start(
                [&](const Task& task) {
                    begun.release();
                    while (!task.stopped()) std::this_thread::yield();
                    stopped = true;
                    return 0;
                },
                [](int) {});
            begun.acquire();
        }
        QVERIFY(stopped);
    }
};

LIFTCOUNT_TEST(WorkerTest)
#include "tst_worker.moc"
