#include "support/random_routine.h"

#include "core/document/document_json.h"
#include "core/exchange/routine_text.h"
#include "core/landing/remedies.h"
#include "core/reports/landing_report.h"
#include "core/reports/sheet_header.h"

#include <QProcess>

using namespace lc;
using test::findingWith;
using test::must;

namespace {

/// Everything that is derived from a routine, so that nothing of it breaks where a routine is odd.
Landing everything(const Document& d) {
    const Landing landing = land(d);
    for (const Finding& f : landing.findings) (void)remediesFor(d, landing, f);
    (void)landingAsText(d, landing);
    (void)landingAsJson(d, landing);
    (void)sheetHeader(d, landing);
    for (std::size_t i = 0; i < landing.performance.passes.size(); ++i) (void)memoryMarks(d, landing, i);
    if (documentFromJson(toJson(d)) != d) qFatal("the routine does not come back from its file");
    if (!routineFromText(routineToText(d))) qFatal("the routine does not come back from its text");
    return landing;
}

} // namespace

class ExtremesTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void nothingYet() {
        QVERIFY(everything(newDocument()).findings.empty());
        QVERIFY(everything(test::documentOn("verse 32")).findings.empty());
        const Document noSong = test::withOrder(test::withLine(newDocument(), "A", "1 2 3 4"), "A A");
        QCOMPARE(everything(noSong).performance.end, counts(8));
    }
    void aPartWithoutFigures() {
        Document d = test::withOrder(test::withLine(test::documentOn("verse 32"), "A", "1 2 3 4"), "A A");
        d = must(applyEdit(d, RemovePlacements{{d.routine.parts[0].figures[0].id}}));
        QVERIFY(findPart(d.routine, d.routine.parts[0].id)->figures.empty());
        const Landing landing = everything(d);
        QVERIFY(findingWith(landing.findings, finding::emptyPart));
        QCOMPARE(landing.performance.end, Tick{});
    }
    void aFigureOfHalfACount() {
        Document d = test::documentOn("verse 32");
        d = must(applyEdit(d, AddFigure{{"Blink", {{"everyone", "1:1/2 touch L"}}, std::nullopt, {}}, {}}));
        const FigureId blink = d.routine.figures.back().id;
        for (int i = 0; i < 3; ++i) d = must(applyEdit(d, PlaceFigure{d.routine.parts[0].id, blink}));
        d = test::withOrder(d, "A A A");
        const Landing landing = everything(d);
        QCOMPARE(landing.performance.passes[1].start, countFraction(3, 2));
        QCOMPARE(landing.performance.end, countFraction(9, 2));
        d = test::cut(d, 2, 1);
        QCOMPARE(everything(d).performance.passes[2].start, countFraction(5, 2));
    }
    void aSongShorterThanAPart() {
        const Landing landing =
            everything(test::withOrder(test::withLine(test::documentOn("verse 8"), "A", test::walk(32)), "A A"));
        QCOMPARE(test::q(findingWith(landing.findings, finding::pastSong)->headline),
                 "The dance is 56 counts longer than the song");
    }
    void manyPassesStepsAndRoles() { // 500 passes, 20,000 steps, 8 roles
        std::string song = "intro 32";
        for (int i = 0; i < 500; ++i) song += " | verse " + std::to_string(i % 9 == 4 ? 12 : 10);
        Document d = test::documentOn(song);
        for (int r = 2; r <= 8; ++r) d = must(applyEdit(d, AddRole{"row " + std::to_string(r)}));
        for (std::size_t r = 0; r < 8; ++r) d = test::withLine(d, "A", "1 2 3 4 & 5 6 7 1/4 R 8 touch 9 10", r);
        d = test::withOrder(d, "A x500");
        for (std::size_t i = 1; i <= 500; i += 50) d = test::tagged(test::cut(d, i, 4), i, 2);
        const Landing landing = land(d);
        QCOMPARE(landing.performance.passes.size(), 500U);
        std::size_t steps = 0;
        for (const auto& role : landing.performance.roles) steps += role.size();
        QVERIFY(steps > 20000);
        QCOMPARE(landing.performance.end - landing.performance.start, counts(500 * 10 - 10 * 6 + 10 * 2));
        QVERIFY(landing.performance.readings.size() < 30); // like passes share what they dance
    }
    void aMedleyOfThirtyMinutes() {
        std::string song;
        for (int i = 0; i < 110; ++i)
            song += (i ? " | " : "") + std::string(i % 11 == 10 ? "break 20" : "verse " + std::to_string(i)) +
                    (i % 11 == 10 ? ""
                     : i % 7 == 3 ? " 36"
                                  : " 32") +
                    " @" + std::to_string(100 + i % 30);
        Document d =
            test::withOrder(test::withLine(test::documentOn(song), "A", test::walk(32, {{28, "1/4 L"}})), "A x105");
        const Landing landing = everything(d);
        QVERIFY(*landing.grid.secondsAt(landing.grid.end()) > 1700);
        for (const Finding& f : landing.findings) QVERIFY(!f.headline.empty() && !f.text.empty());
    }
    void startsAgreeWithAnIndependentTool() { // sums and the mod-8 count, worked out by Python
        QByteArray asked;
        QStringList here;
        for (std::uint32_t seed = 1; seed <= 120; ++seed) {
            const Document d = test::RandomRoutine(seed).make();
            const Performance p = test::danced(d);
            QStringList row, starts;
            row << test::q(toCountString(p.passes.front().begin()));
            for (const PassPerformance& pass : p.passes) {
                row << test::q(toCountString(pass.wait)) << test::q(toCountString(pass.counts))
                    << test::q(toCountString(pass.tag));
                starts << test::q(toCountString(pass.start)) + ":" +
                              test::q(toCountString(runningCount(pass.start, p.passes.front().begin(), 8)));
            }
            asked += row.join(' ').toUtf8() + "\n";
            here << starts.join(' ');
        }
        QProcess python;
        python.start(
            test::systemPython(),
            {"-c",
             "import sys\nfrom fractions import Fraction as F\nfor line in sys.stdin:\n"
             "  n=[F(x) for x in line.split()]; at=first=n[0]; out=[]\n"
             "  for i in range(1,len(n),3):\n    at+=n[i]; out.append(f'{at}:{(at-first)%8+1}'); at+=n[i+1]+n[i+2]\n  print(' '.join(out))"});
        if (!python.waitForStarted()) QSKIP("python3 is not here");
        python.write(asked);
        python.closeWriteChannel();
        QVERIFY(python.waitForFinished());
        QCOMPARE(QString::fromUtf8(python.readAllStandardOutput()).trimmed().split('\n'), here);
    }
};

LIFTCOUNT_TEST(ExtremesTest)
#include "tst_extremes.moc"
