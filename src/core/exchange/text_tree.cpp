#include "core/exchange/text_tree.h"

#include "core/base/text_rows.h"

namespace lc::text_tree {

namespace {

struct Open {
    std::size_t indent;
    std::vector<Line>* lines;
};

} // namespace

Result<std::vector<Line>> readTree(std::string_view text) {
    std::vector<Line> all;
    std::vector<Open> open{{0, &all}};
    int number = 0;
    for (std::string_view line : textLines(text)) {
        ++number;
        std::size_t indent = 0;
        while (indent < line.size() && (line[indent] == ' ' || line[indent] == '\t')) ++indent;
        const std::string_view words = trimmed(line);
        if (words.empty() || words.front() == '#') continue;
        while (open.size() > 1 && indent < open.back().indent) open.pop_back();
        if (indent > open.back().indent) {
            if (open.back().lines->empty())
                return fail(
                    ErrorCode::BadNotation,
                    Core::sentence("Line %1 is indented, but stands under nothing. Begin it at the margin.", number),
                    "line " + std::to_string(number));
            open.push_back({indent, &open.back().lines->back().inside});
        }
        open.back().lines->push_back({number, std::string(words), {}});
    }
    return all;
}

std::vector<std::string> commaPieces(std::string_view text, char comma) {
    std::vector<std::string> out{""};
    bool inside = false;
    for (std::size_t i = 0; i < text.size(); ++i) {
        if (text[i] == '\\' && inside && i + 1 < text.size()) {
            out.back() += text[i++];
            out.back() += text[i];
            continue;
        }
        if (text[i] == '"') inside = !inside;
        if (text[i] == comma && !inside) {
            out.emplace_back();
            continue;
        }
        out.back() += text[i];
    }
    for (std::string& piece : out) piece = std::string(trimmed(piece));
    return out;
}

std::string quoted(const std::string& name) {
    const bool plain = !name.empty() && name.find_first_of(",;:\"#*\\\n\r\t") == std::string::npos &&
                       name.front() != ' ' && name.back() != ' ' && name != "steps" && name.rfind("part ", 0) != 0 &&
                       name.rfind("steps ", 0) != 0;
    if (plain) return name;
    std::string out = "\"";
    for (char c : name) {
        if (c == '"' || c == '\\') out += '\\';
        if (c == '\n') {
            out += "\\n";
            continue;
        }
        out += c;
    }
    return out + "\"";
}

std::string unquoted(std::string_view text) {
    text = trimmed(text);
    if (text.size() < 2 || text.front() != '"' || text.back() != '"') return std::string(text);
    return manyLines(text.substr(1, text.size() - 2));
}

std::string oneLine(const std::string& text) {
    std::string out;
    for (char c : text) {
        if (c == '\\')
            out += "\\\\";
        else if (c == '\n')
            out += "\\n";
        else if (c == '\r')
            out += "\\r";
        else if (c == '\t')
            out += "\\t";
        else
            out += c;
    }
    // spaces at an end would be lost
    if (!out.empty() && out.front() == ' ') out = "\\ " + out.substr(1);
    if (!out.empty() && out.back() == ' ') out = out.substr(0, out.size() - 1) + "\\s";
    return out;
}

std::string manyLines(std::string_view text) {
    std::string out;
    for (std::size_t i = 0; i < text.size(); ++i) {
        if (text[i] != '\\' || i + 1 == text.size()) {
            out += text[i];
            continue;
        }
        const char c = text[++i];
        out += c == 'n' ? '\n' : c == 'r' ? '\r' : c == 't' ? '\t' : c == 's' ? ' ' : c;
    }
    return out;
}

} // namespace lc::text_tree
