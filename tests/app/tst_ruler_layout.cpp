#include "support/core_support.h"

#include "app/steps/ruler_layout.h"

using namespace lc;
using namespace lc::app;

namespace {

FigureReading read(const std::string& line) { return readFigureLines({{"everyone", line}}, {}); }

RulerLayout laidOut(const FigureReading& figure, std::optional<Tick> claimed = std::nullopt, SayAs say = SayAs::Music,
                    Tick start = counts(1)) {
    RulerMeasures measures;
    measures.width = 710;
    measures.names = 70;
    return layOutRuler(figure, claimed, say, start, 8, 0.5, measures);
}

} // namespace

class RulerLayoutTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void everythingStandsOnItsCount() {
        const RulerLayout layout = laidOut(read("1 2 3 & 4"));
        QCOMPARE(layout.countWidth, 80.0);
        QCOMPARE(layout.lines.size(), std::size_t{1});
        const double xs[] = {70, 150, 230, 270, 310};
        for (std::size_t i = 0; i < 5; ++i) QCOMPARE(layout.marks[i].cell.left(), xs[i]);
        QVERIFY(layout.marks[3].subBeat && layout.fractions);
        QCOMPARE(layout.marks[3].cell.width(), 40.0);
    }
    void longFiguresWrapAndCarry() {
        const RulerLayout layout = laidOut(read("1-7 walk 8:3 step 11 step 12 step"));
        QCOMPARE(layout.lines.size(), std::size_t{2});
        const auto carried =
            std::find_if(layout.marks.begin(), layout.marks.end(), [](const RulerMark& m) { return m.carried; });
        QVERIFY(carried != layout.marks.end());
        QCOMPARE(carried->cell.width(), 80.0); // to the edge
        QCOMPARE(layout.lines[1].area.left(), layout.lines[0].area.left());
        QVERIFY(layout.lines[1].area.top() > layout.lines[0].area.bottom());
    }
    void aLetterBeforeCountOneHasAColumnOfItsOwn() {
        const RulerLayout layout = laidOut(read("& 1-10 walk"));
        QVERIFY(layout.lines[0].from == counts(-1));
        QCOMPARE(layout.lines[1].area.left(),
                 layout.lines[0].area.left() + layout.countWidth); // the 1s stand under each other
    }
    void whatIsClaimedAndNotBuiltIsShown() {
        QVERIFY(laidOut(read("1-5 walk")).missing.empty());
        const RulerLayout layout = laidOut(read("1-5 walk"), counts(6));
        QCOMPARE(layout.missing.size(), std::size_t{1});
        QCOMPARE(layout.missing[0].left(), 70 + 5 * 80 + 2.0);
    }
    void numbersAreSaidTheirWay() {
        const auto numbers = [](const RulerLayout& layout) {
            QStringList all;
            for (const RulerNumber& n : layout.numbers)
                if (n.spoken) all << n.text;
            return all.join(' ');
        };
        QCOMPARE(numbers(laidOut(read("1-3 walk"), {}, SayAs::Music, counts(7))), "7 8 1");
        QCOMPARE(numbers(laidOut(read("1-10 walk"), {}, SayAs::EightNumber)), "1 2 3 4 5 6 7 8 2 2");
        QCOMPARE(numbers(laidOut(read("S Q Q"), {}, SayAs::SlowQuick)), "S Q Q");
    }
    void meetPointsStandAtTheirCount() {
        const FigureReading couple =
            readFigureLines({{"leader", "1 step L 2 step R"}, {"follower", "1 step R 2 step L"}}, {});
        const RulerLayout layout = laidOut(couple);
        QCOMPARE(layout.meets.size(), std::size_t{1});
        QCOMPARE(layout.meets[0].first.center().x(), 70 + 160.0);
        QVERIFY(layout.meets[0].second);
    }
    /// 7/8 counted by its groups: columns 3:2:2, and the & of the long count falls later than that of a short one.
    void unevenCountsHaveUnevenColumns() {
        RulerMeasures measures;
        measures.width = 70 + 6 * 70;
        measures.names = 70;
        measures.perLine = 6;
        measures.weights = {9.0 / 7, 6.0 / 7, 6.0 / 7, 9.0 / 7, 6.0 / 7, 6.0 / 7};
        const auto lefts = [&](Tick start) {
            QStringList all;
            const RulerLayout layout =
                layOutRuler(read("1 & 2 & 3 4"), {}, SayAs::Music, start, 6, 7.0 / 15, measures); // eighths of 0.2 s
            for (const RulerMark& mark : layout.marks) all << QString::number(mark.cell.left() - 70);
            for (const RulerNumber& number : layout.numbers)
                if (!number.fraction.isEmpty()) all << number.milliseconds;
            return all.join(' ');
        };
        QCOMPARE(lefts(counts(1)), "0 45 90 120 150 210 300 ms 200 ms");
        QCOMPARE(lefts(counts(2)), "0 30 60 90 120 210 200 ms 200 ms"); // begun on a short count
    }
};

LIFTCOUNT_TEST(RulerLayoutTest)
#include "tst_ruler_layout.moc"
