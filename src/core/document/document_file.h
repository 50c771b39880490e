#pragma once

#include "core/base/content_hash.h"
#include "core/base/files.h"
#include "core/document/document.h"

#include <string>
#include <string_view>

namespace lc {

inline constexpr std::uint64_t mostDocumentBytes = 24U << 20; ///< a routine of 5000 passes is below 2 MB

struct LoadedDocument {
    Document document;      ///< song path absolute
    FileFingerprint onDisk; ///< of the file as it was read
};

/// Reads a routine file. The song's path is taken relative to the file's folder; if the song is not there but a file
/// with its size and hash lies beside the routine, that one is taken. Errors: NotFound, Unreadable, NewerVersion,
/// Cancelled.
[[nodiscard]] Result<LoadedDocument> loadDocument(const std::string& path, const Task& task = {});

/// The same of bytes that were read from a file.
[[nodiscard]] Result<LoadedDocument> documentOfFile(std::string_view bytes, const std::string& path);

/// Writes a routine file atomically: a new file beside it, flushed, then renamed over it; on any error the old file is
/// untouched and no scrap is left. With `expected`, refuses (ChangedOnDisk) when the file is no longer what was read.
/// Error Unwritable says why. Returns what is now on disk.
[[nodiscard]] Result<FileFingerprint> saveDocument(const Document& document, const std::string& path,
                                                   const FileFingerprint* expected = nullptr);

/// How the song of a document stands on disk now.
enum class SongState { None, There, Missing, Changed };
[[nodiscard]] SongState songState(const SongReference& song);

} // namespace lc
