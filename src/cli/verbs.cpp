#include "cli/verbs.h"

#include "audio/listening/analysis.h"
#include "cli/count_report.h"
#include "cli/rhythm_report.h"
#include "core/base/files.h"
#include "core/exchange/map_formats.h"
#include "core/exchange/map_import.h"
#include "core/exchange/routine_file.h"
#include "core/planning/plan_costs.h"
#include "core/reports/landing_report.h"
#include "core/said/steps_reader.h"
#include "core/song/structure_text.h"
#include "sheets/sheet_document.h"

#include <algorithm>
#include <cstdio>
#include <filesystem>

namespace lc::cli {

namespace {

/// A map that was not heard, with the facts put into it.
Result<SongReading> around(const SongMap& map, const std::vector<SongFact>& facts) {
    auto settled = withFacts(map, facts);
    if (!settled) return tl::unexpected(settled.error());
    return SongReading{std::move(*settled), {}, {}};
}

/// Stated > imported > options: the options say only what the file does not.
Result<SongReading> importedMap(const MapOptions& options, const std::vector<SongFact>& facts, std::string& notes) {
    const auto bytes = readFile(options.importFile, mostTextBytes);
    if (!bytes) return tl::unexpected(bytes.error());
    ImportHints hints;
    std::vector<SongFact> stated;
    for (const SongFact& fact : facts) { // those of --metre and --tempo among them
        const auto* metre = std::get_if<MetreFact>(&fact);
        const auto* tempo = std::get_if<TempoFact>(&fact);
        if (metre)
            hints.metre = metre->metre;
        else if (tempo)
            hints.bpm = tempo->bpm;
        else
            stated.push_back(fact);
    }
    if (options.bpm > 0) hints.bpm = options.bpm;
    auto imported = importMap(*bytes, options.importFile, hints);
    if (!imported) return tl::unexpected(imported.error());
    if (!imported->note.empty()) notes += imported->note.english() + "\n";
    return around(imported->map, stated);
}

Result<SongReading> mapOf(const MapOptions& options, std::string& notes) {
    std::vector<SongFact> facts;
    if (!options.confirm.empty()) {
        const auto text = readTextFile(options.confirm);
        if (!text) return tl::unexpected(text.error());
        if (text->western) notes += text->note(shownName(options.confirm)).english() + "\n";
        auto read = readFacts(text->text);
        if (!read) return tl::unexpected(read.error());
        facts = std::move(*read);
    }
    // Stated > options: an option only says what no fact says.
    const auto says = [&](auto kind) {
        return std::any_of(facts.begin(), facts.end(),
                           [](const SongFact& f) { return std::holds_alternative<decltype(kind)>(f); });
    };
    Metre metre;
    if (options.metre != "auto") {
        auto read = parseMetre(options.metre);
        if (!read) return tl::unexpected(read.error());
        metre = *read;
        if (!says(MetreFact{})) facts.push_back(MetreFact{metre});
    }
    if (options.tempo != "auto") {
        const auto read = readFacts("tempo " + options.tempo);
        if (!read)
            return fail(ErrorCode::BadValue,
                        Core::sentence("“%1” is not a tempo. Write --tempo auto, or beats a minute from 10 to 600.",
                                       options.tempo));
        if (!says(TempoFact{})) facts.push_back(read->front());
    }
    if (!options.structure.empty()) {
        if (options.bpm == 0)
            return fail(ErrorCode::BadValue,
                        Core::sentence("A typed structure needs its tempo: add --bpm, for example --bpm 112."));
        auto map = mapFromStructure(options.structure, options.bpm, metre, options.offset);
        if (!map) return tl::unexpected(map.error());
        std::erase_if(facts,
                      [](const SongFact& f) { return std::holds_alternative<MetreFact>(f); }); // it is in the structure
        return around(*map, facts);
    }
    if (!options.importFile.empty()) return importedMap(options, facts, notes);
    const auto file = hearFile(options.audio, options.secondsLimit);
    if (!file) return tl::unexpected(file.error());
    if (!file->warning.empty()) notes += file->warning.english() + "\n";
    return solveSong(file->heard, facts);
}

Result<Output> write(const std::string& path, std::string bytes, std::string notes) {
    if (path.empty()) return Output{std::move(bytes), std::move(notes), true};
    if (auto written = writeFileAtomically(path, bytes); !written) return tl::unexpected(written.error());
    return Output{{}, notes + "Written: " + path + "\n"};
}

/// A length in counts that is above 0; `otherwise` says why it must be.
Result<Tick> positiveCounts(const std::string& text, const Sentence& otherwise) {
    auto length = parseCount(text);
    if (length && *length <= Tick{}) return fail(ErrorCode::BadValue, otherwise);
    return length;
}

Result<NotationChoices> choicesOf(const std::string& feel, const std::string& slow, const std::string& quick) {
    NotationChoices choices;
    const auto read = parseFeel(feel);
    if (!read) return tl::unexpected(read.error());
    choices.feel = *read;
    for (const auto& [text, target] : {std::pair{&slow, &choices.slow}, std::pair{&quick, &choices.quick}}) {
        const auto length = positiveCounts(*text, Core::sentence("Slow and quick last longer than nothing."));
        if (!length) return tl::unexpected(length.error());
        *target = *length;
    }
    return choices;
}

BodyLimits limitsOf(double shortestStep, double turnSpeed) {
    BodyLimits limits;
    if (shortestStep > 0) limits.shortestStepSeconds = shortestStep;
    if (turnSpeed > 0) limits.turnDegreesPerSecond = turnSpeed;
    return limits;
}

std::optional<Foot> footOf(const std::string& letter) {
    if (letter.empty()) return std::nullopt;
    return letter == "R" ? Foot::Right : Foot::Left;
}

} // namespace

Result<Output> runMap(const MapOptions& options) {
    std::string notes;
    const auto reading = mapOf(options, notes);
    if (!reading) return tl::unexpected(reading.error());
    const MapFormat* format = mapFormatNamed(options.format);
    if (!format)
        return fail(ErrorCode::BadValue, Core::sentence("“%1” is not a format of a map.", shown(options.format)));
    auto bytes = format->write({reading->map, reading->doubts, {}});
    if (!bytes) return tl::unexpected(bytes.error());
    auto output = write(options.outFile, std::move(*bytes), std::move(notes));
    if (output) output->data = options.format != "text";
    return output;
}

Result<Output> runCount(const CountOptions& options) {
    const auto choices = choicesOf(options.feel, options.slow, options.quick);
    if (!choices) return tl::unexpected(choices.error());
    std::optional<Tick> claimed;
    if (!options.length.empty()) {
        const auto length = positiveCounts(options.length, Core::sentence("A figure is longer than nothing."));
        if (!length) return tl::unexpected(length.error());
        claimed = *length;
    }
    const StepsReading read = readSteps(options.notation, *choices, claimed);
    const NotationReading& reading = read.reading;
    if (reading.error) return tl::unexpected(notationError(options.notation, reading));
    const auto bar = positiveCounts(options.bar, Core::sentence("A bar has at least a part of a count."));
    if (!bar) return tl::unexpected(bar.error());
    CountSurroundings around{footOf(options.foot), {}, {}};
    around.look.choices = *choices;
    around.look.bar = *bar;
    around.look.limits = limitsOf(options.shortestStep, options.turnSpeed);
    if (options.bpm > 0) around.tempo = around.look.tempo = CountTempo(60 / options.bpm);
    const FigureCard card{"The line", {{"everyone", options.notation}}, claimed, {}};
    return Output{options.json ? countAsJson(read, card, around) : countAsText(read, card, around), {}};
}

Result<Output> runVersions(const VersionsOptions& options) {
    const auto choices = choicesOf(options.feel, options.slow, options.quick);
    if (!choices) return tl::unexpected(choices.error());
    VersionsAsked asked;
    asked.change = options.stretch > 0 ? RhythmChange::Stretch : RhythmChange::Double;
    asked.times = options.stretch > 0 ? options.stretch : options.twice;
    asked.longest = options.longest;
    asked.free = footOf(options.foot);
    const auto to = positiveCounts(options.to, Core::sentence("What is filled is longer than nothing."));
    if (!to) return tl::unexpected(to.error());
    asked.to = *to;
    const auto versions = rhythmVersions(options.notation, asked, *choices);
    if (!versions) return tl::unexpected(versions.error());
    return Output{options.json ? versionsAsJson(*versions) : versionsAsText(*versions), {}};
}

Result<Output> runFill(const FillOptions& options) {
    const auto total = parseCount(options.counts);
    if (!total) return tl::unexpected(total.error());
    auto lengths = parseLengths(options.lengths);
    if (!lengths) return tl::unexpected(lengths.error());
    const auto filling = fillCounts(*total, std::move(*lengths), options.orders);
    if (!filling) return tl::unexpected(filling.error());
    return Output{options.json ? fillingAsJson(*filling) : fillingAsText(*filling), nothingFills(*filling)};
}

Result<Document> readRoutine(const std::string& file) {
    auto read = readRoutineFile(file);
    if (!read) return tl::unexpected(read.error());
    if (!read->note.empty()) std::fprintf(stderr, "%s\n", read->note.english().c_str());
    return std::move(read->document);
}

Result<Output> runLand(const LandOptions& options) {
    const auto document = readRoutine(options.file);
    if (!document) return tl::unexpected(document.error());
    const Landing landing = land(*document, limitsOf(options.shortestStep, options.turnSpeed));
    return Output{options.json ? landingAsJson(*document, landing) : landingAsText(*document, landing), {}};
}

Result<Output> runSheet(const SheetOptions& options) {
    const auto document = readRoutine(options.file);
    if (!document) return tl::unexpected(document.error());
    const Landing landing = land(*document);
    const SheetKind kind = options.kind == "full" ? SheetKind::Full : SheetKind::Floor;
    const std::string ending = std::filesystem::path(options.outFile).extension().string();
    const bool pdf = options.format == "pdf" || (options.format.empty() && ending == ".pdf");
    const QByteArray bytes = pdf ? sheetPdf(*document, landing, kind) : sheetHtml(*document, landing, kind).toUtf8();
    return write(options.outFile, bytes.toStdString(), {});
}

} // namespace lc::cli
