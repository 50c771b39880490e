#pragma once

#include "core/said/said_counts.h"
#include "core/said/said_writer.h"

#include <vector>

namespace lc::said {

/// What is shared while a line is turned into the notation.
struct Workplace {
    const std::vector<SaidToken>& tokens;
    const NotationChoices& choices;
    Asker& asker;
    Counts& counts;
    LineWriter& writer;
};

/// Counts that are said, with the words behind them.
struct Segment {
    std::vector<Mark> marks;
    bool range = false; ///< said as 1-4
    std::vector<Chunk> chunks;
    std::size_t stop = 0; ///< the token behind the words
};

/// Shares out what is said over its counts: figures in their own rhythm where the counts agree with it, steps in order.
/// Where the counts and the words disagree it asks. True if the notation alone would not read it so.
bool placeSegment(Workplace& at, Segment segment);

/// "1-4 step, pivot ½ L x2": repeats what is said inside the counts, if it then fills them.
bool repeatInside(Workplace& at, Segment& segment);

} // namespace lc::said
