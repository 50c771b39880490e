#pragma once

#include "app/base/theme.h"
#include "app/widgets/quiet_view.h"

#include <QTableWidget>

namespace lc::app {

/// Rows under ruled heads, without cells to be filled in: one row is chosen at a time, and a row may be greyed with a
/// reason.
class PlainTable : public QuietView<QTableWidget> {
    Q_OBJECT
public:
    PlainTable(const QStringList& heads, const Theme& theme, QWidget* parent = nullptr);
    void clearRows() { setRowCount(0); }
    void addRow(const QStringList& cells, bool grey = false);
    /// All cells, for tests and for people who do not see them.
    [[nodiscard]] QStringList rowText(int row) const;

protected:
    /// With a gap behind each column.
    [[nodiscard]] int sizeHintForColumn(int column) const override {
        return QTableWidget::sizeHintForColumn(column) + m_theme.px(12);
    }

private:
    const Theme& m_theme;
};

} // namespace lc::app
