#include "core/exchange/handout_settling.h"

#include "core/base/number_words.h"
#include "core/routine/handout_claims.h"
#include "core/routine/routine_figures.h"
#include "core/said/steps_reader.h"
#include "core/said/word_meaning.h"

#include <algorithm>

namespace lc {

namespace {

/// The questions of a role's line that are asked at one line of the hand-out: those of its own steps or, where the role's line was written anew, all of them at its first.
std::optional<HandoutQuestion> askedOfSteps(const Document& document, const std::vector<HandoutLine>& lines, std::size_t at) {
    const HandoutLine& line = lines[at];
    const Figure* figure = findFigure(document.routine, line.figure);
    if (!figure || !findRole(document.routine, line.role)) return std::nullopt;
    const std::string text = lineText(*figure, line.role);
    const bool asRead = line.finish <= text.size() && text.substr(line.begin, line.finish - line.begin) == line.steps;
    const bool isFirst = std::none_of(lines.begin(), lines.begin() + static_cast<std::ptrdiff_t>(at), [&](const HandoutLine& other) { return other.figure == line.figure && other.role == line.role; });
    if (!asRead && !isFirst) return std::nullopt;
    const NotationReading read = readSteps(text, choicesFor(figure->facts.choices, document.routine.choices)).reading;
    for (const NotationQuestion& question : read.questions) {
        if (asRead && (question.begin < line.begin || question.begin >= std::max(line.finish, line.begin + 1))) continue;
        HandoutQuestion out{question.text, {}, false};
        for (const NotationAnswer& answer : question.answers) {
            const std::string gives = ": " + countsInWords(answer.length) + ", then " + freeFootInWords(answer.freeAfter) + " free";
            if (answer.word) out.answers.push_back({answer.text + gives, {KeepWord{*answer.word}}});
            else out.answers.push_back({answer.text + gives, {SetFigureLine{figure->id, line.role, answer.line}}});
        }
        return out;
    }
    return std::nullopt;
}

} // namespace

std::optional<HandoutQuestion> openAt(const Document& document, const std::vector<HandoutLine>& lines, std::size_t at) {
    const auto& unsettled = document.routine.unsettled;
    const auto found = std::find_if(unsettled.begin(), unsettled.end(), [&](const UnsettledLine& u) { return u.number == lines[at].number && (u.text == lines[at].text || u.text == lines[at].steps); });
    if (found != unsettled.end()) {
        if (!isOpen(document.routine, *found)) return std::nullopt;
        const std::string claims = brokenClaims(document.routine, *found);
        return HandoutQuestion{asSentence(claims.empty() ? found->why : claims), settlingsOf(document.routine, *found), !claims.empty()};
    }
    return askedOfSteps(document, lines, at);
}

std::vector<HandoutLine> unsettledLines(const Routine& routine) {
    std::vector<HandoutLine> out;
    for (const UnsettledLine& line : routine.unsettled)
        if (isOpen(routine, line)) out.push_back({line.number, line.text, line.why.empty() ? brokenClaims(routine, line) : line.why, true, line.figure});
    return out;
}

std::vector<Edit> restAsRemarks(const Routine& routine) {
    std::vector<Edit> out;
    for (const UnsettledLine& line : routine.unsettled)
        if (!line.role.valid() && !line.counts && !line.walls) out.push_back(SettleLine{line.id, findFigure(routine, line.figure) ? SettleLine::How::AsRemark : SettleLine::How::TakeOut});
    return out;
}

} // namespace lc
