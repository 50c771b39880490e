#include "cli/count_report.h"

#include "core/base/clock_text.h"
#include "core/base/json_text.h"
#include "core/base/number_words.h"
#include "core/figures/moment_starts.h"
#include "core/landing/routine_pace.h"
#include "core/notation/care.h"

#include <cmath>

namespace lc::cli {

namespace {

double milliseconds(double seconds) { return std::round(seconds * 1e6) / 1e3; } // to the microsecond

/// Which foot is free before the line: as asked, as the line says, or the left.
Foot freeIn(const NotationReading& reading, std::optional<Foot> asked) {
    return asked.value_or(footNeeded(reading.actions).value_or(Foot::Left));
}

/// The line as a figure, as long as it is said to be.
FigureReading figureOf(const FigureCard& card, const NotationReading& reading, const CountSurroundings& around,
                       Foot in) {
    FigureReading figure = readFigure(card, around.look.choices, in);
    figure.length = reading.length;
    if (!figure.roles.empty()) figure.roles.front().line = reading;
    return figure;
}

} // namespace

std::string countAsJson(const StepsReading& read, const FigureCard& card, const CountSurroundings& around) {
    const NotationReading& reading = read.reading;
    const Foot in = freeIn(reading, around.free);
    const auto feet = followFeet(reading.actions, in);
    Json out;
    out["length"] = toCountString(reading.length);
    if (!read.line.empty()) out["notation"] = read.line;
    out["steps"] = Json::array();
    Eighths turn;
    for (std::size_t i = 0; i < reading.actions.size(); ++i) {
        const Action& a = reading.actions[i];
        Json j;
        j["at"] = toCountString(a.at);
        j["length"] = toCountString(a.length);
        if (around.tempo) {
            j["at_ms"] = milliseconds(around.tempo->seconds(a.at));
            j["length_ms"] = milliseconds(around.tempo->seconds(a.end()) - around.tempo->seconds(a.at));
        }
        j["label"] = a.label;
        j["foot"] = feet[i].foot ? Json(footLetter(*feet[i].foot)) : Json();
        j["weight"] = a.usesFoot() && a.kind != ActionKind::NoWeight;
        j["words"] = a.words;
        if (a.turn.value != 0) {
            j["turn"] = turnInWords(a.turn);
            j["turn_end"] = toCountString(a.turnEnd());
        }
        if (a.accent) j["accent"] = true;
        if (!a.cue.empty()) j["cue"] = a.cue;
        if (!a.beside.empty()) j["beside"] = a.beside;
        if (!a.toward.empty()) j["toward"] = a.toward;
        if (!a.couple.empty()) j["couple"] = toString(a.couple);
        if (a.isRun()) j["run"] = a.kind == ActionKind::Free ? "free" : "untimed";
        turn += a.turn;
        out["steps"].push_back(std::move(j));
    }
    out["weight_changes"] = weightChanges(reading.actions);
    out["free_foot_in"] = footLetter(in);
    out["free_foot_out"] = footLetter(feet.empty() ? in : feet.back().freeAfter);
    out["turn"] = turnInWords(turn);
    out["notes"] = Json::array();
    for (const NotationRemark& note : reading.notes) out["notes"].push_back(note.text.english());
    out["questions"] = Json::array();
    for (const NotationQuestion& question : reading.questions) {
        Json answers = Json::array();
        for (const NotationAnswer& answer : question.answers)
            answers.push_back({{"text", answer.text.english()},
                               {"notation", answer.line},
                               {"length", toCountString(answer.length)},
                               {"free_foot_out", footLetter(answer.freeAfter)},
                               {"taken", answer.taken}});
        out["questions"].push_back({{"text", question.text.english()}, {"answers", std::move(answers)}});
    }
    if (!reading.couple.empty()) out["couple"] = toString(reading.couple);
    if (reading.unfinished) out["unfinished"] = true;
    out["care"] = Json::array();
    for (const CareMark& mark : careFor(reading.actions, reading.couple)) out["care"].push_back(std::string(mark.code));
    const FigureReading figure = figureOf(card, reading, around, in);
    if (around.tempo && !figure.roles.empty()) {
        const Pace pace = paceOf(figure.roles.front(), *around.tempo);
        out["pace"] = {{"steps_per_minute", pace.stepsPerMinute}};
        if (pace.shortestStepSeconds)
            out["pace"].update(
                {{"shortest_step_s", *pace.shortestStepSeconds}, {"shortest_at", toCountString(pace.shortestAt)}});
        if (pace.turnDegreesPerSecond)
            out["pace"].update({{"turn_degrees_s", *pace.turnDegreesPerSecond},
                                {"fastest_turn_at", toCountString(pace.fastestTurnAt)}});
    }
    const auto breaks = breakSteps(reading);
    if (!breaks.empty()) {
        out["break_steps"] = Json::array();
        for (const Tick at : breaks) out["break_steps"].push_back(toCountString(at));
        for (int on = 1; on <= 3; ++on)
            if (const auto start = musicStartForBreak(reading, counts(on)))
                out["starts_for_break"][std::to_string(on)] = toCountString(*start);
    }
    out["findings"] = Json::array();
    for (const FigureFinding& f : inspectFigure(card, figure, around.look)) {
        Json remedies = Json::array();
        for (const FigureRemedy& remedy : f.remedies) remedies.push_back({{"text", remedy.text.english()}});
        out["findings"].push_back({{"code", f.code},
                                   {"severity", toString(f.severity)},
                                   {"text", f.headline.english() + ". " + f.text.english()},
                                   {"remedies", std::move(remedies)}});
    }
    return jsonText(out);
}

std::string countAsText(const StepsReading& read, const FigureCard& card, const CountSurroundings& around) {
    const NotationReading& reading = read.reading;
    const Foot in = freeIn(reading, around.free);
    const auto feet = followFeet(reading.actions, in);
    std::string out = countsInWords(reading.length) + ", " +
                      numbered(weightChanges(reading.actions), "weight change", "weight changes") + ", " +
                      freeFootInWords(in) + " foot free before, " +
                      freeFootInWords(feet.empty() ? in : feet.back().freeAfter) + " after\n";
    if (!read.line.empty()) out += "read as: " + read.line + "\n";
    for (std::size_t i = 0; i < reading.actions.size(); ++i) {
        const Action& a = reading.actions[i];
        std::string what = a.words;
        if (what.empty()) what = a.kind == ActionKind::Wait ? "wait" : "step";
        if (feet[i].foot) what += " " + footLetter(*feet[i].foot);
        if (a.kind == ActionKind::NoWeight) what += ", no weight";
        if (a.turn.value != 0) what += ", " + turnInWords(a.turn);
        if (a.accent) what += ", accent";
        if (!a.beside.empty()) what += " + " + a.beside;
        if (!a.couple.empty()) what += " [" + toString(a.couple) + "]";
        if (!a.cue.empty()) what += ", “" + a.cue + "”";
        out += toSpokenCount(a.at + counts(1)) + "  " + what +
               (around.tempo ? ", " + std::to_string(std::lround(milliseconds(around.tempo->seconds(a.at)))) + " ms"
                             : "") +
               "\n";
    }
    for (const NotationRemark& note : reading.notes) out += "note: " + note.text.english() + "\n";
    for (const NotationQuestion& question : reading.questions) {
        out += "question: " + question.text.english() + "\n";
        for (const NotationAnswer& answer : question.answers)
            out += "  " + answer.text.english() + ": " + answer.line + " (" + countsInWords(answer.length) + ", then " +
                   freeFootInWords(answer.freeAfter) + " free)" + (answer.taken ? ", read so" : "") + "\n";
    }
    const FigureReading figure = figureOf(card, reading, around, in);
    if (around.tempo && !figure.roles.empty()) {
        const Pace pace = paceOf(figure.roles.front(), *around.tempo);
        out += stepsAMinute(pace.stepsPerMinute).english();
        if (pace.shortestStepSeconds) out += ", the quickest " + decimals(*pace.shortestStepSeconds, 2) + " s";
        if (pace.turnDegreesPerSecond)
            out += ", the fastest turn " + std::to_string(std::lround(*pace.turnDegreesPerSecond)) + "° a second";
        out += "\n";
    }
    for (const FigureFinding& f : inspectFigure(card, figure, around.look))
        if (f.code != figure_finding::ambiguous && f.code != figure_finding::footNotFree)
            out += toString(f.severity) + ": " + f.headline.english() + ". " + f.text.english() +
                   "\n"; // those stand above and below
    for (const CareMark& mark : careFor(reading.actions, reading.couple))
        out += "care: " + mark.sentence.english() + "\n";
    return out;
}

} // namespace lc::cli
