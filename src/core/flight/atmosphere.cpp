#include "core/flight/atmosphere.h"

#include "core/flight/geometry.h"

#include <cmath>

namespace bh {

Air standard_air(double height_m, double temperature_offset_k) noexcept
{
    constexpr double gas_constant = 287.05287; // J/(kg K)
    constexpr double lapse_kpm = -0.0065;
    constexpr double tropopause_m = 11000;
    const double layer_m = std::fmin(height_m, tropopause_m);
    Air air{};
    air.temperature_k = 288.15 + lapse_kpm * layer_m;
    air.pressure_pa = 101325.0 * std::pow(air.temperature_k / 288.15, -gravity_mps2 / (lapse_kpm * gas_constant));
    if (height_m > tropopause_m)
        air.pressure_pa *= std::exp(-gravity_mps2 * (height_m - tropopause_m) / (gas_constant * air.temperature_k));
    air.temperature_k += temperature_offset_k;
    air.density_kgpm3 = air.pressure_pa / (gas_constant * air.temperature_k);
    return air;
}

double geopotential_height_m(double z_m) noexcept
{
    constexpr double earth_radius_m = 6356766;
    return earth_radius_m * z_m / (earth_radius_m + z_m);
}

} // namespace bh
