#include "app/strips/line_painter.h"

#include "app/base/qtext.h"

#include <QHash>

#include <algorithm>

namespace lc::app::strips {

double LinePainter::ownTabEnd(const PassPerformance& pass) const {
    if (pass.start >= m_from && pass.start < m_to) return flagRect(pass).right();
    return m_line.set > 0 ? x(m_from) : x(m_from) + tabWidth(goesOnWords(pass));
}

QFont LinePainter::nameFont() const { return m_theme.words(m_line.set > 0 ? 13 : 12, Weight::Semibold); }

std::vector<NameOnLine> LinePainter::placedNames(QHash<QString, double>* known) const {
    std::vector<NameOnLine> out;
    const QFontMetricsF metrics(nameFont());
    const double inset = 4 * m_s;
    const double end = m_layout.width - 2 * m_s; // over the line's end too: the margin is free at that height
    double aboveFrom = 0;                        // where the row above is free
    const auto widthOf = [&](const QString& words) {
        if (!known) return metrics.horizontalAdvance(words);
        const auto measured = known->constFind(words);
        return measured != known->constEnd() ? *measured : *known->insert(words, metrics.horizontalAdvance(words));
    };
    const auto& all = danced().passes;
    auto pass =
        std::lower_bound(all.begin(), all.end(), m_from, [](const PassPerformance& p, Tick t) { return p.end() <= t; });
    for (; pass != all.end() && pass->begin() < m_to; ++pass) {
        if (pass->start >= m_to || pass->start + pass->counts <= m_from) continue;
        const double from = ownTabEnd(*pass);
        const auto& spans = danced().readingOf(*pass).figures;
        for (const FigureSpan& span : spans) {
            NameOnLine name;
            name.pass = &*pass;
            name.span = &span;
            name.start = pass->start + span.start;
            name.end = std::min(name.start + span.length, pass->danceEnd());
            if (name.end <= m_from || name.start >= m_to || name.end <= name.start) continue;
            name.words = figureInWords(m_scene.document->routine, span, *pass);
            if (name.start < m_from && spans.size() > 1) name.words = QStringLiteral("… ") + name.words;
            const double own = x(std::max(name.start, m_from)) + inset;
            const double right = x(std::min(name.end, m_to));
            name.left = std::max(own, from + inset);
            name.room = right - name.left - inset;
            const double wide = widthOf(name.words);
            const double room = std::min(wide + m_s, end - own);
            if (wide > name.room && own >= aboveFrom && room > name.room) {
                name.above = true;
                name.left = own;
                name.room = room;
                aboveFrom = own + room + 2 * inset;
            }
            out.push_back(std::move(name));
        }
    }
    return out;
}

void LinePainter::names() const {
    const bool eight = m_line.set > 0;
    const QFont font = nameFont(), small = m_theme.words(12);
    const QFontMetricsF metrics(font);
    for (const NameOnLine& name : placedNames()) {
        const PassPerformance& pass = *name.pass;
        const QColor ink = inkOf(pass);
        const double start = x(std::max(name.start, m_from)), right = x(std::min(name.end, m_to));
        if (name.start > m_from && name.start > pass.start) // open between two figures
            m_p.fillRect(QRectF(start - 1.5 * m_s, m_rect.bottom() - 3 * m_s, 3 * m_s, 3 * m_s), m_c.sheet);
        if (name.span->bridge) // a second rule
            m_p.fillRect(QRectF(start + 1, m_rect.bottom() - 6 * m_s, right - start - 2, m_s), ink);
        if (name.room < 14 * m_s) continue;
        const double baseline =
            (name.above ? m_ribbonTop : m_rect.bottom() - m_layout.measures.ribbon * m_s) + (eight ? 13 : 10.5) * m_s;
        if (name.above) // a thread from the name down to its ribbon
            m_p.fillRect(QRectF(start, m_ribbonTop + 2 * m_s, 1, m_rect.bottom() - m_ribbonTop - 2 * m_s), ink);
        const QString shown = metrics.elidedText(name.words, Qt::ElideRight, name.room);
        text(name.left, baseline, shown, font, ink);
        if (name.above) continue;
        QString more;
        if (eight)
            more = name.start < m_from ? Strips::tr("the other %1").arg(q(toSpokenCount(name.end - m_from)))
                   : name.end > m_to
                       ? Strips::tr("%1 of %2")
                             .arg(q(toSpokenCount(m_to - name.start)), q(toSpokenCount(name.span->length)))
                       : q(inCounts(name.span->length));
        if (pass.cut && name.end == pass.danceEnd() && name.end <= m_to)
            more += (more.isEmpty() ? QString() : QStringLiteral(", ")) +
                    Strips::tr("cut after %1").arg(q(toSpokenCount(pass.counts)));
        const double used = metrics.horizontalAdvance(shown) + 8 * m_s;
        if (!more.isEmpty() && QFontMetricsF(small).horizontalAdvance(more) < name.room - used)
            text(name.left + used, baseline, more, small, m_c.ink2);
    }
}

} // namespace lc::app::strips

namespace lc::app {

void giveNamesRoom(StripLayout& layout, const StripScene& scene) {
    if (scene.content == StripContent::Listen) return;
    const double row = (layout.magnification == Magnification::Eight ? 17 : 13) * layout.scale;
    QPainter none;                 // measuring paints nothing
    QHash<QString, double> widths; // a routine of thousands of passes has few names
    double down = 0;
    for (StripLine& line : layout.lines) {
        line.top += down;
        if (line.folded) continue;
        const auto names = strips::LinePainter(none, layout, scene, line).placedNames(&widths);
        if (std::none_of(names.begin(), names.end(), [](const auto& name) { return name.above; })) continue;
        line.height += row;
        down += row;
    }
    layout.height += down;
}

} // namespace lc::app
