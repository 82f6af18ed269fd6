#include "core/curves/curve_handles.h"

#include <algorithm>

namespace bh {

RateCurve with_end(const RateCurve& curve, double wanted_dps)
{
    const double end_dps = std::clamp(wanted_dps, 0.0, rate_limit_dps);
    return std::visit(
        [&](const auto& c) -> RateCurve { return RateFamilyOf<std::remove_cvref_t<decltype(c)>>::with_end(c, end_dps); }, curve);
}

RateCurve with_centre(const RateCurve& curve, double wanted_dps)
{
    const double end_dps = rate_dps(curve, 1), centre_dps = std::clamp(wanted_dps, 0.0, end_dps);
    return std::visit(
        [&](const auto& c) -> RateCurve {
            return RateFamilyOf<std::remove_cvref_t<decltype(c)>>::with_centre(c, centre_dps, end_dps);
        },
        curve);
}

} // namespace bh
