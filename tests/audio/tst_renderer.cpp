#include "support/audio_support.h"
#include "support/core_support.h"

#include "audio/playing/song_renderer.h"
#include "audio/sound/audio_file.h"

#include <QProcess>
#include <QTemporaryDir>

using namespace lc;

namespace {

std::vector<Click> everyHalfSecond(int n) {
    std::vector<Click> clicks;
    for (int i = 0; i < n; ++i) clicks.push_back({0.5 * i + 0.25, i % 8 == 0 ? ClickKind::Set : ClickKind::Count});
    return clicks;
}

AudioBuffer rendered(SongRenderer& r, double seconds, std::vector<PlaceMark>* marks = nullptr) {
    AudioBuffer out{r.sampleRate(), 2, {}};
    std::vector<PlaceMark> all;
    std::vector<float> block(512 * 2);
    while (out.seconds() < seconds) {
        r.render(block.data(), 512, all);
        out.samples.insert(out.samples.end(), block.begin(), block.end());
    }
    if (marks) *marks = all;
    return out;
}

/// Onsets found by aubio, an independent detector.
std::vector<double> onsetsOf(const AudioBuffer& sound) {
    QTemporaryDir folder;
    const QString path = folder.filePath("r.wav");
    if (!writeSound(sound, path.toStdString())) return {};
    QProcess aubio;
    aubio.start("aubioonset", {"-i", path, "-O", "energy", "-B", "512", "-H", "128", "-t", "0.3", "-M", "0.1"});
    aubio.waitForFinished();
    std::vector<double> times;
    for (const QByteArray& line : aubio.readAllStandardOutput().split('\n'))
        if (!line.trimmed().isEmpty()) times.push_back(line.toDouble());
    return times;
}

bool has(const std::vector<double>& times, double t) {
    for (double x : times)
        if (std::abs(x - t) < 0.012) return true; // aubio's hop and window at 44.1 kHz
    return false;
}

#define NEEDS_AUBIO                                                                                                    \
    if (QProcess::execute("sh", {"-c", "command -v aubioonset >/dev/null"}) != 0) QSKIP("aubio-tools is not here")

} // namespace

class RendererTest : public QObject {
    Q_OBJECT
    const std::shared_ptr<const SongSound> m_tone = std::make_shared<const SongSound>(test::tone(12, 220));

private Q_SLOTS:
    void withoutClicksTheSongIsUnchanged() {
        SongRenderer r(m_tone, 44100, 0);
        r.setClicksHeard(false);
        const AudioBuffer out = rendered(r, 3);
        for (std::size_t i = 0; i < out.samples.size(); ++i) QCOMPARE(out.samples[i], (*m_tone)[i]);
    }
    void clicksAreFoundOnTheirCountsByAnIndependentDetector() {
        NEEDS_AUBIO;
        SongRenderer r(nullptr, 44100, 12);
        r.setClicks(everyHalfSecond(20));
        const auto onsets = onsetsOf(rendered(r, 6));
        for (int i = 0; i < 11; ++i) QVERIFY2(has(onsets, 0.25 + 0.5 * i), qPrintable(QString::number(i)));
        QCOMPARE(onsets.size(), std::size_t{12});
    }
    void clicksAreFoundAfterASeek() {
        NEEDS_AUBIO;
        SongRenderer r(m_tone, 44100, 0);
        r.setSongHeard(false);
        r.setClicks(everyHalfSecond(24));
        rendered(r, 1.1);
        r.seek(4.0);
        const auto onsets = onsetsOf(rendered(r, 3));
        for (int i = 0; i < 5; ++i) QVERIFY(has(onsets, 0.25 + 0.5 * i));
    }
    void clicksAreFoundInALoop() {
        NEEDS_AUBIO;
        SongRenderer r(m_tone, 44100, 0);
        r.setSongHeard(false);
        r.setClicks({{2.1, ClickKind::Set}, {2.6, ClickKind::Count}, {3.1, ClickKind::Count}});
        r.setLoop(LoopSpan{2.0, 3.0});
        const auto onsets = onsetsOf(rendered(r, 4));
        for (int lap = 0; lap < 4; ++lap) {
            QVERIFY(has(onsets, lap + 0.1));
            QVERIFY(has(onsets, lap + 0.6));
        }
        QCOMPARE(onsets.size(), std::size_t{8}); // 3.1 lies after the loop
    }
    void clicksAreFoundAtEightyPercent() {
        NEEDS_AUBIO;
        SongRenderer r(m_tone, 44100, 0);
        r.setSongHeard(false);
        r.setClicks(everyHalfSecond(24));
        r.setSpeed(0.8);
        const auto onsets = onsetsOf(rendered(r, 6));
        for (int i = 0; i < 9; ++i) QVERIFY2(has(onsets, (0.25 + 0.5 * i) / 0.8), qPrintable(QString::number(i)));
        QCOMPARE(onsets.size(), std::size_t{10});
    }
    /// The music itself stays under its clicks when it is slower: ticks in the song, stretched, stand where they
    /// should.
    void theSongStaysInStepWithItsClicksWhenSlower() {
        NEEDS_AUBIO;
        std::vector<double> ticks;
        for (int i = 0; i < 16; ++i) ticks.push_back(0.25 + 0.5 * i);
        SongRenderer r(std::make_shared<const SongSound>(test::ticks(ticks, 9)), 44100, 0);
        r.setClicksHeard(false);
        r.setSpeed(0.8);
        const auto onsets = onsetsOf(rendered(r, 8));
        int found = 0;
        for (int i = 0; i < 12; ++i)
            for (double x : onsets)
                if (std::abs(x - (0.25 + 0.5 * i) / 0.8) < 0.025) {
                    ++found;
                    break;
                } // a stretched transient is softened
        QVERIFY2(found >= 11, qPrintable(QString::number(found)));
    }
    void slowerSoundKeepsItsPitchAndLastsLonger() {
        SongRenderer r(m_tone, 44100, 0);
        r.setClicksHeard(false);
        r.setSpeed(0.5);
        const AudioBuffer out = rendered(r, 4);
        int crossings = 0;
        for (std::size_t i = 44100; i + 1 < 3 * 44100; ++i)
            crossings += out.samples[2 * i] < 0 && out.samples[2 * i + 2] >= 0;
        QVERIFY2(qAbs(crossings - 440) <= 4, qPrintable(QString::number(crossings))); // 220 Hz for two seconds
        QVERIFY(qAbs(r.place() - out.seconds() * 0.5) < 0.001);
    }
    void marksTellWhereEachFrameComesFrom() {
        SongRenderer r(m_tone, 44100, 0);
        r.setLoop(LoopSpan{1.0, 1.5});
        std::vector<PlaceMark> marks;
        rendered(r, 2, &marks);
        for (const PlaceMark& m : marks) {
            const double expected = 1.0 + std::fmod(static_cast<double>(m.outputFrame) / 44100, 0.5);
            QVERIFY(std::abs(m.seconds - expected) < 0.001 || std::abs(m.seconds - expected + 0.5) < 0.001 ||
                    std::abs(m.seconds - expected - 0.5) < 0.001);
            QVERIFY(m.seconds >= 1.0 - 1e-6 && m.seconds < 1.5 + 1e-6);
        }
    }
    void theEndIsSilentAndSaysSo() {
        SongRenderer r(std::make_shared<const SongSound>(test::tone(0.5, 220)), 44100, 0);
        std::vector<PlaceMark> marks;
        const AudioBuffer out = rendered(r, 1, &marks);
        QVERIFY(marks.back().ended);
        QCOMPARE(out.samples.back(), 0.0F);
        QCOMPARE(r.place(), 0.5);
        SongRenderer slow(std::make_shared<const SongSound>(test::tone(0.5, 220)), 44100, 0);
        slow.setSpeed(0.5);
        marks.clear();
        rendered(slow, 2, &marks);
        QVERIFY(marks.back().ended);
    }
};

LIFTCOUNT_TEST(RendererTest)
#include "tst_renderer.moc"
