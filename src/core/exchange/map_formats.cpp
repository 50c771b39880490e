#include "core/exchange/map_formats.h"

#include "core/exchange/lyrics_file.h"
#include "core/exchange/map_export.h"

#include <algorithm>
#include <cctype>

namespace lc {

namespace {

Result<std::string> writeMidi(const MapToWrite& what) {
    const auto midi = mapToMidi(what.map);
    if (!midi) return tl::unexpected(midi.error());
    return std::string(midi->begin(), midi->end());
}

Result<std::string> writeLyrics(const MapToWrite& what) {
    std::vector<LyricLine> lines;
    for (const Moment& moment : what.moments)
        if (moment.kind == MomentKind::Lyric) lines.push_back({moment.at, moment.text});
    if (lines.empty())
        return fail(
            ErrorCode::BadValue,
            Core::sentence(
                "No line of words is marked in the song. Mark a moment (M) of the kind words, or import an LRC file."));
    return lyricsToLrc(lines);
}

std::string_view firstLine(std::string_view text) { return text.substr(0, text.find_first_of("\r\n")); }

Result<ImportedMap> readMidi(std::string_view bytes, const ImportHints& hints) {
    return mapFromMidi({bytes.begin(), bytes.end()}, hints);
}

const MapFormat formats[] = {
    {.name = "text",
     .title = Core::sentence("text"),
     .menu = {},
     .ending = {},
     .endings = {},
     .described = {},
     .write = [](const MapToWrite& what) -> Result<std::string> { return mapToText(what.map, what.doubts); }},
    {.name = "csv",
     .title = Core::sentence("CSV"),
     .menu = Core::sentence("Export the map as CSV …"),
     .ending = "csv",
     .endings = {"csv"},
     .described = Core::sentence("CSV with the columns time_s,bar_index,beat_in_bar,phrase_index"),
     .write = [](const MapToWrite& what) -> Result<std::string> { return mapToCsv(what.map); },
     .recognises =
         [](std::string_view text) { return text.substr(0, 7) == "time_s," || text.substr(0, 7) == "time_s;"; },
     .read = mapFromCsv},
    {.name = "json",
     .title = Core::sentence("JSON"),
     .menu = Core::sentence("Export the map as JSON …"),
     .ending = "json",
     .endings = {"json"},
     .described = Core::sentence("the JSON that is exported here"),
     .write = [](const MapToWrite& what) -> Result<std::string> { return mapToJson(what.map, what.doubts); },
     .recognises = isMapJson,
     .read = mapFromJson},
    {.name = "midi",
     .title = Core::sentence("MIDI"),
     .menu = Core::sentence("Export the map as MIDI …"),
     .ending = "mid",
     .endings = {"mid", "midi"},
     .described = Core::sentence("MIDI files"),
     .binary = true,
     .write = writeMidi,
     .recognises = [](std::string_view bytes) { return bytes.substr(0, 4) == "MThd"; },
     .read = readMidi},
    {.name = "beats",
     .title = Core::sentence("beats"),
     .menu = Core::sentence("Export the beats as a list …"),
     .ending = "txt",
     .endings = {"txt", "beats"},
     .described = Core::sentence("lists of beats (a time on each line, and the number of the beat in its bar)"),
     .write = [](const MapToWrite& what) -> Result<std::string> { return mapToBeats(what.map); },
     .recognises = isBeatList,
     .read = mapFromBeats},
    {.name = "labels",
     .title = Core::sentence("labels"),
     .menu = Core::sentence("Export the map as labels …"),
     .ending = "txt",
     .endings = {"txt"},
     .described = Core::sentence("label files (start, end, label, with tabs)"),
     .write = [](const MapToWrite& what) -> Result<std::string> { return mapToLabels(what.map); },
     .recognises = [](std::string_view text) { return firstLine(text).find('\t') != std::string_view::npos; },
     .read = mapFromLabels},
    {.name = "vtt",
     .title = Core::sentence("WebVTT"),
     .menu = Core::sentence("Export the phrases as WebVTT …"),
     .ending = "vtt",
     .endings = {},
     .described = {},
     .write = [](const MapToWrite& what) -> Result<std::string> { return mapToVtt(what.map); }},
    {.name = "lrc",
     .title = Core::sentence("LRC"),
     .menu = Core::sentence("Export the lines of words as LRC …"),
     .ending = "lrc",
     .endings = {"lrc"},
     .described = {},
     .lyrics = true,
     .write = writeLyrics},
};

} // namespace

std::span<const MapFormat> mapFormats() { return formats; }

const MapFormat* mapFormatNamed(std::string_view name) {
    const auto found =
        std::find_if(std::begin(formats), std::end(formats), [&](const MapFormat& f) { return f.name == name; });
    return found == std::end(formats) ? nullptr : found;
}

std::vector<std::string> mapFormatNames() {
    std::vector<std::string> names;
    for (const MapFormat& format : formats)
        if (!format.lyrics) names.emplace_back(format.name);
    return names;
}

std::vector<std::string_view> mapEndings(bool lyrics) {
    std::vector<std::string_view> all;
    for (const MapFormat& format : formats)
        if (format.lyrics == lyrics) all.insert(all.end(), format.endings.begin(), format.endings.end());
    return all;
}

bool endsLikeMap(std::string_view fileName, bool lyrics) {
    const std::size_t dot = fileName.rfind('.');
    if (dot == std::string_view::npos) return false;
    std::string ending(fileName.substr(dot + 1));
    std::transform(ending.begin(), ending.end(), ending.begin(),
                   [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    const auto endings = mapEndings(lyrics);
    return std::find(endings.begin(), endings.end(), ending) != endings.end();
}

} // namespace lc
