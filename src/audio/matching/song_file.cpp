#include "audio/matching/song_file.h"

#include "audio/listening/heard_cache.h"
#include "core/base/content_hash.h"
#include "core/base/files.h"
#include "core/edits/edits.h"
#include "core/exchange/map_import.h"
#include "core/exchange/routine_file.h"

#include <algorithm>
#include <cctype>
#include <filesystem>

namespace lc {

namespace {

Result<Document> withMap(SongMap map, MapOrigin origin, SongReference song) {
    auto shared = std::make_shared<const SongMap>(std::move(map));
    if (origin == MapOrigin::Heard) return applyEdit(newDocument(), SetSong{std::move(song), std::move(shared)});
    return applyEdit(newDocument(), SetMap{std::move(shared), origin, std::nullopt});
}

Result<Document> ofRecording(const std::string& path, const std::string& folder, const Task& task) {
    const auto print = fingerprintFile(path);
    if (!print) return tl::unexpected(print.error());
    SongReference song{path, print->bytes, print->hash, 0, shown(std::filesystem::path(path).stem().string()), {}};
    const auto file = hearFileKept(path, print->hash, folder, task);
    if (!file) return tl::unexpected(file.error());
    if (!file->title.empty()) song.title = file->title;
    song.artist = file->artist;
    auto reading = solveSong(file->heard);
    if (!reading) return tl::unexpected(reading.error());
    song.duration = reading->map.end;
    return withMap(std::move(reading->map), MapOrigin::Heard, std::move(song));
}

} // namespace

Result<SongOfFile> documentOfSong(const std::string& path, const std::string& folder, const Task& task) {
    std::string ending = std::filesystem::path(path).extension().string();
    std::transform(ending.begin(), ending.end(), ending.begin(),
                   [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    Text note;
    Result<Document> out = newDocument();
    if (ending == ".liftcount" || ending == ".txt" || ending == ".csv" || ending == ".mid" || ending == ".midi") {
        const auto bytes = readFile(path, mostDocumentBytes, task);
        if (!bytes) return tl::unexpected(bytes.error());
        if (isRoutineFile(path)) {
            auto routine = readRoutineFile(path, task);
            if (!routine) return tl::unexpected(routine.error());
            out = std::move(routine->document);
            note = std::move(routine->note);
        } else {
            auto imported = importMap(*bytes, path);
            if (!imported) return tl::unexpected(imported.error());
            out = withMap(std::move(imported->map), MapOrigin::Imported, {});
            note = std::move(imported->note);
        }
    } else
        out = ofRecording(path, folder, task);
    if (!out) return tl::unexpected(out.error());
    if (!out->song.title.empty())
        out->title = out->song.title;
    else if (out->title.empty() || out->title == newDocument().title)
        out->title = shown(std::filesystem::path(path).stem().string());
    return SongOfFile{std::move(*out), std::move(note)};
}

SongFit fitFile(const Document& document, const std::string& path, Ranked what, const FitWishes& wishes,
                const std::string& folder, const Task& task) {
    const auto other = documentOfSong(path, folder, task);
    SongFit fit;
    if (!other)
        fit.problem = other.error().message;
    else {
        fit = what == Ranked::Songs ? fitSong(document, other->document, wishes)
                                    : fitSong(other->document, document, wishes);
        fit.name = other->document.title;
        fit.remark += other->note;
    }
    if (fit.name.empty()) fit.name = shown(std::filesystem::path(path).stem().string());
    fit.file = path;
    return fit;
}

} // namespace lc
