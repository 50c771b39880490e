#pragma once

#include "core/song/song_map.h"

#include <cstdint>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace lc {

// Song maps from open formats: what the exports write is read back exactly; the formats are in docs/file-format.md.
// Every error is a sentence that names the line or the place in the file; a map that validate() refuses is never
// returned.

/// What the file does not say.
struct ImportHints {
    std::optional<Metre> metre;
    std::optional<Bpm> bpm; ///< for label files, which have no beats
};

struct ImportedMap {
    SongMap map;
    Text note; ///< a sentence where something had to be reckoned; else empty
};

/// `time_s,bar_index,beat_in_bar,phrase_index`, one row a beat, or the same with semicolons and decimal commas; further
/// columns are left alone.
[[nodiscard]] Result<ImportedMap> mapFromCsv(std::string_view text, const ImportHints& hints = {});

/// `start<TAB>end<TAB>label`: each line a phrase, `stop N` a stop of N beats. The beats are laid evenly between: at the
/// hinted tempo, else at that of the stops, else at the one between 70 and 180 that gives the phrases whole bars.
[[nodiscard]] Result<ImportedMap> mapFromLabels(std::string_view text, const ImportHints& hints = {});

/// A standard MIDI file (RP-001 of the MIDI Manufacturers Association, 1996) of format 0 or 1: beats and bars by its
/// tempo and metre events, from its first metre event to its last event; markers start phrases. Without markers, every
/// eight bars do.
[[nodiscard]] Result<ImportedMap> mapFromMidi(const std::vector<std::uint8_t>& bytes, const ImportHints& hints = {});

/// A time in seconds on each line, alone or followed by the number of the beat in its bar; `#` begins a remark. Bars of
/// the hinted metre are drawn where none are said, and phrases of eight bars.
[[nodiscard]] Result<ImportedMap> mapFromBeats(std::string_view text, const ImportHints& hints = {});
/// Does a text begin like such a list?
[[nodiscard]] bool isBeatList(std::string_view text);

/// What mapToJson() wrote; its doubts are left alone.
[[nodiscard]] Result<ImportedMap> mapFromJson(std::string_view text, const ImportHints& hints = {});
/// Is a text such a map?
[[nodiscard]] bool isMapJson(std::string_view text);

/// Any of them, told apart by their content; text goes through readForeignText(). `name` is the file's, for the
/// sentences.
[[nodiscard]] Result<ImportedMap> importMap(const std::string& bytes, const std::string& name,
                                            const ImportHints& hints = {});

} // namespace lc
