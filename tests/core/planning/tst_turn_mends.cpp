#include "support/plan_support.h"

#include "core/planning/turn_mends.h"

using namespace lc;
using test::must;

namespace {

/// A basic of eight that breaks on 1 and 5 (`late` = 0) or, danced on 2, on 2 and 6 (`late` = 1), again and again on a
/// song with an extra bar of 4 after 64 and another after 64 more.
Document basics(int late, bool couple, const std::string& song = "verse 64 | bar 4 | chorus 64 | bar 4 | outro 64") {
    Document d = test::documentOn(song, 184);
    const auto line = [&](const char* one, const char* other) {
        std::string text;
        for (int c = 1; c <= 8; ++c) {
            const int at = (c - 1 - late + 8) % 8 + 1; // the step that would be on count `at`, danced on 1
            const std::string foot = at <= 3 ? (at % 2 == 1 ? one : other) : (at % 2 == 1 ? other : one);
            text += " " + std::to_string(c) +
                    (at == 4 || at == 8   ? " wait"
                     : at == 1 || at == 5 ? " break " + foot
                                          : " step " + foot);
        }
        return text;
    };
    if (couple) {
        d = must(applyEdit(d, RenameRole{d.routine.roles[0].id, "leader"}));
        d = must(applyEdit(d, AddRole{"follower"}));
        d = must(applyEdit(d, SetFormation{Formation::Couples}));
    }
    d = must(applyEdit(d, SetLine{d.routine.parts[0].id, d.routine.roles[0].id, line("L", "R")}));
    if (couple) d = must(applyEdit(d, SetLine{d.routine.parts[0].id, d.routine.roles[1].id, line("R", "L")}));
    return test::withOrder(d, "A x25");
}

Tick turnedIn(const Document& d) { // counted anew, count by count
    const Landing landing = land(d);
    Tick turned;
    for (const PassPerformance& pass : landing.performance.passes)
        for (Tick at = pass.start; at < pass.end() && at < landing.grid.end(); at += counts(1)) {
            const auto music = landing.grid.musicCountAt(at);
            const Tick running = runningCount(at, pass.runningFrom, 8);
            if (music && (running - *music).value % counts(8).value != 0) turned += counts(1);
        }
    return turned;
}

} // namespace

class TurnMendsTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void threePlansForBothRolesOnOneAndOnTwo_data() {
        QTest::addColumn<int>("late");
        QTest::addColumn<bool>("couple");
        QTest::addColumn<QString>("breaks");
        QTest::newRow("one dancer, on 1") << 0 << false << "left on 1 and right on 5";
        QTest::newRow("one dancer, on 2") << 1 << false << "left on 2 and right on 6";
        QTest::newRow("couple, on 1") << 0 << true
                                      << "leader left on 1 and right on 5, follower right on 1 and left on 5";
        QTest::newRow("couple, on 2") << 1 << true
                                      << "leader left on 2 and right on 6, follower right on 2 and left on 6";
    }
    void threePlansForBothRolesOnOneAndOnTwo() {
        QFETCH(int, late);
        QFETCH(bool, couple);
        QFETCH(QString, breaks);
        const Document d = basics(late, couple);
        const Landing landing = land(d);
        QCOMPARE(landing.turned.size(), 1U); // from the one odd bar to the other
        QCOMPARE(landing.turned[0].from, counts(68));
        QCOMPARE(landing.turned[0].to, counts(136));
        QCOMPARE(test::q(breaksInWords(d, landing, Tick{}, counts(64))), breaks);
        const auto mends = turnMends(d, landing, 0, 4);
        QCOMPARE(mends.size(), 3U);
        QVERIFY(mends[0].when == MendTime::AtOnce && mends[1].when == MendTime::Within &&
                mends[2].when == MendTime::Left);
        for (const TurnMend& mend : mends) { // what is said is so
            QVERIFY(mend.possible);
            const Document done = must(applyEdits(d, mend.edits));
            QCOMPARE(turnedIn(done), mend.turned);
        }
        QVERIFY2(test::q(mends[0].title).startsWith("At once: begin again on the music's 1, count 1 of Chorus"),
                 mends[0].title.english().c_str());
        QCOMPARE(mends[0].at, counts(68));
        const Landing atOnce = land(must(applyEdits(d, mends[0].edits)));
        QCOMPARE(test::q(breaksInWords(d, atOnce, counts(68), counts(132))),
                 breaks); // on the right bar again, with the right foot
        QVERIFY2(test::q(mends[0].price).contains("The breaks are again " + breaks), mends[0].price.english().c_str());
        QVERIFY(!test::findingWith(atOnce.findings, finding::wrongFoot));
        QCOMPARE(mends[2].turned, counts(68));
        QVERIFY2(test::q(mends[2].title).contains("the music undoes it"), mends[2].title.english().c_str());
        QVERIFY(mends[2].edits.empty());
        QVERIFY(mends[0].turned < mends[2].turned);
    }
    void atOnceItTurnsAnewAtTheNextOddBar() { // what a second odd bar does to a dance that was put right
        const Document d = basics(0, false);
        const auto mends = turnMends(d, land(d), 0);
        const Landing then = land(must(applyEdits(d, mends[0].edits)));
        QCOMPARE(then.turned.size(), 1U);
        QCOMPARE(then.turned[0].from, counts(136));
        QCOMPARE(mends[0].turned, counts(64)); // the rest of the song: 64 against 68 where it is left
    }
    void aLonelyOddBarIsBestMendedAtOnce() {
        const Document d = basics(0, true, "verse 64 | bar 4 | chorus 64");
        const auto mends = turnMends(d, land(d), 0, 3);
        QCOMPARE(mends[0].turned, counts(0));
        QVERIFY2(test::q(mends[2].title).contains("it stays so to the end"), mends[2].title.english().c_str());
        QCOMPARE(mends[2].turned, counts(64));
        QVERIFY2(test::q(mends[0].price).startsWith("Never turned round."), mends[0].price.english().c_str());
    }
    void anIndexThatIsNoneGivesNothing() { QVERIFY(turnMends(basics(0, false), land(basics(0, false)), 7).empty()); }
};

LIFTCOUNT_TEST(TurnMendsTest)
#include "tst_turn_mends.moc"
