#include "app/window/desktop_link.h"

#include "app/base/paths.h"
#include "app/base/settings.h"
#include "app/window/desktop_adaptors.h"

#include <QCoreApplication>
#include <QCryptographicHash>
#include <QDBusConnection>
#include <QDBusConnectionInterface>
#include <QDBusMessage>
#include <QDBusObjectPath>
#include <QDBusPendingCallWatcher>
#include <QDBusPendingReply>

#include <algorithm>
#include <cmath>
#include <filesystem>
#include <system_error>

namespace lc::app {

namespace {
const QString playerPath = QStringLiteral("/org/mpris/MediaPlayer2"); // MPRIS 2.2, as the names below
const QString playerInterface = QStringLiteral("org.mpris.MediaPlayer2.Player");
const QString windowPath = QStringLiteral("/org/liftcount/Window");
const QString saver = QStringLiteral("org.freedesktop.ScreenSaver");
const QString saverPath = QStringLiteral("/org/freedesktop/ScreenSaver");
constexpr int answerWithin = 2000; ///< ms; of another window of ours, which may be busy

/// The name on the bus that the window of a routine file has.
QString serviceOf(const QString& path) {
    std::error_code error;
    const auto file = std::filesystem::canonical(fileName(path), error); // bytes: a name need not be text
    if (path.isEmpty() || error) return {};
    const QByteArray name = QByteArray::fromStdString(file.string());
    return QStringLiteral("org.liftcount.LiftCount.file_") +
           QString::fromLatin1(QCryptographicHash::hash(name, QCryptographicHash::Sha1).toHex());
}
} // namespace

double MprisPlayer::volume() const { return settings::volume() / 100.0; }

DesktopLink::DesktopLink(Session& session, std::function<void()> show, std::function<void()> quit, QObject* parent)
    : QObject(parent), m_session(session), m_show(std::move(show)), m_quit(std::move(quit)) {
    QDBusConnection bus = QDBusConnection::sessionBus();
    if (!bus.isConnected()) return;
    new MprisRoot(this);
    new MprisPlayer(this);
    new RoutineWindow(this);
    bus.registerObject(playerPath, this, QDBusConnection::ExportAdaptors);
    bus.registerObject(windowPath, this, QDBusConnection::ExportAdaptors);
    m_playerService =
        QStringLiteral("org.mpris.MediaPlayer2.liftcount.instance%1").arg(QCoreApplication::applicationPid());
    bus.registerService(m_playerService);
    connect(&session.transport, &Transport::playingChanged, this, &DesktopLink::followPlaying);
    connect(&session.doc, &DocumentSession::fileChanged, this, &DesktopLink::followRoutine);
    connect(&session.doc, &DocumentSession::routineReady, this, &DesktopLink::followRoutine);
    followRoutine();
}

DesktopLink::~DesktopLink() {
    QDBusConnection bus = QDBusConnection::sessionBus();
    if (m_playerService.isEmpty()) return;
    bus.unregisterService(m_playerService);
    if (!m_fileService.isEmpty()) bus.unregisterService(m_fileService);
    bus.unregisterObject(playerPath);
    bus.unregisterObject(windowPath);
}

QString DesktopLink::playbackStatus() const {
    return m_session.transport.player().playing() ? QStringLiteral("Playing") : QStringLiteral("Paused");
}

QVariantMap DesktopLink::metadata() const {
    const Document& d = m_session.doc.document();
    QVariantMap of{
        {QStringLiteral("mpris:trackid"), QVariant::fromValue(QDBusObjectPath(QStringLiteral("/org/liftcount/song")))}};
    of.insert(QStringLiteral("xesam:title"), q(d.title.empty() ? d.song.title : d.title));
    if (!d.song.title.empty()) of.insert(QStringLiteral("xesam:album"), q(d.song.title));
    if (d.song.duration > 0)
        of.insert(QStringLiteral("mpris:length"), static_cast<qlonglong>(std::llround(d.song.duration * 1e6)));
    return of;
}

qlonglong DesktopLink::position() const {
    return std::llround(std::max(0.0, m_session.doc.secondsOf(m_session.transport.now()).value_or(0)) * 1e6);
}

double DesktopLink::rate() const { return m_session.transport.tempoPercent() / 100.0; }

void DesktopLink::setRate(double rate) {
    if (std::isfinite(rate) && rate > 0)
        m_session.transport.setTempoPercent(static_cast<int>(std::lround(std::min(rate, 10.0) * 100)));
}

void DesktopLink::setVolume(double volume) {
    if (!std::isfinite(volume)) return;
    const double wanted = std::clamp(volume, 0.0, 1.0);
    settings::setVolume(static_cast<int>(std::lround(wanted * 100)));
    m_session.transport.setVolume(wanted);
}

void DesktopLink::play(bool on) {
    if (on != m_session.transport.player().playing()) togglePlay();
}

void DesktopLink::togglePlay() { m_session.transport.togglePlay(); }

void DesktopLink::goToPass(int way) {
    if (const PassPerformance* pass = m_session.transport.passBeside(way)) m_session.transport.setCaret(pass->start);
}

void DesktopLink::followPlaying() {
    tellPlayer({{QStringLiteral("PlaybackStatus"), playbackStatus()}, {QStringLiteral("Rate"), rate()}});
    const bool playing = m_session.transport.player().playing();
    if (playing == m_wasPlaying) return;
    m_wasPlaying = playing;
    keepAwake();
}

/// While it plays the screen stays on: one promise is asked for at a time, and given back when nothing plays.
void DesktopLink::keepAwake() {
    if (m_asking || m_wasPlaying == m_awake.has_value()) return;
    QDBusConnection bus = QDBusConnection::sessionBus();
    if (!m_wasPlaying) {
        QDBusMessage end = QDBusMessage::createMethodCall(saver, saverPath, saver, QStringLiteral("UnInhibit"));
        end << *m_awake;
        bus.asyncCall(end);
        m_awake.reset();
        return;
    }
    QDBusMessage ask = QDBusMessage::createMethodCall(saver, saverPath, saver, QStringLiteral("Inhibit"));
    ask << QStringLiteral("Lift Count") << tr("The song plays");
    m_asking = true;
    auto* asked = new QDBusPendingCallWatcher(bus.asyncCall(ask), this);
    connect(asked, &QDBusPendingCallWatcher::finished, this, [this, asked] {
        const QDBusPendingReply<uint> reply = *asked;
        asked->deleteLater();
        m_asking = false;
        if (!reply.isValid()) return; // a desktop without one
        m_awake = reply.value();
        keepAwake(); // it may have stopped meanwhile
    });
}

/// The name of the routine's file is this window's while it is open here.
void DesktopLink::followRoutine() {
    const QString service = serviceOf(m_session.doc.path());
    tellPlayer({{QStringLiteral("Metadata"), metadata()}});
    if (service == m_fileService) return;
    QDBusConnection bus = QDBusConnection::sessionBus();
    if (!m_fileService.isEmpty()) bus.unregisterService(m_fileService);
    m_fileService = service;
    if (!service.isEmpty()) bus.registerService(service); // not given where another window has it: that one is shown
}

void DesktopLink::tellPlayer(const QVariantMap& changed) const {
    QDBusMessage told = QDBusMessage::createSignal(playerPath, QStringLiteral("org.freedesktop.DBus.Properties"),
                                                   QStringLiteral("PropertiesChanged"));
    told << playerInterface << changed << QStringList();
    QDBusConnection::sessionBus().send(told);
}

bool showWhereOpen(const QString& path) {
    QDBusConnection bus = QDBusConnection::sessionBus();
    const QString service = serviceOf(path);
    if (!bus.isConnected() || service.isEmpty()) return false;
    const QString owner = bus.interface()->serviceOwner(service);
    if (owner.isEmpty() || owner == bus.baseService()) return false;
    const QDBusMessage show = QDBusMessage::createMethodCall(
        service, windowPath, QStringLiteral("org.liftcount.Window"), QStringLiteral("Show"));
    return bus.call(show, QDBus::Block, answerWithin).type() == QDBusMessage::ReplyMessage;
}

} // namespace lc::app
