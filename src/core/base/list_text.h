#pragma once

#include "core/base/sentence.h"

#include <cstddef>
#include <string>
#include <vector>

namespace lc {

/// "a, b and c", in English.
[[nodiscard]] std::string listOf(const std::vector<std::string>& words);

/// The same as a value in a sentence: numbers, names or sentences.
template <typename T>
[[nodiscard]] Argument listed(const std::vector<T>& values, Joined joined = Joined::And) {
    return {std::vector<Argument>(values.begin(), values.end()), joined};
}

/// "pass 2", "passes 2, 5 and 7".
template <typename Number>
[[nodiscard]] Sentence passesSaid(const std::vector<Number>& numbers) {
    return Core::plural("pass %1|passes %1", nullptr, static_cast<std::int64_t>(numbers.size()), listed(numbers));
}

} // namespace lc
