// The demo songs from their sound against the exact maps that their composer wrote, and scenarios S13 and S18 from the
// sound.
#include "support/audio_support.h"
#include "support/beat_measure.h"
#include "support/core_support.h"
#include "support/demo_songs.h"

#include "audio/listening/analysis.h"
#include "core/song/count_grid.h"
#include "core/song/tempo_curve.h"

using namespace lc;
using test::fMeasure;

namespace {

std::vector<double> beatsOf(const SongMap& map) {
    std::vector<double> times;
    for (const Beat& beat : map.beats) times.push_back(beat.time);
    return times;
}
std::vector<double> onesOf(const SongMap& map) {
    std::vector<double> times;
    for (const Bar& bar : map.bars) times.push_back(map.beats[bar.firstBeat].time);
    return times;
}
std::vector<double> phrasesOf(const SongMap& map) {
    std::vector<double> times;
    for (const Phrase& phrase : map.phrases) times.push_back(map.beats[firstBeatOf(map, phrase)].time);
    return times;
}

HeardSong heard(const QString& name) { return test::must(hearSound(test::demoSound(name))); }

} // namespace

class DemoSongsTest : public QObject {
    Q_OBJECT

private Q_SLOTS:
    /// S18: 7/8 as 3+2+2, eighths of 0.2 s: steps at 0, 0.6, 1.0, 1.4 …, bar 6 at 7.0 s, without a word from anybody.
    void sevensAreCountedLongShortShort() {
        const SongMap map = test::must(solveSong(heard("sevenfold-stairs"))).map;
        const SongMap exact = test::demoTruth("sevenfold-stairs");
        QCOMPARE(toString(map.metre), std::string("7/8:3+2+2"));
        QVERIFY(fMeasure(beatsOf(map), beatsOf(exact)) > 0.98);
        QVERIFY(fMeasure(onesOf(map), onesOf(exact)) > 0.97);
        QVERIFY(fMeasure(phrasesOf(map), phrasesOf(exact), 0.2) > 0.9);
        const CountGrid grid(map, usualScheme(map));
        std::size_t first = 0; // the count on the composer's first 1
        while (grid.cell(static_cast<std::int64_t>(first)) &&
               std::abs(grid.cell(static_cast<std::int64_t>(first))->start - exact.beats[0].time) > 0.05)
            ++first;
        const double steps[] = {0, 0.6, 1.0, 1.4, 2.0, 2.4, 2.8, 3.4, 3.8, 4.2, 4.8, 5.2, 5.6, 6.2, 6.6, 7.0};
        for (std::size_t k = 0; k < std::size(steps); ++k) {
            const CountCell* cell = grid.cell(static_cast<std::int64_t>(first + k));
            QVERIFY(cell);
            QVERIFY2(std::abs(cell->start - grid.cell(static_cast<std::int64_t>(first))->start - steps[k]) <
                         0.03, // the first beats have few neighbours to stand on a line with
                     qPrintable(QString("count %1 at %2").arg(k).arg(cell->start)));
        }
    }
    /// A live band that drifts by four in a hundred: every beat is followed; the bars are put right by one word, the
    /// metre.
    void aDriftingBandIsFollowed() {
        const HeardSong song = heard("lantern-arcade");
        const SongMap exact = test::demoTruth("lantern-arcade");
        const SongMap map = test::must(solveSong(song)).map;
        QVERIFY(fMeasure(beatsOf(map), beatsOf(exact)) > 0.98);
        const TempoCurve curve = tempoCurve(map, CountGrid(map, usualScheme(map)), 0, 0);
        QVERIFY2(curve.range->highest - curve.range->lowest > 5,
                 qPrintable(test::q(tempoInWords(curve)))); // the drift is seen
        const SongMap four = test::must(solveSong(song, {MetreFact{{4, 4}}})).map;
        QVERIFY(fMeasure(beatsOf(four), beatsOf(exact)) > 0.98); // the metre does not change the pulse
        QVERIFY(fMeasure(onesOf(four), onesOf(exact)) > 0.98);
    }
    /// A waltz that slows down and holds a beat: heard up to there and after it; the held beat is stated by hand.
    void aWaltzWithAHeldBeatIsCounted() {
        const HeardSong song = heard("orchard-gate");
        const SongMap exact = test::demoTruth("orchard-gate");
        const SongMap plain = test::must(solveSong(song)).map;
        QCOMPARE(toString(plain.metre), std::string("3/4"));
        QVERIFY(fMeasure(beatsOf(plain), beatsOf(exact)) > 0.92);
        const double from = exact.beats[107].time, to = exact.beats[108].time; // the last beat of chorus 2
        QVERIFY(to - from > 2.8);
        const SongMap held = test::must(solveSong(song, {FermataFact{from, to}})).map;
        QCOMPARE(held.fermatas.size(), std::size_t{1});
        QVERIFY(qAbs(held.fermatas[0].end - held.fermatas[0].start - (to - from)) < 0.1);
        QVERIFY(fMeasure(beatsOf(held), beatsOf(exact)) > fMeasure(beatsOf(plain), beatsOf(exact)));
    }
    /// S13 from the sound: one extra bar of four after beat 64 of the dance. At beat 69 who counts on says 5, the music
    /// says 1. Whose bar the extra one is, the end of its phrase or the head of the next, is heard, or stated in one
    /// word.
    void anExtraBarTurnsTheCountRound() {
        const test::LongerSong longer = test::longerSong();
        const HeardSong song = test::must(hearSound(longer.sound));
        SongReading reading = test::must(solveSong(song));
        const auto starts = [&] { return phrasesOf(reading.map); };
        if (const auto heardStarts = starts(); std::none_of(
                heardStarts.begin(), heardStarts.end(), [&](double t) { return std::abs(t - longer.beat69) < 0.07; })) {
            reading = test::must(solveSong(song, {PhraseFact{longer.secondPhrase, 36}}));
            QVERIFY(std::abs(longer.beat69 - longer.secondPhrase - 36 * 0.6) < 0.01);
        }
        const SongMap& map = reading.map;
        const CountGrid grid(map, usualScheme(map));
        const auto here = grid.tickAt(longer.danceStart + 0.03);
        QVERIFY(here);
        const std::int64_t first = wholeCounts(*here);
        QCOMPARE(grid.cell(first)->number, 1);
        QCOMPARE(grid.cell(first + 63)->number, 8);
        const CountCell* sixtyNine = grid.cell(first + 68);
        QVERIFY(sixtyNine);
        QCOMPARE(68 % 8 + 1, 5); // the running count
        QCOMPARE(sixtyNine->number, 1);
        QCOMPARE(sixtyNine->phraseOffset, 0);
    }
};

LIFTCOUNT_TEST(DemoSongsTest)
#include "tst_demo_songs.moc"
