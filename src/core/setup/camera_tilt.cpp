#include "core/setup/camera_tilt.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

double full_thrust_n(const Airframe& a, double density_kgpm3)
{
    return a.thrust_to_weight * a.mass_kg * gravity_mps2 * density_kgpm3 / sea_level_density_kgpm3;
}

} // namespace

LevelFlight level_flight(const Airframe& a, double lean, double density_kgpm3)
{
    const double s = std::sin(radians(lean)), c = std::cos(radians(lean));
    const double weight_n = a.mass_kg * gravity_mps2;
    // Upwards: T·cos + k·v·cos·sin = m·g. Forwards: T·sin = ½·ρ·CdA·v² + k·v·cos². T from the first, v by bisection.
    const auto thrust = [&](double v) { return weight_n / c - a.rotor_drag_kgps * v * s; };
    const auto left_over = [&](double v) {
        return thrust(v) * s - 0.5 * density_kgpm3 * a.drag_area_m2 * v * v - a.rotor_drag_kgps * v * c * c;
    };
    double low = 0, high = 200;
    for (int i = 0; i < 60; ++i) {
        const double v = (low + high) / 2;
        (left_over(v) > 0 ? low : high) = v;
    }
    LevelFlight level;
    level.speed_mps = low;
    level.thrust_n = thrust(low);
    const double share = level.thrust_n / full_thrust_n(a, density_kgpm3);
    level.possible = share <= 1;
    level.throttle = throttle_for_share(a, share);
    return level;
}

Touchiness touchiness(const Airframe& a, double lean, double density_kgpm3)
{
    const double u = level_flight(a, lean, density_kgpm3).throttle;
    const double share_per_throttle = (1 - a.thrust_curve) + 2 * a.thrust_curve * u; // of thrust_share_at
    const double per_percent_mps2 = 0.01 * share_per_throttle * full_thrust_n(a, density_kgpm3) / a.mass_kg;
    return {per_percent_mps2 * std::cos(radians(lean)), per_percent_mps2 * std::sin(radians(lean))};
}

TiltEffect tilt_effect(const Airframe& airframe, double tilt_deg, double density_kgpm3)
{
    return {level_flight(airframe, tilt_deg, density_kgpm3), touchiness(airframe, 0, density_kgpm3),
            touchiness(airframe, tilt_deg, density_kgpm3)};
}

double motor_speed_ratio(double propeller_ratio)
{
    constexpr double own = 0.78; // of the no-load speed
    // load·x² = 1 − x, with the speed x as a share of the no-load speed and the torque as one of the stalled motor's
    const double load = (1 - own) / (own * own) * std::pow(propeller_ratio, 5);
    return (std::sqrt(1 + 4 * load) - 1) / (2 * load) / own;
}

Airframe detuned(Airframe airframe, double propeller_ratio, double power_share)
{
    airframe.propeller_m *= propeller_ratio;
    const double speed = motor_speed_ratio(propeller_ratio);
    airframe.thrust_to_weight *= std::pow(propeller_ratio, 4) * speed * speed * std::pow(power_share, 2.0 / 3);
    return airframe;
}

double flip_s(const Airframe& airframe, double max_dps)
{
    return 360 / max_dps + max_dps / airframe.max_angular_accel_dps2 + airframe.rate_lag_s;
}

} // namespace bh
