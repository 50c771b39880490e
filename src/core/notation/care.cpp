#include "core/notation/care.h"

#include "core/notation/step_words.h"

#include <algorithm>
#include <cstdlib>
#include <set>

namespace lc {

const std::vector<CareMark>& allCareMarks() {
    // Cautions that teachers give; common practice, no source.
    static const std::vector<CareMark> marks{
        {"clearance",
         Core::sentence("Kicks and sweeping legs need room: look behind you, keep them low where others stand near.")},
        {"small-base",
         Core::sentence("Fast turns want a small base: feet close, weight over one foot, eyes early to the front.")},
        {"balance", Core::sentence("A large step into a turn throws you off: make it smaller, or turn less.")},
        {"no-pull",
         Core::sentence(
             "Joined hands show the turn and do not pull: no force through the arms, let go when it hurts.")},
        {"dry-floor", Core::sentence("Jumps, stomps and slides want a dry, even floor that gives a little.")},
        {"shoes", Core::sentence("Shoes that let the foot turn, and hold the heel.")},
        {"warm-up", Core::sentence("Warm up before this one, and begin it slowly.")},
        {"rest", Core::sentence("Rest between full runs; stop when you are tired.")},
        {"volume", Core::sentence("Keep the music at a comfortable volume.")}};
    return marks;
}

const CareMark* careMark(std::string_view code) {
    for (const CareMark& mark : allCareMarks())
        if (mark.code == code) return &mark;
    return nullptr;
}

std::vector<CareMark> careFor(const std::vector<Action>& actions, const CoupleState& coupleBefore) {
    std::set<std::string_view> asked;
    CoupleState couple = coupleBefore;
    for (const Action& action : actions) {
        couple = couple.then(action.couple);
        for (const std::string& code : action.care) asked.insert(code);
        for (const std::string_view code : careOfWords(action.words)) asked.insert(code);
        if (action.kind == ActionKind::Jump)
            asked.insert({"dry-floor", "shoes"}); // also one that is written without the word
        if (action.turn.value == 0) continue;
        const bool large = meaningOf(action.words).size == StepSize::Large;
        if (std::abs(action.turn.value) >= 4 && action.turnEnd() - action.at <= counts(2)) asked.insert("small-base");
        if (large) asked.insert("balance");
        if (couple.hold && !couple.hold->pairs.empty()) asked.insert("no-pull");
    }
    std::vector<CareMark> out;
    for (const CareMark& mark : allCareMarks())
        if (asked.count(mark.code)) out.push_back(mark);
    return out;
}

} // namespace lc
