// Fillers, drills, ornaments and starts, against brute force and worked examples.
#include "support/core_support.h"

#include "core/figures/body_limits.h"
#include "core/figures/drills.h"
#include "core/figures/fillers.h"
#include "core/figures/moment_starts.h"
#include "core/figures/versions.h"

#include <rapidcheck.h>

#include <functional>

using namespace lc;

namespace {

FigureReading lineOf(const std::string& text) { return readFigureLines({{"everyone", text}}, {}); }

/// Every sequence of pieces, tried one by one: no table, no shared code.
std::vector<Filler> byTrying(const FillersAsked& asked, const std::vector<FillerPiece>& pieces) {
    std::vector<Filler> found;
    std::vector<std::size_t> now;
    const std::function<void(std::int64_t, bool, int)> go = [&](std::int64_t left, bool right, int changes) {
        if (left == 0) {
            const Foot foot = right ? Foot::Right : Foot::Left;
            if (!asked.leave || *asked.leave == foot) found.push_back({now, changes, foot});
            return;
        }
        for (std::size_t p = 0; p < pieces.size(); ++p) {
            const std::int64_t length = pieces[p].length.value / ticksPerCount;
            if (length > left) continue;
            if (pieces[p].needs && (*pieces[p].needs == Foot::Right) != right) continue;
            now.push_back(p);
            go(left - length, pieces[p].changesFoot ? !right : right, changes + pieces[p].changes);
            now.pop_back();
        }
    };
    go(asked.counts.value / ticksPerCount, asked.free == Foot::Right, 0);
    std::stable_sort(found.begin(), found.end(), [](const Filler& a, const Filler& b) {
        return std::tuple(a.pieces.size(), a.changes, a.pieces) < std::tuple(b.pieces.size(), b.changes, b.pieces);
    });
    return found;
}

} // namespace

class FillersTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void theCheapestOfAllAreFound() {
        QVERIFY(rc::check("as by trying every sequence", [] {
            std::vector<FillerPiece> pieces;
            const int n = *rc::gen::inRange(1, 5);
            for (int i = 0; i < n; ++i) {
                const int changes = *rc::gen::inRange(0, 5);
                FillerPiece piece{"p" + std::to_string(i),
                                  counts(*rc::gen::inRange(1, 5)),
                                  changes,
                                  changes % 2 == 1,
                                  std::nullopt,
                                  "",
                                  false};
                if (*rc::gen::inRange(0, 3) == 0) piece.needs = *rc::gen::element(Foot::Left, Foot::Right);
                pieces.push_back(piece);
            }
            FillersAsked asked;
            asked.counts = counts(*rc::gen::inRange(1, 10));
            asked.free = *rc::gen::element(Foot::Left, Foot::Right);
            if (*rc::gen::inRange(0, 2) == 0) asked.leave = *rc::gen::element(Foot::Left, Foot::Right);
            asked.most = 30;
            const Fillers fillers = test::must(fillersFor(asked, pieces));
            const auto all = byTrying(asked, pieces);
            RC_ASSERT(fillers.all == std::optional<std::uint64_t>(all.size()));
            RC_ASSERT(fillers.cheapest.size() == std::min<std::size_t>(30, all.size()));
            for (std::size_t i = 0; i < fillers.cheapest.size(); ++i) {
                RC_ASSERT(fillers.cheapest[i].pieces == all[i].pieces);
                RC_ASSERT(fillers.cheapest[i].changes == all[i].changes);
                RC_ASSERT(fillers.cheapest[i].leaves == all[i].leaves);
            }
        }));
    }
    /// S08: a five-step figure stretched by one leaves two counts of the eight and the other foot: fillers with an odd
    /// number of changes bring it back.
    void s08FillersBackToOne() {
        const Fillers fillers =
            test::must(fillersFor({.counts = counts(2), .free = Foot::Right, .leave = Foot::Left}, barePieces()));
        QStringList names;
        for (const Filler& filler : fillers.cheapest) {
            QCOMPARE(filler.changes % 2, 1);
            names << test::q(fillerName(filler, barePieces()));
        }
        QCOMPARE(names, (QStringList{"slow step", "triple", "wait, step", "touch, step", "step, wait", "step, touch"}));
        QCOMPARE(*fillers.all, std::uint64_t{6});
    }
    /// Up to 64 counts: the number of ways with pieces of one and two counts (either foot) are Fibonacci numbers
    /// (Pingala's mātrāmeru; Singh, The so-called Fibonacci numbers in ancient and medieval India, Historia Mathematica
    /// 12, 1985).
    void theNumberOfFillersIsKnownUpTo64() {
        const std::vector<FillerPiece> pieces{{"short", counts(1), 1, true, std::nullopt, "", true},
                                              {"long", counts(2), 1, true, std::nullopt, "", true}};
        std::uint64_t a = 1, b = 1;
        for (int n = 1; n <= 64; ++n) {
            const Fillers fillers = test::must(fillersFor({.counts = counts(n), .leave = std::nullopt}, pieces));
            QCOMPARE(*fillers.all, b);
            const std::uint64_t next = a + b;
            a = b;
            b = next;
        }
        QVERIFY(!test::must(fillersFor({.counts = counts(64), .leave = std::nullopt}, barePieces())).cheapest.empty());
        std::vector<FillerPiece> many;
        for (int i = 0; i < 30; ++i) many.push_back({"p", counts(1), i % 2, i % 2 == 1, std::nullopt, "", true});
        QVERIFY(
            !test::must(fillersFor({.counts = counts(64), .leave = std::nullopt}, many)).all); // 30^64: more than 2^64
    }
    void countsThatCannotBeFilledAreSaid() {
        QVERIFY(!fillersFor({.counts = counts(0), .leave = std::nullopt}, barePieces()));
        QVERIFY(!fillersFor({.counts = counts(65), .leave = std::nullopt}, barePieces()));
        QVERIFY(!fillersFor({.counts = countFraction(3, 2), .leave = std::nullopt}, barePieces()));
        QCOMPARE(*test::must(fillersFor({.counts = counts(3), .leave = std::nullopt}, {})).all, std::uint64_t{0});
    }
    /// S06: three figures of four with three changes each, the set danced four, two or one times; the follower turns on
    /// the 2nd and 4th.
    void s06ASetScaled() {
        const FigureReading figure = lineOf("1 step 2 step 3 step 4 wait");
        const std::vector<ChainLink> set{{"A", &figure}, {"B", &figure}, {"C", &figure}};
        const auto scaled = scaleSet(set, {4, 2, 1}, {2, 4});
        QCOMPARE(scaled[0].length, counts(48));
        QCOMPARE(scaled[0].changes, 36);
        QVERIFY(scaled[0].findings.empty());
        QCOMPARE(scaled[1].length, counts(24));
        QCOMPARE(scaled[1].changes, 18);
        QVERIFY(scaled[1].findings.empty());
        QCOMPARE(scaled[2].length, counts(12));
        QCOMPARE(scaled[2].changes, 9);
        QCOMPARE(test::q(scaled[2].findings),
                 (QStringList{"it ends on the other foot than it begins", "it ends in the middle of an eight, after 4",
                              "it has no repetition 2, in which the turn belongs"}));
    }
    void aDrillIsSaidAndFollowed() {
        const FigureReading five = lineOf("1 side L 2 behind R 3 side L 4 across R 5 side L"),
                            stretched = lineOf("1 side 2 behind 3:2 side 5 across 6 side");
        const Drill drill = makeDrill({{"as written", 1, lineOf("1 step 2 step 3 step")}, {"stretched", 2, stretched}});
        QCOMPARE(test::q(drill.sentence), "once as written, twice stretched");
        QCOMPARE(drill.chain.length, counts(15));
        QVERIFY(drill.chain.whole()); // no foot is said, so the feet alternate
        QCOMPARE(drill.startsLeft, 2);
        QCOMPARE(drill.startsRight, 1);
        QVERIFY(drill.lessUsed() == Foot::Right);
        const Drill stiff = makeDrill({{"as written", 2, five}});
        QVERIFY(!stiff.chain.whole()); // five changes, and it must begin left again
        QCOMPARE(stiff.startsLeft, 2);
        const auto balanced = balancedItems({{"as written", 2, lineOf("1 side L 2 touch R 3 side R 4 touch L")}});
        QCOMPARE(balanced.size(), std::size_t{2});
        const Drill even = makeDrill(balanced);
        QCOMPARE(even.startsLeft, even.startsRight);
        QVERIFY(even.lessUsed() == Foot::Both);
        QCOMPARE(balancedItems(balanced).size(), std::size_t{2});
    }
    /// S11: an ornament inside one count at 60 bpm.
    void s11OrnamentsInsideACount() {
        const FigureReading figure = lineOf("1 step L 2 step R 3 step L");
        const auto all = ornamentsAt(figure.roles[0], 1, 1.0, {0.25, std::nullopt}, {}, 5);
        QCOMPARE(all.size(), std::size_t{4});
        const Ornament& three = all[1];
        QCOMPARE(three.changes, 3);
        QVERIFY(qAbs(three.secondsEach - 0.333) < 0.001 && three.sameFoot && three.withinLimit);
        QVERIFY(!all[2].sameFoot && all[2].withinLimit); // 4
        QVERIFY(all[3].sameFoot && !all[3].withinLimit); // 5: 0.2 s
        QVERIFY(qAbs(all[3].secondsEach - 0.2) < 1e-9);
        const FigureReading made = lineOf(three.line);
        QCOMPARE(made.length, figure.length);
        QVERIFY(made.roles[0].freeOut == figure.roles[0].freeOut);
        QCOMPARE(made.roles[0].changes, 5);
    }
    void thePaceIsMeasured() {
        // S04: steps on 1 2 3 5 6 7 at 184 bpm are 138 a minute.
        const Pace pace = paceOf(lineOf("1 2 3 5 6 7 8 wait").roles[0], 60.0 / 184);
        QVERIFY(qAbs(pace.stepsPerMinute - 138) < 1e-9);
        QVERIFY(qAbs(*pace.shortestStepSeconds - 60.0 / 184) < 1e-9);
        QVERIFY(!pace.turnDegreesPerSecond);
        const Pace sub = paceOf(lineOf("1 2 & 3").roles[0], 0.5);
        QVERIFY(qAbs(*sub.shortestStepSeconds - 0.25) < 1e-9);
        QVERIFY(sub.shortestAt == counts(1));
    }
    void everyVersionThatMeetsAMomentIsFound() {
        std::vector<NotationReading> lines;
        std::vector<RhythmVersion> versions =
            test::must(rhythmVersions("1 2 3 4 5", {.change = RhythmChange::Stretch}));
        for (const RhythmVersion& version : versions) lines.push_back(readNotation(version.notation));
        const auto meets = startsThatMeet(lines, counts(12), WantedStep::Slow);
        QCOMPARE(meets.size(), std::size_t{5}); // one slow step in each version
        for (const MomentStart& start : meets) {
            const Action& slow = lines[start.line].actions[start.step - 1];
            QVERIFY(slow.length == counts(2));
            QVERIFY(start.startsAt + slow.at == counts(12));
            QCOMPARE(start.step, versions[start.line].changedSteps.at(0));
        }
        QVERIFY(meets[0].musicCount == counts(5) && meets[4].musicCount == counts(1));
        QCOMPARE(startsThatMeet(lines, counts(2), WantedStep::Slow).size(),
                 std::size_t{3}); // earlier starts would lie before the 1
        QCOMPARE(startsThatMeet({readNotation("1 2! 3 & 4 break")}, counts(8), WantedStep::Accented).at(0).startsAt,
                 counts(7));
        QCOMPARE(startsThatMeet({readNotation("1 2! 3 & 4 break")}, counts(8), WantedStep::Quick).size(),
                 std::size_t{2});
        QCOMPARE(startsThatMeet({readNotation("1 2! 3 & 4 break")}, counts(8), WantedStep::Breaks).at(0).startsAt,
                 counts(5));
        // S12: counts 9, 17, 25 and 33 against 6 6 8 6 6 8: who meets them, and with which of their counts.
    }
    void danceOnOneTwoOrThree() {
        const NotationReading basic =
            readNotation("1 break forward L 2 replace R 3 close L 4 wait 5 break back R 6 replace L 7 close R 8 wait");
        QVERIFY(breakSteps(basic) == (std::vector<Tick>{counts(0), counts(4)}));
        QCOMPARE(*musicStartForBreak(basic, counts(1)), counts(1));
        QCOMPARE(*musicStartForBreak(basic, counts(2)), counts(2));
        QCOMPARE(*musicStartForBreak(basic, counts(3)), counts(3));
        const NotationReading onTwo = readNotation("1 place L 2 break back R 3 replace L 4 wait");
        QCOMPARE(*musicStartForBreak(onTwo, counts(2)), counts(1));
        QCOMPARE(*musicStartForBreak(onTwo, counts(1)), counts(8));
        QVERIFY(!musicStartForBreak(readNotation("1 2 3"), counts(1)));
    }
};

LIFTCOUNT_TEST(FillersTest)
#include "tst_fillers.moc"
