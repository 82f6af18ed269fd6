#include "core/path/flags.h"

#include <algorithm>

namespace bh {

std::optional<double> flag_distance_m(const FlightLog& log, RowSpan span, const std::vector<Vec2>& flags_m)
{
    constexpr double away_m = 3;
    double sum = 0, passes = 0;
    for (const Vec2& flag : flags_m) {
        double nearest = 1e300, farthest = -1;
        bool coming = true; // nearer and nearer, since the farthest point
        for (std::size_t i = span.first; i < span.last; ++i) {
            const double d = (Vec2(log.north_m[i], log.east_m[i]) - flag).norm(); // no overflow to fear: quicker than hypot
            if (coming) {
                nearest = std::min(nearest, d);
                if (d > nearest + away_m) sum += nearest, ++passes, coming = false, farthest = d;
            } else {
                farthest = std::max(farthest, d);
                if (d < farthest - away_m) coming = true, nearest = d;
            }
        }
    }
    return passes > 0 ? std::optional(sum / passes) : std::nullopt;
}

std::optional<double> nearest_flag_m(const FlightLog& log, RowSpan span, const std::vector<Vec2>& flags_m)
{
    std::optional<double> nearest;
    for (const Vec2& flag : flags_m)
        for (std::size_t i = span.first; i < span.last; ++i) {
            const double away_m = (Vec2(log.north_m[i], log.east_m[i]) - flag).norm();
            nearest = std::min(nearest.value_or(away_m), away_m);
        }
    return nearest;
}

} // namespace bh
