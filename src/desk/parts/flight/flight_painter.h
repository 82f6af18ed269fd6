#pragma once

#include "core/controller/stick_mode.h"
#include "core/view/cameras.h"
#include "core/view/ground.h"
#include "core/view/guide_rail.h"
#include "core/view/raster.h"
#include "device/flight_loop.h"

#include <QFont>
#include <QPointF>
#include <QRectF>
#include <QSize>
#include <deque>
#include <vector>

class QPainter;

namespace bh::desk {

/// From where a flight is looked at.
enum class FlightEye { Aircraft, Chase, Pilot };

/// Paints a flight: the world as the core projects it, and over it what the pilot and the coordinator need to see.
/// No widget, so that it can be measured and printed on its own.
class FlightPainter {
public:
    /// World, guides and marks of a drill; the camera looks as the drill says until setCamera says otherwise.
    void setDrill(const Drill& drill, const FlightSetup& setup);
    void setCamera(double tilt_deg, double fov_deg);
    void setEye(FlightEye eye) { eye_ = eye; }
    /// The drill says from where it is flown.
    [[nodiscard]] bool eyeIsGiven() const { return drill_.pilot.has_value(); }
    [[nodiscard]] FlightEye eye() const { return eye_; }
    void setStickMode(const StickMode& mode) { mode_ = mode; } ///< how the stick overlay is laid out
    void setSwitches(std::vector<SwitchCalibration> switches) { switches_ = std::move(switches); } ///< the controller's own
    /// World, horizon and small sticks alone, for a picture beside others.
    void setPlain(bool plain) { plain_ = plain; }
    void paint(QPainter& painter, QSize size, const FlightSnapshot& now);

    /// A plate wide enough for what it is to say: at least so large.
    [[nodiscard]] static QRectF plateFor(const QRectF& least, const QString& text, const QFont& font);

private:
    void paintWorld(QPainter& painter, const Camera& camera, const FlightSnapshot& now);
    [[nodiscard]] Camera cameraFor(const FlightSnapshot& now, QSize size);
    void paintHorizon(QPainter& painter, const Camera& camera) const;
    void paintHorizonsPlace(QPainter& painter, const Camera& camera) const;
    void paintCompass(QPainter& painter, QSize size, const FlightSnapshot& now) const;
    void paintHeightTape(QPainter& painter, QSize size, const FlightSnapshot& now) const;
    void paintSticks(QPainter& painter, QSize size, const FlightSnapshot& now);
    struct Banner {
        QString words;
        QRectF box;
        int lines = 1;
        bool urgent = false;
    };
    [[nodiscard]] Banner bannerFor(QSize size, const FlightSnapshot& now) const;
    void paintWords(QPainter& painter, QSize size, const FlightSnapshot& now) const;

    Drill drill_;
    Airframe airframe_;
    QString day_; ///< what the day does, in words; empty in still air
    FlightEye eye_ = FlightEye::Aircraft;
    ChaseEye chase_;
    StickMode mode_ = stick_mode(2);
    std::vector<SwitchCalibration> switches_;
    Scene scene_, moving_;
    std::vector<std::vector<RailTie>> rails_;                       ///< of each phase
    std::vector<std::shared_ptr<const LeadAircraftPath>> quarries_; ///< of each phase: null where nothing flies ahead
    bool under_a_roof_ = false, plain_ = false;
    Raster raster_;
    std::vector<Shape> shapes_;
    std::deque<QPointF> left_trail_, right_trail_;
    double trail_time_s_ = 0;
};

} // namespace bh::desk
