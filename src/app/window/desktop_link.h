#pragma once

#include "app/base/session.h"

#include <QObject>
#include <QString>
#include <QVariantMap>

#include <functional>
#include <optional>

class QDBusMessage;

namespace lc::app {

/// What the desktop is told of a window and may ask of it, over the session bus; without a bus nothing happens.
/// - Media keys and the desktop's own player controls (MPRIS 2.2, freedesktop.org: play, pause, the next and the last
///   pass, tempo, volume).
/// - The screen does not go dark while the song plays (org.freedesktop.ScreenSaver).
/// - A routine is open in one window: who opens its file again is shown that window.
class DesktopLink : public QObject {
    Q_OBJECT
public:
    /// `show` brings the window to the front; the one that is there when it is asked for.
    DesktopLink(Session& session, std::function<void()> show, std::function<void()> quit, QObject* parent = nullptr);
    ~DesktopLink() override;

    // Of the player, as MPRIS names them
    [[nodiscard]] QString playbackStatus() const;
    [[nodiscard]] QVariantMap metadata() const;
    [[nodiscard]] qlonglong position() const; ///< microseconds
    [[nodiscard]] double rate() const;
    void setRate(double rate);
    void setVolume(double volume);
    void play(bool on);
    void togglePlay();
    void goToPass(int way); ///< as Transport::passBeside()
    void show() const { m_show(); }
    void quit() const { m_quit(); }

private:
    void followPlaying();
    void keepAwake();
    void followRoutine();
    void tellPlayer(const QVariantMap& changed) const;

    Session& m_session;
    std::function<void()> m_show, m_quit;
    QString m_playerService;
    QString m_fileService;       ///< of the routine that is open; empty for none
    std::optional<uint> m_awake; ///< the promise of the screen saver, while it is kept
    bool m_asking = false;       ///< for that promise
    bool m_wasPlaying = false;
};

/// Where a routine file is open in a window of another program, that window comes to the front: true.
bool showWhereOpen(const QString& path);

} // namespace lc::app
