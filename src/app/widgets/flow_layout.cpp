#include "app/widgets/flow_layout.h"

#include <QWidget>

#include <algorithm>
#include <utility>

namespace lc::app {

FlowLayout::FlowLayout(int spacing, QWidget* parent) : QLayout(parent), m_spacing(spacing) {
    setContentsMargins(0, 0, 0, 0);
}

FlowLayout::~FlowLayout() {
    while (QLayoutItem* item = takeAt(0)) delete item;
}

void FlowLayout::addItem(QLayoutItem* item) { m_items.append(item); }

QLayoutItem* FlowLayout::takeAt(int index) {
    return index >= 0 && index < m_items.size() ? m_items.takeAt(index) : nullptr;
}

void FlowLayout::setGeometry(const QRect& rect) {
    QLayout::setGeometry(rect);
    arrange(rect.marginsRemoved(contentsMargins()), true);
}

int FlowLayout::heightForWidth(int width) const {
    const QMargins around = contentsMargins();
    return arrange(QRect(0, 0, width - around.left() - around.right(), 0), false) + around.top() + around.bottom();
}

QSize FlowLayout::sizeHint() const {
    QSize size(wholeWidth(), 0);
    for (const QLayoutItem* item : m_items)
        if (!item->isEmpty()) size.rheight() = std::max(size.height(), item->sizeHint().height());
    return size.grownBy(contentsMargins());
}

QSize FlowLayout::minimumSize() const {
    QSize size;
    for (const QLayoutItem* item : m_items) size = size.expandedTo(item->minimumSize());
    return size.grownBy(contentsMargins());
}

int FlowLayout::wholeWidth() const {
    int width = 0;
    for (const QLayoutItem* item : m_items)
        if (!item->isEmpty()) width += (width > 0 ? m_spacing : 0) + item->sizeHint().width();
    return width;
}

int FlowLayout::arrange(const QRect& rect, bool place) const {
    QList<std::pair<QLayoutItem*, QRect>> line; // those of one line; they are centred in it
    int y = rect.y(), x = rect.x(), tall = 0;
    const int spare = rect.width() - wholeWidth();
    const auto finish = [&] {
        for (const auto& [item, at] : std::as_const(line))
            if (place) item->setGeometry(at.translated(0, (tall - at.height()) / 2));
        line.clear();
    };
    for (int i = 0; i < m_items.size(); ++i) {
        QLayoutItem* item = m_items[i];
        if (i == m_atEnd && spare > 0 && m_grows < 0) x += spare;
        if (item->isEmpty()) continue; // hidden
        QSize size = item->sizeHint();
        if (i == m_grows && spare > 0) size.rwidth() += spare;
        if (x > rect.x() && x + size.width() > rect.right() + 1) {
            finish();
            x = rect.x();
            y += tall + m_spacing;
            tall = 0;
        }
        line.append({item, QRect(QPoint(x, y), size)});
        x += size.width() + m_spacing;
        tall = std::max(tall, size.height());
    }
    finish();
    return y + tall - rect.y();
}

} // namespace lc::app
