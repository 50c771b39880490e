#pragma once

#include "app/base/stage.h"
#include "app/base/theme.h"
#include "app/widgets/legend.h"

class QComboBox;
class QFrame;
class QLabel;
class QLayout;
class QPushButton;

namespace lc::app {

class HandPanel;
class HandStatements;
class MomentPanel;
class SongColumn;
class SongFiles;
class SpanPanel;
class StripsView;
class StructurePanel;
class TapPanel;
class TempoCurveView;

/// The song: strips with loudness, bars and phrases; its tempo; what can be said by hand; what was said.
class ListenStage : public Stage {
    Q_OBJECT
public:
    ListenStage(const StageContext& context, QWidget* parent);
    [[nodiscard]] StripsView& strips() { return *m_strips; }
    [[nodiscard]] HandStatements& hand() { return *m_hand; }
    [[nodiscard]] SongColumn& column() { return *m_column; }
    [[nodiscard]] TapPanel& tapPanel() { return *m_tap; }
    [[nodiscard]] TempoCurveView& tempo() { return *m_tempo; }

    void tap();                    ///< opens the panel for tapping; when it is open: a tap
    void spanFromHere();           ///< a stop from the caret on; when the panel is open: to the caret
    void spanFromHereAs(int kind); ///< a SpanPanel::Kind
    void typeStructure();
    void markMoment();

    [[nodiscard]] std::vector<Command> commands() override;
    [[nodiscard]] std::vector<QByteArray> heading() const override { return {"view.page", "view.strip"}; }
    [[nodiscard]] std::vector<LegendLine> legend() const override { return legendOfSong(m_theme); }
    [[nodiscard]] StageState state() const override;
    [[nodiscard]] QWidget* home() override;
    [[nodiscard]] bool hasPlaces() const override { return true; }
    void showPlace(Tick at) override;

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    [[nodiscard]] QLayout* buildTools();
    void show(HandPanel* panel);
    void showMetre();
    void showCounted(); ///< the strips and the tempo curve, or what to do without them
    [[nodiscard]] QWidget* buildUncounted();
    /// What is said by hand, and what answers doubts.
    void addStatements(std::vector<Command>& all);
    void addDoubts(std::vector<Command>& all);
    void addFiles(std::vector<Command>& all);

    HandStatements* m_hand;
    SongFiles* m_files;
    StripsView* m_strips;
    SongColumn* m_column;
    TempoCurveView* m_tempo;
    TapPanel* m_tap;
    SpanPanel* m_span;
    MomentPanel* m_moment;
    StructurePanel* m_structure;
    QLabel* m_uncountedTitle;
    QLabel* m_uncountedText;
    QPushButton* m_uncountedOpen;
    QPushButton* m_uncountedTap;
    QPushButton* m_uncountedType;
    QWidget* m_uncounted; ///< in the strips' place while a song has no beats
    QFrame* m_panelRule;
    QFrame* m_tempoRule;
    QPushButton* m_more;
    QComboBox* m_barBeats;
    QComboBox* m_metre;
    QLabel* m_byHand;
    QPushButton* m_phraseHere;
    QPushButton* m_typeIt;
};

} // namespace lc::app
