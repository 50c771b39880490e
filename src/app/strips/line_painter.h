#pragma once

// Private to the files that paint strips.

#include "app/strips/strips_painter.h"

#include <QCoreApplication>
#include <QHash>
#include <QPainter>

namespace lc::app {

/// What the strips say.
struct Strips {
    Q_DECLARE_TR_FUNCTIONS(Strips)
};

} // namespace lc::app

namespace lc::app::strips {

/// The name of a figure on a line: on its ribbon, or, where it has no room there, in a row above the ribbons.
struct NameOnLine {
    const PassPerformance* pass = nullptr;
    const FigureSpan* span = nullptr;
    Tick start, end; ///< of the figure
    QString words;
    double left = 0, room = 0;
    bool above = false;
};

/// Paints one line of a page of strips. Made for the line, used once.
class LinePainter {
public:
    LinePainter(QPainter& painter, const StripLayout& layout, const StripScene& scene, const StripLine& line);
    void paint();
    /// The names of the figures danced on this line. One that has no room on its ribbon goes up where the row above is
    /// free; between two that went up one may have to stay and be cut short. Paints nothing.
    /// `known` keeps the widths of names, for many lines of one layout.
    [[nodiscard]] std::vector<NameOnLine> placedNames(QHash<QString, double>* known = nullptr) const;

private:
    [[nodiscard]] double x(Tick at) const;
    void text(double px, double baseline, const QString& words, const QFont& font, const QColor& colour,
              Qt::Alignment align = Qt::AlignLeft) const;
    void ground() const;
    /// One outline for the whole line: a fill for every pixel column costs five times as much.
    void silhouette() const;
    void stops() const;
    void tape() const;
    void ruler() const;
    /// Where the dance is turned round: beside each 1 and bar of the music the count that the dancers say, in a frame.
    void runningCounts() const;
    /// Counts that want to meet a moment, filled where they do, open where they miss it; and the moments that are
    /// waited for.
    void accents() const;
    /// Three thin rules like a pile of strips, and what they have in common.
    void fold() const;
    void leftMargin() const;
    void eightMargin() const;
    void bracket(bool first) const;
    void rightMargin() const;
    void verdictMark(LineVerdict::Kind kind, double left, double middle, const QString& amount,
                     const QString& who) const;

    void listenRuler() const;
    [[nodiscard]] int barCounts(int first) const; ///< counts on this line of the bar that begins with a count
    /// Named moments and held beats: a notch at the line's upper edge, the name above it where there is room.
    void moments() const;
    /// A dashed frame around the bar in which a doubt begins, with the number that it has in the list.
    void doubts() const;

    void lanes() const;
    /// In Eight: mark, words, foot and turn of each action, as far as its cell has room.
    void wordsOf(const std::vector<PerformedAction>& actions, std::size_t role, double top) const;
    void subBeats() const; ///< letters of the moments inside counts, over the lanes
    void caretCell() const;
    void mark(const PerformedAction& action, double middle, const QColor& colour, bool firstRole) const;
    /// A step on the count and the one on its "&" stand a quarter of the count left and right of its middle.
    [[nodiscard]] double centre(Tick at) const;
    [[nodiscard]] bool besideNumber(Tick at) const;
    [[nodiscard]] bool sharedCount(Tick at) const;
    [[nodiscard]] bool isTurnedRound(Tick at) const;

    [[nodiscard]] const Performance& danced() const;
    [[nodiscard]] bool isChanged(const PassPerformance& pass) const;
    void passes() const;
    /// Before the dance begins: a dashed line that says so.
    void restLine() const;
    [[nodiscard]] QString tagWords(const PassPerformance& pass) const;
    void ribbon(const PassPerformance& pass, const QColor& ink) const;
    /// Where the pass's own tab ends on this line: the names of its figures begin after it.
    [[nodiscard]] double ownTabEnd(const PassPerformance& pass) const;
    [[nodiscard]] QFont nameFont() const;
    /// The figures of this line: a ruled line under each name, open between two.
    void names() const;
    [[nodiscard]] QColor inkOf(const PassPerformance& pass) const;
    /// What makes the pass differ, in small tabs over its ribbon: wait, canon, other side, bound to the music.
    void marksOfPass(const PassPerformance& pass, const QColor& ink) const;
    /// A ribbon that goes on in the next line ends in an arrow with the counts that are left, clear of a flag beside
    /// it.
    void carryArrow(const PassPerformance& pass, const QColor& ink) const;
    /// The tab of a pass that begins on this line: number, dial, facing.
    [[nodiscard]] QRectF flagRect(const PassPerformance& pass) const;
    [[nodiscard]] QString goesOnWords(const PassPerformance& pass) const; ///< "2 from 17"
    [[nodiscard]] double tabWidth(const QString& words) const;
    void tab(double left, double top, const QString& words, const QColor& ink, bool filled) const;
    void flag(const PassPerformance& pass, const QColor& ink) const;
    [[nodiscard]] bool restartBefore(const PassPerformance& pass) const;

    QPainter& m_p;
    const StripLayout& m_layout;
    const StripScene& m_scene;
    const StripLine& m_line;
    const Theme& m_theme;
    const Palette& m_c;
    double m_s;
    const CountGrid& m_grid;
    Tick m_from, m_to;
    QRectF m_rect;
    double m_rulerTop = 0, m_lanesTop = 0, m_ribbonTop = 0;
};

} // namespace lc::app::strips
