#include "core/said/said_line.h"

#include "core/notation/notation.h"
#include "core/said/said_groups.h"
#include "core/said/said_placing.h"

#include <algorithm>
#include <array>
#include <span>

namespace lc::said {

namespace {

/// Whether a token says what the notation does not have.
bool isSpoken(const SaidToken& t) {
    if (t.kind == TokenKind::Silent || t.kind == TokenKind::Clock || t.kind == TokenKind::Remark ||
        t.kind == TokenKind::Colon)
        return true;
    if (t.kind != TokenKind::Known) return false;
    if (t.sense == Sense::Own || t.sense == Sense::And || t.sense == Sense::Repeat || t.sense == Sense::OtherFoot)
        return true;
    if (t.sense == Sense::Side) return true;
    if (t.sense == Sense::Fraction) return t.text.empty(); // in words
    return t.spelled && t.sense != Sense::Turning && t.sense != Sense::Figure && t.sense != Sense::Reference &&
           t.sense != Sense::Filler;
}

/// The counts on which something is danced, from 1: "1", "&", "2". Empty where they do not begin on a whole count.
std::vector<std::string> rhythmOf(const std::vector<Mark>& marks) {
    std::vector<std::string> out;
    std::int64_t first = 0;
    for (const Mark& m : marks) {
        if (m.silent) continue;
        if (out.empty() && !m.letter.empty()) return {};
        if (out.empty()) first = m.count;
        out.push_back(m.letter.empty() ? std::to_string(m.count - first + 1) : m.letter);
    }
    return out;
}

constexpr std::array<std::string_view, 9> countUnits{"count",   "counts",  "zählzeiten", "schläge", "temps",
                                                     "comptes", "tiempos", "cuentas",    "beats"};

class Sayer {
public:
    Sayer(const std::vector<SaidToken>& tokens, const NotationChoices& choices, Asker& asker)
        : m_tokens(tokens), m_choices(choices), m_asker(asker),
          m_counts(tokens, choices, asker), m_work{tokens, choices, asker, m_counts, m_writer} {}

    SaidLine run() {
        if (m_tokens.size() > mostTokens) return {}; // the notation's own reader says that it is too long
        m_from = m_counts.leadIn();
        m_writer.setLessBy(m_counts.lessBy());
        m_writer.putFrom(1, {}, m_counts.waitsBefore());
        skipLength();
        const auto begin = m_tokens.begin() + static_cast<std::ptrdiff_t>(m_from);
        const bool inCounts = std::any_of(begin, m_tokens.end(), [](const SaidToken& t) {
            return t.is(Sense::Count) || t.kind == TokenKind::Silent;
        });
        const bool slowQuick = !inCounts && std::any_of(begin, m_tokens.end(), [](const SaidToken& t) {
            return t.is(Sense::Slow) || t.is(Sense::Quick);
        });
        m_said.spoken = std::any_of(begin, m_tokens.end(), isSpoken) || !(inCounts || slowQuick);
        if (inCounts && saysHowLong())
            m_said.spoken = true;
        else if (inCounts && groupsFromTwo())
            m_said.spoken = true;
        else if (saysHowMany()) {
            m_said.spoken = true;
            severalSteps();
        } else if (inCounts)
            counted();
        else if (slowQuick)
            inSlowAndQuick();
        else
            list();
        m_said.spoken = m_said.spoken || m_counts.spoken();
        if (!m_writer.empty()) m_said.line = m_writer.line(m_said.pieces);
        return std::move(m_said);
    }

private:
    const SaidToken* at(std::size_t i) const { return i < m_tokens.size() ? &m_tokens[i] : nullptr; }
    bool endsWords(std::size_t i) const { return m_counts.countAt(i) || saysAgain(m_tokens[i]); }

    Chunks partsOf(std::span<const SaidToken> words, const std::vector<Mark>& marks = {}) {
        Chunks parts = chunksOf(words, m_asker, rhythmOf(marks));
        m_said.weights.insert(m_said.weights.end(), parts.weights.begin(), parts.weights.end());
        return parts;
    }

    // In counts
    // ------------------------------------------------------------------------------------------------------------------

    void counted() {
        std::size_t i = m_from;
        while (i < m_tokens.size() && !m_asker.error()) {
            const SaidToken& t = m_tokens[i];
            if (t.kind == TokenKind::Break || t.kind == TokenKind::Colon)
                ++i;
            else if (!m_counts.countAt(i))
                i = withoutCount(i);
            else {
                Segment segment;
                i = m_counts.read(i, segment.marks, segment.range);
                const std::size_t from = i;
                i = endOfWords(i);
                const bool bare = std::all_of(
                    m_tokens.begin() + static_cast<std::ptrdiff_t>(from),
                    m_tokens.begin() + static_cast<std::ptrdiff_t>(i), [](const SaidToken& w) {
                        return w.kind == TokenKind::Break || w.kind == TokenKind::Colon || w.is(Sense::Filler);
                    });
                if (bare && at(i) && (at(i)->is(Sense::Repeat) || at(i)->is(Sense::OtherFoot))) {
                    m_said.spoken = true;
                    i = againOn(segment.marks, i);
                } else
                    say(std::move(segment), from, i);
            }
        }
    }

    /// Where the words of a count or range end: at the next count, or at what says how all before it is danced again.
    /// "walk x4, stomp x4" is danced on the same counts.
    std::size_t endOfWords(std::size_t i) const {
        bool inside = false; // several times are said in it
        while (i < m_tokens.size() && !m_counts.countAt(i)) {
            if (saysAgain(m_tokens[i]) && !(m_tokens[i].is(Sense::Times) && (inside || m_tokens[i].group))) {
                std::size_t behind = i + 1;
                while (at(behind) && (at(behind)->kind == TokenKind::Break || at(behind)->is(Sense::Filler))) ++behind;
                if (!m_tokens[i].is(Sense::Times) || !at(behind) || m_counts.countAt(behind) ||
                    saysAgain(*at(behind)) || at(behind)->kind != TokenKind::Known)
                    return i;
                inside = true;
            }
            inside = inside || m_tokens[i].group;
            ++i;
        }
        return i;
    }

    /// "4 counts: …": the token behind a length with which the line begins; none where it does not.
    std::optional<std::size_t> behindLength() const {
        const SaidToken* how = at(m_from);
        const SaidToken* unit = at(m_from + 1);
        if (!how || !how->is(Sense::Count) || !unit || !unit->is(Sense::Filler) ||
            std::find(countUnits.begin(), countUnits.end(), unit->text) == countUnits.end())
            return std::nullopt;
        std::size_t i = m_from + 2;
        while (at(i) && (at(i)->kind == TokenKind::Dash || at(i)->kind == TokenKind::Colon ||
                         at(i)->kind == TokenKind::Break || at(i)->is(Sense::Filler)))
            ++i;
        return at(i) ? std::optional(i) : std::nullopt;
    }

    /// "4 counts: sway R, L, R, L": where what follows has that length by itself, nothing more is said by it.
    void skipLength() {
        const auto behind = behindLength();
        if (!behind) return;
        Asker quiet;
        const std::vector<SaidToken> rest(m_tokens.begin() + static_cast<std::ptrdiff_t>(*behind), m_tokens.end());
        const NotationReading read = readNotation(Sayer(rest, m_choices, quiet).run().line, m_choices);
        if (!quiet.error() && !read.error && read.length == counts(m_tokens[m_from].value)) m_from = *behind;
    }

    /// "8 counts of walks": danced for so long, or on the last of them. Asks, unless it is only waited.
    bool saysHowLong() {
        const auto behind = behindLength();
        const SaidToken& how = m_tokens[m_from];
        if (!behind || how.value < 2 || how.value > 64) return false;
        for (std::size_t k = m_from + 1; k < m_tokens.size(); ++k)
            if (m_tokens[k].is(Sense::Count) || m_tokens[k].kind == TokenKind::Silent || saysAgain(m_tokens[k]))
                return false;
        const bool waits = std::all_of(
            m_tokens.begin() + static_cast<std::ptrdiff_t>(*behind), m_tokens.end(),
            [](const SaidToken& t) { return t.is(Sense::Hold) || t.is(Sense::Filler) || t.kind == TokenKind::Break; });
        const std::string number = std::to_string(how.value);
        if (!waits &&
            m_asker.ask(how.begin, m_tokens[m_from + 1].finish,
                        Core::sentence("Is this danced for %1 counts, or on count %2?", number, number),
                        {Core::sentence("for %1 counts", number), Core::sentence("on count %1", number)}) == 1)
            return false;
        Segment segment;
        segment.range = true;
        for (std::int64_t k = 1; k <= how.value; ++k)
            segment.marks.push_back({k, {}, counts(k - 1), false, false, how.begin, how.finish});
        say(std::move(segment), *behind, m_tokens.size());
        return true;
    }

    bool groupsFromTwo() {
        const std::vector<CountedGroup> groups = groupsFromTwoIn(m_tokens, m_from);
        if (groups.empty()) return false;
        std::int64_t first = 1;
        for (const CountedGroup& g : groups) {
            Chunks walked = partsOf({m_tokens.data() + g.from, g.to - g.from});
            if (walked.chunks.size() != 1 || walked.chunks.front().kind != Chunk::Kind::Step) {
                m_asker.refuse(m_tokens[g.from].begin, m_tokens[g.to - 1].finish,
                               Core::sentence("Say one step before count 2, or say count 1."));
                return true;
            }
            std::vector<Chunk> all(static_cast<std::size_t>(g.counts), walked.chunks.front());
            for (std::size_t k = 1; k < all.size(); ++k) all[k].feet.clear();
            if (g.lastTo > g.lastFrom) {
                std::vector<Chunk> last = partsOf({m_tokens.data() + g.lastFrom, g.lastTo - g.lastFrom}).chunks;
                const bool onLast =
                    !g.comma && m_asker.ask(m_tokens[g.lastFrom].begin, m_tokens[g.lastTo - 1].finish,
                                            Core::sentence("Is this danced on count %1 or after it?", g.counts),
                                            {Core::sentence("after it, on count %1", g.counts + 1),
                                             Core::sentence("on count %1", g.counts)}) == 1;
                if (onLast) all.pop_back();
                all.insert(all.end(), last.begin(), last.end());
            }
            first = m_writer.putFrom(first, actsOf(all, m_choices, false, m_asker)) + 1;
        }
        return true;
    }

    /// "four steps forward": how many steps, or the fourth count. Asks.
    bool saysHowMany() {
        const SaidToken* first = at(m_from);
        const SaidToken* what = at(m_from + 1);
        if (!first || !what || !first->is(Sense::Count) || first->value < 2 || first->value > 64 || !what->several)
            return false;
        for (std::size_t k = m_from + 1; k < m_tokens.size(); ++k)
            if (m_tokens[k].is(Sense::Count) || m_tokens[k].kind == TokenKind::Silent || saysAgain(m_tokens[k]))
                return false;
        return m_asker.ask(
                   first->begin, what->finish,
                   Core::sentence("Are these %1 steps, or is it a step on count %2?", first->value, first->value),
                   {Core::sentence("%1 steps", first->value), Core::sentence("a step on count %1", first->value)}) == 0;
    }

    void severalSteps() {
        std::vector<Chunk> all = partsOf({m_tokens.data() + m_from + 1, m_tokens.size() - m_from - 1}).chunks;
        Chunk again = all.front();
        again.feet.clear();
        all.insert(all.begin() + 1, static_cast<std::size_t>(m_tokens[m_from].value - 1), again);
        settleTurns(all);
        m_writer.putFrom(1, actsOf(all, m_choices, false, m_asker));
    }

    /// Words that belong to no count: what is repeated, or nothing that is danced.
    std::size_t withoutCount(std::size_t i) {
        const SaidToken& t = m_tokens[i];
        if (saysAgain(t)) return again(i);
        if (t.kind == TokenKind::Own)
            m_writer.addHead(t.text);
        else if (!t.is(Sense::Filler) && t.kind != TokenKind::Clock && t.kind != TokenKind::Remark)
            m_asker.refuse(
                t.begin, t.finish,
                Core::sentence(
                    "“%1” stands before the first count. Say on which count it is danced, or say the line without counts.",
                    t.text));
        return i + 1;
    }

    /// The words of tokens [from, to) on the segment's counts.
    void say(Segment segment, std::size_t from, std::size_t to) {
        const std::span<const SaidToken> words(m_tokens.data() + from, to - from);
        const auto danced =
            std::count_if(segment.marks.begin(), segment.marks.end(), [](const Mark& m) { return !m.silent; });
        if (danced > 1 &&
            std::any_of(words.begin(), words.end(), [](const SaidToken& t) { return t.kind == TokenKind::Unknown; }))
            m_said.spoken = true; // it may be a figure on these counts
        if (danced == 1)
            for (std::size_t k = from + 1; k + 1 < to; ++k) // "1 side and close 2 side"
                if (m_tokens[k].is(Sense::And) && !m_tokens[k + 1].is(Sense::Gesture) &&
                    m_asker.ask(m_tokens[k].begin, m_tokens[k].finish,
                                Core::sentence("Is “and” the half count here, or does it join two words?"),
                                {Core::sentence("the half count"), Core::sentence("it joins them")}) == 0) {
                    say(std::move(segment), from, k);
                    Segment half;
                    if (m_counts.letter(k, half.marks)) say(std::move(half), k + 1, to);
                    return;
                }
        const bool several = std::any_of(words.begin(), words.end(), saysAgain);
        segment.chunks = several ? listed(from, to, true) : partsOf(words, segment.marks).chunks;
        m_said.spoken = m_said.spoken || several;
        segment.stop = to;
        settleFeet(segment.chunks, m_asker,
                   std::count_if(segment.marks.begin(), segment.marks.end(),
                                 [](const Mark& m) { return !m.silent && m.letter.empty(); }));
        if (segment.chunks.empty()) {
            for (const Mark& m : segment.marks) m_writer.put(m, m.silent ? "wait" : "");
            return;
        }
        if (repeatInside(m_work, segment))
            m_heeded = to;
        else if (danced > 1 && at(to) && at(to)->is(Sense::Times) && segment.chunks.size() == 1 &&
                 segment.chunks.front().kind == Chunk::Kind::Step)
            howOften(segment, to, danced);
        m_said.spoken = placeSegment(m_work, std::move(segment)) || m_said.spoken;
    }

    /// "1-8 walk forward x4": all of it so often, or so many steps. Asks.
    void howOften(Segment& segment, std::size_t times, std::int64_t counts) {
        const SaidToken& t = m_tokens[times];
        if (t.value < 2 || counts % t.value != 0 ||
            std::any_of(segment.marks.begin(), segment.marks.end(),
                        [](const Mark& m) { return m.silent || !m.letter.empty(); }))
            return;
        const std::int64_t each = counts / t.value;
        if (m_asker.ask(t.begin, t.finish, Core::sentence("What is danced %1 times?", t.value),
                        {Core::sentence("all that stands before it"),
                         Core::sentence("the step: %1 steps of %2 counts each", t.value, each)}) == 0)
            return;
        m_heeded = times;
        std::vector<Chunk> all;
        for (std::int64_t k = 0; k < t.value; ++k) {
            all.push_back(segment.chunks.front());
            Chunk hold;
            hold.kind = Chunk::Kind::Hold;
            hold.begin = t.begin;
            hold.finish = t.finish;
            all.insert(all.end(), static_cast<std::size_t>(each - 1), hold);
        }
        segment.chunks = std::move(all);
    }

    /// "5-8 repeat on the other foot", "13-16 repeat 9-12": what was danced is danced again on these counts; without
    /// counts of its own behind all of them. The token behind it.
    std::size_t againOn(const std::vector<Mark>& marks, std::size_t i) {
        const std::int64_t first = marks.empty() ? m_counts.last() + 1 : marks.front().count;
        Again again = againAt(m_tokens, i, m_counts.base(), first - 1);
        const std::size_t finish = m_tokens[again.next - 1].finish;
        const std::int64_t length =
            !marks.empty() ? marks.back().count - first + 1 : again.counts->second - again.counts->first + 1;
        if (!again.counts) again.counts = {first - length, first - 1};
        const auto [from, to] = *again.counts;
        if (from < 1 || to < from || m_writer.empty()) {
            m_asker.refuse(m_tokens[i].begin, finish,
                           Core::sentence("Nothing of that length is said before it that could be repeated."));
            return again.next;
        }
        if (to - from + 1 != length) {
            m_asker.refuse(
                m_tokens[i].begin, finish,
                Core::sentence("%1 counts are said for it, but what is repeated has %2.", length, to - from + 1));
            return again.next;
        }
        if (again.side && !again.other) {
            const auto foot = m_writer.footOn(from, to);
            again.other =
                foot ? *foot != *again.side
                     : m_asker.ask(m_tokens[i].begin, finish, Core::sentence("Is it danced on the other foot?"),
                                   {Core::sentence("yes"), Core::sentence("no: on the same")}) == 0;
        }
        m_writer.copy(from, to, first, again.other);
        m_counts.reached(first + length - 1);
        return again.next;
    }

    /// "x2", "repeat", "on the other foot" after all that was said. The token behind it.
    std::size_t again(std::size_t i) {
        const SaidToken& t = m_tokens[i];
        if (i == m_heeded) return i + 1;
        const Again meant = againAt(m_tokens, i, m_counts.base(), m_counts.last());
        if (!t.is(Sense::Times) && meant.counts) return againOn({}, i);
        const std::int64_t times = timesOf(t);
        if (m_writer.empty())
            m_asker.refuse(t.begin, t.finish, Core::sentence("Nothing is said before it that could be repeated."));
        else if (times > 0)
            m_counts.reached(m_writer.repeat(times, t.is(Sense::OtherFoot) || (t.is(Sense::Repeat) && meant.other)));
        return t.is(Sense::Repeat) ? meant.next : i + 1;
    }

    /// How often something is danced in all; 0 and refused where that is no use.
    std::int64_t timesOf(const SaidToken& t) {
        const std::int64_t times = t.is(Sense::Times) ? t.value : 2;
        if (times >= 1 && times <= 64) return times;
        m_asker.refuse(t.begin, t.finish, Core::sentence("A line is repeated 2 to 64 times."));
        return 0;
    }

    // Without counts
    // -------------------------------------------------------------------------------------------------------------

    /// What tokens [from, to) say in their order; `onlyGroup`: what is danced several times is what follows the last
    /// comma, and that is not asked.
    std::vector<Chunk> listed(std::size_t from, std::size_t to, bool onlyGroup) {
        std::vector<Chunk> all;
        std::size_t group = 0; // the first chunk since the last comma
        for (std::size_t i = from; i < to && !m_asker.error(); ++i) {
            const bool again = saysAgain(m_tokens[i]);
            if (!again && m_tokens[i].kind != TokenKind::Break) continue;
            addTo(all, group, from, i);
            if (again) i = repeatIn(all, group, i, onlyGroup);
            from = i + 1;
        }
        addTo(all, group, from, to);
        return all;
    }

    void list() {
        std::vector<Chunk> all = listed(m_from, m_tokens.size(), false);
        if (all.empty()) {
            m_said.spoken = m_asker.error().has_value();
            return;
        }
        settleFeet(all, m_asker);
        settleTurns(all);
        m_writer.putFrom(1, actsOf(all, m_choices, false, m_asker));
    }

    void addTo(std::vector<Chunk>& all, std::size_t& group, std::size_t from, std::size_t to) {
        if (from >= to) return;
        std::vector<Chunk> part = partsOf({m_tokens.data() + from, to - from}).chunks;
        if (part.empty()) return;
        if (!all.empty()) {
            endsFigure(all.back(), part.front());
            goesOnTouching(all.back(), part.front(), m_asker);
            goesOn(all.back(), part.front());
        }
        group = all.size();
        all.insert(all.end(), part.begin(), part.end());
    }

    /// The last token of what says how it is repeated.
    std::size_t repeatIn(std::vector<Chunk>& all, std::size_t group, std::size_t i, bool onlyGroup) {
        const SaidToken& t = m_tokens[i];
        if (all.empty()) {
            m_asker.refuse(t.begin, t.finish, Core::sentence("Nothing is said before it that could be repeated."));
            return i;
        }
        const std::int64_t times = timesOf(t);
        std::size_t first = 0;
        if (onlyGroup || t.group)
            first = group;
        else if (t.is(Sense::Times) && group > 0 &&
                 m_asker.ask(t.begin, t.finish, Core::sentence("What is danced %1 times?", t.value),
                             {Core::sentence("all that stands before it"),
                              Core::sentence("only what follows the last comma")}) == 1)
            first = group;
        std::vector<Chunk> once(all.begin() + static_cast<std::ptrdiff_t>(first), all.end());
        bool other = t.is(Sense::OtherFoot);
        if (t.is(Sense::Repeat) && at(i + 1) && at(i + 1)->is(Sense::OtherFoot)) {
            other = true;
            ++i;
        }
        if (other)
            for (Chunk& c : once)
                for (Foot& f : c.feet) f = f == Foot::Left ? Foot::Right : Foot::Left;
        for (std::int64_t k = 1; k < times; ++k) all.insert(all.end(), once.begin(), once.end());
        return i;
    }

    /// Turns that stand by themselves: a step, or danced with the step beside them.
    void settleTurns(std::vector<Chunk>& chunks) {
        if (chunks.size() == 1 && chunks.front().kind == Chunk::Kind::Turn) {
            Chunk& c = chunks.front();
            if (m_asker.ask(c.begin, c.finish, Core::sentence("Is this turn a step, or does only the body turn?"),
                            {Core::sentence("a step: weight goes to the other foot"),
                             Core::sentence("only the body turns")}) == 0)
                return;
            c.kind = Chunk::Kind::Step;
            c.words = {"settle"};
            return;
        }
        for (std::size_t k = 0; k < chunks.size(); ++k) {
            if (chunks[k].kind != Chunk::Kind::Turn) continue;
            const std::string with = k > 0 ? "before it" : "after it";
            if (m_asker.ask(chunks[k].begin, chunks[k].finish,
                            Core::sentence("Does this turn take a count of its own?"),
                            {Core::sentence("yes: weight goes to the other foot"),
                             Core::sentence("no: it is danced with the step %1", with)}) == 0)
                continue;
            Chunk& step = chunks[k > 0 ? k - 1 : 1];
            step.turn = chunks[k].turn;
            step.over = chunks[k].over;
            step.side = chunks[k].side;
            step.turns = true;
            chunks.erase(chunks.begin() + static_cast<std::ptrdiff_t>(k));
            if (k > 0) --k;
        }
    }

    void inSlowAndQuick() {
        std::size_t i = m_from;
        while (i < m_tokens.size() && !m_asker.error()) {
            const SaidToken& t = m_tokens[i];
            if (t.kind == TokenKind::Break || t.is(Sense::Filler)) {
                ++i;
                continue;
            }
            if (saysAgain(t)) {
                i = again(i);
                continue;
            }
            const bool hold = t.is(Sense::Hold);
            if (!t.is(Sense::Slow) && !t.is(Sense::Quick) && !hold)
                return m_asker.refuse(
                    t.begin, t.finish,
                    Core::sentence("Say slow or quick before each step of this line, or counts instead."));
            const std::size_t from = ++i;
            while (i < m_tokens.size() && !m_tokens[i].is(Sense::Slow) && !m_tokens[i].is(Sense::Quick) &&
                   !m_tokens[i].is(Sense::Hold) && !endsWords(i))
                ++i;
            const Chunks said = partsOf({m_tokens.data() + from, i - from});
            if (said.chunks.size() > 1 || (!said.chunks.empty() && said.chunks.front().kind == Chunk::Kind::Figure))
                return m_asker.refuse(
                    said.chunks.back().begin, said.chunks.back().finish,
                    Core::sentence("Two steps are said on one slow or quick. Say slow or quick before each."));
            if (hold) {
                const bool slow = m_asker.ask(t.begin, t.finish, Core::sentence("How long is this?"),
                                              {Core::sentence("quick"), Core::sentence("slow")}) == 1;
                m_writer.putLong(slow ? "S" : "Q", "wait", t.begin, t.finish);
                continue;
            }
            const Acts acts = actsOf(said.chunks, m_choices, false, m_asker);
            const bool words = !acts.acts.empty();
            m_writer.putLong(t.is(Sense::Slow) ? "S" : "Q", words ? acts.acts.front().body : "", t.begin,
                             words ? acts.acts.front().finish : t.finish);
        }
    }

    static constexpr std::size_t mostTokens = 20'000; // more than any line of notation::mostCounts counts needs
    const std::vector<SaidToken>& m_tokens;
    NotationChoices m_choices;
    Asker& m_asker;
    Counts m_counts;
    LineWriter m_writer;
    Workplace m_work;
    SaidLine m_said;
    std::size_t m_from = 0;   // the token with which the line begins, behind counts that lead in
    std::size_t m_heeded = 0; // a token that says how often, and was heeded where it stands
};

} // namespace

SaidLine notationOf(const std::vector<SaidToken>& tokens, const NotationChoices& choices, Asker& asker) {
    return Sayer(tokens, choices, asker).run();
}

} // namespace lc::said
