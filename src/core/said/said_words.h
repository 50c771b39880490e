#pragma once

#include <cstdint>
#include <string>
#include <string_view>
#include <vector>

namespace lc::said {

/// What a spoken word, or a few that belong together, is good for.
enum class Sense {
    Count,  ///< "three": value
    Letter, ///< "and", "ah", "ee": own is "&", "a" or "e"
    And,    ///< "and" as a word between others; among counts it is the "&"
    Slow,
    Quick,
    Hold,      ///< nothing is danced
    Foot,      ///< own is "L" or "R"
    Side,      ///< "to the right": own is "L" or "R"; a foot where none is said, else where the step goes
    Fraction,  ///< "half", "quarter": value over over, of a whole turn
    Turning,   ///< "turn", "turning": a fraction and a side belong to it
    Step,      ///< one action of a foot by itself: own in the notation's words
    Direction, ///< "side", "behind": a step by itself, or where another step goes
    Manner,    ///< "small", "heel": how a step is danced; never one by itself
    Gesture,   ///< "clap": no foot
    Figure,    ///< several steps with a rhythm of their own: value is its place in knownFigures()
    Reference, ///< "next to", "in front of": a foot behind it is the one that stands there
    Times,     ///< "twice": value
    Repeat,    ///< all that was said, again
    OtherFoot, ///< "on the other foot"
    Filler,    ///< says nothing by itself
    Own,       ///< a word that was given a meaning
};

struct SaidWord {
    Sense sense = Sense::Filler;
    std::string own; ///< as the notation says it
    std::int64_t value = 0;
    std::int64_t over = 1;
};

constexpr std::size_t mostWords = 4; ///< in one phrase of the table

/// The sense of a word or phrase (small letters, words divided by one space), in English, German, French or Spanish;
/// null where it is not known. Step words of these languages: common practice, no source.
[[nodiscard]] const SaidWord* saidWord(const std::string& phrase);

/// Small letters, also of the Latin letters with accents. `text` is UTF-8.
[[nodiscard]] std::string small(std::string_view text);

/// All words and phrases that dancers say for what is danced: steps, directions, figures; small letters, ascending.
[[nodiscard]] std::vector<std::string> dancedWords();

/// The known word that is nearest to one that is not known, at most two letters away (one for words below six letters);
/// empty where none is.
[[nodiscard]] std::string nearestWord(const std::string& word);

} // namespace lc::said
