// The plain trackers that are asked beside the readings: each against exact beats, and the resonance of counting
// against the figures of its authors.
#include "support/audio_support.h"
#include "support/beat_measure.h"
#include "support/demo_songs.h"

#include "audio/listening/reading_cues.h"
#include "pulse_witnesses.h"

using namespace lc;

using bench::pulseWitnesses;
using bench::witnesses;

namespace {

SongFeatures clicks(double bpm, double seconds, double from = 0.5) {
    std::vector<double> times;
    for (double t = from; t < seconds - 0.2; t += 60 / bpm) times.push_back(t);
    return songFeatures(test::ticks(times, seconds));
}

std::vector<double> grid(double bpm, double seconds, double from = 0.5) {
    std::vector<double> times;
    for (double t = from; t < seconds - 0.2; t += 60 / bpm) times.push_back(t);
    return times;
}

} // namespace

class PulseWitnessesTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void allFollowClicksAtATempoThatPeopleLike() {
        for (const double bpm : {96.0, 120.0, 132.0}) {
            const auto heard = pulseWitnesses(clicks(bpm, 40));
            for (std::size_t w = 0; w < witnesses; ++w)
                QVERIFY2(
                    test::fMeasure(heard[w], grid(bpm, 40)) > 0.9,
                    qPrintable(QString("%1 at %2: %3").arg(w).arg(bpm).arg(test::fMeasure(heard[w], grid(bpm, 40)))));
        }
    }
    /// Of a demo song in 4/4 most hear the composer's beats; where one does not, it hears every second or twice as
    /// many.
    void mostHearTheBeatsOfADemoSong() {
        for (const QString& name : {QStringLiteral("copper-weathervane"), QStringLiteral("lantern-arcade")}) {
            std::vector<double> beats;
            for (const Beat& b : test::demoTruth(name).beats) beats.push_back(b.time);
            const auto heard = pulseWitnesses(songFeatures(test::demoSound(name)));
            int right = 0;
            for (const auto& beatsHeard : heard) right += test::fMeasure(beatsHeard, beats) > 0.85;
            QVERIFY2(right >= 2, qPrintable(QString("%1: %2 of 4").arg(name).arg(right)));
        }
    }
    void silenceHasNoBeats() {
        for (const auto& beats : pulseWitnesses(songFeatures(test::silence(1)))) QVERIFY(beats.empty());
        for (const auto& beats : pulseWitnesses(songFeatures(test::silence(20))))
            QVERIFY(beats.size() < 60); // whatever a tracker makes of it, it ends
    }
    void beatsAscend() {
        for (const auto& beats : pulseWitnesses(songFeatures(test::noise(30))))
            QVERIFY(std::is_sorted(beats.begin(), beats.end()));
    }
    /// van Noorden, Moelants 1999 (from memory): the peak lies near 2 Hz, what is half or twice as fast is liked
    /// clearly less, and beyond 300 and below 30 hardly at all.
    void peopleLikeToCountNearTwoASecond() {
        double best = 0, at = 0;
        for (double bpm = 30; bpm < 300; bpm += 1)
            if (pulseResonance(bpm) > best) {
                best = pulseResonance(bpm);
                at = bpm;
            }
        QVERIFY2(at > 105 && at < 130, qPrintable(QString::number(at)));
        for (double bpm = at; bpm < 290; bpm += 5) QVERIFY(pulseResonance(bpm + 5) < pulseResonance(bpm));
        for (double bpm = at; bpm > 30; bpm -= 5) QVERIFY(pulseResonance(bpm - 5) < pulseResonance(bpm));
        QVERIFY(pulseResonance(60) < 0.5 && pulseResonance(240) < 0.5 && pulseResonance(300) < 0.25 &&
                pulseResonance(30) < 0.15);
    }
};

LIFTCOUNT_TEST(PulseWitnessesTest)
#include "tst_pulse_witnesses.moc"
