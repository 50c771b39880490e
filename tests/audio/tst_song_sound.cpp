#include "support/audio_support.h"

#include "audio/sound/song_sound.h"

#include <QtTest>

#include <cmath>
#include <limits>

using namespace lc;

class SongSoundTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// A recording of 16 bits is kept bit for bit: all 65,536 values, as libsndfile gives them (value / 32768).
    void sixteenBitsComeBackAsTheyWere() {
        AudioBuffer all{44100, 1, {}};
        for (int value = -32768; value <= 32767; ++value) all.samples.push_back(static_cast<float>(value) / 32768.0F);
        const SongSound kept(all);
        QCOMPARE(kept.part(0, kept.samples()), all.samples);
    }
    void whatIsFinerIsOffByHalfAStepAtMost() {
        const AudioBuffer tone = test::tone(1, 300);
        const SongSound kept(tone);
        QCOMPARE(kept.frames(), tone.frames());
        QCOMPARE(kept.seconds(), tone.seconds());
        for (std::size_t i = 0; i < tone.samples.size(); ++i)
            QVERIFY(std::abs(kept[i] - tone.samples[i]) <= 0.5F / 32768.0F + 1e-7F);
    }
    void whatIsTooLoudIsCut() {
        SongSound kept(44100, 2);
        const std::vector<float> loud{1.0F, -1.0F, 3.5F, -8.0F};
        kept.add(loud);
        QCOMPARE(kept.part(0, 4), (std::vector<float>{32767.0F / 32768.0F, -1.0F, 32767.0F / 32768.0F, -1.0F}));
        QCOMPARE(kept.frames(), std::size_t(2));
    }
    void partsLaidEndToEndAreTheWhole() {
        const AudioBuffer tone = test::tone(0.5, 220);
        SongSound kept(tone.sampleRate, tone.channels);
        for (std::size_t at = 0; at < tone.samples.size(); at += 1000)
            kept.add(std::span(tone.samples).subspan(at, std::min<std::size_t>(1000, tone.samples.size() - at)));
        QCOMPARE(kept.part(0, kept.samples()), SongSound(tone).part(0, tone.samples.size()));
    }
};

LIFTCOUNT_TEST(SongSoundTest)
#include "tst_song_sound.moc"
