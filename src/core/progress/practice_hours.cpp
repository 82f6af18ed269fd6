#include "core/progress/practice_hours.h"

#include "core/base/stats.h"

#include <algorithm>
#include <cmath>

namespace bh {

Pace pace_of(const std::vector<double>& weeks)
{
    if (weeks.empty()) return {};
    Pace pace;
    pace.weekly_hours = mean(weeks);
    const auto n = static_cast<double>(weeks.size());
    const double reach = n > 1 ? student_t_975(n - 1) * sample_sd(weeks) / std::sqrt(n) : 0;
    pace.low = std::max(0.0, pace.weekly_hours - reach);
    pace.high = pace.weekly_hours + reach;
    return pace;
}

WeeksLeft weeks_left(double target_h, double hours, const Pace& pace)
{
    const double left_h = std::max(0.0, target_h - hours);
    const auto at = [left_h](double weekly) { return weekly > 0 ? std::optional(left_h / weekly) : std::nullopt; };
    if (left_h == 0) return {0.0, 0.0, 0.0};
    return {at(pace.weekly_hours), at(pace.high), at(pace.low)};
}

int short_weeks(const std::vector<double>& weeks, double wanted_h)
{
    int count = 0;
    for (auto week = weeks.rbegin(); week != weeks.rend() && *week < wanted_h; ++week) ++count;
    return count;
}

} // namespace bh
