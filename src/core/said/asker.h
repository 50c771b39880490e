#pragma once

#include "core/notation/notation.h"
#include "core/said/said_figures.h"
#include "core/said/said_words.h"

#include <deque>
#include <map>
#include <string>
#include <utility>
#include <vector>

namespace lc::said {

inline constexpr std::size_t mostDoubts = 12; ///< as many questions as a person can look at

/// One way to mean a place, with the word that it would be kept as.
struct Meaning {
    Sentence text;
    std::optional<OwnWord> word = std::nullopt; ///< not checked: some that are said cannot be kept
};

/// A place that can be meant in several ways, while a line is read.
struct Doubt {
    std::size_t begin = 0; ///< bytes of the line, half-open
    std::size_t finish = 0;
    Sentence text;
    std::vector<Meaning> answers; ///< the first is taken
};

/// Keeps what is asked while a line is read; with `picks` it is read as answered: the number of the question to the
/// number of its answer.
class Asker {
public:
    explicit Asker(std::map<std::size_t, std::size_t> picks = {}) : m_picks(std::move(picks)) {}
    /// One that keeps the nearest known words another has found.
    Asker(std::map<std::size_t, std::size_t> picks, const Asker& before)
        : m_picks(std::move(picks)), m_nearest(before.m_nearest) {}

    /// The known word nearest to one that is not known, as nearestWord() says.
    const std::string& nearest(const std::string& word) {
        const auto [found, isNew] = m_nearest.try_emplace(word);
        if (isNew && !full()) found->second = nearestWord(word);
        return found->second;
    }

    /// The answer that is taken.
    std::size_t ask(std::size_t begin, std::size_t finish, Sentence text, const std::vector<Sentence>& answers) {
        std::vector<Meaning> meanings;
        for (const Sentence& answer : answers) meanings.push_back({answer});
        return askMeaning(begin, finish, std::move(text), std::move(meanings));
    }
    /// The same, where an answer may be kept as a word.
    std::size_t askMeaning(std::size_t begin, std::size_t finish, Sentence text, std::vector<Meaning> answers) {
        if (full()) return 0;
        const auto pick = m_picks.find(m_doubts.size());
        m_doubts.push_back({begin, finish, std::move(text), std::move(answers)});
        return pick == m_picks.end() ? 0 : pick->second;
    }
    /// As many questions as a person can look at; what comes later is asked when these are answered.
    [[nodiscard]] bool full() const { return m_doubts.size() >= mostDoubts; }
    /// A figure that is danced as a line of one's own says, with a turn that is said on the action `turnAt`; it lives
    /// as long as this does.
    const KnownFigure* figure(std::string line, int turnAt) {
        return &m_figures.emplace_back(std::move(line), turnAt).figure;
    }
    void note(std::size_t begin, std::size_t finish, Text text) {
        m_notes.push_back({begin, finish, std::move(text), RemarkKind::Reading});
    }
    /// The first of all that cannot be read.
    void refuse(std::size_t begin, std::size_t finish, Text text) {
        if (!m_error) m_error = NotationRemark{begin, finish, std::move(text), RemarkKind::Error};
    }

    [[nodiscard]] const std::vector<Doubt>& doubts() const { return m_doubts; }
    [[nodiscard]] const std::vector<NotationRemark>& notes() const { return m_notes; }
    [[nodiscard]] const std::optional<NotationRemark>& error() const { return m_error; }

private:
    struct Kept {
        Kept(std::string written, int turnAt) : line(std::move(written)), figure{{}, line, {}, turnAt} {}
        Kept(const Kept&) = delete;
        Kept& operator=(const Kept&) = delete;
        std::string line;
        KnownFigure figure;
    };
    std::map<std::size_t, std::size_t> m_picks;
    std::map<std::string, std::string> m_nearest;
    std::deque<Kept> m_figures;
    std::vector<Doubt> m_doubts;
    std::vector<NotationRemark> m_notes;
    std::optional<NotationRemark> m_error;
};

} // namespace lc::said
