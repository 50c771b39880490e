#include "support/plan_support.h"

#include "core/planning/plan_words.h"

using namespace lc;
using test::must;
using test::plansOf;

namespace {

QString said(const Document& d, const RoutinePlan& plan) { return test::q(planInWords(d, land(d), plan)); }

} // namespace

class PlanWordsTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void aSingleChangeHasAName() {
        const Document d =
            test::withOrder(test::withLine(test::documentOn("intro 32 | verse 32 | quiet 16 | chorus 32 | outro 32"),
                                           "A", test::walk(32)),
                            "A x5");
        const RoutinePlans plans = plansOf(d);
        QCOMPARE(said(d, plans.plans.front()),
                 "One restart, after 16 of pass 3 (the one in Quiet); every pass then lands.");
        QCOMPARE(test::q(proofInWords(plans, 0)),
                 QString("No plan costs less than 5. The next best costs %1.").arg(plans.plans[1].cost));
        QVERIFY(test::q(proofInWords(plans, 1))
                    .startsWith(QString("It costs %1, %2 more than the best.")
                                    .arg(plans.plans[1].cost)
                                    .arg(plans.plans[1].cost - 5)));
    }
    void theSameIsSaidOnce() {
        const Document d = test::withOrder(
            test::withLine(test::documentOn("a 32 | b 36 | c 32 | d 32 | e 36 | f 32"), "A", test::walk(32)), "A x6");
        QCOMPARE(said(d, plansOf(d).plans.front()), "Two tags, of 4 after passes 2 and 5; every pass then lands.");
    }
    void whatIsAddedMissesAndNeedsATouchIsSaid() {
        Document d =
            test::withLine(test::documentOn("a 8 | b 5 | c 8"), "A", "1 step R 2-5 step 6 touch 7 step 8 touch");
        RoutinePlanWishes wishes;
        wishes.cuts = test::ticks({5});
        wishes.tags.clear();
        d = test::withOrder(d, "A A");
        QCOMPARE(
            said(d, plansOf(d, wishes).plans.front()),
            "One restart, after 5 of pass 2 with a touch at the end (the one in B); one more pass; every pass then lands.");
        wishes.cuts->clear();
        QCOMPARE(said(d, plansOf(d, wishes).plans.front()),
                 "No restart and no tag; one more pass; one pass does not land.");
    }
    void presetsCanBePlanned() {
        const Document d =
            test::withOrder(test::withLine(test::documentOn("a 32 | b 34 | c 32"), "A", test::walk(32)), "A x3");
        for (const PlanPreset& preset : planPresets()) {
            QVERIFY(!preset.name.empty() && test::q(preset.why).endsWith('.'));
            QVERIFY(!plansOf(d, preset.wishes).plans.empty());
        }
    }
    void tagLengthsAreRead() {
        QCOMPARE(must(parseLengths("2, 4,1/2")), (std::vector<Tick>{counts(2), counts(4), countFraction(1, 2)}));
        QVERIFY(must(parseLengths(" ")).empty() && must(parseLengths("none")).empty());
        QVERIFY(!parseLengths("2, four"));
    }
};

LIFTCOUNT_TEST(PlanWordsTest)
#include "tst_plan_words.moc"
