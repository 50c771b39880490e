#pragma once

#include "app/base/theme.h"

#include <QWidget>

#include <functional>
#include <vector>

namespace lc::app {

class Session;

/// The stages that exist, in the order of the work; their keys are kept when others come between them.
enum class Stage { Listen = 1, Steps = 2, Arrange = 3, Sheets = 6 };

/// The narrow rail at the left: stages with their state, and the legend of the step marks.
class Rail : public QWidget {
    Q_OBJECT
public:
    Rail(Session& session, const Theme& theme, QWidget* parent = nullptr);
    void setStage(Stage stage);
    void setLegendShown(bool shown);
    [[nodiscard]] bool legendShown() const { return m_legend; }

Q_SIGNALS:
    void stageChosen(lc::app::Stage stage);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    bool event(QEvent* event) override;

private:
    struct Entry { Stage stage; QString name; QRect area; };
    void lookAtFigures(); ///< once for each change of the routine, not while painting
    [[nodiscard]] std::vector<Entry> entries() const;
    void paintState(QPainter& painter, const Entry& entry) const;
    void paintLegend(QPainter& painter) const;

    Session& m_session;
    const Theme& m_theme;
    Stage m_stage = Stage::Listen;
    bool m_legend = true;
    int m_figures = 0;
    int m_figuresToMend = 0;
};

} // namespace lc::app
