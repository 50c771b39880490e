#include "app/shell/paths.h"
#include "core/base/files.h"
#include "core/base/plain_text.h"

#include <QDir>
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
                static const char* const some[] = {"a", "ü", "€", "\xF0\x9F\x8E\xB5", "\xFC", "\x80", "\xE2\x82", "\xED\xB2\x80", "\xC3", " "};
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
    /// What Qt lists of a folder it cannot open where the name is not UTF-8; asOnDisk() gives the name that opens.
    void whatTheDialogsNameIsFoundOnDisk() {
        QTemporaryDir folder;
        const std::string name = folder.path().toStdString() + "/gr\xFC\xDF.ogg";
        QVERIFY(writeFileAtomically(name, "sound"));
        const QStringList listed = QDir(folder.path()).entryList(QDir::Files);
        QCOMPARE(listed.size(), 1);
        const QString named = folder.filePath(listed[0]);
        QVERIFY(!QFileInfo::exists(named));
        QCOMPARE(QByteArray::fromStdString(app::fileName(app::asOnDisk(named))), QByteArray::fromStdString(name));
        QCOMPARE(app::asOnDisk(folder.filePath("gone\uFFFD.ogg")), folder.filePath("gone\uFFFD.ogg"));
        QCOMPARE(app::asOnDisk("/home/ä.ogg"), QString("/home/ä.ogg"));
    }
};

QTEST_APPLESS_MAIN(PathsTest)
#include "tst_paths.moc"
