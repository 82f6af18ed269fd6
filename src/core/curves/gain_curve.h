#pragma once

#include "core/curves/gain_edge.h"

namespace bh {

/// w = 200·g·(x³·k + x·(1−k))/clamp(1 − |x|·s, 0.01, 1). Formula common to open flight-control firmware, from memory.
struct GainCurveCurve {
    double gain = 1;
    double edge = 0.5; ///< 0…1, s
    double curve = 0;  ///< 0…1, k
    bool operator==(const GainCurveCurve&) const = default;
};

template <>
struct RateFamilyOf<GainCurveCurve> {
    static constexpr std::string_view key = "gain-curve", name = label("gain, edge and late bend");
    static constexpr std::array parameters{RateParameter{"gain", label("gain"), "", 0, 10, 0.01},
                                           RateParameter{"edge", label("edge"), "", 0, 1, 0.01},
                                           RateParameter{"curve", label("bend"), "", 0, 1, 0.01, true}};
    static constexpr std::size_t sizing = 1;
    static auto values(auto& c) { return std::tie(c.gain, c.edge, c.curve); }

    static double rate_dps(const GainCurveCurve& c, double x)
    {
        return GainAndEdge::gain_dps * c.gain * (x * x * x * c.curve + x * (1 - c.curve)) /
               std::clamp(1 - std::abs(x) * c.edge, 0.01, 1.0);
    }
    static double centre_slope_dps(const GainCurveCurve& c) { return GainAndEdge::gain_dps * c.gain * (1 - c.curve); }
    static GainCurveCurve with_end(GainCurveCurve c, double end_dps) { return GainAndEdge::ending_at(c, c.gain, end_dps); }
    static GainCurveCurve with_centre(GainCurveCurve c, double centre_dps, double end_dps)
    {
        if (c.curve >= 1) return c;
        return GainAndEdge::ending_at(c, centre_dps / (GainAndEdge::gain_dps * (1 - c.curve)), end_dps);
    }
};

} // namespace bh
