#pragma once

#include "core/controller/stick_mode.h"
#include "core/flight/scene.h"
#include "device/flight_loop.h"

#include <QPointF>
#include <QSize>
#include <deque>
#include <vector>

class QPainter;

namespace bh::desk {

/// Paints a flight: the world as the core projects it, and over it what the pilot and the coordinator need to see.
/// No widget, so that it can be measured and printed on its own.
class FlightPainter {
public:
    /// World, guides and marks of a drill.
    void setDrill(const Drill& drill, const World& world);
    void setStickMode(const StickMode& mode) { mode_ = mode; } ///< how the stick overlay is laid out
    void paint(QPainter& painter, QSize size, const FlightSnapshot& now);

private:
    void paintWorld(QPainter& painter, QSize size, const FlightSnapshot& now);
    void paintHeightTape(QPainter& painter, QSize size, const FlightSnapshot& now) const;
    void paintSticks(QPainter& painter, QSize size, const FlightSnapshot& now);
    void paintWords(QPainter& painter, QSize size, const FlightSnapshot& now) const;

    Drill drill_;
    StickMode mode_ = stick_mode(2);
    Scene scene_;
    std::vector<Shape> shapes_;
    std::deque<QPointF> left_trail_, right_trail_;
    double trail_time_s_ = 0;
};

} // namespace bh::desk
