#pragma once

#include "core/base/sentence.h"
#include "core/landing/findings.h"

#include <vector>

namespace lc {

/// One sentence that says in which passes something happens, without their numbers.
struct ExceptionRule {
    Sentence what;           ///< "restart after 16", "a tag of 4"
    std::vector<int> passes; ///< numbers of the passes in which it happens, ascending
    Sentence when;  ///< "whenever you start facing 6 in a chorus", "in every third pass"; empty where no rule of one or
                    ///< two conditions is true
    int length = 0; ///< words of it to remember; 0 without a rule
};

/// For each restart, tag, bridge and change of the passes that begin within the song the shortest true rule: it holds
/// in exactly those passes. Conditions are every nth pass (where it happens more than once), the first and the last,
/// the part, the facing, the section a pass begins in or the kind of that in which the one before began, and the counts
/// of that phrase; all of them and all pairs but two that both number passes are tried. Of equally short ones the first
/// in that order. Conditions speak of music and dance as they are, so the rule holds for this song.
[[nodiscard]] std::vector<ExceptionRule> exceptionRules(const Document& document, const Landing& landing);

/// "Restart after 16 whenever you start facing 6 in a chorus." or, without a rule, "Restart after 16 in passes 2 and 7;
/// there is no short rule for it."
[[nodiscard]] Sentence ruleInWords(const ExceptionRule& rule);

} // namespace lc
