#pragma once

#include "core/base/result.h"
#include "core/song/song_map.h"

#include <cstddef>
#include <optional>
#include <string>
#include <vector>

namespace lc {

/// Bars [first, end) of a song, played one after another.
struct BarSpan {
    std::size_t first = 0;
    std::size_t end = 0;
    bool operator==(const BarSpan&) const = default;
};

/// Seconds [from, to) of the recording.
struct SoundSpan {
    Seconds from = 0;
    Seconds to = 0;
    bool operator==(const SoundSpan&) const = default;
};

/// A song made of whole bars of another. What comes before the first 1 stays before it, and what comes behind the last
/// beat behind the last bar where the spans end with it.
struct EditedSong {
    SongMap map;
    std::vector<SoundSpan> sound; ///< of the recording, in the order in which it is played
    std::vector<Seconds> joints;  ///< of the new song: where one span meets the next
};

/// Bars [0, bars) with a stretch left out, or played twice.
[[nodiscard]] std::vector<BarSpan> withoutBars(std::size_t bars, BarSpan out);
[[nodiscard]] std::vector<BarSpan> withBarsTwice(std::size_t bars, BarSpan again);

/// Lays the spans one after another. Beats keep their lengths; phrases that are cut keep what is left of them, a phrase
/// that is entered in its middle begins there, joined to the one before where that is the same phrase going on; stops
/// and fermatas go with their bars. Neighbouring spans that follow one another are one. `tail` seconds of the recording
/// sound behind the last beat. Errors: BadValue for spans that are empty or outside the song, and where nothing is
/// left.
[[nodiscard]] Result<EditedSong> editSong(const SongMap& map, std::vector<BarSpan> spans, Seconds tail = 0);

/// Where a moment of the recording is heard first in the new song; nothing where it is left out.
[[nodiscard]] std::optional<Seconds> placeIn(const EditedSong& song, Seconds at);

/// The same, or of what is left out the place where what comes behind it in the recording is heard first.
[[nodiscard]] std::optional<Seconds> placeFrom(const EditedSong& song, Seconds at);

/// "without bars 9 to 12 (Verse 1, 0:16.0), bars 17 to 18 twice (Chorus, 0:32.0)"; "as it is".
[[nodiscard]] Sentence spansInWords(const SongMap& map, const std::vector<BarSpan>& spans);

} // namespace lc
