// From the sound of a song through the real window to the count that is danced.
#include "support/audio_support.h"
#include "support/demo_songs.h"
#include "support/window_rig.h"

#include "app/listen/hand_statements.h"

#include <QComboBox>
#include <QLineEdit>
#include <QTemporaryDir>

using namespace lc;
using namespace lc::app;
using namespace lc::test;

class SongToCountTest : public QObject {
    Q_OBJECT

private Q_SLOTS:
    void initTestCase() { prepareProgram("lift-count-song-test"); }

    /// S18: 7/8 as 3+2+2, eighths of 0.2 s: the counts fall at 0, 0.6, 1.0, 1.4 …, bar 6 at 7.0 s after the first 1.
    void sevensAreCountedLongShortShort() {
        WindowRig rig;
        rig.window->openAny(LIFTCOUNT_SOURCE_DIR "/demo/sevenfold-stairs.ogg");
        QTRY_VERIFY_WITH_TIMEOUT(rig.session->song.heardSong(), 60000);
        rig.shortcut(Qt::Key_1, Qt::AltModifier);
        QCOMPARE(rig.window->stage<app::ListenStage>().findChild<QComboBox*>("metre")->currentText(),
                 QString("7/8:3+2+2"));
        QVERIFY(rig.window->stage<app::ListenStage>().strips().hasFocus());
        const double first = demoTruth("sevenfold-stairs").beats[0].time;
        const CountGrid& grid = rig.session->doc.landing().grid;
        const Tick one = counts(wholeCounts(*grid.tickAt(first + 0.05)));
        QStringList said;
        for (int k = 0; k < 16; ++k) {
            rig.session->transport.setCaret(one + counts(k));
            said << countBarWords(*rig.session).count;
            const double wanted[] = {0, 0.6, 1.0, 1.4, 2.0, 2.4, 2.8, 3.4, 3.8, 4.2, 4.8, 5.2, 5.6, 6.2, 6.6, 7.0};
            QVERIFY(std::abs(*grid.secondsAt(one + counts(k)) - first - wanted[k]) < 0.05);
        }
        QCOMPARE(said.join(' '),
                 "1 2 3 4 5 6 1 2 3 4 5 6 1 2 3 4"); // three counts a bar, two bars a six; bar 6 begins on its 4
        QCOMPARE(countBarWords(*rig.session).detail, QString("bar %1, beat 1").arg(grid.cellAt(one)->bar + 6));
    }
    /// Who looks at the Listen stage while a song is counted has the keyboard on its strips when they come.
    void theKeyboardFollowsTheSong() {
        WindowRig rig;
        rig.shortcut(Qt::Key_1, Qt::AltModifier);
        rig.window->openAny(LIFTCOUNT_SOURCE_DIR "/demo/sevenfold-stairs.ogg");
        rig.window->showStage(app::stage_id::listen);
        QVERIFY(rig.session->song.loading());
        QVERIFY(!rig.window->stage<app::ListenStage>().strips().isVisible());
        QTRY_VERIFY_WITH_TIMEOUT(rig.session->song.heardSong() && !rig.session->song.loading(), 60000);
        QTRY_VERIFY(rig.window->stage<app::ListenStage>().strips().isVisible());
        QVERIFY(rig.window->stage<app::ListenStage>().strips().hasFocus());
        const Tick before = rig.session->transport.now();
        QTest::keyClick(rig.window->focusWidget(), Qt::Key_Right);
        QVERIFY(rig.session->transport.now() > before);
    }
    /// S13: one bar of four more than the dance expects. At beat 69 the music says 1 and the dancers, who count on,
    /// say 5.
    void anExtraBarTurnsTheCountRound() {
        const LongerSong longer = longerSong();
        QTemporaryDir folder;
        const QString path = folder.filePath("longer.wav");
        QVERIFY(writeSound(longer.sound, path.toStdString()));
        WindowRig rig;
        rig.window->openAny(path);
        QTRY_VERIFY_WITH_TIMEOUT(rig.session->song.heardSong(), 60000);
        rig.shortcut(Qt::Key_1, Qt::AltModifier);
        const auto at = [&](Seconds t) {
            return counts(wholeCounts(*rig.session->doc.landing().grid.tickAt(t + 0.05)));
        };
        const auto startsPhrase = [&](Seconds t) {
            return rig.session->doc.landing().grid.cellAt(at(t))->phraseOffset == 0;
        };
        if (!startsPhrase(longer.beat69)) { // whose bar the extra one is may be heard otherwise: one word puts it right
            rig.session->transport.setCaret(at(longer.beat69));
            rig.window->stage<app::ListenStage>().hand().phraseStartsHere();
        }
        QVERIFY(startsPhrase(longer.beat69));
        // a dance of eight counts, again and again, from where the song's first verse begins
        rig.session->transport.setCaret(at(longer.danceStart));
        QVERIFY(startsPhrase(longer.danceStart));
        rig.shortcut(Qt::Key_3, Qt::AltModifier);
        rig.keys(rig.window->findChild<QWidget*>("line0"), "1-8 walk");
        auto* order = rig.window->stage<app::ArrangeStage>().findChild<QLineEdit*>("order");
        QVERIFY(order);
        order->setFocus();
        order->selectAll();
        rig.keys(order, "A x12");
        QTest::keyClick(order, Qt::Key_Return);
        auto* from = rig.window->stage<app::ArrangeStage>().findChild<QComboBox*>("start");
        QVERIFY(from);
        for (int i = 1; i < from->count(); ++i)
            if (std::abs(from->itemData(i).toDouble() - longer.danceStart) < 0.1) {
                from->setCurrentIndex(i);
                Q_EMIT from->activated(i);
            }
        rig.session->transport.setCaret(at(longer.beat69));
        const CountBarWords words = countBarWords(*rig.session);
        QCOMPARE(words.count, QString("1"));
        QVERIFY2(words.detail.contains("dancers say 5"), qPrintable(words.detail));
    }
};

LIFTCOUNT_TEST(SongToCountTest)
#include "tst_song_to_count.moc"
