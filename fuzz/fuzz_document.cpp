#include "core/document/document_json.h"
#include "core/landing/findings.h"

#include <cstdlib>

extern "C" int LLVMFuzzerTestOneInput(const unsigned char* data, std::size_t size) {
    const auto document = lc::documentFromJson({reinterpret_cast<const char*>(data), size});
    if (!document) return 0;
    if (!lc::validate(*document->map)) std::abort();
    (void)lc::land(*document);
    return 0;
}
