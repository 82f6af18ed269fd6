#pragma once

#include "core/curves/rate_family.h"

#include <algorithm>
#include <array>
#include <tuple>

namespace bh {

/// w = m·((1−e)·x + e·x³).
struct LinearExpoCurve {
    double max_dps = 350;
    double expo = 0; ///< 0…1
    bool operator==(const LinearExpoCurve&) const = default;
};

template <>
struct RateFamilyOf<LinearExpoCurve> {
    static constexpr std::string_view key = "linear-expo", name = label("full stick and bend");
    static constexpr std::array parameters{
        RateParameter{"max_dps", label("full-stick rate"), "°/s", 0, rate_parameter_limit_dps, 1},
        RateParameter{"expo", label("bend"), "", 0, 1, 0.01, true}};
    static constexpr std::size_t sizing = 1;
    static auto values(auto& c) { return std::tie(c.max_dps, c.expo); }

    static double rate_dps(const LinearExpoCurve& c, double x) { return c.max_dps * ((1 - c.expo) * x + c.expo * x * x * x); }
    static double centre_slope_dps(const LinearExpoCurve& c) { return c.max_dps * (1 - c.expo); }
    static LinearExpoCurve with_end(LinearExpoCurve c, double end_dps)
    {
        const double centre_dps = centre_slope_dps(c);
        c.max_dps = end_dps;
        if (end_dps > 0) c.expo = std::clamp(1 - centre_dps / end_dps, 0.0, 1.0);
        return c;
    }
    static LinearExpoCurve with_centre(LinearExpoCurve c, double centre_dps, double)
    {
        if (c.max_dps > 0) c.expo = std::clamp(1 - centre_dps / c.max_dps, 0.0, 1.0);
        return c;
    }
};

} // namespace bh
