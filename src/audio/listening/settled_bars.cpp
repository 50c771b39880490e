#include "audio/listening/settled_bars.h"

#include <utility>

namespace lc {

namespace {

constexpr double hardlyMinds = 2.5; // logarithm of odds; tuned on the development half

/// Lets an odd bar and the one after it change places, if nothing binds them.
bool movedLater(SongMap& map, const SettlingRules& rules, std::size_t bar) {
    Bar& odd = map.bars[bar];
    Bar& next = map.bars[bar + 1];
    if (odd.beats == map.metre.beats || next.beats != map.metre.beats || rules.stated(odd) || rules.stated(next))
        return false;
    const std::size_t now = next.firstBeat / rules.parts;
    const std::size_t then = (odd.firstBeat + static_cast<std::size_t>(next.beats)) / rules.parts;
    if (now >= rules.one.size() || then >= rules.one.size() || rules.one[now] - rules.one[then] > hardlyMinds)
        return false;
    std::swap(odd.beats, next.beats);
    std::swap(odd.grouping, next.grouping);
    next.firstBeat = odd.firstBeat + static_cast<std::size_t>(odd.beats);
    return true;
}

} // namespace

void settleOddBars(SongMap& map, const SettlingRules& rules) {
    for (std::size_t p = 0; p < map.phrases.size(); ++p) {
        Phrase& phrase = map.phrases[p];
        if (phrase.bars >= 2) movedLater(map, rules, phrase.firstBar + phrase.bars - 2);
        if (p + 1 == map.phrases.size()) continue;
        Phrase& next = map.phrases[p + 1];
        if (rules.phraseStated(next) || (next.bars != phrase.bars + 1 && next.bars != 1) ||
            !movedLater(map, rules, phrase.firstBar + phrase.bars - 1))
            continue;
        ++phrase.bars;
        ++next.firstBar;
        if (--next.bars == 0) map.phrases.erase(map.phrases.begin() + static_cast<std::ptrdiff_t>(p) + 1);
    }
}

} // namespace lc
