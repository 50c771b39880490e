// The window: time until it can be used with the demo, a full repaint of the strips, memory. QT_QPA_PLATFORM=offscreen
// or a display. Printed, never asserted.
#include "app/arrange/arrange_stage.h"
#include "app/arrange/part_chain.h"
#include "app/arrange/part_editor.h"
#include "app/listen/listen_stage.h"
#include "app/strips/strips_view.h"
#include "app/widgets/notation_edit.h"
#include "app/window/main_window.h"
#include "audio/playing/silent_output.h"
#include "sheets/faces.h"

#include <QApplication>
#include <QDir>
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

/// How long the interface is busy with each key: typed, landed, painted; plans are worked out in the meantime
/// elsewhere.
void typing(const char* what, MainWindow& window, Session& session, bool plans) {
    window.showStage(app::stage_id::arrange);
    if (plans) window.stage<app::ArrangeStage>().showPlans();
    QApplication::processEvents();
    window.stage<app::ArrangeStage>().editor().chain().choose(
        session.doc.document().routine.parts.front().figures.front().id);
    auto* line = window.stage<app::ArrangeStage>().editor().line(0);
    std::vector<double> keys;
    for (int i = 0; i < 60; ++i) {
        QElapsedTimer timer;
        timer.start();
        line->moveCursor(QTextCursor::End);
        line->insertPlainText(QString(QStringLiteral(" side")[i % 5]));
        QApplication::processEvents();
        keys.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
        while (timer.elapsed() < 150)
            QApplication::processEvents(QEventLoop::AllEvents, 5); // a fast typist; plans that come are shown here
    }
    std::sort(keys.begin(), keys.end());
    std::printf("a character typed into %s until it is painted: %.1f ms (median of 60), %.1f ms (the slowest of ten)\n",
                what, keys[30], keys[54]);
}

/// 112 phrases in seven tempos, danced by 110 passes of 32 with a cut and a tag.
void openMedley(MainWindow& window, Session& session) {
    std::string song, order;
    for (int i = 0; i < 112; ++i)
        song += (i ? " | " : "") + std::string(i % 5 == 4 ? "chorus 36" : "verse 32") +
                (i % 16 == 0 ? " @" + std::to_string(112 + i / 4) : "");
    for (int i = 0; i < 110; ++i) order += " A";
    const QString path = QDir::tempPath() + QStringLiteral("/medley.txt");
    std::ofstream(path.toStdString())
        << "Lift Count routine\ntitle: Medley\nsong: " << song
        << "\ntempo: 112\nfigure: K\n  everyone: 1-8 walk L\npart: A\n  K\n  K\n  K\n  K\norder:" << order
        << "\npass 7\n  restart after 16\npass 40\n  tag of 4\n";
    while (!session.doc.isSaved()) session.doc.undo();
    window.openAny(path);
    while (session.doc.document().title != "Medley") QApplication::processEvents(QEventLoop::AllEvents, 10);
}
} // namespace

int main(int argc, char** argv) {
    QElapsedTimer sinceStart;
    sinceStart.start();
    QStandardPaths::setTestModeEnabled(true);
    QApplication app(argc, argv);
    lc::loadFaces();
    const Theme theme;
    app.setStyle(QStringLiteral("Fusion"));
    theme.dress();
    Session session(std::make_unique<SilentOutput>(), Player::Filling::OnPull);
    MainWindow window(session, theme);
    window.resize(1280, 800);
    window.show();
    QApplication::processEvents();
    std::printf("empty window painted after %lld ms\n", sinceStart.elapsed());
    window.openDemo();
    window.stage<app::ArrangeStage>().setPassesShown(false);
    QApplication::processEvents();
    std::printf("demo on the strips after %lld ms\n", sinceStart.elapsed());
    while (!session.song.loudness()) QApplication::processEvents(QEventLoop::AllEvents, 10);
    std::printf("its sound read after %lld ms\n", sinceStart.elapsed());
    window.showStage(app::stage_id::arrange);
    QApplication::processEvents();
    session.view.setMagnification(Magnification::Strip);
    repaint("strip", window.stage<app::ArrangeStage>().strips());
    session.view.setMagnification(Magnification::Page);
    repaint("page", window.stage<app::ArrangeStage>().strips());
    session.view.setMagnification(Magnification::Eight);
    repaint("eight", window.stage<app::ArrangeStage>().strips());
    session.view.setMagnification(Magnification::Strip);
    typing("the demo", window, session, false);
    typing("the demo, plans open", window, session, true);
    window.showStage(app::stage_id::listen);
    QApplication::processEvents();
    repaint("listen", window.stage<app::ListenStage>().strips());
    std::printf("memory with the demo: %.0f MB\n", residentMegabytes());
    openMedley(window, session);
    typing("a medley of 30 minutes", window, session, false);
    typing("a medley of 30 minutes, plans open", window, session, true);
    return 0;
}
