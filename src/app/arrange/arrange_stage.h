#pragma once

#include "app/base/theme.h"
#include "core/base/tick.h"
#include "core/routine/exceptions.h"

#include <QWidget>

#include <functional>
#include <optional>

class QLabel;
class QSplitter;

namespace lc {
struct PassPerformance;
}

namespace lc::app {

class FigureDesk;
class FigureList;
class FillPanel;
class FindingsColumn;
class HandoutPanel;
class MendPanel;
class PartEditor;
class PassList;
class PassPanel;
class PlansPanel;
class RankPanel;
class SongTrialPanel;
class StepEdit;
class Session;
class StripsView;
class TempoPanel;
class TurnsPanel;

/// The routine on the song: parts and order at the top, the strips, the list of passes, and the findings at the right.
class ArrangeStage : public QWidget {
    Q_OBJECT
public:
    ArrangeStage(Session& session, FigureDesk& desk, const Theme& theme, QWidget* parent = nullptr);
    [[nodiscard]] StripsView& strips() { return *m_strips; }
    [[nodiscard]] PassList& passes() { return *m_passes; }
    [[nodiscard]] FindingsColumn& findings() { return *m_findings; }
    [[nodiscard]] PartEditor& editor() { return *m_editor; }
    [[nodiscard]] PassPanel& passPanel() { return *m_passPanel; }
    [[nodiscard]] SongTrialPanel& songTrial() { return *m_songTrial; }
    void setFindingsFolded(bool folded); ///< with the panel of the pass
    [[nodiscard]] bool findingsFolded() const;
    void setVocabularyShown(bool shown);
    [[nodiscard]] bool vocabularyShown() const;
    void showPlans(); ///< proposals that make the routine land
    void showFill();  ///< ways to fill the phrase behind the chosen part
    [[nodiscard]] FillPanel& fill() const { return *m_fill; }
    void showSongTrial();
    void showTurns(); ///< when to put right what is turned round
    [[nodiscard]] TurnsPanel& turns() const { return *m_turns; }
    void showRanking(); ///< which song for this dance, which dance for this song
    [[nodiscard]] RankPanel& ranking() const { return *m_ranking; }
    void showMends(); ///< cuts and repeats of the music on which the dance lands
    [[nodiscard]] MendPanel& musicMends() const { return *m_mends; }
    void showHandout(); ///< the hand-out, line by line
    [[nodiscard]] HandoutPanel& handout() const { return *m_handout; }
    void showTempi(); ///< tempi usual for dance families
    [[nodiscard]] TempoPanel& tempi() const { return *m_tempi; }
    void applyTriedOn(); ///< the plan that is previewed, else the chosen remedy
    void keepPassInPlans(); ///< the pass at the caret keeps its restart and tag there; again frees it
    [[nodiscard]] PlansPanel& plans() const { return *m_plans; }
    void foldLikePasses(); ///< folds, folds anew what was unfolded, or shows every pass
    void setPassesShown(bool shown);
    [[nodiscard]] bool passesShown() const;
    void goToPass(PassId pass);
    /// Exceptions of the pass at the caret, typed in numbers.
    void cutAtCaret();
    void tagAtCaret();
    void removePassAtCaret();
    void typeFigureAtCaret(); ///< the part and the figure at the caret are chosen, and a name can be typed behind it
    void editPassAtCaret();   ///< what makes the pass at the caret differ
    void pinPassHere();       ///< the pass at the caret starts where it starts now, whatever comes before; again to unpin
    void changePassAtCaret(const QString& name, const std::function<void(PassExceptions&)>& change);
    void bindAccentAtCaret(MomentId moment); ///< the count at the caret wants to meet it
    /// Passes chosen in the list, or the one at the caret, as text; and from text, behind the caret's.
    void copyPasses();
    void pastePasses();

Q_SIGNALS:
    void contextMenuWanted(const QPoint& global, lc::Tick at);

private:
    void showPanel(QWidget* panel); ///< of those below the strips one is shown
    void showPreviewLine();
    [[nodiscard]] std::optional<PassId> passAtCaret() const;
    [[nodiscard]] const PassPerformance* needPassAtCaret();
    void followCaret(); ///< the part and the figure at the caret are shown in the editor

    Session& m_session;
    const Theme& m_theme;
    PartEditor* m_editor;
    QLabel* m_previewLine;
    StripsView* m_strips;
    PassList* m_passes;
    FindingsColumn* m_findings;
    PassPanel* m_passPanel;
    SongTrialPanel* m_songTrial;
    PlansPanel* m_plans;
    FillPanel* m_fill;
    TurnsPanel* m_turns;
    RankPanel* m_ranking;
    TempoPanel* m_tempi;
    MendPanel* m_mends;
    HandoutPanel* m_handout;
    StepEdit* m_stepEdit;
    FigureDesk& m_desk;
    FigureList* m_vocabulary;
    QSplitter* m_splitter;
};

} // namespace lc::app
