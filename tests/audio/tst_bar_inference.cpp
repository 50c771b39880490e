#include "audio/bar_inference.h"
#include "audio/phrase_inference.h"

#include <QtTest>
#include <random>

using namespace lc;

namespace {
/// Evidence of a song with these bars, with noise.
BeatEvidence evidence(const std::vector<int>& bars, std::size_t pickup, double noise, unsigned seed) {
    std::mt19937 random(seed);
    std::normal_distribution<double> n(0, noise);
    BeatEvidence e;
    const auto beat = [&](bool one, bool back) {
        e.harmony.push_back((one ? 1.0 : 0.1) + n(random));
        e.bass.push_back((one ? 0.8 : 0.2) + n(random));
        e.accent.push_back(0.5 + n(random));
        e.back.push_back((back ? 0.9 : 0.3) + n(random));
    };
    for (std::size_t i = 0; i < pickup; ++i) beat(false, false);
    for (int bar : bars)
        for (int k = 0; k < bar; ++k) beat(k == 0, k % 2 == 1);
    return e;
}
} // namespace

class BarInferenceTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void barsOfFourAndThreeAreTold() {
        for (int usual : {3, 4}) {
            const std::vector<int> bars(40, usual);
            const InferredBars found = inferBars(evidence(bars, 0, 0.2, 3));
            QCOMPARE(found.beatsPerBar, usual);
            QCOMPARE(found.lengths, bars);
        }
    }
    void aHalfBarAndAnOddBarAreFound() {
        std::vector<int> bars(30, 4);
        bars[12] = 2;
        QCOMPARE(inferBars(evidence(bars, 0, 0.2, 5)).lengths, bars);
        bars[20] = 5;
        QCOMPARE(inferBars(evidence(bars, 0, 0.15, 5)).lengths, bars);
    }
    void thePickUpIsFound() {
        for (std::size_t pickup = 0; pickup < 4; ++pickup) QCOMPARE(inferBars(evidence(std::vector<int>(24, 4), pickup, 0.2, 9)).pickup, pickup);
    }
    void noEvidenceGivesNoOddBars() {
        BeatEvidence flat;
        flat.harmony = flat.bass = flat.accent = flat.back = std::vector<double>(64, 0.5);
        const InferredBars found = inferBars(flat);
        for (std::size_t i = 0; i + 1 < found.lengths.size(); ++i) QCOMPARE(found.lengths[i], found.beatsPerBar);
        QVERIFY(inferBars({}).lengths.empty());
    }
    void phrasesFollowTheSound() {
        std::vector<BarSound> bars;
        std::vector<double> fresh;
        std::vector<int> beats;
        const std::vector<std::size_t> truth{8, 8, 9, 8, 4, 8};
        std::mt19937 random(4);
        for (std::size_t p = 0; p < truth.size(); ++p)
            for (std::size_t b = 0; b < truth[p]; ++b) {
                BarSound sound(6, 0);
                sound[p % 3] = 1;
                for (double& v : sound) v += static_cast<double>(random() % 100) / 400;
                bars.push_back(sound);
                fresh.push_back(b == 0 ? 1 : 0);
                beats.push_back(4);
            }
        QCOMPARE(inferPhrases(bars, fresh, beats), truth);
        QVERIFY(inferPhrases({}, {}, {}).empty());
        QCOMPARE(inferPhrases({BarSound{1}}, {0}, {4}), std::vector<std::size_t>{1});
    }
};

QTEST_APPLESS_MAIN(BarInferenceTest)
#include "tst_bar_inference.moc"
