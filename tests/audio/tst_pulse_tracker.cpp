// The best path of beats against one that is found by trying everything: written from the documentation, with no code
// in common.
#include "support/core_support.h"

#include "audio/listening/pulse_tracker.h"

#include <rapidcheck.h>

#include <QtTest>

#include <cmath>
#include <limits>
#include <map>
#include <random>

using namespace lc;

namespace {

constexpr double rate = 20; // frames a second: few, so that everything can be tried
constexpr double never = -std::numeric_limits<double>::infinity();

/// Every path's score by its plain definition: what beats gather, less what changing and straying periods cost. Periods
/// are whole frames from 0.72 to 1.45 of the usual one (2.1 where the song may slow down).
class PlainTracker {
public:
    PlainTracker(const std::vector<float>& activation, double period, const PulseFreedom& freedom)
        : m_activation(activation), m_usual(period * rate), m_freedom(freedom) {
        const auto slowest = static_cast<int>(std::lround(m_usual * (freedom.slowingFrom ? 2.1 : 1.45)));
        for (int p = static_cast<int>(std::lround(m_usual * 0.72)); p <= slowest; ++p) m_periods.push_back(p);
    }
    /// The greatest score of all paths whose last beat has one of the periods and lies in the last of the longest
    /// periods.
    double best() {
        const int n = static_cast<int>(m_activation.size());
        double out = never;
        for (int t = n - m_periods.back(); t < n; ++t)
            for (int p : m_periods) out = std::max(out, upTo(t, p));
        return out;
    }

private:
    bool slowing(int frame) const { return m_freedom.slowingFrom && frame >= static_cast<int>(*m_freedom.slowingFrom); }

    double changing(int from, int to, int frame) const {
        const double change = std::log(static_cast<double>(to) / from);
        const double spread = slowing(frame) && change > 0 ? 0.09 : m_freedom.changeSpread;
        const double beyond = std::max(0.0, std::abs(change) - 0.5 / to) / spread; // half a frame is no change
        return 0.5 * beyond * beyond;
    }
    double straying(int period, int frame) const {
        const double away = std::log(period / m_usual) / m_freedom.periodSpread;
        return 0.5 * away * away * (slowing(frame) && away > 0 ? 0.2 : 1.0);
    }
    double upTo(int t, int p) {
        if (const auto known = m_known.find({t, p}); known != m_known.end()) return known->second;
        const double gain = static_cast<double>(m_activation[static_cast<std::size_t>(t)]);
        double score = gain;
        if (t >= p) {
            double entry = never;
            for (int q : m_periods)
                if (const double cost = changing(q, p, t - p); cost < 4) entry = std::max(entry, upTo(t - p, q) - cost);
            if (m_freedom.hold) entry = std::max(entry, held(t, p));
            score = entry + gain - straying(p, t);
        }
        return m_known[{t, p}] = score;
    }
    double held(int t, int p) {
        const int shortest =
            std::max(static_cast<int>(std::lround(1.4 * p)), p + static_cast<int>(std::lround(0.35 * rate)));
        const int longest = std::max(static_cast<int>(std::lround(3.2 * p)), static_cast<int>(std::lround(3 * rate)));
        double out = never, struck = 0;
        for (int length = 1; length <= longest && length <= t; ++length) {
            if (length >= shortest) out = std::max(out, upTo(t - length, p) - struck - *m_freedom.hold);
            struck += m_freedom.strikesInHold / (0.1 * m_usual) *
                      std::max(0.0, static_cast<double>(m_activation[static_cast<std::size_t>(t - length)]));
        }
        return out;
    }

    const std::vector<float>& m_activation;
    double m_usual;
    const PulseFreedom& m_freedom;
    std::vector<int> m_periods;
    std::map<std::pair<int, int>, double> m_known;
};

std::vector<float> randomActivation(unsigned seed, std::size_t frames) {
    std::mt19937 random(seed);
    std::normal_distribution<float> noise(0, 1);
    std::vector<float> out(frames);
    for (float& v : out) v = noise(random);
    return out;
}

/// What is struck on given frames, and a little against beats everywhere else.
std::vector<float> struckOn(const std::vector<int>& frames, std::size_t size) {
    std::vector<float> out(size, -0.3F);
    for (int f : frames) out[static_cast<std::size_t>(f)] = 3.0F;
    return out;
}

std::vector<int> wholeFrames(const PulseTrack& track) {
    std::vector<int> out;
    for (double f : track.frames) out.push_back(static_cast<int>(std::lround(f)));
    return out;
}

} // namespace

class PulseTrackerTest : public QObject {
    Q_OBJECT

private Q_SLOTS:
    void nothingBetterIsFoundByTryingEverything() {
        const bool holds = rc::check("the path gathers as much as the best of all", [] {
            const double period = *rc::gen::element(0.35, 0.5, 0.7);
            const auto activation =
                randomActivation(*rc::gen::arbitrary<unsigned>(), *rc::gen::inRange<std::size_t>(120, 200));
            PulseFreedom freedom{.changeSpread = *rc::gen::element(0.008, 0.035, 0.1),
                                 .periodSpread = *rc::gen::element(0.03, 0.25)};
            if (*rc::gen::arbitrary<bool>()) freedom.hold = *rc::gen::element(0.5, 3.0);
            if (*rc::gen::arbitrary<bool>()) freedom.slowingFrom = 90;
            const PulseTrack track = trackPulse(activation, rate, period, freedom);
            RC_ASSERT(!track.frames.empty());
            const double found = track.score * static_cast<double>(track.frames.size());
            const double best = PlainTracker(activation, period, freedom).best();
            RC_LOG() << "found " << found << ", best " << best << '\n';
            RC_ASSERT(std::abs(found - best) < 1e-3 * (1 + std::abs(best)));
        });
        QVERIFY(holds);
    }
    void beatsThatAreStruckAreFollowed() {
        std::vector<int> truth;
        for (int f = 4; f < 400; f += 10) truth.push_back(f);
        const PulseTrack track = trackPulse(struckOn(truth, 404), rate, 0.5, {.changeSpread = 0.01});
        QCOMPARE(wholeFrames(track), truth);
        QVERIFY(track.held.empty());
        QCOMPARE(track.period, 0.5);
    }
    void aHeldBeatIsNamed_data() {
        QTest::addColumn<int>("frames"); // the held beat's length; the others have ten
        QTest::addColumn<bool>("held");
        QTest::newRow("a quarter of a second longer is none") << 15 << false;
        QTest::newRow("a third of a second longer") << 17 << true;
        QTest::newRow("three and a half beats") << 35 << true;
        QTest::newRow("three seconds") << 60 << true;
        QTest::newRow("longer is none") << 75 << false;
    }
    void aHeldBeatIsNamed() {
        QFETCH(int, frames);
        QFETCH(bool, held);
        std::vector<int> truth;
        for (int f = 4; f <= 204; f += 10) truth.push_back(f);
        const std::size_t last = truth.size() - 1;
        for (int f = truth.back() + frames; f < 500; f += 10) truth.push_back(f);
        const PulseTrack track = trackPulse(struckOn(truth, 504), rate, 0.5, {.changeSpread = 0.01, .hold = 1.0});
        const auto beats = wholeFrames(track);
        QCOMPARE(beats == truth && track.held == std::vector<std::size_t>{last}, held);
        for (std::size_t b : track.held) { // whatever else is called held has a length that is allowed
            QVERIFY(beats[b + 1] - beats[b] >= 17);
            QVERIFY(beats[b + 1] - beats[b] <= 60);
        }
    }
    void aSoundTooShortForFourBeatsHasNone() {
        QVERIFY(trackPulse(std::vector<float>(40, 1.0F), rate, 0.5, {.changeSpread = 0.01}).frames.empty());
    }
};

LIFTCOUNT_TEST(PulseTrackerTest)
#include "tst_pulse_tracker.moc"
