// Work spread over threads, and the small nets: what they say does not depend on who computes it.
#include "support/core_support.h"

#include "audio/listening/in_parallel.h"
#include "audio/listening/metre_reading.h"
#include "audio/listening/small_net.h"
#include "support/audio_support.h"

#include <set>

using namespace lc;

namespace {

/// Two cues, one hidden unit, two nets; numbers small enough to be worked out by hand.
constexpr SmallNets<2, 1, 2> byHand = {
    {1.0F, -1.0F}, // mean
    {2.0F, 0.5F},  // one over the deviation
    3.0F,          // furthest
    {{{{1.0F, 0.0F}}, {0.0F}, {2.0F}, {0.0F, 1.0F}, 0.5F}, {{{0.0F, 0.0F}}, {0.0F}, {0.0F}, {0.0F, 0.0F}, -1.5F}},
};

} // namespace

class InParallelTest : public QObject {
    Q_OBJECT

private Q_SLOTS:
    void everyPieceIsDoneOnce_data() {
        QTest::addColumn<int>("pieces");
        for (int n : {0, 1, 2, 7, 1000}) QTest::newRow(qPrintable(QString::number(n))) << n;
    }
    void everyPieceIsDoneOnce() {
        QFETCH(int, pieces);
        std::vector<int> done(static_cast<std::size_t>(pieces), 0);
        inParallel(
            done.size(), [&](std::size_t i) { ++done[i]; }, [](std::size_t) {});
        for (int times : done) QCOMPARE(times, 1);
    }
    void onlyTheCallerIsTold() {
        const auto caller = std::this_thread::get_id();
        std::vector<std::thread::id> by(200);
        std::set<std::size_t> told;
        inParallel(
            by.size(), [&](std::size_t i) { by[i] = std::this_thread::get_id(); },
            [&](std::size_t i) {
                QVERIFY(std::this_thread::get_id() == caller);
                told.insert(i);
            });
        for (std::size_t i = 0; i < by.size(); ++i)
            QCOMPARE(told.contains(i), by[i] == caller); // told of what it did itself
    }
    void noMoreThreadsThanAllowed() {
        std::vector<std::thread::id> by(400);
        inParallel(
            by.size(), [&](std::size_t i) { by[i] = std::this_thread::get_id(); }, [](std::size_t) {});
        QVERIFY(std::set<std::thread::id>(by.begin(), by.end()).size() <= mostThreads);
    }
    /// The readings of a song are the same each time, whichever thread follows which pulse.
    void readingsDoNotDependOnTheThreads() {
        std::vector<double> beats;
        for (int i = 0; i < 50; ++i) beats.push_back(0.5 + 0.53 * i);
        const SongFeatures song = songFeatures(test::ticks(beats, 28));
        const MetreReadings once = readMetre(song), again = readMetre(song);
        QCOMPARE(once.readings.size(), again.readings.size());
        QVERIFY(once.readings.size() > 10);
        for (std::size_t r = 0; r < once.readings.size(); ++r) {
            QCOMPARE(once.readings[r].pulse, again.readings[r].pulse);
            QCOMPARE(once.readings[r].score, again.readings[r].score);
            if (r > 0) QVERIFY(once.readings[r - 1].score >= once.readings[r].score);
        }
        for (std::size_t p = 0; p < once.pulses.size(); ++p) QCOMPARE(once.pulses[p].beats, again.pulses[p].beats);
    }
    void readingStopsWhenItIsAsked() {
        std::vector<double> beats;
        for (int i = 0; i < 50; ++i) beats.push_back(0.5 + 0.53 * i);
        const SongFeatures song = songFeatures(test::ticks(beats, 28));
        std::stop_source source;
        std::vector<double> told;
        const Task task{[&](double part) {
                            told.push_back(part);
                            if (part > 0.1) source.request_stop();
                        },
                        source.get_token()};
        QVERIFY(readMetre(song, task).readings.empty());
        QVERIFY(!told.empty());
        for (double part : told) QVERIFY(part >= 0 && part <= 1);
    }
    /// A tempo that is stated is followed also where its beats lie half a beat later, however fast it is.
    void aStatedTempoHasItsOffBeats() {
        std::vector<double> beats;
        for (int i = 0; i < 90; ++i) beats.push_back(0.5 + 0.28 * i);
        const SongFeatures song = songFeatures(test::ticks(beats, 27));
        const auto later = [](const std::vector<PulseCandidate>& pulses) {
            return std::count_if(pulses.begin(), pulses.end(), [](const PulseCandidate& p) {
                return p.later == 0.5 && std::abs(p.period - 0.28) < 0.01;
            });
        };
        QVERIFY(later(pulseCandidates(song, {}, 0.28)) > 0);
        QCOMPARE(later(pulseCandidates(song, {}, {})), 0); // nobody asked
    }

    void netsSayTheirAverage() {
        // cues at their mean: the hidden unit and the direct way say nothing, and the constants' mean is left
        QVERIFY(std::abs(byHand(std::array<double, 2>{1.0, -1.0}) - (0.5 - 1.5) / 2) < 1e-6);
        // half a deviation above in the first: 2 tanh(1); one deviation of two in the second: the direct way
        QVERIFY(std::abs(byHand(std::array<double, 2>{1.5, 1.0}) - (0.5 + 2 * std::tanh(1.0) + 1.0 - 1.5) / 2) < 1e-6);
    }
    void whatIsStrangerThanTheFurthestCountsNoMore() {
        const double furthest = byHand(std::array<double, 2>{1.0, -1.0 + 6.0});
        QVERIFY(std::abs(furthest - (0.5 + 3.0 - 1.5) / 2) < 1e-6);
        QCOMPARE(byHand(std::array<double, 2>{1.0, 1000.0}), furthest);
        QCOMPARE(byHand(std::array<double, 2>{-1e6, -1.0}), byHand(std::array<double, 2>{1.0 - 1.5, -1.0}));
    }
};

LIFTCOUNT_TEST(InParallelTest)
#include "tst_in_parallel.moc"
