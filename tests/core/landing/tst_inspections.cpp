#include "support/core_support.h"

#include "core/landing/remedies.h"
#include "core/routine/music_place.h"

using namespace lc;
using test::except;
using test::findingWith;
using test::must;

namespace {

FigureId add(Document& d, const FigureCard& card) {
    d = must(applyEdit(d, AddFigure{card, {}}));
    return d.routine.figures.back().id;
}
FigureId add(Document& d, const std::string& name, const std::vector<std::string>& lines) {
    return test::addFigure(d, name, lines);
}
void place(Document& d, FigureId figure) { test::placeFigure(d, "A", figure); }
Document couple(const std::string& song) {
    Document d = must(applyEdit(test::documentOn(song), RenameRole{RoleId{1}, "leader"}));
    return must(applyEdit(d, AddRole{"follower"}));
}
QString headline(const Document& d, const char* code) {
    const auto f = findingWith(land(d).findings, code);
    return f ? test::q(f->headline) : QString();
}
/// Some remedy puts the finding right.
bool mends(const Document& d, const char* code, const QString& title) {
    const Landing landing = land(d);
    const Finding f = *findingWith(landing.findings, code);
    for (const Remedy& r : remediesFor(d, landing, f))
        if (test::q(r.title).contains(title)) {
            const Landing after = land(must(applyEdits(d, r.edits)));
            return std::none_of(after.findings.begin(), after.findings.end(),
                                [&](const Finding& x) { return x.key == f.key; });
        }
    return false;
}

} // namespace

class InspectionsTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void aJointInsideAPartNeedsItsFoot() {
        Document d = test::documentOn("song 64");
        const FigureId one = add(d, "Walk three", {"1 L 2 R 3 L 4 wait"});
        const FigureId two = add(d, "Left lead", {"1 L 2 R 3 L 4 R"});
        place(d, one);
        place(d, two);
        d = test::withOrder(d, "A A");
        QCOMPARE(headline(d, finding::wrongFootAtJoint), "Wrong foot into Left lead");
        QVERIFY(mends(d, finding::wrongFootAtJoint, "Make the last step of Walk three a touch."));
        QVERIFY(mends(d, finding::wrongFootAtJoint, "Dance Left lead to the other side."));
        const auto all = land(d).findings;
        QCOMPARE(std::count_if(all.begin(), all.end(),
                               [](const Finding& f) { return f.key.code == finding::wrongFootAtJoint; }),
                 1); // told once, not for each pass
    }
    void holdsAndPositionsAtAJoint() {
        Document d = couple("song 64");
        const FigureId open =
            add(d, "Opening out",
                {"[closed, L-R] 1 L 2 R 3 L 4 touch [open, no hands]", "[closed, L-R] 1 R 2 L 3 R 4 touch"});
        const FigureId closed = add(d, "Box", {"[closed] 1 R 2 L 3 R 4 L", "[closed] 1 L 2 R 3 L 4 R"});
        place(d, open);
        place(d, closed);
        d = test::withOrder(d, "A");
        QCOMPARE(headline(d, finding::couple), "Hold or position does not fit into Box");
        d = must(applyEdit(d, SetOpening{{{}, *parseCouple("shadow")}}));
        QCOMPARE(headline(d, finding::couple), "Hold or position does not fit into Opening out");
    }
    void feetThatDoNotAnswerEachOther() {
        Document d = couple("song 64");
        const FigureId f = add(d, "Mirror walk", {"[opposite feet] 1 L 2 R 3 L 4 R", "1 R 2 L 3 R 4 touch"});
        place(d, f);
        d = test::withOrder(d, "A");
        QCOMPARE(headline(d, finding::relation), "The feet do not answer each other after Mirror walk");
        QVERIFY(mends(d, finding::relation, "Let leader end it with a touch."));
        QVERIFY(mends(d, finding::relation, "Let follower step instead of the last touch."));
    }
    void s20AMissingCountToWalkToTheNewPlace() {
        Document d = couple("song 64");
        const FigureId f = add(d, "Half round", {"1-4 walk round 1/2 R", "1-3 walk 4 wait"});
        place(d, f);
        d = test::withOrder(d, "A A");
        QCOMPARE(headline(d, finding::places), "Partners do not come to their places in pass 1");
        QVERIFY(test::q(findingWith(land(d).findings, finding::places)->text)
                    .contains("leader is exchanged, follower home"));
    }
    void s14TotalsThatDiffer() {
        Document d = couple("song 64");
        place(d, add(d, "Slow and quick", {"S S S Q Q", "S S S S S"}));
        d = test::withOrder(d, "A");
        const auto f = findingWith(land(d).findings, finding::unequalRoles);
        QCOMPARE(test::q(f->headline), "In Slow and quick leader is 2 short");
        QVERIFY(mends(d, finding::unequalRoles, "Let leader wait for the last 2 counts."));
    }
    void claimedAndBuiltLengthAndUnfinishedTails() { // S03, S15
        Document d = test::documentOn("song 64");
        place(d, add(d, FigureCard{"Twelve", {{"everyone", "1 2 3 4 5 6 7 8 9 10 11 12 13"}}, counts(12), {}}));
        place(d, add(d, "Open end", {"1 2 3 …"}));
        d = test::withOrder(d, "A");
        QCOMPARE(headline(d, "figure-claimed"), "Twelve: Called 12, adds up to 13");
        QVERIFY(mends(d, "figure-claimed", "Call it a figure of 13."));
        const auto tail = findingWith(land(d).findings, "figure-unfinished");
        QVERIFY(tail && tail->severity == Severity::Note);
    }
    void s01BarsThatTheMusicDoesNotHave() {
        Document d = test::documentOn("song 64");
        const FigureId three = add(d, "Three", {"1 2 3 4 wait"});
        for (int i = 0; i < 6; ++i) place(d, three);
        d = test::withOrder(d, "A A");
        PassExceptions e;
        for (std::size_t i = 0; i < 4; ++i)
            e.changes.push_back(
                {FigureChange::Kind::Bars, findPartNamed(d.routine, "A")->figures[i].id, {}, {}, Rebar{4, 3}});
        except(d, 2, e);
        const auto f = findingWith(land(d).findings, finding::barsElsewhere);
        QVERIFY(f);
        QVERIFY2(test::q(f->text).contains("The pass ends 4 counts early."), f->text.english().c_str());
        QVERIFY(mends(d, finding::barsElsewhere, "Dance the bars as they are written."));
        // where the music has bars of three it is right
        d = must(applyEdit(d, SetSong{{},
                                      std::make_shared<const SongMap>(
                                          test::song("song 24 | tail bar 3 | bar 3 | bar 3 | bar 3 | more 32"))}));
        QVERIFY(!findingWith(land(d).findings, finding::barsElsewhere));
    }
    void stepsThatBarsOfThreeLose() {
        Document d = test::documentOn("song 64");
        place(d, add(d, "Four", {"1 2 3 4"}));
        d = test::withOrder(d, "A");
        Placement placed = d.routine.parts[0].figures[0];
        placed.bars = {4, 3};
        d = must(applyEdit(d, ChangePlacement{placed}));
        QVERIFY(test::q(findingWith(land(d).findings, finding::lostSteps)->text).contains("loses 1 step"));
        QVERIFY(mends(d, finding::lostSteps, "Dance its bars as they are written."));
    }
    void stepsOverAStop() {
        Document d =
            test::withOrder(test::withLine(test::documentOn("song 16 | stop 4 | song 16"), "A", test::walk(16)), "A A");
        const auto f = findingWith(land(d).findings, finding::overStop);
        QVERIFY(f && f->severity == Severity::Note);
        QCOMPARE(f->at, counts(16));
        QVERIFY(mends(d, finding::overStop, "Let everyone wait through the stop"));
    }
    /// A stop that is left as it is stays so when its place moves by milliseconds, as when the song is heard again,
    /// also over the edge of a tenth of a second; and no other stop is meant, though it be a single count away.
    void aStopLeftAsItIsIsThatStopAndNoOther() {
        const auto at = [](double offset) {
            const Document d = must(applyEdit(
                newDocument(), SetSong{{},
                                       std::make_shared<const SongMap>(test::song(
                                           "song 16 | stop 1 | bridge 2 | stop 1 | song 16", 120, "4/4", offset))}));
            return test::withOrder(test::withLine(d, "A", test::walk(18)), "A A");
        };
        const auto stops = [](const Landing& landing) {
            std::vector<Tick> out;
            for (const Finding& f : landing.findings)
                if (f.key.code == finding::overStop) out.push_back(f.at);
            return out;
        };
        Document d = at(0.04);
        QCOMPARE(stops(land(d)).size(), std::size_t(2));
        const FindingKey key = findingWith(land(d).findings, finding::overStop)->key;
        QVERIFY(std::holds_alternative<SongTime>(key.thing));
        d = must(applyEdit(d, MuteFinding{key, "counted aloud"}));
        const std::vector<Tick> left = stops(land(d));
        QCOMPARE(left.size(), std::size_t(1));
        for (const double moved : {0.0, 0.012, 0.049, 0.051, 0.06, 0.2}) {
            Document again = at(moved);
            again.routine.muted = d.routine.muted;
            QCOMPARE(stops(land(again)), left);
        }
        Document elsewhere = at(1.04); // the stops are other places now
        elsewhere.routine.muted = d.routine.muted;
        QCOMPARE(stops(land(elsewhere)).size(), std::size_t(2));
    }
    void anAccentMissesItsMoment() {
        Document d = test::withOrder(test::withLine(test::documentOn("song 64", 120), "A", test::walk(16)), "A A A A");
        d = must(applyEdit(
            d, AddMoment{13.0, MomentKind::Hit, "the big hit"})); // count 27 of the song: 26 counts of half a second
        const PlacementId placed = d.routine.parts[0].figures[0].id;
        d = must(applyEdit(d, BindAccent{test::pass(d, 2).id, placed, counts(8), d.moments[0].id}));
        const auto f = findingWith(land(d).findings, finding::accent);
        QCOMPARE(test::q(f->headline), "Count 9 of part A in pass 2 is 2 counts early for “the big hit”");
        QVERIFY2(test::q(f->text).contains("1000 ms before the moment"), f->text.english().c_str());
        QVERIFY(mends(d, finding::accent, "Wait 2 counts before pass 2."));
        QVERIFY(mends(d, finding::accent, "Add a tag of 2 counts after pass 1."));
        QVERIFY(mends(d, finding::accent, "Let the accent go."));
        Document late = must(applyEdit(d, BindAccent{test::pass(d, 2).id, placed, counts(12), d.moments[0].id}));
        late = must(applyEdit(late, RemoveAccent{late.routine.accents[0].id}));
        QVERIFY(test::q(findingWith(land(late).findings, finding::accent)->headline).contains("2 counts late"));
        QVERIFY(mends(late, finding::accent, "Cut pass 1 after 14."));
        d = must(applyEdit(d, RemoveMoment{d.moments[0].id}));
        QVERIFY(test::q(findingWith(land(d).findings, finding::accent)->headline)
                    .contains("waits for a moment that is not there"));
    }
    void aRestartInATurnOffersThreeWays() {
        Document d = test::withOrder(
            test::withLine(test::documentOn("verse 16 | verse 16"), "A", "1-3 walk 4:2 1/2 R 6-8 walk"), "A A");
        d = test::cut(d, 1, 4);
        QVERIFY(mends(d, finding::turnCut, "Finish the turn: cut pass 1 after 5."));
        QVERIFY(mends(d, finding::turnCut, "Cut before the turn, after 3."));
        QVERIFY(mends(d, finding::turnCut, "Turn on into the next pass."));
        Document on = d;
        PassExceptions e = test::pass(d, 1);
        e.restart->turnOn = true;
        except(on, 1, e);
        QCOMPARE(test::facings(land(on).performance), (QStringList{"12", "6"}));
    }
    void theCanonSaysWhatItTrims() {
        Document d = test::documentOn("song 64");
        d = must(applyEdit(d, AddRole{"row 2"}));
        for (std::size_t r = 0; r < 2; ++r) d = test::withLine(d, "A", test::walk(16, {{16, "1/4 R"}}), r);
        d = test::withOrder(d, "A");
        PassExceptions e;
        e.canon = Canon{counts(2)};
        except(d, 1, e);
        const auto f = findingWith(land(d).findings, finding::canonTrim);
        QVERIFY(f && f->severity == Severity::Doubtful); // they face different ways then
        QVERIFY2(test::q(f->text).contains("2 from row 2"), f->text.english().c_str());
        QVERIFY(mends(d, finding::canonTrim, "Let every role finish"));
    }
    void whatIsBoundToAPlaceThatIsNotThere() {
        Document d = test::withOrder(test::withLine(test::documentOn("verse 32"), "A", test::walk(32)), "A");
        PassExceptions e;
        e.restart = Restart{};
        d = must(applyEdit(d, AddMusicException{{"Bridge", counts(16), 0}, e, {}}));
        QCOMPARE(headline(d, finding::exceptionUnmet), "What is bound in Bridge, after 16 does nothing");
        QVERIFY(mends(d, finding::exceptionUnmet, "Take it out."));
        d = must(applyEdit(d, PinPass{test::pass(d, 1).id, MusicPlace{"Bridge", {}, 0}}));
        QVERIFY(headline(d, finding::pinLate).contains("a place that this song does not have"));
        QVERIFY(mends(d, finding::pinLate, "Unpin it."));
    }
    void aPersonsOwnLimitsAtTheSongsTempo() {
        // 720° over 3 beats at 120 bpm is 480°/s
        Document d = test::withOrder(
            test::withLine(test::documentOn("song 32 @60 | song 32 @120"), "A", "1-3 walk large 2/1 R 4 wait"),
            "A x16");
        BodyLimits limits;
        limits.turnDegreesPerSecond = 360;
        const auto findings = land(d, limits).findings;
        const auto f = findingWith(findings, finding::turnSpeed);
        QVERIFY(f);
        QVERIFY2(test::q(f->text).contains("480°/s at the song's tempo; your own limit is 360°/s"),
                 f->text.english().c_str());
        QCOMPARE(f->at, counts(32)); // not where the song is slow
        QVERIFY(findingWith(findings, finding::largeStep));
        QVERIFY(!findingWith(land(d).findings, finding::turnSpeed)); // no limit of the program's own
        limits = {};
        limits.shortestStepSeconds = 0.6;
        QVERIFY(test::q(findingWith(land(d, limits).findings, finding::quickStep)->text).contains("0.50 s"));
    }
    void aDemandingFigureWantsSomethingCalm() {
        Document d = test::documentOn("song 64");
        const FigureId spin = add(d, "Spin", {"1 1/2 R 2 1/2 R 3 4"});
        place(d, spin);
        place(d, spin);
        d = test::withOrder(d, "A x4");
        const auto f = findingWith(land(d).findings, finding::noBalance);
        QVERIFY(f && f->severity == Severity::Note);
        QCOMPARE(test::q(f->headline), "Nothing calm follows Spin");
        Document calm = test::documentOn("song 64");
        place(calm, add(calm, "Spin", {"1 1/2 R 2 1/2 R 3 4"}));
        place(calm, add(calm, "Balance", {"1:2 balance 3:2 balance"}));
        QVERIFY(!findingWith(land(test::withOrder(calm, "A x4")).findings, finding::noBalance));
    }
    void careAndCorners() {
        Document d = test::documentOn("song 64");
        place(d, add(d, "High kick", {"1 kick R 2 step R 3 4"}));
        FigureCard turn{"Corner turn", {{"everyone", "1 2 3 4"}}, std::nullopt, {}};
        turn.facts.tags = {"corner"};
        place(d, add(d, turn));
        d = test::withOrder(d, "A x8");
        const auto care = findingWith(land(d).findings, "care-clearance");
        QVERIFY(care && care->severity == Severity::Note);
        QCOMPARE(test::q(care->headline), "Take care: High kick");
        QVERIFY(test::q(findingWith(land(d).findings, finding::corner)->text)
                    .contains("pass 1 count 5, pass 2 count 5, pass 3 count 5 and 5 more places"));
    }
    void mutedFindingsOfOneFigureLeaveTheOthers() {
        Document d = test::documentOn("song 64");
        place(d, add(d, FigureCard{"Five", {{"everyone", "1 2 3 4"}}, counts(5), {}}));
        place(d, add(d, FigureCard{"Six", {{"everyone", "1 2 3 4"}}, counts(6), {}}));
        d = test::withOrder(d, "A");
        const Finding first = *findingWith(land(d).findings, "figure-claimed");
        d = must(applyEdit(d, leaveAsItIs(first, "its name")));
        const Landing landing = land(d);
        QCOMPARE(landing.muted.size(), 1U);
        QVERIFY(test::q(findingWith(landing.findings, "figure-claimed")->headline).startsWith("Six"));
    }
};

LIFTCOUNT_TEST(InspectionsTest)
#include "tst_inspections.moc"
