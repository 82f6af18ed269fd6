#pragma once

#include "core/flight/row_span.h"
#include "core/flight/world.h"

#include <vector>

namespace bh {

/// A gate flown through, and when.
struct Through {
    std::size_t gate;
    double t_s;
};

/// Every time the path goes through a gate's opening, in the gate's direction.
[[nodiscard]] std::vector<Through> gates_through(const FlightLog& log, RowSpan span, const std::vector<Gate>& gates);
/// Of all gates of all laps in their order, those that were left out.
[[nodiscard]] int gates_missed(const FlightLog& log, RowSpan span, const std::vector<Gate>& gates, int laps);
/// From the first gate to the first gate, each time.
[[nodiscard]] std::vector<double> lap_times_s(const FlightLog& log, RowSpan span, const std::vector<Gate>& gates);

} // namespace bh
