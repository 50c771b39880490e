// Any bytes as LRC: lines that are written and read back, or a sentence.
#include "core/exchange/lyrics_file.h"

#include <cstdint>
#include <cstdlib>

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    const auto lines = lc::readLyrics(std::string_view(reinterpret_cast<const char*>(data), size));
    if (!lines) return lines.error().message.empty() ? (std::abort(), 0) : 0;
    const std::string lrc = lc::lyricsToLrc(*lines);
    if (!lc::readLyrics(lrc) && lrc.find('<') == std::string::npos && lrc.find('[', 1) == std::string::npos)
        std::abort();
    return 0;
}
