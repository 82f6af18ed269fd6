#pragma once

namespace bh {

struct Air {
    double temperature_k;
    double pressure_pa;
    double density_kgpm3;
};

/// International Standard Atmosphere at a geopotential height of −1,000 … 20,000 m (ISO 2533:1975): 288.15 K and
/// 101,325 Pa at sea level, −6.5 K/km up to 11 km, constant above. A warmer or colder day keeps the pressure and
/// shifts the temperature by `temperature_offset_k`.
[[nodiscard]] Air standard_air(double geopotential_height_m, double temperature_offset_k = 0) noexcept;

/// Geopotential from geometric height, ISO 2533: r·z/(r+z), r = 6,356,766 m.
[[nodiscard]] double geopotential_height_m(double geometric_height_m) noexcept;

} // namespace bh
