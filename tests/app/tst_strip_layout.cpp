#include "support/core_support.h"

#include "app/strips/strip_layout.h"

#include <rapidcheck.h>

using namespace lc;
using namespace lc::app;

namespace {
CountGrid gridOf(const std::string& structure, const std::string& metre = "4/4") {
    const SongMap map = test::song(structure, 120, metre);
    return {map, usualScheme(map)};
}
StripLayout laidOut(const CountGrid& grid, double width = 928, Magnification m = Magnification::Strip) {
    return layOutStrips(grid, m, StripContent::Arrange, 2, width, 1.0);
}
} // namespace

class StripLayoutTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void aPhraseIsALineAndTheOnesStandUnderEachOther() {
        const CountGrid grid = gridOf("intro 32 | verse 32 | chorus 36 | outro 16");
        const StripLayout layout = laidOut(grid);
        QCOMPARE(layout.lines.size(), std::size_t{4});
        for (const StripLine& line : layout.lines)
            for (int set = 0; set * 8 < std::min(line.counts, 32); ++set)
                QCOMPARE(layout.xOf(line, counts(line.firstCount + set * 8)),
                         layout.left + set * 8 * layout.countWidth);
        QCOMPARE(layout.lineRect(layout.lines[2]).width(), 36 * layout.countWidth); // the edge is ragged
        QVERIFY(layout.lineRect(layout.lines[2]).right() < 928);
    }
    void aLongPhraseIsSeveralLines() {
        const StripLayout layout = laidOut(gridOf("verse 64 | chorus 24 | bridge 80"));
        QStringList lines;
        for (const StripLine& line : layout.lines)
            lines << QString("%1/%2 %3").arg(line.lineOfPhrase + 1).arg(line.linesOfPhrase).arg(line.counts);
        QCOMPARE(lines.join(", "), "1/2 32, 2/2 32, 1/1 24, 1/3 32, 2/3 32, 3/3 16");
    }
    void noSetIsTornBetweenTwoLines() {
        // a bar of five in a phrase of 61 (eights), and a phrase of 60 counted in sixes
        for (
            const CountGrid& grid :
            {gridOf(
                 "verse 4 | bar 5 | bar 4 | bar 4 | bar 4 | bar 4 | bar 4 | bar 4 | bar 4 | bar 4 | bar 4 | bar 4 | bar 4 | bar 4 | bar 4 | bar 4"),
             gridOf("verse 60", "3/4")}) {
            const StripLayout layout = laidOut(grid);
            QVERIFY(layout.lines.size() > 1);
            int next = 0;
            for (const StripLine& line : layout.lines) {
                QCOMPARE(line.firstCount, next);
                QCOMPARE(grid.cell(line.firstCount)->number, 1);
                next += line.counts;
            }
            QCOMPARE(next, grid.countsInSong());
        }
    }
    void noLineIsLongerThanAPageIsWide() {
        const SongMap map = test::song("verse 128 | chorus 40");
        const CountGrid sixteenBars(map, {CountUnit::Beat, 16}); // a set of 64 is too long for a line
        const StripLayout layout = laidOut(sixteenBars);
        QStringList lines;
        for (const StripLine& line : layout.lines)
            lines << QString("%1/%2 %3").arg(line.lineOfPhrase + 1).arg(line.linesOfPhrase).arg(line.counts);
        QCOMPARE(lines.join(", "), "1/4 32, 2/4 32, 3/4 32, 4/4 32, 1/1 40");
        const StripLayout odd =
            laidOut(gridOf("verse 4 | bar 12 | bar 12 | bar 12 | bar 12 | bar 12 | bar 12 | bar 4 | bar 12"));
        int next = 0;
        for (const StripLine& line : odd.lines) {
            QVERIFY2(line.counts <= 48, qPrintable(QString::number(line.counts)));
            QCOMPARE(line.firstCount, next);
            next += line.counts;
        }
    }
    void phrasesThatEndInAHalfSetKeepTheirColumns() {
        const StripLayout layout =
            laidOut(gridOf("verse 12 | chorus 12 | verse 12 | bar 2 | bar 4 | bar 4 | chorus 12"));
        QVERIFY(std::any_of(layout.lines.begin(), layout.lines.end(),
                            [](const StripLine& line) { return !line.holes.empty(); }));
    }
    void foldedPhrasesAreOneShallowLine() {
        const CountGrid grid = gridOf("verse 32 | verse 32 | verse 32 | verse 32 | outro 16");
        for (const Magnification m : {Magnification::Page, Magnification::Strip, Magnification::Eight}) {
            const StripLayout plain = layOutStrips(grid, m, StripContent::Arrange, 2, 928, 1.0);
            const StripLayout layout = layOutStrips(grid, m, StripContent::Arrange, 2, 928, 1.0, {{1, 4, 1, 3}});
            const std::size_t ofAPhrase = m == Magnification::Eight ? 4 : 1;
            QCOMPARE(layout.lines.size(), plain.lines.size() - 3 * ofAPhrase + 1);
            const StripLine& fold = layout.lines[ofAPhrase];
            QVERIFY(fold.folded);
            QCOMPARE(fold.firstCount, 32);
            QCOMPARE(fold.counts, 96);
            QCOMPARE(fold.height, 22.0);
            QCOMPARE(*layout.lineOf(100), static_cast<int>(ofAPhrase));
            QCOMPARE(layout.lines[ofAPhrase + 1].firstCount, 128);
            QVERIFY(layout.height < plain.height);
            QCOMPARE(wholeCounts(*tickAtPoint(layout, layout.countRect(100).center())), 100);
        }
    }
    void aShortSetLeavesItsColumnsEmpty() {
        const CountGrid grid = gridOf("verse 4 | bar 2 | bar 4 | bar 4 | bar 4 | bar 4");
        const StripLayout layout = laidOut(grid);
        const StripLine& line = layout.lines[0];
        QCOMPARE(line.holes, (std::vector<double>{6, 8}));
        QCOMPARE(layout.xOf(line, counts(6)),
                 layout.left + 8 * layout.countWidth); // the next 1 stands in its column again
        QVERIFY(!tickAtPoint(layout, QPointF(layout.left - 3, line.top + 5)));
        QCOMPARE(*tickAtPoint(layout, QPointF(layout.left + 7.2 * layout.countWidth, line.top + 5)),
                 counts(5)); // the empty place
        QCOMPARE(layout.countRect(5).width(), layout.countWidth);
    }
    void aLongSetIsSqueezedUnlessItIsTheLast() {
        const StripLayout layout = laidOut(gridOf("verse 4 | bar 6 | bar 4 | bar 4"));
        const StripLine& line = layout.lines[0];
        QCOMPARE(layout.xOf(line, counts(10)), layout.left + 8 * layout.countWidth);
        QCOMPARE(layout.xOf(line, counts(5)), layout.left + 4 * layout.countWidth);
        const StripLayout last = laidOut(gridOf("verse 8 | bar 2"));
        QCOMPARE(last.lineRect(last.lines[0]).width(), 10 * last.countWidth);
    }
    void whereHardlyAnySetIsRegularNothingIsHatched() {
        const CountGrid mixed =
            gridOf("verse 4 | bar 2 | bar 12 | bar 4 | bar 9 | bar 2 | bar 3 | bar 4 | bar 4 | bar 2 | bar 9");
        const StripLayout layout = laidOut(mixed);
        for (const StripLine& line : layout.lines) {
            QVERIFY(line.holes.empty());
            QCOMPARE(line.edges.back(), static_cast<double>(line.counts)); // and nothing is squeezed
        }
    }
    void countWidthKeepsItsRange() {
        const CountGrid grid = gridOf("verse 32");
        QCOMPARE(laidOut(grid, 3000).countWidth, std::floor((3000.0 - 114 - 98) / 32)); // a wide window is filled
        QCOMPARE(laidOut(gridOf("verse 16"), 1080).countWidth, 28.0); // short phrases are not drawn apart
        QCOMPARE(laidOut(grid, 300).countWidth, 13.0);
        QCOMPARE(laidOut(grid, 300, Magnification::Page).countWidth, 12.0);
        QVERIFY(laidOut(CountGrid()).lines.empty());
    }
    void everyCountIsFoundUnderItsPoint() {
        QVERIFY(rc::check("tickAtPoint inverts countRect", [] {
            std::string structure;
            for (int n = *rc::gen::inRange(1, 6); n > 0; --n)
                structure += (structure.empty() ? "s " : " | s ") + std::to_string(*rc::gen::inRange(1, 70)) +
                             (*rc::gen::arbitrary<bool>() ? " | bar 2" : "");
            const CountGrid grid = gridOf(structure);
            const StripLayout layout = laidOut(grid, *rc::gen::inRange(600, 2600),
                                               *rc::gen::element(Magnification::Page, Magnification::Strip));
            for (int c = 0; c < grid.countsInSong(); ++c) {
                const QRectF cell = layout.countRect(c);
                RC_ASSERT(!cell.isEmpty());
                RC_ASSERT(*tickAtPoint(layout, QPointF(cell.left() + cell.width() * 0.25, cell.center().y())) ==
                          counts(c));
                if (layout.magnification == Magnification::Strip)
                    RC_ASSERT(*tickAtPoint(layout, QPointF(cell.left() + cell.width() * 0.8, cell.center().y())) ==
                              counts(c) + countFraction(1, 2));
                RC_ASSERT(*layout.lineOf(c) >= 0);
            }
            double bottom = 0;
            for (const StripLine& line : layout.lines) {
                RC_ASSERT(line.top >= bottom);
                bottom = line.top + line.height;
            }
        }));
    }
    void upAndDownKeepTheColumn() {
        const CountGrid grid = gridOf("intro 32 | verse 16 | chorus 32");
        const StripLayout layout = laidOut(grid);
        QCOMPARE(movedByLines(layout, counts(5), 1), counts(37));
        QCOMPARE(movedByLines(layout, counts(30), 1), counts(47)); // the shorter line's last count
        QCOMPARE(movedByLines(layout, counts(5), -1), counts(5));
        QCOMPARE(movedByLines(layout, counts(50), 1), counts(50));
        QCOMPARE(movedByLines(layout, counts(500), 1), counts(500));
    }
};

LIFTCOUNT_TEST(StripLayoutTest)
#include "tst_strip_layout.moc"
