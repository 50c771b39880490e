#include "core/notation/notation_moments.h"

#include "core/notation/care.h"
#include "core/notation/notation_lexer.h"
#include "core/notation/set_numbers.h"

#include <algorithm>
#include <array>
#include <utility>

namespace lc::notation {

namespace {

bool isRunWord(const Token& token) {
    return token.kind == TokenKind::Word && (token.text == "free" || token.text == "somehow");
}

bool isCountToken(const Token& token) {
    return token.kind == TokenKind::Number || token.kind == TokenKind::Sub || token.kind == TokenKind::Slow ||
           token.kind == TokenKind::Quick;
}

class Reader {
public:
    Reader(std::string_view text, const NotationChoices& choices) : m_choices(choices), m_tokens(tokens(text)) {}

    Moments run() {
        while (m_next < m_tokens.size() && !m_error) readOne();
        if (!m_error)
            flushLeading();
        else if (!m_leading.empty())
            m_moments.clear(); // letters whose count was never said
        Moments out;
        out.moments = std::move(m_moments);
        out.couple = m_couple;
        out.unfinished = m_unfinished;
        out.next = m_slowQuick ? "Q" : std::to_string(m_lastNumber + 1);
        out.error = std::move(m_error);
        out.notes = std::move(m_notes);
        out.doubtful = std::move(m_doubtful);
        return out;
    }

private:
    const Token& token() const { return m_tokens[m_next]; }
    const Token* peek(std::size_t ahead = 1) const {
        return m_next + ahead < m_tokens.size() ? &m_tokens[m_next + ahead] : nullptr;
    }
    void error(const Token& at, Text text) { m_error = NotationRemark{at.begin, at.finish, std::move(text)}; }
    void note(const Token& at, Text text) {
        m_notes.push_back({at.begin, at.finish, std::move(text), RemarkKind::Reading});
    }

    void readOne() {
        const Token& t = token();
        switch (t.kind) {
        case TokenKind::Number: readNumber(); break;
        case TokenKind::Sub: readSub(); break;
        case TokenKind::Slow:
        case TokenKind::Quick: readSlowQuick(); break;
        case TokenKind::Length: readLength(); break;
        case TokenKind::Turn: readTurn(); break;
        case TokenKind::Foot: readFoot(); break;
        case TokenKind::Word: readWord(); break;
        case TokenKind::Dash: error(t, Core::sentence("A dash stands between two counts, as in 1-4.")); break;
        case TokenKind::Open: readParts(); break;
        case TokenKind::Comma:
        case TokenKind::Close:
            error(t, Core::sentence(
                         "“%1” closes nothing here. Parts of a count stand in braces, as in 2{side, close, side}.",
                         t.text));
            break;
        case TokenKind::Couple: readCouple(); break;
        case TokenKind::Cue: readCue(); break;
        case TokenKind::Accent: markMoments([](Moment& moment) { moment.accent = true; }); break;
        case TokenKind::Beside: readBeside(); break;
        case TokenKind::Toward: readToward(); break;
        case TokenKind::Care: readCare(); break;
        case TokenKind::Unfinished:
            if (peek()) error(t, Core::sentence("“…” says that the rest is not written yet; nothing follows it."));
            m_unfinished = true;
            ++m_next;
            break;
        case TokenKind::Unclosed:
            error(t, Core::sentence("“%1” is opened here and not closed. Write %2 at its end.", t.text,
                                    std::string(t.text == "["   ? "]"
                                                : t.text == "“" ? "”"
                                                                : "\"")));
            break;
        case TokenKind::Unknown:
            error(t, Core::sentence("“%1” means nothing here. Write counts, words, L or R.", t.text));
            break;
        }
    }

    Moment& openMoment(const Token& t, Tick at) {
        m_moments.push_back({});
        Moment& moment = m_moments.back();
        moment.at = at;
        moment.label = t.text;
        moment.begin = t.begin;
        moment.finish = t.finish;
        return moment;
    }

    /// A number becomes a count from the figure's count 1, through new eights and eights that say their own number.
    std::optional<std::int64_t> absoluteCount(const Token& t) {
        const std::int64_t n = t.value;
        if (n < 1 || n > mostCounts) {
            error(t, noCount());
            return std::nullopt;
        }
        const auto meant = setNumber(n, m_base, m_lastNumber);
        if (!meant) {
            error(t, outOfOrder(t.text, n, m_lastNumber));
            return std::nullopt;
        }
        if (meant->silentEight)
            note(t, Core::sentence("After 7 a silent 8 was put before this 1. Write “8 wait” to say so."));
        m_base = meant->base;
        return meant->count();
    }

    void afterNumber(std::int64_t absolute, const Token& t) {
        const bool eightNumber = absolute - m_base == 1 && t.value != 1;
        m_lastNumber = eightNumber ? 1 : absolute - m_base;
        m_count = absolute;
        m_subInCount = Tick{-1};
    }

    void readNumber() {
        const Token t = token();
        if (m_slowQuick)
            return error(t,
                         Core::sentence("This line is said in slow and quick. Keep to one way of counting in a line."));
        if (t.value == m_lastNumber && peek() && peek()->kind == TokenKind::Sub &&
            peek()->gluedLeft) { // "3 touch 3& close": the number once more for its letter
            ++m_next;
            return;
        }
        const auto first = absoluteCount(t);
        if (!first) return;
        if (*first > mostCounts) return error(t, Core::sentence("The line is longer than %1 counts.", mostCounts));
        flushLeading(*first);
        if (m_error) return;
        const Token* dash = peek();
        const Token* last = peek(2);
        if (dash && dash->kind == TokenKind::Dash) {
            if (!last || last->kind != TokenKind::Number)
                return error(*dash, Core::sentence("A range needs its last count, as in 1-4."));
            if (last->value <= t.value || last->value > mostCounts)
                return error(*last, Core::sentence("A range goes up: %1-%2 or later.", t.text, t.value + 1));
            m_rangeStart = m_moments.size();
            if (*first + last->value - t.value > mostCounts)
                return error(*last, Core::sentence("The line is longer than %1 counts.", mostCounts));
            const std::int64_t base = *first - t.value;
            if (saysRun(3)) { // one action whose steps are the dancer's own, or not written yet
                Moment& moment = openMoment(t, counts(*first - 1));
                moment.length = counts(last->value - t.value + 1);
                moment.finish = last->finish;
                m_rangeStart.reset();
            } else
                for (std::int64_t n = t.value; n <= last->value; ++n) {
                    Moment& moment = openMoment(t, counts(base + n - 1));
                    moment.label = std::to_string(n);
                    moment.finish = last->finish;
                }
            afterNumber(*first, t);
            m_lastNumber = base + last->value - m_base;
            m_count = base + last->value;
            m_next += 3;
            return;
        }
        m_rangeStart.reset();
        openMoment(t, counts(*first - 1));
        afterNumber(*first, t);
        ++m_next;
    }

    std::optional<Tick> fractionOf(const Token& t) {
        if (const auto place = letterPlace(t.text[0], m_choices)) return place;
        error(
            t,
            m_choices.feel == Feel::Swing
                ? Core::sentence(
                      "“e” has no place in a swung count: & and a both fall at 2/3. Say the line straight, or use &.")
            : m_choices.feel == Feel::Own
                ? Core::sentence("“e” has no place in a count of your own: & falls at %1, a at %2. Use one of these.",
                                 AsCount{m_choices.ownAnd}, AsCount{m_choices.ownA})
                : Core::sentence(
                      "“e” has no place in a count of thirds: & falls at 1/3, a at 2/3. Say the line straight or by quarters."));
        return std::nullopt;
    }

    /// "&", "a", "e": in the count said before it, or in the count before the number that follows.
    void readSub() {
        const Token t = token();
        if (m_slowQuick)
            return error(
                t, Core::sentence("This line is said in slow and quick; give the step its own length, as in Q:1/2."));
        const auto fraction = fractionOf(t);
        if (!fraction) return;
        m_rangeStart.reset();
        if (m_count == 0) { // before the figure's first number: settled when that number comes
            m_leading.push_back({t, *fraction});
            Moment& moment = openMoment(t, *fraction);
            moment.label = t.text;
            ++m_next;
            return;
        }
        // Find the next number without a word between: `a3`, `& 5`.
        std::size_t ahead = 1;
        while (peek(ahead) && peek(ahead)->kind == TokenKind::Sub) ++ahead;
        const Token* next = peek(ahead);
        const bool nextIsNumber = next && next->kind == TokenKind::Number &&
                                  next->value <= mostCounts; // a greater one is an error of its own
        std::int64_t count = m_count;
        const bool sameMoment =
            t.gluedLeft && m_next > 0 &&
            (m_tokens[m_next - 1].kind == TokenKind::Number || m_tokens[m_next - 1].kind == TokenKind::Sub);
        if (nextIsNumber && !sameMoment) {
            const std::int64_t before = next->value > m_lastNumber ? m_base + next->value - 1 : m_count;
            if (before != count && before > count) {
                note(
                    t,
                    Core::sentence(
                        "“%1” is read as the end of a silent %2. If it belongs to %3, write it next to the number: %4%5.",
                        t.text, before - m_base, count - m_base, count - m_base, t.text));
                m_doubtful.push_back({t.begin, t.finish, t.text, m_lastNumber, before - m_base, false});
                count = before;
                m_count = count;
                m_subInCount = Tick{-1};
            }
        }
        if (!nextIsNumber && !sameMoment &&
            m_moments.back().label == std::to_string(m_lastNumber)) { // "3 side & close 5": of the 3, or of a silent 4
            std::size_t later = 1;
            while (peek(later) && !isCountToken(*peek(later))) ++later;
            if (peek(later) && later > 1 && peek(later)->kind == TokenKind::Number &&
                peek(later)->value > m_lastNumber + 1 && peek(later)->value <= mostCounts)
                m_doubtful.push_back({t.begin, t.finish, t.text, m_lastNumber, peek(later)->value - 1, true});
        }
        if (*fraction == m_subInCount)
            return error(
                t,
                m_choices.feel == Feel::Swing
                    ? Core::sentence(
                          "& and a fall on the same moment in a swung count (2/3). Take one of them, or say the line by thirds.")
                    : Core::sentence("“%1” is in this count already.", t.text));
        if (*fraction < m_subInCount)
            return error(
                t, Core::sentence("“%1” comes before what was said last. In a count the order is e & a.", t.text));
        openMoment(t, counts(count - 1) + *fraction);
        m_subInCount = *fraction;
        ++m_next;
    }

    struct Leading {
        Token token;
        Tick fraction;
    };

    /// Letters at the head of the line belong to the count before the first number; at the very head they fall
    /// before the figure's count 1, where they add no length.
    void flushLeading(std::int64_t firstCount = 1) {
        Tick last{-1};
        for (std::size_t i = 0; i < m_leading.size(); ++i) {
            if (m_leading[i].fraction <= last) {
                m_moments.resize(i);
                return error(m_leading[i].token,
                             Core::sentence("“%1” comes before what was said last. In a count the order is e & a.",
                                            m_leading[i].token.text));
            }
            last = m_leading[i].fraction;
            m_moments[i].at = counts(firstCount - 2) + m_leading[i].fraction;
        }
        m_leading.clear();
    }

    void readSlowQuick() {
        const Token t = token();
        if (m_count != 0 && !m_slowQuick)
            return error(t, Core::sentence("This line is said in counts. Keep to one way of counting in a line."));
        if (!m_leading.empty())
            return error(m_leading.front().token, Core::sentence("A letter needs a count, not slow or quick."));
        m_slowQuick = true;
        m_rangeStart.reset();
        Moment& moment = openMoment(t, m_slowQuickEnd);
        moment.length = t.kind == TokenKind::Slow ? m_choices.slow : m_choices.quick;
        m_slowQuickEnd += *moment.length;
        m_count = 1;
        ++m_next;
        if (m_slowQuickEnd > counts(mostCounts))
            error(t, Core::sentence("The line is longer than %1 counts.", mostCounts));
    }

    void readLength() {
        const Token t = token();
        if (m_moments.empty()) return error(t, Core::sentence("A length follows its count, as in 1:2."));
        if (m_tokens[m_next - 1].kind == TokenKind::Close)
            return error(t, Core::sentence("A length stands before the brace, as in 2:2{side, close, side}."));
        const auto said = lengthOf(t);
        if (!said) return;
        Moment& moment = m_moments.back();
        const Tick length = *said;
        if (m_slowQuick) m_slowQuickEnd += length - *moment.length;
        moment.length = length;
        moment.finish = t.finish;
        ++m_next;
    }

    std::optional<Tick> lengthOf(const Token& t) {
        if (t.value >= 1 && t.over >= 1 && t.value <= mostCounts && (t.value * ticksPerCount) % t.over == 0)
            return countFraction(t.value, t.over);
        error(t, Core::sentence("A length is a number of counts such as 2, 3/2 or 1/2 that divides a count evenly."));
        return std::nullopt;
    }

    bool needMoment(const Token& t) {
        if (!m_moments.empty()) return true;
        error(t, Core::sentence("“%1” needs its count before it, as in “1 %2”.", t.text, t.text));
        return false;
    }

    void readTurn() {
        const Token t = token();
        if (!needMoment(t)) return;
        if (t.over < 1 || (t.value * 8) % t.over != 0 || t.value < 1 || t.value * 8 / t.over > 64)
            return error(t, Core::sentence("A turn is counted in eighths: 1/8, 1/4, 3/8, 1/2 … up to 8 whole turns."));
        std::size_t ahead = 1;
        while (peek(ahead) && peek(ahead)->kind == TokenKind::Word && isTurnWord(*peek(ahead))) ++ahead;
        const Token* way = peek(ahead);
        if (!way || way->kind != TokenKind::Foot || way->text == "B")
            return error(t, Core::sentence("Which way? Write %1 R or %2 L.", t.text, t.text));
        const int eighths = static_cast<int>(t.value * 8 / t.over);
        Moment& moment = m_rangeStart ? m_moments[*m_rangeStart] : m_moments.back();
        const bool orbits = takeRound(moment.roundMiddle);
        Eighths& angle = orbits ? moment.orbit : moment.turn;
        Tick& length = orbits ? moment.orbitLength : moment.turnLength;
        if (m_rangeStart)
            length = counts(static_cast<std::int64_t>(m_moments.size() - *m_rangeStart)); // danced over all of them
        angle += Eighths{way->text == "R" ? eighths : -eighths};
        moment.finish = way->finish;
        m_next += ahead + 1;
        if (m_next < m_tokens.size() && token().kind == TokenKind::Length &&
            token().gluedLeft) { // "3/4 R:3" takes three counts
            const auto span = lengthOf(token());
            if (!span) return;
            length = *span;
            moment.finish = token().finish;
            ++m_next;
        }
        if (m_next < m_tokens.size() && token().kind == TokenKind::Word && isTurnWord(token())) {
            moment.finish = token().finish;
            ++m_next;
        }
    }

    /// "round" or "round middle" before an angle: it is walked round the partner or the middle and turns no body. Takes
    /// the words back.
    bool takeRound(bool& middle) {
        const auto wordBefore = [&](std::size_t back, std::string_view word) {
            return m_next >= back && m_tokens[m_next - back].kind == TokenKind::Word &&
                   m_tokens[m_next - back].text == word;
        };
        const bool roundMiddle = wordBefore(1, "middle") && wordBefore(2, "round");
        if (!roundMiddle && !wordBefore(1, "round")) return false;
        for (std::size_t i = m_rangeStart.value_or(m_moments.size() - 1); i < m_moments.size(); ++i)
            for (int n = roundMiddle ? 2 : 1; n > 0 && !m_moments[i].words.empty(); --n) m_moments[i].words.pop_back();
        middle = roundMiddle;
        return true;
    }

    static bool isTurnWord(const Token& t) { return t.text == "turn" || t.text == "Turn"; }

    template <typename Change>
    void forOpenMoments(const Token& t, Change change) {
        for (std::size_t i = m_rangeStart.value_or(m_moments.size() - 1); i < m_moments.size(); ++i) {
            change(m_moments[i]);
            m_moments[i].finish = t.finish;
        }
        ++m_next;
    }

    void readFoot() {
        const Token t = token();
        if (!needMoment(t)) return;
        const Foot foot = t.text == "L" ? Foot::Left : t.text == "R" ? Foot::Right : Foot::Both;
        if (m_rangeStart && foot != Foot::Both) { // the first of a range; the others follow
            m_moments[*m_rangeStart].foot = foot;
            ++m_next;
            return;
        }
        if (m_moments.back().foot && *m_moments.back().foot != foot)
            return error(t, Core::sentence("Two feet on one count. Say one of them, or “both”."));
        forOpenMoments(t, [&](Moment& moment) { moment.foot = foot; });
    }

    void readWord() {
        const Token t = token();
        if (!needMoment(t)) return;
        forOpenMoments(t, [&](Moment& moment) { moment.words.push_back(t.text); });
    }

    /// Whether the words after a range say that it is one run of free or untimed steps.
    bool saysRun(std::size_t ahead) const {
        for (const Token* next = peek(ahead); next && !isCountToken(*next); next = peek(++ahead))
            if (isRunWord(*next)) return true;
        return false;
    }

    template <typename Change>
    void markMoments(Change change) {
        const Token t = token();
        if (needMoment(t)) forOpenMoments(t, change);
    }

    /// "2{side, close, side}" divides the count evenly, "2{3}" into three plain steps; a range, a length or S and Q
    /// divide more counts.
    void readParts() {
        const Token open = token();
        const TokenKind before = m_next > 0 ? m_tokens[m_next - 1].kind : TokenKind::Unknown;
        if (m_moments.empty() || (before != TokenKind::Number && before != TokenKind::Length &&
                                  before != TokenKind::Slow && before != TokenKind::Quick))
            return error(open, Core::sentence("A brace follows its count, as in 2{side, close, side}."));
        std::size_t close = m_next + 1;
        std::int64_t parts = 1;
        while (close < m_tokens.size() && m_tokens[close].kind != TokenKind::Close &&
               m_tokens[close].kind != TokenKind::Open)
            if (m_tokens[close++].kind == TokenKind::Comma) ++parts;
        if (close == m_tokens.size() || m_tokens[close].kind == TokenKind::Open)
            return error(open, Core::sentence("“{” is opened here and not closed. Write } at its end."));
        const bool plain = close == m_next + 2 && m_tokens[m_next + 1].kind == TokenKind::Number;
        if (plain) parts = m_tokens[m_next + 1].value;
        if (parts < 2 || parts > 32)
            return error(
                open, Core::sentence("Braces divide a count into 2 to 32 parts, as in 2{side, close, side} or 2{3}."));

        const std::size_t first = m_rangeStart.value_or(m_moments.size() - 1);
        const Moment whole = m_moments[first];
        const Tick span = m_rangeStart ? counts(static_cast<std::int64_t>(m_moments.size() - first))
                                       : whole.length.value_or(counts(1));
        if (span.value % parts != 0)
            return error(
                open,
                span == counts(1)
                    ? Core::sentence(
                          "One count does not divide evenly into %1 parts. 1 to 10, 12, 14, 15, 16, 18, 20, 21, 24 and 32 divide a count.",
                          parts)
                    : Core::sentence(
                          "%1 counts do not divide evenly into %2 parts. 1 to 10, 12, 14, 15, 16, 18, 20, 21, 24 and 32 divide a count.",
                          AsCount{span}, parts));
        m_moments.resize(first);
        m_rangeStart.reset();
        ++m_next;
        for (std::int64_t k = 0; k < parts && !m_error; ++k) {
            Moment& moment = openMoment(plain || m_tokens[m_next].kind == TokenKind::Comma ? open : m_tokens[m_next],
                                        whole.at + Tick{span.value / parts * k});
            moment.label = k == 0 ? whole.label : whole.label + "·" + std::to_string(k + 1);
            if (k == 0) moment.begin = whole.begin;
            moment.length = Tick{span.value / parts};
            if (plain) continue;
            while (!m_error && m_next < close && token().kind != TokenKind::Comma) readPartDetail();
            if (!m_error && k + 1 < parts) ++m_next;
        }
        if (m_error) return;
        m_next = close + 1;
        m_subInCount = counts(1); // no letter after it in this count
    }

    void readPartDetail() {
        const Token t = token();
        if (isCountToken(t) || t.kind == TokenKind::Length || t.kind == TokenKind::Dash ||
            t.kind == TokenKind::Unfinished)
            return error(
                t, Core::sentence(
                       "“%1” has no place inside braces: they hold the parts of one span, divided by commas.", t.text));
        readOne();
    }

    void readCouple() {
        const Token t = token();
        auto state = parseCouple(t.text);
        if (!state) {
            m_error = NotationRemark{t.begin + 1 + state.error().begin, t.begin + 1 + state.error().finish,
                                     state.error().text};
            return;
        }
        if (m_moments.empty()) {
            m_couple = m_couple.then(*state);
            ++m_next;
            return;
        }
        Moment& moment = m_moments[m_rangeStart.value_or(m_moments.size() - 1)];
        moment.couple = moment.couple.then(*state);
        moment.finish = t.finish;
        ++m_next;
    }

    void readCue() {
        const Token t = token();
        if (!needMoment(t)) return;
        if (t.text.find_first_not_of(' ') == std::string::npos)
            return error(
                t, Core::sentence("Nothing stands between these quotation marks. Write what is called out here."));
        Moment& moment = m_moments[m_rangeStart.value_or(m_moments.size() - 1)];
        if (!moment.cue.empty())
            return error(t, Core::sentence("A cue is called here already: “%1”. Put both into one.", moment.cue));
        moment.cue = t.text;
        moment.finish = t.finish;
        ++m_next;
    }

    /// "+ clap": what goes on beside the feet, up to the next count.
    void readBeside() {
        const Token t = token();
        if (!needMoment(t)) return;
        ++m_next;
        bool any = false;
        while (m_next < m_tokens.size() && token().kind == TokenKind::Word) {
            const Token word = token();
            forOpenMoments(word, [&](Moment& moment) { moment.beside.push_back(word.text); });
            any = true;
        }
        if (!any) error(t, Core::sentence("After + stands what goes on beside the feet, as in “4 touch + clap”."));
    }

    void readToward() {
        const Token t = token();
        if (!needMoment(t)) return;
        static constexpr std::array<std::string_view, 8> clock{"12", "1:30", "3", "4:30", "6", "7:30", "9", "10:30"};
        if (t.text[0] >= '0' && t.text[0] <= '9' && std::find(clock.begin(), clock.end(), t.text) == clock.end())
            return error(
                t,
                Core::sentence(
                    "“@%1” is not a direction. Say 12, 1:30, 3, 4:30, 6, 7:30, 9 or 10:30 o'clock, or a word such as @line or @window.",
                    t.text));
        forOpenMoments(t, [&](Moment& moment) { moment.toward = t.text; });
    }

    void readCare() {
        const Token t = token();
        if (!needMoment(t)) return;
        if (!careMark(t.text)) {
            std::string known;
            for (const CareMark& mark : allCareMarks()) known += (known.empty() ? "#" : ", #") + std::string(mark.code);
            return error(t, Core::sentence("“#%1” is not a care mark. Known are %2.", t.text, known));
        }
        Moment& moment = m_moments[m_rangeStart.value_or(m_moments.size() - 1)];
        if (std::find(moment.care.begin(), moment.care.end(), t.text) == moment.care.end())
            moment.care.push_back(t.text);
        moment.finish = t.finish;
        ++m_next;
    }

    NotationChoices m_choices;
    std::vector<Token> m_tokens;
    std::size_t m_next = 0;
    std::vector<Moment> m_moments;
    std::vector<Leading> m_leading;
    std::optional<std::size_t> m_rangeStart;
    std::optional<NotationRemark> m_error;
    std::vector<NotationRemark> m_notes;
    std::int64_t m_base = 0;       // counts of the sets that are over
    std::int64_t m_lastNumber = 0; // last number said in this set
    std::int64_t m_count = 0;      // the count that letters belong to; 0 before the first
    Tick m_subInCount{-1};
    CoupleState m_couple;
    bool m_unfinished = false;
    std::vector<DoubtfulLetter> m_doubtful;
    bool m_slowQuick = false;
    Tick m_slowQuickEnd;
};

} // namespace

Moments readMoments(std::string_view text, const NotationChoices& choices) { return Reader(text, choices).run(); }

} // namespace lc::notation
