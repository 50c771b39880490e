#pragma once

#include "app/base/theme.h"

#include <QWidget>

class QComboBox;
class QFrame;
class QLabel;
class QLayout;
class QMenu;
class QPushButton;

namespace lc::app {

class HandPanel;
class HandStatements;
class MomentPanel;
class Session;
class SongColumn;
class SpanPanel;
class StripsView;
class StructurePanel;
class TapPanel;
class TempoCurveView;

/// The song: strips with loudness, bars and phrases; its tempo; what can be said by hand; what was said.
class ListenStage : public QWidget {
    Q_OBJECT
public:
    ListenStage(Session& session, const Theme& theme, QWidget* parent = nullptr);
    [[nodiscard]] StripsView& strips() { return *m_strips; }
    [[nodiscard]] HandStatements& hand() { return *m_hand; }
    [[nodiscard]] SongColumn& column() { return *m_column; }
    [[nodiscard]] TapPanel& tapPanel() { return *m_tap; }
    [[nodiscard]] TempoCurveView& tempo() { return *m_tempo; }

    void tap();               ///< opens the panel for tapping; when it is open: a tap
    void spanFromHere();      ///< a stop from the caret on; when the panel is open: to the caret
    void spanFromHereAs(int kind); ///< a SpanPanel::Kind
    void typeStructure();
    void markMoment();
    void setMoreMenu(QMenu* menu);

Q_SIGNALS:
    void songWanted(); ///< to be chosen from the files

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    [[nodiscard]] QLayout* buildTools();
    void show(HandPanel* panel);
    void showMetre();
    void showCounted(); ///< the strips and the tempo curve, or what to do without them
    [[nodiscard]] QWidget* buildUncounted();

    Session& m_session;
    const Theme& m_theme;
    HandStatements* m_hand;
    StripsView* m_strips;
    SongColumn* m_column;
    TempoCurveView* m_tempo;
    TapPanel* m_tap;
    SpanPanel* m_span;
    MomentPanel* m_moment;
    StructurePanel* m_structure;
    QLabel* m_uncountedTitle;
    QLabel* m_uncountedText;
    QWidget* m_uncounted; ///< in the strips' place while a song has no beats
    QFrame* m_panelRule;
    QFrame* m_tempoRule;
    QPushButton* m_more;
    QComboBox* m_metre;
    QLabel* m_byHand;
    QPushButton* m_phraseHere;
    QPushButton* m_typeIt;
};

} // namespace lc::app
