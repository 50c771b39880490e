// Solving around what a person stated, on the demo song and on made-up ticks.
#include "support/audio_support.h"
#include "support/core_support.h"

#include "audio/listening/analysis.h"
#include "audio/listening/features_file.h"
#include "audio/listening/subdivision.h"
#include "audio/sound/audio_file.h"
#include "core/base/content_hash.h"
#include "core/exchange/map_export.h"

#include <QTemporaryDir>
#include <random>

using namespace lc;

namespace {

bool isBarStart(const SongMap& map, double at) {
    return std::any_of(map.bars.begin(), map.bars.end(),
                       [&](const Bar& b) { return std::abs(map.beats[b.firstBeat].time - at) <= 0.071; });
}
bool isPhraseStart(const SongMap& map, double at) {
    return std::any_of(map.phrases.begin(), map.phrases.end(),
                       [&](const Phrase& p) { return std::abs(map.beats[firstBeatOf(map, p)].time - at) <= 0.071; });
}

} // namespace

class SongSolverTest : public QObject {
    Q_OBJECT
    HeardSong m_demo;
    SongReading m_plain;

private Q_SLOTS:
    void initTestCase() {
        const auto song = decodeSong(LIFTCOUNT_SOURCE_DIR "/demo/copper-weathervane.ogg");
        QVERIFY(song);
        m_demo = test::must(hearSound(song->sound));
        m_plain = test::must(solveSong(m_demo));
    }
    void doubtsSayWhatWouldSettleThem() {
        QVERIFY(!m_plain.doubts.empty());
        double last = 2;
        for (const SongDoubt& doubt : m_plain.doubts) {
            QVERIFY(doubt.weight <= last); // the worst first
            last = doubt.weight;
            QVERIFY(doubt.readings.size() >= 2 && doubt.readings.size() <= 3);
            QVERIFY(doubt.start < doubt.end);
            double sum = 0;
            for (const DoubtReading& r : doubt.readings) {
                sum += r.share;
                QVERIFY(!r.text.empty());
                QVERIFY(!r.facts.empty());
                for (const SongFact& fact : r.facts) QVERIFY(factLine(fact)); // it can stand in a facts file
            }
            QVERIFY(std::abs(sum - 1) < 1e-9);
        }
    }
    /// Answering every doubt with its first reading leaves the map as it is and asks no more about it.
    void acceptingWhatIsShownChangesNothing() {
        for (const SongDoubt& doubt : m_plain.doubts) {
            std::vector<SongFact> facts;
            for (const SongFact& fact : doubt.readings.front().facts) facts = addFact(facts, fact);
            const SongReading then = test::must(solveSong(m_demo, facts));
            QCOMPARE(then.map.beats.size(), m_plain.map.beats.size());
            for (std::size_t b = 0; b < m_plain.map.bars.size(); ++b)
                QVERIFY2(then.map.bars[b].firstBeat == m_plain.map.bars[b].firstBeat,
                         (doubt.about.english() + ", bar " + std::to_string(b + 1)).c_str());
            QCOMPARE(then.map.phrases.size(), m_plain.map.phrases.size());
            for (const SongDoubt& d : then.doubts)
                QVERIFY2(d.about != doubt.about || std::abs(d.start - doubt.start) > 0.01,
                         doubt.about.english().c_str());
        }
    }
    /// Whatever reading is accepted, its facts hold in the map that comes of it.
    void everyReadingCanBeAccepted() {
        for (const SongDoubt& doubt : m_plain.doubts)
            for (const DoubtReading& r : doubt.readings) {
                const auto then = solveSong(m_demo, r.facts);
                QVERIFY2(then, r.text.english().c_str());
                QVERIFY(validate(then->map));
                for (const SongFact& fact : r.facts) {
                    if (const auto* f = std::get_if<OneFact>(&fact))
                        QVERIFY2(isBarStart(then->map, f->at), r.text.english().c_str());
                    if (const auto* f = std::get_if<PhraseFact>(&fact))
                        QVERIFY2(isPhraseStart(then->map, f->at), r.text.english().c_str());
                    if (const auto* f = std::get_if<MetreFact>(&fact)) QVERIFY(then->map.metre == f->metre);
                }
            }
    }
    /// Had the judge chosen bars that are all alike for the song with the half-bar, stating that bar would put all
    /// after it right: no bar leads back to what was heard.
    void anOddBarThatIsStatedIsTheOnlyOne() {
        const auto half = std::find_if(m_plain.map.bars.begin(), m_plain.map.bars.end(),
                                       [](const Bar& bar) { return bar.beats == 2; });
        QVERIFY(half != m_plain.map.bars.end());
        HeardSong alike = m_demo;
        std::erase_if(alike.metre.readings, [](const MetreReading& r) { return !r.steady || r.beatsPerBar != 4; });
        const double from = m_plain.map.beats[m_plain.map.bars.front().firstBeat].time,
                     at = m_plain.map.beats[half->firstBeat].time;
        const SongMap then = test::must(solveSong(alike, {OneFact{from}, BarFact{at, 2, {}}})).map;
        for (const Bar& bar : m_plain.map.bars)
            if (bar.firstBeat < half->firstBeat + 40 && bar.firstBeat + 40 > half->firstBeat)
                QVERIFY2(isBarStart(then, m_plain.map.beats[bar.firstBeat].time),
                         qPrintable(QString::number(bar.firstBeat)));
        const auto odd =
            std::count_if(then.bars.begin(), then.bars.end() - 1, [](const Bar& bar) { return bar.beats != 4; });
        QCOMPARE(odd, std::ptrdiff_t{1});
    }
    void statedPlacesAreAlwaysHonoured() {
        std::mt19937 random(7); // the same facts each run
        for (int round = 0; round < 25; ++round) {
            std::vector<SongFact> facts;
            const double at = m_plain.map.beats[random() % 200].time;
            switch (random() % 4) {
            case 0: facts = {OneFact{at}}; break;
            case 1: facts = {PhraseFact{at, std::nullopt}}; break;
            case 2: facts = {BarFact{at, 3 + static_cast<int>(random() % 4), {}}}; break;
            default: facts = {BeatFact{at + 0.2}, MetreFact{{3, 4}}}; break;
            }
            const auto then = solveSong(m_demo, facts);
            QVERIFY2(then, describe(facts.front()).english().c_str());
            QVERIFY(validate(then->map));
            if (const auto* f = std::get_if<OneFact>(&facts.front())) QVERIFY(isBarStart(then->map, f->at));
            if (const auto* f = std::get_if<PhraseFact>(&facts.front())) QVERIFY(isPhraseStart(then->map, f->at));
            if (const auto* f = std::get_if<BarFact>(&facts.front())) {
                QVERIFY(isBarStart(then->map, f->at));
                for (const Bar& bar : then->map.bars)
                    if (std::abs(then->map.beats[bar.firstBeat].time - f->at) < 0.071 &&
                        bar.firstBeat + static_cast<std::size_t>(f->beats) <= then->map.beats.size())
                        QCOMPARE(bar.beats, f->beats);
            }
            if (const auto* f = std::get_if<BeatFact>(&facts.front()))
                QVERIFY(std::abs(then->map.beats[nearestBeat(then->map, f->at)].time - f->at) <= 0.071);
        }
    }
    /// "Every 1 a beat later" states the first 1 and the last: the whole song moves, its half-bar with it; no bar
    /// becomes odd for it.
    void twoStatedOnesMoveTheWholeSong() {
        for (std::size_t later : {1U, 2U}) {
            const std::size_t last = m_plain.map.bars[m_plain.map.bars.size() - 2].firstBeat + later;
            const SongMap then = test::must(solveSong(m_demo, {OneFact{m_plain.map.beats[later].time},
                                                               OneFact{m_plain.map.beats[last].time}}))
                                     .map;
            std::size_t moved = 0, before = 0;
            for (const Bar& bar : m_plain.map.bars) {
                if (bar.firstBeat < 8 || bar.firstBeat + 8 >= m_plain.map.beats.size())
                    continue; // the ends may lose a bar
                ++before;
                moved += isBarStart(then, m_plain.map.beats[bar.firstBeat + later].time) &&
                         !isBarStart(then, m_plain.map.beats[bar.firstBeat].time);
            }
            QVERIFY2(moved + 1 >= before,
                     qPrintable(QString::number(moved))); // the half-bar is heard anew, a bar beside at most
            std::vector<int> odd;
            for (std::size_t b = 0; b + 1 < then.bars.size(); ++b)
                if (then.bars[b].beats != 4) odd.push_back(then.bars[b].beats);
            QCOMPARE(odd, std::vector<int>{2}); // the song's own half-bar and no other
        }
        const SongMap same =
            test::must(solveSong(m_demo, {OneFact{m_plain.map.beats[m_plain.map.bars[5].firstBeat].time}})).map;
        QCOMPARE(same.bars.size(), m_plain.map.bars.size()); // a 1 that was heard already changes nothing
    }
    /// Two stated 1s that lie far from each other, and between which bars of that length fit, leave no room for an odd
    /// bar: not even for the half-bar that was heard.
    void twoStatedOnesOfBarsThatAreAlikeKeepThemAlike() {
        const std::size_t first = m_plain.map.bars.front().firstBeat,
                          last = first + 4 * ((m_plain.map.beats.size() - first) / 4 - 2);
        QVERIFY(
            !isBarStart(m_plain.map, m_plain.map.beats[last].time)); // behind the half-bar the heard 1s lie elsewhere
        const std::vector<SongFact> facts{MetreFact{{4, 4}}, OneFact{m_plain.map.beats[first].time},
                                          OneFact{m_plain.map.beats[last].time}};
        const SongMap then = test::must(solveSong(m_demo, facts)).map;
        for (std::size_t b = 0; b + 1 < then.bars.size(); ++b) QCOMPARE(then.bars[b].beats, 4);
        for (std::size_t beat = first; beat <= last; beat += 4)
            QVERIFY2(isBarStart(then, m_plain.map.beats[beat].time), qPrintable(QString::number(beat)));
    }
    /// One statement against clear bars is about its place: the bars far from it stay as they were heard.
    void oneStatedOneLeavesClearBarsAlone() {
        const std::size_t bar = m_plain.map.bars.size() / 2;
        const SongMap then =
            test::must(solveSong(m_demo, {OneFact{m_plain.map.beats[m_plain.map.bars[bar].firstBeat + 1].time}})).map;
        std::size_t kept = 0, others = 0;
        for (std::size_t b = 2; b + 2 < m_plain.map.bars.size(); ++b) {
            if (b + 3 > bar && b < bar + 3) continue;
            ++others;
            kept += isBarStart(then, m_plain.map.beats[m_plain.map.bars[b].firstBeat].time);
        }
        QVERIFY2(kept >= others - 2, qPrintable(QString("%1 of %2").arg(kept).arg(others)));
    }
    /// A pulse that slipped by half a beat in the first third of a song is brought back there by one stated beat, and
    /// stays elsewhere.
    void oneStatedBeatBringsAStretchBack() {
        std::vector<double> beats, offBeats;
        for (int i = 0; i < 120; ++i) beats.push_back(1 + 0.5 * i);
        AudioBuffer sound = test::ticks(beats, 62);
        const auto heard = test::must(hearSound(sound));
        const SongMap plain = test::must(solveSong(heard)).map;
        const double at = 20.25; // between two beats
        const SongMap then = test::must(solveSong(heard, {BeatFact{at}})).map;
        QVERIFY(std::abs(then.beats[nearestBeat(then, at)].time - at) < 0.071);
        std::size_t kept = 0;
        for (double beat : beats)
            if (beat > 40) kept += std::abs(then.beats[nearestBeat(then, beat)].time - beat) < 0.05;
        QVERIFY2(kept >= 38 || *medianTempo(then) > 1.5 * *medianTempo(plain), qPrintable(QString::number(kept)));
    }
    void theOrderOfFactsDoesNotMatter() {
        const double a = m_plain.map.beats[40].time, b = m_plain.map.beats[120].time;
        const std::vector<SongFact> facts{BarFact{a, 2}, PhraseFact{b, std::nullopt}, TempoFact{100}};
        const std::vector<SongFact> turned(facts.rbegin(), facts.rend());
        QVERIFY(test::must(solveSong(m_demo, facts)).map == test::must(solveSong(m_demo, turned)).map);
    }
    void aStatedTempoIsTaken() {
        const SongReading half = test::must(solveSong(m_demo, {TempoFact{50}}));
        QVERIFY(qAbs(*medianTempo(half.map) - 50) < 1);
        const SongReading twice = test::must(solveSong(m_demo, {TempoFact{200}}));
        QVERIFY(qAbs(*medianTempo(twice.map) - 200) < 4);
    }
    void aStopAndAHeldBeatAreLaidOut() {
        const double from = m_plain.map.beats[100].time, to = m_plain.map.beats[104].time;
        const SongReading stop = test::must(solveSong(m_demo, {StopFact{from, to, 5}}));
        const auto inside = std::count_if(stop.map.beats.begin(), stop.map.beats.end(),
                                          [&](const Beat& b) { return b.time > from - 0.01 && b.time < to - 0.01; });
        QCOMPARE(inside, 5);
        QVERIFY(std::any_of(stop.map.stops.begin(), stop.map.stops.end(), [&](const Stop& s) { return s.beats == 5; }));
        const SongReading held = test::must(solveSong(m_demo, {FermataFact{from, m_plain.map.beats[102].time}}));
        QCOMPARE(held.map.beats.size() + 1, m_plain.map.beats.size());
        QCOMPARE(held.map.fermatas.size(), std::size_t{1});
    }
    void factsThatCannotBeAreRefused() {
        const auto both = solveSong(m_demo, {StopFact{10, 14, 8}, FermataFact{12, 16}});
        QVERIFY(!both);
        QVERIFY(test::q(both.error().message).contains("exclude each other"));
        const auto late = solveSong(m_demo, {OneFact{4000}});
        QVERIFY(!late);
        QVERIFY(test::q(late.error().message).contains("outside the song"));
    }
    void featuresAreKeptAndDamagedOnesRefused() {
        QTemporaryDir folder;
        const std::string path = folder.filePath("song.features").toStdString();
        QVERIFY(saveFeatures(m_demo.features, path));
        const auto back = loadFeatures(path);
        QVERIFY(back);
        QVERIFY(back->onsets.flux == m_demo.features.onsets.flux);
        QVERIFY(test::must(solveSong(test::must(hearSong(*back)))).map == m_plain.map);
        QFile file(folder.filePath("song.features"));
        QVERIFY(file.open(QIODevice::ReadWrite));
        const QByteArray good = file.readAll();
        // the same numbers by another maker, whole and undamaged
        QCOMPARE(featuresMaker().size(), std::size_t{32});
        QCOMPARE(good.mid(8, 32), QByteArray::fromStdString(featuresMaker()));
        QByteArray foreign = good.left(good.size() - 32).replace(8, 32, QByteArray(32, '0'));
        foreign += fingerprintBytes(foreign.toStdString()).hash.c_str();
        for (const QByteArray& bad :
             {good.left(good.size() / 2), QByteArray("nothing"), QByteArray(), good + "x", foreign}) {
            QVERIFY(file.resize(0) && file.seek(0));
            file.write(bad);
            file.flush();
            QVERIFY(!loadFeatures(path));
        }
        QVERIFY(!loadFeatures("/no/such/file"));
    }
    /// Sixteen bars of four, twelve of three, eight of four: the middle is stated to be in three.
    void aPartIsSolvedInItsOwnMetre() {
        std::vector<double> ones, beats;
        double at = 1;
        for (const auto& [bars, length] : {std::pair{16, 4}, std::pair{12, 3}, std::pair{8, 4}})
            for (int bar = 0; bar < bars; ++bar)
                for (int b = 0; b < length; ++b, at += 0.5) {
                    if (b == 0) ones.push_back(at);
                    beats.push_back(at);
                }
        AudioBuffer sound = test::ticks(beats, at + 2);
        for (double one : ones) {
            const auto first = static_cast<std::size_t>(one * 44100);
            for (std::size_t i = 0; i < 6000; ++i)
                sound.samples[first + i] += static_cast<float>(0.8 * std::sin(0.0128 * static_cast<double>(i)) *
                                                               std::exp(-static_cast<double>(i) / 2000));
        }
        const double from = ones[16], to = ones[28];
        const auto heard = test::must(hearSound(sound));
        const SongMap map =
            test::must(solveSong(heard, {OneFact{ones[0]}, MetreFact{{4, 4}}, MetreFact{{3, 4}, SongSpan{from, to}}}))
                .map;
        QVERIFY(validate(map));
        std::vector<int> lengths;
        for (const Bar& bar : map.bars)
            if (const double start = map.beats[bar.firstBeat].time; start > 0.9 && start < at - 2.1)
                lengths.push_back(bar.beats);
        std::vector<int> expected(16, 4);
        expected.insert(expected.end(), 12, 3);
        expected.insert(expected.end(), 7, 4);
        QCOMPARE(lengths, expected);
    }
    void aPartAtItsOwnTempoChangesNothingElse() {
        const double from = m_plain.map.beats[64].time, to = m_plain.map.beats[96].time;
        const SongMap map =
            test::must(solveSong(m_demo, {TempoFact{2 * *medianTempo(m_plain.map), SongSpan{from, to}}})).map;
        QVERIFY(validate(map));
        const auto count = [&](double a, double b) {
            return std::count_if(map.beats.begin(), map.beats.end(),
                                 [&](const Beat& beat) { return beat.time > a - 0.03 && beat.time < b - 0.03; });
        };
        QCOMPARE(count(from, to), 64);
        QCOMPARE(count(m_plain.map.beats[0].time, from), 64);
    }
    /// S18: eighths of 0.2 s in 3+2+2, a low stroke on the 1 and a high one on the other groups.
    void unevenBarsAreHeard() {
        AudioBuffer sound = test::silence(45);
        for (int bar = 0; bar < 30; ++bar)
            for (int group : {0, 3, 5}) {
                const double at = 0.5 + (bar * 7 + group) * 0.2;
                const auto first = static_cast<std::size_t>(at * 44100);
                for (std::size_t i = 0; i < 4000 && first + i < sound.samples.size(); ++i) {
                    const double t = static_cast<double>(i) / 44100;
                    const double tone = std::sin(2 * 3.14159265 * (group == 0 ? 90 : 420) * t) * std::exp(-t * 40);
                    sound.samples[first + i] += static_cast<float>(0.5 * tone);
                }
            }
        for (int eighth = 0; eighth < 210; ++eighth) { // light strokes on every eighth
            const auto first = static_cast<std::size_t>((0.5 + eighth * 0.2) * 44100);
            for (std::size_t i = 0; i < 600 && first + i < sound.samples.size(); ++i)
                sound.samples[first + i] += static_cast<float>(0.08 * std::sin(0.9 * static_cast<double>(i)) *
                                                               std::exp(-static_cast<double>(i) / 150));
        }
        const auto heard = test::must(hearSound(sound));
        const SongMap map = test::must(solveSong(heard, {MetreFact{{7, 8, {3, 2, 2}}}})).map;
        QVERIFY(map.bars.size() >= 28);
        for (std::size_t b = 1; b + 1 < map.bars.size(); ++b) QCOMPARE(map.bars[b].beats, 7);
        const double sixth = map.beats[map.bars[5].firstBeat].time - map.beats[map.bars[0].firstBeat].time;
        QVERIFY2(qAbs(sixth - 7.0) < 0.02, qPrintable(QString::number(sixth))); // bar 6 starts at 7.0 s
    }
};

LIFTCOUNT_TEST(SongSolverTest)
#include "tst_song_solver.moc"
