#include "audio/song_file.h"

#include "audio/audio_file.h"
#include "audio/heard_cache.h"
#include "core/base/content_hash.h"
#include "core/document/document_file.h"
#include "core/edits/edits.h"
#include "core/exchange/map_import.h"
#include "core/exchange/routine_text.h"

#include <algorithm>
#include <cctype>
#include <filesystem>
#include <fstream>
#include <iterator>

namespace lc {

namespace {

Result<std::string> bytesOf(const std::string& path) {
    std::ifstream file(path, std::ios::binary);
    if (!file) return fail(ErrorCode::NotFound, path + " cannot be opened.");
    return std::string(std::istreambuf_iterator<char>(file), {});
}

Result<Document> withMap(SongMap map, MapOrigin origin, SongReference song) {
    auto shared = std::make_shared<const SongMap>(std::move(map));
    if (origin == MapOrigin::Heard) return applyEdit(newDocument(), SetSong{std::move(song), std::move(shared)});
    return applyEdit(newDocument(), SetMap{std::move(shared), origin, std::nullopt});
}

Result<Document> ofRecording(const std::string& path, const std::string& folder, const Task& task) {
    const auto print = fingerprintFile(path);
    if (!print) return tl::unexpected(print.error());
    SongReference song{path, print->bytes, print->hash, 0, std::filesystem::path(path).stem().string(), {}};
    auto heard = heardBefore(print->hash, folder, task);
    if (!heard) {
        auto decoded = decodeSong(path, task.part(0, 0.3));
        if (!decoded) return tl::unexpected(decoded.error());
        if (!decoded->title.empty()) song.title = decoded->title;
        song.artist = decoded->artist;
        auto now = hearKept(decoded->sound, print->hash, folder, task.part(0.3, 1));
        if (!now) return tl::unexpected(now.error());
        heard = std::move(*now);
    }
    auto reading = solveSong(*heard);
    if (!reading) return tl::unexpected(reading.error());
    song.duration = reading->map.end;
    return withMap(std::move(reading->map), MapOrigin::Heard, std::move(song));
}

} // namespace

Result<Document> documentOfSong(const std::string& path, const std::string& folder, const Task& task) {
    std::string ending = std::filesystem::path(path).extension().string();
    std::transform(ending.begin(), ending.end(), ending.begin(), [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    Result<Document> out = newDocument();
    if (ending == ".liftcount") {
        auto loaded = loadDocument(path);
        if (!loaded) return tl::unexpected(loaded.error());
        out = std::move(loaded->document);
    } else if (ending == ".txt" || ending == ".csv" || ending == ".mid" || ending == ".midi") {
        const auto bytes = bytesOf(path);
        if (!bytes) return tl::unexpected(bytes.error());
        if (looksLikeRoutineText(*bytes)) out = routineFromText(*bytes);
        else {
            auto imported = importMap(*bytes, path);
            if (!imported) return tl::unexpected(imported.error());
            out = withMap(std::move(imported->map), MapOrigin::Imported, {});
        }
    } else out = ofRecording(path, folder, task);
    if (!out) return out;
    if (!out->song.title.empty()) out->title = out->song.title;
    else if (out->title.empty() || out->title == newDocument().title) out->title = std::filesystem::path(path).stem().string();
    return out;
}

} // namespace lc
