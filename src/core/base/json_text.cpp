#include "core/base/json_text.h"

#include <vector>

namespace lc {

JsonExcess beyondBounds(std::string_view text, const JsonBounds& bounds) {
    if (text.size() > bounds.bytes)
        return {"is larger than " + std::to_string(bounds.bytes >> 20) + " MB", bounds.bytes};
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
            if (keys.size() >= bounds.depth)
                return {"is nested more than " + std::to_string(bounds.depth) + " deep", i};
            keys.push_back(0);
            ++values;
            break;
        case '}':
        case ']':
            if (!keys.empty()) keys.pop_back();
            break;
        case ':':
            if (!keys.empty() && ++keys.back() > bounds.keys)
                return {"has more than " + std::to_string(bounds.keys) + " fields in one object", i};
            break;
        case ',': ++values; break;
        default: break;
        }
        if (values > bounds.values) return {"has more than " + std::to_string(bounds.values) + " values", i};
    }
    return {};
}

} // namespace lc
