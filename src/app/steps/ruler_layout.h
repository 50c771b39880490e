#pragma once

#include "core/figures/count_tempo.h"
#include "core/figures/figure_reading.h"
#include "core/notation/saying.h"

#include <QRectF>
#include <QString>

#include <vector>

namespace lc::app {

/// Sizes of a ruler picture, in pixels.
struct RulerMeasures {
    double width = 640; ///< of everything, lane names included
    double names = 70;  ///< for the lane names at the left
    double rulerHeight = 26;
    double fractionHeight = 14; ///< only where there are sub-beats
    double laneHeight = 36;
    double footHeight = 22;   ///< under the lanes: the ribbon and what runs on, changes and facing
    double gap = 8;           ///< between two lines
    std::int64_t perLine = 8; ///< counts in a line
    std::vector<double>
        weights; ///< how long each count of the set lasts, mean 1: 3+2+2 is 9/7, 6/7, 6/7; empty = all alike
};

/// A step of a role in the picture.
struct RulerMark {
    std::size_t role = 0;
    std::size_t action = 0; ///< index into the role's actions
    QRectF cell;            ///< from its beginning to its end or the line's, in its lane
    bool subBeat = false;
    bool carried = false; ///< it goes on in the next line
};

/// A number or letter on the ruler.
struct RulerNumber {
    QRectF cell;
    QString text;
    QString fraction;     ///< of a sub-beat: "½"
    QString milliseconds; ///< how long after its count: "313 ms"; left out of the picture where there is no room
    bool strong = false;  ///< 1 and the middle of a set
    bool spoken = true;   ///< false for a count that is only shown
};

struct RulerLine {
    Tick from; ///< half-open, from the figure's count 1
    Tick to;
    QRectF area;
};

/// The picture of a figure, laid out: what stands where. Everything snaps to the count columns.
struct RulerLayout {
    std::vector<RulerLine> lines;
    std::vector<RulerNumber> numbers;
    std::vector<RulerMark> marks;
    std::vector<QRectF> missing;                ///< claimed, not built
    std::vector<std::pair<QRectF, bool>> meets; ///< meet points and whether they are met
    double countWidth = 0;                      ///< of a count of mean length
    CountTempo tempo;                           ///< from the figure's count 1
    double height = 0;
    bool fractions = false;
};

/// Lays a figure out in lines of counts. `claimed` is the length it is said to have; what is said of counts comes from
/// `say`, begun at the music count `musicStart`; milliseconds from `secondsPerCount`. A line before count 1 is not
/// drawn: what falls there stands in a narrow column left of count 1.
[[nodiscard]] RulerLayout layOutRuler(const FigureReading& figure, std::optional<Tick> claimed, SayAs say,
                                      Tick musicStart, std::int64_t set, double secondsPerCount,
                                      const RulerMeasures& measures);

/// The horizontal place of a moment in its line.
[[nodiscard]] double rulerX(const RulerLayout& layout, const RulerLine& line, Tick at);

} // namespace lc::app
