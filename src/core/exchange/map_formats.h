#pragma once

#include "core/exchange/map_import.h"
#include "core/song/moment.h"
#include "core/song/song_doubt.h"

#include <span>
#include <string>
#include <string_view>
#include <vector>

namespace lc {

/// What a map is written from.
struct MapToWrite {
    const SongMap& map;
    const std::vector<SongDoubt>& doubts;
    const std::vector<Moment>& moments;
};

/// A file format for the beats, bars and phrases of a song, or for its lines of words. The table is the only list of
/// them: the command line, the window, its dialogs and the recognition of files read it.
struct MapFormat {
    std::string_view name; ///< as it is asked for in the command line: "csv"
    Sentence title;        ///< as it is called in a sentence: "CSV"
    Sentence menu; ///< what the window writes: "Export the map as CSV …"; empty where only the command line has it
    std::string_view ending;               ///< of a file that is written; empty for text that is read on the screen
    std::vector<std::string_view> endings; ///< of files that are read
    Sentence described;                    ///< of one that is read, in a sentence: "MIDI files"
    bool lyrics = false;                   ///< lines of words in place of a map
    bool binary = false;                   ///< bytes, not text
    /// Bytes of a file. Errors: BadValue where the map has nothing that the format could hold, in a sentence.
    Result<std::string> (*write)(const MapToWrite& what) = nullptr;
    /// Whether a file begins like this format; null where it is not read as a map. A text comes as readForeignText()
    /// made it.
    bool (*recognises)(std::string_view bytes) = nullptr;
    Result<ImportedMap> (*read)(std::string_view bytes, const ImportHints& hints) = nullptr;
};

/// All of them, in the order of menus.
[[nodiscard]] std::span<const MapFormat> mapFormats();
/// By its name in the command line; null for none.
[[nodiscard]] const MapFormat* mapFormatNamed(std::string_view name);
/// Names of the formats that a map is written in.
[[nodiscard]] std::vector<std::string> mapFormatNames();
/// Endings of the files that are read, without the dot: of maps, or of lines of words.
[[nodiscard]] std::vector<std::string_view> mapEndings(bool lyrics);
/// Is it, by the ending of its name, a file of that kind? Capitals do not matter.
[[nodiscard]] bool endsLikeMap(std::string_view fileName, bool lyrics);

} // namespace lc
