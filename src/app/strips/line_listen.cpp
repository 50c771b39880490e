#include "app/strips/line_painter.h"

#include "app/base/qtext.h"
#include "app/widgets/marks.h"

#include <algorithm>
#include <map>

namespace lc::app::strips {

void LinePainter::listenRuler() const {
    m_p.fillRect(QRectF(m_rect.left(), m_rulerTop, m_rect.width(), 1), m_c.ink3);
    const QFont plain = m_theme.numbers(11, false), strong = m_theme.numbers(11, true),
                bold = m_theme.words(11, Weight::Bold);
    const double digit = QFontMetricsF(strong).horizontalAdvance(u'0');
    double below = 0,
           above = 0; // where the last number and the last "of 3" end: what would be written over them is left out
    const auto write = [&](double px, double baseline, const QString& words, const QFont& font, double advance,
                           const QColor& colour, double& free) {
        if (px < free) return;
        text(px, baseline, words, font, colour);
        free = px + advance + 3 * m_s;
    };
    for (int c = m_line.firstCount; c < m_line.firstCount + m_line.counts; ++c) {
        const CountCell& cell = *m_grid.cell(c);
        const double px = x(counts(c));
        if (cell.barStart) {
            const bool one = cell.number == 1;
            const double baseline = m_rect.bottom() - 4 * m_s;
            m_p.fillRect(QRectF(px, m_rect.top(), 1, m_rect.height()), one ? m_c.ink2 : m_c.rule);
            const QString number = QString::number(cell.bar + 1);
            write(px + 4 * m_s, baseline, number, one ? strong : plain, digit * static_cast<double>(number.size()),
                  one ? m_c.ink : m_c.ink2, below);
            const Bar& bar = m_scene.document->map->bars[static_cast<std::size_t>(cell.bar)];
            if (bar.beats != m_scene.document->map->metre.beats) {
                const QString length = Strips::tr("of %1").arg(bar.beats);
                const double advance = QFontMetricsF(bold).horizontalAdvance(length);
                const bool wide =
                    below + advance <
                    x(counts(c + barCounts(c))); // beside the number where the bar has room for both, else above it
                write(wide ? below : px + 4 * m_s, wide ? baseline : m_rulerTop - 4 * m_s, length, bold, advance,
                      m_c.ink, wide ? below : above);
            }
            if (bar.confirmedOne) m_p.fillRect(QRectF(px + 4 * m_s, m_rect.top() + 4 * m_s, 6 * m_s, 6 * m_s), m_c.ink);
        } else
            m_p.fillRect(QRectF(px, m_rulerTop, 1, 5 * m_s), m_c.ink3);
    }
    if (m_line.lineOfPhrase == 0) { // a corner of tape: a phrase begins
        m_p.fillRect(QRectF(m_rect.left() - 3 * m_s, m_rect.top(), 3 * m_s, m_rect.height()), m_c.ink);
        m_p.fillRect(QRectF(m_rect.left() - 3 * m_s, m_rect.top(), 12 * m_s, 3 * m_s), m_c.ink);
    }
}

int LinePainter::barCounts(int first) const {
    int counts = 1;
    while (first + counts < m_line.firstCount + m_line.counts && !m_grid.cell(first + counts)->barStart) ++counts;
    return counts;
}

void LinePainter::moments() const {
    struct Place {
        Seconds at;
        QString name;
    };
    std::vector<Place> places;
    for (const Moment& moment : m_scene.document->moments) places.push_back({moment.at, q(moment.text)});
    for (const Fermata& held : m_scene.document->map->fermatas)
        places.push_back({held.start, Strips::tr("held %L1 s").arg(held.end - held.start, 0, 'f', 1)});
    std::sort(places.begin(), places.end(), [](const Place& a, const Place& b) { return a.at < b.at; });
    const QFont font = m_theme.words(11, Weight::Semibold);
    const QFontMetricsF metrics(font);
    double free = 0;
    for (const Place& place : places) {
        const auto at = m_grid.tickAt(place.at + 0.001);
        if (!at || *at < m_from || *at >= m_to) continue;
        const double px = x(*at), top = m_rect.top();
        m_p.setRenderHint(QPainter::Antialiasing);
        m_p.setPen(Qt::NoPen);
        m_p.setBrush(m_c.ink);
        m_p.drawPolygon(QPolygonF{QPointF(px - 4 * m_s, top), QPointF(px + 4 * m_s, top), QPointF(px, top + 7 * m_s)});
        m_p.setBrush(Qt::NoBrush);
        m_p.setRenderHint(QPainter::Antialiasing, false);
        if (m_layout.magnification == Magnification::Page || px < free) continue;
        const QString shown = metrics.elidedText(place.name, Qt::ElideRight, 150 * m_s);
        text(px + 6 * m_s, top - 2 * m_s, shown, font, m_c.ink);
        free = px + metrics.horizontalAdvance(shown) + 14 * m_s;
    }
}

void LinePainter::doubts() const {
    if (!m_scene.doubts) return;
    std::map<int, int> stacked; // several doubts in one bar stand beside each other
    for (std::size_t d = 0; d < m_scene.doubts->size(); ++d) {
        const auto at = m_grid.tickAt((*m_scene.doubts)[d].start + 0.06);
        const CountCell* cell = at ? m_grid.cellAt(*at) : nullptr;
        if (!cell || *at < m_from || *at >= m_to) continue;
        std::int64_t first = wholeCounts(*at), last = first;
        while (first > m_line.firstCount && m_grid.cell(first - 1) && m_grid.cell(first - 1)->bar == cell->bar) --first;
        while (last + 1 < m_line.firstCount + m_line.counts && m_grid.cell(last + 1)->bar == cell->bar) ++last;
        const double left = x(counts(first)), right = std::round(m_layout.xOf(m_line, counts(last + 1) - Tick{1}));
        QPen pen(m_c.ink, 2);
        pen.setDashPattern({2.5, 1.5});
        m_p.setPen(pen);
        m_p.setBrush(Qt::NoBrush);
        m_p.drawRect(QRectF(left, m_rect.top(), right - left, m_rect.height()).adjusted(1, 1, -1, -1));
        const int before = stacked[static_cast<int>(first)]++;
        drawDiamond(m_p, right - (9 + 19 * before) * m_s, m_rect.top(), 9 * m_s, QString::number(d + 1),
                    m_theme.numbers(10, true), m_c.ink, m_c.onInk);
    }
}

} // namespace lc::app::strips
