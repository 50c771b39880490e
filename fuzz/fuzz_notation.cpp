#include "core/notation/notation_print.h"

#include <cstdlib>

extern "C" int LLVMFuzzerTestOneInput(const unsigned char* data, std::size_t size) {
    const std::string_view text(reinterpret_cast<const char*>(data), size);
    for (lc::Feel feel : {lc::Feel::Straight, lc::Feel::Swing, lc::Feel::RollingThirds}) {
        const lc::NotationChoices choices{feel, lc::counts(2), lc::counts(1)};
        const auto reading = lc::readNotation(text, choices);
        lc::Tick at = reading.actions.empty() ? lc::Tick{} : std::min(lc::Tick{}, reading.actions.front().at);
        for (const auto& action : reading.actions) {
            if (action.at != at || action.length <= lc::Tick{}) std::abort();
            at = action.end();
        }
        if (reading.error && reading.error->begin >= text.size()) std::abort();
        if (reading.error || (!reading.actions.empty() && reading.actions.front().at < lc::Tick{})) continue;
        const std::string again = lc::printNotation(reading, choices);
        for (const auto& question : reading.questions)
            for (const auto& answer : question.answers)
                if (answer.taken && lc::readNotation(answer.line, choices).length != reading.length) std::abort();
        if (!lc::sameDance(lc::readNotation(again, choices), reading)) std::abort();
    }
    return 0;
}
