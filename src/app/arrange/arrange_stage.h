#pragma once

#include "app/base/stage.h"
#include "app/base/theme.h"
#include "app/widgets/legend.h"
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
class StripsView;
class TempoPanel;
class TurnsPanel;

/// The routine on the song: parts and order at the top, the strips, the list of passes, and the findings at the right.
class ArrangeStage : public Stage {
    Q_OBJECT
public:
    ArrangeStage(const StageContext& context, QWidget* parent);
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
    void applyTriedOn();    ///< the plan that is previewed, else the chosen remedy
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
    void pinPassHere(); ///< the pass at the caret starts where it starts now, whatever comes before; again to unpin
    void changePassAtCaret(const QString& name, const std::function<void(PassExceptions&)>& change);
    void bindAccentAtCaret(MomentId moment);          ///< the count at the caret wants to meet it
    bool edit(Editing what, QWidget* focus) override; ///< passes, or figures of the part

    [[nodiscard]] std::vector<Command> commands() override;
    [[nodiscard]] std::vector<QByteArray> heading() const override {
        return {"view.page", "view.strip", "view.eight", "view.passes"};
    }
    [[nodiscard]] std::vector<Place> places(const QString& typed) override;
    [[nodiscard]] std::vector<LegendLine> legend() const override { return legendOfSteps(m_theme); }
    [[nodiscard]] StageState state() const override;
    void leave() override;
    [[nodiscard]] QWidget* home() override;
    [[nodiscard]] bool hasPlaces() const override { return true; }
    void showPlace(Tick at) override;
    void cameIn() override; ///< a hand-out is shown with what is still to be settled
    [[nodiscard]] QVariantMap view() const override;
    void setView(const QVariantMap& view) override;

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void addFigures(std::vector<Command>& all);
    void addPasses(std::vector<Command>& all);
    void addProposals(std::vector<Command>& all);
    void addFindings(std::vector<Command>& all);
    void addViews(std::vector<Command>& all);
    [[nodiscard]] std::vector<Choice> formations();
    [[nodiscard]] std::vector<Choice> canons();
    [[nodiscard]] std::vector<Choice> accents();
    void goToNextPass(int way);
    void trySong(const QString& path); ///< one that the ranking found
    void showPanel(QWidget* panel);    ///< of those below the strips one is shown
    void showPreviewLine();
    [[nodiscard]] std::optional<PassId> passAtCaret() const;
    [[nodiscard]] std::vector<PassId> passesMeant() const;
    void pastePasses();
    [[nodiscard]] const PassPerformance* needPassAtCaret();
    void followCaret(); ///< the part and the figure at the caret are shown in the editor

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
    FigureList* m_vocabulary;
    QSplitter* m_splitter;
    bool m_narrow = false;
};

} // namespace lc::app
