#include "support/plan_support.h"

#include "core/planning/phrase_plan.h"

#include <random>
#include <set>
#include <tuple>

using namespace lc;
using test::must;
using test::ticks;

namespace {

PhrasePlanAsked asked(const std::vector<int>& phrases, int dance, const std::vector<int>& cuts = {8, 16, 24},
                      const std::vector<int>& tags = {2, 4, 8}) {
    PhrasePlanAsked a;
    a.phrases = ticks(phrases);
    a.dance = counts(dance);
    a.cuts = ticks(cuts);
    a.tags = ticks(tags);
    return a;
}

// The same question answered without cleverness: every plan is made, charged and put in order. Nothing of the planner
// is used; whole counts only.
struct Brute {
    std::vector<int> phrases;
    int dance = 0;
    std::vector<int> cuts, tags;
    int miss = 10, restart = 3, tag = 2, kind = 2;

    struct Plan {
        int cost = 0;
        int first = 1'000'000; // where the first exception is
        int exceptions = 0;
        std::vector<int> starts, lengths, tagged;
        QString passes() const {
            QStringList out;
            for (std::size_t i = 0; i < starts.size(); ++i)
                out << QString("%1:%2").arg(starts[i]).arg(lengths[i]) +
                           (tagged[i] > 0 ? QString("+%1").arg(tagged[i]) : QString());
            return out.join(' ');
        }
        auto key() const { return std::tuple(cost, -first, exceptions, starts, lengths, tagged); }
    };
    static constexpr std::size_t most = 1500;
    std::vector<Plan> all;

    bool make() {
        int end = 0;
        std::set<int> begins;
        for (int p : phrases) {
            begins.insert(end);
            end += p;
        }
        Plan none;
        from(0, end, begins, none);
        if (all.size() > most) return false;
        for (Plan& plan : all) charge(plan, begins);
        std::sort(all.begin(), all.end(), [](const Plan& a, const Plan& b) { return a.key() < b.key(); });
        return true;
    }

    void from(int at, int end, const std::set<int>& begins, const Plan& so) {
        if (all.size() > most) return;
        const auto with = [&](int length, int tagLength) {
            Plan plan = so;
            plan.starts.push_back(at);
            plan.lengths.push_back(length);
            plan.tagged.push_back(tagLength);
            const int next = at + length + tagLength;
            if (next >= end)
                all.push_back(plan);
            else
                from(next, end, begins, plan);
        };
        with(dance, 0);
        if (at + dance < end)
            for (int t : tags) with(dance, t);
        for (int c : cuts) {
            if (at + c >= end) continue;
            with(c, 0);
            for (int t : tags) with(c, t);
        }
    }

    void charge(Plan& plan, const std::set<int>& begins) const {
        std::set<int> cutKinds, tagKinds;
        for (std::size_t i = 0; i < plan.starts.size(); ++i) {
            int here = 0;
            if (begins.count(plan.starts[i]) == 0) plan.cost += miss, ++here;
            if (plan.lengths[i] != dance) plan.cost += restart, cutKinds.insert(plan.lengths[i]), ++here;
            if (plan.tagged[i] > 0) plan.cost += tag, tagKinds.insert(plan.tagged[i]), ++here;
            if (here > 0) plan.first = std::min(plan.first, plan.starts[i]);
            plan.exceptions += here;
        }
        plan.cost += kind * static_cast<int>(cutKinds.size() + tagKinds.size());
    }
};

} // namespace

class PhrasePlanTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// Phrases 32 32 16 32 32, a 32-count dance with ¼ L completed at 28: one restart after 16 in pass 3.
    void oneRestartPutsFivePhrasesRight() {
        PhrasePlanAsked a = asked({32, 32, 16, 32, 32}, 32);
        a.turns = must(parseTurns("-1/4@28"));
        const PhrasePlans plans = must(planPhrases(a));
        const PhrasePlan& best = plans.plans.front();
        QCOMPARE(best.cost, 5);
        QCOMPARE(best.misses, 0);
        QCOMPARE(test::passesOf(best), "0:32 32:32 64:16 80:32 112:32");
        QCOMPARE(test::facingsOf(best), "12 9 6 6 3");
        QCOMPARE(test::q(toClock(best.endingFacing)), "12");
        QCOMPARE(best.ending, counts(32));
        QVERIFY(plans.plans[1].cost > 5);
    }
    void tagsForPhrasesThatAreFourTooLong() {
        const PhrasePlans plans = must(planPhrases(asked({32, 36, 32, 32, 36, 32}, 32)));
        QCOMPARE(plans.plans.front().cost, 6); // a tag of 4 twice: 2 + 2 and one kind
        QCOMPARE(test::passesOf(plans.plans.front()), "0:32 32:32+4 68:32 100:32 132:32+4 168:32");
    }
    void againstEveryPlanThatThereIs() {
        std::mt19937 dice(20261126);
        const auto roll = [&](int from, int to) { return std::uniform_int_distribution(from, to)(dice); };
        const auto some = [&](int most, int from, int to) {
            std::set<int> once;
            for (int n = roll(0, most); n > 0; --n) once.insert(roll(from, to));
            return std::vector<int>(once.begin(), once.end());
        };
        int several = 0, cases = 0; // `several`: optima of two or more exceptions
        while (cases < test::cases(4000)) {
            Brute brute;
            brute.dance = roll(3, 8);
            for (int n = roll(2, 6); n > 0; --n) brute.phrases.push_back(roll(2, 8));
            brute.cuts = some(3, 2, brute.dance - 1);
            brute.tags = some(3, 1, 5);
            brute.miss = roll(0, 9) == 0 ? 0 : roll(3, 12);
            std::tie(brute.restart, brute.tag, brute.kind) = std::tuple(roll(0, 4), roll(0, 4), roll(0, 3));
            if (!brute.make()) continue; // too many to try
            PhrasePlanAsked a = asked(brute.phrases, brute.dance, brute.cuts, brute.tags);
            a.costs = {brute.miss, brute.restart, brute.tag, brute.kind};
            a.most = static_cast<std::size_t>(roll(1, 8));
            const PhrasePlans plans = must(planPhrases(a));
            QCOMPARE(plans.plans.size(), std::min(a.most, brute.all.size()));
            for (std::size_t i = 0; i < plans.plans.size(); ++i) {
                const PhrasePlan& mine = plans.plans[i];
                const Brute::Plan& theirs = brute.all[i];
                QCOMPARE(mine.cost, theirs.cost);
                QCOMPARE(test::passesOf(mine), theirs.passes());
            }
            QCOMPARE(plans.nextCost, brute.all.size() > a.most ? brute.all[a.most].cost : -1);
            ++cases;
            several += brute.all.front().exceptions >= 2;
        }
        qInfo("%d cases, %d of them with two or more exceptions in the best plan", cases, several);
        QVERIFY(several * 3 >= cases);
    }
    void aTagMayReachTheEndAndACutMayNot() {
        PhrasePlanAsked a = asked({10}, 8, {4}, {2, 8});
        a.most = 20;
        for (const PhrasePlan& plan : must(planPhrases(a)).plans) {
            const PlannedPass& last = plan.passes.back();
            QVERIFY(!last.cut || last.start + last.counts < counts(10));
            QVERIFY(last.start + last.counts + last.tag >= counts(10));
        }
        QCOMPARE(test::passesOf(must(planPhrases(a)).plans[0]),
                 "0:8+2"); // 2 + 2: cheaper than a second pass that misses
    }
    void aDanceLongerThanTheSongIsCutOffByIt() {
        const PhrasePlan plan = must(planPhrases(asked({16, 4}, 32))).plans.front();
        QCOMPARE(test::passesOf(plan), "0:32");
        QCOMPARE(plan.cost, 0);
        QCOMPARE(plan.ending, counts(20));
    }
    void aTurnIsDoneWithItsCount_data() {
        QTest::addColumn<int>("cut");
        QTest::addColumn<QString>("facing");
        QTest::newRow("after 28") << 28 << "3";
        QTest::newRow("after 27") << 27 << "12";
    }
    void aTurnIsDoneWithItsCount() {
        QFETCH(int, cut);
        PhrasePlanAsked a = asked({cut, 32}, 32, {cut}, {});
        a.turns = must(parseTurns("1/4@28"));
        const PhrasePlan plan = must(planPhrases(a)).plans.front();
        QCOMPARE(test::passesOf(plan), QString("0:%1 %1:32").arg(cut));
        QTEST(test::q(toClock(plan.passes[1].facing)), "facing");
    }
    void fractionsAreExact() {
        PhrasePlanAsked a = asked({32, 32}, 32, {}, {});
        a.phrases = {countFraction(25, 2), counts(32)};
        a.cuts = {countFraction(25, 2)};
        QCOMPARE(test::passesOf(must(planPhrases(a)).plans.front()), "0:25/2 25/2:32");
    }
    void manyKindsAndALongMedleyStayExact() { // every cut and tag of a 32-count dance, on a song where nothing is
                                              // square: the cost is what a plan with one kind of each would need at
                                              // most
        std::vector<int> phrases, cuts;
        for (int i = 0; i < 60; ++i) phrases.push_back(i % 3 == 1 ? 28 : i % 7 == 2 ? 36 : 32);
        for (int c = 1; c < 32; ++c) cuts.push_back(c);
        const PhrasePlans plans = must(planPhrases(asked(phrases, 32, cuts, {1, 2, 3, 4, 5, 6, 7, 8})));
        int shorter = 0, longer = 0;
        for (int p : phrases) {
            shorter += p == 28;
            longer += p == 36;
        }
        QCOMPARE(plans.plans.front().misses, 0);
        QVERIFY(plans.plans.front().cost <= shorter * 3 + longer * 2 + 4);
    }
    void badInputIsASentence_data() {
        QTest::addColumn<PhrasePlanAsked>("a");
        QTest::addColumn<QString>("says");
        const auto with = [](auto change) {
            PhrasePlanAsked a = asked({32, 32}, 32);
            change(a);
            return a;
        };
        QTest::newRow("no phrases") << with([](auto& a) { a.phrases.clear(); }) << "The song has no phrases";
        QTest::newRow("phrase of 0") << with([](auto& a) { a.phrases[1] = {}; }) << "A phrase has 0 counts";
        QTest::newRow("no dance") << with([](auto& a) { a.dance = {}; }) << "The dance has 0 counts";
        QTest::newRow("cut at the end") << with([](auto& a) { a.cuts.push_back(counts(32)); })
                                        << "A cut after 32 counts does not lie inside the dance of 32 counts";
        QTest::newRow("tag of 0") << with([](auto& a) { a.tags.push_back({}); }) << "A tag of 0 counts";
        QTest::newRow("cost below 0") << with([](auto& a) { a.costs.kind = -1; })
                                      << "The cost of each different kind is -1";
        QTest::newRow("turn outside") << with([](auto& a) {
            a.turns = {{{2}, counts(33)}};
        }) << "A turn done with count 33";
        QTest::newRow("too long") << with([](auto& a) { a.phrases.assign(4000, counts(32)); })
                                  << "longer than 100000 counts";
        QTest::newRow("thousands of cuts") << with([](auto& a) {
            a.dance = counts(5000);
            a.cuts.clear();
            for (int c = 1; c < 3000; ++c) a.cuts.push_back(counts(c));
        }) << "2999 different cuts";
    }
    void badInputIsASentence() {
        QFETCH(PhrasePlanAsked, a);
        QFETCH(QString, says);
        const auto plans = planPhrases(a);
        QVERIFY(!plans);
        QVERIFY2(test::q(plans.error().message).contains(says), plans.error().message.english().c_str());
    }
    void noCutsAndNoTagsIsAnswered() {
        const PhrasePlans plans = must(planPhrases(asked({32, 16, 32}, 32, {}, {})));
        QCOMPARE(plans.plans.size(), 1U);
        QCOMPARE(plans.nextCost, -1);
        QCOMPARE(plans.plans.front().misses, 1);
        QCOMPARE(plans.plans.front().cost, 10);
    }
    void turnsAndCostsAreRead() {
        const auto turns = must(parseTurns("1/4@12, -1/2@40,+3/8@41"));
        QCOMPARE(turns.size(), 3U);
        QCOMPARE(turns[1].turn.value, -4);
        QCOMPARE(turns[2].turn.value, 3);
        QCOMPARE(turns[2].at, counts(41));
        QVERIFY(must(parseTurns(" ")).empty());
        for (const char* bad : {"1/4", "quarter@3", "1/3@4", "1/4@x"}) QVERIFY2(!parseTurns(bad), bad);
        QCOMPARE(must(parseCosts("restart=7, kind=0")).restart, 7);
        QCOMPARE(must(parseCosts("restart=7, kind=0")).miss, 10);
        for (const char* bad : {"restart", "cut=3", "miss=1.5", "miss="}) QVERIFY2(!parseCosts(bad), bad);
    }
};

LIFTCOUNT_TEST(PhrasePlanTest)
#include "tst_phrase_plan.moc"
