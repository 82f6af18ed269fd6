#include "core/flight/row_span.h"

#include "core/base/message.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace bh {
namespace {
constexpr std::array<std::string_view, 4> axis_keys{label("throttle"), label("yaw"), label("pitch"), label("roll")};
}

RowSpan rows_between(const FlightLog& log, double from_s, double to_s)
{
    const auto row = [&log](double t) {
        return static_cast<std::size_t>(std::lower_bound(log.t_s.begin(), log.t_s.end(), t) - log.t_s.begin());
    };
    return {row(from_s), row(to_s)};
}

std::optional<StickAxis> stick_axis_from_key(std::string_view key)
{
    const auto found = std::find(axis_keys.begin(), axis_keys.end(), key);
    if (found == axis_keys.end()) return std::nullopt;
    return static_cast<StickAxis>(found - axis_keys.begin());
}

std::string_view stick_axis_key(StickAxis axis) { return axis_keys[static_cast<std::size_t>(axis)]; }

const std::vector<double>& stick_column(const FlightLog& log, StickAxis axis)
{
    switch (axis) {
    case StickAxis::Yaw: return log.stick_yaw;
    case StickAxis::Pitch: return log.stick_pitch;
    case StickAxis::Roll: return log.stick_roll;
    case StickAxis::Throttle: break;
    }
    return log.throttle;
}

std::vector<TurningPoint> turning_points(const std::vector<double>& column, RowSpan span, double apart)
{
    std::vector<TurningPoint> points;
    if (span.size() == 0) return points;
    int direction = 0;
    TurningPoint lowest{span.first, column[span.first]}, highest = lowest, extreme = lowest;
    for (std::size_t i = span.first; i < span.last; ++i) {
        const double value = column[i];
        if (direction == 0) {
            // From where the stick stood first, it may swing evenly to both sides by less than `apart` each: the first direction
            // is that in which it has left its lowest or its highest value.
            if (value < lowest.value) lowest = {i, value};
            if (value > highest.value) highest = {i, value};
            const bool up = value - lowest.value > apart, down = highest.value - value > apart;
            if (!up && !down) continue;
            direction = up ? 1 : -1, extreme = {i, value};
            const TurningPoint& left = up ? lowest : highest;
            if (left.row > span.first) points.push_back(left);
        } else if ((value - extreme.value) * direction >= 0) {
            extreme = {i, value};
        } else if ((extreme.value - value) * direction > apart) {
            points.push_back(extreme);
            direction = -direction;
            extreme = {i, value};
        }
    }
    return points;
}

} // namespace bh
