#pragma once

#include "app/arrange/proposals_page.h"
#include "app/base/worker.h"
#include "core/planning/phrase_fill.h"

#include <memory>
#include <optional>
#include <vector>

class QCheckBox;
class QComboBox;
class QLineEdit;
class QPushButton;
class QSpinBox;

namespace lc::app {

class FigureDesk;
class PartEditor;
class WhenShown;
struct ShownFigure;

/// "Fill the phrase": every way to go on from the end of the chosen part with figures at hand, so that it fills so many
/// counts and feet, holds and turn come out as wanted.
class FillPanel : public ProposalsPage {
    Q_OBJECT
public:
    FillPanel(Session& session, FigureDesk& desk, PartEditor& editor, const Theme& theme, QWidget* parent = nullptr);
    void begin() override;
    void apply() override; ///< and closes: the next phrase is another question
    [[nodiscard]] const PhraseFills* fills() const { return m_fills ? &*m_fills : nullptr; }
    [[nodiscard]] QString says() const;

protected:
    [[nodiscard]] QString undoName() const override;
    [[nodiscard]] QString noteOf(std::size_t index) const override; ///< where the 1s fall

private:
    void refresh();
    void showFills(Result<PhraseFills> fills);
    void offer(); ///< counts to the end of the phrase, and what figures have as levels
    [[nodiscard]] Proposal proposalOf(const PhraseFill& fill) const;
    [[nodiscard]] Tick set() const;
    [[nodiscard]] Result<PhraseFillAsked> asked();

    FigureDesk& m_desk;
    PartEditor& m_editor;
    WhenShown* m_upToDate;
    QSpinBox *m_counts, *m_times;
    QComboBox *m_leave, *m_turn, *m_level;
    QLineEdit* m_lengths;
    QCheckBox *m_twice, *m_own;
    QPushButton* m_options;
    Worker m_worker;
    std::vector<std::shared_ptr<const FigureReading>> m_readings;
    std::vector<PhraseFigure> m_figures;
    std::vector<FigureToPlace> m_places; ///< of each of m_figures
    std::optional<PhraseFills> m_fills;
    Tick m_from; ///< where the filling begins, from the part's count 1
};

} // namespace lc::app
