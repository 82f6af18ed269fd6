#include "desk/setup/aircraft_form.h"

#include "desk/parts/forms/hints.h"
#include "desk/parts/look/theme.h"

#include <QDoubleSpinBox>
#include <QFormLayout>
#include <QSignalBlocker>
#include <algorithm>
#include <cmath>

namespace bh::desk {

Airframe hoveringAt(Airframe a, double throttle)
{
    // (1−b)·u + b·u² = 1/thrust-to-weight, for b.
    const double u = std::clamp(throttle, 0.02, 0.98);
    a.thrust_curve = std::clamp((u - 1 / a.thrust_to_weight) / (u - u * u), 0.0, 1.0);
    return a;
}

AircraftForm::AircraftForm(QWidget* parent) : QWidget(parent)
{
    auto* form = new QFormLayout(this);
    form->setContentsMargins(0, 0, 0, 0);
    form->setVerticalSpacing(4);
    const auto number = [&](const char* name, const QString& words, double low, double high, double step, int decimals,
                            const QString& unit, const QString& source) {
        auto* box = new QDoubleSpinBox;
        box->setObjectName(QLatin1String(name));
        box->setAccessibleName(words);
        box->setRange(low, high);
        box->setSingleStep(step);
        box->setDecimals(decimals);
        box->setSuffix(unit);
        box->setKeyboardTracking(false);
        box->setFocusPolicy(Qt::StrongFocus);
        box->setFixedWidth(scaled(118));
        explain(box, source);
        form->addRow(words, box);
        connect(box, &QDoubleSpinBox::valueChanged, this, &AircraftForm::take);
        return box;
    };
    mass_ = number("realMass", tr("Mass with battery"), 15, 25000, 10, 0, tr(" g"),
                   tr("Weighed, ready to fly, with battery and camera."));
    thrust_ = number("realThrust", tr("Thrust / weight"), 1.1, 20, 0.1, 1, tr(" times"),
                     tr("Thrust at full throttle over weight: from the motor's data sheet with this propeller and battery, less "
                        "a tenth for a worn pack (common practice)."));
    propeller_ = number("realPropeller", tr("Propeller"), 20, 800, 1, 0, tr(" mm"), tr("Diameter. One inch is 25.4 mm."));
    wheelbase_ = number("realWheelbase", tr("Wheelbase"), 40, 1500, 5, 0, tr(" mm"),
                        tr("Between the hubs of two motors that stand across from each other."));
    hover_ = number(
        "realHover", tr("Hover throttle"), 5, 95, 1, 0, tr(" %"),
        tr("Read off in a hover without wind, fresh battery. The thrust curve between linear and quadratic is fitted to it."));
}

void AircraftForm::show(const Airframe& aircraft)
{
    shown_ = aircraft;
    const std::pair<QDoubleSpinBox*, double> values[] = {{mass_, 1000 * aircraft.mass_kg},
                                                         {thrust_, aircraft.thrust_to_weight},
                                                         {propeller_, 1000 * aircraft.propeller_m},
                                                         {wheelbase_, 1000 * aircraft.wheelbase_m},
                                                         {hover_, 100 * hover_throttle(aircraft)}};
    for (const auto& [box, value] : values) {
        const QSignalBlocker quiet(box);
        box->setValue(value);
    }
}

void AircraftForm::take()
{
    Airframe a = shown_;
    a.mass_kg = mass_->value() / 1000;
    a.thrust_to_weight = thrust_->value();
    a.propeller_m = propeller_->value() / 1000;
    a.wheelbase_m = wheelbase_->value() / 1000;
    a = hoveringAt(a, hover_->value() / 100);
    if (checked(a)) Q_EMIT edited(a);
}

} // namespace bh::desk
