// The program itself, started as a person or the system would: without a display, ended by signals.
#include "support/core_support.h"
#include "support/kill_loop.h"

#include "store/journal.h"

#include <QDir>
#include <QProcess>
#include <QTemporaryDir>

#include <csignal>
#include <sys/types.h>

using namespace lc;

class ProgramTest : public QObject {
    Q_OBJECT
    QTemporaryDir m_home;

    QProcessEnvironment environment(bool display) const {
        QProcessEnvironment e = QProcessEnvironment::systemEnvironment();
        for (const char* name : {"DISPLAY", "WAYLAND_DISPLAY", "QT_QPA_PLATFORM"}) e.remove(name);
        if (display) e.insert("QT_QPA_PLATFORM", "offscreen");
        e.insert("HOME", m_home.path());
        for (const char* name : {"XDG_CONFIG_HOME", "XDG_DATA_HOME", "XDG_CACHE_HOME"})
            e.insert(name, m_home.filePath(QString::fromLatin1(name)));
        e.insert("LIFTCOUNT_DATA", LIFTCOUNT_SOURCE_DIR);
        return e;
    }

private Q_SLOTS:
    void helpAndVersionNeedNoDisplay() {
        for (const char* option : {"--help", "--version", "-h", "-v"}) {
            QProcess p;
            p.setProcessEnvironment(environment(false));
            p.start(LIFTCOUNT_BINARY_DIR "/lift-count", {option});
            QVERIFY(p.waitForFinished());
            QCOMPARE(p.exitStatus(), QProcess::NormalExit);
            QCOMPARE(p.exitCode(), 0);
            QVERIFY(p.readAllStandardOutput().contains(QByteArray(option).contains('v') ? "lift-count" : "--silent"));
        }
    }
    /// SIGTERM, SIGHUP, SIGINT and SIGKILL with unsaved work: it is in the journal for the next start.
    void anEndFromOutsideLosesNothing_data() {
        QTest::addColumn<int>("number");
        QTest::newRow("TERM") << SIGTERM;
        QTest::newRow("HUP") << SIGHUP;
        QTest::newRow("INT") << SIGINT;
        QTest::newRow("KILL") << SIGKILL;
    }
    void anEndFromOutsideLosesNothing() {
        QFETCH(int, number);
        const QString journal = m_home.filePath("XDG_DATA_HOME/lift-count/lift-count/journal");
        QDir(journal).removeRecursively();
        // A routine as plain text is not saved anywhere as a routine: unsaved work from the start.
        const QString text = m_home.filePath("evening.txt");
        QFile file(text);
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(
            "Lift Count routine\ntitle: Hall evening\nsong: verse 32\ntempo: 120\nroles: everyone\nfigure: W\n  everyone: 1-8 walk L\npart: A\n  W\norder: A A A A\n");
        file.close();
        QProcess p;
        p.setProcessEnvironment(environment(true));
        p.start(LIFTCOUNT_BINARY_DIR "/lift-count", {"--silent", text});
        QVERIFY(p.waitForStarted());
        QTest::qWait(2500); // there is nothing outside by which to see that the file is open
        QVERIFY2(p.state() == QProcess::Running, p.readAllStandardError().constData());
        ::kill(static_cast<pid_t>(p.processId()), number);
        QVERIFY(p.waitForFinished(10000));
        if (number != SIGKILL) {
            QCOMPARE(p.exitStatus(), QProcess::NormalExit);
            QCOMPARE(p.exitCode(), 128 + number);
        }
        const auto left = leftBehind(journal.toStdString());
        QCOMPARE(left.size(), std::size_t(1));
        QVERIFY(left[0].entry.document.has_value());
        QCOMPARE(left[0].entry.document->routine.passes.size(), std::size_t(4));
        QCOMPARE(QString::fromStdString(left[0].entry.document->title), "Hall evening");
    }
    /// Nothing unsaved: the program just ends.
    void anEndWithNothingToSave() {
        const QString journal = m_home.filePath("XDG_DATA_HOME/lift-count/lift-count/journal");
        QDir(journal).removeRecursively();
        QProcess p;
        p.setProcessEnvironment(environment(true));
        p.start(LIFTCOUNT_BINARY_DIR "/lift-count", {"--silent", "--demo"});
        QVERIFY(p.waitForStarted());
        QTest::qWait(2000);
        ::kill(static_cast<pid_t>(p.processId()), SIGTERM);
        QVERIFY(p.waitForFinished(10000));
        QCOMPARE(p.exitCode(), 128 + SIGTERM);
        QVERIFY(leftBehind(journal.toStdString()).empty());
    }
    /// Windows that are killed at random times: nothing that was written is lost, nothing is damaged. bench_kills does
    /// it ten thousand times and measures how much is lost.
    void killedWindowsLoseNothingThatWasWritten() {
        const test::KillLoop loop = test::killVictims(LIFTCOUNT_BINARY_DIR "/tests/app/journal_victim", 300, 16, 20);
        QCOMPARE(loop.kills, 300);
        QCOMPARE(loop.notStarted, 0);
        QCOMPARE(loop.damaged, 0);
        QCOMPARE(loop.forgotten, 0);
        QVERIFY2(loop.withChanges > 200, qPrintable(QString::number(loop.withChanges)));
        QVERIFY2(loop.fromJournal > 100, qPrintable(QString::number(loop.fromJournal)));
    }
};

LIFTCOUNT_TEST(ProgramTest)
#include "tst_program.moc"
