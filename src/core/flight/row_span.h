#pragma once

#include "core/flight/flight_log.h"

#include <cstddef>
#include <cstdint>
#include <optional>
#include <string_view>
#include <vector>

namespace bh {

/// Rows first … last−1 of a log.
struct RowSpan {
    std::size_t first = 0;
    std::size_t last = 0;
    [[nodiscard]] std::size_t size() const { return last > first ? last - first : 0; }
};

/// Rows with from_s <= t < to_s.
[[nodiscard]] RowSpan rows_between(const FlightLog& log, double from_s, double to_s);

enum class StickAxis : std::uint8_t { Throttle, Yaw, Pitch, Roll };
[[nodiscard]] std::optional<StickAxis> stick_axis_from_key(std::string_view key);
[[nodiscard]] std::string_view stick_axis_key(StickAxis axis);
[[nodiscard]] const std::vector<double>& stick_column(const FlightLog& log, StickAxis axis);

/// A place where a column turns round.
struct TurningPoint {
    std::size_t row;
    double value;
};

/// Turning points of a column, more than `apart` from one to the next and after the last, high and low by turns, in row order. To
/// the first one it may have come by less: it began on the way there.
[[nodiscard]] std::vector<TurningPoint> turning_points(const std::vector<double>& column, RowSpan span, double apart);

} // namespace bh
