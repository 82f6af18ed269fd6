#pragma once

#include "core/result.h"

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

} // namespace bh
