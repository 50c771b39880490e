#include "core/base/csv_text.h"

namespace lc {

Result<std::vector<std::vector<std::string>>> parseCsv(std::string_view text) {
    if (text.substr(0, 3) == "\xEF\xBB\xBF") text.remove_prefix(3);
    std::vector<std::vector<std::string>> rows;
    std::vector<std::string> row;
    std::string cell;
    bool quoted = false, closed = false;
    const auto endCell = [&] {
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
            if (c != '"') cell += c;
            else if (i + 1 < text.size() && text[i + 1] == '"') {
                cell += '"';
                ++i;
            } else {
                quoted = false;
                closed = true;
            }
            continue;
        }
        if (c == '"' && cell.empty() && !closed) quoted = true;
        else if (c == ',') endCell();
        else if (c == '\n') endRow();
        else if (c == '\r' && i + 1 < text.size() && text[i + 1] == '\n') continue;
        else if (closed) return fail(ErrorCode::Unreadable, "Row " + std::to_string(rows.size() + 1) + " of the table has text behind a closed quotation mark. Put the whole cell into quotes.");
        else cell += c;
    }
    if (quoted) return fail(ErrorCode::Unreadable, "Row " + std::to_string(rows.size() + 1) + " of the table has a quotation mark that is not closed.");
    if (!cell.empty() || !row.empty() || closed) endRow();
    return rows;
}

std::string csvRow(const std::vector<std::string>& cells) {
    std::string out;
    for (std::size_t i = 0; i < cells.size(); ++i) {
        if (i > 0) out += ',';
        const bool only = cells.size() == 1 && cells[0].empty(); // an empty line would be no row
        if (!only && cells[i].find_first_of(",\"\r\n") == std::string::npos) {
            out += cells[i];
            continue;
        }
        out += '"';
        for (char c : cells[i]) out += c == '"' ? "\"\"" : std::string(1, c);
        out += '"';
    }
    return out + "\r\n";
}

} // namespace lc
