#pragma once

#include <string>

namespace lc {

class Sentence;

/// A foot, or both. `Both` as a landing means weight on both; as a free foot it means either may step next.
enum class Foot { Left, Right, Both };

/// The other foot; `Both` stays.
[[nodiscard]] Foot otherFoot(Foot foot);

/// "L", "R", "B": the form in JSON.
[[nodiscard]] std::string footLetter(Foot foot);

/// "left", "right", "either": a free foot in words.
[[nodiscard]] Sentence footWord(Foot foot);
[[nodiscard]] std::string freeFootInWords(Foot foot); ///< the same in English

} // namespace lc
