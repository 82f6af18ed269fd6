#include "core/flight/dynamics.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

State moved(const State& from, const StateRate& rate, double dt_s)
{
    State to;
    to.position_m = from.position_m + dt_s * rate.velocity_mps;
    to.velocity_mps = from.velocity_mps + dt_s * rate.acceleration_mps2;
    to.attitude.coeffs() = from.attitude.coeffs() + dt_s * rate.attitude_rate;
    to.rates_radps = from.rates_radps + dt_s * rate.angular_accel_radps2;
    to.thrust_share = from.thrust_share + dt_s * rate.thrust_share_rate;
    return to;
}

/// Whether the rate loop asks for more angular acceleration than there is, per axis.
Eigen::Vector3i limited(const State& s, const Demand& demand, const Airframe& airframe)
{
    const double limit = radians(airframe.max_angular_accel_dps2) * airframe.rate_lag_s;
    Eigen::Vector3i side;
    for (int i = 0; i < 3; ++i) side[i] = std::abs(demand.rates_radps[i] - s.rates_radps[i]) > limit;
    return side;
}

} // namespace

Result<Airframe> checked(Airframe a)
{
    const auto need = [](bool good, std::string_view what) { return good ? std::string_view() : what; };
    for (const std::string_view problem :
         {need(a.mass_kg >= 0.02 && a.mass_kg <= 25, label("mass_kg must lie in 0.02 to 25 kg")),
          need(a.thrust_to_weight > 1 && a.thrust_to_weight <= 20, label("thrust_to_weight must lie in 1 to 20")),
          need(a.thrust_curve >= 0 && a.thrust_curve <= 1, label("thrust_curve must lie in 0 to 1")),
          need(a.motor_lag_s >= 0.005 && a.motor_lag_s <= 0.5, label("motor_lag_s must lie in 0.005 to 0.5 s")),
          need(a.drag_area_m2 >= 0 && a.drag_area_m2 <= 1, label("drag_area_m2 must lie in 0 to 1 m2")),
          need(a.rotor_drag_kgps >= 0 && a.rotor_drag_kgps <= 5, label("rotor_drag_kgps must lie in 0 to 5 kg/s")),
          need(a.rate_lag_s >= 0.005 && a.rate_lag_s <= 0.5, label("rate_lag_s must lie in 0.005 to 0.5 s")),
          need(a.max_angular_accel_dps2 >= 100 && a.max_angular_accel_dps2 <= 1e5,
               label("max_angular_accel_dps2 must lie in 100 to 100000 deg/s2")),
          need(a.wheelbase_m >= 0.03 && a.wheelbase_m <= 2, label("wheelbase_m must lie in 0.03 to 2 m")),
          need(a.rotors >= 3 && a.rotors <= 8, label("rotors must lie in 3 to 8")),
          need(a.propeller_m >= 0.02 && a.propeller_m <= 1, label("propeller_m must lie in 0.02 to 1 m")),
          need(a.inertia_kgm2.minCoeff() > 0 && a.inertia_kgm2.maxCoeff() <= 10,
               label("inertia_kgm2 must lie above 0 to 10 kg m2")),
          need(a.battery_hover_s >= 30 && a.battery_hover_s <= 7200, label("battery_hover_s must lie in 30 to 7200 s")),
          need(a.battery_load_sag >= 0 && a.battery_load_sag <= 0.4, label("battery_load_sag must lie in 0 to 0.4")),
          need(a.battery_rest_sag >= 0 && a.battery_rest_sag <= 0.5, label("battery_rest_sag must lie in 0 to 0.5")),
          need(a.body_radius_m >= 0.02 && a.body_radius_m <= 1, label("body_radius_m must lie in 0.02 to 1 m"))})
        if (!problem.empty()) return failure(Error::Code::OutOfRange, message(problem));
    return a;
}

double thrust_share_at(const Airframe& airframe, double throttle) noexcept
{
    const double u = std::clamp(throttle, 0.0, 1.0);
    return (1 - airframe.thrust_curve) * u + airframe.thrust_curve * u * u;
}

double throttle_for_share(const Airframe& airframe, double share) noexcept
{
    const double wanted = std::clamp(share, 0.0, 1.0);
    const double b = airframe.thrust_curve;
    if (b < 1e-9) return wanted;
    return (-(1 - b) + std::sqrt((1 - b) * (1 - b) + 4 * b * wanted)) / (2 * b);
}

double hover_throttle(const Airframe& airframe) noexcept { return throttle_for_share(airframe, 1 / airframe.thrust_to_weight); }

double level_speed_mps(const Airframe& airframe, double lean, double density_kgpm3) noexcept
{
    return std::sqrt(2 * airframe.mass_kg * gravity_mps2 * std::tan(radians(lean)) / (density_kgpm3 * airframe.drag_area_m2));
}

StateRate derivative(const State& s, const Demand& demand, const Airframe& airframe, const Surroundings& around) noexcept
{
    const Quat& q = s.attitude;
    // Body z (down) in the world; thrust points the other way.
    const Vec3 down_of_body(2 * (q.x() * q.z() + q.w() * q.y()), 2 * (q.y() * q.z() - q.w() * q.x()),
                            1 - 2 * (q.x() * q.x() + q.y() * q.y()));
    const double thrust_n = s.thrust_share * airframe.thrust_to_weight * airframe.mass_kg * gravity_mps2 *
                            (around.density_kgpm3 / sea_level_density_kgpm3) * around.thrust_ratio;
    const Vec3 through_air = s.velocity_mps - around.wind_mps;
    const Vec3 in_plane = through_air - through_air.dot(down_of_body) * down_of_body;

    StateRate rate;
    rate.velocity_mps = s.velocity_mps;
    const Vec3 force = -thrust_n * down_of_body -
                       (0.5 * around.density_kgpm3 * airframe.drag_area_m2 * through_air.norm()) * through_air -
                       airframe.rotor_drag_kgps * in_plane;
    rate.acceleration_mps2 = force / airframe.mass_kg + Vec3(0, 0, gravity_mps2);
    const Vec3& w = s.rates_radps;
    rate.attitude_rate =
        0.5 * Eigen::Vector4d(q.w() * w.x() + q.y() * w.z() - q.z() * w.y(), q.w() * w.y() + q.z() * w.x() - q.x() * w.z(),
                              q.w() * w.z() + q.x() * w.y() - q.y() * w.x(), -q.x() * w.x() - q.y() * w.y() - q.z() * w.z());
    const double limit = radians(airframe.max_angular_accel_dps2);
    rate.angular_accel_radps2 =
        ((demand.rates_radps - w) / airframe.rate_lag_s).cwiseMax(-limit).cwiseMin(limit) + around.angular_accel_radps2;
    rate.thrust_share_rate = (thrust_share_at(airframe, demand.throttle) - s.thrust_share) / airframe.motor_lag_s;
    return rate;
}

namespace {

State one_step(const State& state, const Demand& demand, const Airframe& airframe, const Surroundings& around,
               double dt_s) noexcept
{
    const StateRate a = derivative(state, demand, airframe, around);
    const StateRate b = derivative(moved(state, a, dt_s / 2), demand, airframe, around);
    const StateRate c = derivative(moved(state, b, dt_s / 2), demand, airframe, around);
    const StateRate d = derivative(moved(state, c, dt_s), demand, airframe, around);
    StateRate sum;
    sum.velocity_mps = (a.velocity_mps + 2 * (b.velocity_mps + c.velocity_mps) + d.velocity_mps) / 6;
    sum.acceleration_mps2 = (a.acceleration_mps2 + 2 * (b.acceleration_mps2 + c.acceleration_mps2) + d.acceleration_mps2) / 6;
    sum.attitude_rate = (a.attitude_rate + 2 * (b.attitude_rate + c.attitude_rate) + d.attitude_rate) / 6;
    sum.angular_accel_radps2 =
        (a.angular_accel_radps2 + 2 * (b.angular_accel_radps2 + c.angular_accel_radps2) + d.angular_accel_radps2) / 6;
    sum.thrust_share_rate = (a.thrust_share_rate + 2 * (b.thrust_share_rate + c.thrust_share_rate) + d.thrust_share_rate) / 6;
    State next = moved(state, sum, dt_s);
    next.attitude.normalize();
    return next;
}

} // namespace

State advanced(const State& state, const Demand& demand, const Airframe& airframe, const Surroundings& around,
               double dt_s) noexcept
{
    const State next = one_step(state, demand, airframe, around, dt_s);
    if (limited(state, demand, airframe) == limited(next, demand, airframe)) return next;
    // The limit was met or left on the way, where the equations have a kink and a step its full order no longer.
    constexpr int parts = 8;
    State part = state;
    for (int i = 0; i < parts; ++i) part = one_step(part, demand, airframe, around, dt_s / parts);
    return part;
}

} // namespace bh
