#include "core/papers/paper_text.h"

#include <cstdlib>
#include <string>

/// Whatever a paper holds, it ends in UTF-8 or a sentence. The libraries that open prints, documents and pages are not
/// ours and are not led by the fuzzer; what we make of them is.
extern "C" int LLVMFuzzerTestOneInput(const unsigned char* data, std::size_t size) {
    const std::string_view bytes(reinterpret_cast<const char*>(data), size);
    const auto text = lc::paperText(bytes, "paper");
    if (text ? !lc::isUtf8(text->text) : text.error().message.empty()) std::abort();
    if (size == 0 || data[0] == '<') return 0;
    if (const auto page = lc::paperText("<html><body>" + std::string(bytes), "page"); page && !lc::isUtf8(page->text))
        std::abort(); // as a page, too
    return 0;
}
