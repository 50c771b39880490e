#pragma once

// Private to the reader of hand-outs: the dance that one comes to, before it is a routine.

#include "core/base/tick.h"

#include <cstdint>
#include <optional>
#include <string>
#include <utility>
#include <vector>

namespace lc::handout {

struct Figure {
    std::string name;
    std::string part;                                       ///< empty = the only part
    std::vector<std::pair<std::string, std::string>> lines; ///< role, steps
    Tick length;
    bool ofTag = false; ///< danced in a tag only
    bool again = false; ///< one of that name is written already
    bool mirrored = false;
};

/// What makes a pass differ.
struct Exception {
    std::int64_t pass = 0;
    std::string text;         ///< as in the plain-text form of a routine
    std::int64_t restart = 0; ///< counts after which the pass is cut; 0 = not
    std::int64_t tag = 0;     ///< counts behind it
    std::size_t line = 0;     ///< its place among the lines of the hand-out
};

struct Draft {
    std::string title, level;
    std::string order; ///< "A A B x2"; empty where none is written
    std::optional<std::int64_t> walls, intro, bpm;
    std::vector<Figure> figures;
    std::vector<Exception> exceptions;
    std::vector<std::string> roles; ///< as they are named; "everyone" for lines without a name

    [[nodiscard]] bool hasPart(const std::string& part) const;
    /// The part of each pass: the order that is written, else all parts in turn; one part alone as often as the walls
    /// and the exceptions need.
    [[nodiscard]] std::vector<std::string> passParts() const;
    /// The dance in the plain-text form of a routine.
    [[nodiscard]] std::string routineText() const;

private:
    [[nodiscard]] std::string songText() const;
};

inline constexpr std::int64_t usualTempo = 112; ///< beats a minute, where none is written

/// The name of a figure's part: A where there is only one.
[[nodiscard]] std::string partOf(const Figure& figure);

} // namespace lc::handout
