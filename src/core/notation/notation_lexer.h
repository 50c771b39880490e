#pragma once

#include <cstdint>
#include <string>
#include <string_view>
#include <vector>

namespace lc::notation {

enum class TokenKind {
    Number,     ///< value
    Sub,        ///< text is "&", "a" or "e"
    Slow,       ///< S
    Quick,      ///< Q
    Length,     ///< ":2" or ":3/2": value over over
    Turn,       ///< "1/4", "½", "full": value over over, of a whole turn
    Foot,       ///< L, R or both; text is "L", "R" or "B"
    Dash,       ///< between the ends of a range
    Word,       ///< anything that is said
    Open,       ///< "{": a span of counts is divided evenly
    Comma,      ///< divides the parts inside braces; elsewhere it is for the eyes and left out
    Close,      ///< "}"
    Couple,     ///< what stands in square brackets; text without them
    Cue,        ///< what stands in quotation marks; text without them
    Accent,     ///< "!"
    Beside,     ///< "+": words of a layer follow
    Toward,     ///< "@3", "@window"; text without the @
    Care,       ///< "#clearance"; text without the #
    Unfinished, ///< "…" or "...": the rest is not written yet
    Unclosed,   ///< a bracket or quotation mark that is opened and never closed; text is what opened it
    Unknown,    ///< a character that has no meaning here
};

struct Token {
    TokenKind kind = TokenKind::Unknown;
    std::size_t begin = 0;
    std::size_t finish = 0;
    std::string text;
    std::int64_t value = 0;
    std::int64_t over = 1;
    bool gluedLeft = false; ///< no space between it and the token before
};

/// Splits a line of count notation. Never fails: what it does not know becomes Unknown. O(n).
[[nodiscard]] std::vector<Token> tokens(std::string_view line);

} // namespace lc::notation
