// What a person stated, sorted; and how pulse and bars follow it, on made-up pulses.
#include "support/audio_support.h"
#include "support/bar_support.h"
#include "support/core_support.h"

#include "audio/listening/stated_facts.h"
#include "audio/listening/stated_ones.h"
#include "audio/listening/stated_pulse.h"

#include <rapidcheck.h>

#include <cmath>

using namespace lc;
using lc::test::onesOf;

namespace {

PulseCandidate steadyPulse(std::size_t beats, double period, double first = 1.0) {
    PulseCandidate pulse;
    for (std::size_t b = 0; b < beats; ++b) pulse.beats.push_back(first + static_cast<double>(b) * period);
    pulse.period = period;
    return pulse;
}

/// Evidence for a 1 on every `usual`-th beat from `first` on.
std::vector<double> clearOnes(std::size_t beats, std::size_t usual, std::size_t first = 0, double strength = 2) {
    std::vector<double> one(beats, -strength);
    for (std::size_t b = first; b < beats; b += usual) one[b] = strength;
    return one;
}

/// What is heard of ticks on the beats of a pulse.
SongFeatures ticked(const PulseCandidate& pulse) {
    return songFeatures(test::ticks(pulse.beats, pulse.beats.back() + 1));
}

const Metre three{3, 4, {}}, four{4, 4, {}};

} // namespace

class StatedTest : public QObject {
    Q_OBJECT

private Q_SLOTS:
    void theNearestTimeIsFound() {
        const std::vector<double> times{1, 2, 4};
        QCOMPARE(nearest(times, -5), std::size_t{0});
        QCOMPARE(nearest(times, 1.5), std::size_t{0}); // of two equally near the earlier
        QCOMPARE(nearest(times, 1.51), std::size_t{1});
        QCOMPARE(nearest(times, 3.1), std::size_t{2});
        QCOMPARE(nearest(times, 99), std::size_t{2});
    }
    void metreAndTempoOfTheSamePartAreOne() {
        const std::vector<SongFact> facts{TempoFact{90, SongSpan{40, 50}}, MetreFact{three, SongSpan{10, 20}},
                                          TempoFact{140, SongSpan{10.02, 20.01}}, MetreFact{four, {}}};
        const auto parts = ownParts(facts);
        QCOMPARE(parts.size(), std::size_t{2});
        QCOMPARE(parts[0].span.from, 10.0); // in the order of the song
        QVERIFY(parts[0].metre && parts[0].metre->beats == 3);
        QVERIFY(parts[0].bpm && *parts[0].bpm == 140);
        QVERIFY(!parts[1].metre && parts[1].bpm);
    }
    void factsInsideAPartBindThere() {
        const auto parts = ownParts({MetreFact{three, SongSpan{10, 20}}});
        const std::vector<SongFact> facts{OneFact{9.0},         OneFact{10.0},       OneFact{15.0},  OneFact{20.0},
                                          PhraseFact{15.0, {}}, StopFact{12, 14, 3}, NudgeFact{0.01}};
        const auto outside = factsOutside(parts, facts);
        QCOMPARE(outside.size(), std::size_t{4});
        QVERIFY(std::get<OneFact>(outside[0]).at == 9.0);
        QVERIFY(std::get<OneFact>(outside[1]).at == 20.0);       // a part's end is no longer in it
        QVERIFY(std::holds_alternative<PhraseFact>(outside[2])); // phrases belong to the whole song
        QVERIFY(std::holds_alternative<NudgeFact>(outside[3]));
    }
    void whatIsStatedIsSorted() {
        const Stated stated({PhraseFact{30, 16}, BeatFact{4.2}, OneFact{12}, BarFact{8, 2, {}}, StopFact{20, 22, 4},
                             FermataFact{40, 43}, TempoFact{120, {}}, MetreFact{three, SongSpan{1, 2}}});
        QCOMPARE(stated.places, (std::vector<double>{4.2, 8, 12, 30}));
        QCOMPARE(stated.beats, std::vector<double>{4.2});
        QCOMPARE(stated.ones.size(), std::size_t{1});
        QCOMPARE(stated.bars.size(), std::size_t{1});
        QCOMPARE(stated.stops.size(), std::size_t{1});
        QCOMPARE(stated.fermatas.size(), std::size_t{1});
        QVERIFY(stated.tempo.has_value());
        QVERIFY(!stated.metre.has_value()); // of a part only
        QVERIFY(!placeOf(TempoFact{120, {}}) && placeOf(StopFact{20, 22, 4}) == 20.0);
    }

    void withoutAStatementTheOnesStay() {
        const auto one = clearOnes(64, 4);
        QCOMPARE(followedOnes(one, 4, {}, {}, {}), one);
        QCOMPARE(followedOnes(one, 4, {}, {}, {32}), one); // where one was heard anyhow
    }
    void twoAlikeShiftEverything() {
        const auto one = clearOnes(64, 4, 0, 0.5); // faintly heard
        const auto path = solveBars(followedOnes(one, 4, {}, {}, {2, 58}), 4);
        QVERIFY(path.has_value());
        for (std::size_t start : onesOf(*path)) QCOMPARE(start % 4, std::size_t{2});
    }
    /// Bars heard a beat early, then right, then a beat early again: two statements put the first and the last run
    /// right, and both odd bars are gone; the run between them was right and stays.
    void oddBarsThatGoPartTheRuns() {
        std::vector<double> one(160, -0.8);
        for (std::size_t b = 3; b < 52; b += 4) one[b] = 0.8;
        for (std::size_t b = 56; b < 100; b += 4) one[b] = 0.8;
        for (std::size_t b = 103; b < 160; b += 4) one[b] = 0.8;
        const auto heard = solveBars(one, 4);
        QVERIFY(heard && heard->odd == 2);
        BarConstraints known;
        known.ones = {8, 128};
        const auto path = solveBars(followedOnes(one, 4, {}, {}, {8, 128}), 4, {}, known);
        QVERIFY(path.has_value());
        QCOMPARE(path->odd, 0);
        for (std::size_t start : onesOf(*path)) QCOMPARE(start % 4, std::size_t{0});
    }
    /// One statement against bars that are clear all around it is an odd bar there, not a shift of the song.
    void oneAgainstClearBarsIsAnOddBar() {
        const auto one = clearOnes(64, 4, 0, 4);
        BarConstraints known;
        known.ones = {30};
        const auto path = solveBars(followedOnes(one, 4, {}, {}, {30}), 4, {}, known);
        QVERIFY(path.has_value());
        const auto starts = onesOf(*path);
        QVERIFY(std::find(starts.begin(), starts.end(), std::size_t{30}) != starts.end());
        std::size_t asHeard = 0;
        for (std::size_t start : starts) asHeard += start % 4 == 0;
        QVERIFY2(asHeard >= 14, qPrintable(QString::number(asHeard)));
    }
    void betweenTwoThatDifferOneBarIsOdd() {
        const bool holds = rc::check("two statements that shift differently leave odd bars between them only", [] {
            const auto usual = *rc::gen::inRange<std::size_t>(3, 6);
            const std::size_t beats = 20 * usual;
            const auto one = clearOnes(beats, usual, 0, 0.4);
            const auto a = usual * 4 + *rc::gen::inRange<std::size_t>(1, usual),
                       b = usual * 14 + *rc::gen::inRange<std::size_t>(1, usual);
            BarConstraints known;
            known.ones = {a, b};
            const auto path = solveBars(followedOnes(one, static_cast<int>(usual), {}, {}, {a, b}),
                                        static_cast<int>(usual), {}, known);
            RC_ASSERT(path.has_value());
            const auto starts = onesOf(*path);
            for (std::size_t place : {a, b}) RC_ASSERT(std::find(starts.begin(), starts.end(), place) != starts.end());
            for (std::size_t k = 0; k + 1 < starts.size(); ++k) // the last bar may be cut off by the song's end
                if (path->lengths[k] != static_cast<int>(usual) && k > 0)
                    RC_ASSERT(starts[k] + 3 * usual > a && starts[k] <= b);
        });
        QVERIFY(holds);
    }

    /// A pulse that begins half a beat late and drifts onto the music within eight beats: one statement puts its
    /// beginning right.
    void aSlipIsClosedByOneStatement() {
        const SongFeatures nothingHeard;
        for (bool late : {true, false}) {
            PulseCandidate pulse;
            pulse.period = 0.5;
            for (int b = 0; b < 100; ++b)
                pulse.beats.push_back(1 + 0.5 * b + (late ? 0.25 : -0.25) * std::clamp((30.0 - b) / 8, 0.0, 1.0));
            followStatedPlaces(nothingHeard, Stated({OneFact{6.0}}), 1, pulse);
            for (double t : pulse.beats)
                QVERIFY2(std::abs(std::remainder(t, 0.5)) < 0.03, qPrintable(QString::number(t)));
            QVERIFY(std::abs(static_cast<double>(pulse.beats.size()) - 100) <= 1);
            QVERIFY(pulse.beats.back() == 50.5);
        }
    }
    /// A swung pulse that slides by a third of a beat over twenty beats and stays there: one statement brings back all
    /// that follows.
    void aSlowSlideIsClosedByOneStatement() {
        for (double slide : {0.33, -0.33}) {
            PulseCandidate pulse;
            pulse.period = 0.5;
            for (int b = 0; b < 160; ++b)
                pulse.beats.push_back(1 + 0.5 * b + 0.5 * slide * std::clamp((b - 70) / 20.0, 0.0, 1.0));
            PulseCandidate swaying = pulse;
            swaying.loose = true; // there a slower tempo for a while is music
            const Stated stated({OneFact{61.0}});
            followStatedPlaces(ticked(pulse), stated, 1, pulse);
            for (double t : pulse.beats)
                if (t < 33 || t > 51) QVERIFY2(std::abs(std::remainder(t, 0.5)) < 0.04, qPrintable(QString::number(t)));
            const double last = swaying.beats.back();
            followStatedPlaces(ticked(swaying), stated, 1, swaying);
            QVERIFY(std::abs(swaying.beats[nearest(swaying.beats, last)] - last) < 0.05);
        }
    }
    /// In beats of three parts a 1 may stand on a part of a beat: it says nothing about a slide of the pulse that is as
    /// large.
    void aPartOfABeatIsNoSlide() {
        PulseCandidate pulse;
        pulse.period = 0.5;
        for (int b = 0; b < 160; ++b)
            pulse.beats.push_back(1 + 0.5 * b + 0.5 / 3 * std::clamp((b - 70) / 20.0, 0.0, 1.0));
        const auto before = pulse.beats;
        followStatedPlaces(ticked(pulse), Stated({OneFact{before[120] - 0.5 / 3}}), 3, pulse);
        QCOMPARE(pulse.beats, before);
    }
    void betweenTwoSlipsOnlyThatStretchMoves() {
        PulseCandidate pulse;
        pulse.period = 0.5;
        for (int b = 0; b < 140; ++b)
            pulse.beats.push_back(1 + 0.5 * b + 0.25 * std::clamp((b - 40) / 8.0, 0.0, 1.0) -
                                  0.25 * std::clamp((b - 90) / 8.0, 0.0, 1.0));
        followStatedPlaces({}, Stated({OneFact{31.0}}), 1, pulse);
        for (double t : pulse.beats) QVERIFY2(std::abs(std::remainder(t, 0.5)) < 0.03, qPrintable(QString::number(t)));
        QCOMPARE(pulse.beats.size(), std::size_t{140});
    }
    /// A beat that is held lengthens the way as a slip does, and is none.
    void aHeldBeatIsNoSlip() {
        PulseCandidate pulse;
        pulse.period = 0.5;
        for (int b = 0; b < 100; ++b)
            pulse.beats.push_back(1 + 0.5 * b + (b > 40 ? 0.75 : 0)); // beat 40 lasts two and a half
        PulseCandidate known = pulse;
        known.held = {pulse.beats[40]};
        const double beside = pulse.beats[60] + 0.25;
        Stated stated({OneFact{beside}});
        PulseCandidate told = pulse; // not known to be held: it is closed like a slip
        followStatedPlaces(ticked(pulse), stated, 1, told);
        QVERIFY(std::abs(told.beats[nearest(told.beats, 70 * 0.5 + 1.75)] - (70 * 0.5 + 1.75)) > 0.2);
        followStatedPlaces(ticked(pulse), stated, 1, known);
        for (std::size_t b = 30; b < 46; ++b)
            QVERIFY(std::abs(known.beats[nearest(known.beats, pulse.beats[b])] - pulse.beats[b]) < 0.05);
        QVERIFY(std::abs(known.beats[nearest(known.beats, pulse.beats[90])] - pulse.beats[90]) <
                0.05); // it comes back to the music
    }
    /// Where nothing slipped, a beat stated half a beat beside is followed there, and the rest of the song keeps its
    /// beats.
    void aLonePlaceChangesNothingFarAway() {
        const PulseCandidate before = steadyPulse(120, 0.5);
        PulseCandidate pulse = before;
        const double beside = before.beats[60] + 0.25;
        followStatedPlaces(ticked(before), Stated({OneFact{beside}}), 1, pulse);
        for (std::size_t b = 0; b < before.beats.size(); ++b)
            if (std::abs(static_cast<double>(b) - 60) > 25)
                QCOMPARE(pulse.beats[nearest(pulse.beats, before.beats[b])], before.beats[b]);
        for (std::size_t b = 1; b < pulse.beats.size(); ++b) QVERIFY(pulse.beats[b] > pulse.beats[b - 1]);
    }
    /// The music leans on one beat: it is moved, those around it less and less, and nothing else.
    void aBeatLeansToWhereItWasStated() {
        const PulseCandidate before = steadyPulse(60, 0.9);
        PulseCandidate pulse = before;
        followStatedPlaces({}, Stated({OneFact{before.beats[20] + 0.15}}), 1, pulse);
        QCOMPARE(pulse.beats.size(), before.beats.size());
        QCOMPARE(pulse.beats[20], before.beats[20] + 0.15);
        for (std::size_t b = 0; b < pulse.beats.size(); ++b) {
            const double move = pulse.beats[b] - before.beats[b], away = std::abs(static_cast<double>(b) - 20);
            if (away >= 4)
                QCOMPARE(move, 0.0);
            else
                QVERIFY2(move > 0 && move <= 0.15, qPrintable(QString("%1: %2").arg(b).arg(move)));
        }
    }
    void aStopHasItsBeats() {
        PulseCandidate pulse = steadyPulse(40, 0.5);
        placeBeats(Stated({StopFact{6.0, 9.0, 5}}), 1, pulse); // five where six would be
        QCOMPARE(pulse.beats.size(), std::size_t{39});
        std::vector<double> within;
        for (double t : pulse.beats)
            if (t > 5.9 && t < 9.1) within.push_back(t);
        QCOMPARE(within.size(), std::size_t{6});
        for (std::size_t k = 0; k < within.size(); ++k)
            QVERIFY(std::abs(within[k] - (6.0 + 0.6 * static_cast<double>(k))) < 1e-9);
    }
    void aHeldBeatIsOne() {
        PulseCandidate pulse = steadyPulse(40, 0.5);
        placeBeats(Stated({FermataFact{6.01, 7.98}}), 1, pulse);
        QCOMPARE(pulse.beats.size(), std::size_t{37});
        QVERIFY(std::find(pulse.beats.begin(), pulse.beats.end(), 6.01) != pulse.beats.end());
        QVERIFY(std::find(pulse.beats.begin(), pulse.beats.end(), 7.98) != pulse.beats.end());
    }
    void aStatedPlaceMovesItsBeatAndNoOther() {
        PulseCandidate pulse = steadyPulse(40, 0.5);
        placeBeats(Stated({BeatFact{5.18}}), 1, pulse);
        QCOMPARE(pulse.beats.size(), std::size_t{40});
        QCOMPARE(pulse.beats[8], 5.18);
        QCOMPARE(pulse.beats[7], 4.5);
        PulseCandidate threes = steadyPulse(40, 0.5);
        placeBeats(Stated({BeatFact{5.18}}), 3, threes); // a third of a beat is no beat of the pulse
        QCOMPARE(threes.beats[8], 5.0);
    }
    void beyondWhatWasHeardThePulseGoesOn() {
        PulseCandidate pulse = steadyPulse(40, 0.5, 10.0);
        placeBeats(Stated({OneFact{7.0}, OneFact{33.5}}), 1, pulse);
        QCOMPARE(pulse.beats.front(), 7.0);
        QCOMPARE(pulse.beats.back(), 33.5);
        for (std::size_t k = 1; k < pulse.beats.size(); ++k)
            QVERIFY(std::abs(pulse.beats[k] - pulse.beats[k - 1] - 0.5) < 1e-6);
    }
    void placesAreAlwaysBeats() {
        const bool holds = rc::check("after placing, beats ascend and every stated place has one", [] {
            PulseCandidate pulse = steadyPulse(60, 0.5);
            std::vector<SongFact> facts;
            std::vector<double> places;
            for (int k = *rc::gen::inRange(1, 6); k > 0; --k) {
                const double at = *rc::gen::inRange(100, 3600) / 100.0;
                if (std::any_of(places.begin(), places.end(),
                                [at](double other) { return std::abs(other - at) < 0.6; }))
                    continue;
                places.push_back(at);
                facts.emplace_back(OneFact{at});
            }
            placeBeats(Stated(facts), 1, pulse);
            for (std::size_t k = 1; k < pulse.beats.size(); ++k) RC_ASSERT(pulse.beats[k] > pulse.beats[k - 1]);
            for (double at : places) RC_ASSERT(std::abs(pulse.beats[nearest(pulse.beats, at)] - at) <= sameBeat + 1e-9);
        });
        QVERIFY(holds);
    }
};

LIFTCOUNT_TEST(StatedTest)
#include "tst_stated.moc"
