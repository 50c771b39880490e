#include "core/base/plain_text.h"

#include <algorithm>
#include <array>
#include <cstdint>
#include <filesystem>

namespace lc {

namespace {

/// Length of the well-formed sequence at the head of `text`; 0 where there is none (Unicode 15, table 3-7).
std::size_t sequenceLength(std::string_view text) {
    const auto byte = [&](std::size_t i) { return static_cast<unsigned char>(text[i]); };
    const auto next = [&](std::size_t i, unsigned char from = 0x80, unsigned char to = 0xBF) {
        return i < text.size() && byte(i) >= from && byte(i) <= to;
    };
    const unsigned char first = byte(0);
    if (first < 0x80) return 1;
    if (first >= 0xC2 && first <= 0xDF) return next(1) ? 2 : 0;
    if (first >= 0xE0 && first <= 0xEF)
        return next(1, first == 0xE0 ? 0xA0 : 0x80, first == 0xED ? 0x9F : 0xBF) && next(2) ? 3 : 0;
    if (first >= 0xF0 && first <= 0xF4)
        return next(1, first == 0xF0 ? 0x90 : 0x80, first == 0xF4 ? 0x8F : 0xBF) && next(2) && next(3) ? 4 : 0;
    return 0;
}

void append(std::string& out, char32_t c) {
    const auto put = [&](char32_t byte) { out += static_cast<char>(static_cast<unsigned char>(byte)); };
    if (c < 0x80)
        put(c);
    else if (c < 0x800) {
        put(0xC0 | (c >> 6));
        put(0x80 | (c & 0x3F));
    } else if (c < 0x10000) {
        put(0xE0 | (c >> 12));
        put(0x80 | ((c >> 6) & 0x3F));
        put(0x80 | (c & 0x3F));
    } else {
        put(0xF0 | (c >> 18));
        put(0x80 | ((c >> 12) & 0x3F));
        put(0x80 | ((c >> 6) & 0x3F));
        put(0x80 | (c & 0x3F));
    }
}

/// 0x80 to 0x9F of windows-1252; 0 where it has no character.
constexpr std::array<char16_t, 32> westernHigh{0x20AC, 0,      0x201A, 0x0192, 0x201E, 0x2026, 0x2020, 0x2021,
                                               0x02C6, 0x2030, 0x0160, 0x2039, 0x0152, 0,      0x017D, 0,
                                               0,      0x2018, 0x2019, 0x201C, 0x201D, 0x2022, 0x2013, 0x2014,
                                               0x02DC, 0x2122, 0x0161, 0x203A, 0x0153, 0,      0x017E, 0x0178};

bool isControl(unsigned char c) { return (c < 0x20 && c != '\t' && c != '\n' && c != '\r' && c != '\f') || c == 0x7F; }

auto lineOf(std::string_view bytes, std::size_t at) {
    return 1 + std::count(bytes.begin(), bytes.begin() + static_cast<std::ptrdiff_t>(at), '\n');
}

tl::unexpected<Error> noText(const std::string& name, std::string_view bytes, std::size_t at) {
    return fail(ErrorCode::Unreadable,
                Core::sentence("%1 is not text (line %2). Save it as plain text in UTF-8.", name, lineOf(bytes, at)),
                name);
}

Result<ForeignText> fromUtf16(std::string_view bytes, const std::string& name, bool bigEndian) {
    ForeignText out;
    const auto unit = [&](std::size_t i) {
        const auto a = static_cast<unsigned char>(bytes[i]), b = static_cast<unsigned char>(bytes[i + 1]);
        return static_cast<char32_t>(bigEndian ? a << 8 | b : b << 8 | a);
    };
    for (std::size_t i = 2; i + 1 < bytes.size(); i += 2) {
        char32_t c = unit(i);
        if (c >= 0xD800 && c < 0xE000) {
            const char32_t low = c < 0xDC00 && i + 3 < bytes.size() ? unit(i + 2) : 0;
            if (low < 0xDC00 || low >= 0xE000)
                return fail(ErrorCode::Unreadable,
                            Core::sentence("%1 is damaged UTF-16 (line %2). Save it as plain text in UTF-8.", name,
                                           lineOf(bytes, i)),
                            name);
            c = 0x10000 + ((c - 0xD800) << 10) + (low - 0xDC00);
            i += 2;
        }
        if (c < 0x80 && isControl(static_cast<unsigned char>(c))) return noText(name, bytes, i);
        append(out.text, c);
    }
    return out;
}

} // namespace

bool isUtf8(std::string_view text) {
    while (!text.empty()) {
        const std::size_t length = sequenceLength(text);
        if (length == 0) return false;
        text.remove_prefix(length);
    }
    return true;
}

std::string shown(std::string_view text) {
    std::string out;
    out.reserve(text.size());
    while (!text.empty()) {
        const std::size_t length = sequenceLength(text);
        const auto first = static_cast<unsigned char>(text[0]);
        if (length == 0)
            append(out, 0xFFFD);
        else if (first < 0x20 && first != '\n' && first != '\t')
            append(out, static_cast<char32_t>(0x2400) + first);
        else if (first == 0x7F)
            append(out, 0x2421);
        else if (length == 2 && first == 0xC2 && static_cast<unsigned char>(text[1]) < 0xA0)
            append(out, 0xFFFD);
        else
            out += text.substr(0, length);
        text.remove_prefix(std::max<std::size_t>(1, length));
    }
    return out;
}

std::string shownName(const std::string& path) {
    return "“" + shown(std::filesystem::path(path).filename().string()) + "”";
}

Text ForeignText::note(const std::string& name) const {
    if (!western) return {};
    Text out = Core::sentence("%1 is not UTF-8; it was read as Western European (windows-1252).", name);
    out += Core::sentence("If letters are wrong, save it as UTF-8 first.");
    return out;
}

Result<ForeignText> readForeignText(std::string_view bytes, const std::string& name) {
    if (bytes.substr(0, 2) == "\xFF\xFE") return fromUtf16(bytes, name, false);
    if (bytes.substr(0, 2) == "\xFE\xFF") return fromUtf16(bytes, name, true);
    if (bytes.substr(0, 3) == "\xEF\xBB\xBF") bytes.remove_prefix(3);
    std::size_t firstBad = std::string_view::npos;
    bool manyBytes = false; // a well-formed sequence of several bytes, which text of single bytes hardly ever has
    for (std::size_t i = 0; i < bytes.size();) {
        if (isControl(static_cast<unsigned char>(bytes[i]))) return noText(name, bytes, i);
        const std::size_t length = sequenceLength(bytes.substr(i));
        if (length == 0 && firstBad == std::string_view::npos) firstBad = i;
        manyBytes = manyBytes || length > 1;
        i += std::max<std::size_t>(1, length);
    }
    if (firstBad == std::string_view::npos) return ForeignText{std::string(bytes), false};
    if (manyBytes)
        return fail(ErrorCode::Unreadable,
                    Core::sentence("%1 has bytes that are not UTF-8 (line %2). Save it as plain text in UTF-8.", name,
                                   lineOf(bytes, firstBad)),
                    name);
    ForeignText out{{}, true};
    for (std::size_t i = 0; i < bytes.size(); ++i) {
        const auto c = static_cast<unsigned char>(bytes[i]);
        const char32_t as = c >= 0x80 && c < 0xA0 ? westernHigh[c - 0x80U] : c;
        if (as == 0 && c != 0) return noText(name, bytes, i);
        append(out.text, as);
    }
    return out;
}

} // namespace lc
