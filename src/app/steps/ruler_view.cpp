#include "app/steps/ruler_view.h"

#include "app/base/figure_desk.h"
#include "app/base/qtext.h"
#include "app/widgets/marks.h"
#include "core/notation/mirror.h"
#include "core/notation/notation_print.h"
#include "core/notation/step_words.h"

#include <QHelpEvent>
#include <QPainter>
#include <QToolTip>

namespace lc::app {

namespace {

/// What stands beside a mark: the words, else what kind of thing it is.
QString wordsOf(const Action& action) {
    if (action.kind == ActionKind::Wait)
        return action.words.empty() || action.words == "wait" ? QString() : q(action.words);
    return q(action.words);
}

QString everythingSaid(const RoleReading& role, std::size_t i, const CountTempo& tempo) {
    const Action& a = role.line.actions[i];
    QStringList all;
    all << (a.words.empty() ? (a.kind == ActionKind::Wait ? QObject::tr("wait") : QObject::tr("step")) : q(a.words));
    if (role.feet[i].foot)
        all << (*role.feet[i].foot == Foot::Left    ? QObject::tr("left foot")
                : *role.feet[i].foot == Foot::Right ? QObject::tr("right foot")
                                                    : QObject::tr("both feet"));
    if (a.kind == ActionKind::NoWeight) all << QObject::tr("no weight");
    if (a.turn.value != 0)
        all << QObject::tr("turn %1, done at the end of %2").arg(q(turnSaid(a.turn)), q(toSpokenCount(a.turnEnd())));
    if (!a.toward.empty()) all << QObject::tr("towards %1").arg(q(a.toward));
    if (!a.couple.empty()) all << q(toString(a.couple));
    if (!a.beside.empty()) all << QObject::tr("beside the feet: %1").arg(q(a.beside));
    if (!a.cue.empty()) all << QObject::tr("called: “%1”").arg(q(a.cue));
    if (a.accent) all << QObject::tr("accent");
    all << QObject::tr("%1, %L2 s")
               .arg(q(inCounts(a.length)))
               .arg(tempo.seconds(a.end()) - tempo.seconds(a.at), 0, 'f', 2);
    return all.join(QStringLiteral(", "));
}
} // namespace

RulerView::RulerView(FigureDesk& desk, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_desk(desk), m_theme(theme) {
    setAccessibleName(tr("Picture of the figure"));
    setMouseTracking(true);
    connect(&desk, &FigureDesk::cardChanged, this, &RulerView::layOut);
    layOut();
}

void RulerView::setBesideShown(bool shown) {
    m_beside = shown;
    update();
}

void RulerView::layOut() {
    m_reading = m_desk.reading();
    if (m_desk.mirrored()) {
        std::vector<FigureLine> lines;
        for (const RoleReading& role : m_reading.roles)
            lines.push_back(
                {role.role, role.line.error ? role.text : printNotation(mirrored(role.line), m_reading.choices)});
        m_reading = readFigureLines(lines, m_reading.choices,
                                    m_reading.roles.empty() ? Foot::Left : otherFoot(m_reading.roles.front().freeIn));
    }
    RulerMeasures measures;
    measures.width = std::max(width(), m_theme.px(420));
    measures.names = m_theme.px(70);
    measures.rulerHeight = m_theme.px(26);
    measures.fractionHeight = m_theme.px(14);
    measures.laneHeight = m_theme.px(m_reading.roles.size() > 2 ? 28 : 36);
    measures.footHeight = m_theme.px(22);
    measures.gap = m_theme.px(8);
    measures.perLine = m_desk.set() <= 12 ? m_desk.set() : 8;
    measures.weights = m_desk.countWeights();
    m_layout = layOutRuler(m_reading, m_desk.card().claimed, m_desk.sayAs(), m_desk.musicStart(), m_desk.set(),
                           m_desk.secondsPerCount(), measures);
    setMinimumHeight(static_cast<int>(m_layout.height) + 2);
    setAccessibleDescription(inWords());
    update();
}

void RulerView::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    layOut();
}

QString RulerView::inWords() const {
    QStringList all;
    for (const ReadablePiece& piece : pieces()) all << piece.text;
    return all.join(QLatin1Char('\n'));
}

std::vector<ReadablePiece> RulerView::pieces() const {
    std::vector<ReadablePiece> all;
    for (const RoleReading& role : m_reading.roles) {
        QStringList steps;
        for (std::size_t i = 0; i < role.line.actions.size(); ++i)
            steps << tr("%1: %2").arg(q(role.line.actions[i].label.empty()
                                            ? toSpokenCount(role.line.actions[i].at + counts(1))
                                            : role.line.actions[i].label),
                                      everythingSaid(role, i, m_desk.tempo()));
        all.push_back({q(role.role) + QStringLiteral(". ") + steps.join(QStringLiteral("; ")), rect()});
    }
    return all;
}

void RulerView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    const Palette& c = m_theme.colours();
    const auto px = [this](int n) { return m_theme.px(n); };
    const double above = px(26) + (m_layout.fractions ? px(14) : 0);
    const double lane = m_layout.lines.empty()
                            ? px(36)
                            : (m_layout.lines[0].area.height() - above - px(22)) /
                                  static_cast<double>(std::max<std::size_t>(1, m_reading.roles.size()));
    for (const RulerLine& line : m_layout.lines) {
        p.fillRect(line.area, c.sheet);
        const double shownTo =
            rulerX(m_layout, line,
                   std::clamp(std::max(m_reading.length, m_desk.card().claimed.value_or(Tick{})), line.from, line.to));
        p.fillRect(
            QRectF(QPointF(shownTo, line.area.top() + above), QPointF(line.area.right(), line.area.bottom() - px(22))),
            c.well); // counts left over
        for (std::size_t r = 0; r <= m_reading.roles.size(); ++r)
            p.fillRect(
                QRectF(line.area.left(), line.area.top() + above + lane * static_cast<double>(r), line.area.width(), 1),
                c.faint);
        for (std::size_t r = 0; r < m_reading.roles.size(); ++r) {
            p.setFont(m_theme.words(11, Weight::Medium));
            p.setPen(m_theme.role(static_cast<int>(r)));
            p.drawText(QRectF(0, line.area.top() + above + lane * static_cast<double>(r), px(64), lane),
                       Qt::AlignVCenter | Qt::AlignLeft, q(m_reading.roles[r].role));
        }
        // The ribbon under what is built; a carried figure runs to the edge.
        const double end = rulerX(m_layout, line, std::clamp(m_reading.length, line.from, line.to));
        const double from = rulerX(m_layout, line, std::max(line.from, Tick{}));
        p.fillRect(QRectF(from + 1, line.area.bottom() - px(20), std::max(0.0, end - from - 3), px(3)), c.ink);
        p.setFont(m_theme.words(11));
        p.setPen(c.ink3);
        p.drawText(QRectF(0, line.area.bottom() - px(16), px(66), px(15)), Qt::AlignVCenter | Qt::AlignLeft,
                   tr("changes"));
    }
    for (const RulerNumber& number : m_layout.numbers) {
        if (number.fraction.isEmpty()) {
            p.fillRect(QRectF(number.cell.left(), number.cell.top(), 1,
                              number.strong
                                  ? number.cell.height() + lane * static_cast<double>(m_reading.roles.size()) +
                                        (m_layout.fractions ? px(14) : 0)
                                  : px(6)),
                       number.strong ? c.rule : c.ink3);
            p.setFont(m_theme.numbers(number.strong ? 18 : 14, number.strong));
            p.setPen(number.spoken ? c.ink : c.ink3);
            p.drawText(number.cell.adjusted(px(7), 0, 0, 0), Qt::AlignVCenter | Qt::AlignLeft, number.text);
            continue;
        }
        p.fillRect(QRectF(number.cell.left(), number.cell.top(), 1, px(4)), c.ink3);
        p.setFont(m_theme.numbers(14));
        p.setPen(c.ink2);
        p.drawText(number.cell.adjusted(px(3), 0, px(20), 0), Qt::AlignVCenter | Qt::AlignLeft, number.text);
        p.setFont(m_theme.words(11));
        p.setPen(c.ink3);
        const bool alone =
            std::none_of(m_layout.numbers.begin(), m_layout.numbers.end(), [&](const RulerNumber& other) {
                return &other != &number && !other.fraction.isEmpty() && other.cell.top() == number.cell.top() &&
                       std::abs(other.cell.left() - number.cell.left()) < px(62);
            });
        if (alone)
            p.drawText(QRectF(number.cell.left() - px(17), number.cell.bottom() - px(2), px(100), px(14)),
                       Qt::AlignVCenter | Qt::AlignLeft, number.fraction + QStringLiteral("  ") + number.milliseconds);
        else
            p.drawText(QRectF(number.cell.left() + px(3), number.cell.bottom() - px(2), px(40), px(14)),
                       Qt::AlignVCenter | Qt::AlignLeft, number.fraction);
    }
    // What runs on, of the first role: the weight changes so far, and the facing where it changes.
    int changes = 0;
    Eighths facing;
    for (const RulerMark& mark : m_layout.marks) {
        if (mark.role != 0) continue;
        const Action& action = m_reading.roles[0].line.actions[mark.action];
        facing += action.turn;
        const double y = m_layout.lines[0].area.height() - px(16);
        const auto line = std::find_if(m_layout.lines.begin(), m_layout.lines.end(),
                                       [&](const RulerLine& l) { return action.at >= l.from && action.at < l.to; });
        if (action.changesWeight()) {
            p.setFont(m_theme.numbers(11));
            p.setPen(c.ink3);
            p.drawText(
                QRectF(mark.cell.left() + px(mark.cell.width() < px(55) ? 5 : 9), line->area.top() + y, px(24), px(15)),
                Qt::AlignVCenter | Qt::AlignLeft, QString::number(++changes));
        }
        if (action.turn.value != 0) {
            const double left = mark.cell.left() + px(mark.cell.width() < px(55) ? 18 : 38); // before the next mark
            drawDial(p, left, line->area.top() + y + px(7), facing, px(5), c.ink2);
            p.setFont(m_theme.numbers(11));
            p.setPen(c.ink2);
            p.drawText(QRectF(left + px(mark.cell.width() < px(55) ? 6 : 8), line->area.top() + y, px(40), px(15)),
                       Qt::AlignVCenter | Qt::AlignLeft, q(toClock(facing)));
        }
    }
    for (const RulerMark& mark : m_layout.marks) {
        const RoleReading& role = m_reading.roles[mark.role];
        const Action& action = role.line.actions[mark.action];
        const QColor colour = m_theme.role(static_cast<int>(mark.role));
        const bool narrow = mark.cell.width() < px(55) && !action.isRun(); // the words stand under the mark
        const double y = mark.cell.center().y() - (narrow ? px(5) : 0);
        const double x = mark.cell.left() + (narrow ? px(9) : px(14));
        const double height = narrow ? px(15) : px(20);
        if (action.isRun()) { // steps of one's own, or without times: a dashed line over all its counts
            QPen pen(colour, 2);
            pen.setDashPattern({4, 3});
            p.setPen(pen);
            p.drawLine(QPointF(mark.cell.left() + px(7), y + px(9)), QPointF(mark.cell.right() - px(7), y + px(9)));
        } else if (action.kind == ActionKind::Wait && mark.cell.width() >= px(18)) {
            drawMark(p, x, y, action.kind, std::nullopt, false, height, colour);
        } else if (action.kind != ActionKind::Wait) {
            drawMark(p, x, y, action.kind, role.feet[mark.action].foot, mark.subBeat, height, colour);
        }
        if (role.feet[mark.action].conflict) { // the foot that carries the weight
            QPen pen(c.ink, 1.5);
            pen.setDashPattern({3, 2});
            p.setPen(pen);
            p.setBrush(Qt::NoBrush);
            p.drawRect(QRectF(mark.cell.left() + px(2), y - px(14), px(24), px(28)));
        }
        double textLeft = mark.cell.left() + px(action.isRun() ? 7 : narrow ? 18 : 29);
        if (action.turn.value != 0) {
            drawTurn(p, textLeft + px(5), y - px(narrow ? 0 : 8), action.turn.value < 0, px(5), c.ink);
            p.setFont(m_theme.words(11, Weight::Semibold));
            p.setPen(c.ink);
            if (!narrow)
                p.drawText(QRectF(textLeft + px(13), y - px(17), px(50), px(14)), Qt::AlignVCenter | Qt::AlignLeft,
                           q(turnSaid(action.turn)));
        }
        if (action.accent) {
            p.setBrush(c.ink);
            p.setPen(Qt::NoPen);
            const double top = mark.cell.top() - px(7);
            p.drawPolygon(QPolygonF{QPointF(x - px(5), top), QPointF(x + px(5), top), QPointF(x, top + px(7))});
        }
        QString words = wordsOf(action);
        if (m_beside && !action.beside.empty()) words += QStringLiteral(" + ") + q(action.beside);
        if (!action.couple.empty()) words += QStringLiteral(" [") + q(toString(action.couple)) + QStringLiteral("]");
        if (words.isEmpty()) continue;
        p.setFont(m_theme.words(narrow ? 11 : 13, Weight::Medium));
        p.setPen(c.ink);
        if (narrow) {
            p.drawText(QRectF(mark.cell.left() + px(2), mark.cell.bottom() - px(15), mark.cell.width() - 1, px(14)),
                       Qt::AlignVCenter | Qt::AlignLeft,
                       p.fontMetrics().elidedText(words, Qt::ElideRight, static_cast<int>(mark.cell.width())));
            continue;
        }
        double room = mark.cell.right() - textLeft - px(2);
        if (room < px(14)) continue;
        if (action.turn.value == 0 &&
            p.fontMetrics().horizontalAdvance(words) > room) { // two lines, where the words can be parted
            p.setFont(m_theme.words(11, Weight::Medium));
            p.drawText(QRectF(textLeft, mark.cell.top() + px(2), room, mark.cell.height() - px(4)),
                       Qt::AlignVCenter | Qt::AlignLeft | Qt::TextWordWrap, words);
        } else {
            const double wordsTop = action.turn.value != 0 ? y - px(4) : y - px(9);
            p.drawText(QRectF(textLeft, wordsTop, room, px(18)), Qt::AlignVCenter | Qt::AlignLeft,
                       p.fontMetrics().elidedText(words, Qt::ElideRight, static_cast<int>(room)));
        }
    }
    for (const QRectF& area : m_layout.missing) {
        QPen pen(c.ink, 2);
        pen.setDashPattern({2.5, 1.5});
        p.setPen(pen);
        p.setBrush(c.sheet);
        p.drawRect(area);
        p.setFont(m_theme.words(12));
        p.drawText(area, Qt::AlignCenter | Qt::TextWordWrap, tr("said, not written yet"));
    }
    for (const auto& [area, met] : m_layout.meets) {
        p.setPen(QPen(c.ink, 1.5));
        p.setBrush(met ? QBrush(c.ink) : QBrush(c.sheet));
        p.drawRect(area);
    }
}

bool RulerView::event(QEvent* event) {
    if (event->type() != QEvent::ToolTip) return QWidget::event(event);
    const auto* help = static_cast<QHelpEvent*>(event);
    for (const RulerNumber& number : m_layout.numbers)
        if (!number.fraction.isEmpty() &&
            QRectF(number.cell.topLeft(), QSizeF(m_theme.px(20), number.cell.height() + m_theme.px(14)))
                .contains(help->pos())) {
            QToolTip::showText(help->globalPos(),
                               number.text + QStringLiteral(": ") + number.fraction + QStringLiteral(", ") +
                                   number.milliseconds,
                               this);
            return true;
        }
    for (const RulerMark& mark : m_layout.marks)
        if (mark.cell.contains(help->pos())) {
            QToolTip::showText(help->globalPos(),
                               everythingSaid(m_reading.roles[mark.role], mark.action, m_desk.tempo()), this);
            return true;
        }
    QToolTip::hideText();
    return true;
}

} // namespace lc::app
