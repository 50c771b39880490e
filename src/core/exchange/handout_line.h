#pragma once

// Private to the reader of hand-outs: what a line of one is.

#include <cstdint>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace lc::handout {

/// What a line of a hand-out says by its form, in English, German, French or Spanish.
struct LineSense {
    enum class Kind {
        Empty,
        Facts,   ///< counts, walls, level, intro, tempo: any of them in one line
        Credit,  ///< who made it, to which song: for people to read
        Section, ///< "Section 2: walks", "[9-16]": `words` is its title
        Part,    ///< "Part B": `words` is its name
        Order,   ///< "Order: A A B"
        Restart,
        Tag,
        Role,    ///< "Leader: …", "Row 2: …": `role`, and its steps in `words`
        Again,   ///< "everything from the top, three times": the order says how often
        Columns, ///< the head of a table: `columns`
        Other,   ///< steps, the title, or nothing that is known
    };
    Kind kind = Kind::Other;
    std::string words;
    std::string role;
    std::vector<std::string> columns; ///< of a table, the role of each; empty for one that says counts
    std::optional<std::int64_t> counts, walls, intro, bpm;
    std::string level;
    std::vector<std::int64_t> passes;  ///< of a restart or tag
    std::optional<std::int64_t> after; ///< counts after which a pass is cut
    std::optional<std::int64_t> from;  ///< of a section: its first count
};

/// Whether a line only numbers its page: "2", "- 2 -", "Page 2 of 3", "2/3".
[[nodiscard]] bool numbersPage(std::string_view line);

/// Whether a word, in small letters, is one for a section of a dance.
[[nodiscard]] bool namesSection(std::string_view word);

/// Reads one line, without its line end.
[[nodiscard]] LineSense senseOf(std::string_view line);

} // namespace lc::handout
