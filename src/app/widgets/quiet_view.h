#pragma once

#include <QAbstractItemView>

namespace lc::app {

/// A list or table of Qt's that tells a screen reader of its current row only while it has the keyboard. Qt's own tell
/// at every change, also of one that merely follows the caret, and the reader then says a row instead of the count.
template <typename View>
class QuietView : public View {
public:
    using View::View;

protected:
    void currentChanged(const QModelIndex& current, const QModelIndex& previous) override {
        if (this->hasFocus())
            View::currentChanged(current, previous);
        else
            QAbstractItemView::currentChanged(current, previous);
    }
};

} // namespace lc::app
