// What can be done with the routine: parts as chains of figures, what makes a pass differ, what makes it land.
#include "app/arrange/arrange_stage.h"

#include "app/arrange/part_chain.h"
#include "app/arrange/part_editor.h"
#include "app/arrange/pass_panel.h"
#include "app/arrange/song_trial_panel.h"
#include "app/base/paths.h"
#include "app/base/qtext.h"
#include "app/base/session.h"
#include "app/strips/strips_view.h"
#include "app/widgets/findings_column.h"
#include "core/base/clock_text.h"
#include "core/exchange/map_formats.h"
#include "core/exchange/routine_file.h"

namespace lc::app {

std::vector<Command> ArrangeStage::commands() {
    std::vector<Command> all;
    addFigures(all);
    addPasses(all);
    addProposals(all);
    addFindings(all);
    addViews(all);
    return all;
}

void ArrangeStage::addFigures(std::vector<Command>& all) {
    const auto add = [&all](int group, const char* id, const QString& name, const QKeySequence& key, const QString& tip,
                            std::function<void()> run, bool onStrips = false) {
        all.push_back({.id = id,
                       .name = name,
                       .tip = tip,
                       .key = key,
                       .menu = stage_id::arrange,
                       .group = group,
                       .onStrips = onStrips,
                       .brings = true,
                       .run = std::move(run)});
    };
    all.push_back({.id = "counts.type",
                   .name = tr("Type the counts"),
                   .tip = tr("Go to the line of the first role: of the figure in Steps, else of the part"),
                   .key = Qt::CTRL | Qt::Key_E,
                   .menu = "edit",
                   .group = 2,
                   .brings = true,
                   .run = [this] { m_editor->editFirstLine(); }});
    all.push_back({.id = "order.type",
                   .name = tr("Type the order of the parts"),
                   .tip = tr("Go to the order"),
                   .key = Qt::CTRL | Qt::Key_R,
                   .menu = "edit",
                   .group = 2,
                   .brings = true,
                   .run = [this] { m_editor->editOrder(); }});
    add(
        1, "chain.type", tr("Type a figure at the caret"), Qt::CTRL | Qt::Key_I,
        tr("Its name puts it into the part, after the figure at the caret"), [this] { typeFigureAtCaret(); }, true);
    add(1, "chain.figures", tr("Figures at hand"), Qt::Key_F9,
        tr("The vocabulary beside the strips, to drag from; again to put it away"),
        [this] { setVocabularyShown(!vocabularyShown()); });
    const auto chain = [&](const char* id, const QString& name, const QKeySequence& key, const QString& tip,
                           void (PartChain::*what)()) {
        add(2, id, name, key, tip, [this, what] { (m_editor->chain().*what)(); });
    };
    chain("chain.repeat", tr("Repeat the chosen figures"), {}, tr("A copy after them (Ctrl+D)"),
          &PartChain::repeatChosen);
    chain("chain.mirror", tr("Dance the chosen figures to the other side"), Qt::CTRL | Qt::Key_M,
          tr("Left and right change places; again to undo it"), &PartChain::toggleMirrored);
    chain("chain.exchange", tr("Partners exchange lines in the chosen figures"), {},
          tr("The first role dances the second's line"), &PartChain::toggleExchanged);
    chain("chain.reverse", tr("Reverse the order of the figures"), {}, tr("Of those chosen, or of the whole part"),
          &PartChain::reverseChosen);
    add(2, "chain.threes", tr("Dance the chosen figures in threes"), {},
        tr("Bars of three: what falls on the fourth count of each bar is left out"),
        [this] { m_editor->chain().danceInBars(3); });
    chain("chain.remove", tr("Take the chosen figures out"), {}, tr("Out of the part; they stay in the routine"),
          &PartChain::removeChosen);
    all.push_back({.id = "figure.duplicate", .onlyHere = true, .run = [this] { m_editor->chain().repeatChosen(); }});
}

void ArrangeStage::addPasses(std::vector<Command>& all) {
    const auto edit = [&all](const char* id, const QString& name, const QKeySequence& key, const QString& tip,
                             std::function<void()> run) {
        all.push_back({.id = id,
                       .name = name,
                       .tip = tip,
                       .key = key,
                       .menu = "edit",
                       .group = 4,
                       .onStrips = true,
                       .run = std::move(run)});
    };
    edit("pass.restart", tr("Restart after the count at the caret"), Qt::Key_R,
         tr("Cut the pass at the caret after that count"), [this] { cutAtCaret(); });
    edit("pass.tag", tr("Tag after the pass at the caret …"), Qt::SHIFT | Qt::Key_R,
         tr("Extra counts after the pass at the caret"), [this] { tagAtCaret(); });
    edit("pass.remove", tr("Remove the pass at the caret"), Qt::CTRL | Qt::Key_Delete,
         tr("Take the pass out of the order"), [this] { removePassAtCaret(); });

    const auto add = [&all](int group, const char* id, const QString& name, const QString& tip,
                            std::function<void()> run) {
        all.push_back(
            {.id = id, .name = name, .tip = tip, .menu = stage_id::arrange, .group = group, .run = std::move(run)});
    };
    const auto differ = [&](const char* id, const QString& name, const QString& tip, const QString& change,
                            void (*what)(PassExceptions&)) {
        add(3, id, name, tip, [this, change, what] { changePassAtCaret(change, what); });
    };
    all.push_back({.id = "pass.differs",
                   .name = tr("What makes this pass differ"),
                   .tip = tr("Type it: restart after 16, tag of 4, mirrored …"),
                   .key = Qt::CTRL | Qt::Key_J,
                   .menu = stage_id::arrange,
                   .group = 3,
                   .brings = true,
                   .run = [this] { editPassAtCaret(); }});
    differ("pass.mirror", tr("This pass to the other side"), tr("Left and right change places in the whole pass"),
           tr("pass to the other side"), [](PassExceptions& e) { e.mirrored = !e.mirrored; });
    differ("pass.exchange", tr("Places exchanged in this pass"), tr("Partners dance each other's lines"),
           tr("places exchanged"), [](PassExceptions& e) { e.exchanged = !e.exchanged; });
    differ("pass.touch", tr("Last change of this pass a touch"), tr("So that the other foot stays free"),
           tr("touch in place of the last step"),
           [](PassExceptions& e) { e.lastChangeIsTouch = !e.lastChangeIsTouch; });
    add(3, "pass.pin", tr("Pin the start of this pass"), tr("It starts there whatever comes before; again to unpin"),
        [this] { pinPassHere(); });
    add(3, "pass.bind", tr("Bind what differs to the music"),
        tr("The line at the cursor of the pass panel then stays with its place in the song"),
        [this] { m_passPanel->bindLineToMusic(); });
    all.push_back({.id = "pass.canon",
                   .name = tr("Canon in this pass"),
                   .menu = stage_id::arrange,
                   .group = 3,
                   .choices = [this] { return canons(); }});
    all.push_back({.id = "pass.accent",
                   .name = tr("The count at the caret meets"),
                   .menu = stage_id::arrange,
                   .group = 3,
                   .choices = [this] { return accents(); }});
    all.push_back({.id = "pass.next",
                   .name = tr("Next pass"),
                   .tip = tr("Go to its count 1"),
                   .key = Qt::CTRL | Qt::Key_PageDown,
                   .menu = "play",
                   .group = 2,
                   .run = [this] { goToNextPass(1); }});
    all.push_back({.id = "pass.before",
                   .name = tr("Pass before"),
                   .tip = tr("To the count 1 of this pass, then of the one before"),
                   .key = Qt::CTRL | Qt::Key_PageUp,
                   .menu = "play",
                   .group = 2,
                   .run = [this] { goToNextPass(-1); }});
}

void ArrangeStage::addProposals(std::vector<Command>& all) {
    const auto add = [&all](const char* id, const QString& name, const QKeySequence& key, const QString& tip,
                            std::function<void()> run, const QString& words = {}, bool brings = true) {
        all.push_back({.id = id,
                       .name = name,
                       .tip = tip,
                       .key = key,
                       .menu = stage_id::arrange,
                       .group = 5,
                       .words = words,
                       .brings = brings,
                       .run = std::move(run)});
    };
    add(
        "plan.land", tr("Make it land …"), Qt::CTRL | Qt::SHIFT | Qt::Key_P,
        tr("Plans: the fewest changes that make every pass land, with what they cost"), [this] { showPlans(); },
        tr("plan plans fix solve restart propose"));
    add(
        "plan.mend-music", tr("Edits of the music …"), {},
        tr("The fewest cuts and repeats of whole bars on which the unchanged dance lands"), [this] { showMends(); },
        tr("mend the music cut repeat edit song shorten"));
    add(
        "plan.put-right", tr("Get back on the 1 …"), {},
        tr("At once, within some sets, or left until the music undoes it"), [this] { showTurns(); },
        tr("put a turned-round dance right count one off"));
    add("plan.hand-out", tr("Settle the hand-out …"), Qt::CTRL | Qt::SHIFT | Qt::Key_H,
        tr("Its lines, what each was read as, and what is open"), [this] { showHandout(); });
    add("plan.fill", tr("Fill the phrase …"), Qt::CTRL | Qt::SHIFT | Qt::Key_F,
        tr("Every way to go on with figures at hand so that the phrase is full and the feet fit"),
        [this] { showFill(); });
    add(
        "plan.keep", tr("Plans keep this pass as it is"), {}, tr("Its restart and tag stay; again to free it"),
        [this] { keepPassInPlans(); }, {}, false);
    add("plan.song", tr("Try the routine on another song"), {},
        tr("Or another edit of this one, or another tempo: which passes land here and which there, before anything is changed"),
        [this] { showSongTrial(); });
    add(
        "plan.rank", tr("Find a matching song or dance …"), {}, tr("The files of a folder, the best fit first"),
        [this] { showRanking(); }, tr("which song for this dance rank suits fits"));
    add(
        "plan.tempi", tr("Tempi of dances …"), {},
        tr("What is usual, with its source; at what per cent this song would fit, and how fast the routine is there"),
        [this] { showTempi(); }, tr("tempo speed bpm"));
    all.push_back(
        {.id = "formation", .name = tr("Formation"), .menu = stage_id::arrange, .group = 5, .choices = [this] {
             return formations();
         }});
}

void ArrangeStage::addFindings(std::vector<Command>& all) {
    const auto add = [&all](const char* id, const QString& name, const QKeySequence& key, const QString& tip,
                            std::function<void()> run, bool brings = false) {
        all.push_back({.id = id,
                       .name = name,
                       .tip = tip,
                       .key = key,
                       .menu = "findings",
                       .brings = brings,
                       .run = std::move(run)});
    };
    add(
        "finding.next", tr("Next finding"), Qt::Key_F8, tr("Open it and go to its place"),
        [this] { m_findings->nextFinding(); }, true);
    add("finding.remedy", tr("Next remedy"), Qt::SHIFT | Qt::Key_F8, tr("Choose the next remedy of the open finding"),
        [this] { m_findings->nextRemedy(); });
    add("finding.preview", tr("Preview what is chosen"), Qt::Key_P,
        tr("A remedy or proposal on the strips, again to take it off"), [this] { previewChosen(); });
    add("finding.apply", tr("Apply what is chosen"), Qt::CTRL | Qt::Key_Return,
        tr("The remedy or proposal; Undo takes it back"), [this] { applyChosen(); });
    add("finding.leave", tr("Leave the finding as it is"), Qt::CTRL | Qt::Key_L, tr("Say why, and put it aside"),
        [this] { m_findings->askWhyLeft(); });
    add("finding.fold", tr("Fold the findings"), Qt::Key_F6, tr("Or unfold them"),
        [this] { setFindingsFolded(!findingsFolded()); });
}

void ArrangeStage::addViews(std::vector<Command>& all) {
    const auto shows = [this](Magnification magnification) {
        return [this, magnification] { return m_shown == m_strips && m_session.view.magnification() == magnification; };
    };
    for (const auto& [id, magnification] :
         {std::pair{"view.page", Magnification::Page}, {"view.strip", Magnification::Strip}})
        all.push_back({.id = id,
                       .onlyHere = true,
                       .run = [this, to = magnification] { m_session.view.setMagnification(to); },
                       .chosen = shows(magnification)});
    all.push_back({.id = "view.eight",
                   .name = tr("Eight"),
                   .tip = tr("A set a line, with the words of each step"),
                   .key = Qt::Key_F4,
                   .menu = "view",
                   .group = 2,
                   .brings = true,
                   .run = [this] { m_session.view.setMagnification(Magnification::Eight); },
                   .chosen = shows(Magnification::Eight)});
    all.push_back({.id = "view.passes",
                   .name = tr("List of passes"),
                   .tip = tr("The passes as a table, in the place of the strips; again for the strips"),
                   .button = tr("Passes"),
                   .key = Qt::Key_F5,
                   .menu = "view",
                   .group = 2,
                   .run = [this] { setPassesShown(!passesShown()); },
                   .chosen = [this] { return passesShown(); }});
    all.push_back(
        {.id = "view.fold",
         .name = tr("Fold like passes"),
         .tip = tr("In long routines those danced alike share a line; again to fold anew, once more to see all"),
         .key = Qt::CTRL | Qt::SHIFT | Qt::Key_L,
         .menu = "view",
         .group = 2,
         .run = [this] { foldLikePasses(); }});
}

std::vector<Choice> ArrangeStage::canons() {
    std::vector<Choice> all;
    for (const int apart : {1, 2, 4, 8})
        for (const bool ripple : {false, true})
            all.push_back(
                {ripple ? tr("%1 apart, every role finishes").arg(apart) : tr("%1 apart, all end together").arg(apart),
                 [this, apart, ripple] {
                     changePassAtCaret(tr("canon"), [&](PassExceptions& e) { e.canon = Canon{counts(apart), ripple}; });
                 }});
    all.push_back(
        {tr("None"), [this] { changePassAtCaret(tr("no canon"), [](PassExceptions& e) { e.canon.reset(); }); }});
    return all;
}

std::vector<Choice> ArrangeStage::accents() {
    std::vector<Choice> all;
    for (const Moment& moment : m_session.doc.document().moments)
        all.push_back({tr("%1, %2").arg(q(moment.text), q(clockText(moment.at))),
                       [this, id = moment.id] { bindAccentAtCaret(id); }});
    if (all.empty()) all.push_back({tr("No moments yet: mark them in Listen")});
    return all;
}

std::vector<Choice> ArrangeStage::formations() {
    std::vector<Choice> all;
    for (const Formation formation : allFormations)
        all.push_back({q(formationSaid(formation)), [this, formation] { m_session.doc.edit(SetFormation{formation}); },
                       formation == m_session.doc.document().routine.formation});
    return all;
}

void ArrangeStage::goToNextPass(int way) {
    if (const PassPerformance* pass = m_session.transport.passBeside(way)) goToPass(pass->id);
}

void ArrangeStage::trySong(const QString& path) {
    const std::string name = fileName(path);
    if (!isRoutineFile(name) && !endsLikeMap(name, false)) return Q_EMIT fileWanted(path); // a recording
    showSongTrial();
    m_songTrial->tryFile(path);
}

std::vector<Place> ArrangeStage::places(const QString&) {
    std::vector<Place> all;
    const Landing& landing = m_session.doc.landing();
    for (const PassPerformance& pass : landing.performance.passes)
        all.push_back({.name = tr("pass %1").arg(pass.number),
                       .about = q(landing.grid.place(pass.start)),
                       .run = [this, id = pass.id] { goToPass(id); },
                       .brings = false});
    for (const Part& part : m_session.doc.document().routine.parts)
        all.push_back({tr("part %1").arg(q(part.name)), tr("type its counts"), [this, id = part.id] {
                           m_editor->choosePart(id);
                           m_editor->editFirstLine();
                       }});
    return all;
}

} // namespace lc::app
