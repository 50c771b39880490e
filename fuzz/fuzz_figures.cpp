// Any bytes as a file of figures, JSON or CSV: figures that are written and read back the same, or a sentence.
#include "core/base/plain_text.h"
#include "core/exchange/figure_file.h"

#include <cstdint>
#include <cstdlib>
#include <string_view>

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    const auto text = lc::readForeignText(std::string_view(reinterpret_cast<const char*>(data), size), "figures");
    if (!text) return text.error().message.empty() ? (std::abort(), 0) : 0;
    const auto cards = lc::figuresFromText(text->text);
    if (!cards) return cards.error().message.empty() ? (std::abort(), 0) : 0;
    const auto again = lc::figuresFromJson(lc::figuresToJson(*cards));
    if (!again || *again != *cards) std::abort();
    return 0;
}
