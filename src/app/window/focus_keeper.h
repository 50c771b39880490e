#pragma once

#include <QObject>
#include <QPointer>
#include <QRect>
#include <QWidget>

#include <vector>

namespace lc::app {

/// When what has the keyboard vanishes (a proposal that was applied, a row that was deleted), the keyboard goes to what
/// stands in its place or follows there, not to the other end of the window as Qt has it. Lives with its window.
class FocusKeeper : public QObject {
    Q_OBJECT
public:
    explicit FocusKeeper(QWidget& window);

private:
    void focusChanged(QWidget* old, QWidget* now);
    void settle();

    QWidget& m_window;
    // Of what had the keyboard before it vanished:
    QPointer<QWidget> m_had;
    std::vector<QPointer<QWidget>> m_around; ///< what it stood in, the innermost first
    QRect m_place;                           ///< on the screen
    QPointer<QWidget> m_given;               ///< what Qt gave the keyboard to
    bool m_vanished = false;
};

} // namespace lc::app
