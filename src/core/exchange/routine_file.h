#pragma once

#include "core/document/document_file.h"

#include <optional>
#include <string>

namespace lc {

/// A routine as it stood in a file.
struct RoutineFile {
    Document document;
    std::optional<FileFingerprint> onDisk; ///< of a routine file; a plain-text form is not saved over, so it has none
    std::string note;                      ///< a sentence where the text had to be converted; else empty
};

/// Reads a routine file, its plain-text form, or a hand-out (readHandout()), told apart by their content. Errors: as loadDocument(); BadNotation with the file's name and the line; Unreadable
/// where a text is no text.
[[nodiscard]] Result<RoutineFile> readRoutineFile(const std::string& path, const Task& task = {});

/// Whether a file is a routine, by its ending or, for a text, by its first line. False for what cannot be read. Reads 4 KB at most.
[[nodiscard]] bool isRoutineFile(const std::string& path);

} // namespace lc
