#pragma once

#include "core/setup/camera_tilt.h"
#include "desk/parts/speech/spoken_view.h"

namespace bh::desk {

/// The aircraft from the side, flying level with the horizon in the middle of its picture: it leans by the camera's tilt.
/// Dragging it, or the arrow keys, changes the tilt.
class TiltView : public SpokenView {
    Q_OBJECT
public:
    explicit TiltView(QWidget* parent = nullptr);
    void show(double tilt_deg, double fov_deg, const Airframe& flown, const TiltEffect& effect);
    using QWidget::show;
    [[nodiscard]] double tilt_deg() const { return tilt_deg_; }
    [[nodiscard]] QString inWords() const override;
    [[nodiscard]] std::optional<Value> value() const override; ///< the tilt, in degrees
    void setValue(double tilt_deg) override;

Q_SIGNALS:
    void dragged(double tilt_deg); ///< while it is moved
    void settled();                ///< let go, or moved by a key

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    void paintAircraft(QPainter& p, QPointF at, double unit) const;
    void paintForces(QPainter& p, QPointF at, double unit) const;
    [[nodiscard]] QPointF middle() const;
    [[nodiscard]] double angleAt(QPointF place) const; ///< of the line from the middle, degrees below the horizontal ahead
    [[nodiscard]] static double saidFoot();            ///< how far down the words at its head reach
    void ask(double tilt_deg);

    double tilt_deg_ = 25, fov_deg_ = 110;
    Airframe flown_;
    TiltEffect effect_;
    double grabbed_deg_ = 0; ///< angle of the grip against the tilt
    bool dragging_ = false;
};

} // namespace bh::desk
