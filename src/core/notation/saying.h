#pragma once

#include "core/notation/notation.h"

#include <string>
#include <vector>

namespace lc {

/// A way of saying the counts of a figure.
enum class SayAs {
    Music,       ///< the numbers the music gives: 1 to 8, again and again
    EightNumber, ///< the number of the eight on its 1: 1 2 3 …, 2 2 3 …
    Figure,      ///< the figure's own numbers: 1 to 12
    Stepped,     ///< music numbers, but only where a step falls
    SlowQuick,   ///< slow and quick, by the length that each step has
};

[[nodiscard]] std::string toString(SayAs say); ///< "music", "eight-number", "figure", "stepped", "slow-quick"
[[nodiscard]] Sentence sayInWords(SayAs say);  ///< as on screen: "number of the eight"

/// Something that is said at a moment.
struct SaidCount {
    Tick at; ///< from the figure's count 1
    std::string text;
    bool operator==(const SaidCount&) const = default;
};

/// What is said, in the order of time. `musicStart` is the music count of the figure's count 1, 1 to the set; `set` the
/// music's set in counts. Sub-beats are said by their letter in the feel, "·" where they have none. In slow and quick a
/// step is S or Q where it lasts as long as these, "&" where it is shorter than a quick, else its length in counts; it
/// lasts until the next step.
[[nodiscard]] std::vector<SaidCount> sayCounts(const NotationReading& reading, SayAs say,
                                               const NotationChoices& choices = {}, Tick musicStart = counts(1),
                                               std::int64_t set = 8);

/// The letter by which a moment inside its count is said in a feel; "·" where it has none.
[[nodiscard]] std::string subBeatLetter(Tick at, const NotationChoices& choices);

/// All of it as one line: "1 2 3 & 4".
[[nodiscard]] std::string saidLine(const std::vector<SaidCount>& said);

} // namespace lc
