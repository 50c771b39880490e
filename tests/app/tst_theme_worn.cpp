// The theme is changed while the window is open.
#include "support/core_support.h"
#include "support/everything_open.h"
#include "support/window_rig.h"

#include "core/document/document_json.h"

#include <QFile>

#include <algorithm>
#include <set>

using namespace lc;
using namespace lc::app;
using lc::test::WindowRig;

namespace {

/// Colours of one look that the other does not have.
std::set<QRgb> onlyIn(Look look) {
    const auto all = [](const Palette& c) {
        std::set<QRgb> colours;
        for (const QColor& colour : {c.paper, c.sheet, c.well, c.ink, c.ink2, c.ink3, c.rule, c.faint, c.loud, c.hatch,
                                     c.tape, c.role1, c.role2, c.onInk})
            colours.insert(colour.rgb());
        return colours;
    };
    std::set<QRgb> only = all(paletteOf(look));
    for (const QRgb colour : all(paletteOf(look == Look::Dark ? Look::Bright : Look::Dark))) only.erase(colour);
    return only;
}

/// Number of pixels in one of the colours.
int pixelsIn(const QImage& image, const std::set<QRgb>& colours) {
    int many = 0;
    for (int y = 0; y < image.height(); ++y) {
        const auto* line = reinterpret_cast<const QRgb*>(image.constScanLine(y));
        many += static_cast<int>(
            std::count_if(line, line + image.width(), [&](QRgb pixel) { return colours.contains(pixel); }));
    }
    return many;
}

} // namespace

class ThemeWornTest : public QObject {
    Q_OBJECT

private Q_SLOTS:
    void initTestCase() { lc::test::prepareProgram("lift-count-theme-test"); }

    /// Nothing keeps a colour: each stage, panel and page of the demo, its theme changed while it is open.
    void aThemeIsChangedWhileTheWindowIsOpen() {
        WindowRig rig;
        int views = 0;
        const auto see = [&](const QByteArray& name) {
            ++views;
            const Look left = rig.theme.look();
            const Look look = left == Look::Dark ? Look::Bright : Look::Dark;
            rig.theme.wear(look);
            QTest::qWait(0);
            std::set<QRgb> gone = onlyIn(left);
            std::set<QRgb> come = onlyIn(look);
            if (name == stage_id::sheets) // paper is white, and its ink black, in the dark too
                for (const QRgb paper : {paletteOf(Look::Bright).sheet.rgb(), paletteOf(Look::Bright).ink.rgb(),
                                         paletteOf(Look::Bright).ink2.rgb(), paletteOf(Look::Bright).rule.rgb()})
                    gone.erase(paper);
            const QImage image = rig.window->grab().toImage().convertToFormat(QImage::Format_RGB32);
            QVERIFY2(pixelsIn(image, come) > image.width() * image.height() / 4, name.constData());
            // edges of letters happen to mix to a colour of the other look, a few pixels in a view
            QVERIFY2(pixelsIn(image, gone) < 60, name.constData());
        };
        see("start page");
        QFile demo(QStringLiteral(LIFTCOUNT_SOURCE_DIR "/demo/copper-weathervane.liftcount"));
        QVERIFY(demo.open(QIODevice::ReadOnly));
        rig.session->doc.startWith(test::must(documentFromJson(demo.readAll().toStdString())));
        for (Stage* stage : rig.window->stages()) {
            rig.window->showStage(*stage);
            see(stage->about().id);
        }
        test::openEverything(*rig.window, see);
        QVERIFY(views > 25);
    }
};

LIFTCOUNT_TEST(ThemeWornTest)
#include "tst_theme_worn.moc"
