// A map brought to other edits of the demo song, made here by cutting, repeating and slowing its sound: what comes out
// is known.
#include "support/audio_support.h"
#include "support/core_support.h"

#include "audio/listening/analysis.h"
#include "audio/matching/carried_map.h"
#include "audio/sound/audio_file.h"
#include "audio/sound/resample.h"

using namespace lc;

namespace {

/// The sound from `a` to `b` seconds, added to the end of `out`.
void add(AudioBuffer& out, const AudioBuffer& song, double a, double b) {
    const auto from = static_cast<std::ptrdiff_t>(a * song.sampleRate);
    const auto to =
        std::min(static_cast<std::ptrdiff_t>(b * song.sampleRate), static_cast<std::ptrdiff_t>(song.samples.size()));
    out.samples.insert(out.samples.end(), song.samples.begin() + from, song.samples.begin() + to);
}

bool hasBarAt(const SongMap& map, double at, double within) {
    return std::any_of(map.bars.begin(), map.bars.end(),
                       [&](const Bar& b) { return std::abs(map.beats[b.firstBeat].time - at) < within; });
}
const Phrase* phraseAt(const SongMap& map, double at, double within) {
    for (const Phrase& p : map.phrases)
        if (std::abs(map.beats[firstBeatOf(map, p)].time - at) < within) return &p;
    return nullptr;
}

} // namespace

class CarriedMapTest : public QObject {
    Q_OBJECT
    AudioBuffer m_sound;
    HeardSong m_heard;
    SongMap m_map; ///< with names
    std::vector<SongFact> m_facts;

    Seconds phraseStart(std::size_t p) const { return m_map.beats[firstBeatOf(m_map, m_map.phrases.at(p))].time; }

private Q_SLOTS:
    void initTestCase() {
        const auto song = test::must(decodeSong(LIFTCOUNT_SOURCE_DIR "/demo/copper-weathervane.ogg"));
        m_sound = resampled(mono(song.sound), 44100);
        m_heard = test::must(hearSound(m_sound));
        const SongMap plain = test::must(solveSong(m_heard)).map;
        QVERIFY(plain.phrases.size() >= 8);
        for (std::size_t p = 0; p < plain.phrases.size(); ++p)
            m_facts.push_back(
                NameFact{plain.beats[firstBeatOf(plain, plain.phrases[p])].time, "Part " + std::to_string(p + 1)});
        m_facts.push_back(OneFact{plain.beats[plain.bars[20].firstBeat].time});
        m_map = test::must(solveSong(m_heard, m_facts)).map;
    }
    void theSameRecordingKeepsEverything() {
        const CarriedMap same = test::must(carryMap(m_map, m_facts, m_heard.features, m_heard));
        QCOMPARE(same.map.beats.size(), m_map.beats.size());
        for (std::size_t b = 0; b < m_map.beats.size(); ++b)
            QVERIFY(std::abs(same.map.beats[b].time - m_map.beats[b].time) < 0.005);
        QCOMPARE(same.map.bars.size(), m_map.bars.size());
        QVERIFY(same.unmatched.empty() && same.missing.empty() && same.lost.empty());
        QCOMPARE(same.facts.size(), m_facts.size());
        for (std::size_t p = 0; p < m_map.phrases.size(); ++p)
            QCOMPARE(same.map.phrases[p].label, m_map.phrases[p].label);
    }
    void aCutVerseIsFound() {
        const double a = phraseStart(3), b = phraseStart(4);
        AudioBuffer edit{44100, 1, {}};
        add(edit, m_sound, 0, a);
        add(edit, m_sound, b, 1e4);
        const auto there = test::must(hearSound(edit));
        const CarriedMap carried = test::must(carryMap(m_map, m_facts, m_heard.features, there));
        QVERIFY(validate(carried.map));
        QCOMPARE(carried.missing.size(), std::size_t{1});
        QVERIFY2(std::abs(carried.missing[0].to - carried.missing[0].from - (b - a)) < 1.0,
                 qPrintable(QString::number(carried.missing[0].to - carried.missing[0].from)));
        for (std::size_t p = 0; p < m_map.phrases.size(); ++p) {
            if (p == 3 || p + 1 == m_map.phrases.size()) continue;
            const double at = phraseStart(p) - (p > 3 ? b - a : 0);
            const Phrase* phrase = phraseAt(carried.map, at, 0.03);
            QVERIFY2(phrase, qPrintable(QString("phrase %1 at %2").arg(p + 1).arg(at)));
            QCOMPARE(phrase->label, m_map.phrases[p].label);
        }
        QVERIFY(std::any_of(carried.lost.begin(), carried.lost.end(), [](const SongFact& f) {
            const auto* n = std::get_if<NameFact>(&f);
            return n && n->name == "Part 4";
        }));
        QVERIFY(!carried.unmatched.empty()); // the joint is a place to look at
    }
    void aLongerIntroIsFound() {
        const double a = phraseStart(0), b = phraseStart(1);
        AudioBuffer edit{44100, 1, {}};
        add(edit, m_sound, 0, b);
        add(edit, m_sound, a, 1e4);
        const auto there = test::must(hearSound(edit));
        const CarriedMap carried = test::must(carryMap(m_map, m_facts, m_heard.features, there));
        QVERIFY(validate(carried.map));
        for (std::size_t p = 1; p + 1 < m_map.phrases.size(); ++p) {
            const Phrase* phrase = phraseAt(carried.map, phraseStart(p) + b - a, 0.03);
            QVERIFY2(phrase, qPrintable(QString::number(p + 1)));
            QCOMPARE(phrase->label, m_map.phrases[p].label);
        }
        QCOMPARE(carried.unmatched.size(), std::size_t{1});
        QVERIFY(std::abs(carried.unmatched[0].to - carried.unmatched[0].from - (b - a)) < 2.5);
        QVERIFY(carried.missing.empty());
    }
    /// Played 6 % slower like a tape: the tempo and the key change.
    void anotherTempoAndKeyAreFollowed() {
        const double slower = 1.06;
        AudioBuffer tape = resampled(m_sound, static_cast<int>(44100 * slower));
        tape.sampleRate = 44100;
        const auto there = test::must(hearSound(tape));
        const CarriedMap carried = test::must(carryMap(m_map, m_facts, m_heard.features, there));
        QVERIFY(carried.missing.empty());
        std::size_t on = 0;
        double worst = 0;
        for (const Beat& beat : m_map.beats) {
            const double off =
                std::abs(carried.map.beats[nearestBeat(carried.map, beat.time * slower)].time - beat.time * slower);
            on += off < 0.03;
            worst = std::max(worst, off);
        }
        QVERIFY2(on >= m_map.beats.size() * 98 / 100,
                 qPrintable(QString("%1 of %2, worst %3").arg(on).arg(m_map.beats.size()).arg(worst)));
        for (const Bar& bar : m_map.bars) {
            if (bar.firstBeat < 4 || bar.firstBeat + 8 > m_map.beats.size()) continue;
            QVERIFY2(hasBarAt(carried.map, m_map.beats[bar.firstBeat].time * slower, 0.04),
                     qPrintable(QString::number(bar.firstBeat)));
        }
        for (std::size_t p = 0; p < m_map.phrases.size(); ++p)
            QCOMPARE(carried.map.phrases[p].label, m_map.phrases[p].label);
    }
    void anotherSongIsRefused() {
        AudioBuffer other = test::noise(60);
        for (double t = 0.5; t < 59; t += 0.41) {
            const auto at = static_cast<std::size_t>(t * 44100);
            for (std::size_t i = 0; i < 3000; ++i)
                other.samples[at + i] += static_cast<float>(std::sin(0.11 * static_cast<double>(i) * (1 + 0.2 * t)));
        }
        const auto there = test::must(hearSound(other));
        const auto carried = carryMap(m_map, m_facts, m_heard.features, there);
        QVERIFY(!carried);
        QVERIFY(test::q(carried.error().message).contains("too little in common"));
    }
    void momentsOutsideAStretchAreNowhere() {
        const RecordingMatch match({{{10, 20}, {20, 32}}, {{40, 40}, {50, 50}}});
        QCOMPARE(*match.carried(15), 26.0);
        QCOMPARE(*match.carried(10), 20.0);
        QCOMPARE(*match.carried(50), 50.0);
        QVERIFY(!match.carried(30));
        QVERIFY(!match.carried(5));
        QCOMPARE(match.covered(40), 0.5);
        QVERIFY(!RecordingMatch{}.carried(1));
    }
};

LIFTCOUNT_TEST(CarriedMapTest)
#include "tst_carried_map.moc"
