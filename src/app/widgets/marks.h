#pragma once

#include "core/base/facing.h"
#include "core/notation/action.h"

#include <QColor>
#include <QHash>
#include <QImage>
#include <QPainterPath>
#include <QRectF>

class QPainter;

namespace lc::app {

/// The outline of a step mark in its box of `height`: the left half of a disc for the left foot, the right half for the
/// right, the whole disc for both. Centred on the origin before the shift by foot.
[[nodiscard]] QPainterPath footPath(Foot foot, double height, double width);

/// Draws one action at (x, middle line y): foot by shape and height, weight by filled or open, wait as a bar.
void drawMark(QPainter& painter, double x, double y, ActionKind kind, std::optional<Foot> foot, bool subBeat,
              double height, const QColor& colour);

/// Step marks drawn once and stamped wherever they are needed, on whole pixels of the device.
class MarkStamps {
public:
    void draw(QPainter& painter, double x, double y, ActionKind kind, std::optional<Foot> foot, bool subBeat,
              double height, const QColor& colour);

private:
    QHash<quint64, QImage> m_images;
};

/// An arc over the top with an arrow head; mirrored to the left.
void drawTurn(QPainter& painter, double x, double y, bool left, double radius, const QColor& colour);

/// A ring with a wedge at the o'clock faced.
void drawDial(QPainter& painter, double x, double y, Eighths facing, double radius, const QColor& colour);

/// An ink diamond with a number or text.
void drawDiamond(QPainter& painter, double x, double y, double radius, const QString& text, const QFont& font,
                 const QColor& fill, const QColor& textColour);

/// Lines at 45° rising to the right: a stop.
void drawHatch(QPainter& painter, const QRectF& area, const QColor& colour, double spacing = 7);

} // namespace lc::app
