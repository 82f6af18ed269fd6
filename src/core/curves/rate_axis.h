#pragma once

#include "core/curves/rate_curve.h"

#include <array>
#include <cstddef>

namespace bh {

/// The axes of a rate profile in the order in which they are shown.
enum class RateAxis : std::uint8_t { Roll, Pitch, Yaw };
inline constexpr std::array rate_axes{RateAxis::Roll, RateAxis::Pitch, RateAxis::Yaw};

[[nodiscard]] inline RateCurve& curve_of(RateProfile& p, RateAxis axis)
{
    return axis == RateAxis::Roll ? p.roll : axis == RateAxis::Pitch ? p.pitch : p.yaw;
}
[[nodiscard]] inline const RateCurve& curve_of(const RateProfile& p, RateAxis axis)
{
    return axis == RateAxis::Roll ? p.roll : axis == RateAxis::Pitch ? p.pitch : p.yaw;
}

} // namespace bh
