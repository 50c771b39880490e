#pragma once

#include "core/notation/notation.h"

#include <cstdint>

namespace lc::notation {

/// What is said at one moment, before lengths and waits are settled.
struct Moment {
    Tick at;
    std::optional<Tick> length; // said with ":", by S and Q, by braces or by a run of free steps
    std::string label;
    std::vector<std::string> words;
    std::optional<Foot> foot;
    Eighths turn;
    Tick turnLength;
    Eighths orbit;
    Tick orbitLength;
    bool roundMiddle = false;
    bool accent = false;
    std::string cue;
    std::vector<std::string> beside;
    std::string toward;
    CoupleState couple;
    std::vector<std::string> care;
    std::size_t begin = 0;
    std::size_t finish = 0;
};

/// A letter between a count that is said and a number that leaves counts out: it may belong to either, or be a filler
/// word.
struct DoubtfulLetter {
    std::size_t begin = 0;
    std::size_t finish = 0;
    std::string letter;
    std::int64_t saidLast = 0; ///< the number said before it
    std::int64_t silent = 0;   ///< the silent count that it is, or could be, the end of
    bool ofTheSaid =
        false; ///< it has words of its own and is read as a part of `saidLast`; else as the end of `silent`
};

struct Moments {
    std::vector<Moment> moments; ///< in the order of time
    CoupleState couple;          ///< said before the first count
    bool unfinished = false;
    std::string next; ///< as in NotationReading
    std::optional<NotationRemark> error;
    std::vector<NotationRemark> notes;
    std::vector<DoubtfulLetter> doubtful;
};

/// The moments that a line names, in the order in which they are said. With an error, those before it. O(n).
[[nodiscard]] Moments readMoments(std::string_view text, const NotationChoices& choices);

inline constexpr std::int64_t mostCounts = 4096; // a line longer than two minutes of fast music is a typing error

} // namespace lc::notation
