#pragma once

#include "core/base/random.h"

#include <cstdint>
#include <vector>

namespace bh {

/// Arithmetic mean; NaN for an empty list.
double mean(const std::vector<double>& values);
/// Standard deviation with n−1; 0 for fewer than two values.
double sample_sd(const std::vector<double>& values);
/// Percentile (share 0…1) with linear interpolation between order statistics; NaN for an empty list.
double percentile(std::vector<double> values, double share);
double median(std::vector<double> values);
/// Student's t at 97.5 % for so many degrees of freedom, at least 1 (half of a 95 % interval, in standard errors). By
/// Boost.Math.
double student_t_975(double degrees_of_freedom);
/// Means of 4,000 lists drawn with replacement (Efron 1979).
std::vector<double> resampled_means(const std::vector<double>& values, SeededRandom& random);
/// Mean of `to` minus mean of `from`, and where it lies with 95 %: percentile bootstrap of both lists by
/// themselves, seeded. Both must have at least one value.
struct DifferenceInterval {
    double difference = 0, low = 0, high = 0;
};
DifferenceInterval bootstrap_difference(const std::vector<double>& from, const std::vector<double>& to, std::uint64_t seed = 1);
/// Slope of a straight line by least squares, and where it lies with 95 % (Student's t); the interval is infinite for fewer than
/// three points or where x does not vary.
struct SlopeInterval {
    double slope = 0, low = 0, high = 0;
};
SlopeInterval slope_interval(const std::vector<double>& x, const std::vector<double>& y);
/// Least-squares slope of y over x; 0 where x does not vary. Lists of equal length.
double slope(const std::vector<double>& x, const std::vector<double>& y);

} // namespace bh
