#pragma once

#include "core/notation/own_words.h"
#include "core/said/said_words.h"

#include <cstdint>
#include <span>
#include <string>
#include <string_view>
#include <vector>

namespace lc::said {

enum class TokenKind {
    Known,  ///< a word or phrase of the table: `sense`
    Silent, ///< "(4)": value to over, counts on which nothing is danced
    Dash,
    Break, ///< a comma, a new line, …
    Colon,
    Clock,   ///< "(3:00)", "[9]": where the dancers face, for the reader's eyes
    Remark,  ///< what else stands in round brackets
    Unknown, ///< a word that nobody knows
    Own,     ///< what the notation says in its own signs ([closed], "and go", !, @3, #care): goes over as it is
    OwnOnly, ///< what has no place beside spoken words: braces, lengths, layers, …
};

struct SaidToken {
    TokenKind kind = TokenKind::Unknown;
    Sense sense = Sense::Filler; ///< of a known word; digits are a Count, "&" a Letter, "1/4" a Fraction, "x2" a Times
    std::size_t begin = 0;       ///< bytes, half-open
    std::size_t finish = 0;
    std::string text; ///< as it goes into the notation; of an unknown word its small letters
    std::int64_t value = 0;
    std::int64_t over = 1;
    bool spelled = false; ///< said in words that the notation does not have
    bool several = false; ///< "steps": more than one of them
    bool group = false;   ///< of what says how often: what stands in the brackets before it
    bool spaceBefore = false;
    bool spaceAfter = false;
    std::span<const OwnWord> own; ///< the meanings that were given to the word; its text is then its name

    [[nodiscard]] bool is(Sense s) const { return kind == TokenKind::Known && sense == s; }
};

/// Splits what a person said or wrote. Never fails. `words`, which must outlive the tokens, come before those of the
/// table. O(n).
[[nodiscard]] std::vector<SaidToken> saidTokens(std::string_view text, const OwnWords& words = {});

} // namespace lc::said
