#include "support/core_support.h"

#include "core/song/tempo_curve.h"
#include "core/song/unmatched_doubts.h"

using namespace lc;

namespace {
TempoCurve curveOf(const SongMap& map, CountingScheme scheme, Seconds from = 0, Seconds to = 0) {
    return tempoCurve(map, CountGrid(map, scheme), from, to);
}
} // namespace

class TempoCurveTest : public QObject {
    Q_OBJECT

private Q_SLOTS:
    void anEvenSongIsFlat() {
        const SongMap map = test::song("pickup 2 | intro 16 | verse 32", 112);
        const TempoCurve curve = curveOf(map, usualScheme(map.metre));
        QCOMPARE(curve.points.size(), map.bars.size());
        for (const TempoPoint& p : curve.points) QVERIFY(qAbs(p.bpm - 112) < 1e-6);
        QVERIFY(test::q(tempoInWords(curve)).startsWith("steady within 0"));
    }
    void countsAreWhatIsDanced() {
        const SongMap seven =
            test::song("dance 28", 300, "7/8:3+2+2"); // a bar lasts 1.4 s and is counted long short short
        const TempoCurve curve = curveOf(seven, usualScheme(seven.metre));
        QVERIFY2(qAbs(curve.points[0].bpm - 3 * 60 / 1.4) < 1e-6, qPrintable(QString::number(curve.points[0].bpm)));
        const SongMap slow = test::song("verse 16", 60);
        QVERIFY(qAbs(curveOf(slow, {CountUnit::HalfBeat, 1}).usual - 120) < 1e-6);
        QVERIFY(qAbs(curveOf(slow, {CountUnit::TwoBeats, 4}).usual - 30) < 1e-6);
    }
    /// Downbeats at 0, 2, 4, 6.1, 8.3 s: 120, 120, 114.3, 109.1 bpm.
    void aSlowingSongFalls() {
        SongMap map = test::song("verse 16", 120);
        const std::vector<double> ones{0, 2, 4, 6.1, 8.3};
        for (std::size_t b = 0; b < 16; ++b)
            map.beats[b].time = ones[b / 4] + (ones[b / 4 + 1] - ones[b / 4]) * static_cast<double>(b % 4) / 4;
        map.end = 8.3;
        const TempoCurve curve = curveOf(map, usualScheme(map.metre), 3.9, 8.3);
        QStringList all;
        for (const TempoPoint& p : curve.points) all << QString::number(p.bpm, 'f', 1);
        QCOMPARE(all.join(' '), QString("120.0 120.0 114.3 109.1"));
        QVERIFY(curve.danced && qAbs(curve.danced->highest - 240 / 2.1) < 1e-6 &&
                qAbs(curve.danced->lowest - 240 / 2.2) < 1e-6);
        QCOMPARE(test::q(tempoInWords(curve)), QString("from 109.1 to 120"));
    }
    void aHeldBeatSaysNothingOfTheTempo() {
        const SongMap map = test::song("verse 8 | fermata 4 5s | verse 8", 100);
        const TempoCurve curve = curveOf(map, usualScheme(map.metre));
        QVERIFY(curve.points[2].held);
        QVERIFY(qAbs(curve.range->lowest - 100) < 1e-6);
    }
    void aSongWithoutBeatsHasNoCurve() {
        const TempoCurve curve = curveOf({}, {});
        QVERIFY(curve.points.empty() && !curve.range && !curve.danced);
        QVERIFY(tempoInWords(curve).empty());
    }
    void whatTheOtherRecordingLackedIsDoubted() {
        const SongMap map = test::song("intro 16 | verse 32 | chorus 32", 60);
        auto doubts = unmatchedDoubts(map, {{16, 24}, {56, 60}}, {});
        QCOMPARE(doubts.size(), std::size_t{2});
        for (const SongDoubt& doubt : doubts) {
            QVERIFY(doubt.readings.size() >= 2);
            for (const DoubtReading& r : doubt.readings) {
                const auto then = withFacts(map, r.facts);
                QVERIFY2(then, r.text.english().c_str());
                QVERIFY2(unmatchedDoubts(*then, {{16, 24}, {56, 60}}, r.facts).size() <= 2, r.text.english().c_str());
            }
        }
        QCOMPARE(unmatchedDoubts(map, {{16, 24}, {56, 60}}, doubts[0].readings[0].facts).size(),
                 std::size_t{1}); // answered
        QCOMPARE(unmatchedDoubts(map, {{16, 24}}, doubts[0].readings[1].facts).size(), std::size_t{0});
        QVERIFY(unmatchedDoubts({}, {{16, 24}}, {}).empty());
    }
};

LIFTCOUNT_TEST(TempoCurveTest)
#include "tst_tempo_curve.moc"
