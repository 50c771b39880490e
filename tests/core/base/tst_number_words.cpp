#include "support/core_support.h"

#include "core/base/number_words.h"

using namespace lc;

class NumberWordsTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void numbersOfOne() {
        QCOMPARE(test::q(numbered(1, "pass", "passes")), "1 pass");
        QCOMPARE(test::q(numbered(0, "pass", "passes")), "0 passes");
        QCOMPARE(test::q(numbered(std::size_t(2), "miss", "misses")), "2 misses");
        const auto lands = [](int n, int total) {
            return test::q(someOf(n, total, "pass", "passes", "lands", "land"));
        };
        QCOMPARE(lands(6, 6), "every pass lands");
        QCOMPARE(lands(1, 6), "one of 6 passes lands");
        QCOMPARE(lands(3, 6), "3 of 6 passes land");
        QCOMPARE(lands(0, 6), "none of 6 passes lands");
        QCOMPARE(lands(1, 1), "the one pass lands");
        QCOMPARE(lands(0, 1), "not even the one pass lands");
        QCOMPARE(lands(0, 0), "no pass lands");
        QCOMPARE(test::q(asSentence("every pass")), "Every pass");
    }
};

LIFTCOUNT_TEST(NumberWordsTest)
#include "tst_number_words.moc"
