#pragma once

#include "core/base/result.h"

#include <string>
#include <string_view>
#include <vector>

namespace lc {

/// Rows of a table in CSV (RFC 4180: commas, quotes doubled, line breaks inside quotes). A byte order mark is left out.
/// Error: Unreadable with the row where a quote is not closed or text follows one.
[[nodiscard]] Result<std::vector<std::vector<std::string>>> parseCsv(std::string_view text);

/// One row with its line end; cells that need it are quoted.
[[nodiscard]] std::string csvRow(const std::vector<std::string>& cells);

} // namespace lc
