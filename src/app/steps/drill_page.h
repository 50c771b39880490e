#pragma once

#include "app/base/theme.h"
#include "core/figures/drills.h"

#include <QWidget>

#include <vector>

class QComboBox;
class QLabel;
class QPushButton;
class QSpinBox;

namespace lc::app {

class FigureDesk;
class PlainTable;

/// Runs of repetitions: the figure and its versions, in sets of four, two and one, to both sides.
class DrillPage : public QWidget {
    Q_OBJECT
public:
    DrillPage(FigureDesk& desk, const Theme& theme, QWidget* parent = nullptr);
    [[nodiscard]] PlainTable& table() const { return *m_table; }
    [[nodiscard]] QString says() const;
    [[nodiscard]] const Drill& drill() const { return m_drill; }
    [[nodiscard]] const std::vector<DrillItem>& danced() const { return m_danced; } ///< what the drill is made of

Q_SIGNALS:
    void hearWanted(const lc::app::DrillPage& page);

private:
    void refresh();
    [[nodiscard]] std::vector<DrillItem> items() const;
    struct Item {
        QSpinBox* times;
        QComboBox* what;
    };
    FigureDesk& m_desk;
    std::vector<Item> m_items;
    QLabel* m_says;
    QPushButton* m_balance;
    QLabel* m_scaled;
    PlainTable* m_table;
    Drill m_drill;
    std::vector<DrillItem> m_danced;
    bool m_balanced = false;
    QString m_offered;
};

} // namespace lc::app
