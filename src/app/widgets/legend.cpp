#include "app/widgets/legend.h"

#include "app/base/theme.h"
#include "app/widgets/marks.h"

#include <QCoreApplication>
#include <QPainter>

namespace lc::app {

namespace {

using Mark = std::function<void(QPainter&, double, double)>;

struct Legend {
    Q_DECLARE_TR_FUNCTIONS(Legend)
};

/// A triangle that points down, for what falls on a moment of the song.
Mark pointer(const Theme& theme) {
    return [&theme](QPainter& p, double x, double y) {
        p.setPen(Qt::NoPen);
        p.setBrush(theme.colours().ink);
        p.drawPolygon(QPolygonF{QPointF(x - theme.px(4), y - theme.px(3)), QPointF(x + theme.px(5), y - theme.px(3)),
                                QPointF(x, y + theme.px(5))});
    };
}

Mark square(const Theme& theme) {
    return [&theme](QPainter& p, double x, double y) {
        p.fillRect(QRectF(x - theme.px(4), y - theme.px(4), theme.px(9), theme.px(9)), theme.colours().ink);
    };
}

/// Rectangles, each by its left, top, width and height from the place.
Mark bars(const Theme& theme, std::vector<QRect> rects) {
    return [&theme, rects = std::move(rects)](QPainter& p, double x, double y) {
        const auto px = [&](int n) { return n < 0 ? -theme.px(-n) : theme.px(n); };
        for (const QRect& r : rects)
            p.fillRect(QRectF(x + px(r.left()), y + px(r.top()), px(r.width()), px(r.height())), theme.colours().ink);
    };
}

Mark step(const Theme& theme, std::optional<Foot> foot, ActionKind kind, bool between = false) {
    return [&theme, foot, kind, between](QPainter& p, double x, double y) {
        drawMark(p, x, y, kind, foot, between, theme.px(12), theme.colours().ink);
    };
}

LegendLine stop(const Theme& theme) {
    return {Legend::tr("stop"), [&theme](QPainter& p, double x, double y) {
                drawHatch(p, QRectF(x - theme.px(6), y - theme.px(6), theme.px(13), theme.px(12)),
                          theme.colours().hatch, theme.px(5));
            }};
}

} // namespace

std::vector<LegendLine> legendOfSong(const Theme& theme) {
    return {
        {Legend::tr("phrase"), bars(theme, {{-5, -6, 3, 13}, {-5, -6, 10, 3}})},
        {Legend::tr("bar"),
         [&theme](QPainter& p, double x, double y) {
             p.fillRect(QRectF(x, y - theme.px(6), 1, theme.px(13)), theme.colours().ink2);
         }},
        {Legend::tr("beat"),
         [&theme](QPainter& p, double x, double y) {
             p.fillRect(QRectF(x, y - theme.px(1), 1, theme.px(5)), theme.colours().ink3);
         }},
        {Legend::tr("doubt"),
         [&theme](QPainter& p, double x, double y) {
             QPen pen(theme.colours().ink, 2);
             pen.setDashPattern({2, 1.5});
             p.setPen(pen);
             p.setBrush(Qt::NoBrush);
             p.drawRect(QRectF(x - theme.px(6), y - theme.px(5), theme.px(12), theme.px(10)));
         }},
        {Legend::tr("moment"), pointer(theme)},
        {Legend::tr("stated"), square(theme)},
        stop(theme),
    };
}

std::vector<LegendLine> legendOfSteps(const Theme& theme) {
    return {
        {Legend::tr("left"), step(theme, Foot::Left, ActionKind::Step)},
        {Legend::tr("right"), step(theme, Foot::Right, ActionKind::Step)},
        {Legend::tr("both"), step(theme, Foot::Both, ActionKind::Jump)},
        {Legend::tr("no weight"), step(theme, Foot::Left, ActionKind::NoWeight)},
        {Legend::tr("on the &"), step(theme, Foot::Left, ActionKind::Step, true)},
        {Legend::tr("wait"), step(theme, std::nullopt, ActionKind::Wait)},
        {Legend::tr("no foot"), step(theme, std::nullopt, ActionKind::Gesture)},
        {Legend::tr("turn"),
         [&theme](QPainter& p, double x, double y) {
             drawTurn(p, x, y + theme.px(2), false, theme.px(5), theme.colours().ink);
         }},
        stop(theme),
        {Legend::tr("tag"), bars(theme, {{-6, -2, 13, 1}, {-6, 1, 13, 2}})},
        {Legend::tr("they say"),
         [&theme](QPainter& p, double x, double y) {
             const QRectF box(x - theme.px(5), y - theme.px(6), theme.px(10), theme.px(11));
             p.setPen(theme.colours().ink);
             p.setBrush(Qt::NoBrush);
             p.drawRect(box);
             p.setFont(theme.numbers(9, true));
             p.drawText(box, Qt::AlignCenter, QStringLiteral("5"));
         }},
        {Legend::tr("accent"), pointer(theme)},
        {Legend::tr("lands"), square(theme)},
        {Legend::tr("finding"),
         [&theme](QPainter& p, double x, double y) {
             drawDiamond(p, x, y, theme.px(7), {}, theme.numbers(8), theme.colours().ink, theme.colours().onInk);
         }},
    };
}

} // namespace lc::app
