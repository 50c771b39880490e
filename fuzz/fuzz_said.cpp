#include "core/notation/notation_print.h"
#include "core/said/steps_reader.h"

#include <cstdlib>

/// What was read of a said line lies inside it and stands in the notation below it; every answer can be read.
extern "C" int LLVMFuzzerTestOneInput(const unsigned char* data, std::size_t size) {
    const std::string_view text(reinterpret_cast<const char*>(data), size);
    for (lc::Feel feel : {lc::Feel::Straight, lc::Feel::Swing}) {
        const lc::NotationChoices choices{feel, lc::counts(2), lc::counts(1)};
        const lc::StepsReading read = lc::readSteps(text, choices);
        for (const auto& action : read.reading.actions)
            if (action.begin > action.finish || action.finish > text.size() || action.length <= lc::Tick{}) std::abort();
        if (read.line.empty() || read.reading.error) continue;
        if (!lc::sameDance(lc::readNotation(read.line, choices), read.reading)) std::abort();
        for (const auto& question : read.reading.questions)
            for (const auto& answer : question.answers)
                if (lc::readNotation(answer.line, choices).error) std::abort();
    }
    return 0;
}
