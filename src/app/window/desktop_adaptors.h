#pragma once

#include "app/window/desktop_link.h"

#include <QDBusAbstractAdaptor>
#include <QStringList>

namespace lc::app {

/// The two interfaces of a player as the desktop knows them: MPRIS 2.2, freedesktop.org, "Media Player Remote
/// Interfacing Specification". Names of properties and methods are the specification's.
class MprisRoot : public QDBusAbstractAdaptor {
    Q_OBJECT
    Q_CLASSINFO("D-Bus Interface", "org.mpris.MediaPlayer2")
    Q_PROPERTY(bool CanQuit READ yes)
    Q_PROPERTY(bool CanRaise READ yes)
    Q_PROPERTY(bool HasTrackList READ no)
    Q_PROPERTY(QString Identity READ identity)
    Q_PROPERTY(QString DesktopEntry READ desktopEntry)
    Q_PROPERTY(QStringList SupportedUriSchemes READ none)
    Q_PROPERTY(QStringList SupportedMimeTypes READ none)
public:
    explicit MprisRoot(DesktopLink* link) : QDBusAbstractAdaptor(link), m_link(*link) {}
    [[nodiscard]] bool yes() const { return true; }
    [[nodiscard]] bool no() const { return false; }
    [[nodiscard]] QString identity() const { return QStringLiteral("Lift Count"); }
    [[nodiscard]] QString desktopEntry() const { return QStringLiteral("org.liftcount.LiftCount"); }
    [[nodiscard]] QStringList none() const { return {}; }

public Q_SLOTS:
    void Raise() { m_link.show(); }
    void Quit() { m_link.quit(); }

private:
    DesktopLink& m_link;
};

class MprisPlayer : public QDBusAbstractAdaptor {
    Q_OBJECT
    Q_CLASSINFO("D-Bus Interface", "org.mpris.MediaPlayer2.Player")
    Q_PROPERTY(QString PlaybackStatus READ playbackStatus)
    Q_PROPERTY(double Rate READ rate WRITE setRate)
    Q_PROPERTY(double MinimumRate READ slowest)
    Q_PROPERTY(double MaximumRate READ fastest)
    Q_PROPERTY(QVariantMap Metadata READ metadata)
    Q_PROPERTY(double Volume READ volume WRITE setVolume)
    Q_PROPERTY(qlonglong Position READ position)
    Q_PROPERTY(bool CanGoNext READ yes)
    Q_PROPERTY(bool CanGoPrevious READ yes)
    Q_PROPERTY(bool CanPlay READ yes)
    Q_PROPERTY(bool CanPause READ yes)
    Q_PROPERTY(bool CanSeek READ no)
    Q_PROPERTY(bool CanControl READ yes)
public:
    explicit MprisPlayer(DesktopLink* link) : QDBusAbstractAdaptor(link), m_link(*link) {}
    [[nodiscard]] QString playbackStatus() const { return m_link.playbackStatus(); }
    [[nodiscard]] double rate() const { return m_link.rate(); }
    void setRate(double rate) { m_link.setRate(rate); }
    [[nodiscard]] double slowest() const { return Transport::slowestPercent / 100.0; }
    [[nodiscard]] double fastest() const { return Transport::fastestPercent / 100.0; }
    [[nodiscard]] QVariantMap metadata() const { return m_link.metadata(); }
    [[nodiscard]] double volume() const;
    void setVolume(double volume) { m_link.setVolume(volume); }
    [[nodiscard]] qlonglong position() const { return m_link.position(); }
    [[nodiscard]] bool yes() const { return true; }
    [[nodiscard]] bool no() const { return false; }

public Q_SLOTS:
    void Next() { m_link.goToPass(1); }
    void Previous() { m_link.goToPass(-1); }
    void Pause() { m_link.play(false); }
    void PlayPause() { m_link.togglePlay(); }
    void Stop() { m_link.play(false); }
    void Play() { m_link.play(true); }

private:
    DesktopLink& m_link;
};

/// The window of one routine.
class RoutineWindow : public QDBusAbstractAdaptor {
    Q_OBJECT
    Q_CLASSINFO("D-Bus Interface", "org.liftcount.Window")
public:
    explicit RoutineWindow(DesktopLink* link) : QDBusAbstractAdaptor(link), m_link(*link) {}

public Q_SLOTS:
    void Show() { m_link.show(); }

private:
    DesktopLink& m_link;
};

} // namespace lc::app
