#include "core/exchange/routine_text.h"
#include "core/landing/findings.h"

#include <cstdlib>

extern "C" int LLVMFuzzerTestOneInput(const unsigned char* data, std::size_t size) {
    const auto document = lc::routineFromText({reinterpret_cast<const char*>(data), size});
    if (!document) return 0;
    (void)lc::land(*document);
    const std::string text = lc::routineToText(*document);
    const auto again = lc::routineFromText(text);
    if (!again || lc::routineToText(*again) != text) std::abort(); // what was read is written so that it reads the same
    return 0;
}
