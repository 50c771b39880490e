#pragma once

#include "audio/listening/beat_evidence.h"

#include <array>
#include <cstddef>
#include <vector>

namespace lc {

/// What can speak for a phrase beginning with a bar, in standard deviations of the song but for the last two; higher is
/// more.
enum PhraseCue : std::size_t {
    NoveltyShort,  ///< the two bars before and after differ more than each within itself
    NoveltyMiddle, ///< the same over four bars
    NoveltyLong,   ///< the same over eight bars
    RepeatBegins,  ///< from here on the song repeats something earlier, and did not a bar before
    RepeatLater,   ///< from here on something begins that returns later, and the bar before does not return with it
    Crash,         ///< bright sound at the bar's head
    FillBefore,    ///< the bar before is busier than its neighbours
    LevelStep,     ///< the song is louder or softer from here on
    OddBefore,     ///< the bar before has another length than most
    HeardPhrase,   ///< the listening net hears a phrase begin: logarithm of odds
    phraseCueCount
};
using PhraseCues = std::array<double, phraseCueCount>;

/// The cues at each of some bars. `bars` in seconds, ascending, with the end of the last bar as its last element;
/// `beats` of each bar. O(bars²), for songs of an hour about 2,000 bars.
[[nodiscard]] std::vector<PhraseCues> phraseCues(const SongFeatures& song, const std::vector<double>& bars,
                                                 const std::vector<int>& beats);

/// How alike two stretches of the song are, bar by bar: cosine of what the bars sound like, −1 to 1, for all pairs.
[[nodiscard]] std::vector<std::vector<float>> barLikeness(const SongFeatures& song, const std::vector<double>& bars);

} // namespace lc
