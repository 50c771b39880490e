#include "core/base/sentence.h"

#include "core/base/clock_text.h"
#include "core/base/tick.h"

#include <cmath>
#include <cstring>

namespace lc {

namespace {

const Language& speaksEnglish() {
    static const Language language;
    return language;
}

std::string joined(const std::vector<std::string>& words, Joined how, const Language& language) {
    std::string text;
    for (std::size_t i = 0; i < words.size(); ++i) {
        if (i == 0)
            text = words[i];
        else if (i + 1 == words.size() && how == Joined::And)
            text =
                Core::sentence("%1 and %2", Sentence::verbatim(text), Sentence::verbatim(words[i])).inWords(language);
        else if (how == Joined::Lines)
            text += "\n" + words[i];
        else if (how == Joined::Semicolons)
            text = Core::sentence("%1; %2", Sentence::verbatim(text), Sentence::verbatim(words[i])).inWords(language);
        else
            text = Core::sentence("%1, %2", Sentence::verbatim(text), Sentence::verbatim(words[i])).inWords(language);
    }
    return text;
}

} // namespace

std::string Language::message(const char* english, const char*, std::optional<std::int64_t> n) const {
    const char* divider = n ? std::strchr(english, '|') : nullptr;
    if (!divider) return english;
    return *n == 1 ? std::string(english, divider) : std::string(divider + 1);
}

std::string Language::number(std::int64_t n) const { return std::to_string(n); }

std::string Language::decimals(double value, int digits) const { return lc::decimals(value, digits); }

std::string Language::opening(std::string words) const {
    if (!words.empty() && words.front() >= 'a' && words.front() <= 'z')
        words.front() = static_cast<char>(words.front() - 'a' + 'A');
    return words;
}

AsDecimals AsDecimals::tenths(double value) {
    const double rounded = std::round(value * 10) / 10;
    return {rounded, rounded == std::round(rounded) ? 0 : 1};
}

AsCount::AsCount(Tick count) : ticks(count.value) {}

std::string Argument::inWords(const Language& language) const {
    struct Speaker {
        const Argument& argument;
        const Language& language;
        std::string operator()(std::int64_t n) const { return language.number(n); }
        std::string operator()(const AsCount& c) const { return toSpokenCount(Tick{c.ticks}); }
        std::string operator()(const AsClock& c) const { return clockText(c.seconds); }
        std::string operator()(const AsDecimals& d) const { return language.decimals(d.value, d.digits); }
        std::string operator()(const AsOpening& o) const { return language.opening(o.m_words->inWords(language)); }
        std::string operator()(const std::string& name) const { return name; }
        std::string operator()(const Nested& sentence) const { return sentence->inWords(language); }
        std::string operator()(Joined how) const {
            std::vector<std::string> words;
            for (const Argument& part : argument.m_parts) words.push_back(part.inWords(language));
            return joined(words, how, language);
        }
    };
    return std::visit(Speaker{*this, language}, m_value);
}

bool Argument::operator==(const Argument& other) const {
    const auto* mine = std::get_if<Nested>(&m_value);
    const auto* its = std::get_if<Nested>(&other.m_value);
    if (mine && its) return **mine == **its;
    return m_value == other.m_value && m_parts == other.m_parts;
}

Sentence Sentence::verbatim(std::string words) {
    if (words.empty()) return {};
    return {nullptr, nullptr, std::nullopt, {Argument(std::move(words))}};
}

Sentence Sentence::kept(std::string english) {
    Sentence out = verbatim(std::move(english));
    out.m_kept = true;
    return out;
}

std::string Sentence::inWords(const Language& language) const {
    if (empty()) return {};
    if (!m_message) {
        std::string words = m_arguments.front().inWords(language);
        return m_kept ? language.message(words.c_str(), nullptr, std::nullopt) : words;
    }
    const std::string message = language.message(m_message, m_comment, m_n);
    std::string out;
    for (std::size_t i = 0; i < message.size(); ++i) {
        const char next = i + 1 < message.size() ? message[i + 1] : '\0';
        if (message[i] != '%')
            out += message[i];
        else if (next == 'n' && m_n) {
            out += language.number(*m_n);
            ++i;
        } else if (next >= '1' && next <= '9' && static_cast<std::size_t>(next - '1') < m_arguments.size()) {
            out += m_arguments[static_cast<std::size_t>(next - '1')].inWords(language);
            ++i;
        } else
            out += '%';
    }
    return out;
}

std::string Sentence::english() const { return inWords(speaksEnglish()); }

bool Sentence::operator==(const Sentence& other) const {
    const bool same =
        m_message && other.m_message ? std::strcmp(m_message, other.m_message) == 0 : m_message == other.m_message;
    return same && m_n == other.m_n && m_kept == other.m_kept && m_arguments == other.m_arguments;
}

std::string Text::inWords(const Language& language) const {
    std::string out;
    for (const Sentence& sentence : m_sentences) out += (out.empty() ? "" : " ") + sentence.inWords(language);
    return out;
}

std::string Text::english() const { return inWords(speaksEnglish()); }

Sentence inCounts(Tick length) {
    if (isWhole(length)) return Core::plural("%n count|%n counts", nullptr, wholeCounts(length));
    return Core::sentence("%1 counts", AsCount{length});
}

} // namespace lc
