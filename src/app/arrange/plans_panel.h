#pragma once

#include "app/shell/theme.h"
#include "core/planning/plan_words.h"

#include <QWidget>

#include <optional>
#include <vector>

class QComboBox;
class QHBoxLayout;
class QLabel;
class QLineEdit;
class QPushButton;
class QScrollArea;
class QSpinBox;

namespace lc::app {

class Session;
class WhenShown;

/// "Make it land": the cheapest plans as a stack of miniature pages, each with what it changes, what it costs and what was proved, under costs and leave that the person sets.
class PlansPanel : public QWidget {
    Q_OBJECT
public:
    PlansPanel(Session& session, const Theme& theme, QWidget* parent = nullptr);
    void begin();
    void choosePlan(std::size_t rank);
    void previewChosen(); ///< on the strips; again takes it off
    void applyChosen();   ///< one undo step
    /// The pass keeps the restart and tag that it has; again frees it.
    void keepPass(PassId pass);
    [[nodiscard]] const RoutinePlans* plans() const { return m_plans ? &*m_plans : nullptr; }
    [[nodiscard]] bool previewing() const; ///< the chosen plan is seen on the strips
    [[nodiscard]] QString says() const;

Q_SIGNALS:
    void placeWanted(lc::Tick at);

private:
    void refresh();
    [[nodiscard]] QString titleOfChosen() const;
    void showPreset(int index);
    void showCosts(const RoutinePlanWishes& wishes);
    [[nodiscard]] Result<RoutinePlanWishes> wishes() const;
    QSpinBox* costField(const QString& name, const QString& tip, const char* object, QHBoxLayout* row);

    Session& m_session;
    const Theme& m_theme;
    std::optional<RoutinePlans> m_plans;
    std::size_t m_chosen = 0;
    std::vector<PassId> m_kept;
    WhenShown* m_upToDate;
    QComboBox* m_preset;
    QSpinBox *m_miss, *m_restart, *m_tag, *m_kind;
    QLineEdit* m_tags;
    QPushButton* m_cuts;
    QLabel* m_says;
    QScrollArea* m_scroll;
    QPushButton *m_preview, *m_apply;
};

} // namespace lc::app
