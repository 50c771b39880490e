#pragma once

#include "app/base/theme.h"
#include "app/base/worker.h"
#include "core/planning/turn_mends.h"

#include <QWidget>

#include <vector>

class QComboBox;
class QLabel;
class QPushButton;
class QSpinBox;

namespace lc::app {

class ProposalRow;
class Session;
class WhenShown;

/// "When to put it right": a stretch in which the dance is turned round, put right at once, within some sets, or left
/// until the music undoes it.
class TurnsPanel : public QWidget {
    Q_OBJECT
public:
    TurnsPanel(Session& session, const Theme& theme, QWidget* parent = nullptr);
    void begin(); ///< with the stretch at the caret, or the first
    void previewChosen();
    void applyChosen();
    [[nodiscard]] bool previewing() const;
    [[nodiscard]] const std::vector<TurnMend>& mends() const { return m_mends; }

Q_SIGNALS:
    void placeWanted(lc::Tick at);

private:
    struct Tried {
        TurnMend mend;
        Landing then;
    };
    void refresh();
    void showTried(std::vector<Tried> tried);
    void choose(std::size_t index);
    [[nodiscard]] QString titleOfChosen() const;

    Session& m_session;
    Worker m_worker;
    WhenShown* m_upToDate;
    QComboBox* m_span;
    QSpinBox* m_sets;
    QLabel* m_says;
    ProposalRow* m_row;
    QPushButton *m_preview, *m_apply;
    std::vector<TurnMend> m_mends;
};

} // namespace lc::app
