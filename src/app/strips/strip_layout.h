#pragma once

#include "app/base/shared_view.h"
#include "core/song/count_grid.h"

#include <QPointF>
#include <QRectF>

#include <optional>
#include <vector>

namespace lc::app {

enum class StripContent { Listen, Arrange };

/// Heights and margins of a strip in logical pixels, before the size of text is applied.
struct StripMeasures {
    int left = 114;
    int right = 98;
    int loudness = 11;
    int ruler = 14;
    int lane = 17;
    int lanes = 0;
    int ribbon = 16;
    int gap = 6;
    int fold = 22; ///< height of the line of folded phrases

    [[nodiscard]] int height() const { return loudness + ruler + lane * lanes + ribbon; }
};

[[nodiscard]] StripMeasures measuresFor(Magnification magnification, StripContent content, int roles);

/// Phrases that are shown as one shallow line, since what is danced on them is alike.
struct FoldedPhrases {
    int first = 0;                           ///< into CountGrid::phrases()
    int end = 0;                             ///< half-open
    std::size_t firstPass = 0, lastPass = 0; ///< into Performance::passes, inclusive
};

/// One line of the page: a phrase, or a part of a long one.
struct StripLine {
    int phrase = 0;
    int firstCount = 0;
    int counts = 0;
    int lineOfPhrase = 0; ///< 0 for the first
    int linesOfPhrase = 1;
    int set = 0;                         ///< in Eight: which set of the phrase, from 1; else 0
    std::optional<FoldedPhrases> folded; ///< then the line stands for all their counts
    double top = 0;
    double height = 0;
    std::vector<double>
        edges; ///< left edge of each count and the right edge of the last, in columns; counts + 1 values
    std::vector<double> holes; ///< columns left empty by a short set, as pairs from, to
};

/// The whole page of strips, laid out. A value: painting and hit-testing read it, nothing changes it.
struct StripLayout {
    StripMeasures measures;
    Magnification magnification = Magnification::Strip;
    double countWidth = 21;
    double left = 114;
    double width = 0;  ///< of the viewport
    double height = 0; ///< of the page
    double scale = 1;
    std::vector<StripLine> lines;

    /// Rectangle of a count's cells from the loudness to the ribbon; empty outside the song.
    [[nodiscard]] QRectF countRect(int count) const;
    /// x of a place on its line.
    [[nodiscard]] double xOf(const StripLine& line, Tick at) const;
    /// Index of the line that holds a count; the last line for the song's end; nothing outside.
    [[nodiscard]] std::optional<int> lineOf(int count) const;
    [[nodiscard]] QRectF lineRect(const StripLine& line) const;
};

/// Lays out the strips for a viewport. Eight: a set a line, a longer one squeezed into the columns of a regular one.
/// Else: a phrase a line, phrases of more than 48 counts in lines of 32, the 1s of regular sets exactly under each
/// other. The count width follows the width: from 12 at Page and 13 at Strip, as wide as fills the window where a
/// phrase of 32 or the longest line has room; songs of shorter phrases keep to 28 until such a line would fill it.
/// `folds` (ascending, apart) take one shallow line each.
[[nodiscard]] StripLayout layOutStrips(const CountGrid& grid, Magnification magnification, StripContent content,
                                       int roles, double width, double scale,
                                       const std::vector<FoldedPhrases>& folds = {});

/// The place under a point, to the nearest half count at Strip and whole count at Page; nothing beside the cells.
[[nodiscard]] std::optional<Tick> tickAtPoint(const StripLayout& layout, const QPointF& point);

/// The lane under a point: the role's ordinal; nothing beside the lanes.
[[nodiscard]] std::optional<int> laneAtPoint(const StripLayout& layout, const QPointF& point);

/// The place one line up or down, in the same column where there is one. `lines` is −1 or 1.
[[nodiscard]] Tick movedByLines(const StripLayout& layout, Tick at, int lines);

} // namespace lc::app
