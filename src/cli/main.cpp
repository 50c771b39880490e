#include "cli/verbs.h"
#include "core/base/list_text.h"
#include "core/base/plain_text.h"
#include "core/exchange/map_formats.h"

#include <CLI/CLI.hpp>
#include <QFontDatabase>
#include <QGuiApplication>

#include <cerrno>
#include <csignal>
#include <cstdio>
#include <cstring>
#include <filesystem>
#include <functional>
#include <tuple>

namespace {

/// Everything on its way to a person or a program; a full disk or a closed pipe is a fault like any other.
int finish(const lc::Result<lc::cli::Output>& result) {
    if (!result) {
        std::fprintf(stderr, "%s\n", lc::shown(result.error().message.english()).c_str());
        return 1;
    }
    std::fputs(lc::shown(result->notes).c_str(), stderr);
    const std::string text = result->data ? result->text : lc::shown(result->text);
    if (std::fwrite(text.data(), 1, text.size(), stdout) == text.size() && std::fflush(stdout) == 0) return 0;
    std::fprintf(stderr, "The result could not be written to the standard output: %s.\n", std::strerror(errno));
    return 1;
}

/// Words among the arguments must be text; names of files are bytes.
std::optional<std::string> noTextAmong(int argc, char** argv) {
    for (int i = 1; i < argc; ++i) {
        std::error_code error;
        if (lc::isUtf8(argv[i]) || std::filesystem::exists(argv[i], error) || std::string_view(argv[i - 1]) == "-o")
            continue;
        return "“" + lc::shown(argv[i]) + "” is neither text in UTF-8 nor a file that is there.";
    }
    return std::nullopt;
}

int run(int argc, char** argv) {
    std::signal(SIGXFSZ, SIG_IGN); // a file beyond the system's limit is an error that is told, not an end
    if (const auto none = noTextAmong(argc, argv)) {
        std::fprintf(stderr, "%s\n", none->c_str());
        return 1;
    }
    CLI::App app("Lift Count without a window: maps songs, reads counts, lands routines, writes sheets.",
                 "lift-count-cli");
    app.set_version_flag("--version", LIFTCOUNT_VERSION);
    app.require_subcommand(1);
    std::function<lc::Result<lc::cli::Output>()> verb;

    lc::cli::MapOptions map;
    bool mapJson = false;
    auto* mapVerb =
        app.add_subcommand("map", "Beats, bars and phrases of a recording, of a typed structure or of a file");
    auto* audio = mapVerb->add_option("audio", map.audio, "A sound file");
    auto* structure =
        mapVerb->add_option("--structure", map.structure, "Structure as text, for example \"intro 16 | verse 32\"");
    auto* import = mapVerb->add_option("--import", map.importFile, "A MIDI file, a csv or a label file with the map");
    audio->excludes(structure)->excludes(import);
    import->excludes(structure);
    mapVerb->add_option("--bpm", map.bpm, "Tempo of a typed structure")->check(CLI::Range(10.0, 600.0));
    mapVerb->add_option("--metre", map.metre, "auto, 4/4, 3/4, 6/8, 7/8:3+2+2 …");
    mapVerb->add_option("--tempo", map.tempo, "auto, or beats a minute");
    mapVerb->add_option("--confirm", map.confirm,
                        "A file of facts, one a line: one 12.3, bar 12.3 2, phrase 30.1 32, tempo 112 …");
    mapVerb->add_option("--seconds-limit", map.secondsLimit, "Listen to no more than this")
        ->check(CLI::Range(0.0, 1e9));
    mapVerb->add_option("--offset", map.offset, "Seconds of the first beat of a typed structure");
    const std::vector<std::string> formats = lc::mapFormatNames();
    auto* format =
        mapVerb->add_option("--format", map.format, "One of " + lc::listOf(formats))->check(CLI::IsMember(formats));
    mapVerb->add_flag("--json", mapJson, "The same as --format json")->excludes(format);
    mapVerb->add_option("-o", map.outFile, "Write to this file");
    mapVerb->callback([&] {
        if (map.audio.empty() && map.structure.empty() && map.importFile.empty())
            throw CLI::RequiredError("A sound file, --structure or --import");
        if (mapJson) map.format = "json";
        verb = [&] { return runMap(map); };
    });

    const auto addCounting = [](CLI::App* sub, std::string& feel, std::string& slow, std::string& quick,
                                std::string& foot) {
        sub->add_option("--feel", feel, "straight, swing, rolling-thirds or rolling-quarters")
            ->check(CLI::IsMember({"straight", "swing", "rolling-thirds", "rolling-quarters"}));
        sub->add_option("--slow", slow, "Counts of S");
        sub->add_option("--quick", quick, "Counts of Q");
        sub->add_option("--foot", foot, "The foot that is free before it")->check(CLI::IsMember({"L", "R"}));
    };
    lc::cli::CountOptions count;
    auto* countVerb = app.add_subcommand("count", "What a line of counts means");
    countVerb->add_option("notation", count.notation, "For example \"1 2 3&4\"")->required();
    addCounting(countVerb, count.feel, count.slow, count.quick, count.foot);
    countVerb->add_option("--length", count.length, "The length it is said to have");
    countVerb->add_option("--bpm", count.bpm, "Counts a minute: milliseconds, step rate and turn speed are told")
        ->check(CLI::Range(10.0, 600.0));
    countVerb->add_option("--bar", count.bar, "Counts of a bar of the music")->capture_default_str();
    const auto addLimits = [](CLI::App* sub, double& step, double& turn) {
        sub->add_option("--shortest-step", step, "Your own limit: a step takes at least so many seconds")
            ->check(CLI::Range(0.01, 10.0));
        sub->add_option("--turn-speed", turn, "Your own limit: degrees a second")->check(CLI::Range(1.0, 10000.0));
    };
    addLimits(countVerb, count.shortestStep, count.turnSpeed);
    countVerb->add_flag("--json", count.json, "Print JSON");
    countVerb->callback([&] { verb = [&] { return runCount(count); }; });

    lc::cli::VersionsOptions versions;
    auto* versionsVerb =
        app.add_subcommand("versions", "All versions of a rhythm with some steps stretched or doubled");
    versionsVerb->add_option("notation", versions.notation, "For example \"1 2 3 4 5\"")->required();
    auto* stretch = versionsVerb->add_option("--stretch", versions.stretch, "So many steps of one count last two")
                        ->check(CLI::Range(1, 4096));
    auto* twice =
        versionsVerb->add_option("--double", versions.twice, "So many pairs of neighbouring steps share one count")
            ->check(CLI::Range(1, 4096));
    stretch->excludes(twice);
    versionsVerb->add_option("--longest", versions.longest, "A stretched step may last so many counts")
        ->check(CLI::Range(2, 4096))
        ->needs(stretch);
    versionsVerb->add_option("--to", versions.to, "The counts that the remainder refers to");
    addCounting(versionsVerb, versions.feel, versions.slow, versions.quick, versions.foot);
    versionsVerb->add_flag("--json", versions.json, "Print JSON");
    versionsVerb->callback([&] {
        if (versions.stretch == 0 && versions.twice == 0) throw CLI::RequiredError("--stretch or --double");
        verb = [&] { return runVersions(versions); };
    });

    lc::cli::FillOptions fill;
    auto* fillVerb = app.add_subcommand("fill", "Every way to fill counts with figures of given lengths");
    fillVerb->add_option("counts", fill.counts, "How many counts")->required();
    fillVerb->add_option("--lengths", fill.lengths, "Lengths of the figures, for example 6,8")->required();
    fillVerb->add_option("--orders", fill.orders, "Show so many orders")->check(CLI::Range(0, 100000));
    fillVerb->add_flag("--json", fill.json, "Print JSON");
    fillVerb->callback([&] { verb = [&] { return runFill(fill); }; });

    lc::cli::PlanOptions plan;
    auto* planVerb =
        app.add_subcommand("plan", "The cheapest cuts and tags that make a dance land on the phrases of a song");
    auto* planFile = planVerb->add_option("file", plan.file, "A routine file, or its plain-text form");
    auto* phrases =
        planVerb->add_option("--phrases", plan.phrases, "Lengths of the phrases in counts, for example 32,32,16,32");
    auto* dance =
        planVerb->add_option("--dance", plan.dance, "Counts of the dance")->needs(phrases)->excludes(planFile);
    phrases->needs(dance)->excludes(planFile);
    planVerb->add_option(
        "--cuts", plan.cuts,
        "Counts after which a pass may be cut, or none; otherwise every eight, and in a routine after every figure");
    planVerb->add_option("--tags", plan.tags, "Lengths of tags, or none")->capture_default_str();
    planVerb
        ->add_option("--turn", plan.turns,
                     "Part of a turn, right positive, and the count it is done with: -1/4@28; several with commas")
        ->excludes(planFile);
    planVerb->add_option("--cost", plan.costs, "miss=10,restart=3,tag=2,kind=2; for a routine more, see the manual");
    for (const auto& [name, value, help] :
         {std::tuple{"--waits", &plan.waits, "Waits that are allowed before the dance begins, lengths with commas"},
          {"--bridges", &plan.bridges, "Bridges that are allowed behind figures"},
          {"--fills", &plan.fills, "Figures that may be danced after a pass, names with commas"},
          {"--opening", &plan.opening, "A part that may be danced first"},
          {"--ending", &plan.ending, "A part that may be danced at the end of the music"},
          {"--facing", &plan.facing, "Facing wanted when the music ends, 12 or 3"},
          {"--keep", &plan.kept, "Passes that stay as they are, numbers with commas"},
          {"--start", &plan.starts, "3@65: pass 3 begins on count 65; several with commas"}})
        planVerb->add_option(name, *value, help)->needs(planFile)->excludes(phrases);
    for (const auto& [name, value, help] :
         {std::tuple{"--versions", &plan.versions, "Figures may be danced in their versions"},
          {"--figures", &plan.figures, "Figures may be left out or danced twice"},
          {"--bars", &plan.bars, "Figures may follow the music into shorter bars"},
          {"--differ", &plan.differ, "List only plans that truly differ"}})
        planVerb->add_flag(name, *value, help)->needs(planFile)->excludes(phrases);
    planVerb->add_option("--limit", plan.limit, "Show so many plans")
        ->check(CLI::Range(1, 1000))
        ->capture_default_str();
    planVerb->add_flag("--json", plan.json, "Print JSON");
    planVerb->callback([&] {
        if (plan.file.empty() && plan.phrases.empty())
            throw CLI::RequiredError("A routine file, or --phrases and --dance");
        verb = [&] { return runPlan(plan); };
    });

    lc::cli::RankOptions rank;
    auto* rankVerb =
        app.add_subcommand("rank", "Which song suits a routine, or which routine suits its song, the best fit first");
    rankVerb->add_option("file", rank.file, "A routine file, or its plain-text form")->required();
    rankVerb
        ->add_option("files", rank.files, "Songs: recordings, routines with a song, MIDI files, csv and label files")
        ->required();
    rankVerb->add_flag("--routines", rank.routines, "The files are routines for the first one's song");
    rankVerb->add_option("--family", rank.family, "A dance family whose tempo is wanted, for example waltz");
    rankVerb->add_option("--cost", rank.costs, "Costs as for plan");
    auto* rankJson = rankVerb->add_flag("--json", rank.json, "Print JSON");
    rankVerb->add_flag("--csv", rank.csv, "Print a table in CSV")->excludes(rankJson);
    rankVerb->callback([&] { verb = [&] { return runRank(rank); }; });

    lc::cli::MendOptions mend;
    auto* mendVerb = app.add_subcommand(
        "mend", "The fewest cuts and repeats of whole bars of the song on which the unchanged dance lands");
    mendVerb->add_option("file", mend.file, "A routine file, or its plain-text form")->required();
    mendVerb->add_option("--longest", mend.longest, "Bars that one cut or repeat takes at most")
        ->check(CLI::Range(1, 64))
        ->capture_default_str();
    mendVerb->add_option("--limit", mend.limit, "Show so many")->check(CLI::Range(1, 50))->capture_default_str();
    auto* mendOut = mendVerb->add_option(
        "-o", mend.out, "Write the best as sound, with its map beside it; you say that you may change the recording");
    mendVerb->add_flag("--overwrite", mend.overwrite, "A table of that name beside the sound may be replaced")
        ->needs(mendOut);
    bool mayChange = false;
    mendOut->needs(
        mendVerb->add_flag("--i-may-change-this-recording", mayChange, "Needed with -o: the rights are yours to know"));
    mendVerb->add_flag("--json", mend.json, "Print JSON");
    mendVerb->callback([&] { verb = [&] { return runMend(mend); }; });

    lc::cli::LandOptions land;
    auto* landVerb = app.add_subcommand("land", "Where every pass of a routine lands, and what does not");
    landVerb->add_option("file", land.file, "A routine file, or its plain-text form")->required();
    addLimits(landVerb, land.shortestStep, land.turnSpeed);
    landVerb->add_flag("--json", land.json, "Print JSON");
    landVerb->callback([&] { verb = [&] { return runLand(land); }; });

    lc::cli::FillersOptions fillers;
    auto* fillersVerb = app.add_subcommand(
        "fillers", "What fills counts and leaves the right foot free: bare steps, and figures of a routine");
    fillersVerb->add_option("counts", fillers.counts, "How many counts, 1 to 64")->required();
    fillersVerb->add_option("--file", fillers.file, "A routine whose figures may be used");
    fillersVerb->add_option("--foot", fillers.foot, "The foot that is free before it")
        ->check(CLI::IsMember({"L", "R"}))
        ->capture_default_str();
    fillersVerb->add_option("--leave", fillers.leave, "The foot that must be free after it")
        ->check(CLI::IsMember({"L", "R"}));
    fillersVerb->add_option("--limit", fillers.most, "Show so many")->check(CLI::Range(1, 1000))->capture_default_str();
    fillersVerb->add_flag("--json", fillers.json, "Print JSON");
    fillersVerb->callback([&] { verb = [&] { return runFillers(fillers); }; });

    lc::cli::BodiesOptions bodies;
    auto* bodiesVerb = app.add_subcommand(
        "bodies", "Which figures of a routine fit between the entry and the close of one, and why others do not");
    bodiesVerb->add_option("file", bodies.file, "A routine file, or its plain-text form")->required();
    bodiesVerb->add_option("--figure", bodies.figure, "The figure with an entry and a close")->required();
    bodiesVerb->add_flag("--json", bodies.json, "Print JSON");
    bodiesVerb->callback([&] { verb = [&] { return runBodies(bodies); }; });

    lc::cli::MeetOptions meet;
    auto* meetVerb = app.add_subcommand(
        "meet", "Which version of a line, begun on which count, puts such a step on a count of the music");
    meetVerb->add_option("notation", meet.notation, "For example \"1 2 3:2 5\"")->required();
    meetVerb->add_option("--moment", meet.moment, "The count of the music, from 1")->required();
    meetVerb->add_option("--step", meet.step, "slow, quick, accented or break")
        ->check(CLI::IsMember({"slow", "quick", "accented", "break"}))
        ->capture_default_str();
    meetVerb->add_option("--set", meet.set, "Counts of a set of the music")->capture_default_str();
    auto* meetStretch =
        meetVerb->add_option("--stretch", meet.stretch, "Versions with so many steps stretched are tried too")
            ->check(CLI::Range(1, 4096));
    meetVerb->add_option("--double", meet.twice, "Versions with so many pairs in one count are tried too")
        ->check(CLI::Range(1, 4096))
        ->excludes(meetStretch);
    meetVerb->add_flag("--json", meet.json, "Print JSON");
    meetVerb->callback([&] { verb = [&] { return runMeet(meet); }; });

    lc::cli::SheetOptions sheet;
    auto* sheetVerb = app.add_subcommand("sheet", "A hand-out of a routine");
    sheetVerb->add_option("file", sheet.file, "A routine file")->required();
    sheetVerb->add_option("--kind", sheet.kind, "floor or full")->check(CLI::IsMember({"floor", "full"}));
    sheetVerb->add_option("--format", sheet.format, "html or pdf; by the file's ending otherwise")
        ->check(CLI::IsMember({"html", "pdf"}));
    sheetVerb->add_option("-o", sheet.outFile, "Write to this file")->required();
    sheetVerb->callback([&] { verb = [&] { return runSheet(sheet); }; });

    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& e) { return app.exit(e) == 0 ? 0 : 2; }
    if (!sheetVerb->parsed()) return finish(verb());
    qputenv("QT_QPA_PLATFORM", "offscreen"); // only for fonts and pages; never a window
    qInstallMessageHandler(
        [](QtMsgType, const QMessageLogContext&, const QString&) {}); // standard error is for our own sentences
    int none = 1;
    const QGuiApplication gui(none, argv);
    for (const char* font : {"Lato-Regular.ttf", "Lato-Medium.ttf", "Lato-Semibold.ttf", "Lato-Bold.ttf",
                             "Lato-Heavy.ttf", "Lato-Black.ttf", "CountFigures-Regular.otf", "CountFigures-Bold.otf"})
        QFontDatabase::addApplicationFont(QStringLiteral(":/fonts/") + QString::fromLatin1(font));
    return finish(verb());
}

} // namespace

int main(int argc, char** argv) {
    try { // the one place for what nothing else could catch
        return run(argc, argv);
    } catch (const std::bad_alloc&) {
        std::fputs("There is not enough memory for this. Close other programs, or take a smaller file.\n", stderr);
    } catch (const std::exception& e) {
        std::fprintf(stderr, "Something went wrong that should not: %s. Nothing was written.\n",
                     lc::shown(e.what()).c_str());
    }
    return 1;
}
