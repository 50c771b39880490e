#pragma once

// JSON, in and out, for readers and writers of files and reports. It needs nlohmann-json; no other public header
// includes it.

#include "core/base/result.h"

#include <nlohmann/json.hpp>

#include <string>
#include <string_view>

namespace lc {

using Json = nlohmann::ordered_json;

/// The one way out for JSON: text that always can be written; bytes in it that are not UTF-8 become U+FFFD. `indent` −1
/// = in one line.
[[nodiscard]] inline std::string jsonText(const Json& json, int indent = 1) {
    return json.dump(indent, ' ', false, Json::error_handler_t::replace) + (indent < 0 ? "" : "\n");
}

/// What a JSON text may hold before it is read at all: reading takes some thirty times the room of the text, a value is
/// found in an object by going through its keys, and nested values are freed one inside another.
struct JsonBounds {
    std::size_t bytes = 24U << 20;
    std::size_t values = 2'000'000; ///< a map of ten hours of music has a hundred thousand
    std::size_t depth = 48;         ///< the deepest of our own formats has 12
    std::size_t keys = 512;         ///< of one object; the largest of our own has 24
};

/// Why a text is beyond the bounds, as the end of a sentence ("is nested more than 48 deep"), and at which byte. Empty
/// where it is within. O(length), no memory.
struct JsonExcess {
    Sentence why; ///< what follows “the text”; empty when nothing is
    std::size_t byte = 0;
};
[[nodiscard]] JsonExcess beyondBounds(std::string_view text, const JsonBounds& bounds = {});

} // namespace lc
