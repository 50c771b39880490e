#pragma once

#include "core/routine/exceptions.h"
#include "core/song/count_grid.h"

#include <optional>
#include <string>
#include <utility>

namespace lc {

class Sentence;

/// Where the place lies in a song: in the section of its name, of several of that name in the one nearest to its time;
/// a section that the song does not have leaves nothing, a place without a section its time. Whole counts are kept.
[[nodiscard]] std::optional<Tick> tickOf(const MusicPlace& place, const CountGrid& grid);

/// The place at a count of the song: "Bridge, after 16". Nothing outside.
[[nodiscard]] std::optional<MusicPlace> musicPlaceAt(const CountGrid& grid, Tick at);

/// "Chorus 2" is the second "chorus"; a name without a number is the first of its kind. The kind in small letters.
[[nodiscard]] std::pair<std::string, int> kindAndNumber(const std::string& label);

/// "in Bridge, after 16"; "on the 1 of Bridge".
[[nodiscard]] Sentence placeSaid(const MusicPlace& place);
[[nodiscard]] std::string toWords(const MusicPlace& place); ///< the same in English

} // namespace lc
