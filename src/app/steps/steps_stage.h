#pragma once

#include "app/base/stage.h"
#include "app/base/theme.h"
#include "app/widgets/legend.h"
#include "audio/playing/figure_sound.h"
#include "core/figures/figure_reading.h"

#include <QWidget>

#include <memory>

class QHBoxLayout;
class QPushButton;
class QSplitter;
class QStackedWidget;

namespace lc::app {

class CardPage;
class ChainPage;
class DrillPage;
class FigureColumn;
class FigureEditor;
class FigureList;
class FillersPage;
class FramePage;
class VersionsPage;
class WordsPage;

/// Figures: the vocabulary at the left, the chosen one with its picture and bench in the middle, what is found in it at
/// the right.
class StepsStage : public Stage {
    Q_OBJECT
public:
    StepsStage(const StageContext& context, QWidget* parent);
    ~StepsStage() override;

    [[nodiscard]] std::vector<Command> commands() override;
    [[nodiscard]] std::vector<Place> places(const QString& typed) override;
    [[nodiscard]] std::vector<LegendLine> legend() const override { return legendOfSteps(m_theme); }
    [[nodiscard]] StageState state() const override { return m_state; }
    void enter() override; ///< the vocabulary is opened
    void leave() override;
    void windowActivated() override;
    [[nodiscard]] QWidget* home() override;
    bool edit(Editing what, QWidget* focus) override; ///< the figure chosen in the list
    [[nodiscard]] std::optional<OwnUndo> ownUndo() override;

    enum class Page { Versions, Fillers, Chain, Frame, Drill, Card, Words };
    void setPage(Page page);
    [[nodiscard]] Page page() const { return m_page; }
    [[nodiscard]] FigureDesk& desk() const { return m_desk; }
    [[nodiscard]] FigureList& list() const { return *m_list; }
    [[nodiscard]] FigureEditor& editor() const { return *m_editor; }
    [[nodiscard]] FigureColumn& column() const { return *m_column; }
    [[nodiscard]] VersionsPage& versions() const { return *m_versions; }
    [[nodiscard]] FillersPage& fillers() const { return *m_fillers; }
    [[nodiscard]] ChainPage& chain() const { return *m_chain; }
    [[nodiscard]] FramePage& frame() const { return *m_frame; }
    [[nodiscard]] DrillPage& drill() const { return *m_drill; }
    [[nodiscard]] CardPage& card() const { return *m_card; }
    [[nodiscard]] WordsPage& words() const { return *m_words; }

    void beginSearch();
    void newFigure();
    void hearFigure();
    void importFigures();
    void exportFigures();

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void hear(const FigureReading& reading, Tick musicStart);
    void hearDrill();
    /// Steps, counts and cues of a figure that begins at `at` of what is heard.
    void addToSound(FigureSoundAsked& asked, const FigureReading& reading, Tick at, Tick musicStart) const;
    void play(FigureSoundAsked asked, Tick musicStart);
    void shareRoom(); ///< the figure takes what it needs, the bench the rest
    void addPage(QHBoxLayout* words, const QString& name, Page page, QWidget* widget);

    void lookAtFigures(); ///< of the routine, once for each change
    void duplicate();

    FigureList* m_list;
    FigureEditor* m_editor;
    FigureColumn* m_column;
    QSplitter* m_middle;
    bool m_shareFixed = false; ///< the person moved the line between them
    QStackedWidget* m_pages;
    VersionsPage* m_versions;
    FillersPage* m_fillers;
    ChainPage* m_chain;
    FramePage* m_frame;
    DrillPage* m_drill;
    CardPage* m_card;
    WordsPage* m_words;
    std::vector<QPushButton*> m_pageWords;
    Page m_page = Page::Versions;
    std::unique_ptr<Voice> m_voice;
    bool m_narrow = false;
    StageState m_state; ///< of the routine's figures
};

} // namespace lc::app
