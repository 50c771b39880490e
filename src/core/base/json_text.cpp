#include "core/base/json_text.h"

#include <vector>

namespace lc {

JsonExcess beyondBounds(std::string_view text, const JsonBounds& bounds) {
    if (text.size() > bounds.bytes) return {Core::sentence("is larger than %1 MB", bounds.bytes >> 20), bounds.bytes};
    std::vector<std::size_t> keys; // of each object that is open; of a list 0
    std::size_t values = 1;
    bool inString = false;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (inString) {
            if (c == '\\')
                ++i;
            else
                inString = c != '"';
            continue;
        }
        switch (c) {
        case '"': inString = true; break;
        case '{':
        case '[':
            if (keys.size() >= bounds.depth) return {Core::sentence("is nested more than %1 deep", bounds.depth), i};
            keys.push_back(0);
            ++values;
            break;
        case '}':
        case ']':
            if (!keys.empty()) keys.pop_back();
            break;
        case ':':
            if (!keys.empty() && ++keys.back() > bounds.keys)
                return {Core::sentence("has more than %1 fields in one object", bounds.keys), i};
            break;
        case ',': ++values; break;
        default: break;
        }
        if (values > bounds.values) return {Core::sentence("has more than %1 values", bounds.values), i};
    }
    return {};
}

} // namespace lc
