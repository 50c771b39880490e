#pragma once

#include "app/base/theme.h"
#include "core/figures/figure_card.h"

#include <QWidget>

#include <vector>

class QLabel;
class QPushButton;
class QSpinBox;

namespace lc::app {

class FigureDesk;
class PlainTable;

/// Entry, body and close of the figure, and the bodies that fit.
class FramePage : public QWidget {
    Q_OBJECT
public:
    FramePage(FigureDesk& desk, const Theme& theme, QWidget* parent = nullptr);
    [[nodiscard]] PlainTable& table() const { return *m_table; }
    [[nodiscard]] QSpinBox* entry() const { return m_entry; }
    [[nodiscard]] QSpinBox* close() const { return m_close; }
    void danceChosen(); ///< a new figure with the chosen body

protected:
    void showEvent(QShowEvent* event) override;

private:
    void refresh(); ///< while it is shown: it looks through the whole vocabulary
    FigureDesk& m_desk;
    QSpinBox* m_entry;
    QSpinBox* m_close;
    QLabel* m_says;
    PlainTable* m_table;
    QPushButton* m_make;
    std::vector<FigureCard> m_bodies;
    std::vector<bool> m_fits;
};

} // namespace lc::app
