#include "app/strips/line_painter.h"

#include "app/base/qtext.h"
#include "app/widgets/marks.h"
#include "core/base/clock_text.h"
#include "core/reports/landing_report.h"

#include <QPainterPath>

#include <algorithm>
#include <cmath>

namespace lc::app {

namespace strips {

LinePainter::LinePainter(QPainter& painter, const StripLayout& layout, const StripScene& scene, const StripLine& line)
    : m_p(painter), m_layout(layout), m_scene(scene), m_line(line), m_theme(*scene.theme), m_c(m_theme.colours()),
      m_s(layout.scale), m_grid(scene.shown().grid), m_from(counts(line.firstCount)),
      m_to(counts(line.firstCount + line.counts)), m_rect(layout.lineRect(line)) {
    const StripMeasures& m = layout.measures;
    m_rulerTop = m_rect.top() + m.loudness * m_s;
    m_lanesTop = m_rulerTop + m.ruler * m_s;
    m_ribbonTop = m_lanesTop + m.lanes * m.lane * m_s;
}

void LinePainter::paint() {
    if (m_line.folded) return fold();
    ground();
    silhouette();
    stops();
    tape();
    if (m_scene.content == StripContent::Listen)
        listenRuler();
    else
        ruler();
    if (m_scene.content == StripContent::Listen) {
        moments();
        doubts();
    }
    if (m_scene.content == StripContent::Arrange) runningCounts();
    if (m_layout.measures.lanes > 0) lanes();
    if (m_scene.content == StripContent::Arrange) accents();
    if (m_layout.magnification == Magnification::Eight && m_layout.measures.lanes > 0) {
        subBeats();
        caretCell();
    }
    if (m_scene.content == StripContent::Arrange) passes();
    leftMargin();
    rightMargin();
}

double LinePainter::x(Tick at) const { return std::round(m_layout.xOf(m_line, std::clamp(at, m_from, m_to))); }

void LinePainter::text(double px, double baseline, const QString& words, const QFont& font, const QColor& colour,
                       Qt::Alignment align) const {
    m_p.setFont(font);
    m_p.setPen(colour);
    if (align != Qt::AlignLeft) { // measuring costs as much as drawing
        const double w = QFontMetricsF(font).horizontalAdvance(words);
        px -= align == Qt::AlignRight ? w : w / 2;
    }
    m_p.drawText(QPointF(px, baseline), words);
}

void LinePainter::ground() const {
    m_p.fillRect(m_rect, m_c.sheet);
    for (std::size_t h = 0; h + 1 < m_line.holes.size(); h += 2) {
        const QRectF hole(m_layout.left + m_line.holes[h] * m_layout.countWidth, m_rect.top(),
                          (m_line.holes[h + 1] - m_line.holes[h]) * m_layout.countWidth, m_rect.height());
        m_p.fillRect(hole, m_c.well);
        drawHatch(m_p, hole, m_c.rule, 6 * m_s);
    }
    if (m_scene.hoveredCount && *m_scene.hoveredCount >= m_line.firstCount &&
        *m_scene.hoveredCount < m_line.firstCount + m_line.counts) {
        m_p.setPen(m_c.ink3);
        m_p.setBrush(Qt::NoBrush);
        m_p.drawRect(m_layout.countRect(*m_scene.hoveredCount).adjusted(0, 0, -1, -1));
    }
}

void LinePainter::silhouette() const {
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
            const double top =
                std::round(bottom - std::sqrt(static_cast<double>(m_scene.loudness->between(at, at + step))) * height);
            if (outline.last().y() != top) outline << QPointF(px, outline.last().y()) << QPointF(px, top);
        }
        outline << QPointF(right, outline.last().y()) << QPointF(right, bottom);
    }
    m_p.setPen(Qt::NoPen);
    m_p.setBrush(m_c.loud);
    m_p.drawPolygon(outline);
    m_p.setBrush(Qt::NoBrush);
}

void LinePainter::stops() const {
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

void LinePainter::tape() const {
    if (!m_scene.now || *m_scene.now < m_from || *m_scene.now >= m_to) return;
    const QRectF cell = m_layout.countRect(static_cast<int>(wholeCounts(*m_scene.now)));
    const double top = m_scene.content == StripContent::Listen ? m_rect.top() : m_rulerTop;
    m_p.fillRect(QRectF(cell.left(), top, cell.width(), m_rect.bottom() - top), m_c.tapeGround);
    for (const double edge : {top, m_rect.bottom() - 2 * m_s}) // the dark ground alone would be lost on the dark sheet
        m_p.fillRect(QRectF(cell.left(), edge, cell.width(), 2 * m_s), m_c.tape);
    if (m_scene.content == StripContent::Listen && m_scene.loudness) { // the silhouette stays seen on the tape
        const auto start = m_grid.secondsAt(counts(wholeCounts(*m_scene.now)));
        const auto end = m_grid.secondsAt(counts(wholeCounts(*m_scene.now) + 1));
        const double height = m_layout.measures.loudness * m_s - 1;
        for (double px = 0; start && end && px < cell.width(); ++px) {
            const double step = (*end - *start) / cell.width();
            const double value =
                std::sqrt(static_cast<double>(m_scene.loudness->between(*start + px * step, *start + (px + 1) * step)));
            QColor shade = m_c.ink2;
            shade.setAlphaF(0.45F);
            m_p.fillRect(QRectF(cell.left() + px, m_rulerTop - value * height, 1, value * height), shade);
        }
    }
}

void LinePainter::ruler() const {
    const bool page = m_layout.magnification == Magnification::Page;
    if (m_layout.magnification == Magnification::Eight) {
        for (int c = m_line.firstCount; c < m_line.firstCount + m_line.counts; ++c) {
            const CountCell& cell = *m_grid.cell(c);
            const double px = x(counts(c));
            const bool strong = cell.number == 1 || cell.barStart;
            m_p.fillRect(
                QRectF(px, strong ? m_rect.top() : m_rulerTop, 1, strong ? m_ribbonTop - m_rect.top() : 6 * m_s),
                strong ? m_c.rule : m_c.ink3);
            text(px + 7 * m_s, m_lanesTop - 6 * m_s, QString::number(cell.number),
                 m_theme.numbers(strong ? 15 : 12, strong), strong ? m_c.ink : m_c.ink2);
        }
        m_p.fillRect(QRectF(m_layout.left - 1, m_rect.top(), m_line.lineOfPhrase == 0 ? 2 : 1, m_rect.height()),
                     m_c.ink);
        return;
    }
    for (int c = m_line.firstCount; c < m_line.firstCount + m_line.counts; ++c) {
        const CountCell& cell = *m_grid.cell(c);
        const double px = x(counts(c));
        if (cell.number == 1) {
            m_p.fillRect(QRectF(px, m_rect.top(), 1, m_rect.height()), m_c.rule);
            text(px + 3 * m_s, m_rulerTop + m_layout.measures.ruler * m_s - 3 * m_s, QStringLiteral("1"),
                 m_theme.numbers(page ? 10 : 11, true), m_c.ink);
        } else if (cell.barStart) {
            m_p.fillRect(QRectF(px, m_rulerTop, 1, m_ribbonTop - m_rulerTop), m_c.faint);
            text(px + 3 * m_s, m_rulerTop + m_layout.measures.ruler * m_s - 3 * m_s, QString::number(cell.number),
                 m_theme.numbers(page ? 10 : 11), m_c.ink2);
        } else
            m_p.fillRect(QRectF(px, m_rulerTop, 1, 4 * m_s), m_c.rule);
    }
    m_p.fillRect(QRectF(m_layout.left - 1, m_rect.top(), 1, m_rect.height()), m_c.ink);
}

void LinePainter::runningCounts() const {
    const Landing& landing = m_scene.shown();
    if (m_layout.magnification == Magnification::Page) return;
    const bool eight = m_line.set > 0;
    const QFont font = m_theme.numbers(10, true);
    const QFontMetricsF metrics(font);
    for (const TurnedSpan& span : landing.turned) {
        if (span.to <= m_from || span.from >= m_to) continue;
        for (int c = m_line.firstCount; c < m_line.firstCount + m_line.counts; ++c) {
            const CountCell& cell = *m_grid.cell(c);
            if (counts(c) < span.from || counts(c) >= span.to ||
                !(cell.number == 1 || cell.barStart || counts(c) == span.from))
                continue;
            const auto index = passAt(landing.performance, counts(c));
            if (!index) continue;
            const QString said = q(toSpokenCount(
                runningCount(counts(c), landing.performance.passes[*index].runningFrom, m_grid.regularSet())));
            const QFont numbers = eight ? m_theme.numbers(15, true) : m_theme.numbers(11, true);
            const double left = x(counts(c)) + (eight ? 9 : 5) * m_s +
                                QFontMetricsF(numbers).horizontalAdvance(QString::number(cell.number)) + 2 * m_s;
            const QRectF box(left, m_lanesTop - (eight ? 19 : 13) * m_s, metrics.horizontalAdvance(said) + 5 * m_s,
                             12 * m_s);
            m_p.fillRect(box, m_c.sheet);
            m_p.setPen(m_c.ink);
            m_p.setBrush(Qt::NoBrush);
            m_p.drawRect(box.adjusted(0, 0, -1, -1));
            text(left + 2.5 * m_s, box.bottom() - 2.5 * m_s, said, font, m_c.ink);
        }
    }
}

void LinePainter::accents() const {
    const Landing& landing = m_scene.shown();
    m_p.setRenderHint(QPainter::Antialiasing);
    for (const AccentFall& fall : landing.accents) {
        const double r = 4.5 * m_s;
        if (fall.at && *fall.at >= m_from && *fall.at < m_to) { // over the ruler, pointing at the count
            const double px = x(*fall.at) + m_layout.countWidth / 2, y = m_rulerTop - r;
            const QPolygonF mark{QPointF(px - r, y - r), QPointF(px + r, y - r), QPointF(px, y + r)};
            m_p.setPen(QPen(m_c.ink, 1.5 * m_s));
            m_p.setBrush(fall.met() ? QBrush(m_c.ink) : QBrush(m_c.sheet));
            m_p.drawPolygon(mark);
            m_p.setBrush(Qt::NoBrush);
        }
        if (fall.moment && !fall.met() && *fall.moment >= m_from && *fall.moment < m_to) { // a notch where it was to be
            const double px = x(*fall.moment), y = m_rect.top();
            m_p.setPen(QPen(m_c.ink, 1.5 * m_s));
            m_p.drawLine(QPointF(px, y), QPointF(px, m_rulerTop + 4 * m_s));
            m_p.drawEllipse(QPointF(px, y), 2.5 * m_s, 2.5 * m_s);
        }
    }
    m_p.setRenderHint(QPainter::Antialiasing, false);
}

void LinePainter::fold() const {
    for (int i = 0; i < 3; ++i)
        m_p.fillRect(QRectF(m_rect.left(), m_rect.bottom() - (3 + 3 * i) * m_s, m_rect.width(), m_s), m_c.ink3);
    if (m_scene.now && *m_scene.now >= m_from && *m_scene.now < m_to)
        m_p.fillRect(QRectF(x(*m_scene.now) - 1, m_rect.top(), 3, m_rect.height()), m_c.tape);
    const QFont font = m_theme.words(13, Weight::Bold);
    const double baseline = m_rect.top() + 11 * m_s;
    text(16 * m_s, baseline, q(clockText(m_grid.phrases()[static_cast<std::size_t>(m_line.phrase)].start)),
         m_theme.numbers(12), m_c.ink2);
    text(m_rect.left() + 4 * m_s, baseline,
         QFontMetricsF(font).elidedText(foldInWords(*m_line.folded, m_scene.shown()), Qt::ElideRight,
                                        m_layout.width - m_rect.left() - 12 * m_s),
         font, m_c.ink);
}

void LinePainter::leftMargin() const {
    const CountPhrase& phrase = m_grid.phrases()[static_cast<std::size_t>(m_line.phrase)];
    const double left = 16 * m_s;
    if (m_line.set > 0) return eightMargin();
    if (m_line.lineOfPhrase > 0) {
        bracket(false);
        return;
    }
    if (m_line.linesOfPhrase > 1) bracket(true);
    const bool page = m_layout.magnification == Magnification::Page;
    const QFont name = m_theme.words(14, Weight::Heavy);
    const QString label = q(phrase.label);
    const double nameRoom = m_layout.left - left - 8 * m_s;
    double y = m_rect.top() + (page ? 14 : m_scene.content == StripContent::Listen ? 15 : 20) * m_s;
    text(left, y, QFontMetricsF(name).elidedText(label, Qt::ElideRight, nameRoom), name, m_c.ink);
    if (page) {
        text(left, y + 14 * m_s, q(clockText(phrase.start)), m_theme.numbers(11), m_c.ink2);
        text(m_layout.left - 8 * m_s, y + 14 * m_s, QString::number(phrase.counts), m_theme.numbers(11), m_c.ink2,
             Qt::AlignRight);
        return;
    }
    y += 16 * m_s;
    text(left, y, q(clockText(phrase.start)), m_theme.numbers(12), m_c.ink2);
    if (m_scene.content == StripContent::Listen) {
        const Phrase& bars = m_scene.document->map->phrases[static_cast<std::size_t>(m_line.phrase)];
        text(left, y + 15 * m_s,
             bars.bars == 1 ? Strips::tr("bar %1").arg(bars.firstBar + 1)
                            : Strips::tr("bars %1–%2").arg(bars.firstBar + 1).arg(bars.firstBar + bars.bars),
             m_theme.words(12), m_c.ink2);
        text(m_layout.left - 10 * m_s, y, QString::number(phrase.counts), m_theme.numbers(12), m_c.ink2,
             Qt::AlignRight);
        return;
    }
    const bool several = m_scene.document->routine.roles.size() > 1; // their names need the room
    text(left, y + 15 * m_s, several ? QString::number(phrase.counts) : q(inCounts(counts(phrase.counts))),
         several ? m_theme.numbers(12) : m_theme.words(12), m_c.ink2);
    for (std::size_t r = 0; r < m_scene.document->routine.roles.size(); ++r) {
        const QFont lane = m_theme.words(11, Weight::Medium);
        const double laneBase = m_lanesTop + (static_cast<double>(r) + 0.5) * m_layout.measures.lane * m_s + 4 * m_s;
        const QString role = q(m_scene.document->routine.roles[r].name);
        if (m_scene.document->routine.roles.size() > 1)
            text(m_layout.left - 6 * m_s, laneBase, QFontMetricsF(lane).elidedText(role, Qt::ElideRight, 52 * m_s),
                 lane, m_theme.role(static_cast<int>(r)), Qt::AlignRight);
    }
}

void LinePainter::eightMargin() const {
    const CountPhrase& phrase = m_grid.phrases()[static_cast<std::size_t>(m_line.phrase)];
    const double left = 16 * m_s;
    const double room = m_layout.left - left - 8 * m_s;
    double y = m_rect.top() + 12 * m_s;
    const QFont name = m_theme.words(13, Weight::Heavy);
    if (m_line.lineOfPhrase == 0)
        text(left, y, QFontMetricsF(name).elidedText(q(phrase.label), Qt::ElideRight, room), name, m_c.ink);
    y += 17 * m_s;
    text(left, y, q(numberedSet(m_line.counts, m_line.set)), m_theme.words(13, Weight::Bold), m_c.ink);
    if (const auto seconds = m_grid.secondsAt(m_from))
        text(m_layout.left - 8 * m_s, y, q(clockText(*seconds)), m_theme.numbers(11), m_c.ink2, Qt::AlignRight);
    const QFont lane = m_theme.words(12, Weight::Medium);
    for (std::size_t r = 0; r < m_scene.document->routine.roles.size(); ++r) {
        const double base = m_lanesTop + (static_cast<double>(r) + 0.5) * m_layout.measures.lane * m_s + 4 * m_s;
        text(m_layout.left - 8 * m_s, base,
             QFontMetricsF(lane).elidedText(q(m_scene.document->routine.roles[r].name), Qt::ElideRight, room), lane,
             m_theme.role(static_cast<int>(r)), Qt::AlignRight);
    }
    if (const auto index = passAt(danced(), m_from)) { // which counts of the pass these are
        const PassPerformance& pass = danced().passes[*index];
        const Tick from = std::max(m_from, pass.start);
        if (from < pass.end())
            text(left, m_rect.bottom() - 5 * m_s,
                 Strips::tr("pass %1, %2–%3")
                     .arg(pass.number)
                     .arg(q(toSpokenCount(from - pass.start + counts(1))),
                          q(toSpokenCount(std::min(m_to, pass.end()) - pass.start))),
                 m_theme.words(11), m_c.ink2);
    }
}

void LinePainter::bracket(bool first) const {
    const double px = m_layout.left - 5 * m_s;
    m_p.fillRect(QRectF(px, first ? m_rect.top() : m_rect.top() - m_layout.measures.gap * m_s, 1,
                        m_rect.height() + (first ? 0 : m_layout.measures.gap * m_s)),
                 m_c.ink3);
}

void LinePainter::rightMargin() const {
    const CountPhrase& phrase = m_grid.phrases()[static_cast<std::size_t>(m_line.phrase)];
    double left = m_rect.right() + 10 * m_s;
    const double middle = m_rect.top() + (m_layout.magnification == Magnification::Page ? 14 : 20) * m_s;
    const int more = phrase.counts - phrase.usualCounts;
    if (more != 0 && m_line.lineOfPhrase == m_line.linesOfPhrase - 1) {
        const QString words = (more > 0 ? QStringLiteral("+") : QStringLiteral("−")) + QString::number(std::abs(more));
        const QFont font = m_theme.numbers(15, true);
        const double wide = QFontMetricsF(font).horizontalAdvance(words);
        const double at = std::min(m_rect.right() + 7 * m_s, m_layout.width - wide - 4 * m_s);
        if (at < m_rect.right()) // a line as long as the page: over its end, not beyond it
            m_p.fillRect(QRectF(at - 3 * m_s, middle - 13 * m_s, wide + 6 * m_s, 17 * m_s), m_c.paper);
        text(at, middle + 1 * m_s, words, font, m_c.ink);
        left += wide + 6 * m_s;
    }
    double verdictAt = middle;
    if (m_line.set > 0 &&
        left >
            m_rect.right() + 10 * m_s) { // in Eight the margin is narrow: the verdict stands below the counts too many
        left = m_rect.right() + 10 * m_s;
        verdictAt += 20 * m_s;
    }
    if (m_scene.content == StripContent::Listen) {
        if (phrase.confirmed && m_line.lineOfPhrase == 0)
            verdictMark(LineVerdict::Kind::Lands, left, middle, Strips::tr("stated"), {});
        return;
    }
    const Landing& landing = m_scene.shown();
    const LineVerdict verdict = lineVerdict(m_line, landing);
    const double words = QFontMetricsF(m_theme.words(12, Weight::Bold)).horizontalAdvance(verdict.amount) + 17 * m_s;
    if (verdictAt == middle && left > m_rect.right() + 10 * m_s &&
        left + words > m_layout.width) { // no room beside the counts too many: below them
        left = m_rect.right() + 10 * m_s;
        verdictAt += 18 * m_s;
    }
    if (verdict.kind != LineVerdict::Kind::None)
        verdictMark(verdict.kind, left, verdictAt, verdict.amount, verdict.who);
    for (std::size_t f = 0; f < landing.findings.size(); ++f) {
        const Tick at = landing.findings[f].at;
        if (m_scene.preview || landing.findings[f].severity == Severity::Note || at < m_from || at >= m_to) continue;
        drawDiamond(m_p, x(at), m_rect.bottom() - 1, 8.5 * m_s, QString::number(f + 1), m_theme.numbers(10, true),
                    m_c.ink, m_c.onInk);
    }
}

void LinePainter::verdictMark(LineVerdict::Kind kind, double left, double middle, const QString& amount,
                              const QString& who) const {
    const double y = middle - 4.5 * m_s;
    m_p.setRenderHint(QPainter::Antialiasing, true);
    QPainterPath shape;
    const double r = 4.5 * m_s;
    if (kind == LineVerdict::Kind::Lands)
        shape.addRect(QRectF(left, y - r, 2 * r, 2 * r));
    else {
        const bool over = kind == LineVerdict::Kind::Over;
        shape.moveTo(over ? left : left + 2 * r, y - r - 1);
        shape.lineTo(over ? left + 2 * r : left, y);
        shape.lineTo(over ? left : left + 2 * r, y + r + 1);
        shape.closeSubpath();
    }
    m_p.fillPath(shape, m_c.ink);
    m_p.setRenderHint(QPainter::Antialiasing, false);
    text(left + 2 * r + 6 * m_s, middle, amount,
         m_theme.words(12, kind == LineVerdict::Kind::Lands ? Weight::Regular : Weight::Bold), m_c.ink);
    if (!who.isEmpty() && m_layout.magnification == Magnification::Strip)
        text(left + 2 * r + 6 * m_s, middle + 14 * m_s, who, m_theme.words(12), m_c.ink2);
}

/// "eight 1", "eight 2" … over the columns of a line.
void setNames(QPainter& painter, const StripLayout& layout, const StripScene& scene, const StripLine& line,
              double baseline) {
    painter.setFont(scene.theme->words(12));
    painter.setPen(scene.theme->colours().ink2);
    const CountGrid& grid = scene.shown().grid;
    const auto& sets = grid.sets();
    auto set = std::lower_bound(sets.begin(), sets.end(), line.firstCount,
                                [](const CountSet& s, int count) { return s.firstCount < count; });
    for (int number = 1; set != sets.end() && set->firstCount < line.firstCount + line.counts; ++set, ++number)
        painter.drawText(QPointF(layout.xOf(line, counts(set->firstCount)) + 3 * layout.scale, baseline),
                         q(numberedSet(grid.regularSet(), line.set > 0 ? line.set : number)));
}

} // namespace strips

QString foldInWords(const FoldedPhrases& fold, const Landing& landing) {
    const auto& phrases = landing.grid.phrases();
    const auto& passes = landing.performance.passes;
    const PassPerformance& first = passes[fold.firstPass];
    QStringList names; // each once
    for (int p = fold.first; p < fold.end; ++p)
        if (const QString name = q(phrases[static_cast<std::size_t>(p)].label); !names.contains(name)) names << name;
    const QString where =
        names.size() <= 3
            ? Strips::tr("in %1").arg(names.join(QStringLiteral(", ")))
            : Strips::tr("%1 to %2").arg(names.front(), q(phrases[static_cast<std::size_t>(fold.end - 1)].label));
    return Strips::tr("passes %1–%2 alike, %3 each, %4 · click or Enter unfolds them")
        .arg(QString::number(first.number), QString::number(passes[fold.lastPass].number), q(inCounts(first.counts)),
             where);
}

void paintHeading(QPainter& painter, const StripLayout& layout, const StripScene& scene, double top) {
    const double height = 22 * layout.scale;
    const auto seen = std::find_if(layout.lines.begin(), layout.lines.end(),
                                   [&](const StripLine& line) { return line.top + line.height > top + height; });
    if (seen == layout.lines.end() || layout.lines.front().top >= top + height) return;
    const Theme& theme = *scene.theme;
    painter.fillRect(QRectF(0, top, layout.width, height), theme.colours().paper);
    painter.fillRect(QRectF(0, top + height - 1, layout.width, 1), theme.colours().rule);
    const CountPhrase& phrase = scene.shown().grid.phrases()[static_cast<std::size_t>(seen->phrase)];
    const double baseline = top + 15 * layout.scale;
    const QFont font = theme.words(13, Weight::Heavy);
    painter.setFont(font);
    painter.setPen(theme.colours().ink);
    painter.drawText(QPointF(16 * layout.scale, baseline),
                     QFontMetricsF(font).elidedText(q(phrase.label), Qt::ElideRight, layout.left - 24 * layout.scale));
    if (!seen->folded) strips::setNames(painter, layout, scene, *seen, baseline);
}

LineVerdict lineVerdict(const StripLine& line, const Landing& landing) {
    LineVerdict verdict;
    for (const PassPerformance& pass : landing.performance.passes) {
        if (pass.start < counts(line.firstCount) || pass.start >= counts(line.firstCount + line.counts)) continue;
        const auto miss = phraseMiss(landing.grid, pass.start);
        if (!miss) continue;
        if (lands(landing.grid, pass)) {
            if (verdict.kind == LineVerdict::Kind::None) verdict = {LineVerdict::Kind::Lands, Strips::tr("lands"), {}};
            continue;
        }
        const bool over = *miss > Tick{};
        const QString amount = q(toSpokenCount(over ? *miss : -*miss));
        return {over ? LineVerdict::Kind::Over : LineVerdict::Kind::Short,
                over ? Strips::tr("%1 over").arg(amount) : Strips::tr("%1 short").arg(amount),
                Strips::tr("pass %1").arg(pass.number)};
    }
    return verdict;
}

void paintStrips(QPainter& painter, const StripLayout& layout, const StripScene& scene, const QRect& area) {
    painter.fillRect(area, scene.theme->colours().paper);
    for (const StripLine& line : layout.lines) {
        if (line.top > area.bottom()) break;
        if (line.top + line.height + layout.measures.gap * layout.scale < area.top()) continue;
        if (&line == &layout.lines.front() && !line.folded)
            strips::setNames(painter, layout, scene, line, line.top - 6 * layout.scale);
        strips::LinePainter(painter, layout, scene, line).paint();
    }
}

} // namespace lc::app
