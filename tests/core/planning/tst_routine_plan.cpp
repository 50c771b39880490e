#include "support/plan_support.h"
#include "support/random_routine.h"

#include "core/landing/findings.h"
#include "core/planning/routine_plan.h"
#include "core/routine/music_place.h"

#include <functional>
#include <map>
#include <random>
#include <set>

using namespace lc;
using test::gridOf;
using test::must;
using test::plansOf;
using test::ticks;

namespace {

/// What is in `all` and not in `known`.
template <typename T, typename Same>
std::vector<T> fresh(const std::vector<T>& all, std::vector<T> known, Same same) {
    std::vector<T> out;
    for (const T& one : all) {
        const auto found = std::find_if(known.begin(), known.end(), [&](const T& k) { return same(k, one); });
        if (found == known.end())
            out.push_back(one);
        else
            known.erase(found);
    }
    return out;
}

/// What a routine costs as land() sees it against the routine `was`: nothing of the planner is used.
std::int64_t charged(const Document& was, const Document& d, const Landing& landing, const RoutinePlanWishes& wishes,
                     std::optional<Eighths> endsFacing = std::nullopt) {
    const RoutineCosts& costs = wishes.costs;
    std::int64_t cost = 0;
    std::set<std::string> kinds, places;
    const Tick end = landing.grid.end(), begin = landing.performance.passes.front().begin();
    const auto number = [](auto n) { return std::to_string(n) + " "; };
    for (std::size_t i = 0; i < landing.performance.passes.size(); ++i) {
        const PassPerformance& p = landing.performance.passes[i];
        if (p.begin() >= end) break;
        const Pass& written = d.routine.passes[p.index];
        const auto before = indexOfPass(was.routine, written.id);
        const Pass plain;
        const Pass& is = before ? was.routine.passes[*before] : plain;
        if (!before && i == 0 && wishes.opening) { // the opening, put before all
            cost += costs.opening;
            continue;
        }
        if (!lands(landing.grid, p))
            cost += costs.miss + costs.missCount * std::abs(phraseMiss(landing.grid, p.start)->value) / counts(1).value;
        std::size_t exceptions = 0;
        bool moves = false;
        const auto exception = [&](const std::string& kind, std::int64_t price) {
            kinds.insert(kind);
            cost += price;
            ++exceptions;
        };
        if (written.restart && written.restart->after < p.whole) {
            exception("cut " + number(written.restart->after.value), costs.restart);
            if (!p.cutTurns.empty()) cost += costs.turnCut;
            for (const FigureSpan& f : landing.performance.readingOf(p).figures)
                if (f.start < written.restart->after && written.restart->after < f.start + f.length) {
                    cost += costs.figureCut;
                    break;
                }
            moves = true;
        }
        if (written.tag && written.tag->figure.valid()) {
            exception("fill " + number(written.tag->figure.value), costs.fill);
            moves = true;
        } else if (written.tag)
            exception("tag " + number(written.tag->counts.value), costs.tag);
        if (written.wait > is.wait) exception("wait " + number(written.wait.value), costs.wait);
        for (const Bridge& b : fresh(written.bridges, is.bridges, [](const Bridge&x, const Bridge&y) {
                 return x.after == y.after && x.counts == y.counts && x.figure == y.figure;
             }))
            exception("bridge " + number(b.after.value) + number(b.counts.value) + number(written.part.value),
                      costs.bridge);
        bool bars = false;
        for (const FigureChange& c : fresh(written.changes, is.changes, [](const FigureChange&x, const FigureChange&y) {
                 return x.kind == y.kind && x.at == y.at && x.version == y.version;
             })) {
            moves = true;
            if (c.kind == FigureChange::Kind::Bars)
                bars = true;
            else
                exception("change " + number(static_cast<int>(c.kind)) + number(c.at.value) + c.version, costs.change);
        }
        if (bars) exception("bars", costs.bars);
        const bool ends = written.ending && !is.ending;
        if (ends) cost += costs.ending;
        const bool ownTouch = is.lastChangeIsTouch && !ends && (!written.restart || written.restart == is.restart);
        const bool kept = std::any_of(wishes.kept.begin(), wishes.kept.end(),
                                      [&](const KeptPass& k) { return k.pass == written.id; });
        if (!kept && written.lastChangeIsTouch != ownTouch) cost += costs.touch;
        if (!kept && moves && i + 1 < landing.performance.passes.size() &&
            landing.performance.passes[i + 1].begin() < end) {
            const auto& roles = landing.performance.passes[i + 1].roles;
            if (std::any_of(roles.begin(), roles.end(), entersOnWrongFoot)) cost += costs.wrongFoot.value_or(1'000'000);
        }
        if (exceptions > 0) {
            if (4 * (p.start - begin).value < (end - begin).value / 4 * 4)
                cost += costs.early;
            else if (p.start >= end - Tick{(end - begin).value / 4})
                cost += costs.late;
            if (const auto phrase = landing.grid.phraseAt(p.danceEnd()); costs.place > 0 && phrase) {
                const auto& all = landing.grid.phrases();
                int first = *phrase;
                while (first > 0 &&
                       all[static_cast<std::size_t>(first) - 1].label == all[static_cast<std::size_t>(first)].label)
                    --first;
                places.insert(kindAndNumber(all[static_cast<std::size_t>(first)].label).first + " " +
                              number((p.danceEnd() - counts(all[static_cast<std::size_t>(first)].firstCount)).value));
            }
        }
        if (p.danceEnd() > end) cost += costs.cutOff;
        for (std::size_t a = 0; a < d.routine.accents.size(); ++a)
            if (d.routine.accents[a].pass == written.id && landing.accents[a].moment && !landing.accents[a].met())
                cost += costs.accent;
    }
    if (wishes.endFacing && endsFacing && facingIndex(*endsFacing) != facingIndex(*wishes.endFacing))
        cost += costs.facing;
    return cost + costs.kind * static_cast<std::int64_t>(kinds.size()) +
           costs.place * static_cast<std::int64_t>(places.size());
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
        if (p.cut && i + 1 < plan.passes.size() &&
            std::none_of(wishes.kept.begin(), wishes.kept.end(), [&](const KeptPass& k) { return k.pass == p.pass; }))
            for (const RoleInPass& role : danced[i + 1].roles)
                QVERIFY(wishes.costs.wrongFoot || !entersOnWrongFoot(role));
    }
    QCOMPARE(misses, plan.misses);
    QCOMPARE(charged(d, done, landing, wishes, plan.endingFacing), plan.cost);
    const PassPerformance& last = danced[plan.passes.size() - 1];
    QCOMPARE(plan.ending, std::max(Tick{}, std::min(last.counts, landing.grid.end() - last.start)));
    Eighths facing = last.roles[0].facingIn;
    for (std::size_t a = last.roles[0].firstAction; a < last.roles[0].endAction; ++a)
        if (const PerformedAction& action = landing.performance.roles[0][a];
            action.action && action.action->turn.value != 0) {
            const Tick done_ = action.at + (action.action->turnEnd() - action.action->at);
            if (done_ <= std::min(last.danceEnd(), landing.grid.end())) facing += action.action->turn;
        }
    if (!last.exceptions.restart && !last.exceptions.tag)
        QCOMPARE(test::q(toClock(plan.endingFacing)), test::q(toClock(facing)));
}

} // namespace

class RoutinePlanTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// Phrases 32 32 16 32 32, 32 counts with ¼ L done with 28: one restart after 16 in pass 3.
    void oneRestart() {
        Document d =
            test::withLine(test::documentOn("a 32 | b 32 | c 16 | d 32 | e 32"), "A", test::walk(32, {{28, "1/4 L"}}));
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
            Document d =
                test::withOrder(test::withLine(test::documentOn(song), "A", test::walk(32, {{12, "1/4 R"}})), "A A");
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
            for (int p = 0; p < 4; ++p)
                song += (song.empty() ? "" : " | ") + std::string("part") + std::to_string(p) + " " +
                        std::to_string(std::array{8, 12, 10, 6, 16}[dice() % 5]);
            const auto line = [&](int length, char first) {
                std::string text = "1 step " + std::string(1, first);
                for (int c = 2; c <= length; ++c)
                    text += " " + std::to_string(c) +
                            (dice() % 4 == 0   ? " touch"
                             : dice() % 6 == 0 ? " wait"
                                               : " step");
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
                    if (cut > 0)
                        tried = must(applyEdit(tried, SetRestart{test::pass(tried, i + 1).id, Restart{counts(cut)}}));
                    if (ways[i] >= 3)
                        tried = must(applyEdit(tried, SetTag{test::pass(tried, i + 1).id, Tag{counts(2)}}));
                    const auto wrong = [&] {
                        const auto& danced = land(tried).performance.passes;
                        return i + 1 < danced.size() && danced[i + 1].start < grid.end() &&
                               entersOnWrongFoot(danced[i + 1].roles[0]);
                    };
                    if (cut > 0 && wrong()) {
                        tried = must(applyEdit(tried, SetLastChangeIsTouch{test::pass(tried, i + 1).id}));
                        possible = !wrong();
                        withTouch += possible;
                    }
                }
                if (possible) costs.insert(charged(d, tried, land(tried), wishes));
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
        const int routines = test::cases(120);
        for (std::uint32_t seed = 1; seed <= static_cast<std::uint32_t>(routines); ++seed) {
            const Document d = test::RandomRoutine(seed).make();
            RoutinePlanWishes wishes;
            wishes.most = 3;
            if (seed % 3 == 0)
                for (std::size_t i = 0; i < d.routine.passes.size(); i += 2)
                    wishes.kept.emplace_back(d.routine.passes[i].id);
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
        QVERIFY(3 * planned > 2 * routines);
    }
    /// Everything that may be allowed, all ways of two passes tried by edits and land(): the cheapest costs agree.
    void againstEveryKindOfWayThroughLand() {
        std::mt19937 dice(13);
        const auto upTo = [&](int n) { return static_cast<int>(dice() % static_cast<std::uint32_t>(n)); };
        std::map<std::string, int> best;
        for (int n = 0; n < test::cases(24); ++n) {
            const auto line = [&](int length, const std::string& first) {
                std::string text = "1 step" + first;
                for (int c = 2; c <= length; ++c)
                    text += " " + std::to_string(c) + (upTo(4) == 0 ? " touch" : upTo(6) == 0 ? " 1/4 R" : " step");
                return text;
            };
            const int first = 4 + 4 * upTo(2);
            Document d = test::documentOn(
                (upTo(3) == 0 ? "intro 2 | verse " : "verse ") +
                (upTo(3) == 0 ? std::to_string(first) + " | bar 3" : std::to_string(first + 4 + upTo(4))) +
                " | chorus " + std::to_string(6 + upTo(8)) + " | chorus " + std::to_string(4 + upTo(8)));
            FigureCard one{"One", {{"everyone", line(first, " R")}}, std::nullopt, {}},
                two{"Two", {{"everyone", line(4, upTo(2) == 0 ? " L" : "")}}, std::nullopt, {}},
                fill{"Fill", {{"everyone", line(1 + upTo(4), "")}}, std::nullopt, {}};
            one.facts.versions.push_back({"long", {}, {{"everyone", line(first + 2, "")}}});
            for (const FigureCard& card : {one, two, fill}) d = must(applyEdit(d, AddFigure{card, {}}));
            const auto figure = [&](const std::string& name) {
                return std::find_if(d.routine.figures.begin(), d.routine.figures.end(),
                                    [&](const Figure& f) { return f.name == name; })
                    ->id;
            };
            d = must(applyEdit(d, AddPart{"End"}));
            const PartId a = d.routine.parts[0].id, end = d.routine.parts[1].id;
            d = must(applyEdits(
                d, {PlaceFigure{a, figure("One")}, PlaceFigure{a, figure("Two")}, PlaceFigure{end, figure("Fill")}}));
            d = must(applyEdit(d, AddPart{"B"}));
            d = must(applyEdits(d, {PlaceFigure{d.routine.parts[2].id, figure("One")},
                                    PlaceFigure{d.routine.parts[2].id, figure("Two")}}));
            d = must(applyEdit(d, SetOrder{{a, d.routine.parts[2].id}})); // two parts: the order stays
            RoutinePlanWishes wishes;
            wishes.cuts = ticks({4});
            wishes.tags = ticks({2});
            wishes.fills = {figure("Fill")};
            wishes.waits = ticks({2});
            wishes.bridges = ticks({2});
            wishes.versions = wishes.figures = wishes.bars = true;
            wishes.ending = end;
            if (upTo(2) == 0) wishes.endFacing = Eighths{2 * upTo(4)};
            if (upTo(3) == 0) wishes.costs.wrongFoot = 2;
            for (const CostName& name : costNames())
                if (upTo(2) == 0) wishes.costs.*(name.cost) = upTo(4);
            wishes.costs.miss = 12;
            if (upTo(3) == 0) wishes.costs.cutOff = 9;
            wishes.most = 12;
            const CountGrid grid = gridOf(d);
            const auto bodies = [&](const Part& part, bool whole) {
                std::vector<PassExceptions> out(1);
                if (whole) return out;
                PassExceptions e;
                e.restart = Restart{counts(4)};
                out.push_back(e);
                e = {};
                e.bridges = {{{}, counts(first), counts(2), {}}};
                out.push_back(e);
                using Kind = FigureChange::Kind;
                for (const Placement& placed : part.figures) {
                    e = {};
                    e.changes = {{Kind::Drop, placed.id, {}, {}, {}}};
                    out.push_back(e);
                    e.changes = {
                        {Kind::Add, placed.id, Placement{{}, placed.figure, {}, {}, false, false, {}}, {}, {}}};
                    out.push_back(e);
                }
                e = {};
                e.changes = {{Kind::Version, part.figures[0].id, {}, "long", {}}};
                out.push_back(e);
                return out;
            };
            std::set<std::int64_t> costs;
            std::map<std::int64_t, std::string> how;
            const auto cheapest = [&](const Document& tried, std::optional<Eighths> facing, const std::string& what) {
                const std::int64_t cost = charged(d, tried, land(tried), wishes, facing);
                if (cost < 1'000'000) {
                    costs.insert(cost);
                    how.emplace(cost, what);
                }
            };
            /// From pass i on, all ways; a pass that begins after the music is danced as it is.
            /// `untouched` is the same without a touch: it has to be of use.
            const std::function<void(const Document&, std::size_t, const std::string&, const Document*)> from =
                [&](const Document& here, std::size_t i, const std::string& so, const Document* untouched) {
                    const auto danced = [](const Document& x, std::size_t pass) {
                        return land(x).performance.passes[pass];
                    };
                    const Pass& pass = test::pass(here, i + 1);
                    const auto facingAtEnd = [&](const Document& done) { // of those who dance when the music ends
                        Eighths facing;
                        const Landing landing = land(done);
                        for (const PerformedAction& action : landing.performance.roles[0])
                            if (action.action && action.action->turn.value != 0 &&
                                action.at + (action.action->turnEnd() - action.action->at) <= grid.end())
                                facing = action.facingAfter;
                        return facing;
                    };
                    const auto go = [&](const PassExceptions& e, const std::string& what) {
                        const auto put = [&](bool touch) {
                            PassExceptions with = e;
                            with.lastChangeIsTouch = touch;
                            return must(applyEdit(here, SetExceptions{pass.id, with, {}}));
                        };
                        const Document tried = put(false);
                        const PassPerformance p = danced(tried, i);
                        if (p.start >= grid.end()) return;
                        if (untouched &&
                            !entersOnWrongFoot(
                                danced(must(applyEdit(*untouched, SetExceptions{pass.id, e, {}})), i).roles[0]))
                            return;
                        if (e.restart && (p.whole <= counts(4) || p.danceEnd() >= grid.end())) return;
                        if (e.tag && p.danceEnd() >= grid.end()) return;
                        if ((!e.bridges.empty() || !e.changes.empty()) && p.danceEnd() > grid.end()) return;
                        if (e.ending && (p.end() > grid.end() || p.end() <= grid.end() - counts(8))) return;
                        if (i == 1 || p.end() >= grid.end()) return cheapest(tried, facingAtEnd(tried), so + what);
                        from(tried, i + 1, so + what + " ", nullptr);
                        const bool moves = e.restart || (e.tag && e.tag->figure.valid()) || !e.changes.empty();
                        if (moves) from(put(true), i + 1, so + what + " touch ", &tried);
                    };
                    const PassPerformance plain = danced(here, i);
                    for (const int wait : i == 0 ? std::vector<int>{0, 2} : std::vector<int>{0}) {
                        std::vector<std::pair<PassExceptions, std::string>> all;
                        int b = 0;
                        for (const PassExceptions& e : bodies(*findPart(here.routine, pass.part), false))
                            all.emplace_back(e, "body" + std::to_string(b++));
                        PassExceptions threes; // figures whose bars all fall on bars of three
                        Tick at = plain.start + counts(wait);
                        const auto barFrom = [&](Tick place) { // to the next bar; 0 where none begins
                            if (!grid.cellAt(place) || !grid.cellAt(place)->barStart) return 0;
                            int length = 1;
                            while (grid.cellAt(place + counts(length)) &&
                                   !grid.cellAt(place + counts(length))->barStart)
                                ++length;
                            return length;
                        };
                        const Part& part = *findPart(here.routine, pass.part);
                        for (std::size_t f = 0; f < 2; ++f) {
                            const std::int64_t bars = f == 0 ? first / 4 : 1;
                            const int bar = barFrom(at);
                            bool follows = bar > 0 && bar < 4;
                            for (std::int64_t k = 1; k < bars; ++k)
                                follows = follows && barFrom(at + counts(k * bar)) == bar;
                            if (follows)
                                threes.changes.push_back(
                                    {FigureChange::Kind::Bars, part.figures[f].id, {}, {}, {4, bar}});
                            at += counts(bars * (follows ? bar : 4));
                        }
                        if (!threes.changes.empty()) all.emplace_back(threes, "threes");
                        for (auto& [e, what] : all) {
                            e.wait = counts(wait);
                            for (int t = 0; t < 3; ++t) {
                                e.tag = t == 0 ? std::nullopt
                                               : std::optional(t == 1 ? Tag{counts(2)}
                                                                      : Tag{PartReader(d.routine)
                                                                                .figure(wishes.fills[0], false, false)
                                                                                ->length,
                                                                            false, wishes.fills[0]});
                                go(e, what + (t == 0 ? "" : t == 1 ? "+tag" : "+fill") + (wait > 0 ? "+wait" : ""));
                            }
                        }
                        if (i == 1)
                            for (const int after : first == 4 ? std::vector<int>{4, 8} : std::vector<int>{4, 12}) {
                                PassExceptions e;
                                e.wait = counts(wait);
                                e.ending = Ending{counts(after), end, true};
                                go(e, "ending");
                            }
                    }
                };
            from(d, 0, {}, nullptr);
            const auto plans = planRoutine(d, grid, wishes);
            QVERIFY2(plans, plans ? "" : plans.error().message.english().c_str());
            std::set<std::int64_t> mine;
            for (const RoutinePlan& plan : plans->plans) {
                mine.insert(plan.cost);
                keepsItsPromise(d, plan, wishes);
            }
            auto cost = costs.begin();
            for (const std::int64_t c : mine) {
                QVERIFY(cost != costs.end());
                if (*cost != c) qDebug() << "case" << n << "by hand" << test::q(how[*cost]);
                QCOMPARE(c, *cost++);
            }
            for (const char* what : {"body1", "body2", "body3", "body4", "body5", "body6", "body7", "threes", "tag",
                                     "fill", "wait", "ending", "touch"})
                best[what] += how[*costs.begin()].find(what) != std::string::npos;
        }
        QVERIFY(std::count_if(best.begin(), best.end(), [](const auto& what) { return what.second > 0; }) >=
                (test::sanitized ? 5 : 10)); // of 13 each in some optimum
    }
    /// All that may be allowed, in turns, under all costs: what a plan promises is what land() then says, its cost
    /// included.
    void randomWishesGetWhatWasPromised() {
        int planned = 0, opened = 0, ended = 0;
        std::map<std::string, int> used;
        const int routines = test::cases(60);
        for (std::uint32_t seed = 1; seed <= static_cast<std::uint32_t>(routines); ++seed) {
            test::RandomRoutine random(seed);
            Document d = random.make();
            if (random.chance(60)) // one part again and again, danced until the music ends
                d = must(applyEdit(d, SetOrder{std::vector<PartId>(3, d.routine.parts[1].id)}));
            RoutinePlanWishes wishes;
            wishes.most = 3;
            wishes.differ = random.chance(50);
            if (random.chance(50)) wishes.cuts = ticks({2, 5});
            wishes.tags = random.chance(50) ? ticks({4}) : std::vector<Tick>{};
            if (random.chance(40)) wishes.waits = ticks({2, 6});
            if (random.chance(40)) wishes.bridges = ticks({2});
            if (random.chance(40)) wishes.fills = {d.routine.figures[1].id};
            wishes.versions = random.chance(40);
            wishes.figures = random.chance(40);
            wishes.bars = random.chance(40);
            if (random.chance(30)) wishes.opening = d.routine.parts[2].id;
            if (random.chance(40)) wishes.ending = d.routine.parts[2].id;
            if (random.chance(40)) wishes.endFacing = Eighths{random.upTo(8)};
            if (random.chance(30)) wishes.costs.wrongFoot = random.upTo(5);
            for (std::int64_t RoutineCosts::*cost :
                 {&RoutineCosts::missCount, &RoutineCosts::early, &RoutineCosts::late, &RoutineCosts::place,
                  &RoutineCosts::figureCut, &RoutineCosts::touch, &RoutineCosts::accent, &RoutineCosts::facing,
                  &RoutineCosts::cutOff})
                if (random.chance(35)) wishes.costs.*cost = 1 + random.upTo(6);
            const auto plans = planRoutine(d, gridOf(d), wishes);
            if (!plans) continue;
            ++planned;
            for (const RoutinePlan& plan : plans->plans) {
                keepsItsPromise(d, plan, wishes);
                if (QTest::currentTestFailed()) qFatal("seed %u", seed);
                opened += plan.opened;
                for (const PassExceptions& as : plan.as) {
                    ended += as.ending && as.ending->danced;
                    used["bridge"] += !as.bridges.empty();
                    used["wait"] += as.wait > Tick{};
                    used["fill"] += as.tag && as.tag->figure.valid();
                    for (const FigureChange& c : as.changes)
                        ++used["change " + std::to_string(static_cast<int>(c.kind))];
                }
            }
        }
        QVERIFY(4 * planned > 3 * routines);
        if (test::sanitized) return; // too few to ask that everything was of use
        for (const char* what : {"bridge", "wait", "fill", "change 0", "change 1", "change 2", "change 3"})
            QVERIFY2(used[what] > 0, what);
        QVERIFY(opened > 3);
        QVERIFY(ended > 3);
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
    void whatATagAndARestartHoldIsNotLost() { // a figure in the tag, counting from 1, a turn danced on, a touch at the
                                              // end
        Document d =
            test::withLine(test::documentOn("a 32 | b 36 | c 32 | d 16 | e 32"), "A", test::walk(32, {{16, "1/4 R"}}));
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
            if (const auto& tag = test::pass(done, 2).tag; tag && tag->counts == counts(4))
                QVERIFY(tag->figure == sway && tag->countFromOne);
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
        QVERIFY2(test::q(none.error().message).contains("pinned start cannot be kept"),
                 none.error().message.english().c_str());
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

LIFTCOUNT_TEST(RoutinePlanTest)
#include "tst_routine_plan.moc"
