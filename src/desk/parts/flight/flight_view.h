#pragma once

#include "desk/parts/flight/flight_painter.h"
#include "desk/parts/speech/spoken_view.h"

#include <QTimer>

namespace bh::desk {

/// Shows a running flight, or says what to do when there is none. Repaints some 60 times a second while it runs.
class FlightView : public SpokenView {
    Q_OBJECT
public:
    explicit FlightView(QWidget* parent = nullptr);
    /// Null: nothing flies. The loop must outlive its being shown.
    void show(const FlightLoop* loop);
    void setStickMode(const StickMode& mode) { painter_.setStickMode(mode); }
    void setSwitches(std::vector<SwitchCalibration> switches) { painter_.setSwitches(std::move(switches)); }
    void setCamera(double tilt_deg, double fov_deg) { painter_.setCamera(tilt_deg, fov_deg); } ///< after show()
    void nextEye(); ///< from the aircraft, from behind it, from the pilot's place, and again
    [[nodiscard]] FlightEye eye() const { return painter_.eye(); }
    void setInvitation(const QString& text);
    [[nodiscard]] QString inWords() const override;
    using QWidget::show;

Q_SIGNALS:
    void painted(const FlightSnapshot& shown); ///< a frame is drawn

protected:
    void paintEvent(QPaintEvent*) override;

private:
    const FlightLoop* loop_ = nullptr;
    FlightPainter painter_;
    QString invitation_;
    QTimer timer_;
};

} // namespace bh::desk
