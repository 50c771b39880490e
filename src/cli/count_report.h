#pragma once

#include "core/figures/figure_findings.h"
#include "core/notation/notation.h"
#include "core/said/steps_reader.h"

#include <optional>
#include <string>

namespace lc::cli {

/// What a line is looked at with.
struct CountSurroundings {
    std::optional<Foot> free;        ///< before the line, where that was said
    std::optional<CountTempo> tempo; ///< for milliseconds and pace, where a tempo was given
    FigureSurroundings look;
};

/// What a line of notation means, as the verb `count` prints it. `card` is the line as a figure.
[[nodiscard]] std::string countAsJson(const StepsReading& read, const FigureCard& card,
                                      const CountSurroundings& around);
[[nodiscard]] std::string countAsText(const StepsReading& read, const FigureCard& card,
                                      const CountSurroundings& around);

} // namespace lc::cli
