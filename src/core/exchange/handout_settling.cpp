#include "core/exchange/handout_settling.h"

#include "core/routine/handout_claims.h"
#include "core/routine/routine_figures.h"
#include "core/said/steps_reader.h"
#include "core/said/word_meaning.h"

#include <algorithm>
#include <map>
#include <unordered_map>
#include <utility>

namespace lc {

namespace {

/// What is asked at the lines of one hand-out.
class OpenQuestions {
public:
    OpenQuestions(const Document& document, const std::vector<HandoutLine>& lines)
        : m_routine(document.routine), m_lines(lines), m_claims(document.routine) {
        for (const UnsettledLine& line : m_routine.unsettled) m_unsettled.emplace(line.number, &line);
        for (const Figure& figure : m_routine.figures) m_figures.emplace(figure.id.value, &figure);
    }

    std::vector<std::optional<HandoutQuestion>> all() {
        std::vector<std::optional<HandoutQuestion>> out;
        out.reserve(m_lines.size());
        for (const HandoutLine& line : m_lines) {
            const UnsettledLine* waits = waiting(line);
            out.push_back(waits ? askedOfUnsettled(*waits) : askedOfSteps(line));
        }
        return out;
    }

private:
    /// The steps of a role in a figure, read once.
    struct RoleSteps {
        std::string text;
        NotationReading read;
    };

    const UnsettledLine* waiting(const HandoutLine& line) const {
        const auto [first, last] = m_unsettled.equal_range(static_cast<std::uint32_t>(line.number));
        const auto found = std::find_if(first, last, [&](const auto& one) {
            return one.second->text == line.text || one.second->text == line.steps;
        });
        return found == last ? nullptr : found->second;
    }

    std::optional<HandoutQuestion> askedOfUnsettled(const UnsettledLine& waits) {
        if (!m_claims.isOpen(waits)) return std::nullopt;
        const Sentence broken = m_claims.broken(waits);
        const Sentence why = broken.empty() ? Sentence::kept(waits.why) : broken;
        return HandoutQuestion{Core::sentence("%1", AsOpening(why)), settlingsOf(m_routine, waits), !broken.empty()};
    }

    /// The questions of a role's line that are asked at one line of the hand-out: those of its own steps or, where the
    /// role's line was written anew, all of them at its first.
    std::optional<HandoutQuestion> askedOfSteps(const HandoutLine& line) {
        const auto figure = m_figures.find(line.figure.value);
        if (figure == m_figures.end() || !findRole(m_routine, line.role)) return std::nullopt;
        const auto [place, isFirst] = m_steps.try_emplace({line.figure.value, line.role.value});
        RoleSteps& steps = place->second;
        if (isFirst) {
            steps.text = lineText(*figure->second, line.role);
            steps.read = readSteps(steps.text, choicesFor(figure->second->facts.choices, m_routine.choices)).reading;
        }
        const bool asRead = line.finish <= steps.text.size() &&
                            steps.text.compare(line.begin, line.finish - line.begin, line.steps) == 0;
        if (!asRead && !isFirst) return std::nullopt;
        for (const NotationQuestion& question : steps.read.questions) {
            if (asRead && (question.begin < line.begin || question.begin >= std::max(line.finish, line.begin + 1)))
                continue;
            HandoutQuestion out{question.text, {}, false};
            for (const NotationAnswer& answer : question.answers) {
                out.answers.push_back({Core::sentence("%1: %2, then %3 free", answer.text, inCounts(answer.length),
                                                      footWord(answer.freeAfter)),
                                       {answer.word ? Edit(KeepWord{*answer.word})
                                                    : Edit(SetFigureLine{line.figure, line.role, answer.line})}});
            }
            return out;
        }
        return std::nullopt;
    }

    const Routine& m_routine;
    const std::vector<HandoutLine>& m_lines;
    HandoutClaims m_claims;
    std::multimap<std::uint32_t, const UnsettledLine*> m_unsettled; // by the line's number
    std::unordered_map<std::uint32_t, const Figure*> m_figures;
    std::map<std::pair<std::uint32_t, std::uint32_t>, RoleSteps> m_steps; // by figure and role
};

} // namespace

std::vector<std::optional<HandoutQuestion>> openQuestions(const Document& document,
                                                          const std::vector<HandoutLine>& lines) {
    return OpenQuestions(document, lines).all();
}

std::vector<HandoutLine> unsettledLines(const Routine& routine) {
    std::vector<HandoutLine> out;
    HandoutClaims claims(routine);
    for (const UnsettledLine& line : routine.unsettled)
        if (claims.isOpen(line))
            out.push_back({line.number, line.text, line.why.empty() ? claims.broken(line) : Sentence::kept(line.why),
                           true, line.figure});
    return out;
}

std::vector<Edit> restAsRemarks(const Routine& routine) {
    std::vector<Edit> out;
    for (const UnsettledLine& line : routine.unsettled)
        if (!line.role.valid() && !line.counts && !line.walls)
            out.push_back(SettleLine{line.id, findFigure(routine, line.figure) ? SettleLine::How::AsRemark
                                                                               : SettleLine::How::TakeOut});
    return out;
}

} // namespace lc
