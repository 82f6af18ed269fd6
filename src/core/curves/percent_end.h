#pragma once

#include "core/curves/rate_family.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <tuple>

namespace bh {

/// x' = (1 + 0.01·e·(x²−1))·x; w = r·x'·(1 + |x|·p·0.01). Formula common to open flight-control firmware, from memory.
struct PercentEndCurve {
    double rate_dps = 300;
    double end_percent = 0;  ///< p: by how much more at full stick
    double expo_percent = 0; ///< 0…100, e
    bool operator==(const PercentEndCurve&) const = default;
};

template <>
struct RateFamilyOf<PercentEndCurve> {
    static constexpr std::string_view key = "percent-end", name = label("slope and end in per cent");
    static constexpr std::array parameters{RateParameter{"rate_dps", label("slope"), "°/s", 0, rate_parameter_limit_dps, 1},
                                           RateParameter{"end_percent", label("end"), "%", 0, 300, 1, true},
                                           RateParameter{"expo_percent", label("bend"), "%", 0, 100, 1, true}};
    static constexpr std::size_t sizing = 1;
    static auto values(auto& c) { return std::tie(c.rate_dps, c.end_percent, c.expo_percent); }

    static double rate_dps(const PercentEndCurve& c, double x)
    {
        return c.rate_dps * (1 + 0.01 * c.expo_percent * (x * x - 1)) * x * (1 + std::abs(x) * c.end_percent * 0.01);
    }
    static double centre_slope_dps(const PercentEndCurve& c) { return c.rate_dps * (1 - 0.01 * c.expo_percent); }
    static PercentEndCurve with_end(PercentEndCurve c, double end_dps)
    {
        c.rate_dps = std::min(c.rate_dps, end_dps);
        c.end_percent = c.rate_dps > 0 ? std::clamp(100 * (end_dps / c.rate_dps - 1), 0.0, 300.0) : 0;
        return c;
    }
    static PercentEndCurve with_centre(PercentEndCurve c, double centre_dps, double end_dps)
    {
        if (c.expo_percent >= 100) return c;
        c.rate_dps = std::min(centre_dps / (1 - 0.01 * c.expo_percent), end_dps);
        return with_end(c, end_dps);
    }
};

} // namespace bh
