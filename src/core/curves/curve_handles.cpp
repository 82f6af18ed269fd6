#include "core/curves/curve_handles.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

template <class... Ts>
struct Overloaded : Ts... {
    using Ts::operator()...;
};

double within(double value) { return std::clamp(value, 0.0, rate_limit_dps); }

// The gains count 200 °/s each, up to 2; beyond that they count more, which no handle reaches for.
constexpr double gain_dps = 200, most_gain = 2, most_super = 0.99;

/// How much of the end a super leaves to the gain: end = 200·gain/(1 − super).
double super_for(double gain, double end_dps)
{
    return std::clamp(1 - gain_dps * gain / std::max(1.0, end_dps), 0.0, most_super);
}

} // namespace

RateCurve with_end(const RateCurve& curve, double wanted_dps)
{
    const double end_dps = within(wanted_dps);
    return std::visit(Overloaded{[&](CentreMaxCurve c) -> RateCurve {
                                     c.max_dps = std::max(end_dps, c.centre_dps);
                                     return c;
                                 },
                                 [&](LinearExpoCurve c) -> RateCurve {
                                     const double centre_dps = centre_slope_dps(c);
                                     c.max_dps = end_dps;
                                     if (end_dps > 0) c.expo = std::clamp(1 - centre_dps / end_dps, 0.0, 1.0);
                                     return c;
                                 },
                                 [&](GainSuperCurve c) -> RateCurve {
                                     c.gain = std::min({c.gain, end_dps / gain_dps, most_gain});
                                     c.super = super_for(c.gain, end_dps);
                                     return c;
                                 },
                                 [&](GainCurveCurve c) -> RateCurve {
                                     c.gain = std::min({c.gain, end_dps / gain_dps, most_gain});
                                     c.super = super_for(c.gain, end_dps);
                                     return c;
                                 },
                                 [&](PercentPlusCurve c) -> RateCurve {
                                     c.rate_dps = std::min(c.rate_dps, end_dps);
                                     c.plus_percent =
                                         c.rate_dps > 0 ? std::clamp(100 * (end_dps / c.rate_dps - 1), 0.0, 300.0) : 0;
                                     return c;
                                 },
                                 [](TableCurve c) -> RateCurve { return c; }},
                      curve);
}

RateCurve with_centre(const RateCurve& curve, double wanted_dps)
{
    const double end_dps = rate_dps(curve, 1), centre_dps = std::clamp(wanted_dps, 0.0, end_dps);
    return std::visit(Overloaded{[&](CentreMaxCurve c) -> RateCurve {
                                     c.centre_dps = std::min(centre_dps, c.max_dps);
                                     return c;
                                 },
                                 [&](LinearExpoCurve c) -> RateCurve {
                                     if (c.max_dps > 0) c.expo = std::clamp(1 - centre_dps / c.max_dps, 0.0, 1.0);
                                     return c;
                                 },
                                 [&](GainSuperCurve c) -> RateCurve {
                                     if (c.expo >= 1) return c; // flat at the centre whatever the gain
                                     c.gain = std::min({centre_dps / (gain_dps * (1 - c.expo)), end_dps / gain_dps, most_gain});
                                     c.super = super_for(c.gain, end_dps);
                                     return c;
                                 },
                                 [&](GainCurveCurve c) -> RateCurve {
                                     if (c.curve >= 1) return c;
                                     c.gain = std::min({centre_dps / (gain_dps * (1 - c.curve)), end_dps / gain_dps, most_gain});
                                     c.super = super_for(c.gain, end_dps);
                                     return c;
                                 },
                                 [&](PercentPlusCurve c) -> RateCurve {
                                     if (c.expo_percent >= 100) return c;
                                     c.rate_dps = std::min(centre_dps / (1 - 0.01 * c.expo_percent), end_dps);
                                     c.plus_percent =
                                         c.rate_dps > 0 ? std::clamp(100 * (end_dps / c.rate_dps - 1), 0.0, 300.0) : 0;
                                     return c;
                                 },
                                 [](TableCurve c) -> RateCurve { return c; }},
                      curve);
}

} // namespace bh
