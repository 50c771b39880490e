#include "support/core_support.h"

#include "core/landing/song_trial.h"
#include "core/routine/music_place.h"

using namespace lc;
using test::must;

class SongTrialTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void anotherEditOfTheSong() {
        Document d = test::withOrder(test::withLine(test::documentOn("verse 32 | chorus 36 | verse 32 | bridge 16 | chorus 32"), "A", test::walk(32)), "A A A A");
        const Landing now = land(d);
        TypedStructure other;
        other.text = "verse 32 | chorus 32 | verse 32 | chorus 32 | outro 8";
        const SongTrial trial = must(tryOnSong(d, now, must(songTyped(other))));
        QCOMPARE(trial.landNow, 2);
        QCOMPARE(trial.landThen, 4);
        QCOMPARE(trial.leftThen, counts(8));
        QCOMPARE(test::q(trial.passes[2].now), "count 33 of Chorus, 4 short");
        QCOMPARE(test::q(trial.passes[2].then), "count 1 of Verse, lands");
        QCOMPARE(test::q(trialInWords(trial)).left(38), "4 of 4 passes land there, 2 here; 0 fi");
        QVERIFY(must(applyEdits(d, trial.edits)).routine == [&] { Document e = d; e.routine.startAt.reset(); return e.routine; }()); // the routine itself stays
    }
    void whatIsBoundToTheMusicFollows() {
        Document d = test::withOrder(test::withLine(test::documentOn("verse 32 | bridge 16 | verse 32 | verse 32"), "A", test::walk(32)), "A A A A");
        PassExceptions restart;
        restart.restart = Restart{};
        d = must(applyEdit(d, AddMusicException{{"Verse", {}, 24}, restart, {}})); // the verse behind the bridge
        d = must(applyEdit(d, RemoveMusicException{d.routine.atMusic[0].id}));
        d = must(applyEdit(d, AddMusicException{{"Bridge", counts(16), 24}, restart, {}}));
        QCOMPARE(test::starts(land(d).performance), (QStringList{"1", "33", "49", "81"}));
        const Document other = test::documentOn("verse 32 | verse 32 | bridge 16 | verse 32");
        const SongTrial trial = must(tryOnSong(d, land(d), songOf(other)));
        QCOMPARE(test::starts(trial.then.performance), (QStringList{"1", "33", "65", "81"}));
        QCOMPARE(trial.landThen, 4);
    }
    void theDanceStartsOnASectionOfTheSameKind() {
        Document d = test::withOrder(test::withLine(test::documentOn("intro 16 | verse 1 32 | chorus 1 32"), "A", test::walk(32)), "A A");
        d = must(applyEdit(d, SetStart{8.0})); // at 120 bpm count 17, the verse
        const SongTrial trial = must(tryOnSong(d, land(d), songOf(test::documentOn("intro 24 | verse 32 | chorus 32"))));
        QCOMPARE(test::starts(trial.then.performance), (QStringList{"25", "57"}));
        QCOMPARE(must(applyEdits(d, trial.edits)).routine.startAt, std::optional(12.0));
    }
    void anotherTempoMovesNoCount() { // 138 bpm at 80 % is 110.4; 64 counts last 34.78 s instead of 27.83 s
        Document d = test::withOrder(test::withLine(test::documentOn("verse 64 | stop 4 | fermata 1 3s | verse 32", 138), "A", test::walk(32)), "A A");
        const SongMap slow = atTempo(*d.map, 80);
        QVERIFY(validate(slow));
        QVERIFY(qAbs(*medianTempo(slow) - 110.4) < 1e-6);
        const SongTrial trial = must(tryOnSong(d, land(d), {SetMap{std::make_shared<const SongMap>(slow), MapOrigin::Imported, {}}}));
        QVERIFY(qAbs(*trial.then.grid.secondsAt(counts(64)) - 34.7826) < 1e-3);
        QCOMPARE(test::starts(trial.then.performance), test::starts(land(d).performance));
        QCOMPARE(trial.landThen, trial.landNow);
    }
    void aSongWithoutBeatsAndAnErrorAreSaid() {
        const Document d = test::withOrder(test::withLine(test::documentOn("verse 32"), "A", test::walk(32)), "A");
        TypedStructure wrong;
        wrong.text = "verse";
        QVERIFY(!songTyped(wrong));
        const SongTrial none = must(tryOnSong(d, land(d), songOf(newDocument())));
        QCOMPARE(none.landThen, 0);
        QCOMPARE(test::q(none.passes[0].then), "no music");
    }
};

QTEST_APPLESS_MAIN(SongTrialTest)
#include "tst_song_trial.moc"
