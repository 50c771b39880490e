#include "core/notation/notation_print.h"
#include "core/said/steps_reader.h"
#include "core/said/word_meaning.h"

#include <cstdlib>

namespace {

/// Words of one's own of each kind, one of them of two schools.
const lc::OwnWords& words() {
    static const lc::OwnWords all({{"zwirl", "", "1 step & step 2 step"},
                                   {"sailor step", "Hofkreis", "1 behind 2 side 3 side"},
                                   {"tipf", "", "1 touch"},
                                   {"flink", "", ""},
                                   {"bogen", "Hofkreis", "1 step 2 step 1/2 R"},
                                   {"bogen", "Nordsaal", "1 touch R"}});
    return all;
}

} // namespace

/// What was read of a said line lies inside it and stands in the notation below it; every answer can be read.
extern "C" int LLVMFuzzerTestOneInput(const unsigned char* data, std::size_t size) {
    const std::string_view text(reinterpret_cast<const char*>(data), size);
    for (lc::Feel feel : {lc::Feel::Straight, lc::Feel::Swing}) {
        lc::NotationChoices choices{.feel = feel};
        choices.words = words();
        const lc::StepsReading read = lc::readSteps(text, choices);
        for (const auto& action : read.reading.actions)
            if (action.begin > action.finish || action.finish > text.size() || action.length <= lc::Tick{})
                std::abort();
        if (read.line.empty() || read.reading.error) continue;
        if (!lc::sameDance(lc::readNotation(read.line, choices), read.reading)) std::abort();
        for (const auto& question : read.reading.questions)
            for (const auto& answer : question.answers)
                if (lc::readNotation(answer.line, choices).error || (answer.word && !lc::checkedWord(*answer.word)))
                    std::abort();
    }
    return 0;
}
