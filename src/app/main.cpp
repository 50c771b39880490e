#include "app/base/languages.h"
#include "app/base/paths.h"
#include "app/base/qt_audio_output.h"
#include "app/base/settings.h"
#include "app/strips/strips_accessible.h"
#include "app/window/main_window.h"
#include "app/window/program.h"
#include "audio/playing/silent_output.h"
#include "core/base/plain_text.h"

#include <QCommandLineParser>
#include <QLocale>
#include <QTimer>

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
        parser.addPositionalArgument(QStringLiteral("file"), QStringLiteral("A routine (.liftcount) or a song."));
    }
};

/// Words about the program need no display.
bool onlyWords(int argc, char** argv) {
    for (int i = 1; i < argc; ++i)
        for (const std::string_view word : {"-h", "--help", "--help-all", "-v", "--version"})
            if (argv[i] == word) return true;
    return false;
}

/// The first file among the arguments, as bytes: Qt's own arguments have lost those that are not UTF-8.
QString fileAmong(int argc, char** argv, const QStringList& positional) {
    if (positional.isEmpty()) return {};
    for (int i = 1; i < argc; ++i)
        if (positional.front() == QString::fromLocal8Bit(argv[i])) return lc::app::pathOf(argv[i]);
    return positional.front();
}

int run(int argc, char** argv) {
    if (onlyWords(argc, argv)) {
        const QCoreApplication app(argc, argv);
        Options().parser.process(app);
        return 0;
    }
    lc::app::Program app(argc, argv);
    Options options;
    lc::app::speak(QLocale::system().uiLanguages());
    QApplication::setApplicationDisplayName(QStringLiteral("Lift Count"));
    options.parser.process(app);

    lc::app::Theme::loadFonts();
    lc::app::installStripsAccessibility();
    const lc::app::Theme theme(lc::app::settings::textPercent());
    app.setStyle(QStringLiteral("Fusion"));
    theme.dress();

    const bool quiet = options.parser.isSet(options.silent) || !lc::app::hasAudioDevice();
    std::unique_ptr<lc::AudioOutput> output;
    if (quiet)
        output = std::make_unique<lc::SilentOutput>();
    else
        output = lc::app::makeQtAudioOutput();
    lc::app::Session session(std::move(output), quiet ? lc::Player::Filling::OnPull : lc::Player::Filling::Ahead);
    lc::app::MainWindow window(session, theme, options.parser.value(options.vocabulary));
    app.onTrouble([&window](const QString& why) { window.saveForTheWorst(why); });
    window.show();
    const QString file = fileAmong(argc, argv, options.parser.positionalArguments());
    if (!file.isEmpty())
        window.openAny(file);
    else if (options.parser.isSet(options.demo))
        window.openDemo();
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
