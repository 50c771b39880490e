#pragma once

#include "core/song/song_map.h"

#include <cstddef>
#include <functional>
#include <vector>

namespace lc {

/// What binds while odd bars are settled, and what was heard.
struct SettlingRules {
    std::function<bool(const Bar&)> stated;          ///< a bar that a person spoke of stays where it is
    std::function<bool(const Phrase&)> phraseStated; ///< so does a phrase's start
    const std::vector<double>& one;                  ///< evidence for a 1 on each beat of the pulse: logarithms of odds
    std::size_t parts = 1;                           ///< beats of the map in a beat of the pulse
};

/// An odd bar just before a phrase's last bar is moved to the phrase's end where the evidence hardly minds: music adds
/// or drops beats at the end of a thought far more often (common practice, no source). So is one that ends a phrase
/// whose next is a bar longer than it, or is nothing but one bar: the odd bar then comes after as many full bars as the
/// next phrase has. The map stays valid; its phrases together keep their bars. O(phrases).
void settleOddBars(SongMap& map, const SettlingRules& rules);

} // namespace lc
