#include "support/test_program.h"

#include "app/base/theme.h"
#include "app/widgets/marks.h"
#include "app/window/command_box.h"
#include "sheets/faces.h"

#include <QImage>
#include <QPainter>
#include <QtTest>

using namespace lc;
using namespace lc::app;

namespace {
QImage drawn(ActionKind kind, std::optional<Foot> foot, bool sub = false) {
    QImage image(64, 64, QImage::Format_RGB32);
    image.fill(Qt::white);
    QPainter p(&image);
    drawMark(p, 32, 32, kind, foot, sub, 32, Qt::black);
    return image;
}
/// Dark pixels left and right of the middle, above and below it.
struct Ink {
    int left = 0, right = 0, above = 0, below = 0, all = 0;
};
Ink ink(const QImage& image) {
    Ink i;
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x)
            if (qGray(image.pixel(x, y)) < 128) {
                ++(x < 32 ? i.left : i.right);
                ++(y < 32 ? i.above : i.below);
                ++i.all;
            }
    return i;
}
/// Relative luminance and contrast: Web Content Accessibility Guidelines 2.1, W3C Recommendation 2018, section 1.4.3
/// and its definitions.
double luminance(const QColor& c) {
    const auto channel = [](double v) { return v <= 0.03928 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4); };
    return 0.2126 * channel(c.redF()) + 0.7152 * channel(c.greenF()) + 0.0722 * channel(c.blueF());
}
double contrast(const QColor& a, const QColor& b) {
    const double la = luminance(a), lb = luminance(b);
    return (std::max(la, lb) + 0.05) / (std::min(la, lb) + 0.05);
}
} // namespace

class MarksTest : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void feetDifferByShapeAndHeight() {
        const Ink left = ink(drawn(ActionKind::Step, Foot::Left));
        const Ink right = ink(drawn(ActionKind::Step, Foot::Right));
        QVERIFY(left.above > left.below);
        QVERIFY(right.below > right.above);
        QVERIFY(qAbs(left.all - right.all) < 30);
        QVERIFY(ink(drawn(ActionKind::Jump, Foot::Both)).all > left.all * 1.7);
    }
    void weightIsFilledAndNoWeightIsOpen() {
        QVERIFY(ink(drawn(ActionKind::NoWeight, Foot::Left)).all < ink(drawn(ActionKind::Step, Foot::Left)).all * 0.75);
        QVERIFY(ink(drawn(ActionKind::NoWeight, Foot::Left)).all > 40);
    }
    void aSubBeatIsNarrower() {
        QVERIFY(ink(drawn(ActionKind::Step, Foot::Left, true)).all <
                ink(drawn(ActionKind::Step, Foot::Left)).all * 0.85);
    }
    void aWaitIsALowBar() {
        const Ink wait = ink(drawn(ActionKind::Wait, std::nullopt));
        QVERIFY(wait.all > 60 && wait.all < 200);
        QVERIFY(qAbs(wait.left - wait.right) < 12);
    }
    void textKeepsItsContrast() {
        for (const Palette* p : {&paletteOf(Look::Bright), &paletteOf(Look::Dark)}) {
            for (const QColor& ground : {p->paper, p->sheet, p->well})
                for (const QColor& text : {p->ink, p->ink2, p->ink3, p->role1, p->role2})
                    QVERIFY(contrast(text, ground) >= 4.5);
            QVERIFY(contrast(p->onInk, p->ink) >= 4.5);
            // the place that is played: words are read on it; marks, which are no words, need 3
            for (const QColor& text : {p->ink, p->ink2}) QVERIFY(contrast(text, p->tapeGround) >= 4.5);
            for (const QColor& mark : {p->role1, p->role2}) QVERIFY(contrast(mark, p->tapeGround) >= 3);
            QVERIFY(std::max(contrast(p->ink, p->tape), contrast(p->onInk, p->tape)) >= 4.5); // the lamp that is lit
        }
        QVERIFY(contrast(paletteOf(Look::Bright).ink, paletteOf(Look::Bright).tape) >= 4.5);
    }
    void theFontsShipWithTheProgram() { QVERIFY(loadFaces()); }
    void commandsAreFoundByTheirWords() {
        const std::vector<Place> all{{"Save as …", {}, {}},
                                     {"Save", {}, {}},
                                     {"Restart after the count at the caret", {}, {}},
                                     {"pass 1", {}, {}},
                                     {"pass 12", {}, {}}};
        QCOMPARE(matching(all, "save").front().name, "Save");
        QCOMPARE(matching(all, "caret restart").size(), std::size_t{1});
        QCOMPARE(matching(all, "pass 1").front().name, "pass 1");
        QVERIFY(matching(all, "xyz").empty());
        QCOMPARE(matching(all, "").size(), all.size());
        // other words find it behind those that are called so
        const std::vector<Place> more{{"Clicks on the counts", {}, {}, "metronome"}, {"Metronome song", {}, {}, {}}};
        QCOMPARE(matching(more, "metronome").size(), std::size_t{2});
        QCOMPARE(matching(more, "metronome").front().name, "Metronome song");
    }
};

LIFTCOUNT_TEST(MarksTest)
#include "tst_marks.moc"
