#pragma once

#include "core/said/asker.h"

#include <string>
#include <vector>

namespace lc::said {

/// A word or a few that nobody knows, and what is said around them.
struct UnknownWord {
    std::string name;        ///< as it would be kept: "zwirl step"
    std::string bare;        ///< without the known words in it: "zwirl"
    bool besideStep = false; ///< it stands beside a word that is a step already
    std::vector<std::string>
        rhythm; ///< the counts that are said for it alone, from 1: "1", "&", "2"; empty where none are
};

/// What such a word can mean, the likeliest first, `most` at the most; the nearest known word comes last, where there
/// is one.
[[nodiscard]] std::vector<Meaning> meaningsOf(const UnknownWord& word, const std::string& nearest,
                                              std::size_t most = 10);

/// The word as it is kept; nothing where no word can be so.
[[nodiscard]] std::optional<OwnWord> keepable(const std::optional<OwnWord>& word);

/// Asks about the words of a line in the notation that nobody knows, each once: they are read as steps with weight. At
/// most as many as a person can look at.
void askOfUnknownWords(NotationReading& reading, const NotationChoices& choices);

} // namespace lc::said
