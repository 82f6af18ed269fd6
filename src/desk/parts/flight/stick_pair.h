#pragma once

#include "core/controller/stick_mode.h"

#include <QColor>
#include <QPainter>
#include <QRectF>

namespace bh::desk {

/// Both sticks side by side, small: a ring each, and where the stick stands.
inline void paintStickPair(QPainter& p, const QRectF& area, const Sticks& s, const StickMode& mode, const QColor& ring,
                           const QColor& knob)
{
    const double side = std::min(area.height(), area.width() / 2 - 3), knob_px = side / 8, reach = side / 2 - knob_px;
    const auto stick = [&](double left, double x, double y) {
        const QRectF box(left, area.center().y() - side / 2, side, side);
        p.setPen(QPen(ring, 1));
        p.setBrush(Qt::NoBrush);
        p.drawEllipse(box);
        p.setPen(Qt::NoPen);
        p.setBrush(knob);
        p.drawEllipse(box.center() + QPointF(reach * x, -reach * y), knob_px, knob_px);
    };
    stick(area.left(), on_stick(s, mode.left_across), on_stick(s, mode.left_up));
    stick(area.right() - side, on_stick(s, mode.right_across), on_stick(s, mode.right_up));
}

} // namespace bh::desk
