// Any bytes as a facts file: a list of facts that print and read back, or a sentence.
#include "core/song/song_facts.h"

#include <cstdint>
#include <cstdlib>
#include <string_view>

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    const auto facts = lc::readFacts(std::string_view(reinterpret_cast<const char*>(data), size));
    if (!facts) return facts.error().message.empty() ? (std::abort(), 0) : 0;
    for (const lc::SongFact& fact : *facts) {
        const auto line = lc::factLine(fact);
        if (!line || !lc::readFacts(*line)) std::abort();
    }
    return 0;
}
