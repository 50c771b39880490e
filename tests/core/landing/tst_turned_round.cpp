#include "support/core_support.h"

#include "core/landing/remedies.h"

using namespace lc;
using test::findingWith;
using test::must;

namespace {

/// A basic of eight for two: three changes, a wait, three changes, a wait; the break on 1 and 5, or on 2 and 6.
Document basic(const std::string& song, bool onTwo = false) {
    Document d = must(applyEdit(test::documentOn(song, 180), RenameRole{RoleId{1}, "leader"}));
    d = must(applyEdit(d, AddRole{"follower"}));
    const std::string leader = onTwo ? "1 place L 2 break R 3 place L 4 wait 5 place R 6 break L 7 place R 8 wait"
                                     : "1 break L 2 place R 3 close L 4 wait 5 break R 6 place L 7 close R 8 wait";
    std::string follower = leader;
    for (char& c : follower) c = c == 'L' ? 'R' : c == 'R' ? 'L' : c;
    return test::withLine(test::withLine(d, "A", leader), "A", follower, 1);
}

QStringList titles(const std::vector<Remedy>& remedies) {
    QStringList all;
    for (const Remedy& r : remedies) all << test::q(r.title);
    return all;
}

std::optional<Remedy> titled(const std::vector<Remedy>& remedies, const QString& part) {
    for (const Remedy& r : remedies)
        if (test::q(r.title).contains(part)) return r;
    return std::nullopt;
}

} // namespace

class TurnedRoundTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void s13OneExtraBarTurnsTheDanceRound() {
        const Document d = test::withOrder(basic("verse 68 | chorus 64 | outro 60"), "A x24");
        const Landing landing = land(d);
        QCOMPARE(landing.turned.size(), 1U);
        QCOMPARE(landing.turned[0].from, counts(68)); // beat 69
        QCOMPARE(landing.turned[0].runningCount, counts(5));
        QCOMPARE(landing.turned[0].musicCount, counts(1));
        const auto f = findingWith(landing.findings, finding::turnedRound);
        QVERIFY(f);
        QVERIFY2(test::q(f->text).contains("the dancers say 5 where the music says 1"), f->text.english().c_str());
        QVERIFY2(test::q(f->text).contains("leader right and follower left"), f->text.english().c_str());
        QVERIFY2(test::q(f->text).contains("The breaks fall on 1 and 5 of the music."), f->text.english().c_str());
    }
    void s13IsPutRightByATouch_data() {
        QTest::addColumn<bool>("onTwo");
        QTest::addColumn<QString>("breaks");
        QTest::newRow("on-1") << false << "1 and 5";
        QTest::newRow("on-2") << true << "2 and 6";
    }
    void s13IsPutRightByATouch() {
        QFETCH(bool, onTwo);
        QFETCH(QString, breaks);
        const Document d = test::withOrder(basic("verse 68 | chorus 64 | outro 60", onTwo), "A x24");
        const Landing landing = land(d);
        const Finding f = *findingWith(landing.findings, finding::turnedRound);
        QVERIFY2(test::q(f.text).contains("The breaks fall on " + breaks), f.text.english().c_str());
        const auto remedies = remediesFor(d, landing, f);
        const auto touch = titled(remedies, "a touch");
        QVERIFY2(touch, qPrintable(titles(remedies).join('\n')));
        QCOMPARE(test::q(touch->title), "Begin again on the music's 1, after 4 of pass 9, the last change a touch.");
        QVERIFY2(test::q(touch->price).contains("On the music's 1 then: leader left, follower right."),
                 touch->price.english().c_str());
        const Landing after = land(must(applyEdits(d, touch->edits)));
        QVERIFY(!findingWith(after.findings, finding::turnedRound));
        QVERIFY(!findingWith(after.findings, finding::wrongFoot));
        QCOMPARE(after.performance.passes[9].start, counts(68));
        QCOMPARE(*after.performance.roles[0][after.performance.passes[9].roles[0].firstAction].foot, Foot::Left);
        QCOMPARE(*after.performance.roles[1][after.performance.passes[9].roles[1].firstAction].foot, Foot::Right);
    }
    void s13TheNextOddBarUndoesIt() {
        const Document d = test::withOrder(basic("verse 68 | chorus 68 | outro 56"), "A x24");
        const Landing landing = land(d);
        QCOMPARE(landing.turned.size(), 1U);
        QCOMPARE(landing.turned[0].to, counts(136));
        const Finding f = *findingWith(landing.findings, finding::turnedRound);
        QVERIFY2(test::q(f.text).contains("At count 1 of Outro they agree again."), f.text.english().c_str());
        const auto remedies = remediesFor(d, landing, f);
        const auto leave = titled(remedies, "comes right by itself");
        QVERIFY2(leave, qPrintable(titles(remedies).join('\n')));
        QVERIFY(!findingWith(land(must(applyEdits(d, leave->edits))).findings, finding::turnedRound));
    }
    /// A pass that is turned round by two amounts, one after the other, has two findings, and each is left as it is by
    /// itself.
    void eachAmountIsLeftByItself() {
        const Document d = test::withOrder(basic("verse 34 | chorus 33 | outro 64"), "A x24");
        const Landing landing = land(d);
        QVERIFY(landing.turned.size() >= 2U && landing.turned[0].ahead != landing.turned[1].ahead);
        std::vector<FindingKey> keys;
        for (const Finding& f : landing.findings)
            if (f.key.code == finding::turnedRound) keys.push_back(f.key);
        QVERIFY(keys.size() >= 2U);
        for (const FindingKey& key : keys) {
            QVERIFY(std::holds_alternative<CountsAhead>(key.thing));
            const Landing after = land(must(applyEdit(d, MuteFinding{key, "so be it"})));
            QCOMPARE(after.muted.size(), std::size_t(1));
            QVERIFY(after.muted[0].key == key);
        }
    }
    /// What changes more often than once a set is told once, not at every count, and names where it ends; the same
    /// amount on both sides of waits is told once as well.
    void whatChangesAtEveryCountIsToldOnce() {
        Document d = test::withOrder(test::withLine(test::documentOn("verse 512"), "A", "1 step L 2 step R"), "A x100");
        const auto turnedIn = [](const Landing& landing) {
            std::vector<Finding> all;
            for (const Finding& f : landing.findings)
                if (f.key.code == finding::turnedRound) all.push_back(f);
            return all;
        };
        Document cuts = d;
        for (std::size_t i = 1; i < 100; ++i) cuts = test::cut(cuts, i, 1);
        const Landing landing = land(cuts);
        QVERIFY(landing.turned.size() > 80U);
        const auto told = turnedIn(landing);
        QCOMPARE(told.size(),
                 std::size_t(1)); // that both say 1 by chance, once in seven or eight counts, parts nothing
        for (const Finding& f : told) {
            QVERIFY(test::q(f.text).contains("changes more often than once a set"));
            QVERIFY(remediesFor(cuts, landing, f).size() < 12);
        }
        Document waits = d;
        for (const Pass& pass : d.routine.passes) {
            PassExceptions wait;
            wait.wait = counts(1);
            waits = must(applyEdit(waits, SetExceptions{pass.id, wait, Sentence::verbatim("a wait")}));
        }
        QVERIFY(land(waits).turned.size() > 80U);
        for (const Finding& f : turnedIn(land(waits))) QVERIFY(!test::q(f.text).contains("After that it goes on so"));
        QCOMPARE(turnedIn(land(waits)).size(), std::size_t(1));
    }
    void aTwoCountTagOrAFigureOfSixMakesUpTheDifference() {
        Document d = basic("verse 70 | chorus 64"); // a set of six at its end
        d = must(applyEdit(d, AddFigure{{"Side six",
                                         {{"leader", "1 side L 2 close R 3 side L 4 close R 5 side L 6 close R"},
                                          {"follower", "1 side R 2 close L 3 side R 4 close L 5 side R 6 close L"}},
                                         std::nullopt,
                                         {}},
                                        {}}));
        d = test::withOrder(d, "A x16");
        Landing landing = land(d);
        Finding f = *findingWith(landing.findings, finding::turnedRound);
        QCOMPARE(landing.turned.back().ahead, counts(6)); // the dance says 7 on the 1 of the music
        auto remedies = remediesFor(d, landing, f);
        QVERIFY2(titled(remedies, "Dance Side six (6 counts)"), qPrintable(titles(remedies).join('\n')));
        for (const Remedy& r : remedies) { // each leaves it turned round for the rest of one pass at most, and says so
            const Landing after = land(must(applyEdits(d, r.edits)));
            Tick turned;
            for (const TurnedSpan& s : after.turned) turned = turned + (s.to - s.from);
            QVERIFY2(turned <= counts(8), r.title.english().c_str());
            QCOMPARE(test::q(r.price).contains("turned round for"), turned > Tick{});
        }
        d = test::withOrder(basic("verse 66 | chorus 64"), "A x15");
        landing = land(d);
        f = *findingWith(landing.findings, finding::turnedRound);
        remedies = remediesFor(d, landing, f);
        QVERIFY2(titled(remedies, "Add a tag of 2 counts after pass 8 and count from 1"),
                 qPrintable(titles(remedies).join('\n')));
    }
    void aLongDanceThatLandsIsOnlyNoted() {
        Document d = test::withOrder(
            test::withLine(test::documentOn("verse 36 | chorus 32 | outro 32"), "A", test::walk(32)), "A A A");
        d = test::tagged(d, 1, 4);
        const Landing landing = land(d);
        const auto f = findingWith(landing.findings, finding::turnedRound);
        QVERIFY(f && f->severity == Severity::Note);
        const auto remedies = remediesFor(d, landing, *f);
        const auto count = titled(remedies, "Count from 1 again after the tag of pass 1.");
        QVERIFY2(count, qPrintable(titles(remedies).join('\n')));
        QVERIFY(land(must(applyEdits(d, count->edits))).findings.empty());
    }
    void aPassOfOneSetLandsOnAnyOneOfTheMusic() {
        const Document d = test::withOrder(basic("verse 68 | chorus 64"), "A x16");
        const Landing landing = land(d);
        QVERIFY(lands(landing.grid, landing.performance.passes[7]));
        QVERIFY(!lands(landing.grid, landing.performance.passes[12]));
        QVERIFY(!findingWith(landing.findings, finding::offPhrase));
    }
    void nothingIsTurnedRoundWithoutASong() {
        QVERIFY(land(test::withOrder(basic("verse 64"), "A x8")).turned.empty());
    }
};

LIFTCOUNT_TEST(TurnedRoundTest)
#include "tst_turned_round.moc"
