#include "core/said/said_unknown.h"

#include "core/notation/notation_print.h"
#include "core/notation/step_words.h"
#include "core/said/word_meaning.h"

#include <algorithm>
#include <array>

namespace lc::said {

namespace {

/// Steps on the counts of a rhythm; the name is said on the first.
std::string lineOf(const UnknownWord& word, const std::vector<std::string>& rhythm, bool lastTouches) {
    std::string line;
    for (std::size_t k = 0; k < rhythm.size(); ++k)
        line += (k > 0 ? " " : "") + rhythm[k] + (lastTouches && k + 1 == rhythm.size() ? " touch" : " step") +
                (k == 0 ? " " + word.bare : "");
    return line;
}

} // namespace

std::vector<Meaning> meaningsOf(const UnknownWord& word, const std::string& nearest, std::size_t most) {
    std::vector<Meaning> out;
    const auto add = [&](Sentence text, OwnWord meant) {
        if (out.size() < most) out.push_back({std::move(text), std::move(meant)});
    };
    const auto figure = [&](const std::vector<std::string>& rhythm, bool lastTouches) {
        if (out.size() < most)
            add(stepsInWords(rhythm, rhythm.size() - (lastTouches ? 1 : 0), lastTouches),
                {word.name, {}, lineOf(word, rhythm, lastTouches)});
    };
    const auto manner = [&] { add(Core::sentence("it only says how the step is danced"), {word.bare, {}, {}}); };
    if (word.rhythm.size() > 1) {
        figure(word.rhythm, false);
        figure(word.rhythm, true);
    }
    if (word.besideStep) manner();
    add(Core::sentence("a step of its own, with weight"), {word.name, {}, lineOf(word, {"1"}, false)});
    add(Core::sentence("a step of its own, without weight"), {word.name, {}, lineOf(word, {"1"}, true)});
    if (!word.besideStep) manner();
    if (word.rhythm.empty()) {
        figure({"1", "2"}, false);
        figure({"1", "&", "2"}, false);
    }
    if (!nearest.empty() && out.size() < most) out.push_back({Core::sentence("“%1”", nearest)});
    return out;
}

std::optional<OwnWord> keepable(const std::optional<OwnWord>& word) {
    if (!word) return std::nullopt;
    auto kept = checkedWord(*word);
    if (!kept) return std::nullopt;
    return std::move(*kept);
}

namespace {

/// Whether a word of the notation says something by itself.
bool isKnown(const std::string& written) {
    const std::string word = small(written);
    if (saidWord(word) || meaningOf(word) != StepMeaning{} || kindOf(std::array{word}, {}) != ActionKind::Step)
        return true;
    const auto dash = word.find('-');
    return dash != std::string::npos && dash > 0 && (isKnown(word.substr(0, dash)) || isKnown(word.substr(dash + 1)));
}

bool nothingKnown(std::string_view words) {
    for (std::size_t at = 0; at < words.size();) {
        const std::size_t end = std::min(words.find(' ', at), words.size());
        if (end > at && isKnown(std::string(words.substr(at, end - at)))) return false;
        at = end + 1;
    }
    return !words.empty();
}

/// The reading with other words where `before` is said.
NotationReading reworded(NotationReading reading, const std::string& before, const std::string& after, bool touches) {
    for (Action& a : reading.actions) {
        if (a.words != before) continue;
        a.words = after;
        if (touches) a.kind = ActionKind::NoWeight;
    }
    return reading;
}

} // namespace

void askOfUnknownWords(NotationReading& reading, const NotationChoices& choices) {
    std::vector<std::string> asked;
    for (const Action& a : reading.actions) {
        if (asked.size() >= mostDoubts) return;
        if (a.kind != ActionKind::Step || !nothingKnown(a.words) ||
            std::find(asked.begin(), asked.end(), a.words) != asked.end())
            continue;
        asked.push_back(a.words);
        const std::string name = small(a.words), nearest = nearestWord(name);
        NotationQuestion question{
            a.begin, a.finish, Core::sentence("“%1” is not a word that is known here. What does it say?", name), {}};
        const auto answer = [&](Sentence text, const std::string& words, const std::optional<OwnWord>& word, bool taken,
                                bool touches = false) {
            const std::string line = printNotation(reworded(reading, a.words, words, touches), choices);
            const NotationReading meant = readNotation(line, choices);
            if (!meant.error)
                question.answers.push_back(
                    {std::move(text), line, meant.length, freeAtEnd(meant.actions), taken, keepable(word)});
        };
        answer(Core::sentence("a step, with weight"), "step " + a.words, OwnWord{name, {}, "1 step " + name}, true);
        answer(Core::sentence("without weight"), "touch " + a.words, OwnWord{name, {}, "1 touch " + name}, false, true);
        if (!nearest.empty())
            answer(Core::sentence("“%1”", nearest), nearest, std::nullopt, false,
                   kindOf(std::array{nearest}, choices) == ActionKind::NoWeight);
        if (question.answers.size() > 1) reading.questions.push_back(std::move(question));
    }
}

} // namespace lc::said
