#pragma once

#include "core/base/plain_text.h"

#include <string>
#include <string_view>

namespace lc {

/// How a text came that people can read.
enum class PaperKind {
    Text, ///< plain
    Html, ///< a page of the web (WHATWG HTML, read as browsers read what is broken)
    Odt,  ///< OpenDocument text (OASIS OpenDocument 1.3)
    Docx, ///< Office Open XML text (ECMA-376)
    Pdf,  ///< with text in it (ISO 32000)
};

/// Told by its content.
[[nodiscard]] PaperKind paperKind(std::string_view bytes);

/// The text of a paper, a line for each line or paragraph, a tab between the cells of a table, a form feed between
/// pages. Plain text comes as readForeignText() gives it. Error Unreadable, with `name`: a damaged file, one with a
/// password, a print of pictures without text, one of more than 100 pages or 20 MB of text. O(length).
[[nodiscard]] Result<ForeignText> paperText(std::string_view bytes, const std::string& name);

} // namespace lc
