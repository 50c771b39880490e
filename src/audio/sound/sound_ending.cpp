#include "audio/sound/sound_ending.h"

#include <algorithm>
#include <cstdint>
#include <fstream>
#include <string_view>
#include <vector>

namespace lc {

namespace {

std::uint32_t number(const unsigned char* at, bool bigEndian) {
    std::uint32_t out = 0;
    for (int i = 0; i < 4; ++i) out |= static_cast<std::uint32_t>(at[i]) << (8 * (bigEndian ? 3 - i : i));
    return out;
}

constexpr std::size_t pageHead = 27, longestPage = 27 + 255 + 255 * 255; // RFC 3533, section 6

/// The last page that begins in the tail of an OGG file: is it whole, and does it say that its stream ends?
bool oggBreaksOff(const std::string& tail) {
    const std::size_t at = tail.rfind("OggS");
    if (at == std::string::npos || tail.size() - at < pageHead) return true;
    const auto* page = reinterpret_cast<const unsigned char*>(tail.data()) + at;
    const std::size_t have = tail.size() - at;
    const std::size_t segments = page[26];
    if (have < pageHead + segments) return true;
    std::size_t size = pageHead + segments;
    for (std::size_t i = 0; i < segments; ++i) size += page[pageHead + i];
    return have < size || (page[5] & 4U) == 0;
}

} // namespace

bool soundBreaksOff(const std::string& path) {
    std::ifstream in(path, std::ios::binary);
    unsigned char head[12] = {};
    if (!in.read(reinterpret_cast<char*>(head), sizeof head)) return false;
    in.seekg(0, std::ios::end);
    const auto size = static_cast<std::uint64_t>(in.tellg());
    const std::string_view kind(reinterpret_cast<const char*>(head), 4);
    const std::string_view form(reinterpret_cast<const char*>(head) + 8, 4);
    if (kind == "OggS") {
        const std::uint64_t length = std::min<std::uint64_t>(size, longestPage);
        std::string tail(length, '\0');
        in.seekg(static_cast<std::streamoff>(size - length));
        return in.read(tail.data(), static_cast<std::streamsize>(length)) && oggBreaksOff(tail);
    }
    const bool riff = kind == "RIFF" && form == "WAVE", aiff = kind == "FORM" && (form == "AIFF" || form == "AIFC");
    if (!riff && !aiff) return false;
    const std::uint32_t said = number(head + 4, aiff);
    if (said == 0 || said >= 0x7FFFFF00U) return false; // written to a pipe: the writer did not know
    return size + 1 < static_cast<std::uint64_t>(said) + 8;
}

} // namespace lc
