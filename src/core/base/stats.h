#pragma once

#include <vector>

namespace bh {

/// Arithmetic mean; NaN for an empty list.
double mean(const std::vector<double>& values);
/// Standard deviation with n−1; 0 for fewer than two values.
double sample_sd(const std::vector<double>& values);
/// Percentile (share 0…1) with linear interpolation between order statistics; NaN for an empty list.
double percentile(std::vector<double> values, double share);
double median(std::vector<double> values);
/// Student's t at 97.5 % for so many degrees of freedom, at least 1 (half of a 95 % interval, in standard errors). From the
/// normal deviate by its expansion in 1/n (Abramowitz and Stegun 26.7.5), below 3 exact.
double student_t_975(double degrees_of_freedom);
/// Least-squares slope of y over x; 0 where x does not vary. Lists of equal length.
double slope(const std::vector<double>& x, const std::vector<double>& y);

} // namespace bh
