#include "core/flight/conditions.h"

#include "core/flight/atmosphere.h"
#include "core/flight/rotor_air.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

// All house: large enough to be felt, small enough to be flown.
constexpr double wash_thrust_loss = 0.15;
constexpr double wash_shake_radps2 = 15;
constexpr double grass_unsteady_share = 0.2, hard_unsteady_share = 0.4;
constexpr double ground_shake_radps2 = 12, thrown_back_shake_radps2 = 6;
constexpr double thrown_back_thrust_share = 0.04;
constexpr double shake_time_s = 0.04;
constexpr double unsteady_time_s = 0.15;
constexpr double trim_time_s = 0.3;
constexpr int gust_steps = 10;                // gusts are slow: held over so many steps
constexpr double bent_vibration_radps2 = 300; // white, of a rotor that has lost all its thrust

/// Noise of unit size that forgets itself within `time_s`, one step on.
double drifted(double value, double time_s, double dt_s, SeededRandom& random)
{
    const double kept = std::exp(-dt_s / time_s);
    return kept * value + std::sqrt(1 - kept * kept) * random.normal();
}

} // namespace

Message in_words(const Conditions& c)
{
    std::vector<Message> on;
    const auto add = [&on](bool is_on, Message what) {
        if (is_on) on.push_back(std::move(what));
    };
    add(c.wind_mps > 0, message("wind %1 m/s", rounded(c.wind_mps, 0)));
    add(c.gusts && c.wind_mps > 0, message("gusts"));
    add(c.ground_effect && !c.hard_ground, message("ground effect over grass"));
    add(c.ground_effect && c.hard_ground, message("ground effect over hard ground"));
    add(c.prop_wash, message("prop wash"));
    add(c.battery_sag, message("battery sag"));
    add(c.bent_propeller > 0, message("bent propeller"));
    add(c.warmer_k > 0, message("warm air"));
    add(c.warmer_k < 0, message("cold air"));
    return joined(on, ", ");
}

Result<Conditions> checked(Conditions c)
{
    const auto wrong = [](std::string_view what) { return failure(Error::Code::OutOfRange, message(what)); };
    if (!(c.wind_mps >= 0 && c.wind_mps <= most_wind_mps)) return wrong(label("wind_mps must lie in 0 to 40 m/s"));
    if (!std::isfinite(c.wind_from_deg)) return wrong(label("wind_from_deg must be a number"));
    if (!(c.bent_propeller >= 0 && c.bent_propeller <= 0.5)) return wrong(label("bent_propeller must lie in 0 to 0.5"));
    if (!(c.warmer_k >= -60 && c.warmer_k <= 60)) return wrong(label("warmer_k must lie in -60 to 60 K"));
    return c;
}

Day::Day(const Conditions& conditions, const Airframe& airframe, double field_height_m)
    : conditions_(conditions), airframe_(airframe),
      density_kgpm3_(standard_air(geopotential_height_m(field_height_m), conditions.warmer_k).density_kgpm3),
      gusts_(conditions.seed), random_(conditions.seed + 0x9e3779b97f4a7c15U)
{
}

Vec3 Day::shake(double dt_s)
{
    for (int axis = 0; axis < 3; ++axis) shaking_[axis] = drifted(shaking_[axis], shake_time_s, dt_s, random_);
    return {shaking_.x(), shaking_.y(), shaking_.z() / 3}; // a multirotor yaws lazily
}

Surroundings Day::step(const State& state, double dt_s)
{
    Surroundings now;
    now.density_kgpm3 = density_kgpm3_;
    const double height_m = std::max(0.0, state.height_m());
    if (conditions_.wind_mps > 0) {
        const double to_rad = radians(conditions_.wind_from_deg + 180);
        const Vec3 along(std::cos(to_rad), std::sin(to_rad), 0), right(-along.y(), along.x(), 0);
        wind_ = wind_at_height_mps(conditions_.wind_mps, height_m) * along;
        if (conditions_.gusts) {
            if (steps_ % gust_steps == 0)
                gusts_.step(low_height_turbulence(height_m, conditions_.wind_mps), (state.velocity_mps - wind_).norm(),
                            gust_steps * dt_s);
            const Vec3& g = gusts_.now_mps();
            const double near_ground = std::min(1.0, height_m / (10 * foot_m)); // the forms begin at 10 ft
            wind_ += near_ground * (g.x() * along + g.y() * right - g.z() * Vec3::UnitZ());
        }
        now.wind_mps = wind_;
    }
    ++steps_;
    const double weight_n = airframe_.mass_kg * gravity_mps2;
    const double thrust_n = state.thrust_share * airframe_.thrust_to_weight * weight_n * density_kgpm3_ / sea_level_density_kgpm3;
    const double vh_mps = hover_induced_mps(std::max(thrust_n, 0.2 * weight_n), density_kgpm3_,
                                            disc_area_m2(airframe_.propeller_m, airframe_.rotors));
    const Vec3 through_air = state.velocity_mps - now.wind_mps;
    const Vec3 top = state.attitude * -Vec3::UnitZ();
    const bool shaken = conditions_.ground_effect || conditions_.prop_wash;
    const Vec3 shaking = shaken ? shake(dt_s) : Vec3::Zero();

    if (conditions_.ground_effect) {
        const double radius_m = 0.5 * airframe_.propeller_m * std::sqrt(airframe_.rotors);
        const double more = (ground_effect_ratio(radius_m, height_m) - 1) * std::max(0.0, top.dot(-Vec3::UnitZ()));
        const double still = std::max(0.0, 1 - state.velocity_mps.head<2>().norm() / (2 * vh_mps));
        unsteady_ = drifted(unsteady_, unsteady_time_s, dt_s, random_);
        const bool hard = conditions_.hard_ground;
        const double thrown_back = hard ? still * std::max(0.0, 1 - height_m / (4 * radius_m)) : 0;
        now.thrust_ratio *= 1 + more * (1 + (hard ? hard_unsteady_share : grass_unsteady_share) * still * unsteady_) +
                            thrown_back_thrust_share * thrown_back * unsteady_;
        const bool flying = height_m > 0.01; // on its gear nothing shakes it
        if (flying)
            now.angular_accel_radps2 +=
                (3 * more * still * ground_shake_radps2 + thrown_back_shake_radps2 * thrown_back) * shaking;
    }
    if (conditions_.prop_wash) {
        const double climb_mps = through_air.dot(top);
        const double depth =
            wake_depth(vh_mps, climb_mps, (through_air - climb_mps * top).norm()) * std::min(1.0, thrust_n / (0.2 * weight_n));
        now.thrust_ratio *= 1 - wash_thrust_loss * depth;
        now.angular_accel_radps2 += (wash_shake_radps2 * depth) * shaking;
    }
    if (conditions_.battery_sag) {
        battery_used_ =
            std::min(1.0, battery_used_ + dt_s / airframe_.battery_hover_s * std::pow(std::max(0.0, thrust_n / weight_n), 1.5));
        now.thrust_ratio *= 1 - airframe_.battery_load_sag * state.thrust_share - airframe_.battery_rest_sag * battery_used_;
    }
    if (conditions_.bent_propeller > 0) {
        const double lost_n = conditions_.bent_propeller * thrust_n / airframe_.rotors;
        const double arm_m = airframe_.wheelbase_m / 2 * std::numbers::sqrt2 / 2;
        const Vec3 twist(lost_n * arm_m / airframe_.inertia_kgm2.x(), -lost_n * arm_m / airframe_.inertia_kgm2.y(), 0);
        now.angular_accel_radps2 += twist - trimmed_;
        trimmed_ += (1 - std::exp(-dt_s / trim_time_s)) * (twist - trimmed_);
        const double vibration = bent_vibration_radps2 * conditions_.bent_propeller * state.thrust_share;
        for (int axis = 0; axis < 3; ++axis) now.angular_accel_radps2[axis] += vibration * random_.normal();
        now.thrust_ratio *= 1 - conditions_.bent_propeller / airframe_.rotors;
    }
    return now;
}

} // namespace bh
