#pragma once

#include "core/flight/dynamics.h"

namespace bh {

/// Steady level flight at a lean, solved from the flight's own equations: thrust, quadratic drag, and the rotors' drag in
/// their plane.
struct LevelFlight {
    double speed_mps = 0;
    double thrust_n = 0;
    double throttle = 0;  ///< 0…1; 1 when even full throttle does not carry it
    bool possible = true; ///< full throttle carries it
};
[[nodiscard]] LevelFlight level_flight(const Airframe& airframe, double lean_deg, double density_kgpm3);

/// What one per cent of throttle does to an aircraft that flies level at a lean: the vertical and the forward part of the
/// acceleration that it adds, m/s², once the motors have caught up.
struct Touchiness {
    double vertical_mps2 = 0;
    double forward_mps2 = 0;
};
[[nodiscard]] Touchiness touchiness(const Airframe& airframe, double lean_deg, double density_kgpm3);

/// What a camera tilt means: with the horizon in the middle of the picture the aircraft leans forward by the tilt.
struct TiltEffect {
    LevelFlight level; ///< with the horizon centred
    Touchiness at_hover, at_level;
};
[[nodiscard]] TiltEffect tilt_effect(const Airframe& airframe, double tilt_deg, double density_kgpm3);

/// How much faster or slower the motors turn at full throttle with propellers of another diameter. A propeller asks for a torque
/// of D⁵·n² (common text); a motor gives one that falls in a straight line to none at its no-load speed (textbook); with its own
/// propeller it turns at 78 % of that (house).
[[nodiscard]] double motor_speed_ratio(double propeller_ratio);

/// The airframe with smaller or larger propellers on the same motors (thrust goes with D⁴·n²; common text), and with a share of
/// its power (thrust goes with power to 2/3; momentum theory).
[[nodiscard]] Airframe detuned(Airframe airframe, double propeller_ratio, double power_share);

/// Seconds from the first stick to the last of a full flip or roll at a rate: the turn itself, the ramps up and down at
/// the greatest angular acceleration, and the rate loop's lag.
[[nodiscard]] double flip_s(const Airframe& airframe, double max_dps);

} // namespace bh
