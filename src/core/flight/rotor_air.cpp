#include "core/flight/rotor_air.h"

#include "core/flight/geometry.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace bh {
namespace {

/// Induced velocity over the hover value in the rotor's own wake, r = climb/hover of −2…0.
double in_wake(double r) { return 1 + r * (-1.125 + r * (-1.372 + r * (-1.718 + r * -0.655))); }

/// The same by momentum theory's climb branch, which knows no wake.
double smooth(double r) { return -r / 2 + std::sqrt(r * r / 4 + 1); }

} // namespace

double disc_area_m2(double rotor_diameter_m, int rotors) noexcept
{
    return rotors * std::numbers::pi * rotor_diameter_m * rotor_diameter_m / 4;
}

double hover_induced_mps(double thrust_n, double density_kgpm3, double disc_area_m2) noexcept
{
    return std::sqrt(std::max(0.0, thrust_n) / (2 * density_kgpm3 * disc_area_m2));
}

double axial_induced_mps(double hover_mps, double climb_mps) noexcept
{
    if (hover_mps <= 0) return 0;
    const double r = climb_mps / hover_mps;
    if (r >= 0) return hover_mps * smooth(r);
    if (r >= -2) return hover_mps * in_wake(r);
    return hover_mps * (-r / 2 - std::sqrt(r * r / 4 - 1));
}

double forward_induced_mps(double hover_mps, double airspeed_mps, double tilt_deg) noexcept
{
    const double along = airspeed_mps * std::cos(radians(tilt_deg)), through = airspeed_mps * std::sin(radians(tilt_deg));
    double low = 0, high = hover_mps + std::abs(airspeed_mps);
    for (int i = 0; i < 60; ++i) { // vi − vh²/… rises with vi
        const double vi = (low + high) / 2;
        const double flow = std::hypot(along, through + vi);
        (vi * flow < hover_mps * hover_mps ? low : high) = vi;
    }
    return (low + high) / 2;
}

double ground_effect_ratio(double rotor_radius_m, double rotor_height_m) noexcept
{
    const double share = rotor_radius_m / (4 * std::max(rotor_height_m, rotor_radius_m / 2));
    return 1 / (1 - share * share);
}

double wake_depth(double hover_mps, double climb_mps, double sideways_mps) noexcept
{
    if (hover_mps <= 0) return 0;
    const double r = climb_mps / hover_mps;
    if (r >= 0 || r <= -2) return 0;
    constexpr double greatest = 0.2189; // of in_wake − smooth, at r = −1.183
    const double beyond = std::max(0.0, in_wake(r) - smooth(r)) / greatest;
    return std::min(1.0, beyond) * std::max(0.0, 1 - std::abs(sideways_mps) / hover_mps);
}

} // namespace bh
