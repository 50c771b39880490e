// The verbs about single figures: what fills counts, which bodies fit a frame, which version meets a moment.
#include "cli/verbs.h"
#include "core/base/feet.h"
#include "core/base/json_text.h"
#include "core/base/number_words.h"
#include "core/figures/fillers.h"
#include "core/figures/frames.h"
#include "core/figures/moment_starts.h"
#include "core/figures/versions.h"
#include "core/routine/routine_figures.h"
#include "core/said/steps_reader.h"

#include <algorithm>

namespace lc::cli {

namespace {

/// A figure of a routine with what its line says.
struct ReadFigure {
    FigureCard card;
    FigureReading reading;
};

std::vector<ReadFigure> figuresOf(const Document& document) {
    std::vector<ReadFigure> out;
    for (const Figure& figure : document.routine.figures) {
        if (figure.name.empty()) continue;
        FigureCard card = cardOf(document.routine, figure);
        FigureReading reading = readFigure(card, document.routine.choices);
        out.push_back({std::move(card), std::move(reading)});
    }
    return out;
}

} // namespace

Result<Output> runFillers(const FillersOptions& options) {
    const auto total = parseCount(options.counts);
    if (!total) return tl::unexpected(total.error());
    std::vector<FillerPiece> pieces = barePieces();
    if (!options.file.empty()) {
        const auto document = readRoutine(options.file);
        if (!document) return tl::unexpected(document.error());
        for (const ReadFigure& f : figuresOf(*document)) {
            if (!f.reading.readable() || f.reading.untimed || f.reading.roles.empty() || f.reading.length <= Tick{} ||
                f.reading.length.value % ticksPerCount != 0)
                continue;
            const RoleReading& role = f.reading.roles.front();
            pieces.push_back({f.card.name, f.reading.length, role.changes, role.freeOut != role.freeIn, role.needs,
                              role.text, false});
        }
    }
    FillersAsked asked;
    asked.counts = *total;
    asked.free = options.foot == "R" ? Foot::Right : Foot::Left;
    if (!options.leave.empty()) asked.leave = options.leave == "R" ? Foot::Right : Foot::Left;
    asked.most = options.most;
    const auto fillers = fillersFor(asked, pieces);
    if (!fillers) return tl::unexpected(fillers.error());
    Json out;
    out["all"] = fillers->all ? Json(*fillers->all) : Json();
    out["fillers"] = Json::array();
    std::string text;
    for (const Filler& filler : fillers->cheapest) {
        Json names = Json::array();
        for (const std::size_t p : filler.pieces) names.push_back(pieces[p].name);
        out["fillers"].push_back({{"name", fillerName(filler, pieces)},
                                  {"pieces", std::move(names)},
                                  {"weight_changes", filler.changes},
                                  {"free_foot_out", footLetter(filler.leaves)}});
        text += fillerName(filler, pieces) + ": " + numbered(filler.changes, "weight change", "weight changes") +
                ", then " + freeFootInWords(filler.leaves) + " free\n";
    }
    if (fillers->cheapest.empty())
        text = "Nothing at hand fills " + countsInWords(*total) + " and leaves that foot free.\n";
    return Output{options.json ? jsonText(out) : text, {}};
}

Result<Output> runBodies(const BodiesOptions& options) {
    const auto document = readRoutine(options.file);
    if (!document) return tl::unexpected(document.error());
    const std::vector<ReadFigure> figures = figuresOf(*document);
    const auto frame = std::find_if(figures.begin(), figures.end(),
                                    [&](const ReadFigure& f) { return f.card.name == options.figure; });
    if (frame == figures.end())
        return fail(ErrorCode::NotFound, Core::sentence("The routine has no figure “%1”.", options.figure));
    Json out{{"figure", options.figure},
             {"entry", toCountString(frame->card.facts.entry)},
             {"close", toCountString(frame->card.facts.close)},
             {"bodies", Json::array()}};
    std::string text;
    for (const ReadFigure& body : figures) {
        if (&body == &*frame) continue;
        const BodyFit fit = bodyFits(frame->card, frame->reading, body.reading);
        Json j{{"name", body.card.name}, {"fits", fit.fits}, {"why", fit.why.english()}};
        if (fit.fits) {
            j["lines"] = Json::array();
            for (const FigureLine& line : withBody(frame->card, frame->reading, body.card, body.reading).lines)
                j["lines"].push_back({{"role", line.role}, {"notation", line.text}});
        }
        out["bodies"].push_back(std::move(j));
        text += body.card.name + ": " + (fit.fits ? "fits" : fit.why.english()) + "\n";
    }
    return Output{options.json ? jsonText(out) : text, {}};
}

Result<Output> runMeet(const MeetOptions& options) {
    const auto moment = parseCount(options.moment);
    if (!moment) return tl::unexpected(moment.error());
    if (*moment < counts(1)) return fail(ErrorCode::BadValue, Core::sentence("Counts of the music begin with 1."));
    const auto set = parseCount(options.set);
    if (!set) return tl::unexpected(set.error());
    if (*set <= Tick{}) return fail(ErrorCode::BadValue, Core::sentence("A set has at least one count."));
    const NotationChoices choices;
    std::vector<std::string> lines{options.notation};
    if (options.stretch > 0 || options.twice > 0) {
        const auto versions = rhythmVersions(options.notation,
                                             {options.stretch > 0 ? RhythmChange::Stretch : RhythmChange::Double,
                                              options.stretch > 0 ? options.stretch : options.twice,
                                              2,
                                              *set,
                                              {}},
                                             choices);
        if (!versions) return tl::unexpected(versions.error());
        for (const RhythmVersion& version : *versions) lines.push_back(version.notation);
    }
    std::vector<NotationReading> readings;
    for (const std::string& line : lines) {
        readings.push_back(readSteps(line, choices).reading);
        if (readings.back().error) return tl::unexpected(notationError(line, readings.back()));
    }
    const WantedStep wanted = options.step == "quick"      ? WantedStep::Quick
                              : options.step == "accented" ? WantedStep::Accented
                              : options.step == "break"    ? WantedStep::Breaks
                                                           : WantedStep::Slow;
    Json out{{"moment", toCountString(*moment)}, {"starts", Json::array()}};
    std::string text;
    for (const MomentStart& start : startsThatMeet(readings, *moment - counts(1), wanted, choices, *set)) {
        out["starts"].push_back({{"notation", lines[start.line]},
                                 {"version", start.line},
                                 {"step", start.step},
                                 {"start_count", toCountString(start.startsAt + counts(1))},
                                 {"music_count", toCountString(start.musicCount)}});
        text += "from count " + toSpokenCount(start.startsAt + counts(1)) + " (" + toSpokenCount(start.musicCount) +
                " of the music): step " + std::to_string(start.step) + " of " + lines[start.line] + "\n";
    }
    if (text.empty()) text = "No version and no start puts such a step there.\n";
    return Output{options.json ? jsonText(out) : text, {}};
}

} // namespace lc::cli
