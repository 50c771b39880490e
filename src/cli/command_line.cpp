#include "cli/command_line.h"

#include "core/base/list_text.h"
#include "core/exchange/map_formats.h"

#include <tuple>
#include <vector>

namespace lc::cli {

namespace {

void addCounting(CLI::App* sub, std::string& feel, std::string& slow, std::string& quick, std::string& foot) {
    sub->add_option("--feel", feel, "straight, swing, rolling-thirds or rolling-quarters")
        ->check(CLI::IsMember({"straight", "swing", "rolling-thirds", "rolling-quarters"}));
    sub->add_option("--slow", slow, "Counts of S");
    sub->add_option("--quick", quick, "Counts of Q");
    sub->add_option("--foot", foot, "The foot that is free before it")->check(CLI::IsMember({"L", "R"}));
}

void addLimits(CLI::App* sub, double& step, double& turn) {
    sub->add_option("--shortest-step", step, "Your own limit: a step takes at least so many seconds")
        ->check(CLI::Range(0.01, 10.0));
    sub->add_option("--turn-speed", turn, "Your own limit: degrees a second")->check(CLI::Range(1.0, 10000.0));
}

} // namespace

CommandLine::CommandLine()
    : m_app("Lift Count without a window: maps songs, reads counts, lands routines, writes sheets.", "lift-count-cli") {
    m_app.set_version_flag("--version", LIFTCOUNT_VERSION);
    m_app.require_subcommand(1);
    addMap();
    addCount();
    addVersions();
    addFill();
    addPlan();
    addRank();
    addMend();
    addLand();
    addFillers();
    addBodies();
    addMeet();
    addSheet();
}

void CommandLine::addMap() {
    auto* mapVerb =
        m_app.add_subcommand("map", "Beats, bars and phrases of a recording, of a typed structure or of a file");
    auto* audio = mapVerb->add_option("audio", m_map.audio, "A sound file");
    auto* structure =
        mapVerb->add_option("--structure", m_map.structure, "Structure as text, for example \"intro 16 | verse 32\"");
    auto* import = mapVerb->add_option("--import", m_map.importFile, "A MIDI file, a csv or a label file with the map");
    audio->excludes(structure)->excludes(import);
    import->excludes(structure);
    mapVerb->add_option("--bpm", m_map.bpm, "Tempo of a typed structure")->check(CLI::Range(10.0, 600.0));
    mapVerb->add_option("--metre", m_map.metre, "auto, 4/4, 3/4, 6/8, 7/8:3+2+2 …");
    mapVerb->add_option("--tempo", m_map.tempo, "auto, or beats a minute");
    mapVerb->add_option("--confirm", m_map.confirm,
                        "A file of facts, one a line: one 12.3, bar 12.3 2, phrase 30.1 32, tempo 112 …");
    mapVerb->add_option("--seconds-limit", m_map.secondsLimit, "Listen to no more than this")
        ->check(CLI::Range(0.0, 1e9));
    mapVerb->add_option("--offset", m_map.offset, "Seconds of the first beat of a typed structure");
    const std::vector<std::string> formats = mapFormatNames();
    auto* format =
        mapVerb->add_option("--format", m_map.format, "One of " + listOf(formats))->check(CLI::IsMember(formats));
    mapVerb->add_flag("--json", m_mapJson, "The same as --format json")->excludes(format);
    mapVerb->add_option("-o", m_map.outFile, "Write to this file");
    mapVerb->callback([this] {
        if (m_map.audio.empty() && m_map.structure.empty() && m_map.importFile.empty())
            throw CLI::RequiredError("A sound file, --structure or --import");
        if (m_mapJson) m_map.format = "json";
        m_verb = [this] { return runMap(m_map); };
    });
}

void CommandLine::addCount() {
    auto* countVerb = m_app.add_subcommand("count", "What a line of counts means");
    countVerb->add_option("notation", m_count.notation, "For example \"1 2 3&4\"")->required();
    addCounting(countVerb, m_count.feel, m_count.slow, m_count.quick, m_count.foot);
    countVerb->add_option("--length", m_count.length, "The length it is said to have");
    countVerb->add_option("--bpm", m_count.bpm, "Counts a minute: milliseconds, step rate and turn speed are told")
        ->check(CLI::Range(10.0, 600.0));
    countVerb->add_option("--bar", m_count.bar, "Counts of a bar of the music")->capture_default_str();
    addLimits(countVerb, m_count.shortestStep, m_count.turnSpeed);
    countVerb->add_flag("--json", m_count.json, "Print JSON");
    countVerb->callback([this] { m_verb = [this] { return runCount(m_count); }; });
}

void CommandLine::addVersions() {
    auto* versionsVerb =
        m_app.add_subcommand("versions", "All versions of a rhythm with some steps stretched or doubled");
    versionsVerb->add_option("notation", m_versions.notation, "For example \"1 2 3 4 5\"")->required();
    auto* stretch = versionsVerb->add_option("--stretch", m_versions.stretch, "So many steps of one count last two")
                        ->check(CLI::Range(1, 4096));
    auto* twice =
        versionsVerb->add_option("--double", m_versions.twice, "So many pairs of neighbouring steps share one count")
            ->check(CLI::Range(1, 4096));
    stretch->excludes(twice);
    versionsVerb->add_option("--longest", m_versions.longest, "A stretched step may last so many counts")
        ->check(CLI::Range(2, 4096))
        ->needs(stretch);
    versionsVerb->add_option("--to", m_versions.to, "The counts that the remainder refers to");
    addCounting(versionsVerb, m_versions.feel, m_versions.slow, m_versions.quick, m_versions.foot);
    versionsVerb->add_flag("--json", m_versions.json, "Print JSON");
    versionsVerb->callback([this] {
        if (m_versions.stretch == 0 && m_versions.twice == 0) throw CLI::RequiredError("--stretch or --double");
        m_verb = [this] { return runVersions(m_versions); };
    });
}

void CommandLine::addFill() {
    auto* fillVerb = m_app.add_subcommand("fill", "Every way to fill counts with figures of given lengths");
    fillVerb->add_option("counts", m_fill.counts, "How many counts")->required();
    fillVerb->add_option("--lengths", m_fill.lengths, "Lengths of the figures, for example 6,8")->required();
    fillVerb->add_option("--orders", m_fill.orders, "Show so many orders")->check(CLI::Range(0, 100000));
    fillVerb->add_flag("--json", m_fill.json, "Print JSON");
    fillVerb->callback([this] { m_verb = [this] { return runFill(m_fill); }; });
}

void CommandLine::addPlan() {
    auto* planVerb =
        m_app.add_subcommand("plan", "The cheapest cuts and tags that make a dance land on the phrases of a song");
    auto* planFile = planVerb->add_option("file", m_plan.file, "A routine file, or its plain-text form");
    auto* phrases =
        planVerb->add_option("--phrases", m_plan.phrases, "Lengths of the phrases in counts, for example 32,32,16,32");
    auto* dance =
        planVerb->add_option("--dance", m_plan.dance, "Counts of the dance")->needs(phrases)->excludes(planFile);
    phrases->needs(dance)->excludes(planFile);
    planVerb->add_option(
        "--cuts", m_plan.cuts,
        "Counts after which a pass may be cut, or none; otherwise every eight, and in a routine after every figure");
    planVerb->add_option("--tags", m_plan.tags, "Lengths of tags, or none")->capture_default_str();
    planVerb
        ->add_option("--turn", m_plan.turns,
                     "Part of a turn, right positive, and the count it is done with: -1/4@28; several with commas")
        ->excludes(planFile);
    planVerb->add_option("--cost", m_plan.costs, "miss=10,restart=3,tag=2,kind=2; for a routine more, see the manual");
    for (const auto& [name, value, help] :
         {std::tuple{"--waits", &m_plan.waits, "Waits that are allowed before the dance begins, lengths with commas"},
          {"--bridges", &m_plan.bridges, "Bridges that are allowed behind figures"},
          {"--fills", &m_plan.fills, "Figures that may be danced after a pass, names with commas"},
          {"--opening", &m_plan.opening, "A part that may be danced first"},
          {"--ending", &m_plan.ending, "A part that may be danced at the end of the music"},
          {"--facing", &m_plan.facing, "Facing wanted when the music ends, 12 or 3"},
          {"--keep", &m_plan.kept, "Passes that stay as they are, numbers with commas"},
          {"--start", &m_plan.starts, "3@65: pass 3 begins on count 65; several with commas"}})
        planVerb->add_option(name, *value, help)->needs(planFile)->excludes(phrases);
    for (const auto& [name, value, help] :
         {std::tuple{"--versions", &m_plan.versions, "Figures may be danced in their versions"},
          {"--figures", &m_plan.figures, "Figures may be left out or danced twice"},
          {"--bars", &m_plan.bars, "Figures may follow the music into shorter bars"},
          {"--differ", &m_plan.differ, "List only plans that truly differ"}})
        planVerb->add_flag(name, *value, help)->needs(planFile)->excludes(phrases);
    planVerb->add_option("--limit", m_plan.limit, "Show so many plans")
        ->check(CLI::Range(1, 1000))
        ->capture_default_str();
    planVerb->add_flag("--json", m_plan.json, "Print JSON");
    planVerb->callback([this] {
        if (m_plan.file.empty() && m_plan.phrases.empty())
            throw CLI::RequiredError("A routine file, or --phrases and --dance");
        m_verb = [this] { return runPlan(m_plan); };
    });
}

void CommandLine::addRank() {
    auto* rankVerb =
        m_app.add_subcommand("rank", "Which song suits a routine, or which routine suits its song, the best fit first");
    rankVerb->add_option("file", m_rank.file, "A routine file, or its plain-text form")->required();
    rankVerb
        ->add_option("files", m_rank.files, "Songs: recordings, routines with a song, MIDI files, csv and label files")
        ->required();
    rankVerb->add_flag("--routines", m_rank.routines, "The files are routines for the first one's song");
    rankVerb->add_option("--family", m_rank.family, "A dance family whose tempo is wanted, for example waltz");
    rankVerb->add_option("--cost", m_rank.costs, "Costs as for plan");
    auto* rankJson = rankVerb->add_flag("--json", m_rank.json, "Print JSON");
    rankVerb->add_flag("--csv", m_rank.csv, "Print a table in CSV")->excludes(rankJson);
    rankVerb->callback([this] { m_verb = [this] { return runRank(m_rank); }; });
}

void CommandLine::addMend() {
    auto* mendVerb = m_app.add_subcommand(
        "mend", "The fewest cuts and repeats of whole bars of the song on which the unchanged dance lands");
    mendVerb->add_option("file", m_mend.file, "A routine file, or its plain-text form")->required();
    mendVerb->add_option("--longest", m_mend.longest, "Bars that one cut or repeat takes at most")
        ->check(CLI::Range(1, 64))
        ->capture_default_str();
    mendVerb->add_option("--limit", m_mend.limit, "Show so many")->check(CLI::Range(1, 50))->capture_default_str();
    auto* mendOut = mendVerb->add_option(
        "-o", m_mend.out, "Write the best as sound, with its map beside it; you say that you may change the recording");
    mendVerb->add_flag("--overwrite", m_mend.overwrite, "A table of that name beside the sound may be replaced")
        ->needs(mendOut);
    mendOut->needs(mendVerb->add_flag("--i-may-change-this-recording", m_mayChange,
                                      "Needed with -o: the rights are yours to know"));
    mendVerb->add_flag("--json", m_mend.json, "Print JSON");
    mendVerb->callback([this] { m_verb = [this] { return runMend(m_mend); }; });
}

void CommandLine::addLand() {
    auto* landVerb = m_app.add_subcommand("land", "Where every pass of a routine lands, and what does not");
    landVerb->add_option("file", m_land.file, "A routine file, or its plain-text form")->required();
    addLimits(landVerb, m_land.shortestStep, m_land.turnSpeed);
    landVerb->add_flag("--json", m_land.json, "Print JSON");
    landVerb->callback([this] { m_verb = [this] { return runLand(m_land); }; });
}

void CommandLine::addFillers() {
    auto* fillersVerb = m_app.add_subcommand(
        "fillers", "What fills counts and leaves the right foot free: bare steps, and figures of a routine");
    fillersVerb->add_option("counts", m_fillers.counts, "How many counts, 1 to 64")->required();
    fillersVerb->add_option("--file", m_fillers.file, "A routine whose figures may be used");
    fillersVerb->add_option("--foot", m_fillers.foot, "The foot that is free before it")
        ->check(CLI::IsMember({"L", "R"}))
        ->capture_default_str();
    fillersVerb->add_option("--leave", m_fillers.leave, "The foot that must be free after it")
        ->check(CLI::IsMember({"L", "R"}));
    fillersVerb->add_option("--limit", m_fillers.most, "Show so many")
        ->check(CLI::Range(1, 1000))
        ->capture_default_str();
    fillersVerb->add_flag("--json", m_fillers.json, "Print JSON");
    fillersVerb->callback([this] { m_verb = [this] { return runFillers(m_fillers); }; });
}

void CommandLine::addBodies() {
    auto* bodiesVerb = m_app.add_subcommand(
        "bodies", "Which figures of a routine fit between the entry and the close of one, and why others do not");
    bodiesVerb->add_option("file", m_bodies.file, "A routine file, or its plain-text form")->required();
    bodiesVerb->add_option("--figure", m_bodies.figure, "The figure with an entry and a close")->required();
    bodiesVerb->add_flag("--json", m_bodies.json, "Print JSON");
    bodiesVerb->callback([this] { m_verb = [this] { return runBodies(m_bodies); }; });
}

void CommandLine::addMeet() {
    auto* meetVerb = m_app.add_subcommand(
        "meet", "Which version of a line, begun on which count, puts such a step on a count of the music");
    meetVerb->add_option("notation", m_meet.notation, "For example \"1 2 3:2 5\"")->required();
    meetVerb->add_option("--moment", m_meet.moment, "The count of the music, from 1")->required();
    meetVerb->add_option("--step", m_meet.step, "slow, quick, accented or break")
        ->check(CLI::IsMember({"slow", "quick", "accented", "break"}))
        ->capture_default_str();
    meetVerb->add_option("--set", m_meet.set, "Counts of a set of the music")->capture_default_str();
    auto* meetStretch =
        meetVerb->add_option("--stretch", m_meet.stretch, "Versions with so many steps stretched are tried too")
            ->check(CLI::Range(1, 4096));
    meetVerb->add_option("--double", m_meet.twice, "Versions with so many pairs in one count are tried too")
        ->check(CLI::Range(1, 4096))
        ->excludes(meetStretch);
    meetVerb->add_flag("--json", m_meet.json, "Print JSON");
    meetVerb->callback([this] { m_verb = [this] { return runMeet(m_meet); }; });
}

void CommandLine::addSheet() {
    m_sheetVerb = m_app.add_subcommand("sheet", "A hand-out of a routine");
    m_sheetVerb->add_option("file", m_sheet.file, "A routine file")->required();
    m_sheetVerb->add_option("--kind", m_sheet.kind, "floor or full")->check(CLI::IsMember({"floor", "full"}));
    m_sheetVerb->add_option("--format", m_sheet.format, "html or pdf; by the file's ending otherwise")
        ->check(CLI::IsMember({"html", "pdf"}));
    m_sheetVerb->add_option("-o", m_sheet.outFile, "Write to this file")->required();
    m_sheetVerb->callback([this] { m_verb = [this] { return runSheet(m_sheet); }; });
}

} // namespace lc::cli
