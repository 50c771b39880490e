#include "core/exchange/handout_text.h"

#include "core/exchange/handout_line.h"

#include <algorithm>
#include <array>
#include <utility>

namespace lc::handout {

namespace {

/// What other programs write for plain letters and spaces; what is not seen goes.
constexpr std::array<std::pair<std::string_view, std::string_view>, 11> plain{{{"\u00A0", " "},
                                                                               {"\u202F", " "},
                                                                               {"\u2009", " "},
                                                                               {"\u00AD", ""},
                                                                               {"\u200B", ""},
                                                                               {"\uFEFF", ""},
                                                                               {"\uFB00", "ff"},
                                                                               {"\uFB01", "fi"},
                                                                               {"\uFB02", "fl"},
                                                                               {"\uFB03", "ffi"},
                                                                               {"\uFB04", "ffl"}}};

std::string inPlainLetters(std::string_view text) {
    std::string out;
    out.reserve(text.size());
    for (std::size_t at = 0; at < text.size();) {
        const auto found = static_cast<unsigned char>(text[at]) < 0x80
                               ? plain.end()
                               : std::find_if(plain.begin(), plain.end(), [&](const auto& one) {
                                     return text.substr(at, one.first.size()) == one.first;
                                 });
        if (found == plain.end())
            out += text[at++];
        else {
            out += found->second;
            at += found->first.size();
        }
    }
    return out;
}

} // namespace

std::vector<TextLine> textLines(std::string_view written) {
    const std::string text = inPlainLetters(written);
    std::vector<TextLine> out;
    std::size_t number = 0, page = 0; // the first line of the page at hand, in `out`
    const auto endPage = [&] {
        if (out.size() > page + 1) // a page of one line has no number
            for (TextLine* line : {&out[page], &out.back()}) line->numbersPage = numbersPage(line->text);
        page = out.size();
    };
    for (std::size_t at = 0; at <= text.size();) {
        const std::size_t end = std::min(text.find_first_of("\n\f", at), text.size());
        std::string_view line = std::string_view(text).substr(at, end - at);
        while (!line.empty() && (line.back() == '\r' || line.back() == ' ' || line.back() == '\t'))
            line.remove_suffix(1);
        while (!line.empty() && line.front() == ' ') line.remove_prefix(1); // the first cell of a table may be empty
        ++number;
        if (!line.empty()) out.push_back({number, std::string(line)});
        if (end == text.size() || text[end] == '\f') endPage();
        at = end + 1;
    }
    return out;
}

} // namespace lc::handout
