#pragma once

#include "app/base/theme.h"
#include "core/figures/fillers.h"

#include <QWidget>

#include <vector>

class QComboBox;
class QLabel;
class QPushButton;
class QSpinBox;

namespace lc::app {

class FigureDesk;
class PlainTable;

/// Fillers for what is left of the set behind the figure, back to the foot that it begins with.
class FillersPage : public QWidget {
    Q_OBJECT
public:
    FillersPage(FigureDesk& desk, const Theme& theme, QWidget* parent = nullptr);
    [[nodiscard]] PlainTable& table() const { return *m_table; }
    void addChosen(); ///< writes the filler behind the figure

protected:
    void showEvent(QShowEvent* event) override;

private:
    void refresh(); ///< while it is shown: it looks through the whole vocabulary
    FigureDesk& m_desk;
    QSpinBox* m_counts;
    QComboBox* m_leave;
    QComboBox* m_to; ///< the next 1, or the count on which the figure began
    QLabel* m_says;
    PlainTable* m_table;
    QPushButton* m_add;
    std::vector<FillerPiece> m_pieces;
    Fillers m_fillers;
    bool m_ownCounts = false; ///< the person set the counts
};

} // namespace lc::app
