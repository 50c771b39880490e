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
        QCOMPARE(test::q(numberSaid(0)), "no");
        QCOMPARE(test::q(numberSaid(8)), "eight");
        QCOMPARE(test::q(numberSaid(9)), "9");
    }
};

LIFTCOUNT_TEST(NumberWordsTest)
#include "tst_number_words.moc"
