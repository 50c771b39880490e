#include "app/strips/line_painter.h"

#include "app/base/qtext.h"
#include "app/widgets/marks.h"

#include <QPainterPath>

#include <algorithm>

namespace lc::app::strips {

const Performance& LinePainter::danced() const { return m_scene.shown().performance; }

bool LinePainter::isChanged(const PassPerformance& pass) const {
    if (!m_scene.preview) return false;
    for (const PassPerformance& old : m_scene.landing->performance.passes)
        if (old.id == pass.id) return old.start != pass.start || old.counts != pass.counts || old.tag != pass.tag;
    return true;
}

QColor LinePainter::inkOf(const PassPerformance& pass) const {
    return m_scene.preview && !isChanged(pass) ? m_c.ink3 : m_c.ink;
}

void LinePainter::passes() const {
    const auto& all = danced().passes;
    auto pass =
        std::lower_bound(all.begin(), all.end(), m_from, [](const PassPerformance& p, Tick t) { return p.end() <= t; });
    for (; pass != all.end() && pass->begin() < m_to; ++pass) {
        const QColor ink = inkOf(*pass);
        ribbon(*pass, ink);
        flag(*pass, ink);
        if (pass->start < m_to && pass->start + pass->counts > m_to) carryArrow(*pass, ink);
    }
    names();
    if (danced().passes.empty() || danced().start > m_from) restLine();
}

void LinePainter::restLine() const {
    const Tick end = danced().passes.empty() ? m_from : std::min(m_to, danced().start);
    if (end <= m_from) return;
    m_p.setPen(QPen(m_c.ink3, 3 * m_s, Qt::CustomDashLine));
    QPen pen(m_c.ink3, 3 * m_s);
    pen.setDashPattern({1.4, 1.2});
    pen.setCapStyle(Qt::FlatCap);
    m_p.setPen(pen);
    const double y = m_rect.bottom() - 1.5 * m_s;
    m_p.drawLine(QPointF(x(m_from), y), QPointF(x(end) - 2, y));
    text(x(m_from) + 4 * m_s, m_rect.bottom() - 6 * m_s, Strips::tr("before the dance"), m_theme.words(12), m_c.ink2);
}

QString LinePainter::tagWords(const PassPerformance& pass) const {
    QString words = Strips::tr("tag %1").arg(q(toSpokenCount(pass.tag)));
    if (const Figure* figure =
            pass.exceptions.tag ? findFigure(m_scene.document->routine, pass.exceptions.tag->figure) : nullptr;
        figure && !figure->name.empty())
        words += QStringLiteral(" ") + q(figure->name);
    return words;
}

void LinePainter::ribbon(const PassPerformance& pass, const QColor& ink) const {
    const Tick danceEnd = pass.start + pass.counts;
    const double bottom = m_rect.bottom();
    if (danceEnd > m_from && pass.start < m_to) {
        const double left = x(std::max(pass.start, m_from)) + 1;
        const double right = x(std::min(danceEnd, m_to)) - (danceEnd <= m_to ? 2 : 0);
        m_p.fillRect(QRectF(left, bottom - 3 * m_s, right - left, 3 * m_s), ink);
    }
    if (pass.tag > Tick{} && danceEnd < m_to && pass.end() > m_from) {
        const double left = x(std::max(danceEnd, m_from)) + 1;
        const double right = x(std::min(pass.end(), m_to)) - 2;
        m_p.fillRect(QRectF(left, bottom - 4 * m_s, right - left, m_s), ink);
        m_p.fillRect(QRectF(left, bottom - 2 * m_s, right - left, 2 * m_s), ink);
        if (danceEnd >= m_from)
            tab(left - 1, m_rect.bottom() - m_layout.measures.ribbon * m_s, tagWords(pass), ink, true);
    }
}

void LinePainter::carryArrow(const PassPerformance& pass, const QColor& ink) const {
    if (m_to < m_grid.end() && !m_layout.lineOf(m_line.firstCount + m_line.counts)) return;
    Tick left = pass.start + pass.counts - m_to;
    if (m_line.set > 0) { // in Eight a figure is carried over, not the whole pass
        const FigureSpan* span = figureAt(danced(), pass, m_to);
        if (!span || pass.start + span->start >= m_to) return;
        left = pass.start + span->start + span->length - m_to;
    }
    const double y = m_rect.bottom() - 1.5 * m_s;
    double right = x(m_to);
    if (pass.start >= m_from) {
        const double flagEnd = flagRect(pass).right();
        if (flagEnd > right) m_p.fillRect(QRectF(right, m_rect.bottom() - 3 * m_s, flagEnd - right, 3 * m_s), ink);
        right = std::max(right, flagEnd);
    }
    QPainterPath arrow;
    arrow.moveTo(right, y - 5 * m_s);
    arrow.lineTo(right + 8 * m_s, y);
    arrow.lineTo(right, y + 5 * m_s);
    arrow.closeSubpath();
    m_p.setRenderHint(QPainter::Antialiasing, true);
    m_p.fillPath(arrow, ink);
    m_p.setRenderHint(QPainter::Antialiasing, false);
    text(right + 11 * m_s, m_rect.bottom() - 2 * m_s, q(toSpokenCount(left)), m_theme.numbers(11, true), ink);
}

QRectF LinePainter::flagRect(const PassPerformance& pass) const {
    const double numberWidth = QFontMetricsF(m_theme.numbers(12, true)).horizontalAdvance(QString::number(pass.number));
    const double facingWidth =
        QFontMetricsF(m_theme.numbers(11)).horizontalAdvance(q(toClock(pass.roles.front().facingIn)));
    return {x(pass.start), m_rect.bottom() - m_layout.measures.ribbon * m_s, numberWidth + facingWidth + 30 * m_s,
            13 * m_s};
}

QString LinePainter::goesOnWords(const PassPerformance& pass) const {
    return Strips::tr("%1 from %2").arg(pass.number).arg(q(toSpokenCount(m_from - pass.start + counts(1))));
}

double LinePainter::tabWidth(const QString& words) const {
    return QFontMetricsF(m_theme.words(11, Weight::Semibold)).horizontalAdvance(words) + 8 * m_s;
}

void LinePainter::tab(double left, double top, const QString& words, const QColor& ink, bool filled) const {
    const QFont font = m_theme.words(11, Weight::Semibold);
    const double width = tabWidth(words);
    const QRectF box(left, top, width, 12 * m_s);
    m_p.fillRect(box, filled ? ink : m_c.sheet);
    if (!filled) {
        m_p.setPen(ink);
        m_p.setBrush(Qt::NoBrush);
        m_p.drawRect(box.adjusted(0, 0, -1, -1));
    }
    text(left + 4 * m_s, top + 10 * m_s, words, font, filled ? m_c.onInk : ink);
}

void LinePainter::flag(const PassPerformance& pass, const QColor& ink) const {
    const double tabTop = m_rect.bottom() - m_layout.measures.ribbon * m_s;
    if (pass.start >= m_from && pass.start < m_to) {
        const double left = x(pass.start);
        m_p.fillRect(QRectF(left, m_rulerTop, 2, m_rect.bottom() - m_rulerTop), ink);
        const QFont numberFont = m_theme.numbers(12, true);
        const QString number = QString::number(pass.number);
        const QString facing = q(toClock(pass.roles.front().facingIn));
        const double numberWidth = QFontMetricsF(numberFont).horizontalAdvance(number);
        const QRectF box = flagRect(pass);
        m_p.fillRect(box, ink);
        const double baseline = tabTop + 11 * m_s;
        text(left + 5 * m_s, baseline, number, numberFont, m_c.onInk);
        drawDial(m_p, left + 5 * m_s + numberWidth + 10 * m_s, tabTop + 6.5 * m_s, pass.roles.front().facingIn, 5 * m_s,
                 m_c.onInk);
        text(left + 5 * m_s + numberWidth + 19 * m_s, baseline, facing, m_theme.numbers(11), m_c.onInk);
        if (m_scene.selectedPass == pass.id) {
            m_p.setPen(QPen(m_c.ink, 2));
            m_p.setBrush(Qt::NoBrush);
            m_p.drawRect(box.adjusted(-2, -2, 2, 2));
        }
        if (restartBefore(pass))
            tab(left, m_rulerTop - (m_layout.magnification == Magnification::Page ? 4 : 1) * m_s, Strips::tr("restart"),
                ink, true);
    } else if (pass.start < m_from && pass.start + pass.counts > m_from && m_line.set == 0)
        tab(x(m_from), tabTop, goesOnWords(pass), ink, false);
    marksOfPass(pass, ink);
}

void LinePainter::marksOfPass(const PassPerformance& pass, const QColor& ink) const {
    if (pass.wait > Tick{} && pass.number > 1 && pass.begin() >= m_from && pass.begin() < m_to) {
        QPen pen(ink, 2 * m_s);
        pen.setDashPattern({1.4, 1.2});
        pen.setCapStyle(Qt::FlatCap);
        m_p.setPen(pen);
        m_p.drawLine(QPointF(x(pass.begin()) + 1, m_rect.bottom() - 1.5 * m_s),
                     QPointF(x(std::min(pass.start, m_to)) - 2, m_rect.bottom() - 1.5 * m_s));
        const QFont font = m_theme.words(11, Weight::Semibold);
        const QString words = Strips::tr("wait %1").arg(q(toSpokenCount(pass.wait)));
        text(x(pass.begin()) + 3 * m_s, m_rect.bottom() - 6 * m_s,
             QFontMetricsF(font).elidedText(words, Qt::ElideRight,
                                            std::max(0.0, x(std::min(pass.start, m_to)) - x(pass.begin()) - 6 * m_s)),
             font, ink);
    }
    if (pass.start < m_from || pass.start >= m_to) return;
    const QStringList words = passMarks(pass);
    if (words.isEmpty()) return;
    const double left = restartBefore(pass) ? x(pass.start) + 50 * m_s : x(pass.start);
    tab(left, m_rulerTop - (m_layout.magnification == Magnification::Page ? 4 : 1) * m_s,
        words.join(QStringLiteral(", ")), ink, false);
}

bool LinePainter::restartBefore(const PassPerformance& pass) const {
    const auto& all = danced().passes;
    return pass.number >= 2 && all[static_cast<std::size_t>(pass.number - 2)].cut;
}

} // namespace lc::app::strips

namespace lc::app {

QString figureInWords(const Routine& routine, const FigureSpan& span, const PassPerformance& pass) {
    QString name;
    if (const Figure* figure = findFigure(routine, span.figure); figure && !figure->name.empty())
        name = q(figure->name);
    else if (span.bridge && !span.figure.valid())
        name = Strips::tr("wait");
    else if (const Part* part = findPart(routine, pass.part))
        name = Strips::tr("part %1").arg(q(part->name));
    if (!span.version.empty()) name = Strips::tr("%1, %2").arg(name, q(span.version));
    if (!span.bars.none()) name = Strips::tr("%1, in %2").arg(name, QString::number(span.bars.danced));
    if (span.mirrored != pass.exceptions.mirrored) name = Strips::tr("%1, other side").arg(name);
    if (span.exchanged != pass.exceptions.exchanged) name = Strips::tr("%1, exchanged").arg(name);
    return name;
}

QStringList passMarks(const PassPerformance& pass) {
    QStringList words;
    if (pass.exceptions.canon)
        words << (pass.exceptions.canon->ripple ? Strips::tr("canon, ripple") : Strips::tr("canon"));
    if (pass.exceptions.mirrored) words << Strips::tr("other side");
    if (pass.exceptions.exchanged) words << Strips::tr("exchanged");
    if (pass.pinned) words << Strips::tr("pinned");
    if (!pass.fromMusic.empty()) words << Strips::tr("by the music");
    return words;
}

} // namespace lc::app
