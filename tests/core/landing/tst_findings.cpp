#include "support/core_support.h"

#include "core/landing/remedies.h"
#include "core/reports/landing_report.h"

using namespace lc;
using test::findingWith;

class FindingsTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void aDanceThatLandsHasNoFindings() {
        const Document d =
            test::withOrder(test::withLine(test::documentOn("verse 32 | chorus 32"), "A", test::walk(32)), "A A");
        QVERIFY(land(d).findings.empty());
    }
    void aPassOffItsPhraseIsToldOnceWithWhatFollows() {
        const Document d =
            test::withOrder(test::withLine(test::documentOn("verse 32 | verse 32 | bridge 16 | chorus 32 | outro 32"),
                                           "A", test::walk(32)),
                            "A A A A A");
        const Landing landing = land(d);
        const auto f = findingWith(landing.findings, finding::offPhrase);
        QVERIFY(f);
        QCOMPARE(f->passNumber, 4); // pass 3 starts the bridge, pass 4 is 16 into the chorus
        QCOMPARE(test::q(f->headline), "Pass 4 starts 16 counts into Chorus");
        QVERIFY(test::q(f->text).contains("Chorus has 32 counts; this pass begins on its 17."));
        QVERIFY(test::q(f->text).contains("Pass 5 follows"));
        QCOMPARE(std::count_if(landing.findings.begin(), landing.findings.end(),
                               [](const Finding& x) { return x.key.code == finding::offPhrase; }),
                 1);
        const auto over = findingWith(landing.findings, finding::pastSong);
        QVERIFY(over);
        QCOMPARE(test::q(over->headline), "The dance is 16 counts longer than the song");
    }
    void passesThatFillAPhraseBetweenThemLand() {
        // 16 counts twice in a phrase of 32; in one of 36 the third would begin on its 33 and not fit
        Document d = test::withOrder(
            test::withLine(test::documentOn("verse 32 | chorus 36 | outro 32"), "A", test::walk(16)), "A A A A");
        QVERIFY(!findingWith(land(d).findings, finding::offPhrase));
        const Landing landing = land(d);
        QCOMPARE(test::q(verdict(passRow(d, landing, landing.performance.passes[1]))), "lands on 17");
        QCOMPARE(passRow(d, landing, landing.performance.passes[1]).phraseMiss,
                 std::optional(counts(16))); // of two equally near the earlier
        d = test::withOrder(d, "A A A A A");
        const auto f = findingWith(land(d).findings, finding::offPhrase);
        QVERIFY(f);
        QCOMPARE(f->passNumber, 5);
        // 20 counts in a phrase of 64: the second begins on a 5 of the music
        d = test::withOrder(test::withLine(test::documentOn("verse 64 | verse 64"), "A", test::walk(20)), "A A");
        QCOMPARE(findingWith(land(d).findings, finding::offPhrase)->passNumber, 2);
    }
    void aPassBeforeItsPhraseSaysSo() {
        const Document d = test::withOrder(
            test::withLine(test::documentOn("verse 34 | chorus 34 | chorus 32"), "A", test::walk(32)), "A A A");
        const auto f = findingWith(land(d).findings, finding::offPhrase);
        QVERIFY(f);
        QCOMPARE(test::q(f->headline), "Pass 2 starts 2 counts before Chorus");
        QVERIFY(test::q(f->text).contains("count 1 falls on the music's 9"));
    }
    void theWrongFootIsFound() {
        Document d = test::withOrder(
            test::withLine(test::documentOn("verse 8 | verse 8 | verse 8"), "A", "1 step R 2-8 walk"), "A A A");
        d = test::cut(d, 1, 3);
        const auto f = findingWith(land(d).findings, finding::wrongFoot, 2);
        QVERIFY(f);
        QCOMPARE(test::q(f->text), "The cut of pass 1 after 3 leaves the left foot free; count 1 needs the right.");
    }
    void aPartThatLeavesTheWrongFootIsToldOnce() {
        Document d = test::withOrder(
            test::withLine(test::documentOn("a 3 | b 3 | c 3 | d 3"), "A", "1 step R 2 step 3 step"), "A x4");
        const Landing landing = land(d);
        QCOMPARE(std::count_if(landing.findings.begin(), landing.findings.end(),
                               [](const Finding& x) { return x.key.code == finding::wrongFoot; }),
                 1);
        const auto f = findingWith(landing.findings, finding::wrongFoot);
        QVERIFY(test::q(f->text).endsWith("count 1 needs the right. The same into passes 3 and 4."));
        const auto remedies = remediesFor(d, landing, *f);
        QCOMPARE(test::q(remedies.at(0).title), "End these passes with a touch in place of the last step.");
        QVERIFY(!findingWith(land(test::must(applyEdits(d, remedies[0].edits))).findings, finding::wrongFoot));
    }
    void unequalRolesAreFoundEvenWhereTheFeetAgree() {
        // S14: follower 10 against leader 8, five changes each
        Document d = test::must(applyEdit(test::documentOn("verse 16 | verse 16"), AddRole{"follower"}));
        d = test::withLine(test::withLine(d, "A", "S S S Q Q"), "A", "S S S S S", 1);
        const auto f = findingWith(land(test::withOrder(d, "A")).findings, finding::unequalRoles);
        QVERIFY(f);
        QVERIFY(test::q(f->headline).contains("everyone is 2 short"));
        QVERIFY(test::q(f->text).contains("follower has 10 counts, everyone has 8"));
    }
    void typingErrorsAreFindingsWithTheirPlace() {
        const Document d = test::withOrder(test::withLine(test::documentOn("verse 16"), "A", "1 2 2"), "A");
        const auto f = findingWith(land(d).findings, finding::notation);
        QVERIFY(f);
        QVERIFY(test::q(f->text).contains("character 5"));
        QVERIFY(findingWith(
            land(test::withOrder(test::withLine(test::documentOn("verse 16"), "A", "1 step R 2 step R"), "A")).findings,
            finding::footInPart));
        QVERIFY(findingWith(land(test::withOrder(test::documentOn("verse 16"), "A")).findings, finding::emptyPart));
    }
    void cutsThatDoNothingAndTurnsCutAreFound() {
        Document d = test::withOrder(
            test::withLine(test::documentOn("verse 16 | verse 16"), "A", "1-3 walk 4:2 1/2 R 6-8 walk"), "A A");
        QVERIFY(findingWith(land(test::cut(d, 1, 8)).findings, finding::restartPastEnd));
        const Landing landing = land(test::cut(d, 1, 4));
        const auto f = findingWith(landing.findings, finding::turnCut);
        QVERIFY(f);
        QVERIFY(test::q(f->text).contains("½ R turn from count 4 is done at the end of count 5"));
    }
    void musicLeftOverIsNotedAndTheWorstComesFirst() {
        Document d = test::withOrder(
            test::withLine(test::documentOn("verse 32 | chorus 40 | outro 32"), "A", test::walk(32)), "A A");
        QCOMPARE(test::q(findingWith(land(d).findings, finding::leftOver)->headline), "40 counts of music are left");
        d = test::withOrder(d, "A A A");
        const auto findings = land(d).findings;
        for (std::size_t i = 1; i < findings.size(); ++i) QVERIFY(findings[i - 1].severity <= findings[i].severity);
        QVERIFY(findings.front().severity == Severity::Misses);
    }
    void aFindingLeftAsItIsStaysAsideWithItsReason() {
        Document d = test::withOrder(
            test::withLine(test::documentOn("verse 32 | chorus 40 | outro 32"), "A", test::walk(32)), "A A A");
        const Finding f = *findingWith(land(d).findings, finding::offPhrase);
        d = test::must(applyEdit(d, leaveAsItIs(f, "we like it")));
        const Landing landing = land(d);
        QVERIFY(!findingWith(landing.findings, finding::offPhrase));
        QVERIFY(findingWith(landing.muted, finding::offPhrase));
        QCOMPARE(test::q(d.routine.muted.at(0).reason), "we like it");
        QVERIFY(findingWith(land(test::must(applyEdit(d, UnmuteFinding{f.key}))).findings, finding::offPhrase));
    }
    void anEmptyRoutineAndASongWithoutPhrasesAreQuiet() {
        QVERIFY(land(newDocument()).findings.empty());
        QVERIFY(land(test::documentOn("verse 32")).findings.empty());
        Document d = test::withOrder(test::withLine(newDocument(), "A", test::walk(32)), "A A");
        QVERIFY(land(d).findings.empty()); // without a song there is nothing to miss
    }
};

LIFTCOUNT_TEST(FindingsTest)
#include "tst_findings.moc"
