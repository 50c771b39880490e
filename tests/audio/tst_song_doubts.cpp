// Doubts of made-up decisions: what is asked, in which words, with which facts, and what is not asked.
#include "support/core_support.h"

#include "audio/listening/other_readings.h"
#include "audio/listening/phrase_path.h"
#include "audio/listening/song_doubts.h"

#include <cmath>
#include <tuple>

using namespace lc;

namespace {

/// A decision on a typed song whose beats, metre and 1s are not in question.
struct MadeUp {
    HeardSong song;
    std::vector<SongFact> facts;
    SongMap map;
    MetreReading reading;
    PulseCandidate pulse;
    std::vector<double> one;
    BarConstraints known;
    std::vector<double> phraseEvidence;

    explicit MadeUp(const std::string& structure) : map(test::song(structure)) {
        facts = {MetreFact{map.metre, {}}, TempoFact{120, {}}};
        for (Phrase& phrase : map.phrases) phrase.confirmed = false; // as if heard, not typed
        for (const Beat& beat : map.beats) pulse.beats.push_back(beat.time);
        pulse.period = 0.5;
        one.assign(map.beats.size(), -5);
        reading.beatsPerBar = 4;
        for (const Bar& bar : map.bars) {
            one[bar.firstBeat] = 5;
            reading.bars.lengths.push_back(bar.beats);
        }
        reading.bars.score = 5 * static_cast<double>(map.bars.size());
        phraseEvidence.assign(map.bars.size(), -6);
        for (const Phrase& phrase : map.phrases) phraseEvidence[phrase.firstBar] = 6;
    }
    [[nodiscard]] std::vector<SongDoubt> doubts() const {
        return findDoubts({song, facts, map, reading, pulse, one, 1, known, phraseEvidence});
    }
    [[nodiscard]] Seconds barStart(std::size_t bar) const { return map.beats[map.bars[bar].firstBeat].time; }
};

/// The doubt about such a thing; none if it is not asked.
std::optional<SongDoubt> about(const std::vector<SongDoubt>& doubts, const std::string& what) {
    for (const SongDoubt& doubt : doubts)
        if (doubt.about.english().find(what) != std::string::npos) return doubt;
    return std::nullopt;
}

QString readingsOf(const SongDoubt& doubt) {
    QStringList all;
    for (const DoubtReading& reading : doubt.readings) all << test::q(reading.text);
    return all.join("; ");
}

} // namespace

class SongDoubtsTest : public QObject {
    Q_OBJECT

private Q_SLOTS:
    void whatIsClearIsNotAsked() {
        QVERIFY(MadeUp("intro 16 | verse 32 | chorus 32 | verse 32 | ending 16").doubts().empty());
    }
    void aFaintBoundaryIsAsked() {
        MadeUp song("intro 16 | verse 32 | chorus 32 | ending 16");
        song.phraseEvidence[12] = -1.5; // eight and eight cost little, so nearly nothing is needed
        const auto doubt = about(song.doubts(), "where a phrase starts");
        QVERIFY(doubt.has_value());
        QCOMPARE(doubt->start, song.barStart(12));
        QCOMPARE(readingsOf(*doubt), "a phrase starts here, at bar 13; no phrase starts here");
        QVERIFY(doubt->readings[0].facts == (std::vector<SongFact>{PhraseFact{song.barStart(12), std::nullopt}}));
        QVERIFY(doubt->readings[1].facts == (std::vector<SongFact>{PhraseFact{song.barStart(4), 64}}));
    }
    void whoseBarItIsIsAsked() {
        MadeUp song("intro 16 | verse 32 | chorus 32 | ending 16");
        song.phraseEvidence[12] = 1.0;
        song.phraseEvidence[13] = 6.0; // the next bar begins something, too; its lengths are unusual
        const auto doubt = about(song.doubts(), "where a phrase starts");
        QVERIFY(doubt.has_value());
        QVERIFY2(readingsOf(*doubt).contains("it starts a bar later"), qPrintable(readingsOf(*doubt)));
        const auto later = std::find_if(doubt->readings.begin(), doubt->readings.end(), [](const DoubtReading& r) {
            return r.text.english() == "it starts a bar later";
        });
        QVERIFY(later->facts == (std::vector<SongFact>{PhraseFact{song.barStart(13), std::nullopt}}));
    }
    void aPhraseLongerThanPeopleCountMayBeTwo() {
        MadeUp song("intro 16 | verse 64 | ending 16");
        song.phraseEvidence[12] = -1.6;
        const auto doubt = about(song.doubts(), "how long a phrase is");
        QVERIFY(doubt.has_value());
        QCOMPARE(doubt->start, song.barStart(4));
        QCOMPARE(readingsOf(*doubt), "one phrase of 64 beats, from bar 5; a phrase starts at bar 13");
        QVERIFY(doubt->readings[0].facts == (std::vector<SongFact>{PhraseFact{song.barStart(4), 64}}));
        QVERIFY(doubt->readings[1].facts == (std::vector<SongFact>{PhraseFact{song.barStart(12), std::nullopt}}));
        song.map.phrases[1].confirmed = true; // a person said where it starts: not how long it is
        song.facts.emplace_back(PhraseFact{song.barStart(4) + 0.05, std::nullopt});
        QVERIFY(about(song.doubts(), "how long a phrase is"));
        song.facts.emplace_back(PhraseFact{song.barStart(4) + 0.05, 64});
        QVERIFY(!about(song.doubts(), "how long a phrase is"));
    }
    /// Where the beat falls is asked in a person's words, whatever bars the other readings have; those of one pulse
    /// speak for it together.
    void anotherPulseIsCalledByWhatItIs() {
        const std::vector<std::tuple<double, double, QString>> pulses{
            {0.5, 0.25, "half a beat later"},
            {0.5, 0.1667, "a third of a beat later"},
            {0.5, 0.3333, "two thirds of a beat later"},
            {0.5, 0.125, "a quarter of a beat later"},
            {0.5, 0.375, "a quarter of a beat earlier"},
            {0.25, 0, "twice as fast"},
            {0.25, 0.125, "twice as fast, beside these beats"},
            {1.0, 0, "half as fast"},
            {1.0 / 3, 0, "one and a half times as fast"},
            {0.75, 0, "two thirds as fast"},
            {1.5, 0, "a third as fast"}};
        for (const auto& [period, later, text] : pulses) {
            MadeUp song("intro 16 | verse 32 | chorus 32");
            song.facts.clear();
            PulseCandidate other;
            other.period = period;
            for (double t = later; t < song.map.end; t += period) other.beats.push_back(t);
            song.song.metre.pulses = {song.pulse, other};
            MetreReading twin = song.reading;
            twin.pulse = 1;
            twin.score = -1.2;
            song.song.metre.readings = {song.reading, twin,
                                        twin}; // of two that say the same, each alone would say less
            const auto doubt = about(song.doubts(), "how fast the beat is");
            QVERIFY2(doubt.has_value(), qPrintable(text));
            QCOMPARE(readingsOf(*doubt), "120 bpm, as it is counted here; " + text);
            QVERIFY(std::abs(doubt->readings[1].share - 2 * std::exp(-1.2) / (1 + 2 * std::exp(-1.2))) < 1e-6);
            for (const SongFact& fact : doubt->readings[1].facts) // what it states is true of the other pulse alone
                if (const auto* beat = std::get_if<BeatFact>(&fact)) {
                    const double part = std::remainder(beat->at - later, period);
                    QVERIFY(std::abs(part) < 1e-6 && std::abs(std::remainder(beat->at, 0.5)) > 0.07);
                } else
                    QVERIFY(std::abs(std::get<TempoFact>(fact).bpm - 60 / period) < 0.06);
        }
    }
    void theSamePulseIsNotAsked() {
        MadeUp song("intro 16 | verse 32 | chorus 32");
        song.facts.clear();
        PulseCandidate other = song.pulse;
        for (double& t : other.beats) t -= 0.02; // the same, a little before: not "later"
        song.song.metre.pulses = {song.pulse, other};
        MetreReading twin = song.reading;
        twin.pulse = 1;
        song.song.metre.readings = {song.reading, twin};
        QVERIFY(!about(song.doubts(), "how fast the beat is"));
    }
    /// How long a bar is and where it begins are heard at once, so they are asked at once; an answer states a 1 near
    /// each end, on our beats.
    void barsAndTheirBeginAreOneQuestion() {
        MadeUp song("intro 16 | verse 32 | chorus 32");
        song.facts.clear();
        song.song.metre.pulses = {song.pulse};
        MetreReading later = song.reading, threes = song.reading;
        song.reading.steady = later.steady = threes.steady = true;
        later.bars.pickup = 2;
        later.bars.lengths.assign(19, 4);
        later.score = -1;
        threes.beatsPerBar = 3;
        threes.bars.pickup = 1;
        threes.bars.lengths.assign(26, 3);
        threes.score = -2;
        song.song.metre.readings = {song.reading, later, threes};
        const auto doubts = song.doubts();
        QVERIFY(!doubts.empty() && doubts.front().ofAll);
        const auto doubt = about(doubts, "how long a bar is, and where the 1 is");
        QVERIFY(doubt.has_value());
        QCOMPARE(readingsOf(*doubt),
                 "bars of 4, 4/4, the 1 is here; the 1 is 2 beats later; bars of 3, 3/4, beginning a beat later");
        QVERIFY(std::abs(doubt->readings[1].share / doubt->readings[0].share - std::exp(-1.0)) < 1e-6);
        const Metre four{4, 4, {}}, three{3, 4, {}};
        QVERIFY(doubt->readings[0].facts == (std::vector<SongFact>{MetreFact{four}, OneFact{0.0}}));
        QVERIFY(doubt->readings[1].facts ==
                (std::vector<SongFact>{MetreFact{four}, OneFact{1.0},
                                       OneFact{1.0 + 0.5 * 4 * 17}})); // of 78 beats 19 bars: the last but one
        QVERIFY(doubt->readings[2].facts ==
                (std::vector<SongFact>{MetreFact{three}, OneFact{0.5}, OneFact{0.5 + 0.5 * 3 * 24}}));
        song.known.ones = {2}; // where a 1 is was said: only the length is left to ask
        const auto length = about(song.doubts(), "how long a bar is");
        QVERIFY(length.has_value());
        QCOMPARE(readingsOf(*length), "bars of 4, 4/4, the 1 is here; bars of 3, 3/4");
        QVERIFY(length->readings[1].facts == (std::vector<SongFact>{MetreFact{three}}));
    }
    /// Bars are called by what is counted in them.
    void barsAreCalledAsTheyAreCounted() {
        QCOMPARE(test::q(barsOf(Metre{3, 4, {}})), QString("bars of 3, 3/4"));
        QCOMPARE(test::q(barsOf(Metre{12, 8, {3, 3, 3, 3}})), QString("bars of 4 in threes, 12/8"));
        QCOMPARE(test::q(barsOf(Metre{7, 8, {2, 2, 3}})), QString("bars of 2+2+3, 7/8"));
    }
    /// Where our bars are not all alike, that they are is an answer too.
    void barsThatAreAllAlikeAreAnAnswer() {
        MadeUp song("intro 16 | verse 30 bar 2 | chorus 32");
        song.facts.clear();
        song.song.metre.pulses = {song.pulse};
        song.reading.bars.odd = 1;
        MetreReading alike = song.reading;
        alike.steady = true;
        alike.bars.odd = 0;
        alike.bars.lengths.assign(20, 4);
        alike.score = -0.5;
        song.song.metre.readings = {song.reading, alike};
        const auto doubt = about(song.doubts(), "how long a bar is");
        QVERIFY(doubt.has_value());
        QCOMPARE(test::q(doubt->readings[1].text), QString("every bar has 4 beats"));
        QCOMPARE(doubt->readings[1].facts.size(), std::size_t{3});
    }
    /// What the whole song hangs on is asked first, however little it weighs: the other answers hang on it too.
    void whatTheWholeSongHangsOnComesFirst() {
        MadeUp song("intro 16 | verse 32 | chorus 32 | ending 16");
        song.phraseEvidence[12] = -1.5;
        song.facts = {TempoFact{120, {}}};
        song.song.metre.pulses = {song.pulse};
        MetreReading other = song.reading;
        song.reading.steady = other.steady = true;
        other.bars.pickup = 1;
        other.score = -3;
        song.song.metre.readings = {song.reading, other};
        const auto doubts = song.doubts();
        QVERIFY(doubts.size() >= 2);
        QVERIFY(doubts[0].ofAll && !doubts[1].ofAll && doubts[0].weight < doubts[1].weight);
        other.score = -4; // surer than one to thirty: nobody is asked
        song.song.metre.readings = {song.reading, other};
        QVERIFY(!song.doubts().front().ofAll);
    }
    void eightBarsAreNotAskedAbout() {
        MadeUp song("intro 16 | verse 32 | chorus 32 | ending 16");
        for (std::size_t bar : {6U, 8U, 10U, 14U, 16U}) song.phraseEvidence[bar] = 0.5;
        QVERIFY(!about(song.doubts(), "how long a phrase is"));
    }
    void anOddBarIsAskedUntilItIsStated() {
        MadeUp song("intro 16 | verse 30 bar 2 | chorus 32 | ending 16");
        const auto odd =
            std::find_if(song.map.bars.begin(), song.map.bars.end(), [](const Bar& bar) { return bar.beats == 2; });
        QVERIFY(odd != song.map.bars.end());
        const auto bar = static_cast<std::size_t>(odd - song.map.bars.begin());
        const auto doubt = about(song.doubts(), "the length of bar");
        QVERIFY(doubt.has_value());
        QCOMPARE(test::q(doubt->about), QString("the length of bar %1").arg(bar + 1));
        QVERIFY(doubt->readings[0].facts == (std::vector<SongFact>{BarFact{song.barStart(bar), 2, {}}}));
        QVERIFY(doubt->readings[1].facts == (std::vector<SongFact>{BarFact{song.barStart(bar), 4, {}}}));
        song.facts.emplace_back(BarFact{song.barStart(bar), 2, {}});
        QVERIFY(!about(song.doubts(), "the length of bar"));
    }
    /// Four beats of silence at the tempo around are four; four and a half may be four or five.
    void aStopThatDoesNotFitItsBeatsIsAsked() {
        MadeUp song("intro 16 | verse 32 | chorus 32 | ending 16");
        const Seconds from = song.map.beats[40].time;
        song.map.stops = {{from, song.map.beats[44].time, 4}};
        QVERIFY(!about(song.doubts(), "how long the silence is"));
        for (std::size_t b = 41; b < song.map.beats.size(); ++b)
            song.map.beats[b].time += 0.25 * std::min(1.0, (static_cast<double>(b) - 40) / 4);
        const Seconds to = song.map.beats[44].time;
        song.map.stops = {{from, to, 4}};
        const auto doubt = about(song.doubts(), "how long the silence is");
        QVERIFY(doubt.has_value());
        QCOMPARE(readingsOf(*doubt), "a stop of 4, the pulse goes on; a stop of 5");
        QVERIFY(doubt->readings[1].facts == (std::vector<SongFact>{StopFact{from, to, 5}}));
        QVERIFY(std::abs(doubt->readings[0].share - 0.5) < 0.1); // ln 1.125 and ln 0.9 are nearly as far from nothing
        song.facts.emplace_back(StopFact{from, to, 4});
        QVERIFY(!about(song.doubts(), "how long the silence is"));
    }
    /// The song's last phrase may be short at little cost, here as where phrases are cut.
    void aShortEndingIsNoDoubt() {
        MadeUp song("intro 16 | verse 32 | chorus 32 | ending 12");
        song.phraseEvidence[20] = 1.2; // of 8 and 3 bars against 11: the ending's price is 0.3 of 4
        QVERIFY(!about(song.doubts(), "where a phrase starts"));
        song.map.phrases[2].bars += 3; // as if the last two were one phrase
        song.map.phrases.pop_back();
        const auto doubt = about(song.doubts(), "how long a phrase is");
        QVERIFY(doubt.has_value());
        QVERIFY(doubt->readings[1].facts == (std::vector<SongFact>{PhraseFact{song.barStart(20), std::nullopt}}));
    }
    /// Whatever is asked: shares are of one whole, what is shown comes first and is likeliest, the worst doubt stands
    /// first.
    void sharesAreOfOneWholeAndTheWorstStandsFirst() {
        MadeUp song("intro 16 | verse 30 bar 2 | chorus 64 | ending 16");
        for (std::size_t b = 1; b < song.phraseEvidence.size(); b += 3) song.phraseEvidence[b] = -1.5;
        const auto doubts = song.doubts();
        QVERIFY(doubts.size() >= 2 && doubts.size() <= 8);
        for (std::size_t d = 0; d < doubts.size(); ++d) {
            double sum = 0;
            for (const DoubtReading& reading : doubts[d].readings) {
                sum += reading.share;
                QVERIFY(!reading.facts.empty() && !reading.text.empty());
            }
            QVERIFY(std::abs(sum - 1) < 1e-9);
            QVERIFY(doubts[d].readings.size() >= 2 && doubts[d].readings.size() <= 3);
            if (d > 0) QVERIFY(doubts[d - 1].weight >= doubts[d].weight);
        }
    }
};

LIFTCOUNT_TEST(SongDoubtsTest)
#include "tst_song_doubts.moc"
