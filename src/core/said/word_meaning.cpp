#include "core/said/word_meaning.h"

#include "core/base/plain_text.h"
#include "core/notation/notation.h"
#include "core/notation/notation_lexer.h"
#include "core/notation/step_words.h"
#include "core/said/said_tokens.h"

#include <algorithm>

namespace lc {

namespace {

using said::Sense;

constexpr std::size_t longestName = 80, longestLine = 400; // letters

bool mayBeGiven(Sense sense) {
    return sense == Sense::Figure || sense == Sense::Step || sense == Sense::Direction || sense == Sense::Manner ||
           sense == Sense::Gesture;
}

bool onlySteps(const Action& a) {
    return a.cue.empty() && a.beside.empty() && a.toward.empty() && a.care.empty() && a.couple.empty() && !a.accent &&
           a.orbit == Eighths{} && a.kind != ActionKind::Free && a.kind != ActionKind::Untimed;
}

std::string nameOf(const std::vector<said::SaidToken>& tokens, std::string_view written) {
    std::string name;
    for (const said::SaidToken& t : tokens)
        name += (name.empty() ? "" : " ") + said::small(written.substr(t.begin, t.finish - t.begin));
    return name;
}

} // namespace

Result<OwnWord> checkedWord(OwnWord word) {
    const auto tokens = said::saidTokens(word.name);
    const std::string called = "“" + word.name + "”";
    if (word.name.size() > longestName || word.school.size() > longestName)
        return fail(ErrorCode::BadValue,
                    Core::sentence("A word and the name of its school have at most 80 letters each."));
    std::string name = nameOf(tokens, word.name);
    if (tokens.empty() || std::count(name.begin(), name.end(), ' ') >= static_cast<std::ptrdiff_t>(said::mostWords))
        return fail(ErrorCode::BadValue, Core::sentence("Give %1 as one to four words.", called));
    const bool words = std::all_of(tokens.begin(), tokens.end(), [](const said::SaidToken& t) {
        return t.kind == said::TokenKind::Unknown || t.kind == said::TokenKind::Known;
    });
    const said::SaidWord* known = said::saidWord(name);
    const bool unknown = std::any_of(tokens.begin(), tokens.end(),
                                     [](const said::SaidToken& t) { return t.kind == said::TokenKind::Unknown; });
    if (!words || !isUtf8(name) || shown(name) != name || name.find_first_of("0123456789&") != std::string::npos)
        return fail(ErrorCode::BadValue, Core::sentence("%1 is not a word: a name has letters alone.", called));
    if (known ? !mayBeGiven(known->sense)
              : !unknown && !std::any_of(tokens.begin(), tokens.end(),
                                         [](const said::SaidToken& t) { return mayBeGiven(t.sense); }))
        return fail(
            ErrorCode::BadValue,
            Core::sentence("%1 always means the same (a count, a foot, a side, …) and cannot be given another meaning.",
                           called));
    word.name = std::move(name);
    if (word.line.empty()) return word;
    if (word.line.size() > longestLine)
        return fail(ErrorCode::BadValue, Core::sentence("The meaning of %1 has at most 400 letters.", called));
    const NotationReading read = readNotation(word.line);
    if (read.error)
        return fail(ErrorCode::BadValue,
                    Core::sentence("The meaning of %1 cannot be read: %2", called, read.error->text));
    if (!read.questions.empty())
        return fail(ErrorCode::BadValue, Core::sentence("The meaning of %1 can be meant in several ways: %2", called,
                                                        read.questions.front().text));
    if (read.actions.empty() || read.actions.front().kind == ActionKind::Wait || !read.couple.empty() ||
        read.unfinished || read.length > counts(64) ||
        !std::all_of(read.actions.begin(), read.actions.end(), onlySteps))
        return fail(
            ErrorCode::BadValue,
            Core::sentence(
                "The meaning of %1 has counts, steps and turns alone, from count 1 and over at most 64 counts: 1 behind & side 2 side.",
                called));
    return word;
}

Sentence stepsInWords(const std::vector<std::string>& rhythm, std::size_t weights, bool lastTouches) {
    std::string said;
    const auto isNumber = [](const std::string& s) { return !s.empty() && s.back() >= '0' && s.back() <= '9'; };
    for (const std::string& label : rhythm) said += (isNumber(said) && isNumber(label) ? " " : "") + label;
    const auto steps = static_cast<std::int64_t>(rhythm.size());
    if (weights == rhythm.size()) return Core::plural("%n step as %1|%n steps as %1", nullptr, steps, said);
    if (weights + 1 == rhythm.size() && lastTouches)
        return Core::plural("%n step as %1, without weight|%n steps as %1, the last without weight", nullptr, steps,
                            said);
    return Core::plural("%n step as %1, %2 with weight|%n steps as %1, %2 with weight", nullptr, steps, said, weights);
}

Sentence meaningInWords(const OwnWord& word) {
    if (word.line.empty()) return Core::sentence("it only says how a step is danced");
    const NotationReading read = readNotation(word.line);
    std::vector<std::string> rhythm;
    std::size_t weights = 0;
    for (const Action& a : read.actions) {
        if (a.kind == ActionKind::Wait) continue;
        rhythm.push_back(a.label);
        if (a.changesWeight()) ++weights;
    }
    if (rhythm.size() == 1 && read.actions.front().kind == ActionKind::Gesture)
        return Core::sentence("something beside the feet");
    if (rhythm.size() == 1)
        return weights == 1 ? Core::sentence("a step, with weight") : Core::sentence("a touch, without weight");
    return stepsInWords(rhythm, weights, !read.actions.empty() && !read.actions.back().changesWeight());
}

std::optional<std::vector<std::string>> singleStep(std::string_view line) {
    std::optional<std::vector<std::string>> words;
    for (const notation::Token& t : notation::tokens(line)) {
        if (!words) { // the count
            if (t.kind != notation::TokenKind::Number || t.value != 1) return std::nullopt;
            words.emplace();
        } else if (t.kind == notation::TokenKind::Word)
            words->push_back(t.text);
        else
            return std::nullopt;
    }
    if (words && words->empty()) words->emplace_back("step");
    return words;
}

std::string withPlacesForDirections(const std::string& line) {
    const auto tokens = notation::tokens(line);
    std::string out;
    std::size_t from = 0;
    for (std::size_t i = 0; i < tokens.size(); ++i) {
        if (tokens[i].kind != notation::TokenKind::Word || tokens[i].text != "step") continue;
        const bool bare = i + 1 >= tokens.size() || tokens[i + 1].kind != notation::TokenKind::Word ||
                          !meaningOf(tokens[i + 1].text).direction;
        if (!bare) continue;
        out += line.substr(from, tokens[i].finish - from) + "*";
        from = tokens[i].finish;
    }
    return out + line.substr(from);
}

std::vector<OwnWord> wordsSaid(std::string_view line, const OwnWords& words) {
    std::vector<OwnWord> out;
    if (words.empty()) return out;
    for (const said::SaidToken& t : said::saidTokens(line, words))
        for (const OwnWord& word : t.own)
            if (std::find(out.begin(), out.end(), word) == out.end()) out.push_back(word);
    return out;
}

NotationChoices choicesFor(const std::optional<NotationChoices>& ofFigure, const NotationChoices& ofRoutine) {
    if (!ofFigure) return ofRoutine;
    NotationChoices choices = *ofFigure;
    choices.words = ofRoutine.words;
    return choices;
}

} // namespace lc
