// Writes a picture of each main view from the demo data. Usage: take_pictures FOLDER [WIDTH HEIGHT] [routine]
#include "app/arrange/arrange_stage.h"
#include "app/arrange/handout_panel.h"
#include "app/arrange/part_editor.h"
#include "app/arrange/plans_panel.h"
#include "app/arrange/rank_panel.h"
#include "app/base/figure_desk.h"
#include "app/base/journal_keeper.h"
#include "app/base/settings.h"
#include "app/listen/listen_stage.h"
#include "app/sheets/sheets_stage.h"
#include "app/steps/card_page.h"
#include "app/steps/chain_page.h"
#include "app/steps/drill_page.h"
#include "app/steps/fillers_page.h"
#include "app/steps/frame_page.h"
#include "app/steps/steps_stage.h"
#include "app/steps/versions_page.h"
#include "app/steps/words_page.h"
#include "app/strips/strips_accessible.h"
#include "app/strips/strips_view.h"
#include "app/widgets/figure_list.h"
#include "app/widgets/findings_column.h"
#include "app/widgets/notation_edit.h"
#include "app/widgets/plain_table.h"
#include "app/window/file_desk.h"
#include "app/window/main_window.h"
#include "audio/playing/silent_output.h"
#include "audio/sound/audio_file.h"
#include "core/base/files.h"
#include "core/exchange/handout.h"
#include "core/exchange/routine_text.h"
#include "core/song/tapping.h"
#include "sheets/faces.h"

#include <QApplication>
#include <QComboBox>
#include <QDir>
#include <QElapsedTimer>
#include <QLineEdit>
#include <QPushButton>
#include <QSettings>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QTextStream>

#include <random>

using namespace lc;
using namespace lc::app;

int main(int argc, char** argv) {
    QStandardPaths::setTestModeEnabled(true);
    QApplication app(argc, argv);
    QApplication::setOrganizationName(QStringLiteral("lift-count-pictures"));
    QSettings().clear();
    QDir(JournalKeeper::usualFolder()).removeRecursively(); // what an earlier run left
    const QStringList args = QApplication::arguments();
    if (args.size() < 2) return 2;
    const QDir folder(args[1]);
    folder.mkpath(QStringLiteral("."));
    const QSize size(args.value(2, QStringLiteral("1280")).toInt(), args.value(3, QStringLiteral("800")).toInt());
    lc::loadFaces();
    installAccessibility();
    const Theme theme;
    app.setStyle(QStringLiteral("Fusion"));
    theme.dress();
    settings::setRecentFiles({FileDesk::demoPath()});
    settings::setWordsOf(FileDesk::demoPath(),
                         {QStringLiteral("Weathervane"), QStringLiteral("to “Copper Weathervane”, 7 passes")});
    double now = 0;
    auto output = std::make_unique<SilentOutput>([&now] { return now; });
    SilentOutput* silent = output.get();
    Session session(std::move(output), Player::Filling::OnPull, Worker::Mode::AtOnce);
    QTemporaryDir vocabulary; // the starter figures, and nobody's own
    MainWindow window(session, theme, vocabulary.filePath(QStringLiteral("vocabulary.sqlite")));
    window.resize(size);
    window.show();
    const auto settle = [&](int milliseconds = 80) {
        QElapsedTimer timer;
        timer.start();
        while (timer.elapsed() < milliseconds) QApplication::processEvents(QEventLoop::AllEvents, 10);
    };
    const auto shoot = [&](const char* name) {
        settle();
        const QString path = folder.filePath(QString::fromLatin1(name) + QStringLiteral(".png"));
        QTextStream(stdout) << (window.grab().save(path) ? path : QStringLiteral("not written: ") + path) << Qt::endl;
    };
    shoot("start");
    QTemporaryDir sounds; // a recording that nobody could count
    AudioBuffer wind{44100, 1, std::vector<float>(44100 * 20)};
    std::mt19937 random(1);
    std::normal_distribution<float> gust(0, 0.1F);
    for (float& s : wind.samples) s = gust(random);
    const QString wav = sounds.filePath(QStringLiteral("wind over the quarry.wav"));
    if (!writeSound(wind, wav.toStdString())) return 1;
    window.openAny(wav);
    for (int i = 0; i < 200 && session.song.loading(); ++i) settle(50);
    window.showStage(app::stage_id::listen);
    session.doc.undo(); // nothing is asked about unsaved work
    if (args.size() > 4)
        window.openAny(args[4]);
    else
        window.openDemo();
    for (int i = 0; i < 200 && (session.song.loading() || !session.song.loudness() || !session.song.heardSong()); ++i)
        settle(50);
    window.stage<app::ArrangeStage>().setPassesShown(false);
    window.showStage(app::stage_id::listen);
    session.transport.setCaret(counts(100));
    shoot("listen");
    window.stage<app::ListenStage>().strips().setFocus();
    session.transport.setCaret(counts(32));
    window.stage<app::ListenStage>().tap();
    session.transport.togglePlay();
    for (const Seconds beat : simulatedTaps(
             [&] {
                 std::vector<Seconds> beats;
                 for (int c = 36; c < 60; ++c) beats.push_back(session.doc.landing().grid.cell(c)->start);
                 return beats;
             }(),
             {}, 5)) {
        while (session.transport.player().position() < beat) {
            now += 0.01;
            silent->pump();
        }
        session.transport.followClock();
        window.stage<app::ListenStage>().tap();
    }
    shoot("listen-tapping");
    session.transport.togglePlay();
    window.stage<app::ListenStage>().typeStructure();
    if (auto* text = window.stage<app::ListenStage>().findChild<QLineEdit*>(QStringLiteral("structureText")))
        text->setText(QStringLiteral("pickup 1 | intro 12 | verse 36 | stop 3 | chorus 48 | ending 24 @112>90"));
    if (auto* metre = window.stage<app::ListenStage>().findChild<QComboBox*>(QStringLiteral("structureMetre")))
        metre->setCurrentText(QStringLiteral("3/4"));
    shoot("listen-structure");
    if (auto* close = window.stage<app::ListenStage>().findChild<QPushButton*>(QStringLiteral("closePanel")))
        close->click();
    // Steps: a couple's figure that is called a six and is none, with its versions; then the other pages of the bench.
    window.showStage(app::stage_id::steps);
    StepsStage& steps = window.stage<app::StepsStage>();
    FigureCard kerb;
    kerb.name = "Kerb";
    kerb.lines = {{"leader", "[open, L-R low] 1 side L 2 behind R 3 side L 4 across R 5 side L"},
                  {"follower", "[open, L-R low] 1 side R 2 behind L 3 side R 4 across L 5 side R"}};
    kerb.claimed = counts(6);
    kerb.facts.description = "Called a six by the couples of the hall; count it.";
    kerb.facts.family = "vines";
    kerb.facts.tags = {"hall", "couple"};
    steps.desk().duplicate(kerb);
    steps.versions().cells().choose(2);
    shoot("steps");
    kerb.name = "Gate";
    kerb.lines = {{"everyone", "1 forward L 2 forward R 3 side L & close R 5 across L 6 back R"}};
    kerb.claimed.reset();
    kerb.facts.description = "A figure as it was said; one letter can be meant in two ways.";
    steps.desk().duplicate(kerb);
    kerb.lines = {{"everyone", "1 forward L 2 forward R 3 side L 4 close R 5 back L 6 close R"}};
    kerb.facts.description = "Two counts in, two of any kind, two out.";
    kerb.facts.entry = kerb.facts.close = counts(2);
    steps.desk().change(kerb, QStringLiteral("frame"));
    steps.setPage(StepsStage::Page::Frame);
    shoot("steps-frame");
    kerb.lines = {
        {"everyone", "forward left, right, side left, close, rock back, recover"}}; // the same length, as it is said
    kerb.facts.description = "Written down as it is said in the hall.";
    steps.desk().change(kerb, QStringLiteral("said"));
    steps.setPage(StepsStage::Page::Fillers);
    shoot("steps-fillers");
    steps.list().search()->setText(QStringLiteral("4 counts, right foot free, turns"));
    kerb.facts.entry = kerb.facts.close = Tick{};
    kerb.lines = {{"everyone", "walk, walk, lantern turn, triple step"}}; // a word that two schools mean otherwise
    steps.desk().keepWord({"lantern turn", "Weathervane Hall", "1 step 2 step 1/2 R"});
    steps.desk().keepWord({"lantern turn", "Hofkreis", "1 step 1/4 R & step 2 step 1/4 R"});
    steps.desk().keepWord({"lantern step", "", "1 behind & side 2 step"});
    steps.desk().change(kerb, QStringLiteral("said"));
    steps.setPage(StepsStage::Page::Words);
    steps.words().table().setCurrentCell(1, 0);
    shoot("steps-words");
    steps.list().search()->clear();
    steps.desk().undo();
    steps.desk().undo();
    steps.desk().undo();
    steps.setPage(StepsStage::Page::Versions);
    window.showStage(app::stage_id::arrange);
    session.transport.setCaret(counts(44));
    shoot("arrange-strip");
    window.stage<app::ArrangeStage>().setPassesShown(true);
    shoot("arrange-passes");
    window.stage<app::ArrangeStage>().showPlans();
    settle();
    shoot("arrange-plans");
    window.stage<app::ArrangeStage>().goBack();
    QTemporaryDir shelf; // the other songs of the hall
    for (const char* song :
         {"copper-weathervane.ogg", "lantern-arcade.ogg", "orchard-gate.ogg", "sevenfold-stairs.ogg"})
        QFile::copy(QFileInfo(FileDesk::demoPath()).path() + QLatin1Char('/') + QString::fromLatin1(song),
                    shelf.filePath(QString::fromLatin1(song)));
    window.stage<app::ArrangeStage>().showRanking();
    window.stage<app::ArrangeStage>().ranking().rank(shelf.path(), Ranked::Songs);
    for (int i = 0; i < 1200 && window.stage<app::ArrangeStage>().ranking().busy(); ++i) settle(50);
    shoot("arrange-ranking");
    window.stage<app::ArrangeStage>().showMends();
    shoot("arrange-mends");
    window.stage<app::ArrangeStage>().goBack();
    session.view.setMagnification(Magnification::Page);
    session.transport.setCaret(counts(100));
    shoot("arrange-page");
    session.view.setMagnification(Magnification::Eight);
    window.stage<app::ArrangeStage>().setPassesShown(false);
    session.transport.setCaret(counts(110));
    window.stage<app::ArrangeStage>().strips().showPlace(counts(96));
    window.stage<app::ArrangeStage>().strips().showPlace(counts(124));
    shoot("arrange-eight");
    session.view.setMagnification(Magnification::Page);
    for (int i = 0; i < 6 && !session.doc.landing().findings.empty() &&
                    session.doc.landing().findings.front().severity == Severity::Misses;
         ++i) {
        window.stage<app::ArrangeStage>().findings().openFinding(0);
        window.stage<app::ArrangeStage>().findings().applyChosen();
    }
    session.view.setMagnification(Magnification::Strip);
    session.transport.setCaret(counts(98));
    window.showStage(app::stage_id::sheets);
    shoot("sheet-floor");
    window.stage<app::SheetsStage>().setKind(SheetKind::Full);
    shoot("sheet-steps");
    // A routine as it comes by mail: a couple's dance that an extra bar turns round.
    // A hand-out of the hall, pasted: what was understood, and what is open.
    if (const auto sheet = readTextFile(QFileInfo(FileDesk::demoPath()).path().toStdString() + "/quarry-row.txt"))
        if (auto handout = readHandout(sheet->text)) {
            session.doc.startWith(handout->document, std::move(handout->lines));
            window.showStage(app::stage_id::arrange);
            session.view.setMagnification(Magnification::Strip);
            window.stage<app::ArrangeStage>().setPassesShown(false);
            window.stage<app::ArrangeStage>().showHandout();
            shoot("arrange-handout");
            window.stage<app::ArrangeStage>().goBack();
        }
    const auto show = [&](const char* text, int count, const char* name) {
        const auto routine = routineFromText(text);
        if (!routine) {
            QTextStream(stderr) << QString::fromStdString(routine.error().message.english()) << Qt::endl;
            return;
        }
        session.doc.startWith(*routine);
        window.showStage(app::stage_id::arrange);
        session.view.setMagnification(Magnification::Strip);
        window.stage<app::ArrangeStage>().setPassesShown(false);
        window.stage<app::ArrangeStage>().goToPass(routine->routine.passes.front().id);
        settle();
        for (const PassPerformance& pass : session.doc.landing().performance.passes)
            if (pass.start <= counts(count) && counts(count) < pass.end())
                window.stage<app::ArrangeStage>().goToPass(pass.id);
        session.transport.setCaret(counts(count));
        window.stage<app::ArrangeStage>().showTurns();
        shoot(name);
    };
    show(R"(Lift Count routine
title: Harbour lane
song: verse 32 | chorus 36 | verse 32 | chorus 32
tempo: 180
roles: leader, follower
formation: slot
figure: Basic
  leader: 1 break L 2 place R 3 close L 4 wait 5 break R 6 place L 7 close R 8 wait
  follower: 1 break R 2 place L 3 close R 4 wait 5 break L 6 place R 7 close L 8 wait
figure: Side six
  leader: 1 side L 2 close R 3 side L 4 close R 5 side L 6 close R
  follower: 1 side R 2 close L 3 side R 4 close L 5 side R 6 close L
part: A
  Basic
order: A x16
)",
         68, "arrange-turned");
    return 0;
}
