// The commands of the Steps stage.
#include "app/window/main_window.h"

#include "app/arrange/arrange_stage.h"
#include "app/arrange/part_chain.h"
#include "app/arrange/part_editor.h"

#include "app/base/figure_desk.h"
#include "app/steps/figure_editor.h"
#include "app/steps/steps_stage.h"
#include "app/steps/versions_page.h"

#include <QMenuBar>

namespace lc::app {

void MainWindow::buildFiguresMenu() {
    auto* menu = menuBar()->addMenu(tr("Fi&gures"));
    const auto here = [this](auto what) {
        return [this, what] {
            setStage(Stage::Steps);
            what();
        };
    };
    command(menu, tr("New figure"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_N), tr("Into the vocabulary"), here([this] { m_steps->newFigure(); }));
    command(menu, tr("Search the figures"), QKeySequence::Find, tr("By counts, feet, positions, turns, or words of any field"), here([this] { m_steps->beginSearch(); }));
    command(menu, tr("Another figure like this"), QKeySequence(Qt::CTRL | Qt::Key_D), tr("A copy in the vocabulary; in Arrange the chosen figures are repeated"), [this] {
        if (m_stage == Stage::Arrange) return m_arrange->editor().chain().repeatChosen();
        setStage(Stage::Steps);
        FigureCard card = m_steps->desk().card();
        card.name += tr(", copy").toStdString();
        m_steps->desk().duplicate(card);
    });
    command(menu, tr("Another role"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_R), tr("A line for a partner or a row"), here([this] { m_steps->editor().addRole(); }));
    command(menu, tr("Copy the line to the partner"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_M), tr("The same steps on the other foot, to change what differs"), here([this] { m_steps->editor().copyToPartner(); }));
    command(menu, tr("Remove the figure"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Delete), tr("From the vocabulary, or from the routine; undo brings it back"), here([this] { m_steps->desk().removeChosen(); }));
    menu->addSeparator();
    command(menu, tr("Hear the figure"), QKeySequence(Qt::CTRL | Qt::Key_H), tr("With clicks, steps and spoken counts; again to stop"), here([this] { m_steps->hearFigure(); }));
    command(menu, tr("Keep the version"), QKeySequence(Qt::Key_K), tr("The one chosen on the bench stays with the figure"), here([this] {
                m_steps->setPage(StepsStage::Page::Versions); // what is kept is seen
                m_steps->versions().keepChosen();
            }));
    command(menu, tr("Take the figure into the routine"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_T), tr("A copy that the routine file holds"), here([this] { m_steps->desk().takeIntoRoutine(); }));
    menu->addSeparator();
    const std::pair<const char*, StepsStage::Page> pages[] = {{QT_TR_NOOP("Bench of versions"), StepsStage::Page::Versions}, {QT_TR_NOOP("Fillers"), StepsStage::Page::Fillers},
                                                              {QT_TR_NOOP("Joints"), StepsStage::Page::Chain}, {QT_TR_NOOP("Frame"), StepsStage::Page::Frame},
                                                              {QT_TR_NOOP("Drill"), StepsStage::Page::Drill}, {QT_TR_NOOP("Card of the figure"), StepsStage::Page::Card}, {QT_TR_NOOP("Words with a meaning"), StepsStage::Page::Words}};
    int key = Qt::Key_1;
    for (const auto& [name, page] : pages) {
        command(menu, tr(name), QKeySequence(Qt::ALT | Qt::SHIFT | static_cast<Qt::Key>(key)), tr("Under the picture of the figure"), here([this, page = page] { m_steps->setPage(page); }));
        ++key;
    }
    menu->addSeparator();
    command(menu, tr("Bring figures in …"), {}, tr("From a JSON file or a table (CSV)"), here([this] { m_steps->importFigures(); }));
    command(menu, tr("Write the figures to a file …"), {}, tr("Those that the search finds, as JSON or a table (CSV)"), here([this] { m_steps->exportFigures(); }));
}

} // namespace lc::app
