#pragma once

#include "core/flight/row_span.h"

#include <optional>
#include <vector>

namespace bh {

/// A stretch in which a stick goes to and fro and the aircraft follows: over-control.
struct Rocking {
    StickAxis axis = StickAxis::Roll;
    double start_s = 0, end_s = 0;
    double frequency_hz = 0; ///< from the turning points
    double amplitude = 0;    ///< of the stick, half of peak to peak, mean
    bool slow = false;       ///< under 0.7 Hz: the aircraft wallows
};

/// Turning points of a stick in a row, each more than 12 % of its travel from the one before and the one after and 0.12 to 1.25 s
/// from its neighbours, while the aircraft follows: its matching body rate swings by at least 8 °/s at that frequency, whatever
/// its phase (for the throttle: its vertical acceleration by 0.5 m/s²). Quick where the middle one of those times is 0.72 s at
/// most, of throttle and yaw each of them: four points are enough. Slow otherwise: roll or pitch, five points, the bank or pitch
/// swinging by 10° with it, and not where each swing turns the nose by over 20° at over 3 m/s, as in linked turns. Runs with less
/// than a cycle between them are one. From the first turning point to the last, a quarter cycle added at each end. In time order,
/// axis by axis. Where a log has neither positions nor body rates, as of sticks that were recorded by themselves, roll, pitch and
/// yaw are told of by the stick alone, and only quick ones. Limits house.
[[nodiscard]] std::vector<Rocking> find_rocking(const FlightLog& log, RowSpan span);
[[nodiscard]] std::vector<Rocking> find_rocking(const FlightLog& log, RowSpan span, StickAxis axis);

/// When a span rocked, with any of the axes (one, when given): in order, without overlaps.
struct RockedTime {
    double from_s = 0, to_s = 0;
};
[[nodiscard]] std::vector<RockedTime> rocked_times(const FlightLog& log, RowSpan span, std::optional<StickAxis> axis);
/// How much of the time from one moment to another is in them, s.
[[nodiscard]] double overlap_s(const std::vector<RockedTime>& rocked, double from_s, double to_s);

/// Share of a span's time in rocking of any of the axes (one, when given).
[[nodiscard]] double rocking_share(const FlightLog& log, RowSpan span, std::optional<StickAxis> axis);

} // namespace bh
