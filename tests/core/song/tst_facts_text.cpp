#include "support/core_support.h"

#include "core/song/song_facts.h"

#include <rapidcheck.h>

using namespace lc;

class FactsTextTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void everyKindOfFactIsRead() {
        const auto facts = test::must(readFacts(
            "one 1.5\n\n  bar 3.25 2   # a half-bar\nbar 5 7:3+2+2\nbar 9\nbeat 11.125\ntempo 112.5\nmetre 3/4\nphrase 20\nphrase 30 32\n"
            "stop 40 42 4\nfermata 50 52.5\r\ntempo 90 60 70\nmetre 6/8 70 80.5\n# nothing here"));
        const std::vector<SongFact> expected{OneFact{1.5},
                                             BarFact{3.25, 2},
                                             BarFact{5, 7, {3, 2, 2}},
                                             OneFact{9},
                                             BeatFact{11.125},
                                             TempoFact{112.5},
                                             MetreFact{{3, 4}},
                                             PhraseFact{20, std::nullopt},
                                             PhraseFact{30, 32},
                                             StopFact{40, 42, 4},
                                             FermataFact{50, 52.5},
                                             TempoFact{90, SongSpan{60, 70}},
                                             MetreFact{{6, 8}, SongSpan{70, 80.5}}};
        QVERIFY(facts == expected);
        QVERIFY(test::must(readFacts("")).empty());
    }
    void wrongInputIsNamedByItsLine_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("says");
        QTest::newRow("unknown") << "one 1\ntwo 2"
                                 << "line 2: “two” is not a fact";
        QTest::newRow("no time") << "one"
                                 << "line 1: Here a time in seconds, such as 12.345, is missing";
        QTest::newRow("words") << "one soon"
                               << "a time in seconds";
        QTest::newRow("comma") << "one 1,5"
                               << "a time in seconds";
        QTest::newRow("negative") << "beat -1"
                                  << "not negative";
        QTest::newRow("nan") << "beat nan"
                             << "a time in seconds";
        QTest::newRow("too much") << "one 1 2"
                                  << "“2” is more than a one needs";
        QTest::newRow("bar of none") << "bar 1 0"
                                     << "1 to 24 beats";
        QTest::newRow("groups") << "bar 1 7:3+3"
                                << "1 to 24 beats";
        QTest::newRow("tempo") << "tempo 5"
                               << "between 10 and 600";
        QTest::newRow("metre") << "metre waltz"
                               << "not a metre";
        QTest::newRow("tempo of a part without its end") << "tempo 90 10"
                                                         << "a time in seconds";
        QTest::newRow("part backwards") << "metre 3/4 20 10"
                                        << "ends after it begins";
        QTest::newRow("two metres")
            << "metre 3/4 1 9\nmetre 5/4 8 20"
            << "These exclude each other: the metre is 3/4 from 0:01.0 to 0:09.0, and the metre is 5/4";
        QTest::newRow("phrase") << "phrase 1 many"
                                << "a number of beats";
        QTest::newRow("stop backwards") << "stop 4 2 2"
                                        << "ends after it begins";
        QTest::newRow("stop without counts") << "stop 4 6"
                                             << "a number of beats";
        QTest::newRow("fermata backwards") << "fermata 4 4"
                                           << "ends after it begins";
        QTest::newRow("excluding")
            << "stop 4 8 8\nstop 6 10 8"
            << "These exclude each other: a stop of 8 from 0:04.0 to 0:08.0, and a stop of 8 from 0:06.0 to 0:10.0";
        QTest::newRow("held over") << "fermata 4 8\none 6"
                                   << "These exclude each other";
    }
    void wrongInputIsNamedByItsLine() {
        QFETCH(QString, text);
        QFETCH(QString, says);
        const auto facts = readFacts(text.toStdString());
        QVERIFY(!facts);
        QVERIFY2(test::q(facts.error().message).contains(says), facts.error().message.english().c_str());
    }
    void linesComeBack() {
        const bool holds = rc::check("readFacts of factLine is the fact", [] {
            const int from = *rc::gen::inRange(0, 2000000);
            const double a = from / 10000.0;
            const double b = (from + *rc::gen::inRange(1000, 50000)) / 10000.0;
            const int n = *rc::gen::inRange(1, 25);
            const SongFact all[] = {OneFact{a},
                                    BeatFact{a},
                                    BarFact{a, n},
                                    TempoFact{(100000 + from) / 10000.0},
                                    MetreFact{{n, 8}},
                                    PhraseFact{a, std::nullopt},
                                    PhraseFact{a, n},
                                    StopFact{a, b, n},
                                    FermataFact{a, b},
                                    TempoFact{90.5, SongSpan{a, b}},
                                    MetreFact{{n, 8}, SongSpan{a, b}}};
            for (const SongFact& fact : all) {
                const auto line = factLine(fact);
                RC_ASSERT(line.has_value());
                const auto back = readFacts(*line);
                RC_ASSERT(back.has_value());
                RC_ASSERT(back->size() == 1U);
                RC_ASSERT(back->front() == fact);
            }
        });
        QVERIFY(holds);
        QVERIFY(!factLine(NameFact{1, "Verse"}));
        QVERIFY(!factLine(PulseFact{2}));
    }
};

LIFTCOUNT_TEST(FactsTextTest)
#include "tst_facts_text.moc"
