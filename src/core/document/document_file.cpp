#include "core/document/document_file.h"

#include "core/document/document_json.h"

#include <filesystem>

namespace lc {

namespace fs = std::filesystem;

namespace {

bool sameSong(const SongReference& song, const fs::path& path) {
    std::error_code error;
    if (!fs::is_regular_file(path, error) || fs::file_size(path, error) != song.bytes || error) return false;
    const auto print = fingerprintFile(path.string());
    return print && print->hash == song.hash;
}

/// The song beside the routine, by its content, when it is not where it was.
std::optional<fs::path> findBeside(const SongReference& song, const fs::path& folder) {
    std::error_code error;
    const fs::path sameName = folder / fs::path(song.path).filename();
    if (sameSong(song, sameName)) return sameName;
    for (fs::directory_iterator it(folder, error), end; !error && it != end; it.increment(error))
        if (sameSong(song, it->path())) return it->path();
    return std::nullopt;
}

} // namespace

Result<LoadedDocument> loadDocument(const std::string& path, const Task& task) {
    const auto text = readFile(path, mostDocumentBytes, task);
    if (!text) return tl::unexpected(text.error());
    return documentOfFile(*text, path);
}

Result<LoadedDocument> documentOfFile(std::string_view bytes, const std::string& path) {
    auto document = documentFromJson(bytes);
    if (!document) {
        Error e = document.error();
        e.message = Core::sentence("%1: %2", shownName(path), e.message);
        return tl::unexpected(e);
    }
    SongReference& song = document->song;
    if (!song.path.empty()) {
        std::error_code error;
        const fs::path folder = fs::absolute(path, error).parent_path();
        fs::path place = fs::path(song.path);
        if (place.is_relative()) place = (folder / place).lexically_normal();
        if (!fs::exists(place, error))
            if (const auto beside = findBeside(song, folder)) place = *beside;
        song.path = place.string();
    }
    return LoadedDocument{std::move(*document), fingerprintBytes(bytes)};
}

Result<FileFingerprint> saveDocument(const Document& document, const std::string& path,
                                     const FileFingerprint* expected) {
    std::error_code error;
    if (expected && fs::exists(path, error)) {
        const auto now = fingerprintFile(path);
        if (!now || *now != *expected)
            return fail(
                ErrorCode::ChangedOnDisk,
                Core::sentence(
                    "“%1” was changed by another window or program since it was opened here. Save under another name, or overwrite it if you are sure.",
                    shown(path)),
                path);
    }
    Document onDisk = document;
    if (!document.song.path.empty()) {
        const fs::path folder = fs::absolute(path, error).parent_path();
        const fs::path relative = fs::path(document.song.path).lexically_relative(folder);
        if (!relative.empty()) onDisk.song.path = relative.string();
    }
    const std::string text = toJson(onDisk);
    if (auto written = writeFileAtomically(path, text); !written) return tl::unexpected(written.error());
    return fingerprintBytes(text);
}

SongState songState(const SongReference& song) {
    if (song.path.empty()) return SongState::None;
    std::error_code error;
    if (!fs::is_regular_file(song.path, error)) return SongState::Missing;
    return sameSong(song, song.path) ? SongState::There : SongState::Changed;
}

} // namespace lc
