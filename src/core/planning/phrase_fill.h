#pragma once

#include "core/base/facing.h"
#include "core/base/result.h"
#include "core/base/task.h"
#include "core/figures/figure_reading.h"
#include "core/routine/part_reading.h"

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

namespace lc {

/// A figure that may fill a phrase.
struct PhraseFigure {
    std::string name;
    std::string level;                      ///< free words; may be empty
    const FigureReading* reading = nullptr; ///< readable, timed, above 0 counts
};

/// What is to be filled, from where to where.
struct PhraseFillAsked {
    Tick length; ///< above 0, at most 256 counts
    std::vector<std::string> roles{"everyone"};
    std::vector<Foot> free{Foot::Both};     ///< of each role, where it begins
    std::vector<std::optional<Foot>> leave; ///< of each role, where it ends; fewer or nothing = either
    std::optional<Eighths> turn;            ///< that the first role makes in all, within one turn; nothing = any
    CoupleState couple;                     ///< hold, position and foot relation where it begins
    CoupleState coupleAfter;                ///< what must hold at the end; what is not said may be anything
    std::vector<Tick> lengths;              ///< of figures that may be used; empty = any
    std::vector<std::string> levels;        ///< that may be used; empty = any
    std::size_t mostTimes = 256;            ///< each figure at most so often
    bool twiceInARow = true;
    std::size_t most = 200; ///< listed
};

/// Asked for behind a part: its roles, the feet, hold, position and relation with which it ends, however its figures
/// are mirrored, exchanged or lie in parts inside it; and the feet that its own count 1 needs to be left. `length` is
/// still to be said.
[[nodiscard]] PhraseFillAsked fillBehind(const Routine& routine, const PartReading& part);

struct PhraseFill {
    std::vector<std::size_t> figures; ///< indices into the figures given
    std::size_t different = 0;        ///< how many of them
};

struct PhraseFills {
    std::vector<PhraseFill> fills;    ///< the fewest figures first, of those the ones with more variety
    std::optional<std::uint64_t> all; ///< how many there are before the limits of variety; nothing beyond 2^64
    bool listedAll = true; ///< all that keep the limits of variety are listed; otherwise each number of figures has a
                           ///< share, evenly from all over
};

/// Every way to fill some counts with figures one after another so that at each joint the free foot, hold, position and
/// foot relation fit, and feet, turn and hold at the end are those asked for. They are counted exactly; where there are
/// more than are listed, each number of figures has the same share, with ways at even distances, so that the list shows
/// the whole range. Errors: BadValue for a length outside the range, or where nothing is left to fill with. Source:
/// counting and unranking by dynamic programming, Nijenhuis and Wilf, "Combinatorial Algorithms" (1978), chapter 13.
/// O(counts × feet × facings × states of the couple × figures × number of figures).
[[nodiscard]] Result<PhraseFills> fillPhrase(const PhraseFillAsked& asked, const std::vector<PhraseFigure>& figures,
                                             const Task& task = {});

} // namespace lc
