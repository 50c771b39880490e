#include "app/base/paths.h"
#include "app/base/qt_audio_output.h"
#include "app/strips/strips_accessible.h"
#include "app/window/desktop_link.h"
#include "app/window/program.h"
#include "app/window/window_host.h"
#include "audio/playing/silent_output.h"
#include "core/base/plain_text.h"
#include "sheets/faces.h"

#include <QCommandLineParser>
#include <QIcon>
#include <QUrl>

#include <cstdio>
#include <cstring>
#include <string_view>

namespace {

struct Options {
    QCommandLineOption silent{QStringLiteral("silent"),
                              QStringLiteral("Run without a sound device: a silent output keeps the time.")};
    QCommandLineOption demo{QStringLiteral("demo"), QStringLiteral("Open the demo routine.")};
    QCommandLineOption vocabulary{QStringLiteral("vocabulary"),
                                  QStringLiteral("Keep the figures in this file instead of the user's data folder."),
                                  QStringLiteral("file")};
    QCommandLineParser parser;

    Options() {
        QCoreApplication::setApplicationName(QStringLiteral("lift-count"));
        QCoreApplication::setOrganizationName(QStringLiteral("lift-count"));
        QCoreApplication::setApplicationVersion(QStringLiteral(LIFTCOUNT_VERSION));
        parser.setApplicationDescription(QStringLiteral("Times counted step sequences against a song."));
        parser.addHelpOption();
        parser.addVersionOption();
        parser.addOptions({silent, demo, vocabulary});
        parser.addPositionalArgument(QStringLiteral("file"),
                                     QStringLiteral("A routine (.liftcount) or a song; several: one of a kind."));
    }
};

/// Words about the program need no display.
bool onlyWords(int argc, char** argv) {
    for (int i = 1; i < argc; ++i)
        for (const std::string_view word : {"-h", "--help", "--help-all", "-v", "--version"})
            if (argv[i] == word) return true;
    return false;
}

/// The files among the arguments, as bytes: Qt's own arguments have lost those that are not UTF-8. An address of a
/// file (file://) is its path.
QStringList filesAmong(int argc, char** argv, const QStringList& positional) {
    QStringList files;
    for (const QString& one : positional) {
        const QUrl address(one);
        QString path =
            one.startsWith(QLatin1String("file:")) && address.isLocalFile() ? address.toLocalFile() : QString();
        for (int i = 1; i < argc && path.isEmpty(); ++i)
            if (one == QString::fromLocal8Bit(argv[i])) path = lc::app::pathOf(argv[i]);
        files << (path.isEmpty() ? one : path);
    }
    return files;
}

int run(int argc, char** argv) {
    if (onlyWords(argc, argv)) {
        const QCoreApplication app(argc, argv);
        Options().parser.process(app);
        return 0;
    }
    lc::app::Program app(argc, argv);
    Options options;
    QApplication::setApplicationDisplayName(QStringLiteral("Lift Count"));
    options.parser.process(app);

    lc::loadFaces();
    lc::app::installAccessibility();
    app.setStyle(QStringLiteral("Fusion"));
    QGuiApplication::setDesktopFileName(QStringLiteral("org.liftcount.LiftCount"));
    QIcon icon;
    for (const int size : {16, 48, 256}) icon.addFile(QStringLiteral(":/icon/%1.png").arg(size));
    QApplication::setWindowIcon(icon);

    const QStringList files = filesAmong(argc, argv, options.parser.positionalArguments());
    if (files.size() == 1 && lc::app::showWhereOpen(files.front())) return 0; // a routine is open in one window

    const bool quiet = options.parser.isSet(options.silent) || !lc::app::hasAudioDevice();
    std::unique_ptr<lc::AudioOutput> output;
    if (quiet)
        output = std::make_unique<lc::SilentOutput>();
    else
        output = lc::app::makeQtAudioOutput();
    lc::app::Session session(std::move(output), quiet ? lc::Player::Filling::OnPull : lc::Player::Filling::Ahead);
    lc::app::WindowHost host(session, options.parser.value(options.vocabulary));
    app.onTrouble([&host](const QString& why) { host.window().saveForTheWorst(why); });
    host.window().show();
    if (!files.isEmpty())
        host.window().openDropped(files);
    else if (options.parser.isSet(options.demo))
        host.window().openDemo();
    return QApplication::exec();
}

} // namespace

int main(int argc, char** argv) {
    try {
        return run(argc, argv);
    } catch (const std::exception& e) { // before or after the event loop; within it Program catches
        std::fprintf(stderr, "Lift Count could not go on: %s.\n", lc::shown(e.what()).c_str());
        return 1;
    }
}
