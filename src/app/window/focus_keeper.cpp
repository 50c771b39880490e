#include "app/window/focus_keeper.h"

#include <QApplication>
#include <QTimer>

#include <algorithm>

namespace lc::app {

namespace {

/// What Tab comes to inside, as the eye goes.
std::vector<QWidget*> stopsIn(const QWidget& around) {
    std::vector<QWidget*> all;
    for (QWidget* widget : around.findChildren<QWidget*>())
        if (widget->isVisible() && widget->isEnabled() && (widget->focusPolicy() & Qt::TabFocus) &&
            widget->window() == around.window())
            all.push_back(widget);
    const auto place = [](const QWidget* widget) {
        const QPoint at = widget->mapToGlobal(QPoint());
        return std::pair(at.y(), at.x());
    };
    std::sort(all.begin(), all.end(), [&](const QWidget* a, const QWidget* b) { return place(a) < place(b); });
    return all;
}

} // namespace

FocusKeeper::FocusKeeper(QWidget& window) : QObject(&window), m_window(window) {
    connect(qApp, &QApplication::focusChanged, this, &FocusKeeper::focusChanged);
}

void FocusKeeper::focusChanged(QWidget* old, QWidget* now) {
    const bool gone = old && (!now || !old->isVisible() || !old->isEnabled());
    if (!m_vanished && m_had && old == m_had && gone) {
        m_vanished = true;
        m_given = now;
        QTimer::singleShot(0, this, &FocusKeeper::settle);
        return;
    }
    if (m_vanished || !now || now->window() != &m_window) return;
    m_had = now;
    m_place = QRect(now->mapToGlobal(QPoint()), now->size());
    m_around.clear();
    for (QWidget* up = now->parentWidget(); up && up != &m_window; up = up->parentWidget()) m_around.emplace_back(up);
}

void FocusKeeper::settle() {
    m_vanished = false;
    if (!m_window.isActiveWindow()) return; // the keyboard is elsewhere and comes back by itself
    if (m_had && m_had->isVisible() && m_had->isEnabled())
        return; // it is still there: somebody took the keyboard off it
    QWidget* now = QApplication::focusWidget();
    const bool chosen = now && now != m_given; // somebody knew better where it belongs
    for (const QPointer<QWidget>& around : m_around) {
        if (chosen || !around || !around->isVisible()) continue;
        const auto stops = stopsIn(*around);
        if (stops.empty()) continue;
        if (now && around->isAncestorOf(now)) break;
        const auto follows = std::find_if(stops.begin(), stops.end(), [this](const QWidget* stop) {
            return stop->mapToGlobal(QPoint()).y() + stop->height() > m_place.top();
        });
        (follows == stops.end() ? stops.back() : *follows)->setFocus(Qt::OtherFocusReason);
        return;
    }
    if (now) focusChanged(nullptr, now);
}

} // namespace lc::app
