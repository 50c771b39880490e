#pragma once

#include "core/base/tick.h"

#include <QWidget>

namespace lc::app {

/// Something that is asked for and closed again: proposals in the right column, or a table in the middle, in the place
/// of the strips.
class AskedFor : public QWidget {
    Q_OBJECT
public:
    using QWidget::QWidget;
    virtual void begin() = 0; ///< it is shown, and has the keyboard
    virtual void apply() = 0; ///< does what is chosen in it

Q_SIGNALS:
    void closed();
    void placeWanted(lc::Tick at); ///< the strips are to show it
};

} // namespace lc::app
