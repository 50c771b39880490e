#include "core/said/said_groups.h"

namespace lc::said {

bool saysAgain(const SaidToken& t) { return t.is(Sense::Times) || t.is(Sense::Repeat) || t.is(Sense::OtherFoot); }

std::vector<CountedGroup> groupsFromTwoIn(const std::vector<SaidToken>& tokens, std::size_t from) {
    std::vector<CountedGroup> out;
    const auto isWord = [&](std::size_t i) {
        return i < tokens.size() && tokens[i].kind == TokenKind::Known && !tokens[i].is(Sense::Count) &&
               !tokens[i].is(Sense::Letter) && !tokens[i].is(Sense::And) && !saysAgain(tokens[i]);
    };
    const auto isBreak = [&](std::size_t i) { return i < tokens.size() && tokens[i].kind == TokenKind::Break; };
    std::size_t i = from;
    while (i < tokens.size()) {
        CountedGroup g{i, i, 1, 0, 0, false};
        while (isWord(i)) ++i;
        g.to = i;
        if (g.to == g.from) return {};
        while (isBreak(i)) ++i;
        while (i < tokens.size() && tokens[i].is(Sense::Count) && tokens[i].value == g.counts + 1) {
            ++g.counts;
            ++i;
            g.comma = isBreak(i);
            while (isBreak(i)) ++i;
        }
        if (g.counts < 2) return {};
        g.lastFrom = i;
        while (isWord(i) && !(g.comma && i > g.lastFrom && isBreak(i))) ++i;
        g.lastTo = i;
        if (i + 1 < tokens.size() && g.lastTo > g.lastFrom && tokens[i].is(Sense::Count))
            return {}; // the words begin the next group, or belong to a count
        while (isBreak(i)) ++i;
        out.push_back(g);
    }
    return out;
}

Again againAt(const std::vector<SaidToken>& tokens, std::size_t i, std::int64_t base, std::int64_t before) {
    const auto at = [&](std::size_t k) { return k < tokens.size() ? &tokens[k] : nullptr; };
    Again out;
    for (; at(i); ++i) {
        const SaidToken& t = tokens[i];
        const bool goesOn = at(i + 1) && at(i + 1)->is(Sense::OtherFoot);
        if (t.is(Sense::OtherFoot))
            out.other = true;
        else if (t.is(Sense::Side) || t.is(Sense::Foot))
            out.side = t.text == "L" ? Foot::Left : Foot::Right;
        else if (t.is(Sense::Count) && !out.counts && t.value + base <= before) {
            const bool range = at(i + 1) && at(i + 1)->kind == TokenKind::Dash && at(i + 2) &&
                               at(i + 2)->is(Sense::Count) && at(i + 2)->value + base <= before;
            out.counts = {t.value + base, tokens[range ? i + 2 : i].value + base};
            if (range) i += 2;
        } else if (!t.is(Sense::Repeat) && !t.is(Sense::Filler) && !(t.kind == TokenKind::Break && goesOn))
            break;
    }
    out.next = i;
    return out;
}

} // namespace lc::said
