#pragma once

#include "support/test_program.h"

#include "app/arrange/arrange_stage.h"
#include "app/arrange/part_editor.h"
#include "app/arrange/pass_list.h"
#include "app/base/journal_keeper.h"
#include "app/base/wording.h"
#include "app/listen/listen_stage.h"
#include "app/sheets/sheets_stage.h"
#include "app/strips/strips_accessible.h"
#include "app/strips/strips_view.h"
#include "app/widgets/findings_column.h"
#include "app/widgets/notation_edit.h"
#include "app/window/count_bar.h"
#include "app/window/file_desk.h"
#include "app/window/main_window.h"
#include "audio/playing/silent_output.h"
#include "sheets/faces.h"

#include <QDir>
#include <QLabel>
#include <QPushButton>
#include <QSettings>
#include <QStandardPaths>
#include <QtTest>

namespace lc::test {

/// Before all tests of a program: fonts, and settings and a vocabulary of its own that no test before it left behind.
inline void prepareProgram(const char* name) {
    QStandardPaths::setTestModeEnabled(true);
    QCoreApplication::setOrganizationName(QString::fromLatin1(name));
    QCoreApplication::setApplicationName(QString::fromLatin1(name));
    QSettings().clear();
    QFile::remove(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) +
                  QStringLiteral("/vocabulary.sqlite"));
    QVERIFY(loadFaces());
    app::installAccessibility();
}

/// The real window on a silent output whose clock the test moves.
struct WindowRig {
    double now = 50;
    SilentOutput* output = nullptr;
    app::Theme theme;
    std::unique_ptr<app::Session> session;
    std::unique_ptr<app::MainWindow> window;

    explicit WindowRig(const std::vector<app::StageMaker>& stages = app::allStages(),
                       app::Look look = app::Look::Bright)
        : theme(100, look) {
        QDir(app::JournalKeeper::usualFolder()).removeRecursively(); // what a rig before this one left
        auto silent = std::make_unique<SilentOutput>([this] { return now; });
        output = silent.get();
        session = std::make_unique<app::Session>(std::move(silent), Player::Filling::OnPull, app::Worker::Mode::AtOnce);
        theme.dress();
        window = std::make_unique<app::MainWindow>(*session, theme, QString(), stages);
        window->resize(theme.px(1280), theme.px(800)); // the screen that is not there is smaller
        window->show();
        (void)QTest::qWaitForWindowExposed(window.get());
        window->activateWindow();
    }
    ~WindowRig() { session->doc.undo(); } // nothing asks about unsaved work: the window is deleted, not closed

    void pass(double seconds) {
        now += seconds;
        output->pump();
        session->transport.followClock();
    }
    void keys(QWidget* target, const QString& text) const { QTest::keyClicks(target, text); }
    /// A key as a person presses it: it goes to what has the keyboard.
    void shortcut(Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier) const {
        QCoreApplication::processEvents();
        if (!QApplication::activePopupWidget() &&
            !window->isActiveWindow()) { // off screen a popup that was there takes
            window->activateWindow();    // the keyboard away with it
            QCoreApplication::processEvents();
        }
        QTest::keyClick(window->windowHandle(), key, modifiers);
    }
    QPushButton* button(const char* name) const { return window->findChild<QPushButton*>(QString::fromLatin1(name)); }
    void press(const char* name) const { QTest::mouseClick(button(name), Qt::LeftButton); }
    /// Text of everything written in the findings column.
    QString findingsShown() const {
        QStringList all;
        for (auto* label : window->stage<app::ArrangeStage>().findings().findChildren<QLabel*>())
            if (!label->isHidden()) all << label->text();
        for (auto* choice : window->stage<app::ArrangeStage>().findings().findChildren<app::RemedyChoice*>())
            all << choice->text();
        return all.join('\n');
    }
    QString countBarShown() const { return window->countBar().accessibleDescription(); }
};

} // namespace lc::test
