#include "app/strips/line_painter.h"

#include "app/base/qtext.h"
#include "app/widgets/marks.h"

#include <algorithm>

namespace lc::app::strips {

void LinePainter::lanes() const {
    const Performance& dance = danced();
    for (std::size_t r = 0; r < dance.roles.size(); ++r) {
        const double top = m_lanesTop + static_cast<double>(r) * m_layout.measures.lane * m_s;
        const double middle = top + m_layout.measures.lane * m_s / 2;
        m_p.fillRect(QRectF(m_rect.left(), top, m_rect.width(), 1), m_c.faint);
        const QColor colour = m_theme.role(static_cast<int>(r));
        const auto& actions = dance.roles[r];
        auto action = std::lower_bound(actions.begin(), actions.end(), m_from - counts(1),
                                       [](const PerformedAction& a, Tick t) { return a.at < t; });
        if (m_layout.magnification == Magnification::Eight) {
            wordsOf(actions, r, top);
            continue;
        }
        if (action != actions.begin()) --action;
        for (; action != actions.end() && action->at < m_to; ++action) mark(*action, middle, colour, r == 0);
    }
}

void LinePainter::mark(const PerformedAction& action, double middle, const QColor& colour, bool firstRole) const {
    if (action.kind == ActionKind::Wait) { // a bar on each count it covers
        for (Tick at = action.at; at < action.at + action.length; at += counts(1))
            if (at >= m_from && at < m_to)
                m_scene.stamps->draw(m_p, centre(at), middle, action.kind, std::nullopt, false, 12 * m_s, colour);
        return;
    }
    if (action.at < m_from) return;
    const bool sub = !isWhole(action.at);
    m_scene.stamps->draw(m_p, centre(action.at), middle, action.kind, action.foot, sub, 12 * m_s, colour);
    if (firstRole && action.action && action.action->turn.value != 0 &&
        action.action->end() - action.action->at <= action.length)
        drawTurn(m_p, centre(action.at) + (besideNumber(action.at) ? (isTurnedRound(action.at) ? 24 : 4) * m_s : 0),
                 m_rulerTop + 7 * m_s, action.action->turn.value < 0, 5 * m_s, m_c.ink);
}

double LinePainter::centre(Tick at) const {
    const QRectF cell = m_layout.countRect(static_cast<int>(wholeCounts(at)));
    if (isWhole(at)) return cell.center().x() - (sharedCount(at) ? cell.width() / 4 : 0);
    return cell.center().x() + cell.width() / 4;
}

bool LinePainter::besideNumber(Tick at) const {
    const CountCell* cell = m_grid.cellAt(at);
    return cell && (cell->number == 1 || cell->barStart);
}

bool LinePainter::isTurnedRound(Tick at) const {
    const Landing& landing = m_scene.preview ? *m_scene.preview : *m_scene.landing;
    return std::any_of(landing.turned.begin(), landing.turned.end(),
                       [&](const TurnedSpan& span) { return span.from <= at && at < span.to; });
}

bool LinePainter::sharedCount(Tick at) const {
    for (const auto& actions : danced().roles) {
        auto next = std::upper_bound(actions.begin(), actions.end(), at,
                                     [](Tick t, const PerformedAction& a) { return t < a.at; });
        if (next != actions.end() && next->at < at + counts(1) && next->kind != ActionKind::Wait) return true;
    }
    return false;
}

namespace {

/// "side", "touch", "wait", or what the kind is called where no word is written.
QString wordOf(const PerformedAction& a) {
    QString word = a.action ? q(a.action->words) : QString();
    if (a.kind == ActionKind::NoWeight && a.action && a.action->kind == ActionKind::Step)
        word =
            word.isEmpty() ? Strips::tr("touch") : Strips::tr("%1, a touch").arg(word); // the last change of the pass
    if (!word.isEmpty()) return word;
    switch (a.kind) {
    case ActionKind::Wait: return Strips::tr("wait");
    case ActionKind::NoWeight: return Strips::tr("touch");
    case ActionKind::Hop: return Strips::tr("hop");
    case ActionKind::Jump: return Strips::tr("jump");
    case ActionKind::Free: return Strips::tr("free");
    case ActionKind::Untimed: return Strips::tr("not timed");
    case ActionKind::Gesture: return Strips::tr("gesture");
    case ActionKind::Step: return Strips::tr("step");
    }
    return word;
}

/// "L", "R, no weight", with the turn and the way it leaves the dancer facing.
QString footLine(const PerformedAction& a, Formation formation) {
    QStringList words;
    if (a.foot)
        words << (*a.foot == Foot::Left    ? Strips::tr("L")
                  : *a.foot == Foot::Right ? Strips::tr("R")
                                           : Strips::tr("both"));
    if (a.kind == ActionKind::NoWeight) words << Strips::tr("no weight");
    QString line = words.join(QStringLiteral(", "));
    if (a.action && a.action->turn.value != 0)
        line += (line.isEmpty() ? QString() : QStringLiteral(" ")) +
                Strips::tr("%1 faces %2").arg(q(turnSaid(a.action->turn)), q(facingSaid(formation, a.facingAfter)));
    if (a.action && a.action->orbit.value != 0)
        line += (line.isEmpty() ? QString() : QStringLiteral(" ")) +
                Strips::tr("round %1, %2").arg(q(turnSaid(a.action->orbit)), q(orbitSaid(a.orbitAfter)));
    return line;
}

/// As many letters as have room; a word cut short ends in a full stop, as on a hand-written sheet.
QString fitted(const QString& words, const QFontMetricsF& metrics, double room) {
    if (metrics.horizontalAdvance(words) <= room) return words;
    QString out = words;
    while (out.size() > 1 && metrics.horizontalAdvance(out + QLatin1Char('.')) > room) out.chop(1);
    return out.trimmed() + QLatin1Char('.');
}

} // namespace

void LinePainter::wordsOf(const std::vector<PerformedAction>& actions, std::size_t role, double top) const {
    const QColor colour = m_theme.role(static_cast<int>(role));
    const QFont bold = m_theme.words(13, Weight::Bold);
    const QFont plain = m_theme.words(13);
    const QFont small = m_theme.words(11);
    const QFont smallBold = m_theme.words(12, Weight::Bold);
    const QFontMetricsF smallBoldMetrics(smallBold), boldMetrics(bold), plainMetrics(plain), smallMetrics(small);
    const double middle = top + m_layout.measures.lane * m_s / 2;
    auto action = std::lower_bound(actions.begin(), actions.end(), m_from - counts(1),
                                   [](const PerformedAction& a, Tick t) { return a.at < t; });
    while (action != actions.begin() && std::prev(action)->at + std::prev(action)->length > m_from) --action;
    const auto danceNow = [&](const PerformedAction& a) { return a.at >= m_from && a.at < m_to; };
    for (; action != actions.end() && action->at < m_to; ++action) {
        if (action->kind == ActionKind::Wait) {
            for (Tick at = action->at; at < action->at + action->length; at += counts(1)) {
                if (at < m_from || at >= m_to) continue;
                const double px = x(at);
                m_scene.stamps->draw(m_p, px + 12 * m_s, middle, ActionKind::Wait, std::nullopt, false, 14 * m_s,
                                     colour);
                const double room = x(std::min(at + counts(1), action->at + action->length)) - px;
                if (room > 50 * m_s)
                    text(px + 24 * m_s, middle + 4 * m_s,
                         plainMetrics.elidedText(wordOf(*action), Qt::ElideRight, room - 28 * m_s), plain, m_c.ink2);
            }
            continue;
        }
        if (!danceNow(*action)) continue;
        const auto next = std::next(action);
        const Tick until = std::min(next == actions.end() ? action->at + action->length
                                                          : std::max(next->at, action->at + countFraction(1, 8)),
                                    m_to);
        const double px = x(action->at);
        const bool sub = !isWhole(action->at);
        const double mark = px + (sub ? 6 : 8) * m_s;
        const double word = px + (sub ? 12 : 17) * m_s;
        const double room = x(until) - word - 2 * m_s;
        m_scene.stamps->draw(m_p, mark, middle, action->kind, action->foot, sub, 14 * m_s, colour);
        if (room < 8 * m_s) continue;
        const bool narrow = room < 44 * m_s;
        text(word, middle - 2 * m_s, fitted(wordOf(*action), narrow ? smallBoldMetrics : boldMetrics, room),
             narrow ? smallBold : bold, m_c.ink);
        text(word, middle + 13 * m_s,
             fitted(footLine(*action, m_scene.document->routine.formation), smallMetrics, room), small,
             action->conflict ? m_c.ink : m_c.ink2);
        if (action->action && action->action->accent) { // ▼ over the count
            const double r = 4 * m_s;
            m_p.setRenderHint(QPainter::Antialiasing);
            m_p.setPen(Qt::NoPen);
            m_p.setBrush(m_c.ink);
            m_p.drawPolygon(QPolygonF{QPointF(px + 26 * m_s - r, m_lanesTop - 14 * m_s),
                                      QPointF(px + 26 * m_s + r, m_lanesTop - 14 * m_s),
                                      QPointF(px + 26 * m_s, m_lanesTop - 6 * m_s)});
            m_p.setBrush(Qt::NoBrush);
            m_p.setRenderHint(QPainter::Antialiasing, false);
        }
    }
}

void LinePainter::subBeats() const {
    std::vector<Tick> said;
    for (const auto& actions : danced().roles) {
        auto a = std::lower_bound(actions.begin(), actions.end(), m_from,
                                  [](const PerformedAction& p, Tick t) { return p.at < t; });
        for (; a != actions.end() && a->at < m_to; ++a) {
            if (isWhole(a->at) || !a->action || a->action->label.empty() ||
                std::find(said.begin(), said.end(), a->at) != said.end())
                continue;
            said.push_back(a->at);
            const QString label = q(a->action->label);
            if (label.size() <= 2) text(x(a->at) + 6 * m_s, m_lanesTop - 6 * m_s, label, m_theme.numbers(12), m_c.ink2);
        }
    }
}

void LinePainter::caretCell() const {
    if (!m_scene.focused || !m_scene.now || *m_scene.now < m_from || *m_scene.now >= m_to ||
        m_layout.measures.lanes == 0)
        return;
    const QRectF cell = m_layout.countRect(static_cast<int>(wholeCounts(*m_scene.now)));
    const double lane = m_layout.measures.lane * m_s;
    m_p.setPen(QPen(m_c.ink, 2));
    m_p.setBrush(Qt::NoBrush);
    m_p.drawRect(QRectF(cell.left(), m_lanesTop + m_scene.role * lane, cell.width(), lane).adjusted(1, 1, -1, -1));
}

} // namespace lc::app::strips
