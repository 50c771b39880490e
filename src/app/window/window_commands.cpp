// What can be done in every stage: the routine and its file, undo, playing, what is shown.
#include "app/window/main_window.h"

#include "app/base/languages.h"
#include "app/base/qtext.h"
#include "app/base/settings.h"
#include "app/base/wording.h"
#include "app/widgets/notation_edit.h"
#include "app/window/command_box.h"
#include "app/window/command_table.h"
#include "app/window/file_desk.h"
#include "app/window/heading.h"
#include "app/window/help.h"
#include "app/window/kept_work.h"
#include "app/window/preferences.h"
#include "app/window/rail.h"
#include "app/window/routine_clipboard.h"
#include "core/base/clock_text.h"
#include "core/exchange/handout_write.h"

#include <QFileInfo>

namespace lc::app {

void MainWindow::buildCommands() {
    for (auto&& commands : {routineCommands(), editCommands(), playCommands(), viewCommands(), helpCommands()})
        m_commands->add(commands);
    std::vector<CommandTable::Menu> menus{{"routine", tr("&Routine")}, {"edit", tr("&Edit")}};
    for (Stage* stage : m_stages) {
        m_commands->add(stage->commands(), stage);
        if (!stage->about().menu.isEmpty()) menus.push_back({stage->about().id, stage->about().menu});
    }
    menus.insert(menus.end(),
                 {{"play", tr("&Play")}, {"findings", tr("F&indings")}, {"view", tr("&View")}, {"help", tr("&Help")}});
    m_commands->setOwnKeys(settings::keys());
    connect(m_commands, &CommandTable::keysChanged, this,
            [](const QMap<QByteArray, QString>& own) { settings::setKeys(own); });
    m_commands->build(menus);
}

std::vector<Command> MainWindow::routineCommands() {
    std::vector<Command> all;
    const auto add = [&all](int group, const char* id, const QString& name, const QKeySequence& key, const QString& tip,
                            std::function<void()> run, const Submenu& submenu = {}) {
        all.push_back({.id = id,
                       .name = name,
                       .tip = tip,
                       .key = key,
                       .menu = "routine",
                       .group = group,
                       .submenu = submenu,
                       .run = std::move(run)});
    };
    add(1, "routine.new", tr("New"), QKeySequence::New, tr("An empty routine"), [this] {
        if (!m_files->mayDiscard()) return;
        m_session.doc.startNew();
        showStage(stage_id::arrange);
    });
    add(1, "routine.open", tr("Open a routine …"), QKeySequence::Open, tr("A saved routine"),
        [this] { m_files->chooseRoutine(); });
    all.push_back({.id = "routine.recent", .name = tr("Recent"), .menu = "routine", .group = 1, .choices = [this] {
                       return recentChoices();
                   }});
    add(1, "routine.demo", tr("Open the demo"), {}, tr("A line dance of Quarry Bank hall on its own song"),
        [this] { openDemo(); });
    add(2, "routine.save", tr("Save"), QKeySequence::Save, tr("Write the routine to its file"),
        [this] { m_files->save(); });
    add(2, "routine.save-as", tr("Save as …"), Qt::CTRL | Qt::SHIFT | Qt::Key_S,
        tr("Write the routine to another file"), [this] { m_files->saveAs(); });
    add(2, "routine.title", tr("Title …"), Qt::CTRL | Qt::Key_T, tr("What the routine is called"),
        [this] { m_heading->editTitle(); });
    add(2, "routine.versions", tr("Earlier versions …"), {}, tr("How the file was at its last saves"),
        [this] { m_kept->showVersions(); });
    add(2, "routine.unsaved", tr("Unsaved work …"), {}, tr("What was not saved when Lift Count ended"),
        [this] { m_kept->showUnsaved(); });
    add(3, "routine.copy", tr("Copy as text"), Qt::CTRL | Qt::SHIFT | Qt::Key_C,
        tr("The whole routine as text, to be sent or kept"), [this] { m_clipboard->copyText(); });
    add(3, "routine.paste", tr("Paste a routine or a hand-out"), Qt::CTRL | Qt::SHIFT | Qt::Key_V,
        tr("A routine or a hand-out that was copied as text, in the place of this one"), [this] {
            if (!m_clipboard->paste()) return;
            showStage(stage_id::arrange);
            m_stage->cameIn();
        });
    const struct {
        const char* id;
        QString name;
        HandoutManner manner;
    } manners[] = {
        {"routine.hand-out", tr("With counts together: 1-4 side, behind, side, touch"), HandoutManner::Ranges},
        {"routine.hand-out-words", tr("In words: side, behind, side, touch"), HandoutManner::Words},
        {"routine.hand-out-notation", tr("In the notation: 1 side 2 behind 3 side 4 touch"), HandoutManner::Notation}};
    for (const auto& one : manners)
        add(3, one.id, one.name, {}, tr("Title, sections, order, restarts and tags as text, for a mail or a page"),
            [this, manner = one.manner] { m_clipboard->copyHandout(manner); },
            {"routine.hand-outs", tr("Copy as a hand-out")});
    add(4, "window.close", tr("Close"), Qt::CTRL | Qt::Key_W, tr("Close the window"), [this] { close(); });
    add(4, "window.quit", tr("Quit"), Qt::CTRL | Qt::Key_Q, tr("Close the window and end"), [this] { close(); });
    return all;
}

std::vector<Command> MainWindow::editCommands() {
    std::vector<Command> all;
    const auto add = [&all](int group, const char* id, const QString& name, const QKeySequence& key, const QString& tip,
                            std::function<void()> run) {
        all.push_back(
            {.id = id, .name = name, .tip = tip, .key = key, .menu = "edit", .group = group, .run = std::move(run)});
    };
    add(1, "edit.undo", tr("Undo"), QKeySequence::Undo, tr("Take the last change back"), [this] { undoOrRedo(false); });
    add(1, "edit.redo", tr("Redo"), Qt::CTRL | Qt::SHIFT | Qt::Key_Z, tr("Make the change again"),
        [this] { undoOrRedo(true); });
    const auto editing = [&](const char* id, const QString& name, const QKeySequence& key, const QString& tip,
                             Editing what) {
        add(2, id, name, key, tip, [this, what] { editWhatHasTheKeyboard(what); });
    };
    editing("edit.cut", tr("Cut"), QKeySequence::Cut, tr("Passes, figures or text, to be pasted"), Editing::Cut);
    editing("edit.copy", tr("Copy"), QKeySequence::Copy, tr("Passes, figures or text"), Editing::Copy);
    editing("edit.paste", tr("Paste"), QKeySequence::Paste, tr("After what is chosen, or the pass at the caret"),
            Editing::Paste);
    editing("edit.delete", tr("Delete"), QKeySequence::Delete, tr("What is chosen, or the pass at the caret"),
            Editing::Delete);
    editing("edit.all", tr("Select all"), QKeySequence::SelectAll, tr("All passes, all figures of the part, all text"),
            Editing::SelectAll);
    add(3, "counts.write", tr("Write the line as it was read"), Qt::Key_F12,
        tr("A line that is said in words, in the notation"), [this] {
            if (auto* line = qobject_cast<NotationEdit*>(focusWidget()))
                line->writeNotation();
            else
                tell(tr("Go to a line of counts first (Ctrl+E)."));
        });
    add(5, "preferences", tr("Preferences …"), Qt::CTRL | Qt::Key_Comma,
        tr("Theme, size of text, language, sound, paper, limits, keys"), [this] { showPreferences(); });
    all.back().words = tr("settings options configure keys shortcuts sound device volume latency paper language theme");
    add(4, "box", tr("Do anything"), Qt::CTRL | Qt::Key_K, tr("Find a command or a place"),
        [this] { commandBox().begin(); });
    return all;
}

std::vector<Command> MainWindow::playCommands() {
    std::vector<Command> all;
    Transport& transport = m_session.transport;
    const auto add = [&all](const char* id, const QString& name, const QKeySequence& key, const QString& tip,
                            std::function<void()> run, bool onStrips = false) {
        all.push_back({.id = id,
                       .name = name,
                       .tip = tip,
                       .key = key,
                       .menu = "play",
                       .group = 1,
                       .onStrips = onStrips,
                       .run = std::move(run)});
    };
    add(
        "play", tr("Play or pause"), Qt::Key_Space, tr("From the caret"), [&transport] { transport.togglePlay(); },
        true);
    add(
        "play.loop", tr("Loop this pass"), Qt::Key_O,
        tr("The pass at the caret, or the phrase where there is no pass; again to stop"), [this] { toggleLoop(); },
        true);
    add("play.slower", tr("Slower"), Qt::Key_Minus, tr("By 5 %"),
        [&transport] { transport.setTempoPercent(transport.tempoPercent() - 5); });
    all.back().words = tr("speed tempo bpm");
    add("play.faster", tr("Faster"), Qt::Key_Plus, tr("By 5 %"),
        [&transport] { transport.setTempoPercent(transport.tempoPercent() + 5); });
    all.back().words = tr("speed tempo bpm");
    add("play.own-tempo", tr("Song's own tempo"), Qt::Key_0, tr("100 %"),
        [&transport] { transport.setTempoPercent(100); });
    add("play.clicks", tr("Clicks on the counts"), Qt::Key_V, tr("On or off"),
        [&transport] { transport.setClicksHeard(!transport.clicksHeard()); });
    all.back().words = tr("metronome voice beat tick mute");
    add("play.go", tr("Go to …"), Qt::Key_G, tr("A pass, a phrase or a count"),
        [this] { commandBox().begin(tr("pass") + QLatin1Char(' ')); });
    all.back().group = 3;
    return all;
}

std::vector<Command> MainWindow::viewCommands() {
    std::vector<Command> all;
    for (Stage* stage : m_stages)
        all.push_back({.id = "stage." + stage->about().id,
                       .name = stage->about().name,
                       .tip = stage->about().tip,
                       .key = stage->key(),
                       .menu = "view",
                       .group = 1,
                       .run = [this, stage] { showStage(*stage); }});
    SharedView& view = m_session.view;
    const auto magnify = [&](const char* id, const QString& name, const QKeySequence& key, const QString& tip,
                             Magnification magnification) {
        all.push_back({.id = id,
                       .name = name,
                       .tip = tip,
                       .key = key,
                       .menu = "view",
                       .group = 2,
                       .run = [&view, magnification] { view.setMagnification(magnification); },
                       .chosen = [&view, magnification] { return view.magnification() == magnification; }});
    };
    magnify("view.page", tr("Page"), Qt::Key_F2, tr("A phrase a line, parts only"), Magnification::Page);
    magnify("view.strip", tr("Strip"), Qt::Key_F3, tr("Steps as marks"), Magnification::Strip);
    all.push_back({.id = "view.full",
                   .name = tr("Full screen"),
                   .tip = tr("Again to leave it"),
                   .key = Qt::Key_F11,
                   .menu = "view",
                   .group = 5,
                   .run = [this] { setWindowState(windowState() ^ Qt::WindowFullScreen); }});
    all.push_back({.id = "view.legend",
                   .name = tr("Legend of the step marks"),
                   .tip = tr("Show it or not"),
                   .key = Qt::Key_Question,
                   .menu = "view",
                   .group = 3,
                   .run = [this] { m_rail->setLegendShown(!m_rail->legendShown()); }});
    const auto choices = [&](const char* id, const QString& name, const QString& words,
                             std::vector<Choice> (MainWindow::*which)()) {
        all.push_back({.id = id, .name = name, .menu = "view", .group = 6, .words = words, .choices = [this, which] {
                           return (this->*which)();
                       }});
    };
    choices("view.theme", tr("Theme"), tr("dark bright light night colours look"), &MainWindow::themeChoices);
    choices("view.text", tr("Size of text"), tr("larger smaller zoom big letters font"), &MainWindow::sizeChoices);
    choices("view.language", tr("Language"), tr("translation words English Deutsch français español"),
            &MainWindow::languageChoices);
    return all;
}

std::vector<Command> MainWindow::helpCommands() {
    std::vector<Command> all;
    const auto add = [&all](int group, const char* id, const QString& name, const QKeySequence& key, const QString& tip,
                            const QString& words, std::function<void()> run) {
        all.push_back({.id = id,
                       .name = name,
                       .tip = tip,
                       .key = key,
                       .menu = "help",
                       .group = group,
                       .words = words,
                       .run = std::move(run)});
    };
    add(1, "help.stage", tr("Help for this stage"), Qt::Key_F1, tr("The manual, at the page of the stage"),
        tr("manual documentation how"), [this] {
            const QString page = QString::fromLatin1(m_stage->about().id) + QStringLiteral(".md");
            showHelp(QFileInfo::exists(Help::folder() + QLatin1Char('/') + page) ? page : QStringLiteral("index.md"));
        });
    const auto page = [&](const char* id, const QString& name, const QString& tip, const QString& words,
                          const char* file) {
        add(1, id, name, {}, tip, words, [this, file] { showHelp(QString::fromLatin1(file)); });
    };
    page("help.first", tr("First steps"), tr("From a song to a sheet in ten minutes"), tr("begin start tutorial"),
         "index.md");
    page("help.keys", tr("Keys of the program"), tr("Every command that has one"), tr("shortcuts"), "keys.md");
    page("help.words", tr("What the words mean"), tr("Pass, set, restart, tag, landing and the others"),
         tr("glossary dictionary terms"), "glossary.md");
    page("help.trouble", tr("When something does not work"), tr("No sound, no map, slow, lost"),
         tr("trouble problem error broken"), "trouble.md");
    add(2, "help.about", tr("About Lift Count"), {}, tr("Its version, and the licences"), tr("version licence"),
        [this] { showAbout(m_theme, this); });
    return all;
}

void MainWindow::showHelp(const QString& page) {
    if (!m_help) m_help = new Help(m_theme, this);
    m_help->showPage(page);
    m_help->show();
    m_help->activateWindow();
}

void MainWindow::showPreferences() {
    if (m_preferences) return m_preferences->activateWindow();
    m_preferences = new Preferences(m_session, m_desk, *m_commands, m_theme, this);
    connect(m_preferences, &Preferences::lookWanted, this, &MainWindow::lookWanted);
    connect(m_preferences, &Preferences::anewWanted, this, &MainWindow::anewWanted);
    connect(m_preferences, &Preferences::changed, this, [this] {
        for (Stage* stage : m_stages) stage->preferencesChanged();
    });
    m_preferences->show();
}

std::vector<Choice> MainWindow::recentChoices() {
    std::vector<Choice> all;
    for (const RecentFile& file : m_files->recent())
        all.push_back(
            {tr("%1 (%2)").arg(onButton(file.title), file.about), [this, path = file.path] { openAny(path); }});
    if (all.empty()) all.push_back({tr("Nothing was saved or opened yet")});
    return all;
}

std::vector<Choice> MainWindow::themeChoices() {
    using settings::LookWanted;
    std::vector<Choice> all;
    for (const auto& [look, name] : {std::pair{LookWanted::AsSystem, tr("As the system")},
                                     {LookWanted::Bright, tr("Bright")},
                                     {LookWanted::Dark, tr("Dark")}})
        all.push_back({name,
                       [this, to = look] {
                           settings::setLook(to);
                           Q_EMIT lookWanted();
                       },
                       settings::look() == look});
    return all;
}

std::vector<Choice> MainWindow::sizeChoices() {
    std::vector<Choice> all;
    for (const int percent : settings::textSizes)
        all.push_back({tr("%1 %").arg(percent),
                       [this, percent] {
                           settings::setTextPercent(percent);
                           Q_EMIT anewWanted();
                       },
                       settings::textPercent() == percent});
    return all;
}

std::vector<Choice> MainWindow::languageChoices() {
    const auto choose = [this](const QString& language) {
        return [this, language] {
            settings::setLanguage(language);
            Q_EMIT anewWanted();
        };
    };
    std::vector<Choice> all{{tr("As the system"), choose({}), settings::language().isEmpty()}};
    for (const QString& language : languages())
        all.push_back({languageName(language), choose(language), settings::language() == language});
    return all;
}

std::vector<Place> MainWindow::placesFor(const QString& typed) {
    std::vector<Place> all;
    const auto add = [&](Stage& giver, Place place) {
        place.run = [this, &giver, brings = place.brings, run = std::move(place.run)] {
            if (brings || !m_stage->hasPlaces()) showStage(giver);
            run();
            if (QWidget* home = m_stage->home(); home && !brings) home->setFocus();
        };
        all.push_back(std::move(place));
    };
    for (Stage* stage : m_stages)
        for (Place& place : stage->places(typed)) add(*stage, std::move(place));
    const CountGrid& grid = m_session.doc.landing().grid;
    for (const CountPhrase& phrase : grid.phrases())
        all.push_back(
            {q(phrase.label), q(clockText(phrase.start)), [this, at = counts(phrase.firstCount)] { goTo(at); }});
    const QStringList words = typed.split(QLatin1Char(' '), Qt::SkipEmptyParts);
    if (words.size() == 2 && words[0].compare(tr("count"), Qt::CaseInsensitive) == 0) {
        const int count = words[1].toInt();
        if (grid.cell(count - 1))
            all.push_back({tr("count %1").arg(count), q(grid.place(counts(count - 1))),
                           [this, count] { goTo(counts(count - 1)); }});
    }
    std::vector<Place> commands = m_commands->places();
    all.insert(all.end(), std::make_move_iterator(commands.begin()), std::make_move_iterator(commands.end()));
    for (const Help::Heading& heading : Help::headings())
        all.push_back({tr("Help: %1").arg(heading.text), QString(), [this, page = heading.page] { showHelp(page); }});
    return all;
}

} // namespace lc::app
