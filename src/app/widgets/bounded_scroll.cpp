#include "app/widgets/bounded_scroll.h"

#include <QApplication>
#include <QEvent>
#include <QLayout>
#include <QScrollBar>
#include <QTimer>

#include <algorithm>

namespace lc::app {

BoundedScroll::BoundedScroll(QWidget* content, int most, QWidget* parent) : QScrollArea(parent), m_most(most) {
    setFrameShape(QFrame::NoFrame);
    setWidgetResizable(true);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setFocusPolicy(Qt::NoFocus); // what it holds has the keyboard
    setWidget(content);
    content->installEventFilter(this);
    connect(verticalScrollBar(), &QScrollBar::actionTriggered, this, [this] { m_kept = nullptr; }); // by the person
    connect(qApp, &QApplication::focusChanged, this, [this](QWidget*, QWidget* now) {
        if (now && widget() && widget()->isAncestorOf(now)) bringIntoView(now);
    });
}

void BoundedScroll::bringIntoView(QWidget* shown) {
    m_kept = shown;
    QTimer::singleShot(0, this, &BoundedScroll::keepInView);
}

void BoundedScroll::keepInView() {
    if (m_kept && widget() && widget()->isAncestorOf(m_kept))
        ensureWidgetVisible(m_kept, 0, 10); // of a field Qt takes the cursor alone
}

void BoundedScroll::fit() {
    const QLayout* layout = widget() ? widget()->layout() : nullptr;
    if (!layout) return;
    setFixedHeight(
        std::min(std::max(layout->totalHeightForWidth(width()), layout->totalMinimumSize().height()), m_most));
}

void BoundedScroll::resizeEvent(QResizeEvent* event) {
    QScrollArea::resizeEvent(event);
    fit();
}

bool BoundedScroll::eventFilter(QObject* watched, QEvent* event) {
    if (watched != widget()) return QScrollArea::eventFilter(watched, event);
    if (event->type() == QEvent::LayoutRequest) fit();
    if (m_kept && (event->type() == QEvent::LayoutRequest || event->type() == QEvent::Resize))
        QTimer::singleShot(0, this, &BoundedScroll::keepInView); // rows come or go
    return QScrollArea::eventFilter(watched, event);
}

} // namespace lc::app
