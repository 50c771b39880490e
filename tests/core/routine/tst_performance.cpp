#include "support/core_support.h"

#include <rapidcheck.h>

using namespace lc;
using test::danced;

class PerformanceTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void passesFollowOneAnother() {
        Document d = test::withLine(test::withLine(test::documentOn("intro 16 | verse 160"), "A", test::walk(32)), "B",
                                    test::walk(16));
        d = test::withOrder(d, "A A B A");
        d = test::tagged(test::cut(d, 2, 8), 3, 4);
        QCOMPARE(test::starts(danced(d)).join(' '), "1 33 41 61");
        d = test::must(applyEdit(d, SetStart{8.0}));
        QCOMPARE(test::starts(danced(d)).join(' '), "17 49 57 77");
        d = test::must(applyEdit(d, SetStart{8.2})); // the nearest count
        QCOMPARE(danced(d).start, counts(16));
    }
    void aTurnCountsOnlyWhenItIsDone() {
        Document d =
            test::withOrder(test::withLine(test::documentOn("verse 64"), "A", test::walk(32, {{28, "1/4 R"}})), "A A");
        QCOMPARE(test::facings(danced(test::cut(d, 1, 28))).join(' '), "12 3");
        QCOMPARE(test::facings(danced(test::cut(d, 1, 27))).join(' '), "12 12");
        QVERIFY(danced(test::cut(d, 1, 27)).passes[0].cutTurns.empty()); // it had not begun
        Document longTurn =
            test::withOrder(test::withLine(test::documentOn("verse 64"), "A", "1-3 walk 4:2 1/2 L 6-8 walk"), "A A");
        const Performance p = danced(test::cut(longTurn, 1, 4));
        QCOMPARE(p.passes[0].cutTurns.size(), std::size_t{1});
        QCOMPARE(p.passes[0].cutTurns[0].end, counts(5));
        QCOMPARE(test::facings(p).join(' '), "12 12");
        QCOMPARE(test::facings(danced(test::cut(longTurn, 1, 5))).join(' '), "12 6");
    }
    void theFreeFootIsFollowedThroughTheJoints() {
        Document d = test::withOrder(test::withLine(test::documentOn("verse 64"), "A",
                                                    "1 side R 2 close 3 side 4 touch 5 side L 6 close 7 side 8 touch"),
                                     "A A A");
        Performance p = danced(d);
        QVERIFY(p.passes[0].roles[0].freeIn == Foot::Right);
        QVERIFY(p.passes[1].roles[0].freeIn == Foot::Right);
        p = danced(test::cut(d, 1, 4));
        QVERIFY(p.passes[1].roles[0].freeIn == Foot::Left);
        QVERIFY(p.passes[1].roles[0].needs == Foot::Right);
        d = test::must(applyEdit(test::cut(d, 1, 4), SetLastChangeIsTouch{test::pass(d, 1).id, true}));
        p = danced(d);
        QVERIFY(p.passes[1].roles[0].freeIn == Foot::Right);
        QVERIFY(p.roles[0][2].kind == ActionKind::NoWeight);
    }
    void aPassThatSaysNoFootFollowsWhicheverIsFree() {
        Document d = test::withOrder(test::withLine(test::documentOn("verse 64"), "A", "1 2 3"), "A A A");
        const Performance p = danced(d);
        QVERIFY(p.passes[1].roles[0].freeIn == Foot::Right);
        QVERIFY(p.passes[2].roles[0].freeIn == Foot::Left);
        QVERIFY(!p.passes[1].roles[0].needs);
    }
    void aRoleThatWaitsSaysSo() {
        Document d = test::must(applyEdit(test::documentOn("verse 64"), AddRole{"follower"}));
        d = test::withLine(test::withLine(d, "A", "1-8 walk"), "A", "1-6 walk", 1);
        d = test::tagged(test::withOrder(d, "A A"), 1, 2);
        const Performance p = danced(d);
        QCOMPARE(p.passes[0].roles[1].counts, counts(6));
        const PerformedAction& wait = p.roles[1][6];
        QVERIFY(wait.kind == ActionKind::Wait);
        QCOMPARE(wait.at, counts(6));
        QCOMPARE(wait.length, counts(2)); // of the part, where its line has nothing
        QVERIFY(p.roles[1][7].kind == ActionKind::Wait);
        QCOMPARE(p.roles[1][7].length, counts(2)); // of the tag
    }
    void theRunningCountBeginsAnewAfterARestart() {
        Document d =
            test::withOrder(test::withLine(test::documentOn("verse 64 | verse 64"), "A", test::walk(12)), "A A A");
        const auto running = [](const Performance& p, std::size_t i) {
            return runningCount(p.passes[i].start, p.passes[i].runningFrom, 8);
        };
        QCOMPARE(running(danced(d), 1), counts(5)); // passes do not reset it
        QCOMPARE(running(danced(test::cut(d, 1, 10)), 1), counts(1));
        d = test::tagged(d, 1, 2);
        QCOMPARE(running(danced(d), 1), counts(7));
        d = test::must(applyEdit(d, SetTag{test::pass(d, 1).id, Tag{counts(2), true}}));
        QCOMPARE(running(danced(d), 1), counts(1));
        QCOMPARE(runningCount(counts(-1), counts(0), 8), counts(8));
    }
    void passesAreFoundByTheirPlace() {
        Document d = test::tagged(
            test::withOrder(test::withLine(test::documentOn("verse 64"), "A", test::walk(8)), "A A"), 1, 2);
        const Performance p = danced(d);
        QVERIFY(!passAt(p, counts(-1)));
        QCOMPARE(*passAt(p, counts(9)), std::size_t{0}); // its tag
        QCOMPARE(*passAt(p, counts(10)), std::size_t{1});
        QVERIFY(!passAt(p, counts(18)));
    }
    void leadingStepsFallBeforeTheirPass() {
        Document d = test::withOrder(test::withLine(test::documentOn("verse 64"), "A", "&1 2 3 4"), "A A");
        const Performance p = danced(d);
        QCOMPARE(p.passes[1].start, counts(4));
        QCOMPARE(p.roles[0][5].at, counts(4) - countFraction(1, 2));
        QVERIFY(p.passes[1].roles[0].freeIn == Foot::Right); // five changes
    }
    void lawsHoldForAnyRoutine() {
        QVERIFY(rc::check("starts, facings and feet add up", [] {
            Document d = test::documentOn("a 32 | b 24 | c 32 | d 36 | e 64 | f 64");
            for (const char* name : {"A", "B"}) {
                std::string line;
                const int n = *rc::gen::inRange(1, 20);
                for (int i = 1; i <= n; ++i)
                    line += std::to_string(i) + *rc::gen::element<std::string>(" step ", " touch ", " wait ", " 1/4 R ",
                                                                               " step 1/8 L ", " & step ");
                d = test::withLine(d, name, line);
            }
            std::vector<PartId> order;
            for (int i : *rc::gen::container<std::vector<int>>(rc::gen::inRange(0, 2)))
                order.push_back(d.routine.parts[static_cast<std::size_t>(i)].id);
            d = test::must(applyEdit(d, SetOrder{order}));
            for (const Pass& p : std::vector<Pass>(d.routine.passes)) {
                if (*rc::gen::inRange(0, 3) == 0)
                    d = test::must(applyEdit(d, SetRestart{p.id, Restart{counts(*rc::gen::inRange(1, 20))}}));
                if (*rc::gen::inRange(0, 4) == 0)
                    d = test::must(applyEdit(d, SetTag{p.id, Tag{counts(*rc::gen::inRange(1, 5)), false}}));
            }
            const Performance p = danced(d);
            Tick start = p.start;
            int turned = 0;
            int changes = 0;
            for (const PassPerformance& pass : p.passes) {
                RC_ASSERT(pass.start == start);
                RC_ASSERT(pass.roles[0].facingIn.value == turned);
                if (pass.roles[0].freeIn != Foot::Both)
                    RC_ASSERT((pass.roles[0].freeIn == Foot::Left) == (changes % 2 == 0));
                for (std::size_t i = pass.roles[0].firstAction; i < pass.roles[0].endAction; ++i) {
                    const PerformedAction& a = p.roles[0][i];
                    RC_ASSERT(a.at + a.length <= pass.end());
                    if (a.kind == ActionKind::Step) ++changes;
                    if (a.action && a.action->end() <= pass.counts) turned += a.action->turn.value;
                }
                start += pass.counts + pass.tag;
            }
            RC_ASSERT(p.end == start);
        }));
    }
};

LIFTCOUNT_TEST(PerformanceTest)
#include "tst_performance.moc"
