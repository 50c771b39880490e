#pragma once

#include "support/test_program.h"

#include "audio/listening/bar_path.h"

#include <cstddef>
#include <vector>

namespace lc::test {

/// The beats on which the bars of a path start.
inline std::vector<std::size_t> onesOf(const BarPath& path) {
    std::vector<std::size_t> out;
    std::size_t beat = path.pickup;
    for (int length : path.lengths) {
        out.push_back(beat);
        beat += static_cast<std::size_t>(length);
    }
    return out;
}

} // namespace lc::test
