#include "app/widgets/marks.h"

#include <QPainter>

#include <cmath>
#include <numbers>

namespace lc::app {

QPainterPath footPath(Foot foot, double height, double width) {
    const double r = height / 2;
    QPainterPath path;
    if (foot == Foot::Both) {
        path.addEllipse(QPointF(0, 0), r, r);
        return path;
    }
    // Half a disc, `width` wide (r by default), its flat side vertical.
    const double flat = foot == Foot::Left ? width / 2 : -width / 2;
    const double sign = foot == Foot::Left ? 1 : -1;
    path.moveTo(flat, -r);
    path.arcTo(QRectF(flat - width, -r, 2 * width, 2 * r), 90, sign * 180);
    path.closeSubpath();
    return path;
}

void drawMark(QPainter& painter, double x, double y, ActionKind kind, std::optional<Foot> foot, bool subBeat,
              double height, const QColor& colour) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const double unit = height / 16;
    if (!foot) {
        if (kind == ActionKind::Gesture) { // a small ring: something beside the feet
            painter.setPen(QPen(colour, std::max(1.2, 1.6 * unit)));
            painter.setBrush(Qt::NoBrush);
            painter.drawEllipse(QPointF(x, y), 3 * unit, 3 * unit);
        } else
            painter.fillRect(QRectF(x - 6 * unit, y - 1.3 * unit, 12 * unit, std::max(2.0, 2.6 * unit)), colour);
        painter.restore();
        return;
    }
    const double shift = *foot == Foot::Left ? -2.7 * unit : *foot == Foot::Right ? 2.7 * unit : 0;
    const double width = (subBeat ? 5.9 : 8) * unit;
    painter.translate(x, y + shift);
    const bool weight = kind != ActionKind::NoWeight;
    if (weight)
        painter.fillPath(footPath(*foot, height, width), colour);
    else {
        const double line = std::max(1.4, 1.8 * unit);
        painter.setPen(QPen(colour, line, Qt::SolidLine, Qt::SquareCap, Qt::MiterJoin));
        painter.setBrush(Qt::NoBrush);
        painter.drawPath(footPath(*foot, height - line, width - line / 2));
    }
    if (kind == ActionKind::Hop)
        painter.fillRect(QRectF(-4 * unit, height / 2 + 1, 8 * unit, std::max(1.0, unit)), colour);
    painter.restore();
}

void MarkStamps::draw(QPainter& painter, double x, double y, ActionKind kind, std::optional<Foot> foot, bool subBeat,
                      double height, const QColor& colour) {
    const double ratio = painter.device()->devicePixelRatioF();
    const int side = static_cast<int>(std::ceil(height * 1.8 * ratio)) + 2;
    const auto footCode = foot ? static_cast<quint64>(*foot) : 3;
    const quint64 key = static_cast<quint64>(colour.rgb()) << 32 | static_cast<quint64>(side) << 8 |
                        static_cast<quint64>(kind) << 4 | footCode << 1 | (subBeat ? 1U : 0U);
    QImage& image = m_images[key];
    if (image.isNull()) {
        image = QImage(side, side, QImage::Format_ARGB32_Premultiplied);
        image.setDevicePixelRatio(ratio);
        image.fill(Qt::transparent);
        QPainter stamp(&image);
        drawMark(stamp, side / ratio / 2, side / ratio / 2, kind, foot, subBeat, height, colour);
    }
    const auto whole = [ratio](double v) { return std::round(v * ratio) / ratio; };
    painter.drawImage(QPointF(whole(x - side / ratio / 2), whole(y - side / ratio / 2)), image);
}

void drawTurn(QPainter& painter, double x, double y, bool left, double radius, const QColor& colour) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.translate(x, y);
    if (left) painter.scale(-1, 1);
    painter.setPen(QPen(colour, 1.5));
    painter.setBrush(Qt::NoBrush);
    painter.drawArc(QRectF(-radius, -radius, 2 * radius, 2 * radius), 180 * 16, -162 * 16);
    QPainterPath head;
    const double px = radius * std::cos(std::numbers::pi * 0.1);
    const double py = -radius * std::sin(std::numbers::pi * 0.1);
    head.moveTo(px - 3, py);
    head.lineTo(px + 3, py - 0.5);
    head.lineTo(px + 0.4, py + 4);
    head.closeSubpath();
    painter.fillPath(head, colour);
    painter.restore();
}

void drawDial(QPainter& painter, double x, double y, Eighths facing, double radius, const QColor& colour) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.translate(x, y);
    painter.setPen(QPen(colour, 1.4));
    painter.setBrush(Qt::NoBrush);
    painter.drawEllipse(QPointF(0, 0), radius, radius);
    painter.rotate(45.0 * facingIndex(facing));
    QPainterPath wedge;
    wedge.moveTo(0, -radius);
    wedge.lineTo(radius * 0.62, radius * 0.1);
    wedge.lineTo(-radius * 0.62, radius * 0.1);
    wedge.closeSubpath();
    painter.fillPath(wedge, colour);
    painter.restore();
}

void drawDiamond(QPainter& painter, double x, double y, double radius, const QString& text, const QFont& font,
                 const QColor& fill, const QColor& textColour) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    QPainterPath path;
    path.moveTo(x, y - radius);
    path.lineTo(x + radius, y);
    path.lineTo(x, y + radius);
    path.lineTo(x - radius, y);
    path.closeSubpath();
    painter.fillPath(path, fill);
    painter.setPen(textColour);
    painter.setFont(font);
    painter.drawText(QRectF(x - radius, y - radius, 2 * radius, 2 * radius), Qt::AlignCenter, text);
    painter.restore();
}

void drawHatch(QPainter& painter, const QRectF& area, const QColor& colour, double spacing) {
    painter.save();
    painter.setClipRect(area, Qt::IntersectClip);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(colour, 1.1));
    for (double x = area.left() - area.height(); x < area.right(); x += spacing)
        painter.drawLine(QPointF(x, area.bottom()), QPointF(x + area.height(), area.top()));
    painter.restore();
}

} // namespace lc::app
