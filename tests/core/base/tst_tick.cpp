#include "support/core_support.h"

#include "core/base/clock_text.h"
#include "core/base/facing.h"
#include "core/base/tick.h"

#include <rapidcheck.h>

using namespace lc;

class TickTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void aCountDividesAsPromised() {
        for (int n : {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 12, 14, 15, 16, 18, 20, 21, 24, 32})
            QCOMPARE(ticksPerCount % n, 0);
        QCOMPARE(ticksPerCount, 21 * 960);
    }
    void countsAreWrittenExactly_data() {
        QTest::addColumn<qint64>("ticks");
        QTest::addColumn<QString>("exact");
        QTest::addColumn<QString>("spoken");
        QTest::newRow("whole") << qint64{12 * ticksPerCount} << "12"
                               << "12";
        QTest::newRow("three quarters") << qint64{15120} << "3/4"
                                        << "¾";
        QTest::newRow("minus a half") << qint64{-10080} << "-1/2"
                                      << "−½";
        QTest::newRow("twelve and a half") << qint64{252000} << "25/2"
                                           << "12½";
        QTest::newRow("two thirds") << qint64{13440} << "2/3"
                                    << "⅔";
        QTest::newRow("a seventh") << qint64{ticksPerCount + 2880} << "8/7"
                                   << "1 1/7";
        QTest::newRow("zero") << qint64{0} << "0"
                              << "0";
    }
    void countsAreWrittenExactly() {
        QFETCH(qint64, ticks);
        QFETCH(QString, exact);
        QFETCH(QString, spoken);
        QCOMPARE(test::q(toCountString(Tick{ticks})), exact);
        QCOMPARE(test::q(toSpokenCount(Tick{ticks})), spoken);
    }
    void everyTickReadsBack() {
        QVERIFY(rc::check("parseCount inverts toCountString", [] {
            const Tick t{*rc::gen::inRange<std::int64_t>(-1'000'000'000, 1'000'000'000)};
            RC_ASSERT(test::must(parseCount(toCountString(t))) == t);
        }));
    }
    void wholeCountsRoundDown() {
        QVERIFY(rc::check("wholeCounts is the floor", [](int ticks) {
            const Tick t{ticks};
            const auto n = wholeCounts(t);
            RC_ASSERT(counts(n) <= t);
            RC_ASSERT(t < counts(n + 1));
        }));
    }
    void badCountsAreRefused_data() {
        QTest::addColumn<QString>("text");
        for (const char* text : {"", "x", "1.5", "1/", "1/0", "1/-2", "/2", "1/11", "2/13", "99999999999999999999",
                                 "1 2", "460000000000000", "½"})
            QTest::newRow(text) << text;
    }
    void badCountsAreRefused() {
        QFETCH(QString, text);
        const auto result = parseCount(text.toStdString());
        QVERIFY(!result);
        QVERIFY(result.error().code == ErrorCode::BadValue);
        QVERIFY(result.error().message.english().size() > 15);
    }
    void clockTimesRoundToTenths() {
        QCOMPARE(test::q(clockText(0)), "0:00.0");
        QCOMPARE(test::q(clockText(59.96)), "1:00.0");
        QCOMPARE(test::q(clockText(125.25)), "2:05.3");
        QCOMPARE(test::q(clockText(-0.26)), "−0:00.3");
        QCOMPARE(test::q(clockText(-0.01)), "0:00.0");
    }
    void facingsGoRoundTheClock() {
        QCOMPARE(test::q(toClock({0})), "12");
        QCOMPARE(test::q(toClock({2})), "3");
        QCOMPARE(test::q(toClock({-2})), "9");
        QCOMPARE(test::q(toClock({-1})), "10:30");
        QCOMPARE(test::q(toClock({25})), "1:30");
        QCOMPARE(test::q(turnInWords({2})), "¼ R");
        QCOMPARE(test::q(turnInWords({-12})), "1½ L");
        QCOMPARE(test::q(turnInWords({8})), "1 R");
        QCOMPARE(test::q(turnInWords({0})), "none");
    }
};

LIFTCOUNT_TEST(TickTest)
#include "tst_tick.moc"
