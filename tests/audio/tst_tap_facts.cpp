// What taps state about the demo song, whose beats are known.
#include "support/audio_support.h"
#include "support/core_support.h"

#include "audio/listening/analysis.h"
#include "audio/listening/tap_facts.h"
#include "audio/sound/audio_file.h"

using namespace lc;

class TapFactsTest : public QObject {
    Q_OBJECT
    HeardSong m_demo;
    SongMap m_plain;

    std::vector<Seconds> beats(std::size_t from, std::size_t to, std::size_t step, Seconds later = 0) const {
        std::vector<Seconds> out;
        for (std::size_t b = from; b < to; b += step) out.push_back(m_plain.beats[b].time + later);
        return out;
    }
    SongMap after(const std::vector<SongFact>& facts) const { return test::must(solveSong(m_demo, facts)).map; }

private Q_SLOTS:
    void initTestCase() {
        m_demo =
            test::must(hearSound(test::must(decodeSong(LIFTCOUNT_SOURCE_DIR "/demo/copper-weathervane.ogg")).sound));
        m_plain = test::must(solveSong(m_demo)).map;
    }
    void tapsOnWhatWasHeardStateNothing() {
        for (std::uint32_t seed = 1; seed <= 5; ++seed) {
            const TapFit fit = test::must(fitTaps(simulatedTaps(beats(16, 64, 1), {}, seed)));
            QVERIFY(test::must(factsFromTaps(m_demo, {}, fit, TapTarget::Beats)).empty());
        }
    }
    void tapsAtHalfTheTempoStateIt() {
        const TapFit fit = test::must(fitTaps(simulatedTaps(beats(16, 112, 2), {}, 3)));
        const auto facts = test::must(factsFromTaps(m_demo, {}, fit, TapTarget::Beats));
        QVERIFY(!facts.empty());
        QVERIFY(facts.size() <= 2); // a tempo, and a beat if need be
        const SongMap map = after(facts);
        QVERIFY(qAbs(*medianTempo(map) - *medianTempo(m_plain) / 2) < 1);
        for (Seconds tap : fit.places) QVERIFY(std::abs(map.beats[nearestBeat(map, tap)].time - tap) < 0.07);
    }
    void tapsBetweenTheBeatsMoveThem() {
        const Seconds half = 30 / *medianTempo(m_plain);
        const TapFit fit = test::must(fitTaps(beats(16, 64, 1, half)));
        const SongMap map = after(test::must(factsFromTaps(m_demo, {}, fit, TapTarget::Beats)));
        std::size_t on = 0;
        for (Seconds tap : fit.places) on += std::abs(map.beats[nearestBeat(map, tap)].time - tap) < 0.07;
        QVERIFY(on >= fit.places.size() * 85 / 100);
    }
    void tappedOnesMoveTheBars() {
        const std::size_t one = m_plain.bars[4].firstBeat + 2;
        const TapFit fit = test::must(fitTaps(simulatedTaps(beats(one, one + 40, 4), {0.025, 0, 0, 0, 0}, 2)));
        const auto facts = test::must(factsFromTaps(m_demo, {}, fit, TapTarget::Ones));
        QCOMPARE(facts.size(), std::size_t{2}); // the first 1 and the last move the whole song
        const SongMap map = after(facts);
        for (Seconds tap : fit.places)
            QVERIFY(std::any_of(map.bars.begin(), map.bars.end(),
                                [&](const Bar& b) { return std::abs(map.beats[b.firstBeat].time - tap) < 0.1; }));
    }
    void tappedOnesTellTheLengthOfTheBars() {
        const std::size_t one = m_plain.bars[4].firstBeat;
        const TapFit fit = test::must(fitTaps(beats(one, one + 48, 3)));
        const SongMap map = after(test::must(factsFromTaps(m_demo, {}, fit, TapTarget::Ones)));
        QCOMPARE(map.metre.beats, 3);
    }
    void howLateAPersonIsIsHeard() {
        const auto late = lateness(
            m_plain, test::must(fitTaps(simulatedTaps(beats(16, 80, 1), {0.025, 0.045, 0.05, 0.03, 0.02}, 9))).places);
        QVERIFY(late);
        QVERIFY2(qAbs(*late - 0.045) < 0.012, qPrintable(QString::number(*late)));
        QVERIFY(!lateness(m_plain, {m_plain.beats[8].time + 0.3, m_plain.beats[9].time + 0.3}));
        QVERIFY(!lateness({}, {1, 2}));
    }
};

LIFTCOUNT_TEST(TapFactsTest)
#include "tst_tap_facts.moc"
