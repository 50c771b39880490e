// The listening net: what it says against the library that trained it, and what it says of a song whose beats are
// known.
#include "support/audio_support.h"
#include "support/core_support.h"
#include "support/demo_songs.h"

#include "audio/listening/beat_evidence.h"

#include <QFile>
#include <QTextStream>

using namespace lc;

namespace {

double meanAt(const HeardPlaces& heard, const std::vector<float>& places, const std::vector<double>& times) {
    double sum = 0;
    for (double t : times) sum += heard.at(places, t) / static_cast<double>(times.size());
    return sum;
}

} // namespace

class ListeningNetTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// Reference: PyTorch 1.13 (Debian's python3-torch), which trained the net; written by bench/listen/train_net.py
    /// together with the weights, which have four digits.
    void itSaysWhatTheLibraryThatTrainedItSays() {
        std::vector<NetFrame> frames(1200);
        for (std::size_t t = 0; t < frames.size(); ++t)
            for (std::size_t k = 0; k < netInputs; ++k)
                frames[t][k] = static_cast<float>((t * netInputs + k) * 7919 % 1000) / 1000.0F;
        const HeardPlaces heard = hearPlaces(frames);
        QCOMPARE(heard.beat.size(), frames.size());
        QFile file(LIFTCOUNT_SOURCE_DIR "/tests/data/listening_net.txt");
        QVERIFY(file.open(QIODevice::ReadOnly | QIODevice::Text));
        int compared = 0;
        while (!file.atEnd()) {
            const QStringList row = QString::fromUtf8(file.readLine()).split(' ');
            if (row.front() == "#") continue;
            const std::size_t at = row[0].toULong();
            QVERIFY2(std::abs(heard.beat[at] - row[1].toFloat()) < 0.03F, qPrintable(row.join(' ')));
            QVERIFY2(std::abs(heard.one[at] - row[2].toFloat()) < 0.03F, qPrintable(row.join(' ')));
            QVERIFY2(std::abs(heard.phrase[at] - row[3].toFloat()) < 0.03F, qPrintable(row.join(' ')));
            ++compared;
        }
        QVERIFY(compared >= 8);
    }
    /// A long song is heard in stretches; where they meet nothing is heard otherwise than in a song that begins and
    /// ends elsewhere, as far as the net hears.
    void stretchesMeetWithoutASeam() {
        std::vector<NetFrame> frames(21000);
        for (std::size_t t = 0; t < frames.size(); ++t)
            for (std::size_t k = 0; k < netInputs; ++k)
                frames[t][k] = static_cast<float>((t * 31 + k * t % 97 + k) * 7919 % 1000) / 1000.0F;
        const HeardPlaces whole = hearPlaces(frames);
        constexpr std::size_t from = 5000, to = 19000, reach = 1100;
        const HeardPlaces part = hearPlaces({frames.begin() + from, frames.begin() + to});
        for (std::size_t t = from + reach; t + reach < to; ++t) {
            QVERIFY2(std::abs(whole.beat[t] - part.beat[t - from]) < 1e-4F, qPrintable(QString::number(t)));
            QVERIFY2(std::abs(whole.phrase[t] - part.phrase[t - from]) < 1e-4F, qPrintable(QString::number(t)));
        }
    }
    void nothingIsHeardInNothing() {
        QVERIFY(hearPlaces({}).beat.empty());
        QCOMPARE(hearPlaces({}).at({}, 1.0), HeardPlaces::never);
        const HeardPlaces one = hearPlaces(std::vector<NetFrame>(1));
        QCOMPARE(one.one.size(), std::size_t{1});
        QCOMPARE(one.at(one.one, 5.0), HeardPlaces::never);
        QCOMPARE(one.at(one.one, 0.0), static_cast<double>(one.one[0]));
    }
    /// The demo's exact truth: the net hears beats where they are and hardly any half-way between, 1s on 1s and fewer
    /// on other beats.
    void beatsAndOnesOfTheDemoAreHeard() {
        for (const char* name : {"copper-weathervane", "lantern-arcade", "orchard-gate"}) {
            const SongFeatures song = songFeatures(test::demoSound(name));
            const SongMap truth = test::demoTruth(name);
            std::vector<double> beats, ones, others, between;
            for (std::size_t b = truth.pickupBeats; b + 1 < truth.beats.size(); ++b) {
                const double at = truth.beats[b].time;
                beats.push_back(at);
                (truth.bars[*barOfBeat(truth, b)].firstBeat == b ? ones : others).push_back(at);
                between.push_back(0.5 * (at + truth.beats[b + 1].time));
            }
            QVERIFY2(meanAt(song.heard, song.heard.beat, beats) > meanAt(song.heard, song.heard.beat, between) + 1,
                     name);
            QVERIFY2(meanAt(song.heard, song.heard.one, ones) > meanAt(song.heard, song.heard.one, others) + 0.5, name);
        }
    }
};

LIFTCOUNT_TEST(ListeningNetTest)
#include "tst_listening_net.moc"
