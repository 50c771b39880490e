#pragma once

#include <QEvent>
#include <QWidget>

#include <functional>

namespace lc::app {

/// Work that brings a widget up to date, done when it is asked for while the widget can be seen, and otherwise once
/// when it is shown next.
class WhenShown : public QObject {
public:
    WhenShown(QWidget* widget, std::function<void()> work)
        : QObject(widget), m_widget(widget), m_work(std::move(work)) {
        widget->installEventFilter(this);
    }
    void ask() {
        m_wanted = !m_widget->isVisible();
        if (!m_wanted) m_work();
    }

    /// Does what is still to be done, before what it brings is used without being seen.
    void finish() {
        if (!m_wanted) return;
        m_wanted = false;
        m_work();
    }

protected:
    bool eventFilter(QObject* watched, QEvent* event) override {
        if (watched == m_widget && event->type() == QEvent::Show) finish();
        return false;
    }

private:
    QWidget* m_widget;
    std::function<void()> m_work;
    bool m_wanted = false;
};

} // namespace lc::app
