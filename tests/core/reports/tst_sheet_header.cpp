#include "support/core_support.h"

#include "core/landing/binding.h"
#include "core/reports/sheet_header.h"
#include "core/routine/music_place.h"

using namespace lc;
using test::must;

namespace {

/// A line dance of two figures on a song with a bridge, danced six times.
Document dance() {
    Document d = test::documentOn("intro 16 | verse 16 | chorus 16 | verse 16 | bridge 16 | chorus 16 | outro 16", 120);
    const FigureId vine =
        test::addFigure(d, "Vine", {"1 side R 2 behind L 3 side R 4 close L 5 side R 6 close L 7 rock R 8 replace L"});
    const FigureId turn = test::addFigure(
        d, "Turn", {"1 forward R 2 forward L 3 1/4 R R 4 close L 5 side R 6 close L 7 side R 8 close L"});
    test::placeFigure(d, "A", vine);
    test::placeFigure(d, "A", turn);
    test::addFigure(d, "Sway", {"1:2 sway R 3:2 sway L"});
    d = must(applyEdit(d, AddPart{"End"}));
    d = test::withLine(d, "End", "1 stomp R 2 wait 3 wait 4 wait");
    return must(applyEdit(test::withOrder(d, "A x6"), SetStart{8.0}));
}

FigureId figure(const Document& d, const std::string& name) {
    for (const Figure& f : d.routine.figures)
        if (f.name == name) return f.id;
    return {};
}

PlacementId placed(const Document& d, std::size_t i) { return d.routine.parts[0].figures[i].id; }

QString said(const Document& d) { return test::q(exceptionsInWords(d, land(d))); }

} // namespace

class SheetHeaderTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void theFirstLine() {
        Document d = must(applyEdit(dance(), SetLevel{"improver"}));
        QCOMPARE(test::q(headerLine(sheetHeader(d, land(d)))),
                 "A 16 counts, End 4 counts, 4 walls, improver, 120 bpm, intro 16 counts (0:08.0)");
        QVERIFY(sheetHeader(d, land(d)).exceptions.empty());
        d = must(applyEdit(d, SetFormation{Formation::Couples})); // walls are for lines
        QVERIFY(sheetHeader(d, land(d)).walls.empty());
        QCOMPARE(test::q(headerLine(sheetHeader(newDocument(), land(newDocument())))), "0 counts");
    }
    void theSameCutIsSaidOnceWithItsFacings() {
        Document d = test::cut(test::cut(test::cut(dance(), 2, 8), 5, 8), 4, 12);
        QCOMPARE(
            said(d),
            "Restart: passes 2 and 5 after 8 (begin facing 3 and 9, leave facing 3 and 9), pass 4 after 12 (begins facing 6, leaves facing 9).");
        d = must(applyEdit(d, SetMark{test::pass(d, 4).id, "after the bridge"}));
        QVERIFY(said(d).contains("pass 4 after 12 (begins facing 6, leaves facing 9) (after the bridge)"));
        d = must(applyEdit(d, SetFormation{Formation::Couples}));
        QVERIFY(said(d).contains("leaves facing the centre"));
    }
    void everyKindOfException_data() {
        using Kind = FigureChange::Kind;
        QTest::addColumn<PassExceptions>("exceptions");
        QTest::addColumn<QString>("words");
        const Document d = dance();
        const auto row = [](const char* words, const auto& change) {
            PassExceptions e;
            change(e);
            QTest::newRow(words) << e << QString(words);
        };
        row("Tag: 4 counts after pass 2.", [](PassExceptions& e) { e.tag = Tag{counts(4)}; });
        row("Tag: 4 counts after pass 2, Sway, then count from 1.", [&](PassExceptions& e) {
            e.tag = Tag{counts(4), true, figure(d, "Sway")};
        });
        row("Last step a touch: pass 2.", [](PassExceptions& e) { e.lastChangeIsTouch = true; });
        row("Bridge: 2 counts in pass 2 after 8.", [](PassExceptions& e) {
            e.bridges = {Bridge{{}, counts(8), counts(2)}};
        });
        row("Bridge: 4 counts in pass 2 after 8, Sway.", [&](PassExceptions& e) {
            e.bridges = {Bridge{{}, counts(8), counts(4), figure(d, "Sway")}};
        });
        row("Added: Sway in pass 2 after Vine.", [&](PassExceptions& e) {
            e.changes = {{Kind::Add, placed(d, 0), Placement{{}, figure(d, "Sway")}}};
        });
        row("Added: Sway in pass 2 at its head.", [&](PassExceptions& e) {
            e.changes = {{Kind::Add, {}, Placement{{}, figure(d, "Sway")}}};
        });
        row("Left out: Turn in pass 2.", [&](PassExceptions& e) { e.changes = {{Kind::Drop, placed(d, 1)}}; });
        row("Another version: Turn as “slow” in pass 2.", [&](PassExceptions& e) {
            e.changes = {{Kind::Version, placed(d, 1), {}, "slow", {}}};
        });
        row("In bars of 3: Vine in pass 2.", [&](PassExceptions& e) {
            e.changes = {{Kind::Bars, placed(d, 0), {}, {}, Rebar{4, 3}}};
        });
        row("To the other side: Vine in pass 2.", [&](PassExceptions& e) {
            e.changes = {{Kind::Mirror, placed(d, 0)}};
        });
        row("To the other side: pass 2.", [](PassExceptions& e) { e.mirrored = true; });
        row("Places exchanged: pass 2.", [](PassExceptions& e) { e.exchanged = true; });
        row("Wait: 4 counts before pass 2.", [](PassExceptions& e) { e.wait = counts(4); });
        row("Ending: pass 2 after 8, part End.", [&](PassExceptions& e) {
            e.ending = Ending{counts(8), d.routine.parts[1].id};
        });
        row("Optional ending, not danced: pass 2 after 8, part End.", [&](PassExceptions& e) {
            e.ending = Ending{counts(8), d.routine.parts[1].id, false};
        });
        row("Canon: pass 2, entering 2 counts apart, every role finishes.", [](PassExceptions& e) {
            e.canon = Canon{counts(2), true};
        });
    }
    void everyKindOfException() {
        QFETCH(PassExceptions, exceptions);
        QFETCH(QString, words);
        Document d = dance();
        test::except(d, 2, exceptions);
        QCOMPARE(said(d), words);
    }
    void whatTheMusicBringsSaysWhere() {
        Document d = dance();
        PassExceptions restart;
        restart.restart = Restart{};
        d = must(applyEdit(d, AddMusicException{{"Bridge", counts(8), 0}, restart, "drums alone"}));
        QCOMPARE(said(d),
                 "Restart: pass 4 after 8 (begins facing 9, leaves facing 9), in Bridge, after 8 (drums alone).");
        d = must(applyEdit(dance(), PinPass{test::pass(dance(), 4).id, MusicPlace{"Chorus", {}, 48}}));
        QVERIFY2(said(d).contains("pass 4") && said(d).contains("on the 1 of Chorus"), qPrintable(said(d)));
    }
    void bindingToTheMusicAndBackLeavesTheDanceAsItIs() {
        using Kind = FigureChange::Kind;
        const Document plain = dance();
        std::vector<PassExceptions> all(7);
        all[0].restart = Restart{counts(8), true};
        all[1].tag = Tag{counts(4), true};
        all[2].lastChangeIsTouch = true;
        all[3].bridges = {Bridge{{}, counts(8), counts(2)}};
        all[4].changes = {{Kind::Drop, placed(plain, 1)}};
        all[5].mirrored = true;
        all[6].ending = Ending{counts(8), plain.routine.parts[1].id};
        for (const PassExceptions& e : all) {
            Document d = plain;
            test::except(d, 3, e);
            const QStringList before = test::starts(land(d).performance);
            const auto parts = partsOf(test::pass(d, 3));
            QCOMPARE(parts.size(), 1U);
            const Document bound = must(applyEdits(d, must(bindToMusic(d, land(d), test::pass(d, 3).id, parts[0]))));
            QVERIFY(test::pass(bound, 3).none());
            QCOMPARE(bound.routine.atMusic.size(), 1U);
            QCOMPARE(test::starts(land(bound).performance), before);
            const Document back =
                must(applyEdits(bound, must(bindToPass(bound, land(bound), bound.routine.atMusic[0].id))));
            QVERIFY(back.routine.atMusic.empty());
            QCOMPARE(test::starts(land(back).performance), before);
            QCOMPARE(partsOf(test::pass(back, 3)).size(), 1U);
        }
        QVERIFY(!bindToPass(plain, land(plain), ExceptionId{99}));
    }
    void marksAreOfferedThatDancersCanSee() {
        Document d = must(applyEdit(dance(), AddMoment{39.0, MomentKind::Entry, "drums alone"}));
        const Landing landing = land(d);
        const auto offered = [&](std::size_t pass) {
            QStringList all;
            for (const Sentence& mark : memoryMarks(d, landing, pass)) all << test::q(mark);
            return all;
        };
        QVERIFY2(offered(3).contains("the one in Bridge") && offered(3).contains("by “drums alone”"),
                 qPrintable(offered(3).join('\n')));
        QVERIFY2(offered(5).contains("the last one"), qPrintable(offered(5).join('\n')));
        QVERIFY(offered(1).contains("the second A"));
        for (std::size_t i = 0; i < 6; ++i) QVERIFY(offered(i).size() <= 5);
    }
};

LIFTCOUNT_TEST(SheetHeaderTest)
#include "tst_sheet_header.moc"
