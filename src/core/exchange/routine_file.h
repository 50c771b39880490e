#pragma once

#include "core/document/document_file.h"
#include "core/exchange/handout.h"

#include <optional>
#include <string>

namespace lc {

/// A routine as it stood in a file.
struct RoutineFile {
    Document document;
    std::optional<FileFingerprint> onDisk; ///< of a routine file; a plain-text form is not saved over, so it has none
    Text note;                             ///< a sentence where the text had to be converted; else empty
    std::vector<HandoutLine> handout;      ///< of a hand-out: what became of its lines
};

/// Reads a routine file, its plain-text form, or a hand-out (readHandout()) in plain text, HTML, OpenDocument, Office
/// Open XML or PDF, told apart by their content. `words` as in readHandout(). Errors: as loadDocument(); BadNotation
/// with the file's name and the line; Unreadable where a text is no text.
[[nodiscard]] Result<RoutineFile> readRoutineFile(const std::string& path, const Task& task = {},
                                                  const OwnWords& words = {});

/// Whether a file is a routine, by its ending or, for a text, by its first line. False for what cannot be read. Reads 4
/// KB at most.
[[nodiscard]] bool isRoutineFile(const std::string& path);

/// Whether a file is a paper that people read: a PDF, HTML, OpenDocument or Office Open XML text, or a plain text
/// (.txt, .text, .md) that is no routine and no table of times (labels). False for what cannot be read. Reads 4 KB at
/// most, of a zip all.
[[nodiscard]] bool isPaper(const std::string& path);

} // namespace lc
