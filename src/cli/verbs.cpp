#include "cli/verbs.h"

#include "audio/analysis.h"
#include "audio/audio_file.h"
#include "cli/count_report.h"
#include "core/document_file.h"
#include "core/landing_report.h"
#include "core/map_export.h"
#include "core/structure_text.h"
#include "sheets/sheet_document.h"

#include <filesystem>

namespace lc::cli {

namespace {

Result<SongMap> mapOf(const MapOptions& options, std::string& notes) {
    const bool wantsMetre = options.metre != "auto";
    Metre metre;
    if (wantsMetre) {
        auto read = parseMetre(options.metre);
        if (!read) return tl::unexpected(read.error());
        metre = *read;
    }
    if (!options.structure.empty()) {
        if (options.bpm == 0) return fail(ErrorCode::BadValue, "A typed structure needs its tempo: add --bpm, for example --bpm 112.");
        return mapFromStructure(options.structure, options.bpm, metre, options.offset);
    }
    const auto song = decodeSong(options.audio);
    if (!song) return tl::unexpected(song.error());
    if (!song->warning.empty()) notes += song->warning + "\n";
    auto map = analyseSong(song->sound);
    if (map && wantsMetre) return withFacts(*map, {MetreFact{metre}});
    return map;
}

Result<Output> write(const std::string& path, std::string bytes, std::string notes) {
    if (path.empty()) return Output{std::move(bytes), std::move(notes)};
    if (auto written = writeFileAtomically(path, bytes); !written) return tl::unexpected(written.error());
    return Output{{}, notes + "Written: " + path + "\n"};
}

} // namespace

Result<Output> runMap(const MapOptions& options) {
    std::string notes;
    const auto map = mapOf(options, notes);
    if (!map) return tl::unexpected(map.error());
    std::string bytes;
    if (options.format == "json") bytes = mapToJson(*map);
    else if (options.format == "csv") bytes = mapToCsv(*map);
    else if (options.format == "labels") bytes = mapToLabels(*map);
    else if (options.format == "midi") {
        const auto midi = mapToMidi(*map);
        if (!midi) return tl::unexpected(midi.error());
        bytes.assign(midi->begin(), midi->end());
    } else bytes = mapToText(*map);
    return write(options.outFile, std::move(bytes), std::move(notes));
}

Result<Output> runCount(const CountOptions& options) {
    NotationChoices choices;
    const auto feel = parseFeel(options.feel);
    if (!feel) return tl::unexpected(feel.error());
    choices.feel = *feel;
    for (const auto& [text, target] : {std::pair{&options.slow, &choices.slow}, std::pair{&options.quick, &choices.quick}}) {
        const auto length = parseCount(*text);
        if (!length) return tl::unexpected(length.error());
        if (*length <= Tick{}) return fail(ErrorCode::BadValue, "Slow and quick last longer than nothing.");
        *target = *length;
    }
    std::optional<Tick> claimed;
    if (!options.length.empty()) {
        const auto length = parseCount(options.length);
        if (!length) return tl::unexpected(length.error());
        if (*length <= Tick{}) return fail(ErrorCode::BadValue, "A figure is longer than nothing.");
        claimed = *length;
    }
    std::optional<Foot> foot;
    if (!options.foot.empty()) foot = options.foot == "R" ? Foot::Right : Foot::Left;
    const NotationReading reading = readNotation(options.notation, choices, claimed);
    if (reading.error) return tl::unexpected(notationError(options.notation, reading));
    return Output{options.json ? countAsJson(reading, foot) : countAsText(reading, foot), {}};
}

Result<Output> runLand(const std::string& file, bool json) {
    const auto loaded = loadDocument(file);
    if (!loaded) return tl::unexpected(loaded.error());
    const Landing landing = land(loaded->document);
    return Output{json ? landingAsJson(loaded->document, landing) : landingAsText(loaded->document, landing), {}};
}

Result<Output> runSheet(const SheetOptions& options) {
    const auto loaded = loadDocument(options.file);
    if (!loaded) return tl::unexpected(loaded.error());
    const Landing landing = land(loaded->document);
    const SheetKind kind = options.kind == "full" ? SheetKind::Full : SheetKind::Floor;
    const std::string ending = std::filesystem::path(options.outFile).extension().string();
    const bool pdf = options.format == "pdf" || (options.format.empty() && ending == ".pdf");
    const QByteArray bytes = pdf ? sheetPdf(loaded->document, landing, kind) : sheetHtml(loaded->document, landing, kind).toUtf8();
    return write(options.outFile, bytes.toStdString(), {});
}

} // namespace lc::cli
