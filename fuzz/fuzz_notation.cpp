#include "core/notation.h"

#include <cstdlib>

extern "C" int LLVMFuzzerTestOneInput(const unsigned char* data, std::size_t size) {
    const std::string_view text(reinterpret_cast<const char*>(data), size);
    for (lc::Feel feel : {lc::Feel::Straight, lc::Feel::Swing, lc::Feel::RollingThirds}) {
        const auto reading = lc::readNotation(text, {feel, lc::counts(2), lc::counts(1)});
        lc::Tick at = reading.actions.empty() ? lc::Tick{} : std::min(lc::Tick{}, reading.actions.front().at);
        for (const auto& action : reading.actions) {
            if (action.at != at || action.length <= lc::Tick{}) std::abort();
            at = action.end();
        }
        if (reading.error && reading.error->begin >= text.size()) std::abort();
    }
    return 0;
}
