#include "support/core_support.h"

#include <rapidcheck.h>
#include <set>

using namespace lc;
using test::must;

class EditsTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void exceptionsStayWithTheirPass() {
        Document d = test::withOrder(test::withLine(newDocument(), "A", "1-8 walk"), "A A A");
        d = test::withLine(d, "B", "1-4 walk");
        d = test::cut(d, 2, 4);
        const PassId marked = test::pass(d, 2).id;
        d = test::withOrder(d, "B A A A"); // a pass typed in front of all
        QCOMPARE(*indexOfPass(d.routine, marked), std::size_t{2});
        QVERIFY(d.routine.passes[2].restart);
        d = test::withOrder(d, "A A A B A");
        QVERIFY(indexOfPass(d.routine, marked));
        d = must(applyEdit(d, InsertPass{0, d.routine.parts[0].id}));
        QVERIFY(d.routine.passes[*indexOfPass(d.routine, marked)].restart);
    }
    /// What comes in says its own identity; nothing is guessed from the identities before.
    void newFiguresArePlacedByTheirOwnIdentity() {
        Document d = test::withLine(newDocument(), "A", "");
        const FigureId old = test::addFigure(d, "Old", {"1 2"});
        const PartId part = d.routine.parts[0].id;
        const FigureCard fresh{"Fresh", {{"everyone", "1 2 3"}}, std::nullopt, {}},
            other{"Fresh", {{"everyone", "1"}}, std::nullopt, {}};
        Made made;
        // A part that is added first takes identities too: lastId + 1 would be wrong.
        const Document then = must(applyEdits(
            d,
            {AddPart{"B"}, PlaceFigures{part, {{{}, fresh, "v1"}, {old, {}, {}}, {{}, fresh, "v1"}, {{}, other, "v2"}}},
             PlaceFigure{part, old}},
            &made));
        QCOMPARE(made.figures.size(), std::size_t(2)); // one of v1 for both places, one of v2
        QCOMPARE(made.placements.size(), std::size_t(5));
        const auto& placed = findPart(then.routine, part)->figures;
        const std::size_t first = placed.size() - 5; // the empty typed steps may stay before them
        const std::vector<FigureId> expected{made.figures[0], old, made.figures[0], made.figures[1], old};
        for (std::size_t i = 0; i < 5; ++i) {
            QVERIFY(placed[first + i].figure == expected[i]);
            QVERIFY(placed[first + i].id == made.placements[i]);
        }
        QCOMPARE(test::q(findFigure(then.routine, made.figures[1])->vocabularyId), "v2");
        QCOMPARE(test::q(findFigure(then.routine, made.figures[0])->lines[0].text), "1 2 3");
        QVERIFY(!applyEdit(d, PlaceFigures{part, {{FigureId{999}, {}, {}}}}));
        const Document before = must(applyEdits(d, {PlaceFigures{part, {{old, {}, {}}}}}, &made));
        const Document between = must(
            applyEdits(before, {PlaceFigures{part, {{{}, fresh, {}}, {{}, other, {}}}, made.placements[0]}}, &made));
        QCOMPARE(made.figures.size(), std::size_t(1)); // without a vocabulary the name tells
        QVERIFY(findPart(between.routine, part)->figures.back().figure == old);
    }
    void anExceptionStaysUnderAnyInsertionAndRemoval() {
        QVERIFY(rc::check("restart stays with its pass", [] {
            Document d = test::withOrder(
                test::withLine(test::withLine(newDocument(), "A", "1-8 walk"), "B", "1-4 walk"), "A B A B A");
            const PassId marked = d.routine.passes[static_cast<std::size_t>(*rc::gen::inRange(0, 5))].id;
            d = must(applyEdit(d, SetRestart{marked, Restart{counts(3)}}));
            for (int i = *rc::gen::inRange(0, 12); i > 0; --i) {
                const std::size_t at = *rc::gen::inRange<std::size_t>(0, d.routine.passes.size() + 1);
                if (*rc::gen::arbitrary<bool>() || at == d.routine.passes.size() || d.routine.passes[at].id == marked)
                    d = must(applyEdit(d, InsertPass{at, d.routine.parts[*rc::gen::inRange<std::size_t>(0, 2)].id}));
                else
                    d = must(applyEdit(d, RemovePasses{{d.routine.passes[at].id}}));
            }
            int restarts = 0;
            for (const Pass& p : d.routine.passes) {
                if (p.restart) ++restarts;
                RC_ASSERT(p.restart.has_value() == (p.id == marked));
            }
            RC_ASSERT(restarts == 1);
        }));
    }
    void typingInTheOrderKeepsAsManyPassesAsCanBe() {
        QVERIFY(rc::check("SetOrder gives the order asked for, ids unique", [] {
            Document d = test::withLine(test::withLine(newDocument(), "A", "1-8 walk"), "B", "1-4 walk");
            const auto orderGen = rc::gen::container<std::vector<int>>(rc::gen::inRange(0, 2));
            for (int round = 0; round < 2; ++round) {
                std::vector<PartId> order;
                for (int i : *orderGen) order.push_back(d.routine.parts[static_cast<std::size_t>(i)].id);
                d = must(applyEdit(d, SetOrder{order}));
                RC_ASSERT(d.routine.passes.size() == order.size());
                std::set<PassId> ids;
                for (std::size_t i = 0; i < order.size(); ++i) {
                    RC_ASSERT(d.routine.passes[i].part == order[i]);
                    ids.insert(d.routine.passes[i].id);
                }
                RC_ASSERT(ids.size() == order.size());
            }
        }));
    }
    void rolesComeAndGoWithTheirLines() {
        Document d = must(applyEdit(newDocument(), AddRole{"follower"}));
        QCOMPARE(d.routine.figures[0].lines.size(), std::size_t{2});
        const RoleId follower = d.routine.roles[1].id;
        d = must(applyEdit(d, RenameRole{d.routine.roles[0].id, "leader"}));
        QCOMPARE(test::q(d.routine.roles[0].name), "leader");
        d = must(applyEdit(d, RemoveRole{follower}));
        QCOMPARE(d.routine.figures[0].lines.size(), std::size_t{1});
        QVERIFY(!applyEdit(d, RemoveRole{d.routine.roles[0].id}));
        QVERIFY(!applyEdit(d, AddRole{""}));
    }
    void partsComeAndGoWithTheirPasses() {
        Document d = must(applyEdit(newDocument(), AddPart{}));
        QCOMPARE(test::q(d.routine.parts[1].name), "B");
        d = test::withOrder(d, "A B A");
        const Document without = must(applyEdit(d, RemovePart{d.routine.parts[1].id}));
        QCOMPARE(without.routine.passes.size(), std::size_t{2});
        QCOMPARE(without.routine.figures.size(), std::size_t{1});
        QVERIFY(!applyEdit(without, RemovePart{without.routine.parts[0].id}));
        QVERIFY(!applyEdit(d, RenamePart{d.routine.parts[1].id, "A"}));
        QVERIFY(!applyEdit(d, RenamePart{d.routine.parts[1].id, "two words"}));
        QCOMPARE(test::q(must(applyEdit(d, RenamePart{d.routine.parts[1].id, "Ending"})).routine.parts[1].name),
                 "Ending");
    }
    void whatIsGoneIsSaidToBeGone_data() {
        QTest::addColumn<int>("which");
        for (int i = 0; i < 12; ++i) QTest::newRow(qPrintable(QString::number(i))) << i;
    }
    void whatIsGoneIsSaidToBeGone() {
        QFETCH(int, which);
        const Edit edits[] = {SetRestart{PassId{99}, {}},
                              SetTag{PassId{99}, {}},
                              SetLastChangeIsTouch{PassId{99}, true},
                              RenamePart{PartId{99}, "X"},
                              RemovePart{PartId{99}},
                              SetLine{PartId{99}, RoleId{1}, ""},
                              SetLine{PartId{3}, RoleId{99}, ""},
                              InsertPass{0, PartId{99}},
                              SetOrder{{PartId{99}}},
                              RenameRole{RoleId{99}, "x"},
                              ForgetFact{7},
                              RemovePart{PartId{98}}};
        const auto done = applyEdit(newDocument(), edits[which]);
        QVERIFY(!done);
        QVERIFY(done.error().code == ErrorCode::NotFound);
        QVERIFY(test::q(done.error().message).contains("nothing was changed"));
    }
    void valuesOutsideTheirRangeAreRefused() {
        const Document d = test::withOrder(newDocument(), "A");
        QVERIFY(!applyEdit(d, SetRestart{test::pass(d, 1).id, Restart{Tick{}}}));
        QVERIFY(!applyEdit(d, SetTag{test::pass(d, 1).id, Tag{counts(-1), false}}));
        QVERIFY(!applyEdit(d, SetScheme{{CountUnit::Beat, 0}}));
        QVERIFY(!applyEdit(d, SetChoices{{Feel::Swing, Tick{}, counts(1)}}));
    }
    void anotherSongTakesItsFactsAlong() {
        Document d = test::documentOn("intro 16 | verse 32");
        d = must(applyEdit(d, StateFact{BarFact{2, 2, {}}}));
        QVERIFY(*d.map != *d.detected);
        d = must(applyEdit(d, SetSong{{}, std::make_shared<const SongMap>(test::song("verse 24", 120, "3/4"))}));
        QVERIFY(d.facts.empty());
        QCOMPARE(d.map->metre.beats, 3);
    }
    void factsChangeTheMapAndCanBeForgotten() {
        const Document before = test::documentOn("intro 16 | verse 32");
        const Document with = must(applyEdit(before, StateFact{MetreFact{{3, 4}}}));
        QCOMPARE(with.map->metre.beats, 3);
        QVERIFY(must(applyEdit(with, ForgetFact{0})) == before);
        QVERIFY(!applyEdit(before, StateFact{OneFact{-50}}));
    }
    void everyEditHasAName() {
        QCOMPARE(test::q(describe(Edit{SetRestart{PassId{1}, Restart{counts(16)}}})), "restart after 16");
        QCOMPARE(test::q(describe(Edit{SetTag{PassId{1}, Tag{counts(4), false}}})), "tag of 4");
        QVERIFY(mergeKey(SetLine{PartId{1}, RoleId{1}, "x"}) == mergeKey(SetLine{PartId{1}, RoleId{1}, "y"}));
        QVERIFY(mergeKey(SetLine{PartId{1}, RoleId{1}, "x"}) != mergeKey(SetLine{PartId{2}, RoleId{1}, "x"}));
        QVERIFY(mergeKey(SetRestart{PassId{1}, {}}).empty());
    }
};

LIFTCOUNT_TEST(EditsTest)
#include "tst_edits.moc"
