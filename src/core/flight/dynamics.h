#pragma once

#include "core/base/result.h"
#include "core/flight/geometry.h"

#include <string>

namespace bh {

/// A multirotor as the flight needs it. The defaults are an invented, plausible 5-inch aircraft.
struct Airframe {
    std::string id = "five-inch";
    std::string name = "5-inch, plain";
    double mass_kg = 0.72;
    double thrust_to_weight = 4.5; ///< at full throttle, sea-level standard air
    double thrust_curve = 0.6;     ///< share of the throttle's effect that is quadratic; the rest is linear
    double motor_lag_s = 0.045;    ///< first order
    double drag_area_m2 = 0.012;   ///< CdA of the whole aircraft
    double rotor_drag_kgps = 0.08; ///< linear drag in the rotor plane
    double rate_lag_s = 0.03;      ///< first-order response of the rate loop
    double max_angular_accel_dps2 = 9000;
    double body_radius_m = 0.12; ///< for contact with objects
    double wheelbase_m = 0.22;   ///< between motors that stand across from each other
    int rotors = 4;
    double propeller_m = 0.127;                ///< diameter
    Vec3 inertia_kgm2{0.0026, 0.0028, 0.0046}; ///< about body x, y, z
    double battery_hover_s = 360;              ///< a full pack hovers this long
    double battery_load_sag = 0.10;            ///< share of the thrust that full throttle takes away from itself
    double battery_rest_sag = 0.15;            ///< share of the thrust that an empty pack has lost
};

inline constexpr double sea_level_density_kgpm3 = 1.225; ///< ISO 2533, at which thrust_to_weight holds

/// What surrounds the aircraft during one step: held over it.
struct Surroundings {
    double density_kgpm3 = sea_level_density_kgpm3;
    Vec3 wind_mps = Vec3::Zero();             ///< world: where the air goes
    double thrust_ratio = 1;                  ///< of the thrust that the motors would give undisturbed
    Vec3 angular_accel_radps2 = Vec3::Zero(); ///< body: what turns the aircraft beside its own rate loop
};

/// The airframe itself, or an OutOfRange error naming the first value that cannot fly.
[[nodiscard]] Result<Airframe> checked(Airframe airframe);

/// Everything that the equations of motion carry from one step to the next.
struct State {
    Vec3 position_m = Vec3::Zero();   ///< north, east, down; the ground is at down = 0
    Vec3 velocity_mps = Vec3::Zero(); ///< north, east, down
    Quat attitude = Quat::Identity(); ///< body to world
    Vec3 rates_radps = Vec3::Zero();  ///< about body x (roll right), y (pitch up), z (yaw right)
    double thrust_share = 0;          ///< of full thrust, what the motors give now

    [[nodiscard]] double height_m() const { return -position_m.z(); }
};

/// What the flight mode asks of the aircraft for the coming step.
struct Demand {
    Vec3 rates_radps = Vec3::Zero();
    double throttle = 0; ///< 0…1
};

/// Share of full thrust that a throttle gives once the motors have caught up: (1−b)·u + b·u².
[[nodiscard]] double thrust_share_at(const Airframe& airframe, double throttle) noexcept;
/// The throttle for a share of full thrust, the inverse of thrust_share_at; clamped to 0…1.
[[nodiscard]] double throttle_for_share(const Airframe& airframe, double share) noexcept;
/// Throttle at which the thrust carries the weight in sea-level standard air.
[[nodiscard]] double hover_throttle(const Airframe& airframe) noexcept;

/// Speed of level flight at a lean: v = sqrt(2·m·g·tan(lean)/(ρ·CdA)). Leaves out the rotors' linear drag.
[[nodiscard]] double level_speed_mps(const Airframe& airframe, double lean_deg, double density_kgpm3) noexcept;

/// Time derivative of the state: thrust along body −z with first-order motor lag, quadratic drag on the whole aircraft,
/// linear drag in the rotor plane, both of the speed through the air, first-order rate loop with limited angular
/// acceleration.
struct StateRate {
    Vec3 velocity_mps;
    Vec3 acceleration_mps2;
    Eigen::Vector4d attitude_rate; ///< of the quaternion's coefficients x, y, z, w
    Vec3 angular_accel_radps2;
    double thrust_share_rate;
};
[[nodiscard]] StateRate derivative(const State& state, const Demand& demand, const Airframe& airframe,
                                   const Surroundings& around) noexcept;

/// One classical Runge–Kutta step of fourth order with demand and surroundings held, attitude renormalised after it.
[[nodiscard]] State advanced(const State& state, const Demand& demand, const Airframe& airframe, const Surroundings& around,
                             double dt_s) noexcept;

} // namespace bh
