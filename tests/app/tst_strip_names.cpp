#include "support/core_support.h"

#include "app/strips/line_painter.h"
#include "app/widgets/marks.h"
#include "core/landing/findings.h"
#include "sheets/faces.h"

#include <QImage>
#include <QtTest>

using namespace lc;
using namespace lc::app;
using test::addFigure;
using test::placeFigure;

namespace {

/// A phrase of 32 danced as figures of these names and lengths, in one pass.
Document dancedAs(const std::vector<std::pair<std::string, int>>& figures) {
    Document document = test::documentOn("verse 32 | chorus 32");
    for (const auto& [name, length] : figures)
        placeFigure(document, "A", addFigure(document, name, {test::walk(length)}));
    return test::withOrder(document, "A A");
}

struct Page {
    explicit Page(Document made, double width = 928, Magnification magnification = Magnification::Strip)
        : document(std::move(made)), landing(land(document)) {
        scene.theme = &theme;
        scene.document = &document;
        scene.landing = &landing;
        scene.stamps = &stamps;
        layout = layOutStrips(landing.grid, magnification, StripContent::Arrange,
                              static_cast<int>(document.routine.roles.size()), width, 1.0);
        plain = layout;
        giveNamesRoom(layout, scene);
    }
    std::vector<strips::NameOnLine> names(std::size_t line) {
        QImage image(8, 8, QImage::Format_RGB32);
        QPainter painter(&image);
        return strips::LinePainter(painter, layout, scene, layout.lines[line]).placedNames();
    }
    QFontMetricsF metrics() const { return QFontMetricsF(theme.words(12, Weight::Semibold)); }
    Theme theme;
    MarkStamps stamps;
    Document document;
    Landing landing;
    StripScene scene;
    StripLayout layout, plain;
};

} // namespace

/// Names of figures on ribbons that are shorter than they.
class StripNamesTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { loadFaces(); }

    void namesThatHaveRoomStandOnTheirRibbons() {
        Page page(dancedAs({{"Weave", 16}, {"Promenade", 16}}));
        for (const auto& name : page.names(0)) QVERIFY(!name.above);
        QCOMPARE(page.layout.lines[0].height, page.plain.lines[0].height);
        QCOMPARE(page.layout.height, page.plain.height);
    }
    void aNameWithoutRoomStandsAboveWhole() {
        Page page(dancedAs({{"Weave", 14}, {"Rocking chair to the left", 4}, {"Promenade", 14}}));
        const auto names = page.names(0);
        QCOMPARE(names.size(), std::size_t{3});
        QVERIFY(!names[0].above && names[1].above && !names[2].above);
        QVERIFY(page.metrics().horizontalAdvance(names[1].words) <= names[1].room);
        // the line has a row more, and what follows stands as much lower
        const double row = page.layout.lines[0].height - page.plain.lines[0].height;
        QVERIFY(row >= page.metrics().height() - 4);
        QCOMPARE(page.layout.lines[1].top, page.plain.lines[1].top + row);
        QVERIFY(page.layout.height >= page.plain.height + row);
        // a point on the second line is found there still
        const QRectF cell = page.layout.countRect(32);
        QCOMPARE(tickAtPoint(page.layout, {cell.left() + 2, cell.center().y()}), std::optional(counts(32)));
    }
    void namesAboveNeverMeet() {
        Page page(dancedAs({{"Forwards and together", 2},
                            {"Back and together", 2},
                            {"Turn under the arch", 4},
                            {"Chain", 4},
                            {"Grand chain home", 4},
                            {"Swing", 16}}),
                  700);
        double free = 0;
        int above = 0;
        for (const auto& name : page.names(0)) {
            if (!name.above) continue;
            ++above;
            QVERIFY(name.left >= free);
            free = name.left + name.room;
            QVERIFY(free <= page.layout.width);
        }
        QCOMPARE(above, 2); // the first, and where the row is free again
    }
    void aNameTooLongForThePageIsCutThere() {
        Page page(dancedAs({{std::string(400, 'w'), 32}}));
        const auto names = page.names(0);
        QCOMPARE(names.size(), std::size_t{1});
        QVERIFY(names[0].left + names[0].room <= page.layout.width);
    }
    void everyMagnificationPaintsThem() {
        for (const Magnification m : {Magnification::Page, Magnification::Strip, Magnification::Eight}) {
            const auto drawn = [m](const std::string& name) {
                Page page(dancedAs({{"Weave", 29}, {name, 3}}), 640, m);
                QImage image(640, static_cast<int>(page.layout.height) + 1, QImage::Format_RGB32);
                QPainter painter(&image);
                paintStrips(painter, page.layout, page.scene, image.rect());
                return image;
            };
            QVERIFY2(drawn("Rocking chair") != drawn("Rocking stool"), "the end of the name is not to be seen");
        }
    }
};

LIFTCOUNT_TEST(StripNamesTest)
#include "tst_strip_names.moc"
