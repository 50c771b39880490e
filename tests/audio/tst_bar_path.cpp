#include "support/audio_support.h"
#include "support/bar_support.h"
#include "support/core_support.h"

#include "audio/listening/bar_path.h"
#include "audio/listening/phrase_path.h"
#include "audio/listening/settled_bars.h"

#include <rapidcheck.h>

#include <map>

using namespace lc;
using lc::test::onesOf;

namespace {

/// Evidence that speaks for a 1 on each of these beats and against it elsewhere.
std::vector<double> evidence(std::size_t beats, const std::vector<std::size_t>& ones) {
    std::vector<double> out(beats, -1.5);
    for (std::size_t b : ones)
        if (b < beats) out[b] = 2.0;
    return out;
}

std::vector<std::size_t> every(std::size_t from, std::size_t step, std::size_t to) {
    std::vector<std::size_t> out;
    for (std::size_t b = from; b < to; b += step) out.push_back(b);
    return out;
}

/// The least that a sequence of whole bars costs, over every way to call parts of it a metre of their own.
double leastPrice(const std::vector<int>& lengths, int usual, const BarPrices& prices) {
    const double never = 1e9;
    std::map<int, double> cost{{usual, 0.0}}; // by the metre that holds before the next bar
    for (int length : lengths) {
        std::map<int, double> next;
        const auto reach = [&](int metre, double value) {
            const auto [at, isNew] = next.emplace(metre, value);
            if (!isNew) at->second = std::min(at->second, value);
        };
        double home = never;
        for (const auto& [metre, value] : cost) home = std::min(home, value + (metre == usual ? 0 : prices.change));
        reach(usual, length > usual + 3 ? never
                                        : home + (length == usual       ? 0
                                                  : length * 2 == usual ? prices.half
                                                                        : prices.other));
        if (usual >= 3 && usual <= 5 && length != usual && length >= 3 && length <= 5) {
            const auto same = cost.find(length);
            reach(length, std::min(home + prices.change, same == cost.end() ? never : same->second));
        }
        cost = next;
    }
    double least = never;
    for (const auto& [metre, value] : cost) least = std::min(least, value + (metre == usual ? 0 : prices.change));
    return least;
}

/// The best score by trying every way to cut the beats: shares nothing with the solver but the rules.
double bruteForce(const std::vector<double>& one, int usual, const BarPrices& prices) {
    const std::size_t n = one.size();
    double best = -1e9;
    for (unsigned mask = 1; mask < (1U << n); ++mask) { // a bit for each beat that is a 1
        double score = 0;
        bool good = true;
        int last = -1;
        std::vector<int> lengths;
        for (std::size_t b = 0; b < n && good; ++b) {
            if (!(mask >> b & 1U)) continue;
            score += one[b];
            if (last < 0)
                good = static_cast<int>(b) < usual;
            else
                lengths.push_back(static_cast<int>(b) - last);
            last = static_cast<int>(b);
        }
        const int rest = static_cast<int>(n) - last;
        if (rest > usual + 3) continue;
        if (rest > usual) score -= rest * 2 == usual ? prices.half : prices.other;
        if (good) best = std::max(best, score - leastPrice(lengths, usual, prices));
    }
    return best;
}

/// Bars of these lengths, a beat a second, in phrases of so many bars.
SongMap mapOf(const std::vector<int>& bars, const std::vector<std::size_t>& phrases) {
    SongMap map;
    for (int length : bars) {
        map.bars.push_back({map.beats.size(), length, {}, false});
        for (int k = 0; k < length; ++k) map.beats.push_back({static_cast<double>(map.beats.size()), 1, false});
    }
    std::size_t bar = 0;
    for (std::size_t count : phrases) {
        map.phrases.push_back({bar, count, {}, false});
        bar += count;
    }
    map.end = static_cast<double>(map.beats.size());
    return map;
}

std::vector<int> lengthsOf(const SongMap& map) {
    std::vector<int> out;
    for (const Bar& bar : map.bars) out.push_back(bar.beats);
    return out;
}

std::vector<std::size_t> phrasesOf(const SongMap& map) {
    std::vector<std::size_t> out;
    for (const Phrase& phrase : map.phrases) out.push_back(phrase.bars);
    return out;
}

} // namespace

class BarPathTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void squareSongsAreCutIntoTheirBars_data() {
        QTest::addColumn<int>("usual");
        QTest::addColumn<int>("pickup");
        for (int usual : {2, 3, 4, 5, 7})
            for (int pickup = 0; pickup < usual; ++pickup)
                QTest::addRow("%d beats after %d", usual, pickup) << usual << pickup;
    }
    void squareSongsAreCutIntoTheirBars() {
        QFETCH(int, usual);
        QFETCH(int, pickup);
        const auto path = solveBars(
            evidence(84, every(static_cast<std::size_t>(pickup), static_cast<std::size_t>(usual), 84)), usual);
        QVERIFY(path);
        QCOMPARE(path->pickup, static_cast<std::size_t>(pickup));
        QCOMPARE(path->odd, 0);
    }
    void aHalfBarIsFound() {
        std::vector<std::size_t> ones = every(0, 4, 34);
        for (std::size_t b : every(34, 4, 66)) ones.push_back(b);
        const auto path = solveBars(evidence(66, ones), 4);
        QCOMPARE(path->odd, 1);
        QCOMPARE(path->lengths[8], 2);
    }
    void aPartMayHaveAnotherMetre() {
        std::vector<std::size_t> ones = every(0, 4, 32);
        for (std::size_t b : every(32, 3, 56)) ones.push_back(b); // eight bars of three
        for (std::size_t b : every(56, 4, 89)) ones.push_back(b);
        const auto path = solveBars(evidence(89, ones), 4);
        QCOMPARE(onesOf(*path), ones);
        QCOMPARE(path->odd, 8);
        QVERIFY(std::abs(path->score - (2.0 * static_cast<double>(ones.size()) - 2 * BarPrices{}.change)) <
                1e-9); // there and back, whatever it lasts
        BarConstraints known;
        known.ones = {36}; // a stated 1 inside it binds
        const auto bound = onesOf(*solveBars(evidence(89, ones), 4, {}, known));
        QVERIFY(std::find(bound.begin(), bound.end(), std::size_t{36}) != bound.end());
    }
    void oneWeakBeatDoesNotMakeAnOddBar() {
        std::vector<double> one = evidence(64, every(0, 4, 64));
        one[20] = -1.0;
        one[21] = 1.5; // an accent a beat late
        QCOMPARE(solveBars(one, 4)->odd, 0);
    }
    void factsBindHard() {
        const std::vector<double> one = evidence(64, every(0, 4, 64));
        BarConstraints known;
        known.ones = {18};
        const auto path = solveBars(one, 4, {}, known);
        QVERIFY(path);
        const auto ones = onesOf(*path);
        QVERIFY(std::find(ones.begin(), ones.end(), std::size_t{18}) != ones.end());
        known.ones.clear();
        known.lengths = {{20, 7}};
        const auto seven = onesOf(*solveBars(one, 4, {}, known));
        const auto at = std::find(seven.begin(), seven.end(), std::size_t{20});
        QVERIFY(at != seven.end());
        QCOMPARE(*std::next(at), std::size_t{27});
        known.lengths = {{20, 7}};
        known.notOnes = {20};
        QVERIFY(!solveBars(one, 4, {}, known)); // they exclude each other
    }
    /// Where odd bars may begin only near some places, none begins elsewhere, whatever speaks for it; a fact may still
    /// demand one.
    void oddBarsStayWhereTheyAreAllowed() {
        std::vector<double> one = evidence(48, every(0, 4, 16));
        for (std::size_t b : every(14, 4, 48))
            one[b] = 3; // as if a bar of two came before 14, and everything after it were shifted
        for (std::size_t b : every(16, 4, 48)) one[b] = -3;
        const auto free = solveBars(one, 4);
        QVERIFY(free && free->odd == 1);
        BarConstraints far;
        far.oddNear = std::vector<std::size_t>{40};
        const auto kept = solveBars(one, 4, {}, far);
        QVERIFY(kept.has_value());
        std::size_t beat = kept->pickup;
        for (std::size_t b = 0; b + 1 < kept->lengths.size(); ++b) {
            QVERIFY(kept->lengths[b] == 4 || (beat >= 36 && beat <= 44));
            beat += static_cast<std::size_t>(kept->lengths[b]);
        }
        BarConstraints none;
        none.oddNear.emplace();
        QCOMPARE(solveBars(one, 4, {}, none)->odd, 0);
        none.lengths = {{8, 2}};
        const auto demanded = solveBars(one, 4, {}, none);
        QVERIFY(demanded && demanded->odd == 1 && demanded->lengths[2] == 2);
        none.ones = {2, 12}; // two facts that leave ten beats between them
        none.lengths.clear();
        QVERIFY(solveBars(one, 4, {}, none)->odd >= 1);
    }
    void nothingGivesNothing() {
        QVERIFY(!solveBars({}, 4));
        QVERIFY(solvePhrases({}).empty());
    }
    void thePathIsTheBestThereIs() {
        const bool holds = rc::check("solveBars equals brute force", [] {
            const auto n = *rc::gen::inRange<std::size_t>(1, 15);
            const int usual = *rc::gen::inRange(2, 6);
            std::vector<double> one;
            for (std::size_t b = 0; b < n; ++b) one.push_back(*rc::gen::inRange(-40, 41) / 10.0);
            const auto path = solveBars(one, usual);
            RC_ASSERT(path.has_value());
            RC_ASSERT(std::abs(path->score - bruteForce(one, usual, {})) < 1e-9);
        });
        QVERIFY(holds);
    }
    void factsAreAlwaysHonoured() {
        const bool holds = rc::check("every stated 1 is a 1, bars never overlap and cover all beats", [] {
            const auto n = *rc::gen::inRange<std::size_t>(8, 60);
            std::vector<double> one;
            for (std::size_t b = 0; b < n; ++b) one.push_back(*rc::gen::inRange(-40, 41) / 10.0);
            BarConstraints known;
            for (int k = *rc::gen::inRange(0, 5); k > 0; --k)
                known.ones.push_back(*rc::gen::inRange<std::size_t>(0, n));
            const auto path = solveBars(one, *rc::gen::inRange(2, 6), {}, known);
            RC_ASSERT(path.has_value());
            const auto ones = onesOf(*path);
            for (std::size_t b : known.ones) RC_ASSERT(std::find(ones.begin(), ones.end(), b) != ones.end());
            std::size_t covered = path->pickup;
            for (int length : path->lengths) {
                RC_ASSERT(length > 0);
                covered += static_cast<std::size_t>(length);
            }
            RC_ASSERT(covered == n);
        });
        QVERIFY(holds);
    }
    void phrasesFollowTheirEvidenceAndTheirFacts() {
        std::vector<double> starts(40, -2);
        for (std::size_t b : {8U, 16U, 24U, 32U}) starts[b] = 2;
        QCOMPARE(solvePhrases(starts), (std::vector<std::size_t>{8, 8, 8, 8, 8}));
        PhraseConstraints known;
        known.starts = {11};
        known.notStarts = {16};
        const auto phrases = solvePhrases(starts, known);
        std::vector<std::size_t> begins{0};
        for (std::size_t length : phrases) begins.push_back(begins.back() + length);
        QVERIFY(std::find(begins.begin(), begins.end(), std::size_t{11}) != begins.end());
        QVERIFY(std::find(begins.begin(), begins.end(), std::size_t{16}) == begins.end());
        QCOMPARE(begins.back(), std::size_t{40});
    }
    /// Against every way there is to cut so many bars into phrases, without a line of the program's search.
    void phrasesAreTheBestThereAre() {
        const bool holds = rc::check("solvePhrases equals brute force", [] {
            const auto n = *rc::gen::inRange<std::size_t>(1, 13);
            std::vector<double> starts;
            for (std::size_t b = 0; b < n; ++b) starts.push_back(*rc::gen::inRange(-60, 61) / 10.0);
            const auto worth = [&](const std::vector<std::size_t>& lengths) {
                double sum = 0;
                std::size_t bar = 0;
                for (std::size_t length : lengths) {
                    const bool last = bar + length == n;
                    sum += (bar == 0 ? 0 : starts[bar]) -
                           phraseLengthPrice(length, false) * (last && length < 8 ? 0.3 : 1.0);
                    bar += length;
                }
                return sum;
            };
            double best = -1e18;
            for (std::size_t cuts = 0; cuts < std::size_t{1} << (n - 1);
                 ++cuts) { // a cut, or none, before every bar but the first
                std::vector<std::size_t> lengths{1};
                for (std::size_t b = 1; b < n; ++b) {
                    if (cuts >> (b - 1) & 1)
                        lengths.push_back(1);
                    else
                        ++lengths.back();
                }
                best = std::max(best, worth(lengths));
            }
            const auto solved = solvePhrases(starts);
            RC_ASSERT(std::abs(worth(solved) - best) < 1e-9);
        });
        QVERIFY(holds);
    }
    void unusualLengthsCostMore() {
        for (std::size_t bars = 1; bars <= 40; ++bars)
            QVERIFY(phraseLengthPrice(8, false) <= phraseLengthPrice(bars, false));
        QVERIFY(phraseLengthPrice(4, false) < phraseLengthPrice(5, false));
        QVERIFY(phraseLengthPrice(16, false) < phraseLengthPrice(15, false));
        QVERIFY(2 * phraseLengthPrice(8, false) < phraseLengthPrice(16, false)); // without any sign, eight and eight
    }
    void anOddBarStandsBehindTheFullBarsOfItsPhrase_data() {
        using Phrases = std::vector<std::size_t>;
        QTest::addColumn<Phrases>("phrases");
        QTest::addColumn<int>("odd");      // which bar has two beats
        QTest::addColumn<double>("heard"); // how much more speaks for the 1 after it than for the moved one
        QTest::addColumn<Phrases>("settled");
        QTest::addColumn<int>("then");
        QTest::newRow("before the last bar") << Phrases{8, 8} << 6 << 0.0 << Phrases{8, 8} << 7;
        QTest::newRow("the next is a bar longer") << Phrases{8, 9} << 7 << 0.0 << Phrases{9, 8} << 8;
        QTest::newRow("the next is one bar") << Phrases{8, 1, 8} << 7 << 0.0 << Phrases{9, 8} << 8;
        QTest::newRow("the next is as long") << Phrases{8, 8} << 7 << 0.0 << Phrases{8, 8} << 7;
        QTest::newRow("the sound speaks for it") << Phrases{8, 9} << 7 << 3.0 << Phrases{8, 9} << 7;
    }
    void anOddBarStandsBehindTheFullBarsOfItsPhrase() {
        QFETCH(std::vector<std::size_t>, phrases);
        QFETCH(int, odd);
        QFETCH(double, heard);
        QFETCH(std::vector<std::size_t>, settled);
        QFETCH(int, then);
        std::size_t bars = 0;
        for (std::size_t count : phrases) bars += count;
        std::vector<int> lengths(bars, 4);
        lengths[static_cast<std::size_t>(odd)] = 2;
        const SongMap before = mapOf(lengths, phrases);
        std::vector<double> one(before.beats.size(), 0);
        one[before.bars[static_cast<std::size_t>(odd) + 1].firstBeat] = heard;
        const auto nothing = [](const auto&) { return false; };
        const auto all = [](const auto&) { return true; };
        SongMap map = before;
        settleOddBars(map, {nothing, nothing, one, 1});
        QVERIFY(validate(map));
        QCOMPARE(phrasesOf(map), settled);
        lengths[static_cast<std::size_t>(odd)] = 4;
        lengths[static_cast<std::size_t>(then)] = 2;
        QCOMPARE(lengthsOf(map), lengths);
        // what a person said stays
        map = before;
        settleOddBars(map, {all, nothing, one, 1});
        QVERIFY(map == before);
        settleOddBars(map, {nothing, all, one, 1});
        QCOMPARE(phrasesOf(map), phrases);
    }
    void returningPhrasesHaveTheSameName() {
        // bars alike within two kinds of phrase, 0 and 1, and with nothing in between
        const std::vector<std::size_t> phrases{2, 4, 4, 4, 4, 1};
        const std::vector<int> kind{9, 9, 0, 0, 0, 0, 1, 1, 1, 1, 0, 0, 0, 0, 1, 1, 1, 1, 8};
        std::vector<std::vector<float>> alike(kind.size(), std::vector<float>(kind.size(), 0.0F));
        for (std::size_t i = 0; i < kind.size(); ++i)
            for (std::size_t j = 0; j < kind.size(); ++j) alike[i][j] = kind[i] == kind[j] ? 0.9F : -0.2F;
        const auto names = phraseNames(phrases, alike);
        QStringList shown;
        for (const auto& name : names) shown << test::q(name);
        QCOMPARE(shown.join(", "), "Intro, Tune I 1, Tune II 1, Tune I 2, Tune II 2, Ending");
    }
};

LIFTCOUNT_TEST(BarPathTest)
#include "tst_bar_path.moc"
