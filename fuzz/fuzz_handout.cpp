#include "core/exchange/handout_settling.h"
#include "core/exchange/routine_text.h"
#include "core/landing/findings.h"

#include <algorithm>
#include <cstdlib>

/// Every line of a hand-out is told of, and the routine can be written and read again.
extern "C" int LLVMFuzzerTestOneInput(const unsigned char* data, std::size_t size) {
    const std::string_view text(reinterpret_cast<const char*>(data), size);
    const auto handout = lc::readHandout(text);
    if (!handout) return 0;
    for (const auto& line : handout->lines)
        if (line.understood.empty()) std::abort();
    const auto again = lc::routineFromText(lc::routineToText(handout->document));
    if (!again || again->routine.unsettled.size() != handout->document.routine.unsettled.size()) std::abort();
    lc::Document document =
        handout->document; // every first answer can be given, again and again, until nothing is open
    for (int tries = 0; tries < 60; ++tries) {
        const auto questions = lc::openQuestions(document, handout->lines);
        if (questions.size() != handout->lines.size()) std::abort();
        const auto open = std::find_if(questions.begin(), questions.end(),
                                       [](const auto& question) { return question && !question->answers.empty(); });
        if (open == questions.end()) break;
        auto after = lc::applyEdits(document, (*open)->answers.front().edits);
        if (!after) std::abort();
        document = std::move(*after);
    }
    return 0;
}
