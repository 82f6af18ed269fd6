#pragma once

#include "core/curves/rate_family.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <tuple>

namespace bh {

/// w = x·c + max(0, m−c)·|x|·(x⁵·e + x·(1−e)). Formula common to open flight-control firmware, from memory.
struct CentreMaxCurve {
    double centre_dps = 150; ///< slope at the centre, deg/s per unit stick
    double max_dps = 350;    ///< rate at full stick
    double expo = 0;         ///< 0…1, how late the curve bends from one to the other
    bool operator==(const CentreMaxCurve&) const = default;
};

template <>
struct RateFamilyOf<CentreMaxCurve> {
    static constexpr std::string_view key = "centre-max", name = label("slope and full stick");
    static constexpr std::array parameters{
        RateParameter{"centre_dps", label("centre slope"), "°/s", 0, rate_parameter_limit_dps, 1},
        RateParameter{"max_dps", label("full-stick rate"), "°/s", 0, rate_parameter_limit_dps, 1},
        RateParameter{"expo", label("bend"), "", 0, 1, 0.01, true}};
    static constexpr std::size_t sizing = 2;
    static auto values(auto& c) { return std::tie(c.centre_dps, c.max_dps, c.expo); }

    static double rate_dps(const CentreMaxCurve& c, double x)
    {
        const double x2 = x * x;
        return x * c.centre_dps +
               std::max(0.0, c.max_dps - c.centre_dps) * std::abs(x) * (x2 * x2 * x * c.expo + x * (1 - c.expo));
    }
    static double centre_slope_dps(const CentreMaxCurve& c) { return c.centre_dps; }
    static CentreMaxCurve with_end(CentreMaxCurve c, double end_dps)
    {
        c.max_dps = std::max(end_dps, c.centre_dps);
        return c;
    }
    static CentreMaxCurve with_centre(CentreMaxCurve c, double centre_dps, double)
    {
        c.centre_dps = std::min(centre_dps, c.max_dps);
        return c;
    }
};

} // namespace bh
