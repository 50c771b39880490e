#include "support/core_support.h"

#include "core/rehearsing/tap_statistics.h"

#include <QProcess>

#include <random>

using namespace lc;

namespace {

/// 128 counts at 120 bpm, and somebody who taps them.
struct Tapper {
    explicit Tapper(unsigned seed) : random(seed) {}
    std::mt19937 random;
    std::vector<TapPlace> places;
    std::vector<double> taps;
    double late = 0, jitter = 0, drift = 0; ///< seconds; drift from `from` on, seconds a second
    int from = 0, count = 128;
    double period = 0.5;

    void tap() {
        std::normal_distribution<double> scatter(0, 1);
        for (int i = 0; i < count; ++i) {
            const double at = 10 + i * period;
            places.push_back({counts(i), at});
            taps.push_back(at + late + jitter * scatter(random) + (i > from ? (i - from) * period * drift : 0));
        }
    }
};

} // namespace

class TapStatisticsTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// scipy.stats.circmean and circstd (SciPy, python3-scipy of Debian) of the same values.
    void agreesWithAReferenceLibrary() {
        if (QProcess::execute(test::systemPython(), {"-c", "import scipy.stats"}) != 0)
            QSKIP("python3-scipy is not here");
        std::mt19937 random(21);
        for (const double spread : {0.005, 0.03, 0.09, 0.2}) {
            std::normal_distribution<double> scatter(-0.02, spread);
            std::vector<double> late;
            QStringList said;
            for (int i = 0; i < 60; ++i) {
                late.push_back(scatter(random));
                said << QString::number(late.back(), 'g', 17);
            }
            QProcess python;
            python.start(test::systemPython(),
                         {"-c",
                          "import sys,scipy.stats as s\nv=[float(x) for x in sys.argv[1].split()]\n"
                          "print(s.circmean(v,high=.25,low=-.25), s.circstd(v,high=.25,low=-.25))",
                          said.join(' ')});
            QVERIFY(python.waitForFinished());
            const QStringList theirs = QString::fromUtf8(python.readAllStandardOutput()).simplified().split(' ');
            QCOMPARE(theirs.size(), 2);
            const TapSpread ours = spreadOf(late, 0.5);
            QVERIFY2(qAbs(ours.mean - theirs[0].toDouble()) < 1e-9, qPrintable(theirs.join(' ')));
            QVERIFY2(qAbs(ours.spread - theirs[1].toDouble()) < 1e-9, qPrintable(theirs.join(' ')));
        }
    }
    /// What a simulated tapper does is measured: bias within 2 ms, spread within 10 % of what was really drawn.
    void latenessAndScatterAreMeasured() {
        for (unsigned seed = 1; seed <= 20; ++seed) {
            Tapper tapper(seed);
            tapper.late = -0.06 + 0.006 * seed;
            tapper.jitter = 0.008 + 0.001 * seed;
            tapper.tap();
            double mean = 0, square = 0;
            for (std::size_t i = 0; i < tapper.taps.size(); ++i) mean += tapper.taps[i] - tapper.places[i].time;
            mean /= 128;
            for (std::size_t i = 0; i < tapper.taps.size(); ++i)
                square += std::pow(tapper.taps[i] - tapper.places[i].time - mean, 2);
            for (double& tap : tapper.taps) tap += 0.035; // the device
            const auto test = measureTaps(tapper.places, tapper.taps, 0.035);
            QVERIFY(test);
            QCOMPARE(test->taps.size(), std::size_t{128});
            QVERIFY(qAbs(test->spread.mean - mean) < 0.002);
            const double spread = std::sqrt(square / 128);
            QVERIFY2(qAbs(test->spread.spread / spread - 1) < 0.1,
                     qPrintable(QString("%1 for %2").arg(test->spread.spread).arg(spread)));
            QVERIFY(test->missed.empty() && test->extra.empty() && test->slips.empty() && !test->slide);
        }
    }
    void theOrderOfPlacesAndTapsDoesNotMatter() {
        Tapper tapper(4);
        tapper.jitter = 0.02;
        tapper.tap();
        const auto once = measureTaps(tapper.places, tapper.taps);
        std::shuffle(tapper.places.begin(), tapper.places.end(), tapper.random);
        std::shuffle(tapper.taps.begin(), tapper.taps.end(), tapper.random);
        const auto again = measureTaps(tapper.places, tapper.taps);
        QVERIFY(once && again && once->taps == again->taps && once->spread == again->spread);
    }
    void whereItBeganToSlideIsFound() {
        int found = 0;
        for (unsigned seed = 1; seed <= 20; ++seed) {
            Tapper tapper(seed);
            tapper.jitter = 0.015;
            tapper.from = 60;
            tapper.drift = seed % 2 == 0 ? 0.005 : -0.005; // 0.3 s a minute
            tapper.tap();
            const auto test = measureTaps(tapper.places, tapper.taps);
            QVERIFY(test && test->slide);
            found += std::abs(static_cast<int>(test->slide->tap) - 60) <= 12;
            QVERIFY2(qAbs(test->slide->perMinute - 60 * tapper.drift) < 0.06,
                     qPrintable(QString::number(test->slide->perMinute)));
        }
        QVERIFY2(found >= 19, qPrintable(QString::number(found)));
    }
    /// Somebody who slides by more than a whole count is not told to be on time again.
    void aSlideOfMoreThanACountIsFollowed() {
        Tapper tapper(7);
        tapper.jitter = 0.01;
        tapper.drift = 0.012; // 0.77 s after 128 counts
        tapper.tap();
        const auto test = measureTaps(tapper.places, tapper.taps);
        QVERIFY(test);
        QVERIFY2(test->taps.back().late > 0.7, qPrintable(QString::number(test->taps.back().late)));
        QVERIFY(qAbs(test->driftPerMinute - 0.72) < 0.05);
    }
    void slipsAreFound() {
        for (unsigned seed = 1; seed <= 20; ++seed) {
            Tapper tapper(seed);
            tapper.jitter = 0.015;
            tapper.tap();
            for (std::size_t i = 70; i < tapper.taps.size(); ++i) tapper.taps[i] += 0.25; // half a beat off from there
            const auto test = measureTaps(tapper.places, tapper.taps);
            QVERIFY(test);
            QCOMPARE(test->slips.size(), std::size_t{1});
            QVERIFY(qAbs(static_cast<int>(test->slips[0].tap) - 70) <= 1);
            QVERIFY(qAbs(std::abs(test->slips[0].by) - 0.25) < 0.03);
        }
    }
    void missedAndDoubledTapsAreToldApart() {
        Tapper tapper(3);
        tapper.jitter = 0.01;
        tapper.tap();
        tapper.taps.erase(tapper.taps.begin() + 40, tapper.taps.begin() + 43);
        tapper.taps.push_back(tapper.places[20].time + 0.15);
        tapper.taps.push_back(tapper.places.front().time - 3); // before it began
        const auto test = measureTaps(tapper.places, tapper.taps);
        QVERIFY(test);
        QCOMPARE(test->missed, (std::vector<std::size_t>{40, 41, 42}));
        QCOMPARE(test->extra.size(), std::size_t{2});
        QCOMPARE(test->taps.size(), std::size_t{125});
    }
    void everyCountHasItsOwn() {
        Tapper tapper(9);
        tapper.jitter = 0.004;
        tapper.tap();
        std::vector<Tick> music;
        for (std::size_t i = 0; i < tapper.places.size(); ++i) {
            music.push_back(counts(static_cast<int>(i % 8) + 1));
            if (i % 8 == 4) tapper.taps[i] -= 0.05; // the 5 comes early
        }
        const auto test = measureTaps(tapper.places, tapper.taps);
        QVERIFY(test);
        const auto all = tapsOnCounts(*test, music);
        QCOMPARE(all.size(), std::size_t{8});
        for (const TapsOnCount& one : all) {
            QCOMPARE(one.spread.taps, 16);
            QVERIFY(qAbs(one.spread.mean - (one.musicCount == counts(5) ? -0.05 : 0.0)) < 0.004);
        }
    }
    void the1ThatWasReallyTapped() {
        const auto all = [](double after) {
            std::vector<double> places;
            for (int i = 0; i < 16; ++i) places.push_back(8 * i + after + (i % 3 - 1) * 0.05);
            return tappedOne(places, 8);
        };
        QCOMPARE(all(0.02).after, counts(0));
        QCOMPARE(all(4).after, counts(4)); // on the 5
        QCOMPARE(all(0.5).after, countFraction(1, 2));
        QCOMPARE(all(-0.5).after, countFraction(15, 2));
        QCOMPARE(all(7.98).after, counts(0));
        QVERIFY(all(4).steadiness > 0.95);
        QVERIFY(tappedOne({0, 2, 4, 6}, 8).steadiness < 0.01); // anywhere
    }
    void whatCannotBeMeasuredIsSaid() {
        QVERIFY(!measureTaps({}, {1, 2, 3, 4}));
        Tapper tapper(1);
        tapper.tap();
        const auto few = measureTaps(tapper.places, {10.0, 10.5, 11.0});
        QVERIFY(!few && test::q(few.error().message).contains("there were 3"));
        tapper.taps.push_back(std::nan(""));
        QVERIFY(measureTaps(tapper.places, tapper.taps));
    }
};

LIFTCOUNT_TEST(TapStatisticsTest)
#include "tst_tap_statistics.moc"
