#pragma once

#include "core/curves/rate_curve.h"

namespace bh {

/// The curve of the same family with another rate at full stick, its slope at the centre kept where the family can; within the
/// family's widest ranges. A table stays as it is.
[[nodiscard]] RateCurve with_end(const RateCurve& curve, double end_dps);
/// The curve of the same family with another slope at the centred stick, its end kept where the family can.
[[nodiscard]] RateCurve with_centre(const RateCurve& curve, double centre_dps);

} // namespace bh
