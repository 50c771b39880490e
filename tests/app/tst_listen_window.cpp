// The Listen stage through the real window: tapping, parts of the song, typed structure, moments, import, another
// recording.
#include "support/audio_support.h"
#include "support/core_support.h"
#include "support/window_rig.h"

#include "app/listen/hand_statements.h"
#include "app/listen/song_column.h"
#include "app/listen/tap_panel.h"
#include "app/listen/tempo_curve_view.h"
#include "app/window/count_bar.h"
#include "audio/sound/audio_file.h"
#include "audio/sound/resample.h"
#include "core/exchange/map_export.h"
#include "core/song/tapping.h"
#include "core/song/tempo_curve.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLineEdit>
#include <QPushButton>
#include <QSettings>
#include <QSpinBox>
#include <QTemporaryDir>

using namespace lc;
using namespace lc::app;
using namespace lc::test;

namespace {

/// Everything written in the column beside the song.
QString columnShown(const WindowRig& rig) {
    QStringList all;
    for (auto* label : rig.window->stage<app::ListenStage>().column().findChildren<QLabel*>()) all << label->text();
    return all.join('\n');
}

void heardDemo(WindowRig& rig) {
    rig.window->openDemo();
    QTRY_VERIFY_WITH_TIMEOUT(rig.session->song.heardSong(), 60000);
    rig.shortcut(Qt::Key_1, Qt::AltModifier);
    rig.window->stage<app::ListenStage>().strips().setFocus();
}

/// Plays the song and presses the key at the given moments of it.
void tapAt(WindowRig& rig, const std::vector<Seconds>& taps) {
    for (Seconds tap : taps) {
        const double wait = tap - rig.session->transport.player().position();
        if (wait > 0) rig.pass(wait);
        rig.shortcut(Qt::Key_T);
    }
}

} // namespace

class ListenWindowTest : public QObject {
    Q_OBJECT

private Q_SLOTS:
    void initTestCase() { prepareProgram("lift-count-listen-test"); }
    void init() { QSettings().clear(); }

    /// A person taps half as fast, with human scatter, misses and doubles: the song is counted like that, in one step.
    void tappingChangesHowFastTheSongIsCounted() {
        WindowRig rig;
        heardDemo(rig);
        const Document before = rig.session->doc.document();
        const double bpm = *medianTempo(*before.map);
        std::vector<Seconds> halves;
        for (std::size_t b = 16; b < 80; b += 2) halves.push_back(before.map->beats[b].time);
        rig.session->transport.setCaret(counts(12));
        rig.shortcut(Qt::Key_T); // opens the strip
        QVERIFY(rig.window->stage<app::ListenStage>().tapPanel().isVisible());
        QVERIFY(rig.window->stage<app::ListenStage>().tapPanel().taps().empty());
        rig.shortcut(Qt::Key_Space);
        QVERIFY(rig.session->transport.player().playing());
        tapAt(rig, simulatedTaps(halves, {0.025, 0, 0.06, 0.04, 0.02}, 4));
        QVERIFY(rig.window->stage<app::ListenStage>().tapPanel().taps().size() > 25);
        rig.press("useTaps");
        QVERIFY(!rig.window->stage<app::ListenStage>().tapPanel().isVisible());
        QVERIFY(qAbs(*medianTempo(*rig.session->doc.document().map) - bpm / 2) < 1);
        rig.shortcut(Qt::Key_Space);
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(rig.session->doc.document() == before);
    }
    void tapsThatAgreeChangeNothingAndTeachTheDelay() {
        WindowRig rig;
        heardDemo(rig);
        const Document before = rig.session->doc.document();
        std::vector<Seconds> beats;
        for (std::size_t b = 20; b < 60; ++b) beats.push_back(before.map->beats[b].time);
        rig.session->transport.setCaret(counts(12));
        rig.shortcut(Qt::Key_T);
        rig.shortcut(Qt::Key_Space);
        tapAt(rig, simulatedTaps(beats, {0.02, 0.05, 0.05, 0, 0}, 11));
        rig.press("useTaps");
        QVERIFY(rig.session->doc.document() == before);
        auto* late = rig.window->stage<app::ListenStage>().findChild<QSpinBox*>("tapsLate");
        QVERIFY2(late->value() >= 15 && late->value() <= 35,
                 qPrintable(QString::number(late->value()))); // half of 50 ms, the next song the rest
        QCOMPARE(QSettings().value("tapsLateMilliseconds").toInt(), late->value());
    }
    /// No steady pulse: the song is counted by taps alone, from its start to its end.
    void aSongWithoutAPulseIsTapped() {
        QTemporaryDir folder;
        const QString path = folder.filePath("wind.wav");
        QVERIFY(writeSound(test::noise(30), path.toStdString()));
        WindowRig rig;
        rig.window->openAny(path);
        QTRY_VERIFY_WITH_TIMEOUT(!rig.session->song.loading() && rig.session->song.loudness(), 30000);
        QVERIFY(rig.session->doc.document().map->beats.empty());
        rig.shortcut(Qt::Key_1, Qt::AltModifier);
        QVERIFY(columnShown(rig).contains("Not counted yet"));
        QCOMPARE(countBarWords(*rig.session).place, QString("not counted yet"));
        QVERIFY(!rig.window->stage<app::ListenStage>().strips().isVisible()); // in their place: what can be done
        QVERIFY(rig.button("uncountedType")->isVisible());
        QVERIFY(rig.button("uncountedTap")->hasFocus()); // the keyboard is where the next step is
        rig.press("uncountedTap");
        QVERIFY(rig.window->stage<app::ListenStage>().tapPanel().isVisible());
        rig.shortcut(Qt::Key_Space);
        std::vector<Seconds> beats;
        for (int i = 0; i < 24; ++i) beats.push_back(3 + 0.6 * i);
        tapAt(rig, simulatedTaps(beats, {0.02, 0, 0, 0, 0}, 2));
        rig.press("useTaps");
        const SongMap& map = *rig.session->doc.document().map;
        QVERIFY(qAbs(*medianTempo(map) - 100) < 1.5);
        QVERIFY(map.end > 28.5);
        QVERIFY(rig.session->doc.document().origin == MapOrigin::Tapped);
        QVERIFY(columnShown(rig).contains("Counted by your taps"));
        QVERIFY(rig.window->stage<app::ListenStage>().strips().isVisible());
    }
    void barsAreStrongInTheCountBar_data() {
        QTest::addColumn<QString>("metre");
        QTest::addColumn<QString>("strong"); // a letter a lamp: S strong, w weak
        QTest::newRow("4/4") << "4/4"
                             << "SwwwSwww";
        QTest::newRow("2/4 in pairs") << "2/4"
                                      << "SwwwSwww";
        QTest::newRow("3/4 in sixes") << "3/4"
                                      << "SwwSww";
        QTest::newRow("7/8 in three counts a bar") << "7/8:3+2+2"
                                                   << "SwwSww";
    }
    void barsAreStrongInTheCountBar() {
        QFETCH(QString, metre);
        QFETCH(QString, strong);
        WindowRig rig;
        rig.shortcut(Qt::Key_Y);
        auto* text = rig.window->stage<app::ListenStage>().findChild<QLineEdit*>("structureText");
        text->setFocus();
        rig.keys(text, "verse 84");
        QTest::keyClick(text, Qt::Key_Return);
        rig.window->stage<app::ListenStage>().hand().setMetre(metre);
        const CountBarWords words = countBarWords(*rig.session);
        QString shown;
        for (bool s : words.strong) shown += s ? 'S' : 'w';
        QCOMPARE(shown, strong);
        QCOMPARE(words.strong.size(), static_cast<std::size_t>(words.lamps));
    }
    void aStopIsStatedFromHereToThere() {
        WindowRig rig;
        heardDemo(rig);
        rig.session->transport.setCaret(counts(100));
        rig.shortcut(Qt::Key_S);
        QVERIFY(rig.button("stateSpan")->isVisible());
        rig.session->transport.setCaret(counts(104));
        QCOMPARE(rig.window->stage<app::ListenStage>().findChild<QSpinBox*>("spanCounts")->value(), 4);
        rig.shortcut(Qt::Key_S);
        const auto& stops = rig.session->doc.document().map->stops;
        QVERIFY(std::any_of(stops.begin(), stops.end(), [](const Stop& s) { return s.beats == 4; }));
        QVERIFY(!rig.button("stateSpan")->isVisible());
        QVERIFY(columnShown(rig).contains("a stop of 4 from"));
    }
    void aPartGetsItsOwnMetre() {
        WindowRig rig;
        heardDemo(rig);
        rig.session->transport.setCaret(counts(64));
        rig.window->stage<app::ListenStage>().spanFromHereAs(2);
        rig.window->stage<app::ListenStage>().findChild<QComboBox*>("spanMetre")->setCurrentText("3/4");
        rig.session->transport.setCaret(counts(88));
        rig.press("stateSpan");
        const SongMap& map = *rig.session->doc.document().map;
        const auto threes = std::count_if(map.bars.begin(), map.bars.end(), [](const Bar& b) { return b.beats == 3; });
        QCOMPARE(threes, 8);
        // before its start nothing is stated
        rig.session->transport.setCaret(counts(40));
        rig.window->stage<app::ListenStage>().spanFromHereAs(3);
        rig.press("stateSpan");
        QVERIFY(rig.button("stateSpan")->isVisible()); // still asking for the end
    }
    void aSongIsTypedAsStructure() {
        WindowRig rig;
        rig.press("startStructure");
        auto* text = rig.window->stage<app::ListenStage>().findChild<QLineEdit*>("structureText");
        QVERIFY(text->isVisible());
        text->setFocus();
        rig.keys(text, "intro 16 | vers");
        QVERIFY(!rig.button("useStructure")->isEnabled()); // not yet understood
        rig.keys(text, "e 32 | stop 4 | chorus 32");
        QVERIFY(rig.button("useStructure")->isEnabled());
        rig.window->stage<app::ListenStage>().findChild<QDoubleSpinBox*>("structureBpm")->setValue(98);
        QTest::keyClick(text, Qt::Key_Return);
        const Document& d = rig.session->doc.document();
        QCOMPARE(d.map->beats.size(), std::size_t{84});
        QVERIFY(qAbs(*medianTempo(*d.map) - 98) < 1e-6);
        QVERIFY(d.origin == MapOrigin::Typed);
        QVERIFY(columnShown(rig).contains("Typed as structure"));
        rig.shortcut(Qt::Key_Y); // it can be taken up again
        QCOMPARE(text->text(), QString("intro 16 | verse 32 | stop 4 | chorus 32"));
        // facts are put into it as it is
        rig.session->transport.setCaret(counts(40));
        rig.window->stage<app::ListenStage>().hand().phraseStartsHere();
        QCOMPARE(rig.session->doc.document().map->phrases.size(), std::size_t{4});
    }
    void momentsAreMarkedInOnesOwnWords() {
        WindowRig rig;
        heardDemo(rig);
        rig.session->transport.setCaret(counts(72));
        rig.shortcut(Qt::Key_M);
        auto* text = rig.window->stage<app::ListenStage>().findChild<QLineEdit*>("momentText");
        QVERIFY(text->isVisible());
        rig.keys(text, "strings enter");
        rig.window->stage<app::ListenStage>().findChild<QComboBox*>("momentKind")->setCurrentIndex(2);
        QTest::keyClick(text, Qt::Key_Return);
        QCOMPARE(rig.session->doc.document().moments.size(), std::size_t{1});
        QCOMPARE(app::q(rig.session->doc.document().moments[0].text), QString("strings enter"));
        QVERIFY(rig.session->doc.document().moments[0].kind == MomentKind::Entry);
        QVERIFY(columnShown(rig).contains("strings enter, comes in"));
        QTemporaryDir folder;
        QFile lrc(folder.filePath("words.lrc"));
        QVERIFY(lrc.open(QIODevice::WriteOnly));
        lrc.write("[00:20.00]first light\n[00:40.50]round the hall\n");
        lrc.close();
        rig.window->openAny(lrc.fileName());
        QCOMPARE(rig.session->doc.document().moments.size(), std::size_t{3});
        QVERIFY(columnShown(rig).contains("round the hall, words"));
    }
    void aMapIsImportedAndItsMistakesAreSaid() {
        QTemporaryDir folder;
        QFile csv(folder.filePath("map.csv"));
        QVERIFY(csv.open(QIODevice::WriteOnly));
        csv.write(QByteArray::fromStdString(mapToCsv(test::song("pickup 1 | intro 12 | verse 24", 90, "3/4"))));
        csv.close();
        WindowRig rig;
        rig.window->openAny(csv.fileName());
        QCOMPARE(rig.session->doc.document().map->metre.beats, 3);
        QCOMPARE(rig.session->doc.document().map->pickupBeats, std::size_t{1});
        QVERIFY(columnShown(rig).contains("read from a file"));
        const Document before = rig.session->doc.document();
        QVERIFY(csv.open(QIODevice::WriteOnly));
        csv.write("time_s,bar_index,beat_in_bar,phrase_index\n1,0,1,0\n0.5,0,2,0\n");
        csv.close();
        QString said;
        connect(&rig.session->messages, &Messages::told, this, [&](const QString& sentence) { said = sentence; });
        rig.window->openAny(csv.fileName());
        QVERIFY2(said.contains("line 3"), qPrintable(said));
        QVERIFY(rig.session->doc.document() == before); // nothing is lost
    }
    void theTempoCurveTellsWhatTheRoutineNeeds() {
        WindowRig rig;
        heardDemo(rig);
        const TempoCurveView& view = rig.window->stage<app::ListenStage>().tempo();
        QVERIFY(view.isVisible());
        QCOMPARE(view.curve().points.size(), rig.session->doc.document().map->bars.size());
        QVERIFY(view.curve().danced);
        QVERIFY(view.accessibleDescription().contains("The routine needs"));
        QTest::mouseClick(rig.window->stage<app::ListenStage>().findChild<TempoCurveView*>(), Qt::LeftButton, {},
                          QPoint(400, 50));
        QVERIFY(rig.session->transport.now() > counts(20));
    }
    void nudgesAddUpAndAreUndone() {
        WindowRig rig;
        heardDemo(rig);
        const double first = rig.session->doc.document().map->beats[10].time;
        const Document before = rig.session->doc.document();
        for (int i = 0; i < 3; ++i) rig.shortcut(Qt::Key_Right, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(qAbs(rig.session->doc.document().map->beats[10].time - first - 0.015) < 1e-6);
        QVERIFY(columnShown(rig).contains("every beat 15 ms later"));
        for (int i = 0; i < 3; ++i) rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(rig.session->doc.document() == before);
    }
    void doubtsAreAnsweredFromTheKeyboard() {
        WindowRig rig;
        heardDemo(rig);
        const std::size_t open = rig.session->song.doubts().size();
        QVERIFY(open > 1);
        const double place = rig.session->song.doubts()[0].start;
        rig.shortcut(Qt::Key_F7);
        QVERIFY(qAbs(*rig.session->doc.landing().grid.secondsAt(rig.session->transport.now()) - place) < 1.0);
        rig.shortcut(Qt::Key_F7, Qt::ShiftModifier);
        rig.shortcut(Qt::Key_Space, Qt::ShiftModifier);
        QVERIFY(rig.session->transport.hearing());
        rig.shortcut(Qt::Key_Space);
        rig.shortcut(Qt::Key_Return, Qt::ShiftModifier);
        QVERIFY(rig.session->doc.document().facts.size() > 0);
        rig.window->stage<app::ListenStage>().hand().forgetAll();
        QCOMPARE(rig.session->doc.document().facts.size(), std::size_t{0});
    }
    /// A mark in the last line that is seen is a small one: what is painted after it is not filled with its ink.
    void aMarkedMomentLeavesTheStripsReadable() {
        WindowRig rig;
        heardDemo(rig);
        const auto inked = [&] {
            const QImage seen = rig.window->stage<app::ListenStage>().strips().viewport()->grab().toImage();
            qint64 dark = 0;
            for (int y = 0; y < seen.height(); ++y)
                for (int x = 0; x < seen.width(); ++x) dark += seen.pixelColor(x, y).lightness() < 80;
            return static_cast<double>(dark) / (seen.width() * seen.height());
        };
        QVERIFY(rig.window->stage<app::ListenStage>().strips().hasFocus());
        const double before = inked();
        QVERIFY2(before < 0.1, qPrintable(QString::number(before)));
        for (int count = 8; count < 250; count += 16) { // in every line, whichever comes last
            rig.session->transport.setCaret(counts(count));
            rig.window->stage<app::ListenStage>().hand().markMoment(MomentKind::Hit, "hit");
        }
        rig.session->transport.setCaret(counts(0));
        rig.window->stage<app::ListenStage>().strips().setFocus();
        QVERIFY2(inked() < before + 0.05, qPrintable(QString::number(inked())));
    }
    /// Unlikely answers wait behind a button, and come forth when the keys reach them; what the whole song hangs on
    /// says so.
    void unlikelyAnswersAreFoldedAway() {
        const auto whole = test::must(decodeSong(LIFTCOUNT_SOURCE_DIR "/demo/orchard-gate.ogg")).sound;
        AudioBuffer piece{whole.sampleRate, whole.channels, {}}; // twenty seconds of a waltz tell less than all of it
        const auto sample = [&](int seconds) {
            return whole.samples.begin() + static_cast<std::ptrdiff_t>(seconds * whole.sampleRate * whole.channels);
        };
        piece.samples.assign(sample(5), sample(25));
        QTemporaryDir folder;
        const QString path = folder.filePath("piece.flac");
        QVERIFY(writeSound(piece, path.toStdString()));
        WindowRig rig;
        rig.session->song.openSong(path);
        QTRY_VERIFY_WITH_TIMEOUT(rig.session->song.heardSong(), 60000);
        rig.shortcut(Qt::Key_1, Qt::AltModifier);
        const SongDoubt doubt = rig.session->song.doubts().front();
        QVERIFY(doubt.ofAll);
        QVERIFY(columnShown(rig).contains("1  The whole song: " + app::q(doubt.about)));
        const std::size_t last = doubt.readings.size() - 1;
        QVERIFY(last >= 2 && doubt.readings[last].share < 0.05);
        const auto shown = [&](std::size_t r) {
            return !rig.window->stage<app::ListenStage>()
                        .findChild<QAbstractButton*>(
                            QStringLiteral("reading0%1").arg(QLatin1Char(static_cast<char>('a' + r))))
                        ->isHidden();
        };
        auto* more = rig.window->stage<app::ListenStage>().findChild<QPushButton*>("lessLikely0");
        QVERIFY(shown(0) && shown(1) && !shown(last) && !more->isHidden());
        QVERIFY(more->text().endsWith("less likely"));
        rig.shortcut(Qt::Key_F7);
        for (std::size_t r = 0; r < last; ++r) rig.shortcut(Qt::Key_F7, Qt::ShiftModifier);
        QVERIFY(shown(last) && more->isHidden());
    }
    void aLoopSurvivesTheHearingOfADoubt() {
        WindowRig rig;
        heardDemo(rig);
        rig.session->transport.setLoop(std::pair{counts(32), counts(64)});
        rig.session->song.hearReading(0, 0);
        QVERIFY(rig.session->transport.hearing());
        rig.shortcut(Qt::Key_Space);
        QVERIFY(rig.session->transport.loop() == std::pair(counts(32), counts(64)));
    }
    /// The second verse cut out of the recording: everything said goes along, the joint is a doubt, one undo brings all
    /// back.
    void theMapIsCarriedToAnotherEdit() {
        WindowRig rig;
        heardDemo(rig);
        rig.session->transport.setCaret(counts(200));
        rig.window->stage<app::ListenStage>().hand().markMoment(MomentKind::Hit, "late hit");
        const Document before = rig.session->doc.document();
        const SongMap& map = *before.map;
        const double a = map.beats[firstBeatOf(map, map.phrases[3])].time,
                     b = map.beats[firstBeatOf(map, map.phrases[4])].time;
        const auto whole = test::must(decodeSong(before.song.path));
        AudioBuffer edit{whole.sound.sampleRate, whole.sound.channels, {}};
        const auto sample = [&](double t) { return static_cast<std::ptrdiff_t>(t * edit.sampleRate) * edit.channels; };
        edit.samples.assign(whole.sound.samples.begin(), whole.sound.samples.begin() + sample(a));
        edit.samples.insert(edit.samples.end(), whole.sound.samples.begin() + sample(b), whole.sound.samples.end());
        QTemporaryDir folder;
        const QString path = folder.filePath("short.flac");
        QVERIFY(writeSound(edit, path.toStdString()));
        rig.session->song.carryTo(path);
        QTRY_VERIFY_WITH_TIMEOUT(rig.session->doc.document().song.path == path.toStdString(), 60000);
        const Document& then = rig.session->doc.document();
        QVERIFY(then.origin == MapOrigin::Carried);
        QCOMPARE(then.routine.passes.size(), before.routine.passes.size());
        QCOMPARE(then.moments.size(), std::size_t{1});
        QVERIFY(qAbs(then.moments[0].at - (before.moments[0].at - (b - a))) < 0.05);
        QVERIFY(!rig.session->song.doubts().empty()); // the joint
        for (std::size_t p = 5; p + 1 < map.phrases.size(); ++p) {
            const auto& phrases = then.map->phrases;
            QVERIFY(std::any_of(phrases.begin(), phrases.end(),
                                [&](const Phrase& phrase) { return phrase.label == map.phrases[p].label; }));
        }
        rig.session->song.state(rig.session->song.doubts()[0].readings[0].facts);
        QVERIFY(rig.session->song.doubts().empty());
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
        rig.shortcut(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(rig.session->doc.document() == before);
    }
};

LIFTCOUNT_TEST(ListenWindowTest)
#include "tst_listen_window.moc"
