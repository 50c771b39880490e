#include "core/landing/remedy_search.h"

#include "core/edits/settlings.h"
#include "core/figures/figure_findings.h"
#include "core/notation/notation_print.h"
#include "core/notation/step_words.h"
#include "core/routine/routine_figures.h"
#include "core/said/steps_reader.h"
#include "core/said/word_meaning.h"

#include <algorithm>

namespace lc::remedy {

namespace {

void unequalRoles(Search& in) {
    const Part* part = findPart(in.document.routine, in.finding.key.part);
    if (!part) return;
    const PartReading reading = readPart(in.document.routine, *part);
    for (const ShortLine& shorter : reading.shorts) {
        if (shorter.role != in.finding.key.role || !shorter.version.empty()) continue;
        const Figure* figure = findFigure(in.document.routine, shorter.figure);
        if (in.thing<FigureId>().valid() && figure->id != in.thing<FigureId>()) continue;
        std::string text = lineText(*figure, shorter.role);
        const StepsReading read = readSteps(text, choicesFor(figure->facts.choices, in.document.routine.choices));
        const NotationReading& line = read.reading;
        if (line.error) return;
        if (!read.line.empty()) text = read.line;
        text += (text.empty() ? "" : " ") + line.next + ":" + toCountString(shorter.missing) + " wait";
        in.propose(Core::sentence("Let %1 wait for the last %2.", findRole(in.document.routine, shorter.role)->name,
                                  inCounts(shorter.missing)),
                   {SetFigureLine{figure->id, shorter.role, text}});
        return;
    }
}

/// What the inspection of the figure itself offers.
void ofFigure(Search& in) {
    const Figure* figure = findFigure(in.document.routine, in.thing<FigureId>());
    if (!figure) return;
    const FigureCard card = cardOf(in.document.routine, *figure);
    FigureSurroundings around;
    around.choices = in.document.routine.choices;
    for (const FigureFinding& one : inspectFigure(card, readFigure(card, around.choices), around))
        if (one.code == in.finding.key.code && one.text == in.finding.text)
            for (const FigureRemedy& remedy : one.remedies)
                in.propose(Core::sentence("%1.", remedy.text),
                           remedy.word ? std::vector<Edit>{KeepWord{*remedy.word}}
                                       : std::vector<Edit>{ChangeFigure{figure->id, remedy.after}});
}

void handoutLine(Search& in) {
    const auto& all = in.document.routine.unsettled;
    const auto line =
        std::find_if(all.begin(), all.end(), [&](const UnsettledLine& one) { return one.id == in.thing<LineId>(); });
    if (line == all.end()) return;
    for (const Settling& way : settlingsOf(in.document.routine, *line))
        in.propose(Core::sentence("%1.", way.text), way.edits);
}

void lostSteps(Search& in) {
    const auto index = in.passIndex();
    if (!index) return;
    in.propose(Core::sentence("Dance its bars as they are written in pass %1.", in.passes[*index].number),
               {in.changed(in.passes[*index], Core::sentence("bars as written"), [&](PassExceptions& e) {
                   std::erase_if(e.changes, [&](const FigureChange& c) {
                       return c.kind == FigureChange::Kind::Bars && c.at == in.thing<PlacementId>();
                   });
               })});
    if (const Placement* placed = in.placementOfFinding(); placed && !placed->bars.none()) {
        Placement plain = *placed;
        plain.bars = {};
        in.propose(Core::sentence("Dance its bars as they are written."), {ChangePlacement{plain}});
    }
}

/// The text in place of the line, as long as its action `action` is then `wanted` and its length the same.
std::optional<std::string> reworded(const std::string& line, const NotationChoices& choices, std::size_t action,
                                    ActionKind wanted, std::string text) {
    const NotationReading meant = readSteps(text, choices).reading;
    const NotationReading before = readSteps(line, choices).reading;
    if (meant.error || meant.actions.size() != before.actions.size() || meant.actions[action].kind != wanted ||
        meant.length != before.length)
        return std::nullopt;
    return text;
}

} // namespace

std::optional<std::string> withLastStepTouched(const std::string& line, const NotationChoices& choices) {
    const NotationReading read = readSteps(line, choices).reading;
    if (read.error) return std::nullopt;
    for (std::size_t i = read.actions.size(); i-- > 0;) {
        const Action& action = read.actions[i];
        if (action.kind != ActionKind::Step) continue;
        std::string text = line;
        text.insert(action.finish, " touch");
        if (auto said = reworded(line, choices, i, ActionKind::NoWeight, text)) return said;
        NotationReading other =
            read; // behind its words something stands that takes the word for its own: the line is written anew
        other.actions[i].kind = ActionKind::NoWeight;
        other.actions[i].words = action.words.empty() ? "touch" : action.words + " touch";
        return reworded(line, choices, i, ActionKind::NoWeight, printNotation(other, choices));
    }
    return std::nullopt;
}

std::vector<std::string_view> wordsThatCanStep() {
    std::vector<std::string_view> all;
    for (const StepWord& word : stepWords())
        if (word.canStep) all.push_back(word.word);
    return all;
}

std::optional<std::string> withLastTouchStepped(const std::string& line, const NotationChoices& choices) {
    const NotationReading read = readSteps(line, choices).reading;
    if (read.error) return std::nullopt;
    for (std::size_t i = read.actions.size(); i-- > 0;) {
        const Action& action = read.actions[i];
        if (!action.usesFoot()) continue;
        if (action.kind != ActionKind::NoWeight) return std::nullopt;
        for (const std::string_view word : wordsThatCanStep()) {
            const auto at = line.find(word, action.begin);
            if (at == std::string::npos || at >= action.finish) continue;
            std::string text = line;
            text.replace(at, word.size(), "step");
            if (auto said = reworded(line, choices, i, ActionKind::Step, text)) return said;
        }
        for (const std::string_view word : wordsThatCanStep()) { // the line says it otherwise: it is written anew
            const auto at = action.words.find(word);
            if (at == std::string::npos) continue;
            NotationReading other = read;
            other.actions[i].kind = ActionKind::Step;
            other.actions[i].words.replace(at, word.size(), "step");
            return reworded(line, choices, i, ActionKind::Step, printNotation(other, choices));
        }
        return std::nullopt;
    }
    return std::nullopt;
}

void forParts(Search& in) {
    const std::string& code = in.finding.key.code;
    if (code == finding::unequalRoles) unequalRoles(in);
    if (code == finding::lostSteps) lostSteps(in);
    if (code == finding::handoutLine) handoutLine(in);
    if (code.rfind("figure-", 0) == 0) ofFigure(in);
}

} // namespace lc::remedy
