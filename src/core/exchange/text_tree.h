#pragma once

// Private to the plain-text form of a routine: lines by their indentation, words in quotation marks.

#include "core/base/result.h"

#include <string>
#include <string_view>
#include <vector>

namespace lc::text_tree {

/// A line with the lines that stand indented below it.
struct Line {
    int number = 0; ///< in the text, from 1
    std::string text;
    std::vector<Line> inside;
};

/// Lines without empty ones and remarks (#). Error where one is indented under nothing.
[[nodiscard]] Result<std::vector<Line>> readTree(std::string_view text);

/// The pieces between commas that stand outside quotation marks, without spaces around, quotation marks kept.
[[nodiscard]] std::vector<std::string> commaPieces(std::string_view text, char comma = ',');

/// A name as it may stand among commas: in quotation marks where it holds a comma, a quotation mark, a colon or space
/// at an end, or is one of the words of the form.
[[nodiscard]] std::string quoted(const std::string& name);
/// The name that quoted() wrote.
[[nodiscard]] std::string unquoted(std::string_view text);

/// Free text on one line: line breaks and backslashes escaped.
[[nodiscard]] std::string oneLine(const std::string& text);
[[nodiscard]] std::string manyLines(std::string_view text);

} // namespace lc::text_tree
