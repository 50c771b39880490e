// Rows that wrap where their words need more room: places worked out by hand.
#include "support/test_program.h"

#include "app/widgets/flow_layout.h"

#include <QWidget>
#include <QtTest>

using lc::app::FlowLayout;

namespace {

/// A row of boxes of the given widths, 20 tall but every second 30; 5 between them.
struct Row {
    QWidget window;
    FlowLayout* flow = new FlowLayout(5, &window);
    QList<QWidget*> boxes;

    QWidget* box(int width) {
        auto* box = new QWidget(&window);
        box->setFixedSize(width, boxes.size() % 2 == 0 ? 20 : 30);
        boxes << box;
        return box;
    }
    void add(int width) { flow->addWidget(box(width)); }
    QList<int> lefts(int width) {
        flow->setGeometry(QRect(0, 0, width, flow->heightForWidth(width)));
        QList<int> out;
        for (const QWidget* box : std::as_const(boxes)) out << box->x();
        return out;
    }
};

} // namespace

class FlowLayoutTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void oneLineWhereAllFit() {
        Row row;
        for (int i = 0; i < 3; ++i) row.add(100);
        QCOMPARE(row.flow->sizeHint(), QSize(310, 30));
        QCOMPARE(row.flow->heightForWidth(310), 30);
        QCOMPARE(row.lefts(310), (QList<int>{0, 105, 210}));
        QCOMPARE(row.boxes[0]->y(), 5); // in the middle of a line of 30
        QCOMPARE(row.boxes[1]->y(), 0);
    }
    void whatHasNoRoomGoesToTheNextLine() {
        Row row;
        for (int i = 0; i < 3; ++i) row.add(100);
        QCOMPARE(row.lefts(309), (QList<int>{0, 105, 0}));
        QCOMPARE(row.flow->heightForWidth(309), 30 + 5 + 20);
        QCOMPARE(row.flow->heightForWidth(99), 20 + 5 + 30 + 5 + 20); // never less than one in a line
        QCOMPARE(row.flow->minimumSize().width(), 100);
    }
    void theEndStandsAtTheEndOfOneLineOnly() {
        Row row;
        row.add(100);
        row.flow->addStretch();
        row.add(100);
        QCOMPARE(row.lefts(400), (QList<int>{0, 300}));
        QCOMPARE(row.lefts(204), (QList<int>{0, 0}));
    }
    void oneTakesTheRoom() {
        Row row;
        row.add(100);
        auto* field = row.box(50);
        field->setMinimumWidth(50);
        field->setMaximumWidth(QWIDGETSIZE_MAX);
        row.flow->addGrowing(field);
        row.flow->addStretch();
        row.add(100);
        QCOMPARE(row.lefts(400).back(), 300);
        QVERIFY(row.boxes[1]->width() > 50);
    }
    void hiddenOnesTakeNone() {
        Row row;
        for (int i = 0; i < 3; ++i) row.add(100);
        row.boxes[1]->hide();
        QCOMPARE(row.flow->sizeHint().width(), 205);
        QCOMPARE(row.lefts(205).back(), 105);
        for (QWidget* box : std::as_const(row.boxes)) box->hide();
        QCOMPARE(row.flow->sizeHint(), QSize(0, 0));
        QCOMPARE(row.flow->heightForWidth(100), 0);
    }
    void marginsStayFree() {
        Row row;
        row.add(100);
        row.flow->setContentsMargins(7, 3, 7, 3);
        QCOMPARE(row.flow->sizeHint(), QSize(114, 26));
        QCOMPARE(row.lefts(200).front(), 7);
        QCOMPARE(row.boxes[0]->y(), 3);
    }
};

LIFTCOUNT_TEST(FlowLayoutTest)
#include "tst_flow_layout.moc"
