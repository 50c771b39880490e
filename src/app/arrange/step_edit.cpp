#include "app/arrange/step_edit.h"

#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/strips/strips_view.h"

#include <QKeyEvent>

namespace lc::app {

StepEdit::StepEdit(Session& session, StripsView& strips, const Theme& theme)
    : QLineEdit(strips.viewport()), m_session(session), m_strips(strips) {
    setObjectName(QStringLiteral("stepEdit"));
    setAccessibleName(tr("The step at the caret, as its line says it"));
    setFont(theme.words(14, Weight::Semibold));
    hide();
}

void StepEdit::openAt(Tick at, std::size_t role) {
    const Performance& performance = m_session.doc.landing().performance;
    const auto index = passAt(performance, at);
    const auto no = [this](const QString& why) { Q_EMIT m_session.messages.told(why); };
    if (!index || role >= performance.roles.size())
        return no(tr("No step is danced there. Put the caret on a count of a pass."));
    const PassPerformance& pass = performance.passes[*index];
    const FigureSpan* span = figureAt(performance, pass, at);
    if (!span || !span->figure.valid()) return no(tr("Everyone waits there; there is no line to change."));
    if (span->mirrored || span->exchanged || !span->version.empty() || !span->bars.none())
        return no(tr(
            "This figure is danced in another way here. Change its line in Steps, or choose it in the chain of its part."));
    const PerformedAction* found = nullptr;
    for (std::size_t i = pass.roles[role].firstAction; i < pass.roles[role].endAction; ++i) {
        const PerformedAction& a = performance.roles[role][i];
        if (a.action && a.at < at + counts(1) && a.at + a.length > at && (!found || a.at <= at)) found = &a;
    }
    if (!found || found->action->finish <= found->action->begin)
        return no(tr("Nothing is written for this count. Type it in the line of the figure (Ctrl+E)."));
    const Figure* figure = findFigure(m_session.doc.document().routine, span->figure);
    m_figure = span->figure;
    m_role = m_session.doc.document().routine.roles[role].id;
    m_begin = found->action->begin;
    m_end = found->action->finish;
    const std::string line = lineText(*figure, m_role);
    if (m_end > line.size()) return;
    m_before = q(line.substr(m_begin, m_end - m_begin));
    setText(m_before);
    const QRectF cell = m_strips.layoutOfStrips().countRect(static_cast<int>(wholeCounts(found->at)));
    const StripMeasures& m = m_strips.layoutOfStrips().measures;
    const double scale = m_strips.layoutOfStrips().scale;
    const QPointF origin = m_strips.viewportPoint(
        {cell.left(), cell.top() + (m.loudness + m.ruler + static_cast<double>(role) * m.lane) * scale});
    const int wide = std::max(static_cast<int>(cell.width()), fontMetrics().horizontalAdvance(m_before) + 60);
    setGeometry(std::min(static_cast<int>(origin.x()), m_strips.viewport()->width() - wide - 4),
                static_cast<int>(origin.y()), wide, sizeHint().height());
    show();
    raise();
    setFocus(Qt::ShortcutFocusReason);
    selectAll();
}

void StepEdit::finish() {
    const QString typed = text().trimmed();
    hide();
    m_strips.setFocus(Qt::OtherFocusReason);
    if (typed == m_before) return;
    const Figure* figure = findFigure(m_session.doc.document().routine, m_figure);
    if (!figure) return;
    std::string line = lineText(*figure, m_role);
    line.replace(m_begin, m_end - m_begin, typed.toStdString());
    m_session.doc.edit(SetFigureLine{m_figure, m_role, line});
    m_session.doc.closeTyping();
}

void StepEdit::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) return finish();
    if (event->key() == Qt::Key_Escape) {
        setText(m_before);
        return finish();
    }
    QLineEdit::keyPressEvent(event);
}

void StepEdit::focusOutEvent(QFocusEvent* event) {
    QLineEdit::focusOutEvent(event);
    if (isVisible() && event->reason() != Qt::PopupFocusReason) finish();
}

} // namespace lc::app
