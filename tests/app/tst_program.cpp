// The program itself, started as a person or the system would: without a display, ended by signals.
#include "support/core_support.h"

#include "core/document/document_file.h"

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
        e.insert("LIFTCOUNT_DATA", LIFTCOUNT_SOURCE_DIR "/demo");
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
    /// SIGTERM, SIGHUP and SIGINT with unsaved work: it is in a file of its own, and the next start says where.
    void anEndFromOutsideLosesNothing_data() {
        QTest::addColumn<int>("number");
        QTest::newRow("TERM") << SIGTERM;
        QTest::newRow("HUP") << SIGHUP;
        QTest::newRow("INT") << SIGINT;
    }
    void anEndFromOutsideLosesNothing() {
        QFETCH(int, number);
        QDir rescued(m_home.filePath("XDG_DATA_HOME/lift-count/lift-count/rescued"));
        rescued.removeRecursively();
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
        QCOMPARE(p.exitStatus(), QProcess::NormalExit);
        QCOMPARE(p.exitCode(), 128 + number);
        const QStringList kept = rescued.entryList({"*.liftcount"}, QDir::Files);
        QCOMPARE(kept.size(), 1);
        QVERIFY2(kept[0].startsWith("hall-evening (rescued "), qPrintable(kept[0]));
        const auto document = test::must(loadDocument(rescued.filePath(kept[0]).toStdString())).document;
        QCOMPARE(document.routine.passes.size(), std::size_t(4));
    }
    /// Nothing unsaved: the program just ends.
    void anEndWithNothingToSave() {
        QDir rescued(m_home.filePath("XDG_DATA_HOME/lift-count/lift-count/rescued"));
        rescued.removeRecursively();
        QProcess p;
        p.setProcessEnvironment(environment(true));
        p.start(LIFTCOUNT_BINARY_DIR "/lift-count", {"--silent", "--demo"});
        QVERIFY(p.waitForStarted());
        QTest::qWait(2000);
        ::kill(static_cast<pid_t>(p.processId()), SIGTERM);
        QVERIFY(p.waitForFinished(10000));
        QCOMPARE(p.exitCode(), 128 + SIGTERM);
        QVERIFY(rescued.entryList({"*.liftcount"}, QDir::Files).isEmpty());
    }
};

LIFTCOUNT_TEST(ProgramTest)
#include "tst_program.moc"
