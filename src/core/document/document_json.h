#pragma once

#include "core/document/document.h"

#include <string>
#include <string_view>

namespace lc {

/// Version of the file format this program writes; see docs/file-format.md and docs/liftcount.schema.json.
inline constexpr int documentVersion =
    4; // 3 has no words of its own and no lines of a hand-out; 2 has a number for what a muted finding speaks of; 1
       // knows no placed parts and of the exceptions only restart, tag and touch; all are read too

/// The document as JSON text, ready for a file. Paths are written as they are in the document.
[[nodiscard]] std::string toJson(const Document& document);

/// Reads what toJson() wrote. Errors: Unreadable with the field that is wrong, NewerVersion.
[[nodiscard]] Result<Document> documentFromJson(std::string_view text);

} // namespace lc
