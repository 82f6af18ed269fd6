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
/// Least-squares slope of y over x; 0 where x does not vary. Lists of equal length.
double slope(const std::vector<double>& x, const std::vector<double>& y);

} // namespace bh
