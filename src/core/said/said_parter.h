#pragma once

// Private to the files that part what is said: the one that goes from word to word.

#include "core/notation/step_words.h"
#include "core/said/said_chunks.h"

#include <algorithm>
#include <array>
#include <string_view>

namespace lc::said {

/// Is it a word for what the free foot does without weight?
inline bool noWeight(std::string_view word) {
    const StepWord* known = stepWord(word);
    return known && known->kind == ActionKind::NoWeight;
}
constexpr std::array<std::string_view, 4> closings{"close", "together", "in place", "place"};

template <typename List>
bool in(const List& list, std::string_view word) {
    return std::find(list.begin(), list.end(), word) != list.end();
}

/// Goes through what is said between two counts, word by word, with the chunk at hand. Steps and directions are in
/// said_chunks.cpp, figures and words that were given a meaning, or that nobody knows, in said_names.cpp.
class Parter {
public:
    Parter(std::span<const SaidToken> tokens, Asker& asker, const std::vector<std::string>& rhythm)
        : m_tokens(tokens), m_asker(asker), m_rhythm(rhythm) {}

    Chunks run();

private:
    bool open() const { return m_now.has_value(); }

    Chunk& begin(const SaidToken& t, Chunk::Kind kind = Chunk::Kind::Step);
    void close();
    /// "heel, toe": nothing says whether weight goes there.
    void onlyHow(Chunk& c);
    void take(const SaidToken& t);
    void known(const SaidToken& t);
    const SaidToken* next(std::size_t ahead = 1) const {
        return m_at + ahead < m_tokens.size() ? &m_tokens[m_at + ahead] : nullptr;
    }

    void foot(const SaidToken& t);
    void step(const SaidToken& t);
    bool joinsStep(const SaidToken& t);
    /// Nothing but a foot follows before the next comma.
    bool endsGroup() const;
    /// "side rock back": the first direction is a step of its own, or goes with what follows.
    bool splitsBefore(const SaidToken& t);
    void direction(const SaidToken& t);
    /// "cross behind" is one step, "cross side" two; "cross back" is asked.
    bool crossesInto(const SaidToken& t);
    /// "right together right touch": whether a foot is the side of a step before one that closes. Asks, and makes it
    /// that step.
    bool stepsThenCloses(const SaidToken& t);
    /// "side touch side touch": whether the second side belongs to the touch.
    bool besideATouch(const SaidToken& t);
    /// "behind", "across" and "beside" name the place of the other foot as often as where a step goes.
    static bool refers(const SaidToken& t) {
        return t.text == "behind" || t.text == "across" || t.text == "close" || t.text == "front";
    }

    bool closesAfterStep(const SaidToken& t);
    void manner(const SaidToken& t);
    void gesture(const SaidToken& t);
    void figure(const SaidToken& t, const KnownFigure& known);
    void fraction(const SaidToken& t);
    void turning(const SaidToken& t);
    void conjunction(const SaidToken& t);
    void unknown(const SaidToken& t);
    /// Nothing but feet, turns and remarks stands beside the words that begin here.
    bool standsAlone(std::size_t words) const;
    /// A word that was given a meaning, or one for each school; those of the table stand beside what schools say.
    void ownWord(const SaidToken& t);
    void mean(const SaidToken& t, const OwnWord& word);
    /// "vine: side, behind, side, touch": the name stands before what it is.
    void heading();
    void remark(const SaidToken& t);

    std::span<const SaidToken> m_tokens;
    Asker& m_asker;
    const std::vector<std::string>& m_rhythm;
    std::size_t m_at = 0;
    std::size_t m_group = 0; // the first chunk since the last comma
    std::optional<Chunk> m_now;
    bool m_reference = false;
    bool m_with = false;
    bool m_onAnd = false;
    const SaidToken* m_weight = nullptr;
    Chunks m_out;
};

} // namespace lc::said
