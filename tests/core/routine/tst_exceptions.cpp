#include "support/core_support.h"

#include "core/routine/music_place.h"

using namespace lc;
using test::addFigure;
using test::danced;
using test::except;
using test::must;

namespace {

void place(Document& d, const std::string& part, FigureId figure, int times = 1) {
    test::placeFigure(d, part, figure, times);
}

QStringList counted(const Performance& p) {
    QStringList all;
    for (const PassPerformance& pass : p.passes) all << test::q(toCountString(pass.counts));
    return all;
}

PlacementId placed(const Document& d, const std::string& part, std::size_t index) {
    return findPartNamed(d.routine, part)->figures.at(index).id;
}

} // namespace

class ExceptionsTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void s01PartsThatDiffer() {
        Document d = test::documentOn("song 120 | song 60");
        const FigureId three = addFigure(d, "Three", {"1 2 3 4 wait"});
        const FigureId balance = addFigure(d, "Balance", {"1:2 side 3:2 side 5:2 side 7:2 side"});
        place(d, "A", three, 6);
        place(d, "A", balance);
        place(d, "B", three, 6);
        d = test::withOrder(d, "A B A B A B");
        PassExceptions more;
        for (int i = 0; i < 2; ++i)
            more.changes.push_back({FigureChange::Kind::Add, placed(d, "A", 5), Placement{{}, three}});
        except(d, 5, more);
        PassExceptions threes;
        for (std::size_t i = 0; i < 4; ++i)
            threes.changes.push_back({FigureChange::Kind::Bars, placed(d, "B", i), {}, {}, Rebar{4, 3}});
        except(d, 6, threes);
        const Performance p = danced(d);
        QCOMPARE(counted(p), (QStringList{"32", "24", "32", "24", "40", "20"}));
        QCOMPARE(p.end - p.start, counts(172));
        QCOMPARE(p.readingOf(p.passes[5]).lost.size(), 0U); // only waits fell on the fourth count
    }
    void anOddNumberOfFiguresWithThreeChangesFlipsTheFoot() { // S01
        for (int extra : {0, 1, 2}) {
            Document d = test::documentOn("song 128");
            const FigureId three = addFigure(d, "Three", {"1 2 3 4 wait"});
            place(d, "A", three, 2);
            d = must(applyEdit(test::withOrder(d, "A A"),
                               SetOpening{{{{d.routine.roles[0].id, Foot::Left, std::nullopt}}, {}}}));
            PassExceptions more;
            for (int i = 0; i < extra; ++i)
                more.changes.push_back({FigureChange::Kind::Add, placed(d, "A", 1), Placement{{}, three}});
            except(d, 1, more);
            const Performance p = danced(d);
            QCOMPARE(p.passes[1].roles[0].freeIn, extra % 2 == 0 ? Foot::Left : Foot::Right);
        }
    }
    void s10RowsEnterOneAfterAnother() {
        Document d = test::documentOn("song 64");
        for (int i = 2; i <= 5; ++i) d = must(applyEdit(d, AddRole{"row " + std::to_string(i)}));
        for (std::size_t r = 0; r < 5; ++r) d = test::withLine(d, "A", test::walk(16, {{16, "1/4 R"}}), r);
        d = test::withOrder(d, "A A");
        PassExceptions canon;
        canon.canon = Canon{counts(2), true};
        except(d, 1, canon);
        Performance p = danced(d);
        QCOMPARE(p.passes[0].counts, counts(24));
        QCOMPARE(p.passes[1].start, counts(24));
        for (std::size_t r = 0; r < 5; ++r) {
            const RoleInPass& row = p.passes[0].roles[r];
            QCOMPARE(row.entersAfter, counts(2 * static_cast<int>(r)));
            QCOMPARE(row.counts, counts(16));
            QCOMPARE(row.facingOut.value, 2);
        }
        const auto& last = p.roles[4]; // row 5 starts on count 9 and ends with count 24
        const auto first =
            std::find_if(last.begin(), last.end(), [](const PerformedAction& a) { return a.kind == ActionKind::Step; });
        QCOMPARE(first->at, counts(8));
        QCOMPARE(last[p.passes[0].roles[4].endAction - 1].at + counts(1), counts(24));

        canon.canon = Canon{counts(2), false};
        except(d, 1, canon);
        p = danced(d);
        QCOMPARE(p.passes[0].counts, counts(16));
        QCOMPARE(p.passes[0].roles[4].trimmed, counts(8));
        QCOMPARE(p.passes[0].roles[4].counts, counts(8));
        QCOMPARE(p.passes[0].roles[0].facingOut.value, 2);
        QCOMPARE(p.passes[0].roles[4].facingOut.value, 0); // its turn was trimmed away
    }
    void aCanonInsideAPassAndARowThatWaits() {
        Document d = test::documentOn("song 64");
        d = must(applyEdit(d, AddRole{"row 2"}));
        d = must(applyEdit(d, AddRole{"row 3"}));
        for (std::size_t r = 0; r < 3; ++r) d = test::withLine(d, "A", test::walk(16), r);
        d = test::withOrder(d, "A");
        PassExceptions canon;
        canon.canon = Canon{counts(4), true, {d.routine.roles[2].id, d.routine.roles[0].id}, counts(4), counts(12)};
        except(d, 1, canon);
        const Performance p = danced(d);
        QCOMPARE(p.passes[0].counts, counts(20));
        const auto stepsOf = [&](std::size_t role) {
            QStringList at;
            for (const PerformedAction& a : p.roles[role])
                if (a.kind == ActionKind::Step) at << QString::number(wholeCounts(a.at) + 1);
            return at.join(QLatin1Char(' '));
        };
        QCOMPARE(stepsOf(2), "1 2 3 4 5 6 7 8 9 10 11 12 17 18 19 20");
        QCOMPARE(stepsOf(0), "1 2 3 4 9 10 11 12 13 14 15 16 17 18 19 20");
        QCOMPARE(stepsOf(1), "1 2 3 4 17 18 19 20");
        for (const auto& role : p.roles) { // no gaps: a role that waits says so
            Tick at;
            for (const PerformedAction& a : role) {
                QCOMPARE(a.at, at);
                at = a.at + a.length;
            }
            QCOMPARE(at, counts(20));
        }
    }
    void s19RestartAndWalls() {
        Document d = test::withLine(test::documentOn("song 48 | song 48 | song 24 | song 48"), "A",
                                    test::walk(48, {{12, "1/4 R"}, {40, "1/2 L"}}));
        d = test::cut(test::withOrder(d, "A A A A"), 3, 24);
        const Performance p = danced(d);
        QCOMPARE(test::facings(p), (QStringList{"12", "9", "6", "9"}));
        QCOMPARE(test::starts(p), (QStringList{"1", "49", "97", "121"}));
    }
    void s20PlacesExchangedAndHome() {
        Document d = test::documentOn("song 64 | song 64");
        d = must(applyEdit(d, RenameRole{d.routine.roles[0].id, "partner one"}));
        d = must(applyEdit(d, AddRole{"partner two"}));
        d = must(applyEdit(d, SetFormation{Formation::FacingPairs}));
        const FigureId round = addFigure(d, "Round", {"1-8 walk round full R", "1-8 walk round full R"});
        const FigureId half = addFigure(d, "Half round", {"1-4 walk round 1/2 R", "1-4 walk round 1/2 R"});
        const FigureId one = addFigure(d, "Solo of one", {"1-8 step", "1-8 wait"});
        const FigureId two = addFigure(d, "Solo of two", {"1-8 wait", "1-8 step"});
        for (FigureId f : {round, round, one, two, half}) place(d, "A", f);
        d = test::withOrder(d, "A A");
        const Performance p = danced(d);
        QCOMPARE(p.passes[0].counts, counts(36));
        QCOMPARE(p.passes[0].roles[0].orbitOut.value, 20); // 360 + 360 + 180 degrees
        QCOMPARE(placeInWords(p.passes[0].roles[0].orbitOut), std::string("exchanged"));
        QCOMPARE(placeInWords(p.passes[0].roles[1].orbitOut), std::string("exchanged"));
        QCOMPARE(placeInWords(p.passes[1].roles[0].orbitOut), std::string("home"));
        QCOMPARE(p.passes[1].roles[0].facingOut.value, 0); // an orbit turns no body
        QCOMPARE(p.passes[0].roles[1].facingIn.value, 4);  // they face each other
    }
    void aBridgeStandsInsideThePass() {
        Document d = test::withLine(test::documentOn("song 64"), "A", "1 L 2 3 1/2 R:2 4 5 6 7 8");
        const FigureId sway = addFigure(d, "Sway", {"1 L 2 R"});
        d = test::withOrder(d, "A A");
        PassExceptions e;
        e.bridges = {Bridge{{}, counts(4), counts(2), sway}, Bridge{{}, counts(2), counts(4)}};
        except(d, 1, e);
        const Performance p = danced(d);
        QCOMPARE(p.passes[0].counts, counts(14));
        QVERIFY(test::pass(d, 1).bridges[0].after == counts(2)); // in order, each with its own identity
        QVERIFY(test::pass(d, 1).bridges[0].id.valid() &&
                test::pass(d, 1).bridges[0].id != test::pass(d, 1).bridges[1].id);
        QStringList at;
        for (const PerformedAction& a : p.roles[0])
            at << test::q(toCountString(a.at + counts(1))) + (a.kind == ActionKind::Wait ? "w" : "");
        QCOMPARE(at.mid(0, 13).join(' '), "1 2 3w 7 8 9 10 11 12 13 14 15 16");
        QCOMPARE(p.passes[0].roles[0].facingOut.value, 4);
        QCOMPARE(p.readingOf(p.passes[0]).figures.size(), 3U); // the part's one figure goes round both bridges
    }
    void mirroredAndExchangedPasses() {
        Document d = test::documentOn("song 64");
        d = must(applyEdit(d, AddRole{"follower"}));
        d = test::withLine(d, "A", "1 L 1/4 R 2 R 3 L 4 touch", 0);
        d = test::withLine(d, "A", "1 R 2 L 3 touch 4 wait", 1);
        d = test::withOrder(d, "A A A");
        PassExceptions e;
        e.mirrored = true;
        except(d, 2, e);
        Performance p = danced(d);
        QCOMPARE(p.passes[0].roles[0].facingOut.value, 2);
        QCOMPARE(p.passes[1].roles[0].facingOut.value, 0);
        QCOMPARE(*p.roles[0][p.passes[1].roles[0].firstAction].foot, Foot::Right);
        e = {};
        e.exchanged = true;
        except(d, 2, e);
        p = danced(d);
        QCOMPARE(p.passes[1].roles[1].facingOut.value - p.passes[1].roles[1].facingIn.value, 2);
        QCOMPARE(p.passes[1].roles[0].facingOut.value - p.passes[1].roles[0].facingIn.value, 0);
    }
    void figuresLeftOutAndInAnotherVersion() {
        Document d = test::documentOn("song 64");
        FigureCard card{"Vine", {{"everyone", "1 side 2 behind 3 side 4 touch"}}, std::nullopt, {}};
        card.facts.versions = {{"rolling", "improver", {{"everyone", "1 1/2 R 2 1/2 R 3 4 touch"}}}};
        d = must(applyEdit(d, AddFigure{card, {}}));
        const FigureId vine = d.routine.figures.back().id;
        place(d, "A", vine, 3);
        d = test::withOrder(d, "A A");
        PassExceptions e;
        e.changes = {{FigureChange::Kind::Drop, placed(d, "A", 0)},
                     {FigureChange::Kind::Version, placed(d, "A", 2), {}, "rolling", {}}};
        except(d, 1, e);
        const Performance p = danced(d);
        QCOMPARE(counted(p), (QStringList{"8", "12"}));
        QCOMPARE(p.passes[0].roles[0].facingOut.value, 8);
        QCOMPARE(p.readingOf(p.passes[0]).figures[1].version, std::string("rolling"));
        d = must(applyEdit(d, RemovePlacements{{placed(d, "A", 0)}}));
        QCOMPARE(test::pass(d, 1).changes.size(), 1U); // the change went with what it changed
    }
    void aFigureInThePlaceOfOneLeftOut() {
        for (const bool dropFirst : {true, false}) {
            Document d = test::documentOn("song 64");
            const FigureId one = addFigure(d, "One", {"1 2 3 4"}), two = addFigure(d, "Two", {"1 2"}),
                           other = addFigure(d, "Other", {"1 2 3 4 5 6"});
            place(d, "A", one);
            place(d, "A", two);
            d = test::withOrder(d, "A");
            const FigureChange drop{FigureChange::Kind::Drop, placed(d, "A", 0)},
                add{FigureChange::Kind::Add, placed(d, "A", 0), Placement{{}, other}};
            PassExceptions e;
            e.changes = dropFirst ? std::vector{drop, add} : std::vector{add, drop};
            except(d, 1, e);
            const Performance p = danced(d);
            QCOMPARE(p.passes[0].counts, counts(8));
            QCOMPARE(p.readingOf(p.passes[0]).figures[0].figure, other);
        }
    }
    void aRippleThatIsCutCountsWhatEachRoleDanced() {
        Document d = test::documentOn("song 64");
        d = must(applyEdit(d, AddRole{"row 2"}));
        for (std::size_t r = 0; r < 2; ++r) d = test::withLine(d, "A", test::walk(16), r);
        d = test::withOrder(d, "A A");
        PassExceptions e;
        e.canon = Canon{counts(4), true};
        e.restart = Restart{counts(10)};
        except(d, 1, e);
        const Performance p = danced(d);
        QCOMPARE(p.passes[0].roles[0].counts, counts(10));
        QCOMPARE(p.passes[0].roles[1].counts, counts(6));
    }
    void partsInsideParts() {
        Document d = test::documentOn("song 64");
        d = test::withLine(test::withLine(d, "A", "1 L 2 3 4 1/4 R"), "B", "1 2");
        d = must(applyEdit(d, PlacePart{findPartNamed(d.routine, "B")->id, findPartNamed(d.routine, "A")->id}));
        d = must(applyEdit(d, AddPart{"Whole"}));
        const PartId whole = findPartNamed(d.routine, "Whole")->id;
        d = must(applyEdit(d, PlacePart{whole, findPartNamed(d.routine, "B")->id}));
        d = must(applyEdit(d, PlacePart{whole, findPartNamed(d.routine, "A")->id}));
        d = test::withOrder(d, "Whole");
        const Performance p = danced(d);
        QCOMPARE(p.passes[0].counts, counts(10));
        QCOMPARE(p.passes[0].roles[0].facingOut.value, 4);
        QCOMPARE(p.readingOf(p.passes[0]).figures.size(), 3U);
        QCOMPARE(p.readingOf(p.passes[0]).figures[1].path.size(), 3U);
        const auto inside = applyEdit(d, PlacePart{findPartNamed(d.routine, "A")->id, whole});
        QVERIFY(!inside);
        QVERIFY2(test::q(inside.error().message).contains("inside itself"), inside.error().message.english().c_str());
        QVERIFY(!applyEdit(d, PlacePart{whole, whole}));
    }
    void anEndingAndAnOptionalOne() {
        Document d = test::withLine(test::withLine(test::documentOn("song 64"), "A", test::walk(8, {{6, "1/2 R:2"}})),
                                    "End", "1 stomp 2 wait");
        d = test::withOrder(d, "A A");
        PassExceptions e;
        e.ending = Ending{counts(6), findPartNamed(d.routine, "End")->id};
        except(d, 2, e);
        Performance p = danced(d);
        QCOMPARE(p.passes[1].counts, counts(8));
        QCOMPARE(p.passes[1].cutTurns.size(), 1U); // the turn that began on 6 is not finished
        QCOMPARE(p.passes[1].roles[0].facingOut.value - p.passes[1].roles[0].facingIn.value, 0);
        e.ending->danced = false;
        except(d, 2, e);
        p = danced(d);
        QVERIFY(p.passes[1].plain);
        QCOMPARE(p.passes[1].roles[0].facingOut.value - p.passes[1].roles[0].facingIn.value, 4);
    }
    void aPinnedStartWaitsOrCuts() {
        Document d =
            test::withLine(test::documentOn("intro 16 | verse 32 | chorus 32 | bridge 32"), "A", test::walk(24));
        d = test::withOrder(d, "A A A");
        const CountGrid grid(*d.map, d.scheme);
        d = must(applyEdit(d, PinPass{test::pass(d, 2).id, musicPlaceAt(grid, counts(48))}));
        Performance p = danced(d);
        QCOMPARE(test::starts(p), (QStringList{"1", "49", "73"}));
        QCOMPARE(p.passes[1].wait, counts(24));
        QCOMPARE(p.passes[1].begin(), counts(24));
        d = test::withLine(d, "A", test::walk(60)); // now the pass before it is longer than the place allows
        p = danced(d);
        QCOMPARE(test::starts(p), (QStringList{"1", "49", "109"}));
        QVERIFY(p.passes[0].cut && p.passes[0].cutByPin);
        QCOMPARE(p.passes[0].counts, counts(48));
        d = must(applyEdit(
            d, InsertPass{0, findPartNamed(d.routine, "A")->id})); // two passes do not fit before it: the second is cut
                                                                   // away to nothing but its place
        p = danced(d);
        QCOMPARE(p.passes[2].lateBy, counts(72));
        d = must(applyEdit(d, SetStart{*grid.secondsAt(counts(16))}));
        d = must(applyEdit(d, RemovePasses{{test::pass(d, 1).id}}));
        p = danced(d);
        QCOMPARE(p.passes[0].start, counts(16));
        QCOMPARE(p.passes[1].start, counts(48));
    }
    void anExceptionBoundToTheMusicFollowsTheSong() {
        Document d = test::withLine(test::documentOn("verse 32 | bridge 32 | chorus 32"), "A", test::walk(32));
        d = test::withOrder(d, "A A A A");
        const CountGrid grid(*d.map, d.scheme);
        PassExceptions restart;
        restart.restart = Restart{};
        d = must(applyEdit(d, AddMusicException{*musicPlaceAt(grid, counts(48)), restart, "after the drums"}));
        QCOMPARE(test::q(toWords(d.routine.atMusic[0].place)), "in Bridge, after 16");
        Performance p = danced(d);
        QCOMPARE(test::starts(p), (QStringList{"1", "33", "49", "81"}));
        QCOMPARE(p.passes[1].fromMusic, std::vector<ExceptionId>{d.routine.atMusic[0].id});
        d = must(applyEdit(d, InsertPass{0, d.routine.parts[0].id})); // it stays at its place whatever is inserted
        QCOMPARE(test::starts(danced(d)), (QStringList{"1", "33", "49", "81", "113"}));
        d = must(
            applyEdit(d, SetSong{{},
                                 std::make_shared<const SongMap>(test::song(
                                     "verse 32 | verse 32 | bridge 32"))})); // another song: the bridge is elsewhere
        QCOMPARE(test::starts(danced(d)), (QStringList{"1", "33", "65", "81", "113"}));
        d = must(applyEdit(d, SetSong{{}, std::make_shared<const SongMap>(test::song("verse 32 | chorus 32"))}));
        QVERIFY(!tickOf(d.routine.atMusic[0].place, CountGrid(*d.map, d.scheme)));
        QCOMPARE(danced(d).passes[1].fromMusic.size(), 0U);
    }
    void aTagOfTheMusicFollowsThePassBeforeIt() {
        Document d =
            test::withOrder(test::withLine(test::documentOn("verse 36 | chorus 32"), "A", test::walk(32)), "A A");
        PassExceptions tag;
        tag.tag = Tag{counts(4)};
        d = must(applyEdit(d, AddMusicException{{"Verse", counts(32), 0}, tag, {}}));
        QCOMPARE(test::starts(danced(d)), (QStringList{"1", "37"}));
        d.routine.atMusic[0].what = {};
        d.routine.atMusic[0].what.wait = counts(4);
        QCOMPARE(test::starts(danced(d)), (QStringList{"1", "33"})); // a wait at the 1 of a pass is inside it
        QCOMPARE(danced(d).passes[1].counts, counts(36));
    }
    void theOpeningStance() {
        Document d = test::withOrder(test::withLine(test::documentOn("song 64"), "A", "1 2 3 4 1/4 R"), "A A");
        d = must(applyEdit(d, SetOpening{{{{d.routine.roles[0].id, Foot::Right, Eighths{6}}}, {}}}));
        const Performance p = danced(d);
        QCOMPARE(test::facings(p), (QStringList{"9", "12"}));
        QCOMPARE(p.passes[0].roles[0].freeIn, Foot::Right);
    }
    void anAccentFallsWhereItsFigureIs() {
        Document d = test::withOrder(test::withLine(test::documentOn("song 64"), "A", test::walk(8)), "A A");
        const Performance p = danced(d);
        QCOMPARE(*placeOf(p, p.passes[1], placed(d, "A", 0), counts(4)), counts(12));
        QVERIFY(!placeOf(p, p.passes[1], placed(d, "A", 0), counts(9)));
        QVERIFY(!placeOf(p, p.passes[1], PlacementId{999}, counts(1)));
    }
};

LIFTCOUNT_TEST(ExceptionsTest)
#include "tst_exceptions.moc"
