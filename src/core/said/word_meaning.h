#pragma once

#include "core/base/result.h"
#include "core/notation/feel.h"

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace lc {

/// The word as it is kept: its name in small letters with one space between its words. BadValue where the name cannot
/// be a word of one's own (a count, a foot, …), or its line is not counts, steps and turns alone, each with its
/// sentence. O(n).
[[nodiscard]] Result<OwnWord> checkedWord(OwnWord word);

/// "3 steps as 1&2", "a touch, without weight", "it only says how a step is danced".
[[nodiscard]] Sentence meaningInWords(const OwnWord& word);

/// "3 steps as 1&2, the last without weight": steps on counts, `weights` of which take weight.
[[nodiscard]] Sentence stepsInWords(const std::vector<std::string>& rhythm, std::size_t weights, bool lastTouches);

/// The words of a line that is one step on count 1 and says no foot and no turn.
[[nodiscard]] std::optional<std::vector<std::string>> singleStep(std::string_view line);

/// The line with a star behind each bare "step", where a direction that is said goes, as in said/said_figures.h.
[[nodiscard]] std::string withPlacesForDirections(const std::string& line);

/// Those of `words` that a line says. O(n).
[[nodiscard]] std::vector<OwnWord> wordsSaid(std::string_view line, const OwnWords& words);

/// The choices that hold for a figure: its own, with the words of its routine, or the routine's.
[[nodiscard]] NotationChoices choicesFor(const std::optional<NotationChoices>& ofFigure,
                                         const NotationChoices& ofRoutine);

} // namespace lc
