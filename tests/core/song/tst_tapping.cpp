#include "support/core_support.h"

#include "core/song/tapping.h"

using namespace lc;

namespace {

std::vector<Seconds> even(int n, double start, double period) {
    std::vector<Seconds> out;
    for (int i = 0; i < n; ++i) out.push_back(start + i * period);
    return out;
}

/// The greatest distance of a true beat from its nearest fitted place, in seconds.
double worst(const std::vector<Seconds>& beats, const TapFit& fit) {
    double most = 0;
    for (Seconds beat : beats) {
        if (beat < fit.places.front() - 0.1 || beat > fit.places.back() + 0.1)
            continue; // the first and the last may have been missed
        double least = 1e9;
        for (Seconds place : fit.places) least = std::min(least, std::abs(place - beat));
        most = std::max(most, least);
    }
    return most;
}

} // namespace

class TappingTest : public QObject {
    Q_OBJECT

private Q_SLOTS:
    void fewTapsAreTakenAsTheyAre() {
        // Downbeats at 0, 2, 4, 6.1, 8.3 s in 4/4: 120, 120, 114.3, 109.1 bpm; bar 4 beat 3 at 7.2 s.
        const TapFit fit = test::must(fitTaps({0, 2, 4, 6.1, 8.3}));
        const SongMap map = test::must(mapFromTaps(fit, 4, {4, 4}, 8.5));
        QStringList tempos;
        for (std::size_t bar = 0; bar < 4; ++bar)
            tempos << QString::number(240 / (map.beats[4 * bar + 4].time - map.beats[4 * bar].time), 'f', 1);
        QCOMPARE(tempos.join(' '), QString("120.0 120.0 114.3 109.1"));
        QVERIFY(qAbs(map.beats[14].time - 7.2) < 1e-9);
        QVERIFY(map.bars[3].firstBeat == 12);
    }
    void raggedTapsAreFitted_data() {
        QTest::addColumn<int>("seed");
        for (int seed = 1; seed <= 20; ++seed) QTest::addRow("person %d", seed) << seed;
    }
    /// Standard deviation 25 ms, one in ten missed, doubles, taps anywhere: on a steady song every beat is found within
    /// 20 ms (three standard errors of a line through 58 taps are 10 ms in the middle and 20 ms at the ends).
    void raggedTapsAreFitted() {
        QFETCH(int, seed);
        const auto beats = even(64, 3.0, 60.0 / 124);
        const auto taps = simulatedTaps(beats, {0.025, 0.04, 0.1, 0.05, 0.04}, static_cast<std::uint32_t>(seed));
        const TapFit fit = test::must(fitTaps(taps, 0.04));
        QVERIFY2(worst(beats, fit) < 0.020, qPrintable(QString::number(worst(beats, fit))));
        QVERIFY(qAbs(fit.period - 60.0 / 124) < 0.001);
        QVERIFY(fit.scatter > 0.015 && fit.scatter < 0.035);
        QVERIFY(qAbs(static_cast<int>(fit.places.size()) - 64) <= 2);
    }
    void tapsOnADriftingBandFollowIt() {
        std::vector<Seconds> beats{1.0};
        for (int i = 1; i < 80; ++i) beats.push_back(beats.back() + 0.5 + 0.06 * std::sin(i * 0.08));
        for (std::uint32_t seed = 1; seed <= 20; ++seed) {
            const TapFit fit = test::must(fitTaps(simulatedTaps(beats, {0.025, 0, 0.05, 0.03, 0.02}, seed)));
            double sum = 0;
            for (std::size_t i = 6; i + 6 < beats.size(); ++i) {
                double least = 1;
                for (Seconds place : fit.places) least = std::min(least, std::abs(place - beats[i]));
                sum += least;
            }
            QVERIFY2(sum / 68 < 0.016,
                     qPrintable(QString::number(sum / 68))); // a third of what one tap scatters, and the bend
        }
    }
    void aWrongTapIsOutvoted() {
        auto taps = even(16, 1, 0.5);
        taps.push_back(3.27);
        taps.push_back(5.8);
        const TapFit fit = test::must(fitTaps(taps));
        QCOMPARE(fit.outvoted, 2);
        QCOMPARE(fit.places.size(), std::size_t{16});
        QVERIFY(worst(even(16, 1, 0.5), fit) < 1e-6);
    }
    void doublesAndGapsAreCounted() {
        auto taps = even(20, 0, 0.6);
        taps.push_back(1.2 + 0.07);
        std::erase_if(taps, [](double t) { return t > 5.9 && t < 7.1; });
        const TapFit fit = test::must(fitTaps(taps));
        QCOMPARE(fit.doubled, 1);
        QCOMPARE(fit.missed, 2);
        QCOMPARE(fit.places.size(), std::size_t{20});
        QVERIFY(worst(even(20, 0, 0.6), fit) < 0.02);
    }
    void tooFewOrWildTapsAreRefused() {
        QVERIFY(!fitTaps({}));
        QVERIFY(!fitTaps({1, 2, 3}));
        QVERIFY(!fitTaps({1, 1.01, 1.02, 1.03}));
        QVERIFY(test::q(fitTaps({1}).error().message).contains("at least four"));
    }
    void aTappedSongReachesFromItsStartToItsEnd() {
        const SongMap map = test::must(mapFromTaps(test::must(fitTaps(even(16, 10.2, 0.5))), 1, {3, 4}, 60));
        QVERIFY(validate(map));
        QVERIFY(map.beats.front().time >= 0 && map.beats.front().time < 0.5);
        QVERIFY(map.end <= 60 && map.end > 59);
        QVERIFY(std::any_of(map.bars.begin(), map.bars.end(),
                            [&](const Bar& b) { return std::abs(map.beats[b.firstBeat].time - 10.2) < 1e-6; }));
        QVERIFY(std::any_of(map.phrases.begin(), map.phrases.end(), [&](const Phrase& p) {
            return std::abs(map.beats[firstBeatOf(map, p)].time - 10.2) < 1e-6;
        }));
        QVERIFY(!mapFromTaps({}, 1, {4, 4}, 10));
    }
    void theSamePersonTapsTheSame() {
        QVERIFY(simulatedTaps(even(30, 0, 0.5), {}, 5) == simulatedTaps(even(30, 0, 0.5), {}, 5));
        QVERIFY(simulatedTaps(even(30, 0, 0.5), {}, 5) != simulatedTaps(even(30, 0, 0.5), {}, 6));
    }
};

LIFTCOUNT_TEST(TappingTest)
#include "tst_tapping.moc"
