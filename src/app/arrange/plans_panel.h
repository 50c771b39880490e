#pragma once

#include "app/arrange/proposals_page.h"
#include "app/base/worker.h"
#include "core/planning/plan_words.h"

#include <optional>
#include <vector>

class QComboBox;
class QPushButton;

namespace lc::app {

class PlanSettings;
class WhenShown;

/// "Make it land": the cheapest plans, each with what it changes, what it costs and what was proved, under costs and
/// leave that the person sets.
class PlansPanel : public ProposalsPage {
    Q_OBJECT
public:
    PlansPanel(Session& session, const Theme& theme, QWidget* parent = nullptr);
    /// The pass stays as it is, whatever is planned; again frees it.
    void keepPass(PassId pass);
    /// The pass stays as the chosen plan has it, and the rest is planned anew: plans are mixed so.
    void holdPass(PassId pass);
    /// The pass whose start lies nearest begins there; again frees it.
    void startAt(Tick at);
    void showSettings(bool shown);
    /// What plans may do and how bad it is, without what is said of single passes of this routine.
    [[nodiscard]] Result<RoutinePlanWishes> leave() const;
    [[nodiscard]] const RoutinePlans* plans() const { return m_plans ? &*m_plans : nullptr; }
    [[nodiscard]] QString says() const;

protected:
    [[nodiscard]] QString undoName() const override;
    void chose() override;

private:
    /// Everything that is shown of plans, worked out in the background.
    struct Laid {
        struct Row {
            Sentence title;
            Text price;
        };
        RoutinePlans plans;
        std::vector<Row> rows;               ///< of each plan
        Text reason;                         ///< why not all lands
        std::optional<std::int64_t> keeping; ///< price of what is kept
    };
    void refresh();
    static Result<Laid> lay(const Document& document, const Landing& landing, const RoutinePlanWishes& wishes,
                            const Task& task);
    void showLaid(Result<Laid> laid);
    void showPins();
    [[nodiscard]] Tick firstChange(const RoutinePlan& plan) const;
    [[nodiscard]] Result<RoutinePlanWishes> wishes() const;
    [[nodiscard]] QString numberOf(PassId pass) const;
    void pinPass(KeptPass pin);

    std::optional<RoutinePlans> m_plans;
    std::vector<KeptPass> m_kept;
    std::vector<WantedStart> m_starts;
    QString m_reason;                    ///< why not all lands
    std::optional<std::int64_t> m_price; ///< of what is kept
    Worker m_planner;
    WhenShown* m_upToDate;
    QComboBox* m_preset;
    QPushButton* m_shown;
    PlanSettings* m_settings;
    QWidget* m_pins;
    QPushButton *m_hold, *m_start;
};

} // namespace lc::app
