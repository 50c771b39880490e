// A window and the desktop, over a session bus of its own: media keys by MPRIS 2.2 (names of services, paths,
// properties and methods from the specification at specifications.freedesktop.org, from memory), the screen saver, and
// that a routine is open in one window.
#include "support/core_support.h"
#include "support/window_rig.h"

#include "app/window/desktop_link.h"

#include <QCryptographicHash>
#include <QDBusConnection>
#include <QDBusConnectionInterface>
#include <QDBusInterface>
#include <QDBusMessage>
#include <QDBusPendingCall>
#include <QDBusPendingReply>
#include <QProcess>
#include <QTemporaryDir>
#include <QThread>

#include <atomic>

using namespace lc;
using namespace lc::app;

namespace {

/// A desktop that remembers who keeps the screen on.
class Saver : public QObject {
    Q_OBJECT
    Q_CLASSINFO("D-Bus Interface", "org.freedesktop.ScreenSaver")
public:
    QList<uint> kept;
    QStringList askedBy;

public Q_SLOTS:
    uint Inhibit(const QString& who, const QString& why) {
        askedBy << who;
        if (why.isEmpty()) return 0;
        kept << static_cast<uint>(40 + askedBy.size());
        return kept.back();
    }
    void UnInhibit(uint cookie) { kept.removeAll(cookie); }
};

/// The window of a routine in another program.
class OtherWindow : public QObject {
    Q_OBJECT
    Q_CLASSINFO("D-Bus Interface", "org.liftcount.Window")
public:
    std::atomic<int> shown = 0;

public Q_SLOTS:
    void Show() { ++shown; }
};

const QString player = QStringLiteral("org.mpris.MediaPlayer2.Player");
const QString playerPath = QStringLiteral("/org/mpris/MediaPlayer2");

} // namespace

class DesktopLinkTest : public QObject {
    Q_OBJECT

    QProcess m_bus;
    QTemporaryDir m_folder;
    int m_shown = 0, m_quit = 0;
    QString m_service =
        QStringLiteral("org.mpris.MediaPlayer2.liftcount.instance%1").arg(QCoreApplication::applicationPid());

    static QDBusConnection desktop() { return QDBusConnection(QStringLiteral("desktop")); }
    QDBusMessage ask(const QString& interface, const QString& method, const QVariantList& with = {}) {
        QDBusMessage message = QDBusMessage::createMethodCall(m_service, playerPath, interface, method);
        message.setArguments(with);
        const QDBusPendingCall call = desktop().asyncCall(message);
        for (int i = 0; i < 200 && !call.isFinished(); ++i) QTest::qWait(10);
        return call.reply();
    }
    QVariant property(const QString& name) {
        const QDBusMessage reply = ask("org.freedesktop.DBus.Properties", "Get", {player, name});
        return reply.arguments().isEmpty() ? QVariant() : reply.arguments().front().value<QDBusVariant>().variant();
    }
    static QString serviceOf(const QString& path) {
        return "org.liftcount.LiftCount.file_" +
               QString::fromLatin1(
                   QCryptographicHash::hash(QFileInfo(path).canonicalFilePath().toUtf8(), QCryptographicHash::Sha1)
                       .toHex());
    }

private Q_SLOTS:
    void initTestCase() {
        test::prepareProgram("lift-count-desktop-test");
        m_bus.start("dbus-daemon", {"--session", "--nofork", "--print-address"});
        QVERIFY2(m_bus.waitForStarted() && m_bus.waitForReadyRead(),
                 "dbus-daemon is not here: tools/install_packages.sh");
        const QByteArray address = m_bus.readLine().trimmed();
        qputenv("DBUS_SESSION_BUS_ADDRESS", address); // before the first use of it in this program
        QVERIFY(QDBusConnection::sessionBus().isConnected());
        QVERIFY(QDBusConnection::connectToBus(QString::fromLatin1(address), "desktop").isConnected());
    }
    void cleanupTestCase() {
        QDBusConnection::disconnectFromBus("desktop");
        m_bus.kill();
        m_bus.waitForFinished();
    }

    void mediaKeysPlayAndGoFromPassToPass() {
        test::WindowRig rig;
        rig.session->doc.startWith(test::withOrder(
            test::withLine(test::documentOn("verse 32 | chorus 32 | verse 32"), "A", "1-32 walk"), "A x3"));
        const DesktopLink link(
            *rig.session, [this] { ++m_shown; }, [this] { ++m_quit; });
        QCOMPARE(property("PlaybackStatus").toString(), "Paused");
        QCOMPARE(ask(player, "PlayPause").type(), QDBusMessage::ReplyMessage);
        QVERIFY(rig.session->transport.player().playing());
        QCOMPARE(property("PlaybackStatus").toString(), "Playing");
        (void)ask(player, "Play"); // what plays goes on
        QVERIFY(rig.session->transport.player().playing());
        (void)ask(player, "Pause");
        QVERIFY(!rig.session->transport.player().playing());

        const auto& passes = rig.session->doc.landing().performance.passes;
        rig.session->transport.setCaret(passes[0].start);
        (void)ask(player, "Next");
        QCOMPARE(rig.session->transport.now(), passes[1].start);
        rig.session->transport.setCaret(passes[1].start + counts(5));
        (void)ask(player, "Previous");
        QCOMPARE(rig.session->transport.now(), passes[1].start); // of the pass at hand first
        (void)ask(player, "Previous");
        QCOMPARE(rig.session->transport.now(), passes[0].start);
        (void)ask(player, "Previous");
        QCOMPARE(rig.session->transport.now(), passes[0].start);
        const double seconds = *rig.session->doc.secondsOf(rig.session->transport.now());
        QCOMPARE(property("Position").toLongLong(), static_cast<qlonglong>(std::llround(seconds * 1e6)));
    }
    void theDesktopSetsTempoAndVolume() {
        test::WindowRig rig;
        rig.session->doc.startWith(test::documentOn("verse 32 | chorus 32"));
        const DesktopLink link(
            *rig.session, [this] { ++m_shown; }, [this] { ++m_quit; });
        const auto set = [&](const char* name, double value) {
            (void)ask("org.freedesktop.DBus.Properties", "Set",
                      {player, QString::fromLatin1(name), QVariant::fromValue(QDBusVariant(value))});
        };
        set("Rate", 0.8);
        QCOMPARE(rig.session->transport.tempoPercent(), 80);
        QCOMPARE(property("Rate").toDouble(), 0.8);
        set("Rate", 99);
        QCOMPARE(rig.session->transport.tempoPercent(), 150); // as far as it goes
        set("Rate", -1);
        QCOMPARE(rig.session->transport.tempoPercent(), 150);
        set("Volume", 0.25);
        QCOMPARE(property("Volume").toDouble(), 0.25);
        const int shown = m_shown, quit = m_quit;
        (void)ask("org.mpris.MediaPlayer2", "Raise");
        (void)ask("org.mpris.MediaPlayer2", "Quit");
        QCOMPARE(m_shown, shown + 1);
        QCOMPARE(m_quit, quit + 1);
    }
    void theScreenStaysOnWhileTheSongPlays() {
        Saver saver;
        QVERIFY(desktop().registerService("org.freedesktop.ScreenSaver"));
        QVERIFY(desktop().registerObject("/org/freedesktop/ScreenSaver", &saver, QDBusConnection::ExportAllSlots));
        test::WindowRig rig;
        rig.session->doc.startWith(test::documentOn("verse 32 | chorus 32"));
        const DesktopLink link(
            *rig.session, [] {}, [] {});
        rig.session->transport.togglePlay();
        QTRY_COMPARE(saver.kept.size(), 1);
        QCOMPARE(saver.askedBy, QStringList{"Lift Count"});
        rig.session->transport.togglePlay();
        QTRY_COMPARE(saver.kept.size(), 0);
        rig.session->transport.togglePlay(); // on and off before the desktop answers
        rig.session->transport.togglePlay();
        QTRY_COMPARE(saver.askedBy.size(), 2);
        QTRY_COMPARE(saver.kept.size(), 0);
        for (int i = 0; i < 3; ++i) rig.session->transport.togglePlay(); // on, off, on: one promise is enough
        QTRY_COMPARE(saver.kept.size(), 1);
        QTest::qWait(50);
        QCOMPARE(saver.kept.size(), 1);
        rig.session->transport.togglePlay();
        QTRY_COMPARE(saver.kept.size(), 0);
        desktop().unregisterObject("/org/freedesktop/ScreenSaver");
        desktop().unregisterService("org.freedesktop.ScreenSaver");
    }
    void aRoutineIsOpenInOneWindow() {
        test::WindowRig rig;
        rig.session->doc.startWith(test::documentOn("verse 32 | chorus 32"));
        const DesktopLink link(
            *rig.session, [] {}, [] {});
        const QString mine = m_folder.filePath("mine.liftcount"), other = m_folder.filePath("other’s.liftcount");
        QVERIFY(rig.session->doc.save(mine));
        QVERIFY(QFile::copy(mine, other));
        QVERIFY(QDBusConnection::sessionBus().interface()->isServiceRegistered(serviceOf(mine)));
        QVERIFY(!showWhereOpen(mine)); // here, not elsewhere
        QVERIFY(!showWhereOpen(other));
        QVERIFY(!showWhereOpen(m_folder.filePath("nowhere.liftcount")));

        QThread program; // who asks waits for the answer
        program.start();
        OtherWindow window;
        window.moveToThread(&program);
        QVERIFY(desktop().registerService(serviceOf(other)));
        QVERIFY(desktop().registerObject("/org/liftcount/Window", &window, QDBusConnection::ExportAllSlots));
        rig.window->openDropped({other});
        QTRY_COMPARE(window.shown.load(), 1);
        QCOMPARE(rig.session->doc.path(), mine); // it stays with its own
        QVERIFY2(rig.window->lastTold().contains("other’s.liftcount"), qPrintable(rig.window->lastTold()));
        QVERIFY(desktop().unregisterService(serviceOf(other)));
        rig.window->openDropped({other});
        QTRY_COMPARE(rig.session->doc.path(), QFileInfo(other).absoluteFilePath());
        QVERIFY(QDBusConnection::sessionBus().interface()->isServiceRegistered(serviceOf(other)));
        QVERIFY(!QDBusConnection::sessionBus().interface()->isServiceRegistered(serviceOf(mine)));
        desktop().unregisterObject("/org/liftcount/Window");
        program.quit();
        program.wait();
    }
};

LIFTCOUNT_TEST(DesktopLinkTest)
#include "tst_desktop_link.moc"
