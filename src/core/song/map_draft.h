#pragma once

#include "core/song/song_map.h"

#include <string>
#include <vector>

namespace lc {

/// What a file says of a song, before it is a map: beats, on which of them bars and phrases start.
struct MapDraft {
    struct PhraseStart {
        std::size_t beat = 0;
        std::string label;
    };

    std::vector<Seconds> beats;       ///< ascending
    std::vector<std::size_t> bars;    ///< beats on which bars start, ascending; those before the first are a pick-up
    std::vector<PhraseStart> phrases; ///< ascending; each is moved to the nearest bar start
    Metre metre;
    std::vector<Stop> stops;
    std::vector<Fermata> fermatas;
    Seconds end = 0;
};

/// Where a file says nothing of phrases, they are drawn from its first bar on, each of so many bars.
inline constexpr std::size_t barsOfADrawnPhrase = 8; // common practice, no source
void drawPhrases(MapDraft& draft);

/// The draft as a map: phrases without a name are numbered, bars of the metre's length get its grouping. Errors as
/// validate().
[[nodiscard]] Result<SongMap> mapFromDraft(const MapDraft& draft);

} // namespace lc
