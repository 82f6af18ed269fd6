#include "core/flight/position_hold.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

constexpr double level_per_s = 7;
constexpr double level_limit_dps = 400;
constexpr double dead_band = 0.06; // of the stick, so that a hand at rest is at rest
constexpr double stop_mps = 0.6;   // slower than this the place is taken
constexpr double pause_height_m = 1.0;
constexpr double pause_zone_m = 0.25;
constexpr double down_for_s = 1.0;
constexpr double bottom = 0.1; // of the throttle stick
constexpr double lands_at_mps = 0.6;

double beyond_dead_band(double stick)
{
    return std::copysign(std::max(0.0, std::abs(stick) - dead_band) / (1 - dead_band), stick);
}

/// Throttle and rates that give an acceleration (world, up negative).
Demand demand_for_acceleration(const Vec3& wanted_mps2, const State& state, const Airframe& airframe)
{
    const Vec3 lift = Vec3(0, 0, gravity_mps2) - wanted_mps2; // what the thrust must give, pointing down the body
    const Vec3 down = lift.normalized();
    Demand demand;
    demand.rates_radps = rates_towards(state.attitude, down, level_per_s, level_limit_dps);
    const double upright = (state.attitude * Vec3::UnitZ()).dot(down);
    const double share = lift.norm() / (airframe.thrust_to_weight * gravity_mps2);
    demand.throttle = upright > 0.3 ? throttle_for_share(airframe, share) : 0; // no thrust while it points downwards
    return demand;
}

} // namespace

Vec3 rates_towards(const Quat& attitude, const Vec3& down_wanted, double per_s, double limit_dps)
{
    const Vec3 wanted = attitude.conjugate() * down_wanted;
    Vec3 axis(-wanted.y(), wanted.x(), 0); // body z × wanted
    const double sine = axis.norm();
    const double angle_rad = std::atan2(sine, wanted.z());
    if (sine < 1e-9)
        axis = Vec3(wanted.z() > 0 ? 0 : 1, 0, 0); // upside down: any way round, take roll
    else
        axis /= sine;
    return axis * std::min(angle_rad * per_s, radians(limit_dps));
}

Demand hover_demand(const State& state, const Airframe& airframe)
{
    constexpr double per_s = 1.2;
    constexpr double max_brake_mps2 = 7;
    Vec3 wanted = -per_s * state.velocity_mps;
    const double horizontal = std::hypot(wanted.x(), wanted.y());
    if (horizontal > max_brake_mps2) wanted.head<2>() *= max_brake_mps2 / horizontal;
    wanted.z() = std::clamp(2.5 * wanted.z(), -12.0, 6.0);
    return demand_for_acceleration(wanted, state, airframe);
}

Demand PositionHold::demand(const Sticks& sticks, const State& state, const Airframe& airframe, double dt_s)
{
    const double heading_rad = radians(heading_deg(state.attitude));
    const double forward = limits_.speed_mps * beyond_dead_band(sticks.pitch),
                 right = limits_.speed_mps * beyond_dead_band(sticks.roll);
    Vec2 speed(std::cos(heading_rad) * forward - std::sin(heading_rad) * right,
               std::sin(heading_rad) * forward + std::cos(heading_rad) * right);
    const Vec2 over_ground = state.velocity_mps.head<2>();
    if (forward != 0 || right != 0)
        place_m_.reset();
    else if (!place_m_ && over_ground.norm() < stop_mps)
        place_m_ = state.position_m.head<2>();
    if (place_m_) speed = (*place_m_ - state.position_m.head<2>()).cwiseMax(-1).cwiseMin(1);
    Vec2 push = 1.8 * (speed - over_ground);
    const double most = gravity_mps2 * std::tan(radians(limits_.lean_deg));
    if (push.norm() > most) push *= most / push.norm();

    const double stick = beyond_dead_band(2 * sticks.throttle - 1);
    double climb = stick > 0 ? stick * limits_.climb_mps : stick * limits_.sink_mps;
    const double height = state.height_m();
    if (climb != 0)
        height_m_.reset();
    else if (!height_m_ && std::abs(state.velocity_mps.z()) < stop_mps)
        height_m_ = height;
    if (height_m_) climb = std::clamp(1.5 * (*height_m_ - height), -1.0, 1.0);
    const bool landing = climb < 0 && !height_m_ && height < pause_height_m + pause_zone_m;
    down_held_s_ = landing && sticks.throttle < bottom ? down_held_s_ + dt_s : 0;
    if (landing) climb = down_held_s_ >= down_for_s ? -lands_at_mps : std::clamp(1.5 * (pause_height_m - height), -1.0, 1.0);
    const bool on_ground = height < 0.02;

    Demand demand = demand_for_acceleration({push.x(), push.y(), std::clamp(-3 * (climb + state.velocity_mps.z()), -8.0, 6.0)},
                                            state, airframe);
    if (on_ground && stick <= 0) demand.throttle = 0; // landed: the motors idle until it is to climb
    demand.rates_radps.z() = radians(limits_.yaw_dps * beyond_dead_band(sticks.yaw));
    return demand;
}

} // namespace bh
