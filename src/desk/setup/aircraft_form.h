#pragma once

#include "core/flight/dynamics.h"

#include <QWidget>

class QDoubleSpinBox;

namespace bh::desk {

/// The figures of a real aircraft that can be weighed, measured or read off.
class AircraftForm : public QWidget {
    Q_OBJECT
public:
    explicit AircraftForm(QWidget* parent = nullptr);
    void show(const Airframe& aircraft);
    using QWidget::show;

Q_SIGNALS:
    void edited(const Airframe& aircraft);

private:
    void take();
    Airframe shown_;
    QDoubleSpinBox *mass_, *thrust_, *propeller_, *wheelbase_, *hover_;
};

/// The airframe with the thrust curve that makes it hover at a throttle of 0…1, as near as a curve between linear and
/// quadratic gets there.
[[nodiscard]] Airframe hoveringAt(Airframe aircraft, double throttle);

} // namespace bh::desk
