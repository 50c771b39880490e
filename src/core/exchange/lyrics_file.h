#pragma once

#include "core/song/lyric_line.h"

#include <string>
#include <string_view>
#include <vector>

namespace lc {

/// Reads LRC: `[mm:ss.xx]words`, several times before one line, `[offset:ms]` (positive is earlier), tags such as
/// `[ti:…]` and times of single words `<mm:ss.xx>` left out. Lines in the order of time; lines without words are left
/// out. Error Unreadable names the line, or says that the file has no timed line.
[[nodiscard]] Result<std::vector<LyricLine>> readLyrics(std::string_view text);

/// The lines as LRC, to a hundredth of a second.
[[nodiscard]] std::string lyricsToLrc(const std::vector<LyricLine>& lines);

} // namespace lc
