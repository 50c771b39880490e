// Spoken counts and clicks of a figure without a song.
#include "support/core_support.h"

#include "audio/playing/figure_sound.h"
#include "audio/sound/audio_file.h"

#include <QProcess>
#include <QTemporaryDir>

#include <algorithm>
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
        QCOMPARE(test::q(spokenWord("&", "de")), "und");
        QCOMPARE(test::q(spokenWord("S", "fr")), "lent");
        QCOMPARE(test::q(spokenWord("Q", "es")), "rápido");
        QCOMPARE(test::q(spokenWord("&", "fi")), "and");
    }
    /// What espeak-ng itself says of a number in a language is what is heard: the same length within a tenth.
    void countsAreSpokenInTheLanguageOfTheWindow() {
        for (const char* language : {"en", "de", "en", "fr", "es", "de"}) { // one process, one after the other
            Voice voice(language);
            const auto said = voice.say("7");
            QVERIFY2(said, language);
            QTemporaryDir folder;
            QProcess espeak; // Debian's espeak-ng, the reference
            espeak.start("espeak-ng", {"-v", language, "-s", "220", "-w", folder.filePath("7.wav"), "7"});
            QVERIFY(espeak.waitForFinished());
            const AudioBuffer reference = test::must(decodeSong(folder.filePath("7.wav").toStdString())).sound;
            const auto loud = [](const AudioBuffer& sound) {
                float most = 0;
                for (const float s : sound.samples) most = std::max(most, std::abs(s));
                const auto heard = [&](float s) { return std::abs(s) > most / 50; };
                const auto first = std::find_if(sound.samples.begin(), sound.samples.end(), heard);
                const auto last = std::find_if(sound.samples.rbegin(), sound.samples.rend(), heard).base();
                return static_cast<double>(last - first) / (sound.sampleRate * sound.channels);
            };
            const double here = loud(**said), there = loud(reference);
            QVERIFY2(here > 0.1 && std::abs(here - there) < 0.1 * there + 0.02,
                     qPrintable(QString("%1: %2 s, %3 s by espeak-ng").arg(language).arg(here).arg(there)));
        }
    }
};

LIFTCOUNT_TEST(FigureSoundTest)
#include "tst_figure_sound.moc"
