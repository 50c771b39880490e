#pragma once

#include "core/base/result.h"
#include "core/base/task.h"
#include "core/document/document.h"
#include "core/landing/findings.h"
#include "core/song/song_edit.h"

#include <cstdint>
#include <string>
#include <vector>

namespace lc {

/// What mending the music is charged for. Whole numbers, at least 0.
struct MusicMendWishes {
    std::int64_t joint = 10;     ///< a cut or a repeat
    std::int64_t bar = 1;        ///< each bar left out or played again
    std::int64_t rough = 3;      ///< a joint that does not lead from the end of a set to the beginning of one
    std::int64_t seam = 2;       ///< one that does not lead from the end of a phrase to the beginning of one
    std::int64_t miss = 60;      ///< a pass that does not begin a phrase
    std::int64_t unfinished = 5; ///< each set of the dance, be it begun only, for which there is no music
    std::size_t longest = 16;    ///< bars that one cut or repeat takes at most
    std::size_t most = 5;
};

/// A song made of whole bars of the routine's, on which the unchanged dance lands.
struct MusicMend {
    std::int64_t cost = 0;
    int misses = 0; ///< passes of the dance that do not begin a phrase there
    int joints = 0;
    Tick missing;               ///< counts of the dance for which there is no music then
    std::vector<BarSpan> spans; ///< of the routine's song; one span where nothing is to be done
};

struct MusicMends {
    std::vector<MusicMend> mends; ///< the best first
    std::int64_t nextCost = -1;   ///< no mend that is not listed costs less; −1 where there is none
};

/// The fewest cuts and repeats of whole bars with which the dance lands as it is, by the search that plans the dance: a
/// shortest path over (bar of the song, counts danced). The dance is what is danced now, all of it, pass by pass, with
/// its restarts and tags; music that goes on behind it costs nothing. A pass is judged by whether it begins on the
/// first bar of a phrase of the song, or in a part of one set or less on a set; what the mended song then says of it,
/// its phrases being shorter or longer, is land()'s. The beginning of the dance and the end of the song stay. Errors:
/// BadValue for a song without bars, a dance that does not begin with a bar, costs below 0, bars that are no whole
/// counts, and songs too long.
[[nodiscard]] Result<MusicMends> mendMusic(const Document& document, const Landing& landing,
                                           const MusicMendWishes& wishes = {}, const Task& task = {});

/// "One cut: without bar 33 (Verse 2, 1:17.7); every pass then starts a phrase."
[[nodiscard]] Text mendInWords(const SongMap& map, const MusicMend& mend);

} // namespace lc
