#include "app/shell/main_window.h"
#include "app/shell/qt_audio_output.h"
#include "app/strips/strips_accessible.h"
#include "audio/silent_output.h"

#include <QApplication>
#include <QCommandLineParser>
#include <QSettings>
#include <QTimer>

int main(int argc, char** argv) {
    QApplication app(argc, argv);
    QApplication::setApplicationName(QStringLiteral("lift-count"));
    QApplication::setApplicationDisplayName(QStringLiteral("Lift Count"));
    QApplication::setOrganizationName(QStringLiteral("lift-count"));
    QApplication::setApplicationVersion(QStringLiteral(LIFTCOUNT_VERSION));

    QCommandLineParser parser;
    parser.setApplicationDescription(QStringLiteral("Times counted step sequences against a song."));
    parser.addHelpOption();
    parser.addVersionOption();
    const QCommandLineOption silent(QStringLiteral("silent"), QStringLiteral("Run without a sound device: a silent output keeps the time."));
    const QCommandLineOption demo(QStringLiteral("demo"), QStringLiteral("Open the demo routine."));
    const QCommandLineOption vocabulary(QStringLiteral("vocabulary"), QStringLiteral("Keep the figures in this file instead of the user's data folder."), QStringLiteral("file"));
    parser.addOptions({silent, demo, vocabulary});
    parser.addPositionalArgument(QStringLiteral("file"), QStringLiteral("A routine (.liftcount) or a song."));
    parser.process(app);

    lc::app::Theme::loadFonts();
    lc::app::installStripsAccessibility();
    const lc::app::Theme theme(std::clamp(QSettings().value(QStringLiteral("textPercent"), 100).toInt(), 100, 200));
    app.setStyle(QStringLiteral("Fusion"));
    app.setFont(theme.words(13));
    app.setStyleSheet(theme.styleSheet());

    const bool quiet = parser.isSet(silent) || !lc::app::hasAudioDevice();
    std::unique_ptr<lc::AudioOutput> output;
    if (quiet) output = std::make_unique<lc::SilentOutput>();
    else output = lc::app::makeQtAudioOutput();
    lc::app::Session session(std::move(output), quiet ? lc::Player::Filling::OnPull : lc::Player::Filling::Ahead);
    lc::app::MainWindow window(session, theme, parser.value(vocabulary));
    window.show();
    const QStringList files = parser.positionalArguments();
    if (!files.isEmpty()) window.openAny(files.front());
    else if (parser.isSet(demo)) window.openDemo();
    return QApplication::exec();
}
