#pragma once

#include "core/said/said_chunks.h"

namespace lc::said {

/// One moment of a chunk.
struct Act {
    Tick at;           ///< from the chunk's beginning
    std::string label; ///< "&", "a" of a moment inside a count; else empty
    std::string body;  ///< words, foot, turn, as the notation says them
    std::size_t begin = 0;
    std::size_t finish = 0;
};

struct Acts {
    std::vector<Act> acts;
    Tick length;
};

/// The acts of a chunk in its own rhythm: one count for a step, a hold, a clap. `shorter`: a figure in its other usual
/// length. What is not said of a turn is asked.
[[nodiscard]] Acts actsOf(const Chunk& chunk, const NotationChoices& choices, bool shorter, Asker& asker);

/// The same of several, one after the other.
[[nodiscard]] Acts actsOf(const std::vector<Chunk>& chunks, const NotationChoices& choices, bool shorter, Asker& asker);

} // namespace lc::said
