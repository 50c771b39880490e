#include "support/core_support.h"

#include "core/song/count_grid.h"

#include <rapidcheck.h>

using namespace lc;

namespace {
QString numbers(const CountGrid& grid) {
    QString all;
    for (int c = -grid.pickupCounts(); c < grid.countsInSong(); ++c) all += QString::number(grid.cell(c)->number) + ' ';
    return all.trimmed();
}
CountGrid gridOf(const SongMap& map) { return {map, usualScheme(map)}; }
} // namespace

class CountGridTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void setsAreNamed() {
        QCOMPARE(test::q(setName(6)), QString("six"));
        QCOMPARE(test::q(setNames(6)), QString("sixes"));
        QCOMPARE(test::q(setNames(8)), QString("eights"));
        QCOMPARE(test::q(setNames(16)), QString("sets of 16"));
    }
    void eightsBeginAnewAtEachPhrase() {
        QCOMPARE(numbers(gridOf(test::song("verse 16 | chorus 12"))),
                 "1 2 3 4 5 6 7 8 1 2 3 4 5 6 7 8 1 2 3 4 5 6 7 8 1 2 3 4");
    }
    void anOddBarShortensOrLengthensItsOwnSet() {
        QCOMPARE(numbers(gridOf(test::song("verse 4 | bar 2 | bar 4 | bar 4"))), "1 2 3 4 5 6 1 2 3 4 5 6 7 8");
        QCOMPARE(numbers(gridOf(test::song("verse 4 | bar 6 | bar 4"))), "1 2 3 4 5 6 7 8 9 10 1 2 3 4");
    }
    void aShortBarLeftOverJoinsTheSetBeforeIt() {
        QCOMPARE(numbers(gridOf(test::song("verse 8 | bar 2 | chorus 4"))), "1 2 3 4 5 6 7 8 9 10 1 2 3 4");
        // a full bar left over is a set of its own
        QCOMPARE(numbers(gridOf(test::song("verse 12 | chorus 4"))), "1 2 3 4 5 6 7 8 1 2 3 4 1 2 3 4");
    }
    void aConfirmedOneBeginsASet() {
        SongMap map = test::song("verse 16");
        map.bars[1].confirmedOne = true;
        QCOMPARE(numbers(gridOf(map)), "1 2 3 4 1 2 3 4 5 6 7 8 1 2 3 4");
    }
    void aPickUpIsNeverCountOne() {
        const CountGrid grid = gridOf(test::song("pickup 2 | verse 8"));
        QCOMPARE(grid.pickupCounts(), 2);
        QCOMPARE(numbers(grid), "7 8 1 2 3 4 5 6 7 8");
        QCOMPARE(grid.cell(-2)->beatInBar, 3); // of a bar of four
        QCOMPARE(grid.cell(-1)->beatInBar, 4);
        QCOMPARE(grid.cell(-1)->bar, -1);
        QCOMPARE(*grid.secondsAt(counts(0)), 1.0);
        QVERIFY(!grid.secondsAt(counts(-3)));
    }
    void countsMayBeHalvesBarsOrGroupsOfBeats() {
        const SongMap four = test::song("verse 8");
        QCOMPARE(CountGrid(four, {CountUnit::HalfBeat, 2}).countsInSong(), 16);
        QCOMPARE(*CountGrid(four, {CountUnit::HalfBeat, 2}).secondsAt(counts(1)), 0.25);
        QCOMPARE(CountGrid(four, {CountUnit::TwoBeats, 2}).countsInSong(), 4);
        QCOMPARE(*CountGrid(four, {CountUnit::TwoBeats, 2}).secondsAt(counts(1) + countFraction(1, 2)), 1.5);
        QCOMPARE(CountGrid(four, {CountUnit::Bar, 4}).countsInSong(), 2);
        const CountGrid threes(test::song("verse 3 | bar 3", 120, "3/4"), {CountUnit::TwoBeats, 2});
        QCOMPARE(threes.countsInSong(), 4); // the odd beat of each bar is a short count
        QCOMPARE(*threes.secondsAt(counts(2)), 1.5);
    }
    void sevenEightsAreThreeCountsOfUnequalLength() {
        // S18: eighths of 0.2 s, grouped 3+2+2: counts at 0, 0.6, 1.0, 1.4 …; bar 6 starts at 7.0 s
        const SongMap map = test::song("dance 42", 300, "7/8:3+2+2");
        const CountGrid grid(map, usualScheme(map));
        const double expected[] = {0, 0.6, 1.0, 1.4};
        for (int c = 0; c < 4; ++c) QVERIFY(qAbs(*grid.secondsAt(counts(c)) - expected[c]) < 1e-9);
        QVERIFY(qAbs(map.beats[map.bars[5].firstBeat].time - 7.0) < 1e-9);
        QVERIFY(qAbs(*grid.secondsAt(countFraction(1, 3)) - 0.2) < 1e-9); // one of three pulses
    }
    void countsAreSensibleWhateverWasHeard() {
        // common practice, no source: nobody counts 240 a minute aloud, nor 20
        const auto perMinute = [](const SongMap& map) {
            const CountGrid grid(map, usualScheme(map));
            return grid.countsInSong() / (map.end / 60);
        };
        const std::vector<std::pair<double, std::string>> heard{{240, "4/4"}, {264, "2/4"}, {300, "3/4"},
                                                                {40, "4/4"},  {36, "3/4"},  {240, "9/8:2+2+2+3"},
                                                                {180, "3/4"}, {208, "4/4"}};
        for (const auto& [bpm, metre] : heard) {
            const double rate = perMinute(test::song("verse 216", bpm, metre));
            QVERIFY2(rate >= 60 && rate <= 220, metre.c_str());
        }
        QVERIFY(usualScheme(test::song("verse 32", 120)) == usualScheme(Metre{}));
        // a bar of another length than an uneven metre's is counted in twos and a three, not as one count
        QCOMPARE(withGroups({0, 12, {}, false}, {9, 8, {2, 2, 2, 3}}).grouping, (std::vector<int>{2, 2, 2, 2, 2, 2}));
        QCOMPARE(withGroups({0, 5, {}, false}, {7, 8, {3, 2, 2}}).grouping, (std::vector<int>{2, 3}));
        QCOMPARE(withGroups({0, 1, {}, false}, {7, 8, {3, 2, 2}}).grouping, (std::vector<int>{1}));
        QCOMPARE(withGroups({0, 8, {}, false}, {6, 8, {3, 3}}).grouping, (std::vector<int>{3, 3, 2}));
    }
    void secondsFollowATempoThatChanges() {
        // Downbeats tapped at 0, 2, 4, 6.1, 8.3 s in 4/4: bar 4 beat 3 at 7.2 s
        SongMap map = test::song("verse 16");
        const double downbeats[] = {0, 2, 4, 6.1, 8.3};
        for (int b = 0; b < 4; ++b)
            for (int k = 0; k < 4; ++k)
                map.beats[static_cast<std::size_t>(b * 4 + k)].time =
                    downbeats[b] + (downbeats[b + 1] - downbeats[b]) * k / 4;
        map.end = 8.3;
        const CountGrid grid = gridOf(map);
        QVERIFY(qAbs(*grid.secondsAt(counts(14)) - 7.2) < 1e-9);
        const double bpm[] = {120, 120, 114.3, 109.1};
        for (int b = 0; b < 4; ++b)
            QVERIFY(qAbs(240.0 / (*grid.secondsAt(counts(b * 4 + 4)) - *grid.secondsAt(counts(b * 4))) - bpm[b]) <
                    0.05);
    }
    void aFermataHoldsItsBeatAndKeepsTheTempoBeforeTheNext() {
        const CountGrid grid = gridOf(test::song("verse 3 | fermata 1 3.2s | chorus 4", 60));
        QCOMPARE(*grid.secondsAt(counts(3)), 3.0);
        QVERIFY(qAbs(*grid.secondsAt(counts(4)) - 6.2) < 1e-9);
        QVERIFY(qAbs(*grid.secondsAt(counts(3) + countFraction(1, 2)) - 5.7) < 1e-4);
    }
    void stopsGoOnAtTheMapsTempo() {
        const CountGrid grid = gridOf(test::song("verse 12 | stop 4 | chorus 8"));
        QCOMPARE(grid.stops().size(), std::size_t{1});
        QCOMPARE(grid.stops()[0].start, counts(12));
        QCOMPARE(grid.stops()[0].end, counts(16));
        QVERIFY(qAbs(*grid.secondsAt(counts(16)) - 8.0) < 1e-9);
    }
    void phraseStartsAreFound() {
        const CountGrid grid = gridOf(test::song("intro 16 | verse 32 | chorus 32"));
        QCOMPARE(*grid.nearestPhraseStart(counts(8)), 0); // of two equally near the earlier
        QCOMPARE(*grid.nearestPhraseStart(counts(9)), 1);
        QCOMPARE(*grid.phraseAt(counts(47)), 1);
        QVERIFY(!grid.phraseAt(counts(80)));
        QCOMPARE(test::q(grid.placeInWords(counts(20))), "count 5 of Verse");
        QCOMPARE(*grid.musicCountAt(counts(20) + countFraction(1, 2)), counts(5) + countFraction(1, 2));
    }
    /// Every place of songs of odd phrases, against all phrases compared one by one.
    void theNearestPhraseIsTheNearest() {
        for (const char* text :
             {"intro 16 | verse 32 | chorus 32",
              "pickup 2 | verse 7 | chorus 9 | bridge 1 | bridge 1 | verse 20 | stop 4 | chorus 3", "verse 1"}) {
            const CountGrid grid = gridOf(test::song(text));
            for (Tick at = counts(-3); at < grid.end() + counts(3); at += countFraction(1, 4)) {
                std::vector<std::int64_t> away;
                for (const CountPhrase& phrase : grid.phrases())
                    away.push_back(std::abs((at - counts(phrase.firstCount)).value));
                QCOMPARE(*grid.nearestPhraseStart(at),
                         static_cast<int>(std::min_element(away.begin(), away.end()) - away.begin()));
            }
        }
    }
    void outsideTheSongIsAnError() {
        const CountGrid grid = gridOf(test::song("verse 8"));
        QVERIFY(grid.secondsAt(counts(8)));
        QVERIFY(!grid.secondsAt(counts(8) + Tick{1}));
        QVERIFY(grid.secondsAt(counts(9)).error().code == ErrorCode::OutsideSong);
        QVERIFY(!grid.tickAt(-0.1));
        QVERIFY(!grid.tickAt(qQNaN()));
        QVERIFY(CountGrid().empty());
        QVERIFY(!CountGrid().secondsAt(counts(0)));
        QVERIFY(!CountGrid(SongMap{}, {}).nearestPhraseStart(counts(0)));
    }
    void everyPlaceHasOneTime() {
        QVERIFY(rc::check("tickAt inverts secondsAt; seconds ascend; sets cover all counts", [] {
            const int pickup = *rc::gen::inRange(0, 4);
            std::string structure = pickup ? "pickup " + std::to_string(pickup) + " | " : "";
            const auto lengths = *rc::gen::nonEmpty(rc::gen::container<std::vector<int>>(rc::gen::inRange(1, 40)));
            for (std::size_t i = 0; i < lengths.size(); ++i)
                structure += (i ? " | s " : "s ") + std::to_string(lengths[i]) + " @" +
                             std::to_string(*rc::gen::inRange(60, 200));
            const SongMap map = test::song(structure);
            const CountGrid grid(
                map, {*rc::gen::element(CountUnit::Beat, CountUnit::HalfBeat, CountUnit::TwoBeats, CountUnit::Bar),
                      *rc::gen::inRange(1, 5)});
            const Tick at{*rc::gen::inRange<std::int64_t>(counts(-grid.pickupCounts()).value, grid.end().value + 1)};
            const auto seconds = grid.secondsAt(at);
            RC_ASSERT(seconds.has_value());
            RC_ASSERT(std::abs((*grid.tickAt(*seconds) - at).value) <= 1);
            int next = 0;
            for (const CountSet& set : grid.sets()) {
                RC_ASSERT(set.firstCount == next);
                RC_ASSERT(set.counts > 0);
                next += set.counts;
            }
            RC_ASSERT(next == grid.countsInSong());
            for (int c = 1 - grid.pickupCounts(); c < grid.countsInSong(); ++c)
                RC_ASSERT(grid.cell(c)->start > grid.cell(c - 1)->start);
        }));
    }
};

LIFTCOUNT_TEST(CountGridTest)
#include "tst_count_grid.moc"
