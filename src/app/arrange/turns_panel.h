#pragma once

#include "app/arrange/proposals_page.h"
#include "app/base/worker.h"
#include "core/planning/turn_mends.h"

#include <vector>

class QComboBox;
class QSpinBox;

namespace lc::app {

class WhenShown;

/// "When to put it right": a stretch in which the dance is turned round, put right at once, within some sets, or left
/// until the music undoes it.
class TurnsPanel : public ProposalsPage {
    Q_OBJECT
public:
    TurnsPanel(Session& session, const Theme& theme, QWidget* parent = nullptr);
    void begin() override; ///< with the stretch at the caret, or the first
    [[nodiscard]] const std::vector<TurnMend>& mends() const { return m_mends; }

protected:
    [[nodiscard]] QString undoName() const override;

private:
    void refresh();
    void showMends(std::vector<TurnMend> mends);

    Worker m_worker;
    WhenShown* m_upToDate;
    QComboBox* m_span;
    QSpinBox* m_sets;
    std::vector<TurnMend> m_mends;
};

} // namespace lc::app
