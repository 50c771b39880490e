#include "app/window/window_host.h"

#include "app/base/settings.h"

#include <QLocale>

namespace lc::app {

WindowHost::WindowHost(Session& session, QString vocabulary, QString languages)
    : m_session(session), m_vocabulary(std::move(vocabulary)), m_languages(std::move(languages)),
      m_desktop(
          session,
          [this] {
              m_window->setWindowState(m_window->windowState() & ~Qt::WindowMinimized);
              m_window->raise();
              m_window->activateWindow();
          },
          [this] { m_window->close(); }) {
    speakAsWanted();
    connect(&m_system, &SystemLook::changed, this, &WindowHost::wear);
    make();
    if (const QByteArray place = settings::windowPlace(); !place.isEmpty()) m_window->restoreGeometry(place);
}

WindowHost::~WindowHost() = default;

void WindowHost::speakAsWanted() const {
    const QString wanted = settings::language();
    speak(wanted.isEmpty() ? QLocale::system().uiLanguages() : QStringList{wanted}, m_languages);
}

Look WindowHost::look() const {
    switch (settings::look()) {
    case settings::LookWanted::Bright: return Look::Bright;
    case settings::LookWanted::Dark: return Look::Dark;
    case settings::LookWanted::AsSystem: break;
    }
    return m_system.look();
}

void WindowHost::wear() { m_theme->wear(look()); }

void WindowHost::make() {
    m_theme = std::make_unique<Theme>(settings::textPercent(), look());
    m_theme->dress();
    m_window = std::make_unique<MainWindow>(m_session, *m_theme, m_vocabulary);
    connect(m_window.get(), &MainWindow::lookWanted, this, &WindowHost::wear);
    // after the click that asks for it was dealt with: its menu belongs to the window that goes
    connect(m_window.get(), &MainWindow::anewWanted, this, &WindowHost::makeAnew, Qt::QueuedConnection);
}

void WindowHost::makeAnew() {
    const MainWindow::Standing standing = m_window->standing();
    m_window.reset(); // before its theme
    speakAsWanted();
    make();
    m_window->stand(standing);
}

} // namespace lc::app
