#include "core/said/said_tokens.h"

#include "core/base/vulgar_fractions.h"

#include "core/notation/step_words.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <utility>

namespace lc::said {

namespace {

bool isDigit(char c) { return c >= '0' && c <= '9'; }
bool isSpace(char c) { return c == ' ' || c == '\t' || c == '\r'; }

constexpr std::array<std::string_view, 9> breaks{",", ";", "|", "/", ".", "\n", "•", "→", "·"};
constexpr std::array<std::string_view, 4> dashes{"–", "—", "‐", "‑"};
constexpr std::array<std::string_view, 6> otherSpaces{"\u00A0", "\u202F", "\u2009", "\u200B",
                                                      "\u00AD", "\uFEFF"}; // as pages and word processors write them
constexpr std::array<std::string_view, 4> noLetters{"“", "”", "…", "×"};

std::string_view trimmed(std::string_view text) {
    while (!text.empty() && isSpace(text.front())) text.remove_prefix(1);
    while (!text.empty() && isSpace(text.back())) text.remove_suffix(1);
    return text;
}

std::size_t digitsEnd(std::string_view text, std::size_t from) {
    while (from < text.size() && isDigit(text[from])) ++from;
    return from;
}

std::int64_t valueOf(std::string_view digits) {
    std::int64_t value = 0;
    return std::from_chars(digits.data(), digits.data() + digits.size(), value).ec == std::errc{}
               ? value
               : INT32_MAX; // too long a number is refused by its reader
}

/// "3:00", "9 o'clock", "12 Uhr"; in square brackets also "9".
bool saysClock(std::string_view inside, bool bare) {
    const std::size_t end = digitsEnd(inside, 0);
    if (end == 0 || end > 2 || valueOf(inside.substr(0, end)) > 12) return false;
    const std::string rest = small(trimmed(inside.substr(end)));
    return (bare && rest.empty()) || rest == ":00" || rest == ":30" || rest == "o'clock" || rest == "o’clock" ||
           rest == "uhr" || rest == "h";
}

class Splitter {
public:
    Splitter(std::string_view text, const OwnWords& words) : m_text(text), m_words(words) {}

    std::vector<SaidToken> run() {
        while (m_at < m_text.size()) {
            if (const std::size_t end = spacesEnd(m_at); end > m_at)
                m_at = end;
            else if (!number() && !sign() && !enclosed() && !words())
                ++m_at;
        }
        settleLetters();
        settleRanges();
        settleHowMany();
        return std::move(m_tokens);
    }

private:
    SaidToken& push(TokenKind kind, std::size_t finish) {
        SaidToken t;
        t.kind = kind;
        t.begin = m_at;
        t.finish = finish;
        t.text = std::string(m_text.substr(m_at, finish - m_at));
        t.spaceBefore = m_at == 0 || isSpace(m_text[m_at - 1]);
        t.spaceAfter = finish >= m_text.size() || isSpace(m_text[finish]);
        t.group = std::exchange(m_closed, false);
        m_tokens.push_back(std::move(t));
        m_at = finish;
        return m_tokens.back();
    }

    SaidToken& known(Sense sense, std::size_t finish, std::int64_t value = 0, std::int64_t over = 1) {
        SaidToken& t = push(TokenKind::Known, finish);
        t.sense = sense;
        t.value = value;
        t.over = over;
        return t;
    }

    std::size_t spacesEnd(std::size_t from) const {
        while (from < m_text.size()) {
            const auto other =
                std::find_if(otherSpaces.begin(), otherSpaces.end(), [&](std::string_view s) { return at(s, from); });
            if (isSpace(m_text[from]))
                ++from;
            else if (other != otherSpaces.end())
                from += other->size();
            else
                break;
        }
        return from;
    }

    bool at(std::string_view sign, std::size_t from) const { return m_text.substr(from, sign.size()) == sign; }

    const VulgarFraction* partAt(std::size_t from) const { return vulgarFractionAt(m_text, from); }

    bool number() {
        if (const VulgarFraction* part = partAt(m_at)) {
            known(Sense::Fraction, m_at + part->sign.size(), part->value, part->over);
            return true;
        }
        const std::size_t end = digitsEnd(m_text, m_at);
        if (end == m_at) return false;
        const std::int64_t value = valueOf(m_text.substr(m_at, end - m_at));
        if (risesByOne(end)) return true;
        if (const std::size_t unit = degreesEnd(end); unit > end && value > 0 && value <= 2880 && value % 45 == 0) {
            known(Sense::Fraction, unit, value / 45, 8).text.clear();
            return true;
        }
        if (end + 1 < m_text.size() && m_text[end] == '/' && isDigit(m_text[end + 1])) {
            const std::size_t overEnd = digitsEnd(m_text, end + 1);
            known(Sense::Fraction, overEnd, value, valueOf(m_text.substr(end + 1, overEnd - end - 1)));
        } else if (const VulgarFraction* part = end < m_text.size() ? partAt(end) : nullptr) {
            known(Sense::Fraction, end + part->sign.size(), value * part->over + part->value, part->over);
        } else if (end < m_text.size() && (m_text[end] == 'x' || at("×", end)) &&
                   !letterAt(end + (m_text[end] == 'x' ? 1 : 2))) {
            known(Sense::Times, end + (m_text[end] == 'x' ? 1 : 2), value).spelled = true;
        } else
            known(Sense::Count, end, value);
        return true;
    }

    /// "5678": counts without spaces between them.
    bool risesByOne(std::size_t end) {
        if (end - m_at < 3) return false;
        for (std::size_t i = m_at + 1; i < end; ++i)
            if (m_text[i] != m_text[i - 1] + 1) return false;
        while (m_at < end) known(Sense::Count, m_at + 1, m_text[m_at] - '0').spelled = true;
        return true;
    }

    /// "180 degrees": where the unit ends.
    std::size_t degreesEnd(std::size_t end) const {
        const std::size_t from = spacesEnd(end);
        if (at("°", from)) return from + std::string_view("°").size();
        const std::size_t stop = wordEnd(from);
        const std::string unit = small(m_text.substr(from, stop - from));
        return unit == "degrees" || unit == "degree" || unit == "deg" || unit == "grad" || unit == "degrés" ||
                       unit == "grados"
                   ? stop
                   : end;
    }

    bool sign() {
        if (m_group > 0 && m_at == m_group) {
            m_group = 0;
            m_closed = true;
            ++m_at;
            return true;
        }
        for (std::string_view s : breaks)
            if (at(s, m_at) && !at("...", m_at)) {
                push(m_at < m_group ? TokenKind::Dash : TokenKind::Break, m_at + s.size());
                return true;
            }
        for (std::string_view s : dashes)
            if (at(s, m_at)) {
                push(TokenKind::Dash, m_at + s.size());
                return true;
            }
        const char c = m_text[m_at];
        if (c == '-') {
            push(TokenKind::Dash, m_at + 1);
            return true;
        }
        if (c == '&') {
            known(Sense::Letter, m_at + 1).text = "&";
            return true;
        }
        if (c == ':') {
            const std::size_t end = digitsEnd(m_text, m_at + 1);
            if (end == m_at + 1)
                push(TokenKind::Colon, m_at + 1);
            else
                push(TokenKind::OwnOnly, end);
            return true;
        }
        if ((c == 'x' && m_at + 1 < m_text.size() && !letterAt(m_at + 1)) || at("×", m_at)) {
            std::size_t from = m_at + (c == 'x' ? 1 : 2);
            from = spacesEnd(from);
            const std::size_t end = digitsEnd(m_text, from);
            if (end == from) return false;
            known(Sense::Times, end, valueOf(m_text.substr(from, end - from))).spelled = true;
            return true;
        }
        if (std::string_view("%*=_<>^~$\\").find(c) != std::string_view::npos) {
            push(TokenKind::OwnOnly, m_at + 1);
            return true;
        }
        if (c == '!') {
            push(TokenKind::Own, m_at + 1);
            return true;
        }
        if (c == '{' || c == '}' || c == '+' || at("…", m_at) || at("...", m_at)) {
            push(TokenKind::OwnOnly, m_at + (c == '.' || !(c == '{' || c == '}' || c == '+') ? 3 : 1));
            return true;
        }
        if (c != '@' && c != '#') return false;
        std::size_t end = m_at + 1;
        while (end < m_text.size() &&
               (letterAt(end) || m_text[end] == '-' || (c == '@' && (isDigit(m_text[end]) || m_text[end] == ':'))))
            ++end;
        push(TokenKind::Own, end);
        return true;
    }

    bool enclosed() {
        struct Pair {
            std::string_view open, close;
        };
        static constexpr std::array<Pair, 4> pairs{{{"(", ")"}, {"[", "]"}, {"\"", "\""}, {"“", "”"}}};
        for (const Pair& pair : pairs) {
            if (!at(pair.open, m_at)) continue;
            const std::size_t inside = m_at + pair.open.size(), close = m_text.find(pair.close, inside);
            if (close == std::string_view::npos) {
                push(TokenKind::OwnOnly, m_text.size());
                return true;
            }
            bracket(trimmed(m_text.substr(inside, close - inside)), close + pair.close.size(), pair.open[0]);
            return true;
        }
        return false;
    }

    void bracket(std::string_view inside, std::size_t finish, char open) {
        if ((open == '(' || open == '[') && saysClock(inside, open == '[')) {
            push(TokenKind::Clock, finish);
            return;
        }
        if (open != '(') {
            push(TokenKind::Own, finish);
            return;
        }
        const std::size_t end = digitsEnd(inside, 0);
        if (end > 0) {
            const std::size_t dash = inside.find_first_not_of(" -", end);
            const bool range = dash != std::string_view::npos && dash > end &&
                               digitsEnd(inside, dash) == inside.size() && isDigit(inside[dash]);
            if (end == inside.size() || range) {
                SaidToken& t = push(TokenKind::Silent, finish);
                t.value = valueOf(inside.substr(0, end));
                t.over = range ? valueOf(inside.substr(dash)) : t.value;
                return;
            }
        }
        if (const SaidWord* word = saidWord(small(inside)); word && word->sense == Sense::Hold) {
            known(Sense::Hold, finish).text = word->own;
            m_tokens.back().spelled = true;
            return;
        }
        if (timesAt(finish)) { // "(rock, recover) x2": steps that belong together
            push(TokenKind::Break, m_at + 1);
            m_group = finish - 1;
            return;
        }
        push(TokenKind::Remark, finish).text = std::string(inside);
    }

    /// "x2", "× 2", "2x".
    bool timesAt(std::size_t from) const {
        from = spacesEnd(from);
        const std::size_t sign = at("×", from)                                                          ? 2
                                 : from < m_text.size() && (m_text[from] == 'x' || m_text[from] == 'X') ? 1
                                                                                                        : 0;
        if (sign > 0) return digitsEnd(m_text, spacesEnd(from + sign)) > spacesEnd(from + sign);
        const std::size_t end = digitsEnd(m_text, from);
        return end > from && end < m_text.size() && (m_text[end] == 'x' || at("×", end)) && !letterAt(end + 1);
    }

    bool letterAt(std::size_t i) const {
        if (i >= m_text.size()) return false;
        const char c = m_text[i];
        if ((c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z')) return true;
        if (static_cast<unsigned char>(c) < 0x80 || partAt(i)) return false;
        const auto starts = [&](const auto& list) {
            return std::any_of(list.begin(), list.end(), [&](std::string_view s) { return at(s, i); });
        };
        return !starts(dashes) && !starts(breaks) && !starts(noLetters) && !starts(otherSpaces) && !at("’", i);
    }

    std::size_t wordEnd(std::size_t from) const {
        while (letterAt(from) || (from < m_text.size() && m_text[from] == '\'' && letterAt(from + 1))) {
            ++from;
            while (from < m_text.size() && (static_cast<unsigned char>(m_text[from]) & 0xC0) == 0x80) ++from;
        }
        return from;
    }

    /// The longest phrase of the table that begins here, else the word alone.
    bool words() {
        const std::size_t first = wordEnd(m_at);
        if (first == m_at) return false;
        const std::string_view raw = m_text.substr(m_at, first - m_at);
        if (raw.find_first_not_of("SQ") == std::string_view::npos) {
            while (m_at < first) known(m_text[m_at] == 'S' ? Sense::Slow : Sense::Quick, m_at + 1);
            return true;
        }
        if (raw.size() > 1 && raw.find_first_not_of("LR") == std::string_view::npos) { // "RLRL"
            while (m_at < first) {
                SaidToken& t = known(Sense::Foot, m_at + 1);
                t.spelled = true;
            }
            return true;
        }
        std::string phrase, best;
        std::size_t bestEnd = 0, from = m_at;
        const SaidWord* found = nullptr;
        std::span<const OwnWord> own;
        const auto look = [&](const std::string& said, std::size_t end) {
            const auto meanings = m_words.meanings(said);
            const SaidWord* word = meanings.empty() ? saidWord(said) : nullptr;
            if (meanings.empty() && !word) return;
            found = word;
            own = meanings;
            best = said;
            bestEnd = end;
        };
        for (std::size_t n = 0; n < mostWords; ++n) {
            const std::size_t end = wordEnd(from);
            if (end == from) break;
            const std::string word = small(m_text.substr(from, end - from));
            if (n > 0 && from > 0 && m_text[from - 1] == '-') // a word with a dash may be one of its own
                look(phrase + "-" + word, end);
            phrase += (n ? " " : "") + word;
            look(phrase, end);
            from = end;
            if (from < m_text.size() && m_text[from] == '-' && letterAt(from + 1))
                ++from;
            else
                from = spacesEnd(from);
        }
        if (!own.empty()) {
            SaidToken& t = known(Sense::Own, bestEnd);
            t.text = best;
            t.own = own;
            return true;
        }
        if (found && found->sense == Sense::Filler && bestEnd < m_text.size() && m_text[bestEnd] == '-' &&
            letterAt(bestEnd + 1))
            found = nullptr; // "do-si-do" is one word
        if (!found) {
            std::size_t end = first;
            while (end < m_text.size() && m_text[end] == '-' && letterAt(end + 1)) end = wordEnd(end + 1);
            SaidToken& t = push(TokenKind::Unknown, end);
            t.text = small(t.text);
            if (kindOf(std::array{t.text}, {}) != ActionKind::Step || meaningOf(t.text) != StepMeaning{})
                t.kind = TokenKind::OwnOnly; // "free", "somehow"
            return true;
        }
        const std::string written(m_text.substr(m_at, bestEnd - m_at));
        SaidToken& t = known(found->sense, bestEnd, found->value, found->over);
        t.text = found->own;
        t.several = found->sense == Sense::Step && best != found->own && (best.back() == 's' || best == "schritte");
        t.spelled = found->sense == Sense::Foot ? written.size() > 2 && best != "left" && best != "right"
                                                : small(written) != found->own;
        if (m_at < m_text.size() && m_text[m_at] == '-' && letterAt(m_at + 1)) ++m_at; // the dash inside a word
        return true;
    }

    /// "1 to 4" is a range.
    void settleRanges() {
        for (std::size_t i = 1; i + 1 < m_tokens.size(); ++i)
            if (m_tokens[i].is(Sense::Filler) && m_tokens[i - 1].is(Sense::Count) && m_tokens[i + 1].is(Sense::Count) &&
                m_tokens[i + 1].value > m_tokens[i - 1].value &&
                (m_tokens[i].text == "to" || m_tokens[i].text == "through" || m_tokens[i].text == "bis" ||
                 m_tokens[i].text == "à" || m_tokens[i].text == "al" || m_tokens[i].text == "hasta")) {
                m_tokens[i].kind = TokenKind::Dash;
                m_tokens[i].spaceAfter = false;
                m_tokens[i].spelled = true;
            }
    }

    /// "9-12: four steps in": as many as there are counts, which says nothing new.
    void settleHowMany() {
        for (std::size_t i = 3; i + 1 < m_tokens.size(); ++i) {
            const bool pause = m_tokens[i - 1].kind == TokenKind::Colon || m_tokens[i - 1].kind == TokenKind::Break;
            const std::size_t last = i - (pause ? 2 : 1);
            if (last < 2 || !m_tokens[i].is(Sense::Count) || !m_tokens[i + 1].several ||
                m_tokens[last - 1].kind != TokenKind::Dash)
                continue;
            if (!m_tokens[last].is(Sense::Count) || !m_tokens[last - 2].is(Sense::Count) ||
                m_tokens[last].value - m_tokens[last - 2].value + 1 != m_tokens[i].value)
                continue;
            m_tokens[i].sense = Sense::Filler;
            m_tokens[i].text.clear();
        }
    }

    /// "a" and "e" are letters in a line of counts, but where "a" stands before what it is an article of; else they say
    /// nothing.
    void settleLetters() {
        const bool inCounts = std::any_of(m_tokens.begin(), m_tokens.end(),
                                          [](const SaidToken& t) { return t.is(Sense::Count) && !t.spelled; });
        for (std::size_t i = 0; i < m_tokens.size(); ++i) {
            SaidToken& t = m_tokens[i];
            if (t.kind != TokenKind::Unknown ||
                (t.text != "a" && t.text != "e" && t.text != "ea" && t.text != "ae" && t.text != "u"))
                continue;
            const auto counted = [](const SaidToken& other) {
                return other.is(Sense::Count) || other.is(Sense::Letter) || other.is(Sense::And);
            };
            const SaidToken* before = i > 0 ? &m_tokens[i - 1] : nullptr;
            const SaidToken* after = i + 1 < m_tokens.size() ? &m_tokens[i + 1] : nullptr;
            const bool article =
                (before && before->is(Sense::Filler)) ||
                (after && (after->is(Sense::Fraction) || after->is(Sense::Turning) || after->is(Sense::Filler)));
            const bool beside = (before && counted(*before)) || (after && counted(*after)) || (inCounts && !article);
            t.kind = TokenKind::Known;
            t.sense = beside && t.text.size() == 1 && t.text != "u" ? Sense::Letter : Sense::Filler;
            if (beside && t.text.size() == 2) { t.kind = TokenKind::OwnOnly; }
        }
    }

    std::string_view m_text;
    const OwnWords& m_words;
    std::size_t m_at = 0;
    bool m_closed = false;   // one just did
    std::size_t m_group = 0; // where a bracket around steps closes; 0 = none is open
    std::vector<SaidToken> m_tokens;
};

} // namespace

std::vector<SaidToken> saidTokens(std::string_view text, const OwnWords& words) { return Splitter(text, words).run(); }

} // namespace lc::said
