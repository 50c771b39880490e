#pragma once

#include "app/base/theme.h"
#include "app/base/worker.h"
#include "core/planning/plan_words.h"

#include <QWidget>

#include <optional>
#include <vector>

class QComboBox;
class QLabel;
class QPushButton;
class QScrollArea;

namespace lc::app {

class PlanSettings;
class ProposalRow;
class Session;
class WhenShown;

/// "Make it land": the cheapest plans as a stack of miniature pages, each with what it changes, what it costs and what
/// was proved, under costs and leave that the person sets.
class PlansPanel : public QWidget {
    Q_OBJECT
public:
    PlansPanel(Session& session, const Theme& theme, QWidget* parent = nullptr);
    void begin();
    void choosePlan(std::size_t rank);
    void previewChosen(); ///< on the strips; again takes it off
    void applyChosen();   ///< one undo step
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
    [[nodiscard]] bool previewing() const; ///< the chosen plan is seen on the strips
    [[nodiscard]] QString says() const;

Q_SIGNALS:
    void placeWanted(lc::Tick at);

private:
    /// Everything that is shown of plans, worked out in the background.
    struct Laid {
        struct Row {
            Sentence title;
            Text price;
            Landing then;
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
    [[nodiscard]] QString titleOfChosen() const;
    [[nodiscard]] Result<RoutinePlanWishes> wishes() const;
    [[nodiscard]] QString numberOf(PassId pass) const;
    void pinPass(KeptPass pin);

    Session& m_session;
    const Theme& m_theme;
    std::optional<RoutinePlans> m_plans;
    std::size_t m_chosen = 0;
    std::vector<KeptPass> m_kept;
    std::vector<WantedStart> m_starts;
    QString m_reason;                    ///< why not all lands
    std::optional<std::int64_t> m_price; ///< of what is kept
    Worker m_planner;
    WhenShown* m_upToDate;
    QComboBox* m_preset;
    QPushButton* m_shown;
    PlanSettings* m_settings;
    QScrollArea* m_settingsScroll;
    QWidget* m_pins;
    QLabel* m_says;
    ProposalRow* m_row;
    QPushButton *m_hold, *m_start, *m_preview, *m_apply;
};

} // namespace lc::app
