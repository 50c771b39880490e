#include "core/said/said_placing.h"

#include <algorithm>

namespace lc::said {

namespace {

class Placer {
public:
    Placer(Workplace& at, Segment segment) : m_at(at), m_segment(std::move(segment)) {
        for (const Mark& m : m_segment.marks)
            if (!m.silent) m_free.push_back(m);
        const auto& chunks = m_segment.chunks;
        m_figures =
            std::any_of(chunks.begin(), chunks.end(), [](const Chunk& c) { return c.kind == Chunk::Kind::Figure; });
        m_letters = std::any_of(m_free.begin(), m_free.end(), [](const Mark& m) { return !m.letter.empty(); });
        m_spelled = std::any_of(at.tokens.begin(), at.tokens.end(),
                                [](const SaidToken& t) { return t.is(Sense::Count) && t.spelled; });
    }

    bool run() {
        std::vector<Chunk>& chunks = m_segment.chunks;
        if (m_free.empty()) {
            m_at.asker.refuse(begin(), finish(), Core::sentence("Something is said here on a count that is silent."));
            return true;
        }
        m_spoken = m_free.size() > 1 && chunks.size() > 1;
        giveTurnsToSteps();
        if (chunks.size() == 1 && !m_figures)
            oneStep();
        else if (!inOwnRhythm())
            disagree();
        return m_spoken;
    }

private:
    std::size_t begin() const { return m_segment.chunks.front().begin; }
    std::size_t finish() const { return m_segment.chunks.back().finish; }
    std::size_t ask(Sentence text, std::vector<Sentence> answers) {
        return m_at.asker.ask(begin(), finish(), std::move(text), std::move(answers));
    }
    Acts acts(bool shorter = false) { return actsOf(m_segment.chunks, m_at.choices, shorter, m_at.asker); }
    std::int64_t first() const { return m_free.front().count; }

    void putNatural(const Acts& acts, std::int64_t from, std::int64_t last = 0) {
        m_at.counts.reached(m_at.writer.putFrom(from, acts, last));
    }

    /// A step on each count that is said, then more.
    void putAfter(const Acts& acts) {
        for (const Mark& m : m_segment.marks) m_at.writer.put(m, m.silent ? "wait" : "");
        putNatural(acts, m_at.counts.last() + 1);
    }

    /// A turn that stands by itself belongs to the step before it where the counts say so.
    void giveTurnsToSteps() {
        std::vector<Chunk>& chunks = m_segment.chunks;
        if (chunks.size() != m_free.size() + 1) return;
        const auto turn =
            std::find_if(chunks.begin(), chunks.end(), [](const Chunk& c) { return c.kind == Chunk::Kind::Turn; });
        if (turn == chunks.end()) return;
        Chunk& step = turn == chunks.begin() ? *(turn + 1) : *(turn - 1);
        step.turn = turn->turn;
        step.over = turn->over;
        step.side = turn->side;
        step.turns = true;
        chunks.erase(turn);
        m_spoken = true;
    }

    /// "1-4 walk", "one two three kick".
    void oneStep() {
        const Acts one = acts();
        if (m_free.size() == 1) return m_at.writer.putOn(m_segment.marks, one);
        if (!m_letters && m_segment.range) return m_at.writer.putOnEach(m_segment.marks, one.acts.front());
        const Sentence after = Core::sentence("on the count after them"), last = Core::sentence("on the last of them"),
                       each = Core::sentence("on each of them");
        const std::vector<Sentence> answers =
            m_spelled ? std::vector{after, last, each} : std::vector{last, each, after};
        const Sentence& meant = answers[ask(
            Core::sentence("One step is named for %1 counts. On which is it danced?", m_free.size()), answers)];
        if (meant == each)
            m_at.writer.putOnEach(m_segment.marks, one.acts.front());
        else if (meant == last)
            m_at.writer.putOnLast(m_segment.marks, one.acts.front());
        else
            putAfter(one);
    }

    bool agrees(const Acts& acts) const {
        if (acts.acts.size() != m_free.size()) return false;
        for (std::size_t k = 0; k < m_free.size(); ++k)
            if (acts.acts[k].at != m_free[k].at - m_free.front().at) return false;
        return true;
    }

    bool fills(const Acts& acts) const {
        if (m_letters || m_free.size() < 2 || m_free.size() != m_segment.marks.size()) return false;
        for (std::size_t k = 1; k < m_free.size(); ++k)
            if (m_free[k].count != m_free[k - 1].count + 1) return false;
        return acts.length == counts(static_cast<std::int64_t>(m_free.size()));
    }

    /// One count is said for a figure: the next count that is said leaves room for its rhythm.
    bool hasRoom(const Acts& acts) const {
        if (m_free.size() != 1 || !m_figures || !m_free.front().letter.empty()) return false;
        const std::int64_t here = first() - m_at.counts.base();
        for (std::size_t k = m_segment.stop; k < m_at.tokens.size(); ++k) {
            const SaidToken& t = m_at.tokens[k];
            if (t.is(Sense::Letter)) return false;
            if (t.is(Sense::Count) || t.kind == TokenKind::Silent)
                return t.value == 1 || counts(t.value - here) >= acts.length;
        }
        return true;
    }

    /// The words' own rhythm, where it is that of the counts.
    bool inOwnRhythm() {
        for (const bool shorter : {false, true}) {
            Asker quiet;
            const Acts tried = actsOf(m_segment.chunks, m_at.choices, shorter, quiet);
            if (!fills(tried) && !agrees(tried) && !hasRoom(tried)) continue;
            m_spoken = m_spoken || m_figures;
            const bool listed = m_figures && m_free.size() > 1 && !m_letters && !m_segment.range &&
                                m_segment.stop >= m_at.tokens.size();
            if (listed) { // "one two triple step"
                const Sentence on = Core::sentence("on these counts"),
                               then = Core::sentence("a step on each count, then this");
                const bool after = (ask(Core::sentence("Is this danced on these counts or after them?"),
                                        m_spelled ? std::vector{then, on} : std::vector{on, then}) == 0) == m_spelled;
                if (after) {
                    putAfter(acts(shorter));
                    return true;
                }
            }
            putNatural(acts(shorter), first());
            return true;
        }
        return false;
    }

    void disagree() {
        const Acts own = acts();
        if (own.acts.size() == m_free.size() && !m_figures) return m_at.writer.putOn(m_segment.marks, own);
        m_spoken = m_spoken || m_figures; // two words on one count are in the notation, too
        const std::int64_t from = first() - m_at.counts.lessBy();
        if (m_free.size() == 1 && m_figures && m_segment.chunks.size() == 1) { // "1 rock step 2 …"
            if (ask(Core::sentence("This figure has %1 steps, and the counts leave room for one. Which is meant?",
                                   own.acts.size()),
                    {Core::sentence("one step of that name"), Core::sentence("its own rhythm, over what follows")}) ==
                1)
                return putNatural(own, first());
            Chunk one = m_segment.chunks.front();
            one.kind = Chunk::Kind::Step;
            one.words.insert(one.words.begin(), "step");
            return m_at.writer.putOn(m_segment.marks, actsOf({one}, m_at.choices, false, m_at.asker));
        }
        if (own.acts.size() == m_free.size()) {
            if (ask(Core::sentence("The counts say another rhythm than the words. Which is meant?"),
                    {Core::sentence("the counts"), Core::sentence("the words, from count %1", from)}) == 0)
                return m_at.writer.putOn(m_segment.marks, own);
            return putNatural(own, first());
        }
        std::vector<Sentence> answers{Core::sentence("the words, in their own rhythm from count %1", from),
                                      own.acts.size() < m_free.size()
                                          ? Core::sentence("a step on each count as far as they go")
                                          : Core::sentence("as many as there are counts")};
        const bool follow = m_figures && !m_segment.range && m_segment.stop >= m_at.tokens.size();
        if (follow) answers.insert(answers.begin(), Core::sentence("a step on each count, then the words"));
        const std::size_t pick =
            ask(Core::plural("%n count is said, but %1. Which is meant?|%n counts are said, but %1. Which is meant?",
                             nullptr, static_cast<std::int64_t>(m_free.size()),
                             Core::plural("%n step is named|%n steps are named", nullptr,
                                          static_cast<std::int64_t>(own.acts.size()))),
                answers);
        if (follow && pick == 0)
            putAfter(own);
        else if (pick == (follow ? 1U : 0U))
            putNatural(own, first(), m_free.back().count);
        else
            m_at.writer.putOn(m_segment.marks, own);
    }

    Workplace& m_at;
    Segment m_segment;
    std::vector<Mark> m_free; // marks on which something is danced
    bool m_figures = false, m_letters = false;
    bool m_spelled = false; // counts are said in words
    bool m_spoken = false;
};

} // namespace

bool placeSegment(Workplace& at, Segment segment) { return Placer(at, std::move(segment)).run(); }

bool repeatInside(Workplace& at, Segment& segment) {
    const SaidToken* times = segment.stop < at.tokens.size() ? &at.tokens[segment.stop] : nullptr;
    if (!times || !times->is(Sense::Times) || times->value < 2 || times->value > 64 || segment.chunks.empty())
        return false;
    Asker quiet;
    const Acts once = actsOf(segment.chunks, at.choices, false, quiet);
    const auto danced = std::count_if(segment.marks.begin(), segment.marks.end(),
                                      [](const Mark& m) { return !m.silent && m.letter.empty(); });
    if (once.length * times->value != counts(danced)) return false;
    const std::vector<Chunk> again = segment.chunks;
    for (std::int64_t k = 1; k < times->value; ++k)
        segment.chunks.insert(segment.chunks.end(), again.begin(), again.end());
    return true;
}

} // namespace lc::said
