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

/// Four or more turning points of a stick in a row, each more than 12 % of its travel from the one before and the one after and
/// 0.12 to 0.72 s from its neighbours (4 to 0.7 Hz), while the aircraft follows: its matching body rate swings by at least 8 °/s
/// at that frequency, whatever its phase (for the throttle: its vertical acceleration by 0.5 m/s²). Runs with less than a cycle
/// between them are one. From the first turning point to the last, a quarter cycle added at each end. In time order, axis by
/// axis. Where a log has neither positions nor body rates, as of sticks that were recorded by themselves, roll, pitch and yaw are
/// told of by the stick alone. Limits house.
[[nodiscard]] std::vector<Rocking> find_rocking(const FlightLog& log, RowSpan span);
[[nodiscard]] std::vector<Rocking> find_rocking(const FlightLog& log, RowSpan span, StickAxis axis);

/// Share of a span's time in rocking of any of the axes (one, when given).
[[nodiscard]] double rocking_share(const FlightLog& log, RowSpan span, std::optional<StickAxis> axis);

} // namespace bh
