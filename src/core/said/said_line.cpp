#include "core/said/said_line.h"

#include "core/notation/feel.h"
#include "core/notation/notation_moments.h"
#include "core/said/said_acts.h"

#include <algorithm>
#include <utility>

namespace lc::said {

namespace {

/// A moment that is said by its count.
struct Mark {
    std::int64_t count = 0; ///< from the line's count 1
    std::string letter;     ///< "&", "a", "e", or empty on the count
    Tick at;
    bool silent = false;
    bool glued = false;     ///< a letter written at its number
    std::size_t begin = 0;
    std::size_t finish = 0;
};

/// One moment of the line in the notation.
struct Out {
    std::int64_t count = 0; ///< of a whole count; 0 for a letter
    std::string label;      ///< of a letter, of slow and quick; of a range its last count
    bool glued = false;
    std::string body;
    std::size_t begin = 0;
    std::size_t finish = 0;
};

class Sayer {
public:
    Sayer(const std::vector<SaidToken>& tokens, const NotationChoices& choices, Asker& asker) : m_tokens(tokens), m_choices(choices), m_asker(asker) {}

    SaidLine run() {
        m_from = leadIn();
        const auto begin = m_tokens.begin() + static_cast<std::ptrdiff_t>(m_from);
        m_counted = std::any_of(begin, m_tokens.end(), [](const SaidToken& t) { return t.is(Sense::Count) || t.kind == TokenKind::Silent; });
        const bool slowQuick = !m_counted && std::any_of(begin, m_tokens.end(), [](const SaidToken& t) { return t.is(Sense::Slow) || t.is(Sense::Quick); });
        m_said.spoken = m_said.spoken || std::any_of(begin, m_tokens.end(), [](const SaidToken& t) { return isSpoken(t); }) || !(m_counted || slowQuick);
        if (m_counted) counted();
        else if (slowQuick) inSlowAndQuick();
        else list();
        write();
        return std::move(m_said);
    }

private:
    static bool isSpoken(const SaidToken& t) {
        if (t.kind == TokenKind::Silent || t.kind == TokenKind::Clock || t.kind == TokenKind::Remark || t.kind == TokenKind::Colon) return true;
        if (t.kind != TokenKind::Known) return false;
        switch (t.sense) {
        case Sense::Count:
        case Sense::Letter:
        case Sense::Slow:
        case Sense::Quick:
        case Sense::Foot:
        case Sense::Hold:
        case Sense::Times:
        case Sense::Step:
        case Sense::Direction:
        case Sense::Gesture:
        case Sense::Manner: return t.spelled;
        case Sense::And:
        case Sense::Repeat:
        case Sense::OtherFoot: return true;
        case Sense::Fraction: return t.text.find_first_of("0123456789") == std::string::npos && t.text.empty();
        case Sense::Turning:
        case Sense::Figure:
        case Sense::Reference:
        case Sense::Filler: return false;
        }
        return false;
    }

    const SaidToken* at(std::size_t i) const { return i < m_tokens.size() ? &m_tokens[i] : nullptr; }
    bool countish(std::size_t i) const {
        const SaidToken* t = at(i);
        if (!t) return false;
        if (t->is(Sense::Count) || t->is(Sense::Letter) || t->kind == TokenKind::Silent) return true;
        const SaidToken* next = at(i + 1);
        if (t->is(Sense::And)) return next ? next->is(Sense::Count) || next->is(Sense::Letter) : i > 0 && at(i - 1)->is(Sense::Count);
        return t->is(Sense::Hold) && m_outs.empty() && m_marks.empty() && next && next->is(Sense::Count) && next->value == 2; // "hold 2 3 4"
    }

    // Counts ---------------------------------------------------------------------------------------------------------------------

    void counted() {
        std::size_t i = m_from;
        while (i < m_tokens.size() && !m_asker.error()) {
            if (m_tokens[i].kind == TokenKind::Break || m_tokens[i].kind == TokenKind::Colon) { ++i; continue; }
            if (!countish(i)) {
                i = beforeTheFirst(i);
                continue;
            }
            m_marks.clear();
            m_range = false;
            i = marks(i);
            const std::size_t from = i;
            while (i < m_tokens.size() && !endsWords(i)) ++i;
            segment({m_tokens.data() + from, i - from});
        }
    }

    /// Words that stand before every count: only what says how all is repeated, or nothing.
    std::size_t beforeTheFirst(std::size_t i) {
        const SaidToken& t = m_tokens[i];
        if (t.is(Sense::Filler) || t.kind == TokenKind::Own || t.kind == TokenKind::Clock || t.kind == TokenKind::Remark) {
            if (t.kind == TokenKind::Own) m_head += (m_head.empty() ? "" : " ") + t.text;
            return i + 1;
        }
        if (repeats(i)) return i + 1;
        m_asker.refuse(t.begin, t.finish, "“" + t.text + "” stands before the first count. Say on which count it is danced, or say the line without counts.");
        return m_tokens.size();
    }

    bool endsWords(std::size_t i) const {
        const SaidToken& t = m_tokens[i];
        return countish(i) || t.is(Sense::Times) || t.is(Sense::Repeat) || t.is(Sense::OtherFoot);
    }

    std::optional<std::int64_t> absolute(const SaidToken& t) {
        const std::int64_t n = t.value;
        if (n < 1 || n > notation::mostCounts || m_base + n > notation::mostCounts) {
            m_asker.refuse(t.begin, t.finish, "A count is a number from 1 to " + std::to_string(notation::mostCounts) + ".");
            return std::nullopt;
        }
        if (m_last == 0 || n > m_last) {
            m_last = n;
            return m_base + n;
        }
        const bool endOfSet = m_last == 7 || m_last == 8;
        if (endOfSet && n != 1 && (m_base + 8) % 8 == 0 && n == (m_base + 8) / 8 + 1) { // "2 2 3 4": the eight's number on its 1
            m_base += 8;
            m_last = 1;
            return m_base + 1;
        }
        if (n == 1) {
            m_base += m_last == 7 ? 8 : m_last;
            m_last = 1;
            return m_base + 1;
        }
        m_asker.refuse(t.begin, t.finish, n == m_last ? "“" + t.text + "” is there already. Use & for the half, or go on to " + std::to_string(n + 1) + "."
                                                      : "“" + t.text + "” comes after " + std::to_string(m_last) + ". Counts go up, or begin again at 1.");
        return std::nullopt;
    }

    Mark& mark(const SaidToken& t, std::int64_t count, bool silent = false) {
        m_marks.push_back({count, {}, counts(count - 1), silent, false, t.begin, t.finish});
        return m_marks.back();
    }

    /// Reads counts that follow one another without words between them; returns where the words begin.
    std::size_t marks(std::size_t i) {
        while (const SaidToken* t = at(i)) {
            if (m_asker.error()) return m_tokens.size();
            if (t->is(Sense::Count)) {
                const auto n = absolute(*t);
                if (!n) return m_tokens.size();
                mark(*t, *n);
                ++i;
            } else if (t->is(Sense::Letter) || (t->is(Sense::And) && countish(i))) {
                if (!letter(i)) return m_tokens.size();
                ++i;
            } else if (t->kind == TokenKind::Silent) {
                for (std::int64_t n = t->value; n <= t->over && n <= t->value + 64; ++n) {
                    SaidToken one = *t;
                    one.value = n;
                    const auto a = absolute(one);
                    if (!a) return m_tokens.size();
                    mark(*t, *a, true);
                }
                ++i;
            } else if (t->kind == TokenKind::Dash) {
                if (!dash(i)) return m_tokens.size();
            } else if (t->is(Sense::Hold) && (m_marks.empty() || holdsNextCount(i))) {
                mark(*t, m_base + ++m_last, true);
                m_said.spoken = true;
                ++i;
            } else if ((t->kind == TokenKind::Break || t->kind == TokenKind::Colon) && (countish(i + 1) || (at(i + 1) && at(i + 1)->is(Sense::Hold) && holdsNextCount(i + 1)))) {
                ++i;
                if (!countish(i)) { // the hold has been settled
                    mark(m_tokens[i], m_base + ++m_last, true);
                    m_said.spoken = true;
                    ++i;
                }
            } else
                break;
        }
        return i;
    }

    /// "5 6 7 8 1 2 3": counts that rise to the end of a set before 1 is said, or before words, lead in. Where the line begins.
    std::size_t leadIn() {
        if (m_tokens.empty() || !m_tokens.front().is(Sense::Count) || m_tokens.front().value <= 1) return 0;
        const std::int64_t first = m_tokens.front().value;
        std::int64_t last = first - 1;
        std::size_t k = 0, said = 0;
        bool words = m_tokens.front().spelled;
        while (const SaidToken* t = at(k)) {
            if (t->is(Sense::Count) && t->value == last + 1) { ++last; ++said; }
            else if (t->kind != TokenKind::Break && t->kind != TokenKind::Colon && !(t->is(Sense::And) && countish(k))) break;
            ++k;
        }
        if (said < 2) return 0;
        const SaidToken* then = at(k);
        const std::size_t begin = m_tokens.front().begin, finish = m_tokens[k - 1].finish;
        if (then && then->is(Sense::Count) && then->value == 1) {
            m_asker.note(begin, finish, "These counts lead in; the line begins with the 1 after them.");
            m_said.spoken = true;
            return k;
        }
        const std::string danced = "danced on " + std::to_string(first) + " to " + std::to_string(last);
        if (!then) {
            if (m_asker.ask(begin, finish, "Is something danced on these counts, or do they lead in?", {danced, "danced on 1 to " + std::to_string(said)}) == 1) m_lessBy = first - 1;
            m_said.spoken = true;
            return 0;
        }
        words = words || std::any_of(m_tokens.begin() + static_cast<std::ptrdiff_t>(k), m_tokens.end(), [](const SaidToken& t) { return t.is(Sense::Figure) || t.kind == TokenKind::Break; });
        const bool more = std::any_of(m_tokens.begin() + static_cast<std::ptrdiff_t>(k), m_tokens.end(), [](const SaidToken& t) { return t.is(Sense::Count) || t.is(Sense::Letter) || t.kind == TokenKind::Silent; });
        if (!words || more || last < 4 || then->kind == TokenKind::Dash || then->is(Sense::Hold) || then->is(Sense::Letter) || then->is(Sense::Times)) return 0;
        m_said.spoken = true;
        return m_asker.ask(begin, finish, "Do these counts lead in, or is something danced on them?", {"they lead in", danced}) == 0 ? k : 0;
    }

    bool letter(std::size_t i) {
        const SaidToken& t = m_tokens[i];
        const std::string letter = t.is(Sense::And) ? "&" : t.text;
        const auto place = letterPlace(letter[0], m_choices);
        if (!place) {
            m_asker.refuse(t.begin, t.finish, "“" + letter + "” has no place in a count that is " + feelName(m_choices.feel) + ".");
            return false;
        }
        Mark& m = mark(t, m_base + std::max<std::int64_t>(m_last, 0));
        m.letter = letter;
        m.glued = !t.spaceBefore && i > 0 && (m_tokens[i - 1].is(Sense::Count) || m_tokens[i - 1].is(Sense::Letter));
        m.at = counts(m_base + m_last - 1) + *place;
        return true;
    }

    bool dash(std::size_t& i) {
        const SaidToken& t = m_tokens[i];
        const SaidToken* next = at(i + 1);
        if (m_marks.empty()) {
            m_asker.refuse(t.begin, t.finish, "A dash stands between two counts, as in 1-4, or for a silent count after others.");
            return false;
        }
        const bool apart = t.spaceBefore && t.spaceAfter;
        if (next && next->is(Sense::Count) && next->value > m_last && !(apart && next->value == m_last + 2 && m_marks.size() > 1 && !m_range)) {
            for (std::int64_t n = m_last + 1; n < next->value && n <= notation::mostCounts; ++n) mark(*next, m_base + n);
            m_range = true;
            ++i;
            return true;
        }
        if (next && next->is(Sense::Count) && next->value <= m_last && next->value != 1) {
            m_asker.refuse(next->begin, next->finish, "A range goes up: " + std::to_string(m_last) + "-" + std::to_string(m_last + 1) + " or later.");
            return false;
        }
        mark(t, m_base + ++m_last, true);
        m_said.spoken = true;
        ++i;
        return true;
    }

    bool holdsNextCount(std::size_t i) {
        if (m_marks.empty() || (m_marks.size() < 2 && !m_marks.front().silent)) return false;
        std::size_t k = i + 1;
        while (at(k) && (at(k)->kind == TokenKind::Break || at(k)->is(Sense::Hold))) ++k;
        const SaidToken* next = at(k);
        if (next && next->is(Sense::Count)) return next->value >= m_last + 2 || next->value == 1;
        if (next && !endsWords(k)) return false;
        const bool spelled = std::any_of(m_tokens.begin(), m_tokens.end(), [](const SaidToken& t) { return t.is(Sense::Count) && t.spelled; });
        if (spelled || m_heldBefore || std::any_of(m_marks.begin(), m_marks.end(), [](const Mark& m) { return m.silent; })) return true;
        const std::string n = std::to_string(m_last), after = std::to_string(m_last + 1);
        return m_asker.ask(m_tokens[i].begin, m_tokens[i].finish, "Is this the count after " + n + ", or " + n + " itself?", {"a silent " + after, "nothing is danced on " + n}) == 0;
    }

    // Words on counts ------------------------------------------------------------------------------------------------------------

    void segment(std::span<const SaidToken> words) {
        std::size_t stop = (words.empty() ? 0 : static_cast<std::size_t>(words.data() - m_tokens.data()) + words.size());
        if (words.empty()) stop = m_tokens.size();
        m_heldBefore = m_heldBefore || std::any_of(m_marks.begin(), m_marks.end(), [](const Mark& m) { return m.silent; });
        std::vector<const Mark*> free;
        for (const Mark& m : m_marks)
            if (!m.silent) free.push_back(&m);
        Chunks said;
        if (free.size() == 1 && splitByAnd(words)) return;
        said = chunksOf(words, m_asker);
        m_said.weights.insert(m_said.weights.end(), said.weights.begin(), said.weights.end());
        if (said.chunks.empty()) {
            for (const Mark& m : m_marks) put(m, m.silent ? "wait" : "");
            return;
        }
        if (free.size() > 1 && said.chunks.size() > 1) m_said.spoken = true;
        repeatInside(said.chunks, free, stop);
        place(said.chunks, free, stop);
    }

    /// "1-4 step, pivot ½ L x2": what is repeated fills the counts.
    void repeatInside(std::vector<Chunk>& chunks, const std::vector<const Mark*>& free, std::size_t stop) {
        const SaidToken* times = at(stop);
        if (!times || !times->is(Sense::Times) || times->value < 2 || times->value > 64) return;
        Asker quiet;
        const Acts once = actsOf(chunks, m_choices, false, quiet);
        if (once.length * times->value != counts(static_cast<std::int64_t>(free.size()))) return;
        const std::vector<Chunk> again = chunks;
        for (std::int64_t k = 1; k < times->value; ++k) chunks.insert(chunks.end(), again.begin(), again.end());
        m_timesTaken = stop;
    }

    /// "1 side and close 2 side": the half count, or a word that joins.
    bool splitByAnd(std::span<const SaidToken> words) {
        for (std::size_t k = 1; k + 1 < words.size(); ++k) {
            if (!words[k].is(Sense::And) || words[k + 1].is(Sense::Gesture)) continue;
            if (m_asker.ask(words[k].begin, words[k].finish, "Is “" + m_text(words[k]) + "” the half count here, or does it join two words?", {"the half count", "it joins them"}) == 1) return false;
            segment(words.subspan(0, k));
            m_marks.clear();
            if (!letter(static_cast<std::size_t>(words.data() - m_tokens.data()) + k)) return true;
            segment(words.subspan(k + 1));
            return true;
        }
        return false;
    }
    static std::string m_text(const SaidToken& t) { return t.text == "&" ? "and" : t.text; }

    bool agrees(const Acts& acts, const std::vector<const Mark*>& free) const {
        if (acts.acts.size() != free.size()) return false;
        for (std::size_t k = 0; k < free.size(); ++k)
            if (acts.acts[k].at != free[k]->at - free.front()->at) return false;
        return true;
    }

    void place(std::vector<Chunk> chunks, const std::vector<const Mark*>& free, std::size_t stop) {
        if (free.empty()) return m_asker.refuse(chunks.front().begin, chunks.front().finish, "Something is said here on a count that is silent.");
        const bool figures = std::any_of(chunks.begin(), chunks.end(), [](const Chunk& c) { return c.kind == Chunk::Kind::Figure; });
        const bool letters = std::any_of(free.begin(), free.end(), [](const Mark* m) { return !m->letter.empty(); });
        turnsOnSteps(chunks, free.size());
        if (chunks.size() == 1 && !figures && chunks.front().feet.size() <= 1) {
            const Acts one = actsOf(chunks, m_choices, false, m_asker);
            if (free.size() == 1) return putAll(one, free);
            if (!letters && m_range) return putRange(one.acts.front(), free); // "1-4 walk"
            return oneForMany(chunks.front(), one, free);
        }
        for (const bool shorter : {false, true}) {
            Asker quiet;
            const Acts acts = actsOf(chunks, m_choices, shorter, quiet);
            const bool fills = !letters && free.size() > 1 && acts.length == free.back()->at + counts(1) - free.front()->at && m_marks.size() == free.size() && consecutive(free);
            if (!fills && !agrees(acts, free) && !(free.size() == 1 && roomFor(acts, *free.front(), stop))) continue;
            if (figures) m_said.spoken = true;
            const bool listed = figures && free.size() > 1 && !letters && !m_range && stop >= m_tokens.size();
            if (listed) { // "one two triple step"
                const bool spelled = std::any_of(m_tokens.begin(), m_tokens.end(), [](const SaidToken& t) { return t.is(Sense::Count) && t.spelled; });
                const std::string on = "on these counts", then = "a step on each count, then this";
                const auto pick = m_asker.ask(chunks.front().begin, chunks.back().finish, "Is this danced on these counts or after them?", spelled ? std::vector{then, on} : std::vector{on, then});
                if ((pick == 0) == spelled) return putAfter(actsOf(chunks, m_choices, shorter, m_asker));
            }
            return putNatural(actsOf(chunks, m_choices, shorter, m_asker), *free.front());
        }
        const Acts acts = actsOf(chunks, m_choices, false, m_asker);
        const std::string named = std::to_string(acts.acts.size()) + (acts.acts.size() == 1 ? " step is" : " steps are") + " named";
        if (acts.acts.size() == free.size() && !figures) return putAll(acts, free);
        m_said.spoken = true;
        if (free.size() == 1 && figures && chunks.size() == 1) { // "1 rock step 2 …": the counts leave room for one step only
            const Chunk& c = chunks.front();
            if (m_asker.ask(c.begin, c.finish, "This figure has " + std::to_string(acts.acts.size()) + " steps, and the counts leave room for one. Which is meant?", {"one step of that name", "its own rhythm, over what follows"}) == 0) {
                Chunk one = c;
                one.kind = Chunk::Kind::Step;
                one.words.insert(one.words.begin(), "step");
                return putAll(actsOf({one}, m_choices, false, m_asker), free);
            }
            return putNatural(acts, *free.front());
        }
        const std::size_t begin = chunks.front().begin, finish = chunks.back().finish;
        if (acts.acts.size() == free.size()) {
            if (m_asker.ask(begin, finish, "The counts say another rhythm than the words. Which is meant?", {"the counts", "the words, from count " + std::to_string(free.front()->count)}) == 0) return putAll(acts, free);
            return putNatural(acts, *free.front());
        }
        std::vector<std::string> answers{"the words, in their own rhythm from count " + std::to_string(free.front()->count),
                                         acts.acts.size() < free.size() ? "a step on each count as far as they go" : "as many as there are counts"};
        const bool follow = figures && !m_range && stop >= m_tokens.size();
        if (follow) answers.insert(answers.begin(), "a step on each count, then the words");
        std::size_t pick = m_asker.ask(begin, finish, std::to_string(free.size()) + (free.size() == 1 ? " count is" : " counts are") + " said, but " + named + ". Which is meant?", answers);
        if (follow && pick == 0) return putAfter(acts);
        if (pick == (follow ? 1U : 0U)) putNatural(acts, *free.front(), free.back()->count);
        else putAll(acts, free);
    }

    /// "one two three kick": one step after several counts.
    void oneForMany(const Chunk& chunk, const Acts& one, const std::vector<const Mark*>& free) {
        const bool spelled = std::any_of(m_tokens.begin(), m_tokens.end(), [](const SaidToken& t) { return t.is(Sense::Count) && t.spelled; });
        const std::string after = "on the count after them", last = "on the last of them", each = "on each of them";
        const std::vector<std::string> answers = spelled ? std::vector{after, last, each} : std::vector{last, each, after};
        const std::string& meant = answers[m_asker.ask(chunk.begin, chunk.finish, "One step is named for " + std::to_string(free.size()) + " counts. On which is it danced?", answers)];
        if (meant == each) return putRange(one.acts.front(), free);
        if (meant == last) return putLast(one, free);
        putAfter(one);
    }

    /// A step on each count that is said, then more.
    void putAfter(const Acts& acts) {
        for (const Mark& m : m_marks) put(m, m.silent ? "wait" : "");
        Mark next;
        next.count = m_base + m_last + 1;
        putNatural(acts, next);
    }

    static bool consecutive(const std::vector<const Mark*>& free) {
        for (std::size_t k = 1; k < free.size(); ++k)
            if (free[k]->count != free[k - 1]->count + 1) return false;
        return true;
    }

    /// One count is said for a figure: the next count that is said leaves room for its rhythm.
    bool roomFor(const Acts& acts, const Mark& first, std::size_t stop) const {
        if (!first.letter.empty()) return false;
        for (std::size_t k = stop; k < m_tokens.size(); ++k) {
            if (m_tokens[k].is(Sense::Letter)) return false;
            if (m_tokens[k].is(Sense::Count)) return m_tokens[k].value == 1 || counts(m_tokens[k].value - (first.count - m_base)) >= acts.length;
            if (m_tokens[k].kind == TokenKind::Silent) return counts(m_tokens[k].value - (first.count - m_base)) >= acts.length;
        }
        return true;
    }

    /// A turn that stands by itself belongs to the step before it where the counts say so.
    void turnsOnSteps(std::vector<Chunk>& chunks, std::size_t free) {
        for (std::size_t k = 0; k < chunks.size(); ++k) {
            if (chunks[k].kind != Chunk::Kind::Turn) continue;
            const bool fits = chunks.size() == free;
            if (fits || (k == 0 && chunks.size() == 1)) continue;
            if (chunks.size() != free + 1) continue;
            Chunk& other = k > 0 ? chunks[k - 1] : chunks[k + 1];
            other.turn = chunks[k].turn;
            other.over = chunks[k].over;
            other.side = chunks[k].side;
            other.turns = true;
            chunks.erase(chunks.begin() + static_cast<std::ptrdiff_t>(k));
            m_said.spoken = true;
            return;
        }
    }

    // Without counts -------------------------------------------------------------------------------------------------------------

    void list() {
        std::size_t i = m_from, from = m_from;
        std::vector<Chunk> all;
        std::size_t group = 0;
        const auto take = [&](std::size_t to) {
            std::size_t begin = from;
            for (std::size_t k = from; k < to; ++k)
                if (m_tokens[k].kind == TokenKind::Break) {
                    Chunks part = chunksAfter(all, {m_tokens.data() + begin, k - begin});
                    begin = k + 1;
                    if (!part.chunks.empty()) group = all.size();
                    all.insert(all.end(), part.chunks.begin(), part.chunks.end());
                }
            Chunks part = chunksAfter(all, {m_tokens.data() + begin, to - begin});
            if (!part.chunks.empty()) group = all.size();
            all.insert(all.end(), part.chunks.begin(), part.chunks.end());
        };
        for (; i < m_tokens.size() && !m_asker.error(); ++i) {
            if (!m_tokens[i].is(Sense::Times) && !m_tokens[i].is(Sense::Repeat) && !m_tokens[i].is(Sense::OtherFoot)) continue;
            take(i);
            from = i + 1;
            std::size_t whole = 0;
            if (m_tokens[i].is(Sense::Times) && group > 0 && !all.empty() &&
                m_asker.ask(m_tokens[i].begin, m_tokens[i].finish, "What is danced " + std::to_string(m_tokens[i].value) + " times?", {"all that stands before it", "only what follows the last comma"}) == 1)
                whole = group;
            std::vector<Chunk> again(all.begin() + static_cast<std::ptrdiff_t>(whole), all.end());
            if (again.empty()) return m_asker.refuse(m_tokens[i].begin, m_tokens[i].finish, "Nothing is said before it that could be repeated.");
            bool other = m_tokens[i].is(Sense::OtherFoot);
            if (m_tokens[i].is(Sense::Repeat) && at(i + 1) && at(i + 1)->is(Sense::OtherFoot)) { other = true; from = ++i + 1; }
            if (other) otherFeet(again);
            const std::int64_t times = m_tokens[i].is(Sense::Times) ? m_tokens[i].value : 2;
            if (times < 1 || times > 64) return m_asker.refuse(m_tokens[i].begin, m_tokens[i].finish, "A line is repeated 2 to 64 times.");
            for (std::int64_t k = 1; k < times; ++k) all.insert(all.end(), again.begin(), again.end());
        }
        take(m_tokens.size());
        if (all.empty()) {
            m_said.spoken = false;
            return;
        }
        Mark first;
        first.count = 1;
        standingTurns(all);
        if (all.size() == 1 && all.front().kind == Chunk::Kind::Turn && m_asker.ask(all.front().begin, all.front().finish, "Is this turn a step, or does only the body turn?", {"a step: weight goes to the other foot", "only the body turns"}) == 1) {
            all.front().kind = Chunk::Kind::Step;
            all.front().words = {"settle"};
        }
        putNatural(actsOf(all, m_choices, false, m_asker), first);
    }

    Chunks chunksAfter(std::vector<Chunk>& before, std::span<const SaidToken> tokens) {
        Chunks part = chunksOf(tokens, m_asker);
        if (!before.empty() && !part.chunks.empty()) endsFigure(before.back(), part.chunks.front());
        m_said.weights.insert(m_said.weights.end(), part.weights.begin(), part.weights.end());
        if (!before.empty() && !part.chunks.empty() && part.chunks.front().footOnly && before.back().verb && before.back().kind == Chunk::Kind::Step && !before.back().turns) {
            part.chunks.front().words = before.back().words;
            part.chunks.front().verb = true;
        }
        return part;
    }

    void standingTurns(std::vector<Chunk>& chunks) {
        for (std::size_t k = 0; k < chunks.size(); ++k) {
            if (chunks[k].kind != Chunk::Kind::Turn || (k == 0 && chunks.size() == 1)) continue;
            const std::size_t to = k > 0 ? k - 1 : 1;
            if (m_asker.ask(chunks[k].begin, chunks[k].finish, "Does this turn take a count of its own?", {"yes: weight goes to the other foot", std::string("no: it is danced with the step ") + (k > 0 ? "before it" : "after it")}) == 0) continue;
            chunks[to].turn = chunks[k].turn;
            chunks[to].over = chunks[k].over;
            chunks[to].side = chunks[k].side;
            chunks[to].turns = true;
            chunks.erase(chunks.begin() + static_cast<std::ptrdiff_t>(k--));
        }
    }

    static void otherFeet(std::vector<Chunk>& chunks) {
        for (Chunk& c : chunks)
            for (Foot& f : c.feet) f = f == Foot::Left ? Foot::Right : Foot::Left;
    }

    void inSlowAndQuick() {
        std::size_t i = m_from;
        while (i < m_tokens.size() && !m_asker.error()) {
            const SaidToken& t = m_tokens[i];
            if (t.kind == TokenKind::Break || t.is(Sense::Filler)) { ++i; continue; }
            const bool hold = t.is(Sense::Hold);
            if (!t.is(Sense::Slow) && !t.is(Sense::Quick) && !hold) {
                if (repeats(i)) { ++i; continue; }
                return m_asker.refuse(t.begin, t.finish, "Say slow or quick before each step of this line, or counts instead.");
            }
            const std::size_t from = ++i;
            while (i < m_tokens.size() && !m_tokens[i].is(Sense::Slow) && !m_tokens[i].is(Sense::Quick) && !m_tokens[i].is(Sense::Hold) && !endsWords(i)) ++i;
            const Chunks said = chunksOf({m_tokens.data() + from, i - from}, m_asker);
            m_said.weights.insert(m_said.weights.end(), said.weights.begin(), said.weights.end());
            if (said.chunks.size() > 1 || (!said.chunks.empty() && said.chunks.front().kind == Chunk::Kind::Figure))
                return m_asker.refuse(said.chunks.back().begin, said.chunks.back().finish, "Two steps are said on one slow or quick. Say slow or quick before each.");
            Out out;
            out.label = t.is(Sense::Slow) ? "S" : "Q";
            out.begin = t.begin;
            out.finish = t.finish;
            if (hold) {
                if (m_asker.ask(t.begin, t.finish, "How long is this?", {"quick", "slow"}) == 1) out.label = "S";
                out.body = "wait";
            } else if (!said.chunks.empty()) {
                const Acts acts = actsOf(said.chunks, m_choices, false, m_asker);
                out.body = acts.acts.front().body;
                out.finish = acts.acts.front().finish;
            }
            m_outs.push_back(std::move(out));
        }
    }

    // Again ----------------------------------------------------------------------------------------------------------------------

    /// "x2", "repeat", "on the other foot" after all that was said.
    bool repeats(std::size_t& i) {
        const SaidToken& t = m_tokens[i];
        if (!t.is(Sense::Times) && !t.is(Sense::Repeat) && !t.is(Sense::OtherFoot)) return false;
        m_said.spoken = true;
        if (m_timesTaken == i) return true;
        const std::int64_t times = t.is(Sense::Times) ? t.value : 2;
        bool other = t.is(Sense::OtherFoot);
        if (t.is(Sense::Repeat))
            for (std::size_t k = i + 1; at(k) && (at(k)->is(Sense::OtherFoot) || at(k)->is(Sense::Filler)); ++k)
                if (at(k)->is(Sense::OtherFoot)) { other = true; i = k; }
        if (m_outs.empty() || times < 1 || times > 64) {
            m_asker.refuse(t.begin, t.finish, m_outs.empty() ? "Nothing is said before it that could be repeated." : "A line is repeated 2 to 64 times.");
            return true;
        }
        std::int64_t length = 0;
        for (const Out& out : m_outs) length = std::max(length, out.count);
        const std::vector<Out> once = m_outs;
        for (std::int64_t k = 1; k < times; ++k)
            for (Out out : once) {
                if (out.count > 0) out.count += length * k;
                if (other) out.body = withOther(out.body);
                m_outs.push_back(std::move(out));
            }
        if (length > 0) m_last = length * times - m_base;
        return true;
    }

    static std::string withOther(const std::string& body) {
        std::string out = body;
        for (std::size_t k = 0; k < out.size(); ++k) {
            const bool alone = (k == 0 || out[k - 1] == ' ') && (k + 1 == out.size() || out[k + 1] == ' ');
            const bool turn = k > 1 && (out[k - 2] >= '0' && out[k - 2] <= '9');
            if (alone && !turn && (out[k] == 'L' || out[k] == 'R')) out[k] = out[k] == 'L' ? 'R' : 'L';
        }
        return out;
    }

    // The line -------------------------------------------------------------------------------------------------------------------

    void put(const Mark& m, const std::string& body) {
        Out out;
        out.count = m.letter.empty() ? m.count - m_lessBy : 0;
        out.label = m.letter;
        out.glued = m.glued;
        out.body = body;
        out.begin = m.begin;
        out.finish = m.finish;
        m_outs.push_back(std::move(out));
    }

    void putAll(const Acts& acts, const std::vector<const Mark*>& free) {
        std::size_t k = 0;
        for (const Mark& m : m_marks) {
            const bool step = !m.silent && k < acts.acts.size();
            put(m, step ? acts.acts[k].body : "wait");
            if (step) cover(acts.acts[k++]);
        }
        (void)free;
    }

    void putRange(const Act& act, const std::vector<const Mark*>& free) {
        bool first = true;
        for (const Mark& m : m_marks) {
            std::string body = m.silent ? "wait" : act.body;
            if (!first && !m.silent) body = withoutFoot(body);
            put(m, body);
            if (first) cover(act);
            first = false;
        }
        (void)free;
    }

    void putLast(const Acts& acts, const std::vector<const Mark*>& free) {
        for (const Mark& m : m_marks) put(m, m.silent ? "wait" : &m == free.back() ? acts.acts.front().body : "");
    }

    static std::string withoutFoot(const std::string& body) {
        std::string out;
        std::size_t at = 0;
        bool turned = false;
        while (at < body.size()) {
            const std::size_t end = std::min(body.find(' ', at), body.size());
            const std::string word = body.substr(at, end - at);
            const bool foot = word == "L" || word == "R";
            const bool turn = word.find('/') != std::string::npos || word == "full";
            if (!foot && !turn) out += (out.empty() ? "" : " ") + word;
            turned = turn;
            at = end + 1;
        }
        (void)turned;
        return out;
    }

    /// Acts in their own rhythm from a count on; to `last` the rest is a wait.
    void putNatural(const Acts& acts, const Mark& first, std::int64_t last = 0) {
        std::int64_t done = first.count - 1;
        for (const Act& act : acts.acts) {
            Out out;
            const std::int64_t count = first.count + wholeCounts(act.at);
            out.count = act.label.empty() ? count - m_lessBy : 0;
            out.label = act.label;
            out.body = act.body;
            out.begin = act.begin;
            out.finish = act.finish;
            m_outs.push_back(std::move(out));
            done = count;
        }
        for (std::int64_t n = done + 1; n <= last; ++n) {
            Out out;
            out.count = n;
            out.body = "wait";
            out.begin = first.begin;
            out.finish = first.finish;
            m_outs.push_back(std::move(out));
        }
        m_last = std::max(m_last, std::max(done, last) - m_base);
    }

    void cover(const Act& act) {
        Out& out = m_outs.back();
        out.finish = std::max(out.finish, act.finish);
    }

    void write() {
        std::string& line = m_said.line;
        if (!m_head.empty()) line = m_head;
        for (const Out& out : m_outs) {
            if (!line.empty() && !out.glued) line += ' ';
            const std::size_t begin = line.size();
            line += out.count > 0 ? std::to_string(out.count) : out.label;
            if (!out.body.empty()) line += " " + out.body;
            m_said.pieces.push_back({begin, line.size(), out.begin, out.finish});
        }
    }

    const std::vector<SaidToken>& m_tokens;
    NotationChoices m_choices;
    Asker& m_asker;
    SaidLine m_said;
    bool m_counted = false;
    std::int64_t m_base = 0;   // counts of the sets that are over
    std::int64_t m_last = 0;   // last number said in this set
    std::int64_t m_lessBy = 0; // counts that only lead in
    std::size_t m_from = 0;    // the token with which the line begins, behind counts that lead in
    bool m_heldBefore = false; // a count was held before, so that it is plain what the next hold is
    std::vector<Mark> m_marks; // of the segment that is read
    bool m_range = false;
    std::size_t m_timesTaken = 0; // a token that says how often, and has been heeded
    std::string m_head;        // what the notation says before its first count
    std::vector<Out> m_outs;
};

} // namespace

SaidLine notationOf(const std::vector<SaidToken>& tokens, const NotationChoices& choices, Asker& asker) { return Sayer(tokens, choices, asker).run(); }

} // namespace lc::said
