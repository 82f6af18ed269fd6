#pragma once

namespace bh {

/// What rotors do to the air and the air to them: momentum theory of an ideal rotor disc (Rankine and Froude; e.g.
/// Leishman, Principles of Helicopter Aerodynamics). Speeds in m/s, areas in m².

/// Area swept by all rotors together.
[[nodiscard]] double disc_area_m2(double rotor_diameter_m, int rotors) noexcept;

/// Induced velocity in hover, sqrt(T/(2·ρ·A)).
[[nodiscard]] double hover_induced_mps(double thrust_n, double density_kgpm3, double disc_area_m2) noexcept;

/// Induced velocity of axial flight at the thrust that hovers with `hover_mps`. Climbing (up positive): momentum theory;
/// sinking slower than twice the hover value, in the rotor's own wake, the curve fitted to measurements
/// 1 − 1.125·r − 1.372·r² − 1.718·r³ − 0.655·r⁴ of r = climb/hover (Leishman; coefficients from memory); faster, the windmill
/// branch of momentum theory.
[[nodiscard]] double axial_induced_mps(double hover_mps, double climb_mps) noexcept;

/// Induced velocity in forward flight with the disc tipped forward by `tilt_deg` against the airspeed, Glauert's
/// vi = vh²/sqrt((V·cos α)² + (V·sin α + vi)²), solved by bisection.
[[nodiscard]] double forward_induced_mps(double hover_mps, double airspeed_mps, double tilt_deg) noexcept;

/// How much more the rotor lifts at the same power with the ground below it: 1/(1 − (R/4z)²) (Cheeseman and Bennett,
/// 1955), z the rotor's height; capped at z = R/2, where the formula ends.
[[nodiscard]] double ground_effect_ratio(double rotor_radius_m, double rotor_height_m) noexcept;

/// How deep the rotor sits in its own wake, 0 in a climb and beyond the wake to about 1 at the worst sink: what the
/// measured induced velocity has beyond momentum theory's smooth curve, as a share of its greatest value; it fades as
/// the air comes from the side and is gone at a sideways speed of the hover value (house).
[[nodiscard]] double wake_depth(double hover_mps, double climb_mps, double sideways_mps) noexcept;

} // namespace bh
