#include "support/plan_support.h"

#include "core/base/csv_text.h"
#include "core/planning/song_ranking.h"

using namespace lc;
using test::must;

namespace {

Document songOf(const std::string& title, const std::string& structure, double bpm = 116,
                const std::string& metre = "4/4") {
    Document d =
        must(applyEdit(newDocument(), SetMap{std::make_shared<const SongMap>(test::song(structure, bpm, metre)),
                                             MapOrigin::Imported, std::nullopt}));
    d.title = title;
    return d;
}

Document danceOf32() {
    return test::withOrder(test::withLine(test::documentOn("a 32 | b 32"), "A", test::walk(32, {{28, "1/4 L"}})),
                           "A A");
}

} // namespace

class SongRankingTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void theBestFitComesFirst() {
        const Document dance = danceOf32();
        FitWishes wishes;
        std::vector<SongFit> fits;
        for (const Document& song :
             {songOf("Odd", "a 30 | b 34 | c 30"), songOf("One short phrase", "a 32 | b 32 | c 16 | d 32 | e 32"),
              songOf("Square", "a 32 | b 32 | c 32 | d 32"), songOf("Stopped", "a 32 | stop 4 | b 28"), newDocument()})
            fits.push_back(fitSong(dance, song, wishes));
        rankFits(fits, wishes);
        QStringList names;
        for (const SongFit& fit : fits) names << test::q(fit.name);
        QCOMPARE(names.mid(0, 3),
                 (QStringList{"Square", "Stopped", "One short phrase"})); // a tag of 4 puts the stop right
        QCOMPARE(fits[0].cost, 0);
        QCOMPARE(fits[0].exceptions, 0);
        QCOMPARE(test::q(endingInWords(fits[0])), "whole, facing 12");
        SongFit couple = fits[0];
        couple.formation = Formation::Couples;
        couple.ending = counts(16);
        QCOMPARE(test::q(endingInWords(couple)), "after 16 of 32, facing the line of dance");
        QCOMPARE(fits[1].cost, 4);
        QCOMPARE(fits[2].cost, 5); // one restart after 16 in pass 3
        QCOMPARE(fits[2].exceptions, 1);
        QCOMPARE(test::q(toClock(fits[2].endingFacing)), "12");
        QVERIFY(!fits.back().problem.empty()); // no beats
        const auto stopped =
            std::find_if(fits.begin(), fits.end(), [](const SongFit& f) { return f.name == "Stopped"; });
        QCOMPARE(stopped->stops, std::size_t{1});
    }
    void otherBarsComeBehind() {
        const Document dance = danceOf32();
        std::vector<SongFit> fits{fitSong(dance, songOf("waltz", "a 96 | b 96", 116, "3/4"), {}),
                                  fitSong(dance, songOf("odd", "a 30 | b 34 | c 30"), {}),
                                  fitSong(dance, songOf("two", "a 30 | b 34", 116, "2/4"), {})};
        QVERIFY(fits[0].otherBars && !fits[1].otherBars && !fits[2].otherBars);
        QVERIFY(fits[0].problem.empty());
        fits[0].cost = 0; // however well its phrases fit
        rankFits(fits, {});
        QCOMPARE(test::q(fits.back().name), "waltz");
    }
    void theTempoCounts() {
        const Document dance = danceOf32();
        FitWishes wishes;
        wishes.tempo = *tempoRangeOf("cha-cha"); // 120 to 128
        const SongFit in = fitSong(dance, songOf("in", "a 32 | b 32", 124), wishes),
                      slow = fitSong(dance, songOf("slow", "a 32 | b 32", 100), wishes);
        QCOMPARE(in.percent, 100.0);
        QVERIFY(qAbs(slow.percent - 120) < 1e-9);
        QCOMPARE(slow.total(1), slow.cost + 20);
        std::vector<SongFit> fits{slow, in};
        rankFits(fits, wishes);
        QCOMPARE(test::q(fits[0].name), "in");
    }
    /// Bars a minute of the World DanceSport Federation's competition rules, from memory: waltz 28 to 30, tango 31 to
    /// 33, Viennese waltz 58 to 60, slow foxtrot 28 to 30, quickstep 50 to 52, samba 50 to 52, cha-cha 30 to 32, rumba
    /// 25 to 27, paso doble 60 to 62, jive 42 to 44.
    void publishedTempos_data() {
        QTest::addColumn<double>("from");
        QTest::addColumn<double>("to");
        for (const auto& [family, from, to] : {std::tuple{"waltz", 28, 30},
                                               {"tango", 31, 33},
                                               {"viennese waltz", 58, 60},
                                               {"slow foxtrot", 28, 30},
                                               {"quickstep", 50, 52},
                                               {"samba", 50, 52},
                                               {"cha-cha", 30, 32},
                                               {"rumba", 25, 27},
                                               {"paso doble", 60, 62},
                                               {"jive", 42, 44}})
            QTest::newRow(family) << double(from) << double(to);
    }
    void publishedTempos() {
        QFETCH(double, from);
        QFETCH(double, to);
        const FamilyTempo* range = tempoRangeOf(QTest::currentDataTag());
        QVERIFY(range && range->published);
        QCOMPARE(range->from / range->beatsInBar, from);
        QCOMPARE(range->to / range->beatsInBar, to);
    }
    void rangesAreWhole() {
        int practice = 0;
        for (const FamilyTempo& range : tempoRanges()) {
            QVERIFY2(range.from > 0 && range.from < range.to && range.beatsInBar >= 2, range.family.c_str());
            QVERIFY(!range.source.empty() && test::q(range.name) == test::q(range.family));
            practice += !range.published;
        }
        QVERIFY(practice > 5);
        QVERIFY(tempoRangeOf("WALTZ") && !tempoRangeOf("no such dance"));
    }
    void halfAndDoubleAreFelt() {
        const FamilyTempo range{"x", {}, 4, 160, 200, {}};
        QCOMPARE(fitTempo(180, range).percent, 100.0);
        QCOMPARE(fitTempo(90, range).felt, 2.0);
        QVERIFY(fitTempo(90, range).fits());
        QCOMPARE(fitTempo(360, range).felt, 0.5);
        QCOMPARE(fitTempo(127, range).felt, 1.0); // 126 %, rather than 254 at 78.7 %
        QCOMPARE(fitTempo(125, range).felt, 2.0); // 250 at 80 %, rather than 128 %
        QVERIFY(qAbs(fitTempo(150, range).percent - 100 * 160.0 / 150) < 1e-9);
        QVERIFY(qAbs(fitTempo(220, range).percent - 100 * 200.0 / 220) < 1e-9);
    }
    void metresSuit() {
        const FamilyTempo &waltz = *tempoRangeOf("waltz"), &polka = *tempoRangeOf("polka");
        for (const auto& [metre, three] :
             {std::pair{"3/4", true}, {"4/4", false}, {"2/4", false}, {"6/8", false}, {"7/8", false}}) {
            QCOMPARE(suitsMetre(waltz, must(parseMetre(metre))), three);
            QCOMPARE(suitsMetre(polka, must(parseMetre(metre))), !three);
        }
    }
    void theTableIsCsv() {
        FitWishes wishes;
        std::vector<SongFit> fits{fitSong(danceOf32(), songOf("A \"quoted\", name", "a 32 | b 32"), wishes),
                                  fitSong(danceOf32(), newDocument(), wishes)};
        const auto rows = must(parseCsv(fitsToCsv(fits)));
        QCOMPARE(rows.size(), std::size_t{3});
        QCOMPARE(rows[0].size(), std::size_t{13});
        QCOMPARE(test::q(rows[1][0]), "A \"quoted\", name");
        QCOMPARE(test::q(rows[1][2]), "116.0");
        QCOMPARE(test::q(rows[1][5]), "0");
        QCOMPARE(test::q(rows[2][5]), ""); // not planned
        QVERIFY(!rows[2][12].empty());
    }
};

LIFTCOUNT_TEST(SongRankingTest)
#include "tst_song_ranking.moc"
