#include "core/song/structure_text.h"

#include <cstdlib>

extern "C" int LLVMFuzzerTestOneInput(const unsigned char* data, std::size_t size) {
    const auto map = lc::mapFromStructure({reinterpret_cast<const char*>(data), size}, 120, {});
    if (map && !lc::validate(*map)) std::abort();
    return 0;
}
