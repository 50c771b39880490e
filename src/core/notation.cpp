#include "core/notation.h"

#include "core/notation_lexer.h"

#include <algorithm>
#include <array>
#include <cassert>
#include <cctype>
#include <utility>

namespace lc {

namespace {

using notation::Token;
using notation::TokenKind;

constexpr std::int64_t mostCounts = 4096; // a line longer than two minutes of fast music is a typing error

constexpr std::array<std::string_view, 19> noWeightWords{
    "touch", "tap", "point", "kick", "flick", "hook", "hitch", "brush", "swivel", "stomp-up",
    "scuff", "dig", "drag", "lift", "fan", "sweep", "ronde", "knee", "low-kick"};
constexpr std::array<std::string_view, 8> waitWords{"wait", "hold", "pause", "silent", "rest", "freeze", "still", "nothing"};
constexpr std::array<std::string_view, 15> gestureWords{"clap", "slap", "snap", "arm", "arms", "head", "look", "breath",
                                                        "breathe", "nod", "shrug", "pose", "settle", "reach", "smile"};

template <std::size_t N>
bool contains(const std::array<std::string_view, N>& words, std::string_view word) {
    return std::find(words.begin(), words.end(), word) != words.end();
}

std::string lower(std::string_view word) {
    std::string text(word);
    for (char& c : text)
        if (c >= 'A' && c <= 'Z') c = static_cast<char>(c - 'A' + 'a');
    return text;
}

/// What dancers mean by the words of one moment.
ActionKind kindOf(const std::vector<std::string>& words) {
    bool noWeight = false, wait = false, gesture = false, hop = false, jump = false, other = false;
    for (const std::string& word : words) {
        const std::string w = lower(word);
        if (contains(noWeightWords, w)) noWeight = true;
        else if (contains(waitWords, w)) wait = true;
        else if (contains(gestureWords, w)) gesture = true;
        else if (w == "hop") hop = true;
        else if (w == "jump") jump = true;
        else other = true;
    }
    if (noWeight) return ActionKind::NoWeight;
    if (hop) return ActionKind::Hop;
    if (jump) return ActionKind::Jump;
    if (wait) return ActionKind::Wait;
    if (gesture && !other) return ActionKind::Gesture;
    return ActionKind::Step;
}

struct Moment {
    Tick at;
    std::optional<Tick> length; // said with ":" or by S and Q
    std::string label;
    std::vector<std::string> words;
    std::optional<Foot> foot;
    Eighths turn;
    std::size_t begin = 0;
    std::size_t finish = 0;
};

class Reader {
public:
    Reader(std::string_view text, const NotationChoices& choices) : m_choices(choices), m_tokens(notation::tokens(text)) {}

    NotationReading run(std::optional<Tick> claimed) {
        while (m_next < m_tokens.size() && !m_error) readOne();
        if (!m_error) flushLeading();
        else if (!m_leading.empty()) m_moments.clear(); // letters whose count was never said
        NotationReading reading;
        layOut(reading);
        reading.next = m_slowQuick ? "Q" : std::to_string(m_lastNumber + 1);
        reading.error = m_error;
        reading.notes = std::move(m_notes);
        if (claimed && !m_error) claim(reading, *claimed);
        if (!m_error) checkFeet(reading);
        return reading;
    }

private:
    const Token& token() const { return m_tokens[m_next]; }
    const Token* peek(std::size_t ahead = 1) const {
        return m_next + ahead < m_tokens.size() ? &m_tokens[m_next + ahead] : nullptr;
    }
    void error(const Token& at, std::string text) { m_error = NotationRemark{at.begin, at.finish, std::move(text)}; }
    void note(const Token& at, std::string text) { m_notes.push_back({at.begin, at.finish, std::move(text), RemarkKind::Reading}); }

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
        case TokenKind::Dash: error(t, "A dash stands between two counts, as in 1-4."); break;
        case TokenKind::Unknown: error(t, "“" + t.text + "” means nothing here. Write counts, words, L or R."); break;
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
            error(t, "A count is a number from 1 to " + std::to_string(mostCounts) + ".");
            return std::nullopt;
        }
        if (m_lastNumber == 0 || n > m_lastNumber) return m_base + n;
        const bool endOfSet = m_lastNumber == 7 || m_lastNumber == 8;
        const std::int64_t eightsBefore = (m_base + 8) / 8;
        if (endOfSet && n == eightsBefore + 1 && (m_base + 8) % 8 == 0 && n != 1) { // "2 2 3 4": the eight's number on its 1
            m_base += 8;
            m_lastNumber = 1;
            return m_base + 1;
        }
        if (n == 1) {
            if (m_lastNumber == 7) note(t, "After 7 a silent 8 was put before this 1. Write “8 wait” to say so.");
            m_base += m_lastNumber == 7 ? 8 : m_lastNumber;
            m_lastNumber = 0;
            return m_base + 1;
        }
        error(t, n == m_lastNumber ? t.text + " is there already. Use & for the half, or go on to " + std::to_string(n + 1) + "."
                                   : t.text + " comes after " + std::to_string(m_lastNumber) + ". Counts go up, or begin again at 1.");
        return std::nullopt;
    }

    void afterNumber(std::int64_t absolute, const Token& t) {
        const bool eightNumber = absolute - m_base == 1 && t.value != 1;
        m_lastNumber = eightNumber ? 1 : absolute - m_base;
        m_count = absolute;
        m_subInCount = Tick{-1};
    }

    void readNumber() {
        const Token t = token();
        if (m_slowQuick) return error(t, "This line is said in slow and quick. Keep to one way of counting in a line.");
        const auto first = absoluteCount(t);
        if (!first) return;
        if (*first > mostCounts) return error(t, "The line is longer than " + std::to_string(mostCounts) + " counts.");
        flushLeading(*first);
        if (m_error) return;
        const Token* dash = peek();
        const Token* last = peek(2);
        if (dash && dash->kind == TokenKind::Dash) {
            if (!last || last->kind != TokenKind::Number) return error(*dash, "A range needs its last count, as in 1-4.");
            if (last->value <= t.value || last->value > mostCounts)
                return error(*last, "A range goes up: " + t.text + "-" + std::to_string(t.value + 1) + " or later.");
            m_rangeStart = m_moments.size();
            if (*first + last->value - t.value > mostCounts) return error(*last, "The line is longer than " + std::to_string(mostCounts) + " counts.");
            const std::int64_t base = *first - t.value;
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
        if (const auto place = letterPlace(t.text[0], m_choices.feel)) return place;
        error(t, m_choices.feel == Feel::Swing
                     ? "“e” has no place in a swung count: & and a both fall at 2/3. Say the line straight, or use &."
                     : "“e” has no place in a count of thirds: & falls at 1/3, a at 2/3. Say the line straight or by quarters.");
        return std::nullopt;
    }

    /// "&", "a", "e": in the count said before it, or in the count before the number that follows.
    void readSub() {
        const Token t = token();
        if (m_slowQuick) return error(t, "This line is said in slow and quick; give the step its own length, as in Q:1/2.");
        const auto fraction = fractionOf(t);
        if (!fraction) return;
        m_rangeStart.reset();
        // Find the next number without a word between: `a3`, `& 5`.
        std::size_t ahead = 1;
        while (peek(ahead) && peek(ahead)->kind == TokenKind::Sub) ++ahead;
        const Token* next = peek(ahead);
        const bool nextIsNumber = next && next->kind == TokenKind::Number && next->value <= mostCounts; // a greater one is an error of its own
        if (m_count == 0) { // before the figure's first number: settled when that number comes
            m_leading.push_back({t, *fraction});
            Moment& moment = openMoment(t, *fraction);
            moment.label = t.text;
            ++m_next;
            return;
        }
        std::int64_t count = m_count;
        const bool sameMoment = t.gluedLeft && m_next > 0 &&
                                (m_tokens[m_next - 1].kind == TokenKind::Number || m_tokens[m_next - 1].kind == TokenKind::Sub);
        if (nextIsNumber && !sameMoment) {
            const std::int64_t before = next->value > m_lastNumber ? m_base + next->value - 1 : m_count;
            if (before != count && before > count) {
                note(t, "“" + t.text + "” is read as the end of a silent " + std::to_string(before - m_base) + ". If it belongs to " +
                            std::to_string(count - m_base) + ", write it next to the number: " + std::to_string(count - m_base) + t.text + ".");
                count = before;
                m_count = count;
                m_subInCount = Tick{-1};
            }
        }
        if (*fraction == m_subInCount)
            return error(t, m_choices.feel == Feel::Swing
                                ? "& and a fall on the same moment in a swung count (2/3). Take one of them, or say the line by thirds."
                                : "“" + t.text + "” is in this count already.");
        if (*fraction < m_subInCount) return error(t, "“" + t.text + "” comes before what was said last. In a count the order is e & a.");
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
                return error(m_leading[i].token, "“" + m_leading[i].token.text + "” comes before what was said last. In a count the order is e & a.");
            }
            last = m_leading[i].fraction;
            m_moments[i].at = counts(firstCount - 2) + m_leading[i].fraction;
        }
        m_leading.clear();
    }

    void readSlowQuick() {
        const Token t = token();
        if (m_count != 0 && !m_slowQuick) return error(t, "This line is said in counts. Keep to one way of counting in a line.");
        if (!m_leading.empty()) return error(m_leading.front().token, "A letter needs a count, not slow or quick.");
        m_slowQuick = true;
        m_rangeStart.reset();
        Moment& moment = openMoment(t, m_slowQuickEnd);
        moment.length = t.kind == TokenKind::Slow ? m_choices.slow : m_choices.quick;
        m_slowQuickEnd += *moment.length;
        m_count = 1;
        ++m_next;
        if (m_slowQuickEnd > counts(mostCounts)) error(t, "The line is longer than " + std::to_string(mostCounts) + " counts.");
    }

    void readLength() {
        const Token t = token();
        if (m_moments.empty()) return error(t, "A length follows its count, as in 1:2.");
        if (t.value < 1 || t.over < 1 || t.value > mostCounts || (t.value * ticksPerCount) % t.over != 0)
            return error(t, "A length is a number of counts such as 2, 3/2 or 1/2 that divides a count evenly.");
        Moment& moment = m_moments.back();
        const Tick length = countFraction(t.value, t.over);
        if (m_slowQuick) m_slowQuickEnd += length - *moment.length;
        moment.length = length;
        moment.finish = t.finish;
        ++m_next;
    }

    bool needMoment(const Token& t) {
        if (!m_moments.empty()) return true;
        error(t, "“" + t.text + "” needs its count before it, as in “1 " + t.text + "”.");
        return false;
    }

    void readTurn() {
        const Token t = token();
        if (!needMoment(t)) return;
        if (m_rangeStart) return error(t, "On which of these counts is the turn? Write that count by itself.");
        if (t.over < 1 || (t.value * 8) % t.over != 0 || t.value < 1 || t.value * 8 / t.over > 64)
            return error(t, "A turn is counted in eighths: 1/8, 1/4, 3/8, 1/2 … up to 8 whole turns.");
        std::size_t ahead = 1;
        while (peek(ahead) && peek(ahead)->kind == TokenKind::Word && lower(peek(ahead)->text) == "turn") ++ahead;
        const Token* way = peek(ahead);
        if (!way || way->kind != TokenKind::Foot || way->text == "B")
            return error(t, "Which way? Write " + t.text + " R or " + t.text + " L.");
        const int eighths = static_cast<int>(t.value * 8 / t.over);
        Moment& moment = m_moments.back();
        moment.turn += Eighths{way->text == "R" ? eighths : -eighths};
        moment.finish = way->finish;
        m_next += ahead + 1;
        if (m_next < m_tokens.size() && token().kind == TokenKind::Word && lower(token().text) == "turn") {
            moment.finish = token().finish;
            ++m_next;
        }
    }

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
            return error(t, "Two feet on one count. Say one of them, or “both”.");
        forOpenMoments(t, [&](Moment& moment) { moment.foot = foot; });
    }

    void readWord() {
        const Token t = token();
        if (!needMoment(t)) return;
        forOpenMoments(t, [&](Moment& moment) { moment.words.push_back(t.text); });
    }

    /// Moments become actions with lengths; gaps become waits, one for each count.
    void layOut(NotationReading& reading) {
        Tick done = m_moments.empty() ? Tick{} : std::min(Tick{}, m_moments.front().at);
        for (std::size_t i = 0; i < m_moments.size(); ++i) {
            const Moment& m = m_moments[i];
            addWaits(reading, done, m.at);
            done = m.at;
            const Tick countEnd = counts(wholeCounts(m.at) + 1);
            Tick end = m.length ? m.at + *m.length : countEnd;
            if (i + 1 < m_moments.size()) {
                const Tick next = m_moments[i + 1].at;
                if (!m.length) end = std::min(end, next);
                else if (end > next) {
                    if (!m_error) m_error = NotationRemark{m.begin, m.finish,
                                             "“" + m.label + "” lasts " + countsInWords(*m.length) + ", but the next step comes before that is over."};
                    break;
                }
            }
            Action action;
            action.at = m.at;
            action.length = end - m.at;
            action.kind = kindOf(m.words);
            action.label = m.label;
            for (const std::string& word : m.words) action.words += (action.words.empty() ? "" : " ") + word;
            if (action.usesFoot()) action.said = m.foot;
            action.turn = m.turn;
            action.begin = m.begin;
            action.finish = m.finish;
            reading.actions.push_back(std::move(action));
            done = end;
        }
        reading.length = std::max(done, Tick{});
    }

    static void addWaits(NotationReading& reading, Tick from, Tick to) {
        while (from < to) {
            const Tick end = std::min(to, counts(wholeCounts(from) + 1));
            Action wait;
            wait.at = from;
            wait.length = end - from;
            wait.kind = ActionKind::Wait;
            wait.label = isWhole(from) ? std::to_string(wholeCounts(from) + 1) : "";
            if (!reading.actions.empty()) wait.begin = wait.finish = reading.actions.back().finish;
            reading.actions.push_back(std::move(wait));
            from = end;
        }
    }

    void claim(NotationReading& reading, Tick claimed) {
        if (reading.length > claimed)
            reading.notes.push_back({0, 0, "Claimed " + toSpokenCount(claimed) + ", built " + toSpokenCount(reading.length) + ".", RemarkKind::Length});
        else {
            addWaits(reading, reading.length, claimed);
            reading.length = claimed;
        }
    }

    static void checkFeet(NotationReading& reading) {
        const auto footed = followFeet(reading.actions, footNeeded(reading.actions).value_or(Foot::Both));
        for (std::size_t i = 0; i < footed.size(); ++i)
            if (footed[i].conflict) {
                const Action& action = reading.actions[i];
                const std::string foot = *footed[i].foot == Foot::Left ? "left" : "right";
                reading.notes.push_back({action.begin, action.finish,
                                         "Count " + action.label + " says the " + foot + " foot, but the " + foot + " foot carries the weight.", RemarkKind::FootNotFree});
            }
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
    bool m_slowQuick = false;
    Tick m_slowQuickEnd;
};

} // namespace

NotationReading readNotation(std::string_view text, const NotationChoices& choices, std::optional<Tick> claimed) {
    return Reader(text, choices).run(claimed);
}

std::size_t characterNumber(std::string_view text, std::size_t byte) {
    std::size_t number = 1;
    for (std::size_t i = 0; i < std::min(byte, text.size()); ++i)
        if ((static_cast<unsigned char>(text[i]) & 0xC0) != 0x80) ++number;
    return number;
}

Error notationError(std::string_view text, const NotationReading& reading) {
    assert(reading.error);
    const std::string place = "character " + std::to_string(characterNumber(text, reading.error->begin));
    return {ErrorCode::BadNotation, "Counts, " + place + ": " + reading.error->text, place};
}

} // namespace lc
