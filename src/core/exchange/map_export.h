#pragma once

#include "core/song/song_doubt.h"
#include "core/song/song_map.h"

#include <cstdint>
#include <string>
#include <vector>

namespace lc {

// A song map in open formats; the columns and keys are in docs/file-format.md. Indices are from 0 (pick-up −1).

/// Header `time_s,bar_index,beat_in_bar,phrase_index`, one row a beat; beat in bar from 1.
[[nodiscard]] std::string mapToCsv(const SongMap& map);
/// tempo_bpm, beats, bars, phrases, stops, doubts.
[[nodiscard]] std::string mapToJson(const SongMap& map, const std::vector<SongDoubt>& doubts = {});
/// `time<TAB>beat in the bar`, one line a beat.
[[nodiscard]] std::string mapToBeats(const SongMap& map);
/// `start<TAB>end<TAB>label`, one line a phrase, then one a stop.
[[nodiscard]] std::string mapToLabels(const SongMap& map);
/// WebVTT (World Wide Web Consortium): a cue a phrase with its name and its beats, and one a stop; in the order of
/// time.
[[nodiscard]] std::string mapToVtt(const SongMap& map);
/// For reading: tempo, metre, a line for each phrase, then the doubts with their readings.
[[nodiscard]] std::string mapToText(const SongMap& map, const std::vector<SongDoubt>& doubts = {});
/// A standard MIDI file, format 0, 960 ticks a quarter: tempo and metre events that put every beat on its time, and a
/// marker for each phrase. Beats that change by less than a microsecond a quarter are exact; others round to it.
[[nodiscard]] Result<std::vector<std::uint8_t>> mapToMidi(const SongMap& map);

} // namespace lc
