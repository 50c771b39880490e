#include "cli/count_report.h"

#include "core/base/json_text.h"
#include "core/notation/care.h"

namespace lc::cli {

namespace {

/// Which foot is free before the line: as asked, as the line says, or the left.
Foot freeIn(const NotationReading& reading, std::optional<Foot> asked) { return asked.value_or(footNeeded(reading.actions).value_or(Foot::Left)); }

} // namespace

std::string countAsJson(const NotationReading& reading, std::optional<Foot> asked) {
        const Foot in = freeIn(reading, asked);
    const auto feet = followFeet(reading.actions, in);
    Json out;
    out["length"] = toCountString(reading.length);
    out["steps"] = Json::array();
    Eighths turn;
    for (std::size_t i = 0; i < reading.actions.size(); ++i) {
        const Action& a = reading.actions[i];
        Json j;
        j["at"] = toCountString(a.at);
        j["length"] = toCountString(a.length);
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
    for (const NotationRemark& note : reading.notes) out["notes"].push_back(note.text);
    out["questions"] = Json::array();
    for (const NotationQuestion& question : reading.questions) {
        Json answers = Json::array();
        for (const NotationAnswer& answer : question.answers)
            answers.push_back({{"text", answer.text}, {"notation", answer.line}, {"length", toCountString(answer.length)}, {"free_foot_out", footLetter(answer.freeAfter)}, {"taken", answer.taken}});
        out["questions"].push_back({{"text", question.text}, {"answers", std::move(answers)}});
    }
    if (!reading.couple.empty()) out["couple"] = toString(reading.couple);
    if (reading.unfinished) out["unfinished"] = true;
    out["care"] = Json::array();
    for (const CareMark& mark : careFor(reading.actions, reading.couple)) out["care"].push_back(std::string(mark.code));
    return jsonText(out);
}

std::string countAsText(const NotationReading& reading, std::optional<Foot> asked) {
    const Foot in = freeIn(reading, asked);
    const auto feet = followFeet(reading.actions, in);
    std::string out = countsInWords(reading.length) + ", " + std::to_string(weightChanges(reading.actions)) + " weight changes, " + freeFootInWords(in) + " foot free before, " +
                      freeFootInWords(feet.empty() ? in : feet.back().freeAfter) + " after\n";
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
        out += toSpokenCount(a.at + counts(1)) + "  " + what + "\n";
    }
    for (const NotationRemark& note : reading.notes) out += "note: " + note.text + "\n";
    for (const NotationQuestion& question : reading.questions) {
        out += "question: " + question.text + "\n";
        for (const NotationAnswer& answer : question.answers)
            out += "  " + answer.text + ": " + answer.line + " (" + countsInWords(answer.length) + ", then " + freeFootInWords(answer.freeAfter) + " free)" + (answer.taken ? ", read so" : "") + "\n";
    }
    for (const CareMark& mark : careFor(reading.actions, reading.couple)) out += "care: " + std::string(mark.sentence) + "\n";
    return out;
}

} // namespace lc::cli
