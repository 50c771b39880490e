#pragma once

#include "core/notation/feel.h"

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace lc {

/// A role's line, by the role's name: "leader", "follower", "everyone".
struct FigureLine {
    std::string role;
    std::string text; ///< as typed; it may hold typing errors
    bool operator==(const FigureLine&) const = default;
};

/// Another way to dance a figure, bound to it. It shares the figure's slot: the same length and the same foot at the
/// end.
struct FigureVersion {
    std::string name;  ///< "6 + 2, step 3", "advanced"
    std::string level; ///< may be empty
    std::vector<FigureLine> lines;
    bool operator==(const FigureVersion&) const = default;
};

/// What is known of a figure besides its name and lines. Every text may be empty.
struct FigureFacts {
    std::vector<std::string> otherNames;
    std::string family;      ///< "waltz", "walks": free words
    std::string description; ///< one line
    std::string level;       ///< "first steps", "improver", … free words
    std::string words;       ///< the words it is taught with
    std::string cautions;    ///< beside the care marks that follow from its steps
    std::string notes;       ///< one's own
    std::vector<std::string> tags;
    std::optional<NotationChoices> choices; ///< where it is always danced its own way; nothing = as the routine says
    Tick entry;                             ///< counts at its head that stay when the body is exchanged; 0 = no frame
    Tick close;                             ///< counts at its end that stay
    std::vector<FigureVersion> versions;
    bool operator==(const FigureFacts&) const = default;
};

/// A figure as a value, the same in the vocabulary, in a file and on its way into a routine.
struct FigureCard {
    std::string name;
    std::vector<FigureLine> lines; ///< one for each role, the first role first
    std::optional<Tick> claimed;   ///< the length it is said to have
    FigureFacts facts;
    bool operator==(const FigureCard&) const = default;
};

/// Text of a role's line; a figure for everyone answers for every role. Empty when there is none.
[[nodiscard]] std::string lineFor(const std::vector<FigureLine>& lines, std::string_view role);

/// What makes two cards differ, in words: "name", "line of leader", "tags", … Empty when they are equal.
[[nodiscard]] std::vector<Sentence> differencesOf(const FigureCard& a, const FigureCard& b);

/// Are two cards likely the same figure: the same name (in any case), or the same lines that say something?
[[nodiscard]] bool likelySame(const FigureCard& a, const FigureCard& b);

/// One card of two that mean the same figure: the first, with what only the second knows: its name and other names, its
/// tags, texts where the first has none, lines of roles and versions that the first lacks. Differing notes are both
/// kept, one below the other.
[[nodiscard]] FigureCard mergeCards(const FigureCard& kept, const FigureCard& other);

} // namespace lc
