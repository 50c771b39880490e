// Situations from a dancer's work, with numbers that were worked out by hand.
#include "support/core_support.h"

#include "core/reports/landing_report.h"
#include "core/reports/sheet_header.h"

#include <QProcess>

using namespace lc;
using test::must;

class ScenariosTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// Steps on 1 2 3 5 6 7 at 184 bpm: 6 of 8 counts stepped = 138 steps a minute; waits on 4 and 8; same foot on
    /// each 1.
    void s04SixStepsInEight() {
        const NotationReading eight = readNotation("1 2 3 5 6 7 8 wait");
        QCOMPARE(eight.length, counts(8));
        QStringList waits;
        for (const Action& a : eight.actions)
            if (a.kind == ActionKind::Wait) waits << test::q(a.label);
        QCOMPARE(waits.join(' '), "4 8");
        QCOMPARE(weightChanges(eight.actions), 6);
        const CountGrid grid(test::song("song 64", 184), {});
        const double minutes = (*grid.secondsAt(counts(8)) - *grid.secondsAt(counts(0))) / 60;
        QVERIFY(qAbs(weightChanges(eight.actions) / minutes - 138) < 1e-9);
        Document d =
            test::withOrder(test::withLine(test::documentOn("song 64", 184), "A", "1 2 3 5 6 7 8 wait"), "A x8");
        const Landing landing = land(d);
        for (const PassPerformance& p : landing.performance.passes)
            QVERIFY(landing.performance.roles[0][p.roles[0].firstAction].foot == Foot::Left);
    }
    /// The order 6 6 8 6 6 8 starts on music counts 1 7 5 5 3 1.
    void s12StartsOfSixesAndEights() {
        Document d = test::withLine(test::withLine(test::documentOn("song 40"), "A", "1-6 walk"), "B", "1-8 walk");
        d = test::withOrder(d, "A A B A A B");
        const Landing landing = land(d);
        QStringList starts;
        for (const PassPerformance& p : landing.performance.passes)
            starts << test::q(toCountString(*landing.grid.musicCountAt(p.start)));
        QCOMPARE(starts.join(' '), "1 7 5 5 3 1");
        QCOMPARE(landing.performance.end, counts(40));
    }
    /// 48-count dance, ¼ R completed at 12, ½ L completed at 40; pass 3 restarts after 24.
    void s19RestartWithAWall() {
        Document d = test::withLine(test::documentOn("song 192"), "A", test::walk(48, {{12, "1/4 R"}, {40, "1/2 L"}}));
        d = test::cut(test::withOrder(d, "A A A A"), 3, 24);
        const Landing landing = land(d);
        QCOMPARE(test::facings(landing.performance).join(' '), "12 9 6 9");
        QCOMPARE(test::starts(landing.performance).join(' '), "1 49 97 121");
    }
    /// One extra bar of 4 after beat 64: at beat 69 the running count says 5 and the music says 1.
    void s13OneExtraBar() {
        Document d =
            test::withOrder(test::withLine(test::documentOn("a 32 | b 32 | bar 4 | c 32"), "A", test::walk(8)), "A x9");
        const Landing landing = land(d);
        const Tick at = counts(68); // beat 69
        QCOMPARE(*landing.grid.musicCountAt(at), counts(1));
        QCOMPARE(runningCount(at, landing.performance.passes[0].runningFrom, landing.grid.regularSet()), counts(5));
    }
    /// Role totals that differ are a finding although both make five changes and the feet agree.
    void s14TotalsOfTwoRoles() {
        const NotationReading leader = readNotation("S S S Q Q");
        const NotationReading follower = readNotation("S S S S S");
        QCOMPARE(readNotation("S Q Q S S Q Q").length, counts(10));
        QCOMPARE(follower.length - leader.length, counts(2));
        QCOMPARE(weightChanges(leader.actions), weightChanges(follower.actions));
        const NotationReading turns = readNotation("1 step 3/8 R 2 step 1/4 R 3 step 3/8 R");
        int eighths = 0;
        QStringList degrees;
        for (const Action& a : turns.actions) degrees << QString::number((eighths += a.turn.value) * 45);
        QCOMPARE(degrees.join(' '), "135 225 360");
    }
    void s14ThroughARoutine() {
        Document d = test::withLine(test::documentOn("song 64"), "A", "S Q Q S S Q Q");
        const Landing landing = land(test::withOrder(d, "A A"));
        QCOMPARE(*landing.grid.musicCountAt(landing.performance.passes[1].start), counts(3));
    }
    /// "1 a 2" against "1 & 2" at 96 bpm: "a" 0.469 s, two-thirds "a" 0.417 s, "&" 0.313 s after the count.
    void s05SubBeatsInSeconds() {
        const CountGrid grid(test::song("song 8", 96), {});
        const auto sub = [&](const char* text, Feel feel) {
            const auto reading = readNotation(text, {feel, counts(2), counts(1)});
            return *grid.secondsAt(reading.actions.at(1).at);
        };
        QVERIFY(qAbs(sub("1 a 2", Feel::Straight) - 0.469) < 0.0005);
        QVERIFY(qAbs(sub("1 a 2", Feel::RollingThirds) - 0.417) < 0.0005);
        QVERIFY(qAbs(sub("1 & 2", Feel::Straight) - 0.313) < 0.00051);
    }
    /// A 40, B 24, tag 4, A 40, A cut at 16, B 24: 148 counts = 18½ eights; starts 1, 41, 65, 69, 109, 125.
    void tagsAndCutsAddUp() {
        Document d =
            test::withLine(test::withLine(test::documentOn("song 160"), "A", test::walk(40)), "B", test::walk(24));
        d = test::cut(test::tagged(test::withOrder(d, "A B A A B"), 2, 4), 4, 16);
        const Performance p = land(d).performance;
        QCOMPARE(p.end - p.start, counts(148));
        QCOMPARE((p.end - p.start).value * 2, counts(8).value * 37);
        QStringList starts = test::starts(p);
        starts.insert(2, test::q(toCountString(p.passes[1].start + p.passes[1].counts + counts(1)))); // the tag
        QCOMPARE(starts.join(' '), "1 41 65 69 109 125");
    }
    /// 138 bpm at 80 % is 110.4; 64 counts last 34.78 s instead of 27.83 s.
    void aSlowerSongLastsLonger() {
        const CountGrid grid(test::song("song 64", 138), {});
        const double seconds = *grid.secondsAt(counts(64));
        QVERIFY(qAbs(seconds - 27.83) < 0.005);
        QVERIFY(qAbs(seconds / 0.8 - 34.78) < 0.005);
        QVERIFY(qAbs(138 * 0.8 - 110.4) < 1e-9);
    }
    /// 104 bpm with count 1 at 1.200 s and a spoken eight before it: 3.415 s of silence goes in front.
    void aCountInNeedsRoom() {
        const double eight = *CountGrid(test::song("song 16", 104), {}).secondsAt(counts(8));
        QVERIFY(qAbs(eight - 1.200 - 3.415) < 0.0006);
    }
    /// 8 counts and a 4-count lead at 90 bpm, six times: 48.0 s.
    void sixLoopsWithALead() {
        QVERIFY(qAbs(*CountGrid(test::song("song 72", 90), {}).secondsAt(counts(72)) - 48.0) < 1e-9);
    }
    /// "& 1 2" at 120 bpm: its "&" falls 0.25 s before count 1, adds no length, and changes the foot before count 1.
    void aLeadingAndBelongsToTheCountBefore() {
        const NotationReading r = readNotation("& step R 1 step 2 step");
        QCOMPARE(r.length, counts(2));
        const CountGrid grid(test::song("song 16", 120), {});
        QVERIFY(qAbs(*grid.secondsAt(counts(8)) - *grid.secondsAt(counts(8) + r.actions[0].at) - 0.25) < 1e-9);
        const auto feet = followFeet(r.actions, Foot::Right);
        QVERIFY(feet[1].foot == Foot::Left);
    }
    /// The repeats of a 20-count sequence start on music counts 1 5 1 5 …; it realigns with eights after 2, with 32s
    /// after 8.
    void s02TwentyCountsAgainstEights() {
        Document d = test::withOrder(
            test::withLine(test::documentOn("a 32 | b 32 | c 32 | d 32 | e 32"), "A", test::walk(20)), "A x8");
        const Landing landing = land(d);
        QStringList music;
        int landed = 0;
        for (const PassPerformance& p : landing.performance.passes) {
            music << test::q(toCountString(*landing.grid.musicCountAt(p.start)));
            landed += *phraseMiss(landing.grid, p.start) == Tick{};
        }
        QCOMPARE(music.join(' '), "1 5 1 5 1 5 1 5");
        QCOMPARE(landing.performance.end, counts(160));
        QCOMPARE(landed, 1); // 20 and 32 meet only at 160
    }
    /// Three figures of four counts with three changes, danced alternately to both sides, the group four, two or one
    /// times: 48, 24, 12 counts. Three changes a figure leave the other foot after an odd group, in the middle of an
    /// eight.
    void s06AGroupRepeatedThroughARoutine() {
        for (const int times : {4, 2, 1}) {
            Document d = test::documentOn("song 64");
            for (const char* name : {"One", "Two", "Three"})
                test::placeFigure(d, "A", test::addFigure(d, name, {"1 step 2 step 3 step 4 wait"}));
            d = test::withLine(d, "B", "1 step L 2-8 walk");
            d = test::withOrder(d, ("A x" + std::to_string(times) + " B").c_str());
            const Landing landing = land(d);
            const PassPerformance& after = landing.performance.passes.back();
            QCOMPARE(after.start, counts(12 * times));
            int changes = 0;
            for (std::size_t i = 0; i < after.roles[0].firstAction; ++i)
                changes += landing.performance.roles[0][i].kind == ActionKind::Step;
            QCOMPARE(changes, 9 * times);
            QCOMPARE(entersOnWrongFoot(after.roles[0]), times == 1);
            QCOMPARE(*landing.grid.musicCountAt(after.start), times == 1 ? counts(5) : counts(1));
            const auto said = [&](const char* code) {
                return std::any_of(landing.findings.begin(), landing.findings.end(),
                                   [&](const Finding& f) { return f.key.code == code && f.key.pass == after.id; });
            };
            QCOMPARE(said(finding::wrongFoot), times == 1);
        }
    }
    /// Two roles vary the rhythm inside the same six counts: five steps by 4 each, so they start, end and change foot
    /// together; a version that leaves the other foot is told.
    void s17TwoRhythmsThatMeetThroughARoutine() {
        const auto couple = [](const std::string& follower) {
            Document d = must(applyEdit(test::documentOn("song 48"), AddRole{"follower"}));
            const FigureId f = test::addFigure(d, "Six", {"1 2 a3 4 5 6", follower});
            test::placeFigure(d, "A", f);
            return test::withOrder(d, "A x8");
        };
        const Document same = couple("1 2 3&4 5 6");
        const Landing landing = land(same);
        for (const PassPerformance& p : landing.performance.passes) {
            QCOMPARE(p.roles[0].counts, counts(6));
            QCOMPARE(p.roles[1].counts, counts(6));
            QCOMPARE(p.roles[0].freeOut, p.roles[1].freeOut);
        }
        const Document other = couple("1 2 3 4 5 6");
        const Landing apart = land(other);
        QVERIFY(apart.performance.passes[0].roles[0].freeOut != apart.performance.passes[0].roles[1].freeOut);
    }
    /// Twelve steps over four bars of 3+2+2 in eighths, taught in chunks of 3 4 3 2; the same as S Q Q to 4/4.
    void s18SevenEighthsThroughARoutine() {
        Document d = test::documentOn("song 84", 300, "7/8:3+2+2"); // eighths of 0.2 s
        for (const auto& [name, line] :
             {std::pair{"Three", "1-3 walk"}, {"Four", "1-4 walk"}, {"Three more", "1-3 walk"}, {"Two", "1-2 walk"}})
            test::placeFigure(d, "A", test::addFigure(d, name, {line}));
        d = test::withOrder(d, "A A A");
        const Landing landing = land(d);
        QStringList times;
        for (const PerformedAction& a : landing.performance.roles[0])
            if (times.size() < 4) times << QString::number(*landing.grid.secondsAt(a.at), 'f', 1);
        QCOMPARE(times.join(' '), "0.0 0.6 1.0 1.4");
        QVERIFY(qAbs(*landing.grid.secondsAt(counts(15)) - 7.0) < 1e-9); // bar 6
        QCOMPARE(test::starts(landing.performance).join(' '), "1 13 25");
        const auto& chunks = landing.performance.readingOf(landing.performance.passes[0]).figures;
        QStringList at;
        for (const FigureSpan& f : chunks) at << QString::number(*landing.grid.secondsAt(f.start), 'f', 1);
        QCOMPARE(at.join(' '), "0.0 1.4 3.4 4.8"); // the second and third begin inside bars
        Document square =
            test::withOrder(test::withLine(test::documentOn("song 64", 120), "A", "S Q Q S Q Q S Q Q S Q Q"), "A x4");
        const Landing on4 = land(square);
        QCOMPARE(on4.performance.passes[1].start, counts(16)); // four bars of four
        QCOMPARE(weightChanges(readNotation("S Q Q S Q Q S Q Q S Q Q").actions), 12);
    }
    /// Music counts against an independent tool: the same modulo arithmetic in awk.
    void musicCountsAgreeWithAnIndependentTool() {
        if (QProcess::execute("sh", {"-c", "command -v awk >/dev/null"}) != 0) QSKIP("awk is not here");
        const CountGrid grid(test::song("song 96"), {});
        QProcess awk;
        awk.start("awk", {"BEGIN { for (i = 0; i < 96; ++i) printf \"%d \", i % 8 + 1 }"});
        QVERIFY(awk.waitForFinished());
        QString ours;
        for (int c = 0; c < 96; ++c) ours += QString::number(grid.cell(c)->number) + ' ';
        QCOMPARE(ours, QString::fromUtf8(awk.readAllStandardOutput()));
    }
    void theReportSaysTheSame() {
        Document d = test::withLine(test::documentOn("song 192"), "A", test::walk(48, {{12, "1/4 R"}, {40, "1/2 L"}}));
        d = test::cut(test::withOrder(d, "A A A A"), 3, 24);
        const QString text = test::q(landingAsText(d, land(d)));
        QVERIFY(text.contains("restart after 24"));
        QCOMPARE(test::q(exceptionsInWords(d, land(d))),
                 "Restart: pass 3 after 24 (begins facing 6, leaves facing 9).");
        QCOMPARE(test::q(exceptionsInWords(test::tagged(d, 1, 4), land(test::tagged(d, 1, 4)))),
                 "Restart: pass 3 after 24 (begins facing 6, leaves facing 9). Tag: 4 counts after pass 1.");
    }
};

LIFTCOUNT_TEST(ScenariosTest)
#include "tst_scenarios.moc"
