#include "support/random_routine.h"

#include "core/exchange/routine_text.h"

using namespace lc;
using test::must;

namespace {

/// What is danced, as far as it does not depend on identities.
std::string danced(const Document& d) {
    const Landing landing = land(d);
    std::string out;
    for (const PassPerformance& p : landing.performance.passes) {
        out += toCountString(p.start) + "+" + toCountString(p.counts) + "+" + toCountString(p.tag) +
               (p.cut ? "c" : "") + ":";
        for (const RoleInPass& r : p.roles)
            out += footLetter(r.freeOut) + toClock(r.facingOut) + std::to_string(r.orbitOut.value) + ",";
        out += "\n";
    }
    for (const Finding& f : landing.findings) out += f.key.code + " " + f.headline.english() + "\n";
    for (const Finding& f : landing.muted) out += "(" + f.key.code + " " + f.headline.english() + ")\n";
    return out;
}

const char* const example = R"(Lift Count routine

title: Hall evening
level: improver
# counted by ear
song: intro 16 | verse 32 | chorus 36 | bridge 16 | chorus 32
tempo: 116
moment: 20.5 s, hit, the big stop
roles: leader, follower
formation: couples
opening
  leader: left free, facing 12
  * couple: closed, L-R

figure: Vane vine
  leader: 1 side L 2 behind R 3 side L 4 touch
  follower: 1 side R 2 behind L 3 side R 4 touch
  * claimed: 4
  * tags: sideways, easy

figure: Sway
  everyone: 1:2 sway 3:2 sway

part: A
  Vane vine
  Vane vine, mirrored
  Sway

part: B
  part A, exchanged
  steps
    leader: 1 walk L 2 walk R
    follower: 1 walk R 2 walk L
  Vane vine, in bars of 3 for 4

order: A A B A

pass 2
  restart after 8, turning on
  tag of 4, Sway, count from 1
  remembered by: the one after the quiet verse

pass 3
  without figure 1.2
  add after figure 2: Sway
  bridge of 2 after 4
  canon 2 apart, ripple, enters follower, enters leader
  pinned to Chorus

in the music: Bridge, after 8
  restart

accent: pass 1, figure 3, count 1, moment 1

left as it is: left-over, pass 4: on purpose
)";

} // namespace

class RoutineTextTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void aMailIsARoutine() {
        const Document d = must(routineFromText(example));
        QCOMPARE(test::q(d.title), "Hall evening");
        QCOMPARE(d.routine.roles.size(), 2U);
        QCOMPARE(d.routine.parts.size(), 2U);
        QCOMPARE(d.routine.parts[1].figures[0].part, d.routine.parts[0].id);
        QVERIFY(d.routine.parts[0].figures[1].mirrored);
        QCOMPARE(d.routine.passes.size(), 4U);
        QVERIFY(d.routine.passes[1].restart->turnOn);
        QVERIFY(d.routine.passes[1].tag->figure.valid() && d.routine.passes[1].tag->countFromOne);
        QCOMPARE(d.routine.passes[2].changes.size(), 2U);
        QCOMPARE(d.routine.passes[2].canon->entries.size(), 2U);
        QCOMPARE(d.routine.atMusic.size(), 1U);
        QCOMPARE(test::q(d.routine.atMusic[0].place.section), "Bridge");
        QCOMPARE(d.routine.accents.size(), 1U);
        QCOMPARE(d.routine.muted.size(), 1U);
        const Performance p = land(d).performance;
        QCOMPARE(test::starts(p).mid(0, 2), (QStringList{"1", "13"}));
        QCOMPARE(p.passes[2].start, counts(48)); // pinned to the chorus
    }
    void textComesBackAsTheSameText() {
        const Document d = must(routineFromText(example));
        const std::string text = routineToText(d);
        const Document again = must(routineFromText(text));
        QCOMPARE(test::q(routineToText(again)), test::q(text));
        QCOMPARE(test::q(danced(again)), test::q(danced(d)));
    }
    void anyRoutineComesBack() {
        for (std::uint32_t seed = 1; seed <= 300; ++seed) {
            test::RandomRoutine random(seed);
            Document d = random.make();
            const auto landing = land(d);
            if (!landing.findings.empty()) {
                d = must(applyEdit(d, MuteFinding{landing.findings.front().key, "so be it"}));
                d = must(applyEdit(d, MuteFinding{landing.findings.back().key, ""}));
            }
            std::string text = routineToText(d);
            text.erase(text.find("# The song"),
                       text.find("song:") -
                           text.find("# The song")); // a song not typed is remarked upon; read back it is typed
            const auto back = routineFromText(text);
            QVERIFY2(
                back,
                (std::to_string(seed) + ": " + (back ? "" : back.error().message.english()) + "\n" + text).c_str());
            QVERIFY2(routineToText(*back) == text,
                     (std::to_string(seed) + "\n" + text + "\n----\n" + routineToText(*back)).c_str());
            QVERIFY2(danced(*back) == danced(d),
                     (std::to_string(seed) + "\n" + text + "\n" + danced(d) + "----\n" + danced(*back)).c_str());
        }
    }
    void thePassesOfAnyRoutineAreReadByThemselves() {
        int told = 0;
        for (std::uint32_t seed = 1; seed <= 200; ++seed) {
            const Document d = test::RandomRoutine(seed).make();
            for (const Pass& pass : d.routine.passes) {
                const std::string text = passToText(d, pass.id);
                QCOMPARE(text.empty(), pass.none() && !pass.pinned && pass.mark.empty());
                const auto same = passFromText(d, pass.id, text);
                QVERIFY2(same, (text + (same ? "" : same.error().message.english())).c_str());
                QVERIFY2(same->empty(),
                         (std::to_string(seed) + "\n" + text).c_str()); // nothing to change: identities are kept too
                const auto none = passFromText(d, pass.id, "");
                QVERIFY(none);
                if (text.empty()) continue;
                QVERIFY(passToText(must(applyEdits(d, *none)), pass.id).empty());
                ++told;
            }
            for (const MusicException& m : d.routine.atMusic) {
                QVERIFY(musicFromText(d, m.id, musicToText(d, m.id))->empty());
                QVERIFY(must(applyEdits(d, *musicFromText(d, m.id, ""))).routine.atMusic.size() + 1 ==
                        d.routine.atMusic.size());
            }
        }
        QVERIFY(told > 100);
        const Document d = must(routineFromText(example));
        const auto wrong = passFromText(d, d.routine.passes[0].id, "mirrored\nrestart");
        QVERIFY(!wrong);
        QCOMPARE(test::q(wrong.error().message), "Line 2: after how many counts? Write for example “after 16”.");
    }
    void namesGivenToSectionsAreKept() {
        Document d = must(routineFromText(example));
        d = must(applyEdit(d, StateFact{NameFact{d.map->beats[16].time, "quiet verse"}}));
        const Document back = must(routineFromText(routineToText(d)));
        QCOMPARE(test::q(back.map->phrases[1].label).toLower(), "quiet verse");
    }
    void whatHasAFieldOfItsOwnStaysWhereItIs() {
        Document d = must(routineFromText(example));
        const PassId id = d.routine.passes[1].id;
        d = must(applyEdit(d, SetMark{id, "two\nlines: and more"}));
        QVERIFY(!test::q(passToText(d, id, PassWords::WithoutMark)).contains("remembered"));
        QVERIFY(must(passFromText(d, id, passToText(d, id, PassWords::WithoutMark), PassWords::WithoutMark)).empty());
        QCOMPARE(passToText(d, id, PassWords::Differences), std::string());
        d = must(applyEdits(d, must(passFromText(d, id, "mirrored; wait 2", PassWords::Differences))));
        QCOMPARE(test::q(passToText(d, id, PassWords::Differences)), "mirrored; wait 2");
        const Pass& pass = d.routine.passes[1];
        QVERIFY(pass.restart && pass.tag && pass.mirrored);
        QCOMPARE(pass.mark, std::string("two\nlines: and more"));
        QVERIFY(must(routineFromText(routineToText(d))).routine.passes[1].mark == pass.mark);
    }
    void theOpeningIsSaidOnOneLine() {
        const Document d = must(routineFromText(example));
        QCOMPARE(test::q(openingToText(d)), "leader: left free, facing 12; couple: closed, L-R");
        const Document other =
            must(applyEdit(d, must(openingFromText(d, "follower: either free, facing 6; leader: facing 3"))));
        QCOMPARE(test::q(openingToText(other)), "follower: either free, facing 6; leader: facing 3");
        QVERIFY(must(applyEdit(d, must(openingFromText(d, "")))).routine.opening == OpeningStance{});
        QCOMPARE(test::q(openingFromText(d, "row 7: left free").error().message),
                 "there is no role “row 7”. The roles are leader, follower.");
        QVERIFY(!openingFromText(d, "leader: upside down"));
    }
    void passesAreCopiedAsText() {
        for (std::uint32_t seed = 1; seed <= 60; ++seed) {
            const Document d = test::RandomRoutine(seed).make();
            std::vector<PassId> all;
            for (const Pass& pass : d.routine.passes) all.push_back(pass.id);
            const auto passes = must(passesFromText(d, passesToText(d, all)));
            const Document twice = must(applyEdit(d, InsertPasses{d.routine.passes.size(), passes}));
            const std::size_t n = all.size();
            QCOMPARE(twice.routine.passes.size(), 2 * n);
            for (std::size_t i = 0; i < n; ++i)
                QCOMPARE(test::q(passToText(twice, twice.routine.passes[n + i].id)), test::q(passToText(d, all[i])));
        }
        const Document d = test::RandomRoutine(1).make();
        QVERIFY(test::q(passesFromText(d, "something else").error().message).contains("no passes to paste"));
        QVERIFY(test::q(passesFromText(d, "Lift Count passes\npass: Q").error().message).contains("no part “Q”"));
    }
    void figuresAreCopiedAsText() {
        int figures = 0;
        for (std::uint32_t seed = 1; seed <= 60; ++seed) {
            const Document d = test::RandomRoutine(seed).make();
            for (const Part& part : d.routine.parts) {
                std::vector<PlacementId> all;
                for (const Placement& placed : part.figures) all.push_back(placed.id);
                if (all.empty()) continue;
                const auto placements = must(placementsFromText(d, placementsToText(d, all)));
                const Document twice = must(applyEdit(d, InsertPlacements{part.id, placements, all.front()}));
                const std::vector<Placement>& now = findPart(twice.routine, part.id)->figures;
                QCOMPARE(now.size(), 2 * all.size());
                for (std::size_t i = 0; i < all.size(); ++i) {
                    Placement copy = now[i];
                    QVERIFY(copy.id != part.figures[i].id);
                    copy.id = part.figures[i].id;
                    QVERIFY(copy == part.figures[i]);
                    QVERIFY(now[all.size() + i] == part.figures[i]);
                    ++figures;
                }
            }
        }
        QVERIFY(figures > 100);
        const Document d = test::RandomRoutine(1).make();
        QVERIFY(test::q(placementsFromText(d, "something else").error().message).contains("no figures to paste"));
        QVERIFY(!placementsFromText(d, "Lift Count figures\nno such figure at all"));
        QVERIFY(!applyEdit(d, InsertPlacements{d.routine.parts[0].id, {Placement{{}, FigureId{999999}, {}}}, {}}));
    }
    void aSongThatWasHeardKeepsItsStructure() {
        SongMap map = test::song(
            "pickup 2 | intro 16 | verse 32 @112 | stop 4 | bar 2 | fermata 1 3.2s | chorus 30 | bar 5 | bar 4 | outro 16 @90",
            120, "4/4", 0.7);
        const TypedStructure written = structureOf(map);
        const SongMap back = must(mapFromStructure(written.text, written.bpm, written.metre, written.offset));
        QCOMPARE(back.beats.size(), map.beats.size());
        QCOMPARE(back.bars.size(), map.bars.size());
        for (std::size_t i = 0; i < map.bars.size(); ++i) QCOMPARE(back.bars[i].beats, map.bars[i].beats);
        QCOMPARE(back.phrases.size(), map.phrases.size());
        for (std::size_t i = 0; i < map.phrases.size(); ++i) QCOMPARE(back.phrases[i].label, map.phrases[i].label);
        QCOMPARE(back.stops.size(), map.stops.size());
        QCOMPARE(back.fermatas.size(), map.fermatas.size());
        for (std::size_t i = 0; i < map.beats.size(); ++i)
            QVERIFY(qAbs(back.beats[i].time - map.beats[i].time) <
                    0.05); // tempos are written to a thousandth, told when they change by 0.2 %
    }
    /// Found by the fuzzer: a colon behind "pass" read beyond the text.
    void aPassIsWrittenWithAColonAsWell() {
        const std::string head =
            "Lift Count routine\nsong: verse 32\ntempo: 120\nroles: everyone\nfigure: W\n  everyone: 1-8 walk L\npart: A\n  W\norder: A A\n";
        const std::string plain =
            routineToText(must(routineFromText(head + "pass 2\n  restart after 4\n  tag of 2\n")));
        for (const char* written : {"pass: 2\n  restart after 4\n  tag of 2\n", "pass 2: restart after 4\n  tag of 2\n",
                                    "pass 2:\n  restart after 4\n  tag of 2\n"})
            QCOMPARE(routineToText(must(routineFromText(head + written))), plain);
        for (const char* wrong : {"pass:\n  tag of 2\n", "pass\n  tag of 2\n", "pass: 3\n  tag of 2\n", "pass: 2: 1\n",
                                  "pass x: tag of 2\n"}) {
            const auto read = routineFromText(head + wrong);
            QVERIFY2(!read && test::q(read.error().message)
                                  .contains(test::q(wrong).startsWith("pass\n") || test::q(wrong).startsWith("pass:\n")
                                                ? "Line 10: a whole number from 1 to 2 is missing"
                                                : "Line 10: “"),
                     wrong);
            QVERIFY2(!read && read.error().message.english().find("Line 10") != std::string::npos, wrong);
        }
    }
    void wrongTextNamesItsLine_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("says");
        const auto row = [](const char* name, const char* text, const char* says) {
            QTest::newRow(name) << QString("Lift Count routine\n") + text << says;
        };
        row("unknown", "colour: red", "Line 2: “colour” is not known here");
        row("song", "song: verse", "Line 2: Structure, character 6");
        row("tempo without song", "tempo: 100", "there is no song");
        row("twice", "title: a\ntitle: b", "Line 3: this is said already in line 2");
        row("roles", "roles: leader, leader", "two roles are called “leader”");
        row("part name", "part: two words", "one word");
        row("figure", "part: A\n  Vane", "Line 3: there is no figure “Vane”");
        row("role of a figure", "figure: Vane\n  lead: 1 2",
            "Line 3: there is no role “lead”. The roles are everyone.");
        row("inside itself", "part: A\n  part B\npart: B\n  part A", "inside itself");
        row("order", "part: A\norder: A C", "Line 3: Order, character 3");
        row("pass", "part: A\norder: A\npass 2\n  mirrored", "Line 4: “2” should be a whole number from 1 to 1");
        row("no order", "part: A\npass 1\n  mirrored", "Say the order of the parts first");
        row("exception", "part: A\norder: A\npass 1\n  jump about", "Line 5: “jump about” is not an exception");
        row("restart", "part: A\norder: A\npass 1\n  restart", "after how many counts?");
        row("restart at nothing", "part: A\norder: A\npass 1\n  restart after 0", "A restart comes after");
        row("figure of a pass", "part: A\norder: A\npass 1\n  without figure 3", "part A has no figure 3; it has 0");
        row("bars", "figure: F\n  everyone: 1\npart: A\n  F, in bars of 3", "as danced and as written");
        row("canon", "part: A\norder: A\npass 1\n  canon 2", "how far apart");
        row("indented", "  title: a", "stands under nothing");
        row("told twice", "part: A\norder: A\npass 1\n  mirrored\npass 1\n  exchanged", "told already");
        row("accent", "part: A\norder: A\naccent: pass 1", "write “accent:");
    }
    void wrongTextNamesItsLine() {
        QFETCH(QString, text);
        QFETCH(QString, says);
        if (QString(QTest::currentDataTag()) == "indented") text = "  title: a";
        const auto read = routineFromText(text.toStdString());
        QVERIFY(!read);
        QVERIFY2(test::q(read.error().message).contains(says), read.error().message.english().c_str());
    }
    void anythingIsReadOrRefused() { // a mail may hold anything: nothing crashes, and what is read writes itself again
        const std::string text = example;
        test::RandomRoutine random(7);
        int read = 0;
        for (int i = 0; i < 3000; ++i) {
            std::string other = text;
            for (int n = 1 + random.upTo(3); n > 0; --n) {
                const auto at = static_cast<std::size_t>(random.upTo(static_cast<int>(other.size())));
                if (random.chance(50))
                    other.erase(at, static_cast<std::size_t>(1 + random.upTo(8)));
                else
                    other.insert(at, random.chance(50) ? "," : random.chance(50) ? "\n" : "\"");
            }
            if (const auto d = routineFromText(other)) {
                ++read;
                const auto again = routineFromText(routineToText(*d));
                QVERIFY2(again, (other + "\n" + (again ? "" : again.error().message.english())).c_str());
                QVERIFY2(routineToText(*again) == routineToText(*d),
                         (other + "\n-----\n" + routineToText(*d) + "\n-----\n" + routineToText(*again)).c_str());
            }
        }
        QVERIFY2(read > 100 && read < 2900, qPrintable(QString::number(read)));
    }
};

LIFTCOUNT_TEST(RoutineTextTest)
#include "tst_routine_text.moc"
