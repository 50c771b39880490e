#include "support/core_support.h"

#include <rapidcheck.h>

using namespace lc;

class OrderTextTest : public QObject {
    Q_OBJECT
    Routine m_routine;
private Q_SLOTS:
    void initTestCase() {
        Document d = newDocument();
        for (const char* name : {"B", "Ending"}) d = test::must(applyEdit(d, AddPart{name}));
        m_routine = d.routine;
    }
    void ordersAreReadAsDancersWriteThem_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("names");
        QTest::newRow("plain") << "A A B A"
                               << "A A B A";
        QTest::newRow("commas") << "A, B,A"
                                << "A B A";
        QTest::newRow("small") << "a b ENDING"
                               << "A B Ending";
        QTest::newRow("times") << "A x3 B"
                               << "A A A B";
        QTest::newRow("star") << "A*2 B×2"
                              << "A A B B";
        QTest::newRow("glued") << "AABA"
                               << "A A B A";
        QTest::newRow("empty") << ""
                               << "";
    }
    void ordersAreReadAsDancersWriteThem() {
        QFETCH(QString, text);
        QFETCH(QString, names);
        QStringList got;
        for (PartId id : test::must(readOrder(m_routine, text.toStdString())))
            got << test::q(findPart(m_routine, id)->name);
        QCOMPARE(got.join(' '), names);
    }
    void mistakesAreNamed_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<int>("character");
        QTest::addColumn<QString>("says");
        QTest::newRow("unknown") << "A C" << 3 << "no part “C”";
        QTest::newRow("no part before") << "x3" << 1 << "name the part first";
        QTest::newRow("never") << "A x0" << 3 << "1 to 5000 times";
        QTest::newRow("too often") << "A x9999" << 3 << "1 to 5000 times";
        QTest::newRow("too many") << "A x4000 B x4000" << 11 << "more than 5000";
        QTest::newRow("not ascii") << "É A" << 1 << "no part";
    }
    void mistakesAreNamed() {
        QFETCH(QString, text);
        QFETCH(int, character);
        QFETCH(QString, says);
        const auto order = readOrder(m_routine, text.toStdString());
        QVERIFY(!order);
        QVERIFY2(test::q(order.error().message).contains(says), order.error().message.english().c_str());
        QVERIFY2(test::q(order.error().message).contains("character " + QString::number(character)),
                 order.error().message.english().c_str());
    }
    void anOrderReadsBack() {
        QVERIFY(rc::check("readOrder inverts orderText", [this] {
            Document d = newDocument();
            d.routine = m_routine;
            std::vector<PartId> order;
            for (int i : *rc::gen::container<std::vector<int>>(rc::gen::inRange(0, 3)))
                order.push_back(m_routine.parts[static_cast<std::size_t>(i)].id);
            d = test::must(applyEdit(d, SetOrder{order}));
            RC_ASSERT(test::must(readOrder(d.routine, orderText(d.routine))) == order);
        }));
    }
};

LIFTCOUNT_TEST(OrderTextTest)
#include "tst_order_text.moc"
