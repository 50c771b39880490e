#include "core/figures/figure_word.h"

#include "core/said/said_tokens.h"
#include "core/said/word_meaning.h"

#include <algorithm>

namespace lc {

std::optional<OwnWord> figureAsWord(const FigureCard& card) {
    if (card.lines.empty() || card.facts.choices || card.lines.front().text.empty()) return std::nullopt;
    if (std::any_of(card.lines.begin(), card.lines.end(),
                    [&](const FigureLine& line) { return line.text != card.lines.front().text; }))
        return std::nullopt;
    const auto tokens = said::saidTokens(card.name);
    if (tokens.size() > said::mostWords || std::none_of(tokens.begin(), tokens.end(), [](const said::SaidToken& t) {
            return t.kind == said::TokenKind::Unknown;
        }))
        return std::nullopt;
    auto word = checkedWord({card.name, {}, card.lines.front().text});
    if (!word) return std::nullopt;
    return std::move(*word);
}

} // namespace lc
