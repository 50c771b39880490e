// Songs made of whole bars of others: what is heard at the joints, and whether the new map is that of the new sound.
#include "support/demo_songs.h"

#include "audio/listening/analysis.h"
#include "audio/sound/song_splice.h"
#include "core/planning/music_mend.h"

#include <algorithm>
#include <cmath>

using namespace lc;
using test::must;

namespace {

/// The largest step between neighbouring second differences in [from, to): a click is a corner in the wave.
double sharpest(const AudioBuffer& sound, double from, double to) {
    const auto at = [&](double t) {
        return static_cast<std::size_t>(std::clamp(t, 0.0, sound.seconds()) * sound.sampleRate);
    };
    double most = 0;
    for (std::size_t i = std::max<std::size_t>(2, at(from)); i < std::min(at(to), sound.frames()); ++i)
        most = std::max(most,
                        std::abs(static_cast<double>(sound.samples[i]) - 2 * static_cast<double>(sound.samples[i - 1]) +
                                 static_cast<double>(sound.samples[i - 2])));
    return most;
}

} // namespace

class SongSpliceTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void nothingCutIsNothingChanged() {
        AudioBuffer sound{1000, 2, {}};
        for (int i = 0; i < 4000; ++i) sound.samples.push_back(static_cast<float>(i) / 32768.0F);
        QCOMPARE(spliced(SongSound(sound), {{0, 1}, {1, 2}}).samples, sound.samples);
    }
    /// Two parts of one held tone meet out of phase: a hard cut clicks, the crossfade does not.
    void aHeldToneDoesNotClick() {
        AudioBuffer sound{44100, 1, {}};
        for (int i = 0; i < 4 * 44100; ++i)
            sound.samples.push_back(static_cast<float>(0.5 * std::sin(2 * 3.14159265358979 * 220 * i / 44100.0)));
        const double joint = 1.0 + 0.25 / 220; // at the top of the wave, to its bottom
        const std::vector<SoundSpan> spans{{0, joint}, {2.0 + 0.75 / 220, 4}};
        const double itself = sharpest(sound, 0.2, 0.9);
        const double hard = sharpest(spliced(SongSound(sound), spans, 0), joint - 0.05, joint + 0.05),
                     faded = sharpest(spliced(SongSound(sound), spans), joint - 0.05, joint + 0.05);
        QVERIFY2(hard > 50 * itself, qPrintable(QString::number(hard / itself)));
        QVERIFY2(faded < 2 * itself, qPrintable(QString::number(faded / itself)));
        QCOMPARE(spliced(SongSound(sound), spans).frames(),
                 static_cast<std::size_t>(std::llround(joint * 44100)) + sound.frames() -
                     static_cast<std::size_t>(std::llround((2.0 + 0.75 / 220) * 44100)));
    }
    void aMendedSongHasTheBeatsThatItsMapSays_data() {
        QTest::addColumn<QString>("name");
        QTest::addColumn<bool>("cut");
        QTest::newRow("without four bars") << "copper-weathervane" << true;
        QTest::newRow("four bars twice") << "copper-weathervane" << false;
        QTest::newRow("a band that drifts, without four bars") << "lantern-arcade" << true;
        QTest::newRow("a band that drifts, four bars twice") << "lantern-arcade" << false;
        QTest::newRow("7/8, near the joint") << "sevenfold-stairs" << true;
        QTest::newRow("a waltz, near the joint") << "orchard-gate" << true;
    }
    void aMendedSongHasTheBeatsThatItsMapSays() {
        QFETCH(QString, name);
        QFETCH(bool, cut);
        const AudioBuffer sound = test::demoSound(name);
        const SongMap heard = must(analyseSong(sound));
        const std::size_t bars = heard.bars.size();
        const std::size_t from = heard.phrases[2].firstBar + 2;
        const BarSpan four{from, from + 4};
        const EditedSong song = must(
            editSong(heard, cut ? withoutBars(bars, four) : withBarsTwice(bars, four), sound.seconds() - heard.end));
        const AudioBuffer mended = spliced(SongSound(sound), song.sound);
        QVERIFY(std::abs(mended.seconds() - (song.map.end + sound.seconds() - heard.end)) < 0.001);
        const SongMap anew = must(analyseSong(mended));
        double worst = 0;
        int far = 0;
        // Where no beat sounds (eighths of the 7/8, held beats of the waltz) the analysis estimates, and estimates
        // anew: there only what lies near the joint is compared.
        const bool near = QString::fromLatin1(QTest::currentDataTag()).contains("near");
        for (const Beat& beat : song.map.beats) {
            if (near && std::abs(beat.time - song.joints.front()) > 8) continue;
            const double off = std::abs(anew.beats[nearestBeat(anew, beat.time)].time - beat.time);
            worst = std::max(worst, off);
            far += off > 0.01;
        }
        QVERIFY2(
            far == 0,
            qPrintable(
                QString("worst %1 ms, %2 of %3 beyond 10 ms").arg(worst * 1000).arg(far).arg(song.map.beats.size())));
        for (const Seconds joint : song.joints) { // no sharper than the song itself near there
            const double itself = std::max(sharpest(sound, 0, sound.seconds()), 1e-9),
                         there = sharpest(mended, joint - 0.032, joint - 0.001);
            QVERIFY2(there < itself, qPrintable(QString("%1 against %2").arg(there).arg(itself)));
        }
    }
    void aJointIsHeardByItself() {
        const AudioBuffer sound = test::demoSound("copper-weathervane");
        const SongMap map = test::demoTruth("copper-weathervane");
        const EditedSong song = must(editSong(map, withoutBars(map.bars.size(), {12, 16})));
        const AudioBuffer near = aroundJoint(SongSound(sound), song, 0);
        QVERIFY(std::abs(near.seconds() - 8) < 0.01);
        const AudioBuffer all = spliced(SongSound(sound), song.sound);
        const auto first = static_cast<std::size_t>(std::llround((song.joints[0] - 4) * 44100));
        int differs = 0;
        for (std::size_t i = 0; i < near.frames() - 2; ++i)
            differs += std::abs(near.samples[i] - all.samples[first + i]) > 0.05F;
        QVERIFY2(differs < 50, qPrintable(QString::number(differs))); // but for rounding to frames
        QCOMPARE(aroundJoint(SongSound(sound), song, 9).frames(), std::size_t{0});
    }
};

LIFTCOUNT_TEST(SongSpliceTest)
#include "tst_song_splice.moc"
