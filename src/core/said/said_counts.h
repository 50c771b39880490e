#pragma once

#include "core/said/asker.h"
#include "core/said/said_tokens.h"

#include <algorithm>
#include <optional>
#include <string>
#include <vector>

namespace lc::said {

/// A moment that is said by its count.
struct Mark {
    std::int64_t count = 0; ///< from the line's count 1
    std::string letter;     ///< "&", "a", "e", or empty on the count
    Tick at;
    bool silent = false;
    bool glued = false; ///< a letter written at its number
    std::size_t begin = 0;
    std::size_t finish = 0;
};

/// Reads the counts of a line: those that lead in, numbers with their letters, ranges, silent counts.
class Counts {
public:
    Counts(const std::vector<SaidToken>& tokens, const NotationChoices& choices, Asker& asker)
        : m_tokens(tokens), m_choices(choices), m_asker(asker) {}

    /// "5 6 7 8 1 2 3": counts that rise to the end of a set before 1 is said, or before words, lead in. The token with
    /// which the line begins.
    std::size_t leadIn();
    /// Reads counts that follow one another without words between them into `marks`; returns where the words begin.
    /// `range`: they are said as 1-4.
    std::size_t read(std::size_t i, std::vector<Mark>& marks, bool& range);
    /// Whether a count stands at a token.
    [[nodiscard]] bool countAt(std::size_t i) const;
    /// The letter at a token, as a moment of the count said last. False where it has no place.
    bool letter(std::size_t i, std::vector<Mark>& marks);
    /// The line has been danced up to the end of a count, from the line's count 1.
    void reached(std::int64_t count) { m_last = std::max(m_last, count - m_base); }

    [[nodiscard]] std::int64_t last() const {
        return m_base + m_last;
    }                                                              ///< the count said last, from the line's count 1
    [[nodiscard]] std::int64_t base() const { return m_base; }     ///< counts of the sets that are over
    [[nodiscard]] std::int64_t lessBy() const { return m_lessBy; } ///< counts that are said and only lead in
    [[nodiscard]] std::int64_t waitsBefore() const {
        return m_waitsBefore;
    } ///< counts before the first that are waits, since nothing leads in
    [[nodiscard]] bool spoken() const {
        return m_spoken;
    } ///< something was said that the notation would read otherwise

private:
    [[nodiscard]] const SaidToken* at(std::size_t i) const { return i < m_tokens.size() ? &m_tokens[i] : nullptr; }
    std::optional<std::int64_t> absolute(const SaidToken& t);
    Mark& mark(std::vector<Mark>& marks, const SaidToken& t, std::int64_t count, bool silent = false);
    bool dash(std::size_t& i, std::vector<Mark>& marks, bool& range);
    bool holdsNextCount(std::size_t i, const std::vector<Mark>& marks);

    const std::vector<SaidToken>& m_tokens;
    NotationChoices m_choices;
    Asker& m_asker;
    std::int64_t m_base = 0;
    std::int64_t m_last = 0; // last number said in this set
    std::int64_t m_lessBy = 0;
    std::int64_t m_waitsBefore = 0;
    bool m_spoken = false;
    bool m_begun = false;      // a count was read
    bool m_heldBefore = false; // a count was held before, so that it is plain what the next hold is
};

} // namespace lc::said
