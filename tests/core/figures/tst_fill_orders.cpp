// Filling counts with figures, against recursion over every order.
#include "support/core_support.h"

#include "core/figures/fill_orders.h"

#include <rapidcheck.h>

#include <map>
#include <set>

using namespace lc;

namespace {

/// Every order of whole lengths that adds up, by trying each length in each place.
void everyOrder(int rest, const std::vector<int>& lengths, std::vector<int>& so, std::set<std::vector<int>>& out) {
    if (rest == 0) out.insert(so);
    for (int length : lengths)
        if (length <= rest) {
            so.push_back(length);
            everyOrder(rest - length, lengths, so, out);
            so.pop_back();
        }
}

std::vector<Tick> ticks(const std::vector<int>& lengths) {
    std::vector<Tick> out;
    for (int n : lengths) out.push_back(counts(n));
    return out;
}

std::vector<int> inCounts(const std::vector<Tick>& lengths) {
    std::vector<int> out;
    for (Tick t : lengths) out.push_back(static_cast<int>(wholeCounts(t)));
    return out;
}

} // namespace

class FillOrdersTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// 40 counts from sixes and eights: five eights, or four sixes and two eights in 15 orders.
    void s12FortyFromSixesAndEights() {
        const Filling filling = test::must(fillCounts(counts(40), ticks({8, 6, 6}), 100));
        QCOMPARE(filling.lengths, ticks({6, 8}));
        QCOMPARE(filling.combinations.size(), std::size_t{2});
        QCOMPARE(filling.combinations[0].times, (std::vector<std::int64_t>{0, 5}));
        QCOMPARE(filling.combinations[1].times, (std::vector<std::int64_t>{4, 2}));
        QVERIFY(filling.combinations[0].orders == 1U);
        QVERIFY(filling.combinations[1].orders == 15U);
        QCOMPARE(filling.orders.size(), std::size_t{16});
        const auto wanted = std::find_if(filling.orders.begin(), filling.orders.end(), [](const FillOrder& o) {
            return inCounts(o.lengths) == std::vector<int>{6, 6, 8, 6, 6, 8};
        });
        QVERIFY(wanted != filling.orders.end());
        std::vector<int> on;
        for (Tick start : wanted->starts) on.push_back(static_cast<int>(wholeCounts(musicCountIn(start))));
        QCOMPARE(on, (std::vector<int>{1, 7, 5, 5, 3, 1}));
    }
    void everyOrderIsFound() {
        const bool holds = rc::check("orders and their number are those of plain recursion", [] {
            const int total = *rc::gen::inRange(1, 25);
            const auto chosen = *rc::gen::container<std::set<int>>(rc::gen::inRange(1, 13));
            RC_PRE(!chosen.empty());
            std::vector<int> lengths(chosen.begin(), chosen.end());
            if (lengths.size() > 3) lengths.resize(3);
            if (lengths.front() == 1 && total > 14) lengths.front() = 2;
            std::set<std::vector<int>> expected;
            std::vector<int> so;
            everyOrder(total, lengths, so, expected);
            const auto filling = fillCounts(counts(total), ticks(lengths), 1'000'000);
            RC_ASSERT(filling.has_value());
            std::set<std::vector<int>> found;
            for (const FillOrder& order : filling->orders) {
                RC_ASSERT(found.insert(inCounts(order.lengths)).second);
                Tick at;
                for (std::size_t i = 0; i < order.lengths.size(); ++i) {
                    RC_ASSERT(order.starts[i] == at);
                    at += order.lengths[i];
                }
                RC_ASSERT(at == counts(total));
            }
            RC_ASSERT(found == expected);
            std::uint64_t number = 0;
            for (const FillCombination& combination : filling->combinations) number += *combination.orders;
            RC_ASSERT(number == expected.size());
            RC_ASSERT(filling->below.has_value() <= expected.empty());
        });
        QVERIFY(holds);
    }
    /// Steps of one and two counts: the orders of n counts are the Fibonacci numbers (Pingala's count of rhythms of
    /// short and long syllables; Singh, "The so-called Fibonacci numbers in ancient and medieval India", Historia
    /// Mathematica, 1985; from memory).
    void shortsAndLongsAreFibonacci() {
        std::uint64_t before = 1, now = 1;
        for (int n = 1; n <= 64; ++n) {
            const Filling filling = test::must(fillCounts(counts(n), ticks({1, 2})));
            std::uint64_t number = 0;
            for (const FillCombination& combination : filling.combinations) number += *combination.orders;
            QCOMPARE(number, now);
            before = std::exchange(now, now + before);
        }
    }
    void whereNothingFillsTheNearestAreSaid_data() {
        QTest::addColumn<int>("total");
        QTest::addColumn<int>("below");
        QTest::addColumn<int>("above");
        QTest::newRow("10 from 6 and 8") << 10 << 8 << 12;
        QTest::newRow("7 from 6 and 8") << 7 << 6 << 8;
        QTest::newRow("3 from 6 and 8") << 3 << 0 << 6;
        QTest::newRow("an odd number") << 63 << 62 << 64;
    }
    void whereNothingFillsTheNearestAreSaid() {
        QFETCH(int, total);
        QFETCH(int, below);
        QFETCH(int, above);
        const Filling filling = test::must(fillCounts(counts(total), ticks({6, 8})));
        QVERIFY(filling.combinations.empty());
        QVERIFY(filling.below.value_or(Tick{}) == counts(below));
        QVERIFY(filling.above == counts(above));
    }
    void fractionsFillToo() {
        const Filling filling = test::must(fillCounts(counts(2), {countFraction(1, 2), countFraction(3, 2)}, 10));
        QCOMPARE(filling.combinations.size(), std::size_t{2}); // ½ + 1½, four halves
        QVERIFY(musicCountIn(countFraction(17, 2)) == countFraction(3, 2));
        QVERIFY(musicCountIn(-counts(1)) == counts(8)); // before the 1 is 8
    }
    void manyOrdersAreCountedExactly() {
        const Filling filling = test::must(fillCounts(counts(66), ticks({1, 2, 3})));
        for (const FillCombination& c : filling.combinations)
            if (c.times == std::vector<std::int64_t>{33, 0, 11})
                QVERIFY(c.orders == 7669339132U); // C(44, 11), as Python's math.comb gives it
        const Filling huge = test::must(fillCounts(counts(500), ticks({1, 2})));
        QVERIFY(std::any_of(huge.combinations.begin(), huge.combinations.end(),
                            [](const FillCombination& c) { return !c.orders; })); // beyond 2^64
    }
    void nonsenseIsRefused() {
        QVERIFY(!fillCounts(counts(8), {}));
        QVERIFY(!fillCounts(counts(8), {Tick{}}));
        QVERIFY(!fillCounts(Tick{}, ticks({2})));
        QVERIFY(!fillCounts(counts(5000), ticks({2})));
        const auto tooMany = fillCounts(counts(1000), ticks({1, 2, 3, 4, 5}));
        QVERIFY(!tooMany);
        QVERIFY(test::q(tooMany.error().message).contains("more than 100,000 ways"));
    }
};

LIFTCOUNT_TEST(FillOrdersTest)
#include "tst_fill_orders.moc"
