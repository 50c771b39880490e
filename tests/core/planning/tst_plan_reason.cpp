#include "support/plan_support.h"

#include "core/landing/findings.h"
#include "core/planning/exception_rule.h"
#include "core/planning/exception_words.h"
#include "core/planning/plan_reason.h"

using namespace lc;
using test::gridOf;
using test::must;
using test::plansOf;
using test::ticks;

namespace {

QString why(const Document& d, const RoutinePlanWishes& wishes) {
    return test::q(whyNotAllLands(d, gridOf(d), wishes, plansOf(d, wishes)));
}
Document danceOf32(const std::string& song, int passes) {
    return test::withOrder(test::withLine(test::documentOn(song), "A", test::walk(32)), "A x" + std::to_string(passes));
}

} // namespace

class PlanReasonTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void allLandsNeedsNoReason() { QCOMPARE(why(danceOf32("a 32 | b 32", 2), {}), ""); }
    void whatCannotLandIsShown() {
        const Document d = danceOf32("verse 32 | chorus 35 | verse 32 | chorus 32", 4);
        RoutinePlanWishes wishes;
        wishes.cuts = ticks({8, 16});
        wishes.tags = ticks({4});
        const QString reason = why(d, wishes);
        QVERIFY2(
            reason.startsWith(
                "With all that is allowed, at least 2 passes miss. For one, pass 3 begins 32 counts after pass 2 (count 1 of Chorus (0:16.0)), where the next phrases begin 35 and 67 counts on: 3 counts more would land it."),
            qPrintable(reason));
        wishes.tags = ticks({3}); // then it can
        QCOMPARE(why(d, wishes), "");
    }
    void whatIsOnlyDearIsSaid() {
        const Document d = danceOf32("a 32 | b 34 | c 32", 3);
        RoutinePlanWishes wishes;
        wishes.costs.miss = 1;
        QCOMPARE(
            why(d, wishes),
            "Everything could land for 4, but as it is priced a miss is the lesser evil. Make a miss dearer to have it.");
    }
    void keepingHasAPrice() {
        const Document d = danceOf32("a 32 | b 32 | c 16 | d 32 | e 32", 5);
        RoutinePlanWishes wishes;
        QVERIFY(!priceOfKeeping(d, gridOf(d), wishes, plansOf(d, wishes)));
        wishes.kept.emplace_back(test::pass(d, 3).id); // whole
        const RoutinePlans kept = plansOf(d, wishes);
        QCOMPARE(*priceOfKeeping(d, gridOf(d), wishes, kept), kept.plans.front().cost - 5);
        QVERIFY(kept.plans.front().cost > 5);
    }
    void aPassStartsWhereItIsWanted() {
        const Document d = danceOf32("a 32 | b 32 | c 32 | d 32 | e 32", 5);
        RoutinePlanWishes wishes;
        wishes.starts = {{test::pass(d, 3).id, counts(72)}};
        const RoutinePlans plans = plansOf(d, wishes);
        for (const RoutinePlan& plan : plans.plans) QCOMPARE(plan.passes[2].start, counts(72));
        QVERIFY(*priceOfKeeping(d, gridOf(d), wishes, plans) > 0);
        wishes.starts[0].at = counts(71); // no tag makes that
        const auto none = planRoutine(d, gridOf(d), wishes);
        QVERIFY(!none && test::q(none.error().message).contains("cannot be kept"));
    }
    /// From one plan a pass, from another the rest: what is held stays, and the others are the best with it.
    void plansAreMixed() {
        const Document d = danceOf32("a 32 | b 36 | c 32 | d 16 | e 32", 5);
        const RoutinePlans plans = plansOf(d, {});
        const RoutinePlan& best = plans.plans.front();
        RoutinePlanWishes wishes;
        PassExceptions tagged;
        tagged.tag = Tag{counts(8)};
        wishes.kept.emplace_back(best.passes[0].pass, tagged);
        const RoutinePlan mixed = plansOf(d, wishes).plans.front();
        QCOMPARE(mixed.passes[0].tag, counts(8));
        QVERIFY(mixed.cost > best.cost);
        const Landing landing = land(must(applyEdits(d, mixed.edits)));
        QCOMPARE(landing.performance.passes[0].tag, counts(8));
        RoutinePlanWishes all; // everything held as in the best plan is the best plan
        for (std::size_t i = 0; i < best.passes.size(); ++i)
            if (best.passes[i].pass.valid()) all.kept.emplace_back(best.passes[i].pass, best.as[i]);
        QCOMPARE(plansOf(d, all).plans.front().cost, best.cost);
    }
    void plansThatOnlyMoveTheSameChangeAreOne() {
        const Document d = danceOf32("a 16 | b 16 | c 16 | d 16 | e 16 | f 16", 3);
        RoutinePlanWishes wishes;
        wishes.tags = ticks({16}); // may come after any pass: plans that differ only by where
        wishes.most = 20;
        const auto signature = [](const RoutinePlan& plan) {
            std::multiset<std::string> out;
            for (const PlannedPass& p : plan.passes) {
                if (p.cut) out.insert("cut" + toCountString(p.counts));
                if (p.tag > Tick{}) out.insert("tag" + toCountString(p.tag));
                if (p.misses) out.insert("miss");
            }
            return out;
        };
        const RoutinePlans plain = plansOf(d, wishes);
        wishes.differ = true;
        const RoutinePlans differ = plansOf(d, wishes);
        std::set<std::multiset<std::string>> all, some;
        for (const RoutinePlan& plan : plain.plans) all.insert(signature(plan));
        for (const RoutinePlan& plan : differ.plans) some.insert(signature(plan));
        QVERIFY(all.size() < plain.plans.size());
        QCOMPARE(some.size(), differ.plans.size());
        QCOMPARE(differ.plans.front().cost, plain.plans.front().cost);
    }
    /// Two plans that cost the same: the one that can be said as a rule comes first.
    void theOneWithARuleComesFirst() {
        const Document d = danceOf32("verse 32 | chorus 36 | verse 32 | chorus 36 | outro 32", 5);
        RoutinePlans plans = plansOf(d, {});
        const auto with = [&](std::vector<std::size_t> passes) {
            RoutinePlan plan;
            for (const std::size_t p : passes) plan.edits.emplace_back(SetTag{test::pass(d, p).id, Tag{counts(4)}});
            return plan;
        };
        plans.plans = {with({1, 3, 4}), with({2, 4})};
        rankByRule(d, gridOf(d), plans);
        QCOMPARE(plans.plans.front().edits.size(), 2U);
        plans.plans.back().cost = -1; // the cheaper stays first, rule or not
        rankByRule(d, gridOf(d), plans);
        QCOMPARE(plans.plans.front().edits.size(), 3U);
    }
    void otherExceptionsHaveWordsAndRules() {
        Document d = test::documentOn("verse 32 | chorus 36 | verse 32 | chorus 36 | outro 32");
        const FigureId sway = test::addFigure(d, "Sway", {test::walk(16)});
        const FigureId turn = test::addFigure(d, "Turn", {test::walk(16)});
        d = must(applyEdits(d, {PlaceFigure{d.routine.parts[0].id, sway}, PlaceFigure{d.routine.parts[0].id, turn}}));
        d = test::withOrder(d, "A x5");
        PassExceptions e;
        e.bridges = {{{}, counts(16), counts(4), {}}};
        test::except(d, 2, e);
        test::except(d, 4, e);
        const Landing landing = land(d);
        const auto rules = exceptionRules(d, landing);
        QCOMPARE(rules.size(), 1U);
        QCOMPARE(test::q(ruleInWords(rules[0])), "Bridge of 4 after 16 whenever you start in a chorus.");
        using Kind = FigureChange::Kind;
        const PlacementId first = d.routine.parts[0].figures[0].id;
        PassExceptions many;
        many.wait = counts(2);
        many.changes = {{Kind::Drop, first, {}, {}, {}},
                        {Kind::Add, first, Placement{{}, sway, {}, {}, false, false, {}}, {}, {}},
                        {Kind::Add, first, Placement{{}, turn, {}, {}, false, false, {}}, {}, {}},
                        {Kind::Version, first, {}, "long", {}},
                        {Kind::Bars, first, {}, {}, {4, 3}},
                        {Kind::Mirror, first, {}, {}, {}},
                        {Kind::Exchange, first, {}, {}, {}}};
        many.tag = Tag{counts(16), false, turn};
        many.ending = Ending{counts(8), d.routine.parts[0].id, true};
        QStringList said;
        for (const OtherException& other : otherExceptions(d.routine, many)) said << test::q(other.words);
        QCOMPARE(said, (QStringList{"wait of 2 before count 1", "Sway left out", "Sway danced twice", "Turn after Sway",
                                    "Sway as “long”", "Sway to the other side", "partners exchanged in Sway",
                                    "shorter bars as the music has them", "Turn as a tag", "ending A after 8"}));
        QVERIFY(otherExceptions(d.routine, many, many).empty());
    }
    void costsAreReadByName() {
        const RoutineCosts costs = must(parseRoutineCosts("miss=7, figure_cut=4, wrong_foot=9,late=1"));
        QCOMPARE(costs.miss, 7);
        QCOMPARE(costs.figureCut, 4);
        QCOMPARE(*costs.wrongFoot, 9);
        QCOMPARE(costs.late, 1);
        QVERIFY(!must(parseRoutineCosts("wrong_foot=2,wrong_foot=never")).wrongFoot);
        const auto wrong = parseRoutineCosts("figure=4");
        QVERIFY(!wrong && test::q(wrong.error().message).contains("“figure=4” is not a cost") &&
                test::q(wrong.error().message).contains("turn_cut"));
        QVERIFY(!parseCosts("figure_cut=4")); // of a routine only
        RoutineCosts below;
        below.wrongFoot = -1;
        QVERIFY(test::q(wrongCost(below)->message).contains("The cost of the wrong foot is -1"));
    }
};

LIFTCOUNT_TEST(PlanReasonTest)
#include "tst_plan_reason.moc"

#include <set>
