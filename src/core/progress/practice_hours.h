#pragma once

#include <optional>
#include <vector>

namespace bh {

/// How fast hours come in: the mean of some weeks, and where it lies with 95 % (Student's t over the weeks).
struct Pace {
    double weekly_hours = 0;
    double low = 0, high = 0; ///< not below nothing
};
/// `weeks`: hours of each, at least one. Of a single week the interval is the value itself.
[[nodiscard]] Pace pace_of(const std::vector<double>& weeks);

/// Weeks until a target is reached, (target - hours) / pace. Nothing where nothing is practised: never, at this pace.
struct WeeksLeft {
    std::optional<double> weeks, low, high; ///< high is nothing where the pace may be none at all
};
[[nodiscard]] WeeksLeft weeks_left(double target_h, double hours, const Pace& pace);

/// So many of the newest full weeks were each below what is wanted.
[[nodiscard]] int short_weeks(const std::vector<double>& weeks, double wanted_h);

} // namespace bh
