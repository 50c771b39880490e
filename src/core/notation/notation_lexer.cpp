#include "core/notation/notation_lexer.h"

#include "core/base/vulgar_fractions.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <utility>

namespace lc::notation {

namespace {

bool isDigit(char c) { return c >= '0' && c <= '9'; }
bool isSpace(char c) { return c == ' ' || c == '\t' || c == '\n' || c == '\r'; }
bool isLetter(char c) {
    return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z') || static_cast<unsigned char>(c) >= 0x80;
}

class Lexer {
public:
    explicit Lexer(std::string_view line) : m_line(line) {}

    std::vector<Token> run() {
        while (m_at < m_line.size()) {
            if (unfinished()) continue;
            if (isSpace(m_line[m_at]) || (m_line[m_at] == ',' && !m_inBraces) || m_line[m_at] == '|' ||
                m_line[m_at] == '.') {
                ++m_at;
                continue;
            }
            if (!number() && !vulgar() && !sign() && !enclosed() && !marked() && !letters()) unknown();
        }
        return std::move(m_tokens);
    }

private:
    Token& push(TokenKind kind, std::size_t begin, std::size_t finish) {
        const bool glued = !m_tokens.empty() && m_tokens.back().finish == begin;
        m_tokens.push_back({kind, begin, finish, std::string(m_line.substr(begin, finish - begin)), 0, 1, glued});
        m_at = finish;
        return m_tokens.back();
    }

    std::size_t digitsEnd(std::size_t from) const {
        while (from < m_line.size() && isDigit(m_line[from])) ++from;
        return from;
    }

    std::int64_t valueOf(std::size_t from, std::size_t to) const {
        std::int64_t value = 0;
        const auto [rest, error] = std::from_chars(m_line.data() + from, m_line.data() + to, value);
        (void)rest;
        return error == std::errc{} ? value : INT32_MAX; // too long a number is refused by its reader
    }

    /// digits, digits/digits
    bool number() {
        const std::size_t end = digitsEnd(m_at);
        if (end == m_at) return false;
        if (end + 1 < m_line.size() && m_line[end] == '/' && isDigit(m_line[end + 1])) {
            const std::size_t overEnd = digitsEnd(end + 1);
            const auto value = valueOf(m_at, end);
            const auto over = valueOf(end + 1, overEnd);
            Token& token = push(TokenKind::Turn, m_at, overEnd);
            token.value = value;
            token.over = over;
            return true;
        }
        if (const VulgarFraction* part = vulgarFractionAt(m_line, end)) { // 1½
            const auto whole = valueOf(m_at, end);
            Token& token = push(TokenKind::Turn, m_at, end + part->sign.size());
            token.value = whole * part->over + part->value;
            token.over = part->over;
            return true;
        }
        const auto value = valueOf(m_at, end);
        push(TokenKind::Number, m_at, end).value = value;
        return true;
    }

    bool vulgar() {
        const VulgarFraction* part = vulgarFractionAt(m_line, m_at);
        if (!part) return false;
        Token& token = push(TokenKind::Turn, m_at, m_at + part->sign.size());
        token.value = part->value;
        token.over = part->over;
        return true;
    }

    bool sign() {
        const char c = m_line[m_at];
        if (c == '&') {
            push(TokenKind::Sub, m_at, m_at + 1);
            return true;
        }
        constexpr std::string_view enDash = "–";
        if (c == '-') {
            push(TokenKind::Dash, m_at, m_at + 1);
            return true;
        }
        if (m_line.substr(m_at, enDash.size()) == enDash) {
            push(TokenKind::Dash, m_at, m_at + enDash.size());
            return true;
        }
        if (c != ':') return false;
        std::size_t end = digitsEnd(m_at + 1);
        if (end == m_at + 1) return false;
        const auto value = valueOf(m_at + 1, end);
        std::int64_t over = 1;
        if (end + 1 < m_line.size() && m_line[end] == '/' && isDigit(m_line[end + 1])) {
            const std::size_t overEnd = digitsEnd(end + 1);
            over = valueOf(end + 1, overEnd);
            end = overEnd;
        }
        Token& token = push(TokenKind::Length, m_at, end);
        token.value = value;
        token.over = over;
        return true;
    }

    bool unfinished() {
        for (const std::string_view dots : {std::string_view("…"), std::string_view("...")})
            if (m_line.substr(m_at, dots.size()) == dots) {
                push(TokenKind::Unfinished, m_at, m_at + dots.size());
                return true;
            }
        return false;
    }

    /// {…}, […] and quotation marks, straight or curly.
    bool enclosed() {
        const char c = m_line[m_at];
        if (c == '{') {
            push(TokenKind::Open, m_at, m_at + 1);
            m_inBraces = true;
            return true;
        }
        if (c == '}') {
            push(TokenKind::Close, m_at, m_at + 1);
            m_inBraces = false;
            return true;
        }
        if (c == ',') {
            push(TokenKind::Comma, m_at, m_at + 1);
            return true;
        }
        struct Pair {
            std::string_view open, close;
            TokenKind kind;
        };
        static constexpr std::array<Pair, 3> pairs{
            {{"[", "]", TokenKind::Couple}, {"\"", "\"", TokenKind::Cue}, {"“", "”", TokenKind::Cue}}};
        for (const Pair& pair : pairs) {
            if (m_line.substr(m_at, pair.open.size()) != pair.open) continue;
            const std::size_t inside = m_at + pair.open.size();
            const std::size_t close = m_line.find(pair.close, inside);
            if (close == std::string_view::npos) {
                push(TokenKind::Unclosed, m_at, m_line.size()).text = pair.open;
                return true;
            }
            push(pair.kind, m_at, close + pair.close.size()).text = std::string(m_line.substr(inside, close - inside));
            return true;
        }
        return false;
    }

    /// "!", "+", "@3", "#care".
    bool marked() {
        const char c = m_line[m_at];
        if (c == '!') {
            push(TokenKind::Accent, m_at, m_at + 1);
            return true;
        }
        if (c == '+') {
            push(TokenKind::Beside, m_at, m_at + 1);
            return true;
        }
        if (c != '@' && c != '#') return false;
        std::size_t end = m_at + 1;
        while (end < m_line.size() && !startsSign(end) &&
               (isLetter(m_line[end]) || (c == '@' && (isDigit(m_line[end]) || m_line[end] == ':')) ||
                (m_line[end] == '-' && end + 1 < m_line.size() && isLetter(m_line[end + 1]))))
            ++end;
        if (end == m_at + 1) return false;
        const std::string text(m_line.substr(m_at + 1, end - m_at - 1));
        push(c == '@' ? TokenKind::Toward : TokenKind::Care, m_at, end).text = text;
        return true;
    }

    bool letters() {
        if (!isLetter(m_line[m_at])) return false;
        std::size_t end = m_at;
        while (end < m_line.size() &&
               (isLetter(m_line[end]) || m_line[end] == '\'' ||
                (m_line[end] == '-' && end + 1 < m_line.size() && isLetter(m_line[end + 1]))) &&
               !startsSign(end))
            ++end;
        if (end == m_at) return false;
        const std::string_view run = m_line.substr(m_at, end - m_at);
        const auto counted = [&](std::size_t at) {
            return at < m_line.size() && (isDigit(m_line[at]) || m_line[at] == '&');
        };
        const std::size_t before = m_line.find_last_not_of(' ', m_at == 0 ? 0 : m_at - 1),
                          behind = m_line.find_first_not_of(' ', end);
        const bool besideNumber = (m_at > 0 && counted(before)) || counted(behind); // also "ea 1", with a space between
        if (run == "a" || run == "e" || (besideNumber && (run == "ea" || run == "ae")))
            return each(run, [](char) { return TokenKind::Sub; });
        if (run.find_first_not_of("SQ") == std::string_view::npos)
            return each(run, [](char c) { return c == 'S' ? TokenKind::Slow : TokenKind::Quick; });
        static constexpr std::array<std::pair<std::string_view, std::string_view>, 9> feet{{{"L", "L"},
                                                                                            {"R", "R"},
                                                                                            {"LF", "L"},
                                                                                            {"RF", "R"},
                                                                                            {"left", "L"},
                                                                                            {"right", "R"},
                                                                                            {"Left", "L"},
                                                                                            {"Right", "R"},
                                                                                            {"both", "B"}}};
        for (const auto& [written, foot] : feet)
            if (run == written) {
                push(TokenKind::Foot, m_at, end).text = foot;
                return true;
            }
        if (run == "full" || run == "Full") {
            push(TokenKind::Turn, m_at, end).value = 1;
            return true;
        }
        push(TokenKind::Word, m_at, end);
        return true;
    }

    /// A sign of more than one byte that ends a word: ½, “, ”, …, –.
    bool startsSign(std::size_t at) const {
        if (static_cast<unsigned char>(m_line[at]) < 0x80) return false;
        const auto starts = [&](std::string_view sign) { return m_line.substr(at, sign.size()) == sign; };
        return starts("“") || starts("”") || starts("…") || starts("–") || vulgarFractionAt(m_line, at);
    }

    template <typename KindOf>
    bool each(std::string_view run, KindOf kindOf) {
        for (char c : run) push(kindOf(c), m_at, m_at + 1);
        return true;
    }

    void unknown() {
        std::size_t end = m_at + 1;
        while (end < m_line.size() && (static_cast<unsigned char>(m_line[end]) & 0xC0) == 0x80) ++end;
        push(TokenKind::Unknown, m_at, end);
    }

    std::string_view m_line;
    std::size_t m_at = 0;
    bool m_inBraces = false;
    std::vector<Token> m_tokens;
};

} // namespace

std::vector<Token> tokens(std::string_view line) { return Lexer(line).run(); }

} // namespace lc::notation
