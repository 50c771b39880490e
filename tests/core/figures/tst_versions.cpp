// Versions of a rhythm against plain enumeration, and against what a dancer works out on fingers.
#include "support/core_support.h"

#include "core/figures/versions.h"
#include "core/notation/notation_print.h"

#include <rapidcheck.h>

#include <set>

using namespace lc;

namespace {

std::vector<RhythmVersion> versionsOf(const std::string& line, const VersionsAsked& asked,
                                      const NotationChoices& choices = {}) {
    return test::must(rhythmVersions(line, asked, choices));
}

std::string stepsLine(int steps) {
    std::string out;
    for (int n = 1; n <= steps; ++n) out += std::to_string(n) + " ";
    return out;
}

/// Lengths in quarters of a count, as a key.
std::vector<std::int64_t> lengthsOf(const std::vector<Action>& actions) {
    std::vector<std::int64_t> out;
    for (const Action& a : actions) out.push_back(a.length.value / (ticksPerCount / 4));
    return out;
}

std::uint64_t binomial(std::uint64_t n, std::uint64_t k) { // Pascal's triangle, by addition
    std::vector<std::uint64_t> row(k + 1, 0);
    row[0] = 1;
    for (std::uint64_t i = 0; i < n; ++i)
        for (std::uint64_t j = k; j > 0; --j) row[j] += row[j - 1];
    return row[k];
}

/// Every length of every step between one and `longest` counts that adds up: by counting through all numbers in base
/// `longest`.
std::set<std::vector<std::int64_t>> everyStretch(int steps, int times, int longest) {
    std::set<std::vector<std::int64_t>> out;
    std::vector<std::int64_t> digits(static_cast<std::size_t>(steps), 0);
    while (true) {
        std::int64_t sum = 0;
        for (std::int64_t d : digits) sum += d;
        if (sum == times) {
            std::vector<std::int64_t> lengths;
            for (std::int64_t d : digits) lengths.push_back(4 * (1 + d));
            out.insert(lengths);
        }
        std::size_t at = 0;
        while (at < digits.size() && ++digits[at] == longest) digits[at++] = 0;
        if (at == digits.size()) return out;
    }
}

/// Every way to let pairs share a count: by trying all subsets of the gaps between neighbours.
std::set<std::vector<std::int64_t>> everyDoubling(int steps, int pairs) {
    std::set<std::vector<std::int64_t>> out;
    for (unsigned subset = 0; subset < 1U << (steps - 1); ++subset) {
        std::vector<std::int64_t> lengths(static_cast<std::size_t>(steps), 4);
        int chosen = 0;
        bool twice = false;
        for (int i = 0; i + 1 < steps; ++i) {
            if (!(subset >> i & 1U)) continue;
            ++chosen;
            for (int s : {i, i + 1}) {
                twice = twice || lengths[static_cast<std::size_t>(s)] == 2;
                lengths[static_cast<std::size_t>(s)] = 2;
            }
        }
        if (chosen == pairs && !twice) out.insert(lengths);
    }
    return out;
}

} // namespace

class VersionsTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// A five-step figure, one step stretched: five versions of six counts, two counts left in the eight.
    void s08FiveStepsStretched() {
        const auto all = versionsOf("1 2 3 4 5", {});
        QCOMPARE(all.size(), std::size_t{5});
        for (std::size_t v = 0; v < 5; ++v) {
            QCOMPARE(all[v].length, counts(6));
            QCOMPARE(all[v].remainder, counts(2));
            QCOMPARE(all[v].changedSteps, std::vector<std::size_t>{v + 1});
            QVERIFY((all[v].feet == std::vector<Foot>{Foot::Left, Foot::Right, Foot::Left, Foot::Right,
                                                      Foot::Left})); // five changes: the other foot is free after
        }
        QCOMPARE(test::q(all[2].notation), "1 2 3:2 5 6");
        QCOMPARE(test::q(all[2].name), "6 + 2, step 3");
    }
    /// One pair doubled: of the four versions three have their last step on count 4.
    void s08FiveStepsDoubled() {
        VersionsAsked asked;
        asked.change = RhythmChange::Double;
        const auto all = versionsOf("1 2 3 4 5", asked);
        QCOMPARE(all.size(), std::size_t{4});
        QCOMPARE(
            std::count_if(all.begin(), all.end(), [](const RhythmVersion& v) { return v.lastStepAt == counts(3); }), 3);
        QCOMPARE(test::q(all[3].notation), "1 2 3 4 &");
        QVERIFY(all[3].lastStepAt == countFraction(7, 2));
        QCOMPARE(test::q(all[1].name), "4 + 4, steps 2 and 3");
    }
    /// Six steps in eight counts: C(6,2) = 15 with two steps of two counts, 21 if one may last three.
    void s08SixStepsInEight() {
        VersionsAsked asked;
        asked.times = 2;
        const auto all = versionsOf("1 2 3 4 5 6", asked);
        QCOMPARE(all.size(), std::size_t{15});
        for (const RhythmVersion& v : all) QVERIFY(v.length == counts(8) && v.remainder == Tick{});
        QCOMPARE(test::q(all.front().name), "8, steps 1 and 2");
        asked.longest = 3;
        QCOMPARE(versionsOf("1 2 3 4 5 6", asked).size(), std::size_t{21});
    }
    void stretchingFindsEveryWay() {
        for (int steps = 1; steps <= 8; ++steps)
            for (int times = 1; times <= 4; ++times)
                for (int longest = 2; longest <= 4; ++longest) {
                    VersionsAsked asked;
                    asked.times = times;
                    asked.longest = longest;
                    std::set<std::vector<std::int64_t>> found;
                    if (const auto all = rhythmVersions(stepsLine(steps), asked))
                        for (const RhythmVersion& v : *all) {
                            QVERIFY(v.length == counts(steps + times));
                            QVERIFY(found.insert(lengthsOf(v.actions)).second); // none twice
                        }
                    QCOMPARE(found, everyStretch(steps, times, longest));
                    if (longest == 2)
                        QCOMPARE(found.size(),
                                 binomial(static_cast<std::uint64_t>(steps), static_cast<std::uint64_t>(times)));
                }
    }
    void doublingFindsEveryWay() {
        for (int steps = 1; steps <= 12; ++steps)
            for (int pairs = 1; pairs <= 6; ++pairs) {
                VersionsAsked asked;
                asked.change = RhythmChange::Double;
                asked.times = pairs;
                std::set<std::vector<std::int64_t>> found;
                if (const auto all = rhythmVersions(stepsLine(steps), asked))
                    for (const RhythmVersion& v : *all) {
                        QVERIFY(v.length == counts(steps - pairs));
                        QVERIFY(found.insert(lengthsOf(v.actions)).second);
                    }
                QCOMPARE(found, everyDoubling(steps, pairs));
            }
    }
    /// Whatever the line: a version is danced by the same steps in the same order on the same feet, and its notation
    /// reads as it.
    void aVersionIsTheSameSteps() {
        const bool holds = rc::check("same steps, other lengths", [] {
            static const std::vector<std::string> lines{"1 side R 2 behind L 3 side R 4 touch",
                                                        "1 2 3&4 5 6 7&8",
                                                        "1 2 3 5 6 7",
                                                        "& 1 2 3",
                                                        "1 rock L 2 replace 3 1/4 R 4 clap 5 step",
                                                        "1 hop L 2 3 4 jump 5 step R 6",
                                                        "S Q Q S Q Q",
                                                        "1 2 3 wait 4 kick 5 flick 6",
                                                        "1:2 3 4 5 6 7 8 9 10"};
            const std::string line = *rc::gen::elementOf(lines);
            VersionsAsked asked;
            asked.change = *rc::gen::arbitrary<bool>() ? RhythmChange::Stretch : RhythmChange::Double;
            asked.times = *rc::gen::inRange(1, 3);
            NotationChoices choices;
            choices.feel = *rc::gen::element(Feel::Straight, Feel::Swing, Feel::RollingThirds);
            const auto all = rhythmVersions(line, asked, choices);
            RC_PRE(all.has_value());
            const NotationReading plain = readNotation(line, choices);
            const auto feet = followFeet(plain.actions, footNeeded(plain.actions).value_or(Foot::Left));
            for (const RhythmVersion& v : *all) {
                RC_ASSERT(v.actions.size() == plain.actions.size());
                std::size_t foot = 0;
                for (std::size_t i = 0; i < plain.actions.size(); ++i) {
                    RC_ASSERT(v.actions[i].words == plain.actions[i].words);
                    RC_ASSERT(v.actions[i].turn == plain.actions[i].turn);
                    if (feet[i].foot) RC_ASSERT(v.feet[foot++] == *feet[i].foot);
                    if (i > 0) RC_ASSERT(v.actions[i].at == v.actions[i - 1].end());
                }
                NotationReading meant;
                meant.actions = v.actions;
                meant.length = v.length;
                RC_LOG() << line << " -> " << v.notation << "\n";
                RC_ASSERT(sameDance(readNotation(v.notation, choices), meant));
                RC_ASSERT((v.length.value + v.remainder.value) % asked.to.value == 0);
                RC_ASSERT(v.remainder >= Tick{} && v.remainder < asked.to);
            }
        });
        QVERIFY(holds);
    }
    void onlyWholeStepsChange() {
        VersionsAsked asked;
        QCOMPARE(versionsOf("1 2 3&4", asked).size(), std::size_t{3});    // 3 and its & are halves
        QCOMPARE(versionsOf("1 2 clap 3", asked).size(), std::size_t{2}); // the clap has no foot
        asked.change = RhythmChange::Double;
        QCOMPARE(versionsOf("1 2 4 5", asked).size(), std::size_t{2}); // no pair across the silent 3
        QCOMPARE(versionsOf("1 2 3", asked, {Feel::Swing, counts(2), counts(1)}).front().actions[0].length,
                 countFraction(2, 3));
    }
    void whatCannotBeIsSaid_data() {
        QTest::addColumn<QString>("line");
        QTest::addColumn<int>("times");
        QTest::addColumn<QString>("sentence");
        QTest::newRow("too few")
            << "1 2" << 3 << "The steps of this line can be stretched by 2 counts at most. Ask for no more than that.";
        QTest::newRow("none")
            << "1:2 3:2" << 1
            << "No step of this line lasts exactly one count; only such steps are stretched or doubled.";
        QTest::newRow("one too many of a long line")
            << "1-40 walk" << 41
            << "The steps of this line can be stretched by 40 counts at most. Ask for no more than that."; // tried
                                                                                                           // every way
                                                                                                           // once
        QTest::newRow("too many")
            << "1-40 walk" << 10
            << "There are more than 20,000 versions of this line. Change fewer steps, or a shorter line.";
        QTest::newRow("no line") << "1 %" << 1
                                 << "Counts, character 3: “%” means nothing here. Write counts, words, L or R.";
        QTest::newRow("nothing asked")
            << "1 2" << 0
            << "A version changes one step or more, stretches it to two counts or more, and fills more than nothing.";
    }
    void whatCannotBeIsSaid() {
        QFETCH(QString, line);
        QFETCH(int, times);
        QFETCH(QString, sentence);
        VersionsAsked asked;
        asked.times = times;
        const auto all = rhythmVersions(line.toStdString(), asked);
        QVERIFY(!all);
        QCOMPARE(test::q(all.error().message), sentence);
    }
    void pairsThatCannotBeAreSaid_data() {
        QTest::addColumn<QString>("line");
        QTest::addColumn<int>("pairs");
        QTest::addColumn<QString>("sentence");
        QTest::newRow("one too many of a long line")
            << "1-60 walk" << 31 << "At most 30 pairs of this line can share a count. Ask for no more than that.";
        QTest::newRow("threes give one pair each")
            << "1 2 3 5 6 7 9 10 11" << 4
            << "At most 3 pairs of this line can share a count. Ask for no more than that.";
        QTest::newRow("one pair") << "1 2 4" << 2
                                  << "At most one pair of this line can share a count. Ask for no more than that.";
        QTest::newRow("nobody follows")
            << "1 3 5" << 1 << "No two steps of one count follow each other in this line, so none can share a count.";
    }
    void pairsThatCannotBeAreSaid() {
        QFETCH(QString, line);
        QFETCH(int, pairs);
        QFETCH(QString, sentence);
        VersionsAsked asked;
        asked.change = RhythmChange::Double;
        asked.times = pairs;
        const auto all = rhythmVersions(line.toStdString(), asked);
        QVERIFY(!all);
        QCOMPARE(test::q(all.error().message), sentence);
    }
    /// As many as there can be, of a long line: found without trying the ways that lead nowhere.
    void theMostThatCanBeIsFoundAtOnce() {
        VersionsAsked asked;
        asked.times = 200;
        QCOMPARE(versionsOf("1-200 walk", asked).size(), std::size_t{1});
        asked.change = RhythmChange::Double;
        asked.times = 100;
        QCOMPARE(versionsOf("1-200 walk", asked).size(), std::size_t{1});
    }
};

LIFTCOUNT_TEST(VersionsTest)
#include "tst_versions.moc"
