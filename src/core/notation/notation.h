#pragma once

#include "core/notation/action.h"
#include "core/notation/feel.h"

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace lc {

/// What a remark about a line of notation is.
enum class RemarkKind {
    Error,       ///< the line cannot be read from here on
    Reading,     ///< how something was read that could be read in two ways
    FootNotFree, ///< a foot is said that carries the weight
    Length,      ///< claimed and built length differ
};

/// A place in the notation with a sentence about it.
struct NotationRemark {
    std::size_t begin = 0; ///< bytes, half-open
    std::size_t finish = 0;
    Text text;
    RemarkKind kind = RemarkKind::Error;

    bool operator==(const NotationRemark&) const = default;
};

/// One way to mean a place that can be meant in several.
struct NotationAnswer {
    Sentence text;               ///< "the end of a silent 4"
    std::string line;            ///< the whole line, written so that only this is meant
    Tick length;                 ///< of the line, meant so
    Foot freeAfter = Foot::Both; ///< the foot that is free at its end
    bool taken = false;          ///< this is how the line is read now
    std::optional<OwnWord> word =
        std::nullopt; ///< a word with this meaning, to be kept: the line then stays as it is and is read so

    bool operator==(const NotationAnswer&) const = default;
};

/// A place that can be meant in two ways or more, with the length and foot that each gives.
struct NotationQuestion {
    std::size_t begin = 0; ///< bytes, half-open
    std::size_t finish = 0;
    Sentence text;
    std::vector<NotationAnswer> answers; ///< at least two

    bool operator==(const NotationQuestion&) const = default;
};

/// What a line of count notation means. With an error, the actions before it.
struct NotationReading {
    std::vector<Action> actions; ///< in the order of time, without gaps from count 1 to the length
    Tick length;
    CoupleState couple;      ///< hold, position and foot relation said before the first count
    bool unfinished = false; ///< the line says with … that its tail is not written yet
    std::string next;        ///< how the line would go on: the next number of the set, or "Q" in slow and quick
    std::optional<NotationRemark> error;
    std::vector<NotationRemark> notes;       ///< what could be read in two ways, and feet that do not follow
    std::vector<NotationQuestion> questions; ///< what should be asked, with answers to choose from

    bool operator==(const NotationReading&) const = default;
};

/// Reads one role's line as dancers say it: `1 side R 2 behind L 3 side R 4 touch`, `1 2 3&4`, `1e&a 2`, `a3`,
/// `1:2 3`, `S Q Q`, `1-4 walk 5-8 wait`, `4 step 1/4 R`, `2{side, close, side}`, `[closed] 1 forward L! "and go"`.
/// Counts that are skipped are waits. Numbers may begin again at 1 for the next eight, or say the eight's number on its
/// 1 (`2 2 3 4 …`). The grammar is in docs/manual/notation.md. `claimed` is the length the figure is said to have; a
/// shorter line is filled with a wait. O(n).
[[nodiscard]] NotationReading readNotation(std::string_view text, const NotationChoices& choices = {},
                                           std::optional<Tick> claimed = std::nullopt);

/// Position of a byte in characters, from 1, as a person counts them.
[[nodiscard]] std::size_t characterNumber(std::string_view text, std::size_t byte);

/// The error of a reading as a sentence with its place. The reading must have one (asserted).
[[nodiscard]] Error notationError(std::string_view text, const NotationReading& reading);

} // namespace lc
