#pragma once

#include "core/said/said_acts.h"
#include "core/said/said_counts.h"

#include <optional>
#include <string>
#include <vector>

namespace lc::said {

/// Bytes of the line in the notation and the bytes of what was said there.
struct Piece {
    std::size_t outBegin = 0, outFinish = 0;
    std::size_t begin = 0, finish = 0;
};

/// Puts moments together to a line of the notation.
class LineWriter {
public:
    /// Counts of which `less` are said and only lead in.
    void setLessBy(std::int64_t less) { m_lessBy = less; }
    /// What stands before the first count.
    void addHead(const std::string& text) { m_head += (m_head.empty() ? "" : " ") + text; }
    /// A moment that is said by its count, with what is danced there.
    void put(const Mark& mark, const std::string& body);
    /// Acts on marks in order; silent marks, and those for which there is no act, are waits.
    void putOn(const std::vector<Mark>& marks, const Acts& acts);
    /// The same act on every mark; a foot and a turn are said on the first.
    void putOnEach(const std::vector<Mark>& marks, const Act& act);
    /// The act on the last mark that is not silent, a step on those before it.
    void putOnLast(const std::vector<Mark>& marks, const Act& act);
    /// Acts in their own rhythm from a count on; what is left to `last` is a wait. The last count that is filled.
    std::int64_t putFrom(std::int64_t first, const Acts& acts, std::int64_t last = 0);
    /// A moment of slow and quick.
    void putLong(const std::string& label, const std::string& body, std::size_t begin, std::size_t finish);
    /// All that was put, so many times in all; on the other foot from the second time. The last count that is filled.
    std::int64_t repeat(std::int64_t times, bool otherFoot);

    /// What stands on counts [from, to] again from `first` on; on the other foot.
    void copy(std::int64_t from, std::int64_t to, std::int64_t first, bool otherFoot);
    /// The foot that is said first on counts [from, to], if any.
    [[nodiscard]] std::optional<Foot> footOn(std::int64_t from, std::int64_t to) const;

    [[nodiscard]] bool empty() const { return m_moments.empty(); }
    /// The line, and where each piece of it comes from.
    [[nodiscard]] std::string line(std::vector<Piece>& pieces) const;

private:
    struct Moment {
        std::int64_t count = 0; ///< of a whole count; 0 for a letter, slow or quick
        std::string label;      ///< of these
        bool glued = false;     ///< a letter written at its number
        std::string body;
        std::size_t begin = 0;
        std::size_t finish = 0;
    };
    /// Those of the moments that stand on counts [from, to].
    [[nodiscard]] std::vector<Moment> on(std::int64_t from, std::int64_t to) const;
    void cover(const Act& act) { m_moments.back().finish = std::max(m_moments.back().finish, act.finish); }

    std::vector<Moment> m_moments;
    std::string m_head;
    std::int64_t m_lessBy = 0;
};

} // namespace lc::said
