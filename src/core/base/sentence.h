#pragma once

#include <cstdint>
#include <memory>
#include <optional>
#include <string>
#include <string_view>
#include <type_traits>
#include <utility>
#include <variant>
#include <vector>

struct Core;

namespace lc {

class Language;
class Sentence;
class Text;
struct Tick;

/// A count as it is said: "5", "2½".
struct AsCount {
    explicit AsCount(Tick count);
    std::int64_t ticks = 0;
    bool operator==(const AsCount&) const = default;
};

/// Seconds as people read them: "1:05.3".
struct AsClock {
    double seconds = 0;
    bool operator==(const AsClock&) const = default;
};

/// A number with so many decimals.
struct AsDecimals {
    double value = 0;
    int digits = 0;
    /// To the tenth, without a needless zero: "112", "112.5".
    [[nodiscard]] static AsDecimals tenths(double value);
    bool operator==(const AsDecimals&) const = default;
};

/// Words with which a sentence opens: their first letter is made large.
class AsOpening {
public:
    explicit AsOpening(const Text& words);
    explicit AsOpening(const Sentence& words);
    bool operator==(const AsOpening& other) const;

private:
    friend class Argument;
    std::shared_ptr<const Text> m_words;
};

/// Several values in a row.
enum class Joined {
    And,        ///< "a, b and c"
    Commas,     ///< "a, b, c"
    Semicolons, ///< "a; b; c"
    Lines,      ///< a line each
};

/// A value in a sentence, kept as what it is until it is put into words: a number, a count, a time, a name (which is
/// not translated), another sentence, or a list of values.
class Argument {
public:
    template <typename Number, typename = std::enable_if_t<std::is_integral_v<Number>>>
    Argument(Number n) : m_value(static_cast<std::int64_t>(n)) {} // NOLINT: meant to be implicit
    Argument(AsCount count) : m_value(count) {}
    Argument(AsClock clock) : m_value(clock) {}
    Argument(AsDecimals number) : m_value(number) {}
    Argument(AsOpening words) : m_value(std::move(words)) {}
    Argument(std::string name) : m_value(std::move(name)) {}
    Argument(std::string_view name) : m_value(std::string(name)) {}
    Argument(const char*) = delete; ///< words are a sentence of their own: Core::sentence("…")
    Argument(const Sentence& sentence);
    Argument(const Text& sentences);
    Argument(std::vector<Argument> values, Joined joined) : m_value(joined), m_parts(std::move(values)) {}

    [[nodiscard]] std::string inWords(const Language& language) const;
    bool operator==(const Argument&) const;

private:
    using Nested = std::shared_ptr<const Text>;
    std::variant<std::int64_t, AsCount, AsClock, AsDecimals, AsOpening, std::string, Nested, Joined> m_value;
    std::vector<Argument> m_parts; ///< of a list
};

/// One sentence, or a few words, as data: a message in English with places for values, which is put into words last:
/// in English by the command line, in the language of the window by the window.
class Sentence {
public:
    Sentence() = default;
    /// Words that are the same in every language: a name, or what a person wrote.
    [[nodiscard]] static Sentence verbatim(std::string words);
    /// English words that a file kept: put into another language where they are a message that it knows.
    [[nodiscard]] static Sentence kept(std::string english);

    [[nodiscard]] bool empty() const { return !m_message && m_arguments.empty(); }
    [[nodiscard]] std::string inWords(const Language& language) const;
    [[nodiscard]] std::string english() const;
    bool operator==(const Sentence& other) const;

private:
    friend struct ::Core;
    Sentence(const char* message, const char* comment, std::optional<std::int64_t> n, std::vector<Argument> arguments)
        : m_message(message), m_comment(comment), m_n(n), m_arguments(std::move(arguments)) {}

    const char* m_message = nullptr; ///< null: verbatim
    const char* m_comment = nullptr; ///< for translators, and part of what a message is found by
    std::optional<std::int64_t> m_n; ///< decides the form
    std::vector<Argument> m_arguments;
    bool m_kept = false; ///< verbatim words that may be a message
};

} // namespace lc

/// Sentences of the core. The messages are collected for translation from the calls of these two (tools/messages.sh),
/// under the context "Core"; so they are called with "Core::" before them and with a literal, and this stands in no
/// namespace: what collects them then finds one name wherever they are called.
struct Core {
    /// `message` has %1 to %9 where the values go.
    template <typename... Values>
    [[nodiscard]] static lc::Sentence sentence(const char* message, Values&&... values) {
        return {message, nullptr, std::nullopt, {lc::Argument(std::forward<Values>(values))...}};
    }
    /// A message that is said otherwise of one than of several: "one form|the other", with %n for the number itself.
    /// `comment` tells translators what could be misunderstood; null for nothing.
    template <typename... Values>
    [[nodiscard]] static lc::Sentence plural(const char* message, const char* comment, std::int64_t n,
                                             Values&&... values) {
        return {message, comment, n, {lc::Argument(std::forward<Values>(values))...}};
    }
};

namespace lc {

/// Sentences behind each other, with a space between them.
class Text {
public:
    Text() = default;
    Text(Sentence first) { *this += std::move(first); } // NOLINT: meant to be implicit

    Text& operator+=(const Text& more) {
        m_sentences.insert(m_sentences.end(), more.m_sentences.begin(), more.m_sentences.end());
        return *this;
    }
    Text& operator+=(Sentence more) {
        if (!more.empty()) m_sentences.push_back(std::move(more));
        return *this;
    }
    [[nodiscard]] bool empty() const { return m_sentences.empty(); }
    [[nodiscard]] std::string inWords(const Language& language) const;
    [[nodiscard]] std::string english() const;
    bool operator==(const Text&) const = default;

private:
    std::vector<Sentence> m_sentences;
};

inline AsOpening::AsOpening(const Text& words) : m_words(std::make_shared<const Text>(words)) {}
inline AsOpening::AsOpening(const Sentence& words) : m_words(std::make_shared<const Text>(words)) {}
inline bool AsOpening::operator==(const AsOpening& other) const { return *m_words == *other.m_words; }

inline Argument::Argument(const Sentence& sentence) : m_value(std::make_shared<const Text>(sentence)) {}
inline Argument::Argument(const Text& sentences) : m_value(std::make_shared<const Text>(sentences)) {}

/// How sentences are put into words. This one speaks English.
class Language {
public:
    virtual ~Language() = default;
    /// The words of a message in this language, %1, %n and so on still in them; of two forms the one for `n`. `comment`
    /// as it was given to Core::plural(), or null.
    [[nodiscard]] virtual std::string message(const char* english, const char* comment,
                                              std::optional<std::int64_t> n) const;
    [[nodiscard]] virtual std::string number(std::int64_t n) const;
    [[nodiscard]] virtual std::string decimals(double value, int digits) const;
    /// With its first letter large; UTF-8. In English that is asked of ASCII letters only.
    [[nodiscard]] virtual std::string opening(std::string words) const;
};

/// "1 count", "16 counts", "2½ counts".
[[nodiscard]] Sentence inCounts(Tick length);

} // namespace lc
