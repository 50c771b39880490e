#pragma once

#include <algorithm>
#include <cstddef>
#include <utility>
#include <vector>

namespace lc {

/// The value below which `part` of `of` equal parts of the values lie; of values between two, the upper one. The values
/// must not be empty. O(n).
template <typename T>
[[nodiscard]] T quantile(std::vector<T> values, std::size_t part, std::size_t of) {
    const auto at = values.begin() + static_cast<std::ptrdiff_t>(values.size() * part / of);
    std::nth_element(values.begin(), at, values.end());
    return *at;
}

/// The middle value; of an even number of values the upper of the two. The values must not be empty. O(n).
template <typename T>
[[nodiscard]] T median(std::vector<T> values) {
    return quantile(std::move(values), 1, 2);
}

} // namespace lc
