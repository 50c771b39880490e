// What is heard before any beat is decided, and the pulses that are followed: on made-up ticks, tones and silences.
#include "support/audio_support.h"
#include "support/core_support.h"

#include "audio/listening/analysis.h"
#include "audio/listening/beat_evidence.h"
#include "audio/listening/beat_places.h"
#include "audio/listening/phrase_cues.h"
#include "audio/listening/pulse_activation.h"
#include "audio/listening/pulse_refinement.h"
#include "audio/listening/pulse_tracker.h"
#include "audio/listening/stop_detection.h"
#include "audio/listening/subdivision.h"

#include <random>

using namespace lc;

namespace {

constexpr double pi = 3.14159265358979;

/// A short struck tone, louder or softer, added to a sound.
void strike(AudioBuffer& sound, double at, double hertz, double loud = 0.5, double decay = 40) {
    const auto first = static_cast<std::size_t>(std::max(0.0, at) * sound.sampleRate);
    for (std::size_t i = 0; i < 6000 && first + i < sound.samples.size(); ++i) {
        const double t = static_cast<double>(i) / sound.sampleRate;
        sound.samples[first + i] += static_cast<float>(loud * std::sin(2 * pi * hertz * t) * std::exp(-t * decay));
    }
}

AudioBuffer struckAt(const std::vector<double>& times, double seconds, double hertz = 440) {
    AudioBuffer sound = test::silence(seconds);
    for (double t : times) strike(sound, t, hertz);
    return sound;
}

std::vector<double> steady(double from, double step, double to) {
    std::vector<double> out;
    for (int i = 0; from + i * step < to; ++i) out.push_back(from + i * step);
    return out;
}

double worstDistance(const std::vector<double>& beats, const std::vector<double>& truth) {
    double worst = 0;
    for (double t : truth) {
        double best = 1e9;
        for (double b : beats) best = std::min(best, std::abs(b - t));
        worst = std::max(worst, best);
    }
    return worst;
}

std::vector<double> tracked(const SongFeatures& song, double period, double spread) {
    std::vector<double> seconds;
    for (double f : alignedBeats(
             song.onsets,
             trackPulse(pulseActivation(song.onsets), song.onsets.rate, period, {.changeSpread = spread}).frames))
        seconds.push_back(song.onsets.secondsOf(f));
    return seconds;
}

/// A pulse as the tracker gives it, before it is refined.
PulseCandidate candidate(const SongFeatures& song, double period, double spread) {
    PulseCandidate pulse;
    pulse.period = period;
    pulse.loose = spread > 0.01;
    pulse.beats = tracked(song, period, spread);
    return pulse;
}

/// What is told of 40 s of beats that are struck in these parts.
Subdivision partsTold(const QVector<double>& parts, double period) {
    const auto beats = steady(0.5, period, 40);
    AudioBuffer sound = test::silence(42);
    const double pitches[] = {440, 494, 523, 587, 659};
    std::size_t k = 0;
    for (double beat : beats)
        for (double part : parts) strike(sound, beat + part * period, pitches[k++ % 5], part == 0 ? 0.5 : 0.35, 12);
    return subdivisionOf(songFeatures(sound), beats);
}

} // namespace

class ListeningTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void onsetsStandWhereTheyAreStruck() {
        const SongFeatures song = songFeatures(struckAt({1.0, 2.5, 4.0}, 6));
        const auto& flux = song.onsets.flux;
        for (double t : {1.0, 2.5, 4.0}) {
            std::size_t peak = 0;
            const auto from = static_cast<std::size_t>((t - 0.2) * song.onsets.rate),
                       to = static_cast<std::size_t>((t + 0.2) * song.onsets.rate);
            for (std::size_t i = from; i < to; ++i)
                if (flux[i] > flux[peak] || peak == 0) peak = i;
            QVERIFY2(qAbs(song.onsets.secondsOf(static_cast<double>(peak)) - t) < 0.015,
                     qPrintable(QString::number(song.onsets.secondsOf(static_cast<double>(peak)))));
        }
        QCOMPARE(song.at(song.flux, -1.0), 0.0);
        QCOMPARE(song.at(song.flux, 100.0), 0.0);
    }
    void aHeldBeatIsFoundAndTheSteadySongHasNone() {
        std::vector<double> truth = steady(0.5, 0.6, 21.5);
        const double held = truth.back();
        for (double t : steady(held + 1.45, 0.6, 46)) truth.push_back(t); // 2.4 beats long
        const SongFeatures song = songFeatures(struckAt(truth, 48));
        const PulseCandidate refined = refinedPulse(song, candidate(song, 0.6, 0.008));
        QCOMPARE(refined.held.size(), std::size_t{1});
        QVERIFY(qAbs(refined.held[0] - held) < 0.03);
        QVERIFY(worstDistance(refined.beats, truth) < 0.03);
        const auto within = std::count_if(refined.beats.begin(), refined.beats.end(),
                                          [&](double t) { return t > 0.4 && t < truth.back() + 0.1; });
        QCOMPARE(static_cast<std::size_t>(within), truth.size());
        const SongFeatures even = songFeatures(struckAt(steady(0.5, 0.6, 46), 48));
        QVERIFY(refinedPulse(even, candidate(even, 0.6, 0.008)).held.empty());
        std::vector<double> rests = steady(0.5, 0.6, 46); // beats that nobody strikes are not a held one
        rests.erase(rests.begin() + 30, rests.begin() + 32);
        const SongFeatures resting = songFeatures(struckAt(rests, 48));
        QVERIFY(refinedPulse(resting, candidate(resting, 0.6, 0.008)).held.empty());
    }
    void aSongThatSlowsDownIsFollowedToItsEnd() {
        std::vector<double> truth = steady(0.5, 0.6, 36);
        double gap = 0.6;
        for (int k = 0; k < 8; ++k) truth.push_back(truth.back() + (gap *= 1.08)); // to just over half the tempo
        const SongFeatures song = songFeatures(struckAt(truth, truth.back() + 2));
        const PulseCandidate before = candidate(song, 0.6, 0.008);
        const PulseCandidate refined = refinedPulse(song, before);
        QVERIFY(worstDistance(before.beats, truth) > 0.1);
        QVERIFY2(worstDistance(refined.beats, truth) < 0.04,
                 qPrintable(QString::number(worstDistance(refined.beats, truth))));
    }
    /// The flux rises in a straight line to its top: each share of the rise is where it is, for a stroke and for a
    /// swell.
    void theRiseAroundBeatsIsMeasured() {
        OnsetFunctions onsets;
        onsets.rate = 172.265625;
        onsets.flux.assign(4000, 0.0F);
        std::vector<double> beats;
        constexpr int rise = 16; // frames, 93 ms
        for (int at = 100; at < 3900; at += 90) {
            beats.push_back(at);
            for (int k = 0; k <= rise; ++k)
                onsets.flux[static_cast<std::size_t>(at - rise + k)] = std::expm1(static_cast<float>(k) / rise);
        }
        for (auto* other : {&onsets.complexDomain, &onsets.low, &onsets.high, &onsets.level}) other->assign(4000, 0.0F);
        QVERIFY(std::abs(riseAround(onsets, beats, 0.25) + 12) < 0.6);
        QVERIFY(std::abs(riseAround(onsets, beats, 0.4) + 9.6) < 0.6);
        std::vector<double> late = beats;
        for (double& b : late) b += 3;
        QVERIFY(std::abs(riseAround(onsets, late, 0.25) + 15) < 0.6);
    }
    void rubatoIsSwayedAfter() {
        std::vector<float> struck(4000, 0.0F);
        std::vector<double> beats, truth;
        for (int k = 0; k < 40; ++k) {
            beats.push_back(50 + 90.0 * k);
            truth.push_back(std::round(50 + 90.0 * k + 8 * std::sin(2 * pi * k / 8)));
            struck[static_cast<std::size_t>(truth.back())] = 1.0F;
        }
        QCOMPARE(swayedBeats(struck, beats, 0.12), truth);
        QVERIFY(swayedBeats(struck, beats, 0.001) != truth); // a steady band does not
        QCOMPARE(swayedBeats(std::vector<float>(4000, 0.0F), {1, 2, 3}, 0.12), (std::vector<double>{1, 2, 3}));
    }
    void lowAndHighAreHeardApart() {
        AudioBuffer sound = test::silence(6);
        for (double t : {1.0, 3.0, 5.0}) strike(sound, t, 70);
        for (double t : {2.0, 4.0}) strike(sound, t, 9000);
        const SongFeatures song = songFeatures(sound);
        QVERIFY(song.at(song.low, 3.0) > 1.2 * song.at(song.low, 4.0)); // a click has a little of everything
        QVERIFY(song.at(song.high, 4.0) > 1.2 * song.at(song.high, 3.0));
    }
    /// A4 = 440 Hz (ISO 16) is pitch class A, the tenth from C.
    void pitchesFallIntoTheirClasses_data() {
        QTest::addColumn<double>("hertz");
        QTest::addColumn<int>("pitch");
        QTest::newRow("A4") << 440.0 << 9;
        QTest::newRow("C5") << 523.25 << 0; // equal temperament, 440 · 2^(3/12)
        QTest::newRow("E5") << 659.26 << 4;
        QTest::newRow("F#4") << 369.99 << 6;
    }
    void pitchesFallIntoTheirClasses() {
        QFETCH(double, hertz);
        QFETCH(int, pitch);
        const SongFeatures song = songFeatures(test::tone(3, hertz, 44100, 1));
        const SpectralFrame f = song.spectra.mean(1, 2);
        QCOMPARE(static_cast<int>(std::max_element(f.chroma.begin(), f.chroma.end()) - f.chroma.begin()), pitch);
    }
    void aChangeOfHarmonyIsHeardWhereItIs() {
        AudioBuffer sound = test::tone(3, 440, 44100, 1);
        const AudioBuffer other = test::tone(3, 523.25, 44100, 1);
        sound.samples.insert(sound.samples.end(), other.samples.begin(), other.samples.end());
        const SongFeatures song = songFeatures(sound);
        QVERIFY(song.harmonyAt(3.0) > 0.5);
        QVERIFY(song.harmonyAt(1.5) < 0.1);
    }
    void theRepeatingPeriodIsAmongThoseFound() {
        for (double period : {0.3, 0.5, 0.72}) {
            const SongFeatures song = songFeatures(struckAt(steady(0.4, period, 40), 41));
            const auto periods = pulsePeriods(song.onsets);
            QVERIFY2(std::any_of(periods.begin(), periods.end(), [&](double p) { return qAbs(p / period - 1) < 0.02; }),
                     qPrintable(QString::number(period)));
        }
    }
    void aSteadyPulseIsFollowed() {
        const auto truth = steady(0.4, 0.5, 40);
        const auto beats = tracked(songFeatures(struckAt(truth, 41)), 0.5, 0.008);
        QVERIFY2(worstDistance(beats, truth) <
                     0.015, // the frames are 6 ms apart, and a struck tone swells for a few more
                 qPrintable(QString::number(worstDistance(beats, truth))));
    }
    void aLivePulseIsFollowedThroughItsDrift() {
        std::mt19937 random(11);
        std::normal_distribution<double> walk(0, 0.006), hand(0, 0.008);
        std::vector<double> truth{0.5};
        double period = 0.5;
        while (truth.back() < 50) {
            period *= std::exp(walk(random));
            truth.push_back(truth.back() + period);
        }
        std::vector<double> played = truth;
        for (double& t : played) t += hand(random);
        const auto beats = tracked(songFeatures(struckAt(played, 52)), 0.5, 0.035);
        QVERIFY2(worstDistance(beats, truth) < 0.07, qPrintable(QString::number(worstDistance(beats, truth))));
    }
    void aPulseGoesOnThroughAStop() {
        std::vector<double> truth = steady(0.4, 0.5, 40), struck;
        for (double t : truth)
            if (t < 18 || t > 20.1) struck.push_back(t);
        QVERIFY(worstDistance(tracked(songFeatures(struckAt(struck, 41)), 0.5, 0.008), truth) < 0.03);
    }
    void thePartsOfABeatAreTold_data() {
        QTest::addColumn<QVector<double>>("parts");
        QTest::addColumn<bool>("three");
        QTest::addColumn<double>("swing");
        QTest::newRow("two") << QVector<double>{0, 0.5} << false << 0.5;
        QTest::newRow("four") << QVector<double>{0, 0.25, 0.5, 0.75} << false << 0.5;
        QTest::newRow("three") << QVector<double>{0, 1.0 / 3, 2.0 / 3} << true << -1.0;
        QTest::newRow("swung") << QVector<double>{0, 2.0 / 3} << false << 2.0 / 3;
    }
    void thePartsOfABeatAreTold() {
        QFETCH(QVector<double>, parts);
        QFETCH(bool, three);
        QFETCH(double, swing);
        const Subdivision s = partsTold(parts, 0.55);
        QVERIFY2((s.three > 0) == three, qPrintable(QString::number(s.three)));
        if (swing > 0) QVERIFY2(qAbs(s.swing - swing) < 0.05, qPrintable(QString::number(s.swing)));
    }
    /// Threes at 109 beats a minute are threes; the same at 180 must be much surer, since jigs are hardly danced as
    /// fast (common practice, no source).
    void fastThreesMustBeSurer() {
        const QVector<double> threes{0, 1.0 / 3, 2.0 / 3};
        const double slow = partsTold(threes, 60.0 / 109).three, fast = partsTold(threes, 60.0 / 180).three;
        QVERIFY(slow > 0);
        QVERIFY2(fast < slow - 5, qPrintable(QString("%1 against %2").arg(fast).arg(slow)));
    }
    /// Two beats of silence in full music are a stop; music that is sparse all along has none.
    void stopsAreSilencesInMusicThatSounds() {
        const auto mapOver = [](double seconds) {
            SongMap map;
            for (double t : steady(0.5, 0.5, seconds)) map.beats.push_back({t, 1, false});
            map.end = map.beats.back().time + 0.5;
            for (std::size_t b = 0; b + 4 <= map.beats.size(); b += 4) map.bars.push_back({b, 4, {}, false});
            map.beats.resize(map.bars.size() * 4);
            map.end = map.beats.back().time + 0.5;
            return map;
        };
        AudioBuffer full = test::tone(40, 300, 44100, 1);
        for (std::size_t i = static_cast<std::size_t>(16.5 * 44100); i < static_cast<std::size_t>(18.5 * 44100); ++i)
            full.samples[i] = 0;
        const auto stops = findStops(mapOver(40), songFeatures(full));
        QCOMPARE(stops.size(), std::size_t{1});
        QCOMPARE(stops[0].beats, 4);
        QVERIFY(qAbs(stops[0].start - 16.5) < 0.01);
        QVERIFY(findStops(mapOver(40), songFeatures(struckAt(steady(0.5, 2.0, 40), 41))).empty());
    }
    void returningMusicIsAlike() {
        // bars of two seconds: two tunes, A B A B
        AudioBuffer sound = test::silence(64);
        std::vector<double> bars;
        std::vector<int> beats;
        const double tunes[2][4] = {{262, 330, 392, 523}, {294, 349, 440, 587}};
        for (int bar = 0; bar < 32; ++bar) {
            const int tune = bar / 8 % 2;
            bars.push_back(bar * 2.0);
            beats.push_back(4);
            for (int k = 0; k < 4; ++k) {
                strike(sound, bar * 2.0 + 0.5 * k, tunes[tune][(k + bar) % 4], 0.5, 8);
                if (tune == 1) strike(sound, bar * 2.0 + 0.5 * k + 0.25, 8000, 0.2);
            }
        }
        bars.push_back(64);
        const SongFeatures song = songFeatures(sound);
        const auto alike = barLikeness(song, bars);
        QVERIFY(alike[0][16] > 0.5F);
        QVERIFY(alike[0][8] < 0.2F);
        const auto cues = phraseCues(song, bars, beats);
        for (std::size_t b : {8U, 16U, 24U})
            for (std::size_t other : {5U, 12U, 20U, 27U}) QVERIFY(cues[b][NoveltyMiddle] > cues[other][NoveltyMiddle]);
    }
    void shortAndEmptySoundsAreCalm() {
        QVERIFY(!hearSound(test::silence(1)));
        QVERIFY(!hearSound(AudioBuffer{}));
        const SongFeatures none = songFeatures(AudioBuffer{44100, 1, {}});
        QVERIFY(pulsePeriods(none.onsets).empty());
        QVERIFY(trackPulse(pulseActivation(none.onsets), none.onsets.rate, 0.5, {.changeSpread = 0.01}).frames.empty());
        QVERIFY(readMetre(none).readings.empty());
    }
};

LIFTCOUNT_TEST(ListeningTest)
#include "tst_listening.moc"
