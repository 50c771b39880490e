#pragma once

// Private to the reader of hand-outs: the steps of one section.

#include "core/notation/notation.h"

#include <optional>
#include <string>
#include <vector>

namespace lc::handout {

/// The lines of steps of one role in a section.
struct RoleSteps {
    struct Line {
        std::size_t place = 0; ///< among the lines of the hand-out
        std::string text;
    };
    std::string role;
    std::vector<Line> lines;

    /// All of them as one line.
    [[nodiscard]] std::string said() const;
    /// The line in which a byte of said() lies. There must be one.
    [[nodiscard]] std::size_t at(std::size_t byte) const;
    /// The byte of said() at which a line begins.
    [[nodiscard]] std::size_t begin(std::size_t line) const;
};

struct Section {
    std::string name;
    std::string part;
    std::vector<RoleSteps> roles;
    std::optional<std::int64_t> first;  ///< its first count, where that is said
    std::optional<std::size_t> heading; ///< its line, whose title may be its steps
    std::vector<std::size_t> others;    ///< lines in it that are no steps
};

/// What stands for everyone beside lines of roles is danced by each of them.
void shareOut(std::vector<RoleSteps>& roles);

/// A line that cannot be read.
struct LeftLine {
    std::size_t place = 0;
    std::size_t at = 0; ///< the byte of what is left at which it stood
    Text why;
    std::string text; ///< its steps
};

/// The steps of a role, read from their count 1.
struct SectionLine {
    RoleSteps steps;         ///< that were read
    std::string line;        ///< as the figure has it
    std::string notation;    ///< the same in the notation, where it is not written so
    NotationReading reading; ///< places are bytes of `line`
    std::vector<LeftLine> left;
};

/// Reads a role's steps. Counts that go on from an earlier section, as `first` or the counts themselves say, begin
/// again at 1. Lines that cannot be read are left out; where nothing is left there is no length.
[[nodiscard]] SectionLine readSection(RoleSteps steps, std::optional<std::int64_t> first,
                                      const NotationChoices& choices);

} // namespace lc::handout
