#include "core/said/steps_reader.h"

#include "core/notation/notation_print.h"
#include "core/said/said_line.h"
#include "core/said/said_unknown.h"

#include <algorithm>
#include <unordered_map>

namespace lc {

namespace {

using said::Asker;
using said::Doubt;
using said::Piece;
using said::SaidLine;
using said::SaidToken;

/// Bytes of the line in the notation, as bytes of what was said.
struct Places {
    const std::vector<Piece>& pieces;
    std::size_t end; // of what was said

    const Piece* at(std::size_t out) const {
        const auto after = std::upper_bound(pieces.begin(), pieces.end(), out,
                                            [](std::size_t o, const Piece& p) { return o < p.outBegin; });
        return after == pieces.begin() ? (pieces.empty() ? nullptr : &pieces.front()) : &*std::prev(after);
    }
    void move(std::size_t& begin, std::size_t& finish) const {
        const Piece* first = at(begin);
        const Piece* last = at(finish > begin ? finish - 1 : begin);
        begin = first ? first->begin : 0;
        finish = last ? std::max(last->finish, begin) : end;
    }
};

/// The line as it is meant with each answer to a doubt.
NotationQuestion questionOf(std::size_t number, const Asker& asked, const std::vector<SaidToken>& tokens,
                            const NotationChoices& choices) {
    const Doubt& doubt = asked.doubts()[number];
    NotationQuestion question{doubt.begin, doubt.finish, doubt.text, {}};
    for (std::size_t k = 0; k < doubt.answers.size(); ++k) {
        Asker asker({{number, k}}, asked);
        const SaidLine meant = said::notationOf(tokens, choices, asker);
        if (asker.error()) continue;
        const NotationReading reading = readNotation(meant.line, choices);
        if (!reading.error)
            question.answers.push_back({doubt.answers[k].text, meant.line, reading.length, freeAtEnd(reading.actions),
                                        k == 0, said::keepable(doubt.answers[k].word)});
    }
    return question;
}

/// A remark says where the weight is; the feet say something else.
void checkWeight(NotationReading& reading, const std::vector<said::WeightRemark>& weights) {
    const auto feet = followFeet(reading.actions, footNeeded(reading.actions).value_or(Foot::Both));
    for (const said::WeightRemark& said : weights) {
        std::optional<Foot> free;
        for (std::size_t i = 0; i < feet.size(); ++i)
            if (reading.actions[i].begin < said.begin && reading.actions[i].usesFoot()) free = feet[i].freeAfter;
        if (free && *free == said.weight)
            reading.notes.push_back(
                {said.begin, said.finish,
                 Core::sentence("The line says that the weight is on the %1 foot, but by its steps that foot is free.",
                                footWord(said.weight)),
                 RemarkKind::FootNotFree});
    }
}

StepsReading readAnew(std::string_view text, const NotationChoices& choices, std::optional<Tick> claimed) {
    NotationReading exact = readNotation(text, choices, claimed);
    const auto asWritten = [&]() -> StepsReading {
        if (!exact.error) said::askOfUnknownWords(exact, choices);
        return {std::move(exact), {}};
    };
    const std::vector<SaidToken> tokens = said::saidTokens(text, choices.words);
    if (tokens.empty() || std::any_of(tokens.begin(), tokens.end(),
                                      [](const SaidToken& t) { return t.kind == said::TokenKind::OwnOnly; }))
        return asWritten();
    Asker asker;
    const SaidLine said = said::notationOf(tokens, choices, asker);
    if (!said.spoken && (!exact.error || asker.error() || !asker.doubts().empty()))
        return asWritten(); // it is in the notation, or means to be
    if (said.line.empty() && !asker.error()) return asWritten();
    if (asker.error()) {
        exact.error = asker.error();
        return asWritten();
    }
    StepsReading out{readNotation(said.line, choices, claimed), said.line};
    NotationReading& reading = out.reading;
    if (!exact.error && !reading.error && asker.doubts().empty() && sameDance(exact, reading)) return asWritten();
    const Places places{said.pieces, text.size()};
    for (Action& a : reading.actions) places.move(a.begin, a.finish);
    for (NotationRemark& note : reading.notes)
        if (note.kind != RemarkKind::Length) places.move(note.begin, note.finish);
    for (NotationQuestion& q : reading.questions) places.move(q.begin, q.finish);
    if (reading.error) places.move(reading.error->begin, reading.error->finish);
    reading.notes.insert(reading.notes.begin(), asker.notes().begin(), asker.notes().end());
    if (!reading.error) checkWeight(reading, said.weights);
    for (std::size_t k = 0; k < asker.doubts().size(); ++k)
        if (NotationQuestion question = questionOf(k, asker, tokens, choices); question.answers.size() > 1)
            reading.questions.push_back(std::move(question));
    return out;
}

/// A line that is asked about is read once for each answer, and every landing reads the same lines: the last ones are
/// remembered.
class AskedLines {
public:
    const StepsReading* find(const std::string& text, const NotationChoices& choices,
                             std::optional<Tick> claimed) const {
        const auto [first, last] = m_lines.equal_range(text);
        const auto found = std::find_if(first, last, [&](const auto& one) {
            return one.second.claimed == claimed && one.second.choices == choices;
        });
        return found == last ? nullptr : &found->second.reading;
    }
    void keep(const std::string& text, const NotationChoices& choices, std::optional<Tick> claimed,
              const StepsReading& reading) {
        m_bytes += text.size();
        if (m_bytes > most) {
            m_lines.clear();
            m_bytes = text.size();
        }
        m_lines.emplace(text, Line{choices, claimed, reading});
    }

private:
    struct Line {
        NotationChoices choices;
        std::optional<Tick> claimed;
        StepsReading reading;
    };
    static constexpr std::size_t most = 200'000; // bytes of lines: more than any routine is asked about
    std::unordered_multimap<std::string, Line> m_lines;
    std::size_t m_bytes = 0;
};

} // namespace

StepsReading readSteps(std::string_view text, const NotationChoices& choices, std::optional<Tick> claimed) {
    thread_local AskedLines asked;
    const std::string line(text);
    if (const StepsReading* before = asked.find(line, choices, claimed)) return *before;
    StepsReading out = readAnew(text, choices, claimed);
    if (!out.reading.questions.empty()) asked.keep(line, choices, claimed, out);
    return out;
}

} // namespace lc
