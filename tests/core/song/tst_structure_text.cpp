#include "support/core_support.h"

using namespace lc;

class StructureTextTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void theExampleOfTheCommandLineIsRead() {
        const SongMap map = test::song(
            "pickup 2 | intro 16 | verse 32 @112 | stop 4 | bar 2 | fermata 1 3.2s | chorus 32 | outro 16 @112>90",
            112);
        QCOMPARE(map.beats.size(), std::size_t{2 + 16 + 32 + 4 + 2 + 1 + 32 + 16});
        QCOMPARE(map.pickupBeats, std::size_t{2});
        QCOMPARE(map.phrases.size(), std::size_t{4});
        QCOMPARE(beatsIn(map, map.phrases[1]), 39);
        QCOMPARE(map.stops.size(), std::size_t{1});
        QCOMPARE(map.stops[0].beats, 4);
        QCOMPARE(map.fermatas.size(), std::size_t{1});
        QVERIFY(qAbs(map.fermatas[0].end - map.fermatas[0].start - 3.2) < 1e-9);
        QCOMPARE(test::q(map.phrases[3].label), "Outro");
        // the outro slows linearly over its beats from 112 to 90
        const auto gap = [&](std::size_t i) {
            return (i + 1 < map.beats.size() ? map.beats[i + 1].time : map.end) - map.beats[i].time;
        };
        QVERIFY(qAbs(60 / gap(89) - 112) < 1e-6);
        QVERIFY(qAbs(60 / gap(104) - 90) < 1e-6);
        QVERIFY(qAbs(60 / gap(96) - (112 - 22.0 * 7 / 15)) < 1e-6);
    }
    void barsOfOddLengthAddUp() {
        // Bars 4 4 3 3 4 = 18 beats; the fourth bar starts on beat 12, at 6.6 s with 100 bpm
        const SongMap map = test::song("song 8 | bar 3 | bar 3 | bar 4", 100);
        QCOMPARE(map.beats.size(), std::size_t{18});
        QCOMPARE(map.bars.size(), std::size_t{5});
        QCOMPARE(map.bars[3].firstBeat + 1, std::size_t{12});
        QVERIFY(qAbs(map.beats[map.bars[3].firstBeat].time - 6.6) < 1e-9);
    }
    void beatsAreWhereTheTempoPutsThem() {
        // 126 bpm, beat 1 at 2.350 s: phrase 4, eight 2, count 5 is 108 beats later, at 53.779 s
        const SongMap map = test::song("a 32 | b 32 | c 32 | d 32", 126, "4/4", 2.350);
        QCOMPARE(firstBeatOf(map, map.phrases[3]) + 8 + 4, std::size_t{108});
        QVERIFY(qAbs(map.beats[108].time - 53.779) < 0.0005);
    }
    void aRemainderStaysAShortBar() {
        const SongMap map = test::song("verse 18 | chorus 16");
        QCOMPARE(map.bars[4].beats, 2);
        QCOMPARE(map.bars[5].firstBeat, std::size_t{18});
        const SongMap filled = test::song("verse 14 | stop 2 | chorus 16"); // the stop fills the bar
        QCOMPARE(filled.bars[3].beats, 4);
    }
    void sectionsAreAlsoPartedAsListsAre_data() {
        QTest::addColumn<QString>("text");
        const auto row = [](const char* text) { QTest::newRow(text) << text; };
        row("intro 16 | verse 32 @112 | chorus 32");
        row("intro 16, verse 32 @112, chorus 32");
        row("intro 16; verse 32 @112; chorus 32");
        row("intro 16\nverse 32 @112\n\nchorus 32\n");
        row("intro 16,\nverse 32 @112,\nchorus 32,\n");
    }
    void sectionsAreAlsoPartedAsListsAre() {
        QFETCH(QString, text);
        const auto map = mapFromStructure(text.toStdString(), 120, *parseMetre("4/4"));
        QVERIFY2(map, map ? "" : test::q(map.error().message).toUtf8().constData());
        QCOMPARE(map->phrases.size(), std::size_t{3});
        QCOMPARE(test::q(map->phrases[1].label), "Verse");
        QCOMPARE(map->beats.size(), std::size_t{80});
    }
    void betweenBarsACommaBelongsToTheName() {
        const SongMap map = test::song("verse 2, slow 32 | chorus 16");
        QCOMPARE(test::q(map.phrases[0].label), "Verse 2, slow");
        SongMap one = test::song("verse 32");
        one.phrases[0].label = "Verse 2, slow";
        const SongMap again = test::song(structureOf(one).text); // alone it has no bar: the comma would part it
        QCOMPARE(again.phrases.size(), std::size_t{1});
        QCOMPARE(again.beats.size(), std::size_t{32});
    }
    void groupingsBelongToWholeBars() {
        const SongMap map = test::song("dance 16", 300, "7/8:3+2+2");
        QCOMPARE(map.bars[0].grouping, (std::vector<int>{3, 2, 2}));
        QVERIFY(map.bars[2].grouping.empty());
    }
    void mistakesAreNamedByTheirCharacter_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<int>("character");
        QTest::addColumn<QString>("says");
        const auto row = [](const char* text, int character, const char* says) {
            QTest::newRow(text) << text << character << says;
        };
        row("", 1, "nothing between");
        row("verse", 6, "how many beats");
        row("verse 32 |", 11, "nothing between");
        row("verse 0", 7, "1 to 20000");
        row("verse 32 @", 11, "after @");
        row("verse 32 @fast", 11, "after @");
        row("verse 32 @112>", 15, "after @");
        row("verse 32 @5", 11, "10 and 600");
        row("stop 4", 1, "belongs to a section");
        row("verse 16 | pickup 2", 12, "comes before");
        row("verse 16 | fermata 1", 12, "how long");
        row("verse 16 3s", 1, "only a fermata");
        row("32", 1, "needs a name");
        row("verse 32 chorus", 10, "too many");
        row("verse 20000 | chorus 1", 15, "more than 20000");
        row("verse 8 | fermata 1 0s", 21, "longer than no time");
    }
    void mistakesAreNamedByTheirCharacter() {
        QFETCH(QString, text);
        QFETCH(int, character);
        QFETCH(QString, says);
        const auto map = mapFromStructure(text.toStdString(), 120, {});
        QVERIFY(!map);
        QVERIFY2(test::q(map.error().message).contains(says), map.error().message.english().c_str());
        QVERIFY2(test::q(map.error().message).contains("character " + QString::number(character) + ":"),
                 map.error().message.english().c_str());
    }
    void valuesOutsideTheirRangeAreRefused() {
        QVERIFY(!mapFromStructure("verse 8", 0, {}));
        QVERIFY(!mapFromStructure("verse 8", qQNaN(), {}));
        QVERIFY(!mapFromStructure("verse 8", 120, {}, qInf()));
    }
};

LIFTCOUNT_TEST(StructureTextTest)
#include "tst_structure_text.moc"
