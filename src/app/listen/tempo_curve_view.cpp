#include "app/listen/tempo_curve_view.h"

#include "app/base/qtext.h"
#include "app/base/session.h"
#include "core/base/clock_text.h"
#include "core/song/tempo_curve.h"

#include <QMouseEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace lc::app {

namespace {
QString tenths(double value) { return q(Core::sentence("%1", AsDecimals::tenths(value))); }
constexpr int tall = 116;
} // namespace

TempoCurveView::TempoCurveView(Session& session, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_session(session), m_theme(theme), m_curve(std::make_unique<TempoCurve>()) {
    setFixedHeight(theme.px(tall));
    setAccessibleName(tr("Tempo"));
    setToolTip(tr("Tempo of each bar, in counts a minute; click to go there"));
    connect(&session.doc, &DocumentSession::documentChanged, this, &TempoCurveView::rebuild);
    connect(&session.transport, &Transport::nowMoved, this, qOverload<>(&QWidget::update));
    rebuild();
}

TempoCurveView::~TempoCurveView() = default;

QSize TempoCurveView::sizeHint() const { return {m_theme.px(600), m_theme.px(tall)}; }

void TempoCurveView::rebuild() {
    const Landing& landing = m_session.doc.landing();
    const SongMap& map = *m_session.doc.document().map;
    const auto from = landing.grid.secondsAt(landing.performance.start);
    const auto to = landing.grid.secondsAt(std::min(landing.performance.end, landing.grid.end()));
    const bool danced = !landing.performance.passes.empty() && from && to;
    *m_curve = tempoCurve(map, landing.grid, danced ? *from : 0, danced ? *to : 0);
    if (!m_curve->points.empty() && m_curve->range) {
        // Five per cent on either side at least, so that a steady band is a level line and a drifting one is seen.
        m_low = std::floor(std::min(m_curve->range->lowest, 0.95 * m_curve->usual) / 5) * 5;
        m_high = std::ceil(std::max(m_curve->range->highest, 1.05 * m_curve->usual) / 5) * 5;
        m_start = m_curve->points.front().start;
        m_end = m_curve->points.back().end;
    }
    QString said = m_curve->range ? tr("%1 counts a minute, %2.").arg(tenths(m_curve->usual), q(tempoInWords(*m_curve)))
                                  : QString();
    if (m_curve->danced)
        said +=
            QLatin1Char(' ') +
            tr("The routine needs %1 to %2.").arg(tenths(m_curve->danced->lowest), tenths(m_curve->danced->highest));
    setAccessibleDescription(said);
    update();
}

QRectF TempoCurveView::plot() const {
    const double left = m_theme.px(114), right = m_theme.px(60);
    return {left, m_theme.px(10) * 1.0, std::max(10.0, width() - left - right), m_theme.px(tall - 38) * 1.0};
}

double TempoCurveView::xOf(double seconds) const {
    const QRectF area = plot();
    return area.left() + (seconds - m_start) / std::max(1e-6, m_end - m_start) * area.width();
}

double TempoCurveView::yOf(double bpm) const {
    const QRectF area = plot();
    return area.bottom() - std::clamp((bpm - m_low) / std::max(1e-6, m_high - m_low), -0.02, 1.02) * area.height();
}

void TempoCurveView::paintEvent(QPaintEvent*) {
    if (m_curve->points.empty() || !m_curve->range) return;
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Palette& c = m_theme.colours();
    const QRectF area = plot();
    const auto say = [&](double x, double y, const QString& text, const QFont& font, const QColor& colour) {
        p.setFont(font);
        p.setPen(colour);
        p.drawText(QPointF(x, y), text);
    };
    const QFont small = m_theme.words(12);
    say(m_theme.px(16), m_theme.px(22), tr("Tempo"), m_theme.words(14, Weight::Heavy), c.ink);
    say(m_theme.px(16), m_theme.px(40), tr("%1 bpm").arg(tenths(m_curve->usual)), small, c.ink2);
    const auto sayBelow = [&](double y, const QString& text) { // in the margin, on as many lines as it takes
        p.setFont(small);
        p.setPen(c.ink2);
        const double left = m_theme.px(16);
        p.drawText(QRectF(left, y, area.left() - left - m_theme.px(4), height() - y), Qt::TextWordWrap, text);
    };
    sayBelow(m_theme.px(44), q(tempoInWords(*m_curve)));

    p.fillRect(area, c.sheet);
    p.setPen(QPen(c.rule, 1));
    const double every = m_high - m_low > 60 ? 20 : m_high - m_low > 25 ? 10 : 5;
    for (double bpm = std::ceil(m_low / every) * every; bpm <= m_high + 0.01; bpm += every) {
        p.setPen(QPen(c.rule, 1));
        p.drawLine(QPointF(area.left(), yOf(bpm)), QPointF(area.right(), yOf(bpm)));
        say(area.right() + m_theme.px(6), yOf(bpm) + m_theme.px(4), tenths(bpm), m_theme.numbers(11), c.ink2);
    }
    const SongMap& map = *m_session.doc.document().map;
    double free = 0; // names that would run into the one before are left out
    for (const Phrase& phrase : map.phrases) {
        const double x = xOf(map.beats[firstBeatOf(map, phrase)].time);
        p.setPen(QPen(c.rule, 1));
        p.drawLine(QPointF(x, area.top()), QPointF(x, area.bottom()));
        const QString name = q(phrase.label);
        const double wide = QFontMetricsF(small).horizontalAdvance(name);
        if (x + m_theme.px(4) < free || x + wide > area.right()) continue;
        say(x + m_theme.px(3), area.bottom() + m_theme.px(14), name, small, c.ink2);
        free = x + wide + m_theme.px(8);
    }
    if (const auto now = m_session.doc.landing().grid.secondsAt(m_session.transport.now());
        now && *now >= m_start && *now <= m_end)
        p.fillRect(QRectF(xOf(*now) - m_theme.px(3), area.top(), m_theme.px(6), area.height()), c.tape);
    if (m_curve->danced) { // what the routine needs: a line under the stretch it is danced on
        const Landing& landing = m_session.doc.landing();
        const double from = *landing.grid.secondsAt(landing.performance.start);
        const double to = landing.grid.secondsAt(std::min(landing.performance.end, landing.grid.end())).value_or(m_end);
        p.setPen(QPen(c.ink, m_theme.px(3)));
        p.drawLine(QPointF(xOf(from), area.bottom()), QPointF(xOf(to), area.bottom()));
        sayBelow(m_theme.px(84),
                 tr("danced at %1 to %2").arg(tenths(m_curve->danced->lowest), tenths(m_curve->danced->highest)));
    }
    QPolygonF line;
    const auto flush = [&] {
        p.setPen(QPen(c.ink, m_theme.px(2)));
        p.drawPolyline(line);
        line.clear();
    };
    for (const TempoPoint& point : m_curve->points) {
        if (point.held) {
            flush();
            p.fillRect(QRectF(xOf(point.start), area.top(), xOf(point.end) - xOf(point.start), area.height()),
                       QBrush(c.hatch, Qt::BDiagPattern));
            continue;
        }
        line << QPointF(xOf((point.start + point.end) / 2), yOf(point.bpm));
    }
    flush();
    for (const Beat& beat : map.beats) // stated
        if (beat.confirmed) {
            const auto bar = std::upper_bound(m_curve->points.begin(), m_curve->points.end(), beat.time + 0.01,
                                              [](double t, const TempoPoint& point) { return t < point.start; });
            if (bar == m_curve->points.begin()) continue;
            const double side = m_theme.px(8);
            p.fillRect(QRectF(xOf(beat.time) - side / 2, yOf(std::prev(bar)->bpm) - side / 2, side, side), c.ink);
        }
}

void TempoCurveView::mousePressEvent(QMouseEvent* event) {
    if (event->button() != Qt::LeftButton || m_curve->points.empty()) return;
    const QRectF area = plot();
    const double part = (event->position().x() - area.left()) / area.width();
    if (part < 0 || part > 1) return;
    if (const auto at = m_session.doc.landing().grid.tickAt(m_start + part * (m_end - m_start)))
        m_session.transport.setCaret(counts(wholeCounts(*at)));
}

} // namespace lc::app
