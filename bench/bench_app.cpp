// The window: time until it can be used with the demo, a full repaint of the strips, memory. QT_QPA_PLATFORM=offscreen
// or a display. Printed, never asserted.
#include "app/arrange/arrange_stage.h"
#include "app/arrange/notation_edit.h"
#include "app/arrange/part_chain.h"
#include "app/arrange/part_editor.h"
#include "app/listen/listen_stage.h"
#include "app/shell/main_window.h"
#include "app/strips/strips_view.h"
#include "audio/silent_output.h"

#include <QApplication>
#include <QElapsedTimer>
#include <QImage>
#include <QScrollBar>
#include <QStandardPaths>

#include <algorithm>
#include <cstdio>
#include <fstream>
#include <string>

using namespace lc;
using namespace lc::app;

namespace {
double residentMegabytes() {
    std::ifstream status("/proc/self/status");
    for (std::string line; std::getline(status, line);)
        if (line.rfind("VmRSS:", 0) == 0) return std::stod(line.substr(6)) / 1024;
    return 0;
}

void repaint(const char* what, StripsView& view) {
    QImage image(view.viewport()->size(), QImage::Format_RGB32);
    std::vector<double> times;
    for (int i = 0; i < 31; ++i) {
        QElapsedTimer timer;
        timer.start();
        view.viewport()->render(&image);
        times.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
    }
    std::sort(times.begin(), times.end());
    std::printf("full repaint, %s, %d×%d: %.2f ms (median of 31)\n", what, image.width(), image.height(), times[15]);
}
} // namespace

int main(int argc, char** argv) {
    QElapsedTimer sinceStart;
    sinceStart.start();
    QStandardPaths::setTestModeEnabled(true);
    QApplication app(argc, argv);
    Theme::loadFonts();
    const Theme theme;
    app.setStyle(QStringLiteral("Fusion"));
    app.setStyleSheet(theme.styleSheet());
    Session session(std::make_unique<SilentOutput>(), Player::Filling::OnPull, Worker::Mode::AtOnce);
    MainWindow window(session, theme);
    window.resize(1280, 800);
    window.show();
    QApplication::processEvents();
    std::printf("empty window painted after %lld ms\n", sinceStart.elapsed());
    window.openDemo();
    window.arrange().setPassesShown(false);
    QApplication::processEvents();
    std::printf("demo on the strips after %lld ms\n", sinceStart.elapsed());
    while (!session.loudness()) QApplication::processEvents(QEventLoop::AllEvents, 10);
    std::printf("its sound read after %lld ms\n", sinceStart.elapsed());
    window.setStage(Stage::Arrange);
    QApplication::processEvents();
    window.setMagnification(Magnification::Strip);
    repaint("strip", window.arrange().strips());
    window.setMagnification(Magnification::Page);
    repaint("page", window.arrange().strips());
    window.setMagnification(Magnification::Eight);
    repaint("eight", window.arrange().strips());
    window.setMagnification(Magnification::Strip);
    window.arrange().editor().chain().choose(session.document().routine.parts.front().figures.front().id);
    auto* line = window.arrange().editor().line(0);
    std::vector<double> keys;
    for (int i = 0; i < 60; ++i) { // typed, landed, and everything painted anew
        QElapsedTimer timer;
        timer.start();
        line->moveCursor(QTextCursor::End);
        line->insertPlainText(QString(QStringLiteral(" side")[i % 5]));
        QApplication::processEvents();
        keys.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
    }
    std::sort(keys.begin(), keys.end());
    std::printf("a character typed into a line until it is painted: %.1f ms (median of 60), %.1f ms (the slowest of ten)\n", keys[30], keys[54]);
    window.setStage(Stage::Listen);
    QApplication::processEvents();
    repaint("listen", window.listen().strips());
    std::printf("memory with the demo: %.0f MB\n", residentMegabytes());
    return 0;
}
