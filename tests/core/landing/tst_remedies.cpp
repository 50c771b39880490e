#include "support/core_support.h"

#include "core/landing/remedies.h"

#include <random>

using namespace lc;

namespace {

Document after(const Document& d, const Remedy& remedy) { return test::must(applyEdits(d, remedy.edits)); }

bool isOffered(const std::vector<Remedy>& remedies, const QString& title) {
    for (const Remedy& r : remedies)
        if (test::q(r.title) == title) return true;
    return false;
}

std::vector<Remedy> remediesOf(const Document& d, const char* code) {
    const Landing landing = land(d);
    const auto f = test::findingWith(landing.findings, code);
    return f ? remediesFor(d, landing, *f) : std::vector<Remedy>{};
}

} // namespace

class RemediesTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void theCutIsSearchedOverAllCounts() {
        // phrases 32 32 16 32 32: pass 3 restarted after 16 and every pass starts a phrase
        Document d = test::withOrder(
            test::withLine(test::documentOn("a 32 | b 32 | c 16 | d 32 | e 32"), "A", test::walk(32, {{28, "1/4 L"}})),
            "A A A A A");
        const auto remedies = remediesOf(d, finding::offPhrase);
        QVERIFY(!remedies.empty());
        QCOMPARE(test::q(remedies[0].title),
                 "Add a tag of 16 counts after pass 3."); // both land; the tag brings nothing new
        QVERIFY(isOffered(remedies, "Cut pass 3 after 16."));
        for (const Remedy& r : remedies)
            if (test::q(r.title) == "Cut pass 3 after 16.") {
                QVERIFY(test::q(r.price).contains("Every pass then starts a phrase."));
                const Landing landing = land(after(d, r));
                QCOMPARE(test::facings(landing.performance).join(' '), "12 9 6 6 3");
                QCOMPARE(test::q(toClock(landing.performance.passes.back().roles[0].facingOut)), "12");
            }
    }
    void aCutInAShortPhraseOffersEveryLanding() {
        Document d = test::withOrder(
            test::withLine(test::documentOn("a 32 | b 8 | c 8 | d 20 | e 64"), "A", test::walk(32)), "A A A");
        // pass 3 at 64 lies in d+16; cuts of pass 2 after 8 and 16 land, and a tag of 4
        const auto remedies = remediesOf(d, finding::offPhrase);
        QVERIFY(isOffered(remedies, "Cut pass 2 after 8."));
        QVERIFY(isOffered(remedies, "Cut pass 2 after 16."));
        QVERIFY(isOffered(remedies, "Add a tag of 4 counts after pass 2."));
    }
    void whatACutBringsIsSaid() {
        Document d = test::withLine(test::documentOn("a 16 | b 3 | c 16 | d 16"), "A", "1 step R 2-16 walk");
        d = test::withOrder(d, "A A A");
        for (const Remedy& r : remediesOf(d, finding::offPhrase))
            if (test::q(r.title) == "Cut pass 2 after 3.") {
                QCOMPARE(r.newFindings, 1);
                QVERIFY(test::q(r.price).contains("Wrong foot into pass 3"));
                return;
            }
        QFAIL("the cut after 3 is not offered");
    }
    void theWrongFootIsMendedByATouch() {
        Document d = test::cut(
            test::withOrder(test::withLine(test::documentOn("a 3 | b 8 | c 8"), "A", "1 step R 2-8 walk"), "A A"), 1,
            3);
        const auto remedies = remediesOf(d, finding::wrongFoot);
        QCOMPARE(test::q(remedies.at(0).title), "Make the last change of pass 1 a touch.");
        QVERIFY(!test::findingWith(land(after(d, remedies[0])).findings, finding::wrongFoot));
    }
    void aCutTurnCanBeFinishedOrLeftOut() {
        Document d = test::cut(
            test::withOrder(test::withLine(test::documentOn("a 4 | b 8 | c 8"), "A", "1-3 walk 4:2 1/2 R 6-8 walk"),
                            "A A"),
            1, 4);
        const auto remedies = remediesOf(d, finding::turnCut);
        QVERIFY(isOffered(remedies, "Finish the turn: cut pass 1 after 5."));
        QVERIFY(isOffered(remedies, "Leave the turn out."));
        for (const Remedy& r : remedies) QVERIFY(!test::findingWith(land(after(d, r)).findings, finding::turnCut));
    }
    void theShorterRoleWaits() {
        Document d = test::must(applyEdit(test::documentOn("verse 16 | verse 16"), AddRole{"follower"}));
        d = test::withOrder(test::withLine(test::withLine(d, "A", "S S S Q Q"), "A", "S S S S S", 1), "A");
        const auto remedies = remediesOf(d, finding::unequalRoles);
        QCOMPARE(test::q(remedies.at(0).title), "Let everyone wait for the last 2 counts.");
        QVERIFY(!test::findingWith(land(after(d, remedies[0])).findings, finding::unequalRoles));
    }
    void theEndMeetsTheSong() {
        Document d =
            test::withOrder(test::withLine(test::documentOn("a 32 | b 32 | c 16"), "A", test::walk(32)), "A A A A");
        auto remedies = remediesOf(d, finding::pastSong);
        QCOMPARE(test::q(remedies.at(0).title), "End pass 3 with the song, after 16, and take out the last pass.");
        const Document ended = after(d, remedies[0]);
        QCOMPARE(land(ended).performance.end, counts(80));
        QVERIFY(isOffered(remedies, "Take out the last 2 passes."));
        d = test::withOrder(d, "A");
        remedies = remediesOf(d, finding::leftOver);
        QCOMPARE(test::q(remedies.at(0).title), "Add 1 more pass of A.");
        d = test::withOrder(test::withLine(test::documentOn("a 32 | b 32 | c 32"), "A", test::walk(32)), "A");
        QCOMPARE(test::q(remediesOf(d, finding::leftOver).at(0).title), "Add 2 more passes of A.");
    }
    void theFirstPassIsMovedToAPhrase() {
        Document d = test::withOrder(test::withLine(test::documentOn("a 16 | b 32 | c 32"), "A", test::walk(32)), "A");
        d = test::must(applyEdit(d, SetStart{9.0}));
        const auto remedies = remediesOf(d, finding::offPhrase);
        QCOMPARE(test::q(remedies.at(0).title), "Start on the 1 of B.");
        QVERIFY(!test::findingWith(land(after(d, remedies[0])).findings, finding::offPhrase));
    }

    /// A part of an odd number of changes that ends with a touch: stepping on the touch mends every joint.
    void aTouchAtTheEndCanTakeTheWeight() {
        const Document d = test::withOrder(
            test::withLine(test::documentOn("a 16 | b 16"), "A", "1 walk R 2-7 walk 8 touch"), "A A A A");
        const auto remedies = remediesOf(d, finding::wrongFoot);
        QVERIFY(isOffered(remedies, "Step instead of the last touch of part A."));
        for (const Remedy& r : remedies)
            if (test::q(r.title).startsWith("Step on"))
                QVERIFY(!test::findingWith(land(after(d, r)).findings, finding::wrongFoot));
    }

    /// On 1,000 random routines every remedy, applied, removes its finding and states what it brings, and undone (the
    /// value from before) is what it was.
    void everyRemedyRemovesItsFindingAndStatesItsPrice() {
        std::mt19937 random(20260); // fixed: the same routines each run
        const auto upTo = [&](int n) { return static_cast<int>(random() % static_cast<unsigned>(n)); };
        const char* const steps[] = {" step",       " step R", " touch", " wait",
                                     " step 1/4 R", " & step", " kick",  ":2 1/2 L"};
        int applied = 0;
        for (int routine = 0; routine < 1000; ++routine) {
            std::string structure;
            for (int p = 1 + upTo(7); p > 0; --p)
                structure +=
                    (structure.empty() ? "s " : " | s ") + std::to_string(4 * (1 + upTo(9)) + (upTo(6) == 0 ? 2 : 0));
            Document d = test::documentOn(structure);
            if (upTo(3) == 0) d = test::must(applyEdit(d, AddRole{"follower"}));
            for (const char* name : {"A", "B"})
                for (std::size_t r = 0; r < d.routine.roles.size(); ++r) {
                    std::string line;
                    int count = 1;
                    for (const int n = 1 + upTo(24); count <= n;) {
                        const std::string step = steps[upTo(8)];
                        line += " " + std::to_string(count) + step;
                        count += step[1] == '2' ? 2 : 1;
                    }
                    d = test::withLine(d, name, line, r);
                }
            std::string order;
            for (int n = 1 + upTo(7); n > 0; --n) order += upTo(2) ? "A " : "B ";
            d = test::withOrder(d, order);
            for (std::size_t i = 1; i <= d.routine.passes.size(); ++i) {
                if (upTo(5) == 0) d = test::cut(d, i, 1 + upTo(20));
                if (upTo(6) == 0) d = test::tagged(d, i, 1 + upTo(6));
            }
            const Landing landing = land(d);
            for (const Finding& f : landing.findings)
                for (const Remedy& r : remediesFor(d, landing, f)) {
                    const Document before = d;
                    const Landing then = land(after(d, r));
                    ++applied;
                    bool there = false;
                    std::vector<std::string> brought;
                    for (const Finding& g : then.findings) {
                        there = there || g.key == f.key;
                        bool old = false;
                        for (const Finding& h : landing.findings) old = old || h.key == g.key;
                        if (!old && g.severity != Severity::Note) brought.push_back(g.headline.english());
                    }
                    QVERIFY2(!there || test::q(r.price).contains("turned round for"),
                             r.title.english().c_str()); // or says what it trades it for
                    QCOMPARE(r.newFindings, static_cast<int>(brought.size()));
                    for (std::size_t k = 0; k < std::min<std::size_t>(3, brought.size()); ++k)
                        QVERIFY2(r.price.english().find(brought[k]) != std::string::npos, brought[k].c_str());
                    QCOMPARE(test::q(r.price).contains("more finding"), brought.size() > 3);
                    QVERIFY(before == d);
                }
        }
        QVERIFY2(applied > 2000, qPrintable(QString::number(applied)));
    }
};

LIFTCOUNT_TEST(RemediesTest)
#include "tst_remedies.moc"
