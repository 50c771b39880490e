#include "support/core_support.h"

#include "core/document/document_json.h"
#include "core/reports/landing_report.h"
#include "core/reports/song_trial.h"
#include "core/routine/music_place.h"

using namespace lc;
using test::must;

class SongTrialTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void howManyPassesLandIsSaidAsPeopleSayIt() {
        const auto lands = [](int n, int total) { return test::q(passesThatLand(n, total)); };
        QCOMPARE(lands(6, 6), "every pass lands");
        QCOMPARE(lands(1, 6), "one of 6 passes lands");
        QCOMPARE(lands(3, 6), "3 of 6 passes land");
        QCOMPARE(lands(0, 6), "none of 6 passes lands");
        QCOMPARE(lands(1, 1), "the one pass lands");
        QCOMPARE(lands(0, 1), "not even the one pass lands");
        QCOMPARE(lands(0, 0), "no pass lands");
    }
    void anotherEditOfTheSong() {
        Document d =
            test::withOrder(test::withLine(test::documentOn("verse 32 | chorus 36 | verse 32 | bridge 16 | chorus 32"),
                                           "A", test::walk(32)),
                            "A A A A");
        const Landing now = land(d);
        TypedStructure other;
        other.text = "verse 32 | chorus 32 | verse 32 | chorus 32 | outro 8";
        const SongTrial trial = must(tryOnSong(d, now, must(songTyped(other))));
        QCOMPARE(trial.landNow, 2);
        QCOMPARE(trial.landThen, 4);
        QCOMPARE(trial.leftThen, counts(8));
        QCOMPARE(test::q(trial.passes[2].now), "count 33 of Chorus (0:16.0), 4 short");
        QCOMPARE(test::q(trial.passes[2].then), "count 1 of Verse (0:34.3), lands");
        QCOMPARE(test::q(trialInWords(trial)).left(56), "There every pass lands, here 2 of 4 passes land; 0 findi");
        QVERIFY(must(applyEdits(d, trial.edits)).routine == [&] {
            Document e = d;
            e.routine.startAt.reset();
            return e.routine;
        }()); // the routine itself stays
    }
    void whatIsBoundToTheMusicFollows() {
        Document d = test::withOrder(
            test::withLine(test::documentOn("verse 32 | bridge 16 | verse 32 | verse 32"), "A", test::walk(32)),
            "A A A A");
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
        Document d = test::withOrder(
            test::withLine(test::documentOn("intro 16 | verse 1 32 | chorus 1 32"), "A", test::walk(32)), "A A");
        d = must(applyEdit(d, SetStart{8.0})); // at 120 bpm count 17, the verse
        const SongTrial trial =
            must(tryOnSong(d, land(d), songOf(test::documentOn("intro 24 | verse 32 | chorus 32"))));
        QCOMPARE(test::starts(trial.then.performance), (QStringList{"25", "57"}));
        QCOMPARE(must(applyEdits(d, trial.edits)).routine.startAt, std::optional(12.0));
    }
    void momentsOfAnotherSongAreNotTakenForOnesOwn() { // identities of two routines have nothing to do with each other
        Document d = test::withOrder(test::withLine(test::documentOn("verse 32"), "A", test::walk(8)), "A A");
        d = must(applyEdit(d, AddMoment{3, MomentKind::Hit, "the hit"}));
        d = must(applyEdit(
            d, BindAccent{test::pass(d, 1).id, d.routine.parts[0].figures[0].id, counts(4), d.moments[0].id}));
        Document other = test::documentOn("verse 32");
        other.routine.lastId = d.moments[0].id.value + 50;
        other = must(applyEdit(other, AddMoment{5, MomentKind::Entry, "strings"}));
        other.moments[0].id = d.moments[0].id; // as bad as it can be
        const Document taken = must(applyEdits(d, must(tryOnSong(d, land(d), songOf(other))).edits));
        QCOMPARE(taken.moments.size(), 1U);
        QVERIFY(taken.moments[0].id != d.moments[0].id);
        QVERIFY(test::q(test::findingWith(land(taken).findings, finding::accent)->headline)
                    .contains("waits for a moment that is not there"));
        QVERIFY(documentFromJson(toJson(taken)));
    }
    void placesAreFoundInSongsThatNumberTheirSectionsOtherwise() {
        const auto at = [](const char* song, const MusicPlace& place) {
            const SongMap map = test::song(song);
            const auto tick = tickOf(place, CountGrid(map, {}));
            return tick ? test::q(toCountString(*tick)) : QString("nowhere");
        };
        QCOMPARE(at("verse 32 | chorus 32 | verse 32 | chorus 32", {"Chorus 2", counts(8), 0}),
                 "104"); // the second chorus
        QCOMPARE(at("verse 1 32 | chorus 1 32 | verse 2 32", {"Chorus", {}, 0}), "32");
        QCOMPARE(at("verse 32 | quiet verse 32", {"quiet Verse", {}, 0}), "32"); // whatever the case
        QCOMPARE(at("verse 32 | verse 32 | chorus 32 | chorus 32 | verse 32 | chorus 32", {"Chorus 2", {}, 0}),
                 "160"); // two phrases of one section
        QCOMPARE(at("verse 32", {"Chorus 2", {}, 0}), "nowhere");
    }
    void anotherTempoMovesNoCount() { // 138 bpm at 80 % is 110.4; 64 counts last 34.78 s instead of 27.83 s
        Document d = test::withOrder(
            test::withLine(test::documentOn("verse 64 | stop 4 | fermata 1 3s | verse 32", 138), "A", test::walk(32)),
            "A A");
        const SongMap slow = atTempo(*d.map, 80);
        QVERIFY(validate(slow));
        QVERIFY(qAbs(*medianTempo(slow) - 110.4) < 1e-6);
        const SongTrial trial =
            must(tryOnSong(d, land(d), {SetMap{std::make_shared<const SongMap>(slow), MapOrigin::Imported, {}}}));
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

LIFTCOUNT_TEST(SongTrialTest)
#include "tst_song_trial.moc"
