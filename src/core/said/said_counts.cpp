#include "core/said/said_counts.h"

#include "core/notation/set_numbers.h"

namespace lc::said {

bool Counts::countAt(std::size_t i) const {
    const SaidToken* t = at(i);
    if (!t) return false;
    if (t->is(Sense::Count) || t->is(Sense::Letter) || t->kind == TokenKind::Silent) return true;
    const SaidToken* next = at(i + 1);
    if (t->is(Sense::And))
        return next ? next->is(Sense::Count) || next->is(Sense::Letter) : i > 0 && at(i - 1)->is(Sense::Count);
    return t->is(Sense::Hold) && !m_begun && next && next->is(Sense::Count) && next->value == 2; // "hold 2 3 4"
}

std::size_t Counts::leadIn() {
    if (m_tokens.empty() || !m_tokens.front().is(Sense::Count) || m_tokens.front().value <= 1) return 0;
    const std::int64_t first = m_tokens.front().value;
    std::int64_t last = first - 1;
    std::size_t k = 0, said = 0;
    while (const SaidToken* t = at(k)) {
        if (t->is(Sense::Count) && t->value == last + 1) {
            ++last;
            ++said;
        } else if (t->kind != TokenKind::Break && t->kind != TokenKind::Colon && !(t->is(Sense::And) && countAt(k)))
            break;
        ++k;
    }
    if (said < 2) return 0;
    const SaidToken* then = at(k);
    const std::size_t begin = m_tokens.front().begin, finish = m_tokens[k - 1].finish;
    if (then && then->is(Sense::Count) && then->value == 1) {
        m_asker.note(begin, finish, Core::sentence("These counts lead in; the line begins with the 1 after them."));
        m_spoken = true;
        return k;
    }
    const Sentence danced = Core::sentence("danced on %1 to %2", first, last);
    if (!then) {
        if (m_asker.ask(begin, finish, Core::sentence("Is something danced on these counts, or do they lead in?"),
                        {danced, Core::sentence("danced on 1 to %1", said)}) == 1)
            m_lessBy = first - 1;
        else
            m_waitsBefore = first - 1;
        m_spoken = true;
        return 0;
    }
    const auto rest = m_tokens.begin() + static_cast<std::ptrdiff_t>(k);
    const bool setOff = first == 5 && last == 8 && std::count_if(rest, m_tokens.end(), [](const SaidToken& t) {
                                                       return t.is(Sense::Step) || t.is(Sense::Direction);
                                                   }) > 1; // "5 6 7 8 walk walk walk kick"
    const bool words = setOff || m_tokens.front().spelled || std::any_of(rest, m_tokens.end(), [](const SaidToken& t) {
                           return t.is(Sense::Figure) || t.kind == TokenKind::Break;
                       });
    const bool counted = std::any_of(rest, m_tokens.end(), [](const SaidToken& t) {
        return t.is(Sense::Count) || t.is(Sense::Letter) || t.kind == TokenKind::Silent;
    });
    if (!words || counted || last < 4 || then->kind == TokenKind::Dash || then->is(Sense::Hold) ||
        then->is(Sense::Times))
        return 0;
    m_spoken = true;
    return m_asker.ask(begin, finish, Core::sentence("Do these counts lead in, or is something danced on them?"),
                       {Core::sentence("they lead in"), danced}) == 0
               ? k
               : 0;
}

std::optional<std::int64_t> Counts::absolute(const SaidToken& t) {
    const std::int64_t n = t.value;
    m_begun = true;
    const auto meant = notation::setNumber(n, m_base, m_last);
    if (n < 1 || !meant || meant->count() > notation::mostCounts) {
        m_asker.refuse(t.begin, t.finish,
                       n < 1 || meant ? notation::noCount() : notation::outOfOrder("“" + t.text + "”", n, m_last));
        return std::nullopt;
    }
    m_base = meant->base;
    m_last = meant->inSet;
    return meant->count();
}

Mark& Counts::mark(std::vector<Mark>& marks, const SaidToken& t, std::int64_t count, bool silent) {
    marks.push_back({count, {}, counts(count - 1), silent, false, t.begin, t.finish});
    m_heldBefore = m_heldBefore || silent;
    m_spoken = m_spoken || silent;
    return marks.back();
}

std::size_t Counts::read(std::size_t i, std::vector<Mark>& marks, bool& range) {
    while (const SaidToken* t = at(i)) {
        if (m_asker.error()) return m_tokens.size();
        const bool pause = t->kind == TokenKind::Break || t->kind == TokenKind::Colon;
        const SaidToken* behind = pause ? at(i + 1) : nullptr;
        if (t->is(Sense::Count)) {
            const auto n = absolute(*t);
            if (!n) return m_tokens.size();
            mark(marks, *t, *n);
            ++i;
        } else if (t->is(Sense::Letter) || (t->is(Sense::And) && countAt(i))) {
            if (!letter(i, marks)) return m_tokens.size();
            ++i;
        } else if (t->kind == TokenKind::Silent) {
            for (std::int64_t n = t->value; n <= std::min(t->over, t->value + 64); ++n) {
                SaidToken one = *t;
                one.value = n;
                const auto count = absolute(one);
                if (!count) return m_tokens.size();
                mark(marks, *t, *count, true);
            }
            ++i;
        } else if (t->kind == TokenKind::Dash) {
            if (!dash(i, marks, range)) return m_tokens.size();
        } else if (t->is(Sense::Hold) && !range && ((marks.empty() && countAt(i)) || holdsNextCount(i, marks))) {
            m_begun = true;
            ++m_last;
            mark(marks, *t, m_base + m_last, true);
            ++i;
        } else if (pause && countAt(i + 1)) {
            ++i;
        } else if (behind && behind->is(Sense::Hold) && holdsNextCount(i + 1, marks)) { // "1, 2, 3, hold, 5"
            ++m_last;
            mark(marks, *behind, m_base + m_last, true);
            i += 2;
        } else
            break;
    }
    return i;
}

bool Counts::letter(std::size_t i, std::vector<Mark>& marks) {
    const SaidToken& t = m_tokens[i];
    const std::string letter = t.is(Sense::And) ? "&" : t.text;
    const auto place = letterPlace(letter[0], m_choices);
    if (!place) {
        m_asker.refuse(t.begin, t.finish,
                       Core::sentence("“%1” has no place in a count that is %2.", letter, feelName(m_choices.feel)));
        return false;
    }
    Mark& m = mark(marks, t, m_base + m_last);
    m.letter = letter;
    m.glued = !t.spaceBefore && i > 0 && (m_tokens[i - 1].is(Sense::Count) || m_tokens[i - 1].is(Sense::Letter));
    m.at = counts(m_base + m_last - 1) + *place;
    return true;
}

bool Counts::dash(std::size_t& i, std::vector<Mark>& marks, bool& range) {
    const SaidToken& t = m_tokens[i];
    const SaidToken* next = at(i + 1);
    if (marks.empty()) {
        m_asker.refuse(
            t.begin, t.finish,
            Core::sentence("A dash stands between two counts, as in 1-4, or for a silent count after others."));
        return false;
    }
    const bool apart = t.spaceBefore && t.spaceAfter, follows = next && next->is(Sense::Count);
    if (follows && next->value > m_last && !(apart && next->value == m_last + 2 && marks.size() > 1 && !range)) {
        for (std::int64_t n = m_last + 1; n < next->value && n <= notation::mostCounts; ++n)
            mark(marks, *next, m_base + n);
        range = true;
        ++i;
        return true;
    }
    if (follows && next->value <= m_last && next->value != 1) {
        m_asker.refuse(next->begin, next->finish,
                       Core::sentence("A range goes up: %1-%2 or later.", m_last, m_last + 1));
        return false;
    }
    ++m_last;
    mark(marks, t, m_base + m_last, true);
    ++i;
    return true;
}

bool Counts::holdsNextCount(std::size_t i, const std::vector<Mark>& marks) {
    if (marks.empty() || (marks.size() < 2 && !marks.front().silent)) return false;
    if (!m_tokens[i].spelled && !m_tokens.front().spelled) return false; // "4 wait" is in the notation
    std::size_t k = i + 1;
    while (at(k) && (at(k)->kind == TokenKind::Break || at(k)->is(Sense::Hold))) ++k;
    const SaidToken* next = at(k);
    if (next && next->is(Sense::Count)) return next->value >= m_last + 2 || next->value == 1;
    if (next && !next->is(Sense::Times) && !next->is(Sense::Repeat) && !next->is(Sense::OtherFoot) && !countAt(k))
        return false;
    const bool spelled = std::any_of(m_tokens.begin(), m_tokens.end(),
                                     [](const SaidToken& t) { return t.is(Sense::Count) && t.spelled; });
    if (spelled || m_heldBefore) return true;
    const std::string n = std::to_string(m_last), after = std::to_string(m_last + 1);
    return m_asker.ask(m_tokens[i].begin, m_tokens[i].finish,
                       Core::sentence("Is this the count after %1, or %2 itself?", n, n),
                       {Core::sentence("a silent %1", after), Core::sentence("nothing is danced on %1", n)}) == 0;
}

} // namespace lc::said
