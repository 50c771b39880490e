#include "support/audio_support.h"
#include "support/beat_measure.h"
#include "support/core_support.h"

#include "audio/listening/analysis.h"
#include "audio/sound/audio_file.h"
#include "core/song/song_facts.h"

#include <QProcess>
#include <QTemporaryDir>

using namespace lc;
using test::fMeasure;

namespace {

struct Truth {
    std::vector<double> beats;
    std::vector<int> bar, phrase;
};

Truth truthOf(const QString& csv) {
    QFile file(csv);
    if (!file.open(QIODevice::ReadOnly)) qFatal("no truth at %s", qPrintable(csv));
    Truth truth;
    file.readLine();
    while (!file.atEnd()) {
        const QStringList row = QString::fromUtf8(file.readLine()).trimmed().split(',');
        truth.beats.push_back(row[0].toDouble());
        truth.bar.push_back(row[1].toInt());
        truth.phrase.push_back(row[3].toInt());
    }
    return truth;
}

SongMap mapped(const QString& ogg) {
    const auto song = decodeSong(ogg.toStdString());
    if (!song) qFatal("%s", song.error().message.english().c_str());
    return test::must(analyseSong(song->sound));
}

std::vector<double> timesOf(const SongMap& map) {
    std::vector<double> times;
    for (const Beat& b : map.beats) times.push_back(b.time);
    return times;
}

std::vector<double> barTimes(const SongMap& map) {
    std::vector<double> times;
    for (const Bar& b : map.bars) times.push_back(map.beats[b.firstBeat].time);
    return times;
}

std::vector<double> phraseTimes(const SongMap& map) {
    std::vector<double> times;
    for (const Phrase& p : map.phrases) times.push_back(map.beats[firstBeatOf(map, p)].time);
    return times;
}

std::vector<double> firstOfEach(const Truth& truth, const std::vector<int>& group) {
    std::vector<double> times;
    for (std::size_t i = 0; i < group.size(); ++i)
        if (i == 0 || group[i] != group[i - 1]) times.push_back(truth.beats[i]);
    return times;
}

bool same(const std::vector<double>& a, const std::vector<double>& b) {
    if (a.size() != b.size()) return false;
    for (std::size_t i = 0; i < a.size(); ++i)
        if (std::abs(a[i] - b[i]) > 0.07) return false;
    return true;
}

/// A person who sees the truth and states, one after another, the fact for the first place that is wrong.
int correctionsUntilRight(SongMap detected, const Truth& truth) {
    std::vector<SongFact> facts;
    const auto bars = firstOfEach(truth, truth.bar);
    const auto phrases = firstOfEach(truth, truth.phrase);
    for (int done = 0; done <= 10; ++done) {
        const SongMap map = test::must(withFacts(detected, facts));
        const auto haveBars = barTimes(map);
        const auto havePhrases = phraseTimes(map);
        if (same(haveBars, bars) && same(havePhrases, phrases)) return done;
        std::size_t i = 0;
        while (i < bars.size() && i < haveBars.size() && std::abs(bars[i] - haveBars[i]) < 0.07) ++i;
        if (!same(haveBars, bars) && i > 0 && i < bars.size()) {
            const int beats = static_cast<int>(std::count_if(truth.beats.begin(), truth.beats.end(), [&](double t) {
                return t > bars[i - 1] - 0.01 && t < bars[i] - 0.01;
            }));
            facts = addFact(facts, BarFact{bars[i - 1], beats, {}});
        } else if (!same(haveBars, bars)) {
            facts = addFact(facts, OneFact{bars[0]});
        } else {
            std::size_t p = 0;
            while (p < phrases.size() && p < havePhrases.size() && std::abs(phrases[p] - havePhrases[p]) < 0.07) ++p;
            const double start = phrases[p > 0 ? p - 1 : 0];
            const double end = p < phrases.size() && p > 0 ? phrases[p] : truth.beats.back() + 1;
            const int beats = static_cast<int>(std::count_if(
                truth.beats.begin(), truth.beats.end(), [&](double t) { return t > start - 0.01 && t < end - 0.01; }));
            facts = addFact(facts, PhraseFact{start, beats});
        }
    }
    return 99;
}

/// A minute of speech, spoken by the program espeak-ng; nothing where that is not here.
AudioBuffer speech(const QString& voice) {
    QTemporaryDir folder;
    const QString path = folder.filePath("speech.wav");
    const QString words =
        "The hall opens at seven. Please bring shoes that do not mark the floor, and something to drink. We start with the line dances, then couples "
        "come to the middle. Nobody has to know the steps; we walk them first. If you are tired, sit down. When the band plays, listen to the drum, "
        "and wait for the singer to take breath before you turn around. ";
    if (QProcess::execute("espeak-ng", {"-v", voice, "-w", path, words.repeated(3)}) != 0) return {};
    return test::must(decodeSong(path.toStdString())).sound;
}

} // namespace

class AnalysisTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void songsAreMapped_data() {
        QTest::addColumn<QString>("song");
        QTest::newRow("demo") << LIFTCOUNT_SOURCE_DIR "/demo/copper-weathervane";
        QTest::newRow("second, never tuned on") << LIFTCOUNT_SOURCE_DIR "/tests/data/night-ferry";
    }
    void songsAreMapped() {
        QFETCH(QString, song);
        const Truth truth = truthOf(song + ".truth.csv");
        const SongMap map = mapped(song + ".ogg");
        QVERIFY(validate(map));
        const double f = fMeasure(timesOf(map), truth.beats);
        QVERIFY2(f >= 0.95, qPrintable(QString::number(f)));
        const int corrections = correctionsUntilRight(map, truth);
        QVERIFY2(corrections <= 4, qPrintable(QString::number(corrections)));
        QCOMPARE(map.stops.size(), std::size_t{1});
        QCOMPARE(map.stops[0].beats, 4);
    }
    /// The beats against the MIDI's own tempo map, read by python3-mido.
    void beatsStandOnTheMidisTempoMap() {
        if (QProcess::execute(test::systemPython(), {"-c", "import mido"}) != 0) QSKIP("python3-mido is not here");
        QProcess python;
        python.start(
            test::systemPython(),
            {"-c",
             "import mido,sys\nm=mido.MidiFile(sys.argv[1])\nq=m.ticks_per_beat\ntempo=500000\n"
             "first=None\nlast=0\n"
             "for t in m.tracks:\n  a=0\n  for e in t:\n    a+=e.time\n    if e.type=='set_tempo': tempo=e.tempo\n    if e.type=='marker' and first is None: first=a\n    last=max(last,a)\n"
             "t=first\nwhile t<last:\n  print(mido.tick2second(t,q,tempo)); t+=q\n",
             LIFTCOUNT_SOURCE_DIR "/demo/copper-weathervane.mid"});
        QVERIFY(python.waitForFinished());
        std::vector<double> midi;
        for (const QByteArray& line : python.readAllStandardOutput().split('\n'))
            if (!line.isEmpty()) midi.push_back(line.toDouble());
        QVERIFY(midi.size() > 250);
        const SongMap map = mapped(LIFTCOUNT_SOURCE_DIR "/demo/copper-weathervane.ogg");
        const double f = fMeasure(timesOf(map), midi);
        QVERIFY2(f >= 0.95, qPrintable(QString::number(f)));
        // and not merely within 70 ms: the median lies within 5 ms, a tenth of what an ear can tell in a step
        std::vector<double> off;
        for (double t : midi) off.push_back(std::abs(map.beats[nearestBeat(map, t)].time - t));
        std::nth_element(off.begin(), off.begin() + static_cast<std::ptrdiff_t>(off.size() / 2), off.end());
        QVERIFY2(off[off.size() / 2] < 0.005, qPrintable(QString::number(off[off.size() / 2])));
    }
    void theSameSoundGivesTheSameMap() {
        std::vector<double> times;
        for (int i = 0; i < 60; ++i) times.push_back(0.4 + i * 0.5);
        const AudioBuffer sound = test::ticks(times, 31);
        QVERIFY(test::must(analyseSong(sound)) == test::must(analyseSong(sound)));
    }
    void whatHasNoPulseGetsACalmAnswer_data() {
        QTest::addColumn<int>("which");
        QTest::newRow("silence") << 0;
        QTest::newRow("one click") << 1;
        QTest::newRow("a second") << 2;
        QTest::newRow("nothing") << 3;
        QTest::newRow("noise") << 4;
        QTest::newRow("a drone") << 5;
        QTest::newRow("long noise") << 6;
    }
    void whatHasNoPulseGetsACalmAnswer() {
        QFETCH(int, which);
        const AudioBuffer sounds[] = {test::silence(20),  test::ticks({5}, 20), test::ticks({0.2, 0.7}, 1),
                                      AudioBuffer{},      test::noise(30),      test::tone(40, 220, 44100, 1),
                                      test::noise(120, 5)};
        const auto map = analyseSong(sounds[which]);
        QVERIFY(!map);
        QVERIFY(map.error().code == ErrorCode::NoPulse);
        QVERIFY(test::q(map.error().message).contains("No steady pulse"));
    }
    void speechHasNoPulse_data() {
        QTest::addColumn<QString>("voice");
        for (const char* voice : {"en", "en+f3", "de", "fr"}) QTest::newRow(voice) << voice;
    }
    void speechHasNoPulse() {
        QFETCH(QString, voice);
        const AudioBuffer sound = speech(voice);
        if (sound.samples.empty()) QSKIP("espeak-ng is not here");
        QVERIFY(sound.seconds() > 40);
        const auto map = analyseSong(sound);
        QVERIFY(!map);
        QVERIFY(map.error().code == ErrorCode::NoPulse);
    }
    void anAnalysisCanBeStopped() {
        std::stop_source stop;
        const auto map = analyseSong(test::noise(30), {[&](double) { stop.request_stop(); }, stop.get_token()});
        QVERIFY(!map);
        QVERIFY(map.error().code == ErrorCode::Cancelled);
    }
};

LIFTCOUNT_TEST(AnalysisTest)
#include "tst_analysis.moc"
