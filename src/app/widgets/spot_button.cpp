#include "app/widgets/spot_button.h"

#include <QPainter>

namespace lc::app {

SpotButton::SpotButton(const QString& name, const QString& tip, const Theme& theme, QWidget* parent)
    : QAbstractButton(parent), m_theme(theme) {
    setAccessibleName(name);
    setToolTip(tip);
    setFocusPolicy(Qt::TabFocus);
}

void SpotButton::say(const QString& name, const QString& value) {
    if (name == accessibleName() && value == accessibleDescription()) return;
    setAccessibleName(name);
    setAccessibleDescription(value);
}

void SpotButton::paintEvent(QPaintEvent*) {
    if (!hasFocus()) return;
    QPainter p(this);
    const int line = m_theme.px(2);
    p.setPen(QPen(m_theme.colours().ink, line));
    p.drawRect(rect().adjusted(line, line, -line - 1, -line - 1));
    p.setPen(QPen(m_theme.colours().onInk, 1)); // seen on the black of what is pressed too
    p.drawRect(rect().adjusted(2 * line, 2 * line, -2 * line - 1, -2 * line - 1));
}

} // namespace lc::app
