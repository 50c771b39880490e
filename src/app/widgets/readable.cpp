#include "app/widgets/readable.h"

#include <QAccessible>
#include <QAccessibleWidget>
#include <QTimer>

namespace lc::app {

namespace {

/// The widget as a list of its pieces, told anew each time: what is painted changes and nobody says so.
class ReadableAccessible : public QAccessibleWidget {
public:
    ReadableAccessible(QWidget* widget, const Readable& readable)
        : QAccessibleWidget(widget, QAccessible::List), m_readable(readable) {}
    ~ReadableAccessible() override {
        for (const QAccessible::Id id : m_ids) QAccessible::deleteAccessibleInterface(id);
    }
    int childCount() const override { return static_cast<int>(m_readable.pieces().size()); }
    QAccessibleInterface* child(int index) const override;
    int indexOfChild(const QAccessibleInterface* child) const override {
        for (std::size_t i = 0; i < m_ids.size(); ++i)
            if (QAccessible::accessibleInterface(m_ids[i]) == child) return static_cast<int>(i);
        return -1;
    }
    QAccessibleInterface* childAt(int x, int y) const override {
        const QPoint at = widget()->mapFromGlobal(QPoint(x, y));
        const auto pieces = m_readable.pieces();
        for (std::size_t i = 0; i < pieces.size(); ++i)
            if (pieces[i].area.contains(at)) return child(static_cast<int>(i));
        return nullptr;
    }
    QAccessibleInterface* focusChild() const override {
        return widget()->hasFocus() ? child(m_readable.chosenPiece()) : nullptr;
    }
    const Readable& readable() const { return m_readable; }
    const QWidget& painted() const { return *widget(); }

private:
    const Readable& m_readable;
    mutable std::vector<QAccessible::Id> m_ids;
};

class PieceOfWidget : public QAccessibleInterface {
public:
    PieceOfWidget(ReadableAccessible* all, int index) : m_all(all), m_index(index) {}
    bool isValid() const override { return m_index < m_all->childCount(); }
    QObject* object() const override { return nullptr; }
    QWindow* window() const override { return m_all->window(); }
    QAccessibleInterface* parent() const override { return m_all; }
    int childCount() const override { return 0; }
    int indexOfChild(const QAccessibleInterface*) const override { return -1; }
    QAccessibleInterface* child(int) const override { return nullptr; }
    QAccessibleInterface* childAt(int, int) const override { return nullptr; }
    QRect rect() const override {
        const ReadablePiece it = piece();
        return {m_all->painted().mapToGlobal(it.area.topLeft()), it.area.size()};
    }
    QString text(QAccessible::Text kind) const override { return kind == QAccessible::Name ? piece().text : QString(); }
    void setText(QAccessible::Text, const QString&) override {}
    QAccessible::Role role() const override { return piece().role; }
    QAccessible::State state() const override {
        QAccessible::State s;
        s.readOnly = true;
        s.focusable = s.selectable = m_all->readable().chosenPiece() >= 0;
        s.selected = m_all->readable().chosenPiece() == m_index;
        s.focused = s.selected && m_all->painted().hasFocus();
        return s;
    }

private:
    ReadablePiece piece() const {
        const auto all = m_all->readable().pieces();
        return static_cast<std::size_t>(m_index) < all.size() ? all[static_cast<std::size_t>(m_index)]
                                                              : ReadablePiece{};
    }
    ReadableAccessible* m_all;
    int m_index;
};

QAccessibleInterface* ReadableAccessible::child(int index) const {
    if (index < 0 || index >= childCount()) return nullptr;
    while (m_ids.size() <= static_cast<std::size_t>(index))
        m_ids.push_back(QAccessible::registerAccessibleInterface(
            new PieceOfWidget(const_cast<ReadableAccessible*>(this), static_cast<int>(m_ids.size()))));
    return QAccessible::accessibleInterface(m_ids[static_cast<std::size_t>(index)]);
}

/// Qt 6.4 has no event for an announcement; screen readers read a notification that appears.
class AnnouncerAccessible : public QAccessibleWidget {
public:
    explicit AnnouncerAccessible(Announcer* announcer)
        : QAccessibleWidget(announcer, QAccessible::Notification), m_announcer(announcer) {}
    QString text(QAccessible::Text kind) const override {
        return kind == QAccessible::Name ? m_announcer->lastSaid() : QString();
    }

private:
    Announcer* m_announcer;
};

} // namespace

QAccessibleInterface* readableInterface(QWidget* widget) {
    if (auto* announcer = qobject_cast<Announcer*>(widget)) return new AnnouncerAccessible(announcer);
    if (const auto* readable = dynamic_cast<const Readable*>(widget)) return new ReadableAccessible(widget, *readable);
    return nullptr;
}

void tellPieceInFocus(QWidget& widget) {
    if (!QAccessible::isActive()) return;
    QTimer::singleShot(0, &widget, [&widget] { // after Qt has said that the widget itself has the keyboard
        if (!widget.hasFocus()) return;
        QAccessibleInterface* all = QAccessible::queryAccessibleInterface(&widget);
        QAccessibleInterface* piece = all ? all->focusChild() : nullptr;
        if (!piece) return;
        QAccessibleEvent event(piece, QAccessible::Focus);
        QAccessible::updateAccessibility(&event);
    });
}

Announcer::Announcer(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("announcer"));
    setFixedSize(0, 0);
}

void Announcer::say(const QString& sentence) {
    m_said = sentence;
    if (sentence.isEmpty()) return;
    QAccessibleEvent event(this, QAccessible::ObjectShow);
    QAccessible::updateAccessibility(&event);
}

} // namespace lc::app
