#include "support/core_support.h"

#include <rapidcheck.h>

using namespace lc;

namespace {
std::vector<Action> actionsOf(const char* text) { return readNotation(text).actions; }
QString need(const char* text) {
    const auto foot = footNeeded(actionsOf(text));
    return foot ? test::q(footLetter(*foot)) : "any";
}
} // namespace

class ActionTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void theFootNeededIsFollowedBackFromTheFirstSaid() {
        QCOMPARE(need("1 2 3 4"), "any");
        QCOMPARE(need("1 step R"), "R");
        QCOMPARE(need("1 step 2 step R"), "L");
        QCOMPARE(need("1 touch 2 step R"), "R");
        QCOMPARE(need("1 wait 2 clap 3 step 4 touch R"), "L");
        QCOMPARE(need("1 hop L"), "R"); // the left carries the weight
        QCOMPARE(need("1 jump 2 step R"), "any");
    }
    void weightChangesAreCounted() {
        QCOMPARE(weightChanges(actionsOf("1 2 3 4 touch 5 hop 6 jump 7 clap 8 wait")), 4);
        QCOMPARE(
            weightChanges(actionsOf(
                "1 rock 2 replace 3 stomp 4 stamp 5 check 6 leap 7 kick 8 flick 9 hook 10 hitch 11 brush 12 swivel 13 point 14 tap 15 stomp-up")),
            6);
    }
    void aFootThatStandsCannotStep() {
        QVERIFY(danceAction(actionsOf("1 step R").front(), Foot::Left).conflict);
        QVERIFY(!danceAction(actionsOf("1 step R").front(), Foot::Right).conflict);
        QVERIFY(!danceAction(actionsOf("1 step R").front(), Foot::Both).conflict);
        QVERIFY(danceAction(actionsOf("1 hop R").front(), Foot::Right).conflict);
        QVERIFY(danceAction(actionsOf("1 touch R").front(), Foot::Left).conflict);
    }
    void theFreeFootIsTheParityOfTheChanges() {
        QVERIFY(rc::check("free foot after = parity of steps", [] {
            const auto words = *rc::gen::container<std::vector<std::string>>(
                rc::gen::element<std::string>("step", "touch", "rock", "wait", "kick", "clap", "hop"));
            std::string text;
            for (std::size_t i = 0; i < words.size(); ++i) text += std::to_string(i + 1) + " " + words[i] + " ";
            const auto actions = readNotation(text).actions;
            const auto footed = followFeet(actions, Foot::Left);
            const Foot last = footed.empty() ? Foot::Left : footed.back().freeAfter;
            RC_ASSERT(last == (weightChanges(actions) % 2 == 0 ? Foot::Left : Foot::Right));
        }));
    }
};

LIFTCOUNT_TEST(ActionTest)
#include "tst_action.moc"
