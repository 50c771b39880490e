#pragma once

#include <QPointer>
#include <QScrollArea>

namespace lc::app {

/// As tall as what it holds, up to `most` pixels: beyond that it is scrolled. What has the keyboard is kept in view.
/// For things laid out in rows as wide as the window, of which there may be many.
class BoundedScroll : public QScrollArea {
    Q_OBJECT
public:
    BoundedScroll(QWidget* content, int most, QWidget* parent);
    void bringIntoView(QWidget* widget); ///< and keeps it there, until the person scrolls

protected:
    void resizeEvent(QResizeEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void fit();
    void keepInView();

    int m_most;
    QPointer<QWidget> m_kept; ///< in view, until the person scrolls
};

} // namespace lc::app
