#pragma once

#include "core/flight/row_span.h"

namespace bh {

/// A stretch in which a stick goes to and fro and the aircraft follows: over-control.
struct Rocking {
    StickAxis axis = StickAxis::Roll;
    double start_s = 0, end_s = 0;
    double frequency_hz = 0; ///< from the turning points
    double amplitude = 0;    ///< of the stick, half of peak to peak, mean
};

/// In windows of 2 s, each 0.25 s on: at least four alternating turning points of a stick more than 12 % of its travel
/// apart, at 0.7 to 4 Hz, while the aircraft's matching body rate (for the throttle: its climb) goes along. Windows that
/// meet are one stretch. In time order, axis by axis. Limits house.
[[nodiscard]] std::vector<Rocking> find_rocking(const FlightLog& log, RowSpan span);
[[nodiscard]] std::vector<Rocking> find_rocking(const FlightLog& log, RowSpan span, StickAxis axis);

/// Share of a span's time in rocking of any of the axes (one, when given).
[[nodiscard]] double rocking_share(const FlightLog& log, RowSpan span, std::optional<StickAxis> axis);

} // namespace bh
