#pragma once

#include <cstddef>
#include <string>
#include <vector>

namespace lc {

/// "a, b and c".
[[nodiscard]] std::string listOf(const std::vector<std::string>& words);

/// "pass 2", "passes 2, 5 and 7".
[[nodiscard]] std::string listOf(const char* one, const char* many, const std::vector<std::size_t>& numbers);
[[nodiscard]] std::string listOf(const char* one, const char* many, const std::vector<int>& numbers);

} // namespace lc
