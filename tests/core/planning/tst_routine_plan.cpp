#include "support/plan_support.h"
#include "support/random_routine.h"

#include "core/planning/routine_plan.h"

#include <random>
#include <set>

using namespace lc;
using test::must;
using test::ticks;

namespace {

CountGrid gridOf(const Document& d) { return {*d.map, d.scheme}; }

RoutinePlans plansOf(const Document& d, const RoutinePlanWishes& wishes = {}) { return must(planRoutine(d, gridOf(d), wishes)); }

/// What a routine costs as land() sees it: nothing of the planner is used.
std::int64_t charged(const Document& d, const Landing& landing, const RoutinePlanWishes& wishes) {
    std::int64_t cost = 0;
    std::set<Tick> cuts, tags;
    for (const PassPerformance& p : landing.performance.passes) {
        if (p.begin() >= landing.grid.end()) break;
        if (!lands(landing.grid, p)) cost += wishes.costs.miss;
        const Pass& written = d.routine.passes[p.index];
        if (written.restart && written.restart->after < p.whole) {
            cost += wishes.costs.restart + (p.cutTurns.empty() ? 0 : wishes.turnCut);
            cuts.insert(written.restart->after);
        }
        if (written.tag) {
            cost += wishes.costs.tag;
            tags.insert(written.tag->figure.valid() ? p.tag : written.tag->counts);
        }
    }
    return cost + wishes.costs.kind * static_cast<std::int64_t>(cuts.size() + tags.size());
}

/// A plan, carried out, is what was promised.
void keepsItsPromise(const Document& d, const RoutinePlan& plan, const RoutinePlanWishes& wishes) {
    const Document done = must(applyEdits(d, plan.edits));
    const Landing landing = land(done);
    const auto& danced = landing.performance.passes;
    QVERIFY(danced.size() >= plan.passes.size());
    int misses = 0;
    for (std::size_t i = 0; i < plan.passes.size(); ++i) {
        const PlannedPass& p = plan.passes[i];
        QCOMPARE(danced[i].start, p.start);
        QCOMPARE(danced[i].counts, p.counts);
        QCOMPARE(danced[i].tag, p.tag);
        QCOMPARE(test::q(toClock(danced[i].roles[0].facingIn)), test::q(toClock(p.facing)));
        if (p.pass.valid()) QCOMPARE(danced[i].id, p.pass);
        misses += !lands(landing.grid, danced[i]);
        if (p.cut && i + 1 < plan.passes.size() && std::find(wishes.kept.begin(), wishes.kept.end(), p.pass) == wishes.kept.end())
            for (const RoleInPass& role : danced[i + 1].roles) QVERIFY(!entersOnWrongFoot(role));
    }
    QCOMPARE(misses, plan.misses);
    QCOMPARE(charged(done, landing, wishes), plan.cost);
    const PassPerformance& last = danced[plan.passes.size() - 1];
    QCOMPARE(plan.ending, std::max(Tick{}, std::min(last.counts, landing.grid.end() - last.start)));
    Eighths facing = last.roles[0].facingIn;
    for (std::size_t a = last.roles[0].firstAction; a < last.roles[0].endAction; ++a)
        if (const PerformedAction& action = landing.performance.roles[0][a]; action.action && action.action->turn.value != 0) {
            const Tick done_ = action.at + (action.action->turnEnd() - action.action->at);
            if (done_ <= std::min(last.danceEnd(), landing.grid.end())) facing += action.action->turn;
        }
    if (!last.exceptions.restart && !last.exceptions.tag) QCOMPARE(test::q(toClock(plan.endingFacing)), test::q(toClock(facing)));
}

} // namespace

class RoutinePlanTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// Phrases 32 32 16 32 32, 32 counts with ¼ L done with 28: one restart after 16 in pass 3.
    void oneRestart() {
        Document d = test::withLine(test::documentOn("a 32 | b 32 | c 16 | d 32 | e 32"), "A", test::walk(32, {{28, "1/4 L"}}));
        d = test::withOrder(d, "A x4");
        const RoutinePlan best = plansOf(d).plans.front();
        QCOMPARE(best.cost, 5);
        QCOMPARE(test::passesOf(best), "0:32 32:32 64:16 80:32 112:32");
        QCOMPARE(test::facingsOf(best), "12 9 6 6 3");
        QCOMPARE(test::q(toClock(best.endingFacing)), "12");
        QCOMPARE(best.edits.size(), 2U); // the restart, and the fifth pass
        keepsItsPromise(d, best, {});
        const Document done = must(applyEdits(d, best.edits));
        QVERIFY(plansOf(done).plans.front().edits.empty()); // it is so already
    }
    void oneDanceIsPlannedAsOverBarePhrases() { // the planner of phrases was checked against every plan there is
        std::mt19937 dice(5);
        for (int n = 0; n < 60; ++n) {
            std::string song;
            PhrasePlanAsked asked;
            for (int p = 3 + static_cast<int>(dice() % 8); p > 0; --p) {
                const int length = std::array{32, 32, 32, 16, 36, 28, 24, 40}[dice() % 8];
                song += (song.empty() ? "" : " | ") + std::string("verse ") + std::to_string(length);
                asked.phrases.push_back(counts(length));
            }
            asked.dance = counts(32);
            asked.cuts = ticks({8, 16, 24});
            asked.tags = ticks({2, 4, 8});
            asked.turns = {{{2}, counts(12)}};
            Document d = test::withOrder(test::withLine(test::documentOn(song), "A", test::walk(32, {{12, "1/4 R"}})), "A A");
            RoutinePlanWishes wishes;
            wishes.cuts = asked.cuts;
            const RoutinePlans mine = plansOf(d, wishes);
            const PhrasePlans bare = must(planPhrases(asked));
            QCOMPARE(mine.nextCost, bare.nextCost);
            QCOMPARE(mine.plans.size(), bare.plans.size());
            for (std::size_t i = 0; i < bare.plans.size(); ++i) {
                QCOMPARE(mine.plans[i].cost, bare.plans[i].cost);
                QCOMPARE(test::passesOf(mine.plans[i]), test::passesOf(bare.plans[i]));
                QCOMPARE(mine.plans[i].misses, bare.plans[i].misses);
                QCOMPARE(mine.plans[i].ending, bare.plans[i].ending);
                QCOMPARE(test::q(toClock(mine.plans[i].endingFacing)), test::q(toClock(bare.plans[i].endingFacing)));
            }
        }
    }
    /// Two parts whose steps say their feet: every way is tried by edits and land(), and the cheapest costs agree.
    void againstEveryWayThroughLand() {
        std::mt19937 dice(11);
        int withTouch = 0;
        for (int n = 0; n < 25; ++n) {
            std::string song;
            for (int p = 0; p < 4; ++p) song += (song.empty() ? "" : " | ") + std::string("part") + std::to_string(p) + " " + std::to_string(std::array{8, 12, 10, 6, 16}[dice() % 5]);
            const auto line = [&](int length, char first) {
                std::string text = "1 step " + std::string(1, first);
                for (int c = 2; c <= length; ++c) text += " " + std::to_string(c) + (dice() % 4 == 0 ? " touch" : dice() % 6 == 0 ? " wait" : " step");
                return text;
            };
            Document d = test::withLine(test::documentOn(song), "A", line(8, 'R'));
            d = test::withLine(d, "B", line(6 + static_cast<int>(dice() % 5), 'L'));
            d = test::withOrder(d, n % 2 == 0 ? "A B A" : "B A A");
            RoutinePlanWishes wishes;
            wishes.cuts = ticks({4, 6});
            wishes.tags = ticks({2});
            wishes.most = 12;
            const CountGrid grid = gridOf(d);
            std::multiset<std::int64_t> costs;
            for (int all = 0; all < 6 * 6 * 6; ++all) {
                Document tried = d;
                const int ways[] = {all % 6, all / 6 % 6, all / 36};
                bool possible = true;
                for (std::size_t i = 0; i < 3 && possible; ++i) {
                    const int cut = std::array{0, 4, 6}[static_cast<std::size_t>(ways[i] % 3)];
                    const PassPerformance before = land(tried).performance.passes[i];
                    if (before.start >= grid.end()) possible = ways[i] == 0; // the music is over: one way is enough
                    const Tick danceEnd = before.start + (cut > 0 ? counts(cut) : before.whole);
                    if (cut > 0 && (counts(cut) >= before.whole || danceEnd >= grid.end())) possible = false;
                    if (ways[i] >= 3 && danceEnd >= grid.end()) possible = false;
                    if (!possible) break;
                    if (cut > 0) tried = must(applyEdit(tried, SetRestart{test::pass(tried, i + 1).id, Restart{counts(cut)}}));
                    if (ways[i] >= 3) tried = must(applyEdit(tried, SetTag{test::pass(tried, i + 1).id, Tag{counts(2)}}));
                    const auto wrong = [&] {
                        const auto& danced = land(tried).performance.passes;
                        return i + 1 < danced.size() && danced[i + 1].start < grid.end() && entersOnWrongFoot(danced[i + 1].roles[0]);
                    };
                    if (cut > 0 && wrong()) {
                        tried = must(applyEdit(tried, SetLastChangeIsTouch{test::pass(tried, i + 1).id}));
                        possible = !wrong();
                        withTouch += possible;
                    }
                }
                if (possible) costs.insert(charged(tried, land(tried), wishes));
            }
            const RoutinePlans plans = plansOf(d, wishes);
            QCOMPARE(plans.plans.size(), std::min<std::size_t>(12, costs.size()));
            auto cost = costs.begin();
            for (const RoutinePlan& plan : plans.plans) {
                QCOMPARE(plan.cost, *cost++);
                keepsItsPromise(d, plan, wishes);
            }
        }
        QVERIFY(withTouch > 10);
    }
    void randomRoutinesGetWhatWasPromised() {
        int planned = 0;
        for (std::uint32_t seed = 1; seed <= 120; ++seed) {
            const Document d = test::RandomRoutine(seed).make();
            RoutinePlanWishes wishes;
            wishes.most = 3;
            if (seed % 3 == 0)
                for (std::size_t i = 0; i < d.routine.passes.size(); i += 2) wishes.kept.push_back(d.routine.passes[i].id);
            const auto plans = planRoutine(d, gridOf(d), wishes);
            if (!plans) {
                QVERIFY(!plans.error().message.empty());
                continue;
            }
            ++planned;
            for (const RoutinePlan& plan : plans->plans) {
                keepsItsPromise(d, plan, wishes);
                if (QTest::currentTestFailed()) qFatal("seed %u", seed);
            }
        }
        QVERIFY(planned > 80);
    }
    void aKeptPassKeepsItsRestart() {
        Document d = test::withLine(test::documentOn("a 32 | b 32 | c 16 | d 32 | e 32"), "A", test::walk(32));
        d = test::cut(test::withOrder(d, "A x5"), 2, 8);
        RoutinePlanWishes wishes;
        wishes.kept = {test::pass(d, 2).id};
        const RoutinePlan best = plansOf(d, wishes).plans.front();
        QCOMPARE(best.passes[1].counts, counts(8));
        QVERIFY(best.cost > 5); // what keeping it costs
        QCOMPARE(plansOf(d).plans.front().cost, 5);
        keepsItsPromise(d, best, wishes);
    }
    void whatATagAndARestartHoldIsNotLost() { // a figure in the tag, counting from 1, a turn danced on, a touch at the end
        Document d = test::withLine(test::documentOn("a 32 | b 36 | c 32 | d 16 | e 32"), "A", test::walk(32, {{16, "1/4 R"}}));
        const FigureId sway = test::addFigure(d, "Sway", {"1 2 3 1/4 L 4"});
        d = test::withOrder(d, "A x5");
        PassExceptions swayed, cut, touched;
        swayed.tag = Tag{counts(4), true, sway};
        cut.restart = Restart{counts(16), true};
        touched.lastChangeIsTouch = true;
        test::except(d, 2, swayed);
        test::except(d, 3, touched);
        test::except(d, 4, cut);
        RoutinePlanWishes wishes;
        wishes.tags = ticks({2, 8}); // four is not wished, but it is there
        const RoutinePlan best = plansOf(d, wishes).plans.front();
        QVERIFY(best.edits.empty()); // it lands as it is, and nothing of it is taken away
        QCOMPARE(best.misses, 0);
        keepsItsPromise(d, best, wishes);
        for (const RoutinePlan& plan : plansOf(d, wishes).plans) {
            const Document done = must(applyEdits(d, plan.edits));
            if (const auto& tag = test::pass(done, 2).tag; tag && tag->counts == counts(4)) QVERIFY(tag->figure == sway && tag->countFromOne);
            if (!test::pass(done, 3).restart) QVERIFY(test::pass(done, 3).lastChangeIsTouch);
        }
    }
    void aPinThatCannotBeKeptIsSaid() {
        Document d = test::withLine(test::documentOn("a 32 | b 32"), "A", test::walk(32));
        d = test::withLine(d, "B", test::walk(8));
        d = test::withOrder(d, "A B");
        d = must(applyEdit(d, PinPass{test::pass(d, 2).id, musicPlaceAt(gridOf(d), counts(4))}));
        const auto none = planRoutine(d, gridOf(d), {});
        QVERIFY(!none);
        QVERIFY2(test::q(none.error().message).contains("pinned start cannot be kept"), none.error().message.c_str());
    }
    void badInputIsASentence() {
        const Document d = test::withOrder(test::withLine(test::documentOn("a 32"), "A", test::walk(8)), "A");
        const auto says = [](const Document& document, const RoutinePlanWishes& wishes, const char* words) {
            const auto plans = planRoutine(document, gridOf(document), wishes);
            return !plans && test::q(plans.error().message).contains(words);
        };
        QVERIFY(says(newDocument(), {}, "The song has no phrases yet"));
        QVERIFY(says(test::documentOn("a 32"), {}, "The routine has no passes yet"));
        QVERIFY(says(test::withOrder(must(applyEdit(d, AddPart{"B"})), "A B"), {}, "Part B has no counts yet"));
        RoutinePlanWishes wishes;
        wishes.costs.tag = -2;
        QVERIFY(says(d, wishes, "The cost of a tag is -2"));
        wishes = {};
        wishes.tags = {Tick{}};
        QVERIFY(says(d, wishes, "A tag of 0 counts"));
        wishes = {};
        wishes.cuts = {counts(-4)};
        QVERIFY(says(d, wishes, "leaves nothing of a pass"));
        wishes.cuts->clear();
        for (int c = 1; c < 3000; ++c) wishes.cuts->push_back(countFraction(c, 480));
        QVERIFY(says(d, wishes, "more than dancers can tell apart"));
    }
};

QTEST_APPLESS_MAIN(RoutinePlanTest)
#include "tst_routine_plan.moc"
