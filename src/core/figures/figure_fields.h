#pragma once

#include "core/base/sentence.h"
#include "core/figures/figure_card.h"

#include <span>
#include <string_view>

namespace lc {

/// What becomes of a field where two cards of one figure are made one and both say something.
enum class Merging { First, Both };

/// A plain field of FigureFacts: one text, or a list of texts. The table is the only list of them: JSON, the table of
/// figures, the plain text of a routine, the card in the window, the search and what compares and merges cards go
/// through it.
struct FigureField {
    std::string_view key;    ///< in JSON, and the column of a table: "other_names"
    std::string_view inText; ///< in the plain text of a routine: "also called"
    Sentence inWords;        ///< where two cards differ: "other names"
    Sentence onCard;         ///< beside its line on the card; empty where it has more room than a line
    int place = 0;           ///< on the card, from 1
    std::string FigureFacts::*text = nullptr;
    std::vector<std::string> FigureFacts::*list = nullptr; ///< one of the two is there
    Merging merging = Merging::First;
    std::string_view before = {}; ///< stands before each word of it in a search: "#" of tags
};

/// All of them, in the order of files.
[[nodiscard]] std::span<const FigureField> figureFields();

} // namespace lc
