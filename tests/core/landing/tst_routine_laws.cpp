#include "support/random_routine.h"

#include "core/document/document_json.h"
#include "core/document/history.h"
#include "core/landing/remedies.h"

using namespace lc;
using test::must;

namespace {

/// What of a performance depends on the values alone.
std::string shown(const Performance& p, const Routine& routine) {
    std::string out;
    for (const PassPerformance& pass : p.passes) {
        out += std::to_string(pass.id.value) + " " + toCountString(pass.begin()) + " " + toCountString(pass.start) +
               " " + toCountString(pass.counts) + " " + toCountString(pass.tag) + " " +
               toCountString(pass.runningFrom) + " " + std::to_string(pass.cutTurns.size()) + ":";
        for (std::size_t r = 0; r < pass.roles.size(); ++r) {
            out += footLetter(pass.roles[r].freeOut) + std::to_string(pass.roles[r].facingOut.value) + "/" +
                   std::to_string(pass.roles[r].orbitOut.value) + " ";
            for (std::size_t i = pass.roles[r].firstAction; i < pass.roles[r].endAction; ++i) {
                const PerformedAction& a = p.roles[r][i];
                out +=
                    toCountString(a.at) + (a.foot ? footLetter(*a.foot) : "") + (a.action ? a.action->words : "") + ",";
            }
        }
        out += "\n";
    }
    (void)routine;
    return out;
}

} // namespace

class RoutineLawsTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void anExceptionStaysWithItsPass() {
        int kept = 0;
        for (std::uint32_t seed = 1; seed <= 200; ++seed) {
            test::RandomRoutine random(seed);
            Document d = random.make();
            std::map<std::uint32_t, Pass> before;
            for (const Pass& pass : d.routine.passes) before[pass.id.value] = pass;
            const auto music = d.routine.atMusic;
            for (int n = 0; n < 12; ++n) {
                const auto& passes = d.routine.passes;
                const int size = static_cast<int>(passes.size());
                switch (random.upTo(4)) {
                case 0:
                    d = must(applyEdit(d, InsertPass{static_cast<std::size_t>(random.upTo(size + 1)),
                                                     d.routine.parts[static_cast<std::size_t>(random.upTo(3))].id}));
                    break;
                case 1:
                    if (size > 1)
                        d = must(applyEdit(d, RemovePasses{{passes[static_cast<std::size_t>(random.upTo(size))].id}}));
                    break;
                case 2:
                    if (size > 0)
                        d = must(applyEdit(d, MovePass{passes[static_cast<std::size_t>(random.upTo(size))].id,
                                                       static_cast<std::size_t>(random.upTo(size))}));
                    break;
                default: {
                    std::vector<PartId> order;
                    for (const Pass& pass : passes)
                        if (!random.chance(15)) order.push_back(pass.part);
                    order.insert(order.begin() + random.upTo(static_cast<int>(order.size()) + 1),
                                 d.routine.parts[static_cast<std::size_t>(random.upTo(3))].id);
                    d = must(applyEdit(d, SetOrder{order}));
                }
                }
            }
            for (const Pass& pass : d.routine.passes) {
                const auto old = before.find(pass.id.value);
                if (old == before.end())
                    QVERIFY(pass.none() && !pass.pinned && pass.mark.empty()); // a new pass takes nobody's exceptions
                else {
                    QVERIFY(pass == old->second);
                    if (!pass.none()) ++kept;
                }
            }
            QVERIFY(d.routine.atMusic == music); // what stays with the music is not touched by the order
        }
        QVERIFY2(kept > 100, qPrintable(QString::number(kept)));
    }
    void startsAreSumsAndNothingIsLeftOut() {
        for (std::uint32_t seed = 1; seed <= 300; ++seed) {
            const Document d = test::RandomRoutine(seed).make();
            const Performance p = test::danced(d);
            QCOMPARE(p.passes.size(), d.routine.passes.size());
            Tick at = p.passes.front().begin();
            for (const PassPerformance& pass : p.passes) {
                QCOMPARE(pass.begin(), at);
                at = pass.begin() + pass.wait + pass.counts + pass.tag;
                QVERIFY(pass.counts <= pass.whole);
            }
            QCOMPARE(p.end, at);
            for (const auto& role : p.roles) { // from the beginning to the end a role dances or waits, without a gap
                                               // and without two things at once
                Tick here = p.passes.front().begin();
                for (const PerformedAction& a : role) {
                    QVERIFY2(a.at == here,
                             (std::to_string(seed) + ": " + toCountString(a.at) + " instead of " + toCountString(here))
                                 .c_str());
                    here = a.at + a.length;
                }
                QCOMPARE(here, at);
            }
        }
    }
    void facingAndFeetAreWhatWasDanced() {
        int passes = 0;
        for (std::uint32_t seed = 1; seed <= 300; ++seed) {
            const Document d = test::RandomRoutine(seed).make();
            const Performance p = test::danced(d);
            for (std::size_t r = 0; r < p.roles.size(); ++r) {
                int facing = p.passes.front().roles[r].facingIn.value;
                int orbit = 0;
                for (const PassPerformance& pass : p.passes) {
                    const RoleInPass& role = pass.roles[r];
                    QCOMPARE(role.facingIn.value, facing);
                    QCOMPARE(role.orbitIn.value, orbit);
                    if (pass.exceptions.canon) { // what a canon trims is looked at in its own test
                        facing = role.facingOut.value;
                        orbit = role.orbitOut.value;
                        continue;
                    }
                    bool odd = false, sure = role.freeIn != Foot::Both;
                    for (std::size_t i = role.firstAction; i < role.endAction; ++i) {
                        const PerformedAction& a = p.roles[r][i];
                        if (!a.action) continue;
                        const Tick end = a.at < pass.danceEnd()
                                             ? pass.danceEnd()
                                             : pass.end(); // of the dance, or of the figure in the tag
                        const bool turned = a.at + (a.action->turnEnd() - a.action->at) <= end;
                        const bool on =
                            pass.exceptions.restart && pass.exceptions.restart->turnOn && a.at < pass.danceEnd();
                        if (turned || on) facing += a.action->turn.value;
                        if (a.at + (a.action->orbitEnd() - a.action->at) <= end) orbit += a.action->orbit.value;
                        if (a.kind == ActionKind::Step) odd = !odd;
                        sure = sure && !a.conflict && a.kind != ActionKind::Jump && a.kind != ActionKind::Free &&
                               a.kind != ActionKind::Untimed;
                    }
                    QVERIFY2(role.facingOut.value == facing,
                             (std::to_string(seed) + " pass " + std::to_string(pass.number)).c_str());
                    QCOMPARE(role.orbitOut.value, orbit);
                    if (sure) {
                        QCOMPARE(role.freeOut, odd ? otherFoot(role.freeIn) : role.freeIn);
                        ++passes;
                    }
                }
            }
        }
        QVERIFY2(passes > 500, qPrintable(QString::number(passes)));
    }
    void unrollingDependsOnTheValuesAlone() {
        for (std::uint32_t seed = 1; seed <= 200; ++seed) {
            const Document d = test::RandomRoutine(seed).make();
            const CountGrid grid(*d.map, d.scheme);
            Routine other = d.routine; // the same, kept in another order
            std::reverse(other.figures.begin(), other.figures.end());
            std::reverse(other.parts.begin(), other.parts.end());
            std::reverse(other.atMusic.begin(), other.atMusic.end());
            std::reverse(other.accents.begin(), other.accents.end());
            QCOMPARE(test::q(shown(unroll(other, grid), other)), test::q(shown(unroll(d.routine, grid), d.routine)));
        }
    }
    void rolesEndTogetherOrItIsFound() {
        int found = 0;
        for (std::uint32_t seed = 1; seed <= 300; ++seed) {
            const Document d = test::RandomRoutine(seed).make();
            const Landing landing = land(d);
            for (const auto& part : landing.performance.parts) {
                const bool differ = std::any_of(part->roles.begin(), part->roles.end(),
                                                [&](const PartRoleReading& r) { return r.length != part->length; });
                const auto f = std::find_if(landing.findings.begin(), landing.findings.end(), [&](const Finding& x) {
                    return x.key.code == finding::unequalRoles && x.key.part == part->part;
                });
                QCOMPARE(f != landing.findings.end(), differ);
                found += differ;
            }
        }
        QVERIFY(found > 20);
    }
    void filesComeBackBitForBit() {
        for (std::uint32_t seed = 1; seed <= 200; ++seed) {
            const Document d = test::RandomRoutine(seed).make();
            const std::string json = toJson(d);
            const auto back = documentFromJson(json);
            QVERIFY2(back, back ? "" : back.error().message.english().c_str());
            QVERIFY(*back == d);
            QVERIFY(toJson(*back) == json);
        }
    }
    void everyRemedyMendsOrSaysWhatItTrades() {
        int applied = 0;
        for (std::uint32_t seed = 1; seed <= 120; ++seed) {
            const Document d = test::RandomRoutine(seed).make();
            const std::string json = toJson(d);
            const Landing landing = land(d);
            for (const Finding& f : landing.findings)
                for (const Remedy& remedy : remediesFor(d, landing, f)) {
                    History<Document> history(d);
                    history.push(must(applyEdits(d, remedy.edits)), Core::sentence("%1", remedy.title));
                    const Landing after = land(history.current());
                    const bool there = std::any_of(after.findings.begin(), after.findings.end(),
                                                   [&](const Finding& g) { return g.key == f.key; });
                    QVERIFY2(
                        !there || test::q(remedy.price).contains("turned round for"),
                        (std::to_string(seed) + ": " + f.headline.english() + " / " + remedy.title.english()).c_str());
                    history.undo();
                    QVERIFY(toJson(history.current()) == json);
                    ++applied;
                }
        }
        QVERIFY2(applied > 300, qPrintable(QString::number(applied)));
    }
};

LIFTCOUNT_TEST(RoutineLawsTest)
#include "tst_routine_laws.moc"
