#include "support/test_program.h"

#include "app/arrange/rank_worker.h"
#include "app/base/paths.h"
#include "core/base/files.h"
#include "core/base/plain_text.h"

#include <QDir>
#include <QMimeDatabase>
#include <QTemporaryDir>
#include <QtTest>

#include <random>

using namespace lc;

class PathsTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void everyNameComesBack() {
        std::mt19937 random(1);
        for (int i = 0; i < 50'000; ++i) {
            std::string name = "/songs/";
            for (std::size_t n = random() % 8; n > 0; --n) {
                static const char* const some[] = {
                    "a", "ü", "€", "\xF0\x9F\x8E\xB5", "\xFC", "\x80", "\xE2\x82", "\xED\xB2\x80", "\xC3", " "};
                name += some[random() % 10];
            }
            const QString path = app::pathOf(name);
            if (app::fileName(path) != name) QFAIL(QByteArray::fromStdString(name).toHex().constData());
            QVERIFY(app::readable(path).isValidUtf16());
        }
    }
    void usualNamesStayAsTheyAre() {
        QCOMPARE(app::pathOf("/home/ä/Lied €.ogg"), QString("/home/ä/Lied €.ogg"));
        QCOMPARE(app::fileName("/home/ä/\U0001F3B5.ogg"), std::string("/home/ä/\U0001F3B5.ogg"));
        QCOMPARE(app::readable(app::pathOf("l\xF6sung")), QString("l") + QChar(0xFFFD) + "sung");
    }
    /// QDir leaves out names that are not UTF-8; the files that are ranked are all files of their kinds, each by a name
    /// that opens.
    void everySongOfAFolderIsListed() {
        QTemporaryDir folder;
        const std::string there = folder.path().toStdString() + "/";
        for (const char* name : {"gr\xFC\xDF.ogg", "a.WAV", "ä.mid", ".hidden.ogg", "notes.pdf", "dance.liftcount"})
            QVERIFY(writeFileAtomically(there + name, "x"));
        QVERIFY(QDir(folder.path()).mkdir("folder.ogg"));
        const QStringList songs = app::RankWorker::filesIn(folder.path(), Ranked::Songs);
        QCOMPARE(songs.size(), 4);
        for (const char* name : {"gr\xFC\xDF.ogg", "a.WAV", "ä.mid", "dance.liftcount"})
            QVERIFY2(songs.contains(app::pathOf(there + name)), name);
        for (const QString& song : songs) QVERIFY(readFile(app::fileName(song), 10));
        QCOMPARE(app::RankWorker::filesIn(folder.path(), Ranked::Routines),
                 QStringList{folder.filePath("dance.liftcount")});
        QVERIFY(app::RankWorker::filesIn(folder.filePath("gone"), Ranked::Songs).isEmpty());
    }

    /// The kind of file that is installed: known by the ending, and without one by how a routine begins. Read by Qt's
    /// reader of the freedesktop.org shared MIME-info database.
    void aRoutineIsAKindOfFile() {
        const QTemporaryDir data;
        QVERIFY(QDir(data.path()).mkpath("mime/packages"));
        QVERIFY(QFile::copy(LIFTCOUNT_SOURCE_DIR "/packaging/org.liftcount.LiftCount.mime.xml",
                            data.filePath("mime/packages/org.liftcount.LiftCount.xml")));
        qputenv("XDG_DATA_DIRS", QFile::encodeName(data.path()) + ":/usr/share");
        const QString demo = LIFTCOUNT_SOURCE_DIR "/demo/copper-weathervane.liftcount";
        const QString kind = "application/vnd.liftcount.routine+json";
        QCOMPARE(QMimeDatabase().mimeTypeForFile(demo).name(), kind);
        QVERIFY(QFile::copy(demo, data.filePath("a dance")));
        QCOMPARE(QMimeDatabase().mimeTypeForFile(data.filePath("a dance")).name(), kind);
        QFile other(data.filePath("another"));
        QVERIFY(other.open(QIODevice::WriteOnly) && other.write("{\"format\": \"something else\"}") > 0);
        other.close();
        QVERIFY(QMimeDatabase().mimeTypeForFile(other.fileName()).name() != kind);
        QFile desktop(LIFTCOUNT_SOURCE_DIR "/packaging/org.liftcount.LiftCount.desktop");
        QVERIFY(desktop.open(QIODevice::ReadOnly) && desktop.readAll().contains("MimeType=" + kind.toUtf8()));
    }
};

LIFTCOUNT_TEST(PathsTest)
#include "tst_paths.moc"
