#pragma once

#include "core/flight/row_span.h"

#include <optional>
#include <vector>

namespace bh {

/// Mean distance over ground of the passes of each flag; nothing where none was passed. A pass begins when the aircraft comes
/// nearer than all it was before and ends when it has gone 3 m farther off again.
[[nodiscard]] std::optional<double> flag_distance_m(const FlightLog& log, RowSpan span, const std::vector<Vec2>& flags_m);

/// The closest that a span comes to any of the flags; nothing without flags or rows.
[[nodiscard]] std::optional<double> nearest_flag_m(const FlightLog& log, RowSpan span, const std::vector<Vec2>& flags_m);

} // namespace bh
