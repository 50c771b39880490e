#include "support/core_support.h"

#include "core/base/list_text.h"
#include "core/base/quantile.h"

#include <random>

using namespace lc;

class ListsTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void listsWithAnd() {
        QCOMPARE(test::q(listOf(std::vector<std::string>{})), "");
        QCOMPARE(test::q(listOf({"a"})), "a");
        QCOMPARE(test::q(listOf({"a", "b"})), "a and b");
        QCOMPARE(test::q(listOf({"a", "b", "c"})), "a, b and c");
        QCOMPARE(test::q(listOf("pass", "passes", std::vector<int>{2})), "pass 2");
        QCOMPARE(test::q(listOf("pass", "passes", std::vector<std::size_t>{2, 5, 7})), "passes 2, 5 and 7");
    }
    /// Against sorting everything.
    void quantiles() {
        std::mt19937 random(1);
        for (std::size_t n = 1; n < 40; ++n) {
            std::vector<double> values(n);
            for (double& v : values) v = static_cast<double>(random() % 10);
            std::vector<double> sorted = values;
            std::sort(sorted.begin(), sorted.end());
            QCOMPARE(median(values), sorted[n / 2]);
            QCOMPARE(quantile(values, 9, 10), sorted[n * 9 / 10]);
            QCOMPARE(quantile(values, 0, 10), sorted.front());
        }
    }
};

LIFTCOUNT_TEST(ListsTest)
#include "tst_lists.moc"
