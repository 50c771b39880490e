#pragma once

#include "app/base/theme.h"
#include "app/widgets/readable.h"
#include "core/figures/version_bench.h"

#include <QScrollArea>
#include <QWidget>

class QComboBox;
class QLabel;
class QPushButton;
class QSpinBox;

namespace lc::app {

class FigureDesk;

/// The versions side by side, painted: counts, feet, which counts are stepped, and what is left.
class VersionCells : public QWidget, public Readable {
    Q_OBJECT
public:
    VersionCells(const Theme& theme, QWidget* parent = nullptr);
    void show(Bench bench, std::int64_t set);
    [[nodiscard]] const Bench& bench() const { return m_bench; }
    [[nodiscard]] int chosen() const { return m_chosen; }
    void choose(int index);
    [[nodiscard]] QRect cell(int index) const;
    [[nodiscard]] std::vector<ReadablePiece> pieces() const override;
    [[nodiscard]] int chosenPiece() const override { return m_chosen; }

Q_SIGNALS:
    void chosenChanged();
    void wanted(); ///< Enter or a double click

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    void paintCell(QPainter& p, int index) const;
    [[nodiscard]] int perRow() const;
    void fit();
    const Theme& m_theme;
    Bench m_bench;
    std::int64_t m_set = 8;
    int m_chosen = -1;
};

/// The bench of versions: what is changed, the versions, and what to do with the chosen one.
class VersionsPage : public QWidget {
    Q_OBJECT
public:
    VersionsPage(FigureDesk& desk, const Theme& theme, QWidget* parent = nullptr);
    void show(BenchKind kind, int times = 1);
    [[nodiscard]] VersionCells& cells() const { return *m_cells; }
    [[nodiscard]] QString heading() const;
    void keepChosen(); ///< binds it to the figure
    void makeItTheFigure();
    void asNewFigure();

Q_SIGNALS:
    void hearWanted(const lc::FigureReading& reading, lc::Tick musicStart);

private:
    void refresh();
    void showMeets();
    [[nodiscard]] const BenchVersion* chosen() const;

    FigureDesk& m_desk;
    const Theme& m_theme;
    QComboBox* m_kind;
    QSpinBox* m_times;
    QLabel* m_heading;
    VersionCells* m_cells;
    QScrollArea* m_scroll;
    QPushButton* m_hear;
    QPushButton* m_keep;
    QPushButton* m_make;
    QPushButton* m_new;
    QComboBox* m_wanted;
    QSpinBox* m_moment;
    QLabel* m_meets;
};

} // namespace lc::app
