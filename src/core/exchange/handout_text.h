#pragma once

// Private to the reader of hand-outs: its text in lines.

#include <cstddef>
#include <string>
#include <string_view>
#include <vector>

namespace lc::handout {

/// A line that is not empty, without space around it.
struct TextLine {
    std::size_t number = 0; ///< from 1
    std::string text;
    bool numbersPage = false; ///< it only numbers a page: "2", "- 2 -", "Page 2 of 3"
};

/// The lines of a text, pages divided by form feeds. Spaces as pages and word processors write them are plain ones,
/// letters that are joined in print taken apart. O(length).
[[nodiscard]] std::vector<TextLine> textLines(std::string_view text);

} // namespace lc::handout
