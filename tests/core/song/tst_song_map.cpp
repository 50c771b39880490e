#include "support/core_support.h"

using namespace lc;

class SongMapTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void metresAreReadAndWritten_data() {
        QTest::addColumn<QString>("text");
        for (const char* text : {"4/4", "3/4", "6/8", "12/8", "5/4", "2/4", "7/8:3+2+2", "9/8:2+2+2+3"})
            QTest::newRow(text) << text;
    }
    void metresAreReadAndWritten() {
        QFETCH(QString, text);
        QCOMPARE(test::q(toString(test::must(parseMetre(text.toStdString())))), text);
    }
    void wrongMetresAreRefused_data() {
        QTest::addColumn<QString>("text");
        for (const char* text :
             {"", "4", "/4", "4/", "0/4", "25/4", "4/3", "7/8:3+2", "7/8:", "7/8:3+2+2+", "7/8:0+7", "x/4", "4/4 "})
            QTest::newRow(text) << text;
    }
    void wrongMetresAreRefused() {
        QFETCH(QString, text);
        if (text == "7/8:") QVERIFY(!parseMetre("7/8:"));
        const auto metre = parseMetre(text.toStdString());
        QVERIFY(!metre);
        QVERIFY(test::q(metre.error().message).contains("not a metre"));
    }
    void brokenMapsAreRefused() {
        const SongMap good = test::song("intro 8 | verse 16");
        QVERIFY(validate(good));
        const auto broken = [&](auto change) {
            SongMap map = good;
            change(map);
            return !validate(map);
        };
        QVERIFY(broken([](SongMap& m) { m.beats[3].time = m.beats[2].time; }));
        QVERIFY(broken([](SongMap& m) { m.beats[3].time = qQNaN(); }));
        QVERIFY(broken([](SongMap& m) { m.bars[1].firstBeat = 5; }));
        QVERIFY(broken([](SongMap& m) { m.bars.pop_back(); }));
        QVERIFY(broken([](SongMap& m) { m.bars[0].beats = 0; }));
        QVERIFY(broken([](SongMap& m) { m.phrases[1].firstBar = 1; }));
        QVERIFY(broken([](SongMap& m) { m.phrases[1].bars = 2; }));
        QVERIFY(broken([](SongMap& m) { m.end = 0; }));
        QVERIFY(broken([](SongMap& m) { m.pickupBeats = 99; }));
        QVERIFY(broken([](SongMap& m) { m.stops = {{2, 1, 1}}; }));
        QVERIFY(broken([](SongMap& m) { m.bars[0].grouping = {3, 2}; }));
        QVERIFY(validate(SongMap{}));
    }
    void barsOfAnotherLengthAreRuns() {
        SongMap map = test::song("verse 28");
        QVERIFY(oddRuns(map).empty());
        map.bars.clear();
        std::size_t beat = 0;
        for (int beats : {4, 2, 3, 3, 3, 4, 4, 3, 2}) {
            map.bars.push_back({beat, beats, {}, false});
            beat += static_cast<std::size_t>(beats);
        }
        const auto runs = oddRuns(map);
        QCOMPARE(runs.size(), std::size_t{4});
        QCOMPARE(runs[1].first, std::size_t{2});
        QCOMPARE(runs[1].count, std::size_t{3});
        QCOMPARE(runs[1].beats, 3);
        QCOMPARE(runs[3].beats, 2);
    }
    void theUsualLengthIsThatOfTheKind() {
        const SongMap map =
            test::song("intro 16 | verse 1 32 | chorus 1 36 | verse 2 32 | chorus 2 36 | chorus 3 32 | outro 32");
        QCOMPARE(usualBeats(map)[2], 36); // chorus: 36 36 32
        QCOMPARE(usualBeats(map)[5], 36);
        QCOMPARE(usualBeats(map)[0], 16); // an intro has a length of its own
        QCOMPARE(usualBeats(map)[1], 32);
        const SongMap bridged = test::song("verse 1 32 | verse 2 32 | bridge 28 | verse 3 32");
        QCOMPARE(usualBeats(bridged)[2], 32); // one bridge: the song's commonest
        const SongMap once = test::song("verse 1 32 | chorus 1 32 | verse 2 34 | chorus 2 32 | verse 3 16");
        QCOMPARE(usualBeats(once)[2], 32); // each verse has its own length: the song decides
    }
    void aLengthThatNeverReturnsIsNoMeasure() {
        const SongMap never = test::song("opening 3 | first 52 | second 17 | third 30 | last 5");
        QCOMPARE(usualBeats(never), (std::vector<int>{3, 48, 16, 32, 5})); // not "+49" against the phrase of 3
        QCOMPARE(usualBeats(test::song("all 52")), std::vector<int>{48});
        const SongMap verses = test::song("verse 1 20 | verse 2 24 | verse 3 28 | chorus 1 20 | chorus 2 20");
        QCOMPARE(usualBeats(verses)[1], 20);
    }
    void placesAreFound() {
        const SongMap map = test::song("pickup 1 | intro 8 | verse 16", 60);
        QCOMPARE(nearestBeat(map, -5), std::size_t{0});
        QCOMPARE(nearestBeat(map, 3.4), std::size_t{3});
        QCOMPARE(nearestBeat(map, 3.6), std::size_t{4});
        QCOMPARE(nearestBeat(map, 99), std::size_t{24});
        QVERIFY(!barOfBeat(map, 0));
        QCOMPARE(*barOfBeat(map, 5), std::size_t{1});
        QCOMPARE(*phraseOfBar(map, 2), std::size_t{1});
        QVERIFY(qAbs(*medianTempo(map) - 60) < 1e-9);
        QVERIFY(!medianTempo(SongMap{}));
    }
};

LIFTCOUNT_TEST(SongMapTest)
#include "tst_song_map.moc"
