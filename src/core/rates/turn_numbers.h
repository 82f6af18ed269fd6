#pragma once

#include "core/curves/rate_curve.h"
#include "core/flight/dynamics.h"

namespace bh {

/// What people say of a rate curve on an aircraft.
struct TurnNumbers {
    double max_dps = 0, centre_dps = 0, half_stick_dps = 0;
    double full_turn_s = 0;   ///< at full stick, from rest: with the rate loop's lag and the angular acceleration's limit
    double flip_height_m = 0; ///< lost in that time without power, ½·g·t² (common practice, a rough guide)
};

/// The turn takes 360/max, and what the start costs: the largest angular acceleration first, then the rate loop's lag.
[[nodiscard]] TurnNumbers turn_numbers(const RateCurve& curve, const Airframe& airframe);

/// Shares of the time that the size of a stick spends in even bins from 0 to 1.
[[nodiscard]] std::vector<double> stick_use(const std::vector<double>& stick, std::size_t bins);

} // namespace bh
