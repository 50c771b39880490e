#pragma once

#include "core/figures/figure_reading.h"

#include <string>
#include <vector>

namespace lc {

/// Whether a figure fits between the entry and the close of another.
struct BodyFit {
    bool fits = false;
    Sentence why; ///< why not: "3 counts, 2 are needed"; empty when it fits
};

/// Does `body` fit into the frame of `figure`? Its length, for every role the free foot at its beginning and end, and
/// the hold and position are compared. A figure without entry and close has no frame; nothing fits.
[[nodiscard]] BodyFit bodyFits(const FigureCard& figure, const FigureReading& figureRead, const FigureReading& body);

/// The figure with another body between its entry and close. Asks that bodyFits(); the lines are written anew.
[[nodiscard]] FigureCard withBody(const FigureCard& figure, const FigureReading& figureRead, const FigureCard& body,
                                  const FigureReading& bodyRead);

} // namespace lc
