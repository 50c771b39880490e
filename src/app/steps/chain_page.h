#pragma once

#include "app/base/theme.h"

#include <QWidget>

#include <vector>

class QLabel;
class QLineEdit;

namespace lc::app {

class FigureDesk;
class PlainTable;

/// Figures one after another: real length, feet, hold and facing at each joint.
class ChainPage : public QWidget {
    Q_OBJECT
public:
    ChainPage(FigureDesk& desk, const Theme& theme, QWidget* parent = nullptr);
    [[nodiscard]] QLineEdit* names() const { return m_names; }
    [[nodiscard]] PlainTable& table() const { return *m_table; }
    [[nodiscard]] QString says() const;
    void add(const QString& name);

private:
    void refresh();
    FigureDesk& m_desk;
    QLineEdit* m_names;
    QLabel* m_says;
    PlainTable* m_table;
};

} // namespace lc::app
