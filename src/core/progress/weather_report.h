#pragma once

#include "core/base/result.h"

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace bh {

/// What a day's weather is said to be; nothing where it was not said.
struct Weather {
    std::optional<double> wind_mps, wind_from_deg, gust_mps;
    std::optional<double> visibility_m; ///< 10,000 stands for that and more
    std::optional<double> temperature_c, pressure_hpa;
    bool thunder = false, wet = false, fog = false;
    bool operator==(const Weather&) const = default;
};

/// A METAR or TAF line as it is pasted in (FM 15 and FM 51 of WMO-No. 306; ICAO Annex 3, appendices 3 and 5): with or without the
/// word in front, wind in knots, metres a second or km/h, visibility in metres or statute miles, pressure in hPa or inches. Of a
/// forecast the worst of all its parts is taken. What is not understood is kept in `passed_over`.
struct WeatherReport {
    std::string station;
    int day = 0, hour = 0, minute = 0; ///< of the report, UTC
    bool forecast = false;
    Weather weather;
    std::vector<std::string> passed_over;
};
/// BadInput where it has neither a place with a time nor a wind.
[[nodiscard]] Result<WeatherReport> parse_weather_report(std::string_view line);

/// Density of moist-free air at a pressure reduced to sea level, a field's height and a temperature: the pressure falls as in
/// the standard atmosphere (ISO 2533), rho = p/(R T), R = 287.053 J/(kg K).
[[nodiscard]] double air_density_kgpm3(double sea_level_pressure_hpa, double field_m, double temperature_c);

} // namespace bh
