#include "core/exchange/lyrics_file.h"

#include "core/base/text_rows.h"

#include <algorithm>
#include <cmath>

namespace lc {

namespace {

constexpr std::size_t mostLines = 20'000; // a bound against damaged files

/// "1:02.5", "01:02:50" or "1:02" as seconds.
std::optional<Seconds> lyricTime(std::string_view text) {
    const auto colon = text.find(':');
    if (colon == std::string_view::npos) return std::nullopt;
    const auto minutes = wholeNumber<int>(text.substr(0, colon));
    std::string rest(text.substr(colon + 1));
    if (const auto second = rest.find(':'); second != std::string::npos) rest[second] = '.';
    if (rest.empty() || rest.find_first_not_of("0123456789.") != std::string::npos) return std::nullopt;
    const auto seconds = wholeNumber<double>(rest);
    if (!minutes || *minutes < 0 || *minutes > 600 || !seconds || *seconds >= 60) return std::nullopt;
    return *minutes * 60 + *seconds;
}

/// Words without the times of single words.
std::string withoutWordTimes(std::string_view text) {
    std::string out;
    while (!text.empty()) {
        const auto open = text.find('<');
        const auto close = open == std::string_view::npos ? open : text.find('>', open);
        if (close == std::string_view::npos || !lyricTime(text.substr(open + 1, close - open - 1))) {
            const std::size_t take = open == std::string_view::npos ? text.size() : open + 1;
            out += text.substr(0, take);
            text.remove_prefix(take);
            continue;
        }
        out += text.substr(0, open);
        text.remove_prefix(close + 1);
    }
    return std::string(trimmed(out));
}

} // namespace

Result<std::vector<LyricLine>> readLyrics(std::string_view text) {
    std::vector<LyricLine> lines;
    Seconds earlier = 0;
    const auto rows = textLines(text);
    for (std::size_t i = 0; i < rows.size(); ++i) {
        std::string_view row = trimmed(rows[i]);
        std::vector<Seconds> times;
        while (!row.empty() && row.front() == '[') {
            const auto close = row.find(']');
            if (close == std::string_view::npos) break;
            const std::string_view inside = row.substr(1, close - 1);
            if (const auto time = lyricTime(inside))
                times.push_back(*time);
            else if (inside.substr(0, 7) == "offset:") {
                std::string_view value = trimmed(inside.substr(7));
                if (!value.empty() && value.front() == '+') value.remove_prefix(1);
                const auto ms = wholeNumber<int>(value);
                if (!ms || std::abs(*ms) > 600'000)
                    return fail(ErrorCode::Unreadable,
                                Core::sentence("Lyrics, line %1: the offset is a number of milliseconds.", i + 1),
                                "line " + std::to_string(i + 1));
                earlier = *ms / 1000.0;
            } else if (times.empty()) { // a tag such as [ti:…]
                row = {};
                break;
            } else
                break; // words in brackets
            row = trimmed(row.substr(close + 1));
        }
        const std::string words = withoutWordTimes(row);
        if (words.empty()) continue;
        for (Seconds time : times) lines.push_back({time, words});
        if (lines.size() > mostLines)
            return fail(ErrorCode::Unreadable, Core::sentence("That is more than %1 lines of words.", mostLines));
    }
    if (lines.empty())
        return fail(ErrorCode::Unreadable,
                    Core::sentence("The file has no line that begins with a time such as [1:05.30]."));
    for (LyricLine& line : lines) line.at = std::max(0.0, line.at - earlier);
    std::stable_sort(lines.begin(), lines.end(), [](const LyricLine& a, const LyricLine& b) { return a.at < b.at; });
    return lines;
}

std::string lyricsToLrc(const std::vector<LyricLine>& lines) {
    std::string out;
    for (const LyricLine& line : lines) {
        const long long hundredths = std::llround(std::max(0.0, line.at) * 100);
        const auto two = [](long long n) { return std::string(n < 10 ? "0" : "") + std::to_string(n); };
        std::string words;
        for (char c : line.text) words += c == '\n' || c == '\r' ? ' ' : c;
        out += "[" + two(hundredths / 6000) + ":" + two(hundredths / 100 % 60) + "." + two(hundredths % 100) + "]" +
               words + "\n";
    }
    return out;
}

} // namespace lc
