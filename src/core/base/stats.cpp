#include "core/base/stats.h"

#include <algorithm>
#include <boost/math/distributions/students_t.hpp>
#include <cmath>
#include <limits>
#include <numeric>

namespace bh {

double mean(const std::vector<double>& values)
{
    if (values.empty()) return std::numeric_limits<double>::quiet_NaN();
    return std::accumulate(values.begin(), values.end(), 0.0) / static_cast<double>(values.size());
}

double sample_sd(const std::vector<double>& values)
{
    if (values.size() < 2) return 0;
    const double centre = mean(values);
    double sum = 0;
    for (double value : values) sum += (value - centre) * (value - centre);
    return std::sqrt(sum / static_cast<double>(values.size() - 1));
}

double percentile(std::vector<double> values, double share)
{
    if (values.empty()) return std::numeric_limits<double>::quiet_NaN();
    const double place = std::clamp(share, 0.0, 1.0) * static_cast<double>(values.size() - 1);
    const auto low = static_cast<std::size_t>(place);
    const auto nth = values.begin() + static_cast<std::ptrdiff_t>(low);
    std::nth_element(values.begin(), nth, values.end());
    const double below = *nth;
    if (low + 1 >= values.size()) return below;
    const double above = *std::min_element(nth + 1, values.end());
    return below + (place - static_cast<double>(low)) * (above - below);
}

double median(std::vector<double> values) { return percentile(std::move(values), 0.5); }

double slope(const std::vector<double>& x, const std::vector<double>& y)
{
    const double mean_x = mean(x);
    const double mean_y = mean(y);
    double sxy = 0;
    double sxx = 0;
    for (std::size_t i = 0; i < x.size(); ++i) {
        sxy += (x[i] - mean_x) * (y[i] - mean_y);
        sxx += (x[i] - mean_x) * (x[i] - mean_x);
    }
    return sxx > 0 ? sxy / sxx : 0;
}

std::vector<double> resampled_means(const std::vector<double>& values, SeededRandom& random)
{
    constexpr int resamples = 4000;
    const auto n = static_cast<double>(values.size());
    std::vector<double> means;
    means.reserve(resamples);
    for (int i = 0; i < resamples; ++i) {
        double sum = 0;
        for (std::size_t k = 0; k < values.size(); ++k)
            sum += values[std::min(values.size() - 1, static_cast<std::size_t>(random.uniform() * n))];
        means.push_back(sum / n);
    }
    return means;
}

DifferenceInterval bootstrap_difference(const std::vector<double>& from, const std::vector<double>& to, std::uint64_t seed)
{
    SeededRandom random(seed);
    const std::vector<double> before = resampled_means(from, random);
    std::vector<double> differences = resampled_means(to, random);
    for (std::size_t i = 0; i < differences.size(); ++i) differences[i] -= before[i];
    return {mean(to) - mean(from), percentile(differences, 0.025), percentile(differences, 0.975)};
}

SlopeInterval slope_interval(const std::vector<double>& x, const std::vector<double>& y)
{
    const double b = slope(x, y), mean_x = mean(x), mean_y = mean(y);
    double sxx = 0, squares = 0;
    for (std::size_t i = 0; i < x.size(); ++i) {
        sxx += (x[i] - mean_x) * (x[i] - mean_x);
        const double off = y[i] - mean_y - b * (x[i] - mean_x);
        squares += off * off;
    }
    constexpr double unbounded = std::numeric_limits<double>::infinity();
    if (x.size() < 3 || !(sxx > 0)) return {b, -unbounded, unbounded};
    const auto freedom = static_cast<double>(x.size() - 2);
    const double half = student_t_975(freedom) * std::sqrt(squares / freedom / sxx);
    return {b, b - half, b + half};
}

double student_t_975(double degrees_of_freedom)
{
    constexpr double upper = 0.975;
    return boost::math::quantile(boost::math::students_t(std::max(1.0, degrees_of_freedom)), upper);
}

} // namespace bh
