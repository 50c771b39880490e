// The commands of the Song menu: opening, saying by hand, answering doubts, importing, exporting.
#include "app/window/main_window.h"

#include "app/listen/doubts_list.h"
#include "app/window/file_desk.h"
#include "app/listen/hand_panels.h"
#include "app/listen/hand_statements.h"
#include "app/listen/listen_stage.h"
#include "app/listen/song_column.h"

#include <QAction>
#include <QComboBox>
#include <QLineEdit>
#include <QMenu>
#include <QMenuBar>

namespace lc::app {

void MainWindow::buildSongMenu() {
    auto* song = menuBar()->addMenu(tr("&Song"));
    command(song, tr("Open a song …"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_O), tr("Choose a sound file, or a video with sound, and count it"), [this] { m_files->chooseSong(); });
    command(song, tr("Find the song file …"), {}, tr("The same recording in another place"), [this] { m_files->findSong(); });
    command(song, tr("Carry the map to another recording …"), {}, tr("Another edit of the same song, or another recording: all that was said goes with it"), [this] {
        setStage(Stage::Listen);
        m_files->carrySong();
    });
    song->addSeparator();
    QMenu* menu = song;
    const auto hand = [this, &menu](const QString& name, const QKeySequence& key, const QString& tip, std::function<void()> what) {
        QAction* action = command(menu, name, key, tip, [this, what = std::move(what)] {
            setStage(Stage::Listen);
            what();
        });
        action->setAutoRepeat(false);
        if (!key.isEmpty()) m_songKeys.append(key);
        return action;
    };
    hand(tr("Tap along"), QKeySequence(Qt::Key_T), tr("Opens the strip for tapping; then each press is a tap"), [this] { m_listen->tap(); });
    hand(tr("This is a 1"), QKeySequence(Qt::Key_1), tr("A bar and a set start at the caret"), [this] { m_listen->hand().thisIsAOne(); });
    hand(tr("This bar has … beats"), QKeySequence(Qt::Key_B), tr("Beats of the bar at the caret"), [this] {
        if (auto* choice = m_listen->findChild<QComboBox*>(QStringLiteral("barBeats"))) choice->showPopup();
    });
    hand(tr("A phrase starts here"), QKeySequence(Qt::Key_H), tr("At the caret"), [this] { m_listen->hand().phraseStartsHere(); });
    hand(tr("Stop from here to …"), QKeySequence(Qt::Key_S), tr("Silence, its counts going on; press again at its end"), [this] { m_listen->spanFromHere(); });
    hand(tr("Type the structure"), QKeySequence(Qt::Key_Y), tr("The song as text, with no recording or in its place"), [this] { typeStructure(); });
    hand(tr("Mark a moment"), QKeySequence(Qt::Key_M), tr("A place with a name of your own, such as the big stop"), [this] { m_listen->markMoment(); });
    hand(tr("Name this phrase"), QKeySequence(Qt::Key_N), tr("Type its name"), [this] {
        if (auto* field = m_listen->findChild<QLineEdit*>(QStringLiteral("phraseName"))) field->setFocus(Qt::ShortcutFocusReason);
    });

    menu = song->addMenu(tr("More by hand"));
    m_listen->setMoreMenu(menu);
    hand(tr("No phrase starts here"), QKeySequence(Qt::SHIFT | Qt::Key_H), tr("It belongs to the phrase before"), [this] { m_listen->hand().noPhraseStartsHere(); });
    hand(tr("A beat is here"), QKeySequence(Qt::SHIFT | Qt::Key_B), tr("Where the sound plays now, or at the caret"), [this] { m_listen->hand().aBeatIsHere(); });
    menu->addSeparator();
    hand(tr("Every 1 a beat earlier"), {}, tr("Shift the 1 of the whole song"), [this] { m_listen->hand().shiftOne(-1); });
    hand(tr("Every 1 a beat later"), {}, tr("Shift the 1 of the whole song"), [this] { m_listen->hand().shiftOne(1); });
    hand(tr("Half as many beats"), {}, tr("The pulse is half as fast"), [this] { m_listen->hand().halfAsFast(); });
    hand(tr("Twice as many beats"), {}, tr("The pulse is twice as fast"), [this] { m_listen->hand().twiceAsFast(); });
    menu->addSeparator();
    hand(tr("A held beat from here to …"), {}, tr("One beat that lasts longer than the tempo says"), [this] { m_listen->spanFromHereAs(static_cast<int>(SpanPanel::Kind::HeldBeat)); });
    hand(tr("Another metre from here to …"), {}, tr("A part with bars of its own"), [this] { m_listen->spanFromHereAs(static_cast<int>(SpanPanel::Kind::Metre)); });
    hand(tr("Another tempo from here to …"), {}, tr("A part with a tempo of its own"), [this] { m_listen->spanFromHereAs(static_cast<int>(SpanPanel::Kind::Tempo)); });
    menu->addSeparator();
    hand(tr("Every beat 5 ms earlier"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Left), tr("Where the clicks come a little late"), [this] { m_listen->hand().nudge(-5); });
    hand(tr("Every beat 5 ms later"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Right), tr("Where the clicks come a little early"), [this] { m_listen->hand().nudge(5); });
    menu->addSeparator();
    hand(tr("Forget everything that was said"), {}, tr("The song as it was heard; undo brings it back"), [this] { m_listen->hand().forgetAll(); });

    menu = song->addMenu(tr("Doubts"));
    const auto doubts = [this](auto&& what) {
        return [this, what] {
            if (DoubtsList* list = m_listen->column().doubts(); list && !m_session.song.doubts().empty()) what(*list);
            else tell(tr("The song has no doubts."));
        };
    };
    hand(tr("Next doubt"), QKeySequence(Qt::Key_F7), tr("Go to its place"), doubts([](DoubtsList& list) { list.nextDoubt(); }));
    hand(tr("Next reading"), QKeySequence(Qt::SHIFT | Qt::Key_F7), tr("Of the doubt at hand"), doubts([](DoubtsList& list) { list.nextReading(); }));
    hand(tr("Hear the reading"), QKeySequence(Qt::SHIFT | Qt::Key_Space), tr("Four bars with clicks"), doubts([](DoubtsList& list) { list.hear(); }));
    hand(tr("Accept the reading"), QKeySequence(Qt::SHIFT | Qt::Key_Return), tr("State it; the rest is worked out again around it"), doubts([](DoubtsList& list) { list.accept(); }));

    song->addSeparator();
    command(song, tr("Import a map …"), {}, tr("MIDI, CSV or labels"), [this] {
        setStage(Stage::Listen);
        m_files->importMap();
    });
    command(song, tr("Import lines of words …"), {}, tr("An LRC file; each line is a moment"), [this] {
        setStage(Stage::Listen);
        m_files->importLyrics();
    });
    menu = song->addMenu(tr("Export"));
    for (const auto& [name, kind] : {std::pair{tr("Export the map as CSV …"), QStringLiteral("csv")}, std::pair{tr("Export the map as JSON …"), QStringLiteral("json")},
                                     std::pair{tr("Export the map as MIDI …"), QStringLiteral("mid")}, std::pair{tr("Export the map as labels …"), QStringLiteral("txt")},
                                     std::pair{tr("Export the phrases as WebVTT …"), QStringLiteral("vtt")}, std::pair{tr("Export the lines of words as LRC …"), QStringLiteral("lrc")}})
        command(menu, name, {}, tr("For other programs"), [this, kind = kind] { m_files->exportMap(kind); });
}

} // namespace lc::app
