#pragma once

#include "app/base/stage.h"
#include "app/base/theme.h"
#include "app/widgets/spot_button.h"

#include <QWidget>

#include <vector>

namespace lc::app {

/// The narrow rail at the left: stages with their state, and the legend of the step marks.
class Rail : public QWidget {
    Q_OBJECT
public:
    /// `stages` in the order of the work; they outlive the rail.
    Rail(std::vector<Stage*> stages, const Theme& theme, QWidget* parent = nullptr);
    void setStage(const Stage& stage);
    void setLegendShown(bool shown);
    [[nodiscard]] bool legendShown() const { return m_legend; }

Q_SIGNALS:
    void stageChosen(lc::app::Stage* stage);

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    struct Entry {
        Stage* stage;
        QRect area;
    };
    [[nodiscard]] std::vector<Entry> entries() const;
    void tellStates();
    void paintState(QPainter& painter, const Entry& entry) const;
    void paintLegend(QPainter& painter) const;

    std::vector<Stage*> m_stages;
    const Theme& m_theme;
    const Stage* m_stage = nullptr;
    std::vector<LegendLine> m_lines; ///< of its legend
    bool m_legend = true;
    std::vector<SpotButton*> m_buttons; ///< of the stages, over what is painted
    SpotButton* m_legendButton = nullptr;
};

} // namespace lc::app
