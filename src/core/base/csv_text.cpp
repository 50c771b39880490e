#include "core/base/csv_text.h"

namespace lc {

namespace {

/// What a spreadsheet would reckon or run: text that begins like a formula, whatever apostrophes stand before it.
/// Numbers are no such text.
bool readsAsFormula(std::string_view cell) {
    const auto begin = cell.find_first_not_of('\'');
    if (begin == std::string_view::npos || std::string_view("=+-@\t\r").find(cell[begin]) == std::string_view::npos)
        return false;
    return begin > 0 || (cell[0] != '+' && cell[0] != '-') ||
           cell.find_first_not_of("0123456789.", 1) != std::string_view::npos;
}

} // namespace

Result<std::vector<std::vector<std::string>>> parseCsv(std::string_view text) {
    if (text.substr(0, 3) == "\xEF\xBB\xBF") text.remove_prefix(3);
    std::vector<std::vector<std::string>> rows;
    std::vector<std::string> row;
    std::string cell;
    bool quoted = false, closed = false;
    const auto endCell = [&] {
        if (cell.starts_with('\'') && readsAsFormula(cell)) cell.erase(0, 1);
        row.push_back(std::move(cell));
        cell.clear();
        closed = false;
    };
    const auto endRow = [&] {
        endCell();
        rows.push_back(std::move(row));
        row.clear();
    };
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (quoted) {
            if (c != '"')
                cell += c;
            else if (i + 1 < text.size() && text[i + 1] == '"') {
                cell += '"';
                ++i;
            } else {
                quoted = false;
                closed = true;
            }
            continue;
        }
        if (c == '"' && cell.empty() && !closed)
            quoted = true;
        else if (c == ',')
            endCell();
        else if (c == '\n')
            endRow();
        else if (c == '\r' && i + 1 < text.size() && text[i + 1] == '\n')
            continue;
        else if (closed)
            return fail(
                ErrorCode::Unreadable,
                Core::sentence(
                    "Row %1 of the table has text after a closed quotation mark. Put the whole cell into quotes.",
                    rows.size() + 1));
        else
            cell += c;
    }
    if (quoted)
        return fail(ErrorCode::Unreadable,
                    Core::sentence("Row %1 of the table has a quotation mark that is not closed.", rows.size() + 1));
    if (!cell.empty() || !row.empty() || closed) endRow();
    return rows;
}

std::string csvRow(const std::vector<std::string>& cells) {
    std::string out;
    for (std::size_t i = 0; i < cells.size(); ++i) {
        if (i > 0) out += ',';
        const std::string cell = readsAsFormula(cells[i]) ? '\'' + cells[i] : cells[i];
        const bool only = cells.size() == 1 && cell.empty(); // an empty line would be no row
        if (!only && cell.find_first_of(",\"\r\n") == std::string::npos) {
            out += cell;
            continue;
        }
        out += '"';
        for (char c : cell) out += c == '"' ? "\"\"" : std::string(1, c);
        out += '"';
    }
    return out + "\r\n";
}

} // namespace lc
