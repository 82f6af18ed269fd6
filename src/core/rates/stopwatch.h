#pragma once

#include "core/curves/rate_curve.h"

#include <string_view>

#include <vector>

namespace bh {

/// A rate with its standard error.
struct TimedRate {
    double rate_dps = 0;
    double standard_error_dps = 0;
};

/// Turns counted at a held stick: 360·turns/seconds, with the error that timing by hand makes (standard deviation of the whole
/// timing; 0.1 s is house). First-order error propagation. OutOfRange for what cannot be.
[[nodiscard]] Result<TimedRate> timed_rate(double turns, double seconds, double timing_sigma_s = 0.1);
/// From several timings of the same number of turns: their mean, with the error that their spread tells. At least two.
[[nodiscard]] Result<TimedRate> timed_rate(double turns, const std::vector<double>& seconds);
/// The fewest whole turns that give a relative error no larger than wanted, at about this rate.
[[nodiscard]] Result<int> turns_needed(double rate_dps, double relative_error, double timing_sigma_s = 0.1);

/// A rate timed at a held stick.
struct TimedStick {
    double stick = 1; ///< its size, above 0 to 1
    TimedRate rate;
};

/// Rates of one axis as a stopwatch tells them.
struct TimedRates {
    RateCurve curve;
    std::vector<double> low, high; ///< 95 % intervals of the parameters, in the family's order; the same where one was assumed
    std::vector<bool> assumed;     ///< left at 0: so few positions say nothing about it
};

/// The curve of a family through rates timed at two or more stick positions: least squares weighted by the timings' errors,
/// intervals from their first-order propagation. With fewer positions than parameters the last ones are left at 0. BadInput for
/// a family that is not known, fewer than two positions, the same position twice, a standard error that is not above 0.
[[nodiscard]] Result<TimedRates> rates_from_timings(const std::vector<TimedStick>& timings, std::string_view family);

} // namespace bh
