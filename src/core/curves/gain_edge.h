#pragma once

#include "core/curves/rate_family.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <tuple>

namespace bh {

/// What curves with a gain and an edge have in common: w = 200·(gain and bend)/clamp(1 − |x|·edge, 0.01, 1).
struct GainAndEdge {
    static constexpr double gain_dps = 200;
    static constexpr double most_gain = 2, most_edge = 0.99; ///< that a handle reaches for
    /// The end, 200·gain/(1 − edge), kept with this gain.
    static double edge_for(double gain, double end_dps)
    {
        return std::clamp(1 - gain_dps * gain / std::max(1.0, end_dps), 0.0, most_edge);
    }
    /// The gain no larger than the end allows, and the edge that makes the end.
    template <class Curve>
    static Curve ending_at(Curve c, double gain, double end_dps)
    {
        c.gain = std::min({gain, end_dps / gain_dps, most_gain});
        c.edge = edge_for(c.gain, end_dps);
        return c;
    }
};

/// x' = x·|x|³·e + x·(1−e); a gain over 2 counts as g + 14.54·(g−2); w = 200·g·x'/clamp(1 − |x|·s, 0.01, 1). Formula common
/// to open flight-control firmware, from memory.
struct GainEdgeCurve {
    double gain = 1;
    double edge = 0.5; ///< 0…1, s: how much the rate grows towards the stick's edge
    double expo = 0;   ///< 0…1, e
    bool operator==(const GainEdgeCurve&) const = default;
};

template <>
struct RateFamilyOf<GainEdgeCurve> {
    static constexpr std::string_view key = "gain-edge", name = label("gain and edge");
    static constexpr std::array parameters{RateParameter{"gain", label("gain"), "", 0, 10, 0.01},
                                           RateParameter{"edge", label("edge"), "", 0, 1, 0.01},
                                           RateParameter{"expo", label("bend"), "", 0, 1, 0.01, true}};
    static constexpr std::size_t sizing = 1;
    static auto values(auto& c) { return std::tie(c.gain, c.edge, c.expo); }

    static double boosted(double gain) { return gain > 2 ? gain + 14.54 * (gain - 2) : gain; }
    static double rate_dps(const GainEdgeCurve& c, double x)
    {
        const double size = std::abs(x), bent = x * size * size * size * c.expo + x * (1 - c.expo);
        return GainAndEdge::gain_dps * boosted(c.gain) * bent / std::clamp(1 - size * c.edge, 0.01, 1.0);
    }
    static double centre_slope_dps(const GainEdgeCurve& c) { return GainAndEdge::gain_dps * boosted(c.gain) * (1 - c.expo); }
    static GainEdgeCurve with_end(GainEdgeCurve c, double end_dps) { return GainAndEdge::ending_at(c, c.gain, end_dps); }
    static GainEdgeCurve with_centre(GainEdgeCurve c, double centre_dps, double end_dps)
    {
        if (c.expo >= 1) return c; // flat at the centre whatever the gain
        return GainAndEdge::ending_at(c, centre_dps / (GainAndEdge::gain_dps * (1 - c.expo)), end_dps);
    }
};

} // namespace bh
