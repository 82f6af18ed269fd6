#pragma once

#include "core/curves/rate_curve.h"
#include "core/flight/row_span.h"

#include <string_view>
#include <vector>

namespace bh {

/// The rates of one axis as a flight shows them.
struct FlownRates {
    RateCurve curve;
    std::vector<double> low, high; ///< 95 % intervals of the parameters, in the family's order
    double lag_s = 0;              ///< of the rate loop: how far the aircraft lies behind what is asked
    double rms_dps = 0;            ///< of the body rate against what the curve and the lag tell
    std::size_t rows = 0;          ///< that could be used
};

/// Finds what an aircraft's rates are set to from a flight in acro: stick against body rate of roll, pitch or yaw. The rate loop
/// is taken as a first-order lag, found together with the curve; outliers are resisted (Huber 1964); the intervals come from
/// leaving out one second after the other (jackknife; Tukey 1958) and Student's t. BadInput for another axis, family, or too
/// little to go by: under 300 rows in acro off the ground, or a stick that hardly moves.
[[nodiscard]] Result<FlownRates> rates_from_log(const FlightLog& log, StickAxis axis, std::string_view family);

} // namespace bh
