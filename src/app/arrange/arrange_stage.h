#pragma once

#include "app/base/stage.h"
#include "app/base/theme.h"
#include "app/widgets/legend.h"
#include "core/base/tick.h"
#include "core/routine/exceptions.h"

#include <QWidget>

#include <functional>
#include <optional>

class QHBoxLayout;
class QLabel;
class QVBoxLayout;

namespace lc {
struct PassPerformance;
}

namespace lc::app {

class AskedFor;
class FigureList;
class FillPanel;
class FindingsColumn;
class HandoutPanel;
class MendPanel;
class PartEditor;
class PassList;
class PassPanel;
class PlansPanel;
class ProposalsPage;
class RankPanel;
class SongTrialPanel;
class StepEdit;
class StripsView;
class TempoPanel;
class TurnsPanel;

/// The routine on the song: parts and order at the top, the strips or the list of passes in the middle, and at the
/// right what could be done: by themselves the findings with their remedies, asked for a page of proposals. Tables that
/// are asked for take the middle and give it back.
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
    void showFill();  ///< ways to fill the phrase after the chosen part
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
    void applyChosen();     ///< in what was asked for, else of the findings
    void previewChosen();   ///< likewise; again takes it off
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
    bool goBack() override; ///< closes what was asked for, or takes off what is tried on
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
    void ask(ProposalsPage& page);     ///< in the right column
    void ask(AskedFor& table);         ///< in the middle
    void close(AskedFor& asked);
    void showRight();
    void showMiddle(QWidget* what);
    /// What was asked for and is shown, the column before the middle; null for none.
    [[nodiscard]] AskedFor* asked() const;
    void keepPage(AskedFor* page, QLayout* where);
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
    QVBoxLayout *m_middle, *m_right;
    QWidget* m_betweenRight;              ///< the line between findings and pass
    QWidget* m_shown;                     ///< in the middle
    QWidget* m_shownBefore = nullptr;     ///< what a table that was asked for gives the middle back to
    ProposalsPage* m_proposals = nullptr; ///< in the right column; null: the findings
    bool m_narrow = false;
};

} // namespace lc::app
