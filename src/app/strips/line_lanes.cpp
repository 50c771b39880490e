#include "app/strips/line_painter.h"

#include "app/base/qtext.h"
#include "app/widgets/marks.h"
#include "core/notation/step_words.h"

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
    const Landing& landing = m_scene.shown();
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
QString footLine(const PerformedAction& a, Formation formation, bool weight) {
    QStringList words;
    if (a.foot)
        words << (*a.foot == Foot::Left    ? Strips::tr("L")
                  : *a.foot == Foot::Right ? Strips::tr("R")
                                           : Strips::tr("both"));
    if (weight && a.kind == ActionKind::NoWeight) words << Strips::tr("no weight");
    QString line = words.join(QStringLiteral(", "));
    if (a.action && a.action->turn.value != 0)
        line += (line.isEmpty() ? QString() : QStringLiteral(" ")) +
                Strips::tr("%1 faces %2").arg(q(turnSaid(a.action->turn)), q(facingSaid(formation, a.facingAfter)));
    if (a.action && a.action->orbit.value != 0)
        line += (line.isEmpty() ? QString() : QStringLiteral(" ")) +
                Strips::tr("round %1, %2").arg(q(turnSaid(a.action->orbit)), q(orbitSaid(a.orbitAfter)));
    return line;
}

/// Where a mark, a word and what is said of a foot stand in a lane, in pixels from its top.
struct Rows {
    double mark, word, foot;
};

/// A word as it is written where there is this much room: whole, smaller, or as a hand-written sheet says it. Nothing
/// where none of them has room: the mark is read alone, and no word is cut.
struct FittedWord {
    QString text;
    QFont font;
};
FittedWord fitted(const QString& word, const Theme& theme, double room) {
    const QFont large = theme.words(13, Weight::Bold), small = theme.words(12, Weight::Bold);
    const QString brief = q(briefWords(word.toStdString()));
    for (const auto& [text, font] : {std::pair{word, large}, {word, small}, {brief, large}, {brief, small}})
        if (QFontMetricsF(font).horizontalAdvance(text) <= room) return {text, font};
    return {{}, small};
}

} // namespace

/// Words stand beside their marks. Where one of the line has no room before the next, those between the counts stand
/// a row lower, between the words of the counts and what is said of their feet.
void LinePainter::wordsOf(const std::vector<PerformedAction>& actions, std::size_t role, double top) const {
    const QColor colour = m_theme.role(static_cast<int>(role));
    const QFont plain = m_theme.words(13);
    const QFont small = m_theme.words(11);
    const QFontMetricsF plainMetrics(plain), smallMetrics(small), boldMetrics(m_theme.words(13, Weight::Bold));
    const double middle = top + m_layout.measures.lane * m_s / 2;
    auto first = std::lower_bound(actions.begin(), actions.end(), m_from - counts(1),
                                  [](const PerformedAction& a, Tick t) { return a.at < t; });
    while (first != actions.begin() && std::prev(first)->at + std::prev(first)->length > m_from) --first;
    const auto danceNow = [&](const PerformedAction& a) {
        return a.kind != ActionKind::Wait && a.at >= m_from && a.at < m_to;
    };
    const auto left = [&](const PerformedAction& a) { return x(a.at) + (isWhole(a.at) ? 17 : 12) * m_s; };
    // Room until the next action that `stands` there.
    const auto roomFor = [&](auto action, auto stands) {
        auto next = std::next(action);
        while (next != actions.end() && !stands(*next)) ++next;
        const Tick until = std::min(next == actions.end() ? action->at + action->length
                                                          : std::max(next->at, action->at + countFraction(1, 8)),
                                    m_to);
        return x(until) - left(*action) - 2 * m_s;
    };
    const auto any = [](const PerformedAction&) { return true; };
    bool crowded = false;
    for (auto action = first; action != actions.end() && action->at < m_to; ++action)
        crowded =
            crowded || (danceNow(*action) && boldMetrics.horizontalAdvance(wordOf(*action)) > roomFor(action, any));
    for (auto action = first; action != actions.end() && action->at < m_to; ++action) {
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
        const double px = x(action->at);
        const bool sub = !isWhole(action->at);
        const double word = left(*action);
        const Rows rows = !crowded ? Rows{23, 21, 36} : sub ? Rows{25, 29, 29} : Rows{11, 14, 42};
        m_scene.stamps->draw(m_p, px + (sub ? 6 : 8) * m_s, top + rows.mark * m_s, action->kind, action->foot, sub,
                             14 * m_s, colour);
        const double room = !crowded
                                ? roomFor(action, any)
                                : roomFor(action, [sub](const PerformedAction& a) { return isWhole(a.at) != sub; });
        const FittedWord shown = fitted(wordOf(*action), m_theme, room);
        text(word, top + rows.word * m_s, shown.text, shown.font, m_c.ink);
        const double beside = crowded && sub ? QFontMetricsF(shown.font).horizontalAdvance(shown.text) + 4 * m_s : 0;
        const double footRoom = room - beside;
        QString foot = footLine(*action, m_scene.document->routine.formation, true);
        if (smallMetrics.horizontalAdvance(foot) > footRoom) // the mark is open: it says so too
            foot = footLine(*action, m_scene.document->routine.formation, false);
        if (!sub || !crowded || smallMetrics.horizontalAdvance(foot) <= footRoom)
            text(word + beside, top + rows.foot * m_s, smallMetrics.elidedText(foot, Qt::ElideRight, footRoom), small,
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
