#pragma once

#include "app/base/languages.h"
#include "app/window/desktop_link.h"
#include "app/window/main_window.h"
#include "app/window/system_look.h"

#include <QObject>

#include <memory>

namespace lc::app {

/// Owns the window, its theme and its words. Another theme is put on at once; for another size of text or another
/// language the window is made anew on the same session, at the same place: nothing that is open, played or to be
/// undone is lost.
class WindowHost : public QObject {
    Q_OBJECT
public:
    /// `vocabulary` empty = in the user's data folder; `languages` is the folder of the words.
    explicit WindowHost(Session& session, QString vocabulary = {}, QString languages = languageFolder());
    ~WindowHost() override;

    [[nodiscard]] MainWindow& window() { return *m_window; }
    [[nodiscard]] const Theme& theme() const { return *m_theme; }

private:
    void speakAsWanted() const;
    [[nodiscard]] Look look() const;
    void wear();
    void make();
    void makeAnew();

    Session& m_session;
    QString m_vocabulary;
    QString m_languages;
    SystemLook m_system;
    std::unique_ptr<Theme> m_theme;
    std::unique_ptr<MainWindow> m_window;
    DesktopLink m_desktop;
};

} // namespace lc::app
