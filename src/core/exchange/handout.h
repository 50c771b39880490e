#pragma once

#include "core/base/sentence.h"
#include "core/document/document.h"

#include <string>
#include <string_view>
#include <vector>

namespace lc {

/// What became of a line of a hand-out.
struct HandoutLine {
    std::size_t number = 0;  ///< from 1
    std::string text;        ///< as it stands there
    Text understood;         ///< what it was read as, or why it was not
    bool open = false;       ///< it is a question, or was not understood, and waits to be settled
    FigureId figure = {};    ///< in whose section it stands; none = elsewhere
    RoleId role = {};        ///< of a line of steps: whose; else none
    std::uint32_t begin = 0; ///< of steps that were read: their bytes in the role's line, half-open
    std::uint32_t finish = 0;
    std::string steps = {}; ///< these bytes
};

/// A hand-out, read.
struct Handout {
    Document document;              ///< figures, parts, order and exceptions
    std::vector<HandoutLine> lines; ///< those that are not empty
};

/// Reads a hand-out of a dance as people write it: title, counts, walls, level, intro, sections or parts with lines of
/// steps as readSteps() reads them, columns of roles, order, restarts and tags, in English, German, French or Spanish.
/// Each section becomes a figure, each part a part; nothing is guessed without a line that says so, and a line that is
/// not understood waits in the routine with its text (Routine::unsettled). Error BadNotation: there is no line of steps
/// in it. O(length). `words` are the person's own; those that are said come into the routine.
[[nodiscard]] Result<Handout> readHandout(std::string_view text, const OwnWords& words = {});

/// The lines that wait to be settled, a sentence each on a line of its own, `most` at the most; empty where there are
/// none.
[[nodiscard]] Sentence openLinesInWords(const Handout& handout, std::size_t most = 1000);

} // namespace lc
