#include "support/core_support.h"

#include "core/base/list_text.h"
#include "core/base/quantile.h"

#include <random>

using namespace lc;

class ListsTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void listsWithAnd() {
        using Words = std::vector<std::string>;
        for (const auto& [words, text] : {std::pair<Words, QString>{{}, ""},
                                          {{"a"}, "a"},
                                          {{"a", "b"}, "a and b"},
                                          {{"a", "b", "c"}, "a, b and c"}}) {
            QCOMPARE(test::q(listOf(words)), text);
            QCOMPARE(test::q(Core::sentence("%1", listed(words))), text);
        }
        QCOMPARE(test::q(Core::sentence("%1", listed(Words{"a", "b"}, Joined::Lines))), "a\nb");
        QCOMPARE(test::q(passesSaid(std::vector<int>{2})), "pass 2");
        QCOMPARE(test::q(passesSaid(std::vector<std::size_t>{2, 5, 7})), "passes 2, 5 and 7");
    }
    /// A sentence may open with words that are small elsewhere.
    void openingsAreLarge() {
        QCOMPARE(test::q(Core::sentence("%1.", AsOpening(Core::sentence("every pass lands")))), "Every pass lands.");
        QCOMPARE(test::q(Core::sentence("%1", AsOpening(Sentence()))), "");
        QCOMPARE(test::q(Core::sentence("%1", AsOpening(Core::sentence("16 over")))), "16 over");
        QVERIFY(Core::sentence("%1", AsOpening(Core::sentence("a"))) ==
                Core::sentence("%1", AsOpening(Core::sentence("a"))));
        QVERIFY(!(Core::sentence("%1", AsOpening(Core::sentence("a"))) ==
                  Core::sentence("%1", AsOpening(Core::sentence("b")))));
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
