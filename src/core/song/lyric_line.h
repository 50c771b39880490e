#pragma once

#include "core/song/song_map.h"

#include <string>

namespace lc {

/// A line of words and when it is sung.
struct LyricLine {
    Seconds at = 0;
    std::string text;

    bool operator==(const LyricLine&) const = default;
};

} // namespace lc
