#pragma once

#include "core/figures/body_limits.h"
#include "core/figures/figure_card.h"
#include "core/figures/figure_reading.h"
#include "core/figures/moment_starts.h"

#include <optional>
#include <string>
#include <vector>

namespace lc {

/// What the bench makes of a figure.
enum class BenchKind { StretchOrDouble, Stretch, Double, OtherFeel, OtherFoot, OtherSide, OtherStart, Ornament };

/// One version of a figure for all its roles, with what is to be seen of it.
struct BenchVersion {
    Sentence title; ///< "step 3 stretched"
    Sentence name;  ///< by which it is kept: "6 + 2, step 3"
    Sentence note;  ///< "last step on 6"
    std::vector<FigureLine> lines;
    FigureReading reading;
    std::vector<std::size_t> changed; ///< ordinals of the changed steps, from 1
    Tick remainder;                   ///< to the next 1
    Tick musicStart = counts(1);
    bool otherFeel = false; ///< the lines are the figure's own, in another feel: kept as a new figure
};

struct BenchAsked {
    BenchKind kind = BenchKind::Stretch;
    int times = 1;
    std::size_t step = 1; ///< of Ornament, an ordinal from 1
    Tick set = counts(8);
    Tick musicStart = counts(1); ///< the music count of the figure's count 1
    CountTempo tempo;            ///< from that count on
    BodyLimits limits;
};

struct Bench {
    std::vector<BenchVersion> versions;
    /// A line each: "one step stretched to two counts: 5 versions of 6 counts, right foot free, 2 counts left to the
    /// 1".
    std::vector<Sentence> heading;
    Text problem; ///< why there are none
};

/// The versions of a figure. At most 2000; more are said in `problem`. A couple's roles change the same steps.
[[nodiscard]] Bench makeBench(const FigureReading& reading, const BenchAsked& asked);

} // namespace lc
