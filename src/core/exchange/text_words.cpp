#include "core/exchange/text_words.h"

#include "core/base/text_rows.h"

namespace lc::text_tree {

void bad(const Line& line, const Text& why) { throw BadLine{line.number, why}; }

std::vector<Line> linesOf(std::string_view text) {
    auto tree = readTree(text);
    if (!tree) throw BadLine{0, tree.error().message};
    return std::move(*tree);
}

std::pair<std::string, std::string> keyed(const Line& line) {
    bool inside = false;
    for (std::size_t colon = 0; colon < line.text.size(); ++colon) {
        if (line.text[colon] == '\\' && inside)
            ++colon;
        else if (line.text[colon] == '"')
            inside = !inside;
        else if (line.text[colon] == ':' && !inside)
            return {std::string(trimmed(std::string_view(line.text).substr(0, colon))),
                    std::string(trimmed(std::string_view(line.text).substr(colon + 1)))};
    }
    return {line.text, {}};
}

std::optional<std::string> behind(std::string_view text, std::string_view word) {
    if (text.substr(0, word.size()) != word) return std::nullopt;
    if (text.size() > word.size() && text[word.size()] != ' ') return std::nullopt;
    return std::string(trimmed(text.substr(word.size())));
}

Tick countIn(const Line& line, std::string_view text) { return need(line, parseCount(text)); }

double secondsIn(const Line& line, std::string_view text) {
    text = trimmed(text);
    if (!text.empty() && text.back() == 's') text = trimmed(text.substr(0, text.size() - 1));
    const auto seconds = wholeNumber<double>(text);
    if (!seconds || *seconds > 1e6 || *seconds < -1e6)
        bad(line, Core::sentence("“%1” is not a time in seconds. Write for example 12.5 s.", std::string(text)));
    return *seconds;
}

int wholeIn(const Line& line, std::string_view text, int least, int most) {
    const auto n = wholeNumber<int>(trimmed(text));
    if (trimmed(text).empty())
        bad(line, Core::sentence("a whole number from %1 to %2 is missing after “%3”.", least, most, line.text));
    if (!n || *n < least || *n > most)
        bad(line, Core::sentence("“%1” should be a whole number from %2 to %3.", std::string(text), least, most));
    return *n;
}

NotationChoices choicesIn(const Line& line, const std::string& text) {
    NotationChoices choices;
    const auto all = commaPieces(text);
    choices.feel = need(line, parseFeel(all.front()));
    for (std::size_t i = 1; i < all.size(); ++i) {
        if (const auto slow = behind(all[i], "slow"))
            choices.slow = countIn(line, *slow);
        else if (const auto quick = behind(all[i], "quick"))
            choices.quick = countIn(line, *quick);
        else if (const auto both = behind(all[i], "&"))
            choices.ownAnd = countIn(line, *both);
        else if (const auto a = behind(all[i], "a"))
            choices.ownA = countIn(line, *a);
        else if (all[i] == "stomp without weight")
            choices.stompTakesWeight = false;
        else
            bad(line,
                Core::sentence("“%1” says nothing about the feel. Known are slow, quick, &, a, stomp without weight.",
                               all[i]));
    }
    if (choices.slow <= Tick{} || choices.quick <= Tick{} || choices.ownAnd <= Tick{} ||
        choices.ownAnd >= choices.ownA || choices.ownA >= counts(1))
        bad(line, Core::sentence("slow and quick last longer than nothing, and & comes before a inside a count."));
    return choices;
}

OwnWord wordIn(const Line& line, const std::string& text) {
    const auto sides = commaPieces(text, '=');
    const auto names = sides.size() == 2 ? commaPieces(sides[0]) : std::vector<std::string>{};
    if (names.empty() || names.size() > 2)
        bad(line,
            Core::sentence(
                "a word is its name, the school that means it so, if any, and its steps: “word: zwirl step, Hofkreis = 1 step & step 2 step”."));
    return {unquoted(names[0]), names.size() == 2 ? unquoted(names[1]) : std::string(), manyLines(sides[1])};
}

} // namespace lc::text_tree
