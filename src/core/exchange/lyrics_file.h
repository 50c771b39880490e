#pragma once

#include "core/song/song_map.h"

#include <string>
#include <string_view>
#include <vector>

namespace lc {

/// A line of words and when it is sung.
struct LyricLine {
    Seconds at = 0;
    std::string text;

    bool operator==(const LyricLine&) const = default;
};

/// Reads LRC: `[mm:ss.xx]words`, several times before one line, `[offset:ms]` (positive is earlier), tags such as `[ti:…]` and times
/// of single words `<mm:ss.xx>` left out. Lines in the order of time; lines without words are left out. Error Unreadable names the
/// line, or says that the file has no timed line.
[[nodiscard]] Result<std::vector<LyricLine>> readLyrics(std::string_view text);

/// The lines as LRC, to a hundredth of a second.
[[nodiscard]] std::string lyricsToLrc(const std::vector<LyricLine>& lines);

} // namespace lc
