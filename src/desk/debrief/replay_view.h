#pragma once

#include "desk/parts/flight/flight_painter.h"
#include "desk/parts/speech/spoken_view.h"

namespace bh::desk {

/// A flight that was flown, as it was at the cursor; without positions, its sticks.
class ReplayView : public SpokenView {
    Q_OBJECT
public:
    explicit ReplayView(QWidget* parent = nullptr);
    void setFlight(const FlightLog* log, const Drill& drill, const FlightSetup& setup, const StickMode& mode);
    void setCamera(double tilt_deg, double fov_deg) { painter_.setCamera(tilt_deg, fov_deg); }
    void setTime(double t_s);
    [[nodiscard]] QString inWords() const override;

protected:
    void paintEvent(QPaintEvent*) override;

private:
    const FlightLog* log_ = nullptr;
    FlightPainter painter_;
    StickMode mode_;
    double time_s_ = 0;
};

} // namespace bh::desk
