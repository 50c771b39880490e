// Any bytes as a song map: one that validates and exports, or a sentence.
#include "core/exchange/map_export.h"
#include "core/exchange/map_import.h"

#include <cstdint>
#include <cstdlib>
#include <string>

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    const auto read = lc::importMap(std::string(reinterpret_cast<const char*>(data), size), "file");
    if (!read) return read.error().message.empty() ? (std::abort(), 0) : 0;
    if (!lc::validate(read->map)) std::abort();
    if (read->map.beats.size() > 2000) return 0; // the rest costs time, not courage
    const std::string csv = lc::mapToCsv(read->map);
    const auto again = lc::importMap(csv, "file");
    if (!again || lc::mapToCsv(again->map) != csv) std::abort();
    (void)lc::mapToVtt(read->map);
    (void)lc::mapToLabels(read->map);
    return 0;
}
