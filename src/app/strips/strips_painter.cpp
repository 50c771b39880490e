#include "app/strips/strips_painter.h"

#include "app/strips/marks.h"
#include "core/base/clock_text.h"
#include "core/routine/landing_report.h"

#include <QCoreApplication>
#include <QPainter>

#include <algorithm>
#include <cmath>
#include <map>

namespace lc::app {

namespace {

QString tr(const char* text) { return QCoreApplication::translate("Strips", text); }

class LinePainter {
public:
    LinePainter(QPainter& painter, const StripLayout& layout, const StripScene& scene, const StripLine& line)
        : m_p(painter), m_layout(layout), m_scene(scene), m_line(line), m_theme(*scene.theme), m_c(m_theme.colours()), m_s(layout.scale),
          m_grid(scene.landing->grid), m_from(counts(line.firstCount)), m_to(counts(line.firstCount + line.counts)),
          m_rect(layout.lineRect(line)) {
        const StripMeasures& m = layout.measures;
        m_rulerTop = m_rect.top() + m.loudness * m_s;
        m_lanesTop = m_rulerTop + m.ruler * m_s;
        m_ribbonTop = m_lanesTop + m.lanes * m.lane * m_s;
    }

    void paint() {
        ground();
        silhouette();
        stops();
        tape();
        if (m_scene.content == StripContent::Listen) listenRuler();
        else ruler();
        if (m_scene.content == StripContent::Listen) {
            moments();
            doubts();
        }
        if (m_layout.measures.lanes > 0) lanes();
        if (m_scene.content == StripContent::Arrange) passes();
        leftMargin();
        rightMargin();
    }

private:
    double x(Tick at) const { return std::round(m_layout.xOf(m_line, std::clamp(at, m_from, m_to))); }
    void text(double px, double baseline, const QString& words, const QFont& font, const QColor& colour, Qt::Alignment align = Qt::AlignLeft) const {
        m_p.setFont(font);
        m_p.setPen(colour);
        if (align != Qt::AlignLeft) { // measuring costs as much as drawing
            const double w = QFontMetricsF(font).horizontalAdvance(words);
            px -= align == Qt::AlignRight ? w : w / 2;
        }
        m_p.drawText(QPointF(px, baseline), words);
    }

    void ground() const {
        m_p.fillRect(m_rect, m_c.sheet);
        for (std::size_t h = 0; h + 1 < m_line.holes.size(); h += 2) {
            const QRectF hole(m_layout.left + m_line.holes[h] * m_layout.countWidth, m_rect.top(),
                              (m_line.holes[h + 1] - m_line.holes[h]) * m_layout.countWidth, m_rect.height());
            m_p.fillRect(hole, m_c.well);
            drawHatch(m_p, hole, m_c.rule, 6 * m_s);
        }
        if (m_scene.hoveredCount && *m_scene.hoveredCount >= m_line.firstCount && *m_scene.hoveredCount < m_line.firstCount + m_line.counts) {
            m_p.setPen(m_c.ink3);
            m_p.setBrush(Qt::NoBrush);
            m_p.drawRect(m_layout.countRect(*m_scene.hoveredCount).adjusted(0, 0, -1, -1));
        }
    }

    /// One outline for the whole line: a fill for every pixel column costs five times as much.
    void silhouette() const {
        if (!m_scene.loudness) return;
        const double height = m_layout.measures.loudness * m_s - 1;
        const double bottom = std::floor(m_rulerTop);
        QPolygonF outline;
        for (int c = m_line.firstCount; c < m_line.firstCount + m_line.counts; ++c) {
            const double left = x(counts(c));
            const double right = std::round(m_layout.xOf(m_line, counts(c + 1) - Tick{1}));
            const auto start = m_grid.secondsAt(counts(c));
            const auto end = m_grid.secondsAt(counts(c + 1));
            if (!start || !end || right <= left) continue;
            const double step = (*end - *start) / (right - left);
            outline << QPointF(left, bottom);
            for (double px = left; px < right; ++px) {
                const double at = *start + (px - left) * step;
                const double top = std::round(bottom - std::sqrt(static_cast<double>(m_scene.loudness->between(at, at + step))) * height);
                if (outline.last().y() != top) outline << QPointF(px, outline.last().y()) << QPointF(px, top);
            }
            outline << QPointF(right, outline.last().y()) << QPointF(right, bottom);
        }
        m_p.setPen(Qt::NoPen);
        m_p.setBrush(m_c.loud);
        m_p.drawPolygon(outline);
        m_p.setBrush(Qt::NoBrush);
    }

    void stops() const {
        for (const CountStop& stop : m_grid.stops()) {
            if (stop.end <= m_from || stop.start >= m_to) continue;
            const double bottom = m_layout.measures.lanes > 0 ? m_ribbonTop : m_rulerTop + m_layout.measures.ruler * m_s;
            const QRectF area(x(stop.start), m_rect.top(), x(stop.end) - x(stop.start), bottom - m_rect.top());
            m_p.fillRect(area, m_c.paper);
            QColor lines = m_c.hatch;
            lines.setAlphaF(0.75F);
            drawHatch(m_p, area, lines, 7 * m_s);
        }
    }

    void tape() const {
        if (!m_scene.now || *m_scene.now < m_from || *m_scene.now >= m_to) return;
        const QRectF cell = m_layout.countRect(static_cast<int>(wholeCounts(*m_scene.now)));
        const double top = m_scene.content == StripContent::Listen ? m_rect.top() : m_rulerTop;
        m_p.fillRect(QRectF(cell.left(), top, cell.width(), m_rect.bottom() - top), m_c.tape);
        if (m_scene.content == StripContent::Listen && m_scene.loudness) { // the silhouette stays seen on the tape
            const auto start = m_grid.secondsAt(counts(wholeCounts(*m_scene.now)));
            const auto end = m_grid.secondsAt(counts(wholeCounts(*m_scene.now) + 1));
            const double height = m_layout.measures.loudness * m_s - 1;
            for (double px = 0; start && end && px < cell.width(); ++px) {
                const double step = (*end - *start) / cell.width();
                const double value = std::sqrt(static_cast<double>(m_scene.loudness->between(*start + px * step, *start + (px + 1) * step)));
                QColor shade = m_c.ink2;
                shade.setAlphaF(0.45F);
                m_p.fillRect(QRectF(cell.left() + px, m_rulerTop - value * height, 1, value * height), shade);
            }
        }
    }

    void ruler() const {
        const bool page = m_layout.magnification == Magnification::Page;
        for (int c = m_line.firstCount; c < m_line.firstCount + m_line.counts; ++c) {
            const CountCell& cell = *m_grid.cell(c);
            const double px = x(counts(c));
            if (cell.number == 1) {
                m_p.fillRect(QRectF(px, m_rect.top(), 1, m_rect.height()), m_c.rule);
                text(px + 3 * m_s, m_rulerTop + m_layout.measures.ruler * m_s - 3 * m_s, QStringLiteral("1"), m_theme.numbers(page ? 10 : 11, true), m_c.ink);
            } else if (cell.barStart) {
                m_p.fillRect(QRectF(px, m_rulerTop, 1, m_ribbonTop - m_rulerTop), m_c.faint);
                text(px + 3 * m_s, m_rulerTop + m_layout.measures.ruler * m_s - 3 * m_s, QString::number(cell.number), m_theme.numbers(page ? 10 : 11), m_c.ink2);
            } else m_p.fillRect(QRectF(px, m_rulerTop, 1, 4 * m_s), m_c.rule);
        }
        m_p.fillRect(QRectF(m_layout.left - 1, m_rect.top(), 1, m_rect.height()), m_c.ink);
    }

    void listenRuler() const {
        m_p.fillRect(QRectF(m_rect.left(), m_rulerTop, m_rect.width(), 1), m_c.ink3);
        for (int c = m_line.firstCount; c < m_line.firstCount + m_line.counts; ++c) {
            const CountCell& cell = *m_grid.cell(c);
            const double px = x(counts(c));
            if (cell.barStart) {
                m_p.fillRect(QRectF(px, m_rect.top(), 1, m_rect.height()), cell.number == 1 ? m_c.ink2 : m_c.rule);
                text(px + 4 * m_s, m_rect.bottom() - 4 * m_s, QString::number(cell.bar + 1), m_theme.numbers(11, cell.number == 1), cell.number == 1 ? m_c.ink : m_c.ink2);
                const Bar& bar = m_scene.document->map->bars[static_cast<std::size_t>(cell.bar)];
                if (bar.beats != m_scene.document->map->metre.beats)
                {
                    // beside the number where the bar is wide enough for both, else above it
                    const bool wide = m_layout.countWidth * bar.beats > 52 * m_s;
                    text(px + (wide ? 24 : 4) * m_s, wide ? m_rect.bottom() - 4 * m_s : m_rulerTop - 4 * m_s, tr("of %1").arg(bar.beats), m_theme.words(11, Weight::Bold), m_c.ink);
                }
                if (bar.confirmedOne) m_p.fillRect(QRectF(px + 4 * m_s, m_rect.top() + 4 * m_s, 6 * m_s, 6 * m_s), m_c.ink);
            } else m_p.fillRect(QRectF(px, m_rulerTop, 1, 5 * m_s), m_c.ink3);
        }
        if (m_line.lineOfPhrase == 0) { // a corner of tape: a phrase begins
            m_p.fillRect(QRectF(m_rect.left() - 3 * m_s, m_rect.top(), 3 * m_s, m_rect.height()), m_c.ink);
            m_p.fillRect(QRectF(m_rect.left() - 3 * m_s, m_rect.top(), 12 * m_s, 3 * m_s), m_c.ink);
        }
    }

    /// Named moments and held beats: a notch at the line's upper edge, the name above it where there is room.
    void moments() const {
        struct Place { Seconds at; QString name; };
        std::vector<Place> places;
        for (const Moment& moment : m_scene.document->moments) places.push_back({moment.at, QString::fromStdString(moment.text)});
        for (const Fermata& held : m_scene.document->map->fermatas) places.push_back({held.start, tr("held %1 s").arg(QString::number(held.end - held.start, 'f', 1))});
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
            m_p.setRenderHint(QPainter::Antialiasing, false);
            if (m_layout.magnification == Magnification::Page || px < free) continue;
            const QString shown = metrics.elidedText(place.name, Qt::ElideRight, 150 * m_s);
            text(px + 6 * m_s, top - 2 * m_s, shown, font, m_c.ink);
            free = px + metrics.horizontalAdvance(shown) + 14 * m_s;
        }
    }

    /// A dashed frame around the bar in which a doubt begins, with the number that it has in the list.
    void doubts() const {
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
            drawDiamond(m_p, right - (9 + 19 * before) * m_s, m_rect.top(), 9 * m_s, QString::number(d + 1), m_theme.numbers(10, true), m_c.ink, m_c.onInk);
        }
    }

    void lanes() const {
        const Performance& dance = danced();
        for (std::size_t r = 0; r < dance.roles.size(); ++r) {
            const double top = m_lanesTop + static_cast<double>(r) * m_layout.measures.lane * m_s;
            const double middle = top + m_layout.measures.lane * m_s / 2;
            m_p.fillRect(QRectF(m_rect.left(), top, m_rect.width(), 1), m_c.faint);
            const QColor colour = m_theme.role(static_cast<int>(r));
            const auto& actions = dance.roles[r];
            auto action = std::lower_bound(actions.begin(), actions.end(), m_from - counts(1), [](const PerformedAction& a, Tick t) { return a.at < t; });
            if (action != actions.begin()) --action;
            for (; action != actions.end() && action->at < m_to; ++action) mark(*action, middle, colour, r == 0);
        }
    }

    void mark(const PerformedAction& action, double middle, const QColor& colour, bool firstRole) const {
        if (action.kind == ActionKind::Wait) { // a bar on each count it covers
            for (Tick at = action.at; at < action.at + action.length; at += counts(1))
                if (at >= m_from && at < m_to) m_scene.stamps->draw(m_p, centre(at), middle, action.kind, std::nullopt, false, 12 * m_s, colour);
            return;
        }
        if (action.at < m_from) return;
        const bool sub = !isWhole(action.at);
        m_scene.stamps->draw(m_p, centre(action.at), middle, action.kind, action.foot, sub, 12 * m_s, colour);
        if (firstRole && action.action && action.action->turn.value != 0 && action.action->end() - action.action->at <= action.length)
            drawTurn(m_p, centre(action.at) + (besideNumber(action.at) ? 4 * m_s : 0), m_rulerTop + 7 * m_s, action.action->turn.value < 0, 5 * m_s, m_c.ink);
    }

    /// A step on the count and the one on its "&" stand a quarter of the count left and right of its middle.
    double centre(Tick at) const {
        const QRectF cell = m_layout.countRect(static_cast<int>(wholeCounts(at)));
        if (isWhole(at)) return cell.center().x() - (sharedCount(at) ? cell.width() / 4 : 0);
        return cell.center().x() + cell.width() / 4;
    }
    bool besideNumber(Tick at) const {
        const CountCell* cell = m_grid.cellAt(at);
        return cell && (cell->number == 1 || cell->barStart);
    }
    bool sharedCount(Tick at) const {
        for (const auto& actions : danced().roles) {
            auto next = std::upper_bound(actions.begin(), actions.end(), at, [](Tick t, const PerformedAction& a) { return t < a.at; });
            if (next != actions.end() && next->at < at + counts(1) && next->kind != ActionKind::Wait) return true;
        }
        return false;
    }

    const Performance& danced() const { return (m_scene.preview ? m_scene.preview : m_scene.landing)->performance; }

    bool isChanged(const PassPerformance& pass) const {
        if (!m_scene.preview) return false;
        for (const PassPerformance& old : m_scene.landing->performance.passes)
            if (old.id == pass.id) return old.start != pass.start || old.counts != pass.counts || old.tag != pass.tag;
        return true;
    }

    void passes() const {
        const auto& all = danced().passes;
        auto pass = std::lower_bound(all.begin(), all.end(), m_from, [](const PassPerformance& p, Tick t) { return p.end() <= t; });
        for (; pass != all.end() && pass->start < m_to; ++pass) {
            const QColor ink = m_scene.preview && !isChanged(*pass) ? m_c.ink3 : m_c.ink;
            ribbon(*pass, ink);
            flag(*pass, ink);
            if (pass->start < m_to && pass->start + pass->counts > m_to) carryArrow(*pass, ink);
        }
        if (danced().passes.empty() || danced().start > m_from) restLine();
    }

    /// Before the dance begins: a dashed line that says so.
    void restLine() const {
        const Tick end = danced().passes.empty() ? m_from : std::min(m_to, danced().start);
        if (end <= m_from) return;
        m_p.setPen(QPen(m_c.ink3, 3 * m_s, Qt::CustomDashLine));
        QPen pen(m_c.ink3, 3 * m_s);
        pen.setDashPattern({1.4, 1.2});
        pen.setCapStyle(Qt::FlatCap);
        m_p.setPen(pen);
        const double y = m_rect.bottom() - 1.5 * m_s;
        m_p.drawLine(QPointF(x(m_from), y), QPointF(x(end) - 2, y));
        text(x(m_from) + 4 * m_s, m_rect.bottom() - 6 * m_s, tr("before the dance"), m_theme.words(12), m_c.ink2);
    }

    void ribbon(const PassPerformance& pass, const QColor& ink) const {
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
            if (danceEnd >= m_from) tab(left - 1, m_rect.bottom() - m_layout.measures.ribbon * m_s, tr("tag %1").arg(QString::fromStdString(toSpokenCount(pass.tag))), ink, true);
        }
    }

    /// A ribbon that goes on in the next line ends in an arrow with the counts that are left, clear of a flag beside it.
    void carryArrow(const PassPerformance& pass, const QColor& ink) const {
        if (m_to < m_grid.end() && !m_layout.lineOf(m_line.firstCount + m_line.counts)) return;
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
        text(right + 11 * m_s, m_rect.bottom() - 2 * m_s, QString::fromStdString(toSpokenCount(pass.start + pass.counts - m_to)), m_theme.numbers(11, true), ink);
    }

    /// The tab of a pass that begins on this line: number, dial, facing.
    QRectF flagRect(const PassPerformance& pass) const {
        const double numberWidth = QFontMetricsF(m_theme.numbers(12, true)).horizontalAdvance(QString::number(pass.number));
        const double facingWidth = QFontMetricsF(m_theme.numbers(11)).horizontalAdvance(QString::fromStdString(toClock(pass.roles.front().facingIn)));
        return {x(pass.start), m_rect.bottom() - m_layout.measures.ribbon * m_s, numberWidth + facingWidth + 30 * m_s, 13 * m_s};
    }

    double tab(double left, double top, const QString& words, const QColor& ink, bool filled) const {
        const QFont font = m_theme.words(11, Weight::Semibold);
        const double width = QFontMetricsF(font).horizontalAdvance(words) + 8 * m_s;
        const QRectF box(left, top, width, 12 * m_s);
        m_p.fillRect(box, filled ? ink : m_c.sheet);
        if (!filled) {
            m_p.setPen(ink);
            m_p.setBrush(Qt::NoBrush);
            m_p.drawRect(box.adjusted(0, 0, -1, -1));
        }
        text(left + 4 * m_s, top + 10 * m_s, words, font, filled ? m_c.onInk : ink);
        return left + width;
    }

    void flag(const PassPerformance& pass, const QColor& ink) const {
        const double tabTop = m_rect.bottom() - m_layout.measures.ribbon * m_s;
        double after = 0;
        if (pass.start >= m_from && pass.start < m_to) {
            const double left = x(pass.start);
            m_p.fillRect(QRectF(left, m_rulerTop, 2, m_rect.bottom() - m_rulerTop), ink);
            const QFont numberFont = m_theme.numbers(12, true);
            const QString number = QString::number(pass.number);
            const QString facing = QString::fromStdString(toClock(pass.roles.front().facingIn));
            const double numberWidth = QFontMetricsF(numberFont).horizontalAdvance(number);
            const QRectF box = flagRect(pass);
            m_p.fillRect(box, ink);
            const double baseline = tabTop + 11 * m_s;
            text(left + 5 * m_s, baseline, number, numberFont, m_c.onInk);
            drawDial(m_p, left + 5 * m_s + numberWidth + 10 * m_s, tabTop + 6.5 * m_s, pass.roles.front().facingIn, 5 * m_s, m_c.onInk);
            text(left + 5 * m_s + numberWidth + 19 * m_s, baseline, facing, m_theme.numbers(11), m_c.onInk);
            if (m_scene.selectedPass == pass.id) {
                m_p.setPen(QPen(m_c.ink, 2));
                m_p.setBrush(Qt::NoBrush);
                m_p.drawRect(box.adjusted(-2, -2, 2, 2));
            }
            if (restartBefore(pass)) tab(left, m_rulerTop - (m_layout.magnification == Magnification::Page ? 4 : 1) * m_s, tr("restart"), ink, true);
            after = box.right();
        } else if (pass.start < m_from && pass.start + pass.counts > m_from) {
            after = tab(x(m_from), tabTop, tr("%1 from %2").arg(pass.number).arg(QString::fromStdString(toSpokenCount(m_from - pass.start + counts(1)))), ink, false);
        } else return;
        const Part* part = nullptr;
        for (const Part& p : m_scene.document->routine.parts)
            if (p.id == pass.part) part = &p;
        const double room = x(std::min(pass.start + pass.counts, m_to)) - after;
        QString words = part ? tr("part %1").arg(QString::fromStdString(part->name)) : QString();
        if (pass.cut) words += tr(", cut after %1").arg(QString::fromStdString(toSpokenCount(pass.counts)));
        const QFont font = m_theme.words(12, Weight::Semibold);
        text(after + 4 * m_s, tabTop + 10.5 * m_s, QFontMetricsF(font).elidedText(words, Qt::ElideRight, std::max(0.0, room - 8 * m_s)), font, ink);
    }

    bool restartBefore(const PassPerformance& pass) const {
        const auto& all = danced().passes;
        return pass.number >= 2 && all[static_cast<std::size_t>(pass.number - 2)].cut;
    }

    void leftMargin() const {
        const CountPhrase& phrase = m_grid.phrases()[static_cast<std::size_t>(m_line.phrase)];
        const double left = 16 * m_s;
        if (m_line.lineOfPhrase > 0) {
            bracket(false);
            return;
        }
        if (m_line.linesOfPhrase > 1) bracket(true);
        const bool page = m_layout.magnification == Magnification::Page;
        const QFont name = m_theme.words(14, Weight::Heavy);
        const QString label = QString::fromStdString(phrase.label);
        const double nameRoom = m_layout.left - left - 8 * m_s;
        double y = m_rect.top() + (page ? 14 : m_scene.content == StripContent::Listen ? 15 : 20) * m_s;
        text(left, y, QFontMetricsF(name).elidedText(label, Qt::ElideRight, nameRoom), name, m_c.ink);
        if (page) {
            text(left, y + 14 * m_s, QString::fromStdString(clockText(phrase.start)), m_theme.numbers(11), m_c.ink2);
            text(m_layout.left - 8 * m_s, y + 14 * m_s, QString::number(phrase.counts), m_theme.numbers(11), m_c.ink2, Qt::AlignRight);
            return;
        }
        y += 16 * m_s;
        text(left, y, QString::fromStdString(clockText(phrase.start)), m_theme.numbers(12), m_c.ink2);
        if (m_scene.content == StripContent::Listen) {
            const Phrase& bars = m_scene.document->map->phrases[static_cast<std::size_t>(m_line.phrase)];
            text(left, y + 15 * m_s, tr("bars %1–%2").arg(bars.firstBar + 1).arg(bars.firstBar + bars.bars), m_theme.words(12), m_c.ink2);
            text(m_layout.left - 10 * m_s, y, QString::number(phrase.counts), m_theme.numbers(12), m_c.ink2, Qt::AlignRight);
            return;
        }
        text(left, y + 15 * m_s, tr("%1 counts").arg(phrase.counts), m_theme.words(12), m_c.ink2);
        for (std::size_t r = 0; r < m_scene.document->routine.roles.size(); ++r) {
            const QFont lane = m_theme.words(11, Weight::Medium);
            const double laneBase = m_lanesTop + (static_cast<double>(r) + 0.5) * m_layout.measures.lane * m_s + 4 * m_s;
            const QString role = QString::fromStdString(m_scene.document->routine.roles[r].name);
            if (m_scene.document->routine.roles.size() > 1)
                text(m_layout.left - 6 * m_s, laneBase, QFontMetricsF(lane).elidedText(role, Qt::ElideRight, 52 * m_s), lane, m_theme.role(static_cast<int>(r)), Qt::AlignRight);
        }
    }

    void bracket(bool first) const {
        const double px = m_layout.left - 5 * m_s;
        m_p.fillRect(QRectF(px, first ? m_rect.top() : m_rect.top() - m_layout.measures.gap * m_s, 1, m_rect.height() + (first ? 0 : m_layout.measures.gap * m_s)), m_c.ink3);
    }

    void rightMargin() const {
        const CountPhrase& phrase = m_grid.phrases()[static_cast<std::size_t>(m_line.phrase)];
        double left = m_rect.right() + 10 * m_s;
        const double middle = m_rect.top() + (m_layout.magnification == Magnification::Page ? 14 : 20) * m_s;
        const int more = phrase.counts - phrase.usualCounts;
        if (more != 0 && m_line.lineOfPhrase == m_line.linesOfPhrase - 1) {
            const QString words = (more > 0 ? QStringLiteral("+") : QStringLiteral("−")) + QString::number(std::abs(more));
            text(m_rect.right() + 7 * m_s, middle + 1 * m_s, words, m_theme.numbers(15, true), m_c.ink);
            left += QFontMetricsF(m_theme.numbers(15, true)).horizontalAdvance(words) + 6 * m_s;
        }
        if (m_scene.content == StripContent::Listen) {
            if (phrase.confirmed && m_line.lineOfPhrase == 0) verdictMark(LineVerdict::Kind::Lands, left, middle, tr("stated"), {});
            return;
        }
        const Landing& landing = m_scene.preview ? *m_scene.preview : *m_scene.landing;
        const LineVerdict verdict = lineVerdict(m_line, landing);
        if (verdict.kind != LineVerdict::Kind::None) verdictMark(verdict.kind, left, middle, verdict.amount, verdict.who);
        for (std::size_t f = 0; f < landing.findings.size(); ++f) {
            const Tick at = landing.findings[f].at;
            if (m_scene.preview || landing.findings[f].severity == Severity::Note || at < m_from || at >= m_to) continue;
            drawDiamond(m_p, x(at), m_rect.bottom() - 1, 8.5 * m_s, QString::number(f + 1), m_theme.numbers(10, true), m_c.ink, m_c.onInk);
        }
    }

    void verdictMark(LineVerdict::Kind kind, double left, double middle, const QString& amount, const QString& who) const {
        const double y = middle - 4.5 * m_s;
        m_p.setRenderHint(QPainter::Antialiasing, true);
        QPainterPath shape;
        const double r = 4.5 * m_s;
        if (kind == LineVerdict::Kind::Lands) shape.addRect(QRectF(left, y - r, 2 * r, 2 * r));
        else {
            const bool over = kind == LineVerdict::Kind::Over;
            shape.moveTo(over ? left : left + 2 * r, y - r - 1);
            shape.lineTo(over ? left + 2 * r : left, y);
            shape.lineTo(over ? left : left + 2 * r, y + r + 1);
            shape.closeSubpath();
        }
        m_p.fillPath(shape, m_c.ink);
        m_p.setRenderHint(QPainter::Antialiasing, false);
        text(left + 2 * r + 6 * m_s, middle, amount, m_theme.words(12, kind == LineVerdict::Kind::Lands ? Weight::Regular : Weight::Bold), m_c.ink);
        if (!who.isEmpty() && m_layout.magnification == Magnification::Strip) text(left + 2 * r + 6 * m_s, middle + 14 * m_s, who, m_theme.words(12), m_c.ink2);
    }

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

} // namespace

LineVerdict lineVerdict(const StripLine& line, const Landing& landing) {
    LineVerdict verdict;
    for (const PassPerformance& pass : landing.performance.passes) {
        if (pass.start < counts(line.firstCount) || pass.start >= counts(line.firstCount + line.counts)) continue;
        const auto miss = phraseMiss(landing.grid, pass.start);
        if (!miss) continue;
        if (lands(landing.grid, pass)) {
            if (verdict.kind == LineVerdict::Kind::None) verdict = {LineVerdict::Kind::Lands, tr("lands"), {}};
            continue;
        }
        const bool over = *miss > Tick{};
        const QString amount = QString::fromStdString(toSpokenCount(over ? *miss : -*miss));
        return {over ? LineVerdict::Kind::Over : LineVerdict::Kind::Short, over ? tr("%1 over").arg(amount) : tr("%1 short").arg(amount), tr("pass %1").arg(pass.number)};
    }
    return verdict;
}

void paintStrips(QPainter& painter, const StripLayout& layout, const StripScene& scene, const QRect& area) {
    painter.fillRect(area, scene.theme->colours().paper);
    bool caption = true;
    for (const StripLine& line : layout.lines) {
        if (line.top > area.bottom()) break;
        if (line.top + line.height + layout.measures.gap * layout.scale < area.top()) continue;
        if (caption && &line == &layout.lines.front()) { // names of the sets over the first line
            painter.setFont(scene.theme->words(12));
            painter.setPen(scene.theme->colours().ink2);
            const CountGrid& grid = scene.landing->grid;
            int number = 0;
            for (const CountSet& set : grid.sets()) {
                if (set.firstCount >= line.firstCount + line.counts) break;
                painter.drawText(QPointF(layout.xOf(line, counts(set.firstCount)) + 3 * layout.scale, line.top - 6 * layout.scale),
                                 QStringLiteral("%1 %2").arg(QString::fromStdString(setName(grid.regularSet()))).arg(++number));
            }
        }
        LinePainter(painter, layout, scene, line).paint();
    }
}

} // namespace lc::app
