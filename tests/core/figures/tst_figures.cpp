// A figure as a whole: what is read of it, what is found in it, its frame, and how figures join.
#include "support/core_support.h"

#include "core/figures/figure_findings.h"
#include "core/figures/frames.h"
#include "core/figures/joints.h"
#include "core/figures/travel.h"

using namespace lc;

namespace {

FigureCard everyone(const std::string& name, const std::string& line) {
    FigureCard card;
    card.name = name;
    card.lines = {{"everyone", line}};
    return card;
}

FigureCard couple(const std::string& name, const std::string& leader, const std::string& follower) {
    FigureCard card;
    card.name = name;
    card.lines = {{"leader", leader}, {"follower", follower}};
    return card;
}

std::vector<FigureFinding> findingsOf(const FigureCard& card, const FigureSurroundings& around = {}) {
    return inspectFigure(card, readFigure(card, around.choices), around);
}

FigureSurroundings inThrees() {
    FigureSurroundings around;
    around.bar = counts(3);
    return around;
}

const FigureFinding* findingOf(const std::vector<FigureFinding>& all, const char* code) {
    for (const FigureFinding& f : all)
        if (f.code == code) return &f;
    return nullptr;
}

} // namespace

class FiguresTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void aCoupleIsReadRoleByRole() {
        const FigureReading read =
            readFigure(couple("Box", "[closed] S forward L Q side R Q close L", "[closed] S back Q side Q close"));
        QCOMPARE(read.length, counts(4));
        QCOMPARE(read.roles[0].changes, 3);
        QVERIFY(read.roles[1].freeIn == Foot::Right); // mirrored: nothing else is said
        QVERIFY(read.roles[0].freeOut == Foot::Right && read.roles[1].freeOut == Foot::Left);
        QCOMPARE(test::q(feetInWords(read.roles[0])), "left to right");
        QCOMPARE(test::q(feetInWords(read.roles[1])), "either, then the other");
        QCOMPARE(read.meetPoints.size(), std::size_t{1});
        QVERIFY(read.meetPoints[0].met);
        const FigureReading same = readFigure(couple("Shadow walk", "[shadow, same foot] 1-4 walk L", "1-4 walk"));
        QVERIFY(same.roles[1].freeIn == Foot::Left);
    }
    void rolesThatMissEachOtherAreTold() {
        // S14: both make five changes and the feet agree, but the follower is two counts late.
        const auto all = findingsOf(couple("S14", "S S S Q Q", "S S S S S"));
        const FigureFinding* f = findingOf(all, figure_finding::unequalRoles);
        QVERIFY(f);
        QCOMPARE(
            test::q(f->text),
            "follower has 10 counts, leader 8: +2, follower misses the meet point at 8. Both make 5 weight changes, so the feet agree all the same.");
        QVERIFY(!findingOf(all, figure_finding::meet));
        const FigureReading mended = readFigure(f->remedies.at(0).after);
        QCOMPARE(mended.roles[0].line.length, counts(10));
        QVERIFY(!findingOf(findingsOf(f->remedies.at(0).after), figure_finding::unequalRoles));
    }
    void aMeetPointInsideAFigureIsChecked() {
        const auto all = findingsOf(couple("Meets", "[opposite feet] 1 step L 2 step R 3 meet L 4 step R",
                                           "1 step R 2 touch L 3 meet L 4 step R"));
        const FigureFinding* f = findingOf(all, figure_finding::meet);
        QVERIFY(f);
        QVERIFY2(test::q(f->headline).contains("at 3"), f->headline.english().c_str());
        QVERIFY2(test::q(f->text).contains("both have the left free"), f->text.english().c_str());
    }
    void claimedAndBuiltAreCompared() {
        const auto all = findingsOf([] {
            FigureCard card = couple("Kerb", "1 side L 2 behind R 3 side L 4 across R 5 side L",
                                     "1 side R 2 behind L 3 side R 4 across L 5 side R");
            card.claimed = counts(6);
            return card;
        }());
        const FigureFinding* f = findingOf(all, figure_finding::claimed);
        QVERIFY(f);
        QCOMPARE(test::q(f->headline), "Called 6, adds up to 5");
        QCOMPARE(f->remedies.size(), std::size_t{3});
        QCOMPARE(test::q(f->remedies[0].text), "Let step 3 last 2 counts");
        for (const FigureRemedy& remedy : f->remedies) {
            const FigureReading read = readFigure(remedy.after);
            QCOMPARE(read.length, *remedy.after.claimed);
            QVERIFY(!findingOf(findingsOf(remedy.after), figure_finding::claimed));
            QVERIFY(read.roles[0].freeOut == Foot::Right &&
                    read.roles[1].freeOut == Foot::Left); // the feet stay as they are
        }
        QCOMPARE(test::q(f->remedies[0].after.lines[1].text), "1 side R 2 behind L 3:2 side R 5 across L 6 side R");
    }
    void theFindingsOfAFigureAreInOrderOfWeight() {
        FigureCard card = everyone("Many", "1 step R 2 step R 3 …");
        card.claimed = counts(4);
        const auto all = findingsOf(card);
        QCOMPARE(test::q(all.at(0).code), figure_finding::claimed);
        QCOMPARE(test::q(all.at(1).code), figure_finding::footNotFree);
        QVERIFY(findingOf(all, figure_finding::unfinished));
        QVERIFY(findingOf(all, figure_finding::halfBar));
        QVERIFY(std::is_sorted(all.begin(), all.end(),
                               [](const auto& a, const auto& b) { return a.severity < b.severity; }));
    }
    void aLineThatCannotBeReadIsTheFirstToMend() {
        const auto all = findingsOf(couple("Torn", "1 step 2 step", "1 step 2 step L R"));
        QCOMPARE(test::q(all.at(0).code), figure_finding::notation);
        QCOMPARE(test::q(all.at(0).role), "follower");
        QVERIFY(test::q(all.at(0).text).contains("character 17"));
        QCOMPARE(all.size(), std::size_t{1});
    }
    void holdsThatDisagreeAreTold() {
        QVERIFY(findingOf(findingsOf(couple("H", "[closed] 1 step L", "[open] 1 step R")), figure_finding::hold));
        QVERIFY(findingOf(findingsOf(couple("H", "1 step L 2 [L-R] R", "1 step R 2 [R-R] L")), figure_finding::hold));
        QVERIFY(
            !findingOf(findingsOf(couple("H", "[closed] 1 step L", "[closed] 1 step R [open]")), figure_finding::hold));
    }
    void versionsShareLengthAndFoot() {
        FigureCard card = everyone("V", "1 side R 2 close L 3 side R 4 touch L");
        card.facts.versions = {
            {"advanced", "improver", {{"everyone", "1 side R & close L 2 side R 3 back L 4 close R"}}}};
        QVERIFY2(findingsOf(card).empty(), findingsOf(card).empty() ? "" : findingsOf(card)[0].text.english().c_str());
        card.facts.versions = {{"wrong foot", "", {{"everyone", "1 side R 2 close L 3 side R 4 close L"}}}};
        QVERIFY(test::q(findingOf(findingsOf(card), figure_finding::versionSlot)->text)
                    .contains("must leave the same foot"));
        card.facts.versions = {{"longer", "", {{"everyone", "1 side R 2 close L 3 side R 4-6 wait"}}}};
        QVERIFY(test::q(findingOf(findingsOf(card), figure_finding::versionSlot)->text).contains("6 counts"));
        card.facts.versions = {{"torn", "", {{"everyone", "1 step L R"}}}};
        QVERIFY(test::q(findingOf(findingsOf(card), figure_finding::versionSlot)->headline).contains("cannot be read"));
    }
    void onesOwnLimitsWarnAndOthersDoNot() {
        // 720° over 3 beats at 120 bpm is 480°/s.
        FigureSurroundings around;
        around.tempo = 0.5;
        const FigureCard card = everyone("Spin", "1:3 turn 2/1 R 4 step");
        QVERIFY(!findingOf(findingsOf(card, around), figure_finding::turnSpeed));
        around.limits = {0.25, 360.0};
        const auto all = findingsOf(card, around);
        QVERIFY(findingOf(all, figure_finding::turnSpeed));
        QVERIFY2(test::q(findingOf(all, figure_finding::turnSpeed)->text).contains("480°/s"),
                 findingOf(all, figure_finding::turnSpeed)->text.english().c_str());
        QVERIFY(!findingOf(all, figure_finding::quickStep));
        around.tempo = 0.4;
        QVERIFY(findingOf(findingsOf(everyone("Quick", "1 & 2"), around), figure_finding::quickStep));
    }
    void careFollowsFromTheSteps_data() {
        QTest::addColumn<QString>("line");
        QTest::addColumn<QString>("marks");
        QTest::newRow("plain") << "1 side R 2 close L"
                               << "";
        QTest::newRow("kick") << "1 kick R 2 step"
                              << "clearance";
        QTest::newRow("half turn") << "1 step R 1/2 R"
                                   << "small-base";
        QTest::newRow("slow half turn") << "1-4 walk 1/2 R"
                                        << "";
        QTest::newRow("hands in a turn") << "[L-R high] 1 step R 1/4 R"
                                         << "no-pull";
        QTest::newRow("large step in a turn") << "1 step large R 1/4 R"
                                              << "balance";
        QTest::newRow("jump") << "1 jump 2 wait"
                              << "dry-floor shoes";
        QTest::newRow("written") << "1 step #rest #warm-up"
                                 << "warm-up rest";
    }
    void careFollowsFromTheSteps() {
        QFETCH(QString, line);
        QFETCH(QString, marks);
        QStringList found;
        for (const CareMark& mark : readFigure(everyone("C", line.toStdString())).care)
            found << QString::fromUtf8(mark.code.data(), static_cast<qsizetype>(mark.code.size()));
        QCOMPARE(found.join(' '), marks);
    }
    /// S09: a ¾ turning combination, untimed when written; given three counts a bar, the leader waits while the
    /// follower goes on.
    void s09UntimedAndThenTimed() {
        const FigureCard untimed = couple("Turning", "1-3 somehow turn 3/4 R", "1-3 somehow turn 3/4 L R");
        const auto all = findingsOf(untimed, inThrees());
        QCOMPARE(all.size(), std::size_t{2}); // one for each role, both notes
        QVERIFY(all[0].code == figure_finding::untimed && all[0].severity == Severity::Note);
        QVERIFY2(test::q(all[0].text).contains("an even number"), all[0].text.english().c_str());
        const FigureCard timed = couple("Turning", "1 step L 1/4 R 2 step R 1/4 R 3 step L 1/4 R 4-6 wait",
                                        "1 step R 1/4 L 2 step L 1/4 L 3 step R 1/4 L 4 step L 5 step R 6 step L");
        const FigureReading read = readFigure(timed);
        QCOMPARE(read.roles[0].changes, 3); // odd: the other foot
        QVERIFY(read.roles[0].freeOut == Foot::Right);
        QCOMPARE(read.roles[1].changes, 6); // even: the same foot
        QVERIFY(read.roles[1].freeOut == Foot::Right);
        QCOMPARE(read.roles[0].turn.value, 6);
        QVERIFY(read.meetPoints.back().met);
        QCOMPARE(std::count_if(read.roles[0].line.actions.begin(), read.roles[0].line.actions.end(),
                               [](const Action& a) { return a.kind == ActionKind::Wait; }),
                 3); // explicit
        QVERIFY2(findingsOf(timed, inThrees()).empty(), "");
    }
    /// S07: a six-count figure as entry 2 + body 2 + close 2.
    void s07BodiesOfTheSameCountsAndFeetFit() {
        FigureCard figure = everyone("Gate", "1 forward L 2 forward R 3 side L 4 close R 5 back L 6 close R");
        figure.facts.entry = figure.facts.close = counts(2);
        const FigureReading read = readFigure(figure);
        const auto why = [&](const char* line) {
            const FigureReading body = readFigure(everyone("B", line));
            const BodyFit fit = bodyFits(figure, read, body);
            return fit.fits ? QString("fits") : test::q(fit.why);
        };
        QCOMPARE(why("1 kick L 2 touch L"), "fits");
        QCOMPARE(why("1 step 2 step"), "fits");
        QCOMPARE(why("1 step & step 2 step & step"), "fits");
        QCOMPARE(why("1 step & step 2 step"), "leaves the right foot free, the close needs the left");
        QCOMPARE(why("1 step R 2 step L"), "begins with the right foot, the left is free");
        QCOMPARE(why("1 step 2 step 3 step"), "3 counts, 2 are needed");
        QCOMPARE(why("1 step L R"), "its line cannot be read to the end");
        const FigureCard body = everyone("Kick body", "1 kick L 2 touch L");
        const FigureCard made = withBody(figure, read, body, readFigure(body));
        QCOMPARE(test::q(made.lines[0].text), "1 forward L 2 forward R 3 kick L 4 touch L 5 back L 6 close R");
        QVERIFY(readFigure(made).roles[0].freeOut == read.roles[0].freeOut);
        FigureCard bare = figure;
        bare.facts.entry = bare.facts.close = Tick{};
        QVERIFY(test::q(bodyFits(bare, read, readFigure(body)).why).contains("no frame"));
    }
    void bodiesAreComparedByHoldAndRole() {
        FigureCard figure = couple("Gate", "[closed] 1 forward L 2 side R 3 close L 4 close R",
                                   "[closed] 1 back R 2 side L 3 close R 4 close L");
        figure.facts.entry = figure.facts.close = counts(1);
        const FigureReading read = readFigure(figure);
        QVERIFY(bodyFits(figure, read, readFigure(everyone("B", "1 step 2 wait"))).fits ==
                false); // two changes are in the body: an even number is needed
        QVERIFY(bodyFits(figure, read, readFigure(everyone("B", "1 step 2 step"))).fits);
        QVERIFY(test::q(bodyFits(figure, read, readFigure(couple("B", "[open] 1 step 2 step", "1 step 2 step"))).why)
                    .contains("begins open, here it is closed"));
        QVERIFY(test::q(bodyFits(figure, read, readFigure(couple("B", "1 step 2 step [open]", "1 step 2 step"))).why)
                    .contains("ends open"));
    }
    void aChainTellsItsLengthsFeetAndBreaks() {
        const FigureReading six = readFigure(everyone("Six", "1 step L 2 step R 3 step L 4 step R 5 step L 6 step R"));
        const FigureReading three = readFigure(everyone("Three", "1 step L 2 step R 3 step L"));
        const FigureReading open = readFigure(couple("Open", "[open] 1 step", "[open] 1 step"));
        const FigureReading closed = readFigure(couple("Closed", "[closed] 1 step [L-R]", "[closed] 1 step"));
        const Chain good = chainFigures({{"Six", &six}, {"Six", &six}});
        QVERIFY(good.whole());
        QCOMPARE(good.length, counts(12));
        QCOMPARE(good.joints[1].musicCount, counts(7));
        const Chain bad = chainFigures({{"Three", &three}, {"Six", &six}});
        QVERIFY(!bad.whole());
        QCOMPARE(test::q(bad.joints[1].breaks.at(0)), "Six needs the left foot; the right is free");
        const Chain holds = chainFigures({{"Closed", &closed}, {"Open", &open}});
        QVERIFY2(test::q(holds.joints[1].breaks.at(0)).contains("Open begins open; here it is closed"),
                 holds.joints[1].breaks.at(0).english().c_str());
        QCOMPARE(test::q(toString(holds.joints[1].couple)), "closed, L-R");
    }
    /// S02: 6 + 8 + 6 = 20 counts; repeats start on 1 5 1 5 …, the figures on 1 7 7, 5 3 3, ….
    void s02TwentyCountsAgainstEights() {
        const FigureReading six = readFigure(everyone("Six", "1-6 walk")),
                            eight = readFigure(everyone("Eight", "1-8 walk"));
        std::vector<ChainLink> links;
        for (int i = 0; i < 8; ++i)
            for (const auto* figure : {&six, &eight, &six}) links.push_back({"f", figure});
        const Chain chain = chainFigures(links);
        QStringList starts;
        for (const Joint& joint : chain.joints) starts << test::q(toCountString(joint.musicCount));
        QCOMPARE(starts.mid(0, 7).join(' '), "1 7 7 5 3 3 1");
        for (std::size_t repeat = 1; repeat <= 8; ++repeat) {
            const Tick at = chain.joints[repeat * 3].at;
            QCOMPARE(at.value % counts(8).value == 0, repeat % 2 == 0);
            QCOMPARE(at.value % counts(32).value == 0, repeat == 8);
        }
    }
    void theWayOneComesIsSummed_data() {
        QTest::addColumn<QString>("line");
        QTest::addColumn<QString>("travel");
        QTest::newRow("vine") << "1 side R 2 behind L 3 side R 4 touch L"
                              << "3 to the right";
        QTest::newRow("vine back") << "1 side R 2 behind L 3 side R 4 touch L 5 side L 6 behind R 7 side L 8 touch R"
                                   << "on the spot";
        QTest::newRow("walks") << "1-3 walk forward L 4 close R"
                               << "3 forward";
        QTest::newRow("small and large") << "1 side small R 2 close L 3 forward large R"
                                         << "½ to the right, 1½ forward";
        QTest::newRow("round a corner") << "1 forward R 1/4 R 2 forward L"
                                        << "1 to the right, 1 forward";
        QTest::newRow("back after a half turn") << "1 forward R 1/2 R 2 forward L"
                                                << "on the spot";
        QTest::newRow("in the room") << "1 side R @9 2 forward L @9"
                                     << "2 to the left";
        QTest::newRow("rock") << "1 rock forward L 2 replace R"
                              << "on the spot";
        QTest::newRow("across") << "1 across R 2 side L"
                                << "2 to the left";
        QTest::newRow("diagonal") << "1 diagonal R 2 diagonal R"
                                  << "1½ to the right, 1½ forward"; // √2 of each, to half steps
        QTest::newRow("free") << "1-4 free R"
                              << "not known: a part is free";
    }
    void theWayOneComesIsSummed() {
        QFETCH(QString, line);
        QFETCH(QString, travel);
        QCOMPARE(test::q(travelInWords(travelOf(readFigure(everyone("T", line.toStdString())).roles[0]))), travel);
    }
    /// S15: an unfinished tail is a note, not an error, and the fractions of both rolling feels are known.
    void s15RollingCountsAndAnUnfinishedTail() {
        const auto onsets = [](Feel feel) {
            QStringList all;
            for (const Action& a : readNotation("& a 1", NotationChoices{.feel = feel}).actions)
                all << test::q(toCountString(a.at));
            return all.join(' ');
        };
        QCOMPARE(onsets(Feel::RollingThirds), "-2/3 -1/3 0");
        QCOMPARE(onsets(Feel::RollingQuarters), "-1/2 -1/4 0");
        const auto all = findingsOf(everyone("Tail", "1-12 walk 1 & 2 …"));
        QCOMPARE(test::q(all.at(0).code), figure_finding::unfinished);
        QVERIFY(all.at(0).severity == Severity::Note);
    }
};

LIFTCOUNT_TEST(FiguresTest)
#include "tst_figures.moc"
