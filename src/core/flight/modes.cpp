#include "core/flight/modes.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace bh {
namespace {

constexpr std::array<std::string_view, 5> mode_keys{"acro", "angle", "horizon", "hold", "sport"};

/// Body rates that turn the aircraft's underside towards `down_wanted` (world, unit length) by the shortest way.
Vec3 rates_towards(const Quat& attitude, const Vec3& down_wanted, const AngleMode& angle)
{
    const Vec3 wanted = attitude.conjugate() * down_wanted;
    Vec3 axis(-wanted.y(), wanted.x(), 0); // body z × wanted
    const double sine = axis.norm();
    const double angle_rad = std::atan2(sine, wanted.z());
    if (sine < 1e-9) axis = Vec3(wanted.z() > 0 ? 0 : 1, 0, 0); // upside down: any way round, take roll
    else axis /= sine;
    return axis * std::min(angle_rad * angle.gain_per_s, radians(angle.max_rate_dps));
}

Demand hold_demand(const State& state, const AngleMode& angle, const Airframe& airframe)
{
    constexpr double per_s = 1.2;
    constexpr double max_brake_mps2 = 7;
    Vec3 wanted = -per_s * state.velocity_mps;
    const double horizontal = std::hypot(wanted.x(), wanted.y());
    if (horizontal > max_brake_mps2) wanted.head<2>() *= max_brake_mps2 / horizontal;
    wanted.z() = std::clamp(2.5 * wanted.z(), -12.0, 6.0);
    const Vec3 lift = Vec3(0, 0, gravity_mps2) - wanted; // what the thrust must give, pointing down the body
    Demand demand;
    demand.rates_radps = rates_towards(state.attitude, lift.normalized(), angle);
    const double upright = (state.attitude * Vec3::UnitZ()).dot(lift.normalized());
    const double share = lift.norm() / (airframe.thrust_to_weight * gravity_mps2);
    demand.throttle = upright > 0.3 ? throttle_for_share(airframe, share) : 0; // no thrust while it points downwards
    return demand;
}

} // namespace

std::string_view mode_key(Mode mode) { return mode_keys[static_cast<std::size_t>(mode)]; }

std::optional<Mode> mode_from_key(std::string_view key)
{
    if (key == "rate") return Mode::Acro;
    if (key == "level") return Mode::Angle;
    const auto found = std::find(mode_keys.begin(), mode_keys.end(), key);
    if (found == mode_keys.end()) return std::nullopt;
    return static_cast<Mode>(found - mode_keys.begin());
}

Demand demand_for(Mode mode, const Sticks& sticks, const State& state, const RateProfile& rates, const AngleMode& angle,
                  const Airframe& airframe) noexcept
{
    if (mode == Mode::Hold) return hold_demand(state, angle, airframe);
    Demand demand;
    demand.throttle = sticks.throttle;
    const double yaw_radps = radians(rate_dps(rates.yaw, sticks.yaw));
    if (mode == Mode::Angle) {
        const Quat level_wanted = attitude(heading_deg(state.attitude), -sticks.pitch * angle.limit_deg,
                                           sticks.roll * angle.limit_deg);
        demand.rates_radps = rates_towards(state.attitude, level_wanted * Vec3::UnitZ(), angle);
        demand.rates_radps.z() = yaw_radps;
        return demand;
    }
    // Pushed forward is nose down, which is a negative rate about body y.
    demand.rates_radps = Vec3(radians(rate_dps(rates.roll, sticks.roll)), -radians(rate_dps(rates.pitch, sticks.pitch)),
                              yaw_radps);
    return demand;
}

} // namespace bh
