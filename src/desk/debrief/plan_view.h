#pragma once

#include "core/debrief/debrief.h"
#include "core/flight/world.h"
#include "desk/parts/flight/still_picture.h"
#include "desk/parts/speech/spoken_view.h"

namespace bh::desk {

/// A flight from above: the world, the way flown with its marks by shape, and where the aircraft is. North is up.
class PlanView : public SpokenView {
    Q_OBJECT
public:
    explicit PlanView(QWidget* parent = nullptr);
    /// It must outlive being shown; null: nothing. Nothing is found in it yet.
    void setFlight(const FlightLog* log, const World& world, const std::vector<Vec2>& flags_m);
    void setFound(const Debrief* found); ///< in the same flight; it must outlive being shown
    /// Another flight, row by row of this one, drawn dashed; null: none. It must outlive being shown.
    void setOver(const FlightLog* other);
    void setTime(double cursor_s, double from_s, double to_s); ///< where it is, and the part of the way that is drawn strong
    [[nodiscard]] QString inWords() const override;

protected:
    void paintEvent(QPaintEvent*) override;

private:
    void paintWorld(QPainter& p) const;
    void paintWay(QPainter& p) const;
    void paintStill(QPainter& p) const;
    void paintNow(QPainter& p) const;
    [[nodiscard]] QPointF at(double north_m, double east_m) const;
    [[nodiscard]] std::size_t rowAt(double t_s) const;

    const FlightLog* log_ = nullptr;
    bool sticks_alone_ = false; ///< there is a flight, and it does not say where it was
    const Debrief* found_ = nullptr;
    const FlightLog* over_ = nullptr;
    World world_;
    std::vector<Vec2> flags_m_;
    double cursor_s_ = 0, from_s_ = 0, to_s_ = 0;
    StillPicture<std::pair<double, double>> still_; ///< with the way between two times drawn strong
    double middle_north_m_ = 0, middle_east_m_ = 0, across_m_ = 60;
};

} // namespace bh::desk
