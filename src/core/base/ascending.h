#pragma once

#include <algorithm>
#include <vector>

namespace lc {

/// Puts the values in ascending order, each once.
template <typename Value>
void ascending(std::vector<Value>& all) {
    std::sort(all.begin(), all.end());
    all.erase(std::unique(all.begin(), all.end()), all.end());
}

} // namespace lc
