#include "core/exchange/handout.h"
#include "core/exchange/routine_text.h"
#include "core/landing/findings.h"

#include <cstdlib>

/// Every line of a hand-out is told of, and the routine can be written and read again.
extern "C" int LLVMFuzzerTestOneInput(const unsigned char* data, std::size_t size) {
    const std::string_view text(reinterpret_cast<const char*>(data), size);
    const auto handout = lc::readHandout(text);
    if (!handout) return 0;
    for (const auto& line : handout->lines)
        if (line.understood.empty()) std::abort();
    if (!lc::routineFromText(lc::routineToText(handout->document))) std::abort();
    return 0;
}
