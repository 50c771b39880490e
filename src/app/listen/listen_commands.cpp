// What can be done with the song: opening it, saying by hand what it is, answering doubts, its files.
#include "app/listen/listen_stage.h"

#include "app/base/session.h"
#include "app/listen/doubts_list.h"
#include "app/listen/hand_panels.h"
#include "app/listen/hand_statements.h"
#include "app/listen/song_column.h"
#include "app/listen/song_files.h"
#include "app/strips/strips_view.h"
#include "core/exchange/map_formats.h"

#include <QComboBox>

namespace lc::app {

std::vector<Command> ListenStage::commands() {
    std::vector<Command> all;
    all.push_back({.id = "song.open",
                   .name = tr("Open a song …"),
                   .tip = tr("Choose a sound file, or a video with sound, and count it"),
                   .key = Qt::CTRL | Qt::SHIFT | Qt::Key_O,
                   .menu = stage_id::listen,
                   .run = [this] { m_files->chooseSong(); }});
    all.push_back({.id = "song.find",
                   .name = tr("Find the song file …"),
                   .tip = tr("The same recording in another place"),
                   .menu = stage_id::listen,
                   .run = [this] { m_files->findSong(); }});
    all.push_back({.id = "song.carry",
                   .name = tr("Carry the map to another recording …"),
                   .tip = tr("Another edit of the same song, or another recording: all that was said goes with it"),
                   .menu = stage_id::listen,
                   .brings = true,
                   .run = [this] { m_files->carrySong(); }});
    addStatements(all);
    addDoubts(all);
    addFiles(all);
    // a song by itself has no words of steps: the largest is its strips
    all.push_back({.id = "view.strip",
                   .onlyHere = true,
                   .run = [this] { m_session.view.setMagnification(Magnification::Strip); },
                   .chosen = [this] { return m_strips->magnification() == Magnification::Strip; }});
    return all;
}

void ListenStage::addStatements(std::vector<Command>& all) {
    const auto say = [&all](int group, const char* id, const QString& name, const QKeySequence& key, const QString& tip,
                            std::function<void()> run, const Submenu& submenu = {}) {
        all.push_back({.id = id,
                       .name = name,
                       .tip = tip,
                       .key = key,
                       .menu = stage_id::listen,
                       .group = group,
                       .submenu = submenu,
                       .brings = true,
                       .repeats = false,
                       .run = std::move(run)});
    };
    say(2, "song.tap", tr("Tap along"), Qt::Key_T, tr("Opens the strip for tapping; then each press is a tap"),
        [this] { tap(); });
    say(2, "song.one", tr("This is a 1"), Qt::Key_1, tr("A bar and a set start at the caret"),
        [this] { m_hand->thisIsAOne(); });
    say(2, "song.bar-beats", tr("This bar has … beats"), Qt::Key_B, tr("Beats of the bar at the caret"),
        [this] { m_barBeats->showPopup(); });
    say(2, "song.phrase", tr("A phrase starts here"), Qt::Key_H, tr("At the caret"),
        [this] { m_hand->phraseStartsHere(); });
    say(2, "song.stop", tr("Stop from here to …"), Qt::Key_S,
        tr("Silence, its counts going on; press again at its end"), [this] { spanFromHere(); });
    say(2, "song.structure", tr("Type the structure"), Qt::Key_Y,
        tr("The song as text, with no recording or in its place"), [this] { typeStructure(); });
    say(2, "song.moment", tr("Mark a moment"), Qt::Key_M, tr("A place with a name of your own, such as the big stop"),
        [this] { markMoment(); });
    say(2, "song.phrase-name", tr("Name this phrase"), Qt::Key_N, tr("Type its name"),
        [this] { m_column->nameThePhrase(); });

    const Submenu more{"song.more", tr("More by hand")};
    say(
        2, "song.no-phrase", tr("No phrase starts here"), Qt::SHIFT | Qt::Key_H, tr("It belongs to the phrase before"),
        [this] { m_hand->noPhraseStartsHere(); }, more);
    say(
        2, "song.beat", tr("A beat is here"), Qt::SHIFT | Qt::Key_B, tr("Where the sound plays now, or at the caret"),
        [this] { m_hand->aBeatIsHere(); }, more);
    say(
        3, "song.ones-earlier", tr("Every 1 a beat earlier"), {}, tr("Shift the 1 of the whole song"),
        [this] { m_hand->shiftOne(-1); }, more);
    say(
        3, "song.ones-later", tr("Every 1 a beat later"), {}, tr("Shift the 1 of the whole song"),
        [this] { m_hand->shiftOne(1); }, more);
    say(
        3, "song.half", tr("Half as many beats"), {}, tr("The pulse is half as fast"), [this] { m_hand->halfAsFast(); },
        more);
    say(
        3, "song.twice", tr("Twice as many beats"), {}, tr("The pulse is twice as fast"),
        [this] { m_hand->twiceAsFast(); }, more);
    const auto span = [&](const char* id, const QString& name, const QString& tip, SpanPanel::Kind kind) {
        say(
            4, id, name, {}, tip, [this, kind] { spanFromHereAs(static_cast<int>(kind)); }, more);
    };
    span("song.held", tr("A held beat from here to …"), tr("One beat that lasts longer than the tempo says"),
         SpanPanel::Kind::HeldBeat);
    span("song.metre", tr("Another metre from here to …"), tr("A part with bars of its own"), SpanPanel::Kind::Metre);
    span("song.tempo", tr("Another tempo from here to …"), tr("A part with a tempo of its own"),
         SpanPanel::Kind::Tempo);
    say(
        5, "song.beats-earlier", tr("Every beat 5 ms earlier"), Qt::CTRL | Qt::SHIFT | Qt::Key_Left,
        tr("Where the clicks come a little late"), [this] { m_hand->nudge(-5); }, more);
    say(
        5, "song.beats-later", tr("Every beat 5 ms later"), Qt::CTRL | Qt::SHIFT | Qt::Key_Right,
        tr("Where the clicks come a little early"), [this] { m_hand->nudge(5); }, more);
    say(
        6, "song.forget", tr("Forget everything that was said"), {},
        tr("The song as it was heard; undo brings it back"), [this] { m_hand->forgetAll(); }, more);
}

void ListenStage::addDoubts(std::vector<Command>& all) {
    const auto answer = [&](const char* id, const QString& name, const QKeySequence& key, const QString& tip,
                            void (DoubtsList::*what)()) {
        all.push_back({.id = id,
                       .name = name,
                       .tip = tip,
                       .key = key,
                       .menu = stage_id::listen,
                       .group = 2,
                       .submenu = {"song.doubts", tr("Doubts")},
                       .brings = true,
                       .repeats = false,
                       .run = [this, what] {
                           DoubtsList* list = m_column->doubts();
                           if (list && !m_session.song.doubts().empty())
                               (list->*what)();
                           else
                               m_session.messages.tell(tr("The song has no doubts."));
                       }});
    };
    answer("doubt.next", tr("Next doubt"), Qt::Key_F7, tr("Go to its place"), &DoubtsList::nextDoubt);
    answer("doubt.reading", tr("Next reading"), Qt::SHIFT | Qt::Key_F7, tr("Of the doubt at hand"),
           &DoubtsList::nextReading);
    answer("doubt.hear", tr("Hear the reading"), Qt::SHIFT | Qt::Key_Space, tr("Four bars with clicks"),
           &DoubtsList::hear);
    answer("doubt.accept", tr("Accept the reading"), Qt::SHIFT | Qt::Key_Return,
           tr("State it; the rest is worked out again around it"), &DoubtsList::accept);
}

void ListenStage::addFiles(std::vector<Command>& all) {
    all.push_back({.id = "song.import",
                   .name = tr("Import a map …"),
                   .tip = tr("MIDI, CSV or labels"),
                   .menu = stage_id::listen,
                   .group = 3,
                   .brings = true,
                   .run = [this] { m_files->importMap(); }});
    all.push_back({.id = "song.import-words",
                   .name = tr("Import lines of words …"),
                   .tip = tr("An LRC file; each line is a moment"),
                   .menu = stage_id::listen,
                   .group = 3,
                   .brings = true,
                   .run = [this] { m_files->importLyrics(); }});
    for (const MapFormat& format : mapFormats())
        if (!format.menu.empty())
            all.push_back(
                {.id = "song.export-" + QByteArray(format.name.data(), static_cast<qsizetype>(format.name.size())),
                 .name = q(format.menu),
                 .tip = tr("For other programs"),
                 .menu = stage_id::listen,
                 .group = 3,
                 .submenu = {"song.export", tr("Export")},
                 .run = [this, &format] { m_files->exportMap(format); }});
}

} // namespace lc::app
