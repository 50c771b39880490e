#pragma once

#include "app/base/theme.h"

#include <QAbstractButton>

namespace lc::app {

/// A button over a place that the widget under it paints: it has the name, the keys and the tip of a button, and shows
/// nothing of itself but where the keyboard is. The mouse presses it without taking the keyboard from where one types.
class SpotButton : public QAbstractButton {
    Q_OBJECT
public:
    SpotButton(const QString& name, const QString& tip, const Theme& theme, QWidget* parent);
    /// What it would say at this moment: "Pause" in place of "Play", a value.
    void say(const QString& name, const QString& value = {});

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    const Theme& m_theme;
};

} // namespace lc::app
