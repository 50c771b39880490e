#include "core/base/list_text.h"

#include <algorithm>
#include <iterator>

namespace lc {

namespace {

template <typename T>
std::string listOfNumbers(const char* one, const char* many, const std::vector<T>& numbers) {
    std::vector<std::string> digits;
    std::transform(numbers.begin(), numbers.end(), std::back_inserter(digits), [](T n) { return std::to_string(n); });
    return std::string(numbers.size() == 1 ? one : many) + " " + listOf(digits);
}

} // namespace

std::string listOf(const std::vector<std::string>& words) {
    std::string text;
    for (std::size_t i = 0; i < words.size(); ++i)
        text += (i == 0 ? "" : i + 1 == words.size() ? " and " : ", ") + words[i];
    return text;
}

std::string listOf(const char* one, const char* many, const std::vector<std::size_t>& numbers) {
    return listOfNumbers(one, many, numbers);
}
std::string listOf(const char* one, const char* many, const std::vector<int>& numbers) {
    return listOfNumbers(one, many, numbers);
}

} // namespace lc
