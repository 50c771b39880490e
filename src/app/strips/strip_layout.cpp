#include "app/strips/strip_layout.h"

#include <algorithm>
#include <bit>
#include <cmath>
#include <utility>

namespace lc::app {

namespace {

constexpr int longestLine = 48;
constexpr int partLine = 32;
constexpr double topMargin = 22; // for the captions of the sets

/// Columns of the counts of a line: regular sets stand under each other; a short set leaves its columns empty, a long
/// one is squeezed into them, unless it is the last of its line, where the edge may be ragged. Without `columns` every
/// count is a column wide.
void setColumns(StripLine& line, const CountGrid& grid, bool columns) {
    const int regular = grid.regularSet();
    double column = 0;
    int c = line.firstCount;
    const int end = line.firstCount + line.counts;
    while (c < end) {
        const CountSet& set = grid.sets()[static_cast<std::size_t>(grid.cell(c)->set)];
        const int setEnd = std::min(end, set.firstCount + set.counts);
        const int inLine = setEnd - c;
        const bool last = setEnd == end;
        const double step = columns && !last && inLine > regular ? static_cast<double>(regular) / inLine : 1.0;
        for (int i = 0; i < inLine; ++i) line.edges.push_back(column + i * step);
        const double used = inLine * step;
        if (columns && !last && used < regular) {
            line.holes.push_back(column + used);
            line.holes.push_back(column + regular);
            column += regular;
        } else
            column += used;
        c = setEnd;
    }
    line.edges.push_back(column);
}

} // namespace

StripMeasures measuresFor(Magnification magnification, StripContent content, int roles) {
    StripMeasures m;
    if (content == StripContent::Listen) {
        m.loudness = magnification == Magnification::Page ? 14 : 30;
        m.ruler = 17;
        m.lane = 0;
        m.ribbon = 0;
        m.gap = magnification == Magnification::Page ? 6 : 12;
        return m;
    }
    if (magnification == Magnification::Page) {
        m.loudness = 6;
        m.ruler = 12;
        m.lane = 0;
        return m;
    }
    m.lanes = roles;
    if (magnification == Magnification::Eight) {
        m.left = 120;
        m.right = 76;
        m.loudness = 15;
        m.ruler = 24;
        m.lane = 46;
        m.ribbon = 20;
        m.gap = 10;
    }
    return m;
}

namespace {

/// A line for each set of a phrase, all in the columns of the regular set.
void addSets(const CountGrid& grid, int p, StripLayout& layout) {
    const CountPhrase& phrase = grid.phrases()[static_cast<std::size_t>(p)];
    for (int k = 0; k < phrase.sets; ++k) {
        const CountSet& set = grid.sets()[static_cast<std::size_t>(phrase.firstSet + k)];
        StripLine line;
        line.phrase = p;
        line.firstCount = set.firstCount;
        line.counts = set.counts;
        line.lineOfPhrase = k;
        line.linesOfPhrase = phrase.sets;
        line.set = k + 1;
        const double step = set.counts > grid.regularSet() ? static_cast<double>(grid.regularSet()) / set.counts : 1.0;
        for (int i = 0; i <= set.counts; ++i) line.edges.push_back(i * step);
        layout.lines.push_back(std::move(line));
    }
}

/// Whether sets stand under their like. Where many are too short for their columns the page would be all hatching, and
/// where many are far too long nothing could be read in them: then every count is a column wide and the 1s stand where
/// they fall. The last set of a phrase has its own edge.
bool hasColumns(const CountGrid& grid) {
    int empty = 0, squeezed = 0, all = 0;
    for (const CountPhrase& phrase : grid.phrases()) {
        all += phrase.counts;
        for (int k = 0; k + 1 < phrase.sets; ++k) {
            const int counts = grid.sets()[static_cast<std::size_t>(phrase.firstSet + k)].counts;
            empty += std::max(0, grid.regularSet() - counts);
            if (2 * counts > 3 * grid.regularSet()) squeezed += counts;
        }
    }
    return 4 * empty <= all && 4 * squeezed <= all;
}

/// A phrase in a line, or in several where it is long: so many whole sets in each that its 1s stand under each other.
/// Only a set that is too long for a line is torn.
void addPhrase(const CountGrid& grid, int p, bool columns, StripLayout& layout) {
    const CountPhrase& phrase = grid.phrases()[static_cast<std::size_t>(p)];
    const auto setsOfALine =
        static_cast<int>(std::bit_floor(static_cast<unsigned>(std::max(1, partLine / std::max(1, grid.regularSet())))));
    const auto from = static_cast<std::ptrdiff_t>(layout.lines.size());
    StripLine line;
    int sets = 0;
    const auto add = [&] {
        if (line.counts == 0) return;
        line.phrase = p;
        line.lineOfPhrase = static_cast<int>(static_cast<std::ptrdiff_t>(layout.lines.size()) - from);
        setColumns(line, grid, columns);
        layout.lines.push_back(std::exchange(line, {}));
        sets = 0;
    };
    for (int k = 0; k < phrase.sets; ++k) {
        const CountSet& set = grid.sets()[static_cast<std::size_t>(phrase.firstSet + k)];
        if (phrase.counts > longestLine && (sets == setsOfALine || line.counts + set.counts > longestLine)) add();
        for (int done = 0; done < set.counts;) {
            const int part = set.counts > longestLine ? std::min(partLine, set.counts - done) : set.counts;
            if (line.counts == 0) line.firstCount = set.firstCount + done;
            line.counts += part;
            done += part;
            if (done < set.counts) add();
        }
        ++sets;
    }
    add();
    for (auto l = layout.lines.begin() + from; l != layout.lines.end(); ++l)
        l->linesOfPhrase = static_cast<int>(layout.lines.end() - layout.lines.begin() - from);
}

/// The line of folded phrases is as long as the longest line of one of them.
void addFold(const CountGrid& grid, const FoldedPhrases& fold, bool sets, StripLayout& layout) {
    const CountPhrase& first = grid.phrases()[static_cast<std::size_t>(fold.first)];
    const CountPhrase& last = grid.phrases()[static_cast<std::size_t>(fold.end - 1)];
    StripLine line;
    line.phrase = fold.first;
    line.firstCount = first.firstCount;
    line.counts = last.firstCount + last.counts - first.firstCount;
    line.folded = fold;
    const double columns = sets ? grid.regularSet() : first.counts > longestLine ? partLine : first.counts;
    for (int i = 0; i <= line.counts; ++i) line.edges.push_back(i * columns / line.counts);
    layout.lines.push_back(std::move(line));
}

} // namespace

StripLayout layOutStrips(const CountGrid& grid, Magnification magnification, StripContent content, int roles,
                         double width, double scale, const std::vector<FoldedPhrases>& folds) {
    StripLayout layout;
    layout.measures = measuresFor(magnification, content, roles);
    layout.magnification = magnification;
    layout.scale = scale;
    layout.width = width;
    layout.left = layout.measures.left * scale;
    double longest = grid.regularSet();
    const bool eight = magnification == Magnification::Eight && content == StripContent::Arrange;
    const bool columns = hasColumns(grid);
    auto fold = folds.begin();
    for (int p = 0; p < static_cast<int>(grid.phrases().size());) {
        if (fold != folds.end() && fold->first == p) {
            addFold(grid, *fold, eight, layout);
            p = (fold++)->end;
            continue;
        }
        if (eight)
            addSets(grid, p, layout);
        else
            addPhrase(grid, p, columns, layout);
        ++p;
    }
    if (!eight)
        for (const StripLine& line : layout.lines) longest = std::max(longest, line.edges.back());
    const double narrowest =
        (magnification == Magnification::Page || content == StripContent::Listen ? 12 : 13) * scale;
    const double room = width - layout.left - layout.measures.right * scale;
    const double usual = std::clamp(std::floor(room / longest), narrowest, std::floor(28 * scale));
    layout.countWidth = eight ? std::max(std::floor(room / longest), 48 * scale)
                              : std::max(usual, std::floor(room / std::max<double>(longest, partLine)));
    double y = topMargin * scale;
    for (StripLine& line : layout.lines) {
        line.top = y;
        line.height = (line.folded ? layout.measures.fold : layout.measures.height()) * scale;
        y += line.height + layout.measures.gap * scale;
    }
    layout.height = y + 8 * scale;
    return layout;
}

std::optional<int> StripLayout::lineOf(int count) const {
    const auto after = std::upper_bound(lines.begin(), lines.end(), count,
                                        [](int c, const StripLine& line) { return c < line.firstCount; });
    if (after == lines.begin()) return std::nullopt;
    const auto found = std::prev(after);
    if (count > found->firstCount + found->counts) return std::nullopt;
    return static_cast<int>(found - lines.begin());
}

double StripLayout::xOf(const StripLine& line, Tick at) const {
    const double count = static_cast<double>(at.value) / static_cast<double>(ticksPerCount) - line.firstCount;
    const double whole = std::clamp(std::floor(count), 0.0, static_cast<double>(line.counts));
    const auto i = static_cast<std::size_t>(whole);
    if (i >= static_cast<std::size_t>(line.counts)) return left + line.edges.back() * countWidth;
    double to = line.edges[i + 1];
    for (std::size_t h = 0; h + 1 < line.holes.size(); h += 2) // the count before an empty place is one column wide
        if (to == line.holes[h + 1]) to = line.holes[h];
    const double column = line.edges[i] + (count - whole) * (to - line.edges[i]);
    return left + column * countWidth;
}

QRectF StripLayout::lineRect(const StripLine& line) const {
    return {left, line.top, line.edges.back() * countWidth, line.height};
}

QRectF StripLayout::countRect(int count) const {
    const auto index = lineOf(count);
    if (!index) return {};
    const StripLine& line = lines[static_cast<std::size_t>(*index)];
    if (count >= line.firstCount + line.counts) return {};
    const double x = xOf(line, counts(count));
    const double to = xOf(line, counts(count + 1) - Tick{1});
    return {x, line.top, std::round(to - x), line.height};
}

std::optional<Tick> tickAtPoint(const StripLayout& layout, const QPointF& point) {
    for (const StripLine& line : layout.lines) {
        if (point.y() < line.top || point.y() >= line.top + line.height) continue;
        const double column = (point.x() - layout.left) / layout.countWidth;
        if (column < 0 || column >= line.edges.back()) return std::nullopt;
        const auto after = std::upper_bound(line.edges.begin(), line.edges.end(), column);
        const auto i = static_cast<int>(std::distance(line.edges.begin(), after)) - 1;
        const Tick start = counts(line.firstCount + i);
        if (layout.magnification == Magnification::Page) return start;
        const double from = layout.xOf(line, start);
        const double to = layout.xOf(line, start + counts(1) - Tick{1});
        if (point.x() > to) return start; // in the empty place after a short set
        return point.x() < (from + to) / 2 ? start : start + countFraction(1, 2);
    }
    return std::nullopt;
}

std::optional<int> laneAtPoint(const StripLayout& layout, const QPointF& point) {
    const StripMeasures& m = layout.measures;
    for (const StripLine& line : layout.lines) {
        const double into = (point.y() - line.top) / layout.scale - m.loudness - m.ruler;
        if (point.y() < line.top || point.y() >= line.top + line.height) continue;
        const int lane = static_cast<int>(std::floor(into / std::max(1, m.lane)));
        if (into >= 0 && lane < m.lanes) return lane;
        return std::nullopt;
    }
    return std::nullopt;
}

Tick movedByLines(const StripLayout& layout, Tick at, int lines) {
    const auto index = layout.lineOf(static_cast<int>(wholeCounts(at)));
    if (!index || layout.lines.empty()) return at;
    int from = *index;
    const StripLine& here = layout.lines[static_cast<std::size_t>(from)];
    const int target = std::clamp(from + lines, 0, static_cast<int>(layout.lines.size()) - 1);
    if (target == from) return at;
    const StripLine& there = layout.lines[static_cast<std::size_t>(target)];
    const double column = (layout.xOf(here, at) - layout.left) / layout.countWidth;
    const auto after = std::upper_bound(there.edges.begin(), there.edges.end(), column + 1e-6);
    const int i = std::clamp(static_cast<int>(std::distance(there.edges.begin(), after)) - 1, 0, there.counts - 1);
    return counts(there.firstCount + i);
}

} // namespace lc::app
