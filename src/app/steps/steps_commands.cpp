// What can be done with figures.
#include "app/steps/steps_stage.h"

#include "app/base/figure_desk.h"
#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/base/wording.h"
#include "app/steps/figure_column.h"
#include "app/steps/figure_editor.h"
#include "app/steps/versions_page.h"
#include "app/widgets/figure_list.h"

#include <QClipboard>
#include <QGuiApplication>
#include <QListView>

namespace lc::app {

std::vector<Command> StepsStage::commands() {
    std::vector<Command> all;
    const auto add = [&all](int group, const char* id, const QString& name, const QKeySequence& key, const QString& tip,
                            std::function<void()> run) {
        all.push_back({.id = id,
                       .name = name,
                       .tip = tip,
                       .key = key,
                       .menu = stage_id::steps,
                       .group = group,
                       .brings = true,
                       .run = std::move(run)});
    };
    add(1, "figure.new", tr("New figure"), Qt::CTRL | Qt::SHIFT | Qt::Key_N, tr("Into the vocabulary"),
        [this] { newFigure(); });
    add(1, "figure.search", tr("Search the figures"), QKeySequence::Find,
        tr("By counts, feet, positions, turns, or words of any field"), [this] { beginSearch(); });
    add(1, "figure.duplicate", tr("Another figure like this"), Qt::CTRL | Qt::Key_D,
        tr("A copy in the vocabulary; in Arrange the chosen figures are repeated"), [this] { duplicate(); });
    add(1, "figure.role", tr("Another role"), Qt::CTRL | Qt::SHIFT | Qt::Key_R, tr("A line for a partner or a row"),
        [this] { m_editor->addRole(); });
    add(1, "figure.partner", tr("Copy the line to the partner"), Qt::CTRL | Qt::SHIFT | Qt::Key_M,
        tr("The same steps on the other foot, to change what differs"), [this] { m_editor->copyToPartner(); });
    add(1, "figure.remove", tr("Remove the figure"), Qt::CTRL | Qt::SHIFT | Qt::Key_Delete,
        tr("From the vocabulary, or from the routine; undo brings it back"), [this] { m_desk.removeChosen(); });
    add(2, "figure.hear", tr("Hear the figure"), Qt::CTRL | Qt::Key_H,
        tr("With clicks, steps and spoken counts; again to stop"), [this] { hearFigure(); });
    add(2, "figure.keep-version", tr("Keep the version"), Qt::CTRL | Qt::SHIFT | Qt::Key_K,
        tr("The one chosen on the bench stays with the figure"), [this] {
            setPage(Page::Versions); // what is kept is seen
            m_versions->keepChosen();
        });
    add(2, "figure.take", tr("Take the figure into the routine"), Qt::CTRL | Qt::SHIFT | Qt::Key_T,
        tr("A copy that the routine file holds"), [this] { m_desk.takeIntoRoutine(); });
    const struct {
        const char* id;
        QString name;
        Page page;
    } pages[] = {{"figure.versions", tr("Bench of versions"), Page::Versions},
                 {"figure.fillers", tr("Fillers"), Page::Fillers},
                 {"figure.joints", tr("Joints"), Page::Chain},
                 {"figure.frame", tr("Frame"), Page::Frame},
                 {"figure.drill", tr("Drill"), Page::Drill},
                 {"figure.card", tr("Card of the figure"), Page::Card},
                 {"figure.words", tr("Words with a meaning"), Page::Words}};
    int key = Qt::Key_1;
    for (const auto& page : pages)
        add(3, page.id, page.name, Qt::ALT | Qt::SHIFT | static_cast<Qt::Key>(key++),
            tr("Under the picture of the figure"), [this, page = page.page] { setPage(page); });
    add(4, "figure.import", tr("Bring figures in …"), {}, tr("From a JSON file or a table (CSV)"),
        [this] { importFigures(); });
    add(4, "figure.export", tr("Write the figures to a file …"), {},
        tr("Those that the search finds, as JSON or a table (CSV)"), [this] { exportFigures(); });

    // what other stages do otherwise
    const auto here = [&all](const char* id, std::function<void()> run) {
        all.push_back({.id = id, .onlyHere = true, .run = std::move(run)});
    };
    here("counts.type", [this] { m_editor->editFirstLine(); });
    here("finding.apply", [this] { m_column->apply(0, 0); });
    here("finding.fold", [this] { m_column->setFolded(!m_column->folded()); });
    return all;
}

bool StepsStage::edit(Editing what, QWidget* focus) {
    if (focus != m_list->list() || what == Editing::SelectAll) return false;
    if (what == Editing::Paste) {
        m_desk.addFromText(QGuiApplication::clipboard()->text());
        return true;
    }
    const QString text = m_desk.chosenAsText();
    if (text.isEmpty()) return false;
    if (what != Editing::Delete) QGuiApplication::clipboard()->setText(text);
    if (what != Editing::Copy) m_desk.removeChosen();
    return true;
}

void StepsStage::duplicate() {
    FigureCard card = m_desk.card();
    card.name = tr("%1, copy").arg(q(card.name)).toStdString();
    m_desk.duplicate(card);
}

std::vector<Place> StepsStage::places(const QString&) {
    std::vector<Place> all;
    for (const ShownFigure& figure : m_desk.figures())
        all.push_back({tr("figure %1").arg(q(figure.card.name)), q(inCounts(figure.digest.length)),
                       [this, key = figure.key()] { m_desk.choose(key); }});
    return all;
}

std::optional<OwnUndo> StepsStage::ownUndo() {
    const ShownFigure* figure = m_desk.chosen();
    if ((figure && figure->inRoutine()) || !(m_desk.canUndo() || m_desk.canRedo())) return std::nullopt;
    return OwnUndo{tr("Undo in the vocabulary"), tr("Redo in the vocabulary"), m_desk.canUndo(), m_desk.canRedo(),
                   [this] { m_desk.undo(); },    [this] { m_desk.redo(); }};
}

} // namespace lc::app
