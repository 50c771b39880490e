#include "core/papers/paper_kinds.h"

#include "core/base/text_rows.h"

#include <poppler-document.h>
#include <poppler-global.h>
#include <poppler-page.h>

#include <algorithm>
#include <memory>
#include <vector>

namespace lc::papers {

namespace {

constexpr int mostPages = 100; // a bound: a book, not a hand-out

/// Two spaces and more are the gap between columns.
std::string withTabs(const std::string& page) {
    std::string out;
    for (std::size_t i = 0; i < page.size();) {
        std::size_t end = i;
        while (end < page.size() && page[end] == ' ') ++end;
        if (end - i >= 3 && !out.empty() && out.back() != '\n')
            out += '\t';
        else if (end > i)
            out.append(1, ' ');
        if (end == i) out += page[end++];
        i = end;
    }
    return out;
}

bool isLower(char c) { return (c >= 'a' && c <= 'z') || static_cast<unsigned char>(c) >= 0x80; }

/// A line that is as wide as the print and goes on in the next one, which begins in the middle of words, is one line.
std::string unwrapped(const std::string& page) {
    std::vector<std::string> lines;
    for (const std::string_view line : pieces(page, '\n')) lines.emplace_back(line);
    std::size_t widest = 0;
    for (const std::string& line : lines) widest = std::max(widest, line.size());
    std::string out;
    for (std::size_t i = 0; i < lines.size(); ++i) {
        const std::string& line = lines[i];
        out += line;
        if (i + 1 == lines.size()) break;
        const std::string next(trimmed(lines[i + 1]));
        const bool wide = line.size() * 4 >= widest * 3 && !next.empty();
        const bool foot = next.size() >= 1 && (next[0] == 'L' || next[0] == 'R') &&
                          (next.size() == 1 || next[1] == ' ' || next[1] == ',' || next[1] == '-');
        const char last = line.empty() ? ' ' : line.back();
        const bool inside = last == ',' || last == '&' || last == '-' || (last >= '0' && last <= '9');
        const bool digit = !next.empty() && next[0] >= '0' && next[0] <= '9';
        out += wide && (isLower(next.empty() ? ' ' : next[0]) || foot || (inside && !digit)) ? ' ' : '\n';
    }
    return out;
}

} // namespace

Result<std::string> textOfPdf(std::string_view bytes, const std::string& name) {
    poppler::set_debug_error_function([](const std::string&, void*) {}, nullptr); // what is wrong is said below
    const std::unique_ptr<poppler::document> print(
        poppler::document::load_from_raw_data(bytes.data(), static_cast<int>(bytes.size())));
    if (!print)
        return fail(
            ErrorCode::Unreadable,
            Core::sentence("The print %1 is damaged and cannot be read. Save it anew, or copy its text and paste that.",
                           name),
            name);
    if (print->is_locked())
        return fail(
            ErrorCode::Unreadable,
            Core::sentence("The print %1 has a password. Save it without one, or copy its text and paste that.", name),
            name);
    if (print->pages() > mostPages)
        return fail(
            ErrorCode::Unreadable,
            Core::sentence("The print %1 has %2 pages. Copy the dance out of it and paste that.", name, print->pages()),
            name);
    std::string out;
    for (int n = 0; n < print->pages(); ++n) {
        const std::unique_ptr<poppler::page> page(print->create_page(n));
        if (!page) continue;
        const auto utf8 = page->text(poppler::rectf(), poppler::page::physical_layout).to_utf8();
        if (n > 0) out += '\f';
        out += withTabs(unwrapped(std::string(utf8.begin(), utf8.end())));
        if (out.size() > mostText)
            return fail(ErrorCode::Unreadable,
                        Core::sentence(
                            "The print %1 has more than 20 MB of text. Copy the dance out of it and paste that.", name),
                        name);
    }
    if (out.find_first_not_of(" \t\r\n\f") == std::string::npos)
        return fail(
            ErrorCode::Unreadable,
            Core::sentence(
                "The print %1 has no text in it, only pictures of text. Type the dance, or have the text recognised by another program and paste it.",
                name),
            name);
    return out;
}

} // namespace lc::papers
