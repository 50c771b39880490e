#pragma once

#include "app/base/theme.h"
#include "app/base/worker.h"
#include "core/planning/phrase_fill.h"

#include <QWidget>

#include <memory>
#include <optional>
#include <vector>

class QCheckBox;
class QComboBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QSpinBox;

namespace lc::app {

class FigureDesk;
class PartEditor;
class PlainTable;
class Session;
class WhenShown;
struct ShownFigure;

/// "Fill the phrase": every way to go on from the end of the chosen part with figures at hand, so that it fills so many
/// counts and feet, holds and turn come out as wanted.
class FillPanel : public QWidget {
    Q_OBJECT
public:
    FillPanel(Session& session, FigureDesk& desk, PartEditor& editor, const Theme& theme, QWidget* parent = nullptr);
    void begin();
    void applyChosen(); ///< the figures of the chosen row behind the part; one undo step
    [[nodiscard]] const PhraseFills* fills() const { return m_fills ? &*m_fills : nullptr; }
    [[nodiscard]] PlainTable& table() const { return *m_table; }
    [[nodiscard]] QString says() const;

private:
    void refresh();
    void showFills(Result<PhraseFills> fills);
    void offer();    ///< counts to the end of the phrase, and what figures have as levels
    void showOnes(); ///< where the 1s fall in the chosen row
    [[nodiscard]] Result<PhraseFillAsked> asked();

    Session& m_session;
    FigureDesk& m_desk;
    PartEditor& m_editor;
    WhenShown* m_upToDate;
    QSpinBox *m_counts, *m_times;
    QComboBox *m_leave, *m_turn, *m_level;
    QLineEdit* m_lengths;
    QCheckBox *m_twice, *m_own;
    QLabel *m_says, *m_ones;
    PlainTable* m_table;
    QPushButton* m_apply;
    Worker m_worker;
    std::vector<std::shared_ptr<const FigureReading>> m_readings;
    std::vector<PhraseFigure> m_figures;
    std::vector<const ShownFigure*> m_shown; ///< of each of m_figures
    std::optional<PhraseFills> m_fills;
    Tick m_from; ///< where the filling begins, from the part's count 1
};

} // namespace lc::app
