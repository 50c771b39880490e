// Spoken counts and clicks of a figure without a song.
#include "support/core_support.h"

#include "audio/playing/figure_sound.h"

#include <cmath>

using namespace lc;

namespace {
/// The loudest sample within a hundredth of a second behind a moment.
float loudAt(const AudioBuffer& sound, double seconds) {
    float loudest = 0;
    const auto from = static_cast<std::size_t>(seconds * sound.sampleRate);
    for (std::size_t i = from; i < std::min(sound.frames(), from + 441); ++i)
        loudest = std::max(loudest, std::abs(sound.samples[i * 2]));
    return loudest;
}
} // namespace

class FigureSoundTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void clicksStandOnTheirCounts() {
        Voice voice;
        FigureSoundAsked asked;
        asked.length = counts(4);
        asked.tempo = 0.5;
        const FigureSound sound = soundOfFigure(asked, voice);
        QCOMPARE(sound.startSeconds, 4.0);
        QVERIFY(qAbs(sound.sound.seconds() - 6.0) < 0.001);
        for (int c = 0; c < 12; ++c) {
            QVERIFY(loudAt(sound.sound, c * 0.5) > 0.05F);
            QVERIFY(loudAt(sound.sound, c * 0.5 + 0.25) < 0.001F);
        }
        QVERIFY(loudAt(sound.sound, 4.0) > loudAt(sound.sound, 4.5)); // a 1 sounds like a 1
    }
    void stepsAreHeardWhereTheyFall() {
        Voice voice;
        FigureSoundAsked asked;
        asked.length = counts(2);
        asked.steps = {counts(0), countFraction(3, 4)};
        asked.clicks = asked.countIn = false;
        asked.tempo = 1;
        asked.times = 2;
        const FigureSound sound = soundOfFigure(asked, voice);
        for (double at : {1.0, 1.75, 3.0, 3.75}) QVERIFY(loudAt(sound.sound, at) > 0.05F);
        for (double at : {1.5, 2.5, 3.5}) QVERIFY(loudAt(sound.sound, at) < 0.001F);
    }
    /// 3+2+2 by its groups with eighths of 0.2 s: long, short, short, in the count-in too.
    void unevenCountsSoundUneven() {
        Voice voice;
        FigureSoundAsked asked;
        asked.length = counts(3);
        asked.set = 3;
        asked.tempo = CountTempo(1.4 / 3, {9.0 / 7, 6.0 / 7, 6.0 / 7});
        const FigureSound sound = soundOfFigure(asked, voice);
        QVERIFY(qAbs(sound.startSeconds - 1.4) < 1e-9);
        for (double at : {0.0, 0.6, 1.0, 1.4, 2.0, 2.4}) QVERIFY(loudAt(sound.sound, at) > 0.05F);
        for (double at : {0.4, 0.8, 1.2, 1.8, 2.2}) QVERIFY(loudAt(sound.sound, at) < 0.001F);
    }
    void countsAreSpokenWithoutDelay() {
        Voice voice;
        const auto one = voice.say("1");
        if (!one) QSKIP("espeak-ng has no data here");
        QCOMPARE((*one)->sampleRate, 44100);
        QVERIFY((*one)->seconds() > 0.1 && (*one)->seconds() < 1.0);
        float first = 0, loudest = 0; // it begins at once: the first 30 ms are heard
        for (std::size_t i = 0; i < (*one)->samples.size(); ++i) {
            if (i < 1323) first = std::max(first, std::abs((*one)->samples[i]));
            loudest = std::max(loudest, std::abs((*one)->samples[i]));
        }
        QVERIFY(first > loudest / 50);
        QVERIFY(voice.say("1").value() == one.value()); // kept
        QVERIFY(voice.say("2").value() != one.value());
        FigureSoundAsked asked;
        asked.said = {{counts(0), "1"}, {counts(1), "&"}};
        asked.length = counts(2);
        asked.clicks = asked.countIn = false;
        const FigureSound sound = soundOfFigure(asked, voice);
        QVERIFY(sound.problem.empty());
        QVERIFY(loudAt(sound.sound, 0.52) > 0.01F && loudAt(sound.sound, 1.02) > 0.01F);
    }
    void lettersArePronounced() {
        QCOMPARE(test::q(spokenWord("&")), "and");
        QCOMPARE(test::q(spokenWord("S")), "slow");
        QCOMPARE(test::q(spokenWord("7")), "7");
    }
};

LIFTCOUNT_TEST(FigureSoundTest)
#include "tst_figure_sound.moc"
