#pragma once

#include "core/base/result.h"
#include "core/figures/figure_card.h"

#include <string>
#include <string_view>
#include <vector>

namespace lc {

/// Figures as a JSON text: {"format": "liftcount-figures", "version": 1, "figures": […]}; see docs/file-format.md.
[[nodiscard]] std::string figuresToJson(const std::vector<FigureCard>& figures);

/// Reads what figuresToJson() wrote. Errors: Unreadable with the field that is wrong, NewerVersion.
[[nodiscard]] Result<std::vector<FigureCard>> figuresFromJson(std::string_view text);

/// Figures as a table, a row each (RFC 4180, commas, a header): name, other_names, family, description, level, words,
/// cautions, notes, tags, claimed, feel, slow, quick, own_and, own_a, stomp_takes_weight, entry, close, versions, then
/// a column "line of ROLE" for each role. Lists are divided by semicolons, versions are a JSON text.
[[nodiscard]] std::string figuresToCsv(const std::vector<FigureCard>& figures);

/// Reads what figuresToCsv() wrote, and any table with a "name" and a "line of …" column; unknown columns are refused
/// by name. Errors: Unreadable with row and column.
[[nodiscard]] Result<std::vector<FigureCard>> figuresFromCsv(std::string_view text);

/// By the first character: JSON or a table.
[[nodiscard]] Result<std::vector<FigureCard>> figuresFromText(std::string_view text);

/// One card as JSON text on one line, as the vocabulary keeps it.
[[nodiscard]] std::string cardToJson(const FigureCard& card);
[[nodiscard]] Result<FigureCard> cardFromJson(std::string_view text);

} // namespace lc
